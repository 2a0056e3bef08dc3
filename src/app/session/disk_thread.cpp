// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/disk_thread.h"

namespace pulsepin {

DiskThread::DiskThread(QObject* parent)
    : QObject(parent), thread_([this](const std::stop_token& stop) { run(stop); }) {}

DiskThread::~DiskThread() {
    thread_.request_stop();
    thread_.join();
}

void DiskThread::post(Work work) {
    ++under_way_;
    {
        const std::scoped_lock lock(mutex_);
        waiting_.push_back(std::move(work));
    }
    changed_.notify_all();
}

void DiskThread::finish() {
    {
        std::unique_lock lock(mutex_);
        changed_.wait(lock, [this] { return waiting_.empty() && !working_; });
    }
    tell_outcomes();
}

bool DiskThread::finish_within(std::chrono::milliseconds most) {
    {
        std::unique_lock lock(mutex_);
        if (!changed_.wait_for(lock, most, [this] { return waiting_.empty() && !working_; }))
            return false;
    }
    tell_outcomes();
    return true;
}

void DiskThread::run(const std::stop_token& stop) {
    while (true) {
        Work work;
        {
            std::unique_lock lock(mutex_);
            changed_.wait(lock, stop, [this] { return !waiting_.empty(); });
            if (waiting_.empty())
                return; // asked to stop, and nothing is left
            work = std::move(waiting_.front());
            waiting_.pop_front();
            working_ = true;
        }
        auto outcome = work();
        {
            const std::scoped_lock lock(mutex_);
            outcomes_.push_back(std::move(outcome));
            working_ = false;
        }
        changed_.notify_all();
        QMetaObject::invokeMethod(this, &DiskThread::tell_outcomes, Qt::QueuedConnection);
    }
}

void DiskThread::tell_outcomes() {
    while (true) {
        std::function<void()> outcome;
        {
            const std::scoped_lock lock(mutex_);
            if (outcomes_.empty())
                return;
            outcome = std::move(outcomes_.front());
            outcomes_.pop_front();
        }
        --under_way_;
        ++telling_;
        if (outcome)
            outcome();
        --telling_;
    }
}

} // namespace pulsepin
