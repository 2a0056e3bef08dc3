// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is done by hand, on the line and in phrases alike, without a window.
#include "drawing/canvas/gestures/beats.h"
#include "drawing/canvas/gestures/looking.h"
#include "drawing/canvas/gestures/paint_cells.h"
#include "drawing/canvas/line_placement.h"
#include "drawing/canvas/phrase_placement.h"
#include "drawing/kind_look.h"
#include "drawing/score/paint_score.h"
#include "kinds/kinds.h"
#include "model/anchored_time.h"
#include "model/edits.h"
#include "model/shot_edits.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QApplication>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// A project with something of each kind, laid out on a line or in phrases, and a hand.
struct Hand {
    Project project;
    Schedule schedule;
    ViewState view;
    LinePlacement line;
    PhrasePlacement phrases;
    bool wrapped;
    Seconds went_to{-1};
    PinId marker, cut, next_cut, sound, trigger, key;

    Hand(bool in_phrases) : wrapped(in_phrases) {
        view.set_snap(Snap::Always);
        // 120 BPM: a beat is half a second, a phrase of four bars eight.
        project = steady_project();
        const auto lane = [&](LaneKind kind, const char* name) {
            if (!project.first_lane(kind))
                project = with_lane(project, kind, name);
            return lane_of_kind(project, kind);
        };
        const auto put = [&](BodyType what, double seconds, const PinBody& body) {
            const LaneId into = lane(kind_of(what), "More");
            const PinId id{project.next_id};
            project = *with_pins(
                project, into, {{{}, MusicalAnchor{project.grid->nearest_tick(Seconds(seconds))}, body, {}}});
            return id;
        };
        const auto& bin = *project.bin;
        marker = put(body_type<MarkerBody>, 4, MarkerBody{"here", ""});
        cut = put(body_type<CutBody>, 2, CutBody{bin[0].id, Seconds(1)});
        next_cut = put(body_type<CutBody>, 5, CutBody{bin[1].id, Seconds(1)});
        SoundBody tone;
        tone.sound = bin[2].id;
        tone.length = Seconds(3);
        tone.in_point = Seconds(2);
        sound = put(body_type<SoundBody>, 2, tone);
        TriggerBody flash;
        flash.length = {Length::Unit::InBeats, 2};
        trigger = put(body_type<TriggerBody>, 3, flash);
        key = put(body_type<KeyBody>, 3, KeyBody{0.5});
        lay_out();
    }

    void lay_out() {
        schedule = Schedule(project);
        line.scale = {118, 1000, Seconds(0), 50};
        line.rows.clear();
        double top = 200;
        for (std::size_t i = 0; i < project.lanes.size(); ++i) {
            const double high = look_of_kind(project.lanes[i]->kind).height(schedule.spans(i));
            line.rows.emplace_back(118, top, 1000, high);
            top += high;
        }
        line.area = QRectF(0, 200, 1118, top - 200);
        phrases.grid = project.grid;
        phrases.left = 118;
        phrases.top = 26;
        phrases.song_end = project.song->duration();
        phrases.tracks = score_tracks(schedule);
        phrases.layout = project.grid
                             ? ScoreLayout(*project.grid, 4, 118, 1000, score_row_height(phrases.tracks))
                             : ScoreLayout();
    }

    [[nodiscard]] const CanvasPlacement& placement() const {
        return wrapped ? static_cast<const CanvasPlacement&>(phrases) : line;
    }
    [[nodiscard]] GestureContext context() {
        return {placement(), view, [this]() -> const Schedule& { return schedule; },
                [](ClipId) { return std::optional(Seconds(9)); }, [this](Seconds t) { went_to = t; }};
    }
    [[nodiscard]] QPointF head(PinId pin) { return head_position(placement(), context().scene(), pin); }
    [[nodiscard]] std::size_t lane_index(PinId pin) const {
        std::size_t i = 0;
        while (project.lanes[i]->id != project.lane_of(pin)->id)
            ++i;
        return i;
    }
    /// In the middle of a pin's lane, or so far above or below it.
    [[nodiscard]] QPointF in_lane_of(PinId pin, double seconds, double lower = 0) const {
        const auto place = *placement().lane_place(lane_index(pin), Seconds(seconds));
        return {place.scale.x(Seconds(seconds)), place.row.center().y() + lower};
    }
    /// Of the line of a beat, above the lanes.
    [[nodiscard]] QPointF on_song(double seconds) const {
        return wrapped
                   ? phrases.position_of(Seconds(seconds)) - QPointF(0, phrases.layout.row_height() / 2 - 15)
                   : QPointF(line.scale.x(Seconds(seconds)), 60);
    }

    std::optional<Gesture::Edit> drag(QPointF from, QPointF to, Qt::KeyboardModifiers keys = {}) {
        const auto grip = grip_under(context(), from);
        if (!grip)
            return std::nullopt;
        const auto gesture = grabbed(context(), *grip, from, keys);
        if (!gesture)
            return std::nullopt;
        gesture->move((from + to) / 2, keys);
        gesture->move(to, keys);
        return gesture->end(keys);
    }
    static double time_in(const Gesture::Edit& edit, PinId pin) {
        return anchored_time(edit.project.pin(pin)->anchor, edit.project)->value;
    }
    template <class Body>
    static const Body& body_in(const Project& project, PinId pin) {
        return body_of<Body>(project.pin(pin)->body);
    }
};

} // namespace

class TestGestures : public QObject {
    Q_OBJECT

    static void both_drawings() {
        QTest::addColumn<bool>("wrapped");
        QTest::newRow("on a line") << false;
        QTest::newRow("in phrases") << true;
    }

private slots:
    void a_pin_is_dragged_along_the_beats_data() { both_drawings(); }
    void a_pin_is_dragged_along_the_beats() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        const auto edit = hand.drag(hand.head(hand.marker), hand.in_lane_of(hand.marker, 5.1));
        QVERIFY(edit);
        QCOMPARE(Hand::time_in(*edit, hand.marker), 5.0); // the nearest beat
        QCOMPARE(edit->name, "move pin");
        QCOMPARE(hand.view.selection(), (PinSet{hand.marker}));
        // With Shift it goes where the mouse is, to a tick.
        const auto free =
            hand.drag(hand.head(hand.marker), hand.in_lane_of(hand.marker, 5.1), Qt::ShiftModifier);
        QVERIFY(std::abs(Hand::time_in(*free, hand.marker) - 5.1) < 0.02);
    }

    void a_pin_is_dragged_into_another_phrase() {
        Hand hand(true);
        const auto edit = hand.drag(hand.head(hand.marker), hand.in_lane_of(hand.marker, 21));
        QVERIFY(edit);
        QCOMPARE(Hand::time_in(*edit, hand.marker), 21.0);
    }

    void a_trembling_hand_changes_nothing_data() { both_drawings(); }
    void a_trembling_hand_changes_nothing() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        for (const PinId pin : {hand.marker, hand.cut, hand.trigger, hand.key})
            QVERIFY(!hand.drag(hand.head(pin), hand.head(pin) + QPointF(2, 1)));
        // Neither does a drag out and back again.
        const QPointF head = hand.head(hand.marker);
        const auto gesture = grabbed(hand.context(), {hand.marker}, head, {});
        gesture->move(head + QPointF(90, 0), {});
        QVERIFY(gesture->draft());
        gesture->move(head, {});
        QVERIFY(!gesture->end({}));
    }

    void locked_pins_stay_and_are_told() {
        Hand hand(false);
        hand.project = with_pins_locked(hand.project, std::vector{hand.marker}, true);
        hand.lay_out();
        const QPointF head = hand.head(hand.marker);
        const auto gesture = grabbed(hand.context(), {hand.marker}, head, {});
        gesture->move(head + QPointF(90, 0), {});
        QVERIFY2(says(gesture->hint(), "locked"), qPrintable(gesture->hint()));
        QCOMPARE(gesture->draft()->project().pin(hand.marker)->anchor, hand.project.pin(hand.marker)->anchor);
    }

    void cuts_roll_and_ripple_data() { both_drawings(); }
    void cuts_roll_and_ripple() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        const QPointF from = hand.head(hand.cut), to = hand.in_lane_of(hand.cut, 3);
        const auto in_point = [&](const Gesture::Edit& edit) {
            return Hand::body_in<CutBody>(edit.project, hand.cut).in_point.value;
        };
        const auto moved = hand.drag(from, to);
        QCOMPARE(Hand::time_in(*moved, hand.cut), 3.0);
        QCOMPARE(in_point(*moved), 1.0);
        const auto rolled_cut = hand.drag(from, to, Qt::AltModifier);
        QCOMPARE(rolled_cut->name, "roll cut");
        QCOMPARE(in_point(*rolled_cut), 2.0); // its pictures stay under the same music
        QCOMPARE(Hand::time_in(*rolled_cut, hand.next_cut), 5.0);
        const auto rippled_cut = hand.drag(from, to, Qt::AltModifier | Qt::ControlModifier);
        QCOMPARE(Hand::time_in(*rippled_cut, hand.cut), 3.0);
        QCOMPARE(Hand::time_in(*rippled_cut, hand.next_cut), 6.0);
    }

    void shots_slip_swap_and_are_replaced_data() { both_drawings(); }
    void shots_slip_swap_and_are_replaced() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        const QPointF body = hand.in_lane_of(hand.cut, 3), other = hand.in_lane_of(hand.cut, 6);
        const auto slip = hand.drag(body, hand.in_lane_of(hand.cut, 2.5), Qt::AltModifier);
        QCOMPARE(slip->name, "slip shot");
        QCOMPARE(Hand::body_in<CutBody>(slip->project, hand.cut).in_point, Seconds(1.5));
        const auto shown = [&](const Project& project, PinId cut) {
            return Hand::body_in<CutBody>(project, cut).shot;
        };
        const auto first = shown(hand.project, hand.cut), second = shown(hand.project, hand.next_cut);
        const auto swap = hand.drag(body, other);
        QCOMPARE(shown(swap->project, hand.cut), second);
        QCOMPARE(shown(swap->project, hand.next_cut), first);
        const auto replace = hand.drag(body, other, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(replace); // with Alt it slips, whatever else is held
        hand.view.select({});
        const auto grip = *grip_under(hand.context(), body);
        const auto drop = grabbed(hand.context(), grip, body, {});
        drop->move(other, Qt::ControlModifier); // Ctrl is read when it is dropped
        const auto replaced_shot = drop->end(Qt::ControlModifier);
        QCOMPARE(shown(replaced_shot->project, hand.next_cut), first);
        QCOMPARE(shown(replaced_shot->project, hand.cut), first);
        // Dropped beside a shot nothing happens.
        QVERIFY(!hand.drag(body, hand.in_lane_of(hand.marker, 6)));
    }

    void a_trigger_is_stretched_and_put_into_another_row_data() { both_drawings(); }
    void a_trigger_is_stretched_and_put_into_another_row() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        const auto stretch = hand.drag(hand.in_lane_of(hand.trigger, 4), hand.in_lane_of(hand.trigger, 5.1));
        QVERIFY(stretch);
        QCOMPARE(Hand::body_in<TriggerBody>(stretch->project, hand.trigger).length,
                 (Length{Length::Unit::InBeats, 4}));
        const auto in_frames = hand.drag(hand.in_lane_of(hand.trigger, 4),
                                         hand.in_lane_of(hand.trigger, 5.25), Qt::ShiftModifier);
        const auto& length = Hand::body_in<TriggerBody>(in_frames->project, hand.trigger).length;
        QCOMPARE(length.unit, Length::Unit::InFrames);
        QVERIFY(std::abs(length.amount - 54) <= 1); // 2.25 s at 24
        const QPointF head = hand.head(hand.trigger) + QPointF(4, 0);
        const auto lower = hand.drag(head, head + QPointF(0, 24));
        QVERIFY(lower);
        QVERIFY(Hand::body_in<TriggerBody>(lower->project, hand.trigger).row >= 1);
        QCOMPARE(Hand::time_in(*lower, hand.trigger), 3.0); // straight down
    }

    void a_sound_is_trimmed_by_its_edges_data() { both_drawings(); }
    void a_sound_is_trimmed_by_its_edges() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        const double low = wrapped ? 2 : 10; // below the handles of the fades
        const auto start = hand.drag(hand.in_lane_of(hand.sound, 2, low) + QPointF(1, 0),
                                     hand.in_lane_of(hand.sound, 3.1, low));
        QVERIFY(start);
        QCOMPARE(Hand::time_in(*start, hand.sound), 3.0);
        const auto& trimmed_start = Hand::body_in<SoundBody>(start->project, hand.sound);
        QCOMPARE(trimmed_start.in_point, Seconds(3)); // what is heard stays under the same music
        QCOMPARE(trimmed_start.length, Seconds(2));
        const auto end = hand.drag(hand.in_lane_of(hand.sound, 5, low) - QPointF(1, 0),
                                   hand.in_lane_of(hand.sound, 6.1, low));
        QVERIFY(end);
        QCOMPARE(Hand::body_in<SoundBody>(end->project, hand.sound).length, Seconds(4));
        const auto move =
            hand.drag(hand.in_lane_of(hand.sound, 4, low), hand.in_lane_of(hand.sound, 4.6, low));
        QCOMPARE(Hand::time_in(*move, hand.sound), 2.5);
        QCOMPARE(Hand::body_in<SoundBody>(move->project, hand.sound),
                 Hand::body_in<SoundBody>(hand.project, hand.sound));
    }

    void a_key_is_lifted_by_its_value_data() { both_drawings(); }
    void a_key_is_lifted_by_its_value() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        const QPointF head = hand.head(hand.key);
        const auto up = hand.drag(head, head - QPointF(0, 6));
        QVERIFY(up);
        QVERIFY(Hand::body_in<KeyBody>(up->project, hand.key).value > 0.6);
        QCOMPARE(Hand::time_in(*up, hand.key), 3.0);
        const auto along = hand.drag(head, {hand.in_lane_of(hand.key, 4).x(), head.y()});
        QCOMPARE(Hand::body_in<KeyBody>(along->project, hand.key).value, 0.5);
        QCOMPARE(Hand::time_in(*along, hand.key), 4.0);
    }

    void a_lasso_selects_what_it_touches_data() { both_drawings(); }
    void a_lasso_selects_what_it_touches() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        const QPointF from = hand.in_lane_of(hand.marker, 3.4, -5), to = hand.in_lane_of(hand.marker, 4.4, 5);
        Lasso only(hand.context(), from, Qt::ShiftModifier);
        only.move(to, Qt::ShiftModifier);
        QCOMPARE(hand.view.selection(), (PinSet{hand.marker}));
        hand.view.select({hand.key});
        Lasso more(hand.context(), from, Qt::ShiftModifier | Qt::ControlModifier);
        more.move(to, Qt::ShiftModifier | Qt::ControlModifier);
        QCOMPARE(hand.view.selection(), (PinSet{hand.marker, hand.key}));
        QVERIFY(!more.draft() && !more.end({}));
    }

    void a_range_is_marked_and_taken_away_data() { both_drawings(); }
    void a_range_is_marked_and_taken_away() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        MarkRange range(hand.context(), hand.on_song(2.1));
        range.move(hand.on_song(6.4), {});
        QVERIFY(!range.end({}));
        QCOMPARE(hand.view.range(), std::optional(TimeRange{Seconds(2), Seconds(6.5)}));
        QCOMPARE(hand.went_to, Seconds(-1));
        MarkRange click(hand.context(), hand.on_song(3));
        QVERIFY(!click.end({}));
        QVERIFY(!hand.view.range());
        QVERIFY(std::abs((hand.went_to - Seconds(3)).value) < 1e-6);
    }

    void the_playhead_goes_along_and_stays_in_the_song_data() { both_drawings(); }
    void the_playhead_goes_along_and_stays_in_the_song() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        MovePlayhead press(hand.context(), hand.on_song(2));
        QVERIFY(std::abs((hand.went_to - Seconds(2)).value) < 1e-6);
        press.move(hand.on_song(7), {});
        QVERIFY(std::abs((hand.went_to - Seconds(7)).value) < 1e-6);
        press.move({-4000, hand.on_song(2).y()}, {});
        QCOMPARE(hand.went_to, Seconds(0));
    }

    void a_beat_bends_the_grid_data() { both_drawings(); }
    void a_beat_bends_the_grid() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        const auto beat = beat_under(hand.context(), hand.on_song(4) + QPointF(2, 0));
        QCOMPARE(beat, std::optional<std::int64_t>(8));
        QVERIFY(!beat_under(hand.context(), hand.on_song(4.2)));
        BendBeat bend(hand.context(), *beat, hand.on_song(4));
        bend.move(hand.on_song(4.15), {});
        const auto edit = bend.end({});
        QVERIFY(edit);
        QVERIFY(std::abs(edit->project.grid->time_at(Ticks(8 * ticks_per_beat)).value - 4.15) < 1e-9);
        // The marker on that beat goes along, what lies bars away stays.
        QVERIFY(std::abs(Hand::time_in(*edit, hand.marker) - 4.15) < 1e-9);
        QVERIFY(std::abs(edit->project.grid->time_at(Ticks(40 * ticks_per_beat)).value - 20) < 1e-9);
    }

    void cells_are_painted_and_cleared_data() { both_drawings(); }
    void cells_are_painted_and_cleared() {
        QFETCH(bool, wrapped);
        Hand hand(wrapped);
        const LaneId lane = hand.project.lane_of(hand.marker)->id;
        const auto times = [&](const Project& project) {
            std::set<double> all;
            for (const auto& pin : project.lane(lane)->pins)
                all.insert(anchored_time(pin.anchor, project)->value);
            return all;
        };
        PaintCells paint(hand.context(), lane, 1, hand.in_lane_of(hand.marker, 5));
        paint.move(hand.in_lane_of(hand.marker, 5.5), {});
        paint.move(hand.in_lane_of(hand.marker, 6), {});
        const auto painted = paint.end({});
        QCOMPARE(times(painted->project), (std::set<double>{4, 5, 5.5, 6}));
        hand.project = painted->project;
        hand.lay_out();
        PaintCells clear(hand.context(), lane, 1, hand.in_lane_of(hand.marker, 5.5));
        clear.move(hand.in_lane_of(hand.marker, 6), {});
        clear.move(hand.in_lane_of(hand.marker, 6.5), {}); // nothing there: nothing is put
        QCOMPARE(times(clear.end({})->project), (std::set<double>{4, 5}));
    }

    void without_a_grid_pins_are_dragged_in_plain_time() {
        Hand hand(false);
        hand.project.grid = {};
        const PinId loose{hand.project.next_id};
        hand.project = *with_pins(hand.project, hand.project.lane_of(hand.marker)->id,
                                  {{{}, TimeAnchor{Seconds(7)}, MarkerBody{"loose", ""}, {}}});
        hand.lay_out();
        const QPointF head = hand.head(loose);
        const auto gesture = grabbed(hand.context(), {loose}, head, {});
        gesture->move(head + QPointF(90, 0), {});
        QVERIFY2(begins_to_tell(gesture->hint(), "To 0:"), qPrintable(gesture->hint()));
        const auto edit = gesture->end({});
        QVERIFY(edit);
        QVERIFY(std::abs(anchored_time(edit->project.pin(loose)->anchor, edit->project)->value - 8.8) < 1e-6);
        MarkRange range(hand.context(), hand.on_song(2));
        range.move(hand.on_song(3), {});
        QVERIFY(hand.view.range());
        QVERIFY(!beat_under(hand.context(), hand.on_song(4)));
        // Where there are no phrases nothing can be taken hold of.
        hand.wrapped = true;
        QVERIFY(!hand.placement().lane_at({300, 300}));
        QVERIFY(hand.placement().lane_places(0).empty());
        QCOMPARE(hand.placement().time_at({300, 300}), Seconds(0));
    }

    void every_kind_says_what_its_grips_do() {
        Hand hand(false);
        for (const auto* look : kind_looks())
            for (const auto part : {GripPart::Head, GripPart::Body, GripPart::End})
                if (look->hint)
                    QVERIFY(!look->hint(part).isEmpty());
    }
};

PULSEPIN_TEST_CLASS(TestGestures, "test_gestures")
#include "test_gestures.moc"
