// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace pulsepin {

/// A field as RFC 4180 has it: quoted where it holds what separates fields.
[[nodiscard]] inline std::string quoted(const std::string& text) {
    if (text.find_first_of(",\"\r\n") == std::string::npos)
        return text;
    std::string out = "\"";
    for (const char c : text) {
        if (c == '"')
            out += '"';
        out += c;
    }
    return out + "\"";
}

} // namespace pulsepin
