// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/sound_part.h"

#include "base/in_order.h"
#include "dsp/biquad.h"
#include "dsp/harmonic_percussive.h"
#include "dsp/real_fft.h"
#include "media/sound_builder.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

using Channels = std::vector<std::vector<float>>; ///< each as long as the others

/// The wanted side of a sound, channel by channel; silence beyond its ends.
class Side {
public:
    Side(const SampleStore& sound, const std::string& side)
        : sound_(sound), side_(side), in_(static_cast<std::size_t>(sound.format().channels)) {}
    [[nodiscard]] std::size_t channels() const { return side_ == "both" ? in_ : 1; }

    void read(std::int64_t from, std::int64_t until, Channels& out) const {
        const auto all = sound_.interleaved();
        out.resize(channels());
        for (auto& channel : out)
            channel.assign(static_cast<std::size_t>(until - from), 0.0f);
        for (auto at = std::max<std::int64_t>(from, 0); at < std::min(until, sound_.length().value); ++at) {
            const auto* frame = all.data() + static_cast<std::size_t>(at) * in_;
            const auto i = static_cast<std::size_t>(at - from);
            const float left = frame[0], right = frame[in_ - 1];
            if (side_ == "both")
                for (std::size_t c = 0; c < in_; ++c)
                    out[c][i] = frame[c];
            else
                out[0][i] = side_ == "left"     ? left
                            : side_ == "right"  ? right
                            : side_ == "middle" ? (left + right) / 2
                                                : (left - right) / 2;
        }
    }

private:
    const SampleStore& sound_;
    std::string side_;
    std::size_t in_;
};

/// Takes frames [first, last) of the short-time spectrum and puts together what is of the wanted kind: from
/// the first sample of the first frame on to the last of the last one.
class Separator {
public:
    Separator(const Side& side, SoundKind wanted, const SeparationShape& shape)
        : side_(side), wanted_(wanted), shape_(shape) {}

    [[nodiscard]] Channels run(std::int64_t first, std::int64_t last) const {
        const auto window = static_cast<std::int64_t>(shape_.window),
                   hop = static_cast<std::int64_t>(shape_.hop);
        const auto around = static_cast<std::int64_t>(shape_.in_time / 2);
        Channels in;
        const std::int64_t from = (first - around) * hop;
        side_.read(from, (last - 1 + around) * hop + window, in);
        RealFft fft(shape_.window);
        const auto hann = hann_window(shape_.window);
        const std::size_t bins = fft.bins();
        const auto frames = static_cast<std::size_t>(last - first + 2 * around);
        std::vector<std::vector<std::complex<float>>> spectra(in.size());
        std::vector<float> magnitudes(frames * bins, 0.0f);
        for (std::size_t c = 0; c < in.size(); ++c) {
            spectra[c].resize(frames * bins);
            for (std::size_t f = 0; f < frames; ++f) {
                const auto input = fft.input();
                for (std::size_t i = 0; i < shape_.window; ++i)
                    input[i] = in[c][f * shape_.hop + i] * hann[i];
                const auto spectrum = fft.transform();
                std::copy(spectrum.begin(), spectrum.end(),
                          spectra[c].begin() + static_cast<std::ptrdiff_t>(f * bins));
                for (std::size_t b = 0; b < bins; ++b)
                    magnitudes[f * bins + b] += std::norm(spectrum[b]);
            }
        }
        for (float& value : magnitudes) // the channels' powers together, so that all are shared out alike
            value = std::sqrt(value);
        const auto kinds = kinds_of_bins(magnitudes, bins, shape_);
        return together(spectra, kinds, static_cast<std::size_t>(last - first),
                        static_cast<std::size_t>(around), hann);
    }

private:
    [[nodiscard]] Channels together(const std::vector<std::vector<std::complex<float>>>& spectra,
                                    const std::vector<SoundKind>& kinds, std::size_t count,
                                    std::size_t around, const std::vector<float>& hann) const {
        InverseRealFft back(shape_.window);
        const std::size_t bins = back.input().size();
        // Four Hann windows, squared, overlap to 1.5.
        const float scale = 1 / (1.5f * static_cast<float>(shape_.window));
        Channels out(spectra.size(), std::vector<float>((count - 1) * shape_.hop + shape_.window, 0.0f));
        for (std::size_t c = 0; c < spectra.size(); ++c)
            for (std::size_t f = 0; f < count; ++f) {
                const auto input = back.input();
                for (std::size_t b = 0; b < bins; ++b)
                    input[b] = kinds[f * bins + b] == wanted_ ? spectra[c][(f + around) * bins + b]
                                                              : std::complex<float>();
                const auto samples = back.transform();
                for (std::size_t i = 0; i < shape_.window; ++i)
                    out[c][f * shape_.hop + i] += samples[i] * hann[i] * scale;
            }
        return out;
    }

    const Side& side_;
    SoundKind wanted_;
    SeparationShape shape_;
};

Result<void> append(SoundBuilder& builder, const Channels& channels, std::size_t from, std::size_t until) {
    std::vector<float> interleaved;
    interleaved.reserve((until - from) * channels.size());
    for (std::size_t i = from; i < until; ++i)
        for (const auto& channel : channels)
            interleaved.push_back(channel[i]);
    return builder.append(interleaved);
}

Result<LoadedSound> separated(const SampleStore& sound, const std::string& side_name, SoundKind wanted,
                              const Progress& progress) {
    const Side side(sound, side_name);
    const auto shape = separation_shape(static_cast<double>(sound.format().sample_rate));
    auto builder = SoundBuilder::create({sound.format().sample_rate, static_cast<int>(side.channels())});
    if (!builder)
        return tl::unexpected(builder.error());
    const auto hop = static_cast<std::int64_t>(shape.hop), length = sound.length().value;
    constexpr std::int64_t in_chunk = 400; // frames; some four seconds
    // Frame f begins at f * hop: the first three reach into the sound from before it.
    const std::int64_t first_frame = -3, frames = length / hop + 1 - first_frame;
    const auto chunks = static_cast<std::size_t>((frames + in_chunk - 1) / in_chunk);
    const auto begin = [&](std::size_t chunk) {
        return first_frame + std::min(frames, static_cast<std::int64_t>(chunk) * in_chunk);
    };
    const Separator separator(side, wanted, shape);
    Channels waiting(side.channels(), std::vector<float>(shape.window, 0.0f)); // reaches into the next chunk
    auto done = in_order(
        chunks, progress, [&](std::size_t chunk) { return separator.run(begin(chunk), begin(chunk + 1)); },
        [&](std::size_t chunk, Channels& made) -> Result<void> {
            const auto complete = static_cast<std::size_t>((begin(chunk + 1) - begin(chunk)) * hop);
            for (std::size_t c = 0; c < made.size(); ++c) {
                made[c].resize(std::max(made[c].size(), complete + shape.window), 0.0f);
                for (std::size_t i = 0; i < shape.window; ++i)
                    made[c][i] += waiting[c][i];
                std::copy_n(made[c].begin() + static_cast<std::ptrdiff_t>(complete), shape.window,
                            waiting[c].begin());
            }
            const std::int64_t at = begin(chunk) * hop;
            const auto skipped = static_cast<std::size_t>(std::max<std::int64_t>(0, -at));
            const auto until = static_cast<std::size_t>(
                std::clamp<std::int64_t>(length - at, 0, static_cast<std::int64_t>(complete)));
            sound.give_back_memory();
            return until > skipped ? append(*builder, made, skipped, until) : Result<void>();
        });
    if (!done)
        return tl::unexpected(done.error());
    return std::move(*builder).finish();
}

/// One side, or a band of it.
Result<LoadedSound> filtered(const SampleStore& sound, const std::string& side_name, double from_hz,
                             double until_hz, const Progress& progress) {
    const Side side(sound, side_name);
    const auto rate = static_cast<double>(sound.format().sample_rate);
    auto builder = SoundBuilder::create({sound.format().sample_rate, static_cast<int>(side.channels())});
    if (!builder)
        return tl::unexpected(builder.error());
    const auto sections = band_pass_sections(from_hz, until_hz, rate);
    const auto block = static_cast<std::int64_t>(8 * rate), length = sound.length().value;
    const auto margin = static_cast<std::int64_t>(0.75 * rate); // what the filters need to settle
    const auto blocks = static_cast<std::size_t>((length + block - 1) / block);
    auto done = in_order(
        blocks, progress,
        [&](std::size_t i) {
            const auto from = static_cast<std::int64_t>(i) * block, until = std::min(length, from + block);
            Channels channels;
            side.read(from - margin, until + margin, channels);
            std::vector<double> signal;
            for (auto& channel : channels) {
                if (!sections.empty()) {
                    signal.assign(channel.begin(), channel.end());
                    run_forward(sections, signal);
                    run_backward(sections, signal);
                    std::transform(signal.begin(), signal.end(), channel.begin(),
                                   [](double value) { return static_cast<float>(value); });
                }
                channel.erase(channel.begin(), channel.begin() + margin);
                channel.resize(static_cast<std::size_t>(until - from));
            }
            return channels;
        },
        [&](std::size_t, const Channels& channels) {
            sound.give_back_memory();
            return append(*builder, channels, 0, channels.front().size());
        });
    if (!done)
        return tl::unexpected(done.error());
    return std::move(*builder).finish();
}

} // namespace

Result<LoadedSound> sound_part(const SampleStore& sound, const SoundPartSpec& spec,
                               const Progress& progress) {
    if (spec.part == "vocal") {
        // A band within a band: the narrower limits count.
        const double from = std::max(spec.from_hz, vocal_from_hz);
        const double until = spec.until_hz > 0 ? std::min(spec.until_hz, vocal_until_hz) : vocal_until_hz;
        return filtered(sound, spec.side, from, std::max(until, from), progress);
    }
    if (spec.part == "whole")
        return filtered(sound, spec.side, spec.from_hz, spec.until_hz, progress);
    const SoundKind kind = spec.part == "percussive" ? SoundKind::Percussive
                           : spec.part == "harmonic" ? SoundKind::Harmonic
                                                     : SoundKind::Residual;
    const bool band = spec.from_hz > 0 || spec.until_hz > 0;
    auto part = separated(sound, spec.side, kind, progress.part(0, band ? 0.8 : 1));
    if (!part || !band)
        return part;
    return filtered(*part->samples, "both", spec.from_hz, spec.until_hz, progress.part(0.8, 1));
}

std::string key_of(const SoundPartSpec& spec) {
    return fmt::format("{} of {}, {} to {} Hz", spec.part, spec.side, spec.from_hz, spec.until_hz);
}

} // namespace pulsepin
