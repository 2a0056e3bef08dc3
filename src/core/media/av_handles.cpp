// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/av_handles.h"

#include "media/picture_sequence.h"

namespace pulsepin::av {
namespace {

const char* kind_name(AVMediaType kind) {
    return kind == AVMEDIA_TYPE_AUDIO ? "sound" : "picture";
}

} // namespace

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
    AVFormatContext* opened = nullptr;
    AVDictionary* options = nullptr;
    if (first) {
        av_dict_set_int(&options, "start_number", *first, 0);
        av_dict_set_int(&options, "framerate", sequence_rate, 0);
    }
    const int outcome = avformat_open_input(&opened, ((first ? "" : "file:") + name).c_str(),
                                            first ? av_find_input_format("image2") : nullptr, &options);
    av_dict_free(&options);
    if (outcome < 0)
        return fail("This is not a sound or video file, or it is damaged at its beginning.", name,
                    "Open it in a player to check, or export it again as WAV or FLAC.");
    OpenStream source{Handle<AVFormatContext>(opened), nullptr, nullptr};
    if (avformat_find_stream_info(opened, nullptr) < 0)
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
    for (unsigned i = 0; i < opened->nb_streams; ++i)
        if (static_cast<int>(i) != index)
            opened->streams[i]->discard = AVDISCARD_ALL;
    source.decoder.reset(avcodec_alloc_context3(codec));
    avcodec_parameters_to_context(source.decoder.get(), source.stream->codecpar);
    // Without this the decoder does not know where encoder delay and padding lie, and leaves them in.
    source.decoder->pkt_timebase = source.stream->time_base;
    source.decoder->thread_count = kind == AVMEDIA_TYPE_VIDEO ? 2 : 1;
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
        if (received != AVERROR(EAGAIN)) {
            ++damaged;
            continue;
        }
        const int read = av_read_frame(source.container.get(), packet);
        if (read < 0) {
            avcodec_send_packet(source.decoder.get(), nullptr);
            continue;
        }
        if (packet->stream_index == source.stream->index &&
            avcodec_send_packet(source.decoder.get(), packet) < 0)
            ++damaged;
        av_packet_unref(packet);
    }
}

} // namespace pulsepin::av
