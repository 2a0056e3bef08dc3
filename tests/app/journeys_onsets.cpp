// SPDX-License-Identifier: GPL-3.0-or-later
//
// Onsets corrected with the mouse, and a row made of two others placed on as one.
#include "model/onset_edits.h"
#include "support/desk.h"
#include "support/test_program.h"

#include <QCheckBox>
#include <QLabel>
#include <QSlider>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysOnsets : public QObject {
    Q_OBJECT

    static const OnsetRow& row(Desk& desk, std::size_t index) {
        return desk.project().detection->rows[index];
    }
    static QPoint at(Desk& desk, std::size_t index, Seconds time) {
        auto& timeline = desk.window.timeline();
        return {static_cast<int>(std::lround(timeline.scale().x(time))),
                static_cast<int>(std::lround(timeline.onset_row(index).center().y()))};
    }

    static bool nearly(const QColor& a, const QColor& b) {
        return std::abs(a.red() - b.red()) + std::abs(a.green() - b.green()) + std::abs(a.blue() - b.blue()) <
               60;
    }

private slots:
    void journey_four_onsets_are_corrected_and_survive_another_method() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        auto& timeline = window.timeline();
        timeline.show_range(desk.bar(13), desk.bar(16));
        timeline.grab();
        const std::size_t kick = 1;
        const auto before = row(desk, kick).onsets;
        std::vector<Seconds> seen;
        for (const auto& onset : before)
            if (onset.time > desk.bar(13) + Seconds(0.2) && onset.time < desk.bar(16) - Seconds(0.2))
                seen.push_back(onset.time);
        QVERIFY(seen.size() >= 4);
        // One dragged, one added by a double click, one deleted by its key, one made weaker by its menu's
        // edit.
        desk.drag(at(desk, kick, seen[0]), at(desk, kick, seen[0]) + QPoint(9, 0));
        QCOMPARE(window.document().undo_name(), QString("move onset"));
        const Seconds moved = window.view().onset()->time;
        QVERIFY(std::abs((moved - seen[0]).value - 9 / timeline.scale().pixels_per_second) < 0.004);
        QTest::mouseDClick(&timeline, Qt::LeftButton, {},
                           at(desk, kick, Seconds((seen[1].value + seen[2].value) / 2)));
        const Seconds added_at = window.view().onset()->time;
        QCOMPARE(row(desk, kick).onsets.size(), before.size() + 1);
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, at(desk, kick, seen[2]));
        QVERIFY(window.view().onset());
        timeline.setFocus();
        desk.key(Qt::Key_Delete);
        QCOMPARE(row(desk, kick).onsets.size(), before.size());
        QCOMPARE(window.document().undo_name(), QString("delete onset"));
        window.document().apply(with_onset_strength(desk.project(), kick, seen[3], 0.1f),
                                "strength of onset");
        QCOMPARE(row(desk, kick).by_hand.size(), std::size_t{4});
        // They are told, and drawn apart.
        window.go_to_stop(Stop::Grid);
        desk.click("page Onsets");
        bool told = false;
        for (const auto* label : window.findChildren<QLabel*>())
            told = told || says(label->text(), "4 by hand");
        QVERIFY(told);
        const QPoint deleted = at(desk, kick, seen[2]);
        const auto inked = [&] {
            const QImage mark = timeline.grab(QRect(deleted - QPoint(5, 5), QSize(11, 11))).toImage();
            int found = 0;
            for (int y = 0; y < mark.height(); ++y)
                for (int x = 0; x < mark.width(); ++x) // smoothed, and a bar line may run through it
                    found += nearly(mark.pixelColor(x, y), day_palette().selection);
            return found;
        };
        QVERIFY(inked() > 0);
        // Found in another way, and more readily: what was corrected stays so.
        choose(desk, "function 2", "All that starts");
        QVERIFY(desk.settle());
        QCOMPARE(row(desk, kick).function, std::string("full"));
        QCOMPARE(row(desk, kick).by_hand.size(), std::size_t{4});
        const auto has = [&](Seconds time) {
            const auto& onsets = row(desk, kick).onsets;
            return std::any_of(onsets.begin(), onsets.end(), [&](const FoundOnset& onset) {
                return std::abs((onset.time - time).value) < 1e-6;
            });
        };
        QVERIFY(has(moved) && has(added_at) && !has(seen[2]) && !has(seen[0]));
        // The song listened to once more.
        window.document().detection().detect({}, false);
        QVERIFY(desk.settle());
        window.document().detection().take_proposal();
        QCOMPARE(row(desk, kick).by_hand.size(), std::size_t{4});
        // One of them taken back.
        window.document().apply(with_correction_taken_back(desk.project(), kick, seen[2]), "take back");
        QCOMPARE(row(desk, kick).by_hand.size(), std::size_t{3});
    }

    // A tick beside a row that is shown, but kept nowhere, ended the program.
    void journey_rows_are_ticked_before_beats_are_found_and_after_an_undo() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        auto& document = window.document();
        auto& detection = document.detection();
        Project bare = desk.project();
        bare.detection = nullptr;
        document.apply(bare, "never listened to");
        window.go_to_stop(Stop::Grid);
        desk.click("page Onsets");
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete); // lines of what was heard before
        int shown_alone = 0;
        const QObject here;
        connect(&detection, &DetectionController::shown_changed, &here, [&] {
            if (!detection.shown() || desk.project().detection)
                return;
            ++shown_alone;
            auto* box = window.findChild<QCheckBox*>("row shown 1");
            QVERIFY(box && !box->isEnabled());
            box->toggle();
        });
        detection.detect({}, false);
        QVERIFY(desk.settle());
        QCOMPARE(shown_alone, 1);
        QVERIFY(desk.project().detection);
        QVERIFY(window.findChild<QCheckBox*>("row shown 1")->isEnabled());
        // One that is tried out when what it is a row of goes.
        auto* readily = window.findChild<QSlider*>("sensitivity 1");
        readily->setSliderDown(true);
        readily->setValue(readily->value() + 20);
        QVERIFY(desk.settle());
        QVERIFY(detection.shown() != desk.project().detection);
        auto* box = window.findChild<QCheckBox*>("row shown 1");
        document.undo();
        QVERIFY(!desk.project().detection && !detection.shown());
        box->toggle(); // its line goes when it is looked at next
        QVERIFY(!desk.project().detection);
        document.redo();
        QVERIFY(desk.settle());
        QCOMPARE(detection.shown(), desk.project().detection);
    }

    void journey_a_beat_is_listened_to_closely_and_moved_by_ear() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.timeline().show_all();
        const auto whole = window.timeline().scale().pixels_per_second;
        window.view().set_playhead(desk.bar(14, 3) + Seconds(0.03));
        window.timeline().setFocus();
        desk.key(Qt::Key_Y);
        QVERIFY(window.player().playing());
        QCOMPARE(window.player().speed(), 0.5);
        const auto beat = desk.project().grid->ticks_of({14, 3, 0}).value / ticks_per_beat;
        QCOMPARE(*window.view().beat(), beat);
        QVERIFY(window.view().looping());
        QVERIFY(window.view().range()->from < desk.bar(14, 2) &&
                window.view().range()->until > desk.bar(14, 4));
        QVERIFY(window.timeline().scale().pixels_per_second > 5 * whole);
        const Seconds was = desk.bar(14, 3);
        desk.key(Qt::Key_BracketRight);
        desk.key(Qt::Key_BracketRight);
        QVERIFY(std::abs((desk.bar(14, 3) - was).value - 0.002) < 1e-6);
        desk.key(Qt::Key_BraceLeft);
        QVERIFY(std::abs((desk.bar(14, 3) - was).value - 0.002 + 1.0 / 24) < 1e-6);
        desk.key(Qt::Key_Backslash);
        const auto& onsets = desk.project().detection->onsets();
        QVERIFY(std::any_of(onsets.begin(), onsets.end(), [&](const FoundOnset& onset) {
            return std::abs((onset.time - desk.bar(14, 3)).value) < 1e-6;
        }));
        // A second time all is as it was, but for the beat.
        desk.key(Qt::Key_Y);
        QVERIFY(!window.player().playing() && window.player().speed() == 1.0 && !window.view().range());
        QVERIFY(std::abs(window.timeline().scale().pixels_per_second - whole) < 1e-6);
    }

    void journey_every_kick_or_snare_as_one_planting() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.go_to_stop(Stop::Grid);
        desk.click("page Onsets");
        once_a_dialog_is_open(900, [] {
            auto* dialog = QApplication::activeModalWidget();
            QVERIFY(dialog && dialog->objectName() == "merge rows");
            QTest::mouseClick(dialog->findChild<QCheckBox*>("any kick"), Qt::LeftButton, {}, QPoint(8, 8));
            QTest::mouseClick(dialog->findChild<QCheckBox*>("any snare"), Qt::LeftButton, {}, QPoint(8, 8));
            QTest::keyClick(dialog, Qt::Key_Return);
        });
        choose_from_menu(window.findChild<QPushButton*>("add a band"), {"Of other rows"});
        const auto& rows = desk.project().detection->rows;
        QCOMPARE(rows.back().name, std::string("kick or snare"));
        const auto kicks = rows[1].onsets.size(), snares = rows[2].onsets.size(),
                   both = rows.back().onsets.size();
        QVERIFY(both > std::max(kicks, snares) && both <= kicks + snares);
        window.go_to_stop(Stop::Place);
        choose(desk, "lane choice", "Markers");
        choose(desk, "source", "onsets of");
        choose(desk, "source row", QString::fromStdString(rows.back().name));
        choose(desk, "every", "one");
        desk.type("from", "13");
        desk.type("until", "17");
        const auto before = desk.markers().pins.size();
        desk.click("place");
        std::size_t there = 0;
        for (const auto& onset : rows.back().onsets)
            there += onset.time > desk.bar(13) - Seconds(0.001) && onset.time < desk.bar(17) - Seconds(0.001);
        QVERIFY(desk.markers().pins.size() - before >= there - 1 &&
                desk.markers().pins.size() - before <= there);
    }
};

PULSEPIN_TEST_CLASS(JourneysOnsets, "journeys_onsets")
#include "journeys_onsets.moc"
