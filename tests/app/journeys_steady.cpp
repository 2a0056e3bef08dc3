// SPDX-License-Identifier: GPL-3.0-or-later
//
// What stays where it is: the edge of the bench, and the buttons of its foot.
#include "pages/stops/stop_panel.h"
#include "parts/bench_edge.h"
#include "parts/form_area.h"
#include "schedule/resolve.h"
#include "support/motion_desk.h"
#include "support/test_program.h"

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

struct Places {
    int edge = 0;
    QRect route;
    QRect play;

    explicit Places(Desk& desk) {
        edge = desk.window.findChild<BenchEdge*>()->sizes().value(1);
        const auto of = [&](const char* name) {
            auto* widget = desk.window.findChild<QWidget*>(name);
            return QRect(widget->mapTo(&desk.window, QPoint()), widget->size());
        };
        route = of("route");
        play = of("play");
    }
    bool operator==(const Places&) const = default;
};

void forget_heights() {
    QSettings().clear();
}

QPoint middle_of_handle(BenchEdge& edge) {
    return edge.handle(1)->rect().center();
}

void drag_handle(BenchEdge& edge, int by) {
    auto* handle = edge.handle(1);
    QTest::mousePress(handle, Qt::LeftButton, {}, middle_of_handle(edge));
    const QPoint to = middle_of_handle(edge) + QPoint(0, by);
    QMouseEvent move(QEvent::MouseMove, to, handle->mapToGlobal(to), Qt::NoButton, Qt::LeftButton, {});
    QApplication::sendEvent(handle, &move);
    QTest::mouseRelease(handle, Qt::LeftButton, {}, middle_of_handle(edge));
}

} // namespace

class JourneysSteady : public QObject {
    Q_OBJECT
private slots:
    void init() { forget_heights(); }
    void cleanupTestCase() { forget_heights(); }

    /// Every stop, every page, every lane's first pin, in two sizes of window: the edge is moved by nobody.
    void journey_the_bench_stays_where_it_is() {
        Desk desk;
        desk.window.open_path(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
        QVERIFY(desk.settle());
        for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
            desk.window.resize(size);
            QTest::qWait(60);
            const Places before(desk);
            QCOMPARE(before.edge, BenchEdge::usual_height(size.height()));
            QVERIFY(before.edge <= 300);
            int seen = 0;
            const auto look = [&](const QString& what) {
                QTest::qWait(15);
                const Places now(desk);
                QVERIFY2(now == before, qPrintable(QString("%1: the bench is %2 high, it was %3")
                                                       .arg(what)
                                                       .arg(now.edge)
                                                       .arg(before.edge)));
                ++seen;
            };
            for (int stop = 0; stop < 7; ++stop) {
                desk.window.go_to_stop(static_cast<Stop>(stop));
                look(QString("stop %1").arg(stop));
                for (auto* button : desk.window.findChildren<QPushButton*>())
                    if (button->isVisible() && button->objectName().startsWith("page ")) {
                        button->click();
                        look(button->objectName());
                    }
                for (const auto& lane : desk.project().lanes) {
                    desk.window.view().choose_lane(lane->id);
                    desk.window.view().select(lane->pins.empty() ? PinSet{} : PinSet{lane->pins.front().id});
                    look(QString("stop %1, %2").arg(stop).arg(QString::fromStdString(lane->name)));
                }
                desk.window.view().select({});
            }
            QVERIFY(seen > 60);
        }
    }

    /// However much is said about what would be placed.
    void journey_the_place_button_stays_where_it_is() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.resize(1280, 800);
        desk.window.go_to_stop(Stop::Place);
        QTest::qWait(50);
        auto* place = desk.window.findChild<QPushButton*>("place");
        const auto where = [&] { return place->mapTo(&desk.window, QPoint()); };
        const QPoint before = where();
        for (const auto& lane : desk.project().lanes) {
            desk.window.view().choose_lane(lane->id);
            for (const QString page : {"page Where", "page What"}) {
                desk.click(page.toUtf8());
                QTest::qWait(20);
                QCOMPARE(where(), before);
            }
        }
    }

    /// Moved by a person it is kept, for the project and for the next window.
    void journey_a_person_moves_the_edge() {
        int given = 0;
        {
            Desk desk;
            QVERIFY(desk.open_demo());
            desk.window.resize(1280, 800);
            QTest::qWait(50);
            auto& edge = *desk.window.findChild<BenchEdge*>();
            drag_handle(edge, -60);
            given = edge.sizes().value(1);
            QVERIFY2(given > 340, qPrintable(QString::number(given)));
            desk.window.go_to_stop(Stop::Motion);
            QTest::qWait(30);
            QCOMPARE(edge.sizes().value(1), given);
            desk.window.resize(1280, 1000);
            QTest::qWait(30);
            QCOMPARE(edge.sizes().value(1), given);
            desk.window.resize(1280, 500); // the song keeps some
            QTest::qWait(30);
            QVERIFY(edge.sizes().value(0) >= 180);
            desk.window.resize(1280, 800);
            QTest::qWait(30);
            QCOMPARE(edge.sizes().value(1), given);
            QTest::keyClick(&desk.window, Qt::Key_F9);
            QTRY_COMPARE(edge.sizes().value(1), 0);
            QTest::keyClick(&desk.window, Qt::Key_F9);
            QTRY_COMPARE(edge.sizes().value(1), given);
        }
        Desk again;
        QVERIFY(again.open_demo());
        again.window.resize(1280, 800);
        QTest::qWait(50);
        QCOMPARE(again.window.findChild<BenchEdge*>()->sizes().value(1), given);
    }

    /// A form that is longer than the bench is scrolled, to what Tab leads to.
    void journey_a_long_form_is_scrolled() {
        Desk desk;
        desk.window.open_path(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
        QVERIFY(desk.settle());
        desk.window.resize(1280, 800);
        desk.window.go_to_stop(Stop::Motion);
        auto& edge = *desk.window.findChild<BenchEdge*>();
        drag_handle(edge, 160);
        auto* peak = desk.window.findChild<QDoubleSpinBox*>("peak value");
        QVERIFY(peak);
        FormArea* area = nullptr;
        for (auto* up = peak->parentWidget(); up && !area; up = up->parentWidget())
            area = dynamic_cast<FormArea*>(up);
        QVERIFY(area && area->verticalScrollBar()->maximum() > 0);
        auto* before = desk.window.findChild<QDoubleSpinBox*>("rest value");
        QVERIFY(before);
        before->setFocus();
        QTest::keyClick(before, Qt::Key_Tab);
        QTRY_VERIFY(area->viewport()->rect().contains(peak->mapTo(area->viewport(), peak->rect().center())));
    }

    /// What is selected is in sight after the window became smaller, in both drawings.
    void journey_what_is_selected_stays_in_sight() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.resize(1500, 880);
        auto& timeline = desk.window.timeline();
        QTest::qWait(50);
        timeline.show_range(desk.bar(10), desk.bar(22));
        const PinId pin = desk.markers().pins.back().id; // far to the right
        timeline.show_range(Seconds(0),
                            Seconds(resolve(desk.project(), desk.markers()).pins.back().time.value + 1));
        desk.window.view().select({pin});
        const auto is_seen = [&](Canvas& drawing) {
            return drawing.rect().contains(drawing.head_position(pin).toPoint());
        };
        QVERIFY(is_seen(timeline));
        for (const QSize size : {QSize(1300, 800), QSize(1024, 700)}) {
            desk.window.resize(size);
            QTest::qWait(50);
            QVERIFY2(is_seen(timeline), qPrintable(QString::number(size.width())));
        }
        desk.window.resize(1500, 880);
        desk.window.action("score")->trigger();
        auto& score = desk.window.score();
        QVERIFY(QTest::qWaitFor([&] { return score.isVisible(); }, 2000));
        score.reveal(Seconds(resolve(desk.project(), desk.markers()).pins.back().time.value));
        QVERIFY(is_seen(score));
        desk.window.resize(1024, 700);
        QTest::qWait(50);
        QVERIFY(is_seen(score));
    }

    /// What is seen has the look of the window's width, whatever was seen when that changed, and wherever the
    /// picture stands.
    void journey_one_look_for_all_that_is_seen() {
        Desk desk;
        desk.window.resize(1280, 800);
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Place);
        std::map<QString, QSize> wide;
        const auto look_through = [&](const std::function<void(const QString&, QSize)>& each) {
            for (int stop = 0; stop <= static_cast<int>(Stop::Export); ++stop) {
                desk.window.go_to_stop(static_cast<Stop>(stop));
                QTest::qWait(20);
                for (const auto* button :
                     desk.window.findChild<QWidget*>("bench area")->findChildren<QPushButton*>())
                    if (button->isVisible() &&
                        button->property("role").toString() != "small" && // narrow anyway
                        !button->objectName().isEmpty() && !button->text().isEmpty())
                        each(QString("%1 %2").arg(stop).arg(button->objectName()), button->sizeHint());
            }
        };
        look_through([&](const QString& name, QSize size) { wide.emplace(name, size); });
        QVERIFY2(wide.size() > 30, qPrintable(QString::number(wide.size())));
        desk.window.resize(1024, 700);
        int narrower = 0;
        QStringList as_wide;
        look_through([&](const QString& name, QSize size) {
            const auto before = wide.find(name);
            if (before != wide.end() && size.width() < before->second.width())
                ++narrower;
            else if (before != wide.end())
                as_wide << name;
        });
        QVERIFY2(narrower > 25 && as_wide.empty(),
                 qPrintable(QString("%1 narrower; not: %2").arg(narrower).arg(as_wide.join(", "))));
        desk.click("picture beside");
        desk.window.resize(1280, 800);
        desk.click("picture in bench");
        look_through([&](const QString& name, QSize size) {
            if (const auto before = wide.find(name); before != wide.end())
                QVERIFY2(size == before->second, qPrintable(name));
        });
    }

    void journey_the_picture_stands_beside_in_a_wide_window() {
        Desk desk;
        desk.window.resize(1680, 1000);
        QVERIFY(desk.open_demo());
        QCOMPARE(desk.window.picture_room().place(), PicturePlace::Beside);
        desk.window.resize(1280, 800); // it goes with the width
        QTRY_COMPARE(desk.window.picture_room().place(), PicturePlace::Bench);
        desk.window.resize(1680, 1000);
        QTRY_COMPARE(desk.window.picture_room().place(), PicturePlace::Beside);
        desk.click("picture in bench"); // until a person puts it somewhere
        desk.window.resize(1720, 1000);
        QTest::qWait(30);
        QCOMPARE(desk.window.picture_room().place(), PicturePlace::Bench);
    }
};

PULSEPIN_TEST_CLASS(JourneysSteady, "journeys_steady")
#include "journeys_steady.moc"
