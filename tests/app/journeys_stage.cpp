// SPDX-License-Identifier: GPL-3.0-or-later
//
// Ways of working with what the picture is made of: layers that come and go, titles, spectra, sparks, drawn
// lines, effects and triggers on single layers. In a real window; what counts are composed pixels.
#include "drawing/timeline/timeline_view.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/edits.h"
#include "support/stage_desk.h"
#include "support/test_program.h"
#include "time/grid_edits.h"

#include <QListWidget>
#include <QProcess>
#include <set>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysStage : public QObject {
    Q_OBJECT
private slots:
    // Rings of 40 frames on every 8th, 4th and 2nd beat at three places: counted from the first ring on.
    void journey_rings_that_overlap_at_three_places() {
        Desk desk;
        QVERIFY(desk.open_demo());
        hide_shots(desk);
        // The first ring: the layer, its lane, one appearance of 40 frames.
        const LayerId ring = add_by_menu(desk, {"Ring"});
        choose_from_menu(desk.window.findChild<QPushButton*>("more of layers"), {"“Ring” appears"});
        const LaneId lane = desk.window.view().lane();
        QVERIFY(desk.project().lane(lane) && holds<AppearanceBody>(desk.project().lane(lane)->kind));
        auto& timeline = desk.window.timeline();
        timeline.reveal_lane(lane);
        timeline.grab();
        QTest::mouseDClick(&timeline, Qt::LeftButton, {},
                           QPoint(static_cast<int>(std::lround(timeline.scale().x(desk.bar(1)))) + 2,
                                  static_cast<int>(timeline.lane_row(lane).center().y())));
        QCOMPARE(desk.project().lane(lane)->pins.size(), std::size_t{1});
        choose(desk, "appearance length unit", "frames");
        number(desk, "appearance length amount", 40);
        int actions = 0;
        const auto act = [&](auto&& what) {
            ++actions;
            what();
        };
        act([&] { desk.key(Qt::Key_4, Qt::ControlModifier); });
        QCOMPARE(desk.window.findChild<QComboBox*>("lane choice")->currentData().toULongLong(), lane.value);
        act([&] { choose(desk, "range kind", "whole song"); });
        // What is placed is as the one that is there, and selected: put aside, it makes room for the next.
        const std::pair<const char*, double> places[] = {{"8th", -300}, {"4th", 300}, {"2nd", 0}};
        for (const auto& [every, x] : places) {
            act([&, every = every] { choose(desk, "every", every); });
            act([&] { desk.click("place"); });
            if (x != 0)
                act([&, x = x] { number(desk, "appearance x", x); });
        }
        QVERIFY2(actions <= 15, qPrintable(QString::number(actions)));
        const auto beats = static_cast<int>(desk.project().grid->beats().size());
        std::map<double, int> count;
        for (const auto& pin : desk.project().lane(lane)->pins)
            ++count[body_of<AppearanceBody>(pin.body).x];
        const auto about = [](int found, int wanted) { return std::abs(found - wanted) <= 1; };
        QVERIFY2(
            about(count[-300], beats / 8) && about(count[300], beats / 4) && about(count[0], beats / 2 + 1),
            qPrintable(
                QString("%1, %2, %3 of %4 beats").arg(count[-300]).arg(count[300]).arg(count[0]).arg(beats)));
        // None is cut short, though at 118 beats a minute the next begins after 24 frames.
        std::size_t overlaps = 0;
        for (const auto& span : spans(desk, lane).appearances) {
            QVERIFY(span.end - span.beat == Frames(40) || span.end - span.beat == Frames(39) ||
                    span.end - span.beat == Frames(41));
            overlaps += staged_of(desk, ring, span.beat + Frames(30)).size() > 1 ? 1 : 0;
        }
        QVERIFY(overlaps > 40);
        // Seen: three rings on an eighth beat.
        const auto eighth = std::find_if(
            spans(desk, lane).appearances.begin() + 8, spans(desk, lane).appearances.end(),
            [&](const AppearanceSpan& span) {
                return body_of<AppearanceBody>(desk.project().lane(lane)->pins[span.index].body).x == -300;
            });
        const QImage seen = picture_at(desk, eighth->beat + Frames(2));
        std::set<int> thirds;
        for (const auto& at : pixels_like(seen, QColor(0xf4, 0xb3, 0x31)))
            thirds.insert(at.x() * 3 / seen.width());
        QCOMPARE(thirds.size(), std::size_t{3});
        // Halved, its beats have other names and all stays where it is heard; moved, all goes along.
        const auto before = spans(desk, lane).appearances;
        desk.click("half");
        for (std::size_t i = 0; i < before.size(); ++i)
            QCOMPARE(spans(desk, lane).appearances[i].beat, before[i].beat);
        const BeatGrid moved = *shifted(*desk.project().grid, Seconds(0.5));
        desk.window.document().apply(retimed(desk.project(), moved), "move grid");
        for (std::size_t i = 0; i < before.size(); ++i)
            QCOMPARE(spans(desk, lane).appearances[i].beat,
                     before[i].beat + Frames(12)); // half a second at 24
    }

    void journey_a_spectrum_of_twelve_bars_in_one_action() {
        Desk desk;
        QVERIFY(desk.open_demo());
        hide_shots(desk);
        const auto lanes = desk.project().lanes.size();
        const LayerId bars = add_by_menu(desk, {"Spectrum", "12 bars"});
        QCOMPARE(desk.project().lanes.size(), lanes + 1);
        QVERIFY(desk.settle());
        QVERIFY(QTest::qWaitFor(
            [&] { return staged_of(desk, bars, Frames(200)).front().heights.size() == 12; }, 20'000));
        // In the chorus more is there than in the lift without drums; kicks are in the lowest bar.
        const auto heights = [&](Seconds at) {
            return staged_of(desk, bars, frame_at(desk, at)).front().heights;
        };
        double chorus = 0, lift = 0, on = 0, between = 0;
        for (int beat = 0; beat < 16; ++beat) {
            const auto there = heights(desk.bar(13 + beat / 4, beat % 4 + 1) + Seconds(0.03));
            for (const double height : there)
                chorus += height;
            for (const double height : heights(desk.bar(9 + beat / 4, beat % 4 + 1) + Seconds(0.03)))
                lift += height;
            if (beat % 2 == 0)
                on += there.front();
            else
                between += heights(desk.bar(13 + beat / 4, beat % 4 + 1) - Seconds(0.08)).front();
        }
        QVERIFY2(chorus > lift * 1.3, qPrintable(QString("%1 and %2").arg(chorus).arg(lift)));
        QVERIFY2(on > between * 1.5, qPrintable(QString("%1 and %2").arg(on).arg(between)));
        // Twelve bars on one line: along a row of pixels just above it colour and ground take turns.
        const QImage seen = picture_at(desk, frame_at(desk, desk.bar(5) + Seconds(0.03)));
        const int y = static_cast<int>(180 + 0.36 * 360) - 1;
        int edges = 0;
        for (int x = 1; x < seen.width(); ++x)
            edges += (seen.pixelColor(x, y).lightness() > 60) != (seen.pixelColor(x - 1, y).lightness() > 60)
                         ? 1
                         : 0;
        QCOMPARE(edges, 24);
        desk.key(Qt::Key_Z, Qt::ControlModifier); // and one step back
        QCOMPARE(desk.project().lanes.size(), lanes);
        QVERIFY(!desk.project().stage->layer(bars));
    }

    void journey_a_title_in_two_parts_typed_on_and_pulsing_on_its_own_size() {
        Desk desk;
        QVERIFY(desk.open_demo());
        hide_shots(desk);
        const LayerId words = add_by_menu(desk, {"Title"});
        desk.type("layer text", "over");
        QTest::keyClick(desk.window.findChild<QLineEdit*>("layer text"), Qt::Key_Return);
        auto* written = desk.window.findChild<QLineEdit*>("layer text"); // and a second line
        written->setFocus();
        written->end(false);
        QTest::keyClick(written, Qt::Key_Return, Qt::ShiftModifier);
        QTest::keyClicks(written, "it");
        QTest::keyClick(written, Qt::Key_Return);
        QCOMPARE(desk.project().stage->layer(words)->text, std::string("over\nit"));
        layer_value(desk, "scale", "60");
        choose_from_menu(desk.window.findChild<QPushButton*>("more of layers"), {"“Title” appears"});
        const LaneId lane = desk.window.view().lane();
        // How it comes: typed on, within a beat.
        desk.click("curves");
        choose(desk, "motion lane", "Title");
        choose(desk, "appearance comes-move", "type on");
        choose(desk, "appearance comes-length unit", "beats");
        number(desk, "appearance comes-length amount", 1);
        // Two parts, on 5.1 and 5.3, both up to the end of bar 8: double clicks, then their words.
        auto& timeline = desk.window.timeline();
        timeline.reveal_lane(lane);
        timeline.show_range(desk.bar(4), desk.bar(10));
        timeline.grab();
        for (const auto& [beat, text, down] : {std::tuple(1, "over", -60.0), {3, "the levee", 60.0}}) {
            const QPoint at(static_cast<int>(std::lround(timeline.scale().x(desk.bar(5, beat)))),
                            static_cast<int>(timeline.lane_row(lane).center().y()));
            QTest::mouseDClick(&timeline, Qt::LeftButton, {}, at);
            auto* field = desk.window.findChild<QLineEdit*>("appearance text");
            QVERIFY(field && QTest::qWaitFor([&] { return field->isVisible(); }, 1000));
            field->selectAll();
            QTest::keyClicks(field, text);
            QTest::keyClick(field, Qt::Key_Return);
            number(desk, "appearance y", down);
            choose(desk, "appearance length unit", "beats");
            number(desk, "appearance length amount", beat == 1 ? 16 : 14);
        }
        QCOMPARE(desk.project().lane(lane)->pins.size(), std::size_t{2});
        // It pulses on its own size: the dialog offers that, as it is.
        once_a_dialog_is_open(300, [&] {
            auto* dialog = qobject_cast<AddLaneDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            auto* driven = dialog->findChild<QComboBox*>("driven layer");
            driven->setCurrentIndex(row_of(driven, "Title"));
            QTest::keyClick(dialog, Qt::Key_Return);
        });
        choose_from_menu(desk.window.findChild<QPushButton*>("add motion lane"), {"Pulses"});
        const Lane& pulses = *desk.project().lanes.back();
        QCOMPARE(part_of<Motion>(pulses)->own.meets, Meets::Times);
        const LaneId pulsing = pulses.id;
        place_on(desk, pulses.name.c_str(), "beats", "one");
        const auto from = desk.project();
        const auto pick = [&](Seconds at) { return staged_of(desk, words, frame_at(desk, at)); };
        QVERIFY(pick(desk.bar(4, 4)).empty());
        QCOMPARE(pick(desk.bar(5, 2)).size(), std::size_t{1});
        QCOMPARE(pick(desk.bar(6)).size(), std::size_t{2});
        QCOMPARE(pick(desk.bar(8, 4) + Seconds(0.2)).size(), std::size_t{2});
        QVERIFY(pick(desk.bar(9) + Seconds(0.05)).empty());
        QCOMPARE(pick(desk.bar(6))[1].text, std::string("the levee"));
        // Typed on: the share that is shown grows from nothing to all.
        const double half = pick(desk.bar(5) + Seconds(0.15)).front().values.of("shown");
        QVERIFY2(half > 20 && half < 95, qPrintable(QString::number(half)));
        QCOMPARE(pick(desk.bar(6)).front().values.of("shown"), 100.0);
        // From 60 % by as much as the pulse says, and back.
        QVERIFY(!spans(desk, pulsing).motion.pulses().empty());
        const auto& hit = spans(desk, pulsing).motion.pulses().front();
        const Frames peak(static_cast<std::int64_t>(hit.peak));
        const StagedFrame staged = staged_at(desk.window.document().curves(), peak);
        (void)staged;
        const auto value = driven_value(desk.window.document().curves(), {words, "scale"}, hit.peak);
        QVERIFY2(value && std::abs(*value - 60 * 1.3) < 1e-6, qPrintable(QString::number(value.value_or(0))));
        QVERIFY(
            !pixels_like(picture_at(desk, frame_at(desk, desk.bar(6))), QColor(0xf7, 0xf1, 0xe1)).empty());
    }

    void journey_a_red_flash_on_every_snare_of_the_drop_on_the_kite_only() {
        Desk desk;
        QVERIFY(desk.open_demo());
        hide_shots(desk);
        const LayerId sign = add_layer(desk, {{}, layers::shape, "Sign"});
        Layer moved = *desk.project().stage->layer(sign);
        moved.values["position-x"] = -300;
        moved.colour = {0x2050c0};
        desk.window.document().apply(with_changed_layer(desk.project(), moved), "move");
        Layer made{{}, layers::shape, "Kite"};
        made.shape = "kite";
        made.colour = {0x20a040};
        made.values["position-x"] = 300;
        const LayerId kite = add_layer(desk, made);
        desk.window.document().apply(with_lane(desk.project(), kind_of(body_type<TriggerBody>), "Red"),
                                     "add lane");
        const LaneId lane = desk.project().lanes.back()->id;
        desk.window.view().set_playhead(desk.bar(14)); // within the drop
        desk.window.go_to_stop(Stop::Place);
        choose(desk, "lane choice", "Red");
        choose(desk, "source", "onsets of");
        choose(desk, "source row", "snare");
        choose(desk, "every", "one");
        choose(desk, "range kind", "this section");
        desk.click("page What");
        choose(desk, "form effect", "flash");
        choose(desk, "form trigger length unit", "frames");
        number(desk, "form trigger length amount", 4);
        choose(desk, "form acts on", "Kite");
        for (const char* name : {"form colour from", "form colour to"}) {
            auto* field = desk.window.findChild<ColourField*>(name);
            field->set_colour({0xff0000});
            emit field->edited();
        }
        desk.click("place");
        const auto& triggers = spans(desk, lane).triggers;
        QVERIFY(triggers.size() >= 10);
        for (const auto& span : triggers) {
            QVERIFY(span.end - span.start == Frames(4) || span.cut_short);
            const QImage seen = picture_at(desk, span.start);
            const QColor flashed = seen.pixelColor(320 + 150, 180), other = seen.pixelColor(320 - 150, 180);
            // 80 % of the way from the kite's green to red.
            QVERIFY2(std::abs(flashed.red() - (0x20 + (0xff - 0x20) * 0.8)) < 4 && flashed.green() < 40,
                     qPrintable(flashed.name()));
            QCOMPARE(other, QColor(0x20, 0x50, 0xc0));
            QCOMPARE(seen.pixelColor(320, 20), QColor(Qt::black));
            const QColor after = picture_at(desk, span.end).pixelColor(320 + 150, 180);
            QVERIFY(after == QColor(0x20, 0xa0, 0x40) || span.cut_short);
        }
        (void)kite;
    }

    void journey_a_sideways_blur_that_follows_the_level_in_one_section() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Motion);
        once_a_dialog_is_open(300, [&] {
            auto* dialog = qobject_cast<AddLaneDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            auto* property = dialog->findChild<QComboBox*>("driven property");
            QVERIFY(row_of(property, "directional blur") >= 0);
            property->setCurrentIndex(row_of(property, "directional blur"));
            QTest::keyClick(dialog, Qt::Key_Return);
        });
        choose_from_menu(desk.window.findChild<QPushButton*>("add motion lane"), {"Follower"});
        const LaneId lane = desk.project().lanes.back()->id;
        QVERIFY(desk.settle());
        desk.window.view().set_playhead(desk.bar(14));
        auto& timeline = desk.window.timeline();
        timeline.reveal_lane(lane);
        QTimer::singleShot(200, qApp, [] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            QVERIFY(menu);
            for (auto* action : menu->actions())
                if (tells(action->text(), "It acts only in")) {
                    for (auto* inner : action->menu()->actions())
                        if (tells(inner->text(), "the section at the playhead"))
                            inner->trigger();
                }
            menu->close();
        });
        const QRectF row = timeline.lane_row(lane);
        QContextMenuEvent event(QContextMenuEvent::Mouse, QPoint(30, static_cast<int>(row.top()) + 12),
                                timeline.mapToGlobal(QPoint(30, static_cast<int>(row.top()) + 12)));
        QApplication::sendEvent(&timeline, &event);
        QVERIFY(desk.settle());
        const auto blur = [&](Seconds at) {
            return staged_at(desk.window.document().curves(), frame_at(desk, at)).camera.of("streak");
        };
        QVERIFY(blur(desk.bar(4)) < 0.01 && blur(desk.bar(10)) < 0.01 && blur(desk.bar(26)) < 0.01);
        double most = 0;
        for (int beat = 0; beat < 16; ++beat)
            most = std::max(most, blur(desk.bar(14 + beat / 4, beat % 4 + 1) + Seconds(0.05)));
        QVERIFY2(most > 15, qPrintable(QString::number(most)));
        // Sideways: upright edges are softened, level ones are not.
        Layer disc{{}, layers::shape, "Square"};
        disc.shape = "square";
        hide_shots(desk);
        add_layer(desk, disc);
        Seconds loud = desk.bar(14);
        for (int beat = 0; beat < 16; ++beat)
            if (const Seconds at = desk.bar(14 + beat / 4, beat % 4 + 1) + Seconds(0.05); blur(at) == most)
                loud = at;
        const QImage seen = picture_at(desk, frame_at(desk, loud));
        const auto steps = [&](bool across) { // shades between dark and light along a line through the middle
            int between = 0;
            for (int i = 0; i < (across ? 640 : 360); ++i) {
                const int light = (across ? seen.pixelColor(i, 180) : seen.pixelColor(320, i)).lightness();
                between += light > 12 && light < 110 ? 1 : 0;
            }
            return between;
        };
        QVERIFY2(steps(true) > steps(false) + 4,
                 qPrintable(QString("%1 %2").arg(steps(true)).arg(steps(false))));
    }

    void journey_a_line_drawn_over_two_bars_that_arrives_on_the_drop() {
        Desk desk;
        QVERIFY(desk.open_demo());
        hide_shots(desk);
        desk.window.picture_room().set_place(PicturePlace::Beside);
        desk.window.view().set_playhead(desk.bar(13));
        const LayerId line = add_by_menu(desk, {"Line"});
        QVERIFY(shown(desk));
        // Its points are set in the picture; one is dragged, one taken away again.
        auto& preview = desk.window.preview();
        const QPointF points[] = {{-400, 100}, {-100, -100}, {150, 80}, {400, -120}};
        for (const auto& point : points) {
            QTest::mouseClick(&preview, Qt::LeftButton, {}, preview.scale().to_widget(point).toPoint());
            QTest::qWait(QApplication::doubleClickInterval() + 20);
        }
        QCOMPARE(desk.project().stage->layer(line)->points.size(), std::size_t{4});
        const auto there = desk.window.picture().hands().line().seen_points(line);
        Desk::drag_in(preview, there[1].toPoint(), there[1].toPoint() + QPoint(0, -20));
        QCOMPARE(desk.window.document().undo_name(), QString("move a point"));
        QVERIFY(desk.project().stage->layer(line)->points[1].y < -110);
        Desk::drag_in(preview, there[3].toPoint(), there[3].toPoint() + QPoint(0, -40), Qt::ShiftModifier);
        QVERIFY(desk.project().stage->layer(line)->points[3].width > 1.3);
        desk.click("draw line"); // no more points
        // It is drawn from 11.1 on, and done on 13.1: two keys.
        once_a_dialog_is_open(300, [&] {
            auto* dialog = qobject_cast<AddLaneDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            auto* driven = dialog->findChild<QComboBox*>("driven layer");
            driven->setCurrentIndex(row_of(driven, "Line"));
            auto* property = dialog->findChild<QComboBox*>("driven property");
            property->setCurrentIndex(row_of(property, "draw-on"));
            QTest::keyClick(dialog, Qt::Key_Return);
        });
        choose_from_menu(desk.window.findChild<QPushButton*>("add motion lane"), {"Keys"});
        const LaneId keys = desk.project().lanes.back()->id;
        auto& timeline = desk.window.timeline();
        timeline.reveal_lane(keys);
        timeline.show_range(desk.bar(10), desk.bar(15));
        timeline.grab();
        for (const auto& [bar, value] : {std::pair(11, 0.0), {13, 100.0}}) {
            const QPoint at(static_cast<int>(std::lround(timeline.scale().x(desk.bar(bar)))),
                            static_cast<int>(timeline.lane_row(keys).center().y()));
            QTest::mouseDClick(&timeline, Qt::LeftButton, {}, at);
            number(desk, "key value", value);
        }
        const auto length = [&](Frames frame) {
            const auto there_now = pixels_like(picture_at(desk, frame), QColor(0xf4, 0xb3, 0x31));
            int right = 0;
            for (const auto& at : there_now)
                right = std::max(right, at.x());
            return there_now.empty() ? 0 : right;
        };
        const Frames drop = frame_at(desk, desk.bar(13));
        QVERIFY(length(frame_at(desk, desk.bar(11))) == 0);
        int before = 0;
        for (int beat = 1; beat <= 8; ++beat) {
            const int now = length(frame_at(desk, desk.bar(11 + beat / 4, beat % 4 + 1)));
            QVERIFY2(now >= before, qPrintable(QString::number(beat)));
            before = now;
        }
        QVERIFY(length(drop + Frames(1)) >= 320 + 195); // where its last point is
        QVERIFY(length(drop - Frames(8)) < length(drop + Frames(1)) - 6);
    }

    void journey_two_hundred_sparks_a_kick_the_same_however_reached() {
        Desk desk;
        QVERIFY(desk.open_demo());
        hide_shots(desk);
        const LayerId sparks = add_by_menu(desk, {"Sparks"});
        once_a_dialog_is_open(300, [&] {
            auto* dialog = qobject_cast<AddLaneDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            auto* driven = dialog->findChild<QComboBox*>("driven layer");
            driven->setCurrentIndex(row_of(driven, "Sparks"));
            auto* property = dialog->findChild<QComboBox*>("driven property");
            property->setCurrentIndex(row_of(property, "burst"));
            QTest::keyClick(dialog, Qt::Key_Return);
        });
        choose_from_menu(desk.window.findChild<QPushButton*>("add motion lane"), {"Pulses"});
        const LaneId lane = desk.project().lanes.back()->id;
        QCOMPARE(part_of<Motion>(*desk.project().lane(lane))->own.high, 200.0);
        const std::string name = desk.project().lane(lane)->name;
        place_on(desk, name.c_str(), "onsets of", "one", "kick");
        QVERIFY(spans(desk, lane).motion.pulses().size() >= 8);
        const auto& hit = spans(desk, lane).motion.pulses()[2];
        const Frames at(static_cast<std::int64_t>(hit.peak));
        const auto count = [&](Frames frame) { return staged_of(desk, sparks, frame).front().sparks.size(); };
        QVERIFY(count(at) >= count(at - Frames(1)) + 150); // some of those before are gone meanwhile
        // Played up to there, gone to at once, and in another process.
        const Frames frame(700);
        const Curves& curves = desk.window.document().curves();
        QImage played;
        for (Frames f(640); f <= frame; f += Frames(1))
            played = composed(staged_at(curves, f), {640, 360});
        const Curves fresh{Schedule(desk.project()), curves.followers};
        QCOMPARE(composed(staged_at(fresh, frame), {640, 360}), played);
        QTemporaryDir folder;
        const QString project = folder.filePath("sparks.pulsepin"), out = folder.filePath("700.png");
        bool saved = false;
        desk.window.document().save(project.toStdString(), ProjectStore::Overwrite::Yes,
                                    [&](Result<void> done) { saved = done.has_value(); });
        QVERIFY(QTest::qWaitFor([&] { return saved; }, 5000));
        QProcess cli;
        cli.start(PULSEPIN_BINARIES "/pulsepin-cli",
                  {"picture", project, "--frame", "700", "--size", "640x360", "-o", out});
        QVERIFY(cli.waitForFinished(60'000));
        QVERIFY2(cli.exitCode() == 0, cli.readAllStandardError());
        QCOMPARE(QImage(out).convertToFormat(QImage::Format_RGB32),
                 played.convertToFormat(QImage::Format_RGB32));
        QVERIFY(pixels_like(played, QColor(0xf4, 0xb3, 0x31), 60).size() > 20);
    }

    void journey_a_picture_seen_through_its_own_brightness_under_a_glow() {
        Desk desk;
        QVERIFY(desk.open_demo());
        // Half dark, half bright, over an area of blue.
        QTemporaryDir folder;
        QImage drawn(640, 360, QImage::Format_RGB32);
        drawn.fill(QColor(20, 20, 20));
        QPainter(&drawn).fillRect(320, 0, 320, 360, QColor(240, 240, 240));
        const QString file = folder.filePath("half.png");
        QVERIFY(drawn.save(file));
        hide_shots(desk);
        add_by_menu(desk, {"Area of one colour"});
        Layer area = *desk.project().stage->layer(desk.window.view().layer());
        area.colour = {0x0000c0};
        desk.window.document().apply(with_changed_layer(desk.project(), area), "blue");
        desk.window.document().add_clips({file.toStdString()});
        QVERIFY(desk.settle());
        const LayerId picture = add_by_menu(desk, {"Picture", "half"});
        QVERIFY(picture.value != 0);
        desk.window.view().set_playhead(desk.bar(4));
        choose(desk, "matte", "Own luminance");
        desk.window.findChild<QListWidget*>("layers")->setCurrentRow(0); // the camera
        add_effect(desk, "Glow");
        QVERIFY(shown(desk));
        const QImage seen = picture_at(desk, frame_at(desk, desk.bar(4)));
        const QColor dark = seen.pixelColor(80, 180), bright = seen.pixelColor(560, 180),
                     edge = seen.pixelColor(312, 180);
        QVERIFY2(dark.blue() > 170 && dark.red() < 20, qPrintable(dark.name())); // the blue is seen through
        QVERIFY2(bright.red() > 235, qPrintable(bright.name()));
        // The bright half glows over the dark one.
        QVERIFY2(edge.red() > dark.red() + 15, qPrintable(edge.name()));
        QCOMPARE(desk.project().stage->layers.back().effects.front().effect, std::string("glow"));
    }
};

PULSEPIN_TEST_CLASS(JourneysStage, "journeys_stage")
#include "journeys_stage.moc"
