// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/separation.h"

#include <algorithm>
#include <array>

namespace pulsepin {

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

void Separation::work_off(std::size_t until, std::vector<float>& percussive, std::vector<float>& harmonic) {
    constexpr std::size_t half = in_time / 2;
    std::array<float, in_time> along{};
    std::array<float, in_frequency> across{};
    for (; done_ < until; ++done_) {
        // An eighth of the frames is enough for a level that is smoothed by the medians anyway.
        if (done_ % 8 != 0 && !percussive.empty()) {
            percussive.push_back(percussive.back());
            harmonic.push_back(harmonic.back());
            continue;
        }
        const float* now = kept_.data() + (done_ - first_) * bands_;
        float p_sum = 0, h_sum = 0;
        for (std::size_t b = 0; b < bands_; ++b) {
            for (std::size_t k = 0; k < in_time; ++k) {
                const std::size_t t = std::clamp(done_ + k, half + first_, frames_ - 1 + half) - half;
                along[k] = kept_[(t - first_) * bands_ + b];
            }
            for (std::size_t k = 0; k < in_frequency; ++k) {
                const std::size_t c =
                    std::clamp(b + k, in_frequency / 2, bands_ - 1 + in_frequency / 2) - in_frequency / 2;
                across[k] = now[c];
            }
            std::nth_element(along.begin(), along.begin() + half, along.end());
            std::nth_element(across.begin(), across.begin() + in_frequency / 2, across.end());
            const float h = along[half] * along[half],
                        p = across[in_frequency / 2] * across[in_frequency / 2];
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
