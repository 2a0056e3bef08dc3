// SPDX-License-Identifier: GPL-3.0-or-later
//
// The desk: exact places by hand, by ear and by figures; what is seen of a lane; room for names.
#include "kinds/kinds.h"
#include "model/anchored_time.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "parts/widgets.h"
#include "support/desk.h"
#include "support/motion_desk.h"
#include "support/test_program.h"

#include <QElapsedTimer>
#include <QInputDialog>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QListWidget>
#include <QSettings>
#include <QToolButton>
#include <random>
#include <set>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysDesk : public QObject {
    Q_OBJECT

    static Seconds when(Desk& desk, PinId pin) {
        return *anchored_time(desk.project().pin(pin)->anchor, desk.project());
    }
    static void write(Desk& desk, const char* field, const QString& text) {
        auto* line = desk.window.findChild<QLineEdit*>(field);
        QVERIFY2(line && line->isVisible(), field);
        line->setFocus();
        line->selectAll();
        QTest::keyClicks(line, text);
        QTest::keyClick(line, Qt::Key_Return);
    }
    /// Away from what other tests leave in the settings.
    static void forget_settings() {
        for (const char* key :
             {"snap/mode", "snap/to", "tap/latency", "desk/names width", "play/bar before", "play/few bars"})
            QSettings().remove(key);
    }

private slots:
    void init() { forget_settings(); }
    void cleanupTestCase() { forget_settings(); }

    void journey_a_pins_place_is_written() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const PinId pin = desk.markers().pins.front().id;
        desk.window.view().select({pin});
        write(desk, "pin anchor", "13.3");
        QCOMPARE(when(desk, pin), desk.bar(13, 3));
        write(desk, "pin time", "0:26.96");
        QVERIFY(std::abs((when(desk, pin) - Seconds(26.96)).value) < 1e-6);
        write(desk, "pin frame", "647");
        QCOMPARE(desk.project().settings->frame_rate.frame_at(when(desk, pin) + Seconds(1e-6)), Frames(647));
        write(desk, "pin frame", "00:00:10:12");
        QVERIFY(std::abs((when(desk, pin) - Seconds(10.5)).value) < 1e-6);
        // What cannot be read is told, and changes nothing.
        write(desk, "pin anchor", "soon");
        QVERIFY2(says(desk.message(), "soon") && says(desk.message(), "13.3"), qPrintable(desk.message()));
        QVERIFY(std::abs((when(desk, pin) - Seconds(10.5)).value) < 1e-6);
        QVERIFY(begins_to_tell(desk.window.findChild<QLineEdit*>("pin time")->text(), "0:10.5"));
        for (int i = 0; i < 4; ++i)
            desk.window.document().undo();
        QVERIFY(!desk.window.document().unsaved());
    }

    void journey_snapping_is_seen_and_obeyed() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        const Seconds off_beat = desk.bar(4, 2) + Seconds(0.13);
        const auto added = [&](double seconds) {
            desk.add_marker(seconds);
            const Seconds at = when(desk, *window.view().selection().begin());
            if (window.view().pulled())
                window.document().undo();
            window.document().undo();
            return at;
        };
        QCOMPARE(window.view().snap(), Snap::Near); // at first
        window.timeline().show_range(desk.bar(3), desk.bar(6));
        QVERIFY(std::abs((added(off_beat.value) - off_beat).value) < 1e-3);
        QCOMPARE(added(desk.bar(4, 2).value + 0.035), desk.bar(4, 2));
        window.timeline().setFocus();
        desk.key(Qt::Key_N);
        QCOMPARE(window.view().snap(), Snap::Off);
        QVERIFY(std::abs((added(off_beat.value) - off_beat).value) < 1e-3);
        // A click on the switch goes on, too; thirds pull as soon as they are chosen.
        QTest::mouseClick(&window.timeline(), Qt::LeftButton, {},
                          QPoint(window.timeline().names_width() - 40, 15));
        QCOMPARE(window.view().snap(), Snap::Always);
        QCOMPARE(added(off_beat.value), desk.bar(4, 2));
        window.action("snap to thirds")->trigger();
        QVERIFY(std::abs((added(off_beat.value) -
                          desk.project().grid->time_at(
                              Beats(desk.project().grid->beats_at(desk.bar(4, 2)).value + 1.0 / 3)))
                             .value) < 1e-3);
        // It is kept for the next time.
        QCOMPARE(QSettings().value("snap/mode").toInt(), static_cast<int>(Snap::Always));
        QCOMPARE(QSettings().value("snap/to").toUInt(), 5u);
    }

    // A hand that comes 80 ms late, with 15 ms of scatter: measured once, its marks lie on what was heard.
    void journey_marks_by_ear_lie_where_they_were_heard() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        QSettings().setValue("tap/latency", 80);
        // The words that are spoken in the demo's song, from its score.
        const auto truth =
            QJsonDocument::fromJson(file_text(PULSEPIN_DEMO "/over-the-levee.truth.json").toUtf8());
        std::vector<Seconds> words;
        for (const auto& word : truth["words"].toArray())
            words.emplace_back(word.toObject()["time"].toDouble());
        QVERIFY(words.size() >= 20);
        window.view().set_snap(Snap::Off);
        std::mt19937 random(11);
        std::normal_distribution<double> scatter(0, 0.015);
        std::vector<double> errors;
        window.timeline().setFocus();
        double other_way = 0;
        for (std::size_t i = 0; i < words.size(); ++i) {
            // As often early as late, so that the mean tells of the program alone.
            const double off = i % 2 == 0 ? scatter(random) : -other_way;
            other_way = off;
            const Seconds pressed = words[i] + Seconds(0.08 + off);
            window.player().play({pressed - Seconds(0.15), std::nullopt, std::nullopt});
            QElapsedTimer waiting;
            waiting.start();
            while (window.player().position() < pressed && waiting.elapsed() < 3000)
                QTest::qWait(1);
            const Seconds heard = window.player().position();
            desk.key(Qt::Key_M);
            window.player().stop();
            const Seconds put = when(desk, *window.view().selection().begin());
            // What the test's own waiting adds is no part of the hand.
            errors.push_back((put - (heard - pressed) - words[i]).value * 1000);
        }
        QVERIFY(errors.size() >= 20);
        double sum = 0;
        for (const double error : errors)
            sum += error;
        std::vector<double> sizes;
        for (const double error : errors)
            sizes.push_back(std::abs(error));
        std::nth_element(sizes.begin(), sizes.begin() + static_cast<std::ptrdiff_t>(sizes.size() / 2),
                         sizes.end());
        const double bias = sum / static_cast<double>(errors.size()), median = sizes[sizes.size() / 2];
        QVERIFY2(std::abs(bias) < 3, qPrintable(QString::number(bias)));
        QVERIFY2(median < 12, qPrintable(QString::number(median)));
        window.view().set_snap(Snap::Always);
    }

    void journey_zoom_to_what_is_worked_on_and_back() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        const Seconds whole = timeline.scale().span();
        answer_with("13.1 - 15.1");
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_R);
        QVERIFY(desk.window.view().range());
        QCOMPARE(desk.window.view().range()->from, desk.bar(13));
        QCOMPARE(desk.window.view().range()->until, desk.bar(15));
        desk.key(Qt::Key_Z);
        QVERIFY(timeline.scale().span() < whole * 0.2);
        QVERIFY(timeline.scale().start < desk.bar(13) && timeline.scale().end() > desk.bar(15));
        desk.key(Qt::Key_Z, Qt::ShiftModifier);
        QVERIFY(std::abs((timeline.scale().span() - whole).value) < 0.01);
    }

    void journey_names_are_read_in_full() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        const int before = timeline.names_width();
        QVERIFY(before >= 140);
        desk.drag({before - 3, 14}, {before + 57, 14});
        QCOMPARE(timeline.names_width(), before + 60);
        QCOMPARE(timeline.scale().left, before + 60.0);
        QCOMPARE(desk.window.score().names_width(), before + 60);
        QCOMPARE(QSettings().value("desk/names width").toInt(), before + 60);
        // The frame's rate stands beside its number.
        auto* frame = desk.window.findChild<Figures*>("frame figures");
        QCOMPARE(frame->name(), QString("frame at 24"));
        desk.window.go_to_stop(Stop::Song);
        choose(desk, "frame rate", "60 fps");
        QCOMPARE(frame->name(), QString("frame at 60"));
    }

    void journey_what_is_added_goes_to_the_current_lane() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.document().apply(with_lane(desk.project(), kind_of(body_type<MarkerBody>), "Words"),
                                "add lane");
        const LaneId words = desk.project().lanes.back()->id;
        window.timeline().grab();
        window.timeline().reveal_lane(words);
        window.timeline().grab();
        QTest::mouseClick(&window.timeline(), Qt::LeftButton, {},
                          QPoint(40, static_cast<int>(window.timeline().lane_row(words).center().y())));
        QCOMPARE(window.view().lane(), words);
        desk.add_marker(7);
        QCOMPARE(desk.project().lane(words)->pins.size(), std::size_t{1});
        // The stop "Place" offers it.
        window.go_to_stop(Stop::Place);
        QCOMPARE(window.findChild<QComboBox*>("lane choice")->currentText(), QString("Words"));
    }

    void journey_feeds_stay_in_reach_while_pulses_are_selected() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        add_motion_lane(desk, "Pulses", "Blur");
        window.go_to_stop(Stop::Place);
        QCOMPARE(window.findChild<QComboBox*>("lane choice")->currentText(), QString("Blur"));
        desk.type("from", "13.1");
        desk.type("until", "15.1");
        desk.click("place");
        QVERIFY(window.view().selection().size() > 2);
        window.go_to_stop(Stop::Motion);
        auto* feeds = window.findChild<QWidget*>("feed table");
        QVERIFY(feeds->isVisible());
        desk.click("show selected");
        QVERIFY(!feeds->isVisible());
        QVERIFY(window.findChild<QDoubleSpinBox*>("pulse strength")->isVisible());
        desk.click("show feeds");
        QVERIFY(feeds->isVisible());
    }

    void journey_black_frames_before_the_first_cut_are_offered_to_go() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Place);
        choose(desk, "lane choice", "Cuts");
        auto* begin = desk.window.findChild<QPushButton*>("begin at 0");
        QVERIFY(begin->isVisible());
        QVERIFY2(says(begin->text(), "10 black frames"), qPrintable(begin->text()));
        QTest::mouseClick(begin, Qt::LeftButton);
        QCOMPARE(desk.window.document().shown_shots().front().start, Frames(0));
        QVERIFY(!begin->isVisible());
    }

    void journey_an_upright_piece_with_a_name() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.go_to_stop(Stop::Song);
        auto* sizes = window.findChild<QComboBox*>("picture size");
        QCOMPARE(sizes->currentText(), QString("16:9 · 1280 × 720"));
        choose(desk, "picture size", "9:16 · 1080 × 1920");
        QCOMPARE(desk.project().settings->picture_height, 1920);
        QVERIFY(std::abs(window.preview().scale().points - window.preview().height() / 1920.0) < 1e-6);
        answer_with("864 x 1080");
        choose(desk, "picture size", "Own numbers…");
        QCOMPARE(desk.project().settings->picture_width, 864);
        QCOMPARE(sizes->currentText(), QString("864 × 1080"));
        answer_with("large");
        choose(desk, "picture size", "Own numbers…");
        QCOMPARE(desk.project().settings->picture_width, 864);
        QVERIFY(says(desk.message(), "1080 x 1350"));
        QTimer::singleShot(0, &window, [&] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            dialog->findChild<QLineEdit*>("piece author")->setText("the three of us");
            dialog->accept();
        });
        desk.click("about piece");
        QCOMPARE(desk.project().settings->author, std::string("the three of us"));
    }

    void journey_shots_are_seen_in_their_lane_and_in_the_bin() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        const auto& cuts = desk.cuts();
        auto& timeline = window.timeline();
        timeline.show_range(Seconds(0), desk.bar(9));
        const QRectF row = timeline.lane_row(cuts.id);
        // In the middle of the first shot's picture the colour is that of its clip, not the plain ground.
        const QPoint at(static_cast<int>(timeline.scale().x(desk.bar(2))),
                        static_cast<int>(row.bottom() - 14));
        const auto ground = [&] {
            SongLook look = window.view().look();
            look.thumbnails = false;
            window.view().set_look(look);
            const QImage plain = timeline.grab(QRect(at - QPoint(30, 8), QSize(60, 16))).toImage();
            look.thumbnails = true;
            window.view().set_look(look);
            return plain;
        }();
        const auto spread = [](const QImage& image) {
            std::set<QRgb> colours;
            for (int y = 0; y < image.height(); ++y)
                for (int x = 0; x < image.width(); ++x)
                    colours.insert(image.pixel(x, y));
            return colours.size();
        };
        QVERIFY(QTest::qWaitFor(
            [&] {
                return spread(timeline.grab(QRect(at - QPoint(30, 8), QSize(60, 16))).toImage()) >
                       spread(ground) + 20;
            },
            8000));
        window.go_to_stop(Stop::Song);
        auto* bin = window.findChild<QListWidget*>("bin");
        QVERIFY(QTest::qWaitFor([&] { return !bin->item(0)->icon().isNull(); }, 8000));
        QVERIFY2(says(bin->item(0)->text(), "1 cut"), qPrintable(bin->item(0)->text()));
        QVERIFY(says(bin->item(0)->text(), "640 × 360"));
    }

    void journey_a_few_bars_are_heard() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        QCOMPARE(window.findChild<QToolButton*>("few seconds")->text(), QString("2 bars"));
        window.view().set_playhead(desk.bar(5));
        window.action("bar before")->setChecked(true);
        emit window.action("bar before")->triggered(true);
        window.timeline().setFocus();
        desk.key(Qt::Key_Space, Qt::ShiftModifier);
        QVERIFY(window.player().playing());
        QVERIFY(window.player().position() < desk.bar(4, 3)); // a bar earlier
        desk.key(Qt::Key_Space, Qt::ShiftModifier);
        QCOMPARE(window.view().playhead(), desk.bar(5));
        emit window.action("bar before")->triggered(false);
    }

    // A song of speech: no beats are found. Thirty places in plain time, then a tempo is typed that takes
    // them.
    void journey_speech_is_cut_without_beats_and_tied_to_a_grid_later() {
        Desk desk;
        auto& window = desk.window;
        window.open_path(PULSEPIN_DEMO "/over-the-levee.opus");
        QVERIFY(QTest::qWaitFor([&] { return window.document().sound() != nullptr; }, 30'000));
        QVERIFY(desk.settle());
        while (desk.project().grid && window.document().can_undo())
            window.document().undo();
        QVERIFY(!desk.project().grid);
        window.document().add_clips({PULSEPIN_DEMO "/launch.webm", PULSEPIN_DEMO "/crowd.webm"});
        QVERIFY(desk.settle());
        window.go_to_stop(Stop::Place);
        choose(desk, "lane choice", "Cuts");
        auto* source = window.findChild<QComboBox*>("source");
        QCOMPARE(source->findData("beats"), -1); // what needs beats is not offered
        QCOMPARE(window.findChild<QComboBox*>("counted in")->currentText(), QString("seconds"));
        choose(desk, "source", "every so many seconds");
        number(desk, "source seconds", 2.0);
        choose(desk, "every", "one");
        desk.type("from", "0:01.02");
        desk.type("until", "60.9");
        desk.click("place");
        const Lane& cuts = desk.cuts();
        QCOMPARE(cuts.pins.size(), std::size_t{30});
        QVERIFY(std::abs(when(desk, cuts.pins[1].id).value - 3.02) < 1e-4);
        // One of them is dragged, and they are copied, in plain time too.
        window.view().select({cuts.pins[2].id});
        window.timeline().show_range(Seconds(0), Seconds(12));
        window.timeline().grab();
        const QPoint head = window.timeline().head_position(cuts.pins[2].id).toPoint();
        desk.drag(head, head + QPoint(30, 0));
        QVERIFY(when(desk, desk.cuts().pins[2].id) > Seconds(5.05));
        // A list typed in seconds.
        choose(desk, "source", "a list");
        desk.type("list of places", "4.1 0:06.2 200f");
        QVERIFY(says(window.findChild<QPushButton*>("place")->text(), "3"));
        // A tempo is typed: two beats a second from 0 on. What lies near a beat is tied to it, the rest
        // stays.
        window.document().apply(
            relabelled(desk.project(), *BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(64))),
            "type tempo");
        QVERIFY(std::holds_alternative<TimeAnchor>(desk.cuts().pins[0].anchor));
        window.view().select({});
        once_a_dialog_is_open(200, [&] {
            auto* dialog = QApplication::activeModalWidget();
            QVERIFY(dialog && dialog->objectName() == "adopt pins");
            QVERIFY2(begins_to_tell(dialog->findChild<QLabel*>("adopt told")->text(), "29 tied"),
                     qPrintable(dialog->findChild<QLabel*>("adopt told")->text()));
            QTest::keyClick(dialog, Qt::Key_Return);
        });
        window.action("adopt")->trigger();
        std::size_t tied = 0;
        for (const auto& pin : desk.cuts().pins)
            tied += std::holds_alternative<MusicalAnchor>(pin.anchor);
        QCOMPARE(tied, std::size_t{29});
        QVERIFY2(says(desk.message(), "29 tied to the grid"), qPrintable(desk.message()));
        window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(std::holds_alternative<TimeAnchor>(desk.cuts().pins[0].anchor)); // one step
    }

    void journey_without_beats_pins_are_dragged_in_plain_time() {
        Desk desk;
        desk.window.open_path(PULSEPIN_DEMO "/over-the-levee.opus");
        QVERIFY(QTest::qWaitFor([&] { return desk.window.document().sound() != nullptr; }, 30'000));
        QVERIFY(desk.settle());
        while (desk.project().grid && desk.window.document().can_undo()) // speech has no beats to find
            desk.window.document().undo();
        QVERIFY(!desk.project().grid);
        desk.add_marker(7.31);
        const PinId pin = *desk.window.view().selection().begin();
        QVERIFY(std::abs(when(desk, pin).value - 7.31) < 1e-6);
        desk.window.timeline().grab();
        const QPoint head = desk.window.timeline().head_position(pin).toPoint();
        desk.drag(head, head + QPoint(80, 0));
        const double moved = 80 / desk.window.timeline().scale().pixels_per_second;
        QVERIFY(std::abs(when(desk, pin).value - 7.31 - moved) < 0.05);
        QCOMPARE(desk.window.document().undo_name(), QString("move pin"));
    }
};

PULSEPIN_TEST_CLASS(JourneysDesk, "journeys_desk")
#include "journeys_desk.moc"
