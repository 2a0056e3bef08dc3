// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/own_palette.h"

#include <cstring>
#include <string>

extern "C" {
#include <libavfilter/avfilter.h>
#include <libavfilter/buffersink.h>
#include <libavfilter/buffersrc.h>
}

namespace pulsepin::av {
namespace {

struct FreeGraph {
    void operator()(AVFilterGraph* graph) const { avfilter_graph_free(&graph); }
};

constexpr auto chain = "split[seen][counted];"
                       "[counted]palettegen=stats_mode=single:reserve_transparent=0[palette];"
                       "[seen][palette]paletteuse=new=1:dither=bayer:bayer_scale=3,format=pal8";

/// The chain between a source of pictures and a sink for them.
struct Graph {
    std::unique_ptr<AVFilterGraph, FreeGraph> graph{avfilter_graph_alloc()};
    AVFilterContext *source = nullptr, *sink = nullptr;

    [[nodiscard]] bool join(int width, int height) {
        const std::string told = "video_size=" + std::to_string(width) + "x" + std::to_string(height) +
                                 ":pix_fmt=" + std::to_string(AV_PIX_FMT_BGRA) +
                                 ":time_base=1/1:pixel_aspect=1/1";
        graph->nb_threads = 1;
        if (avfilter_graph_create_filter(&source, avfilter_get_by_name("buffer"), "in", told.c_str(), nullptr,
                                         graph.get()) < 0 ||
            avfilter_graph_create_filter(&sink, avfilter_get_by_name("buffersink"), "out", nullptr, nullptr,
                                         graph.get()) < 0)
            return false;
        AVFilterInOut *from = avfilter_inout_alloc(), *to = avfilter_inout_alloc();
        *from = {av_strdup("in"), source, 0, nullptr};
        *to = {av_strdup("out"), sink, 0, nullptr};
        const int parsed = avfilter_graph_parse_ptr(graph.get(), chain, &to, &from, nullptr);
        avfilter_inout_free(&from);
        avfilter_inout_free(&to);
        return parsed >= 0 && avfilter_graph_config(graph.get(), nullptr) >= 0;
    }
};

} // namespace

Result<Handle<AVFrame>> with_own_palette(const std::uint8_t* pixels, std::int64_t stride, int width,
                                         int height) {
    Handle<AVFrame> picture(av_frame_alloc()), reduced(av_frame_alloc());
    picture->width = width;
    picture->height = height;
    picture->format = AV_PIX_FMT_BGRA;
    picture->pts = 0;
    if (av_frame_get_buffer(picture.get(), 0) < 0)
        return fail("There is not enough memory for a picture of this size.");
    for (int y = 0; y < height; ++y)
        std::memcpy(picture->data[0] + std::int64_t{y} * picture->linesize[0], pixels + y * stride,
                    static_cast<std::size_t>(width) * 4);
    // One for each picture: it asks for the next picture before it gives out the one at hand.
    Graph graph;
    if (!graph.join(width, height) || av_buffersrc_add_frame(graph.source, picture.get()) < 0 ||
        av_buffersrc_add_frame(graph.source, nullptr) < 0 ||
        av_buffersink_get_frame(graph.sink, reduced.get()) < 0)
        return fail("The colours of a picture could not be chosen.", {},
                    "Install Debian's libavfilter8, or choose another kind of film.");
    return reduced;
}

} // namespace pulsepin::av
