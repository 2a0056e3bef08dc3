// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// The first lane of cuts as an edit decision list in the CMX 3600 interchange style: numbered events, reel,
/// video channel, cut, source in and out, record in and out, and the clip's name as a comment. Timecode
/// counts from 00:00:00:00 at the project's frame rate, with drop-frame where that exists. Gaps become black
/// events. Fails when there is no cut, or more than 9999 events.
[[nodiscard]] Result<std::string> write_edl(const ExportMaterial& material);

/// What the list cannot hold of the project, a phrase each: "how 3 shots lie in the picture (notes say it)".
[[nodiscard]] std::vector<std::string> edl_losses(const ExportMaterial& material);

} // namespace pulsepin
