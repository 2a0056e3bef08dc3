// SPDX-License-Identifier: GPL-3.0-or-later
//
// Makes the demo project from the song and the clips beside it: pulsepin-demo-project FOLDER
#include "interchange/found_song.h"
#include "interchange/project_file.h"
#include "media/load_sound.h"
#include "media/video_reader.h"
#include "model/edits.h"
#include "schedule/place.h"

#include <cstdio>

namespace {

using namespace pulsepin;

template <class T>
T must(Result<T> result) {
    if (!result) {
        std::fprintf(stderr, "%s\n", result.error().message().c_str());
        std::exit(1);
    }
    return *std::move(result);
}

Ticks bar(const Project& project, std::int64_t number) {
    return project.grid->ticks_of({number, 1, 0});
}

Project with_marker(const Project& project, std::int64_t at_bar, const char* name, const char* note,
                    int colour, int symbol) {
    return must(
        with_pins(project, project.first_lane(LaneKind::Marker)->id,
                  {{{}, MusicalAnchor{bar(project, at_bar)}, MarkerBody{name, note, colour, symbol}, {}}}));
}

} // namespace

int main(int argc, char** argv) {
    if (argc != 2) {
        std::fputs("usage: pulsepin-demo-project FOLDER\n", stderr);
        return 1;
    }
    const std::filesystem::path folder = std::filesystem::absolute(argv[1]);
    Project project = new_project();
    Settings settings = *project.settings;
    settings.title = "Kite day";
    project = with_settings(project, settings);

    const auto sound = must(load_sound(folder / "over-the-levee.opus"));
    project = with_song(project, {sound.path, "Over the Levee", sound.samples->format().sample_rate,
                                  sound.samples->length(), sound.fingerprint});
    const auto analysis = must(analyze(*sound.samples));
    project = with_detection(project, as_detection(analysis), true);

    std::vector<Clip> clips;
    for (const char* name : {"spool", "launch", "tail", "crowd", "loop", "landing"}) {
        const auto path = folder / (std::string(name) + ".webm");
        const auto reader = must(VideoReader::open(path));
        clips.push_back({{}, name, path, reader.info().duration, reader.info().width, reader.info().height});
    }
    project = with_clips(project, clips);
    project = with_marker(project, 9, "launch", "the drums stop", 0, 0);
    project = with_marker(project, 13, "drop", "all in", 1, 4);
    project = with_marker(project, 21, "bridge", "half as fast", 4, 2);
    project = with_marker(project, 31, "last chord", "", 0, 0);

    const LaneId cuts = project.first_lane(LaneKind::Cut)->id;
    const Picker slow{"downbeats", bar(project, 1), bar(project, 13), {{"every-nth", {2, 0}}}};
    project = must(place(project, cuts, slow)).project;
    project = with_lane(project, LaneKind::Trigger, "Flash");
    TriggerBody flash;
    flash.length = {Length::Unit::InFrames, 6};
    flash.from = flash.to = Colour{0xf2b134};
    Variation fading;
    fading.strength = Variation::Strength::Alternates;
    fading.low = 50;
    const Picker pulse{"beats", bar(project, 13), bar(project, 17), {{"every-nth", {2, 0}}}};
    project =
        must(place(project, project.first_lane(LaneKind::Trigger)->id, pulse, {flash, {}, fading})).project;
    if (auto saved = save_project(project, folder / "kite-day.pulsepin"); !saved) {
        std::fprintf(stderr, "%s\n", saved.error().message().c_str());
        return 1;
    }
    return 0;
}
