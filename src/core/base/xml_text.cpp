// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/xml_text.h"

namespace pulsepin {

std::string xml_text(std::string_view text) {
    std::string out;
    out.reserve(text.size());
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        // U+FFFE and U+FFFF are no characters of XML.
        const auto three = text.substr(i, 3);
        if (three == "\xef\xbf\xbe" || three == "\xef\xbf\xbf")
            i += 2;
        else if (c == '&')
            out += "&amp;";
        else if (c == '<')
            out += "&lt;";
        else if (c == '>')
            out += "&gt;";
        else if (c == '"')
            out += "&quot;";
        else if (c == '\t' || c == '\n' || c == '\r')
            out += "&#" + std::to_string(static_cast<int>(c)) + ";";
        else if (static_cast<unsigned char>(c) >= 0x20)
            out += c;
    }
    return out;
}

} // namespace pulsepin
