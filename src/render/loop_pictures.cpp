// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/loop_pictures.h"

#include "base/guarded.h"
#include "render/awaited_frames.h"
#include "stage/staged_frame.h"

#include <algorithm>
#include <mutex>
#include <thread>

namespace pulsepin {
namespace {

/// All of 0 to count - 1, each about in the middle of the widest gap that is left: 0, the half, the quarters
/// …
std::vector<int> spreading(int count) {
    std::vector<int> order;
    std::vector<bool> taken(static_cast<std::size_t>(count));
    for (int parts = 1; std::ssize(order) < count; parts *= 2)
        for (int i = 0; i < parts; ++i)
            if (const auto at = static_cast<std::size_t>(i * count / parts); !taken[at]) {
                taken[at] = true;
                order.push_back(static_cast<int>(at));
            }
    return order;
}

} // namespace

struct LoopPictures::State {
    Order order;
    std::function<void()> arrived;
    mutable std::mutex mutex;
    std::vector<Curves> own;                           ///< the worker's
    std::vector<std::shared_ptr<const Curves>> curves; ///< the same for others
    std::vector<std::vector<QImage>> pictures;         ///< of each variant; null: not there
    bool complete = false;
    std::jthread worker;

    State(Order wanted, std::function<void()> tell)
        : order(std::move(wanted)), arrived(std::move(tell)), own(order.variants.size()),
          curves(order.variants.size()),
          pictures(order.variants.size(), std::vector<QImage>(static_cast<std::size_t>(count()))) {}

    [[nodiscard]] int count() const {
        return static_cast<int>(std::clamp<std::int64_t>(order.length.value, 1, std::max(1, order.pictures)));
    }

    void work(const std::stop_token& stop) {
        AwaitedFrames frames(order.size);
        if (order.file_of)
            frames.use_files(order.file_of);
        std::vector<bool> cannot(order.variants.size());
        for (const int place : spreading(count()))
            for (std::size_t i = 0; i < order.variants.size(); ++i) {
                if (stop.stop_requested())
                    return;
                if (place == 0)
                    cannot[i] = !make(i);
                if (!cannot[i])
                    paint(i, place, frames, stop);
            }
        {
            const std::lock_guard lock(mutex);
            complete = true;
        }
        arrived();
    }

    bool make(std::size_t variant) {
        std::optional<Curves> made;
        if (!came_to_its_end([&] { made = order.variants[variant](); }) || !made)
            return false;
        auto for_others = std::make_shared<const Curves>(made->for_another_thread());
        own[variant] = *std::move(made);
        const std::lock_guard lock(mutex);
        curves[variant] = std::move(for_others);
        return true;
    }

    void paint(std::size_t variant, int place, AwaitedFrames& frames, const std::stop_token& stop) {
        const Frames frame = order.first + Frames(place * order.length.value / count());
        Progress progress;
        progress.stop = stop;
        auto picture = guarded([&] { return frames.at(own[variant], frame, progress); });
        if (!picture && stop.stop_requested())
            return;
        // A clip that cannot be shown is missing; the rest is seen.
        QImage image;
        if (picture)
            image = *std::move(picture);
        else if (!came_to_its_end([&] { image = composed(staged_at(own[variant], frame), order.size); }))
            return; // the one before it is seen instead
        {
            const std::lock_guard lock(mutex);
            pictures[variant][static_cast<std::size_t>(place)] = std::move(image);
        }
        arrived();
    }
};

LoopPictures::LoopPictures(Order order, std::function<void()> arrived)
    : state_(std::make_unique<State>(std::move(order), std::move(arrived))) {
    state_->worker = std::jthread([state = state_.get()](const std::stop_token& stop) { state->work(stop); });
}

LoopPictures::~LoopPictures() = default;

QImage LoopPictures::picture(std::size_t variant, double share) const {
    const std::lock_guard lock(state_->mutex);
    const auto& all = state_->pictures[variant];
    const auto count = std::ssize(all);
    auto at = std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(share * static_cast<double>(count)), 0,
                                         count - 1);
    while (at > 0 && all[static_cast<std::size_t>(at)].isNull())
        --at;
    return all[static_cast<std::size_t>(at)];
}

std::shared_ptr<const Curves> LoopPictures::curves(std::size_t variant) const {
    const std::lock_guard lock(state_->mutex);
    return state_->curves[variant];
}

bool LoopPictures::complete() const {
    const std::lock_guard lock(state_->mutex);
    return state_->complete;
}

} // namespace pulsepin
