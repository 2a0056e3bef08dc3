// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/frame_painter.h"

#include "base/guarded.h"

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
        Painted made = painted(*request);
        {
            const std::lock_guard lock(mutex_);
            done_ = std::move(made);
        }
        painted_();
    }
}

/// Smaller where there is not enough memory for all of it.
FramePainter::Painted FramePainter::painted(const Request& request) {
    const auto& staged = request.staged;
    const QRectF frame(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height);
    const bool whole = request.part.isEmpty();
    Painted made{request.frame, {}, request.part};
    for (const int by : {1, 2, 4, 8}) {
        const QSize size = (request.size / by).expandedTo({1, 1});
        made.smaller = by > 1;
        if (came_to_its_end([&] {
                made.image = whole && request.ground == Ground::Black
                                 ? composed(staged, size, request.pictures)
                                 : composed_part(staged, whole ? frame : request.part, size, request.pictures,
                                                 request.ground);
            }))
            break;
    }
    return made;
}

} // namespace pulsepin
