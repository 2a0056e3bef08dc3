// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/guarded.h"
#include "base/progress.h"

#include <QObject>
#include <QString>
#include <QTimer>
#include <array>
#include <atomic>
#include <deque>
#include <functional>
#include <memory>
#include <thread>
#include <vector>

namespace pulsepin {

/// Kinds of work that do not wait for each other. Within one, jobs run one after the other.
enum class JobQueue { Decode, Mix, Analyse, Follow, Write, Proxy, Check, Film };

/// One piece of work that was asked for. It may be asked about and cancelled from the interface thread only.
class Job {
public:
    enum class State { Waiting, Running, Ended };
    [[nodiscard]] const QString& name() const { return name_; }
    [[nodiscard]] State state() const { return state_; }
    [[nodiscard]] double progress() const { return *done_; } ///< 0 to 1
    /// It ends as soon as it can, or does not begin; whoever asked is told so.
    void cancel() { stop_.request_stop(); }
    [[nodiscard]] bool cancelled() const { return stop_.stop_requested(); }

private:
    friend class Jobs;
    QString name_;
    State state_ = State::Waiting;
    std::shared_ptr<std::atomic<double>> done_ = std::make_shared<std::atomic<double>>(0.0);
    std::stop_source stop_;
    std::function<std::function<void()>(const Progress&)> run_; ///< gives what hands the result over
};

/// Long work off the interface thread, with progress, each cancelled on its own.
class Jobs : public QObject {
    Q_OBJECT
public:
    explicit Jobs(QObject* parent = nullptr);
    ~Jobs() override;

    /// Runs `work` on the thread of its queue, then hands its result to `done` on the interface thread.
    /// `done` is always called while this lives: cancelled work ends as fail_cancelled() says, whether it had
    /// begun or not, and an exception becomes an error.
    template <class T>
    std::shared_ptr<Job> start(JobQueue queue, const QString& name,
                               std::function<Result<T>(const Progress&)> work,
                               std::function<void(Result<T>)> done) {
        auto job = std::make_shared<Job>();
        job->name_ = name;
        job->run_ = [work = std::move(work), done = std::move(done)](const Progress& progress) {
            auto result = std::make_shared<Result<T>>(
                progress.cancelled() ? Result<T>(fail_cancelled()) : guarded([&] { return work(progress); }));
            // Cancelled after it was done but before anyone saw it: it takes no effect either.
            return std::function<void()>([result, done, stop = progress.stop] {
                done(stop.stop_requested() ? Result<T>(fail_cancelled()) : std::move(*result));
            });
        };
        enqueue(queue, job);
        return job;
    }

    void cancel_all();
    void cancel_all_but(JobQueue kept); ///< as when another project is opened
    [[nodiscard]] bool busy() const { return !all_.empty(); }
    /// Those that run or wait, the first that was asked for first.
    [[nodiscard]] const std::vector<std::shared_ptr<Job>>& all() const { return all_; }

signals:
    void changed(); ///< one was asked for, began, moved on or ended

private:
    struct Queue {
        std::deque<std::shared_ptr<Job>> waiting;
        std::shared_ptr<Job> running;
        std::jthread thread;
    };
    void enqueue(JobQueue queue, std::shared_ptr<Job> job);
    void next(Queue& queue);

    std::vector<std::shared_ptr<Job>> all_;
    std::array<Queue, 8> queues_;
    QTimer ticker_;
};

} // namespace pulsepin
