// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/sound_file.h"

#include "base/draft.h"
#include "base/file_ending.h"
#include "media/av_handles.h"
#include "media/write_wav.h"

#include <algorithm>
#include <cmath>

extern "C" {
#include <libavutil/channel_layout.h>
}

namespace pulsepin {
namespace {

struct CloseOutput {
    void operator()(AVFormatContext* p) const {
        if (p->pb)
            avio_closep(&p->pb);
        avformat_free_context(p);
    }
};

/// Packets of the coder into the file, until it asks for more samples or has ended.
bool write_packets(AVCodecContext& coder, AVFormatContext& file, AVPacket* packet) {
    while (avcodec_receive_packet(&coder, packet) >= 0) {
        av_packet_rescale_ts(packet, coder.time_base, file.streams[0]->time_base);
        packet->stream_index = 0;
        if (av_interleaved_write_frame(&file, packet) < 0)
            return false;
    }
    return true;
}

/// In the high 24 of 32 bits, as the coder takes them.
std::int32_t in_24_bits(float sample) {
    const double scaled = std::nearbyint(static_cast<double>(sample) * 8388608.0);
    return static_cast<std::int32_t>(std::clamp(scaled, -8388608.0, 8388607.0)) * 256;
}

Result<void> write_flac(const SampleStore& sound, const std::filesystem::path& path,
                        const Progress& progress) {
    const auto failed = [&]() -> Result<void> {
        return fail("The sound could not be written.", path.string(),
                    "See whether the disk is full and the folder may be written to.");
    };
    const auto channels = static_cast<std::size_t>(sound.format().channels);
    const AVCodec* encoder = avcodec_find_encoder(AV_CODEC_ID_FLAC);
    if (!encoder || channels == 0 || channels > 8)
        return fail("The sound cannot be coded as FLAC.", path.string(), "Write it as .wav.");
    av_log_set_level(AV_LOG_QUIET);
    remove_forgotten_drafts(path.parent_path());
    auto draft = Draft::beside(path);
    if (!draft)
        return failed();
    const av::Handle<AVCodecContext> coder(avcodec_alloc_context3(encoder));
    coder->sample_rate = static_cast<int>(sound.format().sample_rate);
    coder->sample_fmt = AV_SAMPLE_FMT_S32;
    coder->bits_per_raw_sample = 24;
    coder->time_base = {1, coder->sample_rate};
    coder->flags |= AV_CODEC_FLAG_BITEXACT | AV_CODEC_FLAG_GLOBAL_HEADER;
    av_channel_layout_default(&coder->ch_layout, static_cast<int>(channels));
    if (avcodec_open2(coder.get(), encoder, nullptr) < 0)
        return fail("The sound cannot be coded as FLAC.", path.string(), "Write it as .wav.");
    AVFormatContext* made = nullptr;
    if (avformat_alloc_output_context2(&made, nullptr, "flac", nullptr) < 0)
        return failed();
    const std::unique_ptr<AVFormatContext, CloseOutput> file(made);
    file->flags |= AVFMT_FLAG_BITEXACT;
    AVStream* stream = avformat_new_stream(made, nullptr);
    if (!stream || avcodec_parameters_from_context(stream->codecpar, coder.get()) < 0 ||
        avio_open(&file->pb, draft->opened_as().c_str(), AVIO_FLAG_READ_WRITE) < 0 ||
        avformat_write_header(made, nullptr) < 0)
        return failed();
    const av::Handle<AVPacket> packet(av_packet_alloc());
    const av::Handle<AVFrame> block(av_frame_alloc());
    const auto all = sound.interleaved();
    const auto frames = static_cast<std::size_t>(sound.length().value),
               most = static_cast<std::size_t>(coder->frame_size);
    for (std::size_t at = 0; at < frames; at += most) {
        if (progress.cancelled())
            return fail_cancelled();
        const std::size_t now = std::min(most, frames - at);
        av_frame_unref(block.get());
        block->nb_samples = static_cast<int>(now);
        block->format = coder->sample_fmt;
        block->sample_rate = coder->sample_rate;
        block->pts = static_cast<std::int64_t>(at);
        av_channel_layout_copy(&block->ch_layout, &coder->ch_layout);
        if (av_frame_get_buffer(block.get(), 0) < 0)
            return failed();
        auto* out = reinterpret_cast<std::int32_t*>(block->data[0]);
        for (std::size_t i = 0; i < now * channels; ++i)
            out[i] = in_24_bits(all[at * channels + i]);
        if (avcodec_send_frame(coder.get(), block.get()) < 0 || !write_packets(*coder, *file, packet.get()))
            return failed();
        if (at / most % 256 == 0) {
            progress.report(static_cast<double>(at) / static_cast<double>(frames));
            sound.give_back_memory();
        }
    }
    if (avcodec_send_frame(coder.get(), nullptr) < 0 || !write_packets(*coder, *file, packet.get()) ||
        av_write_trailer(made) < 0)
        return failed();
    avio_flush(file->pb);
    if (file->pb->error < 0 || avio_closep(&file->pb) < 0 || !draft->take_place())
        return failed();
    return {};
}

} // namespace

bool is_sound_file(const std::filesystem::path& path) {
    const std::string ending = file_ending(path);
    return ending == ".wav" || ending == ".flac";
}

Result<void> write_sound_file(const SampleStore& sound, const std::filesystem::path& path,
                              const Progress& progress, const std::string& chunks) {
    if (!is_sound_file(path))
        return fail("Sounds are written as WAV or FLAC.", path.string(),
                    "End the file's name in .wav or .flac.");
    return file_ending(path) == ".flac" ? write_flac(sound, path, progress)
                                        : write_wav(sound, path, progress, chunks);
}

} // namespace pulsepin
