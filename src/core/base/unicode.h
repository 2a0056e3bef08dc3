// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>

namespace pulsepin {

/// Text of a file as UTF-8 without a byte order mark: UTF-16 of either byte order is told by its mark, or by
/// the zero bytes of its first letters. Everything else is taken as it is. Halves of surrogate pairs become
/// U+FFFD.
[[nodiscard]] std::string as_utf8(std::string_view bytes);

/// Whether its first letter with a direction runs from right to left: Hebrew, Arabic and their kin.
[[nodiscard]] bool runs_right_to_left(std::string_view utf8);

/// How many code points UTF-8 has, line breaks left out.
[[nodiscard]] std::size_t characters_in(std::string_view utf8);

} // namespace pulsepin
