// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_rows.h"
#include "check/flash_causes.h"
#include "model/pin_edits.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

void find_places(const CheckMaterial& material, const CheckRow& row, bool red, std::vector<Finding>& found) {
    if (!material.flashes)
        return;
    for (const auto& place : material.flashes->places) {
        if (place.red != red)
            continue;
        const auto rate = material.flashes->rate;
        Finding one;
        one.check = row.id;
        one.gravity = row.gravity;
        one.at = rate.start_of(place.from);
        one.until = rate.start_of(place.until);
        one.amount = place.most;
        one.how_much = fmt::format("{} in a second", place.most);
        one.why = fmt::format("{:.0f} % of the view", place.area * 100);
        found.push_back(std::move(one));
    }
}

void find_flashes(const CheckMaterial& material, std::vector<Finding>& found) {
    find_places(material, flash_check, false, found);
}
void find_red_flashes(const CheckMaterial& material, std::vector<Finding>& found) {
    find_places(material, red_flash_check, true, found);
}

/// What a mend is tried on: the stretch, and a second behind it, since its flashes still count there.
class Trial {
public:
    explicit Trial(const MendRequest& request) : request_(request) {
        const auto rate = request.project().settings->frame_rate;
        const Frames second(frames_in_a_second(rate));
        from_ = rate.frame_at(request.finding.at + Seconds(1e-6));
        until_ = rate.frame_at(request.finding.until + Seconds(1e-6));
        begin_ = from_;
        end_ = until_ + second;
    }
    [[nodiscard]] Frames from() const { return from_; }
    [[nodiscard]] Frames until() const { return until_; }
    /// The most flashes of a second that count; 0 where none do.
    [[nodiscard]] Result<int> flashes(const Project& project) const {
        if (request_.progress.cancelled())
            return fail_cancelled();
        const auto report = request_.measure(project, begin_, end_);
        if (!report)
            return tl::unexpected(report.error());
        int most = 0;
        for (const auto& place : report->places)
            if (place.until > from_ && place.from < until_)
                most = std::max(most, place.most);
        return most;
    }

private:
    const MendRequest& request_;
    Frames from_, until_, begin_, end_;
};

constexpr const char* elsewhere = "Change the cuts or the films there, or leave a shot for longer.";

std::string told(int before, const std::string& what) {
    return fmt::format("{}: {} flashes/s become {} or fewer that count", what, before, FlashRule{}.most);
}

/// The largest share, in whole percent, with which what `change` makes passes; found by halving.
Result<Mended> largest_that_passes(const MendRequest& request, const std::function<Project(double)>& change,
                                   double least, const char* nothing, const char* what) {
    const Trial trial(request);
    const auto at_least = trial.flashes(change(least));
    if (!at_least)
        return tl::unexpected(at_least.error());
    if (*at_least > 0)
        return fail(nothing, {}, elsewhere);
    int passes = static_cast<int>(std::lround(least * 100)), fails = 100;
    while (fails - passes > 1) {
        const int middle = (passes + fails) / 2;
        const auto flashes = trial.flashes(change(middle / 100.0));
        if (!flashes)
            return tl::unexpected(flashes.error());
        (*flashes > 0 ? fails : passes) = middle;
        request.progress.report(1 - (fails - passes) / 100.0);
    }
    return Mended{change(passes / 100.0),
                  told(static_cast<int>(request.finding.amount), fmt::format(fmt::runtime(what), passes))};
}

Result<Mended> softened(const MendRequest& request, const FlashCauses& causes) {
    return largest_that_passes(
        request, [&](double share) { return with_softer(request.project(), causes, share); }, 0,
        "It flashes too often even without its triggers, pulses and effects.",
        "makes the flashes {} % as strong");
}

/// As few as must be: strobes alone where that is enough, else triggers, else all that acts there.
Result<Mended> soften(const MendRequest& request) {
    const Trial trial(request);
    const auto all = flash_causes(request.material, trial.from(), trial.until());
    if (all.empty())
        return fail("No trigger, pulse or effect flashes there.", {}, elsewhere);
    for (const auto& some : {strobes_of(request.project(), all), triggers_of(request.project(), all)}) {
        if (some.empty())
            continue;
        const auto without = trial.flashes(with_softer(request.project(), some, 0));
        if (!without)
            return tl::unexpected(without.error());
        if (*without == 0)
            return softened(request, some);
    }
    return softened(request, all);
}

Result<Mended> make_fewer(const MendRequest& request) {
    const Trial trial(request);
    Project project = request.project();
    int muted = 0;
    for (int round = 0; round < 5; ++round) {
        const auto causes = flash_causes(request.material.with(project), trial.from(), trial.until());
        const auto pins = every_other(causes);
        if (pins.empty())
            return fail("There are no triggers or pulses of which every other one could be muted.", {},
                        "Make the strobe slower or softer.");
        project = with_pins_muted(project, pins, true);
        muted += static_cast<int>(pins.size());
        const auto flashes = trial.flashes(project);
        if (!flashes)
            return tl::unexpected(flashes.error());
        if (*flashes == 0)
            return Mended{project, told(static_cast<int>(request.finding.amount),
                                        fmt::format("mutes {} of them, every other one", muted))};
    }
    return fail("It flashes too often even with few of its triggers and pulses.", {}, elsewhere);
}

Result<Mended> make_slower(const MendRequest& request) {
    const Trial trial(request);
    const auto causes = flash_causes(request.material, trial.from(), trial.until());
    const auto slower = with_slower(request.project(), causes);
    if (!slower)
        return tl::unexpected(slower.error());
    const auto flashes = trial.flashes(*slower);
    if (!flashes)
        return tl::unexpected(flashes.error());
    if (*flashes > 0)
        return fail("It flashes too often even with slow strobes.", {}, "Make it softer, or leave some out.");
    return Mended{*slower, told(static_cast<int>(request.finding.amount),
                                "turns the strobes at most 3 times a second")};
}

Result<Mended> make_smaller(const MendRequest& request) {
    const Trial trial(request);
    const auto causes = flash_causes(request.material, trial.from(), trial.until());
    if (!can_be_smaller(request.project(), causes))
        return fail("What flashes is the whole picture.", {},
                    "Let the trigger act on a layer instead of the camera, or make it softer.");
    return largest_that_passes(
        request, [&](double share) { return with_smaller(request.project(), causes, share); }, 0.05,
        "It covers too much of the view however small it is made.", "makes what flashes {} % as large");
}

constexpr Mend flash_mends[] = {{"soften", "Soften", soften, true},
                                {"fewer", "Every other", make_fewer, true},
                                {"slower", "Slower", make_slower, true},
                                {"smaller", "Smaller", make_smaller, true}};

} // namespace

const CheckRow flash_check{
    "flashes",
    "flashes too often",
    "More than three flashes in a second over a quarter of the view may hurt people (WCAG 2.2, "
    "2.3.1; ITU-R BT.1702). A measure, no medical promise",
    Gravity::Grave,
    1,
    find_flashes,
    flash_mends};

const CheckRow red_flash_check{
    "red-flashes",
    "red flashes too often",
    "Saturated red that comes and goes is the most dangerous (WCAG 2.2, 2.3.1). A measure, "
    "no medical promise",
    Gravity::Grave,
    1,
    find_red_flashes,
    flash_mends};

} // namespace pulsepin
