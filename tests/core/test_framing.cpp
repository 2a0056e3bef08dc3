// SPDX-License-Identifier: GPL-3.0-or-later
//
// Shots in the picture: framed each for itself, as slates before they are there, ordered in the bin and
// dropped.
#include "hand/dropped.h"
#include "hand/hand_edits.h"
#include "interchange/edl.h"
#include "interchange/project_json.h"
#include "model/lane_edits.h"
#include "model/piece_edits.h"
#include "model/planting_edits.h"
#include "model/shot_edits.h"
#include "schedule/place.h"
#include "schedule/pulses.h"
#include "stage/staged_frame.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

LaneId cuts_of(const Project& project) {
    return lane_of_kind(project, kind_of(body_type<CutBody>));
}

Picker every_bar() {
    Picker picker;
    picker.source = "downbeats";
    picker.until = Ticks(16 * 960);
    return picker;
}

Project without_shots() {
    Project project = steady_project();
    project.bin = std::make_shared<const std::vector<Clip>>();
    return project;
}

std::vector<std::uint64_t> shots_seen(const Project& project) {
    std::vector<std::uint64_t> all;
    for (const auto& span : shots_of(project, *project.lane(cuts_of(project))))
        all.push_back(span.shot.value);
    return all;
}

} // namespace

class TestFraming : public QObject {
    Q_OBJECT
private slots:
    void a_framing_is_the_cuts_own_and_is_kept() {
        Project project = place(steady_project(), cuts_of(steady_project()), every_bar())->project;
        std::vector<PinId> pins;
        for (const auto& pin : project.lane(cuts_of(project))->pins)
            pins.push_back(pin.id);
        QVERIFY(!needs_composing({Schedule(project)}, Frames(10)));
        const auto set = hand_edit("set")->run(
            {Schedule(project),
             {pins[1]},
             {},
             {},
             {},
             {{"framing", std::string("fill")}, {"framing-x", 120.0}, {"framing-scale", 150.0}}});
        QVERIFY2(set.has_value(), set ? "" : set.error().message().c_str());
        project = set->project;
        const ShotFraming wanted{ShotFraming::Base::Fill, 150, 120, 0};
        const auto framing_at = [&](std::size_t i) {
            return shots_of(project, *project.lane(cuts_of(project)))[i].framing;
        };
        QCOMPARE(framing_at(1), wanted);
        QCOMPARE(framing_at(0), ShotFraming{});
        QVERIFY(needs_composing({Schedule(project)}, Frames(60)));
        QVERIFY(!needs_composing({Schedule(project)}, Frames(10)));
        // Running it again, with the same rule or another, leaves it.
        const PlantingId planting = project.pin(pins[1])->planting;
        auto form = project.planting(planting)->form;
        ShotChoice one_shot;
        one_shot.order = ShotChoice::Order::OneShot;
        one_shot.shots = {{project.bin->back().id, 1}};
        form.choice = one_shot;
        project = run_again(project, planting, every_bar(), form)->project;
        QCOMPARE(framing_at(1), wanted);
        // It goes with its shot when two are swapped.
        project = *swapped(project, pins[1], pins[2]);
        QCOMPARE(framing_at(2), wanted);
        QCOMPARE(framing_at(1), ShotFraming{});
        // Another shot in its place is framed in the same way.
        project = *replaced(project, pins[2], project.bin->front().id);
        QCOMPARE(framing_at(2), wanted);
        const auto read = project_from_json(project_to_json(project, {}), {});
        QVERIFY(read && same_content(*read, project));
        // A wider picture moves it as far in proportion.
        project = *with_picture_size(project, 2560, 720);
        QCOMPARE(framing_at(2).x, 240.0);
        QCOMPARE(framing_at(2).scale, 150.0);
    }

    void cuts_without_shots_are_slates_in_order() {
        Project project = without_shots();
        const auto placed = place(project, cuts_of(project), every_bar());
        QVERIFY2(placed.has_value(), placed ? "" : placed.error().message().c_str());
        QCOMPARE(placed->count, std::size_t{4});
        project = placed->project;
        const auto slates = [&] {
            std::vector<int> all;
            for (const auto& span : shots_of(project, *project.lane(cuts_of(project))))
                all.push_back(span.slate);
            return all;
        };
        QCOMPARE(slates(), (std::vector<int>{1, 2, 3, 4}));
        QVERIFY(needs_composing({Schedule(project)}, Frames(10)));
        const auto list = write_edl(project);
        QVERIFY(list.has_value() && list->find("* SLATE 2: THE SHOT IS STILL TO COME") != std::string::npos);
        // Filled in turn, once there are shots.
        QVERIFY(!hand_edit("fill-slates")->run({Schedule(project)}));
        project = with_clips(project, *steady_project().bin);
        const auto& bin = *project.bin;
        const auto pins = pins_of(project, placed->planting);
        const auto one = hand_edit("fill-slates")->run({Schedule(project), {pins[1]}});
        QVERIFY(one.has_value());
        QCOMPARE(shots_seen(one->project), (std::vector<std::uint64_t>{0, bin[0].id.value, 0, 0}));
        const auto all = hand_edit("fill-slates")->run({Schedule(one->project)});
        QVERIFY(all.has_value());
        QCOMPARE(shots_seen(all->project), (std::vector<std::uint64_t>{bin[0].id.value, bin[0].id.value,
                                                                       bin[1].id.value, bin[2].id.value}));
        QVERIFY(!hand_edit("fill-slates")->run({Schedule(all->project)}));
    }

    void the_bin_is_ordered() {
        const Project project = steady_project();
        const auto& bin = *project.bin;
        const auto order = [&](const std::vector<std::size_t>& moved, std::size_t to) {
            std::vector<ClipId> clips;
            for (const auto i : moved)
                clips.push_back(bin[i].id);
            std::string names;
            const Project ordered = with_clips_moved(project, clips, to);
            for (const auto& clip : *ordered.bin)
                names += clip.name.substr(0, 2) + " ";
            return names;
        };
        QCOMPARE(order({4}, 0), std::string("lo sp la ta cr la "));
        QCOMPARE(order({0, 2}, 5), std::string("la cr lo sp ta la "));
        QCOMPARE(order({0}, 6), std::string("la ta cr lo la sp "));
        QCOMPARE(order({1}, 1), order({}, 0));
        QCOMPARE(order({1}, 2), order({}, 0));
        QVERIFY(with_clips_moved(project, {bin[1].id}, 1).bin == project.bin); // nothing to undo
    }

    void clips_and_pulses_are_dropped_where_they_belong() {
        Project project = place(steady_project(), cuts_of(steady_project()), every_bar())->project;
        const LaneId cuts = cuts_of(project);
        const Clip clip = project.bin->back();
        const PinId second = resolve(project, *project.lane(cuts)).pins[1].id;
        const auto on = dropped_on_lane(Schedule(project), clip.id, cuts, second, Seconds(2.5));
        QVERIFY(on.has_value());
        QCOMPARE(body_of<CutBody>(on->project.pin(second)->body).shot, clip.id);
        QCOMPARE(on->project.lane(cuts)->pins.size(), std::size_t{4});
        const auto beside = dropped_on_lane(Schedule(project), clip.id, cuts, {}, Seconds(3));
        QVERIFY(beside.has_value());
        QCOMPARE(beside->project.lane(cuts)->pins.size(), std::size_t{5});
        QCOMPARE(beside->selected.size(), std::size_t{1});
        QVERIFY(!dropped_on_lane(Schedule(project), clip.id,
                                 lane_of_kind(project, kind_of(body_type<MarkerBody>)), {}, Seconds(1)));
        // A pulse shapes its lane, or the one place it falls on.
        project = with_lane(project, kind_of(body_type<PulseBody>), "Hits");
        const LaneId hits = project.lanes.back()->id;
        const PinId hit{project.next_id};
        project = *with_pins(project, hits, {{{}, TimeAnchor{Seconds(1)}, PulseBody{}, {}}});
        const Pulse wanted = pulse_library().back();
        const auto dropped = dropped_on_lane(Schedule(project), wanted, hits, {}, Seconds(1));
        QCOMPARE(part_of<Motion>(*dropped->project.lane(hits))->pulse, wanted);
        const auto single = dropped_on_lane(Schedule(project), wanted, hits, hit, Seconds(1));
        QCOMPARE(*body_of<PulseBody>(single->project.pin(hit)->body).shape, wanted);
        QVERIFY(part_of<Motion>(*single->project.lane(hits))->pulse != wanted);
        QVERIFY(!dropped_on_lane(Schedule(project), wanted, cuts, {}, Seconds(1)));
        const Project locked = *with_lane_locked(project, hits, true);
        QVERIFY(!dropped_on_lane(Schedule(locked), wanted, hits, {}, Seconds(1)));
    }
};

PULSEPIN_TEST_CLASS(TestFraming, "test_framing")
#include "test_framing.moc"
