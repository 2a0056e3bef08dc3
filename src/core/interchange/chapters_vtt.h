// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// Each shot of the first lane of cuts as a chapter in WebVTT (W3C). Fails when there is no cut.
[[nodiscard]] Result<std::string> write_chapters_vtt(const ExportMaterial& material);

} // namespace pulsepin
