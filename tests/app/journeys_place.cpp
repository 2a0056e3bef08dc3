// SPDX-License-Identifier: GPL-3.0-or-later
//
// Choosing where things happen, through the real window.
#include "parts/step_cells.h"
#include "schedule/picker_tables.h"
#include "support/desk.h"
#include "support/test_program.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QDoubleSpinBox>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysPlace : public QObject {
    Q_OBJECT

    static bool open(Desk& desk, const char* from, const char* until) {
        if (!desk.open_demo())
            return false;
        desk.window.go_to_stop(Stop::Grid);
        desk.click("detect");
        if (!desk.settle())
            return false;
        desk.window.go_to_stop(Stop::Place);
        choose(desk, "lane choice", "Markers");
        choose(desk, "every", "one");
        desk.type("from", from);
        desk.type("until", until);
        return true;
    }
    static QStringList outlined(Desk& desk) {
        QStringList places;
        if (desk.window.view().outlines())
            for (const auto& outline : desk.window.view().outlines()->outlines) {
                const auto place = desk.project().grid->position_of(outline.at);
                places << QString("%1.%2").arg(place.bar).arg(place.beat) +
                              (place.tick > 0 ? QString("+%1").arg(place.tick) : QString());
            }
        return places;
    }

private slots:
    void journey_the_last_beat_of_every_fourth_bar() {
        Desk desk;
        QVERIFY(open(desk, "1.1", "13.1"));
        choose(desk, "filter 1", "last of bars");
        number(desk, "filter 1 bars", 4);
        QCOMPARE(outlined(desk), (QStringList{"4.4", "8.4", "12.4"}));
        const auto before = desk.markers().pins.size();
        desk.click("place");
        QCOMPARE(desk.markers().pins.size(), before + 3);
        QVERIFY(desk.project().plantings->back().description.find("the last of every 4 bars") !=
                std::string::npos);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.markers().pins.size(), before);
    }

    void journey_many_places_in_sight() {
        Desk desk;
        QVERIFY(open(desk, "1.1", "60.1"));
        choose(desk, "source", "half beats");
        auto& timeline = desk.window.timeline();
        /// What outlines change in the lane between two heights below its middle.
        const auto drawn = [&](double from, double until) {
            const auto seen = [&](Stop stop) {
                desk.window.go_to_stop(stop);
                return timeline.grab().toImage();
            };
            const QImage without = seen(Stop::Song), with = seen(Stop::Place);
            const QRectF row = timeline.lane_row(desk.markers().id);
            int count = 0;
            for (int y = static_cast<int>(row.center().y() + from); y < row.center().y() + until; ++y)
                for (int x = static_cast<int>(row.left()); x < row.right(); ++x)
                    count += with.pixel(x, y) != without.pixel(x, y) ? 1 : 0;
            return count;
        };
        timeline.show_range(desk.bar(3), desk.bar(5));
        QVERIFY(drawn(-6, 6) > 100); // heads, and dashed lines below them
        QVERIFY(drawn(11, 14) > 4);
        timeline.show_all();
        const double heads_wide = 9.0 * static_cast<double>(outlined(desk).size());
        QVERIFY(heads_wide > timeline.scale().width);
        QVERIFY(drawn(-6, 6) > 100); // strokes
        QCOMPARE(drawn(11, 14), 0);
    }

    void journey_strong_kicks_on_their_beats() {
        Desk desk;
        QVERIFY(open(desk, "1.1", "9.1"));
        choose(desk, "source", "onsets of");
        auto* row = desk.window.findChild<RowsField*>("source row");
        QVERIFY(row->isVisible());
        choose(desk, "source row", "kick");
        const auto all = outlined(desk).size();
        QVERIFY(all >= 14);
        choose(desk, "filter 1", "stronger");
        number(desk, "filter 1 least", 60);
        choose(desk, "filter 2", "moved to beats");
        const auto strong = outlined(desk);
        QVERIFY(!strong.isEmpty() && strong.size() <= all);
        for (const auto& place : strong)
            QVERIFY(!place.contains('+')); // on whole beats
        choose(desk, "source", "beats");
        QVERIFY(!desk.window.findChild<RowsField*>("source row"));
    }

    void journey_a_pattern_is_painted() {
        Desk desk;
        QVERIFY(open(desk, "5.1", "7.1"));
        choose(desk, "source", "half beats");
        choose(desk, "filter 1", "pattern");
        number(desk, "filter 1 steps", 2);
        auto* cells = desk.window.findChild<StepCells*>("filter 1 on");
        QVERIFY(cells && cells->steps().size() == 8);
        QCOMPARE(outlined(desk), (QStringList{"5.1", "6.1"})); // the first step, to begin with
        QTest::mouseClick(cells, Qt::LeftButton, {}, cells->middle_of(3));
        // Painted over the last two.
        QTest::mousePress(cells, Qt::LeftButton, {}, cells->middle_of(6));
        QMouseEvent move(QEvent::MouseMove, cells->middle_of(7), cells->mapToGlobal(cells->middle_of(7)),
                         Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(cells, &move);
        QTest::mouseRelease(cells, Qt::LeftButton, {}, cells->middle_of(7));
        QCOMPARE(outlined(desk),
                 (QStringList{"5.1", "5.2+480", "5.4", "5.4+480", "6.1", "6.2+480", "6.4", "6.4+480"}));
        // With the keyboard: the focused cell is turned off again.
        cells->setFocus();
        QTest::keyClick(cells, Qt::Key_Right);
        QTest::keyClick(cells, Qt::Key_Left);
        QTest::keyClick(cells, Qt::Key_Return);
        QVERIFY(outlined(desk).size() < 8);
        QVERIFY(!desk.window.player().playing());
        const QImage cell_off = cells->grab().toImage();
        QTest::keyClick(cells, Qt::Key_Return);
        QVERIFY(cells->grab().toImage() != cell_off);
    }

    void journey_a_share_at_random_and_where_another_lane_is_free() {
        Desk desk;
        QVERIFY(open(desk, "1.1", "25.1"));
        choose(desk, "filter 1", "at random");
        number(desk, "filter 1 share", 50);
        const auto first = outlined(desk);
        QVERIFY(first.size() > 30 && first.size() < 66);
        number(desk, "filter 1 seed", 2);
        QVERIFY(outlined(desk) != first);
        number(desk, "filter 1 seed", 1);
        QCOMPARE(outlined(desk), first);
        choose(desk, "filter 1", "where a lane is free");
        choose(desk, "filter 1 lane", "Cuts");
        const auto free = outlined(desk).size();
        QVERIFY(free < 96 && free >= 96 - static_cast<qsizetype>(desk.cuts().pins.size()) - 4);
    }

    void journey_swung_eighths() {
        Desk desk;
        QVERIFY(open(desk, "5.1", "6.1"));
        choose(desk, "source", "half beats");
        number(desk, "source swing", 2);
        QCOMPARE(outlined(desk),
                 (QStringList{"5.1", "5.1+640", "5.2", "5.2+640", "5.3", "5.3+640", "5.4", "5.4+640"}));
    }

    void a_list_is_chosen_from_with_the_keyboard() {
        Desk desk;
        QVERIFY(open(desk, "5.1", "6.1"));
        auto* lanes = desk.window.findChild<QComboBox*>("lane choice");
        lanes->setFocus();
        lanes->showPopup();
        QTRY_VERIFY(lanes->view()->isVisible());
        QTest::keyClick(lanes->view(), Qt::Key_End);
        QTest::keyClick(lanes->view(), Qt::Key_Return);
        QTRY_VERIFY(!lanes->view()->isVisible());
        QCOMPARE(lanes->currentIndex(), lanes->count() - 1);
    }

    void journey_a_picker_that_picks_nothing_says_so() {
        Desk desk;
        QVERIFY(open(desk, "5.1", "6.1"));
        choose(desk, "source", "markers named");
        desk.type("source marker", "no such marker");
        QVERIFY(outlined(desk).isEmpty());
        QVERIFY(!desk.window.findChild<QPushButton*>("place")->isEnabled());
        bool told = false;
        for (const auto* label : desk.window.findChildren<QLabel*>("outcome"))
            told = told || (label->isVisible() && says(label->text(), "nothing picked in that range"));
        QVERIFY(told);
    }
};

PULSEPIN_TEST_CLASS(JourneysPlace, "journeys_place")
#include "journeys_place.moc"
