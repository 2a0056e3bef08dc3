// SPDX-License-Identifier: GPL-3.0-or-later
//
// Four songs whose grid is wrong at first, each put right through the real window in under ten actions.
#include "support/known_song.h"
#include "support/test_program.h"
#include "time/grid_edits.h"

#include <QComboBox>
#include <QLabel>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysWrongSongs : public QObject, GridHands {
    Q_OBJECT

private slots:
    void journey_half_tempo() {
        KnownSong song;
        QVERIFY(song.make(168, 20));
        Desk desk;
        QVERIFY(open(desk, song));
        // As a detector that does not know better would have it: half as fast.
        auto* range = desk.window.findChild<QComboBox*>("tempo range");
        range->setCurrentIndex(row_of(range, "60–120 BPM"));
        QVERIFY(!range->currentData().toPointF().isNull());
        desk.click("detect");
        QVERIFY(desk.settle());
        QVERIFY2(
            std::abs(desk.project().grid->typical_tempo().value - 84) < 2,
            qPrintable(QString("%1 %2").arg(desk.project().grid->typical_tempo().value).arg(desk.message())));
        place_cuts(desk);
        const auto before = resolve(desk.project());
        int actions = 0;
        ++actions, desk.click("double");
        auto* metre = desk.window.findChild<QComboBox*>("metre choice");
        ++actions, metre->setCurrentIndex(row_of(metre, "4/4")), emit metre->activated(metre->currentIndex());
        ++actions, desk.window.view().set_playhead(Seconds(song.beats[0])), desk.click("bar 1 here");
        QVERIFY(actions < 10);
        QVERIFY(song.right(*desk.project().grid));
        QVERIFY(song.bars_right(*desk.project().grid));
        const auto now = resolve(desk.project()); // relabelled: what is placed keeps its time
        for (std::size_t i = 0; i < now[0].pins.size(); ++i)
            QVERIFY(std::abs((now[0].pins[i].time - before[0].pins[i].time).value) < 1e-9);
    }

    void journey_shifted_phase() {
        KnownSong song;
        QVERIFY(song.make(120, 20));
        Desk desk;
        QVERIFY(open(desk, song));
        desk.window.open_beats(song.list(0.25 + 0.012, 4)); // half a beat and a little more
        QVERIFY(song.missed_and_wrong(*desk.project().grid).first > 70);
        place_cuts(desk);
        int actions = 0;
        ++actions, desk.click("off-beat"); // half a beat later: a whole beat now
        ++actions, desk.click("shift -10");
        ++actions, desk.click("shift -1");
        ++actions, desk.click("shift -1");
        ++actions, desk.window.view().set_playhead(Seconds(song.beats[4])), desk.click("bar 1 here");
        QVERIFY(actions < 10);
        const auto [missed, wrong] = song.missed_and_wrong(*desk.project().grid);
        QVERIFY(missed <= 1 && wrong == 0); // the beat in front of the list is not there
        QVERIFY(std::abs((desk.project().grid->time_at(Ticks(0)) - Seconds(song.beats[4])).value) < 0.001);
        // Retimed, then named anew: what was on the third bar's beat is on a beat still.
        const auto pins = resolve(desk.project())[0].pins;
        for (const auto& pin : pins) {
            const double beat = desk.project().grid->beats_at(pin.time).value;
            QVERIFY(std::abs(beat - std::round(beat)) < 1e-6);
        }
    }

    void journey_wrong_metre() {
        KnownSong song;
        QVERIFY(song.make(132, 24, 3));
        Desk desk;
        QVERIFY(open(desk, song));
        desk.window.open_beats(song.list(0, 4)); // someone counted in four
        QVERIFY(song.right(*desk.project().grid));
        QVERIFY(!song.bars_right(*desk.project().grid));
        int actions = 0;
        auto* metre = desk.window.findChild<QComboBox*>("metre choice");
        ++actions, metre->setCurrentIndex(row_of(metre, "3/4")), emit metre->activated(metre->currentIndex());
        ++actions, desk.window.view().set_playhead(Seconds(song.beats[9] + 0.02)), desk.key(Qt::Key_B);
        QVERIFY(actions < 10);
        QVERIFY(song.right(*desk.project().grid));
        QVERIFY(song.bars_right(*desk.project().grid));
    }

    // Found in four, with bar 1 where a four-beat bar would be: told that it is in three, the panel offers
    // where such bars begin.
    void journey_told_the_metre_it_offers_the_bars() {
        KnownSong song;
        QVERIFY(song.make(132, 24, 3));
        Desk desk;
        QVERIFY(open(desk, song));
        desk.window.go_to_stop(Stop::Grid);
        desk.click("detect");
        QVERIFY(desk.settle());
        QVERIFY(song.right(*desk.project().grid));
        // As a detector that does not know better would have it.
        Detection found = *desk.project().detection;
        found.grid = *with_metre(*with_bar_one_at(*found.grid, 1), {4, 4});
        desk.window.document().apply(with_detection(desk.project(), found, true), "listen");
        QVERIFY(!song.bars_right(*desk.project().grid));
        auto* metre = desk.window.findChild<QComboBox*>("metre choice");
        metre->setCurrentIndex(row_of(metre, "3/4"));
        emit metre->activated(metre->currentIndex());
        QVERIFY(desk.settle());
        const auto* told = desk.window.findChild<QLabel*>("found told");
        QVERIFY2(says(told->text(), "bars of 3 seem to begin where beat 3 is now"), qPrintable(told->text()));
        desk.click("take proposal");
        QVERIFY(desk.settle());
        QVERIFY(song.right(*desk.project().grid));
        QVERIFY(song.bars_right(*desk.project().grid));
    }

    void journey_a_stop_in_the_middle() {
        KnownSong song;
        QVERIFY(song.make(120, 20, 4, 10, 1.37));
        Desk desk;
        QVERIFY(open(desk, song));
        // A steady grid, as typed: right before the stop, wrong behind it.
        desk.window.document().apply(
            relabelled(desk.project(),
                       *BeatGrid::steady(Bpm(120), Seconds(0.6), {}, desk.project().song->duration())),
            "steady");
        QVERIFY(song.missed_and_wrong(*desk.project().grid).first >= 40);
        int actions = 0;
        // Hold the last beat before the stop, take the next one to where the music goes on; all behind goes
        // along.
        const Seconds last(song.beats[39]), again(song.beats[40]);
        ++actions, show(desk, last.value - 1, again.value + 2);
        ++actions, QTest::mouseClick(&desk.window.timeline(), Qt::LeftButton, {}, at_beat(desk, last));
        ++actions, desk.window.timeline().setFocus(), desk.key(Qt::Key_H);
        ++actions, drag_beat(desk, last + Seconds(0.5), again, Qt::ControlModifier);
        QVERIFY(actions < 10);
        const auto [missed, wrong] = song.missed_and_wrong(*desk.project().grid);
        QCOMPARE(missed, 0);
        QCOMPARE(wrong, 0);
        QVERIFY(song.bars_right(*desk.project().grid));
    }

    /// Where all of a song is seen, all of the next is; where a part was looked at, it stays.
    void journey_another_song_is_seen_whole() {
        KnownSong first, longer;
        QVERIFY(first.make(120, 2));
        QVERIFY(longer.make(120, 12));
        Desk desk;
        QVERIFY(open(desk, first));
        const auto& timeline = desk.window.timeline();
        const Seconds before = timeline.scale().span();
        QVERIFY(before > Seconds(first.beats.back()) && before < Seconds(longer.beats.back()));
        QVERIFY(open(desk, longer));
        QTRY_VERIFY(timeline.scale().span() > Seconds(longer.beats.back()));
        QCOMPARE(timeline.scale().start, Seconds(0));
        desk.window.timeline().show_range(Seconds(1), Seconds(3));
        QVERIFY(open(desk, first));
        QVERIFY(std::abs((timeline.scale().span() - Seconds(2)).value) < 0.01);
    }

    /// A file that ends early is opened as far as it goes; that it does is told until it is read.
    void journey_a_song_that_is_cut_off() {
        KnownSong song, whole;
        QVERIFY(song.make(120, 10));
        QVERIFY(whole.make(120, 4));
        std::filesystem::resize_file(song.path.toStdString(),
                                     std::filesystem::file_size(song.path.toStdString()) / 2);
        Desk desk;
        QVERIFY(open(desk, song));
        auto* notice = desk.window.findChild<QLabel*>("notice text");
        QTRY_VERIFY(notice->isVisible());
        QVERIFY2(says(notice->text(), "it is damaged or not whole"), qPrintable(notice->text()));
        QVERIFY(desk.project().grid); // of what is there
        desk.click("notice dismiss");
        QVERIFY(!notice->isVisible());
        QVERIFY(open(desk, whole));
        QVERIFY(!notice->isVisible());
        QVERIFY(open(desk, song));
        QTRY_VERIFY(notice->isVisible());
    }
};

PULSEPIN_TEST_CLASS(JourneysWrongSongs, "journeys_wrong_songs")
#include "journeys_wrong_songs.moc"
