// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/list_readers.h"

#include "base/text_file.h"

#include <algorithm>
#include <array>
#include <cctype>

namespace pulsepin {

std::span<const ListReaderRow> list_readers() {
    static const std::array rows{otio_reader,      edl_reader,       mlt_reader,  captions_reader,
                                 midi_list_reader, jams_list_reader, table_reader};
    return rows;
}

ParamSpecs list_rate_params() {
    static constexpr ParamChoice choices[] = {{"piece", "as this piece"},
                                              {"23.976", "23.976"},
                                              {"24", "24"},
                                              {"25", "25"},
                                              {"29.97", "29.97"},
                                              {"30", "30"},
                                              {"48", "48"},
                                              {"47.952", "47.952"},
                                              {"50", "50"},
                                              {"59.94", "59.94"},
                                              {"60", "60"},
                                              {"120", "120"}};
    static constexpr ParamSpec specs[] = {{.id = "rate",
                                           .label = "frames per second",
                                           .type = ParamType::Choice,
                                           .explains = "in which its frames and timecodes are counted",
                                           .choices = choices}};
    return specs;
}

FrameRate list_rate(const ParamValues& values, FrameRate piece) {
    return FrameRate::parse(values.text("rate")).value_or(piece);
}

const ListReaderRow* list_reader_of(const std::filesystem::path& path) {
    std::string ending = path.extension().string();
    std::ranges::transform(ending, ending.begin(), [](unsigned char c) { return std::tolower(c); });
    if (ending.size() < 2)
        return nullptr;
    const std::string wanted = " " + ending.substr(1) + " ";
    for (const auto& row : list_readers())
        if ((" " + std::string(row.extensions) + " ").find(wanted) != std::string::npos)
            return &row;
    return nullptr;
}

Result<BroughtIn> read_list(const std::filesystem::path& path, const ListReading& reading) {
    const auto* row = list_reader_of(path);
    if (!row) {
        std::string all;
        for (const auto& one : list_readers())
            all += (all.empty() ? "" : ", ") + std::string(one.extensions);
        return fail("No list with that ending can be brought in.", path,
                    "Those that can end in: " + all + ".");
    }
    if (auto good = check_values(reading.values, row->parameters); !good)
        return tl::unexpected(good.error());
    constexpr std::uintmax_t most = 64u << 20;
    auto bytes = read_text_file(path, most);
    if (!bytes)
        return tl::unexpected(bytes.error());
    auto read = row->read(*bytes, {reading.rate, completed(reading.values, row->parameters)});
    if (!read)
        return fail(read.error().what, path, read.error().remedy);
    return read;
}

} // namespace pulsepin
