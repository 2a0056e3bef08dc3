// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/film_part.h"

#include "base/draft.h"

#include <algorithm>
#include <cerrno>
#include <fmt/core.h>
#include <fstream>
#include <optional>
#include <sstream>
#include <system_error>

namespace pulsepin {
namespace {

constexpr std::string_view first_line = "PULSEPIN FILM PART 3";

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

std::string head_of(const PartHead& part) {
    const FilmSpec& s = part.spec;
    std::string head = fmt::format(
        "{}\nmade_of {}\nframes {} {} {}\nformat {}\nsize {} {}\nrate {} {}\nquality {} {}\nsound {} {} {}\n",
        first_line, part.made_of, part.frames, part.first.value, part.until.value, s.format->id, s.width,
        s.height, s.rate.numerator(), s.rate.denominator(), s.quality, s.transparent ? 1 : 0,
        part.with_sound ? 1 : 0, s.sound_kbit, s.sample_rate);
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

// What stands before each piece of a part.
constexpr std::int64_t end_mark = 0, picture_mark = 1, sound_mark = 2;

// What no film comes near: beyond it a part is damaged, and sums of its numbers would not hold.
constexpr std::int64_t most_frames = 1'000'000'000, most_samples = 1'000'000'000'000'000;
constexpr std::int64_t most_bytes = 1 << 30; ///< of a picture, or of a stretch of sound
constexpr std::int64_t most_sample_rate = 768'000;

bool within(std::int64_t value, std::int64_t least, std::int64_t most) {
    return value >= least && value <= most;
}
bool lasts(const FilmSpec::Chapter& chapter) {
    return chapter.from >= Seconds(0) && chapter.from <= chapter.until &&
           chapter.until.value <= static_cast<double>(most_frames);
}
/// Whether it is what a writer of parts tells.
bool is_of_a_film(const PartHead& part) {
    const FilmSpec& s = part.spec;
    return s.format && made_in_parts(*s.format) && !part.made_of.empty() &&
           within(part.frames, 1, most_frames) && part.first >= Frames(0) && part.first < part.until &&
           part.until.value <= part.frames && within(s.sample_rate, 1, most_sample_rate) &&
           std::all_of(s.chapters.begin(), s.chapters.end(), lasts);
}

Result<PartHead> head_in(std::istream& in, const std::filesystem::path& path) {
    PartHead part;
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
        else if (name == "size" && words >> a >> b && within(a, 1, most_frames) &&
                 within(b, 1, most_frames)) {
            s.width = static_cast<int>(a);
            s.height = static_cast<int>(b);
        } else if (name == "rate" && words >> a >> b) {
            if (auto rate = FrameRate::make(a, b))
                s.rate = *rate;
        } else if (name == "quality" && words >> a >> b && within(a, 0, most_frames)) {
            s.quality = static_cast<int>(a);
            s.transparent = b != 0;
        } else if (name == "sound" && words >> a >> b >> c && within(b, 0, most_frames)) {
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
    if (!is_of_a_film(part))
        return damaged(path, "it does not say what it is a part of");
    return part;
}

} // namespace

std::string hash_of(std::string_view text) {
    Hash hash;
    hash.add(text.data(), text.size());
    return fmt::format("{:016x}", hash.value());
}

// -- writing

struct PartWriter::State {
    std::filesystem::path path;
    std::optional<Draft> draft;
    std::ofstream out;
    Hash hash;

    /// Numbers of eight bytes, the lowest first.
    void put(std::int64_t number) {
        unsigned char bytes[8];
        for (int i = 0; i < 8; ++i)
            bytes[i] = static_cast<unsigned char>(static_cast<std::uint64_t>(number) >> (8 * i));
        hash.add(bytes, 8);
        out.write(reinterpret_cast<const char*>(bytes), 8);
    }
    void put(const std::vector<std::uint8_t>& bytes) {
        put(static_cast<std::int64_t>(bytes.size()));
        hash.add(bytes.data(), bytes.size());
        out.write(reinterpret_cast<const char*>(bytes.data()), static_cast<std::streamsize>(bytes.size()));
    }
    [[nodiscard]] Result<void> good() const {
        if (out)
            return {};
        return fail("The part could not be written.", path.string(),
                    "Is the disk full, or the folder write-protected?");
    }
};

PartWriter::PartWriter(std::unique_ptr<State> state) : state_(std::move(state)) {}
PartWriter::~PartWriter() = default;
PartWriter::PartWriter(PartWriter&&) noexcept = default;
PartWriter& PartWriter::operator=(PartWriter&&) noexcept = default;

Result<PartWriter> PartWriter::create(const std::filesystem::path& path, const PartHead& head) {
    auto state = std::make_unique<State>();
    state->path = path;
    remove_forgotten_drafts(path.parent_path());
    state->draft = Draft::beside(path);
    if (!state->draft)
        return fail("The part could not be written (" + std::generic_category().message(errno) + ").",
                    path.string(), "Look whether the folder is there and can be written to.");
    state->out.open(state->draft->opened_as(), std::ios::binary);
    const std::string text = head_of(head);
    state->hash.add(text.data(), text.size());
    state->out << text;
    if (auto good = state->good(); !good)
        return tl::unexpected(good.error());
    return PartWriter(std::move(state));
}

Result<void> PartWriter::add(const CodedPicture& picture, Frames first) {
    State& s = *state_;
    s.put(picture_mark);
    s.put(first.value);
    s.put(picture.shown);
    s.put(picture.decoded);
    s.put(picture.key ? 1 : 0);
    s.put(picture.bytes);
    s.put(picture.holes);
    return s.good();
}

Result<void> PartWriter::add(const CodedSound& sound) {
    State& s = *state_;
    s.put(sound_mark);
    s.put(sound.at);
    s.put(sound.length);
    s.put(static_cast<std::int64_t>(sound.left_out));
    s.put(sound.bytes);
    return s.good();
}

Result<void> PartWriter::finish() {
    State& s = *state_;
    s.put(end_mark);
    s.put(static_cast<std::int64_t>(s.hash.value()));
    s.out.close();
    if (auto good = s.good(); !good)
        return good;
    if (!s.draft->take_place())
        return fail("The part could not be put in its place (" + std::generic_category().message(errno) +
                        ").",
                    s.path.string(), "Look whether the folder can be written to.");
    return {};
}

// -- reading

struct PartReader::State {
    std::filesystem::path path;
    std::ifstream in;
    std::uint64_t left = 0; ///< no length is believed that the file cannot hold
    Hash hash;
    PartHead head;

    bool number(std::int64_t& value) {
        unsigned char bytes[8];
        if (left < 8 || !in.read(reinterpret_cast<char*>(bytes), 8))
            return false;
        left -= 8;
        hash.add(bytes, 8);
        std::uint64_t sum = 0;
        for (int i = 0; i < 8; ++i)
            sum |= static_cast<std::uint64_t>(bytes[i]) << (8 * i);
        value = static_cast<std::int64_t>(sum);
        return true;
    }
    bool bytes(std::vector<std::uint8_t>& value) {
        std::int64_t size = 0;
        if (!number(size) || !within(size, 0, most_bytes) || static_cast<std::uint64_t>(size) > left)
            return false;
        value.resize(static_cast<std::size_t>(size));
        if (!in.read(reinterpret_cast<char*>(value.data()), size))
            return false;
        left -= static_cast<std::uint64_t>(size);
        hash.add(value.data(), value.size());
        return true;
    }
};

PartReader::PartReader(std::unique_ptr<State> state) : state_(std::move(state)) {}
PartReader::~PartReader() = default;
PartReader::PartReader(PartReader&&) noexcept = default;
PartReader& PartReader::operator=(PartReader&&) noexcept = default;

Result<PartReader> PartReader::open(const std::filesystem::path& path) {
    auto state = std::make_unique<State>();
    std::error_code code;
    state->path = path;
    state->left = std::filesystem::file_size(path, code);
    state->in.open(path, std::ios::binary);
    if (!state->in || code)
        return fail("There is no such part.", path.string(), {}, ErrorKind::NotFound);
    auto head = head_in(state->in, path);
    if (!head)
        return tl::unexpected(head.error());
    state->head = *std::move(head);
    const std::string text = head_of(state->head);
    state->hash.add(text.data(), text.size());
    return PartReader(std::move(state));
}

const PartHead& PartReader::head() const {
    return state_->head;
}

Result<std::variant<PartEnd, PartPicture, CodedSound>> PartReader::next() {
    using Piece = std::variant<PartEnd, PartPicture, CodedSound>;
    State& s = *state_;
    std::int64_t mark = 0;
    if (!s.number(mark))
        return damaged(s.path, "it is cut off");
    if (mark == picture_mark) {
        PartPicture piece;
        std::int64_t key = 0;
        if (!s.number(piece.first.value) || !s.number(piece.picture.shown) ||
            !s.number(piece.picture.decoded) || !s.number(key) || !s.bytes(piece.picture.bytes) ||
            !s.bytes(piece.picture.holes))
            return damaged(s.path, "it is cut off");
        if (piece.first < s.head.first || piece.first >= s.head.until ||
            !within(piece.picture.shown, -most_frames, most_frames) ||
            !within(piece.picture.decoded, -most_frames, most_frames))
            return damaged(s.path, "a picture is at no frame of it");
        if (piece.picture.bytes.empty())
            return damaged(s.path, "a picture of it is empty");
        piece.picture.key = key != 0;
        return Piece(std::move(piece));
    }
    if (mark == sound_mark) {
        CodedSound sound;
        std::int64_t left_out = 0;
        if (!s.number(sound.at) || !s.number(sound.length) || !s.number(left_out) || !s.bytes(sound.bytes))
            return damaged(s.path, "it is cut off");
        if (!within(sound.at, -most_samples, most_samples) || !within(sound.length, 0, most_samples) ||
            !within(left_out, 0, most_samples))
            return damaged(s.path, "its sound is at no time of it");
        if (sound.bytes.empty())
            return damaged(s.path, "some of its sound is empty");
        sound.left_out = static_cast<std::uint32_t>(left_out);
        return Piece(std::move(sound));
    }
    const std::uint64_t is = s.hash.value();
    std::int64_t told = 0;
    if (mark != end_mark || !s.number(told) || static_cast<std::uint64_t>(told) != is)
        return damaged(s.path, "its bytes are not those that were written");
    return Piece(PartEnd());
}

} // namespace pulsepin
