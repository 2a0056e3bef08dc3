// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/play_ahead.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr Frames most_ahead(4);
constexpr int coarsest = 4;
// A picture of half the sides has a quarter of the pixels, but not everything goes by pixels.
constexpr double quicker = 0.4;
constexpr int pictures_until_coarser = 8, pictures_until_finer = 48;
constexpr double seldom_less = 0.7; ///< of what the threads can do: finer where it would take less than that

} // namespace

void PlayAhead::begin() {
    ordered_.reset();
    heard_.reset();
}

bool PlayAhead::jumped(Frames now) {
    const bool back = heard_ && now + Frames(1) < *heard_; // the clock of a device may step back a little
    const bool far = ordered_ && *ordered_ > now + reach_ + most_ahead;
    heard_ = now;
    return back || far;
}

std::optional<Frames> PlayAhead::next(Seconds now, FrameRate rate, double speed, int free_threads) {
    // What is begun now is there when so much more has been heard.
    const Frames in_time = rate.frame_at(now + Seconds(takes_.value * speed));
    const Frames frame = ordered_ ? std::max(in_time, *ordered_ + Frames(1)) : in_time;
    // Where there is time, some may wait for a thread; else they would be late once they are begun.
    const bool has_time = frame > in_time;
    if (free_threads <= 0 && !has_time)
        return std::nullopt;
    if (frame > std::max(in_time, rate.frame_at(now) + most_ahead))
        return std::nullopt;
    reach_ = frame - rate.frame_at(now);
    return frame;
}

void PlayAhead::composed(Seconds took, int threads, FrameRate rate, double speed) {
    constexpr double least_speed = 0.01;
    takes_ = takes_ == Seconds(0) ? took : Seconds(takes_.value * 0.8 + took.value * 0.2);
    const double needed =
        takes_.value * rate.per_second() * std::max(least_speed, speed) / std::max(1, threads);
    too_slow_ = needed > 1 ? too_slow_ + 1 : 0;
    quick_ = needed < seldom_less * quicker ? quick_ + 1 : 0;
    if (too_slow_ >= pictures_until_coarser && coarseness_ < coarsest) {
        coarseness_ *= 2;
        takes_ = Seconds(takes_.value * quicker);
        too_slow_ = quick_ = 0;
    } else if (quick_ >= pictures_until_finer && coarseness_ > 1) {
        coarseness_ /= 2;
        takes_ = Seconds(takes_.value / quicker);
        too_slow_ = quick_ = 0;
    }
}

void PlayAhead::rest() {
    begin();
    coarseness_ = 1;
    too_slow_ = quick_ = 0;
    takes_ = {};
}

} // namespace pulsepin
