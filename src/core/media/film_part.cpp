// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/film_part.h"

#include <algorithm>
#include <charconv>
#include <cstdio>
#include <cstring>
#include <fmt/core.h>
#include <fstream>
#include <sstream>
#include <system_error>

namespace pulsepin {
namespace {

constexpr std::string_view first_line = "PULSEPIN FILM PART 1";

class Hash {
public:
    void add(const void* data, std::size_t size) {
        const auto* bytes = static_cast<const unsigned char*>(data);
        for (std::size_t i = 0; i < size; ++i) {
            value_ ^= bytes[i];
            value_ *= 1099511628211u;
        }
    }
    [[nodiscard]] std::uint64_t value() const { return value_; }

private:
    std::uint64_t value_ = 14695981039346656037u;
};

/// Texts in lines: what would end one is written as \n, a backslash as two.
std::string in_a_line(const std::string& text) {
    std::string out;
    for (const char c : text)
        out += c == '\n' ? std::string("\\n") : c == '\\' ? std::string("\\\\") : std::string(1, c);
    return out;
}
std::string from_a_line(const std::string& line) {
    std::string out;
    for (std::size_t i = 0; i < line.size(); ++i) {
        if (line[i] != '\\' || i + 1 == line.size()) {
            out += line[i];
            continue;
        }
        ++i;
        out += line[i] == 'n' ? '\n' : line[i];
    }
    return out;
}

std::string head_of(const FilmPart& part) {
    const FilmSpec& s = part.spec;
    std::string head = fmt::format(
        "{}\nmade_of {}\nframes {} {} {}\nformat {}\nsize {} {}\nrate {} {}\nquality {}\nsound {} {} {}\n",
        first_line, part.made_of, part.frames, part.first.value, part.until.value, s.format->id, s.width,
        s.height, s.rate.numerator(), s.rate.denominator(), s.quality, part.with_sound ? 1 : 0, s.sound_kbit,
        s.sample_rate);
    head +=
        "title " + in_a_line(s.title) + "\nauthor " + in_a_line(s.author) + "\ntimecode " + s.timecode + "\n";
    for (const auto& chapter : s.chapters)
        head += fmt::format("chapter {:.9f} {:.9f} {}\n", chapter.from.value, chapter.until.value,
                            in_a_line(chapter.name));
    return head + "\n";
}

tl::unexpected<Error> damaged(const std::filesystem::path& path, const char* what) {
    return fail(fmt::format("This is no whole part of a film: {}.", what), path.string(),
                "Make the part again.", ErrorKind::Damaged);
}

/// Numbers of eight bytes, the lowest first.
void put(std::ostream& out, Hash& hash, std::int64_t number) {
    unsigned char bytes[8];
    for (int i = 0; i < 8; ++i)
        bytes[i] = static_cast<unsigned char>(static_cast<std::uint64_t>(number) >> (8 * i));
    hash.add(bytes, 8);
    out.write(reinterpret_cast<const char*>(bytes), 8);
}
void put(std::ostream& out, Hash& hash, const std::vector<std::uint8_t>& bytes) {
    put(out, hash, static_cast<std::int64_t>(bytes.size()));
    hash.add(bytes.data(), bytes.size());
    out.write(reinterpret_cast<const char*>(bytes.data()), static_cast<std::streamsize>(bytes.size()));
}

class Reader {
public:
    Reader(std::istream& in, std::uint64_t size) : in_(in), left_(size) {}
    bool number(std::int64_t& value) {
        unsigned char bytes[8];
        if (left_ < 8 || !in_.read(reinterpret_cast<char*>(bytes), 8))
            return false;
        left_ -= 8;
        hash.add(bytes, 8);
        std::uint64_t sum = 0;
        for (int i = 0; i < 8; ++i)
            sum |= static_cast<std::uint64_t>(bytes[i]) << (8 * i);
        value = static_cast<std::int64_t>(sum);
        return true;
    }
    bool bytes(std::vector<std::uint8_t>& value) {
        std::int64_t size = 0;
        if (!number(size) || size < 0 || static_cast<std::uint64_t>(size) > left_)
            return false;
        value.resize(static_cast<std::size_t>(size));
        if (!in_.read(reinterpret_cast<char*>(value.data()), size))
            return false;
        left_ -= static_cast<std::uint64_t>(size);
        hash.add(value.data(), value.size());
        return true;
    }
    Hash hash;

private:
    std::istream& in_;
    std::uint64_t left_; ///< no length is believed that the file cannot hold
};

Result<FilmPart> head_in(std::istream& in, const std::filesystem::path& path) {
    FilmPart part;
    std::string line;
    if (!std::getline(in, line) || line != first_line)
        return damaged(path, "it does not begin as one");
    while (std::getline(in, line) && !line.empty()) {
        const auto blank = line.find(' ');
        const std::string name = line.substr(0, blank),
                          rest = blank == std::string::npos ? "" : line.substr(blank + 1);
        std::istringstream words(rest);
        words.imbue(std::locale::classic());
        FilmSpec& s = part.spec;
        std::int64_t a = 0, b = 0, c = 0;
        if (name == "made_of")
            part.made_of = rest;
        else if (name == "frames" && words >> a >> b >> c) {
            part.frames = a;
            part.first = Frames(b);
            part.until = Frames(c);
        } else if (name == "format")
            s.format = film_format(rest);
        else if (name == "size" && words >> a >> b) {
            s.width = static_cast<int>(a);
            s.height = static_cast<int>(b);
        } else if (name == "rate" && words >> a >> b) {
            if (auto rate = FrameRate::make(a, b))
                s.rate = *rate;
        } else if (name == "quality" && words >> a)
            s.quality = static_cast<int>(a);
        else if (name == "sound" && words >> a >> b >> c) {
            part.with_sound = a != 0;
            s.sound_kbit = static_cast<int>(b);
            s.sample_rate = c;
        } else if (name == "title")
            s.title = from_a_line(rest);
        else if (name == "author")
            s.author = from_a_line(rest);
        else if (name == "timecode")
            s.timecode = rest;
        else if (name == "chapter") {
            FilmSpec::Chapter chapter;
            words >> chapter.from.value >> chapter.until.value;
            words.get();
            std::getline(words, chapter.name);
            chapter.name = from_a_line(chapter.name);
            s.chapters.push_back(std::move(chapter));
        }
    }
    if (!part.spec.format || part.made_of.empty() || part.frames <= 0 || part.until <= part.first ||
        part.first < Frames(0) || part.until.value > part.frames)
        return damaged(path, "it does not say what it is a part of");
    return part;
}

} // namespace

std::string hash_of(std::string_view text) {
    Hash hash;
    hash.add(text.data(), text.size());
    return fmt::format("{:016x}", hash.value());
}

Result<void> write_part(const FilmPart& part, const std::filesystem::path& path) {
    auto draft = path;
    draft += ".part";
    std::error_code code;
    const auto failed = [&]() -> tl::unexpected<Error> {
        std::filesystem::remove(draft, code);
        return fail("The part could not be written.", path.string(),
                    "Is the disk full, or the folder write-protected?");
    };
    {
        std::ofstream out(draft, std::ios::binary);
        const std::string head = head_of(part);
        Hash hash;
        hash.add(head.data(), head.size());
        out << head;
        put(out, hash, static_cast<std::int64_t>(part.stretches.size()));
        for (const auto& stretch : part.stretches) {
            put(out, hash, static_cast<std::int64_t>(stretch.size()));
            for (const auto& picture : stretch) {
                put(out, hash, picture.shown);
                put(out, hash, picture.decoded);
                put(out, hash, picture.key ? 1 : 0);
                put(out, hash, picture.bytes);
            }
        }
        put(out, hash, static_cast<std::int64_t>(part.sound.size()));
        for (const auto& sound : part.sound) {
            put(out, hash, sound.at);
            put(out, hash, sound.length);
            put(out, hash, static_cast<std::int64_t>(sound.left_out));
            put(out, hash, sound.bytes);
        }
        Hash none;
        put(out, none, static_cast<std::int64_t>(hash.value()));
        out.close();
        if (!out)
            return failed();
    }
    std::filesystem::rename(draft, path, code);
    if (code)
        return failed();
    return {};
}

Result<FilmPart> read_part_head(const std::filesystem::path& path) {
    std::ifstream in(path, std::ios::binary);
    if (!in)
        return fail("There is no such part.", path.string(), {}, ErrorKind::NotFound);
    return head_in(in, path);
}

Result<FilmPart> read_part(const std::filesystem::path& path) {
    std::error_code code;
    const auto size = std::filesystem::file_size(path, code);
    std::ifstream in(path, std::ios::binary);
    if (!in || code)
        return fail("There is no such part.", path.string(), {}, ErrorKind::NotFound);
    auto part = head_in(in, path);
    if (!part)
        return part;
    const std::string head = head_of(*part);
    Reader reader(in, size);
    reader.hash.add(head.data(), head.size());
    std::int64_t stretches = 0, count = 0, key = 0, left_out = 0;
    if (!reader.number(stretches) || stretches < 0 || stretches > part->frames)
        return damaged(path, "it is cut off");
    for (std::int64_t i = 0; i < stretches; ++i) {
        auto& stretch = part->stretches.emplace_back();
        if (!reader.number(count) || count < 0 || count > stretch_frames + 64)
            return damaged(path, "it is cut off");
        for (std::int64_t k = 0; k < count; ++k) {
            auto& picture = stretch.emplace_back();
            if (!reader.number(picture.shown) || !reader.number(picture.decoded) || !reader.number(key) ||
                !reader.bytes(picture.bytes))
                return damaged(path, "it is cut off");
            picture.key = key != 0;
        }
    }
    if (!reader.number(count) || count < 0)
        return damaged(path, "it is cut off");
    for (std::int64_t k = 0; k < count; ++k) {
        auto& sound = part->sound.emplace_back();
        if (!reader.number(sound.at) || !reader.number(sound.length) || !reader.number(left_out) ||
            !reader.bytes(sound.bytes))
            return damaged(path, "it is cut off");
        sound.left_out = static_cast<std::uint32_t>(left_out);
    }
    const std::uint64_t is = reader.hash.value();
    std::int64_t told = 0;
    if (!reader.number(told) || static_cast<std::uint64_t>(told) != is)
        return damaged(path, "its bytes are not those that were written");
    return part;
}

Result<void> join_parts(const std::vector<std::filesystem::path>& paths, const std::filesystem::path& out) {
    struct Head {
        FilmPart part;
        std::filesystem::path path;
    };
    std::vector<Head> heads;
    for (const auto& path : paths) {
        auto head = read_part_head(path);
        if (!head)
            return tl::unexpected(head.error());
        heads.push_back({*std::move(head), path});
    }
    if (heads.empty())
        return fail("There are no parts to join.");
    std::sort(heads.begin(), heads.end(),
              [](const Head& a, const Head& b) { return a.part.first < b.part.first; });
    Frames next(0);
    for (const auto& [part, path] : heads) {
        if (part.made_of != heads.front().part.made_of)
            return fail("This part is of another film, or of other settings.", path.string(),
                        "Make all parts of one project with the same settings.");
        if (part.first > next)
            return fail(fmt::format("The part with frame {} is missing.", next.value), {},
                        "Make it, and join again.");
        if (part.first < next)
            return fail("This part is there twice.", path.string(), "Name each part once.");
        next = part.until;
    }
    if (next.value != heads.front().part.frames)
        return fail(fmt::format("The part with frame {} is missing.", next.value), {},
                    "Make it, and join again.");
    auto film = FilmFile::create(out, heads.front().part.spec, heads.front().part.with_sound);
    if (!film)
        return tl::unexpected(film.error());
    std::vector<CodedSound> sound;
    std::size_t heard = 0;
    const double per_frame =
        static_cast<double>(heads.front().part.spec.sample_rate) / heads.front().part.spec.rate.per_second();
    for (const auto& [head, path] : heads) {
        auto part = read_part(path);
        if (!part)
            return tl::unexpected(part.error());
        if (!part->sound.empty())
            sound = std::move(part->sound);
        Frames first = part->first;
        for (const auto& stretch : part->stretches) {
            for (const auto& picture : stretch)
                if (auto added = film->add(picture, first); !added)
                    return added;
            first = std::min(first + Frames(stretch_frames), part->until);
            const auto until = static_cast<double>(first.value) * per_frame;
            for (; heard < sound.size() && static_cast<double>(sound[heard].at) < until; ++heard)
                if (auto added = film->add(sound[heard]); !added)
                    return added;
        }
    }
    for (; heard < sound.size(); ++heard)
        if (auto added = film->add(sound[heard]); !added)
            return added;
    return film->finish();
}

} // namespace pulsepin
