// SPDX-License-Identifier: GPL-3.0-or-later
//
// The first ten minutes: what an empty window offers, and the walk through the demo up to its first film.
#include "shell/walk.h"
#include "shell/welcome.h"
#include "support/desk.h"
#include "support/file_dialog.h"
#include "support/test_program.h"

#include <QFileInfo>
#include <QLabel>
#include <QPushButton>
#include <QSignalSpy>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Welcome* welcome(Desk& desk) {
    return desk.window.findChild<Welcome*>("welcome");
}

bool at_step(const Walk* walk, std::size_t step) {
    return QTest::qWaitFor([&] { return walk->step() == step; }, 10'000);
}

} // namespace

class JourneysBegin : public QObject {
    Q_OBJECT
private slots:
    void journey_an_empty_window_says_how_to_begin() {
        QSettings().setValue("recent",
                             QStringList{QFileInfo(demo).absoluteFilePath(), "/gone/away.pulsepin"});
        Desk desk;
        QVERIFY(welcome(desk) && welcome(desk)->isVisible());
        for (const char* name : {"welcome walk", "welcome song", "welcome project", "welcome template"})
            QVERIFY2(desk.window.findChild<QPushButton*>(name)->isVisible(), name);
        // The recent project with its length and tempo; what is gone is left out.
        QVERIFY(desk.settle());
        const auto recent = desk.window.findChildren<QPushButton*>("recent project");
        QCOMPARE(recent.size(), 1);
        QStringList told;
        for (const auto* label : recent.front()->findChildren<QLabel*>())
            told << label->text();
        QVERIFY2(told.contains("kite-day") && told.join(' ').contains("1:05") &&
                     told.join(' ').contains("118 BPM"),
                 qPrintable(told.join('|')));
        // The card is as wide as what it holds.
        QVERIFY(welcome(desk)->contentsRect().contains(
            QRect(recent.front()->mapTo(welcome(desk), QPoint(0, 0)), recent.front()->size())));
        // It lies inside of the drawings, whatever the window's size.
        for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
            desk.window.resize(size);
            QTest::qWait(60);
            const QRect inside = welcome(desk)->parentWidget()->rect();
            QVERIFY(inside.contains(welcome(desk)->geometry()));
        }
        QTest::mouseClick(recent.front(), Qt::LeftButton);
        QVERIFY(desk.settle());
        QVERIFY(desk.project().song);
        QVERIFY(!welcome(desk)->isVisible());
        // A new project is empty again.
        desk.window.document().start_new();
        QVERIFY(welcome(desk)->isVisible());
        desk.click("welcome away");
        QVERIFY(!welcome(desk)->isVisible());
        QSettings().remove("recent");
    }

    /// From nothing to the first film: what is done is counted, and is done by keys wherever the walk names
    /// some.
    void journey_the_walk_leads_to_a_film() {
        Desk desk;
        desk.window.resize(1280, 800);
        QTest::qWait(60);
        QSignalSpy wanted(welcome(desk), &Welcome::walk_wanted);
        auto* begin = desk.window.findChild<QPushButton*>("welcome walk");
        QVERIFY(begin && begin->isVisible() && QTest::qWaitFor([&] { return begin->width() < 300; }, 2000));
        begin->click();
        QCOMPARE(wanted.size(), 1);
        QVERIFY(QTest::qWaitFor([&] { return !desk.window.document().path().empty(); }, 10'000));
        QVERIFY(desk.settle());
        auto* walk = desk.window.findChild<Walk*>("walk");
        QVERIFY2(!Walk::demo().isEmpty(), "the demo was not found beside the program");
        QCOMPARE(QString::fromStdString(desk.window.document().path().string()), Walk::demo());
        QVERIFY(walk && walk->isVisible());
        int actions = 1;
        const auto press = [&](Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
            desk.key(key, modifiers);
            ++actions;
        };
        const auto click = [&](const char* name) {
            desk.click(name);
            ++actions;
        };
        QCOMPARE(walk->step(), std::size_t{0});
        press(Qt::Key_Space);
        QVERIFY(at_step(walk, 1));
        press(Qt::Key_Space);
        QVERIFY(at_step(walk, 2));
        // What is not asked for does not go on.
        desk.key(Qt::Key_M);
        QTest::qWait(300);
        QCOMPARE(walk->step(), std::size_t{2});
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        press(Qt::Key_2, Qt::ControlModifier);
        QVERIFY(at_step(walk, 3));
        // What is to be pressed has a ring around it, and nothing lies over it.
        auto* twice = desk.window.findChild<QPushButton*>("double");
        const QRect place(twice->mapTo(&desk.window, QPoint()), twice->size());
        QVERIFY(QTest::qWaitFor(
            [&] { return desk.window.findChild<QFrame*>("walk ring")->geometry().contains(place); }, 2000));
        QVERIFY(!walk->geometry().intersects(place));
        click("double");
        QVERIFY(at_step(walk, 4));
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(at_step(walk, 5));
        press(Qt::Key_4, Qt::ControlModifier);
        QVERIFY(at_step(walk, 6));
        click("place");
        QVERIFY(at_step(walk, 7));
        press(Qt::Key_Space);
        QVERIFY(at_step(walk, 8));
        press(Qt::Key_Space);
        QVERIFY(at_step(walk, 9));
        press(Qt::Key_6, Qt::ControlModifier);
        QVERIFY(at_step(walk, 10));
        press(Qt::Key_7, Qt::ControlModifier);
        QVERIFY(at_step(walk, 11));
        QTemporaryDir folder;
        const QString film = folder.filePath("first film.mp4");
        save_as(film);
        // A small one: that it comes to its end is what is asked here.
        desk.window.findChild<QComboBox*>("film size")->setEditText("320 x 180");
        click("render film");
        ++actions; // the name
        QVERIFY(at_step(walk, 12));
        QVERIFY2(actions <= 25, qPrintable(QString::number(actions)));
        desk.click("leave walk");
        QVERIFY(QTest::qWaitFor([&] { return !desk.window.findChild<Walk*>("walk"); }, 2000));
        QVERIFY(QTest::qWaitFor(
            [&] { return QFileInfo(film).size() > 10'000 && !desk.window.document().jobs().busy(); },
            120'000));
    }
};

PULSEPIN_TEST_CLASS(JourneysBegin, "journeys_begin")
#include "journeys_begin.moc"
