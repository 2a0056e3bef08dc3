// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/proxy.h"

#include "base/draft.h"
#include "media/picture_scaler.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <optional>
#include <string_view>
#include <vector>

extern "C" {
#include <libavutil/pixdesc.h>
}

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

    /// `length`: how long it is on screen; the last one is seen only where that is told.
    Result<void> add(AVFrame* frame, std::int64_t length) {
        length_ = length;
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
            packet_->duration = length_;
            av_packet_rescale_ts(packet_.get(), base_, stream_->time_base);
            packet_->stream_index = stream_->index;
            if (av_interleaved_write_frame(container_.get(), packet_.get()) < 0)
                return failed();
        }
        return {};
    }

    int width_, height_;
    AVRational base_;
    std::int64_t length_ = 1;
    std::string name_;
    av::Handle<AVCodecContext> encoder_;
    av::Handle<AVPacket> packet_{av_packet_alloc()};
    struct Free {
        void operator()(AVFormatContext* p) const { avformat_free_context(p); }
    };
    std::unique_ptr<AVFormatContext, Free> container_;
    AVStream* stream_ = nullptr;
};

/// JPEG's own colours: BT.601 in the full range (JFIF 1.02).
bool convert_to_jpeg(av::Handle<SwsContext>& scaler, const PaddedPixels& from, AVFrame& to) {
    scaler.reset(sws_getCachedContext(scaler.release(), from.width, from.height, AV_PIX_FMT_BGRA, to.width,
                                      to.height, AV_PIX_FMT_YUVJ420P, SWS_BILINEAR | SWS_ACCURATE_RND,
                                      nullptr, nullptr, nullptr));
    if (!scaler || av_frame_make_writable(&to) < 0)
        return false;
    const int* bt601 = sws_getCoefficients(SWS_CS_ITU601);
    sws_setColorspaceDetails(scaler.get(), bt601, 1, bt601, 1, 0, 1 << 16, 1 << 16);
    const std::uint8_t* planes[] = {from.bytes.data(), nullptr, nullptr, nullptr};
    const int strides[] = {static_cast<int>(from.stride), 0, 0, 0};
    sws_scale(scaler.get(), planes, strides, 0, from.height, to.data, to.linesize);
    return true;
}

Result<void> write_proxy(const std::filesystem::path& clip, const std::filesystem::path& to,
                         const Progress& progress) {
    auto source = av::open_stream(clip, AVMEDIA_TYPE_VIDEO);
    if (!source)
        return tl::unexpected(source.error());
    AVStream& stream = *source->stream;
    const av::Handle<AVPacket> packet{av_packet_alloc()};
    const av::Handle<AVFrame> frame{av_frame_alloc()}, small{av_frame_alloc()};
    // Pictures are taken as they are seen, by the same way as all others: upright, in their colours.
    PictureScaler seen;
    av::Handle<SwsContext> to_jpeg;
    std::optional<PictureWriter> writer;
    const auto start = stream.start_time == AV_NOPTS_VALUE ? 0 : stream.start_time;
    const double length =
        source->container->duration > 0 ? static_cast<double>(source->container->duration) / AV_TIME_BASE : 0;
    std::int64_t last = std::numeric_limits<std::int64_t>::min();
    const auto rate = av_guess_frame_rate(source->container.get(), &stream, nullptr);
    const auto usual =
        rate.num > 0 ? std::max<std::int64_t>(1, av_rescale_q(1, av_inv_q(rate), stream.time_base)) : 1;
    int damaged = 0;
    while (av::next_frame(*source, packet.get(), frame.get(), damaged) == av::Step::Frame) {
        if (progress.cancelled())
            return fail_cancelled();
        // The last pictures of a stream may not say when they are shown.
        const bool told = frame->best_effort_timestamp != AV_NOPTS_VALUE;
        const auto at =
            told ? frame->best_effort_timestamp - start : std::max<std::int64_t>(last, -usual) + usual;
        if (at <= last)
            continue;
        last = at;
        const auto made =
            seen.scaled(*frame, seen_as(*frame, *source->container, stream), largest_side, largest_side);
        if (!made)
            return fail(made.error().what, clip);
        if (!writer) {
            small->width = even(made->pixels.width);
            small->height = even(made->pixels.height);
            small->format = AV_PIX_FMT_YUVJ420P;
            small->color_range = AVCOL_RANGE_JPEG;
            if (av_frame_get_buffer(small.get(), 0) < 0)
                return fail("There is not enough memory for a picture of this clip.", clip);
            writer.emplace(small->width, small->height, stream.time_base);
            if (auto opened = writer->open(to); !opened)
                return opened;
        }
        if (!convert_to_jpeg(to_jpeg, made->pixels, *small))
            return fail("The pictures in this file have a format that cannot be shown.", clip);
        small->pts = last;
        if (auto added = writer->add(small.get(), std::max(frame->pkt_duration, usual)); !added)
            return added;
        if (length > 0)
            progress.report(std::min(1.0, static_cast<double>(last) * av_q2d(stream.time_base) / length));
        av_frame_unref(frame.get());
    }
    if (!writer)
        return fail("Not a single picture could be decoded.", clip, "The file is damaged; export it again.");
    return writer->finish();
}

} // namespace

bool ClipWeight::wants_proxy() const {
    const double pixels = static_cast<double>(width) * height;
    constexpr double full_hd = 1920.0 * 1200, bearable = 60 * 1920.0 * 1080;
    if (transparent) // a proxy is opaque
        return false;
    return pixels > full_hd || pixels * longest_group > bearable || uneven || without_index;
}

Result<ClipWeight> weigh_clip(const std::filesystem::path& clip) {
    auto source = av::open_stream(clip, AVMEDIA_TYPE_VIDEO);
    if (!source)
        return tl::unexpected(source.error());
    ClipWeight weight{source->decoder->width, source->decoder->height};
    const std::string_view container = source->container->iformat->name;
    weight.without_index = container == "mpegts" || container == "mpeg";
    const auto* pixels = av_pix_fmt_desc_get(source->decoder->pix_fmt);
    const auto* alpha = av_dict_get(source->stream->metadata, "alpha_mode", nullptr, 0);
    weight.transparent = (pixels && (pixels->flags & AV_PIX_FMT_FLAG_ALPHA) != 0) ||
                         (alpha && std::string_view(alpha->value) == "1");
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
    remove_forgotten_drafts(to.parent_path());
    auto draft = Draft::beside(to, 0600);
    if (!draft)
        return fail("The proxy could not be written.", to, "Is the disk full?");
    if (auto written = write_proxy(clip, draft->opened_as(), progress); !written)
        return written;
    if (!draft->take_place())
        return fail("The proxy could not be put in its place.", to);
    return {};
}

} // namespace pulsepin
