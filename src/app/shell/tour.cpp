// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/tour.h"

#include "hand/poses.h"
#include "hand/seen_values.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/edits.h"
#include "model/pin_edits.h"
#include "model/planting_edits.h"
#include "model/song_edits.h"
#include "pages/stops/layers_page.h"
#include "params/easings.h"
#include "parts/step_cells.h"
#include "picture/moving_sheet.h"
#include "shell/tour_folder.h"
#include "shell/tour_words.h"
#include "time/grid_bend.h"

#include <QApplication>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QElapsedTimer>
#include <QEventLoop>
#include <QFile>
#include <QPainter>
#include <QPushButton>
#include <cstdio>

namespace pulsepin {
namespace {

class Tour {
public:
    Tour(MainWindow& window, QString folder) : window_(window), folder_(std::move(folder)) {}

    bool run() {
        if (const QString fault = fault_of_tour_folder(folder_); !fault.isEmpty()) {
            std::fprintf(stderr, "%s\n", fault.toLocal8Bit().constData());
            return false;
        }
        return see_song() && see_grid() && see_words() && see_placing() && see_score() && see_sounds() &&
               see_lights() && see_motion() && see_check() && see_export();
    }

private:
    bool see_song() {
        if (!step("open the demo", wait([&] { return window_.document().sound() != nullptr; })))
            return false;
        window_.go_to_stop(Stop::Song);
        window_.view().set_playhead(Seconds(16.5));
        wait([this] { return window_.preview().shown().exact && !window_.document().jobs().busy(); });
        picture("song");
        return true;
    }

    bool see_grid() {
        window_.go_to_stop(Stop::Grid);
        window_.findChild<QPushButton*>("detect")->click();
        if (!step("find the beats", wait([&] { return !window_.document().jobs().busy(); }) &&
                                        window_.document().project().grid))
            return false;
        const int corrections = correct_two_beats();
        show_bars(7, 14);
        go_to(9, 3);
        picture("grid");
        window_.findChild<QPushButton*>("detect")->click();
        if (!step("find the beats again", wait([&] { return !window_.document().jobs().busy(); }) &&
                                              window_.document().detection().proposal()))
            return false;
        window_.document().detection().leave_proposal();
        for (int i = 0; i < corrections; ++i)
            window_.document().undo();
        window_.view().choose_beat(std::nullopt);
        window_.findChild<QPushButton*>("page Onsets")->click();
        window_.view().set_playhead(time_of_bar(8));
        window_.findChild<QPushButton*>("find like this")->click();
        if (!step("find sounds like one", wait([&] { return !window_.document().jobs().busy(); }) &&
                                              window_.document().project().detection->rows.back().like))
            return false;
        picture("onsets");
        window_.document().undo();
        window_.findChild<QPushButton*>("page Beats")->click();
        return true;
    }

    bool see_words() {
        const TourSteps steps{[this](const std::function<bool()>& done) { return wait(done); },
                              [this](const QString& name) { picture(name); },
                              [this](std::int64_t from, std::int64_t until) { show_bars(from, until); },
                              [this](std::int64_t bar, int beat) { go_to(bar, beat); }};
        return step("set words", tour_words(window_, steps));
    }

    bool see_placing() {
        window_.go_to_stop(Stop::Place);
        window_.view().set_range(TimeRange{time_of_bar(13), time_of_bar(21)});
        show_bars(11, 20);
        go_to(12, 3);
        picture("place");
        choose("source", "half beats");
        choose("filter 1", "pattern");
        window_.findChild<QDoubleSpinBox*>("filter 1 steps")->setValue(2);
        window_.findChild<StepCells*>("filter 1 on")
            ->set_steps({true, false, false, true, false, false, true, false});
        emit window_.findChild<StepCells*>("filter 1 on")->changed();
        choose("every", "one");
        choose("source", "beats");
        choose("filter 1", "No filter");
        choose("every", "2nd");
        const auto before = cuts();
        window_.findChild<QPushButton*>("place")->click();
        if (!step("place cuts on every second beat", cuts() > before))
            return false;
        go_to(15, 2);
        select_cut_at_playhead();
        window_.view().set_range(TimeRange{time_of_bar(21), time_of_bar(25)});
        show_bars(14, 23);
        picture("timeline");
        return true;
    }

    bool see_score() {
        window_.view().set_range(std::nullopt);
        window_.show_score(true);
        picture("score");
        paint_cells();
        window_.score().set_painting(false);
        window_.show_score(false);
        window_.view().select({});
        return true;
    }

    bool see_sounds() {
        // The song once more, quieter and later: what a second sound looks like.
        show_bars(9, 19);
        window_.document().add_sound(window_.document().project().song->path, time_of_bar(11));
        if (!step("lay a second sound", wait([&] { return !window_.document().jobs().busy(); }) &&
                                            window_.document().project().first_lane(body_type<SoundBody>)))
            return false;
        shape_second_sound();
        window_.document().undo();
        window_.document().undo();
        return true;
    }

    bool see_motion() {
        if (!step("open the demo in motion", open_in_motion()))
            return false;
        show_bars(12, 17);
        go_to(14, 1);
        show_curve("Kite scale");
        picture("motion");
        show_curve("Kick glow");
        correct_curve();
        picture("follower");
        window_.findChild<QPushButton*>("layers of the picture")->click();
        for (const auto& layer : window_.document().project().stage->layers)
            if (layer.name == "Ring")
                window_.view().choose_layer(layer.id);
        for (const auto& lane : window_.document().project().lanes)
            if (lane->name == "Sparks") // the rings lie above them
                window_.timeline().reveal_lane(lane->id);
        picture("layers");
        window_.view().choose_layer({});
        see_what_is_ready();
        see_picture();
        window_.findChild<QPushButton*>("curves")->click();
        return true;
    }

    /// Eight lanterns on the drop: their lane, and the plan lit as at the playhead.
    bool see_lights() {
        auto& document = window_.document();
        const auto folder = document.path().parent_path();
        if (!step("open the demo with lanterns",
                  document.open(folder / "kite-day-with-lanterns.pulsepin") &&
                      wait([&] { return document.sound() && !document.jobs().busy(); })))
            return false;
        window_.go_to_stop(Stop::Motion);
        window_.findChild<QPushButton*>("lights")->click();
        show_bars(13, 17);
        go_to(15, 2);
        const auto& rig = *document.project().rig;
        window_.view().choose_lamps({rig.groups.front().id});
        window_.timeline().reveal_lane(document.project().first_lane(body_type<LightBody>)->id);
        wait([this] { return window_.preview().shown().exact; });
        picture("lights");
        window_.view().choose_lamps({});
        window_.findChild<QPushButton*>("curves")->click();
        return true;
    }

    /// The sheet of what is ready, over the window as it stands there.
    void see_what_is_ready() {
        window_.findChild<LayersPage*>()->choose_ready();
        auto* sheet = qobject_cast<MovingSheet*>(QApplication::activePopupWidget());
        if (!step("see what is ready", sheet && wait([&] { return sheet->pictures().complete(); })))
            return;
        wait([this] { return window_.preview().shown().exact && window_.view().trial(); });
        QPixmap seen = window_.grab();
        QPainter painter(&seen);
        painter.drawPixmap(window_.mapFromGlobal(sheet->mapToGlobal(QPoint(0, 0))), sheet->grab());
        painter.end();
        seen.save(folder_ + "/ready.png");
        sheet->close();
    }

    /// Beside the song with room around the frame and a layer in hand; then in a window of its own.
    void see_picture() {
        auto& room = window_.picture_room();
        auto& picture_view = window_.preview();
        room.set_place(PicturePlace::Beside);
        go_to(14, 3);
        for (const auto& layer : window_.document().project().stage->layers)
            if (layer.kind == layers::shape)
                window_.view().choose_layer(layer.id);
        picture_view.zoom_by(0.7, QRectF(picture_view.rect()).center());
        wait([&] { return picture_view.shown().exact; });
        picture("picture-beside");
        room.set_place(PicturePlace::Window);
        picture_view.set_zoom(std::nullopt);
        picture_view.set_safe_areas(true);
        wait([&] { return picture_view.shown().exact && picture_view.window() != &window_; });
        for (int i = 0; i < 8; ++i)
            QApplication::processEvents(QEventLoop::AllEvents, 50);
        picture_view.set_safe_areas(false);
        window_.view().choose_layer({});
        room.set_place(PicturePlace::Bench);
        see_poses();
    }

    /// A layer posed at three bars, all of them selected: the ways between them have handles.
    void see_poses() {
        auto& document = window_.document();
        LayerId words;
        for (const auto& layer : document.project().stage->layers)
            if (layer.kind == layers::title && words.value == 0)
                words = layer.id;
        PinSet poses;
        int turn = -1;
        for (const int bar : {13, 14, 16}) {
            const Frames frame =
                document.project().settings->frame_rate.frame_at(time_of_bar(bar) + Seconds(0.03));
            auto posed = with_pose(document.schedule(), words,
                                   document.project().settings->frame_rate.start_of(frame));
            if (!posed)
                return;
            document.apply(posed->project, "pose");
            poses.insert(posed->poses.begin(), posed->poses.end());
            document.apply(with_seen_values(document.curves(), words,
                                            {{"position-x", 150.0 * turn},
                                             {"position-y", 90.0 * turn},
                                             {"rotation", 12.0 * turn},
                                             {"scale", 100.0 + 30 * turn}},
                                            frame),
                           "place");
            turn = turn == -1 ? 1 : 0;
        }
        document.apply(with_bodies(document.project(), std::vector<PinId>(poses.begin(), poses.end()),
                                   [](PinBody& body) {
                                       body_of<PoseBody>(body).easing = {"bezier", {0.3, 0.0, 0.15, 1.0}};
                                   }),
                       "ease");
        window_.picture_room().set_place(PicturePlace::Beside);
        const Lane* lane = pose_lane_of(document.project(), words);
        window_.view().choose_lane(lane->id);
        show_bars(12, 18);
        window_.timeline().reveal_lane(lane->id);
        go_to(14, 1);
        window_.view().choose_layer(words);
        window_.view().select(poses);
        window_.view().select({});
        window_.view().choose_layer({});
        window_.picture_room().set_place(PicturePlace::Bench);
        window_.timeline().reveal_lane(document.project().lanes.front()->id);
    }

    /// The chorus as a film, in the middle of its making.
    bool see_film() {
        auto& page = window_.export_panel().film();
        window_.view().set_range(TimeRange{time_of_bar(13), time_of_bar(19)});
        choose("film range", "drawn range");
        const QString film = folder_ + "/kite-day-chorus.mp4", archive = folder_ + "/kite-day-chorus.mkv";
        QFile::remove(film);
        QFile::remove(archive);
        window_.film_commands().render_to(film);
        auto* kinds = window_.findChild<QComboBox*>("film format");
        kinds->setCurrentIndex(kinds->findData("ffv1"));
        window_.film_commands().render_to(archive);
        const int waiting = page.queue().entries().back().number;
        kinds->setCurrentIndex(kinds->findData("h264"));
        go_to(14, 3);
        const auto made = [&] { return page.queue().entries().front().made; };
        wait([&] { return made() > 90; });
        picture("film");
        window_.findChild<QPushButton*>("page of formats")->click();
        QElapsedTimer looked_at; // what each format cannot hold is told a moment later
        looked_at.start();
        wait([&] { return looked_at.elapsed() > 900; });
        picture("hand-on");
        window_.findChild<QPushButton*>("page of sheets")->click();
        auto* sheet = window_.findChild<QLabel*>("sheet picture");
        wait([&] { return !sheet->pixmap(Qt::ReturnByValue).isNull(); });
        picture("sheets");
        window_.findChild<QPushButton*>("page of film")->click();
        page.queue().cancel(waiting);
        const bool done =
            wait([&] { return !page.queue().busy(); }) && QFile::exists(film) && !QFile::exists(archive);
        return step("render a film", done);
    }

    /// A cut beside its beat, two that are too near, a strobe that is too fast; and they are gone again.
    bool see_check() {
        auto& document = window_.document();
        const Project before = document.project();
        const LaneId cuts = before.first_lane(body_type<CutBody>)->id;
        const LaneId flash = before.first_lane(body_type<TriggerBody>)->id;
        const auto at = [&](std::int64_t bar, int beat) {
            return MusicalAnchor{before.grid->ticks_of({bar, beat, 0})};
        };
        TriggerBody strobe;
        strobe.effect = "strobe";
        strobe.length = {Length::Unit::InBeats, 4};
        strobe.from = strobe.to = {0xffffff};
        strobe.strobe_beats = 1.0 / 6;
        strobe.row = 1;
        Project planted = *with_pins(before, flash, {{{}, at(15, 3), strobe, {}}});
        for (const auto& pin : before.lane(cuts)->pins)
            if (const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor);
                musical && musical->at == at(15, 1).at)
                planted = *with_anchor(planted, pin.id, TimeAnchor{time_of_bar(15) + Seconds(0.061)});
        planted = *with_pins(planted, cuts,
                             {{{},
                               MusicalAnchor{at(18, 1).at + Ticks(160)},
                               CutBody{before.bin->front().id, Seconds(0)},
                               {}}});
        document.apply(planted, "faults");
        window_.view().select({});
        window_.go_to_stop(Stop::Check);
        auto& panel = window_.check_panel();
        if (!step("check", wait([&] { return panel.bank().is_current(); })))
            return false;
        show_bars(13, 20);
        for (int row = 0; row < panel.table().rowCount(); ++row)
            if (panel.table().finding(row)->check == "flashes")
                panel.choose_row(row);
        window_.player().stop();
        window_.timeline().reveal_lane(cuts);
        go_to(15, 4);
        window_.findChild<QPushButton*>("show mend")->click();
        wait([&] { return !document.jobs().busy(); });
        picture("check");
        document.undo();
        return step("take it back", same_content(document.project(), before));
    }

    bool see_export() {
        window_.document().apply(with_words_to_hand_on(window_.document().project()), "words");
        window_.go_to_stop(Stop::Export);
        bool written = true;
        for (const auto& row : exporters()) {
            const QString file = folder_ + "/kite-day-" + QString::fromUtf8(row.id.data()) + "." +
                                 QString::fromUtf8(row.extension.data());
            QFile::remove(file); // of an earlier tour
            const bool of_lamps = row.id.starts_with("light");
            if (of_lamps && window_.document().project().rig->fixtures.empty())
                continue; // this piece has none
            window_.export_panel().write(row, file);
            written =
                wait([&] { return !window_.document().jobs().busy(); }) && QFile::exists(file) && written;
        }
        window_.timeline().show_all();
        return step("export", written) && see_film();
    }

    bool wait(const std::function<bool()>& done) {
        QElapsedTimer clock;
        clock.start();
        while (!done() && clock.elapsed() < 60'000)
            QApplication::processEvents(QEventLoop::WaitForMoreEvents | QEventLoop::AllEvents, 50);
        return done();
    }

    bool step(const char* what, bool done) {
        std::printf("%s: %s\n", what, done ? "done" : "failed");
        std::fflush(stdout);
        return done;
    }

    std::size_t cuts() const {
        return window_.document().project().first_lane(body_type<CutBody>)->pins.size();
    }

    Seconds time_of_bar(std::int64_t bar, int beat = 1) const {
        const auto& grid = *window_.document().project().grid;
        return grid.time_at(grid.ticks_of({bar, beat, 0}));
    }

    void show_bars(std::int64_t from, std::int64_t until) {
        window_.timeline().show_range(time_of_bar(from) - Seconds(0.4), time_of_bar(until));
    }

    void go_to(std::int64_t bar, int beat) {
        window_.view().set_playhead(time_of_bar(bar, beat) + Seconds(0.12));
        window_.timeline().reveal(window_.view().playhead());
        wait([this] { return window_.preview().shown().exact; });
    }

    /// One held where it was found, one moved a little; and taps along the next bars.
    int correct_two_beats() {
        auto& document = window_.document();
        const auto beat_of = [&](std::int64_t bar) {
            return document.project().grid->ticks_of({bar, 1, 0}).value / ticks_per_beat;
        };
        document.apply(
            retimed(document.project(), *with_beat_held(*document.project().grid, beat_of(9), true)),
            "hold beat");
        const Seconds moved = time_of_bar(11) + Seconds(0.012);
        document.apply(retimed(document.project(), *with_beat_moved(*document.project().grid, beat_of(11),
                                                                    moved, BendReach::Bar)),
                       "move beat");
        window_.view().choose_beat(beat_of(11));
        for (int i = 0; i < 12; ++i) {
            constexpr double late_ms[] = {6, -9, 4, 14, -3, -12, 5, 2, 70, -6, 8, -4};
            window_.taps().tap_in_song(time_of_bar(9 + i / 4, 1 + i % 4) + Seconds(late_ms[i] / 1000), 1,
                                       i % 4 == 0);
        }
        return 2;
    }

    void choose(const char* box, const QString& text) {
        auto* combo = window_.findChild<QComboBox*>(box);
        combo->setCurrentIndex(combo->findText(text));
    }

    /// Some places of the first phrase of the chorus painted, one of the planting's own emptied.
    void paint_cells() {
        auto& score = window_.score();
        window_.view().set_playhead(time_of_bar(13));
        score.reveal(time_of_bar(13));
        score.set_cells_a_beat(2);
        score.set_painting(true);
        window_.grab();
        const Project project = window_.document().project();
        const Lane* flash = project.first_lane(body_type<TriggerBody>);
        for (const auto& [bar, beat] :
             {std::pair{14, 3}, std::pair{15, 2}, std::pair{15, 4}, std::pair{16, 4}})
            score.switch_cell(flash->id, project.grid->ticks_of({bar, beat, 0}));
        score.switch_cell(flash->id, project.grid->ticks_of({16, 4, 480}));
    }

    bool open_in_motion() {
        auto& document = window_.document();
        const auto folder = document.path().parent_path();
        if (!document.open(folder / "kite-day-in-motion.pulsepin"))
            return false;
        SongLook look = window_.view().look();
        look.spectrum = SongLook::Spectrum::Folded; // room for the lanes
        window_.view().set_look(look);
        window_.go_to_stop(Stop::Motion);
        return wait(
            [&] { return document.sound() && !document.jobs().busy() && !document.followers().empty(); });
    }

    void show_curve(const char* lane) {
        auto* lanes = window_.findChild<QComboBox*>("motion lane");
        lanes->setCurrentIndex(lanes->findText(lane));
        window_.view().select({});
        wait([this] { return window_.preview().shown().exact; });
    }

    /// One top lowered by hand; levels of steps are lines in the lane.
    void correct_curve() {
        auto& document = window_.document();
        const LaneId lane = window_.view().motion_lane();
        KeyBody key;
        key.role = KeyRole::Lift;
        key.value = -0.3;
        key.fade_in = key.fade_out = Seconds(0.15);
        const auto corrected = with_pins(document.project(), lane,
                                         {Pin{{}, TimeAnchor{time_of_bar(15) + Seconds(0.08)}, key, {}}});
        document.apply(corrected, "correct curve");
        wait([&] { return document.followers_current(); });
        window_.timeline().reveal_lane(lane);
    }

    void select_cut_at_playhead() {
        const auto rate = window_.document().project().settings->frame_rate;
        if (const auto* shot =
                shot_at(window_.document().shown_shots(), rate.frame_at(window_.view().playhead())))
            window_.view().select({shot->cut});
    }

    void shape_second_sound() {
        auto& document = window_.document();
        const Pin& pin = document.project().first_lane(body_type<SoundBody>)->pins.front();
        auto body = body_of<SoundBody>(pin.body);
        body.length = time_of_bar(17) - time_of_bar(11);
        body.gain_db = -9;
        body.fade_in = time_of_bar(12) - time_of_bar(11);
        body.fade_out = time_of_bar(17) - time_of_bar(15);
        body.curve_out = FadeCurve::EqualPower;
        body.gain_line = {{Seconds(2), 0}, {Seconds(4), -12}, {Seconds(6), -3}};
        const PinId id = pin.id;
        SongTrack track;
        track.body.gain_line = {
            {time_of_bar(10), 0}, {time_of_bar(12), -9}, {time_of_bar(16), -9}, {time_of_bar(17), 0}};
        track.body.fade_out = Seconds(5);
        const auto shaped = with_body(document.project(), id, body);
        document.apply(with_song_track(*shaped, track), "shape sounds");
        window_.view().select({id});
        wait([&] { return !document.jobs().busy(); });
    }

    void picture(const QString& name) {
        wait([this] {
            window_.grab(); // asks for the tiles
            return window_.timeline().tiles().complete() && window_.document().thumbnails().complete();
        });
        for (int i = 0; i < 4; ++i)
            QApplication::processEvents(QEventLoop::AllEvents, 50);
        window_.grab().save(QString("%1/%2.png").arg(folder_, name));
    }

    MainWindow& window_;
    QString folder_;
};

} // namespace

void start_tour(MainWindow& window, const QString& folder) {
    QTimer::singleShot(0, &window,
                       [&window, folder] { QApplication::exit(Tour(window, folder).run() ? 0 : 1); });
}

} // namespace pulsepin
