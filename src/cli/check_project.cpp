// SPDX-License-Identifier: GPL-3.0-or-later
#include "check_project.h"

#include "base/text_file.h"
#include "check/file_facts.h"
#include "check/measured_sound.h"
#include "follow/project_sounds.h"
#include "interchange/check_report.h"
#include "interchange/exporters.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"
#include "model/limits.h"
#include "no_such.h"
#include "render/flash_run.h"
#include "render/fonts.h"
#include "render/report_pages.h"
#include "render/text_boxes.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "screenless.h"
#include "time/timecode.h"

#include <algorithm>
#include <fmt/core.h>
#include <iostream>

namespace pulsepin {
namespace {

/// "20ms" and "20 ms" for a parameter that is counted in ms.
std::string without_unit(std::string setting) {
    const auto equals = setting.find('=');
    const auto* spec =
        equals == std::string::npos ? nullptr : find_param(check_parameters(), setting.substr(0, equals));
    if (spec && !spec->unit.empty() && setting.ends_with(spec->unit)) {
        setting.erase(setting.size() - spec->unit.size());
        while (setting.ends_with(' '))
            setting.pop_back();
    }
    return setting;
}

Result<Project> with_limits(const Project& project, const std::vector<std::string>& settings) {
    ParamValues limits = check_limits(project);
    for (const auto& setting : settings)
        if (auto set = set_from_text(limits, check_parameters(), without_unit(setting)); !set)
            return tl::unexpected(set.error());
    return with_check_limits(project, std::move(limits));
}

class Wanted {
public:
    explicit Wanted(const std::vector<std::string>& only) : only_(only) {}
    [[nodiscard]] bool any(std::initializer_list<const CheckRow*> rows) const {
        return only_.empty() || std::any_of(rows.begin(), rows.end(), [this](const CheckRow* row) {
                   return row && std::find(only_.begin(), only_.end(), row->id) != only_.end();
               });
    }

private:
    const std::vector<std::string>& only_;
};

/// Everything that the wanted checks look at.
Result<CheckMaterial> gathered(const Project& project, const Wanted& wanted) {
    CheckMaterial material;
    constexpr double longest = limits::longest_song;
    if (const double seconds = piece_end(project).value; seconds > longest)
        return fail(
            fmt::format("The piece would be {:.0f} hours long, which cannot be checked.", seconds / 3600), {},
            "Look for a sound that lies far behind the others, and move it or take it away.");
    material.files = std::make_shared<const FileFacts>(*file_facts(project));
    const bool flashes = wanted.any({check("flashes"), check("red-flashes")});
    const bool sound = wanted.any({check("clipped"), check("loudness")});
    if (flashes || wanted.any({check("flat-curve")})) {
        auto curves = curves_of_project(project);
        if (!curves)
            return tl::unexpected(curves.error());
        material.curves = *std::move(curves);
    } else {
        material.curves = Curves{Schedule(project)};
        material.followers_known = false;
    }
    if (project.grid && project.detection)
        material.trust = std::make_shared<const std::vector<BarTrust>>(
            trust_by_bar(*project.grid, project.detection->onsets()));
    if (sound && project.song && material.files->song_there) {
        const auto sounds = load_project_sounds(project, true);
        if (!sounds)
            return tl::unexpected(sounds.error());
        if (const auto plan = heard_plan(material.schedule(), *sounds); !plan.parts.empty()) {
            auto facts = measured_sound(plan);
            if (!facts)
                return tl::unexpected(facts.error());
            material.sound = std::make_shared<const SoundFacts>(*facts);
        }
    }
    if (wanted.any({check("safe-area")}))
        material.texts = std::make_shared<const std::vector<TextBox>>(text_boxes(material.curves));
    if (flashes) {
        const auto gone = [&](const Clip& clip) {
            const auto fact = material.files->clips.find(clip.id);
            return fact != material.files->clips.end() && !fact->second.there;
        };
        if (const auto missing = std::find_if(project.bin->begin(), project.bin->end(), gone);
            missing != project.bin->end())
            return fail("The flashes cannot be measured without it.", missing->path.string(),
                        "Put the file back, or leave out the flashes with --only.", ErrorKind::NotFound);
        auto report = FlashRun{material.curves}.measure();
        if (!report)
            return tl::unexpected(report.error());
        material.flashes = std::make_shared<const FlashReport>(*std::move(report));
    }
    return material;
}

void tell(const CheckMaterial& material, const std::vector<SyncRow>& rows, const std::vector<Finding>& found,
          const Wanted& wanted) {
    const Project& project = material.project();
    if (wanted.any({check("off-beat")}))
        std::cout << verdict_text(rows, project, cut_limit(project)) << "\n";
    for (const auto& one : found) {
        const auto* row = check(one.check);
        const std::string state = one.accepted                    ? "ignored"
                                  : one.gravity == Gravity::Grave ? "error"
                                                                  : "warning";
        std::cout << fmt::format("{:<6} {:<22} {:<10} {:<20} {}", state, row->id,
                                 one.placed ? place_name(project, one.at) : std::string("-"), one.how_much,
                                 one.why);
        if (one.accepted && !one.accepted->empty())
            std::cout << fmt::format(" ({})", *one.accepted);
        std::cout << "\n";
    }
    std::cout << findings_text(found) << "\n";
}

Result<void> write(const std::string& out, const std::string& text,
                   const std::vector<std::filesystem::path>& inputs, bool replace) {
    if (out.empty())
        return {};
    if (out == "-") {
        std::cout << text;
        return {};
    }
    if (auto allowed = may_write(out, inputs, replace); !allowed)
        return allowed;
    return write_text_file(out, text);
}

} // namespace

std::string check_ids() {
    return ids_of(checks(), &CheckRow::id);
}

Result<std::size_t> check_project(const CheckRequest& request) {
    for (const auto& id : request.only)
        if (!check(id))
            return no_such("check", id, checks(), &CheckRow::id);
    const auto loaded = load_project(request.project);
    if (!loaded)
        return tl::unexpected(loaded.error());
    const auto project = with_limits(*loaded, request.limits);
    if (!project)
        return tl::unexpected(project.error());
    const auto inputs = inputs_of(request.project, *project);
    for (const auto& out : {request.json, request.csv, request.pdf})
        if (!out.empty() && out != "-")
            if (auto allowed = may_write(out, inputs, request.replace); !allowed)
                return tl::unexpected(allowed.error());
    const Wanted wanted(request.only);
    const Screenless screenless;
    const auto material = gathered(*project, wanted);
    if (!material)
        return tl::unexpected(material.error());
    const auto rows = sync_report(material->schedule());
    const auto found = findings(*material, request.only);
    if (!request.quiet && request.json != "-" && request.csv != "-")
        tell(*material, rows, found, wanted);
    if (auto written =
            write(request.json, check_report_json(*material, rows, found), inputs, request.replace);
        !written)
        return tl::unexpected(written.error());
    if (auto written = write(request.csv, sync_csv(rows, *project), inputs, request.replace); !written)
        return tl::unexpected(written.error());
    if (!request.pdf.empty()) {
        const auto pages = report_pages(*material, rows, found);
        if (!pages)
            return tl::unexpected(pages.error());
        if (auto written = write(request.pdf, *pages, inputs, request.replace); !written)
            return tl::unexpected(written.error());
    }
    return static_cast<std::size_t>(
        std::count_if(found.begin(), found.end(), [](const Finding& one) { return !one.accepted; }));
}

} // namespace pulsepin
