// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/proxy.h"

#include "media/av_handles.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <vector>

namespace pulsepin {
namespace {

constexpr int largest_side = 960;
constexpr double weighed_seconds = 60;

int even(double side) {
    return std::max(2, static_cast<int>(std::lround(side / 2)) * 2);
}

/// The distances between pictures differ by more than a fifth of the usual one.
bool are_uneven(std::vector<std::int64_t> times) {
    if (times.size() < 8)
        return false;
    std::sort(times.begin(), times.end());
    std::vector<std::int64_t> apart;
    for (std::size_t i = 1; i < times.size(); ++i)
        apart.push_back(times[i] - times[i - 1]);
    auto sorted = apart;
    std::nth_element(sorted.begin(), sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2),
                     sorted.end());
    const auto usual = static_cast<double>(sorted[sorted.size() / 2]);
    // Times that are rounded to a millisecond differ by one, which says nothing.
    const auto odd = std::count_if(apart.begin(), apart.end(), [usual](std::int64_t one) {
        return std::abs(static_cast<double>(one) - usual) > std::max(usual / 5, 1.5);
    });
    return odd * 50 > std::ssize(apart);
}

/// Writes pictures into a file, each by itself.
class PictureWriter {
public:
    ~PictureWriter() {
        if (container_ && container_->pb)
            avio_closep(&container_->pb);
    }
    PictureWriter(int width, int height, AVRational time_base)
        : width_(width), height_(height), base_(time_base) {}
    PictureWriter(const PictureWriter&) = delete;
    PictureWriter& operator=(const PictureWriter&) = delete;

    Result<void> open(const std::filesystem::path& path) {
        name_ = path.string();
        AVFormatContext* made = nullptr;
        if (avformat_alloc_output_context2(&made, nullptr, "mov", name_.c_str()) < 0)
            return failed();
        container_.reset(made);
        const AVCodec* codec = avcodec_find_encoder(AV_CODEC_ID_MJPEG);
        encoder_.reset(avcodec_alloc_context3(codec));
        if (!codec || !encoder_)
            return failed();
        encoder_->width = width_;
        encoder_->height = height_;
        encoder_->pix_fmt = AV_PIX_FMT_YUVJ420P;
        encoder_->color_range = AVCOL_RANGE_JPEG;
        encoder_->time_base = base_;
        encoder_->flags |= AV_CODEC_FLAG_QSCALE;
        constexpr int quality = 4; // of 2 (best) to 31
        encoder_->global_quality = FF_QP2LAMBDA * quality;
        encoder_->thread_count = 2;
        if (avcodec_open2(encoder_.get(), codec, nullptr) < 0)
            return failed();
        stream_ = avformat_new_stream(container_.get(), nullptr);
        if (!stream_ || avcodec_parameters_from_context(stream_->codecpar, encoder_.get()) < 0)
            return failed();
        stream_->time_base = base_;
        if (avio_open(&container_->pb, ("file:" + name_).c_str(), AVIO_FLAG_WRITE) < 0 ||
            avformat_write_header(container_.get(), nullptr) < 0)
            return failed();
        return {};
    }

    Result<void> add(AVFrame* frame) {
        frame->quality = encoder_->global_quality;
        return avcodec_send_frame(encoder_.get(), frame) < 0 ? failed() : take_packets();
    }
    Result<void> finish() {
        avcodec_send_frame(encoder_.get(), nullptr);
        if (auto taken = take_packets(); !taken)
            return taken;
        if (av_write_trailer(container_.get()) < 0 || avio_closep(&container_->pb) < 0)
            return failed();
        return {};
    }

private:
    Result<void> failed() const {
        return fail("The proxy could not be written.", name_, "Is the disk full?");
    }
    Result<void> take_packets() {
        while (avcodec_receive_packet(encoder_.get(), packet_.get()) == 0) {
            av_packet_rescale_ts(packet_.get(), base_, stream_->time_base);
            packet_->stream_index = stream_->index;
            if (av_interleaved_write_frame(container_.get(), packet_.get()) < 0)
                return failed();
        }
        return {};
    }

    int width_, height_;
    AVRational base_;
    std::string name_;
    av::Handle<AVCodecContext> encoder_;
    av::Handle<AVPacket> packet_{av_packet_alloc()};
    struct Free {
        void operator()(AVFormatContext* p) const { avformat_free_context(p); }
    };
    std::unique_ptr<AVFormatContext, Free> container_;
    AVStream* stream_ = nullptr;
};

Result<void> write_proxy(const std::filesystem::path& clip, const std::filesystem::path& to,
                         const Progress& progress) {
    auto source = av::open_stream(clip, AVMEDIA_TYPE_VIDEO);
    if (!source)
        return tl::unexpected(source.error());
    const AVStream& stream = *source->stream;
    const int width = source->decoder->width, height = source->decoder->height;
    const double fit = std::min(1.0, static_cast<double>(largest_side) / std::max({width, height, 1}));
    PictureWriter writer(even(width * fit), even(height * fit), stream.time_base);
    if (auto opened = writer.open(to); !opened)
        return opened;
    const av::Handle<AVPacket> packet{av_packet_alloc()};
    const av::Handle<AVFrame> frame{av_frame_alloc()}, small{av_frame_alloc()};
    small->width = even(width * fit);
    small->height = even(height * fit);
    small->format = AV_PIX_FMT_YUVJ420P;
    small->color_range = AVCOL_RANGE_JPEG;
    if (av_frame_get_buffer(small.get(), 0) < 0)
        return fail("There is not enough memory for a picture of this clip.", clip);
    av::Handle<SwsContext> scaler;
    const auto start = stream.start_time == AV_NOPTS_VALUE ? 0 : stream.start_time;
    const double length =
        source->container->duration > 0 ? static_cast<double>(source->container->duration) / AV_TIME_BASE : 0;
    std::int64_t last = std::numeric_limits<std::int64_t>::min();
    int damaged = 0;
    while (av::next_frame(*source, packet.get(), frame.get(), damaged) == av::Step::Frame) {
        if (progress.cancelled())
            return fail_cancelled();
        if (frame->best_effort_timestamp == AV_NOPTS_VALUE || frame->best_effort_timestamp - start <= last)
            continue;
        last = frame->best_effort_timestamp - start;
        scaler.reset(sws_getCachedContext(
            scaler.release(), frame->width, frame->height, static_cast<AVPixelFormat>(frame->format),
            small->width, small->height, AV_PIX_FMT_YUVJ420P, SWS_BILINEAR, nullptr, nullptr, nullptr));
        if (!scaler || av_frame_make_writable(small.get()) < 0)
            return fail("The pictures in this file have a format that cannot be shown.", clip);
        sws_scale(scaler.get(), frame->data, frame->linesize, 0, frame->height, small->data, small->linesize);
        small->pts = last;
        if (auto added = writer.add(small.get()); !added)
            return added;
        if (length > 0)
            progress.report(std::min(1.0, static_cast<double>(last) * av_q2d(stream.time_base) / length));
        av_frame_unref(frame.get());
    }
    return writer.finish();
}

} // namespace

bool ClipWeight::wants_proxy() const {
    const double pixels = static_cast<double>(width) * height;
    constexpr double full_hd = 1920.0 * 1200, bearable = 60 * 1920.0 * 1080;
    return pixels > full_hd || pixels * longest_group > bearable || uneven;
}

Result<ClipWeight> weigh_clip(const std::filesystem::path& clip) {
    auto source = av::open_stream(clip, AVMEDIA_TYPE_VIDEO);
    if (!source)
        return tl::unexpected(source.error());
    ClipWeight weight{source->decoder->width, source->decoder->height};
    const double tick = av_q2d(source->stream->time_base);
    const av::Handle<AVPacket> packet{av_packet_alloc()};
    std::vector<std::int64_t> times;
    int group = 0;
    while (av_read_frame(source->container.get(), packet.get()) >= 0) {
        if (packet->stream_index == source->stream->index) {
            group = packet->flags & AV_PKT_FLAG_KEY ? 1 : group + 1;
            weight.longest_group = std::max(weight.longest_group, group);
            if (packet->pts != AV_NOPTS_VALUE)
                times.push_back(packet->pts);
        }
        av_packet_unref(packet.get());
        if (times.size() > 1 && static_cast<double>(times.back() - times.front()) * tick > weighed_seconds)
            break;
    }
    weight.uneven = are_uneven(std::move(times));
    return weight;
}

Result<void> make_proxy(const std::filesystem::path& clip, const std::filesystem::path& to,
                        const Progress& progress) {
    auto draft = to;
    draft += ".part";
    std::error_code code;
    if (auto written = write_proxy(clip, draft, progress); !written) {
        std::filesystem::remove(draft, code);
        return written;
    }
    std::filesystem::rename(draft, to, code);
    if (code) {
        std::filesystem::remove(draft, code);
        return fail("The proxy could not be put in its place.", to);
    }
    return {};
}

} // namespace pulsepin
