// SPDX-License-Identifier: GPL-3.0-or-later
//
// Sources and filters of pickers.
#include "kinds/kinds.h"
#include "schedule/note_lengths.h"
#include "schedule/picker_tables.h"
#include "schedule/resolve.h"
#include "support/projects.h"
#include "support/test_program.h"
#include "time/grid_bend.h"

#include <QTest>
#include <cmath>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Picker over(const Project& project, const char* source, std::int64_t from_bar, std::int64_t until_bar,
            std::vector<FilterUse> filters = {}) {
    return {source, project.grid->ticks_of({from_bar, 1, 0}), project.grid->ticks_of({until_bar, 1, 0}),
            std::move(filters)};
}

std::vector<std::string> places(const Project& project, const Picker& picker) {
    std::vector<std::string> out;
    const auto picked = pick(picker, project);
    if (!picked)
        return {picked.error().message()};
    for (const auto& p : *picked) {
        const auto m = project.grid->position_of(p.at);
        out.push_back(std::to_string(m.bar) + "." + std::to_string(m.beat) +
                      (m.tick > 0 ? "+" + std::to_string(m.tick) : std::string()));
    }
    return out;
}

using Places = std::vector<std::string>;

/// Kicks on beats 1 and 3, a little late; strong and weak by turns. Sections at bars 1 and 9.
Project heard_project() {
    Project project = steady_project();
    Detection detection;
    detection.grid = *project.grid;
    detection.rows.resize(2);
    detection.rows[0].name = "onsets";
    detection.rows[1].name = "kick";
    for (int i = 0; i < 60; ++i) {
        detection.rows[0].onsets.push_back({Seconds(i * 0.5), 0.5f});
        detection.rows[1].onsets.push_back({Seconds(i * 1.0 + 0.012), i % 2 == 0 ? 0.9f : 0.3f});
    }
    detection.sections = {{Seconds(0), Seconds(16), "A", false, 0.8f},
                          {Seconds(16.01), Seconds(60), "B", true, 0.7f}};
    return with_detection(project, detection, false);
}

} // namespace

class TestPickers : public QObject {
    Q_OBJECT
private slots:
    // Values of notes are those of any book of elements: a dot adds half, three of a triplet last as two.
    void lengths_are_read_as_notes_are_written() {
        const auto beats = [](const char* text) {
            std::vector<double> all;
            const auto read = lengths_in_notes(text);
            for (const auto& one : read ? *read : std::vector<NoteLength>())
                all.push_back(one.rest ? -one.beats : one.beats);
            return all;
        };
        using Beats = std::vector<double>;
        QCOMPARE(beats("1 2 4 8 16"), (Beats{4, 2, 1, 0.5, 0.25}));
        QCOMPARE(beats("8th, 4th | 2nd\n1st"), (Beats{0.5, 1, 2, 4}));
        QCOMPARE(beats("4. 4.. 1/8."), (Beats{1.5, 1.75, 0.75}));
        QCOMPARE(beats("8t 8t 8t"), (Beats{1.0 / 3, 1.0 / 3, 1.0 / 3}));
        QCOMPARE(beats("4+8 r4 r2+4"), (Beats{1.5, -1, -3}));
        for (const char* wrong : {"", "r4", "x", "4 3x", "0", "-4", "4+", "1/0", "2048", "4,5x", "nan"})
            QVERIFY2(!lengths_in_notes(wrong), wrong);
        const auto error = lengths_in_notes("4 8\n2 eighth").error().message();
        QVERIFY2(error.find("\"eighth\" in line 2") != std::string::npos, error.c_str());
        QCOMPARE(lengths_in_beats("1.5;0.25\n3")->size(), std::size_t{3});
        for (const char* wrong : {"1e9", "inf", "0.001", "1,5x"})
            QVERIFY2(!lengths_in_beats(wrong), wrong);
    }

    void several_rates_are_one_planting() {
        const Project project = steady_project();
        Picker picker = over(project, "note-lengths", 2, 4);
        picker.values = {{"lengths", "8 8 4 2"}};
        QCOMPARE(places(project, picker),
                 (Places{"2.1", "2.1+480", "2.2", "2.3", "3.1", "3.1+480", "3.2", "3.3"}));
        picker.values = {{"lengths", "4 r4 2"}, {"again", 0.0}};
        QCOMPARE(places(project, picker), (Places{"2.1", "2.3"}));
        picker.values = {{"lengths", "1.5 1.5 1"}, {"in", "beats"}};
        QCOMPARE(places(project, picker), (Places{"2.1", "2.2+480", "2.4", "3.1", "3.2+480", "3.4"}));
        // Sevenths of a whole note are no whole ticks: after seven of them the next bar begins all the same.
        picker.values = {{"lengths", "7"}};
        const auto sevenths = places(project, picker);
        QCOMPARE(sevenths.size(), std::size_t{14});
        QCOMPARE(sevenths[7], std::string("3.1"));
        picker.values = {{"lengths", "4 or so"}};
        QVERIFY(places(project, picker).front().find("\"or\" in line 1 is no length") != std::string::npos);
    }

    void subdivisions() {
        const auto project = steady_project();
        const std::pair<const char*, std::size_t> counts[] = {
            {"beats", 8},          {"downbeats", 2},    {"half-beats", 16},  {"third-beats", 24},
            {"quarter-beats", 32}, {"sixth-beats", 48}, {"eighth-beats", 64}};
        for (const auto& [source, count] : counts) {
            const auto picked = pick(over(project, source, 3, 5), project);
            QVERIFY(picked);
            QCOMPARE(picked->size(), count);
            for (std::size_t i = 1; i < count; ++i) // evenly
                QCOMPARE((*picked)[i].at - (*picked)[i - 1].at, (*picked)[1].at - (*picked)[0].at);
        }
    }

    // Swing 2 : 1 puts the second eighth at two thirds of the beat (common practice: triplet swing).
    void swung_halves() {
        const auto project = steady_project();
        auto picker = over(project, "half-beats", 1, 2);
        picker.values = {{"swing", 2.0}};
        QCOMPARE(places(project, picker),
                 (Places{"1.1", "1.1+640", "1.2", "1.2+640", "1.3", "1.3+640", "1.4", "1.4+640"}));
        picker.source = "quarter-beats"; // sixteenths swing within each half
        QCOMPARE(places(project, picker)[1], std::string("1.1+320"));
        QCOMPARE(places(project, picker)[2], std::string("1.1+480"));
        QVERIFY(describe(picker, project).find("swing 2 : 1") != std::string::npos);
        picker.source = "beats"; // has nothing to swing
        QVERIFY(!pick(picker, project));
        picker.values = {};
        QCOMPARE(places(project, picker).size(), std::size_t{4});
    }

    void onsets_of_a_row() {
        const auto project = heard_project();
        auto picker = over(project, "onsets", 1, 3);
        picker.values = {{"row", "kick"}};
        // 12 ms at 120 BPM are 23 ticks.
        QCOMPARE(places(project, picker), (Places{"1.1+23", "1.3+23", "2.1+23", "2.3+23"}));
        picker.filters = {{"stronger", {{"least", 50.0}}}};
        QCOMPARE(places(project, picker), (Places{"1.1+23", "2.1+23"}));
        picker.filters = {{"to-beats", {{"window", 20.0}}}};
        QCOMPARE(places(project, picker), (Places{"1.1", "1.3", "2.1", "2.3"}));
        picker.filters = {{"to-beats", {{"window", 5.0}}}};
        QVERIFY(places(project, picker).empty());
        picker.values = {{"row", "no such row"}};
        QVERIFY(places(project, picker).empty());
        QVERIFY(
            pick(over(steady_project(), "onsets", 1, 3), steady_project())->empty()); // nothing was heard yet
    }

    void sections_and_markers() {
        Project project = heard_project();
        QCOMPARE(places(project, over(project, "sections", 1, 20)), (Places{"1.1", "9.1"}));
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                             {{{}, MusicalAnchor{Ticks(12 * 960)}, MarkerBody{"drop", ""}, {}},
                              {{}, MusicalAnchor{Ticks(4 * 960)}, MarkerBody{"launch", ""}, {}},
                              {{}, TimeAnchor{Seconds(1.25)}, MarkerBody{"drop two", ""}, {}}});
        auto picker = over(project, "markers", 1, 20);
        QCOMPARE(places(project, picker), (Places{"1.3+480", "2.1", "4.1"}));
        picker.values = {{"marker", "drop"}};
        QCOMPARE(places(project, picker), (Places{"1.3+480", "4.1"}));
    }

    void a_list_that_was_frozen() {
        const auto project = steady_project();
        auto picker = over(project, "list", 1, 3);
        picker.list = {Ticks(0), Ticks(500), Ticks(7 * 960), Ticks(99 * 960)};
        QCOMPARE(places(project, picker), (Places{"1.1", "1.1+500", "2.4"}));
    }

    // Common practice: a shake on the last beat of every fourth bar.
    void the_last_of_every_fourth_bar() {
        const auto project = steady_project();
        QCOMPARE(places(project, over(project, "beats", 1, 13, {{"last-of", {{"bars", 4.0}}}})),
                 (Places{"4.4", "8.4", "12.4"}));
        QCOMPARE(places(project, over(project, "beats", 3, 13, {{"last-of", {{"bars", 4.0}}}})),
                 (Places{"6.4", "10.4"}));
        QCOMPARE(places(project, over(project, "half-beats", 1, 3, {{"last-of", {{"bars", 1.0}}}})),
                 (Places{"1.4+480", "2.4+480"}));
    }

    void a_pattern_of_steps() {
        const auto project = steady_project();
        const auto three_three_two = step_values(1, 2, {true, false, false, true, false, false, true, false});
        QCOMPARE(places(project, over(project, "half-beats", 2, 4, {{"steps", three_three_two}})),
                 (Places{"2.1", "2.2+480", "2.4", "3.1", "3.2+480", "3.4"}));
        std::vector<bool> far(32, false); // over four bars, one step a beat... and beyond 32 steps
        far.resize(64, false);
        far[63] = true;
        QCOMPARE(places(project, over(project, "quarter-beats", 1, 9, {{"steps", step_values(4, 4, far)}})),
                 (Places{"4.4+720", "8.4+720"}));
    }

    void a_share_at_random() {
        const auto project = steady_project(120, 0, 600);
        const auto whole =
            places(project, over(project, "beats", 1, 200, {{"random", {{"share", 33.0}, {"seed", 7.0}}}}));
        QVERIFY(whole.size() > 220 && whole.size() < 310); // a third of 796, three deviations to each side
        QCOMPARE(
            places(project, over(project, "beats", 1, 200, {{"random", {{"share", 33.0}, {"seed", 7.0}}}})),
            whole); // always the same
        QVERIFY(places(project, over(project, "beats", 1, 200,
                                     {{"random", {{"share", 33.0}, {"seed", 8.0}}}})) != whole);
        // A part of the range holds the same positions.
        for (const auto& place :
             places(project, over(project, "beats", 50, 100, {{"random", {{"share", 33.0}, {"seed", 7.0}}}})))
            QVERIFY(std::find(whole.begin(), whole.end(), place) != whole.end());
        QVERIFY(places(project, over(project, "beats", 1, 200, {{"random", {{"share", 0.0}, {"seed", 7.0}}}}))
                    .empty());
        QCOMPARE(
            places(project, over(project, "beats", 1, 200, {{"random", {{"share", 100.0}, {"seed", 7.0}}}}))
                .size(),
            std::size_t{796});
    }

    void at_least_so_far_apart() {
        const auto project = steady_project(); // half a second a beat, 12 frames
        QCOMPARE(places(project, over(project, "beats", 1, 3, {{"apart-ms", {{"least", 900.0}}}})),
                 (Places{"1.1", "1.3", "2.1", "2.3"}));
        QCOMPARE(places(project, over(project, "beats", 1, 3, {{"apart-ms", {{"least", 500.0}}}})).size(),
                 std::size_t{8});
        QCOMPARE(places(project, over(project, "beats", 1, 3, {{"apart-frames", {{"least", 13.0}}}})),
                 (Places{"1.1", "1.3", "2.1", "2.3"}));
        QCOMPARE(places(project, over(project, "half-beats", 1, 2, {{"apart-beats", {{"least", 1.5}}}})),
                 (Places{"1.1", "1.2+480", "1.4"}));
    }

    void where_another_lane_does_not_act() {
        Project project = steady_project();
        const auto lane = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        project = *with_pins(project, lane,
                             {{{}, MusicalAnchor{Ticks(960)}, MarkerBody{"a", ""}, {}},
                              {{}, TimeAnchor{Seconds(1.003)}, MarkerBody{"same frame", ""}, {}}});
        QCOMPARE(places(project, over(project, "beats", 1, 2, {{"free-of-lane", {{"lane", lane}}}})),
                 (Places{"1.1", "1.4"}));
        QCOMPARE(
            places(project, over(project, "beats", 1, 2, {{"free-of-lane", {{"lane", LaneId{987}}}}})).size(),
            std::size_t{4});
    }

    void filters_work_in_any_order() {
        const auto project = steady_project();
        const FilterUse last{"last-of", {{"bars", 1.0}}}, second{"every-nth", {{"n", 2.0}, {"offset", 0.0}}};
        QCOMPARE(places(project, over(project, "beats", 1, 5, {last, second})), (Places{"1.4", "3.4"}));
        QCOMPARE(places(project, over(project, "beats", 1, 5, {second, last})),
                 (Places{"1.3", "2.3", "3.3", "4.3"}));
        QCOMPARE(describe(over(project, "beats", 1, 5, {last, second}), project),
                 std::string("beats, the last of each bar, every 2nd, 1.1 until 5.1"));
    }

    // After the grid was corrected the same picker picks on the corrected one.
    void pickers_follow_the_grid() {
        Project project = heard_project();
        auto picker = over(project, "beats", 1, 5, {{"last-of", {{"bars", 2.0}}}});
        const auto before = pick(picker, project);
        project = retimed(project, *with_beat_moved(*project.grid, 7, Seconds(3.56), BendReach::Bar));
        const auto after = pick(picker, project);
        QCOMPARE(before->size(), after->size()); // the same places,
        for (std::size_t i = 0; i < before->size(); ++i)
            QCOMPARE((*before)[i].at, (*after)[i].at);
        QVERIFY(std::abs((*after)[0].time.value - 3.56) < 1e-9);
        QVERIFY(std::abs(project.grid->time_at((*after)[0].at).value - 3.56) < 1e-9); // at other times
    }

    void pace_follows_the_level() {
        // Calm, middling and loud for four bars each (two seconds a bar at 120).
        auto project = steady_project(120, 0, 24);
        Detection found;
        for (int i = 0; i < 240; ++i)
            found.levels.push_back(i < 80 ? -40.0f : i < 160 ? -25.0f : -10.0f);
        project = with_detection(project, found, false);
        const auto in_bar = [&](const std::vector<Picked>& picked, std::int64_t bar) {
            return std::count_if(picked.begin(), picked.end(),
                                 [&](const Picked& p) { return project.grid->position_of(p.at).bar == bar; });
        };
        const Picker beats{"beats", Ticks(0), Ticks(48 * 960), {{"pace", {{"calm", 1.0}, {"loud", 4.0}}}}};
        const auto picked = pick(beats, project);
        QVERIFY(picked);
        for (const std::int64_t bar : {1, 2, 3, 4})
            QCOMPARE(in_bar(*picked, bar), 1);
        for (const std::int64_t bar : {5, 6, 7, 8})
            QCOMPARE(in_bar(*picked, bar), 2);
        for (const std::int64_t bar : {9, 10, 11, 12})
            QCOMPARE(in_bar(*picked, bar), 4);
        for (const auto& p : *picked) // on the bar where it is calm
            QVERIFY(project.grid->position_of(p.at).bar > 4 || project.grid->position_of(p.at).beat == 1);
        const Picker slow{"beats", Ticks(0), Ticks(48 * 960), {{"pace", {{"calm", 2.0}, {"loud", 1.0}}}}};
        const auto few = pick(slow, project);
        QCOMPARE(in_bar(*few, 1) + in_bar(*few, 2), 1);
        QCOMPARE(in_bar(*few, 9), 1);
        // Without levels nothing is calm or loud.
        project = with_detection(project, Detection{}, false);
        QCOMPARE(in_bar(*pick(beats, project), 1), 2);
    }

    void tops_of_the_level_are_told_by_their_onsets() {
        auto project = steady_project(120, 0, 24);
        Detection found;
        found.rows.resize(1);
        found.levels.assign(240, -40.0f);
        found.levels[52] = -10; // 5.2 s
        found.levels[53] = -14;
        found.levels[100] = -38; // stands out by too little
        found.levels[200] = -20;
        found.rows[0].onsets = {{Seconds(5.18), 0.8f}, {Seconds(9.99), 1}, {Seconds(20.02), 0.4f}};
        project = with_detection(project, found, false);
        const auto picked = pick({"level-peaks", Ticks(0), Ticks(48 * 960), {}}, project);
        QCOMPARE(picked->size(), std::size_t{2});
        QVERIFY(std::abs(project.grid->time_at((*picked)[0].at).value - 5.18) < 0.001);
        QVERIFY(std::abs(project.grid->time_at((*picked)[1].at).value - 20.02) < 0.001);
        QCOMPARE((*picked)[0].strength, 0.8f);
    }

    void markers_of_a_colour_and_the_whole_song() {
        auto project = steady_project(120, 0, 24);
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                             {{{}, MusicalAnchor{Ticks(960)}, MarkerBody{"a", "", 1}, {}},
                              {{}, MusicalAnchor{Ticks(1920)}, MarkerBody{"b", "", 0}, {}},
                              {{}, MusicalAnchor{Ticks(9600)}, MarkerBody{"c", "", 1}, {}}});
        Picker picker{"markers-of-colour", Ticks(0), Ticks(5000), {}, {{"colour", "brick"}}};
        QCOMPARE(pick(picker, project)->size(), std::size_t{1});
        picker.whole = true;
        QCOMPARE(pick(picker, project)->size(), std::size_t{2});
        QVERIFY(describe(picker, project).ends_with("whole song"));
    }
};

PULSEPIN_TEST_CLASS(TestPickers, "test_pickers")
#include "test_pickers.moc"
