// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/colour_text.h"

#include "interchange/json_fields.h"

#include <fmt/core.h>

namespace pulsepin {

std::string colour_text(Colour colour) {
    return fmt::format("#{:06x}", colour.rgb & 0xffffffu);
}

Colour read_colour(const nlohmann::json& j) {
    require(j.is_string(), shown_in_message(j) + " is no colour");
    const auto& text = j.get_ref<const std::string&>();
    const bool well = text.size() == 7 && text[0] == '#' &&
                      text.find_first_not_of("0123456789abcdefABCDEF", 1) == std::string::npos;
    require(well, "the colour " + shown_in_message(j) + " cannot be read");
    return {static_cast<std::uint32_t>(std::stoul(text.substr(1), nullptr, 16))};
}

} // namespace pulsepin
