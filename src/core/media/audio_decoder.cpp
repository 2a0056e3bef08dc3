// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/audio_decoder.h"

#include "media/av_handles.h"
#include "media/wav_cues.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <optional>
#include <utility>

extern "C" {
#include <libavutil/channel_layout.h>
}

namespace pulsepin {
namespace {

/// Whether the container counts time in samples, as MP4 does: what it says of lengths is then exact.
bool counts_in_samples(const av::OpenStream& source) {
    const auto base = source.stream->time_base;
    return std::strstr(source.container->iformat->name, "mp4") != nullptr && base.num == 1 &&
           base.den == source.decoder->sample_rate;
}

/// The length that an edit list states; it may be rounded to milliseconds.
std::optional<std::int64_t> stated_length(const av::OpenStream& source) {
    if (!counts_in_samples(source) || source.stream->duration == AV_NOPTS_VALUE ||
        source.stream->duration <= 0)
        return std::nullopt;
    return source.stream->duration;
}

/// How much later than the film's first picture the sound begins; 0 where there are no pictures to it.
double later_than_picture(const av::OpenStream& source, const AVFrame& first) {
    constexpr double longest = 3600;
    if (first.pts == AV_NOPTS_VALUE)
        return 0;
    const auto& container = *source.container;
    for (unsigned i = 0; i < container.nb_streams; ++i) {
        const AVStream& stream = *container.streams[i];
        if (stream.codecpar->codec_type != AVMEDIA_TYPE_VIDEO || stream.start_time == AV_NOPTS_VALUE ||
            (stream.disposition & AV_DISPOSITION_ATTACHED_PIC) != 0)
            continue;
        const double later = static_cast<double>(first.pts) * av_q2d(source.stream->time_base) -
                             static_cast<double>(stream.start_time) * av_q2d(stream.time_base);
        return std::abs(later) < longest ? later : 0;
    }
    return 0;
}

} // namespace

struct AudioDecoder::State {
    std::filesystem::path path;
    av::OpenStream source;
    av::Handle<AVPacket> packet{av_packet_alloc()};
    av::Handle<AVFrame> frame{av_frame_alloc()};
    av::Handle<SwrContext> resampler;
    AVChannelLayout converted_layout{};
    int converted_format = -1;
    int converted_rate = 0;
    SoundFormat format;
    bool exact_durations = false;          ///< each packet says how many samples of it count
    std::optional<std::int64_t> remaining; ///< of the stated length
    std::int64_t announced = 0;
    std::optional<std::int64_t> later; ///< samples against the first picture; known with the first frame
    bool resampled = false;
    bool flushed = false; ///< what the resampler held back was given out
    int damaged = 0;
    std::vector<float> block;
    std::optional<std::vector<float>> held; ///< a block that silence goes before

    void decode_block();
    ~State() { av_channel_layout_uninit(&converted_layout); }

    /// Streams may change their layout half way (radio recordings do), so the converter follows the frames.
    bool prepare_converter() {
        const AVFrame& f = *frame;
        if (resampler && f.format == converted_format && f.sample_rate == converted_rate &&
            av_channel_layout_compare(&f.ch_layout, &converted_layout) == 0)
            return true;
        AVChannelLayout from{};
        if (f.ch_layout.order == AV_CHANNEL_ORDER_UNSPEC)
            av_channel_layout_default(&from, f.ch_layout.nb_channels);
        else
            av_channel_layout_copy(&from, &f.ch_layout);
        AVChannelLayout to{};
        av_channel_layout_default(&to, format.channels);
        SwrContext* made = nullptr;
        const bool ok =
            swr_alloc_set_opts2(&made, &to, AV_SAMPLE_FMT_FLT, static_cast<int>(format.sample_rate), &from,
                                static_cast<AVSampleFormat>(f.format), f.sample_rate, 0, nullptr) >= 0 &&
            swr_init(made) >= 0;
        resampler.reset(made);
        av_channel_layout_uninit(&from);
        av_channel_layout_copy(&converted_layout, &f.ch_layout);
        converted_format = f.format;
        converted_rate = f.sample_rate;
        if (!ok)
            resampler.reset();
        return ok;
    }

    /// What the resampler still holds at the end.
    void flush() {
        flushed = true;
        if (!resampler || !resampled)
            return;
        const int room = swr_get_out_samples(resampler.get(), 0);
        block.resize(static_cast<std::size_t>(std::max(room, 0)) * static_cast<std::size_t>(format.channels));
        auto* out = reinterpret_cast<std::uint8_t*>(block.data());
        const int made = swr_convert(resampler.get(), &out, room, nullptr, 0);
        block.resize(static_cast<std::size_t>(std::max(made, 0)) * static_cast<std::size_t>(format.channels));
    }

    void convert() {
        if (frame->nb_samples <= 0 || !prepare_converter()) {
            block.clear();
            return;
        }
        const int room = swr_get_out_samples(resampler.get(), frame->nb_samples);
        block.resize(static_cast<std::size_t>(std::max(room, 0)) * static_cast<std::size_t>(format.channels));
        auto* out = reinterpret_cast<std::uint8_t*>(block.data());
        const int made =
            swr_convert(resampler.get(), &out, room, const_cast<const std::uint8_t**>(frame->extended_data),
                        frame->nb_samples);
        block.resize(static_cast<std::size_t>(std::max(made, 0)) * static_cast<std::size_t>(format.channels));
        for (float& sample : block)
            if (!std::isfinite(sample))
                sample = 0;
    }
};

AudioDecoder::AudioDecoder(std::unique_ptr<State> state) : state_(std::move(state)) {}
AudioDecoder::~AudioDecoder() = default;
AudioDecoder::AudioDecoder(AudioDecoder&&) noexcept = default;
AudioDecoder& AudioDecoder::operator=(AudioDecoder&&) noexcept = default;

Result<AudioDecoder> AudioDecoder::open(const std::filesystem::path& path, std::int64_t sample_rate) {
    auto source = av::open_stream(path, AVMEDIA_TYPE_AUDIO);
    if (!source)
        return tl::unexpected(source.error());
    auto state = std::make_unique<State>();
    state->path = path;
    state->source = std::move(*source);
    const auto& decoder = *state->source.decoder;
    if (decoder.sample_rate <= 0 || decoder.ch_layout.nb_channels <= 0)
        return fail("The sound in this file has no valid sample rate or no channels.", path.string(),
                    "Export it again as WAV or FLAC.");
    state->format = {sample_rate > 0 ? sample_rate : decoder.sample_rate,
                     std::min(decoder.ch_layout.nb_channels, 2)};
    state->resampled = state->format.sample_rate != decoder.sample_rate;
    state->exact_durations = counts_in_samples(state->source);
    state->remaining = stated_length(state->source);
    const AVStream& stream = *state->source.stream;
    if (stream.duration != AV_NOPTS_VALUE)
        state->announced = av_rescale_q(stream.duration, stream.time_base, {1, decoder.sample_rate});
    else if (state->source.container->duration != AV_NOPTS_VALUE)
        state->announced = av_rescale(state->source.container->duration, decoder.sample_rate, AV_TIME_BASE);
    return AudioDecoder(std::move(state));
}

const SoundFormat& AudioDecoder::format() const {
    return state_->format;
}

Samples AudioDecoder::announced_length() const {
    return Samples(std::max<std::int64_t>(state_->announced, 0));
}

std::optional<Samples> AudioDecoder::counted_length() const {
    const auto& source = state_->source;
    const auto in_this_rate = [&](std::int64_t counted, AVRational base) {
        return Samples(av_rescale_q(counted, base, {1, static_cast<int>(state_->format.sample_rate)}));
    };
    // Of WAV files FFmpeg tells no more than what is there.
    if (source.decoder->codec_id >= AV_CODEC_ID_FIRST_AUDIO &&
        source.decoder->codec_id < AV_CODEC_ID_ADPCM_IMA_QT)
        if (const auto wav = read_wav_cues(state_->path); wav && wav->counted > 0)
            return in_this_rate(wav->counted, {1, static_cast<int>(wav->sample_rate)});
    if (source.stream->duration == AV_NOPTS_VALUE || source.stream->duration <= 0 ||
        source.container->duration_estimation_method == AVFMT_DURATION_FROM_BITRATE)
        return std::nullopt;
    return in_this_rate(source.stream->duration, source.stream->time_base);
}

int AudioDecoder::damaged_packets() const {
    return state_->damaged;
}

void AudioDecoder::State::decode_block() {
    State& s = *this;
    s.block.clear();
    const auto rounding = s.format.sample_rate / 500; // of a stated length, twice a millisecond
    while (s.block.empty() && s.remaining.value_or(1) > -rounding) {
        if (av::next_frame(s.source, s.packet.get(), s.frame.get(), s.damaged) == av::Step::End) {
            if (!s.flushed)
                s.flush();
            break;
        }
        // AAC frames are full to the end; the last packet says how much of it is sound and how much padding.
        const auto counted = s.frame->pkt_duration;
        if (!s.later)
            s.later = std::llround(later_than_picture(s.source, *s.frame) *
                                   static_cast<double>(s.format.sample_rate));
        s.convert();
        av_frame_unref(s.frame.get());
        if (s.resampled)
            continue; // lengths are those of the file's own rate
        auto kept = static_cast<std::int64_t>(s.block.size()) / s.format.channels;
        if (s.exact_durations && counted > 0)
            kept = std::min<std::int64_t>(kept, counted);
        if (s.remaining && kept > *s.remaining + rounding)
            kept = std::max<std::int64_t>(*s.remaining, 0);
        s.block.resize(static_cast<std::size_t>(kept * s.format.channels));
        if (s.remaining)
            *s.remaining -= kept;
    }
}

const std::vector<float>& AudioDecoder::next_block() {
    State& s = *state_;
    const auto channels = static_cast<std::size_t>(s.format.channels);
    if (s.held) // what comes after the silence
        s.block = std::move(*std::exchange(s.held, std::nullopt));
    else
        s.decode_block();
    while (s.later.value_or(0) < 0 && !s.block.empty()) { // before the first picture
        const auto there = s.block.size() / channels;
        const auto left_out = std::min(there, static_cast<std::size_t>(-*s.later));
        s.block.erase(s.block.begin(), s.block.begin() + static_cast<std::ptrdiff_t>(left_out * channels));
        *s.later += static_cast<std::int64_t>(left_out);
        if (s.block.empty())
            s.decode_block();
    }
    if (s.later.value_or(0) > 0 && !s.block.empty()) {
        constexpr std::int64_t most = 1 << 16;
        const auto silent = std::min(most, *s.later);
        *s.later -= silent;
        s.held = std::move(s.block);
        s.block.assign(static_cast<std::size_t>(silent) * channels, 0.0F);
    }
    return s.block;
}

} // namespace pulsepin
