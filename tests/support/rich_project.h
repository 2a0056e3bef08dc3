// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/change_pins.h"
#include "model/lane_edits.h"
#include "model/planting_edits.h"
#include "model/stage_edits.h"
#include "schedule/pulses.h"
#include "support/projects.h"

namespace pulsepin::test {

/// Everything that a planting, a picker, a trigger and a marker can hold, none of it as it is by itself.
inline Project with_plantings_and_triggers(Project project) {
    Detection levels = *project.detection;
    levels.levels = {-23.4f, -100, -7.123456f};
    project = with_detection(project, levels, false);
    Song song = *project.song;
    song.from = Samples(4800);
    project.song = std::make_shared<const Song>(song);
    auto bin = *project.bin;
    bin[1].begins_at = Seconds(-1.25);
    bin[2].still = true;
    project.bin = std::make_shared<const std::vector<Clip>>(bin);
    const auto cuts = lane_of_kind(project, kind_of(body_type<CutBody>));
    ShotChoice choice{ShotChoice::Order::Weighted,
                      {{bin[0].id, 2}, {bin[1].id, 0.5}},
                      9,
                      ShotChoice::Start::AtMarker,
                      Seconds(0.5),
                      "peak",
                      Frames(12)};
    CutBody cut{bin[0].id, Seconds(0), true, Frames(6)};
    const Picker picker{
        "onsets", Ticks(960), Ticks(9600), {{"every-nth", {{"n", 2.0}, {"offset", 1.0}}}}, {{"row", "kick"}}};
    Planting planting{PlantingId{project.next_id++},
                      cuts,
                      "kicks",
                      picker,
                      {cut, choice},
                      Ticks(240),
                      Frames(-2),
                      {Ticks(1920)}};
    Planting untold{PlantingId{project.next_id++}, cuts, "beats, every 2nd"}; // as earlier versions wrote it
    project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash");
    const auto lane = lane_of_kind(project, kind_of(body_type<TriggerBody>));
    TriggerBody trigger{"strobe", {Length::Unit::InMilliseconds, 120.5}, 80, {0x123456}, {0xabcdef}, 2};
    Variation variation{Variation::Strength::Onsets, 10, 90, Variation::Colours::Ramp,
                        {{0xff0000}, {0xff}},        4};
    Planting flashes{PlantingId{project.next_id++},
                     lane,
                     "a list",
                     Picker{"list", Ticks(0), Ticks(9), {}, {}, {Ticks(1), Ticks(5)}, true},
                     {trigger, variation}};
    project.plantings =
        std::make_shared<const std::vector<Planting>>(std::vector<Planting>{planting, untold, flashes});
    Pin pin{{}, MusicalAnchor{Ticks(5)}, trigger, flashes.id, Ticks(5), true, true, true, true};
    project = *with_pins(project, lane, {pin});
    project = *with_pins(
        project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
        {{{}, TimeAnchor{Seconds(3)}, MarkerBody{"a", "b", 3, 4, {Length::Unit::InBeats, 2}}, {}}});
    project = *with_lane_locked(project, lane, true);
    project = with_lane(project, kind_of(body_type<PulseBody>), "Scale");
    const auto moving = lane_of_kind(project, kind_of(body_type<PulseBody>));
    Motion motion{{"kite scale", "%", 90, 140}, pulse_library()[2]};
    motion.pulse.falling = {"bezier", {0.1, -0.5, 0.9, 1.5}, 2.5};
    motion.pulse.held = {Length::Unit::InMilliseconds, 40};
    motion.pulse.crowding = Crowding::Add;
    project = *with_motion(project, moving, motion);
    project = *with_pins(project, moving, {{{}, MusicalAnchor{Ticks(7)}, PulseBody{-30}, {}}});
    return *with_picker_named(project, "kicks, every second", picker);
}

/// Lanes of words, notes and exposures with all that they can have.
inline Project with_texts_and_drawings(Project project) {
    const auto begun = [&](BodyType does, const char* name, const auto& change, PinBody body) {
        project = with_lane(project, kind_of(does), name);
        const LaneId lane = project.lanes.back()->id;
        project = *with_pins(project, lane, {{{}, MusicalAnchor{Ticks(480)}, std::move(body), {}}});
        project = *with_changed_lane(project, lane, change);
        return lane;
    };
    const LaneId words = begun(
        body_type<WordBody>, "Sung",
        [](Lane& lane) {
            lane.parts.put(LaneText{
                {{"levee", "all", 3, 4, {Length::Unit::ToLineEnd, 1}}}, "de", 20, Frames(15), Frames(3)});
            lane.parts.put(Inked{{0x123456}, false, 2});
        },
        WordBody{"high", "singer", 2, 3, {Length::Unit::InBeats, 1.5}});
    begun(
        body_type<NoteBody>, "Translated",
        [](Lane& lane) {
            lane.parts.put(Inked{{0x654321}, false, 1});
        },
        NoteBody{"(crowd breathes in)", 1, {Length::Unit::InMilliseconds, 700}});
    const LaneId drawn = begun(
        body_type<ExposureBody>, "Drawn",
        [&](Lane& lane) {
            lane.parts.put(Exposing{Frames(3), {{"lips", ClipId{1}}}, {{"lips", "m b p"}}, words});
        },
        ExposureBody{"3", 9, Frames(2), ExposureBody::Way::ToAndFro, false});
    Stage stage = *project.stage;
    stage.band = {true, 500, 25, 30, false};
    for (auto& layer : stage.layers)
        if (layer.kind == layers::picture)
            layer.drawings = drawn;
    project.stage = std::make_shared<const Stage>(std::move(stage));
    return project;
}

/// Everything that the picture can hold.
inline Project with_rich_stage(Project project) {
    Layer title{{}, layers::title, "Words"};
    title.text = "two\nlines";
    title.options = {{"align", "left"}};
    title.colours = {{"shadow-colour", {0x112233}}};
    title.values = {{"shown", 40}, {"blur#2", 4}};
    title.effects = {{"blur", 2}, {"glow", 1, true}};
    title.blend = "screen";
    title.locked = title.motion_blur = true;
    project = *with_layer(project, title);
    const LayerId words = project.stage->layers[project.stage->layers.size() - 2].id;
    Layer line{{}, layers::line, "Line"};
    line.points = {{0, 1, 2}, {3, 4, 5}};
    line.matte = {Matte::Kind::LayerLight, words, true};
    line.parent = words;
    project = *with_layer(project, line);
    const LayerId both[] = {words, project.stage->layers[project.stage->layers.size() - 2].id};
    project = *with_group_of(project, both, "both");
    project =
        *with_look_kept(project, {"mine", true, title.effects, title.values, title.colours, title.options});
    project = with_motion_blur(project, true, 90, 12);
    project = with_lane(project, kind_of(body_type<AppearanceBody>), "Appears");
    const LaneId lane = project.lanes.back()->id;
    const Showing showing{words,
                          {"type", {Length::Unit::InBeats, 2}, {"back-out"}},
                          Frames(5),
                          true,
                          {"fade", {Length::Unit::InFrames, 6}, {}},
                          "sway",
                          4,
                          50,
                          1.5,
                          Showing::Words::LitLine};
    project = *with_showing(project, lane, showing);
    const AppearanceBody body{
        {Length::Unit::ToSectionEnd, 1},
        1,
        2,
        3,
        4,
        true,
        {0x445566},
        Frames(7),
        8,
        "nine",
        "Serif",
        700,
        "behind",
        "grow",
        {{"rotation", 0, 20, {{0, 0}, {100, 100}}}, {"colour", 0, 0, {{0, 100, {}, Colour{0x102030}}}}},
        2};
    project = *with_pins(project, lane, {{{}, MusicalAnchor{Ticks(960)}, body, {}}});
    auto plantings = *project.plantings;
    plantings.push_back({PlantingId{project.next_id++},
                         lane,
                         "appearances",
                         Picker{"beats", Ticks(0), Ticks(9600), {}, {}},
                         {body, Spread{1, 2, 3, 4, 5, 6, 7, 8, 9, 10, {{1}, {2}}, 11}}});
    project.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    project = with_texts_and_drawings(std::move(project));
    Motion motion;
    motion.own.target = {words, "colour"};
    motion.own.meets = Meets::Times;
    motion.own.by_age = true;
    motion.own.palette = {{3}, {4}};
    motion.follower.steps = {
        {"floor", {}, false, {{"at", lane_of_kind(project, kind_of(body_type<PulseBody>)), 0.1, 0.9}}}};
    project = with_lane(project, kind_that_follows(), "Driven");
    return *with_motion(project, project.lanes.back()->id, motion);
}

/// Everything that a project can hold, none of it as it is by itself.
inline Project rich_project() {
    Project project = with_random_pins(steady_project(118, 0.37, 70, "29.97"), 3, 80);
    Detection found;
    found.grid = *project.grid;
    found.tempi = {{Bpm(118), 0.8f}, {Bpm(59), 0.2f}};
    found.swing = 1.9;
    found.pulse = 0.75f;
    found.rows.resize(3);
    found.rows[0].name = "onsets";
    found.rows[0].onsets = {{Seconds(0.1), 0.5f}, {Seconds(1.0 / 3), 1.0f}};
    found.rows[1].name = "air";
    found.rows[1].band = {8000, 16000};
    found.rows[1].shown = false;
    found.rows[2].name = "like 1.20 s";
    found.rows[2].like = OnsetRow::Like{Seconds(1.2), Seconds(1.2), 0.65};
    found.rows[2].sensitivity = 0.3;
    found.rows[2].least_strength = 0.1;
    found.rows[2].smallest_gap = Seconds(0.07);
    found.sections = {{Seconds(0), Seconds(20), "A", false, 1}, {Seconds(20), Seconds(70), "B", true, 0.4f}};
    project = with_detection(project, found, false);
    project = *with_lead(project, lane_of_kind(project, kind_of(body_type<CutBody>)), Frames(3));
    project = with_lane(project, kind_of(body_type<SoundBody>), "Sound");
    SoundBody sound{project.bin->front().id, Seconds(0.5), Seconds(3),        -4.5,
                    Seconds(0.25),           Seconds(1),   FadeCurve::Linear, FadeCurve::EqualPower};
    project = *with_pins(project, lane_of_kind(project, kind_of(body_type<SoundBody>)),
                         {{{}, TimeAnchor{Seconds(2)}, sound, {}}});
    project = *with_mute_and_solo(project, lane_of_kind(project, kind_of(body_type<SoundBody>)), true, false);
    return with_rich_stage(with_plantings_and_triggers(std::move(project)));
}

} // namespace pulsepin::test
