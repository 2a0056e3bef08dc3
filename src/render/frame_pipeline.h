// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "render/awaited_frames.h"

#include <QImage>
#include <memory>

namespace pulsepin {

/// What is drawn into the frames of a film besides the picture.
struct BurnIn {
    bool frame = false, timecode = false, place = false, name = false, safe_areas = false;
    bool band = true; ///< the running band, where the project shows it
    friend bool operator==(const BurnIn&, const BurnIn&) = default;
};

/// Where a frame of a film lies on its ground.
struct FrameGround {
    bool transparent = false; ///< what no layer covers; else it is black
    bool bars = false; ///< the whole picture is seen, with bars where the film has other proportions; else it
                       ///< is cut off
};

/// Composes the frames of a stretch on several threads and gives them in order. Pictures of clips are decoded
/// ahead; no more than a few frames wait at any time.
class FramePipeline {
public:
    struct Order {
        Curves curves;
        QSize size;
        Frames first, until;
        BurnIn burn = {};
        FrameGround ground = {};
        int threads = 0; ///< 0: as many as there are cores
        std::function<std::filesystem::path(const Clip&)> file_of = {};
    };
    explicit FramePipeline(Order order);
    ~FramePipeline();
    FramePipeline(const FramePipeline&) = delete;
    FramePipeline& operator=(const FramePipeline&) = delete;

    /// The next one, waited for: 4 bytes a pixel, blue first. Fails when cancelled, where a clip cannot be
    /// shown, and behind the last.
    [[nodiscard]] Result<QImage> next(const Progress& progress = {});

private:
    struct State;
    std::unique_ptr<State> state_;
};

/// One frame as a film of that size shows it: the picture fills it, as seen in the window, and is cut off, or
/// has bars beside it, where its proportions are others. An image of that size that nobody else holds is used
/// for it.
[[nodiscard]] QImage film_frame(const Curves& curves, Frames frame, QSize size, const LayerPictures& pictures,
                                const BurnIn& burn, FrameGround ground = {}, QImage spare = {},
                                KeptLayers* kept = nullptr);

} // namespace pulsepin
