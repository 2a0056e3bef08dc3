// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "sheets/sheets.h"

namespace pulsepin {

/// Lines of so many bars, each with its beats and how they are counted, and what lanes have on them. Without
/// a grid a bar is four seconds.
[[nodiscard]] Result<Sheets> lay_out_bar_sheet(const SheetRequest& request, const ParamValues& values,
                                               const TextMeasure& measure);

/// The same on one line, on paper as long and as high as it needs. Fails where that is longer than a page of
/// a PDF can be (5 m; ISO 32000-1, annex C).
[[nodiscard]] Result<Sheets> lay_out_one_line(const SheetRequest& request, const ParamValues& values,
                                              const TextMeasure& measure);

} // namespace pulsepin
