// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// What can be chosen of a cue sheet: its pattern, and the kinds of lanes whose pins are in it.
[[nodiscard]] ParamSpecs cue_sheet_parameters();

/// A line a pin of all lanes that are not muted, by the frame that acts, in a pattern of one's own. {frame},
/// {end} (the first frame that it no longer lasts), {frames} (how many), {time} (seconds), {timecode} (SMPTE
/// ST 12-1), {bar}, {what} (the kind), {lane}, {name}, {drives}, and each property of a kind by its id, as
/// {note}, {strength}, {value}; empty where a pin has no such thing. Fails for what stands for nothing, and
/// where there is nothing to write.
[[nodiscard]] Result<std::string> write_cue_sheet(const ExportMaterial& material);

} // namespace pulsepin
