// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/checks.h"

#include <QDateTime>
#include <string>

namespace pulsepin {

/// What was found in a piece as pages to print, A4, as PDF: title, date, song, grid and frame rate, the
/// verdict with its histogram, the findings with what is meant, the grid as a whole, and each pin.
[[nodiscard]] Result<std::string> report_pages(const CheckMaterial& material,
                                               const std::vector<SyncRow>& rows,
                                               const std::vector<Finding>& found,
                                               const QDateTime& when = QDateTime::currentDateTime());

} // namespace pulsepin
