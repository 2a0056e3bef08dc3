// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/player.h"

#include "devices/pulse_output.h"
#include "devices/steady_output.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr int rest_after_ms = 600; // the device rests once the silence has reached it
constexpr Seconds shortest_snippet(0.06);
constexpr Seconds snippet_edge(0.006);

/// A square comes close to how loudness is felt.
float gain_of(double volume, bool muted) {
    return muted ? 0.0f : static_cast<float>(volume * volume);
}

} // namespace

Player::Player(Device device, QObject* parent) : QObject(parent), device_(device) {
    timer_.setInterval(8);
    timer_.setTimerType(Qt::PreciseTimer);
    connect(&timer_, &QTimer::timeout, this, &Player::tick);
    rest_timer_.setSingleShot(true);
    rest_timer_.setInterval(rest_after_ms);
    connect(&rest_timer_, &QTimer::timeout, this, [this] {
        if (!playing_ && output_)
            output_->run(false);
    });
}

Player::~Player() = default;

void Player::set_sound(std::shared_ptr<const SampleStore> sound) {
    set_sound(sound ? std::make_shared<const MixPlan>(plan_of(std::move(sound))) : nullptr);
}

void Player::set_sound(std::shared_ptr<const MixPlan> sound) {
    if (sound == sound_)
        return;
    stop();
    output_.reset();
    meter_.reset();
    sound_ = std::move(sound);
    stopped_at_ = Seconds(0);
    if (!sound_) {
        mixer_.reset();
        return;
    }
    mixer_ = std::make_unique<Mixer>(sound_->sample_rate);
    meter_.emplace(sound_->sample_rate);
    mixer_->set_sound(sound_);
    apply_volumes();
    rebuild_clicks();
}

void Player::replace_sound(std::shared_ptr<const MixPlan> sound) {
    if (!sound || !sound_ || sound->sample_rate != sound_->sample_rate)
        return set_sound(std::move(sound));
    sound_ = std::move(sound);
    if (playing_) // sounds that were silent until now are in memory before they are asked for
        hold_ahead(position());
    mixer_->replace_sound(sound_);
}

void Player::set_grid(const BeatGrid* grid) {
    if (!grid && !grid_)
        return;
    if (grid && grid_ && *grid == *grid_)
        return;
    grid_ = grid ? std::optional(*grid) : std::nullopt;
    rebuild_clicks();
}

void Player::set_events(std::vector<Event> events) {
    if (events == events_)
        return;
    events_ = std::move(events);
    rebuild_clicks();
}

void Player::rebuild_clicks() {
    if (!mixer_)
        return;
    std::vector<Click> clicks;
    if (grid_ && !click_muted_) {
        auto number = grid_->first_beat();
        for (const auto& beat : grid_->beats())
            clicks.push_back({as_samples(beat.time), grid_->is_downbeat(number++)});
    }
    for (const auto& event : events_)
        if (event.at >= Seconds(0))
            clicks.push_back({as_samples(event.at), false, event.sound});
    std::stable_sort(clicks.begin(), clicks.end(),
                     [](const Click& a, const Click& b) { return a.at < b.at; });
    mixer_->set_clicks(std::make_shared<const ClickTrack>(std::move(clicks), mixer_->sample_rate()));
}

void Player::apply_volumes() {
    if (!mixer_)
        return;
    mixer_->set_music_gain(gain_of(music_volume_, music_muted_));
    mixer_->set_click_gain(gain_of(click_volume_, false));
}

void Player::set_music_volume(double share) {
    music_volume_ = share;
    apply_volumes();
}

void Player::set_click_volume(double share) {
    click_volume_ = share;
    apply_volumes();
}

void Player::set_music_muted(bool muted) {
    music_muted_ = muted;
    apply_volumes();
}

void Player::set_click_muted(bool muted) {
    click_muted_ = muted; // of the beats: what lanes and rows let be heard stays
    rebuild_clicks();
}

void Player::set_speed(double speed) {
    speed = std::clamp(speed, TimeStretch::slowest, TimeStretch::fastest);
    if (speed == speed_)
        return;
    const Seconds here = position();
    speed_ = speed;
    if (playing_) {
        Range range = range_;
        range.from = here;
        play(range);
    }
}

Samples Player::as_samples(Seconds time) const {
    const double rate = static_cast<double>(mixer_->sample_rate());
    return Samples(std::llround(std::max(time.value, 0.0) * rate));
}

void Player::open_output() {
    if (device_ == Device::System) {
        if (auto opened = open_pulse_output(*mixer_, output_name_)) {
            output_ = std::move(*opened);
            emit device_changed({});
            return;
        }
    }
    output_ = make_steady_output(*mixer_);
    emit device_changed(tr("No sound device: playing silently against a steady clock"));
}

void Player::set_output(const std::string& name) {
    if (std::exchange(output_name_, name) != name && !playing_)
        output_.reset(); // it is opened anew when it is needed
}

void Player::run_output() {
    if (!output_ || !output_->alive())
        open_output();
    rest_timer_.stop();
    output_->run(true);
}

void Player::play(const Range& range) {
    if (!mixer_)
        return;
    PlayRange samples;
    samples.from = as_samples(range.from);
    samples.run = ++run_;
    if (range.until)
        samples.until = std::min(as_samples(*range.until), sound_->length);
    if (range.loop_to) {
        samples.loop = true;
        samples.loop_from = as_samples(*range.loop_to);
    }
    if (speed_ != 1)
        samples.stretch = std::make_shared<TimeStretch>(mixer_->sample_rate(), speed_);
    range_ = range;
    hold_ahead(range.from);
    measured_ = samples.from;
    mixer_->play(std::move(samples));
    run_output();
    playing_ = true;
    timer_.start();
    emit started();
}

void Player::stop() {
    if (!playing_)
        return;
    stopped_at_ = position();
    playing_ = false;
    mixer_->stop();
    meter_->reset();
    timer_.stop();
    rest_timer_.start();
    emit stopped();
}

void Player::scrub(Seconds at, Seconds length) {
    if (!mixer_ || playing_)
        return;
    PlayRange snippet;
    snippet.from = as_samples(at);
    snippet.until = std::min(as_samples(at + std::max(length, shortest_snippet)), sound_->length);
    snippet.run = ++run_;
    snippet.edge = as_samples(snippet_edge);
    mixer_->play(std::move(snippet));
    run_output();
    rest_timer_.start();
}

Seconds Player::position() const {
    if (!playing_)
        return stopped_at_;
    const auto place = mixer_->heard(output_->heard());
    if (place.run != run_)
        return range_.from; // not heard yet
    const double rate = static_cast<double>(mixer_->sample_rate());
    const Seconds late = extra_delay_ * (place.playing ? speed_ : 0.0);
    return std::max(Seconds(static_cast<double>(place.position.value) / rate) - late, Seconds(0));
}

/// Shows the meter the music that was heard since it was last looked at.
void Player::measure(Seconds until) {
    const Samples end = std::min(as_samples(until), sound_->length);
    if (end < measured_ || (end - measured_).value > mixer_->sample_rate()) // a jump
        measured_ = end;
    const float gain = gain_of(music_volume_, music_muted_);
    std::vector<float> stereo(static_cast<std::size_t>(2 * (end - measured_).value), 0.0f);
    sound_->add_to(stereo, measured_);
    for (float& value : stereo)
        value *= gain;
    meter_->add(stereo);
    measured_ = end;
}

void Player::hold_ahead(Seconds from) {
    constexpr Seconds behind{2}, ahead{10};
    held_from_ = from;
    Seconds first = from - behind, last = from + ahead;
    if (range_.loop_to && range_.until && *range_.until - *range_.loop_to < behind + ahead) {
        first = std::min(first, *range_.loop_to); // both ends of a short loop
        last = std::max(last, *range_.until);
    }
    sound_->hold(as_samples(first), as_samples(last));
}

void Player::tick() {
    mixer_->service();
    constexpr Seconds often{4};
    if (const Seconds now = position(); now < held_from_ || now > held_from_ + often)
        hold_ahead(now);
    if (!output_->alive()) {
        stop();
        output_.reset();
        emit device_changed(tr("The sound device went away: playback was paused"));
        return;
    }
    const auto place = mixer_->heard(output_->heard());
    if (place.run == run_ && !place.playing) {
        stop();
        return;
    }
    measure(position());
    emit moved();
}

} // namespace pulsepin
