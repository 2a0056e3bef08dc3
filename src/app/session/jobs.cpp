// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/jobs.h"

#include "base/heap.h"

#include <utility>

namespace pulsepin {

Jobs::Jobs(QObject* parent) : QObject(parent) {
    ticker_.setInterval(60);
    connect(&ticker_, &QTimer::timeout, this, &Jobs::changed);
}

Jobs::~Jobs() {
    for (const auto& job : all_)
        job->cancel();
}

void Jobs::cancel_all() {
    for (const auto& job : all_)
        job->cancel();
    emit changed();
}

void Jobs::cancel_all_but(JobQueue kept) {
    for (std::size_t i = 0; i < queues_.size(); ++i) {
        if (i == static_cast<std::size_t>(kept))
            continue;
        if (queues_[i].running)
            queues_[i].running->cancel();
        for (const auto& job : queues_[i].waiting)
            job->cancel();
    }
    emit changed();
}

void Jobs::enqueue(JobQueue which, std::shared_ptr<Job> job) {
    auto& queue = queues_[static_cast<std::size_t>(which)];
    all_.push_back(job);
    queue.waiting.push_back(std::move(job));
    if (!queue.running)
        next(queue);
    else
        emit changed();
}

/// Cancelled ones are run too: they do nothing but hand over that they were cancelled, after whoever
/// cancelled them has gone on.
void Jobs::next(Queue& queue) {
    if (queue.waiting.empty()) {
        if (all_.empty())
            ticker_.stop();
        return emit changed();
    }
    const auto job = queue.running = std::move(queue.waiting.front());
    queue.waiting.pop_front();
    job->state_ = Job::State::Running;
    ticker_.start();
    emit changed();
    queue.thread = std::jthread([this, &queue, job, share = job->done_] {
        const auto hand_over =
            job->run_(Progress{[share](double done) { share->store(done); }, job->stop_.get_token()});
        give_back_free_blocks();
        QMetaObject::invokeMethod(
            this,
            [this, &queue, job, hand_over] {
                job->state_ = Job::State::Ended;
                job->run_ = nullptr; // and with it what the work held on to
                std::erase(all_, job);
                queue.running = nullptr;
                hand_over();
                if (!queue.running)
                    next(queue);
            },
            Qt::QueuedConnection);
    });
}

} // namespace pulsepin
