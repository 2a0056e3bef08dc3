// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <filesystem>
#include <memory>

extern "C" {
#include <libavcodec/avcodec.h>
#include <libavformat/avformat.h>
#include <libswresample/swresample.h>
#include <libswscale/swscale.h>
}

namespace pulsepin::av {

struct Close {
    void operator()(AVFormatContext* p) const { avformat_close_input(&p); }
    void operator()(AVCodecContext* p) const { avcodec_free_context(&p); }
    void operator()(AVPacket* p) const { av_packet_free(&p); }
    void operator()(AVFrame* p) const { av_frame_free(&p); }
    void operator()(SwrContext* p) const { swr_free(&p); }
    void operator()(SwsContext* p) const { sws_freeContext(p); }
};

template <class T>
using Handle = std::unique_ptr<T, Close>;

/// The one file, or the files of one numbered sequence, that a container may be read from.
struct ReadableFiles {
    std::filesystem::path path;
    bool sequence = false;
    [[nodiscard]] bool includes(const std::filesystem::path& file) const;
};

/// An open file and the decoder of its best stream of one kind.
struct OpenStream {
    std::unique_ptr<ReadableFiles> files; ///< what the container may open; outlives it
    Handle<AVFormatContext> container;
    Handle<AVCodecContext> decoder;
    AVStream* stream = nullptr; ///< owned by the container
    bool flushed = false;       ///< the decoder was told that nothing more comes
};

/// Fails with a message for the person when the file is missing, is no media file, has no such stream, or is
/// written in a format that cannot be decoded here. Plain files alone are opened, through links too; never a
/// device or pipe, nothing by a protocol of the network, and no other file that this one names (playlists).
[[nodiscard]] Result<OpenStream> open_stream(const std::filesystem::path& path, AVMediaType kind);

enum class Step { Frame, End };

/// Decodes the next frame of the stream into `frame`, skipping packets that are damaged.
/// `damaged` counts them. Comes to its end whatever the file holds: each turn takes a packet from it.
[[nodiscard]] Step next_frame(OpenStream& source, AVPacket* packet, AVFrame* frame, int& damaged);

} // namespace pulsepin::av
