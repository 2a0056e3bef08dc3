// SPDX-License-Identifier: GPL-3.0-or-later
#include "play/played_map.h"

#include <cmath>

namespace pulsepin {

void PlayedMap::turn(Samples device, SongPlace place) {
    const auto count = count_.load(std::memory_order_relaxed);
    Entry& entry = entries_[count % kept];
    entry.device.store(device.value, std::memory_order_relaxed);
    entry.position.store(place.position.value, std::memory_order_relaxed);
    entry.playing.store(place.playing, std::memory_order_relaxed);
    entry.speed.store(place.speed, std::memory_order_relaxed);
    entry.run.store(place.run, std::memory_order_relaxed);
    count_.store(count + 1, std::memory_order_release);
}

SongPlace PlayedMap::at(Samples device) const {
    for (;;) {
        const auto count = count_.load(std::memory_order_acquire);
        // Entries about to be overwritten are not looked at: a reader sees at most the newer half.
        const auto usable = count < kept / 2 ? count : kept / 2;
        SongPlace place;
        for (std::uint64_t back = 1; back <= usable; ++back) {
            const Entry& entry = entries_[(count - back) % kept];
            const Samples from(entry.device.load(std::memory_order_relaxed));
            place = {Samples(entry.position.load(std::memory_order_relaxed)),
                     entry.playing.load(std::memory_order_relaxed),
                     entry.speed.load(std::memory_order_relaxed), entry.run.load(std::memory_order_relaxed)};
            if (from <= device) {
                if (place.playing)
                    place.position +=
                        Samples(std::llround(static_cast<double>((device - from).value) * place.speed));
                break;
            }
        }
        std::atomic_thread_fence(std::memory_order_acquire);
        if (count_.load(std::memory_order_relaxed) - count < kept / 2)
            return place;
    }
}

} // namespace pulsepin
