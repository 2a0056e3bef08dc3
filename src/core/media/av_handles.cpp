// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/av_handles.h"

#include "media/media_endings.h"
#include "media/picture_sequence.h"

#include <algorithm>
#include <cctype>
#include <cerrno>
#include <optional>
#include <set>
#include <string_view>
#include <sys/stat.h>
#include <vector>

namespace pulsepin::av {
namespace {

constexpr std::int64_t most_pixels = 134'217'728;  ///< of one picture: half a gigabyte when it is decoded
constexpr std::int64_t enough_pixels = 24'000'000; ///< more than any picture of a piece shows

const char* kind_name(AVMediaType kind) {
    return kind == AVMEDIA_TYPE_AUDIO ? "sound" : "picture";
}

/// What FFmpeg calls to open a file: the one that was asked for, and nothing that is named in it.
int open_readable(AVFormatContext* container, AVIOContext** opened, const char* url, int flags,
                  AVDictionary** options) {
    const auto* files = static_cast<const ReadableFiles*>(container->opaque);
    std::string name = url;
    if (name.starts_with("file:"))
        name.erase(0, 5);
    struct stat now {};
    if (!files || (flags & AVIO_FLAG_WRITE) != 0 || !files->includes(name) ||
        ::stat(name.c_str(), &now) != 0 || !S_ISREG(now.st_mode))
        return AVERROR(EACCES);
    return avio_open2(opened, ("file:" + name).c_str(), flags, nullptr, options);
}

/// All containers but those that are made of other files or of none.
const std::string& containers_of_one_file() {
    static const std::string names = [] {
        const std::set<std::string_view> elsewhere{"concat", "concatf", "hls", "applehttp", "dash", "sdp",
                                                   "rtsp",   "rtp",     "sap", "lavfi",     "imf",  "vobsub",
                                                   "image2", "tty",     "bin", "rawvideo"};
        std::string all;
        void* at = nullptr;
        while (const AVInputFormat* one = av_demuxer_iterate(&at))
            if (const std::string_view name = one->name; !elsewhere.contains(name.substr(0, name.find(','))))
                all += (all.empty() ? "" : ",") + std::string(name);
        return all;
    }();
    return names;
}

/// Null where it cannot be opened. `first`: the lowest number of a sequence; `by_name`: one picture of the
/// kind that its name says.
AVFormatContext* open_container(ReadableFiles& files, std::optional<int> first, bool by_name = false) {
    AVFormatContext* opened = avformat_alloc_context();
    AVDictionary* options = nullptr;
    av_dict_set(&options, "protocol_whitelist", "file", 0);
    if (first) {
        av_dict_set(&options, "pattern_type", "sequence", 0);
        av_dict_set_int(&options, "start_number", *first, 0);
        av_dict_set_int(&options, "framerate", sequence_rate, 0);
    } else if (by_name)
        av_dict_set(&options, "pattern_type", "none", 0);
    else
        av_dict_set(&options, "format_whitelist", containers_of_one_file().c_str(), 0);
    opened->opaque = &files;
    opened->io_open = open_readable;
    const std::string name = (first || by_name ? "" : "file:") + files.path.string();
    const int outcome = avformat_open_input(
        &opened, name.c_str(), first || by_name ? av_find_input_format("image2") : nullptr, &options);
    av_dict_free(&options);
    return outcome < 0 ? nullptr : opened;
}

} // namespace

bool ReadableFiles::includes(const std::filesystem::path& file) const {
    if (!sequence)
        return file == path;
    return file.parent_path() == path.parent_path() && is_of_sequence(file, path);
}

Result<OpenStream> open_stream(const std::filesystem::path& path, AVMediaType kind) {
    const std::string name = path.string();
    std::error_code code;
    const auto first = is_sequence(path) ? first_of_sequence(path) : std::nullopt;
    if (!first && !std::filesystem::exists(path, code))
        return fail("The file does not exist.", name, "Check whether it was moved or renamed.");
    if (!first && !std::filesystem::is_regular_file(path, code))
        return fail("This is not a file that can be opened.", name);
    if (!first && std::filesystem::file_size(path, code) == 0)
        return fail("The file is empty.", name);

    av_log_set_level(AV_LOG_QUIET);
    OpenStream source;
    source.files = std::make_unique<ReadableFiles>(ReadableFiles{path, first.has_value()});
    AVFormatContext* opened = open_container(*source.files, first);
    // Pictures that nothing but their name tells apart.
    if (!opened && !first && kind == AVMEDIA_TYPE_VIDEO && ends_as(path, picture_endings()))
        opened = open_container(*source.files, first, true);
    if (!opened)
        return fail("This is not a sound or video file, or it is damaged at its beginning.", name,
                    "Open it in a player to check, or export it again as WAV or FLAC.");
    source.container.reset(opened);
    // Looking for what a stream is, FFmpeg decodes pictures by itself: it shall know the bound, too.
    std::vector<AVDictionary*> bounds(opened->nb_streams, nullptr);
    for (auto& bound : bounds)
        av_dict_set_int(&bound, "max_pixels", most_pixels, 0);
    const int looked = avformat_find_stream_info(opened, bounds.data());
    for (auto& bound : bounds)
        av_dict_free(&bound);
    if (looked < 0)
        return fail("The file is damaged: what it contains cannot be found out.", name,
                    "Export it again as WAV or FLAC.");
    const AVCodec* codec = nullptr;
    const int index = av_find_best_stream(opened, kind, -1, -1, &codec, 0);
    if (index == AVERROR_STREAM_NOT_FOUND)
        return fail(std::string("There is no ") + kind_name(kind) + " in this file.", name);
    if (index < 0 || !codec)
        return fail(std::string("The ") + kind_name(kind) +
                        " in this file is in a format that cannot be decoded.",
                    name, "Convert it to WAV, FLAC, MP4 or WebM first.");
    source.stream = opened->streams[index];
    // FFmpeg's own decoders leave out the second stream that holds what is transparent.
    if (const auto* alpha = av_dict_get(source.stream->metadata, "alpha_mode", nullptr, 0);
        kind == AVMEDIA_TYPE_VIDEO && alpha && std::string_view(alpha->value) == "1")
        if (const AVCodec* whole =
                avcodec_find_decoder_by_name(codec->id == AV_CODEC_ID_VP8 ? "libvpx" : "libvpx-vp9");
            whole && whole->id == codec->id)
            codec = whole;
    for (unsigned i = 0; i < opened->nb_streams; ++i)
        if (static_cast<int>(i) != index)
            opened->streams[i]->discard = AVDISCARD_ALL;
    source.decoder.reset(avcodec_alloc_context3(codec));
    avcodec_parameters_to_context(source.decoder.get(), source.stream->codecpar);
    // Without this the decoder does not know where encoder delay and padding lie, and leaves them in.
    source.decoder->pkt_timebase = source.stream->time_base;
    source.decoder->thread_count = kind == AVMEDIA_TYPE_VIDEO ? 2 : 1;
    if (kind == AVMEDIA_TYPE_VIDEO) {
        const auto pixels =
            static_cast<std::int64_t>(source.stream->codecpar->width) * source.stream->codecpar->height;
        if (pixels > most_pixels)
            return fail("This picture has " + std::to_string(pixels / 1'000'000) +
                            " million pixels, which are too many.",
                        name,
                        "Make it smaller than " + std::to_string(most_pixels / 1'000'000) + " million.");
        source.decoder->max_pixels = most_pixels;
        // Photographs of many pixels are read at a half, a quarter or an eighth of their sides, where the
        // format can.
        for (auto left = pixels; left > enough_pixels && source.decoder->lowres < codec->max_lowres;
             left /= 4)
            ++source.decoder->lowres;
    }
    if (avcodec_open2(source.decoder.get(), codec, nullptr) < 0)
        return fail(std::string("The ") + kind_name(kind) + " in this file cannot be decoded.", name,
                    "Convert it to WAV, FLAC, MP4 or WebM first.");
    return source;
}

Step next_frame(OpenStream& source, AVPacket* packet, AVFrame* frame, int& damaged) {
    for (;;) {
        const int received = avcodec_receive_frame(source.decoder.get(), frame);
        if (received == 0)
            return Step::Frame;
        if (received == AVERROR_EOF)
            return Step::End;
        if (received != AVERROR(EAGAIN))
            ++damaged;
        if (source.flushed)
            return Step::End; // a decoder that neither gives anything more nor comes to its end
        if (av_read_frame(source.container.get(), packet) < 0) {
            avcodec_send_packet(source.decoder.get(), nullptr);
            source.flushed = true;
            continue;
        }
        if (packet->stream_index == source.stream->index &&
            avcodec_send_packet(source.decoder.get(), packet) < 0)
            ++damaged;
        av_packet_unref(packet);
    }
}

} // namespace pulsepin::av
