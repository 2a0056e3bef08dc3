// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// A lane of cuts as an edit decision list in the CMX 3600 interchange style: numbered events, reel, channel,
/// cut or dissolve, source in and out, record in and out, speeds as M2, and names as comments; 999 events a
/// list. Timecode counts at the project's frame rate from where the parameters say, with drop-frame where
/// that exists. Gaps become black events. Fails when there is no cut, and for parameters that cannot be.
[[nodiscard]] Result<std::string> write_edl(const ExportMaterial& material);

[[nodiscard]] ParamSpecs edl_parameters();
/// A list for each lane of cuts, and one more where it has more events than a list holds.
[[nodiscard]] std::vector<ExportPart> edl_parts(const ExportMaterial& material);

/// What the list cannot hold of the project, a phrase each: "how 3 shots lie in the picture (notes say it)".
[[nodiscard]] std::vector<std::string> edl_losses(const ExportMaterial& material);

} // namespace pulsepin
