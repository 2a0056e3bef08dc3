// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <chrono>
#include <condition_variable>
#include <deque>
#include <functional>
#include <mutex>
#include <thread>

namespace pulsepin {

/// What is written to the disk is written here, off the interface thread, in the order in which it was asked
/// for. A slow disk holds up nobody; what was asked for is done even when the window closes meanwhile.
///
/// Use: post([] { work on the thread; return what to do with its outcome on the interface thread; });
class DiskThread : public QObject {
    Q_OBJECT
public:
    /// Runs on the disk's thread and returns what shall be done on the interface thread; may be empty.
    using Work = std::function<std::function<void()>()>;

    explicit DiskThread(QObject* parent = nullptr);
    ~DiskThread() override; ///< does what was asked for first; outcomes are dropped

    void post(Work work);
    /// Waits until all that was asked for is on the disk and its outcomes were told.
    void finish();
    /// The same, but not for longer than that: a folder on another machine may not answer. Whether all is
    /// done.
    bool finish_within(std::chrono::milliseconds most);
    /// Something is asked for, or an outcome is being told.
    [[nodiscard]] bool busy() const { return under_way_ > 0 || telling_ > 0; }

private:
    void run(const std::stop_token& stop);
    void tell_outcomes();

    std::mutex mutex_;
    std::condition_variable_any changed_;
    std::deque<Work> waiting_;
    bool working_ = false;
    std::deque<std::function<void()>> outcomes_;
    int under_way_ = 0; ///< of the interface thread: asked for and not told yet
    int telling_ = 0;   ///< of the interface thread; outcomes may be told while one is
    std::jthread thread_;
};

} // namespace pulsepin
