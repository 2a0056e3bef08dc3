// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>

namespace pulsepin {

/// As character data of XML 1.0, or within an attribute: marks are written as entities, line breaks so that
/// they stay, and what XML cannot hold at all (2.2, Char) is left out.
[[nodiscard]] std::string xml_text(std::string_view text);

} // namespace pulsepin
