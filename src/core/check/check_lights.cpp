// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_rows.h"

#include "model/anchored_time.h"
#include "model/pin_edits.h"
#include "model/rig_edits.h"

#include <fmt/core.h>
#include <set>

namespace pulsepin {
namespace {

// -- several lights of a lane on one lamp

void find_two_lights(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    const auto rate = project.settings->frame_rate;
    for (const auto& lane : project.lanes) {
        std::set<PinId> told;
        for (const auto& span : material.schedule().spans(lane->id).lights.all) {
            if (!span.conflict || !told.insert(span.pin).second)
                continue;
            Finding one = finding_at(two_lights_check, *lane, span.pin, rate.start_of(span.start));
            one.until = rate.start_of(span.end);
            one.about = project.rig->fixtures[span.fixture].name;
            one.how_much = one.about;
            one.why = fmt::format("another light of \"{}\" lights it meanwhile", lane->name);
            found.push_back(std::move(one));
        }
    }
}

Result<Mended> mute_light(const MendRequest& request) {
    const PinId pins[] = {request.finding.pin};
    return Mended{with_pins_muted(request.project(), pins, true), "mutes this light"};
}

constexpr Mend two_lights_mends[] = {{"mute", "Mute this light", mute_light}};

// -- more lights than a lane can have

void find_unlit(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    for (const auto& lane : project.lanes) {
        const auto from = material.schedule().spans(lane->id).lights.unlit_from;
        if (!from)
            continue;
        const auto time = anchored_time(project.pin(*from)->anchor, project);
        Finding one = finding_at(unlit_check, *lane, *from, time.value_or(Seconds(0)));
        one.about = lane->name;
        one.how_much = "1 000 000";
        one.why = fmt::format(
            "\"{}\" lights its lamps more than a million times: from here on they stay dark", lane->name);
        found.push_back(std::move(one));
    }
}

// -- lamps that are lit, and listen to no channel

void find_unpatched(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    const auto rate = project.settings->frame_rate;
    std::set<std::size_t> told;
    for (const auto& lane : project.lanes)
        for (const auto& span : material.schedule().spans(lane->id).lights.all) {
            const auto& lamp = project.rig->fixtures[span.fixture];
            if (span.muted || (lamp.universe > 0 && lamp.first_channel > 0) ||
                !told.insert(span.fixture).second)
                continue;
            Finding one = finding_at(unpatched_check, *lane, span.pin, rate.start_of(span.start));
            one.about = one.how_much = lamp.name;
            one.why = "it has no channel: it is seen in the plan and the film, and no real lamp hears of it";
            found.push_back(std::move(one));
        }
}

/// Behind all that are patched.
Result<Mended> patch_lamp(const MendRequest& request) {
    const auto& rig = *request.project().rig;
    std::vector<LampId> lamps;
    std::pair<int, int> free{1, 1};
    for (const auto& lamp : rig.fixtures) {
        if (lamp.name == request.finding.about)
            lamps.push_back(lamp.id);
        if (lamp.universe > 0 && lamp.first_channel > 0)
            free = std::max(free, {lamp.universe, lamp.first_channel + channels_of(lamp)});
    }
    if (lamps.empty())
        return fail("That lamp is no longer there.");
    if (free.second > channels_of_universe)
        free = {free.first + 1, 1};
    auto next = patched(request.project(), lamps, free.first, free.second);
    if (!next)
        return tl::unexpected(next.error());
    return Mended{*std::move(next), fmt::format("patches \"{}\" to channel {} of universe {}",
                                                request.finding.about, free.second, free.first)};
}

constexpr Mend unpatched_mends[] = {{"patch", "Patch it behind the others", patch_lamp}};

} // namespace

const CheckRow two_lights_check{
    "two-lights",
    "two lights on one lamp",
    "Lights of one lane that light a lamp at the same time: the highest or the latest is "
    "seen, as the lane says",
    Gravity::Look,
    0,
    find_two_lights,
    two_lights_mends};

const CheckRow unlit_check{
    "unlit-lamps",
    "lamps left dark",
    "Lights of a lane after a million others, which stay dark: fewer turns, or longer ones, leave room",
    Gravity::Grave,
    0,
    find_unlit,
    {}};

const CheckRow unpatched_check{
    "unpatched-lamp", "lamp without a channel", "Lamps that are lit and are not patched", Gravity::Look, 0,
    find_unpatched,   unpatched_mends};

} // namespace pulsepin
