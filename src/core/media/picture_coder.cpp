// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/film_coders.h"

#include "base/guarded.h"

#include <algorithm>
#include <cerrno>
#include <chrono>
#include <cstdlib>
#include <cstring>
#include <iterator>
#include <utility>

extern "C" {
#include <libavutil/opt.h>
#include <libavutil/pixdesc.h>
}

namespace pulsepin {
namespace {

constexpr int coder_threads = 2; // of stretches, fixed: see PictureCoder
constexpr int group_seconds = 2, group_seconds_as_one = 5;
constexpr int frames_between = 2; // one that is converted, one that is coded

AVPixelFormat pixels_of(const FilmSpec& spec) {
    const auto& format = *spec.format;
    const bool others = spec.transparent && !format.pixels_with_holes.empty();
    return av_get_pix_fmt(std::string(others ? format.pixels_with_holes : format.pixels).c_str());
}

bool is_rgb(AVPixelFormat pixels) {
    const auto* told = av_pix_fmt_desc_get(pixels);
    return told && (told->flags & (AV_PIX_FMT_FLAG_RGB | AV_PIX_FMT_FLAG_PAL)) != 0;
}

/// Every picture that x264 holds on to takes seven bytes a pixel: of large ones it holds few, for the same
/// size of the film at the same likeness (SSIM, on the demo at 3840 x 2160), and half of the memory.
bool is_large(const FilmSpec& spec) {
    return spec.width * spec.height > 2560 * 1440;
}

/// What x264 and x265 are told so that a stretch stands by itself and answers the same on every machine.
void set_stretch_options(AVCodecContext& coder, int group) {
    void* own = coder.priv_data;
    coder.keyint_min = group;
    coder.flags |= AV_CODEC_FLAG_CLOSED_GOP;
    av_opt_set(own, "preset", "fast", 0);
    // What looks ahead on pictures of half the size reads beyond their edge where the height is no multiple
    // of 32: it answers otherwise for the same pictures (x264 164). Without that it does not.
    if (std::string_view(coder.codec->name) == "libx264") {
        av_opt_set(own, "sc_threshold", "0", 0);
        av_opt_set(own, "mbtree", "0", 0);
        av_opt_set(own, "b_strategy", "0", 0);
        av_opt_set(own, "rc-lookahead", "0", 0); // nothing is looked for there, and it takes memory
        av_opt_set(own, "x264-params", "sync-lookahead=0", 0);
    } else
        av_opt_set(own, "x265-params",
                   ("log-level=error:scenecut=0:open-gop=0:pools=2:frame-threads=1:keyint=" +
                    std::to_string(group) + ":min-keyint=" + std::to_string(group))
                       .c_str(),
                   0);
}

void set_options_as_one(AVCodecContext& coder, const FilmSpec& spec) {
    void* own = coder.priv_data;
    if (std::string_view(coder.codec->name) == "libx264") {
        av_opt_set(own, "preset", "medium", 0);
        if (is_large(spec)) {
            av_opt_set(own, "rc-lookahead", "1", 0);
            av_opt_set(own, "x264-params", "sync-lookahead=0:sliced-threads=1", 0);
        }
    } else {
        av_opt_set(own, "preset", "fast", 0);
        av_opt_set(own, "x265-params",
                   is_large(spec) ? "log-level=error:rc-lookahead=5:bframes=2:ref=1" : "log-level=error", 0);
    }
}

void set_options(AVCodecContext& coder, const FilmSpec& spec) {
    const std::string_view encoder = spec.format->picture;
    const int group = std::max(1, static_cast<int>(spec.rate.nominal()) *
                                      (spec.as_one ? group_seconds_as_one : group_seconds));
    void* own = coder.priv_data;
    if (encoder == "libx264" || encoder == "libx265") {
        coder.gop_size = group;
        if (is_large(spec) && encoder == "libx264") {
            coder.refs = 1;
            coder.max_b_frames = 0;
        }
        if (spec.as_one)
            set_options_as_one(coder, spec);
        else
            set_stretch_options(coder, group);
        av_opt_set(own, "crf", std::to_string(spec.quality).c_str(), 0);
    } else if (encoder == "libvpx-vp9") {
        coder.gop_size = group;
        coder.bit_rate = 0;
        av_opt_set(own, "crf", std::to_string(spec.quality).c_str(), 0);
        av_opt_set(own, "deadline", "good", 0);
        av_opt_set(own, "cpu-used", "4", 0);
        av_opt_set(own, "row-mt", "1", 0);
        if (spec.transparent)
            av_opt_set(own, "auto-alt-ref", "0", 0); // pictures that are never shown have no holes
    } else if (encoder == "libsvtav1") {
        setenv("SVT_LOG", "1", 0); // errors alone
        coder.gop_size = group;
        av_opt_set(own, "crf", std::to_string(spec.quality).c_str(), 0);
        av_opt_set(own, "preset", "9", 0);
        av_opt_set(own, "svtav1-params", spec.as_one ? "lp=0" : "lp=2", 0);
    } else if (encoder == "prores_ks") {
        av_opt_set(own, "profile", spec.format->alpha ? "4444" : "hq", 0);
        av_opt_set(own, "vendor", "apl0", 0);
        if (spec.format->alpha)
            av_opt_set(own, "alpha_bits", "16", 0);
    } else if (encoder == "ffv1") {
        coder.level = 3;
        coder.gop_size = 1;
        coder.slices = 4;
        av_opt_set(own, "slicecrc", "1", 0);
    } else if (encoder == "libwebp_anim") {
        av_opt_set_double(own, "quality", spec.quality, 0);
        av_opt_set_int(own, "loop", 0, 0);
    }
}

} // namespace

std::string name_of_error(int error) {
    char text[AV_ERROR_MAX_STRING_SIZE] = {};
    return av_make_error_string(text, sizeof text, error);
}

AVRational tick_of(FrameRate rate) {
    return {static_cast<int>(rate.denominator()), static_cast<int>(rate.numerator())};
}

int side_step(const FilmSpec& spec) {
    if (!spec.format || spec.format->picture.empty())
        return 1;
    const auto* told = av_pix_fmt_desc_get(pixels_of(spec));
    return told && (told->log2_chroma_w > 0 || told->log2_chroma_h > 0) ? 2 : 1;
}

Result<void> can_write(const FilmSpec& spec) {
    if (!spec.format || !can_write(*spec.format))
        return fail("The encoder for this kind of film is not installed.", {},
                    "Install Debian's ffmpeg libraries (libavcodec59), or choose another kind.");
    if (spec.width < 16 || spec.height < 16 || spec.width > 8192 || spec.height > 8192)
        return fail("A film is 16 to 8192 pixels wide and high.");
    // Below the width of one of its coding units x265 3.5 writes beyond its memory (valgrind:
    // Lookahead::cuTree).
    constexpr int least_of_hevc = 64;
    if (spec.format->picture == "libx265" && (spec.width < least_of_hevc || spec.height < least_of_hevc))
        return fail("A film of this kind (HEVC) is at least 64 pixels wide and high.", {},
                    "Make it larger, or choose another kind.");
    if (!spec.format->picture.empty()) {
        const auto* told = av_pix_fmt_desc_get(pixels_of(spec));
        if (told &&
            (spec.width % (1 << told->log2_chroma_w) != 0 || spec.height % (1 << told->log2_chroma_h) != 0))
            return fail("Width and height of this kind of film must be even.", {},
                        "Add or take away a pixel.");
    }
    return {};
}

PictureCoder::PictureCoder(std::unique_ptr<State> state) : state_(std::move(state)) {}
PictureCoder::~PictureCoder() = default;
PictureCoder::PictureCoder(PictureCoder&&) noexcept = default;
PictureCoder& PictureCoder::operator=(PictureCoder&&) noexcept = default;

Result<PictureCoder> PictureCoder::open(const FilmSpec& spec) {
    av_log_set_level(AV_LOG_ERROR); // what went well needs no word in a terminal
    if (auto possible = can_write(spec); !possible)
        return tl::unexpected(possible.error());
    auto state = std::make_unique<State>();
    state->spec = spec;
    const auto* encoder = avcodec_find_encoder_by_name(std::string(spec.format->picture).c_str());
    state->coder.reset(avcodec_alloc_context3(encoder));
    AVCodecContext& coder = *state->coder;
    const AVPixelFormat pixels = pixels_of(spec);
    coder.width = spec.width;
    coder.height = spec.height;
    coder.pix_fmt = pixels;
    coder.time_base = tick_of(spec.rate);
    coder.framerate = {coder.time_base.den, coder.time_base.num};
    coder.sample_aspect_ratio = {1, 1};
    coder.thread_count = spec.as_one ? 0 : coder_threads; // 0: as many as there are cores
    coder.flags |= AV_CODEC_FLAG_BITEXACT | AV_CODEC_FLAG_GLOBAL_HEADER;
    if (!is_rgb(pixels)) {
        coder.color_primaries = AVCOL_PRI_BT709;
        coder.color_trc = AVCOL_TRC_BT709;
        coder.colorspace = AVCOL_SPC_BT709;
        coder.color_range = AVCOL_RANGE_MPEG;
        coder.chroma_sample_location = AVCHROMA_LOC_LEFT;
    }
    set_options(coder, spec);
    if (const int error = avcodec_open2(&coder, encoder, nullptr); error < 0)
        return fail("The encoder does not take these settings (" + name_of_error(error) + ").", {},
                    "Choose another size, rate or quality.");
    if (auto made = state->make_frames(); !made)
        return tl::unexpected(made.error());
    if (auto made = state->make_scaler(); !made)
        return tl::unexpected(made.error());
    state->worker = std::jthread([own = state.get()](const std::stop_token& stop) { own->work(stop); });
    return PictureCoder(std::move(state));
}

PictureCoder::State::~State() {
    worker.request_stop();
    changed.notify_all();
    if (worker.joinable())
        worker.join();
    end_coder();
}

void PictureCoder::State::end_coder() {
    if (!coder || !avcodec_is_open(coder.get()) || spec.format->picture != "libsvtav1")
        return;
    const auto drop_packets = [&] {
        const av::Handle<AVPacket> packet(av_packet_alloc());
        int got = 0;
        while ((got = avcodec_receive_packet(coder.get(), packet.get())) == 0)
            av_packet_unref(packet.get());
        return got;
    };
    if (!was_sent_any) {
        av::Handle<AVFrame> black(av_frame_alloc());
        black->width = spec.width;
        black->height = spec.height;
        black->format = coder->pix_fmt;
        if (av_frame_get_buffer(black.get(), 0) < 0)
            return;
        for (std::size_t plane = 0; plane < 3; ++plane)
            std::memset(black->data[plane], 0,
                        static_cast<std::size_t>(black->linesize[plane]) *
                            static_cast<std::size_t>(plane == 0 ? spec.height : (spec.height + 1) / 2));
        black->pts = 0;
        avcodec_send_frame(coder.get(), black.get());
    }
    if (!was_flushed)
        avcodec_send_frame(coder.get(), nullptr);
    // Once flushed, a coder gives what it holds and then its end.
    for (int i = 0; i < 1000 && drop_packets() == AVERROR(EAGAIN); ++i)
        std::this_thread::sleep_for(std::chrono::milliseconds(2));
}

Result<void> PictureCoder::State::make_frames() {
    for (int i = 0; i < frames_between; ++i) {
        av::Handle<AVFrame> frame(av_frame_alloc());
        frame->width = spec.width;
        frame->height = spec.height;
        frame->format = coder->pix_fmt;
        frame->color_primaries = coder->color_primaries;
        frame->color_trc = coder->color_trc;
        frame->colorspace = coder->colorspace;
        frame->color_range = coder->color_range;
        if (av_frame_get_buffer(frame.get(), 0) < 0)
            return fail("There is not enough memory for a picture of this size.");
        free.push_back(std::move(frame));
    }
    return {};
}

Result<void> PictureCoder::State::make_scaler() {
    const AVPixelFormat pixels = coder->pix_fmt;
    if (pixels == AV_PIX_FMT_PAL8)
        return {}; // its colours are chosen for each picture
    scaler.reset(sws_getContext(spec.width, spec.height, AV_PIX_FMT_BGRA, spec.width, spec.height, pixels,
                                SWS_BILINEAR | SWS_ACCURATE_RND | SWS_FULL_CHR_H_INT | SWS_FULL_CHR_H_INP |
                                    SWS_BITEXACT,
                                nullptr, nullptr, nullptr));
    if (!scaler)
        return fail("Pictures cannot be brought into the form of this kind of film.");
    const int* bt709 = sws_getCoefficients(SWS_CS_ITU709);
    sws_setColorspaceDetails(scaler.get(), bt709, 1, bt709, is_rgb(pixels) ? 1 : 0, 0, 1 << 16, 1 << 16);
    return {};
}

Result<void> PictureCoder::State::convert(const std::uint8_t* pixels, std::int64_t stride, AVFrame& frame) {
    if (coder->pix_fmt == AV_PIX_FMT_PAL8) {
        auto reduced = colours.reduced(pixels, stride, spec.width, spec.height);
        if (!reduced)
            return tl::unexpected(reduced.error());
        av_frame_unref(&frame);
        av_frame_move_ref(&frame, reduced->get());
        return {};
    }
    // The coder may hold on to its pixels.
    if (av_frame_make_writable(&frame) < 0)
        return fail("There is not enough memory for a picture of this size.");
    // The scaler reads many pixels at once: rows without room behind them are laid into such that have.
    constexpr std::int64_t at_once = 64; // bytes
    if (stride % at_once != 0 || std::int64_t{4} * spec.width != stride) {
        if (padded.width == 0)
            padded = PaddedPixels(spec.width, spec.height);
        for (int y = 0; y < spec.height; ++y)
            std::memcpy(padded.row(y), pixels + y * stride, static_cast<std::size_t>(spec.width) * 4);
        pixels = padded.bytes.data();
        stride = static_cast<std::int64_t>(padded.stride);
    }
    const std::uint8_t* planes[] = {pixels, nullptr, nullptr, nullptr};
    const int strides[] = {static_cast<int>(stride), 0, 0, 0};
    sws_scale(scaler.get(), planes, strides, 0, spec.height, frame.data, frame.linesize);
    return {};
}

Result<std::vector<CodedPicture>> PictureCoder::State::code(AVFrame* frame) {
    if (frame && frame->format == AV_PIX_FMT_PAL8) {
        // What is like the picture before is left out; the encoder compares numbers of colours, so that only
        // holds among pictures of one palette.
        const std::vector<std::uint8_t> now(frame->data[1], frame->data[1] + AVPALETTE_SIZE);
        av_opt_set(coder->priv_data, "gifflags", now == palette ? "offsetting+transdiff" : "0", 0);
        palette = now;
    }
    if (!frame && !was_sent_any)
        return std::vector<CodedPicture>{}; // some wait for ever for the pictures of nothing
    const int sent = avcodec_send_frame(coder.get(), frame);
    (frame ? was_sent_any : was_flushed) = true;
    if (sent < 0 && frame)
        return fail("A picture could not be coded (" + name_of_error(sent) + ").");
    const av::Handle<AVPacket> packet(av_packet_alloc());
    std::vector<CodedPicture> taken;
    while (true) {
        const int got = avcodec_receive_packet(coder.get(), packet.get());
        if (got == AVERROR(EAGAIN) || got == AVERROR_EOF)
            return taken;
        if (got < 0)
            return fail("A picture could not be coded (" + name_of_error(got) + ").");
        CodedPicture picture;
        picture.bytes.assign(packet->data, packet->data + packet->size);
        std::size_t size = 0;
        if (const auto* beside =
                av_packet_get_side_data(packet.get(), AV_PKT_DATA_MATROSKA_BLOCKADDITIONAL, &size))
            picture.holes.assign(beside, beside + size);
        picture.shown = packet->pts;
        picture.decoded = packet->dts == AV_NOPTS_VALUE ? packet->pts : packet->dts;
        picture.key = (packet->flags & AV_PKT_FLAG_KEY) != 0;
        taken.push_back(std::move(picture));
        av_packet_unref(packet.get());
    }
}

void PictureCoder::State::work(const std::stop_token& stop) {
    while (true) {
        av::Handle<AVFrame> frame;
        {
            std::unique_lock lock(mutex);
            changed.wait(lock, stop, [&] { return !waiting.empty() || all_there; });
            if (stop.stop_requested())
                return;
            if (!waiting.empty()) {
                frame = std::move(waiting.front());
                waiting.pop_front();
            }
        }
        auto coded = guarded([&] { return code(frame.get()); });
        const std::lock_guard lock(mutex);
        all_coded = !frame || !coded;
        if (coded)
            std::move(coded->begin(), coded->end(), std::back_inserter(ready));
        else
            failed = coded.error();
        if (frame)
            free.push_back(std::move(frame));
        changed.notify_all();
        if (all_coded)
            return;
    }
}

Result<std::vector<CodedPicture>> PictureCoder::State::handed_out() {
    if (failed)
        return tl::unexpected(*failed);
    return std::exchange(ready, {});
}

Result<std::vector<CodedPicture>> PictureCoder::add(const std::uint8_t* pixels, std::int64_t stride) {
    State& s = *state_;
    av::Handle<AVFrame> frame;
    {
        std::unique_lock lock(s.mutex);
        s.changed.wait(lock, [&] { return !s.free.empty() || s.all_coded; });
        if (s.failed)
            return tl::unexpected(*s.failed);
        frame = std::move(s.free.back());
        s.free.pop_back();
    }
    if (auto converted = s.convert(pixels, stride, *frame); !converted)
        return tl::unexpected(converted.error());
    frame->pts = s.frames++;
    frame->pict_type = AV_PICTURE_TYPE_NONE;
    const std::lock_guard lock(s.mutex);
    s.waiting.push_back(std::move(frame));
    s.changed.notify_all();
    return s.handed_out();
}

Result<std::vector<CodedPicture>> PictureCoder::finish() {
    State& s = *state_;
    std::unique_lock lock(s.mutex);
    s.all_there = true;
    s.changed.notify_all();
    s.changed.wait(lock, [&] { return s.all_coded; });
    return s.handed_out();
}

} // namespace pulsepin
