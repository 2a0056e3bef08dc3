// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <chrono>
#include <condition_variable>
#include <mutex>
#include <optional>
#include <thread>

namespace pulsepin {

/// Ends the program when the window has gone and what still reads in a folder that does not answer would keep
/// it alive, unseen. Whoever asks for that has put all work in safety before.
///
/// Stands before the window, and so outlives it.
class EndInTime {
public:
    EndInTime() = default;
    EndInTime(const EndInTime&) = delete;
    EndInTime& operator=(const EndInTime&) = delete;
    ~EndInTime();

    /// From now on there is so much time left; the program ends with `code` when it is used up.
    void begin(std::chrono::milliseconds left, int code);

private:
    std::mutex mutex_;
    std::condition_variable changed_;
    bool ended_ = false;
    std::optional<std::jthread> clock_;
};

} // namespace pulsepin
