// SPDX-License-Identifier: GPL-3.0-or-later
#include "add_things.h"

#include "files_of_shots.h"
#include "follow/feeds.h"
#include "follow/freeze.h"
#include "hand/clip_file.h"
#include "hand/hand_edits.h"
#include "hand/word_hand.h"
#include "interchange/exporters.h"
#include "interchange/grid_importers.h"
#include "kinds/kinds.h"
#include "media/load_sound.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/shot_edits.h"
#include "schedule/add_pin.h"
#include "schedule/piece_length.h"
#include "schedule/place_text.h"
#include "words/lyric_formats.h"

#include <iostream>

namespace pulsepin {
namespace {

namespace fs = std::filesystem;

/// "KIND=NAME" by the edit that the window has for it.
Result<Project> added(const Project& project, const char* edit, const std::string& told) {
    const auto equals = told.find('=');
    const HandEdit& row = *hand_edit(edit);
    ParamValues values{{"kind", told.substr(0, equals)}};
    if (equals != std::string::npos)
        values.set("name", told.substr(equals + 1));
    const Schedule schedule(project);
    auto done = row.run({schedule, {}, {}, {}, {}, values_for(row, values)});
    if (!done)
        return tl::unexpected(done.error());
    return std::move(done->project);
}

Result<Project> with_sound(const Project& project, const std::string& file) {
    LoadOptions plainly;
    plainly.for_drawing = false;
    const auto sound = load_sound(file, {}, plainly);
    if (!sound)
        return tl::unexpected(sound.error());
    Clip clip;
    clip.name = fs::path(file).stem().string();
    clip.path = fs::absolute(file);
    clip.duration = sound->samples->duration();
    clip.has_picture = false;
    clip.has_sound = true;
    Project next = with_clips(project, {clip});
    if (!next.first_lane(body_type<SoundBody>))
        next = with_lane(next, kind_of(body_type<SoundBody>), "Sound");
    SoundBody body;
    body.sound = next.bin->back().id;
    body.length = clip.duration;
    return with_pins(next, next.first_lane(body_type<SoundBody>)->id,
                     {{{}, TimeAnchor{Seconds(0)}, body, {}}});
}

} // namespace

namespace {

/// Into the first lane of words, or a new one; tells how many were set and how many wait.
Result<Project> with_words(const Project& project, const std::string& file) {
    const auto lyric = load_lyric(file);
    if (!lyric)
        return tl::unexpected(lyric.error());
    const Lane* lane = project.first_lane(body_type<WordBody>);
    const LaneOfWords begun = lane ? LaneOfWords{project, lane->id} : with_lane_of_words(project);
    auto taken = with_lyric(begun.project, begun.lane, *lyric);
    if (!taken)
        return tl::unexpected(taken.error());
    std::cout << taken->set + taken->spread << " words set, " << taken->waiting << " wait\n";
    return std::move(taken->project);
}

} // namespace

Result<void> add_things(const AddRequest& request) {
    const auto before = project_to_change(request.change);
    if (!before)
        return tl::unexpected(before.error());
    Project project = *before;
    const auto files = files_of_shots(request.shots);
    if (!files)
        return tl::unexpected(files.error());
    std::vector<Clip> clips;
    for (const auto& file : *files) {
        auto clip = clip_of_file(fs::absolute(file));
        if (!clip)
            return tl::unexpected(clip.error());
        clips.push_back(*std::move(clip));
    }
    project = with_clips(project, clips);
    const auto go_on = [&](Result<Project> next) -> Result<void> {
        if (!next)
            return tl::unexpected(next.error());
        project = *std::move(next);
        return {};
    };
    for (const auto& file : request.sounds)
        if (auto done = go_on(with_sound(project, file)); !done)
            return done;
    if (!request.words.empty())
        if (auto done = go_on(with_words(project, request.words)); !done)
            return done;
    for (const auto& lane : request.lanes)
        if (auto done = go_on(added(project, "add-lane", lane)); !done)
            return done;
    for (const auto& layer : request.layers)
        if (auto done = go_on(added(project, "add-layer", layer)); !done)
            return done;
    if (auto saved = save_changed(*before, project, request.change); !saved)
        return saved;
    std::cout << "added: " << clips.size() << " shots, " << request.sounds.size() << " sounds, "
              << request.lanes.size() << " lanes, " << request.layers.size() << " layers\n";
    return {};
}

Result<void> open_beats(const OpenBeatsRequest& request) {
    const auto project = project_to_change(request.change);
    if (!project)
        return tl::unexpected(project.error());
    auto grid = import_grid(request.beats);
    if (!grid)
        return tl::unexpected(grid.error());
    const auto count = grid->beats().size();
    if (auto saved = save_changed(*project, relabelled(*project, *std::move(grid)), request.change); !saved)
        return saved;
    std::cout << count << " beats\n";
    return {};
}

Result<void> mark(const MarkRequest& request) {
    const auto before = project_to_change(request.change);
    if (!before)
        return tl::unexpected(before.error());
    const auto lane = find_lane(*before, request.lane);
    if (!lane)
        return tl::unexpected(lane.error());
    Project project = *before;
    std::size_t count = 0;
    for (const auto& text : request.places) {
        const auto place =
            place_of_text(project, text, project.grid ? PlainNumber::AsBar : PlainNumber::AsSeconds);
        if (!place)
            return tl::unexpected(place.error());
        const auto time = anchored_time(*place, project);
        if (!time || *time < Seconds(0) || *time > piece_end(project))
            return fail("\"" + text + "\" lies outside of the song.", request.change.project,
                        "Name a place within it.");
        auto added = with_pin_added(project, *lane, *time);
        if (!added)
            return tl::unexpected(added.error());
        count += added->was_there ? 0 : 1;
        project = std::move(added->project);
        if (const Pin* pin = project.pin(added->pin))
            if (const auto* there = body_if<MarkerBody>(&pin->body);
                there && (!request.name.empty() || !request.note.empty())) {
                MarkerBody named = *there;
                if (!request.name.empty())
                    named.name = request.name;
                if (!request.note.empty())
                    named.note = request.note;
                auto changed = with_body(project, added->pin, named);
                if (!changed)
                    return tl::unexpected(changed.error());
                project = *std::move(changed);
            }
    }
    if (auto saved = save_changed(*before, project, request.change); !saved)
        return saved;
    std::cout << count_text(count, project.lane(*lane)->kind) << "\n";
    return {};
}

Result<void> freeze(const FreezeRequest& request) {
    const auto project = project_to_change(request.change);
    if (!project)
        return tl::unexpected(project.error());
    const auto id = find_lane(*project, request.lane);
    if (!id)
        return tl::unexpected(id.error());
    const Lane& lane = *project->lane(*id);
    const auto feeds = lane.kind->drives() ? feeds_of(lane) : std::vector<Feed>();
    if (feeds.empty())
        return fail("“" + lane.name + "” drives nothing.");
    const auto curves = curves_of_project(*project);
    if (!curves)
        return tl::unexpected(curves.error());
    auto keys = keys_per_frame(*curves, lane, feeds.front(), Frames(0), piece_length(*project));
    if (request.tolerance > 0)
        keys = simplified(keys, request.tolerance).keys;
    const auto made = frozen(*project, *id, 0, keys, kind_of(body_type<KeyBody>));
    if (!made)
        return tl::unexpected(made.error());
    if (auto saved = save_changed(*project, *made, request.change); !saved)
        return saved;
    std::cout << keys.size() << " keys\n";
    return {};
}

} // namespace pulsepin
