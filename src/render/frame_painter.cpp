// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/frame_painter.h"

namespace pulsepin {

FramePainter::FramePainter(std::function<void()> painted)
    : painted_(std::move(painted)), worker_([this](const std::stop_token& stop) { work(stop); }) {}

FramePainter::~FramePainter() {
    worker_.request_stop();
    worker_.join();
}

void FramePainter::paint(Frames frame, StagedFrame staged, LayerPictures pictures, QSize size, QRectF part) {
    const std::lock_guard lock(mutex_);
    wish_ = Wish{frame, std::move(staged), std::move(pictures), size, part};
    wished_.notify_one();
}

std::optional<FramePainter::Painted> FramePainter::take() {
    const std::lock_guard lock(mutex_);
    return std::exchange(done_, std::nullopt);
}

void FramePainter::work(const std::stop_token& stop) {
    while (true) {
        std::optional<Wish> wish;
        {
            std::unique_lock lock(mutex_);
            wished_.wait(lock, stop, [this] { return wish_.has_value(); });
            if (stop.stop_requested())
                return;
            wish = std::exchange(wish_, std::nullopt);
        }
        QImage image = wish->part.isEmpty()
                           ? composed(wish->staged, wish->size, wish->pictures)
                           : composed_part(wish->staged, wish->part, wish->size, wish->pictures);
        {
            const std::lock_guard lock(mutex_);
            done_ = Painted{wish->frame, std::move(image), wish->part};
        }
        painted_();
    }
}

} // namespace pulsepin
