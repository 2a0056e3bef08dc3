// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/frame_pipeline.h"

#include <memory>

namespace pulsepin {

/// Frames that several films are made of, each composed once. Those who read go at the pace of the slowest:
/// no more than a few frames wait for it.
class SharedFrames {
public:
    SharedFrames(FramePipeline::Order order, std::size_t readers);
    ~SharedFrames();
    SharedFrames(const SharedFrames&) = delete;
    SharedFrames& operator=(const SharedFrames&) = delete;

    /// The next one for that reader; may be called by each on a thread of its own. Fails as FramePipeline
    /// does.
    [[nodiscard]] Result<QImage> next(std::size_t reader, const Progress& progress);
    /// It reads no more: nobody waits for it.
    void leave(std::size_t reader);

private:
    struct State;
    std::unique_ptr<State> state_;
};

} // namespace pulsepin
