// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <vector>

namespace pulsepin {

struct FilterbankShape {
    double lowest_hz;
    double highest_hz;
    double bands_per_octave;
};

/// A number of bands evenly spaced on a logarithmic scale between two frequencies, whatever the transform's
/// length.
struct EvenBands {
    std::size_t count;
    double lowest_hz;
    double highest_hz;
};

/// Triangular filters of unit height on a logarithmic frequency scale, with edges snapped to transform bins
/// (as in Boeck and Widmer 2013). Filters that fall on the same bins as their neighbour are left out.
class Filterbank {
public:
    Filterbank(FilterbankShape shape, double sample_rate, std::size_t fft_length);

    /// As many filters as asked for: a filter narrower than a bin reads between the two bins around its
    /// centre; one above half the sample rate reads nothing.
    Filterbank(EvenBands shape, double sample_rate, std::size_t fft_length);

    [[nodiscard]] std::size_t bands() const { return bands_.size(); }
    [[nodiscard]] double centre_hz(std::size_t band) const { return bands_[band].centre_hz; }

    /// magnitudes: fft_length/2+1 values; out: bands() values.
    void apply(std::span<const float> magnitudes, std::span<float> out) const;

private:
    struct Band {
        std::size_t first_bin;
        std::size_t first_weight;
        std::size_t count;
        double centre_hz;
    };
    std::vector<Band> bands_;
    std::vector<float> weights_;
};

} // namespace pulsepin
