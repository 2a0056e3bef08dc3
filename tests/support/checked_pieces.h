// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/checks.h"
#include "support/scene.h"

/// Pieces without faults, and what is found in others.
namespace pulsepin::test {

inline CheckMaterial material_of(const Project& project) {
    CheckMaterial material;
    material.curves = Curves{Schedule(project)};
    return material;
}

inline std::vector<Finding> found_in(const Project& project) {
    return findings(material_of(project));
}

/// The only finding of that check; a failing one where there are others or none.
inline Finding only(const std::vector<Finding>& found, std::string_view id) {
    Finding one;
    int count = 0;
    for (const auto& finding : found)
        if (finding.check == id) {
            one = finding;
            ++count;
        }
    return count == 1 ? one : Finding{};
}

inline Project cuts_on_beats(Project project, int count, int every = 4) {
    const LaneId lane = lane_of_kind(project, kind_of(body_type<CutBody>));
    std::vector<Pin> pins;
    for (int i = 0; i < count; ++i)
        pins.push_back({{},
                        MusicalAnchor{Ticks(i * every * 960)},
                        CutBody{(*project.bin)[static_cast<std::size_t>(i % 6)].id, Seconds(0)},
                        {}});
    return *with_pins(project, lane, std::move(pins));
}

/// A piece without faults: cuts on every other bar, that end with it.
inline Project clean(double seconds = 60) {
    return cuts_on_beats(steady_project(120, 0, seconds), static_cast<int>(seconds / 4), 8);
}

inline LaneId cuts_of(const Project& project) {
    return lane_of_kind(project, kind_of(body_type<CutBody>));
}

inline PinId pin_at(const Project& project, LaneId lane, std::size_t index) {
    return project.lane(lane)->pins[index].id;
}

inline Project mended_by(const Project& project, const Finding& finding, std::string_view mend = {}) {
    const auto material = material_of(project);
    const auto done = mended({material, finding}, mend);
    if (!done)
        qWarning("%s", done.error().message().c_str());
    return done ? done->project : project;
}

} // namespace pulsepin::test
