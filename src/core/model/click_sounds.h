// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string_view>

namespace pulsepin {

/// What a click can sound like, so that several can be told apart.
struct ClickSound {
    std::string_view id;
    std::string_view label;
};
[[nodiscard]] std::span<const ClickSound> click_sounds();
/// Their ids, after that of none.
[[nodiscard]] std::span<const std::string_view> click_ids();

} // namespace pulsepin
