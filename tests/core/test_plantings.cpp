// SPDX-License-Identifier: GPL-3.0-or-later
//
// Plantings: what was placed together is changed, moved and run again together, and corrections stay.
#include "kinds/kinds.h"
#include "model/copies.h"
#include "model/planting_edits.h"
#include "schedule/find_pins.h"
#include "schedule/place.h"
#include "schedule/triggers.h"
#include "support/projects.h"
#include "support/seed.h"
#include "support/test_program.h"
#include "time/grid_edits.h"

#include <QTest>
#include <set>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Ticks bar(const Project& project, std::int64_t number, int beat = 1, int tick = 0) {
    return project.grid->ticks_of({number, beat, tick});
}

Project with_trigger_lane() {
    return with_lane(steady_project(), kind_of(body_type<TriggerBody>), "Flash");
}

Picker beats(const Project& project, std::int64_t from_bar, std::int64_t until_bar, int every = 1) {
    return {"beats",
            bar(project, from_bar),
            bar(project, until_bar),
            {{"every-nth", {{"n", static_cast<double>(every)}, {"offset", 0.0}}}}};
}

std::vector<double> beats_of(const Project& project, const Lane& lane) {
    std::vector<double> out;
    for (const auto& pin : resolve(project, lane).pins)
        out.push_back(project.grid->beats_at(pin.time).value);
    return out;
}

const Lane& triggers(const Project& project) {
    return *project.first_lane(body_type<TriggerBody>);
}

Project placed(const Project& project, const Picker& picker, const PlantingForm& form = {TriggerBody{}}) {
    return place(project, triggers(project).id, picker, form)->project;
}

} // namespace

class TestPlantings : public QObject {
    Q_OBJECT

private slots:
    void moving_all_of_it_moves_its_rule() {
        auto project = with_trigger_lane();
        project = placed(project, beats(project, 3, 5, 2));
        const auto id = project.plantings->back().id;
        project = moved_by(project, pins_of(project, id), Ticks(ticks_per_beat));
        project = nudged_by(project, pins_of(project, id), Frames(2));
        QCOMPARE(exceptions_of(project, *project.planting(id)).count(), std::size_t{0});
        const auto again = run_again(project, id);
        QVERIFY(again && !again->changes());
        // Another picker: the new places are shifted as the old ones were.
        const auto wider = run_again(project, id, beats(project, 3, 6, 2), project.planting(id)->form);
        QCOMPARE(wider->added, std::size_t{2});
        const auto resolved = resolve(wider->project, triggers(wider->project));
        const Seconds expected = project.grid->time_at(bar(project, 5, 4)) + Seconds(2.0 / 24);
        QVERIFY(std::abs((resolved.pins.back().time - expected).value) < 1e-9);
    }

    void corrections_are_exceptions_and_stay() {
        auto project = with_trigger_lane();
        project = placed(project, beats(project, 3, 5)); // 8 beats from beat 8 on
        const auto id = project.plantings->back().id;
        const auto pins = pins_of(project, id);
        const PinId moved[] = {pins[1]}, gone[] = {pins[2]};
        project = moved_by(project, moved, Ticks(480));
        project = without_pins(project, gone);
        auto body = body_of<TriggerBody>(project.pin(pins[3])->body);
        body.strength = 12;
        project = *with_body(project, pins[3], body);
        project = *with_place_switched(project, triggers(project).id, bar(project, 3, 1, 240), true,
                                       Ticks(10), id, TriggerBody{});
        const auto exceptions = exceptions_of(project, *project.planting(id));
        QCOMPARE(exceptions.moved, std::size_t{1});
        QCOMPARE(exceptions.left_out, std::size_t{1});
        QCOMPARE(exceptions.altered, std::size_t{1});
        QCOMPARE(exceptions.added, std::size_t{1});
        auto again = run_again(project, id);
        QVERIFY(again && !again->changes());
        QCOMPARE(again->kept, std::size_t{3});
        // Every second beat from there: unaltered ones go, corrected ones stay, the emptied place stays
        // empty.
        again = run_again(project, id, beats(project, 3, 5, 2), project.planting(id)->form);
        QCOMPARE(beats_of(again->project, triggers(again->project)),
                 (std::vector<double>{8, 8.25, 9.5, 11, 12, 14}));
        QCOMPARE(again->removed, std::size_t{2});
        // Switched on again, the emptied place is the planting's own once more.
        project = *with_place_switched(project, triggers(project).id, bar(project, 3, 3), true, Ticks(10), id,
                                       TriggerBody{});
        QCOMPARE(exceptions_of(project, *project.planting(id)).left_out, std::size_t{0});
        QCOMPARE(exceptions_of(project, *project.planting(id)).added, std::size_t{1});
    }

    void follows_onsets_that_are_found_elsewhere() {
        auto project = with_trigger_lane();
        Detection found;
        OnsetRow row;
        row.name = "kick";
        row.onsets = {{Seconds(1.0), 1}, {Seconds(2.01), 0.5f}, {Seconds(3.0), 0.2f}};
        found.rows = {row};
        project = with_detection(project, found, false);
        project = placed(project, {"onsets", Ticks(0), bar(project, 9), {}, {{"row", "kick"}}});
        const auto id = project.plantings->back().id;
        QCOMPARE(pins_of(project, id).size(), std::size_t{3});
        const PinId second = pins_of(project, id)[1];
        row.onsets = {{Seconds(1.0), 1}, {Seconds(2.03), 0.5f}, {Seconds(3.5), 0.2f}, {Seconds(4.0), 0.2f}};
        project = *with_onset_row(project, 0, row);
        const auto again = run_again(project, id);
        QCOMPARE(again->moved, std::size_t{1}); // the same onset, found a little later
        QCOMPARE(again->added, std::size_t{2});
        QCOMPARE(again->removed, std::size_t{1});
        QVERIFY(std::abs(anchored_time(again->project.pin(second)->anchor, again->project)->value - 2.03) <
                0.001);
        QCOMPARE(again->preview.outlines.size(), std::size_t{3});
        // A missing row picks nothing, which is told as such and takes nothing else.
        QVERIFY(same_content(project, project));
    }

    void another_form_reaches_all_but_corrections() {
        auto project = with_trigger_lane();
        project = placed(project, beats(project, 3, 4));
        const auto id = project.plantings->back().id;
        const auto pins = pins_of(project, id);
        TriggerBody own;
        own.from = own.to = Colour{0x112233};
        project = *with_body(project, pins[1], own);
        PlantingForm form{TriggerBody{}};
        body_of<TriggerBody>(form.body).from = body_of<TriggerBody>(form.body).to = Colour{0xff0000};
        const auto again = run_again(project, id, *project.planting(id)->picker, form);
        QCOMPARE(again->moved, std::size_t{3});
        for (std::size_t i = 0; i < 4; ++i)
            QCOMPARE(body_of<TriggerBody>(again->project.pin(pins[i])->body).from.rgb,
                     i == 1 ? 0x112233u : 0xff0000u);
    }

    void a_group_is_recoloured_as_one() {
        auto project = with_trigger_lane();
        project = placed(project, beats(project, 3, 4));
        const auto id = project.plantings->back().id;
        project = with_bodies(project, pins_of(project, id),
                              [](PinBody& body) { body_of<TriggerBody>(body).from.rgb = 0xabcdef; });
        QCOMPARE(exceptions_of(project, *project.planting(id)).count(), std::size_t{0});
        QCOMPARE(body_of<TriggerBody>(project.planting(id)->form.body).from.rgb, 0xabcdefu);
    }

    void relabelling_keeps_times_and_rules() {
        auto project = with_trigger_lane();
        project = placed(project, beats(project, 3, 7, 2));
        const auto id = project.plantings->back().id;
        const auto before = resolve(project, triggers(project));
        project = moved_by(project, pins_of(project, id), Ticks(960));
        project = *with_picker_named(project, "mine", *project.planting(id)->picker);
        const Seconds from = project.grid->time_at(project.planting(id)->picker->from);
        const auto times = resolve(project, triggers(project));
        project = relabelled(project, *with_tempo_ratio(*project.grid, 1, 2));
        const auto after = resolve(project, triggers(project));
        for (std::size_t i = 0; i < after.pins.size(); ++i)
            QCOMPARE(after.pins[i].time, times.pins[i].time);
        QCOMPARE(exceptions_of(project, *project.planting(id)).count(), std::size_t{0});
        QCOMPARE(project.grid->time_at(project.planting(id)->picker->from), from);
        QCOMPARE(project.grid->time_at(project.pickers->front().picker.from), from);
        QCOMPARE(project.planting(id)->shift, Ticks(480)); // a beat of then is half a beat of now
        QCOMPARE(before.pins.size(), after.pins.size());
    }

    void locked_pins_are_left_alone() {
        auto project = with_trigger_lane();
        project = placed(project, beats(project, 3, 4));
        const auto id = project.plantings->back().id;
        const auto pins = pins_of(project, id);
        const PinId first[] = {pins[0]};
        project = with_pins_locked(project, first, true);
        QCOMPARE(locked_among(project, pins), std::size_t{1});
        const auto anchor = project.pin(pins[0])->anchor;
        auto moved = moved_by(project, pins, Ticks(960));
        QVERIFY(moved.pin(pins[0])->anchor == anchor);
        QVERIFY(moved.pin(pins[1])->anchor != project.pin(pins[1])->anchor);
        QCOMPARE(triggers(without_pins(project, pins)).pins.size(), std::size_t{1});
        QVERIFY(!with_body(project, pins[0], TriggerBody{"shake"}));
        QVERIFY(!with_anchor(project, pins[0], TimeAnchor{Seconds(1)}));
        // A picker that no longer picks its place does not take it away either.
        const auto again = run_again(project, id, beats(project, 5, 6), project.planting(id)->form);
        QVERIFY(again->project.pin(pins[0]));
        // A locked lane as a whole.
        project = *with_lane_locked(project, triggers(project).id, true);
        QVERIFY(!with_pins(project, triggers(project).id, {}));
        QVERIFY(!place(project, triggers(project).id, beats(project, 9, 10), {TriggerBody{}}));
        QVERIFY(!run_again(project, id));
        QVERIFY(same_content(moved_by(project, pins, Ticks(960)), project));
        QVERIFY(!without_lane(project, triggers(project).id));
    }

    void what_hung_on_deleted_pins_stays_in_place() {
        auto project = steady_project();
        const auto cuts = lane_of_kind(project, kind_of(body_type<CutBody>)),
                   marks = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        const PinId cut{project.next_id};
        project = *with_pins(project, cuts, {{{}, MusicalAnchor{bar(project, 5)}, CutBody{}, {}}});
        const PinId mark{project.next_id};
        project = *with_pins(project, marks, {{{}, MarkerAnchor{cut, Seconds(0.7)}, MarkerBody{"peak"}, {}}});
        const PinId later{project.next_id};
        project = *with_pins(project, marks, {{{}, MarkerAnchor{mark, Frames(12)}, MarkerBody{"after"}, {}}});
        const auto at = anchored_time(project.pin(mark)->anchor, project),
                   then = anchored_time(project.pin(later)->anchor, project);
        const PinId both[] = {cut, mark};
        const auto without_cut = without_pins(project, std::span(both).first(1));
        QCOMPARE(anchored_time(without_cut.pin(mark)->anchor, without_cut), at);
        const auto without_both = without_pins(project, both);
        QVERIFY(std::abs((*anchored_time(without_both.pin(later)->anchor, without_both) - *then).value) <
                1e-12);
    }

    void dissolved_pins_stay() {
        auto project = with_trigger_lane();
        project = placed(project, beats(project, 3, 4));
        const auto before = beats_of(project, triggers(project));
        project = dissolved(project, project.plantings->back().id);
        QVERIFY(project.plantings->empty());
        QCOMPARE(beats_of(project, triggers(project)), before);
        for (const auto& pin : triggers(project).pins)
            QVERIFY(pin.planting.value == 0 && !is_exception(pin));
    }

    void bars_are_repeated_and_mirrored() {
        auto project = with_trigger_lane();
        const auto lane = triggers(project).id;
        for (const int tick : {0, 960, 1440}) // beats 1, 2, 2½ of bar 3
            project = *with_pins(project, lane,
                                 {{{}, MusicalAnchor{bar(project, 3) + Ticks(tick)}, TriggerBody{}, {}}});
        std::vector<PinId> pins;
        for (const auto& pin : triggers(project).pins)
            pins.push_back(pin.id);
        const auto from = bar(project, 3), until = bar(project, 4);
        const auto same = repeated(project, pins, from, until, {2, 2, Repetition::Way::Same});
        QVERIFY(same);
        QCOMPARE(beats_of(same->project, triggers(same->project)),
                 (std::vector<double>{8, 9, 9.5, 16, 17, 17.5, 24, 25, 25.5}));
        QCOMPARE(same->plantings.size(), std::size_t{1});
        QVERIFY(run_again(same->project, same->plantings[0]) &&
                !run_again(same->project, same->plantings[0])->changes());
        const auto mirrored = repeated(project, pins, from, until, {1, 2, Repetition::Way::Alternating});
        // Cells of half a beat: the first becomes the eighth, the third the sixth, the fourth the fifth.
        QCOMPARE(beats_of(mirrored->project, triggers(mirrored->project)),
                 (std::vector<double>{8, 9, 9.5, 14, 14.5, 15.5, 16, 17, 17.5}));
        const auto twice = repeated(same->project, pins, from, until, {2, 2, Repetition::Way::Same});
        QCOMPARE(twice->already_there, std::size_t{6});
        QCOMPARE(twice->count, std::size_t{0});
        QVERIFY(!repeated(project, {}, from, until, {}));
        QVERIFY(!repeated(project, pins, from, until, {0, 1, Repetition::Way::Same}));
    }

    void pasted_on_the_next_chosen_places() {
        auto project = with_trigger_lane();
        project = placed(project, beats(project, 3, 4));
        std::vector<PinId> pins = pins_of(project, project.plantings->back().id);
        const auto clipping = clipping_of(project, pins);
        const auto at = pasted(project, clipping, bar(project, 7, 2));
        QCOMPARE(at->count, std::size_t{4});
        QCOMPARE(beats_of(at->project, triggers(at->project)).back(), 28.0);
        const std::vector<Ticks> places{bar(project, 9), bar(project, 11), bar(project, 13)};
        const auto on = pasted_on(project, clipping, places);
        QCOMPARE(on->count, std::size_t{3});
        QCOMPARE(on->already_there, std::size_t{1}); // no place was left for the fourth
        QCOMPARE(beats_of(on->project, triggers(on->project)),
                 (std::vector<double>{8, 9, 10, 11, 32, 40, 48}));
        QVERIFY(!pasted(project, {}, Ticks(0)));
        auto elsewhere = steady_project();
        QVERIFY(!pasted(elsewhere, clipping, Ticks(0))); // there is no lane of triggers
    }

    void markers_are_snapped_in_bulk() {
        auto project = steady_project();
        const auto marks = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        Detection found;
        OnsetRow row;
        row.name = "kick";
        row.onsets = {{Seconds(1.0), 1}, {Seconds(2.0), 1}, {Seconds(3.0), 1}};
        found.rows = {row};
        project = with_detection(project, found, false);
        const PinId cut{project.next_id};
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                             {{{}, TimeAnchor{Seconds(1.5)}, CutBody{}, {}}});
        project = *with_pins(project, marks,
                             {{{}, TimeAnchor{Seconds(0.96)}, MarkerBody{"a"}, {}},
                              {{}, MusicalAnchor{Ticks(3850)}, MarkerBody{"b"}, {}}, // 2.005 s
                              {{}, MarkerAnchor{cut, Seconds(1.45)}, MarkerBody{"c"}, {}},
                              {{}, TimeAnchor{Seconds(2.5)}, MarkerBody{"far"}, {}},
                              {{}, TimeAnchor{Seconds(3.0)}, MarkerBody{"there"}, {}}});
        std::vector<PinId> pins;
        for (const auto& pin : project.lane(marks)->pins)
            pins.push_back(pin.id);
        const auto snapped = snapped_to_onsets(project, pins, 0, Seconds(0.06));
        QVERIFY(snapped);
        QCOMPARE(snapped->moved, std::size_t{3});
        QCOMPARE(snapped->too_far, std::size_t{1});
        QCOMPARE(snapped->there_already, std::size_t{1});
        QVERIFY(std::abs(snapped->farthest.value - 0.05) < 1e-9);
        const double expected[] = {1, 2, 3, 2.5, 3};
        for (std::size_t i = 0; i < 5; ++i) {
            const Pin* pin = snapped->project.pin(pins[i]);
            QVERIFY(std::abs(anchored_time(pin->anchor, snapped->project)->value - expected[i]) < 1e-9);
            QCOMPARE(pin->anchor.index(), project.pin(pins[i])->anchor.index()); // of the same kind
        }
        QVERIFY(!snapped_to_onsets(project, pins, 7, Seconds(1)));
    }

    void bars_of_other_metres_keep_the_place_in_the_bar() {
        auto project = with_trigger_lane();
        const auto lane = triggers(project).id;
        project = *with_pins(project, lane, {{{}, MusicalAnchor{bar(project, 3, 2)}, TriggerBody{}, {}}});
        const PinId pins[] = {triggers(project).pins[0].id};
        const auto moved = moved_by_bars(project, pins, 2);
        QCOMPARE(beats_of(moved, triggers(moved)), (std::vector<double>{17}));
        QCOMPARE(beats_of(moved_by_bars(moved, pins, -2), triggers(project)), (std::vector<double>{9}));
    }

    void pins_are_found_by_what_is_known_of_them() {
        auto project = with_trigger_lane();
        project = placed(project, beats(project, 3, 4));
        const auto planting = project.plantings->back().id;
        const auto marks = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        project = *with_pins(project, marks,
                             {{{}, TimeAnchor{Seconds(1)}, MarkerBody{"Drop", "", 2}, {}},
                              {{}, TimeAnchor{Seconds(9)}, MarkerBody{"launch", "", 0}, {}}});
        const Schedule schedule(project);
        const auto count = [&](const PinQuery& query) { return find_pins(schedule, query).size(); };
        PinQuery by_name;
        by_name.name = "dROP";
        QCOMPARE(count(by_name), std::size_t{1});
        by_name.name = "flash";
        QCOMPARE(count(by_name), std::size_t{4});
        PinQuery query;
        query.colour = PinColour(2);
        QCOMPARE(count(query), std::size_t{1});
        query = {};
        query.range = TimeSpan{Seconds(1), Seconds(4.5)}; // triggers at 4, 4.5, 5, 5.5 s
        QCOMPARE(count(query), std::size_t{2});
        query = {};
        query.planting = planting;
        QCOMPARE(count(query), std::size_t{4});
        query.kind = kind_of(body_type<MarkerBody>);
        QCOMPARE(count(query), std::size_t{0});
        QCOMPARE(count({}), std::size_t{6});
    }

    void random_edits_never_break_a_planting() {
        // Whatever is done to a planting: no two pins of it come to lie on one place by running it again, its
        // exceptions are never moved by that, and a second run changes nothing.
        for (const Seed seed : seeds(1, 60)) {
            std::mt19937 random(seed);
            const auto below = [&](std::size_t n) { return static_cast<std::size_t>(random() % n); };
            auto project = with_trigger_lane();
            project = placed(project, beats(project, 3, 9, 1 + static_cast<int>(below(3))));
            const auto id = project.plantings->back().id;
            for (int step = 0; step < 12 && project.planting(id); ++step) {
                const auto pins = pins_of(project, id);
                const PinId one[] = {pins[below(pins.size())]};
                switch (below(7)) {
                case 0:
                    project = moved_by(project, one, Ticks(static_cast<std::int64_t>(below(7)) * 480 - 1440));
                    break;
                case 1:
                    if (pins.size() > 2)
                        project = without_pins(project, one);
                    break;
                case 2:
                    project = nudged_by(project, pins, Frames(static_cast<std::int64_t>(below(5)) - 2));
                    break;
                case 3:
                    if (auto next = with_body(project, one[0], TriggerBody{"shake"}); next)
                        project = *next;
                    break;
                case 4:
                    project = *with_place_switched(project, triggers(project).id,
                                                   Ticks(static_cast<std::int64_t>(below(60)) * 480), true,
                                                   Ticks(9), id, TriggerBody{});
                    break;
                case 5:
                    project = with_pins_locked(project, one, below(2) == 0);
                    break;
                default: {
                    const auto again =
                        run_again(project, id, beats(project, 3, 9, 1 + static_cast<int>(below(4))),
                                  project.planting(id)->form);
                    QVERIFY(again);
                    for (const auto& pin : triggers(project).pins)
                        if (is_exception(pin) || pin.locked)
                            QVERIFY(again->project.pin(pin.id) &&
                                    again->project.pin(pin.id)->anchor == pin.anchor);
                    project = again->project;
                    std::set<Ticks> homes;
                    for (const auto& pin : triggers(project).pins)
                        QVERIFY(!pin.home || homes.insert(*pin.home).second);
                    const auto twice = run_again(project, id);
                    QVERIFY2(twice && !twice->changes(), qPrintable(QString("seed %1").arg(seed)));
                }
                }
            }
        }
    }
};

PULSEPIN_TEST_CLASS(TestPlantings, "test_plantings")
#include "test_plantings.moc"
