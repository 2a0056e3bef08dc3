// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/write_wav.h"

#include "base/draft.h"

#include <array>
#include <bit>
#include <cstring>
#include <fstream>

namespace pulsepin {
namespace {

static_assert(std::endian::native == std::endian::little, "samples are written as they lie in memory");

class Header {
public:
    void text(std::string_view bytes) { bytes_.insert(bytes_.end(), bytes.begin(), bytes.end()); }
    template <class T>
    void number(T value) {
        std::array<char, sizeof(T)> raw{};
        std::memcpy(raw.data(), &value, sizeof(T));
        bytes_.insert(bytes_.end(), raw.begin(), raw.end());
    }
    [[nodiscard]] const std::vector<char>& bytes() const { return bytes_; }

private:
    std::vector<char> bytes_;
};

std::vector<char> header_for(const SoundFormat& format, std::uint64_t frames, const std::string& chunks) {
    const auto channels = static_cast<std::uint16_t>(format.channels);
    const auto rate = static_cast<std::uint32_t>(format.sample_rate);
    const std::uint64_t data = frames * channels * sizeof(float);
    constexpr std::uint32_t unknown = 0xffffffff;
    const std::uint64_t riff = data + 4 + (8 + 18) + (8 + 4) + 8 + chunks.size();
    const bool large = riff + 36 >= unknown;
    const auto small = [&](std::uint64_t size) { return large ? unknown : static_cast<std::uint32_t>(size); };
    Header h;
    h.text(large ? "RF64" : "RIFF");
    h.number(small(riff));
    h.text("WAVE");
    if (large) {
        h.text("ds64");
        h.number<std::uint32_t>(28);
        h.number<std::uint64_t>(riff + 36);
        h.number<std::uint64_t>(data);
        h.number<std::uint64_t>(frames);
        h.number<std::uint32_t>(0); // no further sizes
    }
    h.text("fmt ");
    h.number<std::uint32_t>(18);
    h.number<std::uint16_t>(3); // IEEE float
    h.number(channels);
    h.number(rate);
    h.number<std::uint32_t>(rate * channels * static_cast<std::uint32_t>(sizeof(float)));
    h.number<std::uint16_t>(static_cast<std::uint16_t>(channels * sizeof(float)));
    h.number<std::uint16_t>(32);
    h.number<std::uint16_t>(0);
    h.text("fact");
    h.number<std::uint32_t>(4);
    h.number(small(frames));
    h.text(chunks);
    h.text("data");
    h.number(small(data));
    return h.bytes();
}

} // namespace

Result<void> write_wav(const SampleStore& sound, const std::filesystem::path& path, const Progress& progress,
                       const std::string& chunks) {
    const auto failed = [&]() -> Result<void> {
        return fail("The sound could not be written.", path.string(),
                    "See whether the disk is full and the folder may be written to.");
    };
    remove_forgotten_drafts(path.parent_path());
    auto draft = Draft::beside(path);
    if (!draft)
        return failed();
    std::ofstream file(draft->opened_as(), std::ios::binary);
    if (!file)
        return failed();
    const auto header = header_for(sound.format(), static_cast<std::uint64_t>(sound.length().value), chunks);
    file.write(header.data(), static_cast<std::streamsize>(header.size()));
    const auto all = sound.interleaved();
    constexpr std::size_t block = std::size_t{1} << 20;
    for (std::size_t at = 0; at < all.size(); at += block) {
        if (progress.cancelled())
            return fail_cancelled();
        const auto part = all.subspan(at, std::min(block, all.size() - at));
        file.write(reinterpret_cast<const char*>(part.data()),
                   static_cast<std::streamsize>(part.size_bytes()));
        if (!file)
            return failed();
        progress.report(static_cast<double>(at) / static_cast<double>(all.size()));
        sound.give_back_memory();
    }
    file.close();
    if (!file || !draft->take_place())
        return failed();
    return {};
}

} // namespace pulsepin
