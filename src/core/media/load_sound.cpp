// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/load_sound.h"

#include <array>
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

void take_channel(std::span<const float> interleaved, std::size_t channel, std::vector<float>& out) {
    out.resize(interleaved.size() / 2);
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = interleaved[2 * i + channel];
}

/// Peaks of the mean of the channels, and of each where there are two.
class PeakMeter {
public:
    explicit PeakMeter(int channels) : channels_(static_cast<std::size_t>(channels)) {}

    void append(std::span<const float> interleaved) {
        if (channels_ == 1)
            return mean_.append(interleaved);
        for (std::size_t c = 0; c < 2; ++c) {
            take_channel(interleaved, c, work_);
            each_[c].append(work_);
        }
        for (std::size_t i = 0; i < work_.size(); ++i)
            work_[i] = 0.5f * (interleaved[2 * i] + interleaved[2 * i + 1]);
        mean_.append(work_);
    }

    void finish_into(LoadedSound& sound) && {
        sound.peaks = std::make_shared<const Peaks>(std::move(mean_).finish());
        if (channels_ == 2)
            for (auto& channel : each_)
                sound.channel_peaks.push_back(std::make_shared<const Peaks>(std::move(channel).finish()));
    }

private:
    std::size_t channels_;
    PeaksBuilder mean_;
    std::array<PeaksBuilder, 2> each_;
    std::vector<float> work_;
};

} // namespace

Result<LoadedSound> load_sound(const std::filesystem::path& path, const Progress& progress) {
    auto decoder = AudioDecoder::open(path);
    if (!decoder)
        return tl::unexpected(decoder.error());
    auto store = SampleStoreWriter::create(decoder->format());
    if (!store)
        return tl::unexpected(store.error());

    PeakMeter peaks(decoder->format().channels);
    Fingerprint fingerprint;
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
        peaks.append(block);
        done += static_cast<std::int64_t>(block.size()) / decoder->format().channels;
        progress.report(std::min(1.0, static_cast<double>(done) / static_cast<double>(announced)));
    }
    if (done == 0)
        return fail("Not a single sample could be decoded.", path.string(),
                    "The file is damaged or cut off; export it again as WAV or FLAC.");
    auto samples = store->finish();
    if (!samples)
        return tl::unexpected(samples.error());
    LoadedSound sound;
    sound.path = path;
    sound.samples = *samples;
    sound.fingerprint = fingerprint.text();
    sound.damaged_packets = decoder->damaged_packets();
    std::move(peaks).finish_into(sound);
    return sound;
}

} // namespace pulsepin
