// SPDX-License-Identifier: GPL-3.0-or-later
#include "write_sound.h"

#include "follow/listening.h"
#include "hand/piece_cues.h"
#include "media/write_wav.h"
#include "no_such.h"
#include "project_arguments.h"

#include <algorithm>

namespace pulsepin {
namespace {

Result<void> among(std::span<const ParamChoice> choices, const std::string& id, const char* what) {
    if (std::any_of(choices.begin(), choices.end(), [&](const ParamChoice& one) { return one.id == id; }))
        return {};
    return no_such(what, id, choices, &ParamChoice::id);
}

} // namespace

Result<void> write_sound(const WriteSoundRequest& request) {
    const auto project = project_to_write_from(request.project, request.out, request.replace);
    if (!project)
        return tl::unexpected(project.error());
    for (auto good :
         {among(listened_parts(), request.part, "part"), among(listened_sides(), request.side, "side")})
        if (!good)
            return good;
    Listened listened{request.sound, request.part, request.side};
    if (request.sound != "song" && request.sound != "sum") {
        const auto lane = find_lane(*project, request.sound);
        if (!lane)
            return tl::unexpected(lane.error());
        listened.sound = sound_of_lane(*lane);
    }
    const auto sounds = load_project_sounds(*project, listened.sound != "song");
    if (!sounds)
        return tl::unexpected(sounds.error());
    const auto recipe = recipe_for(listened, Schedule(*project), *sounds, request.from_hz, request.until_hz);
    if (!recipe)
        return tl::unexpected(recipe.error());
    Listening listening;
    const auto made = listening.sound(*recipe);
    if (!made)
        return tl::unexpected(made.error());
    const auto& samples = *(*made)->samples;
    return write_wav(samples, request.out, {},
                     cues_of_piece(Schedule(*project), samples.format().sample_rate));
}

} // namespace pulsepin
