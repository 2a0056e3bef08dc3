// SPDX-License-Identifier: GPL-3.0-or-later
//
// What commands decide: edits of what is selected and at a moment.
#include "hand/copying.h"
#include "hand/hand_edits.h"
#include "hand/hits.h"
#include "model/anchored_time.h"
#include "model/edits.h"
#include "model/shot_edits.h"
#include "schedule/sound_parts.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

struct Table {
    Project project = steady_project(); // 120 BPM
    PinId cut, next_cut, marker, sound;

    Table() {
        auto clips = *project.bin;
        clips[0].begins_at = Seconds(-2);
        clips[3].begins_at = Seconds(1);
        clips[1].has_sound = true;
        project.bin = std::make_shared<const std::vector<Clip>>(clips);
        const auto& bin = *project.bin;
        cut = put(body_type<CutBody>, 2, CutBody{bin[0].id, Seconds(1)});
        next_cut = put(body_type<CutBody>, 6, CutBody{bin[1].id, Seconds(1)});
        marker = put(body_type<MarkerBody>, 4, MarkerBody{"here", ""});
    }
    PinId put(BodyType what, double seconds, const PinBody& body) {
        if (!project.first_lane(what))
            project = with_lane(project, kind_of(what), "More");
        const PinId id{project.next_id};
        project = *with_pins(project, project.first_lane(what)->id,
                             {{{}, MusicalAnchor{project.grid->nearest_tick(Seconds(seconds))}, body, {}}});
        return id;
    }
    void put_sound() {
        SoundBody body;
        body.sound = (*project.bin)[2].id;
        body.length = Seconds(4);
        sound = put(body_type<SoundBody>, 2, body);
    }
    [[nodiscard]] Result<HandEdited> run(std::string_view id, const PinSet& pins, double at = 0,
                                         ParamValues values = {}) const {
        const Schedule schedule(project);
        const HandEdit& row = *hand_edit(id);
        const Seconds time(at);
        return row.run({schedule,
                        pins,
                        time,
                        project.grid->time_at(project.grid->nearest_beat(time)),
                        {},
                        completed(values, row.parameters)});
    }
    static double time_in(const Project& project, PinId pin) {
        return anchored_time(project.pin(pin)->anchor, project)->value;
    }
};

} // namespace

class TestHandEdits : public QObject {
    Q_OBJECT
private slots:
    void each_has_a_name_of_its_own_and_refuses_where_there_is_nothing() {
        constexpr std::string_view of_nothing[] = {"add-lamps",   "patch-lamps", "light",
                                                   "drive-lamps", "output",      "rig"};
        std::set<std::string_view> ids;
        const Project empty = new_project();
        const Schedule schedule(empty);
        for (const auto& row : hand_edits()) {
            QVERIFY2(ids.insert(row.id).second, row.id.data());
            QVERIFY(!row.label.empty());
            QCOMPARE(hand_edit(row.id), &row);
            const auto edited = row.run({schedule, {}, {}, {}, {}, values_for(row, {})});
            if (std::ranges::count(of_nothing, row.id)) { // lamps need nothing else
                QVERIFY2(edited, row.id.data());
                continue;
            }
            QVERIFY2(!edited, row.id.data());
            QVERIFY(!edited.error().message().empty());
        }
        QVERIFY(!hand_edit("dance"));
    }

    void the_grid_is_corrected_by_name() {
        Table table;
        const auto tempo = [](const Result<HandEdited>& edited) {
            return edited->project.grid->typical_tempo().value;
        };
        QVERIFY(std::abs(tempo(table.run("tempo-ratio", {})) - 60) < 1e-9);
        QVERIFY(std::abs(tempo(table.run("tempo-ratio", {}, 0, {{"beats", 3.0}, {"of", 2.0}})) - 180) < 1e-9);
        const auto faster = table.run("tempo", {}, 0, {{"bpm", 150.0}});
        QVERIFY(std::abs(tempo(faster) - 150) < 1e-9);
        QVERIFY(Table::time_in(faster->project, table.marker) < 3.9); // with its beat
        const auto kept = table.run("tempo", {}, 0, {{"bpm", 150.0}, {"keep", "times"}});
        QCOMPARE(Table::time_in(kept->project, table.marker), 4.0);
        const auto waltz = table.run("metre", {}, 0, {{"beats", 3.0}});
        QCOMPARE(waltz->project.grid->position_of(Ticks(3 * ticks_per_beat)), (MusicalPosition{2, 1, 0}));
        QCOMPARE(Table::time_in(table.run("shift-grid", {}, 0, {{"ms", 250.0}})->project, table.marker),
                 4.25);
        const auto named = table.run("bar-one", {}, 2.0);
        QCOMPARE(named->project.grid->time_at(Ticks(0)), Seconds(2));
        QCOMPARE(Table::time_in(named->project, table.marker), 4.0);
        const auto beats = table.project.grid->beats().size();
        QCOMPARE(table.run("add-beat", {}, 2.25)->project.grid->beats().size(), beats + 1);
        QCOMPARE(table.run("delete-beat", {}, 2.0)->project.grid->beats().size(), beats - 1);
        QVERIFY(!table.run("fit-beats", {}, 2.0)); // nothing is held
        Table held;
        held.project = table.run("hold-beat", {}, 1.0)->project;
        held.project = held.run("hold-beat", {}, 3.0)->project;
        const auto same = held.run("fit-beats", {}, 2.0);
        QCOMPARE(same->count, std::size_t{4});
        QCOMPARE(Table::time_in(same->project, held.marker), 4.0);
        const auto three = held.run("fit-beats", {}, 2.0, {{"count", 3.0}});
        QCOMPARE(three->project.grid->beats().size(), beats - 1);
        QCOMPARE(Table::time_in(three->project, held.marker), 4.0);
        QVERIFY(!table.run("as-found", {})); // nothing was found
        const auto without = table.run("exclude", {}, 0, {{"from", 2.0}, {"until", 3.5}});
        QCOMPARE(*without->project.excluded, (std::vector<TimeSpan>{{Seconds(2), Seconds(3.5)}}));
        QVERIFY(!table.run("exclude", {}, 0, {{"from", 3.0}, {"until", 3.0}}));
        table.project.grid = nullptr;
        const Schedule bare(table.project);
        QVERIFY(!hand_edit("tempo")->run({bare, {}, {}, {}, {}, {}}));
        const auto steady = hand_edit("steady-grid")->run({bare, {}, Seconds(0.5), {}, {}, {{"bpm", 100.0}}});
        QVERIFY(std::abs(tempo(steady) - 100) < 1e-9);
        QCOMPARE(steady->project.grid->time_at(Ticks(0)), Seconds(0.5));
    }

    void layers_and_their_effects_are_changed_by_name() {
        Table table;
        const auto take = [&](std::string_view id, const ParamValues& values) {
            auto edited = table.run(id, {}, 0, values);
            if (edited)
                table.project = edited->project;
            return edited.has_value();
        };
        const auto layer = [&](const char* name) -> const Layer* {
            for (const auto& one : table.project.stage->layers)
                if (one.name == name)
                    return &one;
            return nullptr;
        };
        QVERIFY(take("add-layer", {{"kind", "title"}, {"name", "Words"}, {"text", "over"}}));
        QCOMPARE(layer("Words")->text, std::string("over"));
        QVERIFY(take("write-title", {{"layer", "Words"}, {"text", "the levee"}}));
        QCOMPARE(layer("Words")->text, std::string("the levee"));
        QVERIFY(take("set-layer", {{"layer", "Words"}, {"parameter", "scale"}, {"value", 60.0}}));
        QCOMPARE(layer("Words")->values.at("scale"), 60.0);
        QVERIFY(!take("set-layer", {{"layer", "Words"}, {"parameter", "opacity"}, {"value", 1e6}}));
        QVERIFY(!take("set-layer", {{"layer", "Words"}, {"parameter", "taste"}, {"value", 1.0}}));
        QVERIFY(take("add-effect", {{"layer", "Words"}, {"effect", "glow"}}));
        QCOMPARE(layer("Words")->effects.size(), std::size_t{1});
        QVERIFY(take("remove-effect", {{"layer", "Words"}, {"effect", "glow"}}));
        QVERIFY(layer("Words")->effects.empty());
        QVERIFY(take("hide-layer", {{"layer", "Words"}}) && layer("Words")->hidden);
        QVERIFY(take("name-layer", {{"layer", "Words"}, {"name", "Refrain"}}) && layer("Refrain"));
        QVERIFY(take("remove-layer", {{"layer", "Refrain"}}) && !layer("Refrain"));
        QVERIFY(!take("remove-layer", {{"layer", "Refrain"}}));
        QVERIFY(!take("add-layer", {{"kind", "hologram"}}));
    }

    void lanes_are_added_and_drive_by_name() {
        Table table;
        const auto take = [&](std::string_view id, const ParamValues& values) {
            auto edited = table.run(id, {}, 0, values);
            if (edited)
                table.project = edited->project;
            return edited.has_value();
        };
        const std::string shots = table.project.stage->layers.front().name;
        QVERIFY(take("add-lane", {{"kind", "pulses"},
                                  {"name", "Beat"},
                                  {"layer", shots},
                                  {"parameter", "scale"},
                                  {"peak", "118"}}));
        const Lane* lane = table.project.lanes.back().get();
        QCOMPARE(part_of<Motion>(*lane)->own.target.parameter, std::string("scale"));
        QCOMPARE(part_of<Motion>(*lane)->own.high, 118.0);
        QVERIFY(take("drive", {{"lane", "Beat"}, {"layer", shots}, {"parameter", "blur"}}));
        lane = table.project.lanes.back().get();
        QCOMPARE(part_of<Motion>(*lane)->own.low, 0.0); // an amount rests at nothing
        QVERIFY(part_of<Motion>(*lane)->own.high > 0);
        QVERIFY(take("mute-lane", {{"lane", "Beat"}}) && table.project.lanes.back()->muted);
        QVERIFY(take("lock-lane", {{"lane", "Beat"}}) && table.project.lanes.back()->locked);
        QVERIFY(!take("remove-lane", {{"lane", "Beat"}})); // it is locked
        QVERIFY(take("lock-lane", {{"lane", "Beat"}, {"locked", 0.0}}));
        QVERIFY(take("remove-lane", {{"lane", "Beat"}}));
        QVERIFY(!take("add-lane", {{"kind", "markers"}, {"layer", shots}, {"parameter", "scale"}}));
        QVERIFY(!take("add-lane", {{"kind", "dreams"}}));
    }

    void a_property_hits_on_each_onset_of_a_row() {
        Table table;
        Detection found;
        OnsetRow kick;
        kick.name = "kick";
        kick.onsets = {{Seconds(1), 1.0f}, {Seconds(2), 0.5f}, {Seconds(5), 1.0f}};
        found.rows.push_back(kick);
        table.project.detection = std::make_shared<const Detection>(found);
        const LayerId shots = table.project.stage->layers.front().id;
        const auto hits = with_hits(table.project, {shots, "scale"}, "kick");
        QVERIFY2(hits, hits ? "" : hits.error().message().c_str());
        QCOMPARE(hits->count, std::size_t{3});
        const Lane* lane = hits->project.lane(hits->lane);
        QCOMPARE(lane->name, std::string("Shots · scale on kick"));
        QCOMPARE(part_of<Motion>(*lane)->own.target, (Target{shots, "scale"}));
        const auto pins = resolve(hits->project, *lane).pins;
        QCOMPARE(pins.size(), std::size_t{3});
        QVERIFY(std::abs(pins[1].time.value - 2) < 0.01);
        QCOMPARE(
            with_hits(table.project, {shots, "scale"}, "kick", TimeSpan{Seconds(1.5), Seconds(4)})->count,
            std::size_t{1});
        QVERIFY(!with_hits(table.project, {shots, "scale"}, "snare"));
        QVERIFY(!with_hits(table.project, {LayerId{999}, "scale"}, "kick"));
        QVERIFY(!with_hits(table.project, {shots, "scale"}, "kick", TimeSpan{Seconds(8), Seconds(9)}));
        // The same by name.
        const auto named =
            table.run("hit", {}, 0, {{"row", "kick"}, {"layer", "Shots"}, {"parameter", "blur"}});
        QVERIFY2(named, named ? "" : named.error().message().c_str());
        QCOMPARE(named->count, std::size_t{3});
        // Without beats as well.
        table.project.grid = nullptr;
        QCOMPARE(with_hits(table.project, {shots, "scale"}, "kick")->count, std::size_t{3});
    }

    void the_piece_itself_is_changed_by_name() {
        Table table;
        QCOMPARE(table.run("picture-size", {}, 0, {{"width", 1080.0}, {"height", 1920.0}})
                     ->project.settings->picture_width,
                 1080);
        const auto film = table.run("frame-rate", {}, 0, {{"rate", "30000/1001"}});
        QCOMPARE(film->project.settings->frame_rate, *FrameRate::make(30000, 1001));
        QVERIFY(!table.run("frame-rate", {}, 0, {{"rate", "many"}}));
        QCOMPARE(table.run("name-piece", {}, 0, {{"title", "Levee"}})->project.settings->title,
                 std::string("Levee"));
        QCOMPARE(table.run("rounding", {}, 0, {{"rounding", "never-late"}})->project.settings->rounding,
                 FrameRounding::NeverLate);
    }

    void selected_pins_are_moved_and_locked_ones_left_alone() {
        Table table;
        table.project = with_pins_locked(table.project, std::vector{table.cut}, true);
        const PinSet both{table.cut, table.marker};
        const auto moved = table.run("move", both, 0, {{"beats", 2.0}});
        QCOMPARE(Table::time_in(moved->project, table.marker), 5.0);
        QCOMPARE(Table::time_in(moved->project, table.cut), 2.0);
        QCOMPARE(moved->count, std::size_t{1});
        QVERIFY(moved->told.find("locked") != std::string::npos);
        QCOMPARE(Table::time_in(table.run("move-bars", {table.marker}, 0, {{"bars", -1.0}})->project,
                                table.marker),
                 2.0);
        const auto nudged = table.run("nudge", {table.marker}, 0, {{"frames", 3.0}});
        QVERIFY(std::abs(Table::time_in(nudged->project, table.marker) - 4.125) < 1e-9);
        QVERIFY(!table.run("delete", both)->project.pin(table.marker));
        QVERIFY(table.run("delete", both)->project.pin(table.cut));
    }

    void values_of_pins_are_set_by_their_names() {
        Table table;
        const auto run = [&](std::string_view id, const PinSet& pins,
                             const ParamValues& values) -> Result<HandEdited> {
            return hand_edit(id)->run({Schedule(table.project), pins, {}, {}, {}, values});
        };
        const auto named = run("set", {table.marker}, {{"name", "drop"}, {"colour", "leaf"}});
        const auto& marker = body_of<MarkerBody>(named->project.pin(table.marker)->body);
        QCOMPARE(marker.name, std::string("drop"));
        QCOMPARE(marker.colour, 3);
        const auto faded = run("set", {table.cut}, {{"fade", 6.0}, {"in-point", 1.5}});
        const auto& cut = body_of<CutBody>(faded->project.pin(table.cut)->body);
        QCOMPARE(cut.fade, Frames(6));
        QCOMPARE(cut.in_point, Seconds(1.5));
        // Of several kinds there is no parameter that all have.
        QVERIFY(!run("set", {table.cut, table.marker}, {}));
        QVERIFY(parameters_of(*hand_edit("set"), table.project, {table.cut, table.marker}).empty());
        QVERIFY(find_param(parameters_of(*hand_edit("set"), table.project, {table.cut}), "fade"));
    }

    void each_parameter_of_a_pin_gives_what_it_was_given() {
        for (const auto kind : lane_kinds())
            for (const auto& param : kind->properties) {
                PinBody body = kind->empty_body();
                const auto other = [&]() -> ParamValue {
                    switch (param.spec.type) {
                    case ParamType::Number:
                    case ParamType::Whole:
                        return param.spec.least + 1;
                    case ParamType::Switch:
                        return 1.0;
                    case ParamType::Choice:
                        return std::string(param.spec.choices.back().id);
                    case ParamType::Length:
                        return Length{param.spec.units.back(), 3};
                    case ParamType::Curve:
                        return Easing{"sine-out"};
                    case ParamType::Colour:
                        return Colour{0x123456};
                    case ParamType::Shot:
                        return ClipId{7};
                    default:
                        return std::string("another");
                    }
                }();
                QVERIFY2(check_values({{std::string(param.spec.id), other}}, std::array{param.spec}),
                         param.spec.id.data());
                param.set(body, other);
                QCOMPARE(param.get(body), other);
            }
    }

    void the_shape_of_a_pulse_is_set_by_its_names() {
        Table table;
        table.project = with_lane(table.project, kind_of(body_type<PulseBody>), "Pulses");
        const LaneId lane = table.project.lanes.back()->id;
        table.project = *with_pins(table.project, lane, {{{}, TimeAnchor{Seconds(1)}, PulseBody{}, {}}});
        const PinId pin = table.project.lane(lane)->pins[0].id;
        const HandEdit& edit = *hand_edit("shape-pulse");
        ParamValues values;
        for (const auto* setting :
             {"up=3 frames", "rising=back-out 2", "crowding=join", "on-the-beat=arrives"})
            QVERIFY(set_from_text(values, edit.parameters, setting));
        const auto shaped = edit.run({Schedule(table.project), {pin}, {}, {}, {}, values_for(edit, values)});
        const Pulse& pulse = part_of<Motion>(*shaped->project.lane(lane))->pulse;
        QCOMPARE(pulse.up, (Length{Length::Unit::InFrames, 3}));
        QCOMPARE(pulse.rising.amount, 2.0);
        QCOMPARE(pulse.crowding, Crowding::Join);
        QVERIFY(pulse.arrives);
        QCOMPARE(pulse.down, Pulse{}.down); // what was not told stays
    }

    void locking_and_muting_make_all_alike() {
        Table table;
        const PinSet both{table.cut, table.marker};
        table.project = with_pins_muted(table.project, std::vector{table.cut}, true);
        const auto muted = table.run("mute", both);
        QVERIFY(muted->project.pin(table.cut)->muted && muted->project.pin(table.marker)->muted);
        table.project = muted->project;
        QVERIFY(!table.run("mute", both)->project.pin(table.cut)->muted);
        const auto locked = table.run("lock", both);
        QVERIFY(locked->project.pin(table.cut)->locked && locked->project.pin(table.marker)->locked);
        table.project = locked->project;
        QVERIFY(!table.run("lock", both)->project.pin(table.marker)->locked);
    }

    void cuts_are_slipped_rolled_rippled_and_swapped() {
        const Table table;
        const auto in_point = [&](const Result<HandEdited>& edited) {
            return body_of<CutBody>(edited->project.pin(table.cut)->body).in_point.value;
        };
        QCOMPARE(in_point(table.run("slip", {table.cut}, 0, {{"frames", 12.0}})), 1.5);
        const auto rolled_cut = table.run("roll", {table.cut}, 0, {{"beats", 1.0}});
        QCOMPARE(Table::time_in(rolled_cut->project, table.cut), 2.5);
        QCOMPARE(in_point(rolled_cut), 1.5);
        const auto rippled_cut = table.run("ripple", {table.cut}, 0, {{"beats", 1.0}});
        QCOMPARE(Table::time_in(rippled_cut->project, table.next_cut), 6.5);
        const auto swapped_shots = table.run("swap-with-next", {table.cut});
        QCOMPARE(body_of<CutBody>(swapped_shots->project.pin(table.cut)->body).shot,
                 (*table.project.bin)[1].id);
        QVERIFY(!table.run("swap-with-next", {table.next_cut})); // nothing comes after it
        QVERIFY(!table.run("roll", {table.cut, table.next_cut}));
        QVERIFY(!table.run("roll", {table.marker}));
    }

    void the_next_camera_is_cut_to() {
        Table table;
        const auto first = table.run("cut-to-camera", {}, 8.1);
        QCOMPARE(first->selected.size(), std::size_t{1});
        const PinId added = *first->selected.begin();
        const auto& body = body_of<CutBody>(first->project.pin(added)->body);
        QVERIFY(body.same_moment);
        QCOMPARE(Table::time_in(first->project, added), 8.0);
        // What is seen there is no camera: the first one. From it on, the other, and round again.
        QCOMPARE(body.shot, (*table.project.bin)[0].id);
        table.project = first->project;
        const auto second = table.run("cut-to-camera", {}, 9);
        QCOMPARE(body_of<CutBody>(second->project.pin(*second->selected.begin())->body).shot,
                 (*table.project.bin)[3].id);
        table.project = second->project;
        const auto third = table.run("cut-to-camera", {}, 10);
        QCOMPARE(body_of<CutBody>(third->project.pin(*third->selected.begin())->body).shot,
                 (*table.project.bin)[0].id);
        QVERIFY(!Table().run("cut-to-camera", {}, 8).value().project.lanes.empty());
    }

    void a_marker_is_put_on_what_is_seen_or_heard() {
        Table table;
        const auto on_shot = table.run("mark-clip", {}, 3.3);
        const Pin* pin = on_shot->project.pin(*on_shot->selected.begin());
        QCOMPARE(pin->anchor, Anchor(MarkerAnchor{table.cut, Seconds(3.3) - Seconds(2)}));
        QCOMPARE(on_shot->name, std::string("spool"));
        table.put_sound();
        const auto on_sound = table.run("mark-clip", {}, 3.3);
        QCOMPARE(std::get<MarkerAnchor>(on_sound->project.pin(*on_sound->selected.begin())->anchor).marker,
                 table.sound);
        QVERIFY(!table.run("mark-clip", {}, 0.5)); // nothing is there
        const auto tied = table.run("tie-to-clip", {table.marker});
        QCOMPARE(std::get<MarkerAnchor>(tied->project.pin(table.marker)->anchor).marker, table.sound);
        table.project = tied->project;
        const auto gone = table.run("let-go", {table.marker});
        QVERIFY(!std::holds_alternative<MarkerAnchor>(gone->project.pin(table.marker)->anchor));
        QCOMPARE(Table::time_in(gone->project, table.marker), 4.0);
    }

    void pins_are_tied_to_the_sound_under_them() {
        Table table;
        QVERIFY(!table.run("tie-to-sound", {table.marker, table.cut}));
        table.put_sound();
        const auto tied = table.run("tie-to-sound", {table.marker, table.next_cut, table.sound});
        QCOMPARE(tied->count, std::size_t{1}); // the cut lies behind it
        const auto moved = moved_by(tied->project, std::vector{table.sound}, Ticks(ticks_per_beat));
        QCOMPARE(Table::time_in(moved, table.marker), 4.5);
    }

    void a_sound_is_split_where_the_playhead_stands() {
        Table table;
        QVERIFY(!table.run("split-sound", {}, 3));
        table.put_sound();
        const auto split = table.run("split-sound", {}, 3);
        QCOMPARE(heard_parts(Schedule(split->project)).size(), std::size_t{2});
        QVERIFY(!table.run("split-sound", {}, 7));
    }

    void the_sound_of_a_shot_goes_with_its_cut() {
        const Table table;
        QVERIFY(!table.run("lay-sound-of-shot", {}, 1)); // no shot
        QVERIFY(!table.run("lay-sound-of-shot", {}, 3)); // without sound
        const auto laid = table.run("lay-sound-of-shot", {}, 7);
        const auto parts = heard_parts(Schedule(laid->project));
        QCOMPARE(parts.size(), std::size_t{1});
        QCOMPARE(parts[0].start, Seconds(6));
        QCOMPARE(parts[0].body.in_point, Seconds(1));
        const auto moved = moved_by(laid->project, std::vector{table.next_cut}, Ticks(ticks_per_beat));
        QCOMPARE(heard_parts(Schedule(moved))[0].start, Seconds(6.5));
    }

    void copies_go_to_picked_beats_and_bars() {
        const Table table;
        const auto clipping = clipping_of(table.project, std::vector{table.marker});
        const Picker downbeats{"downbeats", Ticks(0), Ticks(64 * ticks_per_beat), {}};
        const auto pasted = pasted_on_picked(table.project, clipping, downbeats, Seconds(9));
        QCOMPARE(pasted->count, std::size_t{1});
        bool there = false;
        for (const auto& pin : pasted->project.first_lane(body_type<MarkerBody>)->pins)
            there = there || *anchored_time(pin.anchor, pasted->project) == Seconds(10);
        QVERIFY(there);
        QVERIFY(!pasted_on_picked(table.project, clipping, downbeats, Seconds(59)));
        const Schedule schedule(table.project);
        const auto bars = stretch_to_repeat(schedule, {table.cut, table.next_cut}, {});
        QCOMPARE(bars->from, Ticks(4 * ticks_per_beat)); // bars 2 to 4
        QCOMPARE(bars->until, Ticks(16 * ticks_per_beat));
        const auto range = stretch_to_repeat(schedule, {table.cut}, TimeSpan{Seconds(2.1), Seconds(3.4)});
        QCOMPARE(range->from, Ticks(4 * ticks_per_beat));
        QCOMPARE(range->until, Ticks(7 * ticks_per_beat));
        QVERIFY(!stretch_to_repeat(schedule, {}, {}));
    }
};

PULSEPIN_TEST_CLASS(TestHandEdits, "test_hand_edits")
#include "test_hand_edits.moc"
