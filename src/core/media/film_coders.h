// SPDX-License-Identifier: GPL-3.0-or-later
//
// What the coders of a film are made of; not for use outside of this layer.
#pragma once

#include "media/av_handles.h"
#include "media/film_writer.h"
#include "media/own_palette.h"
#include "media/padded_pixels.h"

#include <condition_variable>
#include <deque>
#include <mutex>
#include <optional>
#include <thread>

namespace pulsepin {

[[nodiscard]] std::string name_of_error(int error);
[[nodiscard]] AVRational tick_of(FrameRate rate);

/// Pictures are converted by who hands them over, and coded on a thread of their own meanwhile.
struct PictureCoder::State {
    FilmSpec spec;
    av::Handle<AVCodecContext> coder;
    av::Handle<SwsContext> scaler;
    av::OwnPalette colours; ///< where the format has 256 alone
    PaddedPixels padded;    ///< what is converted, where its rows end without room
    std::int64_t frames = 0;
    bool was_sent_any = false, was_flushed = false; ///< to the coder
    std::vector<std::uint8_t> palette;              ///< of the picture that was coded last, where it has one

    std::mutex mutex;
    std::condition_variable_any changed;
    std::vector<av::Handle<AVFrame>> free; ///< that can be converted into
    std::deque<av::Handle<AVFrame>> waiting;
    bool all_there = false, all_coded = false;
    std::vector<CodedPicture> ready;
    std::optional<Error> failed;
    std::jthread worker; ///< the last member: it ends before the others go

    ~State();
    [[nodiscard]] Result<void> make_frames();
    [[nodiscard]] Result<void> make_scaler();
    [[nodiscard]] Result<void> convert(const std::uint8_t* pixels, std::int64_t stride, AVFrame& frame);
    void work(const std::stop_token& stop);
    /// Brings the coder to its end from wherever it stands: some wait for ever when they are closed before.
    void end_coder();
    /// Codes one, or what the coder still holds.
    [[nodiscard]] Result<std::vector<CodedPicture>> code(AVFrame* frame);
    /// What was coded since it was asked last.
    [[nodiscard]] Result<std::vector<CodedPicture>> handed_out();
};

struct SoundCoder::State {
    av::Handle<AVCodecContext> coder;
    av::Handle<AVFrame> block{av_frame_alloc()};
    av::Handle<AVPacket> packet{av_packet_alloc()};
    std::vector<float> waiting; ///< that does not fill a block yet
    std::int64_t samples = 0;

    Result<std::vector<CodedSound>> take();
    Result<std::vector<CodedSound>> code(std::size_t frames);
};

} // namespace pulsepin
