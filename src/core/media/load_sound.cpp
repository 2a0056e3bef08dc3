// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/load_sound.h"

#include <bit>
#include <fmt/core.h>

namespace pulsepin {
namespace {

/// FNV-1a, 64 bit, over the bit patterns of the samples.
class Fingerprint {
public:
    void add(std::span<const float> values) {
        for (const float value : values)
            hash_ = (hash_ ^ std::bit_cast<std::uint32_t>(value)) * 0x100000001b3ULL;
    }
    [[nodiscard]] std::string text() const { return fmt::format("{:016x}", hash_); }

private:
    std::uint64_t hash_ = 0xcbf29ce484222325ULL;
};

void mix_to_mono(std::span<const float> interleaved, int channels, std::vector<float>& mono) {
    mono.resize(interleaved.size() / static_cast<std::size_t>(channels));
    for (std::size_t i = 0; i < mono.size(); ++i)
        mono[i] = channels == 1 ? interleaved[i] : 0.5f * (interleaved[2 * i] + interleaved[2 * i + 1]);
}

} // namespace

Result<LoadedSound> load_sound(const std::filesystem::path& path, const Progress& progress) {
    auto decoder = AudioDecoder::open(path);
    if (!decoder)
        return tl::unexpected(decoder.error());
    auto store = SampleStoreWriter::create(decoder->format());
    if (!store)
        return tl::unexpected(store.error());

    PeaksBuilder peaks;
    Fingerprint fingerprint;
    std::vector<float> mono;
    const auto announced = std::max<std::int64_t>(decoder->announced_length().value, 1);
    std::int64_t done = 0;
    for (;;) {
        const auto& block = decoder->next_block();
        if (block.empty())
            break;
        if (progress.cancelled())
            return fail(cancelled_text, path.string());
        if (auto written = store->append(block); !written)
            return tl::unexpected(written.error());
        fingerprint.add(block);
        mix_to_mono(block, decoder->format().channels, mono);
        peaks.append(mono);
        done += static_cast<std::int64_t>(mono.size());
        progress.report(std::min(1.0, static_cast<double>(done) / static_cast<double>(announced)));
    }
    if (done == 0)
        return fail("Not a single sample could be decoded.", path.string(),
                    "The file is damaged or cut off; export it again as WAV or FLAC.");
    auto samples = store->finish();
    if (!samples)
        return tl::unexpected(samples.error());
    return LoadedSound{path, *samples, std::make_shared<const Peaks>(std::move(peaks).finish()), fingerprint.text(),
                       decoder->damaged_packets()};
}

} // namespace pulsepin
