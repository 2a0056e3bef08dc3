// SPDX-License-Identifier: GPL-3.0-or-later
#include "play/mixer.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace pulsepin {

void Mixer::set_sound(std::shared_ptr<const MixPlan> sound) {
    send(std::move(sound));
}
void Mixer::replace_sound(std::shared_ptr<const MixPlan> sound) {
    send(Replacement{std::move(sound)});
}
void Mixer::set_clicks(std::shared_ptr<const ClickTrack> clicks) {
    send(std::move(clicks));
}
void Mixer::play(PlayRange range) {
    send(std::move(range));
}
void Mixer::stop() {
    send(Stop{});
}

void Mixer::send(Command&& command) {
    outbox_.push_back(std::move(command));
    service();
}

void Mixer::service() {
    for (Command retired; retired_.pop(retired);)
        retired = {};
    while (!outbox_.empty() && commands_.push(std::move(outbox_.front())))
        outbox_.pop_front();
}

Samples Mixer::range_end() const {
    return range_.until.value_or(sound_ ? sound_->length : Samples(0));
}

Samples Mixer::device_of_taken() const {
    return run_began_ + Samples(std::llround(static_cast<double>(taken_) / speed()));
}

void Mixer::stand_at(Samples position, Samples device) {
    playing_ = false;
    position_ = position;
    silent_from_ = device;
    map_.turn(device, {position, false, 1.0, range_.run});
}

void Mixer::apply(Command& command) {
    const Samples device(rendered_.load(std::memory_order_relaxed));
    if (auto* range = std::get_if<PlayRange>(&command)) {
        std::swap(range_, *range); // the old range goes back with the command, and is freed over there
        position_ = range_.from;
        run_began_ = device;
        taken_ = 0;
        playing_ = true;
        map_.turn(device, {position_, true, speed(), range_.run});
    } else if (std::holds_alternative<Stop>(command)) {
        // What was taken but not heard yet is given up.
        stand_at(map_.at(device).position, device);
    } else if (auto* sound = std::get_if<std::shared_ptr<const MixPlan>>(&command)) {
        sound_.swap(*sound);
        faded_ = fade;
        stand_at(Samples(0), device);
    } else if (auto* replacement = std::get_if<Replacement>(&command)) {
        sound_.swap(replacement->sound);
        before_.swap(replacement->sound); // what is still being faded out goes back with the command
        faded_ = 0;
    } else if (auto* clicks = std::get_if<std::shared_ptr<const ClickTrack>>(&command)) {
        clicks_.swap(*clicks);
    }
}

/// The music from position_ on; just after it was mixed otherwise, from how it was before to how it is now.
void Mixer::take_music(std::span<float> stereo) {
    if (sound_)
        sound_->add_to(stereo, position_);
    if (!before_ || faded_ >= fade)
        return;
    const std::size_t now = std::min(fade - faded_, stereo.size() / 2);
    const auto old = std::span(faded_music_).first(2 * now);
    std::fill(old.begin(), old.end(), 0.0f);
    before_->add_to(old, position_);
    for (std::size_t i = 0; i < now; ++i) {
        const float share = static_cast<float>(faded_ + i + 1) / static_cast<float>(fade);
        for (const std::size_t at : {2 * i, 2 * i + 1})
            stereo[at] = old[at] + (stereo[at] - old[at]) * share;
    }
    faded_ += now;
}

/// Fills all of `stereo`, which is silent, from position_ on, which lies within the range, and moves on.
void Mixer::take_part(std::span<float> stereo) {
    const float music_target = music_gain_.load(std::memory_order_relaxed);
    const float click_target = click_gain_.load(std::memory_order_relaxed);
    const auto frames = static_cast<std::int64_t>(stereo.size() / 2);
    const float step = frames > 0 ? (music_target - music_now_) / static_cast<float>(frames) : 0.0f;
    take_music(stereo);
    for (std::int64_t i = 0; i < frames; ++i) {
        const float gain = i + 1 == frames ? music_target : music_now_ + step * static_cast<float>(i + 1);
        stereo[static_cast<std::size_t>(2 * i)] *= gain;
        stereo[static_cast<std::size_t>(2 * i + 1)] *= gain;
    }
    music_now_ = music_target;
    click_now_ = click_target;
    if (clicks_ && click_now_ > 0)
        clicks_->add_to(stereo, position_, click_now_);
    if (const auto edge = range_.edge.value; edge > 0) {
        const auto end = range_end().value;
        for (std::int64_t i = 0; i < frames; ++i) {
            const auto inside =
                std::min(position_.value + i - range_.from.value, end - 1 - position_.value - i);
            const float gain = std::clamp(static_cast<float>(inside) / static_cast<float>(edge), 0.0f, 1.0f);
            stereo[static_cast<std::size_t>(2 * i)] *= gain;
            stereo[static_cast<std::size_t>(2 * i + 1)] *= gain;
        }
    }
    position_ += Samples(frames);
    taken_ += frames;
}

/// Takes the next samples of the run, round the loop if there is one. Fewer than asked for at its end.
std::size_t Mixer::take(std::span<float> stereo) {
    std::size_t done = 0;
    const auto total = stereo.size() / 2;
    const Samples end = range_end();
    while (playing_ && done < total) {
        const auto left = std::max<std::int64_t>((end - position_).value, 0);
        const auto part = std::min(total - done, static_cast<std::size_t>(left));
        take_part(stereo.subspan(2 * done, 2 * part));
        done += part;
        if (position_ < end)
            continue;
        if (range_.loop && range_.loop_from < end) {
            position_ = range_.loop_from;
            map_.turn(device_of_taken(), {position_, true, speed(), range_.run});
        } else {
            stand_at(end, device_of_taken());
        }
    }
    return done;
}

void Mixer::render_stretched(std::span<float> stereo) {
    auto& stretch = *range_.stretch;
    const auto total = stereo.size() / 2;
    while (stretch.available() < total) {
        std::fill(stretch_input_.begin(), stretch_input_.end(), 0.0f);
        if (playing_)
            take(stretch_input_); // what is missing at the end stays silent, and pushes the rest out
        stretch.feed(stretch_input_);
    }
    stretch.pull(stereo);
    if (!playing_) { // nothing is heard beyond the end
        const auto device = rendered_.load(std::memory_order_relaxed);
        const auto left =
            std::clamp<std::int64_t>(silent_from_.value - device, 0, static_cast<std::int64_t>(total));
        std::fill(stereo.begin() + 2 * left, stereo.end(), 0.0f);
    }
}

void Mixer::render(std::span<float> stereo) noexcept {
    for (Command command; commands_.pop(command);) {
        apply(command);
        retired_.push(std::move(command));
    }
    std::fill(stereo.begin(), stereo.end(), 0.0f);
    const auto device = rendered_.load(std::memory_order_relaxed);
    if (range_.stretch && (playing_ || device < silent_from_.value))
        render_stretched(stereo);
    else if (playing_)
        take(stereo);
    rendered_.store(device + static_cast<std::int64_t>(stereo.size() / 2), std::memory_order_relaxed);
}

} // namespace pulsepin
