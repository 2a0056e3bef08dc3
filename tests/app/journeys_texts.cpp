// SPDX-License-Identifier: GPL-3.0-or-later
//
// Every text is whole, or told whole to a mouse that rests on it, and nothing lies on anything else: on each
// page, for each kind of lane and what is selected in it, in the sizes of window that are promised.
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/piece_edits.h"
#include "model/shot_edits.h"
#include "pages/stops/stop_panel.h"
#include "support/motion_desk.h"
#include "support/test_program.h"
#include "support/whole_texts.h"

#include <QListWidget>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

const char* const long_name = "The second camera, seen from the roof of the house by the lake";

Project with_long_names(Project project) {
    for (std::size_t i = 0; i < project.lanes.size(); ++i)
        project = *with_lane_named(project, project.lanes[i]->id, long_name + std::to_string(i));
    return project;
}

/// Of every kind some, so that there are thirty.
Project with_thirty_lanes(Project project) {
    while (project.lanes.size() < 30)
        for (const LaneKind kind : lane_kinds())
            project = with_lane(project, kind,
                                std::string(kind->plural) + " " + std::to_string(project.lanes.size()));
    return project;
}

Project upright(const Project& project) {
    return *with_picture_size(project, 1080, 1920);
}

/// Stops, their pages, and the first pin of a lane of each kind.
template <class Look>
void visit_all(Desk& desk, const Look& look) {
    for (int stop = 0; stop < 7; ++stop) {
        desk.window.go_to_stop(static_cast<Stop>(stop));
        std::set<LaneKind> seen;
        for (const auto& lane : desk.project().lanes) {
            if (!seen.insert(lane->kind).second)
                continue;
            desk.window.view().choose_lane(lane->id);
            desk.window.view().select(lane->pins.empty() ? PinSet{} : PinSet{lane->pins.front().id});
            std::vector<QPointer<QPushButton>> pages;
            for (auto* button : desk.window.findChildren<QPushButton*>())
                if (button->isVisible() && button->objectName().startsWith("page "))
                    pages.emplace_back(button);
            if (pages.empty())
                pages.emplace_back(nullptr);
            for (const auto& page : pages) {
                if (page)
                    page->click();
                QTest::qWait(5);
                look(QString("stop %1, %2, %3")
                         .arg(stop + 1)
                         .arg(QString::fromStdString(std::string(lane->kind->plural)),
                              page ? page->objectName() : QString("-")));
            }
        }
    }
}

} // namespace

class JourneysTexts : public QObject {
    Q_OBJECT
private slots:
    void journey_all_texts_are_whole_data() {
        QTest::addColumn<QString>("piece");
        QTest::addColumn<QSize>("size");
        for (const QSize size : {QSize(1280, 800), QSize(1024, 700)})
            for (const QString piece : {"motion", "thirty lanes", "long names", "upright"})
                QTest::newRow(qPrintable(QString("%1 at %2").arg(piece).arg(size.width()))) << piece << size;
    }
    void journey_all_texts_are_whole() {
        QFETCH(QString, piece);
        QFETCH(QSize, size);
        Desk desk;
        desk.window.open_path(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
        QVERIFY(desk.settle());
        if (piece == "thirty lanes")
            desk.window.document().apply(with_thirty_lanes(desk.project()), "lanes");
        if (piece == "long names")
            desk.window.document().apply(with_long_names(desk.project()), "names");
        if (piece == "upright")
            desk.window.document().apply(upright(desk.project()), "upright");
        desk.window.resize(size);
        QTest::qWait(300); // all pages are there
        // A shot that is a camera, chosen at the stop Song.
        QVERIFY(desk.window.document().apply(
            with_camera(desk.project(), desk.project().bin->front().id, Seconds(1234.567)), "camera"));
        desk.window.findChild<QListWidget*>("bin")->setCurrentRow(0);
        QStringList complaints;
        visit_all(desk, [&](const QString& where) {
            for (const auto& text : cut_texts(desk.window))
                if (complaints.filter(text).isEmpty())
                    complaints << where + ": " + text;
            if (const QString both = lying_on_each_other(desk.window); !both.isEmpty())
                complaints << where + ": " + both + " lie on each other";
        });
        for (const auto& complaint : complaints) // a message would be cut off
            qWarning("%s", qPrintable(complaint));
        QVERIFY(complaints.isEmpty());
    }
};

PULSEPIN_TEST_CLASS(JourneysTexts, "journeys_texts")
#include "journeys_texts.moc"
