// SPDX-License-Identifier: GPL-3.0-or-later
#include "play/mixer.h"

#include <algorithm>

namespace pulsepin {

void Mixer::set_sound(std::shared_ptr<const SampleStore> sound) {
    send(std::move(sound));
}
void Mixer::set_clicks(std::shared_ptr<const ClickTrack> clicks) {
    send(std::move(clicks));
}
void Mixer::play(PlayRange range) {
    send(range);
}
void Mixer::stop() {
    send(Stop{});
}

void Mixer::send(Command&& command) {
    outbox_.push_back(std::move(command));
    service();
}

void Mixer::service() {
    while (retired_.pop()) {
    }
    while (!outbox_.empty() && commands_.push(std::move(outbox_.front())))
        outbox_.pop_front();
}

void Mixer::stand_at(Samples position, std::int64_t device) {
    playing_ = false;
    position_ = position;
    map_.turn(Samples(device), {position, false, range_.run});
}

void Mixer::obey(Command& command) {
    const auto device = rendered_.load(std::memory_order_relaxed);
    if (auto* range = std::get_if<PlayRange>(&command)) {
        range_ = *range;
        position_ = range->from;
        playing_ = true;
        map_.turn(Samples(device), {position_, true, range_.run});
    } else if (std::holds_alternative<Stop>(command)) {
        stand_at(position_, device);
    } else if (auto* sound = std::get_if<std::shared_ptr<const SampleStore>>(&command)) {
        sound_.swap(*sound);
        stand_at(Samples(0), device);
    } else if (auto* clicks = std::get_if<std::shared_ptr<const ClickTrack>>(&command)) {
        clicks_.swap(*clicks);
    }
}

void Mixer::render_part(std::span<float> stereo) {
    const float music_target = music_gain_.load(std::memory_order_relaxed);
    const float click_target = click_gain_.load(std::memory_order_relaxed);
    const auto frames = static_cast<std::int64_t>(stereo.size() / 2);
    const float step = frames > 0 ? (music_target - music_now_) / static_cast<float>(frames) : 0.0f;
    if (sound_) {
        const auto samples = sound_->interleaved();
        const auto channels = static_cast<std::size_t>(sound_->format().channels);
        for (std::int64_t i = 0; i < frames; ++i) {
            const auto at = position_.value + i;
            if (at < 0 || at >= sound_->length().value)
                continue;
            const float gain = i + 1 == frames ? music_target : music_now_ + step * static_cast<float>(i + 1);
            const std::size_t base = static_cast<std::size_t>(at) * channels;
            stereo[static_cast<std::size_t>(2 * i)] = gain * samples[base];
            stereo[static_cast<std::size_t>(2 * i + 1)] = gain * samples[base + channels - 1];
        }
    }
    music_now_ = music_target;
    click_now_ = click_target;
    if (clicks_ && click_now_ > 0)
        clicks_->add_to(stereo, position_, click_now_);
    position_ += Samples(frames);
}

void Mixer::render(std::span<float> stereo) noexcept {
    while (auto command = commands_.pop()) {
        obey(*command);
        retired_.push(std::move(*command));
    }
    std::fill(stereo.begin(), stereo.end(), 0.0f);
    std::size_t done = 0;
    const auto total = stereo.size() / 2;
    const auto device = rendered_.load(std::memory_order_relaxed);
    while (playing_ && done < total) {
        const auto end = range_.until.value_or(sound_ ? sound_->length() : Samples(0));
        const auto left = std::max<std::int64_t>((end - position_).value, 0);
        const auto part = std::min(total - done, static_cast<std::size_t>(left));
        render_part(stereo.subspan(2 * done, 2 * part));
        done += part;
        if (position_ < end)
            continue;
        if (range_.loop && range_.loop_from < end) {
            position_ = range_.loop_from;
            map_.turn(Samples(device + static_cast<std::int64_t>(done)), {position_, true, range_.run});
        } else {
            stand_at(end, device + static_cast<std::int64_t>(done));
        }
    }
    rendered_.store(device + static_cast<std::int64_t>(total), std::memory_order_relaxed);
}

} // namespace pulsepin
