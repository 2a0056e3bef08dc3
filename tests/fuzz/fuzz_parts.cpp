// SPDX-License-Identifier: GPL-3.0-or-later
//
// Parts of a film. An even first byte: the rest is a part, read to its end and joined by itself. An odd one:
// the rest tells the pieces of two parts, which are written (so that their sums are right) and joined.
#include "folder.h"
#include "media/film_part.h"
#include "use_grid.h"

#include <array>

extern "C" {
#include <libavutil/log.h>
}

namespace {

using namespace pulsepin;

constexpr std::array names{"a.part", "b.part", "film"};

void read_to_its_end(const std::filesystem::path& path) {
    auto reader = PartReader::open(path);
    if (!reader) {
        fuzz::demand(!reader.error().what.empty());
        return;
    }
    for (auto piece = reader->next(); piece; piece = reader->next())
        if (std::holds_alternative<PartEnd>(*piece))
            return;
}

struct Told {
    const std::uint8_t* next;
    const std::uint8_t* end;
    [[nodiscard]] bool more() const { return next < end; }
    std::uint8_t byte() { return next < end ? *next++ : std::uint8_t{0}; }
    /// Mostly the one that is expected; else near it, or anything.
    std::int64_t number(std::int64_t expected) {
        const std::uint8_t way = byte();
        if (way < 200)
            return expected;
        if (way < 250)
            return expected + way - 225;
        std::uint64_t any = 0;
        for (int i = 0; i < 8; ++i)
            any = any << 8 | byte();
        return static_cast<std::int64_t>(any);
    }
    std::vector<std::uint8_t> bytes() {
        std::vector<std::uint8_t> some(byte());
        for (auto& one : some)
            one = byte();
        return some;
    }
};

PartHead head_of(Told& told) {
    static const std::array formats{"h264", "vp9", "prores", "ffv1", "gif", "wav", "png", "webp"};
    PartHead head;
    head.made_of = "x";
    head.spec.format = film_format(formats[told.byte() % formats.size()]);
    head.spec.width = static_cast<int>(told.number(64));
    head.spec.height = static_cast<int>(told.number(64));
    head.spec.quality = head.spec.format->usual;
    head.spec.sample_rate = told.number(48000);
    head.with_sound = told.byte() % 2 == 0;
    head.spec.title = std::string(told.byte() % 4, 'a');
    if (told.byte() % 4 == 0)
        head.spec.chapters.push_back({Seconds(static_cast<double>(told.number(0))),
                                      Seconds(static_cast<double>(told.number(1))), "c"});
    head.frames = told.number(6);
    return head;
}

void write(Told& told, const PartHead& head, const std::filesystem::path& path) {
    auto part = PartWriter::create(path, head);
    fuzz::demand(part.has_value());
    std::int64_t shown = 0, at = 0;
    for (int i = 0; i < 8 && told.more(); ++i) {
        if (head.with_sound && told.byte() % 2 == 0) {
            const std::int64_t length = told.number(1024);
            (void)part->add(CodedSound{told.bytes(), told.number(at), length,
                                       static_cast<std::uint32_t>(told.number(0))});
            at = static_cast<std::int64_t>(static_cast<std::uint64_t>(at) +
                                           static_cast<std::uint64_t>(length));
        } else {
            auto bytes = told.bytes(), holes = told.byte() % 8 == 0 ? told.bytes() : bytes;
            (void)part->add({std::move(bytes), told.byte() % 8 == 0 ? std::move(holes) : decltype(holes){},
                             told.number(shown), told.number(shown), told.byte() % 2 == 0},
                            Frames(told.number(head.first.value)));
            ++shown;
        }
    }
    (void)part->finish();
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static const fuzz::Folder folder;
    av_log_set_level(AV_LOG_QUIET);
    if (size == 0)
        return 0;
    const auto a = folder.at("a.part"), b = folder.at("b.part"), film = folder.at("film");
    std::filesystem::remove(film);
    if (data[0] % 2 == 0) {
        read_to_its_end(folder.with("a.part", {data + 1, size - 1}));
        (void)join_parts({a}, film);
    } else {
        Told told{data + 1, data + size};
        PartHead head = head_of(told);
        const Frames middle(told.number(3));
        head.until = middle;
        write(told, head, a);
        head.first = middle;
        head.until = Frames(told.number(head.frames));
        write(told, head, b);
        read_to_its_end(a);
        const auto joined = join_parts({b, a}, film);
        fuzz::demand(joined.has_value() == std::filesystem::exists(film));
        fuzz::demand(joined || !joined.error().what.empty());
    }
    fuzz::demand(folder.holds_only(names)); // no draft is left
    return 0;
}
