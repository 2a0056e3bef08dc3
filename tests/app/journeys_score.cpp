// SPDX-License-Identifier: GPL-3.0-or-later
//
// The score as a second drawing of song and lanes.
#include "drawing/score/paint_score.h"
#include "support/desk.h"
#include "support/test_program.h"

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysScore : public QObject {
    Q_OBJECT

private slots:
    void rows_hold_whole_phrases() {
        const auto grid =
            *BeatGrid::steady(Bpm(120), Seconds(1.2), {}, Seconds(60)); // two beats in front of bar 1
        for (const int bars : ScoreView::phrase_lengths) {
            const ScoreLayout layout(grid, bars, 118, 1000, 80);
            QCOMPARE((layout.rows()[0].first_bar - 1) % bars, std::int64_t{0});
            for (std::size_t i = 1; i < layout.rows().size(); ++i)
                QCOMPARE(layout.rows()[i].first_beat, layout.rows()[i - 1].end_beat);
            // A place leads to a point and back, over all rows.
            for (double beat = -2; beat < 110; beat += 0.37) {
                const auto& row = layout.rows()[layout.row_of(Beats(beat))];
                const Beats again = layout.place(layout.x(row, Beats(beat)), row.top + 10);
                QVERIFY(std::abs(again.value - beat) < 1e-9);
            }
        }
    }

    void journey_the_song_as_a_score() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.timeline().setFocus();
        desk.key(Qt::Key_V);
        auto& score = window.score();
        QVERIFY(score.isVisible() && !window.timeline().isVisible());
        score.grab();
        QCOMPARE(score.bars_in_row(), 4);
        // A click goes there.
        const QPoint at = score.position_of(desk.bar(6, 3)).toPoint();
        QTest::mouseClick(&score, Qt::LeftButton, {}, at - QPoint(0, 28));
        QVERIFY(std::abs((window.view().playhead() - desk.bar(6, 3)).value) < 0.02);
        // What is played stays in view, whichever row it is in.
        window.action("end")->trigger();
        const QPointF head = score.position_of(window.view().playhead());
        QVERIFY(head.y() > 0 && head.y() < score.height());
        // Phrases of other lengths.
        desk.key(Qt::Key_Minus, Qt::ControlModifier);
        QCOMPARE(score.bars_in_row(), 8);
        QWheelEvent wheel(QPointF(400, 100), score.mapToGlobal(QPointF(400, 100)), {}, {0, 120}, Qt::NoButton,
                          Qt::ControlModifier, Qt::NoScrollPhase, false);
        QApplication::sendEvent(&score, &wheel);
        QCOMPARE(score.bars_in_row(), 4);
        // And back.
        QTest::mouseClick(window.findChild<QToolButton*>("drawing"), Qt::LeftButton);
        QVERIFY(window.timeline().isVisible() && !score.isVisible());
    }

    void journey_editing_in_the_score() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.show_score(true);
        auto& score = desk.window.score();
        score.grab();
        // A pin is dragged into the row below: four bars later.
        const Pin marker = desk.markers().pins.front();
        const auto before = *anchored_time(marker.anchor, desk.project());
        const auto place = desk.project().grid->position_of(desk.project().grid->nearest_tick(before));
        desk.window.view().set_playhead(before);
        score.reveal(before);
        score.grab();
        const QPoint from = score.head_position(marker.id).toPoint();
        Desk::drag_in(score, from, from + QPoint(0, static_cast<int>(score.layout_of_rows().row_height())));
        const auto after = *anchored_time(desk.project().pin(marker.id)->anchor, desk.project());
        QCOMPARE(desk.project().grid->position_of(desk.project().grid->nearest_tick(after)).bar,
                 place.bar + 4);
        QCOMPARE(desk.window.view().selection(), (PinSet{marker.id}));
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.project().pin(marker.id)->anchor, marker.anchor);
        desk.window.view().set_snap(Snap::Always);
        // A double click on the lane of markers adds one on the beat.
        const auto count = desk.markers().pins.size();
        const auto& lanes = desk.project().lanes;
        const auto marks = std::find_if(lanes.begin(), lanes.end(),
                                        [](const auto& l) { return holds<MarkerBody>(l->kind); });
        const auto* lane = &score.phrases().tracks[static_cast<std::size_t>(marks - lanes.begin())];
        const QPointF middle = score.position_of(desk.bar(place.bar, 3));
        const double top = middle.y() - score.layout_of_rows().row_height() / 2;
        QTest::mouseDClick(&score, Qt::LeftButton, {},
                           QPointF(middle.x() + 9, top + lane->top + lane->height / 2).toPoint());
        QCOMPARE(desk.markers().pins.size(), count + 1);
        const auto added = *anchored_time(desk.markers().pins.back().anchor, desk.project());
        QVERIFY(std::abs((added - desk.bar(place.bar, 3)).value) < 1e-6);
        // Delete takes what is selected away, here as in the timeline.
        score.setFocus();
        desk.key(Qt::Key_Delete);
        QCOMPARE(desk.markers().pins.size(), count);
    }

    void journey_the_score_has_the_same_hands() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.show_score(true);
        auto& score = window.score();
        score.set_bars_in_row(2);
        score.grab();
        const auto& grid = *desk.project().grid;
        // A cut with another one a bar later, away from the edges of its row.
        PinId cut{};
        std::size_t lane = 0;
        while (!holds<CutBody>(desk.project().lanes[lane]->kind))
            ++lane;
        const auto& pins = window.document().schedule()[lane].pins;
        for (std::size_t i = 0; i + 1 < pins.size() && cut.value == 0; ++i)
            if (std::holds_alternative<MusicalAnchor>(desk.cuts().pins[pins[i].index].anchor) &&
                grid.position_of(grid.nearest_tick(pins[i].time)).beat == 1 &&
                pins[i + 1].time - pins[i].time > Seconds(1.5))
                cut = pins[i].id;
        QVERIFY(cut.value != 0);
        const auto body = [&] { return body_of<CutBody>(desk.project().pin(cut)->body); };
        const auto when = [&] { return *anchored_time(desk.project().pin(cut)->anchor, desk.project()); };
        const Seconds start = when(), in_point = body().in_point;
        const Seconds beat = grid.time_at(Beats(grid.beats_at(start).value + 1)) - start;
        score.reveal(start);
        score.grab();
        const QPoint head = score.head_position(cut).toPoint();
        const int beat_width = static_cast<int>(score.layout_of_rows().beat_width());
        // Roll, given up with Escape, and done.
        Desk::press_and_move(score, head, head + QPoint(beat_width, 0), Qt::AltModifier);
        QTest::keyClick(&score, Qt::Key_Escape);
        QTest::mouseRelease(&score, Qt::LeftButton, {}, head + QPoint(beat_width, 0));
        QCOMPARE(when(), start);
        Desk::drag_in(score, head, head + QPoint(beat_width, 0), Qt::AltModifier);
        QCOMPARE(window.document().undo_name(), QString("roll cut"));
        QVERIFY(std::abs((when() - start - beat).value) < 1e-6);
        QVERIFY(std::abs((body().in_point - in_point - beat).value) < 1e-6);
        score.setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(body().in_point, in_point);
        // Slip: its bar, with Alt.
        const auto place = *score.phrases().lane_place(lane, start);
        const QPoint bar(head.x() + beat_width, static_cast<int>(place.row.center().y()) + 2);
        Desk::drag_in(score, bar, bar - QPoint(beat_width / 2, 0), Qt::AltModifier);
        QCOMPARE(window.document().undo_name(), QString("slip shot"));
        QVERIFY(body().in_point > in_point);
        QCOMPARE(when(), start);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // A range, over the waveform.
        const QPoint wave(
            head.x(),
            static_cast<int>(score.position_of(start).y() - score.layout_of_rows().row_height() / 2) + 15);
        Desk::drag_in(score, wave, wave + QPoint(2 * beat_width, 0), Qt::ShiftModifier);
        const auto range = window.view().range();
        QVERIFY(range && range->from < range->until);
        QVERIFY(std::abs((range->from - start).value) < 0.1);
        // At the stop where the grid is corrected a beat is dragged.
        window.go_to_stop(Stop::Grid);
        score.reveal(start);
        score.grab();
        const QPoint again = score.head_position(cut).toPoint();
        const QPoint line(
            again.x(),
            static_cast<int>(score.position_of(start).y() - score.layout_of_rows().row_height() / 2) + 15);
        const Seconds before = when();
        Desk::drag_in(score, line, line + QPoint(beat_width / 4, 0), Qt::ShiftModifier);
        QCOMPARE(window.document().undo_name(), QString("move beat"));
        QVERIFY(when() > before); // what hangs on the beat goes along
    }

    void phrases_tell_how_far_the_grid_is_off() {
        std::vector<BarTrust> bars;
        for (int bar = 0; bar < 8; ++bar)
            bars.push_back({bar * 4, Seconds(bar * 2), Seconds(bar * 2 + 2), 1.0,
                            Seconds(bar < 4 ? 0.001 : 0.041), false});
        const auto grid = *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(16));
        const ScoreLayout layout(grid, 4, 118, 1000, 80);
        QCOMPARE(*phrase_error(bars, layout.rows()[0]), Seconds(0.001));
        QCOMPARE(*phrase_error(bars, layout.rows()[1]), Seconds(0.041));
        QVERIFY(!phrase_error({}, layout.rows()[0]));
    }

    void without_beats_it_says_what_to_do() {
        Desk desk;
        desk.window.show_score(true);
        const QImage told = desk.window.score().grab().toImage();
        int ink = 0; // of the words that say what to do, on the paper
        for (int y = 0; y < told.height(); y += 2)
            for (int x = 200; x < told.width(); x += 2)
                ink += qGray(told.pixel(x, y)) < 140;
        QVERIFY(ink > 60);
        desk.key(Qt::Key_Plus, Qt::ControlModifier);
        QTest::mouseClick(&desk.window.score(), Qt::LeftButton, {}, QPoint(300, 100));
        QTest::mouseDClick(&desk.window.score(), Qt::LeftButton, {}, QPoint(300, 100));
    }
};

PULSEPIN_TEST_CLASS(JourneysScore, "journeys_score")
#include "journeys_score.moc"
