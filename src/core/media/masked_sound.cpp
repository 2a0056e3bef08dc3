// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/masked_sound.h"

#include "base/in_order.h"
#include "dsp/real_fft.h"
#include "media/sound_builder.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

void SoundSide::read(std::int64_t from, std::int64_t until, Channels& out) const {
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

namespace {

using Spectrum = std::vector<std::complex<float>>; ///< frames x bins

std::size_t bins_of(const SeparationShape& shape) {
    return shape.window / 2 + 1;
}

std::vector<Spectrum> spectra_of(const SoundSide& side, const SeparationShape& shape, std::int64_t first,
                                 std::int64_t last) {
    const auto hop = static_cast<std::int64_t>(shape.hop);
    Channels in;
    side.read(first * hop, (last - 1) * hop + static_cast<std::int64_t>(shape.window), in);
    RealFft fft(shape.window);
    const auto hann = hann_window(shape.window);
    const std::size_t bins = bins_of(shape);
    const auto frames = static_cast<std::size_t>(last - first);
    std::vector<Spectrum> spectra(in.size(), Spectrum(frames * bins));
    for (std::size_t c = 0; c < in.size(); ++c)
        for (std::size_t f = 0; f < frames; ++f) {
            const auto input = fft.input();
            for (std::size_t i = 0; i < shape.window; ++i)
                input[i] = in[c][f * shape.hop + i] * hann[i];
            const auto spectrum = fft.transform();
            std::copy(spectrum.begin(), spectrum.end(),
                      spectra[c].begin() + static_cast<std::ptrdiff_t>(f * bins));
        }
    return spectra;
}

std::vector<float> magnitudes_together(const std::vector<Spectrum>& spectra) {
    std::vector<float> magnitudes(spectra.empty() ? 0 : spectra.front().size(), 0.0f);
    for (const auto& spectrum : spectra)
        for (std::size_t i = 0; i < magnitudes.size(); ++i)
            magnitudes[i] += std::norm(spectrum[i]);
    for (float& value : magnitudes)
        value = std::sqrt(value);
    return magnitudes;
}

/// From the first sample of the first frame on to the last of the last one.
Channels together(const std::vector<Spectrum>& spectra, std::span<const float> weights, std::size_t skipped,
                  const SeparationShape& shape) {
    InverseRealFft back(shape.window);
    const auto hann = hann_window(shape.window);
    const std::size_t bins = bins_of(shape), count = weights.size() / bins;
    // Four Hann windows, squared, overlap to 1.5.
    const float scale = 1 / (1.5f * static_cast<float>(shape.window));
    Channels out(spectra.size(), std::vector<float>((count - 1) * shape.hop + shape.window, 0.0f));
    for (std::size_t c = 0; c < spectra.size(); ++c)
        for (std::size_t f = 0; f < count; ++f) {
            const auto input = back.input();
            for (std::size_t b = 0; b < bins; ++b)
                input[b] = weights[f * bins + b] * spectra[c][(f + skipped) * bins + b];
            const auto samples = back.transform();
            for (std::size_t i = 0; i < shape.window; ++i)
                out[c][f * shape.hop + i] += samples[i] * hann[i] * scale;
        }
    return out;
}

Result<void> append(SoundBuilder& builder, const Channels& channels, std::size_t from, std::size_t until) {
    std::vector<float> interleaved;
    interleaved.reserve((until - from) * channels.size());
    for (std::size_t i = from; i < until; ++i)
        for (const auto& channel : channels)
            interleaved.push_back(channel[i]);
    return builder.append(interleaved);
}

} // namespace

std::vector<float> magnitudes_of(const SoundSide& side, const SeparationShape& shape, std::int64_t first,
                                 std::int64_t last) {
    return magnitudes_together(spectra_of(side, shape, first, last));
}

Result<LoadedSound> masked_sound(const SampleStore& sound, const std::string& side_name,
                                 const SeparationShape& shape, const SpectralMask& mask,
                                 const Progress& progress) {
    const SoundSide side(sound, side_name);
    const std::size_t bins = bins_of(shape);
    const auto around = static_cast<std::int64_t>(mask.around);
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
    const auto work = [&](std::size_t chunk) {
        const std::int64_t first = begin(chunk), last = begin(chunk + 1);
        const auto spectra = spectra_of(side, shape, first - around, last + around);
        const auto weights = mask.weights(magnitudes_together(spectra), bins, first, last);
        return together(spectra, weights, mask.around, shape);
    };
    Channels waiting(side.channels(), std::vector<float>(shape.window, 0.0f)); // reaches into the next chunk
    auto done = in_order(chunks, progress, work, [&](std::size_t chunk, Channels& made) -> Result<void> {
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

} // namespace pulsepin
