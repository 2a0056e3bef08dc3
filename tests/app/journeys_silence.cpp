// SPDX-License-Identifier: GPL-3.0-or-later
//
// Nothing is moved, chosen or left out without a word.
#include "hand/hangs_on_grid.h"
#include "kinds/kinds.h"
#include "model/duplicate_edits.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/planting_edits.h"
#include "model/stage_edits.h"
#include "pages/stops/stop_panel.h"
#include "schedule/add_pin.h"
#include "schedule/find_pins.h"
#include "schedule/place.h"
#include "support/motion_desk.h"
#include "support/test_program.h"

#include <QSpinBox>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Seconds time_of(Desk& desk, PinId pin) {
    return *anchored_time(desk.project().pin(pin)->anchor, desk.project());
}

PinId chosen(Desk& desk) {
    const auto& selection = desk.window.view().selection();
    return selection.size() == 1 ? *selection.begin() : PinId{};
}

bool near(Seconds a, Seconds b) {
    return std::abs((a - b).value) < 1e-3;
}

bool open_motion(Desk& desk) {
    desk.window.open_path(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
    return desk.settle();
}

QComboBox* box(Desk& desk, const char* name) {
    return desk.window.findChild<QComboBox*>(name);
}

} // namespace

class JourneysSilence : public QObject {
    Q_OBJECT
private slots:
    void init() { QSettings().clear(); }
    void cleanupTestCase() { QSettings().clear(); }

    /// "130 ms earlier · Ctrl+Z: stay" beside the pin; the next undo takes the pull back alone.
    void journey_what_snapping_moved_is_told() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& view = desk.window.view();
        view.set_snap(Snap::Always);
        const Seconds beat = desk.bar(4, 2), meant = beat + Seconds(0.13);
        const auto before = desk.markers().pins.size();
        desk.add_marker(meant.value);
        const PinId marker = chosen(desk);
        QVERIFY(near(time_of(desk, marker), beat));
        QVERIFY(view.pulled());
        QVERIFY(near(view.pulled()->by, beat - meant));
        auto& timeline = desk.window.timeline();
        const QImage told = timeline.grab().toImage();
        view.tell_pulled(std::nullopt);
        QVERIFY(timeline.grab().toImage() != told); // it is seen
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.markers().pins.size(), before + 1);
        QVERIFY(near(time_of(desk, marker), meant));
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.markers().pins.size(), before);
        // What is near enough is not told, and undone at once.
        desk.add_marker(beat.value + 0.01);
        QVERIFY(!view.pulled());
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.markers().pins.size(), before);
    }

    /// Near, at first: what lies 130 ms off a beat stays there, what lies 30 ms off it goes to it.
    void journey_near_is_how_snapping_begins() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.timeline().show_range(desk.bar(3), desk.bar(6));
        const Seconds beat = desk.bar(4, 2);
        desk.add_marker(beat.value + 0.13);
        QVERIFY(near(time_of(desk, chosen(desk)), beat + Seconds(0.13)));
        desk.add_marker(beat.value + 0.03);
        QVERIFY(near(time_of(desk, chosen(desk)), beat));
    }

    /// A cut that is set on a loose marker lies on it, not on the beat beside it.
    void journey_the_pin_under_the_playhead_attracts_first() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const Seconds loose = desk.bar(6, 2) + Seconds(0.033);
        desk.window.document().apply(with_pins(desk.project(), desk.markers().id,
                                               {{{}, TimeAnchor{loose}, MarkerBody{"loose", {}}, {}}}),
                                     "marker");
        const auto rate = desk.project().settings->frame_rate;
        const auto frame = round_to_frame(loose, rate, desk.project().settings->rounding).frame;
        desk.window.view().set_playhead(std::max(loose, rate.start_of(frame)));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_C);
        QVERIFY(near(time_of(desk, chosen(desk)), loose));
    }

    /// Stepping to a bar shows the frame that a cut there uses, at every rate, forwards and back.
    void journey_one_frame_at_a_beat() {
        Desk desk;
        QVERIFY(desk.open_demo());
        for (const FrameRate rate : common_frame_rates()) {
            Settings settings = *desk.project().settings;
            settings.frame_rate = rate;
            desk.window.document().apply(with_settings(desk.project(), settings), "rate");
            desk.window.timeline().setFocus();
            desk.key(Qt::Key_Home);
            const auto used = [&](std::int64_t bar) {
                return round_to_frame(desk.bar(bar), rate, settings.rounding).frame;
            };
            desk.window.view().set_playhead(desk.bar(1));
            for (std::int64_t bar = 2; bar <= 12; ++bar) {
                desk.key(Qt::Key_Right, Qt::ControlModifier);
                const Frames shown = rate.frame_at(desk.window.view().playhead());
                QVERIFY2(shown == used(bar), qPrintable(QString("bar %1 at %2: frame %3, used is %4")
                                                            .arg(bar)
                                                            .arg(rate.per_second())
                                                            .arg(shown.value)
                                                            .arg(used(bar).value)));
            }
            for (std::int64_t bar = 11; bar >= 2; --bar) {
                desk.key(Qt::Key_Left, Qt::ControlModifier);
                QCOMPARE(rate.frame_at(desk.window.view().playhead()).value, used(bar).value);
            }
            for (int beat = 2; beat <= 4; ++beat) {
                desk.key(Qt::Key_Right, Qt::ShiftModifier);
                QCOMPARE(rate.frame_at(desk.window.view().playhead()).value,
                         round_to_frame(desk.bar(2, beat), rate, settings.rounding).frame.value);
            }
            for (int beat = 3; beat >= 1; --beat) {
                desk.key(Qt::Key_Left, Qt::ShiftModifier);
                QCOMPARE(rate.frame_at(desk.window.view().playhead()).value,
                         round_to_frame(desk.bar(2, beat), rate, settings.rounding).frame.value);
            }
        }
    }

    /// "every 2nd" belongs to beats; onsets begin with every one, and what is left out is hollow and counted.
    void journey_what_is_left_out_is_seen() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.go_to_stop(Stop::Place);
        desk.window.view().choose_lane(desk.cuts().id);
        QCOMPARE(box(desk, "every")->currentData().toInt(), 2);
        choose(desk, "source", "onsets of");
        QCOMPARE(box(desk, "every")->currentData().toInt(), 1);
        choose(desk, "source", "beats");
        QCOMPARE(box(desk, "every")->currentData().toInt(), 2);
        choose(desk, "every", "4th");
        choose(desk, "source", "markers named");
        QCOMPARE(box(desk, "every")->currentData().toInt(), 1);
        choose(desk, "source", "beats");
        QCOMPARE(box(desk, "every")->currentData().toInt(), 4); // as it was chosen
        const auto& outlines = desk.window.view().outlines();
        QVERIFY(outlines);
        const auto picked = outlines->outlines.size() + outlines->already_there + outlines->too_close;
        QVERIFY(outlines->left_out.size() > 2 * picked);
        QVERIFY(desk.window.findChild<PlacePanel*>()->findChild<QLabel*>("outcome")->text().contains(
            QString::number(outlines->left_out.size())));
    }

    /// Another piece: nothing of the one before stays chosen.
    void journey_a_new_piece_begins_empty() {
        Desk desk;
        QVERIFY(open_motion(desk));
        auto& view = desk.window.view();
        view.choose_lane(desk.cuts().id);
        view.choose_layer(desk.project().stage->layers.front().id);
        view.select({desk.cuts().pins.front().id});
        view.set_range(TimeRange{Seconds(1), Seconds(5)});
        view.set_looping(true);
        view.set_playhead(Seconds(12));
        desk.window.go_to_stop(Stop::Place);
        choose(desk, "source", "onsets of");
        desk.window.document().start_new();
        QVERIFY(view.selection().empty());
        QVERIFY(!view.range());
        QVERIFY(!view.looping());
        QVERIFY(!view.outlines());
        QCOMPARE(view.layer().value, LayerId{}.value);
        QCOMPARE(view.playhead().value, 0.0);
        QVERIFY(desk.open_demo());
        QCOMPARE(box(desk, "source")->currentText(), QString("beats"));
    }

    /// One undo takes back what E made, the lane too; marks pressed twice make no second marker on a place.
    void journey_one_step_makes_and_takes_back() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto project = desk.project();
        std::erase_if(project.lanes, [](const auto& lane) { return holds<TriggerBody>(lane->kind); });
        desk.window.document().apply(std::move(project), "no triggers");
        const auto lanes = desk.project().lanes.size();
        desk.window.view().set_playhead(desk.bar(3));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_E);
        QCOMPARE(desk.project().lanes.size(), lanes + 1);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(desk.project().lanes.size(), lanes);

        desk.window.go_to_stop(Stop::Grid);
        desk.window.view().select({});
        for (int i = 0; i < 4; ++i)
            desk.window.taps().tap_in_song(desk.bar(5, i + 1), 1.0, i == 0, 1.0f);
        const auto markers = desk.markers().pins.size();
        desk.click("taps for markers");
        QCOMPARE(desk.markers().pins.size(), markers + 4);
        QCOMPARE(desk.window.view().selection().size(), std::size_t{4}); // what was made is selected
        QTRY_VERIFY(desk.window.focusWidget());
        desk.window.view().select({});
        desk.click("taps for markers");
        QCOMPARE(desk.markers().pins.size(), markers + 4);
        QVERIFY(says(desk.message(), "already"));
        desk.window.view().select({});
        desk.window.view().set_playhead(desk.bar(10));
        desk.click("taps for rhythm");
        QTest::qWait(30);
        QVERIFY(desk.window.focusWidget());
        QTest::keyClick(desk.window.focusWidget(), Qt::Key_Space);
        QVERIFY(desk.window.player().playing()); // the keys are alive
        desk.window.player().stop();
    }

    void journey_selecting_and_seeing_all_of_it() {
        Desk desk;
        QVERIFY(open_motion(desk));
        auto& window = desk.window;
        const Lane* flash = desk.project().first_lane(body_type<TriggerBody>);
        auto project = with_lane(desk.project(), flash->kind, "More");
        const LaneId more = project.lanes.back()->id;
        window.document().apply(
            *with_pin_added(project, more, desk.bar(20), std::nullopt).map([](AddedPin added) {
                return added.project;
            }),
            "lane");
        const auto in_lane = flash->pins.size();
        window.view().select({flash->pins.front().id});
        window.timeline().setFocus();
        desk.key(Qt::Key_A, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(window.view().selection().size(), in_lane);
        desk.key(Qt::Key_A, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(window.view().selection().size(), in_lane + 1);
        // Z: with all of its length.
        const Lane& cuts = desk.cuts();
        window.view().select({cuts.pins.back().id});
        window.view().set_range(std::nullopt);
        const auto span = whole_span_of(window.document().schedule(), {cuts.pins.back().id});
        QVERIFY(span && span->until - span->from > Seconds(5));
        desk.key(Qt::Key_Z);
        window.timeline().grab();
        const auto& scale = window.timeline().scale();
        QVERIFY(scale.x(span->from) >= window.timeline().names_width() - 1);
        QVERIFY(scale.x(span->until) <= window.timeline().width() + 1);
    }

    /// A double click in a drawn range fills it; a drag in an empty lane makes what lasts as long.
    void journey_lengths_come_from_the_hand() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        auto project = with_lane(desk.project(), kind_of(body_type<TriggerBody>), "Hits");
        const LaneId hits = project.lanes.back()->id;
        window.document().apply(std::move(project), "lane");
        auto& timeline = window.timeline();
        timeline.show_range(desk.bar(1), desk.bar(8));
        timeline.reveal_lane(hits);
        timeline.grab();
        const double y = timeline.lane_row(hits).center().y();
        const auto at = [&](Seconds time) {
            return QPoint(static_cast<int>(std::lround(timeline.scale().x(time))), static_cast<int>(y));
        };
        const auto length_of = [&](PinId pin) {
            const auto span = whole_span_of(window.document().schedule(), {pin});
            return span->until - span->from;
        };
        const Seconds frame = desk.project().settings->frame_rate.frame_length();
        desk.drag(at(desk.bar(2)), at(desk.bar(3)));
        QCOMPARE(desk.project().lane(hits)->pins.size(), std::size_t{1});
        QVERIFY(near(time_of(desk, chosen(desk)), desk.bar(2)));
        QVERIFY(std::abs((length_of(chosen(desk)) - (desk.bar(3) - desk.bar(2))).value) <= frame.value);
        // A mere click in an empty lane still moves the playhead.
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, at(desk.bar(4)));
        QVERIFY(std::abs((window.view().playhead() - desk.bar(4)).value) < 0.05);
        QVERIFY(desk.project().lane(hits)->pins.empty());
        window.view().set_range(TimeRange{desk.bar(5), desk.bar(7)});
        QTest::mouseDClick(&timeline, Qt::LeftButton, {}, at(desk.bar(5, 3)));
        QCOMPARE(desk.project().lane(hits)->pins.size(), std::size_t{1});
        const PinId filled = desk.project().lane(hits)->pins.front().id;
        QVERIFY(near(time_of(desk, filled), desk.bar(5)));
        QVERIFY(std::abs((length_of(filled) - (desk.bar(7) - desk.bar(5))).value) <= frame.value);
        // Counted otherwise, it lasts as long as it did.
        window.view().select({filled});
        QTest::qWait(30);
        const Seconds lasted = length_of(filled);
        for (const QString unit : {"frames", "until the next", "frames", "beats"}) {
            choose(desk, "trigger length unit", unit);
            QTest::qWait(20);
            if (unit == "frames")
                QVERIFY(std::abs((length_of(filled) - lasted).value) <= frame.value ||
                        length_of(filled) > lasted); // until the end of the piece, before
        }
    }

    /// A double click low in a lane of keys makes a low key, high a high one.
    void journey_a_key_begins_where_the_mouse_is() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        auto project = with_lane(desk.project(), kind_of(body_type<KeyBody>), "Fade");
        const LaneId fade = project.lanes.back()->id;
        Motion motion = *part_of<Motion>(*project.lane(fade));
        motion.own.low = 0;
        motion.own.high = 200;
        window.document().apply(*with_motion(project, fade, motion), "lane");
        auto& timeline = window.timeline();
        timeline.show_range(desk.bar(1), desk.bar(8));
        timeline.reveal_lane(fade);
        timeline.grab();
        const QRectF row = timeline.lane_row(fade);
        const auto value_at = [&](std::int64_t bar, double share) {
            QTest::mouseDClick(&timeline, Qt::LeftButton, {},
                               QPoint(static_cast<int>(std::lround(timeline.scale().x(desk.bar(bar)))),
                                      static_cast<int>(row.top() + row.height() * share)));
            return body_of<KeyBody>(desk.project().pin(chosen(desk))->body).value;
        };
        const double high = value_at(2, 0.2), low = value_at(4, 0.8), middle = value_at(6, 0.5);
        QVERIFY2(low < 50 && high > 150 && middle > 70 && middle < 130,
                 qPrintable(QString("%1 %2 %3").arg(low).arg(middle).arg(high)));
    }

    /// A copied lane or layer copies its plantings: the copy can be run again as well.
    /// An effect rests and comes with the curve, and a number is kept as it was typed.
    void journey_an_amount_rests_and_numbers_are_kept() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LaneId lane = add_motion_lane(desk, "Pulses", "Grain");
        desk.click("feed another");
        QVERIFY(QTest::qWaitFor([] { return QApplication::activePopupWidget() != nullptr; }, 1000));
        find_in(*qobject_cast<Finder*>(QApplication::activePopupWidget()), {"Shots", "glow", "glow"});
        const auto feed = [&]() -> const Feed& {
            return part_of<Motion>(*desk.project().lane(lane))->feeds.back();
        };
        QCOMPARE(feed().target.parameter, std::string("glow"));
        QCOMPARE(feed().low, 0.0);
        QVERIFY(feed().high > 0);
        for (const auto& [name, typed] : {std::pair("low", "0.25"), std::pair("high", "62.125")}) {
            auto* field = desk.window.findChild<QDoubleSpinBox*>(QString("feed 1 %1").arg(name));
            QVERIFY(field && QTest::qWaitFor([&] { return field->isVisible(); }, 1000));
            QTest::mouseClick(field, Qt::LeftButton);
            field->selectAll();
            QTest::keyClicks(field, typed);
            QTest::keyClick(field, Qt::Key_Return);
            QTest::qWait(20);
        }
        QCOMPARE(feed().low, 0.25);
        QCOMPARE(feed().high, 62.125);
        QCOMPARE(desk.window.findChild<QDoubleSpinBox*>("feed 1 low")->text(), QString("0.25"));
    }

    void journey_copies_can_be_run_again() {
        Desk desk;
        QVERIFY(open_motion(desk));
        const Lane* planted = nullptr;
        for (const auto& lane : desk.project().lanes)
            if (!lane->pins.empty() && lane->pins.front().planting.value != 0)
                planted = lane.get();
        QVERIFY(planted);
        const auto rules = desk.project().plantings->size();
        const auto copied = with_lane_duplicated(desk.project(), planted->id, true);
        QVERIFY(copied.has_value());
        QVERIFY(copied->plantings->size() > rules);
        const Planting& rule = copied->plantings->back();
        QVERIFY(rule.lane != planted->id);
        QVERIFY(copied->lane(rule.lane) != nullptr);
        QVERIFY(!pins_of(*copied, rule.id).empty());
    }

    /// No sliver of a section is left, and bar 1 is the first that is heard.
    void journey_only_a_range_is_kept() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const auto& sections = desk.project().detection->sections;
        QVERIFY(sections.size() > 2);
        // From just before the end of the first section.
        const Seconds from = desk.bar(8, 4), until = desk.bar(20);
        desk.window.view().set_range(TimeRange{from, until});
        QTimer::singleShot(100, [] {
            if (auto* ask = qobject_cast<QMessageBox*>(QApplication::activeModalWidget()))
                ask->buttons().front()->click();
        });
        desk.window.action("trim")->trigger();
        QVERIFY(desk.settle());
        const auto& kept = desk.project();
        QVERIFY(std::abs(kept.song->duration().value - (until - from).value) < 0.01);
        for (const auto& section : kept.detection->sections)
            QVERIFY((section.end - section.start).value > 0.9);
        const Seconds bar_one = desk.bar(1);
        QVERIFY(bar_one > Seconds(-0.06) && bar_one < desk.bar(2) - desk.bar(1));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Home);
        QVERIFY(desk.window.view().playhead() < Seconds(0.05));
    }

    void what_hangs_on_the_grid_is_counted() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const auto before = hangs_on_grid(desk.project());
        QVERIFY(before.pins > 0);
        const auto with = with_pins(desk.project(), desk.markers().id,
                                    {{{}, MusicalAnchor{Ticks(1234)}, MarkerBody{"off", {}}, {}},
                                     {{}, MusicalAnchor{Ticks(1920)}, MarkerBody{"on", {}}, {}},
                                     {{}, TimeAnchor{Seconds(3)}, MarkerBody{"loose", {}}, {}}});
        const auto after = hangs_on_grid(*with);
        QCOMPARE(after.pins, before.pins + 2);
        QCOMPARE(after.off_beat, before.off_beat + 1);
    }
};

PULSEPIN_TEST_CLASS(JourneysSilence, "journeys_silence")
#include "journeys_silence.moc"
