// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// Shapes and titles with their places as Lottie JSON (Lottie Animation Community, version 1.0): position,
/// scale, rotation and opacity of each layer, and the camera as the null object that all of them hang from.
/// Keys are straight, as few as keep within a twentieth of a pixel, percent or degree. Shots, pictures and
/// effects are left out. Fails when there is neither a shape nor a title.
[[nodiscard]] Result<std::string> write_lottie(const ExportMaterial& material);

} // namespace pulsepin
