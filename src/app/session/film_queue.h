// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/film.h"
#include "session/jobs.h"

#include <QElapsedTimer>
#include <QImage>
#include <QObject>
#include <atomic>
#include <mutex>

namespace pulsepin {

/// Films that are being made or wait for it, one after the other, while the window stays free.
class FilmQueue : public QObject {
    Q_OBJECT
public:
    explicit FilmQueue(Jobs& jobs, QObject* parent = nullptr);

    enum class State { Waiting, Running, Done, Failed, Cancelled };
    struct Entry {
        int number = 0; ///< that names it
        std::filesystem::path path;
        State state = State::Waiting;
        std::int64_t frames = 0, made = 0;
        bool paused = false;
        double per_second = 0; ///< frames, of late
        Seconds left;          ///< about; 0 where it is not known
        QString outcome = {};  ///< why it failed, or that it is written
        QImage picture = {};   ///< of the frame that was made last, small
    };
    /// The first that was asked for first.
    [[nodiscard]] std::vector<Entry> entries() const;
    [[nodiscard]] bool busy() const; ///< one runs or waits

    int add(Film film, const std::filesystem::path& path);
    void pause(int number, bool paused);
    void cancel(int number);
    /// Takes those that have ended from the list.
    void forget_ended();

signals:
    void changed();
    void ended(const QString& told, bool well);

private:
    struct Work {
        Entry entry;
        std::shared_ptr<Job> job;
        std::atomic<bool> paused = false;
        std::mutex mutex; ///< of what the thread that makes it tells
        std::int64_t made = 0;
        QImage picture;
        QElapsedTimer clock;
        std::int64_t clocked_from = 0;
    };
    void look();
    [[nodiscard]] Work* work(int number);
    Jobs& jobs_;
    std::vector<std::shared_ptr<Work>> works_;
    int next_ = 1;
    QTimer ticker_;
};

} // namespace pulsepin
