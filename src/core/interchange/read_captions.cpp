// SPDX-License-Identifier: GPL-3.0-or-later
//
// Captions and lyrics as markers: each line is one, as long as it is seen, with who speaks it as its note.
#include "interchange/list_readers.h"
#include "words/lyric_formats.h"
#include "words/lyric_text.h"

#include <algorithm>
#include <fmt/core.h>

namespace pulsepin {
namespace {

Result<BroughtIn> read(std::string_view bytes, const ListReading&) {
    const auto lyric = read_lyric(bytes);
    if (!lyric)
        return tl::unexpected(lyric.error());
    BroughtIn list;
    for (const auto& remark : lyric->remarks)
        list.not_understood.push_back(fmt::format("Line {}: {}", remark.line, remark.what));
    for (const auto& line : lyric->lines) {
        const auto start = start_of(line), end = end_of(line);
        if (!start) {
            list.not_understood.push_back(
                fmt::format("Line {}: “{}” has no time.", line.in_file, line_text(line)));
            continue;
        }
        BroughtItem item;
        item.at = *start;
        item.until = std::max(*start, end.value_or(*start));
        item.name = line_text(line);
        item.note = line.speaker;
        item.line = static_cast<int>(line.in_file);
        list.items.push_back(std::move(item));
    }
    if (list.items.empty())
        return fail("None of its lines has a time.", {},
                    "Load it as words (stop Mark), and tap them while the song plays.");
    return list;
}

} // namespace

const ListReaderRow captions_reader{"captions", "Captions and timed lyrics", "srt vtt ass ssa ttml dfxp lrc",
                                    read};

} // namespace pulsepin
