// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/mix_down.h"
#include "media/sound_part.h"
#include "model/listened.h"
#include "schedule/sound_parts.h"

#include <map>

namespace pulsepin {

/// The decoded sounds of a project, all at the song's rate. What is not there is missing.
struct ProjectSounds {
    struct Samples {
        std::shared_ptr<const SampleStore> samples;
        std::string fingerprint;
        friend bool operator==(const Samples& a, const Samples& b) { return a.samples == b.samples; }
    };
    Samples song;
    std::map<ClipId, Samples> clips; ///< those that lie in lanes of sounds
    friend bool operator==(const ProjectSounds&, const ProjectSounds&) = default;
};

/// Decodes the song, and with `lanes` all that lies beside it. Fails where the song cannot be read.
[[nodiscard]] Result<ProjectSounds> load_project_sounds(const Project& project, bool lanes,
                                                        const Progress& progress = {});

/// What is heard of the project: the song as its track says, and the lanes beside it, each as long as it
/// sounds and the piece is. Sounds that are not there are left out.
[[nodiscard]] MixPlan heard_plan(const Schedule& schedule, const ProjectSounds& sounds);
/// One lane of sounds by itself, muted or not.
[[nodiscard]] MixPlan lane_plan(const Schedule& schedule, LaneId lane, const ProjectSounds& sounds);

/// How a sound that is listened to is made of those that are there.
struct SoundRecipe {
    MixPlan plan;
    /// The plan is these samples and nothing else.
    std::shared_ptr<const SampleStore> samples;
    SoundPartSpec part;
    std::string base_key, key; ///< of the plan, and of its part: the same for the same samples
    friend bool operator==(const SoundRecipe& a, const SoundRecipe& b) { return a.key == b.key; }
};
/// Fails, telling what is missing, where the song, the lane or a sound in it is not there.
[[nodiscard]] Result<SoundRecipe> recipe_for(const Listened& listened, const Schedule& schedule,
                                             const ProjectSounds& sounds, double from_hz = 0,
                                             double until_hz = 0);

/// Another part of what the recipe is made of.
[[nodiscard]] SoundRecipe part_of(SoundRecipe recipe, SoundPartSpec part);

/// "the song", "percussive part of Drums, left".
[[nodiscard]] std::string name_of(const Listened& listened, const Project& project);

} // namespace pulsepin
