// SPDX-License-Identifier: GPL-3.0-or-later
//
// Events heard and seen: clicks and lamps of lanes and rows, outlined places before they are placed; and the
// way from a song to a dip on every kick and clap.
#include "hand/event_keys.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "session/event_clicks.h"
#include "stage/staged_frame.h"
#include "support/desk.h"
#include "support/test_program.h"

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysEvents : public QObject {
    Q_OBJECT

    static std::vector<Player::Event> heard(Desk& desk) {
        return events_to_hear(desk.window.document().schedule(),
                              desk.window.document().detection().shown().get(), desk.window.view());
    }

private slots:
    void journey_a_lane_and_a_row_click_and_light_up() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        auto& timeline = window.timeline();
        timeline.grab();
        QVERIFY(heard(desk).empty());
        const LaneId cuts = desk.cuts().id;
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, timeline.switch_position(cuts, 'C').toPoint());
        QCOMPARE(desk.project().lane(cuts)->click, 1);
        QCOMPARE(heard(desk).size(), desk.cuts().pins.size());
        QVERIFY(says(desk.message(), "knock"));
        // Another one has a sound of its own; with Shift the next one.
        const LaneId markers = desk.markers().id;
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, timeline.switch_position(markers, 'C').toPoint());
        QCOMPARE(desk.project().lane(markers)->click, 2);
        QTest::mouseClick(&timeline, Qt::LeftButton, Qt::ShiftModifier,
                          timeline.switch_position(markers, 'C').toPoint());
        QCOMPARE(desk.project().lane(markers)->click, 3);
        // A row of onsets.
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, timeline.row_click_position(0).toPoint());
        QCOMPARE(desk.project().detection->rows[0].click, 2);
        const auto all = heard(desk);
        QCOMPARE(all.size(), desk.cuts().pins.size() + desk.markers().pins.size() +
                                 desk.project().detection->rows[0].onsets.size());
        // With a lead it is heard where the lane acts, and lit on the frame that acts.
        window.document().apply(with_lead(desk.project(), cuts, Frames(2)), "lead");
        const auto pin = resolve(desk.project(), desk.cuts()).pins[1];
        const auto now = heard(desk);
        QVERIFY(std::any_of(now.begin(), now.end(), [&](const Player::Event& event) {
            return event.sound == 1 && std::abs((event.at - pin.acts_at).value) < 1e-9;
        }));
        const auto rate = desk.project().settings->frame_rate;
        const auto lit_at = [&](Frames frame) {
            window.view().set_playhead(rate.start_of(frame) + Seconds(0.001));
            return timeline.lit(cuts);
        };
        QVERIFY(lit_at(pin.frame));
        QVERIFY(!lit_at(pin.frame - Frames(1)));
        QVERIFY(!lit_at(pin.frame + Frames(1)));
        // What is seen of it: the sign of the lane shines; the switch tells that it clicks, all the time.
        window.view().set_playhead(rate.start_of(pin.frame) + Seconds(0.001));
        const QRectF row = timeline.lane_row(cuts);
        const QImage names =
            timeline.grab(QRect(0, static_cast<int>(row.center().y()) - 12, 26, 24)).toImage();
        QCOMPARE(names.pixelColor(13, 20).rgb(), day_palette().playing.rgb());
        const QPoint at = timeline.switch_position(cuts, 'C').toPoint();
        const QImage sign = timeline.grab(QRect(at - QPoint(7, 8), QSize(15, 17))).toImage();
        QCOMPARE(sign.pixelColor(2, 3).rgb(), day_palette().paper_text.rgb());
        // Muted lanes are silent and dark; a second press turns it off.
        window.document().apply(with_mute_and_solo(desk.project(), cuts, true, false), "mute");
        const auto muted = heard(desk);
        QVERIFY(std::none_of(muted.begin(), muted.end(),
                             [](const Player::Event& event) { return event.sound == 1; }));
        QVERIFY(!timeline.lit(cuts));
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, timeline.switch_position(cuts, 'C').toPoint());
        QCOMPARE(desk.project().lane(cuts)->click, 0);
    }

    void journey_outlined_places_are_heard_before_they_are_placed() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.go_to_stop(Stop::Place);
        choose(desk, "lane choice", "Markers");
        choose(desk, "source", "beats");
        desk.type("from", "17");
        desk.type("until", "19");
        QVERIFY(window.view().outlines());
        QVERIFY(heard(desk).empty());
        desk.click("hear outlines");
        QCOMPARE(heard(desk).size(), window.view().outlines()->outlines.size());
        QVERIFY(std::abs(heard(desk)[0].at.value - desk.bar(17).value) < 1e-6);
        choose(desk, "every", "4th");
        QCOMPARE(heard(desk).size(), std::size_t{2}); // as they are outlined now
        window.go_to_stop(Stop::Mark);
        QVERIFY(heard(desk).empty());
    }

    // A short one is looked at from nearer while its course is open; closed, what was in view is in view
    // again.
    void journey_a_short_event_is_opened_and_the_view_before_comes_back() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        timeline.show_range(desk.bar(9), desk.bar(21));
        const TimeScale before = timeline.scale();
        const PinId flash = desk.project().first_lane(body_type<TriggerBody>)->pins.front().id;
        desk.window.view().select({flash});
        timeline.setFocus();
        desk.key(Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(desk.window.view().opened_event(), flash);
        QVERIFY(timeline.scale().pixels_per_second > 2 * before.pixels_per_second);
        desk.key(Qt::Key_Escape);
        QCOMPARE(desk.window.view().opened_event(), PinId{});
        QVERIFY(std::abs(timeline.scale().pixels_per_second / before.pixels_per_second - 1) < 0.02);
        QVERIFY(std::abs((timeline.scale().start - before.start).value) < 0.1);
    }

    // Counted: each press, choice and key that a person needs.
    void journey_from_a_song_to_a_dip_on_every_kick_and_clap() {
        Desk desk;
        auto& window = desk.window;
        window.open_path(PULSEPIN_DEMO "/over-the-levee.opus");
        QVERIFY(QTest::qWaitFor([&] { return window.document().sound() != nullptr; }, 30'000));
        int actions = 0;
        const auto act = [&](auto&& what) {
            ++actions;
            what();
        };
        act([&] { desk.key(Qt::Key_D, Qt::ControlModifier); });
        QVERIFY(QTest::qWaitFor([&] { return desk.project().grid != nullptr; }, 60'000));
        QVERIFY(desk.settle());
        act([&] { desk.key(Qt::Key_5, Qt::ControlModifier); });
        // The menu, its entry, then the dialog: brightness of the whole picture, down; taken as it is
        // offered.
        once_a_dialog_is_open(400, [&] {
            auto* dialog = qobject_cast<AddLaneDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            auto* property = dialog->findChild<QComboBox*>("driven property");
            act([&] { property->setCurrentIndex(property->findData("opacity")); });
            act([&] { QTest::keyClick(dialog, Qt::Key_Return); });
        });
        actions += 2;
        choose_from_menu(window.findChild<QPushButton*>("add motion lane"), {"Pulses"});
        const Lane* lane = desk.project().first_lane(body_type<PulseBody>);
        QVERIFY(lane);
        QCOMPARE(QString::fromStdString(lane->name), QString("Camera opacity"));
        const LaneId id = lane->id;
        act([&] { desk.key(Qt::Key_4, Qt::ControlModifier); });
        // The lane that was made is the one that is placed on, on each place.
        QCOMPARE(window.findChild<QComboBox*>("lane choice")->currentData().toULongLong(), id.value);
        QCOMPARE(window.findChild<QComboBox*>("every")->currentData().toInt(), 1);
        act([&] { choose(desk, "source", "onsets of"); });
        std::size_t kicks = 0;
        for (const char* row : {"kick", "snare"}) {
            QVERIFY(window.findChild<RowsField*>("source row"));
            act([&] { choose(desk, "source row", row); });
            act([&] { desk.click("place"); });
            const auto now = desk.project().lane(id)->pins.size();
            QVERIFY2(now > kicks + 20, qPrintable(QString::number(now)));
            kicks = now;
        }
        QVERIFY2(actions <= 12, qPrintable(QString::number(actions)));
        // It dips there: the picture is dark on a kick, whole between.
        const auto& curves = window.document().curves();
        const auto pin = resolve(desk.project(), *desk.project().lane(id)).pins[5];
        const Target target = part_of<Motion>(*desk.project().lane(id))->own.target;
        double lowest = 100;
        for (int i = -2; i < 4; ++i)
            lowest = std::min(
                lowest, driven_value(curves, target, static_cast<double>(pin.frame.value + i)).value_or(100));
        QVERIFY2(lowest < 60, qPrintable(QString::number(lowest)));
    }

    // A double click opens a trigger's course in its lane: keys are added, dragged onto beats and values,
    // eased and taken away there; the trigger made longer, they stretch.
    void journey_an_event_with_four_keys_stretched_from_four_to_eight_beats() {
        Desk desk;
        QVERIFY(desk.open_demo() && desk.settle()); // a song that arrives later is shown whole
        desk.window.resize(1280, 800);
        TriggerBody body;
        body.length = {Length::Unit::InBeats, 4};
        body.acts = {{"scale", 100, 140}};
        auto project = with_lane(desk.project(), kind_of(body_type<TriggerBody>), "Moves");
        const LaneId lane = project.lanes.back()->id;
        const PinId pin{project.next_id};
        project =
            *with_pins(project, lane, {{{}, MusicalAnchor{project.grid->ticks_of({5, 1, 0})}, body, {}}});
        desk.window.document().apply(std::move(project), "an event");
        auto& timeline = desk.window.timeline();
        auto& view = desk.window.view();
        timeline.zoom_to(desk.bar(4), desk.bar(8));
        timeline.grab();
        const auto act = [&] { return body_of<TriggerBody>(desk.project().pin(pin)->body).acts.front(); };
        // As the panel says: below a bar of 24 pixels, from none of the way to all of it.
        const auto at = [&](Seconds time, double way) {
            const QRectF row = timeline.lane_row(lane);
            const double top = row.top() + 25, bottom = row.bottom() - 12;
            return QPointF(timeline.scale().x(time), bottom - (bottom - top) * way / 100).toPoint();
        };
        // Where it lies now: the first press may scroll to the lane.
        const auto double_click = [&](const std::function<QPoint()>& there) {
            QApplication::processEvents();
            timeline.grab();
            QTest::mouseClick(&timeline, Qt::LeftButton, {}, there());
            timeline.grab();
            QTest::mouseDClick(&timeline, Qt::LeftButton, {}, there());
        };
        int actions = 0;

        double_click([&] {
            return QPointF(timeline.scale().x(desk.bar(5, 3)), timeline.lane_row(lane).center().y())
                .toPoint();
        });
        ++actions;
        const auto told = [&] {
            const QRectF row = timeline.lane_row(lane);
            return QString("opened %1 of %2, %3 selected, lane from %4 to %5 in %6 of %7, %8 pins, \"%9\"")
                .arg(view.opened_event().value)
                .arg(pin.value)
                .arg(view.selection().size())
                .arg(row.top())
                .arg(row.bottom())
                .arg(timeline.height())
                .arg(desk.window.height())
                .arg(desk.project().lane(lane)->pins.size())
                .arg(desk.message());
        };
        QVERIFY2(view.opened_event() == pin, qPrintable(told()));
        timeline.grab();
        QVERIFY(timeline.lane_row(lane).height() >= 140);
        QCOMPARE(desk.project().lane(lane)->pins.size(), std::size_t{1}); // it added no pin
        // Two keys, on the second and the third beat; beats pull.
        double_click([&] { return at(desk.bar(5, 2) + Seconds(0.01), 50); });
        QCOMPARE(view.event_key(), std::optional(EventKey{0, 1}));
        double_click([&] { return at(desk.bar(5, 3) - Seconds(0.01), 20); });
        actions += 2;
        QCOMPARE(act().curve.size(), std::size_t{4});
        QVERIFY2(std::abs(act().curve[1].at - 25) < 0.6, qPrintable(QString::number(act().curve[1].at)));
        QVERIFY2(std::abs(act().curve[2].at - 50) < 0.6, qPrintable(QString::number(act().curve[2].at)));
        QCOMPARE(act().curve[2].way, 20.0);
        // Ends are dragged down; one key goes to the value that is typed, with an easing.
        desk.drag(at(desk.bar(5), 100), at(desk.bar(5), 0));
        desk.drag(at(desk.bar(6), 100), at(desk.bar(6), 0));
        actions += 2;
        QCOMPARE(act().curve[0].way, 0.0);
        QCOMPARE(act().curve[3].way, 0.0);
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, at(desk.bar(5, 2), 50));
        QCOMPARE(view.event_key(), std::optional(EventKey{0, 1}));
        auto* value = desk.window.findChild<QDoubleSpinBox*>("event key value");
        QTRY_VERIFY(value->isVisible());
        value->setValue(140);
        actions += 2;
        QCOMPARE(act().curve[1].way, 100.0);
        const auto values = [&](double beats) { // at each tenth of its length
            std::vector<double> seen;
            const auto rate = desk.project().settings->frame_rate;
            const Curves curves = desk.window.document().curves();
            const double start = desk.bar(5).value;
            const Seconds end =
                desk.project().grid->time_at(desk.project().grid->ticks_of({5, 1, 0}) +
                                             Ticks(static_cast<std::int64_t>(beats * ticks_per_beat)));
            for (int i = 0; i < 10; ++i)
                seen.push_back(
                    staged_at(curves, rate.frame_at(Seconds(start + (end.value - start) * i / 10 + 1e-6)))
                        .camera.of("scale"));
            return seen;
        };
        const auto before = values(4);
        QVERIFY2(std::abs(before[5] - 108) < 2, qPrintable(QString::number(before[5])));
        // A beat and a half from its beginning, of four: typed in beats it lies at 37.5 percent.
        auto* beats = desk.window.findChild<QDoubleSpinBox*>("event key beats");
        QVERIFY(beats->isVisible());
        beats->setValue(1.5);
        QVERIFY2(std::abs(act().curve[1].at - 37.5) < 0.6, qPrintable(QString::number(act().curve[1].at)));
        timeline.setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Beyond all of the way a value is typed; dragged along alone, the key keeps it.
        value->setValue(142);
        const double beyond = act().curve[1].way;
        QVERIFY(beyond > 104);
        timeline.grab();
        desk.drag(at(desk.bar(5, 2), beyond), at(desk.bar(5, 2) + Seconds(0.2), beyond), Qt::ShiftModifier);
        QVERIFY(act().curve[1].at > 30);
        QCOMPARE(act().curve[1].way, beyond);
        timeline.setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(act().curve[1].way, 100.0);
        // Longer: dragged by the bar's end, above the course.
        desk.drag(QPoint(static_cast<int>(timeline.scale().x(desk.bar(6))) - 1,
                         static_cast<int>(timeline.lane_row(lane).top()) + 10),
                  QPoint(static_cast<int>(timeline.scale().x(desk.bar(7))) - 1,
                         static_cast<int>(timeline.lane_row(lane).top()) + 10));
        ++actions;
        const auto& longer = body_of<TriggerBody>(desk.project().pin(pin)->body);
        QCOMPARE(longer.length, (Length{Length::Unit::InBeats, 8}));
        QCOMPARE(longer.acts.front().curve.size(), std::size_t{4});
        const auto after = values(8);
        for (std::size_t i = 0; i < before.size(); ++i) // within what a frame of the shorter one goes
            QVERIFY2(std::abs(before[i] - after[i]) < 8,
                     qPrintable(QString("%1: %2 %3").arg(i).arg(before[i]).arg(after[i])));
        qInfo("%d actions", actions);

        // Delete takes the chosen key and not the trigger; Escape leaves the key, then the course.
        desk.window.timeline().setFocus();
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, at(desk.bar(6), 20));
        QCOMPARE(view.event_key(), std::optional(EventKey{0, 2}));
        desk.key(Qt::Key_Delete);
        QCOMPARE(act().curve.size(), std::size_t{3});
        QVERIFY(desk.project().pin(pin));
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(act().curve.size(), std::size_t{4});
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, at(desk.bar(6), 20));
        desk.key(Qt::Key_Escape);
        QVERIFY(!view.event_key() && view.opened_event() == pin);
        desk.key(Qt::Key_Escape);
        QCOMPARE(view.opened_event(), PinId{});
        QVERIFY(view.selection().contains(pin));
        // What was chosen is left when something else is selected, and when it is gone: Delete then means
        // that.
        view.open_event(pin);
        timeline.grab();
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, at(desk.bar(6), 20));
        QVERIFY(view.event_key());
        view.select({desk.cuts().pins.back().id});
        QVERIFY(!view.event_key() && view.opened_event() == pin);
        view.select({pin});
        desk.key(Qt::Key_Delete);
        QVERIFY(!desk.project().pin(pin));
        QCOMPARE(view.opened_event(), PinId{});
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(desk.project().pin(pin));
        const LaneId other = desk.project().first_lane(body_type<TriggerBody>)->id;
        const PinId second = desk.project().lane(other)->pins.front().id;
        // Another trigger drives the same as the one whose course is open.
        view.select({pin});
        view.open_event(pin);
        view.select({pin, second});
        auto* alike = desk.window.findChild<QPushButton*>("drive alike");
        QTRY_VERIFY(alike->isVisible());
        QTest::mouseClick(alike, Qt::LeftButton);
        const auto acts = [&](PinId id) { return body_of<TriggerBody>(desk.project().pin(id)->body).acts; };
        QCOMPARE(acts(pin).front().curve.size(), std::size_t{4});
        QCOMPARE(acts(second), acts(pin));
    }
};

PULSEPIN_TEST_CLASS(JourneysEvents, "journeys_events")
#include "journeys_events.moc"
