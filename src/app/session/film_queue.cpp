// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/film_queue.h"
#include "session/core_words.h"

#include <QDir>
#include <QFileInfo>

namespace pulsepin {
namespace {

constexpr QSize small_picture(160, 90);
constexpr qint64 picture_every_ms = 400;

QString name_of(const std::filesystem::path& path) {
    return QString::fromStdString(path.filename().string());
}

} // namespace

FilmQueue::FilmQueue(Jobs& jobs, QObject* parent) : QObject(parent), jobs_(jobs) {
    ticker_.setInterval(200);
    connect(&ticker_, &QTimer::timeout, this, &FilmQueue::look);
}

std::vector<FilmQueue::Entry> FilmQueue::entries() const {
    std::vector<Entry> all;
    for (const auto& one : works_)
        all.push_back(one->entry);
    return all;
}

bool FilmQueue::busy() const {
    return std::any_of(works_.begin(), works_.end(), [](const auto& one) {
        return one->entry.state == State::Running || one->entry.state == State::Waiting;
    });
}

FilmQueue::Work* FilmQueue::work(int number) {
    for (const auto& one : works_)
        if (one->entry.number == number)
            return one.get();
    return nullptr;
}

int FilmQueue::add(Film film, const std::filesystem::path& path) {
    auto work = std::make_shared<Work>();
    work->entry.number = next_++;
    work->entry.path = path;
    work->entry.frames = film.frames();
    film.curves = film.curves.for_another_thread();
    const FilmWatch watch{[work = work.get(), shown = std::make_shared<QElapsedTimer>()](
                              std::int64_t frame, const QImage& image) {
                              const bool show = !shown->isValid() || shown->elapsed() > picture_every_ms;
                              QImage small;
                              if (show) {
                                  small = image.scaled(small_picture, Qt::KeepAspectRatio,
                                                       Qt::SmoothTransformation);
                                  shown->start();
                              }
                              const std::lock_guard lock(work->mutex);
                              work->made = frame + 1;
                              if (show)
                                  work->picture = small;
                          },
                          &work->paused};
    works_.push_back(work);
    work->job = jobs_.start<int>(
        JobQueue::Film, tr("Rendering %1").arg(name_of(path)),
        [film = std::move(film), path, watch, work](const Progress& progress) -> Result<int> {
            if (auto made = render_film(film, path, progress, watch); !made)
                return tl::unexpected(made.error());
            return 0;
        },
        [this, work](const Result<int>& done) {
            auto& entry = work->entry;
            const QString name = name_of(entry.path);
            entry.state = done ? State::Done : done.error().cancelled() ? State::Cancelled : State::Failed;
            entry.outcome = done                       ? tr("written")
                            : done.error().cancelled() ? tr("cancelled; nothing was written")
                                                       : spoken(done.error());
            work->job.reset();
            if (done)
                entry.made = entry.frames;
            look();
            if (!busy())
                ticker_.stop();
            emit ended(done                       ? tr("%1 is written").arg(name)
                       : done.error().cancelled() ? tr("%1 was not written").arg(name)
                                                  : entry.outcome,
                       done.has_value());
        });
    ticker_.start();
    emit changed();
    return work->entry.number;
}

/// What the threads tell, taken over; the time that is left by the pace of late.
void FilmQueue::look() {
    for (const auto& one : works_) {
        auto& entry = one->entry;
        if (!one->job || one->job->state() != Job::State::Running)
            continue;
        if (entry.state == State::Waiting)
            entry.state = State::Running;
        {
            const std::lock_guard lock(one->mutex);
            entry.made = one->made;
            entry.picture = one->picture;
        }
        if (entry.made == 0 || entry.paused) {
            one->clock.invalidate();
            continue;
        }
        if (!one->clock.isValid()) {
            one->clock.start();
            one->clocked_from = entry.made;
        }
        const double seconds = static_cast<double>(one->clock.elapsed()) / 1000;
        if (seconds > 0.6 && entry.made > one->clocked_from) {
            entry.per_second = static_cast<double>(entry.made - one->clocked_from) / seconds;
            entry.left = Seconds(static_cast<double>(entry.frames - entry.made) / entry.per_second);
        }
    }
    emit changed();
}

void FilmQueue::pause(int number, bool paused) {
    if (auto* one = work(number)) {
        one->entry.paused = paused;
        one->paused = paused;
        emit changed();
    }
}

void FilmQueue::cancel(int number) {
    if (auto* one = work(number); one && one->job)
        one->job->cancel();
}

void FilmQueue::forget_ended() {
    std::erase_if(works_, [](const auto& one) {
        return one->entry.state == State::Done || one->entry.state == State::Failed ||
               one->entry.state == State::Cancelled;
    });
    emit changed();
}

} // namespace pulsepin
