// SPDX-License-Identifier: GPL-3.0-or-later
//
// Shots as an editor has them: framed in an upright picture, slates before there are shots, ordered and
// dropped.
#include "interchange/edl.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "parts/dragging.h"
#include "schedule/pulses.h"
#include "support/media.h"
#include "support/picture_desk.h"
#include "support/test_program.h"

#include <QListWidget>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysShots : public QObject {
    Q_OBJECT

    static const CutBody& cut(Desk& desk, std::size_t i) {
        const auto resolved = resolve(desk.project(), desk.cuts());
        return body_of<CutBody>(desk.cuts().pins[resolved.pins[i].index].body);
    }

private slots:
    void journey_an_upright_piece_is_filled_and_framed() {
        Desk desk;
        auto& window = desk.window;
        window.open_path(PULSEPIN_DEMO "/over-the-levee.opus");
        QVERIFY(QTest::qWaitFor([&] { return window.document().sound() != nullptr; }, 30'000));
        QVERIFY(desk.settle());
        window.document().add_clips(
            {PULSEPIN_DEMO "/launch.webm", PULSEPIN_DEMO "/crowd.webm", PULSEPIN_DEMO "/tail.webm"});
        QVERIFY(desk.settle());
        window.go_to_stop(Stop::Song);
        choose(desk, "picture size", "9:16 · 1080 × 1920");
        window.timeline().setFocus();
        for (const double at : {0.0, 4.0, 8.0}) {
            window.view().set_playhead(Seconds(at));
            desk.key(Qt::Key_C);
        }
        QCOMPARE(desk.cuts().pins.size(), std::size_t{3});
        // All three fill the picture: one choice for the three of them.
        PinSet cuts;
        for (const auto& pin : desk.cuts().pins)
            cuts.insert(pin.id);
        window.view().select(cuts);
        auto* framing = window.findChild<QComboBox*>("cut framing");
        QVERIFY(framing && framing->isVisible());
        choose(desk, "cut framing", "fill frame");
        for (std::size_t i = 0; i < 3; ++i)
            QCOMPARE(cut(desk, i).framing.base, ShotFraming::Base::Fill);
        desk.click("picture beside");
        window.view().select({});
        window.view().set_playhead(Seconds(4.5));
        QVERIFY(shown(desk));
        // No black is left above and below: the picture is filled to its edges.
        const auto pixel = [&](double x, double y) {
            const QPoint at = window.preview().scale().to_widget(QPointF(x, y)).toPoint();
            return window.preview().grab(QRect(at, QSize(1, 1))).toImage().pixelColor(0, 0);
        };
        QVERIFY(QTest::qWaitFor(
            [&] { return pixel(0, -900).lightness() > 12 && pixel(0, 900).lightness() > 12; }, 5000));
        // Its frame is dragged in the picture; the others keep theirs.
        desk.click("frame shots");
        QVERIFY(shown(desk));
        const QPointF middle = window.preview().scale().to_widget(QPointF());
        Desk::drag_in(window.preview(), middle.toPoint(), (middle + QPointF(60, 0)).toPoint(),
                      Qt::ControlModifier);
        const double moved = 60 / window.preview().scale().points;
        QVERIFY2(std::abs(cut(desk, 1).framing.x - moved) < 6,
                 qPrintable(QString::number(cut(desk, 1).framing.x)));
        QCOMPARE(cut(desk, 0).framing.x, 0.0);
        QCOMPARE(window.document().undo_name(), QString("frame shot"));
        // A nudge by the keys, and larger by its field.
        window.preview().setFocus();
        const double before = cut(desk, 1).framing.x;
        QTest::keyClick(&window.preview(), Qt::Key_Left, Qt::ShiftModifier);
        QCOMPARE(cut(desk, 1).framing.x, before - 10);
        window.view().select({*std::next(cuts.begin())});
        number(desk, "cut framing-scale", 120);
        QCOMPARE(cut(desk, 1).framing.scale, 120.0);
        desk.click("frame shots");
        // Swapped, the framing goes with its shot.
        window.action("swap shots")->trigger();
        QCOMPARE(cut(desk, 2).framing.scale, 120.0);
        QCOMPARE(cut(desk, 1).framing.scale, 100.0);
        desk.click("picture in bench");
    }

    void journey_slates_before_there_are_shots() {
        Desk desk;
        auto& window = desk.window;
        window.open_path(PULSEPIN_DEMO "/over-the-levee.opus");
        QVERIFY(QTest::qWaitFor([&] { return window.document().sound() != nullptr; }, 30'000));
        QVERIFY(desk.settle());
        window.document().apply(
            relabelled(desk.project(), *BeatGrid::steady(Bpm(118), Seconds(0.4), {}, Seconds(64))), "tempo");
        window.go_to_stop(Stop::Place);
        choose(desk, "lane choice", "Cuts");
        choose(desk, "source", "downbeats");
        choose(desk, "every", "one");
        desk.type("from", "1");
        desk.type("until", "5");
        desk.click("place");
        QCOMPARE(desk.cuts().pins.size(), std::size_t{4});
        // Each is seen as a card with its number.
        window.view().set_playhead(desk.bar(2, 2));
        QVERIFY(shown(desk));
        const QImage second = window.preview().grab().toImage();
        window.view().set_playhead(desk.bar(3, 2));
        QVERIFY(shown(desk));
        QVERIFY(window.preview().grab().toImage() != second);
        // One by dropping a shot on it, the others in turn.
        window.document().add_clips({PULSEPIN_DEMO "/launch.webm", PULSEPIN_DEMO "/crowd.webm"});
        QVERIFY(desk.settle());
        const auto& bin = *desk.project().bin;
        window.timeline().show_range(Seconds(0), Seconds(12));
        window.timeline().grab();
        const double y = window.timeline().lane_row(desk.cuts().id).center().y() + 4;
        QVERIFY(drop(window.timeline(), {window.timeline().scale().x(desk.bar(2, 3)), y}, bin[1].id));
        QCOMPARE(cut(desk, 1).shot, bin[1].id);
        QCOMPARE(cut(desk, 0).shot, ClipId{});
        window.view().select({});
        window.action("fill slates")->trigger();
        QCOMPARE(cut(desk, 0).shot, bin[0].id);
        QCOMPARE(cut(desk, 2).shot, bin[0].id);
        QCOMPARE(cut(desk, 3).shot, bin[1].id);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(cut(desk, 0).shot, ClipId{}); // one step back
    }

    void journey_things_are_dragged_to_where_they_are_used() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        auto& timeline = window.timeline();
        const auto& bin = *desk.project().bin;
        timeline.show_range(desk.bar(1), desk.bar(6));
        timeline.grab();
        // A shot on a shot: a cut of its own, where snapping says.
        const auto count = desk.cuts().pins.size();
        const double y = timeline.lane_row(desk.cuts().id).center().y() + 4;
        const QPointF on_beat(timeline.scale().x(desk.bar(3, 2)) + 3, y);
        QVERIFY(drop(timeline, on_beat, bin[3].id));
        QCOMPARE(desk.cuts().pins.size(), count + 1);
        QVERIFY(std::abs(anchored_time(desk.project().pin(*window.view().selection().begin())->anchor,
                                       desk.project())
                             ->value -
                         desk.bar(3, 2).value) < 1e-6);
        // With Ctrl it takes the place of what is seen there, and so it does where a cut lies already.
        const PinId added_cut = *window.view().selection().begin();
        const auto shot_of = [&](PinId cut) { return body_of<CutBody>(desk.project().pin(cut)->body).shot; };
        QVERIFY(drop(timeline, on_beat + QPointF(20, 0), bin[1].id, Qt::ControlModifier));
        QCOMPARE(desk.cuts().pins.size(), count + 1);
        QCOMPARE(shot_of(added_cut), bin[1].id);
        QVERIFY(drop(timeline, on_beat, bin[2].id));
        QCOMPARE(desk.cuts().pins.size(), count + 1);
        QCOMPARE(shot_of(added_cut), bin[2].id);
        // Where it does not belong it says so, and changes nothing.
        const auto markers = desk.markers().pins.size();
        drop(timeline, {timeline.scale().x(desk.bar(3)), timeline.lane_row(desk.markers().id).center().y()},
             bin[3].id);
        QCOMPARE(desk.markers().pins.size(), markers);
        QVERIFY(says(desk.message(), "lane of cuts"));
        // A pulse onto a lane of pulses; a value of a layer, too.
        Project project = with_lane(desk.project(), kind_of(body_type<PulseBody>), "Hits");
        const LaneId hits = project.lanes.back()->id;
        window.document().apply(std::move(project), "add lane");
        timeline.reveal_lane(hits);
        timeline.grab();
        const QPointF on_hits(timeline.scale().x(desk.bar(3)), timeline.lane_row(hits).center().y());
        const Pulse pulse = pulse_library().back();
        QVERIFY(drop(timeline, on_hits, pulse));
        QCOMPARE(part_of<Motion>(*desk.project().lane(hits))->pulse, pulse);
        const LayerId shots = desk.project().stage->layers.front().id;
        QVERIFY(drop(timeline, on_hits, Target{shots, "blur"}));
        QCOMPARE(part_of<Motion>(*desk.project().lane(hits))->own.target, (Target{shots, "blur"}));
        QVERIFY(drop(timeline, on_hits, desk.project().stage->layers.back().id)); // the camera's blur too
        QCOMPARE(part_of<Motion>(*desk.project().lane(hits))->feeds.size(), std::size_t{1});
        // A shot onto the picture is a cut at the playhead, with Ctrl it replaces, with Shift it is a layer.
        const auto layers = desk.project().stage->layers.size();
        QVERIFY(shown(desk));
        const QPointF on_picture = window.preview().scale().to_widget(QPointF(200, 100));
        window.view().set_playhead(desk.bar(6, 2));
        const auto cuts = desk.cuts().pins.size();
        QVERIFY(drop(window.preview(), on_picture, bin[0].id));
        QCOMPARE(desk.cuts().pins.size(), cuts + 1);
        const PinId cut_there = *window.view().selection().begin();
        QVERIFY(std::abs(anchored_time(desk.project().pin(cut_there)->anchor, desk.project())->value -
                         desk.bar(6, 2).value) < 1e-6);
        window.view().set_playhead(desk.bar(6, 4));
        QVERIFY(drop(window.preview(), on_picture, bin[4].id, Qt::ControlModifier));
        QCOMPARE(desk.cuts().pins.size(), cuts + 1);
        QCOMPARE(shot_of(cut_there), bin[4].id);
        QCOMPARE(desk.project().stage->layers.size(), layers);
        QVERIFY(drop(window.preview(), on_picture, bin[0].id, Qt::ShiftModifier));
        QCOMPARE(desk.project().stage->layers.size(), layers + 1);
        const Layer& added = desk.project().stage->layers[layers - 1];
        QVERIFY(std::abs(added.values.at("position-x") - 200) < 5);
        QCOMPARE(window.view().layer(), added.id);
    }

    void journey_a_large_clip_is_shown_by_a_proxy() {
        QTemporaryDir folder;
        const QString clip = folder.filePath("large.mp4");
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc2=s=2560x1440:r=24", "-frames:v", "36", "-c:v", "mpeg4",
                        "-q:v", "4", clip}));
        Desk desk;
        auto& window = desk.window;
        window.open_path(PULSEPIN_DEMO "/over-the-levee.opus");
        QVERIFY(QTest::qWaitFor([&] { return window.document().sound() != nullptr; }, 30'000));
        window.document().add_clips({clip.toStdString()});
        QVERIFY(desk.settle());
        window.timeline().setFocus();
        window.view().set_playhead(Seconds(0));
        desk.key(Qt::Key_C);
        window.go_to_stop(Stop::Song);
        auto& proxies = window.document().proxies();
        const Clip large = desk.project().bin->front();
        QVERIFY(QTest::qWaitFor([&] { return proxies.state(large) == ProxyBank::State::There; }, 60'000));
        QVERIFY(window.findChild<OrderedList*>("bin")->item(0)->text().endsWith(" · proxy"));
        const auto proxy = proxies.file_of(large);
        QVERIFY(proxy != large.path && std::filesystem::exists(proxy));
        // Any picture of it is shown; what is handed on names the clip itself.
        window.view().set_playhead(Seconds(1.2));
        QVERIFY(shown(desk));
        QVERIFY(window.preview().pictures().begin()->second.shot.image.width() <= 960);
        QVERIFY(write_edl(desk.project())->find("large.mp4") != std::string::npos);
        // The cache is deleted: the clip itself is shown, and a new one is made.
        std::filesystem::remove(proxy);
        QCOMPARE(proxies.file_of(large), large.path);
        window.view().set_playhead(Seconds(0.7));
        QVERIFY(shown(desk));
        QVERIFY(QTest::qWaitFor([&] { return proxies.state(large) == ProxyBank::State::There; }, 60'000));
        // It is bounded: the oldest go.
        keep_within(ProxyBank::folder(), 0);
        QVERIFY(!std::filesystem::exists(proxy));
    }

    void journey_the_bin_is_put_in_order() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.go_to_stop(Stop::Song);
        auto* bin = window.findChild<OrderedList*>("bin");
        const auto first = desk.project().bin->front().id, third = (*desk.project().bin)[2].id;
        bin->setCurrentRow(0);
        emit bin->moved(3);
        QCOMPARE((*desk.project().bin)[2].id, first);
        QCOMPARE((*desk.project().bin)[1].id, third);
        QCOMPARE(window.document().undo_name(), QString("order the bin"));
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.project().bin->front().id, first);
    }
};

PULSEPIN_TEST_CLASS(JourneysShots, "journeys_shots")
#include "journeys_shots.moc"
