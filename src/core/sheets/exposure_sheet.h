// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "sheets/sheets.h"

namespace pulsepin {

/// A line for each frame, with beats and counts at its left and a column for each lane; a strong rule stands
/// over each beat. Lanes for which a page has no room follow on pages of their own with the same frames.
[[nodiscard]] Result<Sheets> lay_out_exposure_sheet(const SheetRequest& request, const ParamValues& values,
                                                    const TextMeasure& measure);

} // namespace pulsepin
