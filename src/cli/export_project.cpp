// SPDX-License-Identifier: GPL-3.0-or-later
#include "export_project.h"

#include "interchange/export_all.h"
#include "interchange/exporters.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"

#include "no_such.h"

#include <iostream>

namespace pulsepin {

namespace {

/// To the standard output, as "-" asks for.
Result<void> print_export(const ExportMaterial& material, const ExporterRow& row) {
    if (auto good = check_values(material.values, row.parameters); !good)
        return good;
    const auto text = row.write(material);
    if (!text)
        return tl::unexpected(text.error());
    if (!(std::cout << *text << std::flush))
        return fail("The file could not be written to the standard output.", {},
                    "Name a file with --output.");
    return {};
}

/// A line each: what was written, what did not go along, what had nothing to write.
Result<Extent> export_into(const Project& project, const ExportRequest& request,
                           const std::vector<const ExporterRow*>& rows) {
    if (!request.out.empty() || !request.settings.empty())
        return fail("--all writes formats as they usually are.", {},
                    "Leave --output and --set out, or write one format at a time.");
    auto stem = std::filesystem::path(request.project).stem().string();
    const auto all = export_all(Curves{Schedule(project)}, false, inputs_of(request.project, project),
                                request.folder, stem, request.replace, {}, rows);
    if (!all)
        return tl::unexpected(all.error());
    bool some = false;
    for (const auto& one : *all)
        if (one.file.empty()) {
            std::cerr << one.row->id << ": not written. " << one.told << "\n";
            some = true;
        } else
            std::cout << one.file.filename().string() << (one.told.empty() ? "" : "  " + one.told) << "\n";
    // That a piece has nothing for some of all formats is as it should be.
    return some && !rows.empty() ? Extent::Some : Extent::All;
}

Result<Extent> export_one(const Project& project, const ExportRequest& request, const ExporterRow& row) {
    ParamValues values;
    for (const auto& setting : request.settings)
        if (auto set = set_from_text(values, row.parameters, setting); !set)
            return tl::unexpected(set.error());
    const auto& out = request.out;
    if (auto allowed = may_write(out, inputs_of(request.project, project), request.replace);
        out != "-" && !allowed)
        return tl::unexpected(allowed.error());
    auto curves = curves_for(row, project);
    if (!curves)
        return tl::unexpected(curves.error());
    const ExportMaterial material(*std::move(curves), std::move(values));
    if (auto written = out == "-" ? print_export(material, row) : export_project(material, row, out);
        !written)
        return tl::unexpected(written.error());
    if (const auto told = told_of_losses(material, row); !told.empty())
        std::cerr << told << "\n";
    return Extent::All;
}

} // namespace

std::string exporter_ids() {
    std::string ids = ids_of(exporters(), &ExporterRow::id);
    for (std::size_t at = 0; (at = ids.find(", ", at)) != std::string::npos;)
        ids.replace(at, 2, "|");
    return ids;
}

Result<Extent> export_file(const ExportRequest& request) {
    std::vector<const ExporterRow*> rows;
    for (const auto& format : request.formats) {
        rows.push_back(exporter(in_small_letters(format)));
        if (!rows.back())
            return no_such("export format", format, exporters(), &ExporterRow::id);
    }
    const auto project = load_project(request.project);
    if (!project)
        return tl::unexpected(project.error());
    if (!request.folder.empty())
        return export_into(*project, request, rows);
    if (rows.size() > 1)
        return fail("Several formats go into a folder.", {}, "Name it with --all instead of --output.");
    if (rows.empty() || request.out.empty())
        return fail("Neither a format and a file nor a folder is named.", {},
                    "Use --format and --output, or --all for all formats.");
    return export_one(*project, request, *rows.front());
}

} // namespace pulsepin
