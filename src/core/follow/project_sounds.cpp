// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/project_sounds.h"

#include "follow/song_sound.h"
#include "schedule/shots.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>
#include <set>

namespace pulsepin {
namespace {

FadeShape shape_of(FadeCurve curve) {
    return curve == FadeCurve::Linear ? FadeShape::Linear : FadeShape::EqualPower;
}

Samples samples_of(Seconds time, std::int64_t rate) {
    return Samples(std::llround(time.value * static_cast<double>(rate)));
}

MixPart mix_part(Seconds start, const SoundBody& body, std::shared_ptr<const SampleStore> samples) {
    const std::int64_t rate = samples->format().sample_rate;
    MixPart part;
    part.samples = std::move(samples);
    part.start = samples_of(start, rate);
    part.in = samples_of(body.in_point, rate);
    part.length = samples_of(body.length, rate);
    part.gain = static_cast<float>(std::pow(10.0, body.gain_db / 20));
    part.fade_in = samples_of(body.fade_in, rate);
    part.fade_out = samples_of(body.fade_out, rate);
    part.shape_in = shape_of(body.curve_in);
    part.shape_out = shape_of(body.curve_out);
    for (const auto& point : body.gain_line)
        part.line.push_back({samples_of(point.at, rate), static_cast<float>(point.db)});
    return part;
}

void add(MixPlan& plan, const std::vector<SoundPart>& parts, const ProjectSounds& sounds) {
    for (const auto& part : parts) {
        const auto found = sounds.clips.find(part.body.sound);
        if (found == sounds.clips.end() || !found->second.samples)
            continue;
        plan.parts.push_back(mix_part(part.start, part.body, found->second.samples));
        const auto& added = plan.parts.back();
        plan.length = std::max(plan.length, added.start + added.length);
    }
}

MixPlan empty_plan(const ProjectSounds& sounds) {
    MixPlan plan;
    if (sounds.song.samples) {
        plan.sample_rate = sounds.song.samples->format().sample_rate;
        plan.length = sounds.song.samples->length();
    }
    return plan;
}

/// FNV-1a, 64 bit: a text that may be a part of a file's name.
std::string short_of(const std::string& text) {
    std::uint64_t hash = 0xcbf29ce484222325ULL;
    for (const char c : text)
        hash = (hash ^ static_cast<unsigned char>(c)) * 0x100000001b3ULL;
    return fmt::format("{:016x}", hash);
}

/// Of all that decides on the samples of a mix.
std::string key_of_parts(const std::vector<SoundPart>& parts, const ProjectSounds& sounds,
                         const std::string& more) {
    std::string all = more;
    for (const auto& part : parts) {
        const auto found = sounds.clips.find(part.body.sound);
        const auto& b = part.body;
        all += fmt::format("|{} {:a} {:a} {:a} {:a} {:a} {:a} {}{}",
                           found == sounds.clips.end() ? "" : found->second.fingerprint, part.start.value,
                           b.in_point.value, b.length.value, b.gain_db, b.fade_in.value, b.fade_out.value,
                           static_cast<int>(b.curve_in), static_cast<int>(b.curve_out));
        for (const auto& point : b.gain_line)
            all += fmt::format(",{:a} {:a}", point.at.value, point.db);
    }
    return "mix-" + short_of(all);
}

std::string part_key(const SoundRecipe& recipe) {
    return recipe.base_key + "-" + short_of(key_of(recipe.part));
}

Result<void> all_there(const std::vector<SoundPart>& parts, const Project& project,
                       const ProjectSounds& sounds) {
    for (const auto& part : parts)
        if (const auto found = sounds.clips.find(part.body.sound);
            found == sounds.clips.end() || !found->second.samples) {
            const Clip* clip = project.clip(part.body.sound);
            return fail("A sound that is listened to is not there.", clip ? clip->path.string() : "",
                        "Put the file back, or take the sound out of its lane.");
        }
    return {};
}

} // namespace

MixPlan heard_plan(const Schedule& schedule, const ProjectSounds& sounds) {
    const Project& project = schedule.project();
    MixPlan plan = empty_plan(sounds);
    if (!sounds.song.samples)
        return plan;
    if (song_is_heard(project)) {
        SoundBody body = project.song_track->body;
        const Seconds whole = sounds.song.samples->duration();
        if (body.length <= Seconds(0))
            body.length = whole - body.in_point;
        plan.parts.push_back(mix_part(body.in_point, body, sounds.song.samples));
    }
    add(plan, heard_parts(schedule), sounds);
    if (const auto ends = project.settings->ends)
        plan.length = std::max(plan.length, samples_of(*ends, plan.sample_rate));
    return plan;
}

MixPlan lane_plan(const Schedule& schedule, LaneId lane, const ProjectSounds& sounds) {
    MixPlan plan = empty_plan(sounds);
    add(plan, parts_of_lane(schedule, lane), sounds);
    return plan;
}

Result<SoundRecipe> recipe_for(const Listened& listened, const Schedule& schedule,
                               const ProjectSounds& sounds, double from_hz, double until_hz) {
    const Project& project = schedule.project();
    if (!sounds.song.samples)
        return fail("The song's sound is not there.", {}, "Open the song first.");
    SoundRecipe recipe;
    recipe.part = {listened.part, listened.side, from_hz, until_hz};
    if (listened.sound == "sum") {
        const auto parts = heard_parts(schedule);
        if (auto good = all_there(parts, project, sounds); !good)
            return tl::unexpected(good.error());
        recipe.plan = heard_plan(schedule, sounds);
        SoundPart song{{}, {}, project.song_track->body};
        recipe.base_key = key_of_parts(
            parts, sounds,
            song_is_heard(project) ? key_of_parts({song}, {}, sounds.song.fingerprint) : "without the song");
    } else if (const auto id = lane_of_sound(listened.sound)) {
        const Lane* lane = project.lane(*id);
        if (!lane || !holds<SoundBody>(lane->kind))
            return fail("The lane of sounds that is listened to is gone.", {}, "Choose another sound.");
        const auto parts = parts_of_lane(schedule, *id);
        if (parts.empty())
            return fail("There is no sound on the lane \"" + lane->name + "\".", {},
                        "Put a sound there, or choose another one.");
        if (auto good = all_there(parts, project, sounds); !good)
            return tl::unexpected(good.error());
        recipe.plan = lane_plan(schedule, *id, sounds);
        recipe.base_key = key_of_parts(parts, sounds, std::to_string(recipe.plan.length.value));
    } else {
        recipe.samples = sounds.song.samples;
        recipe.plan = plan_of(sounds.song.samples);
        recipe.base_key = sounds.song.fingerprint;
    }
    recipe.key = recipe.part.is_all() ? recipe.base_key : part_key(recipe);
    return recipe;
}

SoundRecipe part_of(SoundRecipe recipe, SoundPartSpec part) {
    recipe.part = std::move(part);
    recipe.key = recipe.part.is_all() ? recipe.base_key : part_key(recipe);
    return recipe;
}

std::string name_of(const Listened& listened, const Project& project) {
    std::string name = "the song";
    if (listened.sound == "sum")
        name = "all that is heard";
    else if (const auto id = lane_of_sound(listened.sound)) {
        const Lane* lane = project.lane(*id);
        name = lane ? lane->name : "a lane that is gone";
    }
    const auto label = [](std::span<const ParamChoice> choices, const std::string& id) {
        for (const auto& choice : choices)
            if (choice.id == id)
                return std::string(choice.label);
        return id;
    };
    if (listened.part != "whole")
        name = label(listened_parts(), listened.part) + " of " + name;
    if (listened.side != "both")
        name += ", " + label(listened_sides(), listened.side);
    return name;
}

Result<ProjectSounds> load_project_sounds(const Project& project, bool lanes, const Progress& progress) {
    ProjectSounds sounds;
    if (!project.song)
        return sounds;
    auto song = load_song(*project.song, progress.part(0, lanes ? 0.5 : 1), false);
    if (!song)
        return tl::unexpected(song.error());
    sounds.song = {song->samples, song->fingerprint};
    if (!lanes)
        return sounds;
    std::set<ClipId> wanted;
    for (const auto& lane : project.lanes)
        if (holds<SoundBody>(lane->kind))
            for (const auto& pin : lane->pins)
                wanted.insert(body_of<SoundBody>(pin.body).sound);
    for (const ClipId id : wanted) {
        const Clip* clip = project.clip(id);
        if (!clip)
            continue;
        LoadOptions options;
        options.sample_rate = sounds.song.samples->format().sample_rate;
        options.for_drawing = false;
        auto loaded = load_sound(clip->path, progress.part(0.5, 1), options);
        if (loaded)
            sounds.clips[id] = {loaded->samples, loaded->fingerprint};
        else if (loaded.error().cancelled())
            return tl::unexpected(loaded.error());
    }
    return sounds;
}

} // namespace pulsepin
