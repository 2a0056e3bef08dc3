// SPDX-License-Identifier: GPL-3.0-or-later
//
// The rows of the table of checks, each in the file of what it looks at; not for use outside of this layer.
#pragma once

#include "check/checks.h"

namespace pulsepin {

extern const CheckRow off_beat_check, off_onset_check, same_frame_check, two_names_check,
    doubtful_check;                                                               // places
extern const CheckRow short_shot_check, short_material_check, outside_shot_check; // shots
extern const CheckRow overlap_check, fight_check, flat_check, two_lights_check, unlit_check,
    unpatched_check;                                                             // motion
extern const CheckRow reading_check, safe_area_check, unseen_check, mouth_check; // texts
extern const CheckRow clipped_check, loudness_check;                             // sound
extern const CheckRow missing_check, unreadable_check, clip_rate_check, variable_rate_check, light_check,
    fields_check, turned_check, wide_pixels_check,
    timecode_check;                                 // files
extern const CheckRow flash_check, red_flash_check; // flashes

/// A finding at a pin of a lane.
[[nodiscard]] inline Finding finding_at(const CheckRow& row, const Lane& lane, PinId pin, Seconds at) {
    Finding found;
    found.check = row.id;
    found.gravity = row.gravity;
    found.lane = lane.id;
    found.pin = pin;
    found.at = found.until = at;
    return found;
}

/// "cut", or the name of the thing in quotes where it has one.
[[nodiscard]] std::string what_is(const Lane& lane, const Pin& pin, const Project& project);

} // namespace pulsepin
