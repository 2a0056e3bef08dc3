// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/video_reader.h"

#include "media/av_handles.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

struct VideoReader::State {
    std::string name;
    av::OpenStream source;
    av::Handle<AVPacket> packet{av_packet_alloc()};
    av::Handle<AVFrame> current{av_frame_alloc()}; ///< on screen from current_from
    av::Handle<AVFrame> ahead{av_frame_alloc()};   ///< the one after it
    av::Handle<SwsContext> scaler;
    VideoInfo info;
    double current_from = 0;
    double ahead_from = 0;
    bool have_current = false;
    bool have_ahead = false;
    int damaged = 0;

    [[nodiscard]] double time_of(const AVFrame& frame) const {
        const auto start = source.stream->start_time == AV_NOPTS_VALUE ? 0 : source.stream->start_time;
        return static_cast<double>(frame.best_effort_timestamp - start) * av_q2d(source.stream->time_base);
    }

    bool read_ahead() {
        av_frame_unref(ahead.get());
        have_ahead = av::next_frame(source, packet.get(), ahead.get(), damaged) == av::Step::Frame;
        if (have_ahead)
            ahead_from = ahead->best_effort_timestamp == AV_NOPTS_VALUE
                             ? current_from + 1.0 / std::max(info.frames_per_second, 1.0)
                             : time_of(*ahead);
        return have_ahead;
    }

    void step() {
        std::swap(current, ahead);
        current_from = ahead_from;
        have_current = have_ahead;
        read_ahead();
    }

    void seek(double time) {
        const auto start = source.stream->start_time == AV_NOPTS_VALUE ? 0 : source.stream->start_time;
        const auto target = start + static_cast<std::int64_t>(
                                        std::floor(std::max(time, 0.0) / av_q2d(source.stream->time_base)));
        avformat_seek_file(source.container.get(), source.stream->index, INT64_MIN, target, target, 0);
        avcodec_flush_buffers(source.decoder.get());
        have_current = false;
        if (read_ahead())
            step();
    }

    /// Leaves in `current` the frame on screen at `time`.
    void go_to(double time) {
        constexpr double worth_decoding_through = 1.0; // seconds; beyond it a seek is quicker
        if (!have_current || time < current_from - 1e-6 || time > current_from + worth_decoding_through)
            seek(time);
        while (have_ahead && ahead_from <= time + 1e-6)
            step();
    }

    Result<Picture> scaled(int fit_width, int fit_height) {
        const double fit = std::min({1.0, static_cast<double>(fit_width) / current->width,
                                     static_cast<double>(fit_height) / current->height});
        Picture picture;
        picture.width = std::max(1, static_cast<int>(std::lround(current->width * fit)));
        picture.height = std::max(1, static_cast<int>(std::lround(current->height * fit)));
        scaler.reset(sws_getCachedContext(
            scaler.release(), current->width, current->height, static_cast<AVPixelFormat>(current->format),
            picture.width, picture.height, AV_PIX_FMT_BGR0, SWS_BILINEAR, nullptr, nullptr, nullptr));
        if (!scaler)
            return fail("The pictures in this file have a format that cannot be shown.", name);
        picture.pixels.resize(static_cast<std::size_t>(picture.width) *
                              static_cast<std::size_t>(picture.height) * 4);
        std::uint8_t* rows[] = {picture.pixels.data()};
        const int stride[] = {picture.width * 4};
        sws_scale(scaler.get(), current->data, current->linesize, 0, current->height, rows, stride);
        picture.from = Seconds(current_from);
        picture.until =
            Seconds(have_ahead ? ahead_from : current_from + 1.0 / std::max(info.frames_per_second, 1.0));
        return picture;
    }
};

VideoReader::VideoReader(std::unique_ptr<State> state) : state_(std::move(state)) {}
VideoReader::~VideoReader() = default;
VideoReader::VideoReader(VideoReader&&) noexcept = default;
VideoReader& VideoReader::operator=(VideoReader&&) noexcept = default;

Result<VideoReader> VideoReader::open(const std::filesystem::path& path) {
    auto source = av::open_stream(path, AVMEDIA_TYPE_VIDEO);
    if (!source)
        return tl::unexpected(source.error());
    auto state = std::make_unique<State>();
    state->name = path.string();
    state->source = std::move(*source);
    const AVStream& stream = *state->source.stream;
    const auto rate = av_guess_frame_rate(state->source.container.get(), state->source.stream, nullptr);
    double duration = 0;
    if (stream.duration != AV_NOPTS_VALUE)
        duration = static_cast<double>(stream.duration) * av_q2d(stream.time_base);
    else if (state->source.container->duration != AV_NOPTS_VALUE)
        duration = static_cast<double>(state->source.container->duration) / AV_TIME_BASE;
    state->info = {state->source.decoder->width, state->source.decoder->height,
                   rate.num > 0 && rate.den > 0 ? av_q2d(rate) : 0.0, Seconds(std::max(duration, 0.0))};
    return VideoReader(std::move(state));
}

const VideoInfo& VideoReader::info() const {
    return state_->info;
}

Result<Picture> VideoReader::picture_at(Seconds time, int fit_width, int fit_height) {
    state_->go_to(std::max(time.value, 0.0));
    if (!state_->have_current) // damaged or past the end: the beginning is better than nothing
        state_->go_to(0.0);
    if (!state_->have_current)
        return fail("Not a single picture could be decoded.", state_->name,
                    "The file is damaged; export it again.");
    return state_->scaled(fit_width, fit_height);
}

} // namespace pulsepin
