// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// Each lamp as it is lit, one a line (RFC 4180): cue, lane, lamp, universe, first channel, bar and beat,
/// seconds, first frame and the frame after the last, colours from and to, strength, attack and fall. Muted
/// ones are left out. Fails when there are none.
[[nodiscard]] Result<std::string> write_light_cues(const ExportMaterial& material);

/// A line a frame, with a column for each lamp: its colour as #RRGGBB. Fails without lamps.
[[nodiscard]] Result<std::string> write_light_frames(const ExportMaterial& material);

} // namespace pulsepin
