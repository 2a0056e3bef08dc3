// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/shot_pictures.h"

#include "base/guarded.h"
#include "media/open_readers.h"
#include "render/picture_image.h"

#include <algorithm>
#include <chrono>
#include <condition_variable>
#include <list>
#include <map>
#include <mutex>
#include <thread>

namespace pulsepin {
namespace {

constexpr double decode_ahead = 0.7; // seconds of the clip under the playhead
constexpr double decode_soon = 0.15; // seconds of the shot that comes next

constexpr std::chrono::milliseconds a_moment(100); // a picture that is being decoded is done by then

} // namespace

struct ShotPictures::State {
    std::mutex calling; ///< held while `arrived` is called, and when it is taken away
    std::function<void()> arrived;

    mutable std::mutex mutex;
    std::condition_variable_any requests_changed;
    std::condition_variable worker_ended;
    bool ended = false;
    std::stop_source stopping;
    std::map<PictureFile, std::map<double, ShotPicture>> cache; // by clip, then by `from`
    std::list<std::pair<PictureFile, double>> order;            // oldest first
    std::map<PictureFile, std::string> troubles;
    std::size_t bytes = 0, kept_bytes = 0; ///< that are kept, and that may be
    std::size_t readers_bytes = OpenReaders::usual_bytes;
    QSize size{640, 360};
    std::uint64_t generation = 0; // rises with each request and change of size
    Wanted now;
    std::optional<Wanted> soon;

    OpenReaders readers{8}; // of the decoding thread alone

    void tell_arrived() {
        const std::lock_guard lock(calling);
        if (arrived)
            arrived();
    }

    [[nodiscard]] const ShotPicture* cached(const Wanted& wanted) const {
        const auto clip = cache.find(wanted.clip);
        if (clip == cache.end())
            return nullptr;
        auto after = clip->second.upper_bound(wanted.time.value + 1e-6);
        if (after == clip->second.begin())
            return nullptr;
        const auto& picture = std::prev(after)->second;
        return wanted.time < picture.until - Seconds(1e-6) || picture.until <= picture.from ? &picture
                                                                                            : nullptr;
    }

    static std::size_t bytes_of(const ShotPicture& picture) {
        return static_cast<std::size_t>(picture.image.sizeInBytes());
    }

    void keep(const PictureFile& clip, ShotPicture picture) {
        const double key = picture.from.value;
        bytes += bytes_of(picture);
        auto& pictures = cache[clip];
        if (const auto there = pictures.find(key); there != pictures.end()) {
            bytes -= bytes_of(there->second);
            there->second = std::move(picture);
        } else {
            pictures.emplace(key, std::move(picture));
            order.emplace_back(clip, key);
        }
        drop_the_oldest();
    }

    /// Until the others are few enough; the latest stays, and so does the one that is wanted now.
    void drop_the_oldest() {
        const ShotPicture* seen = cached(now);
        for (std::size_t left = order.size(); bytes > kept_bytes && left > 1; --left) {
            const auto clip = cache.find(order.front().first);
            const auto old = clip->second.find(order.front().second);
            order.splice(order.end(), order, order.begin());
            if (&old->second == seen)
                continue;
            order.pop_back();
            bytes -= bytes_of(old->second);
            clip->second.erase(old);
            if (clip->second.empty())
                cache.erase(clip);
        }
    }

    VideoReader* reader_of(const PictureFile& clip) {
        {
            const std::lock_guard lock(mutex);
            readers.may_keep(readers_bytes);
        }
        const auto reader = guarded([&] { return readers.of(clip); });
        if (reader)
            return *reader;
        const std::lock_guard lock(mutex);
        troubles[clip] = reader.error().message();
        return nullptr;
    }

    /// Decodes from `wanted` on until `reach` seconds are there, new requests come in, or the clip ends.
    void decode(Wanted wanted, double reach, std::uint64_t for_generation, const std::stop_token& stop) {
        std::size_t decoded = 0;
        const double until = wanted.time.value + reach;
        while (!stop.stop_requested()) {
            QSize box;
            {
                const std::lock_guard lock(mutex);
                if (generation != for_generation || troubles.contains(wanted.clip))
                    return;
                box = size;
                if (const auto* there = cached(wanted)) {
                    if (there->until.value >= until || there->until <= wanted.time)
                        return;
                    wanted.time = there->until;
                    continue;
                }
            }
            // More than can be kept would push out what is to be shown next.
            if (decoded > kept_bytes / 2)
                return;
            VideoReader* reader = reader_of(wanted.clip);
            if (!reader)
                return tell_arrived();
            auto picture =
                guarded([&] { return reader->picture_at(wanted.time, box.width(), box.height()); });
            const bool past_end = picture && picture->until <= wanted.time;
            {
                const std::lock_guard lock(mutex);
                if (!picture) {
                    troubles[wanted.clip] = picture.error().message();
                } else if (box == size) {
                    decoded += picture->pixels.bytes.size();
                    // The last picture of a clip stands still for as long as it is asked for.
                    const Seconds end = past_end ? Seconds(1e9) : picture->until;
                    keep(wanted.clip, {image_of(*picture), picture->from, end});
                }
            }
            tell_arrived();
        }
    }

    void work(const std::stop_token& stop) {
        std::uint64_t served = 0;
        while (!stop.stop_requested()) {
            Wanted first;
            std::optional<Wanted> second;
            {
                std::unique_lock lock(mutex);
                requests_changed.wait(lock, stop, [&] { return generation != served; });
                if (stop.stop_requested())
                    return;
                served = generation;
                first = now;
                second = soon;
            }
            if (!first.clip.path.empty())
                decode(first, 1e-3, served, stop);
            if (second)
                decode(*second, decode_soon, served, stop);
            if (!first.clip.path.empty())
                decode(first, decode_ahead, served, stop);
        }
    }
};

ShotPictures::ShotPictures(std::function<void()> arrived, std::size_t kept_bytes)
    : state_(std::make_shared<State>()) {
    state_->arrived = std::move(arrived);
    state_->kept_bytes = kept_bytes;
    std::thread([state = state_] {
        state->work(state->stopping.get_token());
        const std::lock_guard lock(state->mutex);
        state->ended = true;
        state->worker_ended.notify_all();
    }).detach();
}

ShotPictures::~ShotPictures() {
    state_->stopping.request_stop();
    {
        const std::lock_guard lock(state_->calling);
        state_->arrived = nullptr;
    }
    std::unique_lock lock(state_->mutex);
    state_->worker_ended.wait_for(lock, a_moment, [this] { return state_->ended; });
}

void ShotPictures::set_size(QSize size) {
    const std::lock_guard lock(state_->mutex);
    if (size == state_->size || size.isEmpty())
        return;
    state_->size = size;
    state_->cache.clear();
    state_->order.clear();
    state_->bytes = 0;
    state_->troubles.clear(); // there may be memory for this one; other troubles are found again
    ++state_->generation;
    state_->requests_changed.notify_one();
}

void ShotPictures::may_keep(std::size_t bytes) {
    const std::lock_guard lock(state_->mutex);
    state_->kept_bytes = state_->readers_bytes = bytes;
    state_->drop_the_oldest();
}

std::size_t ShotPictures::bytes() const {
    const std::lock_guard lock(state_->mutex);
    return state_->bytes;
}

std::optional<ShotPicture> ShotPictures::picture(const Wanted& now, const std::optional<Wanted>& soon) {
    const std::lock_guard lock(state_->mutex);
    const auto* there = state_->cached(now);
    if (!(state_->now == now) || state_->soon != soon) {
        state_->now = now;
        state_->soon = soon;
        ++state_->generation;
        state_->requests_changed.notify_one();
    }
    return there ? std::optional(*there) : std::nullopt;
}

std::string ShotPictures::trouble(const PictureFile& clip) const {
    const std::lock_guard lock(state_->mutex);
    const auto found = state_->troubles.find(clip);
    return found == state_->troubles.end() ? std::string() : found->second;
}

} // namespace pulsepin
