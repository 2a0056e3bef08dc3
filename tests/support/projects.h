// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "kinds/kinds.h"
#include "model/edits.h"

#include <random>

namespace pulsepin::test {

inline LaneId lane_of_kind(const Project& project, LaneKind kind) {
    return project.first_lane(kind)->id;
}

/// A song of `seconds`, a steady grid from `bar_one` on, six shots of nine seconds, no pins.
inline Project steady_project(double bpm = 120, double bar_one = 0, double seconds = 60,
                              const char* rate = "24") {
    Project project = new_project();
    Settings settings = *project.settings;
    settings.title = "Test piece";
    settings.frame_rate = *FrameRate::parse(rate);
    project = with_settings(project, settings);
    project = with_song(project, {"/music/song.wav", "song", 48000,
                                  Samples(static_cast<std::int64_t>(seconds * 48000)), "f"});
    project = relabelled(project, *BeatGrid::steady(Bpm(bpm), Seconds(bar_one), {}, Seconds(seconds)));
    std::vector<Clip> clips;
    for (const char* name : {"spool", "launch", "tail", "crowd", "loop", "landing"})
        clips.push_back({{}, name, std::string("/shots/") + name + ".webm", Seconds(9), 640, 360});
    return with_clips(project, clips);
}

/// Pins of all kinds of anchors at random places.
inline Project with_random_pins(Project project, std::uint32_t seed, int count) {
    std::mt19937 random(seed);
    const auto below = [&](int n) { return static_cast<int>(random() % static_cast<std::uint32_t>(n)); };
    std::vector<PinId> markers;
    for (int i = 0; i < count; ++i) {
        const bool cut = below(2) == 0;
        Pin pin{{}, TimeAnchor{Seconds(below(60'000) / 1000.0)}, MarkerBody{"m" + std::to_string(i), ""}, {}};
        if (cut)
            pin.body = CutBody{(*project.bin)[static_cast<std::size_t>(below(6))].id, Seconds(below(3))};
        switch (below(4)) {
        case 0:
            pin.anchor = MusicalAnchor{Ticks(below(100'000) - 2000), Seconds((below(200) - 100) / 1000.0)};
            break;
        case 1:
            pin.anchor = MusicalAnchor{Ticks(below(100) * 960), Frames(below(9) - 4)};
            break;
        case 2:
            if (!markers.empty())
                pin.anchor =
                    MarkerAnchor{markers[static_cast<std::size_t>(below(static_cast<int>(markers.size())))],
                                 Seconds(0.25)};
            break;
        default:
            break;
        }
        const PinId id{project.next_id};
        project = *with_pins(
            project,
            lane_of_kind(project, cut ? kind_of(body_type<CutBody>) : kind_of(body_type<MarkerBody>)), {pin});
        if (!cut)
            markers.push_back(id);
    }
    return project;
}

} // namespace pulsepin::test
