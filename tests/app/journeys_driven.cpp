// SPDX-License-Identifier: GPL-3.0-or-later
//
// The music moves the picture: pulses, followers and keys that feed properties of layers, through the real
// window.
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/stage_edits.h"
#include "pages/dialogs/schedule_text_dialog.h"
#include "render/composed.h"
#include "schedule/piece_length.h"
#include "schedule/pulses.h"
#include "support/motion_desk.h"
#include "support/test_program.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QListWidget>
#include <QTemporaryDir>
#include <QToolButton>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysDriven : public QObject {
    Q_OBJECT

    static void target(Desk& desk, int feed, const QStringList& path) {
        auto* button = desk.window.findChild<QToolButton*>(QString("feed %1 target").arg(feed));
        QVERIFY(button && QTest::qWaitFor([&] { return button->isVisible(); }, 1000));
        choose_from_menu(button, path);
    }
    /// What drives a parameter of a layer at a frame; nothing when nothing does.
    static std::optional<double> driven(Desk& desk, const char* layer, const char* parameter, double frame) {
        for (const auto& one : driven_at(desk.window.document().curves(), frame))
            if (desk.project().stage->layer(one.target.layer)->name == layer &&
                one.target.parameter == parameter)
                return one.value;
        return std::nullopt;
    }
    static std::int64_t frame_of(Desk& desk, LaneId lane, std::size_t pin) {
        for (const auto& resolved : desk.window.document().schedule())
            if (resolved.id == lane)
                return resolved.pins[pin].frame.value;
        return -1;
    }
    static QImage picture_at(Desk& desk, std::int64_t frame) {
        const auto rate = desk.project().settings->frame_rate;
        desk.window.view().set_playhead(rate.start_of(Frames(frame)) + rate.frame_length() / 2);
        (void)QTest::qWaitFor(
            [&] {
                const auto& shown = desk.window.preview().shown();
                return shown.exact && shown.frame == Frames(frame);
            },
            8000);
        return desk.window.preview().grab().toImage().convertToFormat(QImage::Format_RGB32);
    }
    static double difference(const QImage& a, const QImage& b) {
        double sum = 0;
        for (int y = 0; y < a.height(); ++y)
            for (int x = 0; x < a.width(); ++x)
                sum += std::abs(qGray(a.pixel(x, y)) - qGray(b.pixel(x, y)));
        return sum / (a.width() * a.height());
    }

private slots:
    void journey_one_pulse_on_blur_shake_and_glow() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LaneId lane = add_motion_lane(desk, "Pulses", "Hit");
        desk.click("pulse hit");
        target(desk, 0, {"Shots", "Blur", "blur"});
        number(desk, "feed 0 low", 0);
        number(desk, "feed 0 high", 150);
        auto* another = desk.window.findChild<QPushButton*>("feed another");
        choose_from_menu(another, {"Camera", "Shake", "shake"});
        number(desk, "feed 1 low", 0);
        number(desk, "feed 1 high", 75);
        choose_from_menu(another, {"Shots", "Glow", "glow limit"});
        number(desk, "feed 2 low", 120);
        number(desk, "feed 2 high", -30);
        place_on(desk, "Hit", "beats", "2nd");
        QCOMPARE(desk.project().lane(lane)->pins.size(), std::size_t{8});
        const auto beat = frame_of(desk, lane, 2);
        const auto value = [&](const char* layer, const char* parameter, std::int64_t frame) {
            return driven(desk, layer, parameter, static_cast<double>(frame)).value_or(-1);
        };
        QCOMPARE(value("Shots", "blur", beat), 0.0);
        QCOMPARE(value("Shots", "blur", beat + 1), 150.0); // the peak, one frame later
        QCOMPARE(value("Camera", "shake", beat + 1), 75.0);
        QCOMPARE(value("Shots", "glow-limit", beat), 100.0);   // a limit has no more than 100 %
        QCOMPARE(value("Shots", "glow-limit", beat + 1), 0.0); // 120 - 150, cut off
        for (std::int64_t frame = beat; frame < beat + 6; ++frame)
            QVERIFY(std::abs(value("Camera", "shake", frame) * 2 - value("Shots", "blur", frame)) < 1e-9);
        // It is seen.
        const QImage rest = picture_at(desk, beat), peak = picture_at(desk, beat + 1);
        QVERIFY(difference(rest, peak) > 3);
        // No longer cut off, it goes below; the menu says so.
        choose_from_menu(desk.window.findChild<QToolButton*>("feed 2 more"), {"Cut off"});
        QCOMPARE(value("Shots", "glow-limit", beat + 1), -30.0);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(value("Shots", "glow-limit", beat + 1), 0.0);
        // The pulse is another: all three change.
        desk.click("pulse arrival");
        QCOMPARE(value("Shots", "blur", beat), 150.0);
        QCOMPARE(value("Camera", "shake", beat), 75.0);
        // The feed goes again.
        choose_from_menu(desk.window.findChild<QToolButton*>("feed 1 more"), {"Remove"});
        QVERIFY(!driven(desk, "Camera", "shake", static_cast<double>(beat)));
        QCOMPARE(part_of<Motion>(*desk.project().lane(lane))->feeds.size(), std::size_t{1});
    }

    void journey_the_kick_above_a_drawn_rise() {
        Desk desk;
        QVERIFY(desk.open_demo());
        // A curve drawn by hand: a double click adds a key, a drag gives it its value.
        const LaneId rise = add_motion_lane(desk, "Follower", "Rise");
        choose(desk, "follower source", "Drawn by hand");
        auto& timeline = desk.window.timeline();
        timeline.show_range(desk.bar(12), desk.bar(18));
        QTest::qWait(50);
        const auto add_key = [&](std::int64_t bar) {
            const QPoint at(static_cast<int>(timeline.scale().x(desk.bar(bar))),
                            static_cast<int>(timeline.lane_row(rise).center().y()));
            QTest::mouseDClick(&timeline, Qt::LeftButton, {}, at);
        };
        add_key(13);
        add_key(17);
        QCOMPARE(desk.project().lane(rise)->pins.size(), std::size_t{2});
        const PinId last = desk.project().lane(rise)->pins[1].id;
        const QPoint from = timeline.head_position(last).toPoint();
        desk.drag(from, QPoint(from.x(), static_cast<int>(timeline.lane_row(rise).top()) + 16));
        QVERIFY(std::abs(body_of<KeyBody>(desk.project().pin(last)->body).value - 1) < 0.06);
        QCOMPARE(desk.window.document().undo_name(), QString("move pin"));
        desk.window.view().select({last});
        number(desk, "curve key value", 0.9);
        desk.window.view().select({});

        const LaneId kick = add_motion_lane(desk, "Follower", "Kick");
        choose(desk, "follower band", "band: kick");
        choose(desk, "add step", "Threshold");
        choose(desk, "add step", "Only above");
        choose(desk, "add step", "Higher of two");
        number(desk, "step 2 at", 0.3);
        number(desk, "step 3 at", 0.3);
        choose(desk, "step 4 other", "Rise");
        target(desk, 0, {"Shots", "scale"});
        number(desk, "feed 0 low", 100);
        number(desk, "feed 0 high", 150);
        auto* lead = desk.window.findChild<QDoubleSpinBox*>("lane lead amount");
        lead->setValue(15);
        QVERIFY(desk.settle());
        QCOMPARE(desk.project().lane(kick)->lead, Offset(Frames(15)));
        const auto curve = desk.window.document().followers().at(kick);
        QCOMPARE(curve->stages.size(), std::size_t{5});
        const auto drawn = desk.window.document().followers().at(rise);
        const auto rate = desk.project().settings->frame_rate;
        const double start = std::ceil(desk.bar(13).value * rate.per_second()),
                     end = std::ceil(desk.bar(17).value * rate.per_second());
        int above = 0;
        for (double frame = start; frame < end; frame += 1) {
            const double kicks = value_between(*curve->stages[3], frame * curve->per_frame);
            QVERIFY(std::abs(curve->share_at(frame) - std::max(kicks, drawn->share_at(frame))) < 1e-5);
            above += kicks > drawn->share_at(frame) + 0.05;
            // It leads: what the curve says now was acted fifteen frames ago.
            QVERIFY(std::abs(*driven(desk, "Shots", "scale", frame - 15) -
                             (100 + 50 * curve->share_at(frame))) < 1e-6);
        }
        QVERIFY(above > 5);                                   // the kicks stand out of the rise at first
        QVERIFY(std::abs(drawn->share_at(end) - 0.9) < 1e-3); // which has come up at its end
        // A step off is as if it were not there; the curve is drawn up to one of them.
        desk.click("step 4");
        QVERIFY(desk.settle());
        QVERIFY(desk.window.document().followers().at(kick)->share_at(end + 40) < 0.9);
        desk.click("step 1 look");
        QCOMPARE(desk.window.view().follower_step(), std::optional<std::size_t>(1));
        desk.window.grab();
        // It would follow itself: refused, and told.
        choose(desk, "motion lane", "Rise");
        choose(desk, "add step", "Sum");
        choose(desk, "step 1 other", "Kick");
        QVERIFY(says(desk.message(), "follow itself"));
        // The kick's tops become markers, which pickers find.
        choose(desk, "motion lane", "Kick");
        QVERIFY(desk.settle());
        answer_with("0.2");
        choose_from_menu(desk.window.findChild<QPushButton*>("freeze"), {"Its peaks"});
        const Lane& tops = *desk.project().lanes.back();
        QCOMPARE(tops.name, std::string("Tops of Kick"));
        QVERIFY(tops.pins.size() > 20);
        int on_kicks = 0;
        for (const auto& resolved : desk.window.document().schedule().pins(tops.id).pins)
            for (const auto& row : desk.project().detection->rows)
                if (row.name == "kick")
                    on_kicks +=
                        std::any_of(row.onsets.begin(), row.onsets.end(), [&](const FoundOnset& onset) {
                            return resolved.time - onset.time > Seconds(-0.03) &&
                                   resolved.time - onset.time < Seconds(0.09);
                        });
        QVERIFY2(on_kicks > static_cast<int>(tops.pins.size() / 2),
                 qPrintable(QString("%1 of %2").arg(on_kicks).arg(tops.pins.size())));
    }

    void journey_a_wave_blends_two_layers() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Motion);
        desk.click("layers of the picture");
        choose_from_menu(desk.window.findChild<QPushButton*>("add layer"), {"Shape", "disc"});
        QCOMPARE(desk.project().stage->layers[1].name, std::string("disc"));
        layer_value(desk, "scale", "400");
        QCOMPARE(desk.project().stage->layers[1].values.at("scale"), 400.0);
        desk.click("curves");
        const LaneId lane = add_motion_lane(desk, "Follower", "Blend");
        choose(desk, "follower source", "Wave");
        target(desk, 0, {"disc", "opacity"});
        QVERIFY(desk.settle());
        const auto rate = desk.project().settings->frame_rate;
        const auto opacity = [&](Seconds time) {
            return *driven(desk, "disc", "opacity", time.value * rate.per_second());
        };
        for (int bar = 5; bar < 9; ++bar) {
            QVERIFY(opacity(desk.bar(bar)) < 0.5);
            QVERIFY(std::abs(opacity(desk.bar(bar, 3)) - 100) < 0.5);
            QVERIFY(std::abs(opacity(desk.bar(bar, 2)) - 50) < 1.5);
        }
        desk.window.view().choose_layer({}); // no grips over the picture
        // In the middle of the picture: the shot at the bar, the disc two beats later, both between.
        const auto at = [&](Seconds time) {
            const QImage image = picture_at(desk, rate.frame_at(time).value);
            return image.pixelColor(image.width() / 2, image.height() / 2);
        };
        QVERIFY(at(desk.bar(6, 3)).red() > 230); // the disc is saffron
        QVERIFY(at(desk.bar(6, 3)).blue() < 70);
        QVERIFY(std::abs(at(desk.bar(6)).red() - at(desk.bar(6, 3)).red()) > 20 ||
                std::abs(at(desk.bar(6)).blue() - at(desk.bar(6, 3)).blue()) > 20);
        // Half a turn later.
        number(desk, "follower phase", 50);
        QVERIFY(desk.settle());
        QVERIFY(std::abs(opacity(desk.bar(6)) - 100) < 0.5);
        choose(desk, "follower counted", "beats");
        QVERIFY(desk.settle());
        QVERIFY(std::abs(opacity(desk.bar(6, 2)) - 100) < 1.5);
        QVERIFY(part_of<Motion>(*desk.project().lane(lane))->follower.values.text("counted") == "beats");
        // Swapped ends invert it.
        choose_from_menu(desk.window.findChild<QToolButton*>("feed 0 more"), {"Swap"});
        QVERIFY(opacity(desk.bar(6, 2)) < 1.5);
    }

    void journey_punch_in_with_overshoot_at_another_picture_rate() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Song);
        auto* rates = desk.window.findChild<QComboBox*>("frame rate");
        // 20 pictures a second is not among the offered ones: set as a project may have it.
        Settings settings = *desk.project().settings;
        settings.frame_rate = *FrameRate::parse("20");
        desk.window.document().apply(with_settings(desk.project(), settings), "change frame rate");
        const LaneId lane = add_motion_lane(desk, "Pulses", "Punch");
        desk.click("pulse gust"); // four frames up, over the peak and back
        choose(desk, "pulse rising", "back out");
        target(desk, 0, {"Camera", "scale"});
        number(desk, "feed 0 low", 100);
        number(desk, "feed 0 high", 130);
        choose_from_menu(desk.window.findChild<QPushButton*>("feed another"), {"Camera", "Shake", "shake"});
        place_on(desk, "Punch", "beats", "2nd");
        const auto beat = frame_of(desk, lane, 3);
        double highest = 0;
        for (std::int64_t frame = beat - 4; frame <= beat; ++frame)
            highest = std::max(highest, *driven(desk, "Camera", "scale", static_cast<double>(frame)));
        QVERIFY(highest > 131); // beyond the peak
        QCOMPARE(*driven(desk, "Camera", "scale", static_cast<double>(beat)), 130.0);
        const auto slow = desk.window.document().spans(lane).motion.pulses();
        desk.window.go_to_stop(Stop::Song);
        QVERIFY(row_of(rates, "60 fps") >= 0);
        choose(desk, "frame rate", "60 fps");
        const auto fast = desk.window.document().spans(lane).motion.pulses();
        QCOMPARE(fast.size(), slow.size());
        // Each is rounded to a frame of its own rate; nothing else moves.
        for (std::size_t i = 0; i < slow.size(); ++i)
            for (const auto edge :
                 {&PulseSpan::start, &PulseSpan::peak, &PulseSpan::hold_end, &PulseSpan::end})
                QVERIFY(std::abs(fast[i].*edge / 60 - slow[i].*edge / 20) <= 0.5 / 20 + 0.5 / 60 + 1e-9);
        QCOMPARE(*driven(desk, "Camera", "scale", fast[3].peak), 130.0);
    }

    void journey_level_drives_scale_and_blur_and_silence_hides_nothing() {
        Desk desk;
        QVERIFY(desk.open_demo());
        add_motion_lane(desk, "Follower", "Level");
        target(desk, 0, {"Shots", "scale"});
        number(desk, "feed 0 low", 60);
        number(desk, "feed 0 high", 130);
        choose_from_menu(desk.window.findChild<QPushButton*>("feed another"), {"Shots", "Blur", "blur"});
        number(desk, "feed 1 low", 0);
        number(desk, "feed 1 high", 10);
        QVERIFY(desk.settle());
        const auto frames = piece_length(desk.project()).value;
        double least = 1000, most = 0, least_blur = 1000;
        for (std::int64_t frame = 0; frame < frames; ++frame) {
            const double scale = *driven(desk, "Shots", "scale", static_cast<double>(frame));
            const double blur = *driven(desk, "Shots", "blur", static_cast<double>(frame));
            least = std::min(least, scale);
            most = std::max(most, scale);
            least_blur = std::min(least_blur, blur);
            QVERIFY(std::abs((scale - 60) / 70 - blur / 10) < 1e-9);
        }
        QVERIFY(least >= 60 && least < 66); // the song fades to silence at its end
        QVERIFY(most > 120);
        QVERIFY(least_blur >= 0 && least_blur < 1);
        // A floor under the curve itself.
        choose(desk, "add step", "Floor");
        number(desk, "step 2 at", 0.5);
        QVERIFY(desk.settle());
        QVERIFY(*driven(desk, "Shots", "scale", static_cast<double>(frames - 2)) >= 95 - 1e-6);
        const QImage quiet_end = picture_at(desk, frames - 2);
        QVERIFY(difference(quiet_end, QImage(quiet_end.size(), QImage::Format_RGB32)) > 0);
        // Louder by smoothing: what it costs is told.
        choose(desk, "add step", "Smooth");
        number(desk, "step 3 over", 300);
        QVERIFY(desk.settle());
        const auto* told = desk.window.findChild<QLabel*>("step 3 effect");
        QVERIFY2(told && begins_to_tell(told->text(), "peaks −"), told ? qPrintable(told->text()) : "");
        // Frozen to keys: a lane of their own drives the scale instead, and the same.
        const double before = *driven(desk, "Shots", "scale", 400);
        answer_with("1");
        choose_from_menu(desk.window.findChild<QPushButton*>("freeze"), {"Shots · scale, as few"});
        const Lane& keys = *desk.project().lanes.back();
        QCOMPARE(keys.kind, kind_of(body_type<KeyBody>));
        QVERIFY(keys.pins.size() > 20 && keys.pins.size() < static_cast<std::size_t>(frames / 2));
        QVERIFY(std::abs(*driven(desk, "Shots", "scale", 400) - before) <= 1.001);
        QVERIFY(says(desk.message(), "keys instead of"));
    }

    void journey_a_dip_on_every_kick_and_snare_as_text() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LaneId lane = add_motion_lane(desk, "Pulses", "Zoom");
        desk.click("pulse dip");
        number(desk, "rest value", 0.8);
        number(desk, "peak value", 0.25);
        place_on(desk, "Zoom", "onsets of", "one", "kick");
        const auto kicks = desk.project().lane(lane)->pins.size();
        place_on(desk, "Zoom", "onsets of", "one", "snare");
        QVERIFY(kicks > 8 && desk.project().lane(lane)->pins.size() > kicks + 4);
        desk.window.go_to_stop(Stop::Export);
        QTemporaryDir folder;
        const QString file = folder.filePath("zoom.txt");
        once_a_dialog_is_open(200, [&] {
            auto* dialog = qobject_cast<ScheduleTextDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            auto* pattern = dialog->findChild<QLineEdit*>("text pattern");
            pattern->selectAll();
            QTest::keyClicks(pattern, "{frames}");
            QTRY_VERIFY(says(dialog->findChild<QLabel*>("text told")->text(), "{frames}"));
            QVERIFY(!dialog->findChild<QPushButton*>("write text")->isEnabled());
            pattern->selectAll();
            QTest::keyClicks(pattern, "{frame}:({value})");
            const auto* shown = dialog->findChild<QPlainTextEdit*>("text line");
            QTRY_VERIFY(shown->toPlainText().startsWith("0:(0.80), "));
            QTRY_VERIFY(dialog->findChild<QPushButton*>("copy text")->isEnabled());
            const QString line = shown->toPlainText();
            QVERIFY(line.startsWith("0:(0.80), ") && line.contains(":(0.25), "));
            QTest::mouseClick(dialog->findChild<QPushButton*>("copy text"), Qt::LeftButton);
            auto* wait = new QTimer(qApp);
            QObject::connect(wait, &QTimer::timeout, qApp, [&file, wait] {
                if (auto* save = qobject_cast<QFileDialog*>(QApplication::activeModalWidget())) {
                    wait->deleteLater();
                    save->findChild<QLineEdit*>("fileNameEdit")->setText(file);
                    QMetaObject::invokeMethod(save, "accept");
                }
            });
            wait->start(100);
            QTest::mouseClick(dialog->findChild<QPushButton*>("write text"), Qt::LeftButton);
        });
        desk.click("export keys-text");
        QCOMPARE(desk.project().settings->schedule_text.pattern, std::string("{frame}:({value})"));
        QVERIFY(desk.settle());
        QFile written(file);
        QVERIFY(written.open(QIODevice::ReadOnly));
        const auto parts = QString::fromUtf8(written.readAll()).trimmed().split(", ");
        std::map<int, double> keys;
        for (const auto& part : parts) {
            const auto colon = part.indexOf(':');
            keys[part.left(colon).toInt()] = part.mid(colon + 2, part.size() - colon - 3).toDouble();
        }
        // Each is low for exactly one frame.
        const auto& curve = desk.window.document().spans(lane).motion;
        QVERIFY(curve.pulses().size() > kicks);
        for (const auto& pulse : curve.pulses()) {
            const int frame = static_cast<int>(pulse.start);
            QCOMPARE(keys.at(frame), 0.25);
            const bool next_too = curve.value_at(frame + 1) < 0.5;
            QVERIFY(next_too || keys.at(frame + 1) == 0.8);
            QVERIFY(curve.value_at(frame - 1) < 0.5 || keys.at(frame - 1) == 0.8);
        }
    }

    void journey_keys_are_drawn_shaped_and_staggered() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LaneId lane = add_motion_lane(desk, "Keys", "Turn");
        target(desk, 0, {"Shots", "rotation"});
        auto& timeline = desk.window.timeline();
        timeline.show_range(desk.bar(4), desk.bar(10));
        QTest::qWait(50);
        for (int bar = 5; bar <= 7; ++bar) {
            QTest::mouseDClick(&timeline, Qt::LeftButton, {},
                               {static_cast<int>(timeline.scale().x(desk.bar(bar))),
                                static_cast<int>(timeline.lane_row(lane).center().y())});
        }
        QCOMPARE(desk.project().lane(lane)->pins.size(), std::size_t{3});
        const auto pin = [&](std::size_t i) { return desk.project().lane(lane)->pins[i].id; };
        // Keys begin with the value of the height at which they are made.
        for (const std::size_t i : {std::size_t{0}, std::size_t{2}}) {
            desk.window.view().select({pin(i)});
            number(desk, "key value", 0);
        }
        desk.window.view().select({pin(1)});
        number(desk, "key value", 10);
        choose(desk, "key easing", "sine out");
        const auto rate = desk.project().settings->frame_rate;
        const auto value = [&](Seconds time) {
            return *driven(desk, "Shots", "rotation", std::round(time.value * rate.per_second()));
        };
        QCOMPARE(value(desk.bar(6)), 10.0);
        QVERIFY(value(desk.bar(5, 3)) > 6.5 && value(desk.bar(5, 3)) < 7.6); // ahead of the straight line
        QCOMPARE(value(desk.bar(7)), 0.0);
        desk.window.view().select({});
        desk.window.findChild<QDoubleSpinBox*>("scale about")->setValue(0);
        number(desk, "scale by", 3);
        desk.click("scale keys");
        QCOMPARE(value(desk.bar(6)), 30.0);
        const auto before = value(desk.bar(5, 3));
        desk.click("reverse keys");
        QVERIFY(std::abs(value(desk.bar(6, 3)) - before) < 0.6);
        desk.click("keys earlier"); // by two frames
        QCOMPARE(frame_of(desk, lane, 1), rate.frame_at(desk.bar(6) + rate.frame_length() / 2).value - 2);
        QVERIFY(std::holds_alternative<MusicalAnchor>(desk.project().pin(pin(1))->anchor));
        // Escape gives a drag up.
        const QPoint head = timeline.head_position(pin(1)).toPoint();
        QTest::mousePress(&timeline, Qt::LeftButton, {}, head);
        QMouseEvent move(QEvent::MouseMove, head + QPoint(0, 20), timeline.mapToGlobal(head + QPoint(0, 20)),
                         Qt::NoButton, Qt::LeftButton, {});
        QApplication::sendEvent(&timeline, &move);
        QTest::keyClick(&timeline, Qt::Key_Escape);
        QTest::mouseRelease(&timeline, Qt::LeftButton, {}, head + QPoint(0, 20));
        QCOMPARE(body_of<KeyBody>(desk.project().pin(pin(1))->body).value, 30.0);
    }

    void journey_own_pulses_and_places_of_their_own() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LaneId first = add_motion_lane(desk, "Pulses", "First");
        desk.click("pulse gust");
        desk.window.findChild<QDoubleSpinBox*>("pulse held amount")->setValue(3);
        answer_with("my gust");
        desk.click("keep pulse");
        QCOMPARE(desk.project().pulses->size(), std::size_t{1});
        const LaneId second = add_motion_lane(desk, "Pulses", "Second");
        auto* tile = desk.window.findChild<QPushButton*>("pulse my gust");
        QVERIFY(tile && tile->isVisible());
        QTest::mouseClick(tile, Qt::LeftButton);
        QCOMPARE(part_of<Motion>(*desk.project().lane(second))->pulse.held.amount, 3.0);
        desk.window.findChild<QDoubleSpinBox*>("pulse down amount")->setValue(9);
        choose_from_menu(desk.window.findChild<QPushButton*>("copy pulse"), {"First"});
        QCOMPARE(part_of<Motion>(*desk.project().lane(first))->pulse.down.amount, 9.0);
        QCOMPARE(part_of<Motion>(*desk.project().lane(first))->own.property, std::string("First"));
        place_on(desk, "Second", "beats", "4th");
        const PinId place = desk.project().lane(second)->pins[1].id;
        desk.window.view().select({place});
        QTRY_VERIFY(desk.window.findChild<QPushButton*>("own shape")->isVisible());
        choose_from_menu(desk.window.findChild<QPushButton*>("own shape"), {"dip"});
        QVERIFY(body_of<PulseBody>(desk.project().pin(place)->body).shape);
        const auto& pulses = desk.window.document().spans(second).motion.pulses();
        QCOMPARE(pulses[1].end - pulses[1].start, 1.0);
        QVERIFY(pulses[0].end - pulses[0].start > 10);
        desk.click("lane's shape");
        QVERIFY(!body_of<PulseBody>(desk.project().pin(place)->body).shape);
        // All of it comes back from the file.
        QTemporaryDir folder;
        const auto file = folder.filePath("kept.pulsepin").toStdString();
        QVERIFY(desk.window.document().save_now(file));
        const Project saved = desk.project();
        desk.window.document().start_new();
        QVERIFY(desk.window.document().open(file));
        QVERIFY(*desk.project().pulses == *saved.pulses && *desk.project().stage == *saved.stage);
    }

    void journey_layers_are_stacked_named_and_removed() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Motion);
        desk.click("layers of the picture");
        auto* add = desk.window.findChild<QPushButton*>("add layer");
        choose_from_menu(add, {"Title"});
        desk.type("layer text", "let it rise");
        QTest::keyClick(desk.window.findChild<QLineEdit*>("layer text"), Qt::Key_Return);
        QCOMPARE(desk.project().stage->layers[1].text, std::string("let it rise"));
        choose_from_menu(add, {"Picture", "tail"});
        QCOMPARE(desk.project().stage->layers[2].name, std::string("tail"));
        desk.click("lower layer");
        QCOMPARE(desk.project().stage->layers[1].name, std::string("tail"));
        const auto frame = desk.project().settings->frame_rate.frame_at(desk.bar(3)).value;
        const QImage with = picture_at(desk, frame);
        desk.click("hide layer");
        QVERIFY(desk.project().stage->layers[1].hidden);
        QVERIFY(difference(with, picture_at(desk, frame)) > 1);
        desk.click("remove layer");
        QCOMPARE(desk.project().stage->layers.size(), std::size_t{3});
        // Half and quarter quality show the same, more coarsely.
        const QImage fine = picture_at(desk, frame);
        desk.window.preview().set_coarseness(4);
        const QImage coarse = picture_at(desk, frame);
        QVERIFY(difference(fine, coarse) < 6);
        auto* list = desk.window.findChild<QListWidget*>("layers");
        list->setCurrentRow(0); // the camera stays
        QVERIFY(!desk.window.findChild<QPushButton*>("remove layer")->isEnabled());
    }
};

PULSEPIN_TEST_CLASS(JourneysDriven, "journeys_driven")
#include "journeys_driven.moc"
