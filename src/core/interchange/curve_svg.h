// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/export_material.h"

namespace pulsepin {

/// Every property that is driven as a path of SVG (W3C, SVG 1.1): a unit to the right is a frame of the
/// piece, a unit upwards a unit of the property, straight from key to key to within a thousandth of how far
/// it goes. Each path has its lane and property as its title. Fails where nothing is driven.
[[nodiscard]] Result<std::string> write_curve_svg(const ExportMaterial& material);

} // namespace pulsepin
