// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/separation.h"

#include "base/wide.h"
#include "dsp/medians.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

constexpr std::size_t in_time = 17, in_frequency = 11; // frames (170 ms) and bands (1.3 octaves)

} // namespace

void Separation::add(const BandFrames& spectra, std::vector<float>& percussive,
                     std::vector<float>& harmonic) {
    bands_ = spectra.bands;
    kept_.insert(kept_.end(), spectra.values.begin(), spectra.values.end());
    frames_ += spectra.frames();
    if (frames_ > in_time / 2)
        work_off(frames_ - in_time / 2, percussive, harmonic);
}

void Separation::finish(std::vector<float>& percussive, std::vector<float>& harmonic) {
    work_off(frames_, percussive, harmonic);
}

namespace {

/// Medians over frames at each band, and over bands of the frame itself, whose ends go on as they are.
PULSEPIN_WIDE void medians_of(const std::array<const float*, in_time>& frames, std::size_t bands,
                              std::vector<float>& widened, float* along, float* across) {
    constexpr std::size_t beside = in_frequency / 2;
    const float* now = frames[in_time / 2];
    std::fill_n(widened.begin(), beside, now[0]);
    std::copy_n(now, bands, widened.begin() + beside);
    std::fill_n(widened.begin() + static_cast<std::ptrdiff_t>(beside + bands), beside, now[bands - 1]);
    std::array<const float*, in_frequency> shifted{};
    for (std::size_t k = 0; k < in_frequency; ++k)
        shifted[k] = widened.data() + k;
    medians(frames, bands, along);
    medians(shifted, bands, across);
}

} // namespace

void Separation::work_off(std::size_t until, std::vector<float>& percussive, std::vector<float>& harmonic) {
    constexpr std::size_t half = in_time / 2;
    std::vector<float> along(bands_), across(bands_), widened(bands_ + in_frequency - 1);
    std::array<const float*, in_time> frames{};
    for (; done_ < until; ++done_) {
        // An eighth of the frames is enough for a level that is smoothed by the medians anyway.
        if (done_ % 8 != 0 && !percussive.empty()) {
            percussive.push_back(percussive.back());
            harmonic.push_back(harmonic.back());
            continue;
        }
        for (std::size_t k = 0; k < in_time; ++k) {
            const std::size_t t = std::clamp(done_ + k, half + first_, frames_ - 1 + half) - half;
            frames[k] = kept_.data() + (t - first_) * bands_;
        }
        medians_of(frames, bands_, widened, along.data(), across.data());
        const float* now = frames[half];
        float p_sum = 0, h_sum = 0;
        for (std::size_t b = 0; b < bands_; ++b) {
            const float h = along[b] * along[b], p = across[b] * across[b];
            const float share = (p + 1e-6f) / (p + h + 2e-6f);
            p_sum += share * now[b];
            h_sum += (1 - share) * now[b];
        }
        percussive.push_back(p_sum / static_cast<float>(bands_));
        harmonic.push_back(h_sum / static_cast<float>(bands_));
    }
    const std::size_t needed = done_ > half + 1 ? done_ - half - 1 : 0;
    if (needed > first_ + 4096) {
        kept_.erase(kept_.begin(), kept_.begin() + static_cast<std::ptrdiff_t>((needed - first_) * bands_));
        first_ = needed;
    }
}

} // namespace pulsepin
