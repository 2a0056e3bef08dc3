// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/shared_frames.h"

#include <algorithm>
#include <condition_variable>
#include <deque>
#include <limits>
#include <mutex>

namespace pulsepin {

struct SharedFrames::State {
    State(FramePipeline::Order order, std::size_t readers)
        : pipeline(std::move(order)), reached(readers, 0) {}

    static constexpr std::size_t most_waiting = 4, gone = std::numeric_limits<std::size_t>::max();
    FramePipeline pipeline;
    std::mutex mutex;
    std::condition_variable changed;
    std::deque<Result<QImage>> frames; ///< that somebody has not read yet
    std::size_t first = 0;             ///< the number of the first of them
    std::vector<std::size_t> reached;  ///< the number of the next one, by reader
    bool composing = false;            ///< somebody waits for the pipeline

    void drop_what_all_have() {
        const std::size_t least = std::ranges::min(reached);
        while (!frames.empty() && first < least) {
            frames.pop_front();
            ++first;
        }
        changed.notify_all();
    }
};

SharedFrames::SharedFrames(FramePipeline::Order order, std::size_t readers)
    : state_(std::make_unique<State>(std::move(order), readers)) {}
SharedFrames::~SharedFrames() = default;

Result<QImage> SharedFrames::next(std::size_t reader, const Progress& progress) {
    State& s = *state_;
    std::unique_lock lock(s.mutex);
    while (true) {
        const std::size_t wanted = s.reached[reader];
        if (wanted < s.first + s.frames.size()) {
            auto frame = s.frames[wanted - s.first];
            ++s.reached[reader];
            s.drop_what_all_have();
            return frame;
        }
        if (progress.cancelled())
            return fail_cancelled();
        if (!s.composing && s.frames.size() < State::most_waiting) {
            s.composing = true;
            lock.unlock();
            auto frame = s.pipeline.next(progress);
            lock.lock();
            s.composing = false;
            s.frames.push_back(std::move(frame));
            s.changed.notify_all();
            continue;
        }
        s.changed.wait_for(lock, std::chrono::milliseconds(50)); // to hear of a cancel as well
    }
}

void SharedFrames::leave(std::size_t reader) {
    const std::scoped_lock lock(state_->mutex);
    state_->reached[reader] = State::gone;
    state_->drop_what_all_have();
}

} // namespace pulsepin
