// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>

namespace pulsepin {

/// Text that a person wrote, as a field of RFC 4180: quoted where it holds what separates fields. What a
/// spreadsheet would run as a formula is marked as text by an apostrophe before it (OWASP, "CSV Injection").
[[nodiscard]] inline std::string quoted(std::string text) {
    if (!text.empty() && std::string_view("=+-@\t\r").find(text.front()) != std::string_view::npos)
        text.insert(text.begin(), '\'');
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
