// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/table_text.h"

#include <algorithm>
#include <cctype>

namespace pulsepin {

std::string without_blanks(std::string_view text) {
    while (!text.empty() && std::isspace(static_cast<unsigned char>(text.front())))
        text.remove_prefix(1);
    while (!text.empty() && std::isspace(static_cast<unsigned char>(text.back())))
        text.remove_suffix(1);
    return std::string(text);
}

std::vector<TableRow> table_rows(std::string_view text, char separator) {
    std::vector<TableRow> rows;
    TableRow row{1, {}};
    std::string cell;
    bool quoted = false;
    int line = 1;
    const auto end_row = [&] {
        row.cells.push_back(std::move(cell));
        cell.clear();
        if (row.cells.size() > 1 || !without_blanks(row.cells.front()).empty())
            rows.push_back(std::move(row));
        row = {line, {}};
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            line += c == '\n';
            if (c == '"' && i + 1 < text.size() && text[i + 1] == '"')
                cell += text[++i];
            else if (c == '"')
                quoted = false;
            else
                cell += c;
        } else if (c == '"' && without_blanks(cell).empty()) {
            quoted = true;
            cell.clear();
        } else if (c == separator) {
            row.cells.push_back(std::move(cell));
            cell.clear();
        } else if (c == '\n') {
            ++line;
            end_row();
        } else if (c != '\r') {
            cell += c;
        }
    }
    if (!cell.empty() || !row.cells.empty())
        end_row();
    return rows;
}

char guessed_separator(std::string_view text) {
    const std::string_view first = text.substr(0, text.find('\n'));
    const auto count = [&](char c) { return std::ranges::count(first, c); };
    if (count('\t') > 0)
        return '\t';
    return count(';') > 0 ? ';' : ',';
}

} // namespace pulsepin
