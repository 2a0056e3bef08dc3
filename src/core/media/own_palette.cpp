// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/own_palette.h"

#include <algorithm>
#include <cstring>
#include <dlfcn.h>
#include <string>

extern "C" {
#include <libavfilter/avfilter.h>
#include <libavfilter/buffersink.h>
#include <libavfilter/buffersrc.h>
}

namespace pulsepin::av {
namespace {

/// What is used of libavfilter. The library is loaded when the first palette is asked for: with all that it
/// needs itself it would be a tenth of the program's start, and GIF alone asks for it.
struct Filters {
    void* library = dlopen("libavfilter.so." AV_STRINGIFY(LIBAVFILTER_VERSION_MAJOR), RTLD_NOW | RTLD_LOCAL);

    template <typename Function>
    [[nodiscard]] Function* named(const char* name) const {
        return library ? reinterpret_cast<Function*>(dlsym(library, name)) : nullptr;
    }
#define PULSEPIN_OF_LIBRARY(name) decltype(::name)* name = named<decltype(::name)>(#name)
    PULSEPIN_OF_LIBRARY(avfilter_graph_alloc);
    PULSEPIN_OF_LIBRARY(avfilter_graph_free);
    PULSEPIN_OF_LIBRARY(avfilter_graph_create_filter);
    PULSEPIN_OF_LIBRARY(avfilter_graph_parse_ptr);
    PULSEPIN_OF_LIBRARY(avfilter_graph_config);
    PULSEPIN_OF_LIBRARY(avfilter_get_by_name);
    PULSEPIN_OF_LIBRARY(avfilter_inout_alloc);
    PULSEPIN_OF_LIBRARY(avfilter_inout_free);
    PULSEPIN_OF_LIBRARY(av_buffersrc_add_frame);
    PULSEPIN_OF_LIBRARY(av_buffersink_get_frame);
#undef PULSEPIN_OF_LIBRARY

    [[nodiscard]] bool complete() const {
        return avfilter_graph_alloc && avfilter_graph_free && avfilter_graph_create_filter &&
               avfilter_graph_parse_ptr && avfilter_graph_config && avfilter_get_by_name &&
               avfilter_inout_alloc && avfilter_inout_free && av_buffersrc_add_frame &&
               av_buffersink_get_frame;
    }
};

constexpr auto chain = "palettegen=stats_mode=single:reserve_transparent=0";

/// The chain between a source of pictures and a sink for them.
class Graph {
public:
    explicit Graph(const Filters& filters) : filters_(filters), graph_(filters.avfilter_graph_alloc()) {}
    ~Graph() { filters_.avfilter_graph_free(&graph_); }
    Graph(const Graph&) = delete;
    Graph& operator=(const Graph&) = delete;

    [[nodiscard]] bool join(int width, int height) {
        const std::string told = "video_size=" + std::to_string(width) + "x" + std::to_string(height) +
                                 ":pix_fmt=" + std::to_string(AV_PIX_FMT_BGRA) +
                                 ":time_base=1/1:pixel_aspect=1/1";
        graph_->nb_threads = 1;
        if (!made(source_, "buffer", "in", told.c_str()) || !made(sink_, "buffersink", "out", nullptr))
            return false;
        AVFilterInOut *from = filters_.avfilter_inout_alloc(), *to = filters_.avfilter_inout_alloc();
        *from = {av_strdup("in"), source_, 0, nullptr};
        *to = {av_strdup("out"), sink_, 0, nullptr};
        const int parsed = filters_.avfilter_graph_parse_ptr(graph_, chain, &to, &from, nullptr);
        filters_.avfilter_inout_free(&from);
        filters_.avfilter_inout_free(&to);
        return parsed >= 0 && filters_.avfilter_graph_config(graph_, nullptr) >= 0;
    }

    [[nodiscard]] bool put_through(AVFrame* picture, AVFrame* palette) {
        return filters_.av_buffersrc_add_frame(source_, picture) >= 0 &&
               filters_.av_buffersrc_add_frame(source_, nullptr) >= 0 &&
               filters_.av_buffersink_get_frame(sink_, palette) >= 0;
    }

private:
    [[nodiscard]] bool made(AVFilterContext*& context, const char* kind, const char* name, const char* told) {
        return filters_.avfilter_graph_create_filter(&context, filters_.avfilter_get_by_name(kind), name,
                                                     told, nullptr, graph_) >= 0;
    }

    const Filters& filters_;
    AVFilterGraph* graph_;
    AVFilterContext *source_ = nullptr, *sink_ = nullptr;
};

std::size_t coarse_of(const std::uint8_t* pixel) {
    return static_cast<std::size_t>((pixel[2] >> 3) << 10 | (pixel[1] >> 3) << 5 | pixel[0] >> 3);
}

/// Bayer's pattern of 8 x 8, from -4 to 3: how much a pixel is made lighter before its colour is chosen.
constexpr std::array<int, 64> pattern = [] {
    std::array<int, 64> made{};
    for (int i = 0; i < 64; ++i) {
        const int x = i & 7, y = i >> 3, mixed = x ^ y;
        const int place = (x & 4) >> 2 | (mixed & 4) >> 1 | (x & 2) << 1 | (mixed & 2) << 2 | (x & 1) << 4 |
                          (mixed & 1) << 5; // the bits of both, interleaved from the lowest on
        made[static_cast<std::size_t>(i)] = (place >> 3) - 4;
    }
    return made;
}();

} // namespace

Result<void> OwnPalette::choose(const std::uint8_t* pixels, std::int64_t stride, int width, int height) {
    Handle<AVFrame> picture(av_frame_alloc()), palette(av_frame_alloc());
    picture->width = width;
    picture->height = height;
    picture->format = AV_PIX_FMT_BGRA;
    picture->pts = 0;
    if (av_frame_get_buffer(picture.get(), 0) < 0)
        return fail("There is not enough memory for a picture of this size.");
    for (int y = 0; y < height; ++y)
        std::memcpy(picture->data[0] + std::int64_t{y} * picture->linesize[0], pixels + y * stride,
                    static_cast<std::size_t>(width) * 4);
    const Filters filters;
    const auto chosen_by_library = [&] {
        Graph graph(filters);
        return graph.join(width, height) && graph.put_through(picture.get(), palette.get());
    };
    if (!filters.complete() || !chosen_by_library() || palette->width != 16 || palette->height != 16)
        return fail("The colours of a picture could not be chosen.", {},
                    "Install Debian's libavfilter8, or choose another kind of film.");
    for (std::size_t i = 0; i < 256; ++i) {
        std::memcpy(
            &colours_[i],
            palette->data[0] + static_cast<std::ptrdiff_t>(i / 16) * palette->linesize[0] + (i % 16) * 4, 4);
        colours_[i] |= 0xff000000u;
    }
    near_.reset();
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x)
            near_.set(coarse_of(pixels + y * stride + std::int64_t{x} * 4));
    std::bitset<coarse> around = near_;
    for (const int shift : {1, 32, 1024}) // a step more or less of each colour
        around |= around << static_cast<std::size_t>(shift) | around >> static_cast<std::size_t>(shift);
    near_ = around;
    nearest_.assign(fine, -1);
    chosen_ = true;
    return {};
}

bool OwnPalette::suits(const std::uint8_t* pixels, std::int64_t stride, int width, int height) const {
    constexpr std::int64_t one_in = 200;
    std::int64_t strange = 0;
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x)
            strange += near_.test(coarse_of(pixels + y * stride + std::int64_t{x} * 4)) ? 0 : 1;
    return strange * one_in <= std::int64_t{width} * height;
}

std::uint8_t OwnPalette::nearest(std::size_t colour) {
    auto& found = nearest_[colour];
    if (found < 0) {
        const int r = static_cast<int>(colour >> 14) * 2, g = static_cast<int>(colour >> 7 & 127) * 2,
                  b = static_cast<int>(colour & 127) * 2;
        int least = 1 << 30;
        for (std::size_t i = 0; i < 256; ++i) {
            const int dr = static_cast<int>(colours_[i] >> 16 & 255) - r,
                      dg = static_cast<int>(colours_[i] >> 8 & 255) - g,
                      db = static_cast<int>(colours_[i] & 255) - b;
            if (const int apart = dr * dr + dg * dg + db * db; apart < least) {
                least = apart;
                found = static_cast<std::int16_t>(i);
            }
        }
    }
    return static_cast<std::uint8_t>(found);
}

Result<Handle<AVFrame>> OwnPalette::reduced(const std::uint8_t* pixels, std::int64_t stride, int width,
                                            int height) {
    if (!chosen_ || !suits(pixels, stride, width, height))
        if (auto made = choose(pixels, stride, width, height); !made)
            return tl::unexpected(made.error());
    Handle<AVFrame> picture(av_frame_alloc());
    picture->width = width;
    picture->height = height;
    picture->format = AV_PIX_FMT_PAL8;
    if (av_frame_get_buffer(picture.get(), 0) < 0)
        return fail("There is not enough memory for a picture of this size.");
    std::memcpy(picture->data[1], colours_.data(), sizeof colours_);
    for (int y = 0; y < height; ++y) {
        const auto* from = pixels + y * stride;
        auto* to = picture->data[0] + std::int64_t{y} * picture->linesize[0];
        for (int x = 0; x < width; ++x, from += 4) {
            const int lighter = pattern[static_cast<std::size_t>((y & 7) << 3 | (x & 7))];
            const auto part = [&](int byte) {
                return static_cast<std::size_t>(std::clamp(from[byte] + lighter, 0, 255) >> 1);
            };
            to[x] = nearest(part(2) << 14 | part(1) << 7 | part(0));
        }
    }
    return picture;
}

} // namespace pulsepin::av
