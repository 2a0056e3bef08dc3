// SPDX-License-Identifier: GPL-3.0-or-later
#include "write_sound.h"

#include "follow/listening.h"
#include "hand/piece_clicks.h"
#include "hand/piece_cues.h"
#include "media/sound_file.h"
#include "no_such.h"
#include "play/click_sound.h"
#include "project_arguments.h"
#include "schedule/piece_length.h"
#include "show/timecode_sound.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

Result<void> among(std::span<const ParamChoice> choices, const std::string& id, const char* what) {
    if (std::any_of(choices.begin(), choices.end(), [&](const ParamChoice& one) { return one.id == id; }))
        return {};
    return no_such(what, id, choices, &ParamChoice::id);
}

Result<void> write_clicks(const Project& project, const std::string& out) {
    const Schedule schedule(project);
    const std::int64_t rate = project.song ? project.song->sample_rate : 48'000;
    const auto samples = [rate](Seconds time) {
        return Samples(std::llround(time.value * static_cast<double>(rate)));
    };
    std::vector<Click> clicks;
    for (const auto& click : clicks_of_piece(schedule))
        if (click.at >= Seconds(0))
            clicks.push_back({samples(click.at), click.accent, click.sound});
    if (clicks.empty() || piece_end(project) <= Seconds(0))
        return fail("There is nothing that clicks.", {}, "Find the beats first.");
    const auto sound = click_sound(std::move(clicks), samples(piece_end(project)), rate);
    if (!sound)
        return tl::unexpected(sound.error());
    return write_sound_file(**sound, out, {}, cues_of_piece(schedule, rate));
}

Result<void> write_timecode(const Project& project, const std::string& out) {
    const auto sound = timecode_sound(project);
    if (!sound)
        return tl::unexpected(sound.error());
    return write_sound_file(**sound, out, {},
                            cues_of_piece(Schedule(project), (*sound)->format().sample_rate));
}

} // namespace

Result<void> write_sound(const WriteSoundRequest& request) {
    const auto project = project_to_write_from(request.project, request.out, request.replace);
    if (!project)
        return tl::unexpected(project.error());
    if (!is_sound_file(request.out))
        return fail("Sounds are written as WAV or FLAC.", request.out,
                    "End the file's name in .wav or .flac.");
    if (request.sound == "click")
        return write_clicks(*project, request.out);
    if (request.sound == "timecode")
        return write_timecode(*project, request.out);
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
    return write_sound_file(samples, request.out, {},
                            cues_of_piece(Schedule(*project), samples.format().sample_rate));
}

} // namespace pulsepin
