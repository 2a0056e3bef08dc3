// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/resampler.h"

#include "media/av_handles.h"

extern "C" {
#include <libavutil/channel_layout.h>
#include <libavutil/opt.h>
}

namespace pulsepin {

struct Resampler::State {
    std::int64_t from, to;
    av::Handle<SwrContext> context; ///< null: the rates are the same

    std::vector<float> convert(const float* stereo, int frames) {
        const auto room = static_cast<std::size_t>(
            av_rescale_rnd(swr_get_delay(context.get(), from) + frames, to, from, AV_ROUND_UP) + 32);
        std::vector<float> out(2 * room);
        auto* into = reinterpret_cast<std::uint8_t*>(out.data());
        const auto* of = reinterpret_cast<const std::uint8_t*>(stereo);
        const int made =
            swr_convert(context.get(), &into, static_cast<int>(room), stereo ? &of : nullptr, frames);
        out.resize(made > 0 ? static_cast<std::size_t>(2 * made) : 0);
        return out;
    }
};

Resampler::Resampler(std::int64_t from, std::int64_t to) : state_(std::make_unique<State>()) {
    state_->from = from;
    state_->to = to;
    if (from == to)
        return;
    AVChannelLayout stereo = AV_CHANNEL_LAYOUT_STEREO;
    SwrContext* made = nullptr;
    swr_alloc_set_opts2(&made, &stereo, AV_SAMPLE_FMT_FLT, static_cast<int>(to), &stereo, AV_SAMPLE_FMT_FLT,
                        static_cast<int>(from), 0, nullptr);
    state_->context.reset(made);
    av_opt_set_int(made, "filter_size", 64, 0);
    swr_init(made);
}
Resampler::~Resampler() = default;
Resampler::Resampler(Resampler&&) noexcept = default;

std::vector<float> Resampler::add(std::span<const float> stereo) {
    if (!state_->context)
        return {stereo.begin(), stereo.end()};
    return state_->convert(stereo.data(), static_cast<int>(stereo.size() / 2));
}

std::vector<float> Resampler::finish() {
    return state_->context ? state_->convert(nullptr, 0) : std::vector<float>{};
}

} // namespace pulsepin
