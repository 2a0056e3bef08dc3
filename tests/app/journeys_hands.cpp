// SPDX-License-Identifier: GPL-3.0-or-later
//
// What hands do that is easily mistaken: keys and wheels that must change nothing, places that are meant,
// files that are handed on as they were seen, small screens.
#include "base/text_file.h"
#include "interchange/exporters.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "support/answers.h"
#include "support/desk.h"
#include "support/test_program.h"
#include "support/whole_texts.h"
#include "time/grid_edits.h"

#include <QComboBox>
#include <QDir>
#include <QProcess>
#include <QSlider>
#include <QSpinBox>
#include <QTemporaryDir>
#include <QToolButton>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysByHand : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }
    void write(const QString& name, const std::string& text) {
        QVERIFY(write_text_file(file(name).toStdString(), text).has_value());
    }

private slots:
    // -- hands

    void journey_a_choice_with_the_focus_is_not_changed_by_mistake() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Song);
        const Project before = desk.project();
        auto* rate = desk.window.findChild<QComboBox*>("frame rate");
        QVERIFY(rate && rate->isVisible());
        rate->setFocus();
        desk.window.view().set_playhead(Seconds(10));
        for (const auto key :
             {Qt::Key_Home, Qt::Key_End, Qt::Key_Left, Qt::Key_Right, Qt::Key_PageUp, Qt::Key_3})
            QTest::keyClick(rate, key);
        QVERIFY(same_content(desk.project(), before));
        QTest::keyClick(rate, Qt::Key_Home); // does what it does everywhere
        QCOMPARE(desk.window.view().playhead(), Seconds(0));
        for (auto* widget : desk.window.findChildren<QWidget*>()) {
            if (!widget->isVisible() ||
                !(qobject_cast<QComboBox*>(widget) || qobject_cast<QAbstractSpinBox*>(widget)))
                continue;
            widget->setFocus();
            const QPoint middle = widget->rect().center();
            QWheelEvent turn(middle, widget->mapToGlobal(middle), {}, {0, -120}, Qt::NoButton, Qt::NoModifier,
                             Qt::NoScrollPhase, false);
            QApplication::sendEvent(widget, &turn);
        }
        QVERIFY(same_content(desk.project(), before));
        rate->setFocus();
        QTest::keyClick(rate, Qt::Key_Down); // on purpose: the list opens
        QTRY_VERIFY(rate->view()->isVisible());
        QTest::keyClick(rate->view(), Qt::Key_Home);
        QTest::keyClick(rate->view(), Qt::Key_Return);
        QTRY_VERIFY(desk.project().settings->frame_rate != before.settings->frame_rate);
    }

    void journey_jumping_to_a_cut_shows_its_first_frame() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        const auto rate = desk.project().settings->frame_rate;
        std::vector<Frames> frames;
        for (const auto& lane : window.document().schedule())
            if (lane.id == desk.cuts().id)
                for (const auto& pin : lane.pins)
                    frames.push_back(pin.frame);
        window.timeline().setFocus();
        desk.key(Qt::Key_Home);
        for (const Frames frame : frames) {
            if (frame == Frames(0))
                continue;
            desk.key(Qt::Key_PageDown, Qt::ControlModifier);
            QCOMPARE(rate.frame_at(window.view().playhead()), frame);
        }
        for (auto frame = frames.rbegin() + 1; frame != frames.rend(); ++frame) {
            desk.key(Qt::Key_PageUp, Qt::ControlModifier);
            QCOMPARE(rate.frame_at(window.view().playhead()), *frame);
        }
    }

    void journey_keys_respect_snapping() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().setFocus();
        desk.window.timeline().show_range(desk.bar(2), desk.bar(4)); // a beat is wide
        const Seconds beat = desk.bar(3), off = beat + Seconds(0.1234);
        const auto added = [&] {
            return *anchored_time(desk.project().pin(*desk.window.view().selection().begin())->anchor,
                                  desk.project());
        };
        for (const auto& [action, far, near] : {std::tuple{"snap always", beat, beat},
                                                {"snap near", off, beat},
                                                {"snap off", off, beat + Seconds(0.004)}}) {
            desk.window.action(action)->trigger();
            for (const auto key : {Qt::Key_M, Qt::Key_C, Qt::Key_E}) {
                const Project before = desk.project();
                desk.window.view().set_playhead(off);
                desk.key(key);
                QVERIFY2(std::abs((added() - far).value) < 1e-9, action);
                desk.window.document().apply(before, "back");
                desk.window.view().set_playhead(beat + Seconds(0.004));
                desk.key(key);
                QVERIFY2(std::abs((added() - near).value) < 1e-9, action);
                desk.window.document().apply(before, "back");
            }
            desk.window.view().select({desk.markers().pins[0].id});
            desk.key(Qt::Key_C, Qt::ControlModifier);
            desk.window.view().set_playhead(off);
            const Project before = desk.project();
            desk.key(Qt::Key_V, Qt::ControlModifier);
            QVERIFY2(std::abs((added() - far).value) < 0.0003, action); // half a tick
            desk.window.document().apply(before, "back");
        }
    }

    void journey_a_key_at_the_very_start_stays_in_the_song() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.document().apply(
            retimed(desk.project(), *shifted(*desk.project().grid, Seconds(-0.2) - desk.bar(1))), "shift");
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Home);
        desk.key(Qt::Key_M);
        const auto at = *anchored_time(desk.project().pin(*desk.window.view().selection().begin())->anchor,
                                       desk.project());
        QVERIFY2(at >= Seconds(0) && at < Seconds(0.6), qPrintable(QString::number(at.value)));
    }

    void journey_two_markers_do_not_lie_on_one_spot() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.add_marker(1.1);
        const auto count = desk.markers().pins.size();
        const auto selected = desk.window.view().selection();
        desk.window.view().select({});
        desk.key(Qt::Key_M);
        QCOMPARE(desk.markers().pins.size(), count);
        QVERIFY(desk.window.view().selection() == selected);
        QVERIFY(says(desk.message(), "already"));
    }

    void journey_a_flash_lasts_as_long_as_the_range() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.view().set_range(TimeRange{desk.bar(5), desk.bar(6)});
        desk.window.view().set_playhead(desk.bar(9));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_E);
        const PinId pin = *desk.window.view().selection().begin();
        const auto& spans = desk.window.document().spans(desk.project().lane_of(pin)->id).triggers;
        const auto span =
            std::find_if(spans.begin(), spans.end(), [&](const auto& s) { return s.pin == pin; });
        const auto rate = desk.project().settings->frame_rate;
        const auto frame = [&](Seconds t) { return round_to_frame(t, rate, FrameRounding::Nearest).frame; };
        QCOMPARE(span->start, frame(desk.bar(5)));
        QCOMPARE(span->end, frame(desk.bar(6)));
    }

    void journey_doubling_the_tempo_has_an_end() {
        Desk desk;
        QVERIFY(desk.open_demo());
        for (int i = 0; i < 13; ++i)
            QTest::mouseClick(desk.window.findChild<QToolButton*>("double tempo"), Qt::LeftButton);
        QVERIFY(desk.project().grid->typical_tempo() <= fastest_grid);
        QVERIFY2(says(desk.message(), "beats a minute"), qPrintable(desk.message()));
        for (int i = 0; i < 13; ++i)
            QTest::mouseClick(desk.window.findChild<QToolButton*>("half tempo"), Qt::LeftButton);
        QVERIFY(desk.project().grid->typical_tempo() >= slowest_grid);
    }

    void journey_a_beat_list_of_quotes_does_no_harm() {
        write("quotes.txt", "\"\"\n0.5\n1.0\n");
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.open_beats(file("quotes.txt"));
        QCOMPARE(desk.project().grid->beats().size(), std::size_t{2});
    }

    // -- handing on

    void journey_an_export_waits_for_what_follows_the_music() {
        const QString moving = PULSEPIN_DEMO "/kite-day-in-motion.pulsepin";
        QProcess cli;
        cli.start(PULSEPIN_BINARIES "/pulsepin-cli",
                  {"export", moving, "--format", "frames-csv", "-o", file("cli.csv")});
        QVERIFY(cli.waitForFinished(60'000) && cli.exitCode() == 0);
        Desk desk;
        desk.window.open_path(moving);
        QVERIFY(!desk.window.document().followers_current()); // just opened: nothing is there yet
        desk.window.export_panel().write(*exporter("frames-csv"), file("window.csv"));
        QVERIFY(desk.settle());
        QCOMPARE(file_text(file("window.csv")), file_text(file("cli.csv"))); // whole, to the last frame
        QVERIFY(desk.window.document().followers_current());
        desk.window.export_panel().write(*exporter("frames-csv"), file("again.csv"));
        QVERIFY(desk.settle());
        QCOMPARE(file_text(file("again.csv")), file_text(file("cli.csv")));
    }

    void journey_what_follows_a_song_that_is_gone_is_not_written() {
        auto project = *load_project(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
        Song gone = *project.song;
        gone.path = file("gone.opus").toStdString();
        project.song = std::make_shared<const Song>(gone);
        QVERIFY(save_project(project, file("gone.pulsepin").toStdString()).has_value());
        Desk desk;
        Answers agreed; // what lies elsewhere is asked about once
        agreed.press("Read them");
        desk.window.open_path(file("gone.pulsepin"));
        QVERIFY(desk.settle());
        desk.window.export_panel().write(*exporter("frames-csv"), file("flat.csv"));
        QVERIFY(desk.settle());
        QVERIFY2(says(desk.message(), "gone.opus"), qPrintable(desk.message()));
        QVERIFY(!QFile::exists(file("flat.csv")));
        desk.window.export_panel().write(*exporter("edl"), file("cuts.edl"));
        QVERIFY(desk.settle());
        QVERIFY(QFile::exists(file("cuts.edl")));
    }

    void journey_an_export_never_replaces_what_the_project_is_made_of() {
        QVERIFY(QFile::copy(PULSEPIN_DEMO "/over-the-levee.opus", file("song.opus")));
        auto project = *load_project(demo.toStdString());
        project = with_song_path(project, file("song.opus").toStdString());
        QVERIFY(save_project(project, file("own.pulsepin").toStdString()).has_value());
        Desk desk;
        Answers agreed; // what lies elsewhere is asked about once
        agreed.press("Read them");
        desk.window.open_path(file("own.pulsepin"));
        QVERIFY(desk.settle());
        const auto before = QFileInfo(file("song.opus")).size();
        desk.window.export_panel().write(*exporter("csv"), file("song.opus"));
        QVERIFY(desk.settle());
        QCOMPARE(QFileInfo(file("song.opus")).size(), before);
    }

    // -- screens

    void journey_small_screens_data() {
        QTest::addColumn<QSize>("size");
        QTest::newRow("1280 x 800") << QSize(1280, 800);
        QTest::newRow("1024 x 700") << QSize(1024, 700);
        QTest::newRow("1024 x 700, less a title bar") << QSize(1024, 676);
        QTest::newRow("800 x 600") << QSize(800, 600);
        QTest::newRow("1920 x 1080") << QSize(1920, 1080);
        QTest::newRow("3840 x 2160") << QSize(3840, 2160);
    }
    void journey_small_screens() {
        QFETCH(QSize, size);
        Desk desk;
        QVERIFY(desk.open_demo());
        for (int stop = 0; stop <= static_cast<int>(Stop::Export); ++stop) {
            desk.window.go_to_stop(static_cast<Stop>(stop));
            desk.window.resize(size);
            QTest::qWait(30);
            QCOMPARE(desk.window.size(), size); // no stop asks for more
            auto& status = desk.window.status();
            const QRect place(status.mapTo(&desk.window, QPoint()), status.size());
            QVERIFY(status.isVisible() && QRect({}, size).contains(place));
            QVERIFY(desk.window.timeline().height() >= 150);
            if (size.width() < 1024)
                continue; // there the bench is scrolled
            const auto& preview = desk.window.preview();
            QTRY_VERIFY2(
                QRect({}, size).contains(QRect(preview.mapTo(&desk.window, QPoint()), preview.size())),
                qPrintable(QString("stop %1").arg(stop)));
            // Nothing is squeezed below what it needs (small rows ask for a pixel less).
            for (auto* field : desk.window.findChildren<QWidget*>())
                if (field->isVisible() &&
                    (qobject_cast<QComboBox*>(field) || qobject_cast<QPushButton*>(field)) &&
                    field->sizePolicy().verticalPolicy() == QSizePolicy::Fixed)
                    QVERIFY2(field->height() >= field->minimumSizeHint().height() - 2,
                             qPrintable(QString("stop %1: %2 has %3 of %4")
                                            .arg(stop)
                                            .arg(field->objectName())
                                            .arg(field->height())
                                            .arg(field->minimumSizeHint().height())));
            QCOMPARE(lying_on_each_other(desk.window), QString());        // ... nothing lies on anything else
            for (auto* button : desk.window.findChildren<QPushButton*>()) // ... and no words are cut off
                if (button->isVisible() && !button->text().isEmpty())
                    QVERIFY2(button->width() >= button->minimumSizeHint().width() - 1,
                             qPrintable(QString("stop %1: \"%2\" has %3 of %4")
                                            .arg(stop)
                                            .arg(button->text())
                                            .arg(button->width())
                                            .arg(button->minimumSizeHint().width())));
        }
        desk.window.document().detection().detect({}, false);
        QTest::qWait(30);
        auto* cancel = desk.window.findChild<QPushButton*>("cancel job");
        QVERIFY(cancel->isVisible());
        const QRect place(cancel->mapTo(&desk.window, QPoint()), cancel->size());
        QVERIFY(QRect({}, size).contains(place));
        desk.window.document().jobs().cancel_all();
        QVERIFY(desk.settle());
    }

    void journey_the_picture_beside_the_song_on_a_small_screen() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const QSize small_screen(1024, 676);
        for (const char* place : {"picture beside", "picture in bench", "picture beside"}) {
            desk.window.resize(small_screen);
            desk.click(place);
            QTest::qWait(50);
            QCOMPARE(desk.window.size(), small_screen);
            for (const char* name :
                 {"picture in bench", "picture beside", "picture window", "guides", "trace", "safe areas",
                  "pivot", "frame shots", "key pose here", "picture fits"}) {
                const auto* button = desk.window.findChild<QPushButton*>(name);
                if (!button->isVisible())
                    continue;
                const QRect at(button->mapTo(&desk.window, QPoint()), button->size());
                QVERIFY2(QRect({}, small_screen).contains(at), name);
                QVERIFY2(button->width() > button->fontMetrics().horizontalAdvance(button->text()), name);
            }
        }
    }

    void journey_a_song_with_a_long_name_in_a_small_window() {
        const QString song =
            file("A song of which the name is long (with the other singer, final mix 3).opus");
        QVERIFY(QFile::copy(PULSEPIN_DEMO "/over-the-levee.opus", song));
        Desk desk;
        desk.window.resize(1024, 676); // 700, less a title bar
        desk.window.open_path(song);
        QVERIFY(desk.settle());
        QTest::qWait(100);
        QCOMPARE(lying_on_each_other(desk.window), QString());
        QCOMPARE(desk.window.size(), QSize(1024, 676));
    }
};

PULSEPIN_TEST_CLASS(JourneysByHand, "journeys_hands")
#include "journeys_hands.moc"
