// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace pulsepin {

/// A line of a table with the number that it has in its file.
struct TableRow {
    int line = 0;
    std::vector<std::string> cells;
};

/// A table by RFC 4180, cells separated by that sign; they may hold line breaks where they are quoted. Empty
/// lines are left out.
[[nodiscard]] std::vector<TableRow> table_rows(std::string_view text, char separator);

/// What separates the cells of its first line: a tab, else a semicolon, else a comma, which may stand within
/// numbers.
[[nodiscard]] char guessed_separator(std::string_view text);

/// Without blanks at its ends.
[[nodiscard]] std::string without_blanks(std::string_view text);

} // namespace pulsepin
