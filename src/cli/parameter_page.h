// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace pulsepin {

/// docs/parameters.md: all that can be set of sources, filters, steps, effects and exporters, from their
/// tables.
[[nodiscard]] std::string parameter_page();

} // namespace pulsepin
