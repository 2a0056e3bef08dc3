// SPDX-License-Identifier: GPL-3.0-or-later
//
// Drawings that are held, shapes of a mouth, and the band of words and notes.
#include "hand/exposure_hand.h"
#include "hand/mouth.h"
#include "hand/tapped.h"
#include "hand/word_hand.h"
#include "interchange/exporters.h"
#include "model/change_pins.h"
#include "schedule/picker.h"
#include "schedule/place.h"
#include "stage/staged_band.h"
#include "support/scene.h"
#include "support/test_program.h"
#include "words/lyric_formats.h"

#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// 120 BPM, 24 frames a second: a beat is 12 frames.
struct Drawn {
    Project project = with_lane(steady_project(120, 0, 60), kind_of(body_type<ExposureBody>), "Drawn");
    LaneId lane = project.lanes.back()->id;
    void add(double beat, ExposureBody body) {
        project = *with_pins(project, lane,
                             {{{},
                               MusicalAnchor{Ticks(static_cast<std::int64_t>(std::lround(beat * 960)))},
                               std::move(body),
                               {}}});
    }
    /// "0:1x12 12:2x12", up to a frame.
    [[nodiscard]] QString told(std::int64_t until) const {
        QStringList all;
        const Schedule schedule(project);
        for (const auto& one : schedule.spans(lane).exposures)
            if (one.first.value < until)
                all << QString("%1:%2x%3%4")
                           .arg(one.first.value)
                           .arg(QString::fromStdString(one.drawing))
                           .arg(one.held.value)
                           .arg(one.mended ? "!" : "");
        return all.join(" ");
    }
};

ExposureBody run(int from, int last, int each, ExposureBody::Way way = ExposureBody::Way::Onwards,
                 bool again = true) {
    return {std::to_string(from), last, Frames(each), way, again};
}

} // namespace

class TestExposures : public QObject {
    Q_OBJECT
private slots:
    void a_drawing_is_held_until_the_next() {
        Drawn drawn;
        drawn.add(1, {"1"});
        drawn.add(2, {"blink"});
        drawn.add(4, {"3"});
        QCOMPARE(drawn.told(49), "12:1x12 24:blinkx24 48:3x1392");
        const Schedule then(drawn.project);
        const auto& exposures = then.spans(drawn.lane).exposures;
        QVERIFY(!exposure_at(exposures, Frames(11)));
        QCOMPARE(exposure_at(exposures, Frames(47))->drawing, "blink");
    }

    void a_run_goes_on_ones_twos_and_threes() {
        Drawn drawn;
        drawn.project = *with_changed_lane(drawn.project, drawn.lane,
                                           [](Lane& lane) { part_of<Exposing>(lane)->least = Frames(1); });
        drawn.add(0, run(1, 3, 2));
        drawn.add(1, run(3, 1, 3));
        drawn.add(2, run(1, 3, 3, ExposureBody::Way::ToAndFro));
        drawn.add(3, run(1, 3, 3, ExposureBody::Way::Backwards, false));
        drawn.add(4, {"9"});
        QCOMPARE(drawn.told(49), "0:1x2 2:2x2 4:3x2 6:1x2 8:2x2 10:3x2 12:3x3 15:2x3 18:1x3 21:3x3 24:1x3 "
                                 "27:2x3 30:3x3 33:2x3 36:3x3 39:2x3 42:1x6 48:9x1392");
    }

    void too_short_holds_mend_themselves() {
        Drawn drawn;
        drawn.add(0, {"1"});
        drawn.add(1.0 / 12, {"2"}); // a frame later
        drawn.add(1, run(1, 5, 5)); // 5 + 5 and 2 that are left
        drawn.add(2, run(1, 5, 1)); // on ones, with a least of two
        drawn.add(2.75, {"4"});
        QCOMPARE(drawn.told(35),
                 "0:1x2 2:2x10! 12:1x5 17:2x5 22:3x2 24:1x2! 26:2x2! 28:3x2! 30:4x3! 33:4x1407");
    }

    void the_least_is_kept_even_at_a_runs_end() {
        Drawn drawn;
        drawn.add(0, run(1, 9, 5));
        drawn.add(11.0 / 12, {"end"}); // 5, 5 and a single frame
        QCOMPARE(drawn.told(12), "0:1x5 5:2x6! 11:endx1429");
    }

    void numbers_are_given_to_what_is_there() {
        Drawn drawn;
        for (int i = 0; i < 7; ++i)
            drawn.add(i, {"x"});
        drawn.project =
            *with_drawings_numbered(drawn.project, drawn.lane, {}, {1, 3, Numbering::Way::ToAndFro, true});
        QCOMPARE(drawn.told(73), "0:1x12 12:2x12 24:3x12 36:2x12 48:1x12 60:2x12 72:3x1368");
        drawn.project = *with_drawings_held(drawn.project, drawn.lane, {}, {1, 8}, Frames(3));
        QCOMPARE(drawn.told(12), "0:1x3 3:2x3 6:3x3 9:4x3");
    }

    void a_picker_and_a_tapped_rhythm_become_drawings() {
        Drawn drawn;
        const auto placed =
            *place(drawn.project, drawn.lane, Picker{"beats", Ticks(0), Ticks(4 * 960), {}, {}},
                   {ExposureBody{"5", 6, Frames(1)}});
        drawn.project = placed.project;
        QCOMPARE(drawn.told(37), "0:5x12 12:6x12 24:5x12 36:6x1404");
        Drawn tapped;
        const Tap taps[] = {{Seconds(7), true}, {Seconds(7.4)}, {Seconds(8)}};
        tapped.project = with_rhythm_laid(Schedule(tapped.project), tapped.lane, {taps}, Seconds(1))->project;
        QCOMPARE(tapped.told(49), "24:1x10 34:2x14 48:3x1392");
    }

    void the_column_has_a_line_for_each_frame() {
        Drawn drawn;
        drawn.add(0, {"1"});
        drawn.add(0.25, {"=2"});
        const auto text = exporter("exposures-csv")->write(ExportMaterial(drawn.project));
        QVERIFY(text);
        QVERIFY(QString::fromStdString(*text).startsWith(
            "frame,drawing,held,of\r\n0,1,1,3\r\n1,1,2,3\r\n2,1,3,3\r\n3,'=2,1,1437\r\n"));
    }

    // -- a mouth

    void sounds_have_the_shape_of_the_longest_sign_that_they_begin_with() {
        const std::vector<MouthShape> mouth{{"rest", ""}, {"hiss", "tʃ s"}, {"tongue", "t d"}};
        QCOMPARE(mouth_shape(mouth, "tʃ"), "hiss");
        QCOMPARE(mouth_shape(mouth, "t"), "tongue");
        QCOMPARE(mouth_shape(mouth, "ŋ"), "rest");
        QVERIFY(usual_mouth().size() >= 8 && usual_mouth().size() <= 12);
    }

    void a_words_sounds_are_spread_over_it_in_whole_frames() {
        Project project = steady_project(120, 0, 60);
        const auto begun = with_lane_of_words(project);
        project = with_lyric(begun.project, begun.lane, *read_lyric("map up"))->project;
        project = with_word_set(project, begun.lane, 0, Seconds(1))->project;   // 24 to 36
        project = with_word_set(project, begun.lane, 0, Seconds(1.5))->project; // 36 to 48
        const SoundsOf sounds = [](const std::string& word) {
            return word == "map"
                       ? std::vector<MouthSound>{{"m", false, 0}, {"æ", true, 0.3}, {"p", false, 0.8}}
                       : std::vector<MouthSound>{{"ʌ", true, 0}, {"p", false, 0.95}};
        };
        const auto made = with_mouth_shapes(Schedule(project), begun.lane, sounds);
        QVERIFY(made);
        const auto told = [&](const Project& of) {
            QStringList all;
            const Schedule then(of);
            for (const auto& one : then.spans(made->lane).exposures)
                all << QString("%1:%2x%3")
                           .arg(one.first.value)
                           .arg(QString::fromStdString(one.drawing))
                           .arg(one.held.value);
            return all.join(" ");
        };
        // 0.8 of 12 frames is 9.6; at its end a shape is held for two frames at least.
        QCOMPARE(told(made->project), "24:lipsx4 28:openx6 34:lipsx2 36:smallx10 46:lipsx2 48:restx1392");
        // Made again they replace themselves; the words' places are theirs.
        const auto again = with_mouth_shapes(Schedule(made->project), begun.lane, sounds);
        QCOMPARE(told(again->project), told(made->project));
        QCOMPARE(again->lane, made->lane);
    }

    void where_a_word_is_too_short_vowels_and_closed_lips_stay() {
        Project project = steady_project(120, 0, 60);
        const auto begun = with_lane_of_words(project);
        project = with_lyric(begun.project, begun.lane, *read_lyric("strap x"))->project;
        project = with_word_set(project, begun.lane, 0, Seconds(1))->project;
        project = with_word_set(project, begun.lane, 0, Seconds(1 + 4 / 24.0))->project; // four frames
        const auto made = with_mouth_shapes(Schedule(project), begun.lane, [](const std::string& word) {
            return word == "x" ? std::vector<MouthSound>{}
                               : std::vector<MouthSound>{{"s", false, 0},
                                                         {"t", false, 0.2},
                                                         {"ɹ", false, 0.3},
                                                         {"æ", true, 0.4},
                                                         {"p", false, 0.8}};
        });
        const Schedule then(made->project);
        const auto& exposures = then.spans(made->lane).exposures;
        QCOMPARE(exposures[0].drawing, "open");
        QCOMPARE(exposures[0].held.value, 2);
        QCOMPARE(exposures[1].drawing, "lips");
    }

    // -- the band

    void the_band_runs_so_that_what_is_heard_is_under_its_line() {
        Scene scene;
        scene.project = with_lane(scene.project, kind_of(body_type<NoteBody>), "Dialogue");
        const LaneId notes = scene.project.lanes.back()->id;
        scene.pin(notes, 4, NoteBody{"there she goes", 0, {Length::Unit::InBeats, 2}}); // 2 s to 3 s
        QVERIFY(!scene.at(0).band);
        Stage stage = *scene.project.stage;
        stage.band = {true, 640, 25, 20, true};
        scene.project.stage = std::make_shared<const Stage>(stage);
        const auto at = [&](std::int64_t frame) { return *scene.at(frame).band; };
        QCOMPARE(at(48).line, 320.0);
        QCOMPARE(at(48).texts.at(0).left, 320.0); // 2 s: its start
        QCOMPARE(at(48).texts.at(0).right, 960.0);
        QVERIFY(at(48).texts.at(0).sounds);
        QVERIFY(std::abs(at(49).texts.at(0).left - (320 - 640 / 24.0)) < 1e-9);
        QVERIFY(!at(72).texts.at(0).sounds);
        // Beats before the entry are counted, and none once it is there.
        QCOMPARE(at(12).counts, 3);
        QCOMPARE(at(24).counts, 2);
        QCOMPARE(at(47).counts, 1);
        QCOMPARE(at(48).counts, 0);
        QCOMPARE(at(11).counts, 0);
    }
};

PULSEPIN_TEST_CLASS(TestExposures, "test_exposures")
#include "test_exposures.moc"
