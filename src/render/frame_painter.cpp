// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/frame_painter.h"

namespace pulsepin {

FramePainter::FramePainter(std::function<void()> painted)
    : painted_(std::move(painted)), worker_([this](const std::stop_token& stop) { work(stop); }) {}

FramePainter::~FramePainter() {
    worker_.request_stop();
    worker_.join();
}

void FramePainter::paint(Frames frame, StagedFrame staged, LayerPictures pictures, QSize size, QRectF part,
                         Ground ground) {
    const std::lock_guard lock(mutex_);
    wish_ = Wish{frame, std::move(staged), std::move(pictures), size, part, ground};
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
        const auto& staged = wish->staged;
        const QRectF frame(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height);
        const bool whole = wish->part.isEmpty();
        QImage image =
            whole && wish->ground == Ground::Black
                ? composed(staged, wish->size, wish->pictures)
                : composed_part(staged, whole ? frame : wish->part, wish->size, wish->pictures, wish->ground);
        {
            const std::lock_guard lock(mutex_);
            done_ = Painted{wish->frame, std::move(image), wish->part};
        }
        painted_();
    }
}

} // namespace pulsepin
