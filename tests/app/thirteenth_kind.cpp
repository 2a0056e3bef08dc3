// SPDX-License-Identifier: GPL-3.0-or-later
//
// A further kind of lane with a body of its own (thirteenth/level_kind.cpp) in the whole window: no other
// file knows of it.
#include "follow/follow.h"
#include "hand/hand_edits.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "model/change_pins.h"
#include "model/edits.h"
#include "schedule/place.h"
#include "support/answers.h"
#include "support/desk.h"
#include "support/test_program.h"
#include "thirteenth/level_kind.h"

#include <QSpinBox>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

const Lane* levels(Desk& desk) {
    for (const auto& lane : desk.project().lanes)
        if (lane->kind == level_kind())
            return lane.get();
    return nullptr;
}

/// With a lane of levels that drives the camera, added as a person adds lanes.
bool add_lane(Desk& desk) {
    bool offered = false;
    once_a_dialog_is_open(100, [&] {
        if (auto* dialog = qobject_cast<AddLaneDialog*>(QApplication::activeModalWidget())) {
            offered = true;
            dialog->accept();
        }
    });
    desk.window.action("add lane of levels")->trigger();
    return offered && levels(desk);
}

} // namespace

class ThirteenthKind : public QObject {
    Q_OBJECT
private slots:
    void it_is_added_drawn_set_and_drives_the_picture() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.resize(1280, 800);
        QVERIFY(add_lane(desk));
        const LaneId lane = levels(desk)->id;
        QVERIFY(part_of<Motion>(*levels(desk)));

        // A double click in the timeline adds one; the score draws it as well.
        desk.window.timeline().reveal_lane(
            lane); // a notice may take room, as of another test that has the demo open
        const QRectF row = desk.window.timeline().lane_row(lane);
        QVERIFY(row.height() >= 40);
        const Seconds at = desk.bar(8);
        const QPoint there(static_cast<int>(desk.window.timeline().scale().x(at)),
                           static_cast<int>(row.center().y()));
        QTest::mouseDClick(&desk.window.timeline(), Qt::LeftButton, {}, there);
        QVERIFY2(levels(desk)->pins.size() == 1, qPrintable(desk.message()));
        QCOMPARE(body_of<LevelBody>(levels(desk)->pins.front().body), LevelBody{});
        QVERIFY(desk.window.view().selection().contains(levels(desk)->pins.front().id));
        QCOMPARE(desk.window.timeline().grab().isNull(), false);

        // Its form has its properties; what is set there is one step that is undone.
        auto* field = desk.window.findChild<QDoubleSpinBox*>("level level");
        QVERIFY(field);
        field->setValue(80);
        QCOMPARE(body_of<LevelBody>(levels(desk)->pins.front().body).level, 80.0);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(body_of<LevelBody>(levels(desk)->pins.front().body).level, 50.0);
        desk.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);

        // It drives what its lane drives: half of the way in half of its time.
        const Curves curves = desk.window.document().curves();
        const auto frame = static_cast<double>(desk.project().settings->frame_rate.frame_at(at).value);
        const auto share = [&](double where) {
            return lane_share(desk.project(), *levels(desk), curves.schedule.spans(lane), *curves.followers,
                              where, part_of<Motion>(*levels(desk))->own);
        };
        QCOMPARE(share(frame - 10), std::optional(0.0));
        QVERIFY(share(frame + 6) > 0.2 && share(frame + 6) < 0.6);
        QCOMPARE(share(frame + 500), std::optional(0.8));
    }

    void files_and_edits_by_name_have_it() {
        Desk desk;
        QVERIFY(desk.open_demo());
        QVERIFY(add_lane(desk));
        const LaneId lane = levels(desk)->id;
        auto placed = place(desk.project(), lane, {"downbeats", Ticks(0), Ticks(4 * 3840), {}},
                            {LevelBody{30, Frames(4), "<b>&"}});
        QVERIFY2(placed.has_value(), placed ? "" : placed.error().message().c_str());
        QCOMPARE(placed->count, std::size_t{4});

        // Its lane is told something, too, that no other kind of lane is.
        auto with_ceiling = with_changed_lane(placed->project, lane,
                                              [](Lane& changed) { changed.parts.put(LevelCeiling{20}); });
        QVERIFY(with_ceiling.has_value());
        placed->project = *std::move(with_ceiling);

        QTemporaryDir dir;
        const auto path = std::filesystem::path(dir.filePath("levels.pulsepin").toStdString());
        QVERIFY(save_project(placed->project, path));
        const auto read = load_project(path);
        QVERIFY2(read.has_value(), read ? "" : read.error().message().c_str());
        const Lane* again = read->lane(lane);
        QVERIFY(again && again->kind == level_kind());
        QCOMPARE(again->pins.size(), std::size_t{4});
        QCOMPARE(*part_of<LevelCeiling>(*again), LevelCeiling{20});
        QVERIFY(again->parts == placed->project.lane(lane)->parts);
        const Schedule lowered(*read);
        const auto late = static_cast<double>(lowered.pins(lane).pins.back().frame.value + 100);
        QCOMPARE(lowered.spans(lane).keys.value_at(late), 20.0);
        QCOMPARE(body_of<LevelBody>(again->pins.front().body), (LevelBody{30, Frames(4), "<b>&"}));

        // What the command line does by name.
        ParamValues values;
        values.set("level", 65.0);
        const HandEdit* set = hand_edit("set");
        QVERIFY(set);
        PinSet pins{again->pins[1].id};
        const Schedule schedule(*read);
        HandEditRequest request{schedule};
        request.pins = pins;
        request.values = values;
        const auto edited = set->run(request);
        QVERIFY2(edited.has_value(), edited ? "" : edited.error().message().c_str());
        QCOMPARE(body_of<LevelBody>(edited->project.lane(lane)->pins[1].body).level, 65.0);
    }
};

PULSEPIN_TEST_CLASS(ThirteenthKind, "thirteenth_kind")
#include "thirteenth_kind.moc"
