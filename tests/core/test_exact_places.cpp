// SPDX-License-Identifier: GPL-3.0-or-later
//
// Places as they are written, and what pulls what is dragged, added and tapped.
#include "hand/hand_edits.h"
#include "model/anchored_time.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "schedule/place_text.h"
#include "schedule/snapping.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

unsigned bit(std::string_view id) {
    const auto kinds = snap_kinds();
    for (std::size_t i = 0; i < kinds.size(); ++i)
        if (kinds[i].id == id)
            return 1u << i;
    return 0;
}

} // namespace

class TestExactPlaces : public QObject {
    Q_OBJECT
private slots:
    void places_are_read_as_people_write_them_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("plain");
        QTest::addColumn<double>("seconds"); // at 120 BPM and 24 frames a second
        const int bar = static_cast<int>(PlainNumber::AsBar),
                  second = static_cast<int>(PlainNumber::AsSeconds),
                  frame = static_cast<int>(PlainNumber::AsFrame);
        QTest::newRow("bar and beat") << "13.3" << bar << 25.0;
        QTest::newRow("with ticks") << "13.3.480" << bar << 25.25;
        QTest::newRow("a bar by itself") << "13" << bar << 24.0;
        QTest::newRow("minutes") << "0:26.96" << bar << 26.96;
        QTest::newRow("hours") << "1:02:03.5" << frame << 3723.5;
        QTest::newRow("before the song") << "-0:01.5" << second << -1.5;
        QTest::newRow("seconds") << " 26.96 s " << bar << 26.96;
        QTest::newRow("a number as seconds") << "26.96" << second << 26.96;
        QTest::newRow("a whole number as seconds") << "26" << second << 26.0;
        QTest::newRow("frame") << "647 f" << bar << 647.0 / 24;
        QTest::newRow("a number as a frame") << "647" << frame << 647.0 / 24;
        QTest::newRow("timecode") << "00:00:26:23" << bar << (26 * 24 + 23) / 24.0;
    }
    void places_are_read_as_people_write_them() {
        QFETCH(QString, text);
        QFETCH(int, plain);
        QFETCH(double, seconds);
        const Project project = steady_project();
        const auto place = place_of_text(project, text.toStdString(), static_cast<PlainNumber>(plain));
        QVERIFY2(place, place ? "" : place.error().message().c_str());
        QVERIFY(std::abs(anchored_time(*place, project)->value - seconds) < 1e-9);
    }

    void what_is_no_place_is_refused() {
        const Project project = steady_project();
        for (const char* text : {"", "soon", "13.3.480.2.2", "1:x", "--3", "0:-5", "1e99 s", "13,3",
                                 "00:00:99:99:1", "f", "s", ":"})
            QVERIFY2(!place_of_text(project, text, PlainNumber::AsBar), text);
        Project without = project;
        without.grid = nullptr;
        QVERIFY(!place_of_text(without, "13.3", PlainNumber::AsBar));
        QVERIFY(place_of_text(without, "0:13.3", PlainNumber::AsBar));
    }

    void a_pin_is_put_where_it_was_written() {
        Project project = steady_project();
        const LaneId lane = project.first_lane(body_type<MarkerBody>)->id;
        project = *with_pins(project, lane, {{{}, MusicalAnchor{Ticks(960)}, MarkerBody{"a"}, {}}});
        project = *with_lead(project, lane, Frames(2));
        const PinId pin = project.lane(lane)->pins[0].id;
        const auto put = [&](const char* text, const char* counted) {
            auto edited = hand_edit("put-at")->run(
                {Schedule(project), {pin}, {}, {}, {}, {{"at", text}, {"counted", counted}}});
            if (edited)
                project = edited->project;
            return edited.has_value();
        };
        QVERIFY(put("13.3", "bars"));
        QCOMPARE(project.pin(pin)->anchor, Anchor(MusicalAnchor{Ticks(50 * 960)}));
        QVERIFY(put("25.01", "seconds")); // tied to the beat still, with an offset
        QVERIFY(std::holds_alternative<MusicalAnchor>(project.pin(pin)->anchor));
        QVERIFY(std::abs(anchored_time(project.pin(pin)->anchor, project)->value - 25.01) < 1e-9);
        QVERIFY(put("647", "frames")); // the frame that acts, two frames earlier than the anchor
        QCOMPARE(Schedule(project)[0].pins[0].frame, Frames(647));
        project = *with_pinned(project, pin, false);
        QVERIFY(put("0:05.5", "bars"));
        QCOMPARE(project.pin(pin)->anchor, Anchor(TimeAnchor{Seconds(5.5)})); // loose stays loose
        const Project before = project;
        QVERIFY(!put("soon", "bars"));
        QVERIFY(project.lanes == before.lanes);
    }

    void the_nearest_of_what_pulls_is_taken() {
        Project project = steady_project(); // a beat is half a second
        const LaneId lane = project.first_lane(body_type<MarkerBody>)->id;
        project = *with_pins(project, lane, {{{}, TimeAnchor{Seconds(3.31)}, MarkerBody{"a"}, {}}});
        const Schedule schedule(project);
        const auto near = [&](unsigned kinds, double time, std::optional<TimeSpan> range = {}) {
            const auto place = nearest_place(schedule, range, kinds, Seconds(time));
            return place ? place->value : -1.0;
        };
        QCOMPARE(near(bit("beats"), 3.3), 3.5);
        QCOMPARE(near(bit("halves"), 3.3), 3.25);
        QVERIFY(std::abs(near(bit("thirds"), 3.3) - 10.0 / 3) < 1e-9);
        QCOMPARE(near(bit("quarters"), 3.3), 3.25);
        QCOMPARE(near(bit("markers"), 3.3), 3.31);
        QCOMPARE(near(bit("beats") | bit("pins"), 3.32), 3.31);
        QCOMPARE(near(bit("range"), 3.3), -1.0);
        QCOMPARE(near(bit("range"), 3.3, TimeSpan{Seconds(1), Seconds(3.29)}), 3.29);
        QCOMPARE(near(0, 3.3), -1.0);
        QCOMPARE(near(bit("onsets"), 3.3), -1.0); // none found
    }

    void pins_are_moved_in_plain_time() {
        Project project = steady_project();
        const LaneId lane = project.first_lane(body_type<MarkerBody>)->id;
        project = *with_pins(project, lane,
                             {{{}, MusicalAnchor{Ticks(960), Frames(3)}, MarkerBody{"a"}, {}},
                              {{}, TimeAnchor{Seconds(2)}, MarkerBody{"b"}, {}}});
        const auto pins = project.lane(lane)->pins;
        const Project moved = moved_in_time(project, std::vector{pins[0].id, pins[1].id}, Seconds(0.3));
        QVERIFY(std::abs(anchored_time(moved.pin(pins[0].id)->anchor, moved)->value - (0.5 + 0.125 + 0.3)) <
                1e-9);
        QCOMPARE(anchored_time(moved.pin(pins[1].id)->anchor, moved)->value, 2.3);
    }

    void black_frames_before_the_first_shot_are_taken_away() {
        Project project = steady_project(120, 0.25);
        const LaneId lane = project.first_lane(body_type<CutBody>)->id;
        const ClipId shot = project.shots().front()->id;
        project = *with_pins(project, lane,
                             {{{}, MusicalAnchor{Ticks(0)}, CutBody{shot, Seconds(1)}, {}},
                              {{}, MusicalAnchor{Ticks(3840)}, CutBody{shot, Seconds(2)}, {}}});
        QCOMPARE(black_frames_before(Schedule(project), lane), Frames(6));
        const auto& edit = *hand_edit("begin-with-shot");
        const auto edited = edit.run({Schedule(project), {}, {}, {}, lane, {}});
        QVERIFY(edited);
        const Schedule then(edited->project);
        QCOMPARE(then.spans(lane).shots.front().start, Frames(0));
        QCOMPARE(then.spans(lane).shots[1].start, Schedule(project).spans(lane).shots[1].start);
        QVERIFY(!edit.run({then, {}, {}, {}, lane, {}}));
        const PinId only[] = {project.lane(lane)->pins.front().id};
        const auto locked = edit.run({Schedule(with_pins_locked(project, only, true)), {}, {}, {}, lane, {}});
        QVERIFY(!locked && locked.error().what.find("locked") != std::string::npos);
    }
};

PULSEPIN_TEST_CLASS(TestExactPlaces, "test_exact_places")
#include "test_exact_places.moc"
