// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/deinterlace.h"

#include <algorithm>
#include <cstdlib>
#include <cstring>
#include <vector>

extern "C" {
#include <libavutil/pixdesc.h>
}

namespace pulsepin {
namespace {

constexpr int seen_as_combing = 10; ///< of 255

/// One plane of a frame, of pixels of one or two bytes.
template <class Value>
class Plane {
public:
    Plane(const AVFrame& from, const AVFrame& to, int index, int width, int height, int depth)
        : from_(from), to_(to), index_(index), width_(width), height_(height),
          least_(seen_as_combing << (depth - 8)), combed_(static_cast<std::size_t>(width) + 2) {}

    void make(int first_line) {
        for (int y = 0; y < height_; ++y)
            if (y % 2 == first_line || height_ < 4)
                std::memcpy(out(y), in(y), static_cast<std::size_t>(width_) * sizeof(Value));
            else
                make_line(y);
    }

private:
    [[nodiscard]] const Value* in(int y) const {
        return reinterpret_cast<const Value*>(from_.data[index_] +
                                              static_cast<std::ptrdiff_t>(y) * from_.linesize[index_]);
    }
    [[nodiscard]] Value* out(int y) const {
        return reinterpret_cast<Value*>(to_.data[index_] +
                                        static_cast<std::ptrdiff_t>(y) * to_.linesize[index_]);
    }

    /// Of the second field; beyond the edges the nearest line of the same field.
    void make_line(int y) {
        const Value *above = in(y > 0 ? y - 1 : y + 1), *below = in(y + 1 < height_ ? y + 1 : y - 1);
        const Value *before = in(y >= 2 ? y - 2 : y), *after = in(y + 2 < height_ ? y + 2 : y);
        const Value* own = in(y);
        for (int x = 0; x < width_; ++x)
            combed_[static_cast<std::size_t>(x) + 1] =
                is_combed(above[x], below[x], own[x], before[x], after[x]);
        Value* line = out(y);
        for (int x = 0; x < width_; ++x) {
            const auto* near = &combed_[static_cast<std::size_t>(x)];
            line[x] = (near[0] | near[1] | near[2]) != 0 ? between(above, below, x) : own[x];
        }
    }

    /// Brighter or darker than both lines beside it, as no line of one moment is that is like the next ones
    /// of its own field.
    [[nodiscard]] char is_combed(int above, int below, int own, int before, int after) const {
        const int up = own - above, down = own - below;
        const bool stands_out = (up > least_ && down > least_) || (up < -least_ && down < -least_);
        const bool thin_line =
            2 * std::abs(own - before) > std::abs(up) && 2 * std::abs(own - after) > std::abs(down);
        return stands_out && !thin_line ? 1 : 0;
    }

    /// Along the direction in which the lines above and below agree best.
    [[nodiscard]] Value between(const Value* above, const Value* below, int x) const {
        int best = std::abs(above[x] - below[x]), sum = above[x] + below[x];
        for (const int aside : {-1, 1, -2, 2}) {
            const int left = x + aside, right = x - aside;
            if (left < 0 || right < 0 || left >= width_ || right >= width_)
                continue;
            const int apart = std::abs(above[left] - below[right]) + std::abs(aside);
            if (apart < best) {
                best = apart;
                sum = above[left] + below[right];
            }
        }
        return static_cast<Value>((sum + 1) / 2);
    }

    const AVFrame &from_, &to_;
    int index_, width_, height_, least_;
    std::vector<char> combed_; ///< with one more at each end
};

} // namespace

av::Handle<AVFrame> deinterlaced(const AVFrame& frame) {
    const auto* told = av_pix_fmt_desc_get(static_cast<AVPixelFormat>(frame.format));
    constexpr auto others = AV_PIX_FMT_FLAG_BE | AV_PIX_FMT_FLAG_PAL | AV_PIX_FMT_FLAG_BITSTREAM |
                            AV_PIX_FMT_FLAG_HWACCEL | AV_PIX_FMT_FLAG_FLOAT;
    if (!told || (told->flags & others) != 0)
        return nullptr;
    const int bytes = told->comp[0].depth > 8 ? 2 : 1;
    for (int i = 0; i < told->nb_components; ++i)
        if (told->comp[i].plane != i || told->comp[i].step != bytes || told->comp[i].shift != 0)
            return nullptr;
    av::Handle<AVFrame> made(av_frame_alloc());
    made->format = frame.format;
    made->width = frame.width;
    made->height = frame.height;
    if (av_frame_copy_props(made.get(), &frame) < 0 || av_frame_get_buffer(made.get(), 0) < 0)
        return nullptr;
    const int first_line = frame.top_field_first ? 0 : 1;
    for (int plane = 0; plane < told->nb_components; ++plane) {
        const bool colour = plane == 1 || plane == 2;
        const int width = colour ? AV_CEIL_RSHIFT(frame.width, told->log2_chroma_w) : frame.width,
                  height = colour ? AV_CEIL_RSHIFT(frame.height, told->log2_chroma_h) : frame.height;
        if (bytes == 1)
            Plane<std::uint8_t>(frame, *made, plane, width, height, 8).make(first_line);
        else
            Plane<std::uint16_t>(frame, *made, plane, width, height, told->comp[plane].depth)
                .make(first_line);
    }
    return made;
}

} // namespace pulsepin
