// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/ordinal.h"
#include "kinds/kinds.h"
#include "schedule/picker_tables.h"
#include "schedule/piece_length.h"
#include "schedule/place.h"
#include "schedule/shots.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>
#include <cmath>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Picker every(const Project& project, int n, MusicalPosition from, MusicalPosition until,
             const char* source = "beats") {
    return {source,
            project.grid->ticks_of(from),
            project.grid->ticks_of(until),
            {{"every-nth", {{"n", static_cast<double>(n)}, {"offset", 0.0}}}}};
}

std::vector<std::string> places(const Project& project, const std::vector<Picked>& picked) {
    std::vector<std::string> out;
    for (const auto& p : picked) {
        const auto m = project.grid->position_of(p.at);
        out.push_back(std::to_string(m.bar) + "." + std::to_string(m.beat));
    }
    return out;
}

} // namespace

class TestSchedule : public QObject {
    Q_OBJECT
private slots:
    void every_second_beat() {
        const auto project = steady_project();
        const auto picked = pick(every(project, 2, {19, 1, 0}, {23, 1, 0}), project);
        QVERIFY(picked.has_value());
        QCOMPARE(places(project, *picked),
                 (std::vector<std::string>{"19.1", "19.3", "20.1", "20.3", "21.1", "21.3", "22.1", "22.3"}));
        QCOMPARE(describe(every(project, 2, {19, 1, 0}, {23, 1, 0}), project),
                 "beats, every 2nd, 19.1 until 23.1");
    }

    // Common practice: rates side by side, every 8th, 4th and 2nd beat on three lanes.
    void rates_side_by_side() {
        const auto project = steady_project(150, 0, 60);
        for (const int n : {8, 4, 2})
            QCOMPARE(pick(every(project, n, {1, 1, 0}, {17, 1, 0}), project)->size(),
                     static_cast<std::size_t>(64 / n));
    }

    // Common practice: an event spans from its beat up to, not including, the next; so does a range.
    void the_end_is_not_included() {
        const auto project = steady_project();
        QCOMPARE(pick(every(project, 1, {5, 1, 0}, {5, 2, 0}), project)->size(), std::size_t{1});
        QVERIFY(pick(every(project, 1, {5, 1, 0}, {5, 1, 0}), project)->empty());
        QVERIFY(pick(every(project, 1, {6, 1, 0}, {5, 1, 0}), project)->empty());
    }

    void sources() {
        auto project = steady_project();
        project = relabelled(project, *BeatGrid::make(project.grid->beats(), project.grid->first_beat(),
                                                      {{0, {3, 4}}, {12, {4, 4}}}));
        QCOMPARE(places(project, *pick(every(project, 1, {1, 1, 0}, {7, 1, 0}, "downbeats"), project)),
                 (std::vector<std::string>{"1.1", "2.1", "3.1", "4.1", "5.1", "6.1"}));
        QCOMPARE(pick(every(project, 1, {1, 1, 0}, {2, 1, 0}, "half-beats"), project)->size(),
                 std::size_t{6});
        // From between two beats on, and before bar 1.
        Picker odd{"beats", Ticks(-1500), Ticks(961), {}};
        QCOMPARE(pick(odd, project)->size(), std::size_t{3});
    }

    void bad_pickers_are_refused() {
        const auto project = steady_project();
        auto picker = every(project, 2, {1, 1, 0}, {5, 1, 0});
        picker.source = "guesses";
        QVERIFY(!pick(picker, project));
        picker = every(project, 0, {1, 1, 0}, {5, 1, 0});
        QVERIFY(!pick(picker, project));
        picker.filters = {{"no-such-filter", {}}};
        QVERIFY(!pick(picker, project));
        picker.filters = {{"every-nth", {{"step", 2.0}}}};
        QVERIFY(!pick(picker, project));
        QVERIFY(!pick({"beats", Ticks(0), Ticks(std::int64_t{1} << 60), {}}, project));
        QVERIFY(!pick(every(project, 2, {1, 1, 0}, {5, 1, 0}), new_project()));
    }

    void tables_are_complete() {
        for (const auto& row : picker_filters()) {
            const ParamValues initial = completed({}, row.parameters);
            QVERIFY(check_values(initial, row.parameters));
            QVERIFY(!row.describe(initial).empty());
            QCOMPARE(picker_filter(row.id), &row);
        }
        for (const auto& row : picker_sources())
            QCOMPARE(picker_source(row.id), &row);
        QCOMPARE(ordinal(1) + ordinal(2) + ordinal(3) + ordinal(4) + ordinal(11) + ordinal(22) + ordinal(113),
                 "1st2nd3rd4th11th22nd113th");
    }

    void placing_does_what_the_preview_shows() {
        const auto project = steady_project(118, 0.4);
        const auto lane = lane_of_kind(project, kind_of(body_type<CutBody>));
        const auto picker = every(project, 2, {5, 1, 0}, {9, 1, 0});
        const auto preview = preview_placing(project, lane, picker);
        const auto placed = place(project, lane, picker);
        QVERIFY(preview && placed);
        QCOMPARE(placed->count, preview->outlines.size());
        const auto resolved = resolve(placed->project, *placed->project.lane(lane));
        double worst = 0;
        for (std::size_t i = 0; i < resolved.pins.size(); ++i) {
            QCOMPARE(resolved.pins[i].frame, preview->outlines[i].frame);
            QCOMPARE(resolved.pins[i].time, preview->outlines[i].time);
            const auto& pin = placed->project.lane(lane)->pins[resolved.pins[i].index];
            QVERIFY(pin.body == preview->outlines[i].body);
            QCOMPARE(pin.planting, placed->planting);
            worst = std::max(worst, std::abs(resolved.pins[i].rounding_error.value));
        }
        QCOMPARE(preview->worst_rounding_error.value, worst);
        QVERIFY(same_content(project, steady_project(118, 0.4))); // what was given is unchanged
    }

    void shots_are_taken_in_turn() {
        auto project = steady_project();
        const auto lane = lane_of_kind(project, kind_of(body_type<CutBody>));
        project =
            place(project, lane, every(project, 4, {1, 1, 0}, {5, 1, 0}))->project; // spool launch tail crowd
        project = place(project, lane, every(project, 4, {5, 1, 0}, {9, 1, 0}))
                      ->project; // loop landing spool launch
        std::string names;
        for (const auto& pin : resolve(project, *project.lane(lane)).pins)
            names +=
                project.clip(body_of<CutBody>(project.lane(lane)->pins[pin.index].body).shot)->name + " ";
        QCOMPARE(names, "spool launch tail crowd loop landing spool launch ");
    }

    void taken_beats_are_left_alone() {
        auto project = steady_project();
        const auto lane = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        project = place(project, lane, every(project, 2, {1, 1, 0}, {3, 1, 0}))->project;
        const auto preview = preview_placing(project, lane, every(project, 1, {1, 1, 0}, {3, 1, 0}));
        QCOMPARE(preview->already_there, std::size_t{4});
        QCOMPARE(preview->outlines.size(), std::size_t{4});
        QVERIFY(!place(project, lane, every(project, 2, {1, 1, 0}, {3, 1, 0})));
    }

    void sounds_are_not_placed_on_beats() {
        const auto project = with_lane(steady_project(), kind_of(body_type<SoundBody>), "Sound");
        const auto lane = lane_of_kind(project, kind_of(body_type<SoundBody>));
        QVERIFY(!preview_placing(project, lane, every(project, 1, {5, 1, 0}, {6, 1, 0})));
        QVERIFY(!place(project, lane, every(project, 1, {5, 1, 0}, {6, 1, 0})));
    }

    void nothing_to_place_says_so() {
        const auto project = steady_project();
        const auto lane = lane_of_kind(project, kind_of(body_type<CutBody>));
        const auto nothing = place(project, lane, every(project, 1, {5, 1, 0}, {5, 1, 0}));
        QVERIFY(!nothing && !nothing.error().message().empty());
        auto empty_bin = project;
        empty_bin.bin = std::make_shared<const std::vector<Clip>>();
        QVERIFY(preview_placing(empty_bin, lane, every(project, 1, {5, 1, 0}, {6, 1, 0}))); // slates
        QVERIFY(!preview_placing(project, LaneId{777}, every(project, 1, {5, 1, 0}, {6, 1, 0})));
    }

    void shots_fill_the_piece() {
        auto project = steady_project(120, 0, 60);
        const auto lane = lane_of_kind(project, kind_of(body_type<CutBody>));
        project = place(project, lane, every(project, 2, {2, 1, 0}, {10, 1, 0}))->project;
        const auto shots = shots_of(project, *project.lane(lane));
        QCOMPARE(shots.size(), std::size_t{16});
        QCOMPARE(shots.front().start.value, 48); // bar 2 at 120: two seconds
        for (std::size_t i = 1; i < shots.size(); ++i)
            QCOMPARE(shots[i].start, shots[i - 1].end);
        QCOMPARE(shots.back().end, piece_length(project));
        QCOMPARE(shot_at(shots, Frames(47)), nullptr);
        QCOMPARE(shot_at(shots, Frames(48)), &shots[0]);
        QCOMPARE(shot_at(shots, Frames(71)), &shots[0]);
        QCOMPARE(shot_at(shots, Frames(72)), &shots[1]);
        QCOMPARE(shot_at(shots, piece_length(project)), nullptr);
        QVERIFY(std::abs(clip_time(shots[1], Frames(84), project.settings->frame_rate).value - 0.5) < 1e-12);
        QVERIFY(shots.back().too_short); // nine seconds of clip for the rest of the minute
        QVERIFY(!shots.front().too_short);
    }

    void two_cuts_on_one_frame() {
        auto project = steady_project();
        const auto lane = lane_of_kind(project, kind_of(body_type<CutBody>));
        const auto a = (*project.bin)[0].id, b = (*project.bin)[1].id;
        project = *with_pins(project, lane,
                             {{{}, TimeAnchor{Seconds(1)}, CutBody{a, {}}, {}},
                              {{}, TimeAnchor{Seconds(1.001)}, CutBody{b, {}}, {}}});
        const auto shots = shots_of(project, *project.lane(lane));
        QCOMPARE(shots.size(), std::size_t{1});
        QCOMPARE(shots[0].shot, b); // the one placed last is seen
    }

    void a_shot_from_before_the_start_is_under_way() {
        auto project = steady_project();
        const auto lane = lane_of_kind(project, kind_of(body_type<CutBody>));
        project = *with_pins(
            project, lane, {{{}, TimeAnchor{Seconds(-0.5)}, CutBody{(*project.bin)[0].id, Seconds(1)}, {}}});
        const auto shots = shots_of(project, *project.lane(lane));
        QCOMPARE(shots[0].start.value, 0);
        QVERIFY(std::abs(shots[0].in_point.value - 1.5) < 1e-9);
    }

    // Common practice: eased moves look late, so all keys of a lane are moved two or three frames earlier.
    void lead_acts_earlier_and_moves_no_anchor() {
        auto project = steady_project(120);
        const auto lane = lane_of_kind(project, kind_of(body_type<CutBody>));
        project = place(project, lane, every(project, 4, {2, 1, 0}, {6, 1, 0}))->project;
        const auto led = *with_lead(project, lane, Frames(2));
        const auto before = resolve(project, *project.lane(lane)), after = resolve(led, *led.lane(lane));
        for (std::size_t i = 0; i < before.pins.size(); ++i) {
            QCOMPARE(after.pins[i].frame.value, before.pins[i].frame.value - 2);
            QCOMPARE(after.pins[i].time, before.pins[i].time);
        }
    }

    // A change of picture rate at the end, 20 to 60 frames a second: nothing may move.
    void changing_the_rate_moves_nothing() {
        auto project = steady_project(118, 0.4, 60, "20");
        const auto lane = lane_of_kind(project, kind_of(body_type<CutBody>));
        project = place(project, lane, every(project, 1, {1, 1, 0}, {20, 1, 0}))->project;
        Settings settings = *project.settings;
        settings.frame_rate = *FrameRate::parse("60");
        const auto faster = with_settings(project, settings);
        const auto before = resolve(project, *project.lane(lane)),
                   after = resolve(faster, *faster.lane(lane));
        for (std::size_t i = 0; i < before.pins.size(); ++i) {
            QCOMPARE(after.pins[i].time, before.pins[i].time);
            QVERIFY(std::abs(after.pins[i].rounding_error.value) <= 1 / 120.0 + 1e-9);
        }
    }
};

PULSEPIN_TEST_CLASS(TestSchedule, "test_schedule")
#include "test_schedule.moc"
