// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "model/brought_in.h"
#include "params/param.h"

#include <filesystem>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace pulsepin {

/// What a list is read with, where it does not say it itself.
struct ListReading {
    FrameRate rate;     ///< in which its frames are counted
    ParamValues values; ///< of the row's parameters, completed
};

/// A row per kind of list that can come in: cuts, sounds, markers.
struct ListReaderRow {
    std::string_view id;
    std::string_view label;
    std::string_view extensions; ///< without dots, by blanks
    /// Of the bytes of a file. Fails where it is no such list at all; what of it is not understood is told.
    Result<BroughtIn> (*read)(std::string_view bytes, const ListReading& reading);
    ParamSpecs parameters = {}; ///< what a person can say of it
};

[[nodiscard]] std::span<const ListReaderRow> list_readers();
/// At how many frames a second any list is counted that does not say it: "rate".
[[nodiscard]] ParamSpecs list_rate_params();
/// What it says; `piece` where it is to be that of the piece.
[[nodiscard]] FrameRate list_rate(const ParamValues& values, FrameRate piece);
/// By what its name ends in; null where none reads such.
[[nodiscard]] const ListReaderRow* list_reader_of(const std::filesystem::path& path);

/// The whole list, or nothing. Fails with the file's name and what to do.
[[nodiscard]] Result<BroughtIn> read_list(const std::filesystem::path& path, const ListReading& reading);

/// What stands first in a table, for a person to say what its columns are.
struct TableHead {
    std::vector<std::string> columns;           ///< what each is taken for: one of table_columns()
    std::vector<std::vector<std::string>> rows; ///< that follow the line which names them, where one does
    std::string first_line;                     ///< of the file: tables of one kind have the same
};
/// At most so many rows. Fails as the reader of tables does.
[[nodiscard]] Result<TableHead> head_of_table(std::string_view bytes, const ListReading& reading,
                                              std::size_t rows);
/// What a column can be, by the words that the parameter "columns" takes, each with its label.
[[nodiscard]] std::span<const ParamChoice> table_columns();

// One row each, in a file of its own.
extern const ListReaderRow edl_reader, otio_reader, table_reader;
extern const ListReaderRow captions_reader, midi_list_reader, jams_list_reader, mlt_reader;

} // namespace pulsepin
