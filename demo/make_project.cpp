// SPDX-License-Identifier: GPL-3.0-or-later
//
// Makes the demo project from the song and the clips beside it: pulsepin-demo-project FOLDER
#include "detect/detection_of.h"
#include "hand/composition.h"
#include "hand/light_hand.h"
#include "hand/stage_hand.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "media/load_sound.h"
#include "media/video_reader.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/rig_edits.h"
#include "model/stage_edits.h"
#include "schedule/place.h"
#include "schedule/pulses.h"

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
        with_pins(project, project.first_lane(body_type<MarkerBody>)->id,
                  {{{}, MusicalAnchor{bar(project, at_bar)}, MarkerBody{name, note, colour, symbol}, {}}}));
}

LayerId add_layer(Project& project, Layer layer) {
    project = must(with_layer(project, std::move(layer)));
    return project.stage->layers[project.stage->layers.size() - 2].id;
}

LaneId add_curve(Project& project, LaneKind kind, const char* name, Motion motion) {
    project = with_lane(project, kind, name);
    const LaneId id = project.lanes.back()->id;
    project = must(with_motion(project, id, std::move(motion)));
    return id;
}

Pin key(const Project& project, std::int64_t at_bar, double value, const char* easing = "sine-in-out") {
    KeyBody body{value, {}};
    body.easing.id = easing;
    return {{}, MusicalAnchor{bar(project, at_bar)}, body, {}};
}

LaneId add_appearances(Project& project, LayerId layer, const char* name, Showing showing) {
    auto made = must(with_lane_of_appearances(project, layer, kind_of(body_type<AppearanceBody>)));
    project = must(with_lane_named(made.project, made.lane, name));
    showing.layer = layer;
    project = must(with_showing(project, made.lane, std::move(showing)));
    return made.lane;
}

/// Rings around the kite on every second beat, that grow while the next begin; sparks on every kick; both in
/// a group. Before the drop a title in two lines, typed on.
Project with_comings_and_goings(Project project) {
    Layer ring{{}, layers::shape, "Ring"};
    ring.colour = {0xfff4d6};
    ring.values = {{"fill", 0}, {"line-width", 7}, {"scale", 320}};
    const LayerId ring_id = add_layer(project, ring);
    Layer sparks{{}, layers::sparks, "Sparks"};
    sparks.colour = {0xffd890};
    sparks.values = {{"spark-life", 0.8}, {"spark-speed", 420}, {"spark-size", 7}};
    const LayerId sparks_id = add_layer(project, sparks);
    const LayerId lights[] = {ring_id, sparks_id};
    project = must(with_group_of(project, lights, "Lights"));
    Layer group = *project.stage->layer(project.stage->layer(ring_id)->group);
    group.values = {{"position-x", 330}, {"position-y", -90}};
    group.blend = "screen";
    project = must(with_changed_layer(project, group));

    Showing grows;
    grows.comes = {"grow", {Length::Unit::InFrames, 40}, {.id = "sine-out"}};
    grows.goes = {"fade", {Length::Unit::InFrames, 30}, {.id = "linear"}};
    grows.early = Frames(0);
    const LaneId rings = add_appearances(project, ring_id, "Rings", grows);
    AppearanceBody body;
    body.length = {Length::Unit::InFrames, 40};
    const Picker beats{"beats", bar(project, 13), bar(project, 20), {{"every-nth", {{"n", 2.0}}}}};
    project = must(place(project, rings, beats, {body, Spread{}})).project;

    Motion kicks;
    kicks.own = {"sparks burst", "sparks", 0, 60, {sparks_id, "burst"}};
    const LaneId bursts = add_curve(project, kind_of(body_type<PulseBody>), "Sparks", kicks);
    const Picker hits{"onsets", bar(project, 13), bar(project, 20), {}, {{"row", "kick"}}};
    project = must(place(project, bursts, hits, {PulseBody{}, Variation{}})).project;

    Layer title{{}, layers::title, "Opening"};
    title.text = "over the levee";
    title.colour = {0x5a2c1e};
    title.values = {{"font-weight", 500}, {"letter-space", 14}, {"font-size", 95}, {"position-y", -150}};
    const LayerId opening = add_layer(project, title);
    Showing typed;
    typed.comes = {"rise", {Length::Unit::InFrames, 10}, {.id = "sine-out"}};
    typed.goes = {"fade", {Length::Unit::InFrames, 12}, {.id = "sine-in"}};
    typed.letter_delay = 1.5;
    const LaneId openings = add_appearances(project, opening, "Opening", typed);
    AppearanceBody first;
    first.length = {Length::Unit::InBeats, 12};
    first.text = "over the\nlevee";
    project = must(with_pins(project, openings, {{{}, MusicalAnchor{bar(project, 9)}, first, {}}}));
    return project;
}

/// A kite and three words over the shots of the chorus, that the music moves.
Project in_motion(Project project) {
    const LayerId shots = project.stage->layers.front().id, camera = project.stage->layers.back().id;
    Layer kite{{}, layers::shape, "Kite"};
    kite.shape = "kite";
    kite.colour = {0xc4472b};
    kite.values = {{"position-x", 330}, {"position-y", -90}, {"rotation", 14}, {"opacity", 0}};
    const LayerId kite_id = add_layer(project, kite);
    Layer title{{}, layers::title, "Words"};
    title.text = "let it rise";
    title.colour = {0xfff4d6};
    title.values = {{"position-x", -250}, {"position-y", 240}, {"opacity", 0}, {"glow-limit", 40}};
    const LayerId words = add_layer(project, title);

    Motion gust;
    gust.own = {"kite scale", "%", 100, 130, {kite_id, "scale"}};
    for (const auto& pulse : pulse_library())
        if (pulse.name == "gust")
            gust.pulse = pulse;
    gust.feeds = {{"shots blur", "px", 0, 12, {shots, "blur"}, Feed::Limits{0, 400}},
                  {"glow limit", "%", 100, 20, {words, "glow-limit"}, Feed::Limits{0, 100}},
                  {"camera shake", "px", 0, 6, {camera, "shake"}, Feed::Limits{0, 1000}}};
    const LaneId scale = add_curve(project, kind_of(body_type<PulseBody>), "Kite scale", gust);
    project = must(with_lead(project, scale, Frames(2)));
    Variation by_turns;
    by_turns.strength = Variation::Strength::Alternates;
    by_turns.low = 60;
    const Picker beats{"beats", bar(project, 13), bar(project, 21), {{"every-nth", {{"n", 2.0}}}}};
    project = must(place(project, scale, beats, {PulseBody{}, by_turns})).project;

    Motion kick;
    kick.own = {"words glow", "%", 0, 160, {words, "glow"}, Feed::Limits{0, 400}};
    kick.follower.values.set("from", 30.0);
    kick.follower.values.set("until", 110.0);
    kick.follower.steps = {{"fill", {}},
                           {"excess", {{"at", 0.15}}},
                           {"attack-release", {{"attack", 0.0}, {"release", 160.0}}},
                           {"floor", {{"at", 0.05}}},
                           {"ceiling", {{"at", 0.6}}}};
    add_curve(project, kind_that_follows(), "Kick glow", kick);

    Motion sway;
    sway.own = {"camera zoom", "%", 100, 104, {camera, "scale"}};
    sway.follower.source = "wave";
    add_curve(project, kind_that_follows(), "Camera zoom", sway);

    Motion seen;
    seen.own = {"kite opacity", "%", 0, 100, {kite_id, "opacity"}, Feed::Limits{0, 100}};
    seen.feeds = {{"words opacity", "%", 0, 100, {words, "opacity"}, Feed::Limits{0, 100}}};
    const LaneId opacity = add_curve(project, kind_of(body_type<KeyBody>), "Kite seen", seen);
    project = must(with_pins(project, opacity,
                             {key(project, 12, 0), key(project, 13, 100, "sine-out"), key(project, 20, 100),
                              key(project, 21, 0, "sine-in")}));
    return with_comings_and_goings(std::move(project));
}

/// The same cuts with two of the compositions that ship: a title over the break, light in two colours on the
/// drop.
Project composed_of_ready(Project project) {
    Settings settings = *project.settings;
    settings.title = "Kite day, composed";
    project = with_settings(project, settings);
    const auto use = [&](std::string_view name, std::int64_t from, std::int64_t until,
                         const std::string& text) {
        const auto& ready = ready_compositions();
        const auto found = std::find_if(ready.begin(), ready.end(),
                                        [&](const Composition& one) { return one.name == name; });
        CompositionUse where{bar(project, from), bar(project, until)};
        where.text = text;
        project = must(with_composition(project, *found, where)).project;
    };
    use("Title that flies in and breathes", 9, 13, "over the levee");
    use("Ring on the beat", 13, 17, {});
    return project;
}

/// Eight lanterns on the two banks of the river, that light on the drop and are seen in the film.
Project with_lanterns(Project project) {
    Settings settings = *project.settings;
    settings.title = "Kite day with lanterns";
    project = with_settings(project, settings);
    using Shape = LampArrangement::Shape;
    project = must(with_lamps(
        project, {.name = "far bank", .count = 4, .shape = Shape::Arc, .y = 70, .width = 76, .height = 5}));
    const LampId far = project.rig->groups.back().id;
    project = must(with_lamps(
        project, {.name = "near bank", .count = 4, .shape = Shape::Arc, .y = 88, .width = 86, .height = -5}));
    const LampId near = project.rig->groups.back().id;
    for (const auto& clip : *project.bin)
        if (clip.name == "landing") // the place, below the plan
            project = must(with_rig(project, [&clip](Rig& rig) { rig.picture = clip.id; }));
    project = with_lane(project, kind_of(body_type<LightBody>), "Lanterns");
    const LaneId lane = project.lanes.back()->id;
    const Colour saffron{0xf4b430}, red{0xd2362a}, dark{0};
    const auto lit = [&](std::vector<LampId> on, std::int64_t at_bar, double beat, const LightBody& body) {
        project = must(with_light(
            project, lane, std::move(on),
            MusicalAnchor{bar(project, at_bar) + Ticks(std::llround((beat - 1) * ticks_per_beat)), Frames(0)},
            body));
    };
    const auto body = [](Colour from, Colour to, double beats, LightBody::Pattern pattern, double each = 0.5,
                         bool backwards = false) {
        LightBody made;
        made.from = from;
        made.to = to;
        made.length = {Length::Unit::InBeats, beats};
        made.pattern = pattern;
        made.each = each;
        made.backwards = backwards;
        return made;
    };
    using Pattern = LightBody::Pattern;
    for (const std::int64_t first : {13, 17}) {
        lit({}, first, 1, body(saffron, dark, 2, Pattern::Together));
        lit({far}, first, 3, body(saffron, saffron, 0.5, Pattern::Together));
        lit({near}, first, 4, body(red, red, 0.5, Pattern::Together));
        lit({far}, first + 1, 1, body(saffron, dark, 1, Pattern::Across));
        lit({near}, first + 1, 1, body(red, dark, 1, Pattern::Across, 0.5, true));
        lit({far}, first + 2, 1, body(saffron, dark, 4, Pattern::ByTurns, 1));
        lit({near}, first + 2, 1, body(red, red, 4, Pattern::ByTurns, 2));
        LightBody rising = body(saffron, saffron, 3, Pattern::FromMiddle, 0.5);
        rising.attack = 90;
        lit({far}, first + 3, 1, rising);
        lit({near}, first + 3, 3, body(red, red, 2, Pattern::OneByOne));
    }
    Layer lamps = new_layer(layers::lamps);
    lamps.name = "Lanterns";
    lamps.values = {{"lamps-size", 18}, {"lamps-glow", 70}};
    project = must(with_layer(project, std::move(lamps)));
    return project;
}

/// The same piece with a shot that is over before the song is, for the stop Check to find.
Project with_findings(Project project) {
    Settings settings = *project.settings;
    settings.title = "Kite day with findings";
    project = with_settings(project, settings);
    const Lane& cuts = *project.first_lane(body_type<CutBody>);
    const PinId last[] = {cuts.pins.back().id};
    return with_bodies(project, last, [](PinBody& body) { body_of<CutBody>(body).in_point = Seconds(40); });
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
    project = with_detection(project, detection_of(analysis), true);

    std::vector<Clip> clips;
    for (const char* name : {"spool", "launch", "tail", "crowd", "loop", "landing"}) {
        const auto path = folder / (std::string(name) + ".webm");
        const auto reader = must(VideoReader::open(PictureFile{path, 0}));
        clips.push_back({{}, name, path, reader.info().duration, reader.info().width, reader.info().height});
    }
    project = with_clips(project, clips);
    project = with_marker(project, 9, "launch", "the drums stop", 0, 0);
    project = with_marker(project, 13, "drop", "all in", 1, 4);
    project = with_marker(project, 21, "bridge", "half as fast", 4, 2);
    project = with_marker(project, 31, "last chord", "", 0, 0);

    const LaneId cuts = project.first_lane(body_type<CutBody>)->id;
    const Picker slow{"downbeats", bar(project, 1), bar(project, 13), {{"every-nth", {{"n", 2.0}}}}};
    project = must(place(project, cuts, slow)).project;
    project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash");
    TriggerBody flash;
    flash.length = {Length::Unit::InFrames, 6};
    flash.from = flash.to = Colour{0xf2b134};
    Variation fading;
    fading.strength = Variation::Strength::Alternates;
    fading.low = 50;
    const Picker pulse{"beats", bar(project, 13), bar(project, 17), {{"every-nth", {{"n", 2.0}}}}};
    project =
        must(place(project, project.first_lane(body_type<TriggerBody>)->id, pulse, {flash, fading})).project;
    const std::pair<const char*, Project> files[] = {
        {"kite-day.pulsepin", project},
        {"kite-day-in-motion.pulsepin", in_motion(project)},
        {"kite-day-with-lanterns.pulsepin", with_lanterns(project)},
        {"kite-day-composed.pulsepin", composed_of_ready(project)},
        {"kite-day-with-findings.pulsepin", with_findings(project)}};
    for (const auto& [name, made] : files)
        if (auto saved = save_project(made, folder / name); !saved) {
            std::fprintf(stderr, "%s\n", saved.error().message().c_str());
            return 1;
        }
    return 0;
}
