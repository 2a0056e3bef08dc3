// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/wav_cues.h"

#include <algorithm>
#include <fstream>
#include <limits>
#include <map>

namespace pulsepin {
namespace {

void put(std::string& out, std::uint64_t value, int bytes) {
    for (int i = 0; i < bytes; ++i)
        out += static_cast<char>((value >> (8 * i)) & 0xffu);
}

std::uint64_t number(std::string_view bytes, std::size_t at, std::size_t count) {
    std::uint64_t value = 0;
    for (std::size_t i = 0; i < count && at + i < bytes.size(); ++i)
        value |= static_cast<std::uint64_t>(static_cast<unsigned char>(bytes[at + i])) << (8 * i);
    return value;
}

/// With its name and length; of odd lengths a byte follows that does not count.
std::string chunk(std::string_view name, const std::string& body) {
    std::string out(name);
    put(out, body.size(), 4);
    out += body;
    if (body.size() % 2 == 1)
        out += '\0';
    return out;
}

/// A text for a cue point of that number; texts end with a zero.
std::string text_of(std::string_view name, std::uint32_t id, std::string_view text) {
    std::string body;
    put(body, id, 4);
    body += text.substr(0, text.find('\0'));
    body += '\0';
    return chunk(name, body);
}

std::string_view until_zero(std::string_view text) {
    return text.substr(0, text.find('\0'));
}

class CueReader {
public:
    void cues(std::string_view body) {
        const auto count = number(body, 0, 4);
        for (std::uint64_t i = 0; i < count && 4 + (i + 1) * 24 <= body.size(); ++i) {
            const auto at = static_cast<std::size_t>(4 + i * 24);
            // Of sound that is not packed the offset of the sample counts (common practice: the first number,
            // which says the same).
            found_[static_cast<std::uint32_t>(number(body, at, 4))].at =
                Samples(static_cast<std::int64_t>(number(body, at + 20, 4)));
        }
    }
    void texts(std::string_view body) {
        for (std::size_t at = 0; at + 8 <= body.size();) {
            const auto name = body.substr(at, 4);
            const auto size = static_cast<std::size_t>(number(body, at + 4, 4));
            const auto part = body.substr(at + 8, std::min(size, body.size() - at - 8));
            const auto id = static_cast<std::uint32_t>(number(part, 0, 4));
            if (const auto cue = found_.find(id); part.size() >= 4 && cue != found_.end()) {
                if (name == "labl")
                    cue->second.label = until_zero(part.substr(4));
                else if (name == "note")
                    cue->second.note = until_zero(part.substr(4));
                else if (name == "ltxt")
                    cue->second.length = Samples(static_cast<std::int64_t>(number(part, 4, 4)));
            }
            at += 8 + size + size % 2;
        }
    }
    [[nodiscard]] std::vector<WavCue> in_order() const {
        std::vector<WavCue> cues;
        for (const auto& [id, cue] : found_)
            cues.push_back(cue);
        std::ranges::stable_sort(cues, {}, &WavCue::at);
        return cues;
    }

private:
    std::map<std::uint32_t, WavCue> found_;
};

} // namespace

Result<WavCues> read_wav_cues(const std::filesystem::path& path) {
    const auto no_wav = [&]() -> Result<WavCues> {
        return fail("This is no WAV file.", path.string(), "Choose a file that ends in .wav.",
                    ErrorKind::Damaged);
    };
    constexpr std::uint64_t most = 16u << 20; // of one chunk of texts
    std::error_code code;
    if (!std::filesystem::is_regular_file(path, code)) // a pipe would be waited for
        return no_wav();
    std::ifstream file(path, std::ios::binary);
    std::string head(12, '\0');
    if (!file.read(head.data(), 12) || (!head.starts_with("RIFF") && !head.starts_with("RF64")) ||
        std::string_view(head).substr(8) != "WAVE")
        return no_wav();
    WavCues wav;
    CueReader reader;
    std::vector<std::string> lists; // which may stand before the points that they name
    std::uint64_t data = 0, block = 0;
    constexpr std::uint64_t unknown = 0xffff'f000; // recorders that cannot go back write as much as fits
    for (std::string name(8, '\0'); file.read(name.data(), 8);) {
        std::uint64_t size = number(name, 4, 4);
        const auto id = std::string_view(name).substr(0, 4);
        if (id == "data" && size == 0xffffffff)
            size = data; // of RF64: its length stands in ds64
        if (id == "data" && block > 0 && (size < unknown || data > 0))
            wav.counted = static_cast<std::int64_t>(size / block);
        std::string body;
        if ((id == "fmt " || id == "cue " || id == "LIST" || id == "ds64") && size <= most) {
            body.resize(static_cast<std::size_t>(size));
            if (!file.read(body.data(), static_cast<std::streamsize>(size)))
                break;
            if (size % 2 == 1)
                file.ignore(1);
        } else if (!file.seekg(static_cast<std::streamoff>(size + size % 2), std::ios::cur))
            break;
        if (id == "fmt ") {
            wav.sample_rate = static_cast<std::int64_t>(number(body, 4, 4));
            block = number(body, 12, 2);
        } else if (id == "ds64")
            data = number(body, 8, 8);
        else if (id == "cue ")
            reader.cues(body);
        else if (id == "LIST" && body.starts_with("adtl"))
            lists.push_back(body.substr(4));
    }
    for (const auto& list : lists)
        reader.texts(list);
    wav.cues = reader.in_order();
    if (wav.sample_rate <= 0)
        return no_wav();
    return wav;
}

std::string cue_chunks(const std::vector<WavCue>& cues) {
    constexpr auto most = static_cast<std::int64_t>(std::numeric_limits<std::uint32_t>::max());
    std::string points, texts = "adtl";
    std::uint32_t id = 0;
    for (const auto& cue : cues) {
        if (cue.at < Samples(0) || cue.at.value > most) // what the format cannot hold
            continue;
        ++id;
        put(points, id, 4);
        put(points, static_cast<std::uint64_t>(cue.at.value), 4);
        points += "data";
        put(points, 0, 8); // where its chunk and its block begin, in one chunk of samples
        put(points, static_cast<std::uint64_t>(cue.at.value), 4);
        if (!cue.label.empty())
            texts += text_of("labl", id, cue.label);
        if (!cue.note.empty())
            texts += text_of("note", id, cue.note);
        if (cue.length > Samples(0)) {
            std::string region;
            put(region, id, 4);
            put(region, static_cast<std::uint64_t>(std::min(cue.length.value, most)), 4);
            region += "rgn ";
            put(region, 0, 8); // country, language, dialect, code page
            texts += chunk("ltxt", region);
        }
    }
    if (id == 0)
        return {};
    std::string count;
    put(count, id, 4);
    return chunk("cue ", count + points) + (texts.size() > 4 ? chunk("LIST", texts) : std::string());
}

std::string broadcast_chunk(std::string_view description, std::string_view originator,
                            Samples since_midnight) {
    std::string body;
    const auto field = [&](std::string_view text, std::size_t length) {
        body += text.substr(0, length);
        body.resize(body.size() + length - std::min(length, text.size()), '\0');
    };
    field(description, 256);
    field(originator, 32);
    field({}, 32);           // OriginatorReference
    field("1970-01-01", 10); // a date of no meaning: the same piece gives the same file
    field("00:00:00", 8);
    put(body, static_cast<std::uint64_t>(std::max<std::int64_t>(0, since_midnight.value)), 8);
    put(body, 1, 2);        // version
    body.resize(602, '\0'); // no UMID, and what is reserved
    return chunk("bext", body);
}

} // namespace pulsepin
