// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/click_sounds.h"

#include <array>

namespace pulsepin {
namespace {

constexpr std::array<ClickSound, 5> sounds{
    {{"knock", "knock"}, {"tick", "tick"}, {"thud", "thud"}, {"ping", "ping"}, {"brush", "brush"}}};

constexpr auto ids = [] {
    std::array<std::string_view, sounds.size() + 1> all{"none"};
    for (std::size_t i = 0; i < sounds.size(); ++i)
        all[i + 1] = sounds[i].id;
    return all;
}();

} // namespace

std::span<const ClickSound> click_sounds() {
    return sounds;
}

std::span<const std::string_view> click_ids() {
    return ids;
}

} // namespace pulsepin
