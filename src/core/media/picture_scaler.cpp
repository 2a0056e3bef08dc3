// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/picture_scaler.h"

#include "media/deinterlace.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>

extern "C" {
#include <libavutil/display.h>
#include <libavutil/mastering_display_metadata.h>
#include <libavutil/pixdesc.h>
}

namespace pulsepin {
namespace {

std::optional<PictureTurn> turn_in(const std::uint8_t* data, std::size_t size) {
    if (!data || size < 9 * sizeof(std::int32_t))
        return std::nullopt;
    return turn_of_matrix(std::span<const std::int32_t, 9>(reinterpret_cast<const std::int32_t*>(data), 9));
}

PictureTurn turn_of(const AVFrame& frame, AVStream& stream) {
    if (const auto* side = av_frame_get_side_data(&frame, AV_FRAME_DATA_DISPLAYMATRIX))
        if (const auto turn = turn_in(side->data, side->size))
            return *turn;
    if (const auto* told = av_dict_get(frame.metadata, "Orientation", nullptr, 0))
        return turn_of_exif(std::atoi(told->value));
    std::size_t size = 0;
    const auto* data = av_stream_get_side_data(&stream, AV_PKT_DATA_DISPLAYMATRIX, &size);
    return turn_in(data, size).value_or(PictureTurn{});
}

int matrix_of(const AVFrame& frame) {
    switch (frame.colorspace) {
    case AVCOL_SPC_BT709:
        return SWS_CS_ITU709;
    case AVCOL_SPC_FCC:
        return SWS_CS_FCC;
    case AVCOL_SPC_BT470BG:
    case AVCOL_SPC_SMPTE170M:
        return SWS_CS_ITU601;
    case AVCOL_SPC_SMPTE240M:
        return SWS_CS_SMPTE240M;
    case AVCOL_SPC_BT2020_NCL:
    case AVCOL_SPC_BT2020_CL:
        return SWS_CS_BT2020;
    default:
        constexpr int most_lines_of_standard_definition = 576;
        return frame.height > most_lines_of_standard_definition ? SWS_CS_ITU709 : SWS_CS_ITU601;
    }
}

bool is_full_range(const AVFrame& frame) {
    switch (frame.format) {
    case AV_PIX_FMT_YUVJ420P:
    case AV_PIX_FMT_YUVJ422P:
    case AV_PIX_FMT_YUVJ444P:
    case AV_PIX_FMT_YUVJ440P:
    case AV_PIX_FMT_YUVJ411P:
        return true;
    default:
        return frame.color_range == AVCOL_RANGE_JPEG;
    }
}

/// The lines of one field of a frame, as a frame of half the height; shares the pixels.
AVFrame field_of(const AVFrame& frame) {
    AVFrame field = frame;
    const int first = frame.top_field_first ? 0 : 1;
    for (std::size_t plane = 0; plane < 4 && frame.data[plane]; ++plane) {
        field.data[plane] = frame.data[plane] + first * frame.linesize[plane];
        field.linesize[plane] = frame.linesize[plane] * 2;
    }
    field.height = (frame.height + 1 - first) / 2;
    return field;
}

double mastering_peak(const AVFrame& frame) {
    if (const auto* side = av_frame_get_side_data(&frame, AV_FRAME_DATA_MASTERING_DISPLAY_METADATA)) {
        const auto* told = reinterpret_cast<const AVMasteringDisplayMetadata*>(side->data);
        if (told->has_luminance && told->max_luminance.den > 0 && told->max_luminance.num > 0)
            return av_q2d(told->max_luminance);
    }
    return 1000;
}

/// Multiplies by alpha. Whether any pixel is not opaque.
bool premultiply(PaddedPixels& pixels) {
    bool transparent = false;
    for (int y = 0; y < pixels.height; ++y) {
        auto* pixel = pixels.row(y);
        for (int x = 0; x < pixels.width; ++x, pixel += 4) {
            const unsigned alpha = pixel[3];
            if (alpha == 255)
                continue;
            transparent = true;
            for (int c = 0; c < 3; ++c)
                pixel[c] = static_cast<std::uint8_t>((pixel[c] * alpha + 127) / 255);
        }
    }
    return transparent;
}

PaddedPixels turned(const PaddedPixels& pixels, const PictureTurn& turn) {
    const auto [width, height] = turn.seen_size(pixels.width, pixels.height);
    PaddedPixels out(width, height);
    turn_pixels(turn, pixels.bytes.data(), pixels.stride, pixels.width, pixels.height, out.bytes.data(),
                out.stride);
    return out;
}

} // namespace

SeenAs seen_as(const AVFrame& frame, const AVFormatContext& container, AVStream& stream) {
    int width = frame.width;
    // FFmpeg takes the container without const, and changes nothing.
    const auto aspect = av_guess_sample_aspect_ratio(const_cast<AVFormatContext*>(&container), &stream,
                                                     const_cast<AVFrame*>(&frame));
    if (aspect.num > 0 && aspect.den > 0) {
        const double wide = frame.width * av_q2d(aspect);
        if (wide >= 1 && wide <= 65535)
            width = static_cast<int>(std::lround(wide));
    }
    SeenAs seen;
    seen.turn = turn_of(frame, stream);
    // Pictures that are stored in passes say that they are interlaced, too, and mean something else.
    const auto codec = stream.codecpar->codec_id;
    seen.interlaced = frame.interlaced_frame != 0 && frame.height >= 16 && codec != AV_CODEC_ID_PNG &&
                      codec != AV_CODEC_ID_APNG && codec != AV_CODEC_ID_GIF;
    std::tie(seen.width, seen.height) = seen.turn.seen_size(width, frame.height);
    return seen;
}

SeenAs turned_on(const SeenAs& seen, int quarters) {
    SeenAs out = seen;
    out.turn = turned_on(seen.turn, quarters);
    if (out.turn.swaps_sides() != seen.turn.swaps_sides())
        std::swap(out.width, out.height);
    return out;
}

PictureChanges changes_of(const AVFrame& frame) {
    PictureChanges changes;
    const auto* told = av_pix_fmt_desc_get(static_cast<AVPixelFormat>(frame.format));
    changes.transparent = told && (told->flags & AV_PIX_FMT_FLAG_ALPHA) != 0;
    changes.transfer = frame.color_trc == AVCOL_TRC_SMPTE2084      ? Transfer::Pq
                       : frame.color_trc == AVCOL_TRC_ARIB_STD_B67 ? Transfer::Hlg
                                                                   : Transfer::Sdr;
    changes.primaries =
        frame.color_primaries == AVCOL_PRI_BT2020 ? Primaries::Bt2020
        : frame.color_primaries == AVCOL_PRI_SMPTE432 || frame.color_primaries == AVCOL_PRI_SMPTE431
            ? Primaries::P3
            : Primaries::Bt709;
    return changes;
}

bool PictureScaler::convert(av::Handle<SwsContext>& scaler, const AVFrame& frame, AVPixelFormat to, int width,
                            int height, std::uint8_t* out, std::size_t stride) {
    scaler.reset(sws_getCachedContext(
        scaler.release(), frame.width, frame.height, static_cast<AVPixelFormat>(frame.format), width, height,
        to, SWS_BILINEAR | SWS_ACCURATE_RND | SWS_FULL_CHR_H_INT, nullptr, nullptr, nullptr));
    if (!scaler)
        return false;
    const int* matrix = sws_getCoefficients(matrix_of(frame));
    sws_setColorspaceDetails(scaler.get(), matrix, is_full_range(frame) ? 1 : 0, matrix, 1, 0, 1 << 16,
                             1 << 16);
    std::uint8_t* planes[] = {out, nullptr, nullptr, nullptr};
    const int strides[] = {static_cast<int>(stride), 0, 0, 0};
    return sws_scale(scaler.get(), frame.data, frame.linesize, 0, frame.height, planes, strides) == height;
}

Result<PictureScaler::Scaled> PictureScaler::scaled(const AVFrame& whole, const SeenAs& seen, int fit_width,
                                                    int fit_height) {
    const auto changes = changes_of(whole);
    const auto one_moment = seen.interlaced ? deinterlaced(whole) : nullptr;
    const AVFrame frame = one_moment ? *one_moment : seen.interlaced ? field_of(whole) : whole;
    const double fit = std::min(
        {1.0, static_cast<double>(fit_width) / seen.width, static_cast<double>(fit_height) / seen.height});
    const auto side = [fit](int length) { return std::max(1, static_cast<int>(std::lround(length * fit))); };
    // The stored picture's sides are the seen one's, swapped where it lies.
    const auto [width, height] = seen.turn.seen_size(side(seen.width), side(seen.height));
    const auto cannot = [] { return fail("The pictures in this file have a format that cannot be shown."); };
    Scaled made{PaddedPixels(width, height)};
    PaddedPixels& pixels = made.pixels;
    const bool profiled = profile_.take(whole);
    if (changes.changes_light()) {
        const double peak = changes.transfer == Transfer::Pq ? mastering_peak(whole) : 1000;
        if (!tones_ || toned_.transfer != changes.transfer || toned_.primaries != changes.primaries ||
            toned_peak_ != peak) {
            tones_.emplace(changes.transfer, changes.primaries, peak);
            toned_ = changes;
            toned_peak_ = peak;
        }
        PaddedPixels deep(width * 2, height); // of 8 bytes a pixel
        if (!convert(last_, frame, AV_PIX_FMT_RGBA64LE, width, height, deep.bytes.data(), deep.stride))
            return cannot();
        for (int y = 0; y < height; ++y)
            tones_->row(reinterpret_cast<const std::uint16_t*>(deep.row(y)), pixels.row(y),
                        static_cast<std::size_t>(width));
        made.transparent = changes.transparent && premultiply(pixels);
    } else if (changes.transparent) {
        PaddedPixels full(frame.width, frame.height);
        if (!convert(whole_, frame, AV_PIX_FMT_BGRA, frame.width, frame.height, full.bytes.data(),
                     full.stride))
            return cannot();
        if (profiled)
            profile_.to_srgb(full);
        made.transparent = premultiply(full);
        if (width == full.width && height == full.height)
            pixels = std::move(full);
        else {
            AVFrame view = frame;
            view.format = AV_PIX_FMT_BGRA;
            view.data[0] = full.bytes.data();
            view.linesize[0] = static_cast<int>(full.stride);
            if (!convert(last_, view, AV_PIX_FMT_BGRA, width, height, pixels.bytes.data(), pixels.stride))
                return cannot();
        }
    } else {
        if (!convert(last_, frame, AV_PIX_FMT_BGRA, width, height, pixels.bytes.data(), pixels.stride))
            return cannot();
        if (profiled)
            profile_.to_srgb(pixels);
    }
    if (!seen.turn.none())
        pixels = turned(pixels, seen.turn);
    return made;
}

} // namespace pulsepin
