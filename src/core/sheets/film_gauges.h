// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/quantity.h"

#include <span>
#include <string>
#include <string_view>

namespace pulsepin {

/// A width of film with how many frames a foot of it has.
struct FilmGauge {
    std::string_view id;    ///< "35"
    std::string_view label; ///< "35 mm"
    int frames_a_foot;
};

/// 35 mm with four perforations a frame: 16 a foot; 16 mm: 40 a foot (SMPTE ST 59 and ST 7 have the pitch;
/// the same in handbooks' tables, where 24 a second are 90 and 36 feet a minute).
[[nodiscard]] std::span<const FilmGauge> film_gauges();

/// Feet and frames counted from 0, as on a synchroniser: "12+07". A negative one has a minus before it.
[[nodiscard]] std::string feet_and_frames(Frames frame, const FilmGauge& gauge);

} // namespace pulsepin
