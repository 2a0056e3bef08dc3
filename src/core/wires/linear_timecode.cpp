// SPDX-License-Identifier: GPL-3.0-or-later
#include "wires/linear_timecode.h"

#include <algorithm>
#include <cmath>
#include <ltc.h>
#include <memory>
#include <vector>

namespace pulsepin {

Result<void> linear_timecode(const LinearTimecode& timecode, std::int64_t samples,
                             const std::function<Result<void>(std::span<const float>)>& take) {
    const double rate = timecode.frames_a_second;
    const bool known = rate == 24 || rate == 25 || rate == 30 || std::abs(rate - 30'000.0 / 1001) < 1e-3;
    if (!known)
        return fail("There is no linear timecode of that rate.", {},
                    "Choose 24, 25, 29.97 or 30 frames a second.");
    const LTC_TV_STANDARD standard = rate == 24   ? LTC_TV_FILM_24
                                     : rate == 25 ? LTC_TV_625_50
                                     : rate == 30 ? LTC_TV_1125_60
                                                  : LTC_TV_525_60;
    const std::unique_ptr<LTCEncoder, decltype(&ltc_encoder_free)> encoder(
        ltc_encoder_create(static_cast<double>(timecode.sample_rate), rate, standard, 0), ltc_encoder_free);
    if (!encoder)
        return fail("Linear timecode could not be made.");
    ltc_encoder_set_volume(encoder.get(), timecode.level_db);
    SMPTETimecode begins{};
    begins.hours = static_cast<unsigned char>(timecode.hours);
    begins.mins = static_cast<unsigned char>(timecode.minutes);
    begins.secs = static_cast<unsigned char>(timecode.seconds);
    begins.frame = static_cast<unsigned char>(timecode.frames);
    ltc_encoder_set_timecode(encoder.get(), &begins);
    LTCFrame frame{};
    ltc_encoder_get_frame(encoder.get(), &frame);
    frame.dfbit = timecode.drop_frames ? 1 : 0;
    ltc_encoder_set_frame(encoder.get(), &frame);
    std::vector<float> piece;
    for (std::int64_t made = 0; made < samples;) {
        ltc_encoder_encode_frame(encoder.get());
        ltc_encoder_inc_timecode(encoder.get());
        ltcsnd_sample_t* coded = nullptr;
        const int count = ltc_encoder_get_bufferptr(encoder.get(), &coded, 1);
        const auto wanted = std::min<std::int64_t>(count, samples - made);
        piece.resize(static_cast<std::size_t>(wanted));
        for (std::size_t i = 0; i < piece.size(); ++i)
            piece[i] = (static_cast<float>(coded[i]) - 128.0f) / 127.0f;
        if (auto taken = take(piece); !taken)
            return taken;
        made += wanted;
    }
    return {};
}

} // namespace pulsepin
