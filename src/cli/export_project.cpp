// SPDX-License-Identifier: GPL-3.0-or-later
#include "export_project.h"

#include "interchange/export_all.h"
#include "interchange/exporters.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"

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
Result<void> export_into(const Project& project, const ExportRequest& request) {
    if (!request.format.empty() || !request.out.empty() || !request.settings.empty())
        return fail("--all writes all formats as they usually are.", {},
                    "Leave --format, --output and --set out, or write one format at a time.");
    auto stem = std::filesystem::path(request.project).stem().string();
    const auto all = export_all(Curves{Schedule(project)}, false, inputs_of(request.project, project),
                                request.folder, stem, request.replace);
    if (!all)
        return tl::unexpected(all.error());
    for (const auto& one : *all)
        if (one.file.empty())
            std::cerr << one.row->id << ": not written. " << one.told << "\n";
        else
            std::cout << one.file.filename().string() << (one.told.empty() ? "" : "  " + one.told) << "\n";
    return {};
}

} // namespace

std::string exporter_ids() {
    std::string ids;
    for (const auto& row : exporters())
        ids += (ids.empty() ? "" : "|") + std::string(row.id);
    return ids;
}

Result<void> export_file(const ExportRequest& request) {
    const auto& [path, format, out, settings, folder, replace] = request;
    const auto project = load_project(path);
    if (!project)
        return tl::unexpected(project.error());
    if (!folder.empty())
        return export_into(*project, request);
    if (format.empty() || out.empty())
        return fail("Neither a format and a file nor a folder is named.", {},
                    "Use --format and --output, or --all for all formats.");
    const auto* row = exporter(format);
    if (!row)
        return fail("There is no export format called \"" + format + "\".", {},
                    "There are: " + exporter_ids() + ".");
    ParamValues values;
    for (const auto& setting : settings)
        if (auto set = set_from_text(values, row->parameters, setting); !set)
            return set;
    if (auto allowed = may_write(out, inputs_of(path, *project), replace); out != "-" && !allowed)
        return allowed;
    auto curves = curves_for(*row, *project);
    if (!curves)
        return tl::unexpected(curves.error());
    const ExportMaterial material(*std::move(curves), std::move(values));
    if (auto written = out == "-" ? print_export(material, *row) : export_project(material, *row, out);
        !written)
        return written;
    if (const auto told = told_of_losses(material, *row); !told.empty())
        std::cerr << told << "\n";
    return {};
}

} // namespace pulsepin
