// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_rows.h"

#include "hand/reading.h"
#include "model/change_pins.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "stage/layer_values.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

// -- text that cannot be read in its time

void find_reading(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    for (const auto& lane : project.lanes) {
        if (!holds<WordBody>(lane->kind) || lane->muted || !part_of<LaneText>(*lane))
            continue;
        const auto& spans = material.schedule().spans(lane->id);
        for (const auto& reading : reading_findings(material.schedule(), lane->id)) {
            const auto& line = spans.lines[reading.line];
            Finding one = finding_at(reading_check, *lane, spans.texts[line.first].pin, reading.at);
            one.until = line.end;
            one.amount = reading.is;
            // What is wrong with a line in several ways is accepted one by one.
            one.about = reading.fault == ReadingFault::TooFast    ? "speed"
                        : reading.fault == ReadingFault::TooShort ? "length"
                                                                  : "gap";
            one.subject = static_cast<std::uint64_t>(reading.fault);
            one.how_much = reading.fault == ReadingFault::TooFast
                               ? fmt::format("{:.0f} characters per second", reading.is)
                           : reading.fault == ReadingFault::TooShort
                               ? fmt::format("{:.0f} frames", reading.is)
                               : fmt::format("{:.0f} frames apart", std::max(0.0, reading.is));
            one.why = reading.fault == ReadingFault::TooFast ? fmt::format("most is {:.0f}", reading.limit)
                      : reading.fault == ReadingFault::TooShort
                          ? fmt::format("least is {:.0f}", reading.limit)
                          : fmt::format("least gap is {:.0f}", reading.limit);
            found.push_back(std::move(one));
        }
    }
}

Result<Mended> stay_longer(const MendRequest& request) {
    const auto fault = static_cast<ReadingFault>(request.finding.subject);
    auto next = with_reading_mended(request.material.schedule(), request.finding.lane, {fault});
    if (!next)
        return tl::unexpected(next.error());
    if (next->mended == 0)
        return fail("The next line leaves no room.", {}, "Take letters away, or set the next line later.");
    return Mended{std::move(next->project),
                  fmt::format("gives {} line{} of the lane their time{}", next->mended,
                              next->mended == 1 ? "" : "s",
                              next->left > 0 ? fmt::format("; {} have no room", next->left) : std::string())};
}

constexpr Mend reading_mends[] = {{"longer", "Give it time", stay_longer}};

// -- text outside of the safe area

constexpr double title_safe = 0.90, action_safe = 0.93; // SMPTE ST 2046-1, of the width and the height

void find_unsafe(const CheckMaterial& material, std::vector<Finding>& found) {
    if (!material.texts)
        return;
    const Project& project = material.project();
    const auto rate = project.settings->frame_rate;
    for (const auto& box : *material.texts) {
        const double out = std::max({-box.left, box.right, -box.top, box.bottom});
        const Layer* layer = project.stage->layer(box.layer);
        if (out <= title_safe + 1e-3 || !layer)
            continue;
        Finding one;
        one.check = safe_area_check.id;
        one.gravity = out > action_safe + 1e-3 ? Gravity::Grave : Gravity::Look;
        one.lane = box.lane;
        one.pin = box.appearance;
        one.at = one.until = rate.start_of(box.frame);
        one.placed = box.appearance.value != 0;
        one.amount = std::round(out * 1000) / 10;
        one.about = layer->name;
        one.subject = layer->id.value;
        one.how_much = fmt::format("reaches {:.0f} %", out * 100);
        one.why = out > action_safe + 1e-3 ? "outside of action safe, 93 %" : "outside of title safe, 90 %";
        found.push_back(std::move(one));
    }
}

// -- words that are sung where nobody sees them

void find_unseen(const CheckMaterial& material, std::vector<Finding>& found) {
    if (!material.texts)
        return;
    constexpr double least_seen = 0.5;
    const Project& project = material.project();
    for (const auto& box : *material.texts) {
        const Lane* lane = project.lane(box.lane);
        const Pin* pin = project.pin(box.appearance);
        const auto* tied = pin ? std::get_if<MarkerAnchor>(&pin->anchor) : nullptr;
        const Lane* words = tied ? project.lane_of(tied->marker) : nullptr;
        if (box.seen >= least_seen || !lane || !words || !holds<WordBody>(words->kind))
            continue;
        const auto& pins = material.schedule().pins(lane->id).pins;
        const auto place = std::ranges::find(pins, pin->id, &ResolvedPin::id);
        if (place == pins.end())
            continue;
        Finding one = finding_at(unseen_check, *lane, pin->id, place->time);
        one.amount = std::round(box.seen * 100);
        one.about = box.text;
        one.how_much = fmt::format("{:.0f} % of it is seen", box.seen * 100);
        one.why = "less than half";
        found.push_back(std::move(one));
    }
}

/// Moved in, and made smaller where it does not fit.
Result<Mended> move_in(const MendRequest& request) {
    const Project& project = request.project();
    const auto& finding = request.finding;
    const TextBox* box = nullptr;
    for (const auto& one : *request.material.texts)
        if (one.layer.value == finding.subject && one.appearance == finding.pin)
            box = &one;
    const Layer* layer = project.stage->layer(LayerId{finding.subject});
    if (!box || !layer)
        return fail("That text is no longer there.");
    const double wide = box->right - box->left, high = box->bottom - box->top;
    constexpr double room = 2 * title_safe - 0.004; // so that rounding does not lead out again
    const double factor = std::min({1.0, room / std::max(1e-6, wide), room / std::max(1e-6, high)});
    const auto shift = [&](double low, double high_end) {
        const double middle = (low + high_end) / 2, half = (high_end - low) / 2 * factor;
        return std::clamp(middle, -room / 2 + half, room / 2 - half) - middle;
    };
    const double by_x = std::round(shift(box->left, box->right) * project.settings->picture_width / 2),
                 by_y = std::round(shift(box->top, box->bottom) * project.settings->picture_height / 2);
    const std::string will =
        factor < 1 ? fmt::format("makes it {:.0f} % as large and moves it by {:.0f}, {:.0f} pixels",
                                 factor * 100, by_x, by_y)
                   : fmt::format("moves it by {:.0f}, {:.0f} pixels", by_x, by_y);
    if (finding.pin.value != 0) {
        const Pin* pin = project.pin(finding.pin);
        const auto* body = pin ? body_if<AppearanceBody>(&pin->body) : nullptr;
        if (!body)
            return fail("That text is no longer there.");
        auto moved = *body;
        moved.x += by_x;
        moved.y += by_y;
        moved.scale *= factor;
        auto next = with_body(project, finding.pin, moved);
        if (!next)
            return tl::unexpected(next.error());
        return Mended{*std::move(next), will};
    }
    Layer moved = *layer;
    LayerValues values(moved);
    moved.values["position-x"] = values.of("position-x") + by_x;
    moved.values["position-y"] = values.of("position-y") + by_y;
    if (factor < 1)
        moved.values["scale"] = values.of("scale") * factor;
    auto next = with_changed_layer(project, moved);
    if (!next)
        return tl::unexpected(next.error());
    return Mended{*std::move(next), will};
}

constexpr Mend safe_mends[] = {{"in", "Move it in", move_in}};

// -- shapes of a mouth that are over at once

constexpr std::int64_t least_shape = 2; // frames; common practice: a mouth is drawn on twos

void find_mouths(const CheckMaterial& material, std::vector<Finding>& found) {
    const Project& project = material.project();
    const auto rate = project.settings->frame_rate;
    for (const auto& lane : project.lanes) {
        if (!holds<ExposureBody>(lane->kind) || lane->muted || !part_of<Exposing>(*lane) ||
            part_of<Exposing>(*lane)->spoken.value == 0)
            continue;
        const auto& exposures = material.schedule().spans(lane->id).exposures;
        for (std::size_t i = 0; i + 1 < exposures.size(); ++i) {
            const auto& shape = exposures[i];
            if (shape.held.value >= least_shape)
                continue;
            Finding one = finding_at(mouth_check, *lane, shape.pin, rate.start_of(shape.first));
            one.amount = static_cast<double>(shape.held.value);
            one.how_much = "1 frame";
            one.why = fmt::format("\"{}\" is over at once", shape.drawing);
            found.push_back(std::move(one));
        }
    }
}

Result<Mended> hold_longer(const MendRequest& request) {
    const Lane* lane = request.project().lane(request.finding.lane);
    if (!lane || !part_of<Exposing>(*lane))
        return fail("That lane is no longer there.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    Project next = request.project();
    for (auto& one : next.lanes)
        if (one->id == lane->id) {
            Lane changed = *one;
            part_of<Exposing>(changed)->least = Frames(least_shape);
            one = std::make_shared<const Lane>(std::move(changed));
        }
    return Mended{std::move(next),
                  fmt::format("holds each drawing of \"{}\" for 2 frames at least", lane->name)};
}

constexpr Mend mouth_mends[] = {{"hold", "Hold for 2 frames", hold_longer}};

} // namespace

const CheckRow reading_check{
    "reading",
    "text too short to read",
    "A line must stay as long as its letters take to read (common practice for captions)",
    Gravity::Look,
    2,
    find_reading,
    reading_mends};

const CheckRow safe_area_check{
    "safe-area",
    "text outside the safe area",
    "Screens may cut off what lies outside of 90 % of the picture (SMPTE ST 2046-1)",
    Gravity::Look,
    2,
    find_unsafe,
    safe_mends};

const CheckRow unseen_check{"unseen-word",
                            "word sung out of the picture",
                            "A word is seen when it is sung: the picture must be there with it",
                            Gravity::Grave,
                            0,
                            find_unseen,
                            {}};

const CheckRow mouth_check{"short-mouth",
                           "mouth shape too short",
                           "A shape that is held for one frame is seen as a flicker",
                           Gravity::Look,
                           0,
                           find_mouths,
                           mouth_mends};

} // namespace pulsepin
