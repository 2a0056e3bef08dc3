// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "sheets/sheet_page.h"

namespace pulsepin {

/// A clip's picture as a PNG file; empty where there is none.
using PngOfClip = std::function<std::string(const SheetPicture&)>;

/// A page as SVG 1.1: its texts are text, as wide as they were measured whatever font they are shown in.
[[nodiscard]] std::string svg_of_page(const Sheets& sheets, std::size_t page, const PngOfClip& png_of = {});

} // namespace pulsepin
