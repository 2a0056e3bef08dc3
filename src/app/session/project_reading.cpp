// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/project_reading.h"

#include "base/guarded.h"

#include <atomic>
#include <condition_variable>
#include <fstream>
#include <mutex>
#include <optional>
#include <string>
#include <thread>
#include <unistd.h>

namespace pulsepin {

struct ProjectReading::State {
    std::mutex mutex;
    std::condition_variable there;
    std::optional<Result<Document::ReadProject>> outcome;
    std::atomic<int> thread = 0;

    /// As the system tells it (proc(5): the state stands behind the name in brackets).
    [[nodiscard]] bool at_work() const {
        std::ifstream told("/proc/self/task/" + std::to_string(thread) + "/stat");
        std::string line;
        std::getline(told, line);
        const auto name_end = line.rfind(')');
        return name_end != std::string::npos && name_end + 2 < line.size() && line[name_end + 2] == 'R';
    }
};

ProjectReading ProjectReading::begun(std::filesystem::path path) {
    auto state = std::make_shared<State>();
    std::thread([state, path = std::move(path)] {
        state->thread = static_cast<int>(::gettid());
        auto outcome = guarded([&] { return Document::read(path); });
        const std::lock_guard lock(state->mutex);
        state->outcome = std::move(outcome);
        state->there.notify_all();
    }).detach();
    return ProjectReading(std::move(state));
}

bool ProjectReading::wait(std::chrono::milliseconds at_most) const {
    std::unique_lock lock(state_->mutex);
    return state_->there.wait_for(lock, at_most, [this] { return state_->outcome.has_value(); });
}

bool ProjectReading::wait(std::chrono::milliseconds asleep, std::chrono::milliseconds at_work) const {
    const auto begun = std::chrono::steady_clock::now();
    if (wait(asleep))
        return true;
    constexpr std::chrono::milliseconds a_while(20);
    // Once asleep is not yet for long: it reads in several goes.
    for (int asleep_in_turn = 0; asleep_in_turn < 3;) {
        if (wait(a_while))
            return true;
        if (std::chrono::steady_clock::now() - begun > at_work)
            return false;
        asleep_in_turn = state_->at_work() ? 0 : asleep_in_turn + 1;
    }
    return false;
}

Result<Document::ReadProject> ProjectReading::outcome() const {
    const std::lock_guard lock(state_->mutex);
    return *state_->outcome;
}

} // namespace pulsepin
