// SPDX-License-Identifier: GPL-3.0-or-later
//
// Tables of cues with any columns: separated by commas, semicolons or tabs, quoted as RFC 4180 says, in UTF-8
// or UTF-16, with decimal points or commas.
#include "base/table_text.h"
#include "base/unicode.h"
#include "interchange/list_readers.h"
#include "time/timecode.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <charconv>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

constexpr ParamChoice separators[] = {
    {"guessed", "as it looks"}, {"comma", "comma"}, {"semicolon", "semicolon"}, {"tab", "tab"}};
constexpr ParamChoice kinds[] = {{"markers", "markers"}, {"cuts", "cuts"}};
constexpr ParamSpec own[] = {
    {.id = "columns",
     .label = "columns",
     .type = ParamType::Text,
     .explains =
         "what they are, by commas: time, end, length, frame, timecode, name, note, colour, file, in, and - "
         "for one that is left out; empty: as its first line says"},
    {.id = "separator", .label = "between columns", .type = ParamType::Choice, .choices = separators},
    {.id = "as", .label = "lines are", .type = ParamType::Choice, .choices = kinds}};

enum class Column { None, Time, End, Length, Frame, Timecode, Name, Note, Colour, File, In };

/// Each by its own word first, then by others that tables have for it.
struct ColumnName {
    std::string_view word;
    Column column;
};
constexpr std::array names{
    ColumnName{"time", Column::Time},        ColumnName{"start", Column::Time},
    ColumnName{"begin", Column::Time},       ColumnName{"in time", Column::Time},
    ColumnName{"seconds", Column::Time},     ColumnName{"time_s", Column::Time},
    ColumnName{"position", Column::Time},    ColumnName{"end", Column::End},
    ColumnName{"stop", Column::End},         ColumnName{"out", Column::End},
    ColumnName{"length", Column::Length},    ColumnName{"duration", Column::Length},
    ColumnName{"frame", Column::Frame},      ColumnName{"timecode", Column::Timecode},
    ColumnName{"tc", Column::Timecode},      ColumnName{"name", Column::Name},
    ColumnName{"cue", Column::Name},         ColumnName{"marker", Column::Name},
    ColumnName{"title", Column::Name},       ColumnName{"label", Column::Name},
    ColumnName{"note", Column::Note},        ColumnName{"comment", Column::Note},
    ColumnName{"description", Column::Note}, ColumnName{"remarks", Column::Note},
    ColumnName{"colour", Column::Colour},    ColumnName{"color", Column::Colour},
    ColumnName{"file", Column::File},        ColumnName{"clip", Column::File},
    ColumnName{"shot", Column::File},        ColumnName{"in", Column::In},
    ColumnName{"in point", Column::In},      ColumnName{"-", Column::None},
};

std::string lower(std::string text) {
    std::ranges::transform(text, text.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

std::optional<Column> column_called(std::string_view text) {
    const std::string word = lower(without_blanks(text));
    for (const auto& one : names)
        if (one.word == word)
            return one.column;
    return std::nullopt;
}

/// Decimal points or commas; "1:02.5" and "0:01:02.5" as clocks have them.
std::optional<double> seconds_in(std::string text) {
    std::ranges::replace(text, ',', '.');
    double seconds = 0;
    std::size_t parts = 0;
    for (std::size_t at = 0; at <= text.size(); ++parts) {
        const auto end = std::min(text.find(':', at), text.size());
        double value = 0;
        const char* first = text.data() + at;
        const auto [past, wrong] = std::from_chars(first, text.data() + end, value);
        if (wrong != std::errc{} || past != text.data() + end || !std::isfinite(value) || parts == 3 ||
            (parts > 0 && value < 0))
            return std::nullopt;
        seconds = seconds * 60 + value;
        at = end + 1;
    }
    return std::abs(seconds) <= 1e6 ? std::optional(seconds) : std::nullopt;
}

class Table {
public:
    explicit Table(const ListReading& reading) : rate_(reading.rate), values_(reading.values) {}

    Result<BroughtIn> read(std::string_view bytes) {
        auto rows = begin(bytes);
        if (!rows)
            return tl::unexpected(rows.error());
        const auto has = [&](Column column) { return std::ranges::find(columns_, column) != columns_.end(); };
        if (!has(Column::Time) && !has(Column::Frame) && !has(Column::Timecode))
            return fail("No column of this table is a time.", {},
                        "Say what its columns are: time, frame or timecode, then name, note …");
        for (const auto& row : *rows)
            take(row);
        if (list_.items.empty())
            return fail(fmt::format("None of its {} lines has a time.", rows->size()), {},
                        "Say which column is the time, and in which form.");
        return std::move(list_);
    }

    Result<TableHead> head(std::string_view bytes, std::size_t most) {
        const auto rows = begin(bytes.substr(0, std::min<std::size_t>(bytes.size(), 1u << 16)));
        if (!rows)
            return tl::unexpected(rows.error());
        TableHead head;
        std::size_t wide = columns_.size();
        for (std::size_t i = 0; i < std::min(most, rows->size()); ++i) {
            head.rows.push_back((*rows)[i].cells);
            wide = std::max(wide, head.rows.back().size());
        }
        for (std::size_t i = 0; i < wide; ++i) {
            const Column column = i < columns_.size() ? columns_[i] : Column::None;
            head.columns.emplace_back(
                std::ranges::find(names, column, &ColumnName::column)->word); // its own word comes first
        }
        head.first_line = first_line_;
        return head;
    }

private:
    /// Its lines, less the one that names columns.
    Result<std::vector<TableRow>> begin(std::string_view bytes) {
        const std::string text = as_utf8(bytes);
        if (text.find('\0') != std::string::npos)
            return fail("This is no text.", {}, "Choose a table as text.");
        first_line_ = text.substr(0, text.find_first_of("\r\n"));
        const std::string wanted = values_.text("separator");
        const char separator = wanted == "comma"       ? ','
                               : wanted == "semicolon" ? ';'
                               : wanted == "tab"       ? '\t'
                                                       : guessed_separator(text);
        auto rows = table_rows(text, separator);
        if (rows.empty())
            return fail("This table is empty.", {}, "Choose one with a line a cue.");
        if (auto good = find_columns(rows); !good)
            return tl::unexpected(good.error());
        return rows;
    }

    /// By what the person says, or by the first line, which is no cue then.
    Result<void> find_columns(std::vector<TableRow>& rows) {
        const std::string told = values_.text("columns");
        bool named = true; // its first line names columns
        for (const auto& cell : rows.front().cells)
            named =
                named && !seconds_in(without_blanks(cell)) && !parse_timecode(without_blanks(cell), rate_);
        std::vector<std::string> words =
            told.empty() ? rows.front().cells : table_rows(told, ',').front().cells;
        for (const auto& word : words) {
            const auto column = column_called(word);
            if (!column && !told.empty())
                return fail(
                    "There is no column called \"" + without_blanks(word) + "\".", {},
                    "There are: time, end, length, frame, timecode, name, note, colour, file, in, and -.");
            columns_.push_back(column.value_or(Column::None));
        }
        if (told.empty() && !named) // nothing is named: a time, then a name
            columns_ = {Column::Time, Column::Name, Column::Note};
        if (named)
            rows.erase(rows.begin());
        return {};
    }

    void tell(const TableRow& row, const std::string& what) {
        constexpr std::size_t most = 1000;
        if (list_.not_understood.size() < most)
            list_.not_understood.push_back(fmt::format("Line {}: {}", row.line, what));
    }

    void take(const TableRow& row) {
        BroughtItem item;
        item.kind = values_.text("as") == "cuts" ? BroughtItem::Kind::Cut : BroughtItem::Kind::Marker;
        item.line = row.line;
        std::optional<Seconds> at, end, length;
        for (std::size_t i = 0; i < row.cells.size() && i < columns_.size(); ++i) {
            const std::string cell = without_blanks(row.cells[i]);
            const auto time = [&](std::optional<Seconds>& into) {
                if (cell.empty())
                    return true;
                into = time_in(cell);
                return into.has_value();
            };
            bool good = true;
            switch (columns_[i]) {
            case Column::None:
                break;
            case Column::Time:
                good = time(at);
                break;
            case Column::End:
                good = time(end);
                break;
            case Column::Length:
                good = time(length);
                break;
            case Column::Timecode:
                if (const auto frame = parse_timecode(cell, rate_))
                    at = at ? at : std::optional(rate_.start_of(*frame));
                else
                    good = cell.empty();
                break;
            case Column::Frame:
                good = frame_in(cell, at);
                break;
            case Column::In: {
                std::optional<Seconds> in;
                good = time(in);
                item.in_point = in.value_or(Seconds(0));
                break;
            }
            case Column::Name:
                item.name = cell;
                break;
            case Column::Note:
                item.note = row.cells[i];
                break;
            case Column::Colour:
                item.colour = lower(cell);
                break;
            case Column::File:
                item.file = cell;
                break;
            }
            if (!good)
                return tell(row, "\"" + cell.substr(0, 40) + "\" is no time.");
        }
        if (!at)
            return tell(row, "It has no time.");
        item.at = *at;
        item.until = std::max(*at, end ? *end : length ? *at + *length : *at);
        if (item.kind == BroughtItem::Kind::Cut && item.file.empty())
            item.file = item.name;
        list_.items.push_back(std::move(item));
    }

    [[nodiscard]] std::optional<Seconds> time_in(const std::string& cell) const {
        if (const auto seconds = seconds_in(cell))
            return Seconds(*seconds);
        if (const auto frame = parse_timecode(cell, rate_))
            return rate_.start_of(*frame);
        return std::nullopt;
    }
    bool frame_in(const std::string& cell, std::optional<Seconds>& at) const {
        if (cell.empty())
            return true;
        std::int64_t frame = 0;
        const auto [past, wrong] = std::from_chars(cell.data(), cell.data() + cell.size(), frame);
        if (wrong != std::errc{} || past != cell.data() + cell.size() || std::abs(frame) > 1'000'000'000)
            return false;
        at = rate_.start_of(Frames(frame)); // more exact than a time with few decimals
        return true;
    }

    FrameRate rate_;
    const ParamValues& values_;
    std::vector<Column> columns_;
    std::string first_line_;
    BroughtIn list_;
};

Result<BroughtIn> read(std::string_view bytes, const ListReading& reading) {
    return Table(reading).read(bytes);
}

} // namespace

Result<TableHead> head_of_table(std::string_view bytes, const ListReading& reading, std::size_t rows) {
    const ListReading completed_reading{reading.rate, completed(reading.values, own)};
    return Table(completed_reading).head(bytes, rows);
}

std::span<const ParamChoice> table_columns() {
    static constexpr ParamChoice all[] = {{"-", "left out"},    {"time", "time"},   {"end", "end"},
                                          {"length", "length"}, {"frame", "frame"}, {"timecode", "timecode"},
                                          {"name", "name"},     {"note", "note"},   {"colour", "colour"},
                                          {"file", "clip"},     {"in", "in-point"}};
    return all;
}

const ListReaderRow table_reader{"table", "Table of cues", "csv tsv txt", read, own};

} // namespace pulsepin
