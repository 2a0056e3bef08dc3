// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/frame_painter.h"

#include "base/guarded.h"

#include <algorithm>
#include <chrono>

namespace pulsepin {

FramePainter::FramePainter(std::function<void()> painted, int threads) : painted_(std::move(painted)) {
    for (int i = 0; i < std::max(1, threads); ++i)
        workers_.emplace_back([this](const std::stop_token& stop) { work(stop); });
}

FramePainter::~FramePainter() {
    for (auto& worker : workers_)
        worker.request_stop();
    workers_.clear();
}

void FramePainter::wait_for_its_turn(Order order) {
    waiting_.push_back({++asked_, std::move(order)});
    requested_.notify_one();
}

void FramePainter::paint(Order order) {
    const std::lock_guard lock(mutex_);
    waiting_.clear();
    wait_for_its_turn(std::move(order));
}

void FramePainter::paint_ahead(Order order) {
    const std::lock_guard lock(mutex_);
    wait_for_its_turn(std::move(order));
}

std::optional<FramePainter::Painted> FramePainter::take() {
    const std::lock_guard lock(mutex_);
    if (done_.empty())
        return std::nullopt;
    Done newest = std::move(done_.back());
    done_.clear();
    wanted_from_ = newest.number + 1;
    return std::move(newest.painted);
}

std::optional<FramePainter::Painted> FramePainter::take_until(Frames now) {
    const std::lock_guard lock(mutex_);
    const auto last = std::find_if(done_.rbegin(), done_.rend(),
                                   [now](const Done& one) { return one.painted.frame <= now; });
    if (last == done_.rend())
        return std::nullopt;
    Done due = std::move(*last);
    done_.erase(done_.begin(), last.base());
    wanted_from_ = due.number + 1;
    return std::move(due.painted);
}

int FramePainter::free_threads() const {
    const std::lock_guard lock(mutex_);
    return threads() - working_ - static_cast<int>(waiting_.size());
}

void FramePainter::forget_waiting() {
    const std::lock_guard lock(mutex_);
    waiting_.clear();
    done_.clear();
}

void FramePainter::forget_all() {
    const std::lock_guard lock(mutex_);
    waiting_.clear();
    done_.clear();
    wanted_from_ = asked_ + 1;
}

void FramePainter::work(const std::stop_token& stop) {
    while (true) {
        Numbered next;
        {
            std::unique_lock lock(mutex_);
            requested_.wait(lock, stop, [this] { return !waiting_.empty(); });
            if (stop.stop_requested())
                return;
            next = std::move(waiting_.front());
            waiting_.pop_front();
            ++working_;
        }
        Done made{next.number, painted(std::move(next.order))};
        {
            const std::lock_guard lock(mutex_);
            --working_;
            // Threads end in any order; a picture that comes after a newer one was taken would go back in
            // time.
            if (made.number >= wanted_from_)
                done_.insert(std::upper_bound(
                                 done_.begin(), done_.end(), made.number,
                                 [](std::uint64_t number, const Done& one) { return number < one.number; }),
                             std::move(made));
        }
        painted_();
    }
}

/// Smaller where there is not enough memory for all of it.
FramePainter::Painted FramePainter::painted(Order order) {
    const auto began = std::chrono::steady_clock::now();
    const auto& staged = order.staged;
    const QRectF frame(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height);
    const bool whole = order.part.isEmpty();
    Painted made{order.frame, {}, order.part, {}, {}};
    for (const int by : {1, 2, 4, 8}) {
        const QSize size = (order.size / by).expandedTo({1, 1});
        made.smaller = by > 1;
        if (came_to_its_end([&] {
                made.image = whole && order.ground == Ground::Black
                                 ? composed(staged, size, order.pictures, &kept_)
                                 : composed_part(staged, whole ? frame : order.part, size, order.pictures,
                                                 order.ground, &kept_);
            }))
            break;
    }
    made.pictures = std::move(order.pictures);
    made.took = Seconds(std::chrono::duration<double>(std::chrono::steady_clock::now() - began).count());
    return made;
}

} // namespace pulsepin
