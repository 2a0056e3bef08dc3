// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/clip_part.h"

#include "media/av_handles.h"
#include "media/video_reader.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>
#include <map>

namespace pulsepin {
namespace {

tl::unexpected<Error> not_copied(const std::filesystem::path& file) {
    return fail("This part of the film cannot be copied by itself.", file.string(), "Take all of it.");
}

struct CloseOutput {
    void operator()(AVFormatContext* p) const {
        if (p->pb)
            avio_closep(&p->pb);
        avformat_free_context(p);
    }
};
using Output = std::unique_ptr<AVFormatContext, CloseOutput>;

/// Of the first picture, in ticks of the stream; none where none can be decoded.
std::optional<std::int64_t> first_picture(av::OpenStream& source, AVPacket* packet) {
    av::Handle<AVFrame> frame(av_frame_alloc());
    int damaged = 0;
    if (av::next_frame(source, packet, frame.get(), damaged) != av::Step::Frame ||
        frame->best_effort_timestamp == AV_NOPTS_VALUE)
        return std::nullopt;
    return frame->best_effort_timestamp;
}

/// The copy's streams by those of the original.
using Streams = std::map<int, AVStream*>;

Output output_for(const std::filesystem::path& to, const AVFormatContext& from, const AVStream& picture,
                  Streams& streams) {
    AVFormatContext* made = nullptr;
    if (avformat_alloc_output_context2(&made, nullptr, nullptr, to.c_str()) < 0)
        return {};
    Output output(made);
    // The picture lies first, whatever the original's order.
    const int sound = av_find_best_stream(const_cast<AVFormatContext*>(&from), AVMEDIA_TYPE_AUDIO, -1,
                                          picture.index, nullptr, 0);
    for (const int index : {picture.index, sound}) {
        if (index < 0)
            continue;
        const AVStream& original = *from.streams[index];
        AVStream* copy = avformat_new_stream(made, nullptr);
        if (!copy || avcodec_parameters_copy(copy->codecpar, original.codecpar) < 0)
            return {};
        copy->codecpar->codec_tag = 0; // the container has its own for what it holds
        copy->time_base = original.time_base;
        copy->avg_frame_rate = original.avg_frame_rate;
        copy->sample_aspect_ratio = original.sample_aspect_ratio;
        av_dict_copy(&copy->metadata, original.metadata, 0);
        for (int i = 0; i < original.nb_side_data; ++i) // how it is turned, its colours
            if (auto* data =
                    av_stream_new_side_data(copy, original.side_data[i].type, original.side_data[i].size))
                std::memcpy(data, original.side_data[i].data, original.side_data[i].size);
        streams[index] = copy;
    }
    if (avio_open(&made->pb, to.c_str(), AVIO_FLAG_WRITE) < 0 || avformat_write_header(made, nullptr) < 0)
        return {};
    return output;
}

/// Whether it is known when the packet is decoded, after `last` and no later than it is shown. Some
/// containers do not say, and behind a seek it cannot be found out for the first packets: any order that
/// rises will do.
bool has_order(AVPacket& packet, std::optional<std::int64_t>& last) {
    constexpr int most_reordered = 16; // pictures (ITU-T H.264, annex A: max_dec_frame_buffering)
    const std::int64_t length = std::max<std::int64_t>(1, packet.duration);
    if (packet.dts == AV_NOPTS_VALUE)
        packet.dts = last ? *last + 1 : packet.pts - most_reordered * length;
    if (last && packet.dts <= *last)
        packet.dts = *last + 1;
    last = packet.dts;
    return packet.dts <= packet.pts;
}

/// Whether both show the same where the copy is meant to be seen.
bool alike(const std::filesystem::path& file, const std::filesystem::path& copy, Seconds start, Seconds from,
           Seconds until) {
    auto original = VideoReader::open({file}), copied = VideoReader::open({copy});
    if (!original || !copied)
        return false;
    constexpr std::array shares{0.0, 0.03, 0.31, 0.5, 0.77, 0.97};
    constexpr int size = 128;
    for (const double share : shares) {
        const Seconds at = from + (until - from) * share;
        const auto a = original->picture_at(at, size, size), b = copied->picture_at(at - start, size, size);
        if (!a || !b || a->pixels.width != b->pixels.width || a->pixels.height != b->pixels.height)
            return false;
        for (int y = 0; y < a->pixels.height; ++y)
            if (std::memcmp(a->pixels.bytes.data() + static_cast<std::size_t>(y) * a->pixels.stride,
                            b->pixels.bytes.data() + static_cast<std::size_t>(y) * b->pixels.stride,
                            static_cast<std::size_t>(a->pixels.width) * 4) != 0)
                return false;
        // And for as long.
        if (std::abs((a->until - b->until - start).value) > 0.0025 && share < 0.9)
            return false;
    }
    return true;
}

Result<Seconds> copied(const std::filesystem::path& file, const std::filesystem::path& to, Seconds from,
                       Seconds until) {
    auto source = av::open_stream(file, AVMEDIA_TYPE_VIDEO);
    if (!source)
        return tl::unexpected(source.error());
    av::Handle<AVPacket> packet(av_packet_alloc());
    const auto zero = first_picture(*source, packet.get());
    if (!zero)
        return not_copied(file);
    AVFormatContext* container = source->container.get();
    const AVStream& picture = *source->stream;
    const double tick = av_q2d(picture.time_base);
    const auto at = [&](Seconds time) {
        return *zero + static_cast<std::int64_t>(std::floor(time.value / tick));
    };
    if (av_seek_frame(container, picture.index, at(std::max(from, Seconds(0))), AVSEEK_FLAG_BACKWARD) < 0)
        return not_copied(file);
    Streams streams;
    const Output output = output_for(to, *container, picture, streams);
    if (!output)
        return not_copied(file);
    std::map<int, std::optional<std::int64_t>> order; // of each stream: when its last packet is decoded
    std::optional<std::int64_t> key;                  // when the first picture of the copy is shown
    while (av_read_frame(container, packet.get()) >= 0) {
        const auto target = streams.find(packet->stream_index);
        const bool seen = packet->stream_index == picture.index;
        const bool of_copy = target != streams.end() && packet->pts != AV_NOPTS_VALUE &&
                             has_order(*packet, order[packet->stream_index]);
        if (of_copy && seen && !key && (packet->flags & AV_PKT_FLAG_KEY))
            key = packet->pts;
        if (of_copy && seen && key &&
            packet->dts > at(until) + static_cast<std::int64_t>(std::ceil(1 / tick)))
            break;
        // What is shown before the key picture leans on pictures that are not there.
        const auto begins =
            key ? av_rescale_q(*key, picture.time_base, container->streams[packet->stream_index]->time_base)
                : 0;
        if (!of_copy || !key || packet->pts < begins) {
            av_packet_unref(packet.get());
            continue;
        }
        packet->pts -= begins;
        packet->dts -= begins;
        av_packet_rescale_ts(packet.get(), container->streams[packet->stream_index]->time_base,
                             target->second->time_base);
        packet->stream_index = target->second->index;
        packet->pos = -1;
        if (av_interleaved_write_frame(output.get(), packet.get()) < 0)
            return not_copied(file);
    }
    if (!key || *key > at(from) + 1 || av_write_trailer(output.get()) < 0)
        return not_copied(file);
    return Seconds(static_cast<double>(*key - *zero) * tick);
}

} // namespace

Result<Seconds> copy_clip_part(const std::filesystem::path& file, const std::filesystem::path& to,
                               Seconds from, Seconds until) {
    auto start = copied(file, to, from, until);
    if (start && !alike(file, to, *start, from, until))
        start = not_copied(file);
    if (!start) {
        std::error_code code;
        std::filesystem::remove(to, code);
    }
    return start;
}

} // namespace pulsepin
