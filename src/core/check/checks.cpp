// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/checks.h"

#include "check/check_rows.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

constexpr Seconds same_place{0.05};

constexpr ParamChoice flash_forms[] = {
    {"wcag", "WCAG 2.2"}, {"older-red", "WCAG 2.2, red as in 2.1"}, {"screen", "ITU-R BT.1702"}};
constexpr ParamChoice loudness_targets[] = {
    {"none", "none"}, {"-23", "-23 LUFS (EBU R 128)"}, {"-16", "-16 LUFS"}, {"-14", "-14 LUFS"}};

constexpr ParamSpec parameters[] = {
    {.id = "cuts",
     .label = "off the beat",
     .unit = "ms",
     .least = 0,
     .most = 1000,
     .initial = 0,
     .explains = "How far a cut, trigger or pulse may lie from its place; 0: half a frame"},
    {.id = "onsets",
     .label = "off an onset",
     .unit = "ms",
     .least = 1,
     .most = 1000,
     .initial = 40,
     .explains = "How far what was placed on onsets may lie from them"},
    {.id = "shortest",
     .label = "shortest shot",
     .type = ParamType::Whole,
     .unit = "frames",
     .least = 1,
     .most = 1000,
     .initial = 4,
     .explains = "A shot that is shorter is told"},
    {.id = "peak",
     .label = "highest peak",
     .unit = "dBTP",
     .least = -30,
     .most = 6,
     .initial = -1,
     .explains = "True peak of what is heard (EBU R 128: -1 dBTP)"},
    {.id = "loudness",
     .label = "loudness",
     .type = ParamType::Choice,
     .explains = "Integrated loudness that is wanted, within 1 LU",
     .choices = loudness_targets},
    {.id = "flashes",
     .label = "flashes by",
     .type = ParamType::Choice,
     .explains = "By what is told that the picture flashes too often",
     .choices = flash_forms},
};

const std::vector<CheckRow>& all_rows() {
    static const std::vector<CheckRow> all{
        off_beat_check,     flash_check,      red_flash_check,      same_frame_check,  short_shot_check,
        missing_check,      unreadable_check, short_material_check, clipped_check,     off_onset_check,
        outside_shot_check, overlap_check,    fight_check,          flat_check,        two_lights_check,
        unpatched_check,    reading_check,    safe_area_check,      mouth_check,       two_names_check,
        doubtful_check,     unlit_check,      loudness_check,       clip_rate_check,   variable_rate_check,
        light_check,        fields_check,     turned_check,         wide_pixels_check, timecode_check,
        unseen_check};
    return all;
}

bool is_about(const Acceptance& accepted, const Finding& finding) {
    return accepted.check == finding.check && accepted.pin == finding.pin && accepted.lane == finding.lane &&
           accepted.about == finding.about;
}

bool still_accepted(const Acceptance& accepted, const Finding& finding, const CheckRow& row) {
    return is_about(accepted, finding) &&
           (!finding.placed || std::abs((accepted.at - finding.at).value) <= same_place.value) &&
           std::abs(accepted.amount - finding.amount) <= row.steady;
}

} // namespace

CheckMaterial CheckMaterial::with(const Project& other) const {
    CheckMaterial next = *this;
    next.curves = curves.for_another_thread();
    next.curves.schedule = Schedule(other, curves.schedule);
    return next;
}

ParamSpecs check_parameters() {
    return parameters;
}

ParamValues check_limits(const Project& project) {
    ParamValues known;
    for (const auto& [id, value] : project.checking->limits)
        if (const auto* spec = find_param(parameters, id))
            if (check_values({{std::string(id), value}}, ParamSpecs(spec, 1))) // a file may say anything
                known.set(id, value);
    return completed(known, parameters);
}

Seconds cut_limit(const Project& project) {
    const double ms = check_limits(project).number("cuts");
    return ms > 0 ? Seconds(ms / 1000) : usual_error(*project.settings);
}

FlashRule flash_rule(const Project& project) {
    const auto form = check_limits(project).text("flashes");
    return {form == "older-red" ? FlashRule::Form::OlderRed
            : form == "screen"  ? FlashRule::Form::Screen
                                : FlashRule::Form::Wcag};
}

std::span<const CheckRow> checks() {
    return all_rows();
}

const CheckRow* check(std::string_view id) {
    const auto all = checks();
    const auto found =
        std::find_if(all.begin(), all.end(), [id](const CheckRow& row) { return row.id == id; });
    return found == all.end() ? nullptr : &*found;
}

const Mend* mend_of(const CheckRow& row, std::string_view id) {
    const auto found =
        std::find_if(row.mends.begin(), row.mends.end(), [id](const Mend& one) { return one.id == id; });
    return found == row.mends.end() ? nullptr : &*found;
}

std::string what_is(const Lane& lane, const Pin& pin, const Project& project) {
    const std::string name = lane.kind->name_of(pin.body, project);
    return name.empty() ? fmt::format("the {}", lane.kind->singular) : fmt::format("\"{}\"", name);
}

std::vector<Finding> findings(const CheckMaterial& material, std::span<const std::string> only) {
    std::vector<Finding> found;
    for (const auto& row : checks()) {
        if (!only.empty() && std::find(only.begin(), only.end(), row.id) == only.end())
            continue;
        const std::size_t before = found.size();
        row.find(material, found);
        for (auto i = before; i < found.size(); ++i) {
            auto& one = found[i];
            if (one.mend.empty() && !row.mends.empty())
                one.mend = row.mends.front().id;
            if (one.mend == "none")
                one.mend = {};
            for (const auto& accepted : material.project().checking->accepted)
                if (still_accepted(accepted, one, row))
                    one.accepted = accepted.note;
        }
    }
    std::stable_sort(found.begin(), found.end(), [](const Finding& a, const Finding& b) {
        return a.placed != b.placed ? !a.placed : a.placed && a.at < b.at;
    });
    return found;
}

Result<Mended> mended(const MendRequest& request, std::string_view id) {
    const auto* row = check(request.finding.check);
    const auto* mend = row ? mend_of(*row, id.empty() ? request.finding.mend : id) : nullptr;
    if (!mend)
        return fail("That has no automatic fix.", {}, "Go there and change it, or ignore it on purpose.");
    if (mend->measures && !request.measure)
        return fail("That cannot be fixed before the picture was measured.", {}, "Measure it first.");
    return mend->run(request);
}

Result<Mended> all_mended(const MendRequest& request, std::string_view id) {
    const std::string only[] = {std::string(request.finding.check)};
    const std::string mend(id.empty() ? request.finding.mend : id);
    Mended all{request.project(), {}};
    std::size_t done = 0, left = 0;
    std::string why;
    CheckMaterial material = request.material;
    const auto found = findings(material, only);
    for (std::size_t i = 0; i < found.size(); ++i) {
        if (request.progress.cancelled())
            return fail_cancelled();
        request.progress.report(static_cast<double>(i) / static_cast<double>(found.size()));
        if (found[i].accepted)
            continue;
        auto one =
            mended({material, found[i], request.measure,
                    request.progress.part(static_cast<double>(i) / static_cast<double>(found.size()),
                                          static_cast<double>(i + 1) / static_cast<double>(found.size()))},
                   mend);
        if (!one && one.error().cancelled())
            return fail_cancelled();
        if (!one) {
            ++left;
            why = one.error().message();
            continue;
        }
        ++done;
        all.project = std::move(one->project);
        all.will = std::move(one->will);
        material = material.with(all.project);
    }
    if (done == 0)
        return fail(why.empty() ? "There is nothing of that kind to fix." : why);
    if (done > 1 || left > 0)
        all.will = fmt::format("fixes {} of {}", done, done + left) + (left > 0 ? ": " + why : std::string());
    return all;
}

Project with_accepted(const Project& project, const Finding& finding, std::string note) {
    Project next = without_accepted(project, finding);
    auto checking = *next.checking;
    checking.accepted.push_back({std::string(finding.check), finding.pin, finding.lane, finding.at,
                                 finding.amount, finding.about, std::move(note)});
    next.checking = std::make_shared<const Checking>(std::move(checking));
    return next;
}

/// What was accepted of it elsewhere goes as well: it did not hold any more.
Project without_accepted(const Project& project, const Finding& finding) {
    Project next = project;
    auto checking = *project.checking;
    const auto* row = check(finding.check);
    std::erase_if(checking.accepted, [&](const Acceptance& accepted) {
        return is_about(accepted, finding) &&
               (finding.pin.value != 0 || !row || still_accepted(accepted, finding, *row));
    });
    next.checking = std::make_shared<const Checking>(std::move(checking));
    return next;
}

Result<Project> with_check_limits(const Project& project, ParamValues limits) {
    if (auto good = check_values(limits, parameters); !good)
        return tl::unexpected(good.error());
    Project next = project;
    auto checking = *project.checking;
    checking.limits = std::move(limits);
    next.checking = std::make_shared<const Checking>(std::move(checking));
    return next;
}

std::string findings_text(std::span<const Finding> found) {
    const auto count = [&](Gravity gravity) {
        return std::count_if(found.begin(), found.end(),
                             [&](const Finding& one) { return !one.accepted && one.gravity == gravity; });
    };
    const auto grave = count(Gravity::Grave), look = count(Gravity::Look);
    if (grave == 0 && look == 0)
        return "nothing found";
    const auto counted = [](auto n, const char* what) {
        return fmt::format("{} {}{}", n, what, n == 1 ? "" : "s");
    };
    if (grave == 0)
        return counted(look, "warning");
    return look == 0 ? counted(grave, "error") : counted(grave, "error") + ", " + counted(look, "warning");
}

} // namespace pulsepin
