// SPDX-License-Identifier: GPL-3.0-or-later
//
// Markers, cuts and triggers on the beat: placed, copied, painted, and still right after the grid changed.
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/planting_edits.h"
#include "model/shot_edits.h"
#include "pages/dialogs/repeat_dialog.h"
#include "support/placing.h"
#include "support/test_program.h"
#include "time/grid_edits.h"

#include <QComboBox>
#include <QHeaderView>
#include <QSpinBox>
#include <QTableView>
#include <QTableWidget>
#include <QToolButton>

using namespace pulsepin;
using namespace pulsepin::test;

class JourneysPins : public QObject {
    Q_OBJECT

private slots:
    // Common practice: every 8th, every 4th and every 2nd beat on three lanes.
    void journey_three_lanes_of_triggers() {
        Desk desk;
        QVERIFY(open(desk));
        for (const char* name : {"Slow", "Middle", "Fast"})
            add_lane(desk, "triggers", name);
        place_beats_on(desk, "Slow", "8th", "5.1", "13.1");
        place_beats_on(desk, "Middle", "4th", "5.2", "13.1");
        place_beats_on(desk, "Fast", "2nd", "6.1", "13.1");
        QCOMPARE(places(desk, lane_named(desk, "Slow")), (QStringList{"5.1", "7.1", "9.1", "11.1"}));
        QCOMPARE(places(desk, lane_named(desk, "Middle")).first(3), (QStringList{"5.2", "6.2", "7.2"}));
        QCOMPARE(places(desk, lane_named(desk, "Middle")).size(), 8);
        QCOMPARE(places(desk, lane_named(desk, "Fast")).first(3), (QStringList{"6.1", "6.3", "7.1"}));
        QCOMPARE(places(desk, lane_named(desk, "Fast")).size(), 14);
        // Each lasts up to, not including, the next.
        const auto& spans = desk.window.document().spans(lane_named(desk, "Fast").id).triggers;
        for (std::size_t i = 0; i + 1 < spans.size(); ++i)
            QCOMPARE(spans[i].end, spans[i + 1].start);
        // The grid shifted by 30 ms, then halved: all lie where they lay in the music, each frame rounded
        // anew.
        const auto before = desk.project();
        desk.window.document().apply(retimed(before, *shifted(*before.grid, Seconds(0.03))), "shift grid");
        for (const char* name : {"Slow", "Middle", "Fast"}) {
            const auto was = times(before, *before.lane(lane_named(desk, name).id)),
                       now = times(desk.project(), lane_named(desk, name));
            for (std::size_t i = 0; i < was.size(); ++i)
                QVERIFY(std::abs(now[i] - was[i] - 0.03) < 1e-9);
        }
        const auto shifted_times = times(desk.project(), lane_named(desk, "Fast"));
        QTest::mouseClick(desk.window.transport().findChild<QToolButton*>("half tempo"), Qt::LeftButton);
        QVERIFY(std::abs(desk.project().grid->typical_tempo().value - 59) < 0.5);
        const auto halved = times(desk.project(), lane_named(desk, "Fast"));
        double worst = 0;
        for (std::size_t i = 0; i < halved.size(); ++i) {
            QVERIFY(std::abs(halved[i] - shifted_times[i]) < 1e-9);
            worst =
                std::max(worst, std::abs(desk.window.document().schedule()[4].pins[i].rounding_error.value));
        }
        QVERIFY(worst <= 0.5 / 24 + 1e-9); // never more than half a frame, and no error adds up
        for (const auto& planting : *desk.project().plantings)
            QCOMPARE(exceptions_of(desk.project(), planting).count(), std::size_t{0});
        desk.window.grab();
    }

    void journey_the_last_beat_of_every_fourth_bar_gets_a_shake() {
        Desk desk;
        QVERIFY(open(desk));
        add_lane(desk, "triggers", "Shake");
        desk.window.go_to_stop(Stop::Place);
        choose(desk, "lane choice", "Shake");
        choose(desk, "every", "one");
        choose(desk, "filter 1", "last of bars");
        desk.type("from", "1.1");
        desk.type("until", "17.1");
        desk.click("page What");
        auto* effect = desk.window.findChild<QComboBox*>("form effect");
        effect->setCurrentIndex(row_of(effect, "shake"));
        emit effect->activated(effect->currentIndex()); // as a person does: its usual length comes with it
        desk.click("place");
        const Lane& shake = lane_named(desk, "Shake");
        QCOMPARE(places(desk, shake), (QStringList{"4.4", "8.4", "12.4", "16.4"}));
        const auto& body = body_of<TriggerBody>(shake.pins.front().body);
        QCOMPARE(body.effect, std::string("shake"));
        QVERIFY((body.length == Length{Length::Unit::InFrames, 5})); // common practice: about five frames
        for (const auto& span : desk.window.document().spans(shake.id).triggers)
            QCOMPARE(span.end - span.start, Frames(5));
        // All of it made stronger at once, in the detail.
        auto* strength = desk.window.findChild<QDoubleSpinBox*>("trigger strength");
        QVERIFY(strength->isVisible());
        strength->setValue(150);
        for (const auto& pin : lane_named(desk, "Shake").pins)
            QCOMPARE(body_of<TriggerBody>(pin.body).strength, 150.0);
        QCOMPARE(exceptions_of(desk.project(), desk.project().plantings->back()).count(), std::size_t{0});
    }

    void journey_the_second_camera_at_the_drop_and_back() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        // Two shots are told to be cameras that ran along with the song.
        window.go_to_stop(Stop::Song);
        auto* bin = window.findChild<QListWidget*>("bin");
        for (const int row : {0, 1}) {
            bin->clearSelection();
            bin->item(row)->setSelected(true);
            desk.click("camera");
            auto* begins = window.findChild<QDoubleSpinBox*>("camera begins");
            QVERIFY(begins->isVisible());
            begins->setValue(row == 0 ? 22.5 : 23.25);
        }
        const auto cameras = *desk.project().bin;
        QVERIFY(cameras[0].begins_at == Seconds(22.5) && cameras[1].begins_at == Seconds(23.25));
        const std::vector<PinId> old = [&] {
            std::vector<PinId> ids;
            for (const auto& pin : desk.cuts().pins)
                ids.push_back(pin.id);
            return ids;
        }();
        window.document().apply(without_pins(desk.project(), old), "clear");
        // First camera, at the drop the second, one bar later back: each shows the same moment.
        window.timeline().setFocus();
        for (const auto& [bar, beat] : {std::pair{12, 3}, std::pair{13, 1}, std::pair{14, 1}}) {
            window.view().set_playhead(desk.bar(bar, beat));
            desk.key(Qt::Key_C, Qt::ShiftModifier);
        }
        QCOMPARE(places(desk, desk.cuts()), (QStringList{"12.3", "13.1", "14.1"}));
        const auto& shots = window.document().shots(desk.cuts().id);
        const auto rate = desk.project().settings->frame_rate;
        QCOMPARE(shots[0].shot, cameras[0].id);
        QCOMPARE(shots[1].shot, cameras[1].id);
        QCOMPARE(shots[2].shot, cameras[0].id);
        for (const auto& shot : shots) {
            const Clip* clip = desk.project().clip(shot.shot);
            QVERIFY(std::abs((shot.in_point + *clip->begins_at - rate.start_of(shot.start)).value) < 1e-9);
        }
        // Exactly at the drop: the cut's frame is the beat's.
        const auto frame = round_to_frame(desk.bar(13), rate, desk.project().settings->rounding).frame;
        QCOMPARE(shots[1].start, frame);
        // A beat later it is still the same moment.
        window.view().select({shots[1].cut});
        desk.key(Qt::Key_Right, Qt::AltModifier);
        const auto& moved = window.document().shots(desk.cuts().id)[1];
        QVERIFY(std::abs((moved.in_point + Seconds(23.25) - rate.start_of(moved.start)).value) < 1e-9);
        QVERIFY(moved.start > frame);
    }

    void journey_markers_on_a_clip_snapped_and_corrected() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        window.timeline().setFocus();
        const auto before = desk.markers().pins.size();
        // Played without a device: the sound's clock runs all the same. Tapped while it plays.
        window.view().set_playhead(desk.bar(13) - Seconds(0.1));
        desk.key(Qt::Key_Space);
        QVERIFY(window.player().playing());
        int taps = 0;
        for (int beat = 0; beat < 4; ++beat) {
            const Seconds due = desk.bar(13, 1) +
                                (desk.bar(13, 2) - desk.bar(13, 1)) * static_cast<double>(beat) +
                                Seconds(beat % 2 == 0 ? 0.03 : -0.02);
            QVERIFY(QTest::qWaitFor([&] { return window.player().position() >= due; }, 5000));
            desk.key(Qt::Key_M, Qt::ControlModifier | Qt::ShiftModifier);
            ++taps;
        }
        desk.key(Qt::Key_Space);
        QCOMPARE(desk.markers().pins.size(), before + 4);
        std::vector<PinId> tapped;
        for (std::size_t i = before; i < desk.markers().pins.size(); ++i) {
            const Pin& pin = desk.markers().pins[i];
            tapped.push_back(pin.id);
            const auto* tied = std::get_if<MarkerAnchor>(&pin.anchor);
            QVERIFY(tied && is_body<CutBody>(desk.project().pin(tied->marker)->body));
        }
        // Snapped in bulk, with a limit, from the list.
        window.go_to_stop(Stop::Mark);
        desk.type("marker filter", "marker");
        auto* list = window.findChild<QTableView*>("markers");
        QCOMPARE(list->model()->rowCount(), taps);
        choose(desk, "snap row", "kick");
        window.findChild<QSpinBox*>("snap limit")->setValue(150);
        list->clearSelection();
        desk.click("snap markers");
        const auto& rows = desk.project().detection->rows;
        const auto kick =
            std::find_if(rows.begin(), rows.end(), [](const OnsetRow& row) { return row.name == "kick"; });
        const auto on_a_kick = [&](PinId id) {
            const Seconds at = *anchored_time(desk.project().pin(id)->anchor, desk.project());
            return std::any_of(kick->onsets.begin(), kick->onsets.end(),
                               [&](const FoundOnset& o) { return std::abs((o.time - at).value) < 1e-6; });
        };
        int snapped = 0;
        for (const PinId id : tapped)
            snapped += on_a_kick(id);
        QVERIFY2(snapped >= 2, qPrintable(QString::number(snapped)));
        QVERIFY(says(desk.message(), "moved"));
        // Two corrected: one in the list, one by the frame.
        auto edit = [&](int row, MarkerTable::Column column, const QString& text) {
            list->setCurrentIndex(list->model()->index(row, column));
            list->edit(list->currentIndex());
            auto* field = qobject_cast<QLineEdit*>(list->indexWidget(list->currentIndex()));
            QVERIFY(field);
            field->setText(text);
            QTest::keyClick(field, Qt::Key_Return);
            QCoreApplication::processEvents(); // the list takes it over after the key
        };
        edit(0, MarkerTable::Name, "marker of the reel");
        edit(0, MarkerTable::Place, "13.2");
        const auto row_of_it = [&] { // the list is kept by time
            for (int row = 0; row < list->model()->rowCount(); ++row)
                if (list->model()->index(row, MarkerTable::Name).data().toString() == "marker of the reel")
                    return row;
            return -1;
        };
        edit(row_of_it(), MarkerTable::Note, "peak");
        edit(row_of_it(), MarkerTable::Lasts, "2 beats");
        const auto renamed =
            std::find_if(desk.markers().pins.begin(), desk.markers().pins.end(), [](const Pin& pin) {
                return body_of<MarkerBody>(pin.body).name == "marker of the reel";
            });
        QVERIFY(renamed != desk.markers().pins.end());
        const auto body = body_of<MarkerBody>(renamed->body);
        QCOMPARE(body.note, std::string("peak"));
        QCOMPARE(body.length.amount, 2.0);
        QVERIFY(std::holds_alternative<MarkerAnchor>(renamed->anchor)); // it still lies on its shot
        QVERIFY(std::abs((*anchored_time(renamed->anchor, desk.project()) - desk.bar(13, 2)).value) < 1e-6);
        edit(row_of_it(), MarkerTable::Lasts, "a while"); // no length
        // Another order, and back to that of the song.
        const auto names = [&] {
            QStringList all;
            for (int row = 0; row < list->model()->rowCount(); ++row)
                all << list->model()->index(row, MarkerTable::Name).data().toString().toLower();
            return all;
        };
        const QStringList by_time = names();
        const auto click_header = [&](int column) {
            auto* header = list->horizontalHeader();
            QTest::mouseClick(header->viewport(), Qt::LeftButton, {},
                              {header->sectionViewportPosition(column) + 10, header->height() / 2});
        };
        click_header(MarkerTable::Name);
        QStringList sorted = by_time;
        std::stable_sort(sorted.begin(), sorted.end());
        QCOMPARE(names(), sorted);
        click_header(MarkerTable::Name);
        std::stable_sort(sorted.begin(), sorted.end(), std::greater<>());
        QCOMPARE(names(), sorted);
        click_header(MarkerTable::Place);
        QCOMPARE(names(), by_time);
        QVERIFY(says(desk.message(), "is no length"));
        const PinId last = tapped.back();
        window.view().select({last});
        window.timeline().setFocus();
        const auto frame_of = [&](PinId id) {
            for (const auto& lane : window.document().schedule())
                for (const auto& pin : lane.pins)
                    if (pin.id == id)
                        return pin.frame;
            return Frames(-1);
        };
        const auto frame = frame_of(last);
        desk.key(Qt::Key_Period, Qt::AltModifier);
        QCOMPARE(frame_of(last), frame + Frames(1));
        // They travel with the shot that they lie on.
        const PinId host = std::get<MarkerAnchor>(desk.project().pin(last)->anchor).marker;
        const auto at = *anchored_time(desk.project().pin(last)->anchor, desk.project());
        window.view().select({host});
        desk.key(Qt::Key_Left, Qt::AltModifier);
        QVERIFY(*anchored_time(desk.project().pin(last)->anchor, desk.project()) < at - Seconds(0.4));
    }

    void journey_a_colour_for_each_copied_recoloured_nudged() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        add_lane(desk, "triggers", "Lamps");
        window.go_to_stop(Stop::Place);
        choose(desk, "lane choice", "Lamps");
        choose(desk, "form colours", "in turn");
        place_beats_on(desk, "Lamps", "one", "13.1", "14.1");
        const auto colours = [&](const std::vector<PinId>& pins) {
            std::vector<std::uint32_t> out;
            for (const PinId id : pins)
                out.push_back(body_of<TriggerBody>(desk.project().pin(id)->body).from.rgb);
            return out;
        };
        const auto first = pins_of(desk.project(), desk.project().plantings->back().id);
        const auto four = colours(first);
        QCOMPARE((std::set<std::uint32_t>(four.begin(), four.end()).size()), std::size_t{4});
        // To three further bars.
        window.timeline().setFocus();
        QString told;
        once_a_dialog_is_open(100, [&told] {
            auto* dialog = qobject_cast<RepeatDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            dialog->findChild<QSpinBox*>("repeat times")->setValue(3);
            for (const auto* label : dialog->findChildren<QLabel*>("repeat outcome"))
                told = label->text();
            QTest::mouseClick(dialog->findChild<QPushButton*>("repeat now"), Qt::LeftButton);
        });
        desk.key(Qt::Key_R, Qt::ControlModifier);
        QVERIFY(told.contains("12 would be placed"));
        QCOMPARE(places(desk, lane_named(desk, "Lamps")).size(), 16);
        QCOMPARE(places(desk, lane_named(desk, "Lamps")).last(), QString("16.4"));
        const auto copies = pins_of(desk.project(), desk.project().plantings->back().id);
        auto repeated_colours = four;
        for (int i = 0; i < 2; ++i)
            repeated_colours.insert(repeated_colours.end(), four.begin(), four.end());
        QCOMPARE(colours(copies), repeated_colours);
        // The copies are one group: selected by it, recoloured in one step, nudged by a frame.
        window.view().select({copies[5]});
        desk.key(Qt::Key_P, Qt::ControlModifier);
        QCOMPARE(window.view().selection().size(), std::size_t{12});
        auto* from = window.findChild<ColourField*>("trigger colour-from");
        QVERIFY(from->isVisible());
        from->set_colour({0x4a6fb5});
        emit from->edited();
        QCOMPARE(colours(copies), std::vector<std::uint32_t>(12, 0x4a6fb5));
        QCOMPARE(colours(first), four);
        const auto before = times(desk.project(), lane_named(desk, "Lamps"));
        window.timeline().setFocus();
        desk.key(Qt::Key_Comma, Qt::AltModifier);
        const auto after = times(desk.project(), lane_named(desk, "Lamps"));
        for (std::size_t i = 0; i < 16; ++i)
            QVERIFY(std::abs(after[i] - before[i] + (i < 4 ? 0 : 1.0 / 24)) < 1e-9);
        desk.key(Qt::Key_Right, Qt::AltModifier | Qt::ShiftModifier); // and by a bar
        QCOMPARE(places(desk, lane_named(desk, "Lamps")).size(), 16);
        QCOMPARE(exceptions_of(desk.project(), desk.project().plantings->back()).count(), std::size_t{0});
        for (int i = 0; i < 4; ++i)
            desk.key(Qt::Key_Z, Qt::ControlModifier); // bar, frame, colour, copies: one step each
        QCOMPARE(lane_named(desk, "Lamps").pins.size(), std::size_t{4});
    }

    // All of the above in one piece; then the grid is moved by 30 ms and halved, at the stop made for it.
    void journey_the_grid_is_moved_and_halved_under_all_of_it() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        add_lane(desk, "triggers", "Eighth");
        add_lane(desk, "triggers", "Second");
        add_lane(desk, "triggers", "Shake");
        place_beats_on(desk, "Eighth", "8th", "1.1", "13.1");
        place_beats_on(desk, "Second", "2nd", "2.1", "13.1");
        choose(desk, "filter 1", "last of bars");
        place_beats_on(desk, "Shake", "one", "1.1", "17.1");
        choose(desk, "filter 1", "No filter");
        place_beats_on(desk, "Cuts", "4th", "13.1", "21.1");
        auto& document = window.document();
        const auto bin = *desk.project().bin;
        document.apply(*with_camera(desk.project(), bin[1].id, Seconds(20)), "camera");
        window.view().set_playhead(desk.bar(14, 2));
        window.timeline().setFocus();
        desk.key(Qt::Key_C, Qt::ShiftModifier);
        window.view().set_playhead(desk.bar(15, 2) + Seconds(0.01));
        desk.key(Qt::Key_M, Qt::ControlModifier | Qt::ShiftModifier); // travels with its shot
        document.apply(*with_pins(desk.project(), desk.markers().id,
                                  {{{}, TimeAnchor{Seconds(7)}, MarkerBody{"loose"}, {}}}),
                       "loose");
        const auto before = desk.project();
        const auto all_times = [](const Project& project) {
            std::map<PinId, double> out;
            for (const auto& lane : resolve(project))
                for (const auto& pin : lane.pins)
                    out[pin.id] = pin.time.value;
            return out;
        };
        const auto was = all_times(before);
        window.go_to_stop(Stop::Grid);
        for (int i = 0; i < 3; ++i)
            desk.click("shift 10");
        const auto moved = all_times(desk.project());
        QCOMPARE(moved.size(), was.size());
        double worst_move = 0;
        for (const auto& [pin, time] : moved) {
            const bool loose = std::holds_alternative<TimeAnchor>(desk.project().pin(pin)->anchor);
            worst_move = std::max(worst_move, std::abs(time - was.at(pin) - (loose ? 0 : 0.03)));
        }
        QVERIFY2(worst_move < 1e-9, qPrintable(QString::number(worst_move)));
        QTest::mouseClick(window.transport().findChild<QToolButton*>("half tempo"), Qt::LeftButton);
        const auto halved = all_times(desk.project());
        double worst_halved = 0, worst_frame = 0;
        for (const auto& [pin, time] : halved)
            worst_halved = std::max(worst_halved, std::abs(time - moved.at(pin)));
        QVERIFY2(worst_halved < 1e-9, qPrintable(QString::number(worst_halved)));
        for (const auto& lane : document.schedule())
            for (const auto& pin : lane.pins)
                worst_frame = std::max(worst_frame, std::abs(pin.rounding_error.value));
        QVERIFY(worst_frame <= 0.5 / 24 + 1e-9);
        // What belongs together still does, and nothing is due; the camera still shows its moment.
        for (const auto& planting : *desk.project().plantings)
            QVERIFY(exceptions_of(desk.project(), planting).moved == 0);
        const auto rate = desk.project().settings->frame_rate;
        for (const auto& shot : document.shown_shots())
            if (const Clip* clip = desk.project().clip(shot.shot); clip->begins_at)
                if (body_of<CutBody>(desk.project().pin(shot.cut)->body).same_moment)
                    QVERIFY(std::abs((shot.in_point + *clip->begins_at - rate.start_of(shot.start)).value) <
                            1e-9);
        qInfo("%d pins: moved with the grid to within %.1e s, halved to within %.1e s, no frame off by more "
              "than %.1f ms",
              static_cast<int>(halved.size()), worst_move, worst_halved, worst_frame * 1000);
        window.grab();
    }

    void journey_a_planting_is_changed_and_run_again() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        add_lane(desk, "triggers", "Kicks");
        window.go_to_stop(Stop::Place);
        choose(desk, "lane choice", "Kicks");
        choose(desk, "every", "one");
        choose(desk, "source", "onsets of");
        choose(desk, "source row", "kick");
        desk.type("from", "13.1");
        desk.type("until", "17.1");
        auto* kept = window.findChild<QComboBox*>("kept picker");
        kept->setEditText("kicks of the chorus");
        desk.click("keep picker");
        QCOMPARE(desk.project().pickers->size(), std::size_t{1});
        desk.click("place");
        const auto planting = desk.project().plantings->back().id;
        const auto pins = pins_of(desk.project(), planting);
        QVERIFY(pins.size() > 8);
        // Corrected by hand: one a beat later, one away.
        window.timeline().setFocus();
        window.view().select({pins[2]});
        desk.key(Qt::Key_Right, Qt::AltModifier);
        window.view().select({pins[4]});
        desk.key(Qt::Key_Delete);
        // Then the onsets are found otherwise.
        auto row = desk.project().detection->rows[1];
        QCOMPARE(row.name, std::string("kick"));
        const Seconds from = desk.bar(15);
        std::erase_if(row.onsets, [&](const FoundOnset& o) { return o.time > from; });
        window.document().apply(*with_onset_row(desk.project(), 1, row), "find other kicks");
        desk.click("page Placed");
        auto* list = window.findChild<QTableWidget*>("plantings");
        const int line = list->rowCount() - 1;
        QVERIFY(says(list->item(line, 3)->text(), "1 moved") &&
                says(list->item(line, 3)->text(), "1 left out"));
        QVERIFY(begins_to_tell(list->item(line, 4)->text(), "−"));
        list->selectRow(line);
        desk.click("run again");
        const auto left = pins_of(desk.project(), planting);
        QVERIFY(left.size() < pins.size() && !left.empty());
        QVERIFY(std::find(left.begin(), left.end(), pins[2]) != left.end());
        QVERIFY(std::find(left.begin(), left.end(), pins[4]) == left.end());
        QVERIFY(list->item(line, 4)->text().isEmpty());
        // Another picker for all of it, with the outcome told before.
        list->selectRow(line);
        desk.click("change planting");
        QCOMPARE(window.findChild<QComboBox*>("source")->currentText(), QString("onsets of"));
        choose(desk, "source", "beats");
        choose(desk, "every", "2nd");
        bool told = false;
        for (const auto* label : window.findChildren<QLabel*>("outcome"))
            told = told || (label->isVisible() && says(label->text(), "corrected by hand stay"));
        QVERIFY(told || speaks_otherwise());
        desk.click("place");
        QVERIFY(desk.project().planting(planting)->description.starts_with("beats"));
        QVERIFY(desk.project().pin(pins[2]));
        // The kept picker comes back with all of its fields.
        kept->setCurrentIndex(0);
        emit kept->activated(0);
        QCOMPARE(window.findChild<QComboBox*>("source")->currentText(), QString("onsets of"));
        QCOMPARE(window.findChild<RowsField*>("source row")->rows(), std::string("kick"));
        // Dissolved, the pins stay.
        desk.click("page Placed");
        list->selectRow(list->rowCount() - 1);
        const auto count = lane_named(desk, "Kicks").pins.size();
        desk.click("dissolve planting");
        QVERIFY(!desk.project().planting(planting));
        QCOMPARE(lane_named(desk, "Kicks").pins.size(), count);
    }

    /// The mouse moves, clicks and double-clicks where lanes were that are gone, before they are painted so.
    void journey_lanes_are_undone_under_the_mouse() {
        Desk desk;
        QVERIFY(open(desk));
        auto& timeline = desk.window.timeline();
        const std::size_t before = desk.project().lanes.size();
        Project more = desk.project();
        for (int i = 0; i < 40; ++i)
            more = with_lane(more, kind_of(body_type<TriggerBody>), "more");
        desk.window.document().apply(more, "add lanes");
        const LaneId last = desk.project().lanes.back()->id;
        timeline.reveal_lane(last);
        timeline.grab();
        const QPoint there = timeline.lane_row(last).center().toPoint();
        desk.window.document().undo();
        QCOMPARE(desk.project().lanes.size(), before);
        QMouseEvent move(QEvent::MouseMove, there, timeline.mapToGlobal(there), Qt::NoButton, Qt::NoButton,
                         Qt::NoModifier);
        QApplication::sendEvent(&timeline, &move);
        for (const auto button : {Qt::LeftButton, Qt::RightButton})
            QTest::mouseClick(&timeline, button, {}, there);
        QTest::mouseDClick(&timeline, Qt::LeftButton, {}, there);
        QCOMPARE(desk.project().lanes.size(), before);
    }

    /// Pressed and not moved yet, then undone by keys: the hand holds nothing any more.
    void journey_a_pin_is_undone_while_it_is_held() {
        Desk desk;
        QVERIFY(open(desk));
        auto& timeline = desk.window.timeline();
        desk.add_marker(desk.bar(6).value);
        const PinId made = desk.markers().pins.back().id;
        timeline.reveal_lane(desk.markers().id);
        timeline.grab();
        const QPoint head = timeline.head_position(made).toPoint();
        const auto moved_to = [&](QPoint at) {
            QMouseEvent move(QEvent::MouseMove, at, timeline.mapToGlobal(at), Qt::NoButton, Qt::LeftButton,
                             Qt::NoModifier);
            QApplication::sendEvent(&timeline, &move);
        };
        QTest::mousePress(&timeline, Qt::LeftButton, {}, head);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!desk.project().pin(made));
        const Project undone = desk.project();
        moved_to(head + QPoint(60, 0));
        QTest::mouseRelease(&timeline, Qt::LeftButton, {}, head + QPoint(60, 0));
        QVERIFY(same_content(desk.project(), undone));
        // The playhead goes on with the mouse, whatever keys do meanwhile.
        QPoint free = timeline.lane_row(desk.markers().id).center().toPoint();
        const auto near_a_head = [&](const Pin& pin) {
            return std::abs(timeline.head_position(pin.id).x() - free.x()) < 20;
        };
        while (std::ranges::any_of(desk.markers().pins, near_a_head))
            free.rx() += 5;
        QTest::mousePress(&timeline, Qt::LeftButton, {}, free);
        desk.key(Qt::Key_M);
        QVERIFY(!same_content(desk.project(), undone));
        moved_to(free + QPoint(80, 0));
        QTest::mouseRelease(&timeline, Qt::LeftButton, {}, free + QPoint(80, 0));
        QVERIFY(std::abs(timeline.scale().x(desk.window.view().playhead()) - (free.x() + 80)) < 12);
    }

    void journey_cells_are_painted_in_the_score() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        add_lane(desk, "triggers", "Flash");
        place_beats_on(desk, "Flash", "2nd", "1.1", "5.1");
        window.timeline().setFocus();
        desk.key(Qt::Key_P);
        auto& score = window.score();
        QVERIFY(score.isVisible() && score.painting());
        desk.key(Qt::Key_P, Qt::ShiftModifier);
        QCOMPARE(score.cells_a_beat(), 2);
        score.grab();
        const LaneId lane = lane_named(desk, "Flash").id;
        const auto cell = [&](int bar, int beat, int tick = 0) {
            return score.cell_position(lane, desk.project().grid->ticks_of({bar, beat, tick})).toPoint();
        };
        // A click switches one off, another one on.
        QTest::mouseClick(&score, Qt::LeftButton, {}, cell(1, 3));
        QTest::mouseClick(&score, Qt::LeftButton, {}, cell(2, 2, 480));
        QCOMPARE(places(desk, lane_named(desk, "Flash")),
                 (QStringList{"1.1", "2.1", "2.2+480", "2.3", "3.1", "3.3", "4.1", "4.3"}));
        const auto exceptions = exceptions_of(desk.project(), desk.project().plantings->back());
        QVERIFY(exceptions.left_out == 1 && exceptions.added == 1);
        // Painted over four cells in one go: one step.
        QTest::mousePress(&score, Qt::LeftButton, {}, cell(3, 3, 480));
        for (int i = 1; i <= 3; ++i) {
            const QPoint to = cell(3, 3, 480) + (cell(4, 1) - cell(3, 3, 480)) * i / 3;
            QMouseEvent move(QEvent::MouseMove, to, score.mapToGlobal(to), Qt::NoButton, Qt::LeftButton,
                             Qt::NoModifier);
            QApplication::sendEvent(&score, &move);
        }
        QTest::mouseRelease(&score, Qt::LeftButton, {}, cell(4, 1));
        QCOMPARE(places(desk, lane_named(desk, "Flash")).mid(5),
                 (QStringList{"3.3", "3.3+480", "3.4", "3.4+480", "4.1", "4.3"}));
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(places(desk, lane_named(desk, "Flash")).size(), 8);
        score.grab();
        // A lasso, begun where nothing lies, selects what it touches.
        desk.key(Qt::Key_P);
        QVERIFY(!score.painting());
        const QPoint from = cell(1, 4, 480) + QPoint(0, -36), to = cell(2, 4) + QPoint(0, 6);
        QTest::mousePress(&score, Qt::LeftButton, Qt::ShiftModifier, from);
        QMouseEvent move(QEvent::MouseMove, to, score.mapToGlobal(to), Qt::NoButton, Qt::LeftButton,
                         Qt::ShiftModifier);
        QApplication::sendEvent(&score, &move);
        QTest::mouseRelease(&score, Qt::LeftButton, Qt::ShiftModifier, to);
        QCOMPARE(window.view().selection().size(), std::size_t{3});
    }
};

PULSEPIN_TEST_CLASS(JourneysPins, "journeys_pins")
#include "journeys_pins.moc"
