// SPDX-License-Identifier: GPL-3.0-or-later
//
// Work without a beat grid: places in plain time, picked, moved, copied, run again, and tied to a grid later.
#include "hand/hand_edits.h"
#include "interchange/project_json.h"
#include "model/adopt_edits.h"
#include "model/copies.h"
#include "model/pin_edits.h"
#include "model/planting_edits.h"
#include "schedule/picker_tables.h"
#include "schedule/place.h"
#include "support/projects.h"
#include "support/test_program.h"
#include "time/clock_grid.h"

#include <QTest>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Project spoken(const char* rate = "24") {
    Project project = steady_project(120, 0, 60, rate);
    project.grid = nullptr;
    Detection found;
    found.rows.resize(1);
    found.rows[0].name = "full";
    for (const double at : {1.2345, 2.5, 7.0101, 9.99})
        found.rows[0].onsets.push_back({Seconds(at), at < 5 ? 0.9f : 0.3f});
    project.detection = std::make_shared<const Detection>(std::move(found));
    return project;
}

LaneId cuts_of(const Project& project) {
    return lane_of_kind(project, kind_of(body_type<CutBody>));
}

Picker picker(const char* source, double from, double until, ParamValues values = {}) {
    Picker picker{source, clock_ticks(Seconds(from)), clock_ticks(Seconds(until)), {}, std::move(values)};
    picker.by_clock = true;
    return picker;
}

std::vector<double> times(const Project& project, const Picker& wanted) {
    std::vector<double> all;
    const auto picked = pick(wanted, project);
    if (picked)
        for (const auto& place : *picked)
            all.push_back(std::round(place.time.value * 1e6) / 1e6);
    return all;
}

} // namespace

class TestPlainTime : public QObject {
    Q_OBJECT
private slots:
    void the_clock_is_exact_at_frames_of_whole_rates() {
        for (const double rate : {24.0, 25.0, 30.0, 48.0, 50.0, 60.0})
            for (int frame = 0; frame < 5000; frame += 7) {
                const Seconds at(frame / rate);
                QVERIFY(std::abs((clock_time(clock_ticks(at)) - at).value) < 1e-9);
            }
        for (double at = 0; at < 3600; at += 0.777)
            QVERIFY(std::abs((clock_time(clock_ticks(Seconds(at))) - Seconds(at)).value) <=
                    0.5 / 9600 + 1e-9);
        const auto ruler = clock_grid(Seconds(4000)); // an hour and more
        QVERIFY(std::abs((ruler.time_at(clock_ticks(Seconds(3700.5))) - Seconds(3700.5)).value) < 1e-6);
        QCOMPARE(ruler.nearest_tick(Seconds(12.5)), clock_ticks(Seconds(12.5)));
    }

    void seconds_frames_onsets_and_lists_are_picked() {
        const Project project = spoken();
        QCOMPARE(times(project, picker("every-seconds", 3, 10, {{"seconds", 2.5}})),
                 (std::vector<double>{3, 5.5, 8}));
        QCOMPARE(times(project, picker("every-frames", 0.99, 3, {{"frames", 12.0}})),
                 (std::vector<double>{1, 1.5, 2, 2.5}));
        const auto onsets = times(project, picker("onsets", 0, 60));
        QCOMPARE(onsets.size(), std::size_t{4});
        QVERIFY(std::abs(onsets[0] - 1.2345) < 1e-4); // to a tenth of a millisecond
        Picker listed = picker("list", 0, 60);
        listed.list = {clock_ticks(Seconds(4.5)), clock_ticks(Seconds(8))};
        QCOMPARE(times(project, listed), (std::vector<double>{4.5, 8}));
        // Filters that know no beats work as they do with them.
        Picker strong = picker("onsets", 0, 60);
        strong.filters = {{"stronger", {{"least", 50.0}}}};
        QCOMPARE(times(project, strong).size(), std::size_t{2});
        strong.filters = {{"apart-ms", {{"least", 2500.0}}}};
        QCOMPARE(times(project, strong).size(), std::size_t{3});
        Picker whole = picker("every-seconds", 0, 0, {{"seconds", 10.0}});
        whole.whole = true;
        QCOMPARE(times(project, whole).size(), std::size_t{6});
        QCOMPARE(describe(whole, project), std::string("every 10 seconds, whole song"));
        QCOMPARE(describe(picker("onsets", 1.5, 10), project), std::string("onsets of, 1.5 s until 10 s"));
    }

    void what_needs_beats_says_so() {
        const Project project = spoken();
        for (const auto& row : picker_sources()) {
            const auto picked = pick(picker(std::string(row.id).c_str(), 0, 20), project);
            QCOMPARE(picked.has_value(), !row.needs_beats);
            if (!picked)
                QVERIFY(picked.error().message().find("grid") != std::string::npos);
        }
        for (const auto& row : picker_filters()) {
            Picker filtered = picker("onsets", 0, 20);
            filtered.filters = {{std::string(row.id), {}}};
            QCOMPARE(pick(filtered, project).has_value(), !row.needs_beats);
        }
        Picker by_beats; // and without saying that plain time is meant nothing is picked
        QVERIFY(!pick(by_beats, project));
    }

    void plantings_lie_moves_and_run_again_in_plain_time() {
        Project project = spoken();
        const auto placed =
            place(project, cuts_of(project), picker("every-seconds", 0, 20, {{"seconds", 2.0}}));
        QVERIFY(placed);
        QCOMPARE(placed->count, std::size_t{10});
        project = placed->project;
        const auto pins = pins_of(project, placed->planting);
        for (const auto& pin : project.lane(cuts_of(project))->pins)
            QVERIFY(std::holds_alternative<TimeAnchor>(pin.anchor));
        // A second time there is one on each of them.
        QVERIFY(!place(project, cuts_of(project), picker("every-seconds", 0, 20, {{"seconds", 2.0}})));
        // One by hand, then all by a quarter of a second: the rule goes with them, the exception stays one.
        project = *with_anchor(project, pins[3], TimeAnchor{Seconds(6.4)});
        project = moved_in_time(project, pins, Seconds(0.25));
        auto again = run_again(project, placed->planting);
        QVERIFY(again);
        QVERIFY(!again->changes());
        QCOMPARE(again->kept, std::size_t{1});
        // Denser: what is there stays, with the shift.
        again = run_again(project, placed->planting, picker("every-seconds", 0, 20, {{"seconds", 1.0}}),
                          project.planting(placed->planting)->form);
        QVERIFY(again);
        QCOMPARE(again->added, std::size_t{10});
        std::vector<double> lie;
        for (const auto& pin : resolve(again->project, *again->project.lane(cuts_of(project))).pins)
            lie.push_back(pin.time.value);
        QVERIFY(std::abs(lie[0] - 0.25) < 1e-4 && std::abs(lie[1] - 1.25) < 1e-4 &&
                std::abs(lie[6] - 6.25) > 0.1);
        // The file keeps that it is in plain time.
        const auto read = project_from_json(project_to_json(again->project, {}), {});
        QVERIFY(read && same_content(*read, again->project));
        QVERIFY(read->planting(placed->planting)->by_clock());
    }

    void a_grid_that_comes_later_does_not_move_them_until_it_adopts_them() {
        Project project = spoken();
        Picker listed = picker("list", 0, 60);
        for (const double at : {0.48, 1.03, 1.77, 2.21, 3.0})
            listed.list.push_back(clock_ticks(Seconds(at)));
        const auto placed = place(project, cuts_of(project), listed);
        QVERIFY(placed);
        project = relabelled(placed->project, *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(60)));
        const auto pins = pins_of(project, placed->planting);
        QVERIFY(std::abs(anchored_time(project.pin(pins[1])->anchor, project)->value - 1.03) < 1e-4);
        QVERIFY(run_again(project, placed->planting).has_value()); // still in plain time
        // Beats lie at each half second: 20, 30 and 0 ms away; 230 and 210 stay loose.
        const auto adopted = with_pins_adopted(project, pins, 1, Seconds(0.08));
        QVERIFY(adopted);
        QCOMPARE(adopted->taken, std::size_t{3});
        QCOMPARE(adopted->beyond, std::size_t{2});
        QVERIFY(std::abs(adopted->furthest.value - 0.03) < 1e-3);
        QCOMPARE(adopted->project.pin(pins[0])->anchor, Anchor(MusicalAnchor{Ticks(960)}));
        QVERIFY(std::holds_alternative<TimeAnchor>(adopted->project.pin(pins[2])->anchor));
        QVERIFY(!adopted->project.planting(placed->planting)->picker);
        // Quarters of beats are 125 ms apart: 1.77 lies 20 from one, 2.21 40.
        QCOMPARE(with_pins_adopted(project, pins, 4, Seconds(0.08))->taken, std::size_t{5});
        // What is locked stays, and without a grid nothing can be.
        const Project locked = with_pins_locked(project, std::vector<PinId>{pins[0]}, true);
        QCOMPARE(with_pins_adopted(locked, pins, 1, Seconds(0.08))->taken, std::size_t{2});
        QVERIFY(!with_pins_adopted(placed->project, pins, 1, Seconds(0.08)));
        // By the table of edits, all loose pins where nothing is selected.
        const auto edited =
            hand_edit("adopt")->run({Schedule(project), {}, {}, {}, {}, values_for(*hand_edit("adopt"), {})});
        QVERIFY(edited);
        QCOMPARE(edited->count, std::size_t{3});
        QCOMPARE(edited->name, std::string("2"));
    }

    void trimming_the_song_keeps_places_and_rules_of_plain_time_at_their_moments_data() {
        QTest::addColumn<QString>("source");
        QTest::addColumn<bool>("whole");
        for (const char* source : {"every-seconds", "every-frames", "onsets", "list"})
            for (const bool whole : {false, true})
                QTest::addRow("%s, %s", source, whole ? "whole song" : "a range") << source << whole;
    }

    void trimming_the_song_keeps_places_and_rules_of_plain_time_at_their_moments() {
        QFETCH(QString, source);
        QFETCH(bool, whole);
        std::mt19937 random(7);
        for (int round = 0; round < 30; ++round) {
            Project project = spoken();
            Picker wanted = picker(source.toUtf8(), 0.5, 20,
                                   source == "every-seconds" ? ParamValues{{"seconds", 0.7}} : ParamValues{});
            wanted.whole = whole && source != "list";
            for (int i = 0; i < 12; ++i)
                wanted.list.push_back(clock_ticks(Seconds(0.77 + i * 1.13)));
            project.pickers =
                std::make_shared<const std::vector<NamedPicker>>(1, NamedPicker{"mine", wanted});
            const auto placed = place(project, cuts_of(project), wanted);
            QVERIFY(placed);
            project = placed->project;
            auto pins = pins_of(project, placed->planting);
            // One is moved by hand, one left out, all moved a little.
            project = *with_anchor(project, pins[1], TimeAnchor{Seconds(3.217)});
            project = without_pins(project, std::vector{pins[2]});
            pins.erase(pins.begin() + 2);
            project = moved_in_time(project, pins, Seconds(0.05));
            QVERIFY(!run_again(project, placed->planting)->changes());

            // Frames are counted from the start of the song: their places stay when it is cut at a frame.
            const Seconds from = source == "every-frames"
                                     ? Seconds((static_cast<double>(random() % 40) + 1) / 24)
                                     : Seconds(static_cast<double>(random() % 90'000 + 1) / 48'000);
            const Project trimmed = *with_song_trimmed(project, from, Seconds(50));
            const auto moment = [&](const Project& of, PinId pin) {
                return anchored_time(of.pin(pin)->anchor, of)->value;
            };
            for (const PinId pin : pins)
                QVERIFY(std::abs(moment(trimmed, pin) - (moment(project, pin) - from.value)) <= 1.01 / 9600);
            const auto before = times(project, wanted);
            const auto after = times(trimmed, trimmed.pickers->front().picker);
            // What is in both is the same; before and behind it nothing of the song is left.
            std::size_t inside = 0;
            for (const double at : before)
                if (at - from.value > 0.001 && at < 49.99) { // the song is cut off at 50
                    ++inside;
                    QVERIFY(std::any_of(after.begin(), after.end(), [&](double now) {
                        return std::abs(now - (at - from.value)) <= 1.01 / 9600;
                    }));
                }
            QCOMPARE(std::count_if(after.begin(), after.end(),
                                   [&](double at) { return at > 0.001 && at < 49.99 - from.value; }),
                     static_cast<std::ptrdiff_t>(inside));
            // Run again it finds its pins where they lie, and keeps what was corrected.
            const auto again = run_again(trimmed, placed->planting);
            QVERIFY(again);
            QCOMPARE(again->added, std::size_t{0});
            if (source != "onsets") // those are found between two ticks of the clock
                QCOMPARE(again->moved, std::size_t{0});
            QCOMPARE(again->kept, std::size_t{1});
            for (const PinId pin : pins)
                if (again->project.pin(pin))
                    QVERIFY(std::abs(moment(again->project, pin) - moment(trimmed, pin)) <= 1.01 / 9600);
        }
    }

    void another_grid_leaves_the_rules_of_plain_time_alone() {
        const Project bare = spoken();
        const auto placed = place(bare, cuts_of(bare), picker("every-seconds", 0.5, 20, {{"seconds", 0.7}}));
        QVERIFY(placed);
        Project project = placed->project;
        project.pickers = std::make_shared<const std::vector<NamedPicker>>(
            1, NamedPicker{"mine", picker("every-seconds", 0.5, 20, {{"seconds", 0.7}})});
        for (const double bpm : {120.0, 60.0, 133.3}) { // found, halved, corrected
            project = relabelled(project, *BeatGrid::steady(Bpm(bpm), Seconds(0.2), {}, Seconds(60)));
            QVERIFY(!run_again(project, placed->planting)->changes());
            QCOMPARE(project.planting(placed->planting)->picker, placed->project.plantings->front().picker);
            QCOMPARE(project.pickers->front().picker, *placed->project.plantings->front().picker);
        }
    }

    void pins_are_copied_without_beats() {
        Project project = spoken();
        project =
            *with_pins(project, cuts_of(project),
                       {{{}, TimeAnchor{Seconds(1)}, CutBody{project.bin->front().id, Seconds(0)}, {}},
                        {{}, TimeAnchor{Seconds(1.7)}, CutBody{project.bin->back().id, Seconds(0)}, {}}});
        std::vector<PinId> pins;
        for (const auto& pin : project.lane(cuts_of(project))->pins)
            pins.push_back(pin.id);
        const auto clipping = clipping_of(project, pins);
        const auto copied = pasted(project, clipping, clock_ticks(Seconds(10)));
        QVERIFY(copied);
        QCOMPARE(copied->count, std::size_t{2});
        std::vector<double> lie;
        for (const auto& pin : resolve(copied->project, *copied->project.lane(cuts_of(project))).pins)
            lie.push_back(std::round(pin.time.value * 1e4) / 1e4);
        QCOMPARE(lie, (std::vector<double>{1, 1.7, 10, 10.7}));
        // Measured by the clock, they are not pasted by beats that came meanwhile.
        const Project with_grid =
            relabelled(project, *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(60)));
        QVERIFY(!pasted(with_grid, clipping, Ticks(960)));
    }

    void an_end_is_written() {
        Project project = steady_project();
        const LaneId lane = [&] {
            project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash");
            return project.lanes.back()->id;
        }();
        const PinId id{project.next_id};
        project =
            *with_pins(project, lane, {{{}, MusicalAnchor{Ticks(4 * 960)}, TriggerBody{}, {}}}); // bar 2, 2 s
        const auto put = [&](const char* at, const char* counted) {
            return hand_edit("put-end")->run({Schedule(project),
                                              {id},
                                              {},
                                              {},
                                              {},
                                              {{"at", std::string(at)}, {"counted", std::string(counted)}}});
        };
        QCOMPARE(body_of<TriggerBody>(put("3", "bars")->project.pin(id)->body).length,
                 (Length{Length::Unit::InBeats, 4}));
        QCOMPARE(body_of<TriggerBody>(put("60", "frames")->project.pin(id)->body).length,
                 (Length{Length::Unit::InFrames, 12}));
        QCOMPARE(body_of<TriggerBody>(put("0:02.75", "bars")->project.pin(id)->body).length,
                 (Length{Length::Unit::InBeats, 1.5}));
        QVERIFY(!put("1.3", "bars"));
        QVERIFY(!put("soon", "bars"));
    }
};

PULSEPIN_TEST_CLASS(TestPlainTime, "test_plain_time")
#include "test_plain_time.moc"
