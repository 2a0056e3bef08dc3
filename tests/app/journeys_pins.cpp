// SPDX-License-Identifier: GPL-3.0-or-later
//
// Markers, cuts and triggers on the beat: placed, corrected, copied, and still right after the grid changed.
#include "application.h"
#include "media/video_reader.h"
#include "model/edits.h"
#include "model/planting_edits.h"
#include "model/shot_edits.h"
#include "repeat_dialog.h"
#include "score/paint_score.h"
#include "support/desk.h"
#include "time/grid_edits.h"
#include "timeline/lane_views.h"

#include <QComboBox>
#include <QDialog>
#include <QInputDialog>
#include <QPainter>
#include <QSpinBox>
#include <QTableView>
#include <QTableWidget>
#include <QTemporaryDir>
#include <QToolButton>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

void choose(Desk& desk, const char* box, const QString& text) {
    auto* combo = desk.window.findChild<QComboBox*>(box);
    QVERIFY2(combo && combo->findText(text) >= 0, qPrintable(QString("%1: %2").arg(box, text)));
    combo->setCurrentIndex(combo->findText(text));
}

const Lane& lane_named(Desk& desk, const char* name) {
    for (const auto& lane : desk.project().lanes)
        if (lane->name == name)
            return *lane;
    qFatal("no lane is called %s", name);
}

/// Where the pins of a lane lie, as bar.beat+tick.
QStringList places(Desk& desk, const Lane& lane) {
    QStringList out;
    const auto& grid = *desk.project().grid;
    for (const auto& pin : resolve(desk.project(), lane).pins) {
        const auto place = grid.position_of(grid.nearest_tick(pin.time));
        out << QString("%1.%2").arg(place.bar).arg(place.beat) +
                   (place.tick > 0 ? QString("+%1").arg(place.tick) : QString());
    }
    return out;
}

std::vector<double> times(const Project& project, const Lane& lane) {
    std::vector<double> out;
    for (const auto& pin : resolve(project, lane).pins)
        out.push_back(pin.time.value);
    return out;
}

void add_lane(Desk& desk, const char* kind, const char* name) {
    QTimer::singleShot(100, qApp, [name] {
        auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
        QVERIFY(dialog);
        dialog->setTextValue(name);
        dialog->accept();
    });
    desk.window.action(QString("add lane of %1").arg(kind))->trigger();
}

void place_on(Desk& desk, const char* lane, const char* every, const char* from, const char* until) {
    desk.window.go_to_stop(MainWindow::PlaceStop);
    desk.click("page Where");
    choose(desk, "lane choice", lane);
    choose(desk, "source", "beats");
    choose(desk, "every", every);
    desk.type("from", from);
    desk.type("until", until);
    desk.click("place");
}

bool open(Desk& desk) {
    if (!desk.open_demo())
        return false;
    desk.window.document().apply(*without_lane(desk.project(), lane_named(desk, "Flash").id), "delete lane");
    return true;
}

QPoint head(Desk& desk, PinId pin) {
    return desk.window.timeline().head_position(pin).toPoint();
}

QPoint at_time(Desk& desk, Seconds time, int y) {
    return {static_cast<int>(std::lround(desk.window.timeline().scale().x(time))), y};
}

} // namespace

class JourneysPins : public QObject {
    Q_OBJECT

private slots:
    // Common practice: every 8th, every 4th and every 2nd beat on three lanes.
    void journey_three_lanes_of_triggers() {
        Desk desk;
        QVERIFY(open(desk));
        for (const char* name : {"Slow", "Middle", "Fast"})
            add_lane(desk, "triggers", name);
        place_on(desk, "Slow", "8th", "5.1", "13.1");
        place_on(desk, "Middle", "4th", "5.2", "13.1");
        place_on(desk, "Fast", "2nd", "6.1", "13.1");
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
        desk.window.go_to_stop(MainWindow::PlaceStop);
        choose(desk, "lane choice", "Shake");
        choose(desk, "every", "one");
        choose(desk, "filter 1", "last of bars");
        desk.type("from", "1.1");
        desk.type("until", "17.1");
        desk.click("page What");
        auto* effect = desk.window.findChild<QComboBox*>("form effect");
        effect->setCurrentIndex(effect->findText("shake"));
        emit effect->activated(effect->currentIndex()); // as a person does: its usual length comes with it
        desk.click("place");
        const Lane& shake = lane_named(desk, "Shake");
        QCOMPARE(places(desk, shake), (QStringList{"4.4", "8.4", "12.4", "16.4"}));
        const auto& body = std::get<TriggerBody>(shake.pins.front().body);
        QCOMPARE(body.effect, std::string("shake"));
        QVERIFY((body.length == Length{Length::Unit::InFrames, 5})); // common practice: about five frames
        for (const auto& span : desk.window.document().spans(shake.id).triggers)
            QCOMPARE(span.end - span.start, Frames(5));
        // All of it made stronger at once, in the detail.
        auto* strength = desk.window.findChild<QDoubleSpinBox*>("strength");
        QVERIFY(strength->isVisible());
        strength->setValue(150);
        for (const auto& pin : lane_named(desk, "Shake").pins)
            QCOMPARE(std::get<TriggerBody>(pin.body).strength, 150.0);
        QCOMPARE(exceptions_of(desk.project(), desk.project().plantings->back()).count(), std::size_t{0});
    }

    void journey_the_second_camera_at_the_drop_and_back() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        // Two shots are told to be cameras that ran along with the song.
        window.go_to_stop(MainWindow::SongStop);
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
            QVERIFY(tied && std::holds_alternative<CutBody>(desk.project().pin(tied->marker)->body));
        }
        // Snapped in bulk, with a limit, from the list.
        window.go_to_stop(MainWindow::MarkStop);
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
        QVERIFY(desk.message().contains("moved"));
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
                return std::get<MarkerBody>(pin.body).name == "marker of the reel";
            });
        QVERIFY(renamed != desk.markers().pins.end());
        const auto body = std::get<MarkerBody>(renamed->body);
        QCOMPARE(body.note, std::string("peak"));
        QCOMPARE(body.length.amount, 2.0);
        QVERIFY(std::holds_alternative<MarkerAnchor>(renamed->anchor)); // it still lies on its shot
        QVERIFY(std::abs((*anchored_time(renamed->anchor, desk.project()) - desk.bar(13, 2)).value) < 1e-6);
        edit(row_of_it(), MarkerTable::Lasts, "a while"); // no length
        QVERIFY(desk.message().contains("is no length"));
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
        window.go_to_stop(MainWindow::PlaceStop);
        choose(desk, "lane choice", "Lamps");
        choose(desk, "form colours", "in turn");
        place_on(desk, "Lamps", "one", "13.1", "14.1");
        const auto colours = [&](const std::vector<PinId>& pins) {
            std::vector<std::uint32_t> out;
            for (const PinId id : pins)
                out.push_back(std::get<TriggerBody>(desk.project().pin(id)->body).from.rgb);
            return out;
        };
        const auto first = pins_of(desk.project(), desk.project().plantings->back().id);
        const auto four = colours(first);
        QCOMPARE((std::set<std::uint32_t>(four.begin(), four.end()).size()), std::size_t{4});
        // To three further bars.
        window.timeline().setFocus();
        QString told;
        QTimer::singleShot(100, qApp, [&told] {
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
        auto* from = window.findChild<ColourField*>("colour from");
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
        place_on(desk, "Eighth", "8th", "1.1", "13.1");
        place_on(desk, "Second", "2nd", "2.1", "13.1");
        choose(desk, "filter 1", "last of bars");
        place_on(desk, "Shake", "one", "1.1", "17.1");
        choose(desk, "filter 1", "and all of them");
        place_on(desk, "Cuts", "4th", "13.1", "21.1");
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
        window.go_to_stop(MainWindow::GridStop);
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
                if (std::get<CutBody>(desk.project().pin(shot.cut)->body).same_moment)
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
        window.go_to_stop(MainWindow::PlaceStop);
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
        QVERIFY(list->item(line, 3)->text().contains("1 moved") &&
                list->item(line, 3)->text().contains("1 left out"));
        QVERIFY(list->item(line, 4)->text().startsWith("−"));
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
            told = told || (label->isVisible() && label->text().contains("corrected by hand stay"));
        QVERIFY(told);
        desk.click("place");
        QVERIFY(desk.project().planting(planting)->description.starts_with("beats"));
        QVERIFY(desk.project().pin(pins[2]));
        // The kept picker comes back with all of its fields.
        kept->setCurrentIndex(0);
        emit kept->activated(0);
        QCOMPARE(window.findChild<QComboBox*>("source")->currentText(), QString("onsets of"));
        QCOMPARE(window.findChild<QComboBox*>("source row")->currentText(), QString("kick"));
        // Dissolved, the pins stay.
        desk.click("page Placed");
        list->selectRow(list->rowCount() - 1);
        const auto count = lane_named(desk, "Kicks").pins.size();
        desk.click("dissolve planting");
        QVERIFY(!desk.project().planting(planting));
        QCOMPARE(lane_named(desk, "Kicks").pins.size(), count);
    }

    void journey_cells_are_painted_in_the_score() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        add_lane(desk, "triggers", "Flash");
        place_on(desk, "Flash", "2nd", "1.1", "5.1");
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

    void journey_shots_are_slipped_rolled_rippled_swapped_and_replaced() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        auto& timeline = window.timeline();
        place_on(desk, "Cuts", "4th", "13.1", "21.1");
        timeline.show_range(desk.bar(12), desk.bar(19));
        timeline.grab();
        const auto shots = [&] { return window.document().shots(desk.cuts().id); };
        const auto index_at = [&](int bar) {
            const auto all = shots();
            const auto frame = desk.project().settings->frame_rate.frame_at(desk.bar(bar) + Seconds(0.5));
            return static_cast<std::size_t>(shot_at(all, frame) - all.data());
        };
        const QRectF row = timeline.lane_row(desk.cuts().id);
        const auto middle = [&](int bar) {
            return at_time(desk, desk.bar(bar, 3), static_cast<int>(row.center().y()) + 6);
        };
        const auto i = index_at(14);
        const auto before = shots();
        const auto in_point = [&](std::size_t k) { return shots()[k].in_point; };
        // Slip: Alt and the shot's bar.
        const QPoint left = middle(14);
        desk.drag(left, left - QPoint(60, 0), Qt::AltModifier);
        QVERIFY(in_point(i) > before[i].in_point);
        QCOMPARE(shots()[i].start, before[i].start);
        QCOMPARE(window.document().undo_name(), QString("slip shot"));
        desk.window.timeline().setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Roll: Alt and the head.
        const QPoint head_14 = head(desk, shots()[i].cut);
        desk.drag(head_14, at_time(desk, desk.bar(14, 2), head_14.y()), Qt::AltModifier);
        QVERIFY(shots()[i].start > before[i].start);
        QVERIFY(std::abs((in_point(i) - before[i].in_point - (desk.bar(14, 2) - desk.bar(14))).value) < 1e-6);
        QCOMPARE(shots()[i + 1].start, before[i + 1].start);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Ripple: Alt and Ctrl.
        desk.drag(head_14, at_time(desk, desk.bar(14, 2), head_14.y()),
                  Qt::AltModifier | Qt::ControlModifier);
        QVERIFY(shots()[i].start > before[i].start && shots()[i + 1].start > before[i + 1].start);
        QCOMPARE(shots()[i - 1].start, before[i - 1].start);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Swap: one bar dropped on another.
        desk.drag(middle(14), middle(16));
        QCOMPARE(shots()[index_at(14)].shot, before[index_at(16)].shot);
        QCOMPARE(shots()[index_at(16)].shot, before[i].shot);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Replace: the same with Ctrl held when it is dropped.
        QTest::mousePress(&timeline, Qt::LeftButton, {}, middle(14));
        QMouseEvent move(QEvent::MouseMove, middle(16), timeline.mapToGlobal(middle(16)), Qt::NoButton,
                         Qt::LeftButton, Qt::ControlModifier);
        QApplication::sendEvent(&timeline, &move);
        timeline.grab();
        QTest::mouseRelease(&timeline, Qt::LeftButton, Qt::ControlModifier, middle(16));
        QCOMPARE(shots()[index_at(16)].shot, before[i].shot);
        QCOMPARE(shots()[i].shot, before[i].shot);
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        // Let go over nothing, nothing happens.
        desk.drag(middle(14), middle(14) + QPoint(0, 200));
        QCOMPARE(shots()[i].shot, before[i].shot);
        // The same by keys.
        window.view().select({shots()[i].cut});
        desk.key(Qt::Key_Right, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(std::abs((in_point(i) - before[i].in_point).value - 1.0 / 24) < 1e-9);
        desk.key(Qt::Key_Period, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(shots()[i].start > before[i].start);
        desk.key(Qt::Key_S, Qt::ControlModifier | Qt::AltModifier);
        QCOMPARE(shots()[i].shot, before[i + 1].shot);
        // A cross-fade around the beat, seen in the preview half way.
        auto* fade = window.findChild<QSpinBox*>("fade");
        QVERIFY(fade->isVisible());
        fade->setValue(8);
        QCOMPARE(shots()[i].fade, Frames(8));
        window.view().set_playhead(desk.project().settings->frame_rate.start_of(shots()[i].start));
        QVERIFY(QTest::qWaitFor([&] { return window.preview().shown().exact; }, 5000));
        window.grab();
    }

    void journey_triggers_are_stretched_and_stacked() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        auto& timeline = window.timeline();
        add_lane(desk, "triggers", "Flash");
        timeline.show_range(desk.bar(13), desk.bar(17));
        timeline.grab();
        // Double click adds, a drag of its end makes it two beats long.
        const auto lane = [&]() -> const Lane& { return lane_named(desk, "Flash"); };
        const int y = static_cast<int>(timeline.lane_row(lane().id).center().y());
        QTest::mouseDClick(&timeline, Qt::LeftButton, {}, at_time(desk, desk.bar(14), y));
        QTest::mouseDClick(&timeline, Qt::LeftButton, {}, at_time(desk, desk.bar(15), y));
        QCOMPARE(lane().pins.size(), std::size_t{2});
        const PinId first = lane().pins[0].id, second = lane().pins[1].id;
        timeline.grab();
        desk.drag(at_time(desk, desk.bar(15), y) - QPoint(1, 0), at_time(desk, desk.bar(14, 3), y));
        const auto body = [&](PinId id) { return std::get<TriggerBody>(desk.project().pin(id)->body); };
        QVERIFY((body(first).length == Length{Length::Unit::InBeats, 2}));
        // With Shift in frames.
        timeline.grab();
        desk.drag(at_time(desk, desk.bar(14, 3), y), at_time(desk, desk.bar(14, 2), y), Qt::ShiftModifier);
        QCOMPARE(body(first).length.unit, Length::Unit::InFrames);
        QVERIFY(std::abs(body(first).length.amount - 12) <= 1);
        // Into another row and back by keys; there it no longer ends where the other begins.
        window.view().select({second});
        timeline.setFocus();
        desk.key(Qt::Key_Down, Qt::AltModifier);
        QCOMPARE(body(second).row, 1);
        QCOMPARE(window.document().spans(lane().id).rows, 2);
        timeline.grab();
        const QPoint at = head(desk, second) + QPoint(4, 0);
        desk.drag(at, at - QPoint(0, 40));
        QCOMPARE(body(second).row, 0);
        // Two on one frame: the one placed last acts, and both say so.
        window.view().select({second});
        desk.key(Qt::Key_Left, Qt::AltModifier | Qt::ShiftModifier);
        const auto& spans = window.document().spans(lane().id).triggers;
        QVERIFY(spans[0].hidden && spans[0].pin == first);
        bool told = false;
        for (const auto* label : window.findChildren<QLabel*>())
            told = told || (label->isVisible() && label->text().contains("shared"));
        QVERIFY(told);
        // Muted, it gives way; locked, it stays where it is.
        desk.key(Qt::Key_M, Qt::ControlModifier);
        QVERIFY(desk.project().pin(second)->muted);
        QVERIFY(!window.document().spans(lane().id).triggers[0].hidden);
        desk.key(Qt::Key_L, Qt::ControlModifier);
        const auto anchor = desk.project().pin(second)->anchor;
        desk.key(Qt::Key_Right, Qt::AltModifier);
        QVERIFY(desk.project().pin(second)->anchor == anchor);
        QVERIFY(desk.message().contains("locked"));
        timeline.grab();
        // The lane's own lock.
        QTest::mouseClick(&timeline, Qt::LeftButton, {}, timeline.switch_position(lane().id, 'L').toPoint());
        QVERIFY(lane().locked);
        window.view().select({first});
        desk.key(Qt::Key_Delete);
        QCOMPARE(lane().pins.size(), std::size_t{2});
    }

    void journey_pins_are_selected_by_what_they_share() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& window = desk.window;
        window.timeline().setFocus();
        const auto selected = [&] { return window.view().selection().size(); };
        window.view().select({desk.cuts().pins[0].id});
        desk.key(Qt::Key_A, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(selected(), desk.cuts().pins.size());
        window.view().select({desk.markers().pins[0].id});
        window.action("select colour")->trigger();
        QCOMPARE(selected(), std::size_t{2}); // launch and last chord
        window.view().select({desk.cuts().pins[0].id});
        window.action("select name")->trigger();
        QCOMPARE(selected(), std::size_t{1});
        window.view().set_range(TimeRange{desk.bar(13), desk.bar(15)});
        desk.key(Qt::Key_R, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(selected(), std::size_t{5}); // drop and four flashes
        QTimer::singleShot(100, qApp, [] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            dialog->setTextValue("LAUN");
            dialog->accept();
        });
        desk.key(Qt::Key_F, Qt::ControlModifier);
        QCOMPARE(selected(), std::size_t{2}); // the marker and the cut to that shot
        // A lasso over two lanes.
        auto& timeline = window.timeline();
        timeline.show_range(desk.bar(8), desk.bar(18));
        timeline.grab();
        const auto top = timeline.lane_row(desk.markers().id), bottom = timeline.lane_row(desk.cuts().id);
        desk.drag(at_time(desk, desk.bar(8, 3), static_cast<int>(top.top()) + 2),
                  at_time(desk, desk.bar(9, 2), static_cast<int>(bottom.bottom()) - 2), Qt::ShiftModifier);
        QCOMPARE(selected(), std::size_t{2}); // "launch" and the cut under it
        desk.key(Qt::Key_Escape);
        QCOMPARE(selected(), std::size_t{0});
    }

    void journey_copied_and_pasted_on_the_next_chosen_beats() {
        Desk desk;
        QVERIFY(open(desk));
        auto& window = desk.window;
        add_lane(desk, "triggers", "Flash");
        place_on(desk, "Flash", "one", "1.1", "2.1"); // four, selected
        window.timeline().setFocus();
        desk.key(Qt::Key_C, Qt::ControlModifier);
        window.view().set_playhead(desk.bar(3));
        desk.key(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(places(desk, lane_named(desk, "Flash")).last(), QString("3.4"));
        // Every second beat is chosen; pasted from the playhead on.
        choose(desk, "every", "2nd");
        desk.type("from", "5.1");
        desk.type("until", "9.1");
        window.view().set_playhead(desk.bar(6));
        window.timeline().setFocus();
        desk.key(Qt::Key_V, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(places(desk, lane_named(desk, "Flash")).last(4), (QStringList{"6.1", "6.3", "7.1", "7.3"}));
        desk.key(Qt::Key_X, Qt::ControlModifier);
        QCOMPARE(lane_named(desk, "Flash").pins.size(), std::size_t{8});
    }

    void journey_pictures_and_folders_come_into_the_bin() {
        Desk desk;
        QVERIFY(open(desk));
        QTemporaryDir folder;
        for (const char* name : {"b.png", "a.png"}) {
            QImage picture(64, 36, QImage::Format_RGB32);
            picture.fill(name[0] == 'a' ? Qt::red : Qt::blue);
            QVERIFY(picture.save(folder.filePath(name)));
        }
        QVERIFY(QFile::copy(PULSEPIN_DEMO "/loop.webm", folder.filePath("c.webm")));
        QFile notes(folder.filePath("notes.txt"));
        QVERIFY(notes.open(QIODevice::WriteOnly));
        desk.window.document().add_clips({folder.path().toStdString()});
        QVERIFY(desk.settle());
        const auto& bin = *desk.project().bin;
        QCOMPARE(bin.size(), std::size_t{9});
        QCOMPARE(bin[6].name, std::string("a"));
        QVERIFY(bin[6].still && !bin[8].still);
        // A picture lasts as long as it is shown: never too short, and it is seen.
        desk.window.document().apply(
            *replaced(desk.project(), desk.window.document().shown_shots().back().cut, bin[6].id), "replace");
        const auto& last = desk.window.document().shown_shots().back();
        QVERIFY(!last.too_short);
        const auto rate = desk.project().settings->frame_rate;
        desk.window.view().set_playhead(rate.start_of(last.start + Frames(200)));
        QVERIFY(QTest::qWaitFor([&] { return desk.window.preview().shown().exact; }, 5000));
        const QImage seen = desk.window.preview().grab().toImage();
        QVERIFY(seen.pixelColor(seen.width() / 2, seen.height() / 2).red() > 200);
        QTemporaryDir nothing;
        desk.window.document().add_clips({nothing.path().toStdString()});
        QVERIFY(desk.settle());
        QVERIFY(desk.message().contains("no shots in that folder"));
    }

    void journey_lanes_are_named_moved_and_deleted() {
        Desk desk;
        QVERIFY(desk.open_demo());
        auto& timeline = desk.window.timeline();
        const LaneId flash = lane_named(desk, "Flash").id;
        QTimer::singleShot(100, qApp, [] {
            auto* dialog = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            dialog->setTextValue("Lightning");
            dialog->accept();
        });
        QTest::mouseDClick(&timeline, Qt::LeftButton, {},
                           QPoint(40, static_cast<int>(timeline.lane_row(flash).center().y())));
        QCOMPARE(desk.project().lane(flash)->name, std::string("Lightning"));
        const auto choose_in_menu = [&](const QString& text) {
            QTimer::singleShot(100, qApp, [text] {
                auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
                QVERIFY(menu);
                for (auto* action : menu->actions())
                    if (action->text() == text) {
                        action->trigger();
                        menu->close();
                    }
            });
            const QPoint at(40, static_cast<int>(timeline.lane_row(flash).center().y()));
            QContextMenuEvent event(QContextMenuEvent::Mouse, at, timeline.mapToGlobal(at));
            QApplication::sendEvent(&timeline, &event);
        };
        choose_in_menu("Move up");
        QCOMPARE(desk.project().lanes[1]->id, flash);
        timeline.grab();
        choose_in_menu("Delete");
        QVERIFY(!desk.project().lane(flash));
        QCOMPARE(desk.project().plantings->size(), std::size_t{1});
        timeline.setFocus();
        desk.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(desk.project().lane(flash));
    }
};

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    prepare_application(application);
    JourneysPins journeys;
    return QTest::qExec(&journeys, argc, argv);
}
#include "journeys_pins.moc"
