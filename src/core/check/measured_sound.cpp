// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/measured_sound.h"

#include "dsp/true_peak.h"

#include <algorithm>
#include <cmath>
#include <ebur128.h>

namespace pulsepin {
namespace {

struct Free {
    void operator()(ebur128_state* state) const { ebur128_destroy(&state); }
};

} // namespace

Result<SoundFacts> measured_sound(const MixPlan& plan, const Progress& progress) {
    if (plan.parts.empty() || plan.sample_rate <= 0 || plan.length <= Samples(0))
        return fail("There is nothing to hear.", {}, "Open a song first.");
    const std::unique_ptr<ebur128_state, Free> meter(
        ebur128_init(2, static_cast<unsigned long>(plan.sample_rate), EBUR128_MODE_I));
    if (!meter)
        return fail("The sound cannot be measured.", {}, "Close other programs and try it again.");
    SoundFacts facts;
    double highest = 0;
    const std::int64_t block = std::max<std::int64_t>(1, plan.sample_rate / 10);
    std::vector<float> stereo, channel;
    TruePeak peaks[] = {TruePeak(plan.sample_rate), TruePeak(plan.sample_rate)};
    for (std::int64_t at = 0; at < plan.length.value; at += block) {
        if (progress.cancelled())
            return fail_cancelled();
        const std::int64_t now = std::min(block, plan.length.value - at);
        stereo.assign(static_cast<std::size_t>(2 * now), 0.0f);
        plan.add_to(stereo, Samples(at));
        ebur128_add_frames_float(meter.get(), stereo.data(), static_cast<std::size_t>(now));
        for (std::size_t side = 0; side < 2; ++side) {
            channel.resize(static_cast<std::size_t>(now));
            for (std::size_t i = 0; i < channel.size(); ++i)
                channel[i] = stereo[2 * i + side];
            if (const double peak = peaks[side].of_next(channel); peak > highest) {
                highest = peak;
                facts.peak_at = Seconds(static_cast<double>(at) / static_cast<double>(plan.sample_rate));
            }
        }
        if (at / block % 64 == 0) {
            progress.report(static_cast<double>(at) / static_cast<double>(plan.length.value));
            for (const auto& part : plan.parts)
                part.samples->give_back_memory();
        }
    }
    double lufs = 0;
    if (highest > 0)
        facts.true_peak = 20 * std::log10(highest);
    if (ebur128_loudness_global(meter.get(), &lufs) == EBUR128_SUCCESS && std::isfinite(lufs))
        facts.loudness = lufs;
    return facts;
}

} // namespace pulsepin
