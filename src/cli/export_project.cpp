// SPDX-License-Identifier: GPL-3.0-or-later
#include "export_project.h"

#include "interchange/exporters.h"
#include "interchange/outputs.h"
#include "interchange/project_file.h"

namespace pulsepin {

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
    if (auto allowed = may_write(out, inputs_of(path, *project), replace); !allowed)
        return allowed;
    auto curves = curves_for(*row, *project);
    if (!curves)
        return tl::unexpected(curves.error());
    return export_project(ExportMaterial(*std::move(curves), std::move(values)), *row, out);
}

} // namespace pulsepin
