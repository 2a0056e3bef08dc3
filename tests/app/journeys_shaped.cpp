// SPDX-License-Identifier: GPL-3.0-or-later
//
// In the real window: followers that are shaped and corrected by hand, their tops as a row, and rhythms
// tapped without music or on a pad.
#include "drawing/timeline/curve_lanes.h"
#include "model/anchored_time.h"
#include "session/devices/midi_keys.h"
#include "support/motion_desk.h"
#include "support/test_program.h"

#include <QLabel>
#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysShaped : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] std::filesystem::path file(const char* name) const {
        return dir_.filePath(name).toStdString();
    }

private slots:
    void journey_a_kick_band_followed_shaped_and_corrected() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        const LaneId lane = add_motion_lane(desk, "Follower", "Kick");
        // It starts filled.
        QVERIFY(desk.settle());
        const auto curve = [&] { return desk.window.document().followers().at(lane); };
        const auto highest = [&] {
            return *std::max_element(curve()->values().begin(), curve()->values().end());
        };
        QVERIFY(std::abs(highest() - 1) < 1e-4f);
        choose(desk, "follower band", "band: kick");
        desk.click("follower alone");
        QVERIFY(desk.settle());
        const auto& alone = desk.window.document().sounds().alone();
        QVERIFY(alone && alone->from_hz == 30 && alone->until_hz == 110);
        // Cut to "from 0.02 to 0.2" of what the song has: the step takes the place of the first one.
        desk.click("step 1 remove");
        choose(desk, "add step", "From ... to");
        number(desk, "step 1 from", 0.02);
        number(desk, "step 1 to", 0.2);
        QVERIFY(desk.settle());
        QVERIFY(highest() <= 1 && highest() > 0.2f);
        // Both levels are lines in the lane; one is dragged.
        timeline.reveal_lane(lane);
        timeline.show_range(desk.bar(13), desk.bar(15));
        timeline.grab();
        const QRectF row = timeline.lane_row(lane);
        const QPoint on_line(static_cast<int>(row.left()) + 40,
                             static_cast<int>(std::lround(timeline.level_line_y(lane, "to").value_or(0))));
        QVERIFY(on_line.y() > row.top());
        desk.drag(on_line, on_line + QPoint(0, 6));
        QCOMPARE(desk.window.document().undo_name(), QString("move level"));
        const double dragged =
            part_of<Motion>(*desk.project().lane(lane))->follower.steps[0].values.number("to");
        QVERIFY2(dragged < 0.2 && dragged > 0.05, qPrintable(QString::number(dragged)));
        QVERIFY(desk.settle());

        // One top is lifted by hand: it is taken at its hit.
        const auto rate_of = desk.project().settings->frame_rate;
        const auto tops =
            peaks_of(curve()->values(), 0.15f, static_cast<std::size_t>(0.3 * curve()->per_second()));
        const auto inside = std::find_if(tops.begin(), tops.end(), [&](const CurvePeak& top) {
            const Seconds at(static_cast<double>(top.index) / curve()->per_second());
            return at > desk.bar(13) + Seconds(0.3) && at < desk.bar(15) - Seconds(0.3) && top.value < 0.9f;
        });
        QVERIFY(inside != tops.end());
        const Seconds hit(static_cast<double>(inside->index) / curve()->per_second());
        const auto height = [&](Seconds at) { return curve()->share_at(at.value * rate_of.per_second()); };
        const double before = height(hit);
        const Lane& shown = *desk.project().lane(lane);
        const CurveScale scale = curve_scale(shown, desk.window.document().spans(lane), row.height());
        const QPoint top(static_cast<int>(std::lround(timeline.scale().x(hit))),
                         static_cast<int>(std::lround(row.top() + scale.y(before))));
        desk.drag(top, top + QPoint(0, 12), Qt::NoModifier);
        QCOMPARE(desk.window.document().undo_name(), QString("lift top"));
        QCOMPARE(desk.project().lane(lane)->pins.size(), std::size_t{1});
        QVERIFY(desk.settle());
        const double lowered = height(hit);
        QVERIFY2(lowered < before - 0.1, qPrintable(QString("%1 to %2").arg(before).arg(lowered)));
        const auto key = body_of<KeyBody>(desk.project().lane(lane)->pins[0].body);

        // The sensitivity changes, the grid is moved: the correction stays on its hit.
        number(desk, "step 1 to", 0.15);
        QVERIFY(desk.settle());
        desk.window.go_to_stop(Stop::Grid);
        desk.window.action("off-beats")->trigger();
        QVERIFY(desk.settle());
        const auto& pin = desk.project().lane(lane)->pins[0];
        QVERIFY(std::abs((*anchored_time(pin.anchor, desk.project()) - hit).value) < 0.03);
        QCOMPARE(body_of<KeyBody>(pin.body), key);
    }

    /// What was undone gives its number back: the page that it was shown on, and that is not seen any more,
    /// takes the next lane of that number for no follower.
    void journey_a_lane_in_the_place_of_a_follower_that_was_undone() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LaneId level = add_motion_lane(desk, "Follower", "Level");
        const LaneId blur = add_motion_lane(desk, "Keys", "Blur");
        const LaneId kick = add_motion_lane(desk, "Follower", "Kick");
        auto* lanes = desk.window.findChild<QComboBox*>("motion lane");
        lanes->setCurrentIndex(row_of(lanes, "Blur"));
        desk.window.view().choose_lane(blur);
        QVERIFY(desk.settle());
        auto& document = desk.window.document();
        while (desk.project().lane(kick))
            document.undo();
        QVERIFY(desk.project().lane(blur));
        document.apply(with_lane(desk.project(), kind_of(body_type<MarkerBody>), "Hints"), "add lane");
        QVERIFY(holds<MarkerBody>(desk.project().lane(kick)->kind));
        // The other follower is computed again, of which all pages of followers hear.
        QSignalSpy computed(&document, &Document::followers_changed);
        Motion other = *part_of<Motion>(*desk.project().lane(level));
        other.follower.steps.clear();
        QVERIFY(document.apply(with_motion(desk.project(), level, other), "take away step"));
        QVERIFY(desk.settle());
        QVERIFY(!computed.isEmpty());
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(part_of<Motion>(*desk.project().lane(level))->follower.steps.size(), std::size_t{1});
        lanes->setCurrentIndex(row_of(lanes, "Level"));
        QVERIFY(desk.settle());
        QVERIFY(desk.window.findChild<QComboBox*>("follower band")->isEnabled());
    }

    void journey_a_planting_on_a_followers_tops() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LaneId lane = add_motion_lane(desk, "Follower", "Level");
        QVERIFY(desk.settle());
        desk.window.go_to_stop(Stop::Mark);
        once_a_dialog_is_open(400, [&] {
            auto* dialog = QApplication::activeModalWidget();
            QVERIFY(dialog && dialog->objectName() == "tops of a follower");
            dialog->findChild<QDoubleSpinBox*>("tops prominence")->setValue(0.2);
            QVERIFY(says(dialog->findChild<QLabel*>("tops found")->text(), "peaks"));
            qobject_cast<QDialog*>(dialog)->accept();
        });
        choose_from_menu(desk.window.findChild<QPushButton*>("add a band"), {"From envelope peaks"});
        const auto row = [&]() -> const OnsetRow& { return desk.project().detection->rows.back(); };
        QCOMPARE(row().name, std::string("peaks of Level"));
        const auto found = row().onsets.size();
        QVERIFY(found > 10);
        // Live: the follower changes, and the row with it, without a step of its own.
        const QString last = desk.window.document().undo_name();
        desk.window.go_to_stop(Stop::Motion);
        desk.window.view().set_motion_lane(lane);
        choose(desk, "add step", "Threshold");
        number(desk, "step 2 at", 0.8);
        QVERIFY(desk.settle());
        QVERIFY2(row().onsets.size() < found, qPrintable(QString::number(row().onsets.size())));
        QCOMPARE(desk.window.document().undo_name(), QString("change step"));
        // Placed on, as on any row; here with the kicks, as one source.
        const auto before = desk.markers().pins.size();
        place_on(desk, "Markers", "onsets of", "one", ("kick + " + row().name).c_str());
        const auto together = desk.markers().pins.size() - before;
        place_on(desk, "Markers", "onsets of", "one", row().name.c_str());
        const auto tops = desk.markers().pins.size() - before - together;
        QVERIFY2(together > tops && tops > 0, qPrintable(QString("%1, %2").arg(together).arg(tops)));
    }

    void journey_eight_taps_without_music_laid_at_the_playhead() {
        Desk desk; // an empty project, without a song
        desk.window.go_to_stop(Stop::Grid);
        desk.window.timeline().setFocus();
        for (int i = 0; i < 3; ++i) { // a first round
            desk.key(Qt::Key_T);
            QTest::qWait(150);
        }
        QTest::qWait(4200); // a pause
        for (int i = 0; i < 8; ++i) {
            desk.key(Qt::Key_T);
            QTest::qWait(i == 7 ? 0 : 250);
        }
        auto* rounds = desk.window.findChild<QComboBox*>("round of taps");
        QCOMPARE(rounds->count(), 2); // the first one is still there
        QVERIFY(rounds->itemText(1).contains("8 taps"));
        desk.window.view().set_playhead(Seconds(12));
        const auto before = desk.markers().pins.size();
        // At a stated tempo: eight quarters at 240 land on quarters of its beats.
        desk.window.findChild<QDoubleSpinBox*>("tapped at")->setValue(240);
        desk.click("taps for rhythm");
        QCOMPARE(desk.markers().pins.size(), before + 8);
        std::vector<double> times;
        for (const auto& pin : desk.markers().pins)
            times.push_back(anchored_time(pin.anchor, desk.project())->value);
        QCOMPARE(times.front(), 12.0);
        for (std::size_t i = 1; i < times.size(); ++i)
            QVERIFY(std::abs(std::remainder(times[i] - 12, 0.0625)) < 1e-9);
        QVERIFY(std::abs(times.back() - 12 - 7 * 0.25) < 0.3);
        // The earlier round is chosen: three marks at its times.
        rounds->setCurrentIndex(0);
        emit rounds->activated(0);
        desk.click("taps for markers");
        QCOMPARE(desk.markers().pins.size(), before + 11);
        desk.click("taps for row");
        QCOMPARE(desk.project().detection->rows.back().onsets.size(), std::size_t{3});
    }

    void journey_a_pad_is_struck() {
        // Bytes as a pad sends them: running status, a clock between, a note that ends.
        MidiBytes bytes;
        std::vector<MidiBytes::Note> notes;
        for (const int byte : {0x90, 36, 0xf8, 100, 38, 64, 36, 0, 0x80, 38, 10, 0x91, 42, 1})
            if (const auto note = bytes.take(static_cast<std::uint8_t>(byte)))
                notes.push_back(*note);
        QCOMPARE(notes, (std::vector<MidiBytes::Note>{{36, 100}, {38, 64}, {42, 1}}));

        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Grid);
        const auto pipe = file("pad");
        QCOMPARE(::mkfifo(pipe.c_str(), 0600), 0);
        auto pad = open_simulated_pad(pipe);
        QVERIFY(pad.has_value());
        desk.window.grids().tap_by_keys(*std::move(pad));
        const int sending = ::open(pipe.c_str(), O_WRONLY | O_CLOEXEC);
        QVERIFY(sending >= 0);
        for (const int velocity : {127, 64, 32}) {
            const std::uint8_t note[] = {0x99, 36, static_cast<std::uint8_t>(velocity)};
            QCOMPARE(::write(sending, note, sizeof note), ssize_t{3});
            QTest::qWait(200);
        }
        ::close(sending);
        desk.click("taps for row");
        const auto& row = desk.project().detection->rows.back();
        QCOMPARE(row.onsets.size(), std::size_t{3});
        QVERIFY(std::abs(row.onsets[1].strength - 64.0f / 127) < 1e-3f);
        QVERIFY(row.onsets[2].strength < row.onsets[1].strength);
        QVERIFY(!open_simulated_pad(file("nothing here")).has_value());
    }
};

PULSEPIN_TEST_CLASS(JourneysShaped, "journeys_shaped")
#include "journeys_shaped.moc"
