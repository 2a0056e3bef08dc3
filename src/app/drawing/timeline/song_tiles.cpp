// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/song_tiles.h"

#include "base/guarded.h"

#include <algorithm>
#include <cmath>
#include <compare>
#include <condition_variable>
#include <list>
#include <map>
#include <mutex>
#include <set>
#include <thread>

namespace pulsepin {
namespace {

constexpr std::size_t cache_bytes = 96u << 20;

struct TileKey {
    SongRow row;
    double pixels_per_second;
    int height;
    std::int64_t index;
    friend auto operator<=>(const TileKey&, const TileKey&) = default;
    [[nodiscard]] Seconds start() const {
        return Seconds(static_cast<double>(index) * SongTiles::tile_width / pixels_per_second);
    }
    [[nodiscard]] Seconds end() const {
        return Seconds(static_cast<double>(index + 1) * SongTiles::tile_width / pixels_per_second);
    }
};

struct Tile {
    QImage image;
    std::uint64_t generation = 0; ///< of song, look and palette that it was made from
    std::list<TileKey>::iterator age;
};

} // namespace

struct SongTiles::State {
    SongTiles* owner;
    mutable std::mutex mutex;
    std::condition_variable_any wanted_changed;
    SongPicture song;
    SongLook look;
    Palette palette = day_palette();
    std::uint64_t generation = 1;
    std::map<TileKey, Tile> tiles;
    std::list<TileKey> ages; // oldest first
    std::size_t bytes = 0;
    std::vector<TileKey> wanted; // of the last paint, most wanted last
    std::map<SongRow, std::vector<TileKey>> wanted_of_row;
    bool notified = false;
    std::jthread worker;

    void keep(const TileKey& key, QImage image, std::uint64_t made_from) {
        if (auto old = tiles.find(key); old != tiles.end()) {
            bytes -= static_cast<std::size_t>(old->second.image.sizeInBytes());
            ages.erase(old->second.age);
            tiles.erase(old);
        }
        bytes += static_cast<std::size_t>(image.sizeInBytes());
        tiles[key] = {std::move(image), made_from, ages.insert(ages.end(), key)};
        while (bytes > cache_bytes && ages.size() > 64) {
            bytes -= static_cast<std::size_t>(tiles[ages.front()].image.sizeInBytes());
            tiles.erase(ages.front());
            ages.pop_front();
        }
    }

    [[nodiscard]] bool is_fresh(const TileKey& key) const {
        const auto found = tiles.find(key);
        return found != tiles.end() && found->second.generation == generation;
    }

    std::optional<TileKey> next_wanted() {
        if (!song.outline)
            return std::nullopt;
        for (auto& [row, keys] : wanted_of_row)
            while (!keys.empty()) {
                const TileKey key = keys.back();
                keys.pop_back();
                if (!is_fresh(key))
                    return key;
            }
        return std::nullopt;
    }

    void work(const std::stop_token& stop) {
        for (;;) {
            TileKey key{};
            SongPicture from;
            SongLook with;
            Palette in;
            std::uint64_t made_from = 0;
            {
                std::unique_lock lock(mutex);
                std::optional<TileKey> next;
                wanted_changed.wait(lock, stop, [&] { return (next = next_wanted()).has_value(); });
                if (stop.stop_requested() || !next)
                    return;
                key = *next;
                from = song;
                with = look;
                in = palette;
                made_from = generation;
            }
            QImage image;
            if (!came_to_its_end([&] {
                    image = paint_tile(key.row, from, with, in, key.start(), key.pixels_per_second,
                                       {SongTiles::tile_width, key.height});
                }))
                image = {}; // no memory: what is there of other zooms is seen in its place
            const std::lock_guard lock(mutex);
            keep(key, std::move(image), made_from);
            if (!notified) {
                notified = true;
                QMetaObject::invokeMethod(owner, [this] {
                    {
                        const std::lock_guard inner(mutex);
                        notified = false;
                    }
                    emit owner->arrived();
                });
            }
        }
    }

    /// Stretches what is there of other zooms, the nearest zoom on top.
    void paint_stand_in(QPainter& painter, const TileKey& missing, const QRectF& place) const {
        const Tile* best = nullptr;
        TileKey best_key{};
        double best_distance = 1e300;
        for (const auto& [key, tile] : tiles) {
            if (tile.image.isNull() || key.row != missing.row ||
                key.start() > missing.start() + Seconds(1e-9) || key.end() < missing.end() - Seconds(1e-9))
                continue;
            const double distance = std::abs(std::log(key.pixels_per_second / missing.pixels_per_second)) +
                                    (tile.generation == generation ? 0.0 : 10.0);
            if (distance < best_distance) {
                best_distance = distance;
                best = &tile;
                best_key = key;
            }
        }
        if (best) {
            const double scale = best_key.pixels_per_second;
            const QRectF source((missing.start() - best_key.start()).value * scale, 0,
                                (missing.end() - missing.start()).value * scale, best->image.height());
            painter.drawImage(place, best->image, source);
            return;
        }
        // Zooming out: several finer tiles lie within the missing one.
        for (const auto& [key, tile] : tiles) {
            if (tile.image.isNull() || key.row != missing.row || key.end() <= missing.start() ||
                key.start() >= missing.end() || key.pixels_per_second > missing.pixels_per_second * 16)
                continue;
            const double seconds = (missing.end() - missing.start()).value;
            const double left = (key.start() - missing.start()).value / seconds;
            const double right = (key.end() - missing.start()).value / seconds;
            painter.drawImage(QRectF(place.left() + left * place.width(), place.top(),
                                     (right - left) * place.width(), place.height()),
                              tile.image);
        }
    }
};

SongTiles::SongTiles(QObject* parent) : QObject(parent), state_(std::make_unique<State>()) {
    state_->owner = this;
    state_->worker = std::jthread([state = state_.get()](const std::stop_token& stop) { state->work(stop); });
}

SongTiles::~SongTiles() = default;

void SongTiles::set_song(SongPicture song) {
    const std::lock_guard lock(state_->mutex);
    const auto &now = song.outline, &before = state_->song.outline;
    // The same song, decoded meanwhile, looks as it did.
    const bool other =
        now != before && (state_->song.samples || !now || !before || now->length() != before->length());
    state_->song = std::move(song);
    ++state_->generation;
    if (other) { // nothing of the old song may stand in for the new one
        state_->wanted.clear();
        state_->wanted_of_row.clear();
        state_->tiles.clear();
        state_->ages.clear();
        state_->bytes = 0;
    }
}

void SongTiles::set_look(const SongLook& look) {
    const std::lock_guard lock(state_->mutex);
    if (look == state_->look)
        return;
    state_->look = look;
    ++state_->generation;
}

void SongTiles::set_palette(const Palette& palette) {
    const std::lock_guard lock(state_->mutex);
    state_->palette = palette;
    ++state_->generation;
}

bool SongTiles::complete() const {
    const std::lock_guard lock(state_->mutex);
    for (const auto& key : state_->wanted)
        if (!state_->is_fresh(key))
            return false;
    return true;
}

void SongTiles::paint(QPainter& painter, SongRow row, const QRectF& area, const TimeScale& scale,
                      double ratio) {
    const std::lock_guard lock(state_->mutex);
    if (!state_->song.outline || area.height() < 2)
        return;
    painter.save();
    painter.setClipRect(area);
    const double density = scale.pixels_per_second * ratio;
    const int height = static_cast<int>(std::lround(area.height() * ratio));
    const auto tile_at = [&](Seconds time) {
        return static_cast<std::int64_t>(std::floor(time.value * density / tile_width));
    };
    const auto first = std::max<std::int64_t>(0, tile_at(scale.start));
    const auto last = std::min(tile_at(scale.end()), tile_at(state_->song.outline->duration()));
    std::vector<TileKey> asked;
    for (auto index = last; index >= first; --index) {
        const TileKey key{row, density, height, index};
        const QRectF place(scale.x(key.start()), area.top(), tile_width / ratio, area.height());
        const auto found = state_->tiles.find(key);
        asked.push_back(key);
        if (found == state_->tiles.end() || found->second.image.isNull()) {
            state_->paint_stand_in(painter, key, place);
            continue;
        }
        painter.drawImage(place, found->second.image);
        state_->ages.splice(state_->ages.end(), state_->ages, found->second.age);
    }
    painter.restore();
    std::erase_if(state_->wanted, [row](const TileKey& key) { return key.row == row; });
    state_->wanted.insert(state_->wanted.end(), asked.begin(), asked.end());
    state_->wanted_of_row[row] = std::move(asked);
    state_->wanted_changed.notify_one();
}

} // namespace pulsepin
