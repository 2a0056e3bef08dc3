// SPDX-License-Identifier: GPL-3.0-or-later
#include "player.h"

#include "devices/pulse_output.h"
#include "devices/steady_output.h"

#include <cmath>

namespace pulsepin {

Player::Player(Device device, QObject* parent) : QObject(parent), device_(device) {
    timer_.setInterval(8);
    timer_.setTimerType(Qt::PreciseTimer);
    connect(&timer_, &QTimer::timeout, this, &Player::tick);
    rest_timer_.setSingleShot(true);
    rest_timer_.setInterval(400);
    connect(&rest_timer_, &QTimer::timeout, this, [this] {
        if (!playing_ && output_)
            output_->run(false);
    });
}

Player::~Player() = default;

void Player::set_sound(std::shared_ptr<const SampleStore> sound) {
    if (sound == sound_)
        return;
    stop();
    output_.reset();
    sound_ = std::move(sound);
    stopped_at_ = Seconds(0);
    if (!sound_) {
        mixer_.reset();
        return;
    }
    mixer_ = std::make_unique<Mixer>(sound_->format().sample_rate);
    mixer_->set_sound(sound_);
    mixer_->set_music_gain(music_gain_);
    mixer_->set_click_gain(click_gain_);
    rebuild_clicks();
}

void Player::set_grid(const BeatGrid* grid) {
    if (!grid && !grid_)
        return;
    if (grid && grid_ && *grid == *grid_)
        return;
    grid_ = grid ? std::optional(*grid) : std::nullopt;
    rebuild_clicks();
}

void Player::rebuild_clicks() {
    if (!mixer_)
        return;
    std::vector<Click> clicks;
    if (grid_) {
        auto number = grid_->first_beat();
        for (const auto& beat : grid_->beats())
            clicks.push_back({as_samples(beat.time), grid_->is_downbeat(number++)});
    }
    mixer_->set_clicks(std::make_shared<const ClickTrack>(std::move(clicks), mixer_->sample_rate()));
}

void Player::set_music_volume(double share) {
    music_gain_ = static_cast<float>(share * share); // a square comes close to how loudness is felt
    if (mixer_)
        mixer_->set_music_gain(music_gain_);
}

void Player::set_click_volume(double share) {
    click_gain_ = static_cast<float>(share * share);
    if (mixer_)
        mixer_->set_click_gain(click_gain_);
}

Samples Player::as_samples(Seconds time) const {
    const double rate = static_cast<double>(mixer_->sample_rate());
    return Samples(std::llround(std::max(time.value, 0.0) * rate));
}

void Player::open_output() {
    if (device_ == Device::System) {
        if (auto opened = open_pulse_output(*mixer_)) {
            output_ = std::move(*opened);
            emit device_changed({});
            return;
        }
    }
    output_ = make_steady_output(*mixer_);
    emit device_changed(tr("No sound device: playing silently against a steady clock"));
}

void Player::play(const Range& range) {
    if (!mixer_)
        return;
    if (!output_ || !output_->alive())
        open_output();
    PlayRange samples{as_samples(range.from), std::nullopt, false, {}, ++run_};
    if (range.until)
        samples.until = std::min(as_samples(*range.until), sound_->length());
    if (range.loop_to) {
        samples.loop = true;
        samples.loop_from = as_samples(*range.loop_to);
    }
    from_ = range.from;
    mixer_->play(samples);
    rest_timer_.stop();
    output_->run(true);
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
    timer_.stop();
    rest_timer_.start(); // the device rests once the silence has reached it
    emit stopped();
}

Seconds Player::position() const {
    if (!playing_)
        return stopped_at_;
    const auto place = mixer_->heard(output_->heard());
    if (place.run != run_)
        return from_; // not heard yet
    return Seconds(static_cast<double>(place.position.value) / static_cast<double>(mixer_->sample_rate()));
}

void Player::tick() {
    mixer_->service();
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
    emit moved();
}

} // namespace pulsepin
