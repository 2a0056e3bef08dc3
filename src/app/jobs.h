// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/guarded.h"
#include "base/progress.h"

#include <QObject>
#include <QString>
#include <QTimer>
#include <atomic>
#include <deque>
#include <functional>
#include <memory>
#include <thread>

namespace pulsepin {

/// Long work off the interface thread, one job after the other, with progress and cancel.
class Jobs : public QObject {
    Q_OBJECT
public:
    explicit Jobs(QObject* parent = nullptr);
    ~Jobs() override;

    /// Runs `work` on a thread of its own, then hands its result to `done` on the interface thread. `done` is
    /// always called while this lives: cancelled work ends as fail_cancelled() says, whether it had begun or
    /// not, and an exception becomes an error.
    template <class T>
    void start(const QString& name, std::function<Result<T>(const Progress&)> work,
               std::function<void(Result<T>)> done) {
        enqueue({name,
                 [work = std::move(work), done](const Progress& progress) {
                     auto result = std::make_shared<Result<T>>(guarded([&] { return work(progress); }));
                     // Cancelled after it was done but before anyone saw it: it takes no effect either.
                     return std::function<void()>([result, done, stop = progress.stop] {
                         done(stop.stop_requested() ? Result<T>(fail_cancelled()) : std::move(*result));
                     });
                 },
                 [done] { done(Result<T>(fail_cancelled())); }});
    }

    void cancel();     ///< the running job, the one that is named; those that wait go on
    void cancel_all(); ///< as when another project is opened
    [[nodiscard]] bool busy() const { return running_ || !waiting_.empty(); }
    [[nodiscard]] QString name() const { return name_; }
    [[nodiscard]] double progress() const { return share_->load(); }

signals:
    void changed(); ///< started, moved on or ended

private:
    struct Job {
        QString name;
        std::function<std::function<void()>(const Progress&)> run;
        std::function<void()> give_up; ///< tells that it was cancelled before it began
    };
    void enqueue(Job job);
    void next();

    std::deque<Job> waiting_;
    bool running_ = false;
    QString name_;
    std::shared_ptr<std::atomic<double>> share_ = std::make_shared<std::atomic<double>>(0.0);
    QTimer ticker_;
    std::jthread thread_;
};

} // namespace pulsepin
