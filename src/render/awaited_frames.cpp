// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/awaited_frames.h"

#include <chrono>

namespace pulsepin {

AwaitedFrames::AwaitedFrames(QSize size) : size_(size) {}

ShotStream& AwaitedFrames::stream_of(LayerId layer) {
    auto& stream = streams_[layer];
    if (!stream) {
        // Frames are taken in order, once: little has to be kept.
        constexpr std::size_t kept_bytes = 72u << 20;
        stream = std::make_unique<ShotStream>(
            [this] {
                const std::lock_guard lock(mutex_);
                ++arrivals_;
                changed_.notify_all();
            },
            kept_bytes);
        stream->set_size(size_);
        if (file_of_)
            stream->use_files(file_of_);
    }
    return *stream;
}

Result<LayerPictures> AwaitedFrames::pictures(const Schedule& schedule, Frames frame,
                                              const Progress& progress) {
    LayerPictures pictures;
    const auto& stage = *schedule.project().stage;
    for (const auto& layer : stage.layers) {
        if (!shows_pictures(stage, layer))
            continue;
        auto& stream = stream_of(layer.id);
        while (true) {
            std::uint64_t before = 0;
            {
                const std::lock_guard lock(mutex_);
                before = arrivals_;
            }
            auto seen = stream.of_layer(schedule, layer, frame);
            if (!seen.trouble.empty())
                return fail(seen.trouble);
            if (seen.exact) {
                pictures[layer.id] = std::move(seen.picture);
                break;
            }
            std::unique_lock lock(mutex_);
            while (arrivals_ == before) {
                changed_.wait_for(lock, std::chrono::milliseconds(50));
                if (progress.cancelled())
                    return fail_cancelled();
            }
        }
    }
    return pictures;
}

Result<QImage> AwaitedFrames::at(const Curves& curves, Frames frame, const Progress& progress) {
    const auto shown = pictures(curves.schedule, frame, progress);
    if (!shown)
        return tl::unexpected(shown.error());
    return composed(staged_at(curves, frame), size_, *shown);
}

} // namespace pulsepin
