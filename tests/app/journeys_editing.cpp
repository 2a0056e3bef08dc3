// SPDX-License-Identifier: GPL-3.0-or-later
//
// Shots, triggers and lanes handled directly: dragged, stretched, selected, copied, brought in.
#include "model/edits.h"
#include "model/shot_edits.h"
#include "support/placing.h"
#include "support/test_program.h"

#include <QInputDialog>
#include <QSpinBox>
#include <QTemporaryDir>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysEditing : public QObject {
    Q_OBJECT

private slots:
    void journey_shots_are_slipped_rolled_rippled_swapped_and_replaced() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        auto& timeline = window.timeline();
        place_beats_on(desk, "Cuts", "4th", "13.1", "21.1");
        timeline.show_range(desk.bar(12), desk.bar(19));
        timeline.grab();
        const auto shots = [&] { return window.document().shots(desk.cuts().id); };
        const auto index_at = [&](int bar) {
            const auto all = shots();
            const auto frame = desk.project().settings->frame_rate.frame_at(desk.bar(bar) + Seconds(0.5));
            return static_cast<std::size_t>(shot_at(all, frame) - all.data());
        };
        const QRectF row = timeline.lane_row(desk.cuts().id);
        const auto middle = [&](int bar) {
            return at_time(desk, desk.bar(bar, 3), static_cast<int>(row.center().y()) + 6);
        };
        const auto i = index_at(14);
        const auto before = shots();
        const auto in_point = [&](std::size_t k) { return shots()[k].in_point; };
        // Slip: Alt and the shot's bar.
        const QPoint left = middle(14);
        desk.drag(left, left - QPoint(60, 0), Qt::AltModifier);
        QVERIFY(in_point(i) > before[i].in_point);
        QCOMPARE(shots()[i].start, before[i].start);
        QCOMPARE(window.document().undo_name(), QString("slip shot"));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Roll: Alt and the head.
        const QPoint head_14 = head(desk, shots()[i].cut);
        desk.drag(head_14, at_time(desk, desk.bar(14, 2), head_14.y()), Qt::AltModifier);
        QVERIFY(shots()[i].start > before[i].start);
        QVERIFY(std::abs((in_point(i) - before[i].in_point - (desk.bar(14, 2) - desk.bar(14))).value) < 1e-6);
        QCOMPARE(shots()[i + 1].start, before[i + 1].start);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Ripple: Alt and Ctrl.
        desk.drag(head_14, at_time(desk, desk.bar(14, 2), head_14.y()),
                  Qt::AltModifier | Qt::ControlModifier);
        QVERIFY(shots()[i].start > before[i].start && shots()[i + 1].start > before[i + 1].start);
        QCOMPARE(shots()[i - 1].start, before[i - 1].start);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Swap: one bar dropped on another.
        desk.drag(middle(14), middle(16));
        QCOMPARE(shots()[index_at(14)].shot, before[index_at(16)].shot);
        QCOMPARE(shots()[index_at(16)].shot, before[i].shot);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Replace: the same with Ctrl held when it is dropped.
        QTest::mousePress(&timeline, Qt::LeftButton, {}, middle(14));
        QMouseEvent move(QEvent::MouseMove, middle(16), timeline.mapToGlobal(middle(16)), Qt::NoButton,
                         Qt::LeftButton, Qt::ControlModifier);
        QApplication::sendEvent(&timeline, &move);
        timeline.grab();
        QTest::mouseRelease(&timeline, Qt::LeftButton, Qt::ControlModifier, middle(16));
        QCOMPARE(shots()[index_at(16)].shot, before[i].shot);
        QCOMPARE(shots()[i].shot, before[i].shot);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Let go over nothing, nothing happens.
        desk.drag(middle(14), middle(14) + QPoint(0, 200));
        QCOMPARE(shots()[i].shot, before[i].shot);
        // The same by keys.
        window.view().select({shots()[i].cut});
        desk.key(Qt::Key_Right, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(std::abs((in_point(i) - before[i].in_point).value - 1.0 / 24) < 1e-9);
        desk.key(Qt::Key_Period, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(shots()[i].start > before[i].start);
        desk.key(Qt::Key_S, Qt::ControlModifier | Qt::AltModifier);
        QCOMPARE(shots()[i].shot, before[i + 1].shot);
        // A cross-fade around the beat, seen in the preview half way.
        auto* fade = window.findChild<QDoubleSpinBox*>("cut fade");
        QVERIFY(fade->isVisible());
        fade->setValue(8);
        QCOMPARE(shots()[i].fade, Frames(8));
        window.view().set_playhead(desk.project().settings->frame_rate.start_of(shots()[i].start));
        QVERIFY(QTest::qWaitFor([&] { return window.preview().shown().exact; }, 5000));
        window.grab();
    }

    void journey_triggers_are_stretched_and_stacked() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        auto& timeline = window.timeline();
        add_lane(desk, "triggers", "Flash");
        timeline.show_range(desk.bar(13), desk.bar(17));
        timeline.grab();
        // Double click adds, a drag of its end makes it two beats long.
        const auto lane = [&]() -> const Lane& { return lane_named(desk, "Flash"); };
        const int y = static_cast<int>(timeline.lane_row(lane().id).center().y());
        QTest::mouseDClick(&timeline, Qt::LeftButton, {}, at_time(desk, desk.bar(14), y));
        QTest::mouseDClick(&timeline, Qt::LeftButton, {}, at_time(desk, desk.bar(15), y));
        QCOMPARE(lane().pins.size(), std::size_t{2});
        const PinId first = lane().pins[0].id, second = lane().pins[1].id;
        timeline.grab();
        const Seconds usual =
            desk.project().settings->frame_rate.start_of(Frames(4)); // a flash is that short
        desk.drag(at_time(desk, desk.bar(14) + usual, y) - QPoint(1, 0), at_time(desk, desk.bar(14, 3), y));
        const auto body = [&](PinId id) { return body_of<TriggerBody>(desk.project().pin(id)->body); };
        QVERIFY((body(first).length == Length{Length::Unit::InBeats, 2}));
        // With Shift in frames.
        timeline.grab();
        desk.drag(at_time(desk, desk.bar(14, 3), y), at_time(desk, desk.bar(14, 2), y), Qt::ShiftModifier);
        QCOMPARE(body(first).length.unit, Length::Unit::InFrames);
        QVERIFY(std::abs(body(first).length.amount - 12) <= 1);
        // Into another row and back by keys; there it no longer ends where the other begins.
        window.view().select({second});
        timeline.setFocus();
        desk.key(Qt::Key_Down, Qt::AltModifier);
        QCOMPARE(body(second).row, 1);
        QCOMPARE(window.document().spans(lane().id).rows, 2);
        timeline.grab();
        const QPoint at = head(desk, second) + QPoint(4, 0);
        desk.drag(at, at - QPoint(0, 40));
        QCOMPARE(body(second).row, 0);
        // Two on one frame: the one placed last acts, and both say so.
        window.view().select({second});
        desk.key(Qt::Key_Left, Qt::AltModifier | Qt::ShiftModifier);
        const auto& spans = window.document().spans(lane().id).triggers;
        QVERIFY(spans[0].hidden && spans[0].pin == first);
        QVERIFY(says(window.findChild<QLineEdit*>("pin frame")->text(), "shared"));
        // Muted, it gives way; locked, it stays where it is.
        desk.key(Qt::Key_M, Qt::ControlModifier);
        QVERIFY(desk.project().pin(second)->muted);
        QVERIFY(!window.document().spans(lane().id).triggers[0].hidden);
        desk.key(Qt::Key_L, Qt::ControlModifier);
        const auto anchor = desk.project().pin(second)->anchor;
        desk.key(Qt::Key_Right, Qt::AltModifier);
        QVERIFY(desk.project().pin(second)->anchor == anchor);
        QVERIFY(says(desk.message(), "locked"));
        timeline.grab();
        // The lane's own lock.
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, timeline.switch_position(lane().id, 'L').toPoint());
        QVERIFY(lane().locked);
        window.view().select({first});
        desk.key(Qt::Key_Delete);
        QCOMPARE(lane().pins.size(), std::size_t{2});
    }

    void journey_pins_are_selected_by_what_they_share() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.timeline().setFocus();
        const auto selected = [&] { return window.view().selection().size(); };
        window.view().select({desk.cuts().pins[0].id});
        desk.key(Qt::Key_A, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(selected(), desk.cuts().pins.size());
        window.view().select({desk.markers().pins[0].id});
        window.action("select colour")->trigger();
        QCOMPARE(selected(), std::size_t{2}); // launch and last chord
        window.view().select({desk.cuts().pins[0].id});
        window.action("select name")->trigger();
        QCOMPARE(selected(), std::size_t{1});
        window.view().set_range(TimeRange{desk.bar(13), desk.bar(15)});
        desk.key(Qt::Key_R, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(selected(), std::size_t{5}); // drop and four flashes
        once_a_dialog_is_open(100, [] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            dialog->setTextValue("LAUN");
            dialog->accept();
        });
        desk.key(Qt::Key_F, Qt::ControlModifier);
        QCOMPARE(selected(), std::size_t{2}); // the marker and the cut to that shot
        // A lasso over two lanes.
        auto& timeline = window.timeline();
        timeline.show_range(desk.bar(8), desk.bar(18));
        timeline.grab();
        const auto top = timeline.lane_row(desk.markers().id), bottom = timeline.lane_row(desk.cuts().id);
        desk.drag(at_time(desk, desk.bar(8, 3), static_cast<int>(top.top()) + 2),
                  at_time(desk, desk.bar(9, 2), static_cast<int>(bottom.bottom()) - 2), Qt::ShiftModifier);
        QCOMPARE(selected(), std::size_t{2}); // "launch" and the cut under it
        desk.key(Qt::Key_Escape);
        QCOMPARE(selected(), std::size_t{0});
    }

    void journey_copied_and_pasted_on_the_next_chosen_beats() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        add_lane(desk, "triggers", "Flash");
        place_beats_on(desk, "Flash", "one", "1.1", "2.1"); // four, selected
        window.timeline().setFocus();
        desk.key(Qt::Key_C, Qt::ControlModifier);
        window.view().set_playhead(desk.bar(3));
        desk.key(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(places(desk, lane_named(desk, "Flash")).last(), QString("3.4"));
        // Every second beat is chosen; pasted from the playhead on.
        choose(desk, "every", "2nd");
        desk.type("from", "5.1");
        desk.type("until", "9.1");
        window.view().set_playhead(desk.bar(6));
        window.timeline().setFocus();
        desk.key(Qt::Key_V, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(places(desk, lane_named(desk, "Flash")).last(4), (QStringList{"6.1", "6.3", "7.1", "7.3"}));
        desk.key(Qt::Key_X, Qt::ControlModifier);
        QCOMPARE(lane_named(desk, "Flash").pins.size(), std::size_t{8});
    }

    void journey_pictures_and_folders_come_into_the_bin() {
        Desk desk;
        QVERIFY(open(desk));
        QTemporaryDir folder;
        for (const char* name : {"b.png", "a.png"}) {
            QImage picture(64, 36, QImage::Format_RGB32);
            picture.fill(name[0] == 'a' ? Qt::red : Qt::blue);
            QVERIFY(picture.save(folder.filePath(name)));
        }
        QVERIFY(QFile::copy(PULSEPIN_DEMO "/loop.webm", folder.filePath("c.webm")));
        QFile notes(folder.filePath("notes.txt"));
        QVERIFY(notes.open(QIODevice::WriteOnly));
        desk.window.document().add_clips({folder.path().toStdString()});
        QVERIFY(desk.settle());
        const auto& bin = *desk.project().bin;
        QCOMPARE(bin.size(), std::size_t{9});
        QCOMPARE(bin[6].name, std::string("a"));
        QVERIFY(bin[6].still && !bin[8].still);
        // A picture lasts as long as it is shown: never too short, and it is seen.
        desk.window.document().apply(
            *replaced(desk.project(), desk.window.document().shown_shots().back().cut, bin[6].id), "replace");
        const auto& last = desk.window.document().shown_shots().back();
        QVERIFY(!last.too_short);
        const auto rate = desk.project().settings->frame_rate;
        desk.window.view().set_playhead(rate.start_of(last.start + Frames(200)));
        QVERIFY(QTest::qWaitFor([&] { return desk.window.preview().shown().exact; }, 5000));
        const QImage seen = desk.window.preview().grab().toImage();
        QVERIFY(seen.pixelColor(seen.width() / 2, seen.height() / 2).red() > 200);
        QTemporaryDir nothing;
        desk.window.document().add_clips({nothing.path().toStdString()});
        QVERIFY(desk.settle());
        QVERIFY(says(desk.message(), "no shots in that folder"));
    }

    void journey_lanes_are_named_moved_and_deleted() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        const LaneId flash = lane_named(desk, "Flash").id;
        once_a_dialog_is_open(100, [] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            dialog->setTextValue("Lightning");
            dialog->accept();
        });
        QTest::mouseDClick(&timeline, Qt::LeftButton, {},
                           QPoint(40, static_cast<int>(timeline.lane_row(flash).center().y())));
        QCOMPARE(desk.project().lane(flash)->name, std::string("Lightning"));
        const auto choose_in_menu = [&](const QString& text) {
            QTimer::singleShot(100, qApp, [text] {
                auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
                QVERIFY(menu);
                for (auto* action : menu->actions())
                    if (tells(action->text(), text)) {
                        action->trigger();
                        menu->close();
                    }
            });
            const QPoint at(40, static_cast<int>(timeline.lane_row(flash).center().y()));
            QContextMenuEvent event(QContextMenuEvent::Mouse, at, timeline.mapToGlobal(at));
            QApplication::sendEvent(&timeline, &event);
        };
        choose_in_menu("Move up");
        QCOMPARE(desk.project().lanes[1]->id, flash);
        timeline.grab();
        choose_in_menu("Delete");
        QVERIFY(!desk.project().lane(flash));
        QCOMPARE(desk.project().plantings->size(), std::size_t{1});
        timeline.setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(desk.project().lane(flash));
    }
};

PULSEPIN_TEST_CLASS(JourneysEditing, "journeys_editing")
#include "journeys_editing.moc"
