// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/real_fft.h"

#include <cmath>
#include <fftw3.h>
#include <mutex>
#include <numbers>

namespace pulsepin {
namespace {

/// FFTW's planner is the one part of it that threads may not enter together.
std::mutex& planner_gate() {
    static std::mutex gate;
    return gate;
}

/// Buffers of both sides, and the way from one to the other.
class Planned {
public:
    using Make = fftwf_plan (*)(int, float*, fftwf_complex*);
    Planned(std::size_t n, Make make)
        : length(n), values(fftwf_alloc_real(n)), bins(fftwf_alloc_complex(n / 2 + 1)) {
        const std::lock_guard lock(planner_gate());
        plan = make(static_cast<int>(n), values, bins);
    }
    ~Planned() {
        const std::lock_guard lock(planner_gate());
        fftwf_destroy_plan(plan);
        fftwf_free(values);
        fftwf_free(bins);
    }
    Planned(const Planned&) = delete;
    Planned& operator=(const Planned&) = delete;

    const std::size_t length;
    float* const values;
    fftwf_complex* const bins;
    fftwf_plan plan = nullptr;
};

} // namespace

struct RealFft::Plan : Planned {
    explicit Plan(std::size_t n)
        : Planned(n, [](int count, float* in, fftwf_complex* out) {
              return fftwf_plan_dft_r2c_1d(count, in, out, FFTW_ESTIMATE);
          }) {}
};

struct InverseRealFft::Plan : Planned {
    explicit Plan(std::size_t n)
        : Planned(n, [](int count, float* out, fftwf_complex* in) {
              return fftwf_plan_dft_c2r_1d(count, in, out, FFTW_ESTIMATE);
          }) {}
};

RealFft::RealFft(std::size_t length) : plan_(std::make_unique<Plan>(length)) {}
RealFft::~RealFft() = default;
RealFft::RealFft(RealFft&&) noexcept = default;
RealFft& RealFft::operator=(RealFft&&) noexcept = default;

std::size_t RealFft::length() const {
    return plan_->length;
}

std::span<float> RealFft::input() {
    return {plan_->values, plan_->length};
}

std::span<const std::complex<float>> RealFft::transform() {
    fftwf_execute(plan_->plan);
    // std::complex<float> and fftwf_complex share their layout by the C++ and FFTW manuals.
    return {reinterpret_cast<const std::complex<float>*>(plan_->bins), bins()};
}

InverseRealFft::InverseRealFft(std::size_t length) : plan_(std::make_unique<Plan>(length)) {}
InverseRealFft::~InverseRealFft() = default;
InverseRealFft::InverseRealFft(InverseRealFft&&) noexcept = default;
InverseRealFft& InverseRealFft::operator=(InverseRealFft&&) noexcept = default;

std::span<std::complex<float>> InverseRealFft::input() {
    return {reinterpret_cast<std::complex<float>*>(plan_->bins), plan_->length / 2 + 1};
}

std::span<const float> InverseRealFft::transform() {
    fftwf_execute(plan_->plan);
    return {plan_->values, plan_->length};
}

std::vector<float> hann_window(std::size_t length) {
    std::vector<float> window(length);
    for (std::size_t i = 0; i < length; ++i)
        window[i] = static_cast<float>(0.5 - 0.5 * std::cos(2.0 * std::numbers::pi * static_cast<double>(i) /
                                                            static_cast<double>(length)));
    return window;
}

} // namespace pulsepin
