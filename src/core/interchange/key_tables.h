// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

// What lanes drive, as tables and texts. All fail when there is nothing to write.

/// A row a key: lane, property, unit, frame, seconds, value, and the easing that leads up to it from the key
/// before ("hold": it jumps here).
[[nodiscard]] Result<std::string> write_key_csv(const ExportMaterial& material);
/// A row a frame, with a column for each property.
[[nodiscard]] Result<std::string> write_frame_csv(const ExportMaterial& material);
/// The same two as JSON; see docs/formats.md.
[[nodiscard]] Result<std::string> write_key_json(const ExportMaterial& material);
[[nodiscard]] Result<std::string> write_frame_json(const ExportMaterial& material);
/// A line a property, by the given pattern, or else the project's.
[[nodiscard]] Result<std::string> write_key_text(const ExportMaterial& material);
[[nodiscard]] ParamSpecs key_text_parameters();

} // namespace pulsepin
