// SPDX-License-Identifier: GPL-3.0-or-later
#include "jobs.h"

#include <utility>

namespace pulsepin {

Jobs::Jobs(QObject* parent) : QObject(parent) {
    ticker_.setInterval(60);
    connect(&ticker_, &QTimer::timeout, this, &Jobs::changed);
}

Jobs::~Jobs() {
    waiting_.clear();
    thread_.request_stop();
}

void Jobs::cancel() {
    thread_.request_stop();
    emit changed();
}

void Jobs::cancel_all() {
    const auto given_up = std::exchange(waiting_, {}); // those may ask for others
    thread_.request_stop();
    for (const auto& job : given_up)
        job.give_up();
    emit changed();
}

void Jobs::enqueue(Job job) {
    waiting_.push_back(std::move(job));
    if (!running_)
        next();
}

void Jobs::next() {
    if (waiting_.empty()) {
        ticker_.stop();
        emit changed();
        return;
    }
    Job job = std::move(waiting_.front());
    waiting_.pop_front();
    running_ = true;
    name_ = job.name;
    share_->store(0);
    ticker_.start();
    emit changed();
    thread_ = std::jthread([this, share = share_, run = std::move(job.run)](const std::stop_token& stop) {
        const auto finish = run(Progress{[share](double done) { share->store(done); }, stop});
        QMetaObject::invokeMethod(
            this,
            [this, finish] {
                running_ = false;
                finish();
                if (!running_)
                    next();
            },
            Qt::QueuedConnection);
    });
}

} // namespace pulsepin
