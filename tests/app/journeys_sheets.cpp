// SPDX-License-Identifier: GPL-3.0-or-later
//
// What can be chosen is seen as it would be before it is, and what is to happen can be said in a line.
#include "hand/tried.h"
#include "kinds/layer_kinds.h"
#include "picture/moving_sheet.h"
#include "schedule/moves.h"
#include "stage/effects.h"
#include "support/answers.h"
#include "support/motion_desk.h"
#include "support/stage_desk.h"
#include "support/test_program.h"

#include <QLabel>
#include <QListWidget>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

MovingSheet* sheet() {
    (void)QTest::qWaitFor([] { return qobject_cast<MovingSheet*>(QApplication::activePopupWidget()); }, 3000);
    return qobject_cast<MovingSheet*>(QApplication::activePopupWidget());
}

QListWidget* list_of(const MovingSheet* shown) {
    return shown->findChild<QListWidget*>("finder list");
}

/// A row of the sheet, by the name in it.
int row_called(const MovingSheet* shown, const QString& name) {
    const auto* list = list_of(shown);
    for (int row = 0; row < list->count(); ++row)
        if (tells(list->item(row)->text(), name))
            return row;
    return -1;
}

void hover(const MovingSheet* shown, int row) {
    auto* list = list_of(shown);
    list->scrollToItem(list->item(row));
    const QPoint at = list->visualItemRect(list->item(row)).center();
    QTest::mouseMove(list->viewport(), at - QPoint(3, 3));
    QTest::mouseMove(list->viewport(), at);
}

/// A title that appears once, from bar 5 on, on a lane of its own; its page is open.
LaneId title_that_appears(Desk& desk) {
    desk.window.go_to_stop(Stop::Motion);
    desk.click("layers of the picture");
    const LayerId words = add_by_menu(desk, {"Title"});
    desk.window.view().set_playhead(desk.bar(5));
    choose_from_menu(desk.window.findChild<QPushButton*>("more of layers"), {"“Title” appears"});
    desk.click("curves");
    choose(desk, "motion lane", "Title");
    return words.value ? desk.window.view().lane() : LaneId{};
}

} // namespace

class JourneysSheets : public QObject {
    Q_OBJECT
private slots:
    void journey_a_way_to_come_is_seen_before_it_is_chosen() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LaneId lane = title_that_appears(desk);
        QVERIFY(lane.value);
        const Project before = desk.project();
        auto* box = desk.window.findChild<QComboBox*>("appearance comes-move");
        QVERIFY(box && QTest::qWaitFor([&] { return box->isVisible(); }, 2000));
        QTest::mouseClick(box, Qt::LeftButton);
        auto* shown = sheet();
        QVERIFY(shown);
        QCOMPARE(list_of(shown)->count(), static_cast<int>(moves().size()));
        QVERIFY(QTest::qWaitFor([&] { return shown->pictures().complete(); }, 60'000));

        // Each has a picture; a way that moves is another picture while it comes than none is.
        int differ = 0;
        const auto first = static_cast<std::size_t>(
            list_of(shown)->item(row_called(shown, "at once"))->data(Qt::UserRole).toInt());
        for (std::size_t i = 0; i < moves().size(); ++i) {
            QVERIFY(!shown->pictures().picture(i, 0).isNull());
            for (const double share : {0.15, 0.22, 0.3})
                if (shown->pictures().picture(i, share) != shown->pictures().picture(first, share)) {
                    ++differ;
                    break;
                }
        }
        QVERIFY2(differ >= static_cast<int>(moves().size()) - 2, qPrintable(QString::number(differ)));

        // The one under the mouse plays in the picture; nothing is changed by that.
        hover(shown, row_called(shown, "type on"));
        QTRY_VERIFY(desk.window.view().trial().has_value());
        std::set<std::int64_t> frames;
        QTRY_VERIFY_WITH_TIMEOUT((frames.insert(desk.window.view().trial()->frame.value), frames.size() > 4),
                                 10'000);
        QVERIFY(same_content(desk.project(), before));

        // Escape leaves it as it was; a click takes it, in one step.
        QTest::keyClick(shown->findChild<QLineEdit*>("finder words"), Qt::Key_Escape);
        QTRY_VERIFY(!QApplication::activePopupWidget());
        QVERIFY(!desk.window.view().trial());
        QVERIFY(same_content(desk.project(), before));
        QTest::mouseClick(box, Qt::LeftButton);
        shown = sheet();
        QVERIFY(shown);
        const int row = row_called(shown, "type on");
        QVERIFY(row >= 0);
        list_of(shown)->scrollToItem(list_of(shown)->item(row));
        QTest::mouseClick(list_of(shown)->viewport(), Qt::LeftButton, {},
                          list_of(shown)->visualItemRect(list_of(shown)->item(row)).center());
        QTRY_COMPARE(part_of<Showing>(*desk.project().lane(lane))->comes.move, std::string("type"));
        QVERIFY(!desk.window.view().trial());
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));

        // By keys alone: words of its name, Return.
        QTest::mouseClick(box, Qt::LeftButton);
        shown = sheet();
        auto* words = shown->findChild<QLineEdit*>("finder words");
        QTest::keyClicks(words, "type");
        QTest::keyClick(words, Qt::Key_Return);
        QTRY_COMPARE(part_of<Showing>(*desk.project().lane(lane))->comes.move, std::string("type"));
    }

    // Of what is selected: how shots change, what a trigger starts; of what appears also how it is eased.
    void journey_choices_of_pins_are_seen_before_they_are_made() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const PinId cut = desk.cuts().pins[2].id;
        desk.window.view().select({cut});
        const auto box_of = [&](const char* name) {
            auto* box = desk.window.findChild<QComboBox*>(name);
            return box && QTest::qWaitFor([&] { return box->isVisible(); }, 2000) ? box : nullptr;
        };
        auto* change = box_of("cut change");
        QVERIFY(change);
        const Project before = desk.project();
        change->showPopup();
        auto* shown = sheet();
        QVERIFY(shown);
        QVERIFY(QTest::qWaitFor([&] { return shown->pictures().complete(); }, 60'000));
        // A third into the loop the shots change: each in its own way, though the cut itself is hard.
        QVERIFY(!shown->pictures().picture(0, 0.3).isNull());
        for (const std::size_t other : {1u, 2u})
            QVERIFY(shown->pictures().picture(0, 0.3) != shown->pictures().picture(other, 0.3) ||
                    shown->pictures().picture(0, 0.4) != shown->pictures().picture(other, 0.4));
        QTest::keyClicks(shown->findChild<QLineEdit*>("finder words"), "wipes");
        QTest::keyClick(shown->findChild<QLineEdit*>("finder words"), Qt::Key_Return);
        QTRY_VERIFY(body_of<CutBody>(desk.project().pin(cut)->body).change == CutBody::Change::Wipe);
        QCOMPARE(body_of<CutBody>(desk.project().pin(cut)->body).fade,
                 Frames(0)); // that was for seeing it only
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));

        const PinId flash = desk.project().first_lane(body_type<TriggerBody>)->pins.front().id;
        desk.window.view().select({flash});
        auto* effect = box_of("trigger effect");
        QVERIFY(effect);
        effect->showPopup();
        shown = sheet();
        QVERIFY(shown);
        QTest::keyClicks(shown->findChild<QLineEdit*>("finder words"), "strobe");
        QTest::keyClick(shown->findChild<QLineEdit*>("finder words"), Qt::Key_Return);
        QTRY_COMPARE(body_of<TriggerBody>(desk.project().pin(flash)->body).effect, std::string("strobe"));
    }

    void journey_an_effect_is_seen_on_the_beat_before_it_is_added() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Motion);
        desk.click("layers of the picture");
        desk.window.view().choose_layer(desk.project().stage->layers.back().id); // the camera
        desk.window.view().set_playhead(desk.bar(14));
        auto* button = desk.window.findChild<QPushButton*>("add effect");
        QVERIFY(button && QTest::qWaitFor([&] { return button->isVisible() && button->isEnabled(); }, 2000));
        const Project before = desk.project();
        QTest::mouseClick(button, Qt::LeftButton);
        auto* shown = sheet();
        QVERIFY(shown);
        QCOMPARE(list_of(shown)->count(), static_cast<int>(effects().size()));
        QVERIFY(QTest::qWaitFor([&] { return shown->pictures().complete(); }, 120'000));
        // On the beat it acts; before the next it has gone.
        std::size_t acting = 0;
        for (std::size_t i = 0; i < effects().size(); ++i) {
            const QImage on = shown->pictures().picture(i, 0.07), rests = shown->pictures().picture(i, 0.45);
            QVERIFY(!on.isNull() && !rests.isNull());
            acting += on != rests;
        }
        QVERIFY2(acting * 10 > effects().size() * 8, qPrintable(QString::number(acting)));
        QTest::keyClicks(shown->findChild<QLineEdit*>("finder words"), "glow");
        QTest::keyClick(shown->findChild<QLineEdit*>("finder words"), Qt::Key_Return);
        QCOMPARE(desk.project().stage->layers.back().effects.size(), std::size_t{1});
        QCOMPARE(desk.project().stage->layers.back().effects.front().effect, std::string("glow"));
        QCOMPARE(desk.project().lanes.size(), before.lanes.size()); // what was tried is not kept
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));
    }

    void journey_a_hit_is_said_in_a_line() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const Project before = desk.project();
        desk.window.timeline().setFocus();
        QString told, none;
        std::size_t places = 0;
        once_a_dialog_is_open(200, [&] {
            auto* dialog = QApplication::activeModalWidget();
            QVERIFY(dialog);
            auto* line = dialog->findChild<QLineEdit*>("said line");
            auto* lines = dialog->findChild<QListWidget*>("said lines");
            auto* words = dialog->findChild<QLabel*>("said told");
            line->clear();
            QTest::keyClicks(line, "camera zo");
            QVERIFY(lines->count() > 0);
            QTest::keyClick(line, Qt::Key_Tab); // takes the first
            QVERIFY(begins_to_tell(line->text(), "camera zoom "));
            line->clear();
            QTest::keyClicks(line, "camera zoom 100 -> 112 for 2 frames on every 2nd beat, bars 9-12");
            QTest::qWait(300);
            told = words->text();
            places = desk.window.view().said_places().size();
            line->selectAll();
            QTest::keyClicks(line, "camera zoom 100 -> 112 on nothing");
            QTest::qWait(300);
            none = words->text();
            QVERIFY(desk.window.view().said_places().empty());
            QTest::keyClick(line, Qt::Key_Return); // is not done
            QVERIFY(dialog->isVisible());
            line->selectAll();
            QTest::keyClicks(line, "camera zoom 100 -> 112 for 2 frames on every 2nd beat, bars 9-12");
            QTest::keyClick(line, Qt::Key_Return);
        });
        desk.key(Qt::Key_S);
        QVERIFY2(told.contains("held for 2 frames on every 2nd of beats, in bars 9 to 12"), qPrintable(told));
        QVERIFY2(told.contains("8 places"), qPrintable(told));
        QVERIFY2(none.contains("There is no place called"), qPrintable(none));
        QCOMPARE(places, std::size_t{8});
        QCOMPARE(desk.project().lanes.size(), before.lanes.size() + 1);
        QCOMPARE(desk.project().lanes.back()->pins.size(), std::size_t{8});
        qInfo("2 actions: the key, the line");
        QVERIFY(desk.window.view().said_places().empty());
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));
    }

    void journey_a_row_of_onsets_is_dropped_where_it_is_to_act() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Motion);
        desk.click("layers of the picture");
        const LayerId camera = desk.project().stage->layers.back().id;
        desk.window.view().choose_layer(camera);
        auto* table = desk.window.findChild<QTableView*>("layer values");
        QVERIFY(table && QTest::qWaitFor([&] { return table->isVisible(); }, 2000));
        const Project before = desk.project();
        const auto& rows = before.detection->rows;
        const auto kick = std::ranges::find(rows, "kick", &OnsetRow::name);
        QVERIFY(kick != rows.end());
        // On a value of the chosen layer: in the range that is drawn.
        desk.window.view().set_range(TimeRange{desk.bar(13), desk.bar(17)});
        std::size_t in_range = 0;
        for (const auto& onset : kick->onsets)
            in_range += before.grid->nearest_tick(onset.time) >= before.grid->nearest_tick(desk.bar(13)) &&
                        before.grid->nearest_tick(onset.time) < before.grid->nearest_tick(desk.bar(17));
        int zoom = -1;
        for (int row = 0; row < table->model()->rowCount(); ++row)
            if (tells(table->model()->index(row, 0).data().toString(), "zoom"))
                zoom = row;
        QVERIFY(zoom >= 0);
        table->scrollTo(table->model()->index(zoom, 1));
        QVERIFY(drop(*table->viewport(), table->visualRect(table->model()->index(zoom, 1)).center(),
                     RowOfOnsets{"kick"}));
        QCOMPARE(desk.project().lanes.size(), before.lanes.size() + 1);
        const Lane& made = *desk.project().lanes.back();
        QCOMPARE(part_of<Motion>(made)->own.target, (Target{camera, "scale"}));
        QCOMPARE(made.pins.size(), in_range);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));
        // On the picture, where nothing lies over the shots: the camera. On a lane: a pin of its kind on
        // each.
        desk.window.view().set_range(std::nullopt);
        auto& picture = desk.window.preview();
        QVERIFY(drop(picture, QPointF(picture.rect().center()), RowOfOnsets{"snare"}));
        QCOMPARE(part_of<Motion>(*desk.project().lanes.back())->own.target, (Target{camera, "scale"}));
        const auto all = desk.project().lanes.back()->pins.size();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // With Shift on every second one: a punch-in by one drag.
        QVERIFY(drop(picture, QPointF(picture.rect().center()), RowOfOnsets{"snare"}, Qt::ShiftModifier));
        QCOMPARE(desk.project().lanes.back()->pins.size(), (all + 1) / 2);
        qInfo("1 action: a row dragged onto the picture");
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        const Lane* flash = desk.project().first_lane(body_type<TriggerBody>);
        const auto had = flash->pins.size();
        QVERIFY(drop(desk.window.timeline(), desk.window.timeline().lane_row(flash->id).center(),
                     RowOfOnsets{"crash"}));
        QVERIFY(desk.project().lane(flash->id)->pins.size() > had);
        // What has no such value, or no such row, stays as it is and says so.
        const Project after = desk.project();
        (void)drop(picture, QPointF(picture.rect().center()), RowOfOnsets{"no <b>such</b> row"});
        QVERIFY(same_content(desk.project(), after));
        QVERIFY2(says(desk.message(), "no <b>such</b> row"), qPrintable(desk.message()));
    }

    // A title over a section: three actions, its words typed at once, its parts there to be changed.
    void journey_something_ready_is_chosen_filled_and_kept() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Motion);
        desk.click("layers of the picture");
        desk.window.view().set_playhead(desk.bar(14));
        const Project before = desk.project();
        auto* add = desk.window.findChild<QPushButton*>("add layer");
        QVERIFY(add && QTest::qWaitFor([&] { return add->isVisible(); }, 2000));
        choose_from_menu(add, {"Something ready"});
        auto* shown = sheet();
        QVERIFY(shown);
        QVERIFY(list_of(shown)->count() >= 20);
        QVERIFY(QTest::qWaitFor([&] { return shown->pictures().complete(); }, 120'000));
        auto* words = shown->findChild<QLineEdit*>("finder words");
        QTest::keyClicks(words, "title flies");
        QTest::keyClick(words, Qt::Key_Return);
        QTRY_COMPARE(desk.project().stage->layers.size(), before.stage->layers.size() + 1);
        const Layer made = desk.project().stage->layers[desk.project().stage->layers.size() - 2];
        QCOMPARE(made.kind, layers::title);
        // It lies over the section that the playhead stands in.
        const Lane& lane = *desk.project().lanes.back();
        QCOMPARE(part_of<Showing>(lane)->layer, made.id);
        const auto& section = *std::ranges::find_if(before.detection->sections, [&](const FoundSection& one) {
            return desk.bar(14) >= one.start && desk.bar(14) < one.end;
        });
        const auto& span = desk.window.document().spans(lane.id).appearances.front();
        const auto rate = before.settings->frame_rate;
        QVERIFY(std::abs((rate.start_of(span.beat) - section.start).value) < 0.3);
        QVERIFY(std::abs((rate.start_of(span.end) - section.end).value) < 0.3);
        // The field of its words waits for them.
        auto* text = desk.window.findChild<QLineEdit*>("layer text");
        QTRY_VERIFY(text->hasFocus());
        QTest::keyClicks(text, "over the levee");
        QTest::keyClick(text, Qt::Key_Return);
        QCOMPARE(desk.project().stage->layer(made.id)->text, std::string("over the levee"));
        qInfo("3 actions: the menu, the title, its words");
        // Kept under a name with markup, it is among what is ready, and what was kept can be forgotten.
        QTimer answers;
        connect(&answers, &QTimer::timeout, &answers, [&answers] {
            if (auto* asks = qobject_cast<QInputDialog*>(QApplication::activeModalWidget())) {
                answers.stop();
                asks->setTextValue("<b>mine</b> & 'all'");
                asks->accept();
            }
        });
        answers.start(50);
        choose_from_menu(desk.window.findChild<QPushButton*>("more of layers"), {"Composition", "Keep this"});
        QTRY_VERIFY(says(desk.message(), "is saved"));
        choose_from_menu(add, {"Something ready"});
        shown = sheet();
        QVERIFY(shown && row_called(shown, "<b>mine</b> & 'all'") >= 0);
        words = shown->findChild<QLineEdit*>("finder words");
        QTest::keyClicks(words, "mine");
        const std::size_t layers = desk.project().stage->layers.size();
        QTest::keyClick(words, Qt::Key_Return);
        QTRY_COMPARE(desk.project().stage->layers.size(), layers + 1);
        QCOMPARE(desk.project().stage->layers[layers - 1].text, std::string("over the levee"));
        choose_from_menu(desk.window.findChild<QPushButton*>("more of layers"),
                         {"Composition", "Delete", "<b>mine</b>"});
        QTRY_VERIFY(says(desk.message(), "is forgotten"));
        // All of it, step by step, back to where it began.
        desk.window.timeline().setFocus();
        for (int i = 0; i < 3; ++i)
            desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));
    }
};

PULSEPIN_TEST_CLASS(JourneysSheets, "journeys_sheets")
#include "journeys_sheets.moc"
