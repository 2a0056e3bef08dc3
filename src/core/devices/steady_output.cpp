// SPDX-License-Identifier: GPL-3.0-or-later
#include "devices/steady_output.h"

#include <chrono>
#include <condition_variable>
#include <mutex>
#include <thread>

namespace pulsepin {
namespace {

using Clock = std::chrono::steady_clock;

class SteadyOutput final : public AudioOutput {
public:
    explicit SteadyOutput(Mixer& mixer)
        : mixer_(mixer), before_(mixer.rendered().value),
          thread_([this](const std::stop_token& stop) { pull(stop); }) {}

    void run(bool running) override {
        const std::lock_guard lock(mutex_);
        if (running == running_)
            return;
        if (running) {
            began_ = Clock::now();
        } else {
            before_ = now();
        }
        running_ = running;
        changed_.notify_one();
    }

    [[nodiscard]] Samples heard() const override {
        const std::lock_guard lock(mutex_);
        return Samples(std::min(now(), mixer_.rendered().value));
    }

    [[nodiscard]] bool alive() const override { return true; }
    [[nodiscard]] bool audible() const override { return false; }

private:
    [[nodiscard]] std::int64_t now() const {
        if (!running_)
            return before_;
        const std::chrono::duration<double> since = Clock::now() - began_;
        return before_ + static_cast<std::int64_t>(since.count() * static_cast<double>(mixer_.sample_rate()));
    }

    void pull(const std::stop_token& stop) {
        std::vector<float> block(2 * static_cast<std::size_t>(mixer_.sample_rate() / 100));
        const auto ahead = mixer_.sample_rate() / 25;
        while (!stop.stop_requested()) {
            std::int64_t wanted = 0;
            {
                std::unique_lock lock(mutex_);
                if (!running_)
                    changed_.wait(lock, stop, [this] { return running_; });
                wanted = now() + ahead;
            }
            while (!stop.stop_requested() && mixer_.rendered().value < wanted)
                mixer_.render(block);
            std::this_thread::sleep_for(std::chrono::milliseconds(5));
        }
    }

    Mixer& mixer_;
    std::int64_t before_; ///< device position when it began to run
    mutable std::mutex mutex_;
    std::condition_variable_any changed_;
    bool running_ = false;
    Clock::time_point began_;
    std::jthread thread_;
};

} // namespace

std::unique_ptr<AudioOutput> make_steady_output(Mixer& mixer) {
    return std::make_unique<SteadyOutput>(mixer);
}

} // namespace pulsepin
