// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/export_all.h"

#include "base/text_file.h"

#include <algorithm>

namespace pulsepin {
namespace {

struct Made {
    HandedOn on;
    std::string name_ends;
    std::string text;
};

Made made_by(const ExporterRow& row, const ExportMaterial& material, const std::string& name_ends) {
    auto text = row.write(material);
    if (!text)
        return {{&row, {}, text.error().message()}, {}, {}};
    return {{&row, {}, told_of_losses(material, row)}, name_ends, *std::move(text)};
}

/// All files of a way out.
std::vector<Made> all_made_by(const ExporterRow& row, const ExportMaterial& material) {
    std::vector<Made> all;
    if (row.parts)
        for (const auto& part : row.parts(material))
            all.push_back(made_by(row, ExportMaterial(material.curves, part.values), part.name_ends));
    if (all.empty())
        all.push_back(made_by(row, material, {}));
    return all;
}

} // namespace

std::string export_name(const std::string& stem, const ExporterRow& row, const std::string& name_ends) {
    const auto alike = std::ranges::count(exporters(), row.extension, &ExporterRow::extension);
    return stem + (alike > 1 ? "-" + std::string(row.id) : "") + name_ends + "." + std::string(row.extension);
}

Result<std::vector<HandedOn>> export_all(Curves curves, bool followed, const Inputs& inputs,
                                         const std::filesystem::path& folder, const std::string& stem,
                                         bool replace, const Progress& progress,
                                         std::vector<const ExporterRow*> rows) {
    if (rows.empty())
        for (const auto& row : exporters())
            rows.push_back(&row);
    std::string not_followed; // why; the other ways go on without it
    if (!followed) {
        auto computed = curves_of_project(curves.project(), progress.part(0, 0.7));
        if (computed)
            curves = *std::move(computed);
        else if (computed.error().cancelled())
            return tl::unexpected(computed.error());
        else
            not_followed = computed.error().message();
    }
    const ExportMaterial material(std::move(curves));

    // All of them are made before any is written.
    std::vector<Made> all;
    for (std::size_t i = 0; i < rows.size(); ++i) {
        if (progress.cancelled())
            return fail_cancelled();
        const ExporterRow& row = *rows[i];
        if (row.takes_curves && !not_followed.empty())
            all.push_back({{&row, {}, not_followed}, {}, {}});
        else
            for (auto& made : all_made_by(row, material))
                all.push_back(std::move(made));
        progress.part(0.7, 0.9).report(static_cast<double>(i + 1) / static_cast<double>(rows.size()));
    }
    if (std::ranges::all_of(all, [](const Made& made) { return made.text.empty(); }))
        return fail("There is nothing to write.", {}, "Add a song, find its beats, or place cuts first.");
    for (const auto& made : all)
        if (auto allowed =
                may_write(folder / export_name(stem, *made.on.row, made.name_ends), inputs, replace);
            !made.text.empty() && !allowed)
            return tl::unexpected(allowed.error());
    std::error_code code;
    std::filesystem::create_directory(folder, code);
    if (!std::filesystem::is_directory(folder))
        return fail("The folder could not be made.", folder.string(),
                    "Name one inside a folder that is there.");
    std::vector<HandedOn> on;
    for (auto& made : all) {
        if (!made.text.empty()) {
            made.on.file = folder / export_name(stem, *made.on.row, made.name_ends);
            if (auto written = write_text_file(made.on.file, made.text); !written)
                return tl::unexpected(written.error());
        }
        on.push_back(std::move(made.on));
    }
    return on;
}

} // namespace pulsepin
