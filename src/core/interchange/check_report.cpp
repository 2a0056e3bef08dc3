// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/check_report.h"

#include <cmath>
#include <nlohmann/json.hpp>

namespace pulsepin {
namespace {

using nlohmann::json;

double milliseconds(Seconds time) {
    return std::round(time.value * 1e6) / 1e3;
}

json sync_json(const std::vector<SyncRow>& rows, const Project& project) {
    json list = json::array();
    for (const auto& row : rows) {
        const Lane& lane = *project.lane(row.lane);
        json one{{"lane", lane.name},
                 {"kind", lane.kind->singular},
                 {"pin", row.pin.value},
                 {"at", row.anchor.value},
                 {"place", place_name(project, row.anchor)},
                 {"lead_ms", milliseconds(row.lead)},
                 {"frame", row.frame.value},
                 {"rounding_ms", milliseconds(row.rounding)},
                 {"seen_frame", row.seen.value}};
        if (row.meant) {
            one["off_ms"] = milliseconds(row.off);
            one["error_ms"] = milliseconds(row.error());
        }
        if (row.from_onset)
            one["from_onset_ms"] = milliseconds(*row.from_onset);
        list.push_back(std::move(one));
    }
    return list;
}

json findings_json(const std::vector<Finding>& found, const Project& project) {
    json list = json::array();
    for (const auto& finding : found) {
        const auto* row = check(finding.check);
        json one{{"check", finding.check},
                 {"what", row->label},
                 {"grave", finding.gravity == Gravity::Grave},
                 {"amount", finding.amount},
                 {"how_much", finding.how_much},
                 {"why", finding.why},
                 {"accepted", finding.accepted.has_value()}};
        if (finding.accepted && !finding.accepted->empty())
            one["note"] = *finding.accepted;
        if (finding.placed) {
            one["at"] = finding.at.value;
            one["until"] = finding.until.value;
            one["place"] = place_name(project, finding.at);
        }
        if (const Lane* lane = project.lane(finding.lane))
            one["lane"] = lane->name;
        if (finding.pin.value != 0)
            one["pin"] = finding.pin.value;
        json mends = json::array();
        for (const auto& mend : row->mends)
            mends.push_back(mend.id);
        if (!finding.mend.empty())
            one["mends"] = std::move(mends);
        list.push_back(std::move(one));
    }
    return list;
}

} // namespace

std::string check_report_json(const CheckMaterial& material, const std::vector<SyncRow>& rows,
                              const std::vector<Finding>& found) {
    const Project& project = material.project();
    json limits = json::object();
    const auto values = check_limits(project);
    for (const auto& spec : check_parameters()) {
        if (spec.type == ParamType::Choice)
            limits[std::string(spec.id)] = values.text(spec.id);
        else
            limits[std::string(spec.id)] = values.number(spec.id);
    }
    json report{{"format", "pulsepin-check"},
                {"version", 1},
                {"title", project.settings->title},
                {"frame_rate", project.settings->frame_rate.text()},
                {"verdict", verdict_text(rows, project, cut_limit(project))},
                {"limits", std::move(limits)},
                {"findings", findings_json(found, project)},
                {"sync", sync_json(rows, project)}};
    if (material.trust && project.grid) {
        json bars = json::array();
        for (const auto& bar : *material.trust)
            bars.push_back({{"at", bar.from.value}, {"trust", std::round(bar.trust * 1000) / 1000}});
        report["grid"] = {{"tempo", project.grid->typical_tempo().value}, {"trust", std::move(bars)}};
        if (project.detection && project.detection->grid) {
            const auto apart = difference(*project.detection->grid, *project.grid);
            report["grid"]["against_found"] = {{"same", apart.same},
                                               {"moved", apart.moved},
                                               {"added", apart.added},
                                               {"dropped", apart.dropped}};
        }
    }
    if (material.sound)
        report["sound"] = {{"true_peak_dbtp", material.sound->true_peak},
                           {"true_peak_at", material.sound->peak_at.value},
                           {"loudness_lufs", material.sound->loudness}};
    if (material.flashes) {
        int most = 0, red = 0;
        for (const auto& frame : material.flashes->frames) {
            most = std::max(most, frame.flashes);
            red = std::max(red, frame.red);
        }
        report["flashes"] = {{"most_in_a_second", most},
                             {"most_red_in_a_second", red},
                             {"frames_measured", material.flashes->frames.size()}};
    }
    return report.dump(2) + "\n";
}

} // namespace pulsepin
