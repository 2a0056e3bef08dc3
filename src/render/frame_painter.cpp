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
    request_ = Request{frame, std::move(staged), std::move(pictures), size, part, ground};
    requested_.notify_one();
}

std::optional<FramePainter::Painted> FramePainter::take() {
    const std::lock_guard lock(mutex_);
    return std::exchange(done_, std::nullopt);
}

void FramePainter::work(const std::stop_token& stop) {
    while (true) {
        std::optional<Request> request;
        {
            std::unique_lock lock(mutex_);
            requested_.wait(lock, stop, [this] { return request_.has_value(); });
            if (stop.stop_requested())
                return;
            request = std::exchange(request_, std::nullopt);
        }
        const auto& staged = request->staged;
        const QRectF frame(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height);
        const bool whole = request->part.isEmpty();
        QImage image = whole && request->ground == Ground::Black
                           ? composed(staged, request->size, request->pictures)
                           : composed_part(staged, whole ? frame : request->part, request->size,
                                           request->pictures, request->ground);
        {
            const std::lock_guard lock(mutex_);
            done_ = Painted{request->frame, std::move(image), request->part};
        }
        painted_();
    }
}

} // namespace pulsepin
