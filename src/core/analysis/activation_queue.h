// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/features.h"
#include "analysis/front_end.h"

#include <array>
#include <cstddef>
#include <vector>

namespace pulsepin {

/// Keeps the spectra that the networks still need and runs them over long stretches at once; what they hear
/// is appended to the activations and drums of `out`.
class ActivationQueue {
public:
    /// expected: about how many slow frames will come.
    ActivationQueue(const Listeners& listeners, Features& out, std::size_t expected);

    void add(const FrontBlock& block);
    void finish();

private:
    [[nodiscard]] std::size_t frames() const;
    [[nodiscard]] bool anybody() const { return listeners_.rhythm || listeners_.drums; }
    /// The next `count` frames, with what is kept up to `reach` around them.
    void listen(std::size_t count, std::size_t reach);
    void add_second_opinion(std::array<std::vector<float>, drum_count>& drums, std::size_t count) const;

    Listeners listeners_;
    Features& out_;
    std::vector<float> kept_;
    std::size_t before_; ///< frames in front that were listened to already
};

} // namespace pulsepin
