// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <complex>
#include <memory>
#include <span>
#include <vector>

namespace pulsepin {

/// Forward transform of real input of one fixed length (FFTW, single precision, unnormalised).
/// The plan is estimated, not measured, so that results are the same from run to run.
class RealFft {
public:
    explicit RealFft(std::size_t length);
    ~RealFft();
    RealFft(RealFft&&) noexcept;
    RealFft& operator=(RealFft&&) noexcept;

    [[nodiscard]] std::size_t length() const;
    [[nodiscard]] std::size_t bins() const { return length() / 2 + 1; }

    /// Fill this with length() values, then call transform().
    [[nodiscard]] std::span<float> input();
    /// The bins() complex values of what input() holds; valid until the next call.
    [[nodiscard]] std::span<const std::complex<float>> transform();

private:
    struct Plan;
    std::unique_ptr<Plan> plan_;
};

/// The way back: from bins to real values, not divided by the length (FFTW, single precision).
class InverseRealFft {
public:
    explicit InverseRealFft(std::size_t length);
    ~InverseRealFft();
    InverseRealFft(InverseRealFft&&) noexcept;
    InverseRealFft& operator=(InverseRealFft&&) noexcept;

    /// Fill this with length / 2 + 1 bins, then call transform().
    [[nodiscard]] std::span<std::complex<float>> input();
    /// The length values that the bins stand for, times the length; valid until the next call. The bins are
    /// lost.
    [[nodiscard]] std::span<const float> transform();

private:
    struct Plan;
    std::unique_ptr<Plan> plan_;
};

/// Periodic Hann window.
[[nodiscard]] std::vector<float> hann_window(std::size_t length);

} // namespace pulsepin
