// SPDX-License-Identifier: GPL-3.0-or-later
//
// Sounds trimmed and faded.
#include "model/anchored_time.h"
#include "model/sound_edits.h"
#include "support/projects.h"
#include "support/sounds.h"
#include "support/test_program.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

class TestSoundEdits : public QObject {
    Q_OBJECT
private slots:
    void trimming_the_left_edge_keeps_what_is_heard_in_place() {
        const auto d = trimmed(sound(1, 5), SoundEdge::Start, Seconds(2), Seconds(10));
        QCOMPARE(d.body.in_point, Seconds(3));
        QCOMPARE(d.body.length, Seconds(3));
        QCOMPARE(d.start_moved, Seconds(2));
        // Out again, but not to before the file begins.
        const auto out = trimmed(sound(1, 5), SoundEdge::Start, Seconds(-4), Seconds(10));
        QCOMPARE(out.body.in_point, Seconds(0));
        QCOMPARE(out.start_moved, Seconds(-1));
        QCOMPARE(out.body.length, Seconds(6));
    }

    void trimming_the_right_edge_stays_within_the_file() {
        QCOMPARE(trimmed(sound(1, 5), SoundEdge::End, Seconds(20), Seconds(10)).body.length, Seconds(9));
        QVERIFY(trimmed(sound(1, 5), SoundEdge::End, Seconds(-20), Seconds(10)).body.length > Seconds(0));
        QCOMPARE(trimmed(sound(1, 5), SoundEdge::End, Seconds(3), std::nullopt).body.length, Seconds(8));
    }

    void fades_never_overlap() {
        QCOMPARE(trimmed(sound(0, 5, 1, 2), SoundEdge::FadeIn, Seconds(9), {}).body.fade_in, Seconds(3));
        QCOMPARE(trimmed(sound(0, 5, 1, 2), SoundEdge::FadeOut, Seconds(-9), {}).body.fade_out, Seconds(4));
        QCOMPARE(trimmed(sound(0, 5, 1, 2), SoundEdge::FadeIn, Seconds(-9), {}).body.fade_in, Seconds(0));
        const auto shorter = trimmed(sound(0, 5, 2, 2), SoundEdge::End, Seconds(-2), {}).body;
        QVERIFY(shorter.fade_in + shorter.fade_out <= shorter.length);
    }

    void a_trimmed_start_stays_tied_to_the_grid() {
        Project project = with_lane(steady_project(120), kind_of(body_type<SoundBody>), "Sound");
        const LaneId lane = lane_of_kind(project, kind_of(body_type<SoundBody>));
        for (const Anchor& anchor : {Anchor(MusicalAnchor{Ticks(4 * 960)}), Anchor(TimeAnchor{Seconds(2)})}) {
            const PinId id{project.next_id};
            project = *with_pins(project, lane, {{{}, anchor, sound(1, 5), {}}});
            const auto next = with_sound_trimmed(project, id, SoundEdge::Start, Seconds(0.75), Seconds(10));
            QVERIFY(next);
            const Pin& pin = *next->pin(id);
            QCOMPARE(pin.anchor.index(), anchor.index());
            QVERIFY(std::abs((*anchored_time(pin.anchor, *next) - Seconds(2.75)).value) < 1e-9);
            QCOMPARE(body_of<SoundBody>(pin.body).in_point, Seconds(1.75));
        }
    }

    void only_sounds_are_trimmed() {
        const Project project = with_random_pins(steady_project(), 1, 4);
        const PinId marker =
            project.lanes[0]->pins.empty() ? project.lanes[1]->pins[0].id : project.lanes[0]->pins[0].id;
        QVERIFY(!with_sound_trimmed(project, marker, SoundEdge::End, Seconds(1), {}));
        QVERIFY(!with_sound_trimmed(project, PinId{9999}, SoundEdge::End, Seconds(1), {}));
    }
};

PULSEPIN_TEST_CLASS(TestSoundEdits, "test_sound_edits")
#include "test_sound_edits.moc"
