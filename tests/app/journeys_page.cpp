// SPDX-License-Identifier: GPL-3.0-or-later
//
// A page of words arranged by hand, one word after another, and what is composed by one drag.
#include "check/checks.h"
#include "hand/composition.h"
#include "hand/event_keys.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "pages/dialogs/param_dialog.h"
#include "picture/moving_sheet.h"
#include "picture/picture_hands.h"
#include "render/text_boxes.h"
#include "stage/trigger_acts.h"
#include "support/test_program.h"
#include "support/words_desk.h"

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Eleven words in three lines, half a second apart, each line a second after the one before.
bool set_eleven_words(Desk& desk) {
    if (!open_with_text(desk))
        return false;
    double time = 6;
    for (int i = 0; i < 11; ++i, time += i == 3 || i == 7 ? 1.5 : 0.5)
        set_word_at(desk, time);
    return words(desk).pins.size() == 11;
}

LaneId titles_of_words(Desk& desk) {
    desk.window.action("titles word by word")->trigger();
    return desk.window.view().lane();
}

void drag_word(Desk& desk, PinId word, QPoint by, Qt::KeyboardModifiers keys = {}) {
    const auto at = desk.window.picture().hands().page().word_position(word);
    QVERIFY(at);
    Desk::drag_in(desk.window.preview(), at->toPoint(), at->toPoint() + by, keys);
}

const AppearanceBody& word_body(Desk& desk, PinId word) {
    return body_of<AppearanceBody>(desk.project().pin(word)->body);
}

void take_dialog(const char* take, const std::function<void(ParamDialog&)>& fill = {}) {
    once_a_dialog_is_open(150, [take, fill] {
        for (auto* widget : QApplication::topLevelWidgets())
            if (auto* dialog = qobject_cast<ParamDialog*>(widget); dialog && dialog->isVisible()) {
                if (fill)
                    fill(*dialog);
                return QTest::mouseClick(dialog->findChild<QPushButton*>(take), Qt::LeftButton);
            }
        QFAIL(take);
    });
}

} // namespace

class JourneysPage : public QObject {
    Q_OBJECT

private slots:
    // Each is dragged to its place at the moment at which it is sung; then the camera is there for each line.
    void journey_a_page_of_eleven_words_is_laid_by_hand() {
        Desk desk;
        QVERIFY(set_eleven_words(desk));
        int actions = 0;
        const LaneId titles = titles_of_words(desk);
        ++actions;
        QCOMPARE(desk.project().lane(titles)->pins.size(), std::size_t{11});
        auto* arrange = desk.window.findChild<QPushButton*>("arrange words");
        QTRY_VERIFY(arrange->isVisible());
        QTest::mouseClick(arrange, Qt::LeftButton);
        ++actions;
        const auto all = titled_words(desk.window.document().schedule(), titles);
        const auto rate = desk.project().settings->frame_rate;
        const double points = desk.window.preview().scale().points;
        for (std::size_t i = 0; i < all.size(); ++i) {
            desk.window.view().select({all[i].pin});
            const auto span =
                std::ranges::find(spans(desk, titles).appearances, all[i].pin, &AppearanceSpan::pin);
            desk.window.view().set_playhead(rate.start_of(span->comes + Frames(4)));
            const int column = static_cast<int>(i % 4), row = static_cast<int>(i / 4);
            const QPoint by(static_cast<int>((column - 1.5) * 300 * points),
                            static_cast<int>((row - 1) * 220 * points));
            drag_word(desk, all[i].pin, by);
            ++actions;
            const auto& body = word_body(desk, all[i].pin);
            QVERIFY2(std::abs(body.x - by.x() / points) <= 1 && std::abs(body.y - by.y() / points) <= 1,
                     qPrintable(QString("%1: %2 %3").arg(i).arg(body.x).arg(body.y)));
        }
        // One word by the keys, a line with Shift, all with Ctrl; each is one step.
        const double before = word_body(desk, all[5].pin).x;
        desk.window.view().select({all[5].pin});
        desk.window.preview().setFocus();
        QTest::keyClick(&desk.window.preview(), Qt::Key_Right, Qt::ShiftModifier);
        QCOMPARE(word_body(desk, all[5].pin).x, before + 10);
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        const auto moved = [&](Qt::KeyboardModifiers keys) {
            std::vector<double> was;
            for (const auto& word : all)
                was.push_back(word_body(desk, word.pin).x);
            desk.window.view().select({all[0].pin});
            drag_word(desk, all[0].pin, {24, 0}, keys);
            int count = 0;
            for (std::size_t i = 0; i < all.size(); ++i)
                count += word_body(desk, all[i].pin).x > was[i] + 10;
            desk.window.timeline().setFocus();
            desk.key(Qt::Key_Z, Qt::ControlModifier);
            return count;
        };
        QCOMPARE(moved({}), 1);
        QCOMPARE(moved(Qt::ShiftModifier), 3); // "pull the line"
        QCOMPARE(moved(Qt::ControlModifier), 11);
        // Escape while it is dragged leaves all as it was.
        const Project untouched = desk.project();
        const auto there = desk.window.picture().hands().page().word_position(all[2].pin);
        desk.window.preview().setFocus();
        Desk::press_and_move(desk.window.preview(), there->toPoint(), there->toPoint() + QPoint(30, 10), {});
        QTest::keyClick(&desk.window.preview(), Qt::Key_Escape);
        QTest::mouseRelease(&desk.window.preview(), Qt::LeftButton, {}, there->toPoint() + QPoint(30, 10));
        QVERIFY(same_content(desk.project(), untouched));
        // Space still plays from here.
        QTest::keyClick(&desk.window.preview(), Qt::Key_Space);
        QTRY_VERIFY(desk.window.player().playing());
        desk.key(Qt::Key_Space);

        take_dialog("camera on lines now");
        desk.window.action("camera on lines")->trigger();
        QTRY_COMPARE(desk.window.view().selection().size(), std::size_t{5});
        actions += 2;
        // At the first word of each line the camera is there: none is sung out of the picture.
        for (const auto& box : text_boxes(desk.window.document().curves()))
            if (box.lane == titles)
                QVERIFY2(box.seen > 0.99,
                         qPrintable(QString("%1: %2").arg(QString::fromStdString(box.text)).arg(box.seen)));
        qInfo("%d actions", actions);
    }

    void journey_a_line_break_is_dragged_from_word_to_word() {
        Desk desk;
        QVERIFY(set_eleven_words(desk));
        const LaneId titles = titles_of_words(desk);
        take_dialog("lay out words now");
        desk.window.action("lay out words")->trigger();
        QTRY_VERIFY(word_body(desk, desk.project().lane(titles)->pins[5].id).x != 0);
        auto* arrange = desk.window.findChild<QPushButton*>("arrange words");
        QTRY_VERIFY(arrange->isVisible());
        QTest::mouseClick(arrange, Qt::LeftButton);
        const auto all = titled_words(desk.window.document().schedule(), titles);
        desk.window.view().set_playhead(Seconds(6.5));
        const auto& page = desk.window.picture().hands().page();
        const auto end = page.line_end_position(all[0].line), onto = page.word_position(all[1].pin);
        QVERIFY(end && onto);
        Desk::drag_in(desk.window.preview(), end->toPoint(), onto->toPoint());
        const auto now = titled_words(desk.window.document().schedule(), titles);
        QCOMPARE(now[1].line, all[0].line);
        QCOMPARE(now[2].line, all[3].line); // "line" begins the next one
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(titled_words(desk.window.document().schedule(), titles)[2].line, all[2].line);
    }

    // Words of their own font, weight, colour and way to come; the second comes out from behind the first.
    void journey_selected_words_have_a_look_of_their_own() {
        Desk desk;
        QVERIFY(set_eleven_words(desk));
        const LaneId titles = titles_of_words(desk);
        hide_shots(desk);
        const auto all = titled_words(desk.window.document().schedule(), titles);
        const PinId pins[] = {all[1].pin};
        desk.window.document().apply(
            with_bodies(desk.project(), pins, [](PinBody& body) { body_of<AppearanceBody>(body).x = 340; }),
            "beside");
        desk.window.view().select({all[1].pin});
        auto* weight = desk.window.findChild<QAbstractSpinBox*>("appearance weight");
        QTRY_VERIFY(weight && weight->isVisible());
        const auto frame_of = [&](double share) {
            const auto span =
                std::ranges::find(spans(desk, titles).appearances, all[1].pin, &AppearanceSpan::pin);
            return span->comes + Frames(std::llround(span->coming * share));
        };
        const auto lit = [&](double share) { // of the second word: the first one is left of it
            auto pixels = pixels_like(picture_at(desk, frame_of(share)), QColor(0xf7, 0xf1, 0xe1));
            std::erase_if(pixels, [](const QPoint& at) { return at.x() < 400; });
            return pixels;
        };
        const auto plain = lit(1).size();
        number(desk, "appearance weight", 900);
        QCOMPARE(word_body(desk, all[1].pin).weight, 900);
        QVERIFY2(lit(1).size() > plain * 11 / 10, qPrintable(QString("%1 %2").arg(lit(1).size()).arg(plain)));
        QCOMPARE(word_body(desk, all[2].pin).weight, 0); // the others as they were
        choose(desk, "appearance comes", "comes: out from behind the word before");
        QCOMPARE(word_body(desk, all[1].pin).comes, std::string("behind"));
        // Half way it is half there, and nothing of it is left of its place.
        const auto whole = lit(1), half = lit(0.4);
        int left = 1000;
        for (const QPoint& at : whole)
            left = std::min(left, at.x());
        QVERIFY2(half.size() > whole.size() / 5 && half.size() < whole.size() * 9 / 10,
                 qPrintable(QString("%1 of %2").arg(half.size()).arg(whole.size())));
        for (const QPoint& at : half)
            QVERIFY2(at.x() >= left - 3, qPrintable(QString("%1 %2").arg(at.x()).arg(left)));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(word_body(desk, all[1].pin).weight, 0);
    }

    // A course of its own: opened by the keys or by its head, with keys that are set in the lane.
    void journey_what_appears_has_a_course_with_keys() {
        Desk desk;
        QVERIFY(desk.open_demo());
        const LayerId shape = add_by_menu(desk, {"Shape", "disc"});
        auto made = with_lane_of_appearances(desk.project(), shape, kind_of(body_type<AppearanceBody>));
        const LaneId lane = made->lane;
        desk.window.document().apply(std::move(made->project), "lane");
        AppearanceBody body;
        body.length = {Length::Unit::InBeats, 8};
        const PinId pin{desk.project().next_id};
        desk.window.document().apply(
            *with_pins(desk.project(), lane,
                       {{{}, MusicalAnchor{desk.project().grid->ticks_of({5, 1, 0})}, body, {}}}),
            "appear");
        auto& timeline = desk.window.timeline();
        timeline.show_range(desk.bar(4), desk.bar(9));
        timeline.reveal_lane(lane);
        timeline.grab();
        desk.window.view().select({pin});
        auto* add = desk.window.findChild<QPushButton*>("add act");
        QTRY_VERIFY(add && add->isVisible());
        choose_from_menu(add, {"rotation"});
        QTRY_COMPARE(word_body(desk, pin).acts.size(), std::size_t{1});
        const auto at = [&](Seconds time, double way) {
            const QRectF row = timeline.lane_row(lane);
            const double top = row.top() + 25, bottom = row.bottom() - 12;
            return QPoint(static_cast<int>(std::lround(timeline.scale().x(time))),
                          static_cast<int>(std::lround(bottom - (bottom - top) * way / 100)));
        };
        timeline.setFocus();
        desk.key(Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(desk.window.view().opened_event(), pin);
        timeline.grab();
        QVERIFY(timeline.lane_row(lane).height() >= 140);
        const auto keys = keys_of(word_body(desk, pin).acts[0]).size();
        QTest::mouseDClick(&timeline, Qt::LeftButton, {}, at(desk.bar(6), 80));
        QCOMPARE(keys_of(word_body(desk, pin).acts[0]).size(), keys + 1);
        QVERIFY(desk.window.view().event_key());
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Delete);
        QCOMPARE(keys_of(word_body(desk, pin).acts[0]).size(), keys);
        QVERIFY(desk.project().pin(pin));
        desk.key(Qt::Key_Escape);
        QCOMPARE(desk.window.view().opened_event(), PinId{});
    }

    // Two boxes over a picture: the frame goes from the one to the other, over the section.
    void journey_a_slow_move_is_given_by_two_boxes() {
        Desk desk;
        QVERIFY(desk.open_demo());
        desk.window.view().set_playhead(desk.bar(9));
        auto* button = desk.window.findChild<QPushButton*>("slow move");
        QVERIFY(button);
        button->setChecked(true); // it is there in a larger picture only
        const auto& boxes = desk.window.picture().hands().boxes();
        const LayerId layer = boxes.layer();
        QVERIFY(layer.value != 0);
        const Project before = desk.project();
        auto& picture = desk.window.preview();
        // The second box, by a corner, to half of its size; then by its middle, to the right.
        const QRectF box = boxes.box_seen(BoxHands::Which::Last);
        Desk::drag_in(picture, box.bottomRight().toPoint(),
                      (box.center() + (box.bottomRight() - box.center()) * 0.5).toPoint());
        const QRectF smaller = boxes.box_seen(BoxHands::Which::Last);
        QVERIFY2(std::abs(smaller.width() - box.width() / 2) < 4,
                 qPrintable(QString::number(smaller.width())));
        Desk::drag_in(picture, smaller.center().toPoint(), smaller.center().toPoint() + QPoint(40, -20));
        const double points = picture.scale().points;
        const auto move = slow_move_of(desk.window.document().schedule(), layer);
        QVERIFY(move);
        QVERIFY(std::abs(move->last.x - 40 / points) <= 2 && std::abs(move->last.y + 20 / points) <= 2);
        QCOMPARE(move->first, (MoveBox{0, 0, 1}));
        // At its end the frame shows just that box, at its beginning all of it.
        const auto placed = [&](Frames frame) { return staged_of(desk, layer, frame).front().values; };
        QCOMPARE(placed(move->from).of("scale"), 100.0);
        QVERIFY(std::abs(placed(move->until).of("scale") - 100 / move->last.share) < 1e-6);
        QVERIFY(std::abs(placed(move->until).of("position-x") + move->last.x / move->last.share) < 1e-6);
        // It cannot be dragged off the picture.
        const QRectF there = boxes.box_seen(BoxHands::Which::Last);
        Desk::drag_in(picture, there.center().toPoint(), there.center().toPoint() + QPoint(2000, 0));
        const auto held = slow_move_of(desk.window.document().schedule(), layer);
        QVERIFY(held->last.x + held->last.share * 640 <= 640.5);
        button->setChecked(false);
        desk.window.timeline().setFocus();
        for (int i = 0; i < 3; ++i)
            desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));
    }

    // Out of the sheet onto a lane of markers, a row of onsets, the picture.
    void journey_a_composition_is_dropped_where_it_shall_lie() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        timeline.show_range(desk.bar(1), desk.bar(30));
        const Lane* marks = desk.project().first_lane(body_type<MarkerBody>);
        timeline.reveal_lane(marks->id);
        timeline.grab();
        const auto places = desk.window.document().schedule().pins(marks->id).pins;
        QVERIFY(places.size() > 2);
        const Project before = desk.project();
        const ReadyThing thing{"Strobe in two colours"};
        const QRectF row = timeline.lane_row(marks->id);
        const Seconds between = places[1].time + (places[2].time - places[1].time) * 0.4;
        QVERIFY(drop(timeline, {timeline.scale().x(between), row.center().y()}, thing));
        QVERIFY(desk.project().lanes.size() > before.lanes.size());
        const Lane& made = *desk.project().lane(desk.window.view().lane());
        for (const auto& pin : resolve(desk.project(), made).pins)
            QVERIFY(pin.time > places[1].time - Seconds(0.3) && pin.time < places[2].time + Seconds(0.3));
        desk.key(Qt::Key_Z, Qt::ControlModifier); // one step
        QVERIFY(same_content(desk.project(), before));
        // On the picture: from where the playhead is.
        desk.window.view().set_playhead(desk.bar(9));
        QVERIFY(drop(desk.window.preview(), QRectF(desk.window.preview().rect()).center(), thing));
        QVERIFY(desk.project().lanes.size() > before.lanes.size());
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(same_content(desk.project(), before));
        QVERIFY(drop(timeline, {timeline.scale().x(between), row.center().y()}, ReadyThing{"no such"}));
        QVERIFY(same_content(desk.project(), before));
    }
};

PULSEPIN_TEST_CLASS(JourneysPage, "journeys_page")
#include "journeys_page.moc"
