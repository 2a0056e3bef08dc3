// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/film_coders.h"

#include <algorithm>
#include <iterator>

extern "C" {
#include <libavutil/channel_layout.h>
}

namespace pulsepin {

SoundCoder::SoundCoder(std::unique_ptr<State> state) : state_(std::move(state)) {}
SoundCoder::~SoundCoder() = default;
SoundCoder::SoundCoder(SoundCoder&&) noexcept = default;
SoundCoder& SoundCoder::operator=(SoundCoder&&) noexcept = default;

std::int64_t coded_rate(const FilmFormat& format, std::int64_t sample_rate) {
    if (format.sound == "libopus") // RFC 6716 knows no other that is as good
        return 48000;
    return std::clamp<std::int64_t>(sample_rate, 8000, format.sound == "aac" ? 96000 : 192000);
}

Result<SoundCoder> SoundCoder::open(const FilmSpec& spec) {
    if (auto possible = can_write(spec); !possible)
        return tl::unexpected(possible.error());
    auto state = std::make_unique<State>();
    const auto* encoder = avcodec_find_encoder_by_name(std::string(spec.format->sound).c_str());
    state->coder.reset(avcodec_alloc_context3(encoder));
    AVCodecContext& coder = *state->coder;
    coder.sample_rate = static_cast<int>(spec.sample_rate);
    coder.sample_fmt = encoder->sample_fmts[0];
    for (const auto* one = encoder->sample_fmts; *one != AV_SAMPLE_FMT_NONE; ++one)
        if (*one == AV_SAMPLE_FMT_FLTP || *one == AV_SAMPLE_FMT_FLT || *one == AV_SAMPLE_FMT_S32)
            coder.sample_fmt = *one;
    av_channel_layout_default(&coder.ch_layout, 2);
    coder.time_base = {1, static_cast<int>(spec.sample_rate)};
    if (spec.format->sound == "aac" || spec.format->sound == "libopus")
        coder.bit_rate = spec.sound_kbit * 1000;
    coder.flags |= AV_CODEC_FLAG_BITEXACT | AV_CODEC_FLAG_GLOBAL_HEADER;
    if (const int error = avcodec_open2(&coder, encoder, nullptr); error < 0)
        return fail("The sound cannot be coded so (" + name_of_error(error) + ").", {},
                    "Choose another kind of film.");
    return SoundCoder(std::move(state));
}

Result<std::vector<CodedSound>> SoundCoder::State::take() {
    std::vector<CodedSound> taken;
    while (true) {
        const int got = avcodec_receive_packet(coder.get(), packet.get());
        if (got == AVERROR(EAGAIN) || got == AVERROR_EOF)
            return taken;
        if (got < 0)
            return fail("The sound could not be coded (" + name_of_error(got) + ").");
        CodedSound sound;
        sound.bytes.assign(packet->data, packet->data + packet->size);
        sound.at = packet->pts;
        sound.length = packet->duration;
        std::size_t size = 0;
        if (const auto* skip = av_packet_get_side_data(packet.get(), AV_PKT_DATA_SKIP_SAMPLES, &size);
            skip && size >= 8)
            sound.left_out = static_cast<std::uint32_t>(skip[4]) | static_cast<std::uint32_t>(skip[5]) << 8 |
                             static_cast<std::uint32_t>(skip[6]) << 16 |
                             static_cast<std::uint32_t>(skip[7]) << 24;
        taken.push_back(std::move(sound));
        av_packet_unref(packet.get());
    }
}

/// The first of the samples that wait, as one block.
Result<std::vector<CodedSound>> SoundCoder::State::code(std::size_t frames) {
    av_frame_unref(block.get());
    block->nb_samples = static_cast<int>(frames);
    block->format = coder->sample_fmt;
    block->sample_rate = coder->sample_rate;
    av_channel_layout_copy(&block->ch_layout, &coder->ch_layout);
    if (av_frame_get_buffer(block.get(), 0) < 0)
        return fail("There is not enough memory for the sound.");
    for (std::size_t i = 0; i < frames; ++i)
        for (std::size_t c = 0; c < 2; ++c) {
            const float value = waiting[2 * i + c];
            if (coder->sample_fmt == AV_SAMPLE_FMT_FLTP)
                reinterpret_cast<float*>(block->extended_data[c])[i] = value;
            else if (coder->sample_fmt == AV_SAMPLE_FMT_FLT)
                reinterpret_cast<float*>(block->extended_data[0])[2 * i + c] = value;
            else
                reinterpret_cast<std::int32_t*>(block->extended_data[0])[2 * i + c] =
                    static_cast<std::int32_t>(
                        std::clamp(static_cast<double>(value) * 2147483648.0, -2147483648.0, 2147483647.0));
        }
    waiting.erase(waiting.begin(), waiting.begin() + static_cast<std::ptrdiff_t>(2 * frames));
    block->pts = samples;
    samples += static_cast<std::int64_t>(frames);
    if (const int error = avcodec_send_frame(coder.get(), block.get()); error < 0)
        return fail("The sound could not be coded (" + name_of_error(error) + ").");
    return take();
}

Result<std::vector<CodedSound>> SoundCoder::add(std::span<const float> stereo) {
    State& s = *state_;
    s.waiting.insert(s.waiting.end(), stereo.begin(), stereo.end());
    const auto block = static_cast<std::size_t>(s.coder->frame_size > 0 ? s.coder->frame_size : 1024);
    std::vector<CodedSound> all;
    while (s.waiting.size() >= 2 * block) {
        auto coded = s.code(block);
        if (!coded)
            return coded;
        std::move(coded->begin(), coded->end(), std::back_inserter(all));
    }
    return all;
}

Result<std::vector<CodedSound>> SoundCoder::finish() {
    State& s = *state_;
    std::vector<CodedSound> all;
    if (!s.waiting.empty()) {
        auto coded = s.code(s.waiting.size() / 2);
        if (!coded)
            return coded;
        all = *std::move(coded);
    }
    avcodec_send_frame(s.coder.get(), nullptr);
    auto rest = s.take();
    if (!rest)
        return rest;
    std::move(rest->begin(), rest->end(), std::back_inserter(all));
    return all;
}

} // namespace pulsepin
