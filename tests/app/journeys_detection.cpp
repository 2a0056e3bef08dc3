// SPDX-License-Identifier: GPL-3.0-or-later
//
// Ways of working with what is detected, each through the real window.
#include "model/edits.h"
#include "session/song_lessons.h"
#include "support/desk.h"
#include "support/drum_score.h"
#include "support/test_program.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QSignalSpy>
#include <QSlider>
#include <QStandardPaths>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysDetection : public QObject {
    Q_OBJECT

    /// The demo at the stop "Grid", listened to anew.
    static bool listen(Desk& desk) {
        if (!desk.open_demo())
            return false;
        desk.window.go_to_stop(Stop::Grid);
        desk.click("detect");
        return desk.settle() && desk.project().detection->rows.size() >= 4;
    }
    /// A song alone, as a person opens one.
    static bool listen_to(Desk& desk, const QString& path) {
        desk.window.open_path(path);
        if (!desk.settle())
            return false;
        desk.window.go_to_stop(Stop::Grid);
        desk.click("detect");
        return desk.settle();
    }
    static void drag_slider(QSlider* slider, int to) {
        // As a hand does: take hold, move, let go.
        slider->setSliderDown(true);
        const int from = slider->value();
        for (int i = 1; i <= 5; ++i)
            slider->setValue(from + (to - from) * i / 5);
    }

private slots:
    void journey_listening_finds_rows_and_sections() {
        Desk desk;
        QVERIFY(listen(desk));
        const auto& found = *desk.project().detection;
        QCOMPARE(found.rows[1].name, "kick");
        QVERIFY(found.rows[1].onsets.size() > 20 && found.rows[1].onsets.size() < found.onsets().size());
        QVERIFY(found.sections.size() >= 4);
        QCOMPARE(std::count_if(found.sections.begin(), found.sections.end(),
                               [](const FoundSection& section) { return section.drop; }),
                 1);
        // Sections begin with bars.
        const auto& grid = *desk.project().grid;
        for (std::size_t i = 1; i < found.sections.size(); ++i) {
            const auto near = grid.nearest_beat(found.sections[i].start);
            QVERIFY(std::abs((grid.time_at(near) - found.sections[i].start).value) < 0.03);
            QCOMPARE(grid.position_of(near).beat, 1);
        }
        // It is seen: without it the timeline looks otherwise.
        const QImage with = desk.window.timeline().grab().toImage();
        desk.window.document().apply(with_detection(desk.project(), {}, false), "forget what was found");
        QVERIFY(desk.window.timeline().grab().toImage() != with);
    }

    // Rows and sections of the first minutes are there before a long song was listened to.
    void journey_a_long_song_shows_its_beginning() {
        QTemporaryDir dir;
        const QString loop = dir.filePath("loop.wav"), path = dir.filePath("long.wav");
        DrumScore score;
        for (int bar = 0; bar < 20; ++bar)
            score.rock_bar(0.5 + 2 * bar, 0.5);
        QVERIFY(score.play_to(loop));
        QVERIFY(ffmpeg({"-stream_loop", "12", "-i", loop, "-t", "420", "-ac", "1", path}));
        QDir(QStandardPaths::writableLocation(QStandardPaths::CacheLocation) + "/sounds").removeRecursively();
        Desk desk;
        std::size_t at_first = 0;
        double reached = 0;
        connect(&desk.window.document().detection(), &DetectionController::shown_changed, this, [&] {
            const auto shown = desk.window.document().detection().shown();
            if (at_first == 0 && shown && !desk.project().detection && !shown->rows.empty()) {
                at_first = shown->onsets().size();
                reached = shown->onsets().back().time.value;
            }
        });
        desk.window.open_path(path);
        QVERIFY(QTest::qWaitFor(
            [&] { return desk.project().detection && !desk.window.document().jobs().busy(); }, 120'000));
        QVERIFY(at_first > 100);
        QVERIFY(reached > 60 && reached < 91);
        QVERIFY(desk.project().detection->onsets().size() > 3 * at_first);
    }

    void journey_tempo_candidate() {
        Desk desk;
        QVERIFY(listen(desk));
        QVERIFY(std::abs(desk.project().grid->typical_tempo().value - 118) < 1);
        const auto& tempi = desk.project().detection->tempi;
        const auto other = std::find_if(tempi.begin(), tempi.end(), [](const FoundTempo& tempo) {
            return std::abs(tempo.tempo.value - 59) < 2;
        });
        QVERIFY(other != tempi.end());
        const auto pins = desk.cuts().pins.size();
        desk.click(qPrintable(QString("tempo candidate %1").arg(other - tempi.begin() + 1)));
        QVERIFY(desk.settle());
        QVERIFY(std::abs(desk.project().grid->typical_tempo().value - 59) < 1);
        QCOMPARE(desk.cuts().pins.size(), pins);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(std::abs(desk.project().grid->typical_tempo().value - 118) < 1);
    }

    /// A tempo that may well be another one is asked about until a person has said something.
    void journey_an_unsure_tempo_is_asked_about() {
        Desk desk;
        QVERIFY(listen(desk));
        const auto* told = desk.window.findChild<QLabel*>("found told");
        QVERIFY(told && !says(told->text(), "Not sure"));
        Detection unsure = *desk.project().detection;
        QVERIFY(unsure.tempi.size() > 1);
        unsure.tempi[0].confidence = 0.6f;
        desk.window.document().apply(with_detection(desk.project(), unsure, true), "listen");
        QVERIFY(desk.settle());
        QVERIFY2(says(told->text(), "Not sure: 118 or"), qPrintable(told->text()));
        desk.click("tempo candidate 2");
        QVERIFY(desk.settle());
        QVERIFY(!says(told->text(), "Not sure"));
        // And back: the other one is still there to be pressed.
        const double other = desk.project().grid->typical_tempo().value;
        const auto& tempi = desk.project().detection->tempi;
        const auto first = std::find_if(tempi.begin(), tempi.end(), [](const FoundTempo& tempo) {
            return std::abs(tempo.tempo.value - 118) < 1;
        });
        QVERIFY(std::abs(other - 118) > 5 && first != tempi.end());
        desk.click(qPrintable(QString("tempo candidate %1").arg(first - tempi.begin() + 1)));
        QVERIFY(desk.settle());
        QVERIFY(std::abs(desk.project().grid->typical_tempo().value - 118) < 1);
        QVERIFY(!says(told->text(), "Not sure"));
    }

    /// Whoever presses the tempo that was found says that it is right: the same beats, and no question.
    void journey_an_unsure_tempo_is_confirmed() {
        Desk desk;
        QVERIFY(listen(desk));
        const auto* told = desk.window.findChild<QLabel*>("found told");
        Detection unsure = *desk.project().detection;
        unsure.tempi[0].confidence = 0.6f;
        desk.window.document().apply(with_detection(desk.project(), unsure, true), "listen");
        QVERIFY(desk.settle());
        QVERIFY(says(told->text(), "Not sure: 118 or"));
        const auto before = desk.project().grid->beats();
        desk.click("tempo candidate 1");
        QVERIFY(desk.settle());
        QVERIFY2(!says(told->text(), "Not sure"), qPrintable(told->text()));
        const auto after = desk.project().grid->beats();
        QCOMPARE(after.size(), before.size());
        for (std::size_t i = 0; i < after.size(); ++i)
            QCOMPARE(after[i].time, before[i].time);
    }

    /// A level is remembered on request, told, and forgotten.
    void journey_a_tempo_is_remembered_for_songs_like_this() {
        Desk desk;
        QVERIFY(listen(desk));
        const auto said = [&](const char* command, const QString& what) {
            QSignalSpy messages(&desk.window.document(), &Document::said);
            desk.window.action(command)->trigger();
            return desk.settle() && std::any_of(messages.begin(), messages.end(), [&](const auto& message) {
                       return message.front().toString().contains(what);
                   });
        };
        QVERIFY(said("forget levels", "No tempo levels are remembered"));
        const auto& tempi = desk.project().detection->tempi;
        const auto other = std::find_if(tempi.begin(), tempi.end(), [](const FoundTempo& tempo) {
            return std::abs(tempo.tempo.value - 59) < 2;
        });
        QVERIFY(other != tempi.end());
        desk.click(qPrintable(QString("tempo candidate %1").arg(other - tempi.begin() + 1)));
        QVERIFY(desk.settle());
        const auto before = desk.project().grid;
        const QString last_step = desk.window.document().undo_name();
        QVERIFY(said("remember level", "Songs remembered: 1"));
        QVERIFY(desk.project().grid == before); // nothing of the piece changes
        QCOMPARE(desk.window.document().undo_name(), last_step);
        QCOMPARE(song_lessons::all().size(), std::size_t{1});
        QVERIFY(!song_lessons::all().front().faster);
        QVERIFY(said("remember level", "Songs remembered: 1")); // the same song
        QVERIFY(said("forget levels", "1 songs are forgotten"));
        QVERIFY(song_lessons::all().empty());
    }

    // The beats may lie between those that were found: the panel asks, and one press moves them.
    void journey_beats_between_the_beats_are_asked_about() {
        Desk desk;
        QVERIFY(listen(desk));
        const auto* told = desk.window.findChild<QLabel*>("found told");
        Detection unsure = *desk.project().detection;
        QVERIFY(unsure.off_beat < 0.25f);
        unsure.off_beat = 0.4f;
        desk.window.document().apply(with_detection(desk.project(), unsure, true), "listen");
        QVERIFY(desk.settle());
        QVERIFY2(says(told->text(), "between"), qPrintable(told->text()));
        const Seconds before = desk.project().grid->time_at(Ticks(0));
        const Seconds beat = desk.project().grid->time_at(Ticks(ticks_per_beat)) - before;
        desk.click("off-beat");
        QVERIFY(desk.settle());
        QVERIFY(std::abs((desk.project().grid->time_at(Ticks(0)) - before - beat * 0.5).value) < 0.01);
        QVERIFY(!says(told->text(), "between"));
    }

    // Noise has no beats; whoever wants some all the same gets the likeliest, all of them doubtful.
    void journey_beats_anyway() {
        QTemporaryDir dir;
        const QString path = dir.filePath("wind.wav");
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "anoisesrc=color=pink:duration=20:seed=5:amplitude=0.2", path}));
        Desk desk;
        QVERIFY(listen_to(desk, path));
        QVERIFY(desk.project().detection && !desk.project().grid);
        auto* anyway = desk.window.findChild<QPushButton*>("beats anyway");
        QVERIFY(anyway && anyway->isVisible());
        desk.click("beats anyway");
        QVERIFY(desk.settle());
        QVERIFY(desk.project().grid != nullptr);
        QVERIFY(!anyway->isVisible());
        QVERIFY(!doubtful_places(desk.window.document().trust()).empty());
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!desk.project().grid);
    }

    // An editor cuts on crashes: they have a row of their own, and so have toms; what the song does not have
    // is hidden.
    void journey_cuts_on_crashes() {
        QTemporaryDir dir;
        const QString path = dir.filePath("crashes.wav");
        DrumScore score;
        std::vector<double> crashes;
        for (int bar = 0; bar < 16; ++bar) {
            const double start = 0.5 + 2 * bar;
            score.rock_bar(start, 0.5);
            if (bar % 4 == 0) {
                score.hit(start, 49, 118);
                crashes.push_back(start);
            }
            for (int i = 0; bar % 4 == 3 && i < 4; ++i)
                score.hit(start + 1 + 0.25 * i, i < 2 ? 50 : 43, 112);
        }
        QVERIFY(score.play_to(path));
        Desk desk;
        QVERIFY(listen_to(desk, path));
        const auto row_of = [&](const char* name) {
            const auto& rows = desk.project().detection->rows;
            return static_cast<std::size_t>(
                std::find_if(rows.begin(), rows.end(),
                             [&](const OnsetRow& row) { return row.name == name; }) -
                rows.begin());
        };
        const auto& rows = desk.project().detection->rows;
        QVERIFY(row_of("crash") < rows.size() && row_of("ride") < rows.size());
        QVERIFY(rows[row_of("crash")].shown && rows[row_of("tom")].shown);
        QVERIFY(!desk.window.timeline().onset_row(row_of("crash")).isEmpty());
        QVERIFY(!rows[row_of("ride")].shown);
        QVERIFY(desk.window.timeline().onset_row(row_of("ride")).isEmpty());
        for (const double crash : crashes)
            QVERIFY(std::any_of(rows[row_of("crash")].onsets.begin(), rows[row_of("crash")].onsets.end(),
                                [&](const FoundOnset& o) { return std::abs(o.time.value - crash) < 0.03; }));
        desk.window.go_to_stop(Stop::Place);
        choose(desk, "source", "onsets of");
        choose(desk, "source row", "crash");
        choose(desk, "every", "one");
        desk.type("from", "1.1");
        desk.type("until", "17.1");
        desk.click("place");
        QVERIFY(desk.settle());
        const auto pins = resolve(desk.project());
        const auto cuts =
            std::find_if(pins.begin(), pins.end(), [](const auto& lane) { return !lane.pins.empty(); });
        QVERIFY(cuts != pins.end());
        QCOMPARE(cuts->pins.size(), rows[row_of("crash")].onsets.size());
    }

    void journey_tempo_range() {
        Desk desk;
        QVERIFY(listen(desk));
        auto* range = desk.window.findChild<QComboBox*>("tempo range");
        range->setCurrentIndex(row_of(range, "120–240 BPM"));
        desk.click("detect");
        QVERIFY(desk.settle());
        QVERIFY(desk.project().grid->typical_tempo().value > 119);
    }

    void journey_sensitivity_acts_at_once() {
        Desk desk;
        QVERIFY(listen(desk));
        desk.click("page Onsets");
        auto* slider = desk.window.findChild<QSlider*>("sensitivity 1");
        QVERIFY(slider && slider->isVisible());
        const auto before = desk.project().detection;
        const QString last_step = desk.window.document().undo_name();
        const auto shown = [&] { return desk.window.document().detection().shown()->onsets().size(); };
        const auto first = shown();
        drag_slider(slider, slider->maximum());
        QVERIFY(desk.settle()); // the first step looks at the song, all further ones act at once
        drag_slider(slider, slider->maximum() - 1);
        QVERIFY(shown() > first);                   // seen while the slider is held
        QCOMPARE(desk.project().detection, before); // but not yet an edit
        slider->setSliderDown(false);
        QVERIFY(desk.project().detection->onsets().size() > first);
        QVERIFY(desk.project().detection->rows[0].sensitivity > 0.9);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier); // one step, however far it was dragged
        QCOMPARE(desk.project().detection->onsets().size(), first);
        QCOMPARE(desk.window.document().undo_name(), last_step);
    }

    void journey_another_way_of_hearing() {
        Desk desk;
        QVERIFY(listen(desk));
        desk.click("page Onsets");
        auto* function = desk.window.findChild<QComboBox*>("function 1");
        std::set<std::size_t> counts;
        for (int i = 0; i < function->count(); ++i) {
            function->setCurrentIndex(i);
            emit function->activated(i);
            QVERIFY(desk.settle());
            counts.insert(desk.project().detection->onsets().size());
            QCOMPARE(desk.project().detection->rows[0].function,
                     function->itemData(i).toString().toStdString());
        }
        QVERIFY(counts.size() > 5); // they do not all hear the same
    }

    void journey_find_like_this() {
        Desk desk;
        QVERIFY(listen(desk));
        desk.click("page Onsets");
        const auto kicks = desk.project().detection->rows[1].onsets;
        desk.window.view().set_playhead(kicks[4].time);
        desk.click("find like this");
        QVERIFY(desk.settle());
        const auto& rows = desk.project().detection->rows;
        QVERIFY(rows.back().like.has_value());
        std::size_t hits = 0;
        for (const auto& onset : rows.back().onsets)
            hits += std::any_of(kicks.begin(), kicks.end(), [&](const FoundOnset& kick) {
                return std::abs((kick.time - onset.time).value) < 0.03;
            });
        QVERIFY2(hits * 10 >= rows.back().onsets.size() * 8, "what is like a kick is a kick");
        const auto few = rows.back().onsets.size();
        auto* likeness = desk.window.findChild<QSlider*>(QString("sensitivity %1").arg(rows.size()));
        drag_slider(likeness, likeness->maximum());
        likeness->setSliderDown(false);
        QVERIFY(desk.settle());
        QVERIFY(desk.project().detection->rows.back().onsets.size() > few);
        desk.click(qPrintable(QString("remove row %1").arg(rows.size())));
        QVERIFY(!desk.project().detection->rows.back().like);
    }

    void journey_a_band_of_ones_own() {
        Desk desk;
        QVERIFY(listen(desk));
        desk.click("page Onsets");
        const auto before = desk.project().detection->rows.size();
        const auto actions = desk.window.findChild<QPushButton*>("add a band")->menu()->actions();
        const auto end_of_bands = std::find_if(actions.begin(), actions.end(),
                                               [](const QAction* action) { return action->isSeparator(); });
        QVERIFY(end_of_bands - actions.begin() >= 4);
        (*std::prev(end_of_bands))->trigger();
        QVERIFY(desk.settle());
        const auto& rows = desk.project().detection->rows;
        QCOMPARE(rows.size(), before + 1);
        QVERIFY(rows.back().band && !rows.back().onsets.empty());
    }

    void journey_rows_are_hidden_and_shown() {
        Desk desk;
        QVERIFY(listen(desk));
        desk.click("page Onsets");
        auto* box = desk.window.findChild<QCheckBox*>("row shown 2");
        QVERIFY(box->isChecked());
        QTest::mouseClick(box, Qt::LeftButton, {}, QPoint(8, box->height() / 2));
        QVERIFY(!desk.project().detection->rows[1].shown);
        QVERIFY(!desk.project().detection->rows[1].onsets.empty()); // hidden, not gone
    }

    void journey_what_was_heard_is_kept() {
        {
            Desk desk;
            QVERIFY(listen(desk));
        }
        Desk desk; // another window: nothing has to be listened to again
        QVERIFY(desk.open_demo());
        QVERIFY(!desk.window.document().detection().ready());
        desk.window.go_to_stop(Stop::Grid);
        desk.click("detect");
        QVERIFY(desk.settle());
        QVERIFY(desk.window.document().detection().ready());
        QVERIFY(desk.project().detection->rows.size() >= 4);
    }
};

PULSEPIN_TEST_CLASS(JourneysDetection, "journeys_detection")
#include "journeys_detection.moc"
