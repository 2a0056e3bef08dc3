// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <vector>

namespace pulsepin {

/// Low-pass (windowed sinc, symmetric, so without delay) and keep every n-th sample.
class Decimator {
public:
    /// factor 1 copies.
    explicit Decimator(int factor);

    [[nodiscard]] int factor() const { return factor_; }
    /// Input samples that are needed before the first and after the last kept one.
    [[nodiscard]] std::size_t margin() const { return taps_.size() / 2; }
    /// in: margin() + (out.size() - 1) * factor() + 1 + margin() samples or more; out[i] lies at
    /// in[margin() + i * factor()].
    void run(std::span<const float> in, std::span<float> out) const;

private:
    int factor_;
    std::vector<float> taps_;
};

} // namespace pulsepin
