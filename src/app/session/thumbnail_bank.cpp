// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/thumbnail_bank.h"

#include "base/guarded.h"
#include "media/open_readers.h"
#include "render/picture_image.h"

#include <algorithm>
#include <cmath>
#include <condition_variable>
#include <deque>
#include <list>
#include <map>
#include <mutex>
#include <thread>

namespace pulsepin {
namespace {

constexpr std::size_t most_kept = 600, most_requested = 120;
constexpr double step = 0.1; ///< seconds: pictures nearer than that are the same

using Key = std::pair<PictureFile, long long>;

Key key_of(const PictureFile& clip, Seconds time) {
    return {clip, std::llround(std::clamp(time.value, 0.0, 1e6) / step)};
}

} // namespace

struct ThumbnailBank::State {
    struct Kept {
        std::unique_ptr<QImage> image; ///< null: it cannot be made
        std::list<Key>::iterator used;
    };
    // Of the interface's thread.
    std::map<Key, Kept> kept;
    std::list<Key> order; ///< the longest unused first

    // Of both.
    std::mutex mutex;
    std::condition_variable_any requested;
    std::deque<Key> requests; ///< the latest last
    std::vector<std::pair<Key, QImage>> made;
    bool making = false;
    std::jthread worker;

    // Of the worker.
    OpenReaders readers{6};

    QImage make(const Key& key) {
        const auto reader = readers.of(key.first);
        if (!reader)
            return {};
        const auto picture = (*reader)->picture_at(Seconds(static_cast<double>(key.second) * step),
                                                   size.width(), size.height());
        if (!picture)
            return {};
        return image_of(*picture);
    }

    void work(const std::stop_token& stop, const std::function<void()>& arrived) {
        while (true) {
            Key key;
            {
                std::unique_lock lock(mutex);
                requested.wait(lock, stop, [this] { return !requests.empty(); });
                if (stop.stop_requested())
                    return;
                key = std::move(requests.back());
                requests.pop_back();
                making = true;
            }
            QImage image;
            if (!came_to_its_end([&] { image = make(key); }))
                image = {};
            {
                const std::lock_guard lock(mutex);
                made.emplace_back(std::move(key), std::move(image));
                making = false;
            }
            arrived();
        }
    }

    void take_made() {
        std::vector<std::pair<Key, QImage>> done;
        {
            const std::lock_guard lock(mutex);
            done.swap(made);
        }
        for (auto& [key, image] : done)
            if (const auto found = kept.find(key); found != kept.end() && !image.isNull())
                found->second.image = std::make_unique<QImage>(std::move(image));
    }
};

ThumbnailBank::ThumbnailBank(QObject* parent) : QObject(parent), state_(std::make_unique<State>()) {
    // Many arrive one after the other: drawn again for some of them at once.
    tell_.setSingleShot(true);
    tell_.setInterval(90);
    connect(&tell_, &QTimer::timeout, this, [this] {
        state_->take_made();
        emit arrived();
    });
    const auto told = [this] {
        QMetaObject::invokeMethod(
            this,
            [this] {
                if (!tell_.isActive())
                    tell_.start();
            },
            Qt::QueuedConnection);
    };
    state_->worker =
        std::jthread([state = state_.get(), told](const std::stop_token& stop) { state->work(stop, told); });
}

ThumbnailBank::~ThumbnailBank() {
    state_->worker.request_stop();
    state_->worker.join();
}

const QImage* ThumbnailBank::near(const PictureFile& clip, Seconds time) {
    if (const auto* image = at(clip, time))
        return image;
    const Key key = key_of(clip, time);
    const QImage* nearest = nullptr;
    long long apart = 0;
    const auto look = [&](const auto& one) {
        const auto distance = std::abs(one.first.second - key.second);
        if (one.second.image && (!nearest || distance < apart)) {
            nearest = one.second.image.get();
            apart = distance;
        }
        return one.second.image != nullptr;
    };
    const auto here = state_->kept.find(key);
    for (auto after = here; after != state_->kept.end() && after->first.first == clip && !look(*after);)
        ++after;
    for (auto before = here; before != state_->kept.begin();)
        if (--before; before->first.first != clip || look(*before))
            break;
    return nearest;
}

bool ThumbnailBank::complete() const {
    const std::lock_guard lock(state_->mutex);
    return state_->requests.empty() && !state_->making && state_->made.empty();
}

const QImage* ThumbnailBank::at(const PictureFile& clip, Seconds time) {
    State& s = *state_;
    const Key key = key_of(clip, time);
    if (const auto found = s.kept.find(key); found != s.kept.end()) {
        s.order.splice(s.order.end(), s.order, found->second.used);
        return found->second.image.get();
    }
    if (s.kept.size() >= most_kept) {
        s.kept.erase(s.order.front());
        s.order.pop_front();
    }
    s.order.push_back(key);
    s.kept.emplace(key, State::Kept{nullptr, std::prev(s.order.end())});
    {
        const std::lock_guard lock(s.mutex);
        s.requests.push_back(key);
        if (s.requests.size() > most_requested) { // scrolled past long ago: asked for again when it is seen
            const Key dropped = s.requests.front();
            s.requests.pop_front();
            if (const auto found = s.kept.find(dropped); found != s.kept.end()) {
                s.order.erase(found->second.used);
                s.kept.erase(found);
            }
        }
        s.requested.notify_one();
    }
    return nullptr;
}

} // namespace pulsepin
