// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <iterator>
#include <string>
#include <string_view>

namespace pulsepin {

/// Whether a spreadsheet would run the text as a formula: also behind blanks, line breaks, no-break spaces
/// and with the wide signs of East Asian keyboards, which several of them take away or translate first.
[[nodiscard]] inline bool begins_as_formula(std::string_view text) {
    constexpr std::string_view wide_signs[] = {"\uFF1D", "\uFF0B", "\uFF0D", "\uFF20"}; // ＝ ＋ － ＠
    constexpr std::string_view wide_blanks[] = {"\u00A0", "\u3000", "\uFEFF", "\u2028"};
    for (bool skipped = false;; skipped = true) {
        const bool sign =
            !text.empty() && std::string_view("=+-@").find(text.front()) != std::string_view::npos;
        if (sign || std::any_of(std::begin(wide_signs), std::end(wide_signs),
                                [&](std::string_view one) { return text.starts_with(one); }))
            return true;
        if (!skipped && !text.empty() && (text.front() == '\t' || text.front() == '\r'))
            return true; // by themselves, too (OWASP)
        if (!text.empty() && std::string_view(" \t\r\n\v\f").find(text.front()) != std::string_view::npos)
            text.remove_prefix(1);
        else if (const auto* blank =
                     std::find_if(std::begin(wide_blanks), std::end(wide_blanks),
                                  [&](std::string_view one) { return text.starts_with(one); });
                 blank != std::end(wide_blanks))
            text.remove_prefix(blank->size());
        else
            return false;
    }
}

/// Text that a person wrote, as a field of RFC 4180: quoted where it holds what separates fields. What a
/// spreadsheet would run as a formula is marked as text by an apostrophe before it (OWASP, "CSV Injection").
[[nodiscard]] inline std::string quoted(std::string text) {
    if (begins_as_formula(text))
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
