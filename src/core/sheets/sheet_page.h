// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"
#include "params/colour.h"
#include "params/ids.h"

#include <functional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace pulsepin {

// A printed page as a value: what stands where, in points (1/72 inch) from the upper left corner of the
// paper.

struct SheetText {
    double x = 0, baseline = 0; ///< of its left end
    double width = 0;           ///< as measured
    double size = 9;
    Colour ink = {0};
    bool bold = false;
    std::string text;
};
struct SheetLine {
    double x1 = 0, y1 = 0, x2 = 0, y2 = 0;
    double thickness = 0.5;
    Colour ink = {0};
};
struct SheetBox {
    double x = 0, y = 0, width = 0, height = 0;
    Colour fill = {0};
};
/// A picture of a clip, fitted into the box.
struct SheetPicture {
    double x = 0, y = 0, width = 0, height = 0;
    ClipId clip;
    Seconds time;
};
using SheetItem = std::variant<SheetText, SheetLine, SheetBox, SheetPicture>;

struct SheetPage {
    std::vector<SheetItem> items; ///< later ones lie over earlier ones
};

struct Sheets {
    double width = 0, height = 0; ///< of the paper
    std::string title;
    bool black_and_white = false;
    std::vector<SheetPage> pages;
};

/// How wide a line of text is when it is set in that size: points from points.
using TextMeasure = std::function<double(std::string_view text, double size, bool bold)>;

} // namespace pulsepin
