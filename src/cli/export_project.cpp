// SPDX-License-Identifier: GPL-3.0-or-later
#include "export_project.h"

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

} // namespace

std::string exporter_ids() {
    std::string ids;
    for (const auto& row : exporters())
        ids += (ids.empty() ? "" : "|") + std::string(row.id);
    return ids;
}

Result<void> export_file(const ExportRequest& request) {
    const auto& [path, format, out, settings, replace] = request;
    const auto project = load_project(path);
    if (!project)
        return tl::unexpected(project.error());
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
