// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/checks.h"

#include <string>

namespace pulsepin {

/// What was found in a piece, with what it was checked against, as JSON (docs/formats.md).
[[nodiscard]] std::string check_report_json(const CheckMaterial& material, const std::vector<SyncRow>& rows,
                                            const std::vector<Finding>& found);

} // namespace pulsepin
