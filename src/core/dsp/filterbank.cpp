// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/filterbank.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace pulsepin {

Filterbank::Filterbank(FilterbankShape shape, double sample_rate, std::size_t fft_length) {
    const double bin_hz = sample_rate / static_cast<double>(fft_length);
    const double highest = std::min(shape.highest_hz, sample_rate / 2 - bin_hz);
    std::vector<std::size_t> edges;
    for (int i = 0;; ++i) {
        const double hz = shape.lowest_hz * std::exp2(i / shape.bands_per_octave);
        if (hz > highest)
            break;
        const auto bin = static_cast<std::size_t>(std::lround(hz / bin_hz));
        if (edges.empty() || bin > edges.back())
            edges.push_back(bin);
    }
    for (std::size_t i = 0; i + 2 < edges.size(); ++i) {
        const auto low = edges[i], centre = edges[i + 1], high = edges[i + 2];
        Band band{low + 1, weights_.size(), high - low - 1, static_cast<double>(centre) * bin_hz};
        for (auto bin = low + 1; bin < high; ++bin)
            weights_.push_back(bin <= centre
                                   ? static_cast<float>(bin - low) / static_cast<float>(centre - low)
                                   : static_cast<float>(high - bin) / static_cast<float>(high - centre));
        bands_.push_back(band);
    }
}

Filterbank::Filterbank(EvenBands shape, double sample_rate, std::size_t fft_length) {
    const double bin_hz = sample_rate / static_cast<double>(fft_length);
    const double ratio =
        std::pow(shape.highest_hz / shape.lowest_hz, 1.0 / static_cast<double>(shape.count + 1));
    const auto last_bin = static_cast<double>(fft_length / 2);
    for (std::size_t i = 0; i < shape.count; ++i) {
        const double centre = shape.lowest_hz * std::pow(ratio, static_cast<double>(i + 1)) / bin_hz;
        const double low = std::min(centre / ratio, centre - 1);
        const double high = std::max(centre * ratio, centre + 1);
        Band band{0, weights_.size(), 0, centre * bin_hz};
        for (double bin = std::max(0.0, std::ceil(low)); bin <= std::min(high, last_bin); ++bin) {
            const double weight =
                bin <= centre ? (bin - low) / (centre - low) : (high - bin) / (high - centre);
            if (weight <= 0)
                continue;
            if (band.count == 0)
                band.first_bin = static_cast<std::size_t>(bin);
            weights_.push_back(static_cast<float>(weight));
            ++band.count;
        }
        bands_.push_back(band);
    }
}

void Filterbank::apply(std::span<const float> magnitudes, std::span<float> out) const {
    for (std::size_t i = 0; i < bands_.size(); ++i) {
        const Band& band = bands_[i];
        const float* weight = weights_.data() + band.first_weight;
        const float* magnitude = magnitudes.data() + band.first_bin;
        // Four sums side by side, since each addition would wait for the one before.
        std::array<float, 4> sums{};
        std::size_t k = 0;
        for (; k + 4 <= band.count; k += 4)
            for (std::size_t lane = 0; lane < 4; ++lane)
                sums[lane] += weight[k + lane] * magnitude[k + lane];
        for (; k < band.count; ++k)
            sums[k % 4] += weight[k] * magnitude[k];
        out[i] = (sums[0] + sums[1]) + (sums[2] + sums[3]);
    }
}

} // namespace pulsepin
