// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "render/shot_stream.h"

#include <condition_variable>
#include <memory>
#include <mutex>

namespace pulsepin {

/// Frames of a piece as they are handed on: the pictures of their clips are waited for. Quickest forwards.
/// For one thread.
class AwaitedFrames {
public:
    explicit AwaitedFrames(QSize size);
    /// Which file is decoded for a clip; at first its own.
    void use_files(std::function<std::filesystem::path(const Clip&)> file_of) {
        file_of_ = std::move(file_of);
    }

    /// Fails when cancelled, or where a clip cannot be shown.
    [[nodiscard]] Result<LayerPictures> pictures(const Schedule& schedule, Frames frame,
                                                 const Progress& progress = {});
    [[nodiscard]] Result<QImage> at(const Curves& curves, Frames frame, const Progress& progress = {});

private:
    [[nodiscard]] ShotStream& stream_of(LayerId layer);
    QSize size_;
    std::function<std::filesystem::path(const Clip&)> file_of_;
    std::mutex mutex_;
    std::condition_variable changed_;
    std::uint64_t arrivals_ = 0;
    std::map<LayerId, std::unique_ptr<ShotStream>>
        streams_; ///< destroyed first: their threads tell of arrivals
};

} // namespace pulsepin
