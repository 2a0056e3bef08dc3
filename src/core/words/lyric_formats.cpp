// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/lyric_formats.h"

#include "base/text_file.h"
#include "words/formats/rows.h"
#include "words/lyric_text.h"

#include <algorithm>
#include <array>

namespace pulsepin {

std::span<const LyricFormatRow> lyric_formats() {
    static const std::array rows{lyric::web_vtt(), lyric::ass(),         lyric::ttml(),
                                 lyric::subrip(),  lyric::timed_lines(), lyric::plain()};
    return rows;
}

Result<Lyric> read_lyric(std::string_view bytes) {
    const auto lines = lyric_lines(bytes);
    if (!lines)
        return tl::unexpected(lines.error());
    const auto row = std::find_if(lyric_formats().begin(), lyric_formats().end(),
                                  [&](const LyricFormatRow& format) { return format.is(*lines); });
    auto lyric = row->read(*lines);
    if (!lyric)
        return lyric;
    std::erase_if(lyric->lines, [](const LyricLine& line) { return line.words.empty(); });
    if (lyric->lines.empty())
        return fail("There is no word in this text.", {}, "Choose a text with words.", ErrorKind::Damaged);
    return in_order(*std::move(lyric));
}

Result<Lyric> load_lyric(const std::filesystem::path& path) {
    constexpr std::uintmax_t limit = 16u << 20;
    return read_text_file(path, limit).and_then(read_lyric).map_error([&](Error error) {
        error.file = path.string();
        return error;
    });
}

} // namespace pulsepin
