// SPDX-License-Identifier: GPL-3.0-or-later
//
// What the keys and the menu do.
#include "main_window.h"

#include "bench_area.h"
#include "model/edits.h"
#include "kinds/kinds.h"
#include "time/musical_text.h"

#include <QActionGroup>
#include <QDialog>
#include <QGridLayout>
#include <QLabel>
#include <algorithm>
#include <cmath>

namespace pulsepin {
QAction* MainWindow::add(QMenu* menu, const QString& name, const QString& text,
                         const QList<QKeySequence>& keys, std::function<void()> what) {
    auto* action = new QAction(text, this);
    action->setObjectName(name);
    action->setShortcuts(keys);
    connect(action, &QAction::triggered, this, std::move(what));
    addAction(action);
    menu->addAction(action);
    actions_[name] = action;
    action_groups_.emplace_back(menu->title(), action);
    return action;
}

void MainWindow::make_actions() {
    using K = QKeySequence;
    auto* file = menu_.addMenu(tr("File"));
    add(file, "new", tr("New project"), {K::New}, [this] { leave([this] { document_.start_new(); }); });
    add(file, "open", tr("Open project…"), {K(tr("Ctrl+Shift+O"))}, [this] { open_dialog(); });
    recent_menu_ = file->addMenu(tr("Recent projects"));
    connect(recent_menu_, &QMenu::aboutToShow, this, &MainWindow::fill_recent_menu);
    add(file, "save", tr("Save"), {K::Save}, [this] { save(); });
    add(file, "save as", tr("Save as…"), {K(tr("Ctrl+Shift+S"))}, [this] { save_as(); });
    file->addSeparator();
    add(file, "open song", tr("Open song…"), {K::Open}, [this] { song_dialog(); });
    add(file, "open beats", tr("Open beats…"), {}, [this] { beats_dialog(); });
    add(file, "add shots", tr("Add shots…"), {K(tr("Ctrl+I"))}, [this] { shots_dialog(); });
    add(file, "add shot folder", tr("Add a folder of shots…"), {}, [this] { shot_folder_dialog(); });
    file->addSeparator();
    add(file, "quit", tr("Quit"), {K(tr("Ctrl+Q"))}, [this] { close(); });

    edit_menu_ = menu_.addMenu(tr("Edit"));
    add(edit_menu_, "undo", tr("Undo"), {K::Undo}, [this] { document_.undo(); });
    add(edit_menu_, "redo", tr("Redo"), {K(tr("Ctrl+Shift+Z")), K(tr("Ctrl+Y"))},
        [this] { document_.redo(); });
    edit_menu_->addSeparator();
    make_sound_actions(edit_menu_);
    add(edit_menu_, "detect", tr("Find the beats"), {K(tr("Ctrl+D"))}, [this] {
        go_to_stop(GridStop);
        grid_->findChild<QPushButton*>("detect")->click();
    });
    add(edit_menu_, "bar 1", tr("Bar 1 at the playhead"), {K(tr("B"))},
        [this] { grid_->name_bar_one_at_playhead(); });

    make_pin_actions(menu_.addMenu(tr("Pins")));
    make_select_actions(menu_.addMenu(tr("Select")));
    make_shot_actions(menu_.addMenu(tr("Shots")));
    make_lane_actions(menu_.addMenu(tr("Lanes")));
    auto* beats = menu_.addMenu(tr("Beats"));
    make_grid_actions(beats);

    auto* play = menu_.addMenu(tr("Play"));
    add(play, "play", tr("Play or stop"), {K(tr("Space"))}, [this] { toggle_play(); });
    add(play, "few seconds", tr("Play a few seconds"), {K(tr("Shift+Space"))},
        [this] { play_few_seconds(); });
    add(play, "loop", tr("Loop the range"), {K(tr("L"))}, [this] { view_.set_looping(!view_.looping()); });
    add(play, "start", tr("To the start"), {K(tr("Home"))}, [this] { set_playhead(Seconds(0)); });
    add(play, "end", tr("To the end"), {K(tr("End"))}, [this] {
        if (document_.project().song)
            set_playhead(document_.project().song->duration());
    });
    add(play, "frame back", tr("A frame back"), {K(tr("Left"))}, [this] { step_frames(-1); });
    add(play, "frame on", tr("A frame on"), {K(tr("Right"))}, [this] { step_frames(1); });
    add(play, "beat back", tr("A beat back"), {K(tr("Shift+Left"))}, [this] { step_beats(-1); });
    add(play, "beat on", tr("A beat on"), {K(tr("Shift+Right"))}, [this] { step_beats(1); });
    add(play, "bar back", tr("A bar back"), {K(tr("Ctrl+Left"))}, [this] { step_bars(-1); });
    add(play, "bar on", tr("A bar on"), {K(tr("Ctrl+Right"))}, [this] { step_bars(1); });
    add(play, "pin back", tr("To the pin before"), {K(tr("PgUp"))}, [this] { step_pins(-1); });
    add(play, "pin on", tr("To the next pin"), {K(tr("PgDown"))}, [this] { step_pins(1); });

    make_play_actions(play);

    auto* look = menu_.addMenu(tr("View"));
    add(look, "zoom in", tr("Zoom in"), {K::ZoomIn, K(tr("Ctrl+="))}, [this] { zoom_by(1.5); });
    add(look, "zoom out", tr("Zoom out"), {K::ZoomOut}, [this] { zoom_by(1 / 1.5); });
    add(look, "whole song", tr("Whole song"), {K(tr("Ctrl+0"))}, [this] { timeline_->show_all(); });
    add(look, "higher wave", tr("Waveform higher"), {K(tr("Ctrl+Up"))},
        [this] { timeline_->set_wave_height(view_.look().wave_height * 1.25); });
    add(look, "lower wave", tr("Waveform lower"), {K(tr("Ctrl+Down"))},
        [this] { timeline_->set_wave_height(view_.look().wave_height / 1.25); });
    auto* score = add(look, "score", tr("Score"), {K(tr("V"))}, [] {});
    score->setCheckable(true);
    connect(score, &QAction::triggered, this, &MainWindow::show_score);
    auto* paint = add(look, "paint cells", tr("Paint cells in the score"), {K(tr("P"))}, [] {});
    paint->setCheckable(true);
    connect(paint, &QAction::triggered, this, [this](bool painting) {
        if (painting)
            show_score(true);
        score_->set_painting(painting);
    });
    auto* cells = look->addMenu(tr("Cells of the score"));
    for (const auto& [count, text] :
         {std::pair{1, tr("Beats")}, std::pair{2, tr("Halves of beats")}, std::pair{3, tr("Thirds of beats")},
          std::pair{4, tr("Quarters of beats")}})
        connect(cells->addAction(text), &QAction::triggered, this,
                [this, count] { score_->set_cells_a_beat(count); });
    add(look, "finer cells", tr("Finer or coarser cells"), {K(tr("Shift+P"))}, [this] {
        score_->set_cells_a_beat(score_->cells_a_beat() == 1 ? 2 : score_->cells_a_beat() == 2 ? 4 : 1);
        document_.say(tr("%1 cells a beat").arg(score_->cells_a_beat()));
    });
    auto* phrases = look->addMenu(tr("Bars in a row of the score"));
    for (const int bars : ScoreView::phrase_lengths)
        connect(phrases->addAction(QString::number(bars)), &QAction::triggered, this,
                [this, bars] { score_->set_bars_in_row(bars); });
    make_snap_actions(look);
    make_look_actions(look);
    const char* const stop_names[] = {QT_TR_NOOP("Stop: Song"),   QT_TR_NOOP("Stop: Grid"),
                                      QT_TR_NOOP("Stop: Mark"),   QT_TR_NOOP("Stop: Place"),
                                      QT_TR_NOOP("Stop: Motion"), QT_TR_NOOP("Stop: Export")};
    for (int stop = SongStop; stop <= ExportStop; ++stop)
        add(look, QString("stop %1").arg(stop + 1), tr(stop_names[stop]),
            {K(QString("Ctrl+%1").arg(stop + 1))}, [this, stop] { go_to_stop(static_cast<Stop>(stop)); });
    add(look, "fold bench", tr("Fold the bench away"), {K(tr("F9"))},
        [this] { bench_area_->setVisible(!bench_area_->isVisible()); });
    auto* night = add(look, "night", tr("Night paper"), {K(tr("Ctrl+Shift+N"))}, [] {});
    night->setCheckable(true);
    connect(night, &QAction::toggled, this, &MainWindow::set_night);
    menu_.addSeparator();
    menu_.setTitle(tr("Help"));
    add(&menu_, "shortcuts", tr("All shortcuts"), {K(tr("F1"))}, [this] { show_shortcuts(); });
}

/// One choice out of several of how the song is drawn: ticked in the menu, kept in the view.
void MainWindow::make_look_actions(QMenu* menu) {
    const auto choices = [this,
                          menu](const QString& title,
                                const std::vector<std::pair<QString, std::function<void(SongLook&)>>>& rows,
                                std::size_t initial) {
        auto* sub = menu->addMenu(title);
        auto* group = new QActionGroup(sub);
        for (std::size_t i = 0; i < rows.size(); ++i) {
            auto* action = sub->addAction(rows[i].first);
            action->setObjectName(title + ": " + rows[i].first);
            action->setCheckable(true);
            action->setChecked(i == initial);
            group->addAction(action);
            actions_[action->objectName()] = action;
            connect(action, &QAction::triggered, this, [this, change = rows[i].second] {
                SongLook look = view_.look();
                change(look);
                view_.set_look(look);
            });
        }
    };
    using L = SongLook;
    choices(
        tr("Waveform"),
        {{tr("Sum of the channels"), [](L& l) { l.channels = L::Channels::Sum, l.wave_folded = false; }},
         {tr("Left and right"), [](L& l) { l.channels = L::Channels::LeftAndRight, l.wave_folded = false; }},
         {tr("Folded"), [](L& l) { l.wave_folded = true; }}},
        0);
    choices(tr("Spectrum"),
            {{tr("12 bands"), [](L& l) { l.spectrum = L::Spectrum::TwelveBands; }},
             {tr("Logarithmic"), [](L& l) { l.spectrum = L::Spectrum::Logarithmic; }},
             {tr("Folded"), [](L& l) { l.spectrum = L::Spectrum::Folded; }}},
            0);
    choices(tr("Ruler counts"),
            {{tr("Bars only"), [](L& l) { l.under = L::Under::OnlyBars; }},
             {tr("Seconds"), [](L& l) { l.under = L::Under::InSeconds; }},
             {tr("Timecode"), [](L& l) { l.under = L::Under::InTimecode; }},
             {tr("Frames"), [](L& l) { l.under = L::Under::InFrames; }}},
            0);
    const auto brighten = [this](double factor) {
        SongLook look = view_.look();
        look.brightness = std::clamp(look.brightness * factor, 0.25, 3.0);
        view_.set_look(look);
    };
    add(menu, "brighter", tr("Spectrum brighter"), {QKeySequence(tr("Ctrl+Shift+Up"))},
        [brighten] { brighten(1.2); });
    add(menu, "darker", tr("Spectrum darker"), {QKeySequence(tr("Ctrl+Shift+Down"))},
        [brighten] { brighten(1 / 1.2); });
}

void MainWindow::zoom_by(double factor) {
    if (drawings_->currentWidget() == score_)
        score_->zoom_by(factor);
    else
        timeline_->zoom_by(factor);
}

void MainWindow::set_night(bool night) {
    score_->set_palette(night ? night_palette() : day_palette());
    timeline_->set_palette(night ? night_palette() : day_palette());
}

// -- playing

void MainWindow::play_from(Seconds from) {
    Player::Range range{from, std::nullopt, std::nullopt};
    if (const auto& chosen = view_.range(); view_.looping() && chosen) {
        if (from < chosen->from || from >= chosen->until)
            range.from = chosen->from;
        range.until = chosen->until;
        range.loop_to = chosen->from;
    } else if (view_.looping()) {
        range.loop_to = Seconds(0);
    }
    player_.play(range);
    view_.set_playhead(range.from);
}

void MainWindow::toggle_play() {
    if (player_.playing()) {
        player_.stop();
        return;
    }
    if (!player_.has_sound())
        return document_.say(tr("There is no song to play yet"));
    const auto& song = document_.project().song;
    const bool at_end = song && view_.playhead() >= song->duration() - Seconds(0.02);
    return_to_ = stop_returns_ ? std::optional(view_.playhead()) : std::nullopt;
    play_from(at_end ? Seconds(0) : view_.playhead());
}

void MainWindow::play_few_seconds() {
    if (player_.playing())
        return player_.stop();
    if (!player_.has_sound())
        return document_.say(tr("There is no song to play yet"));
    return_to_ = view_.playhead();
    player_.play({view_.playhead(), view_.playhead() + Seconds(few_seconds_), std::nullopt});
}

void MainWindow::set_playhead(Seconds time) {
    const Seconds end = document_.project().song ? document_.project().song->duration() : Seconds(0);
    time = std::clamp(time, Seconds(0), std::max(end, Seconds(0)));
    if (player_.playing()) {
        return_to_.reset();
        play_from(time);
    }
    const bool moved = time != view_.playhead();
    view_.set_playhead(time);
    timeline_->reveal(time);
    if (drawings_->currentWidget() == score_)
        score_->reveal(time);
    if (moved) // each frame is heard as the playhead comes over it
        player_.scrub(time, document_.project().settings->frame_rate.frame_length());
}

void MainWindow::step_frames(int by) {
    const auto rate = document_.project().settings->frame_rate;
    set_playhead(rate.start_of(rate.frame_at(view_.playhead()) + Frames(by)));
}

void MainWindow::step_beats(int by) {
    const auto& grid = document_.project().grid;
    if (!grid)
        return document_.say(tr("There are no beats yet: detect them first"));
    // From between two beats the first step goes to the nearer one in that direction.
    const double at = grid->beats_at(view_.playhead()).value;
    const double target = by > 0 ? std::floor(at + 1e-4) + by : std::ceil(at - 1e-4) + by;
    set_playhead(grid->time_at(Beats(target)));
}

void MainWindow::step_bars(int by) {
    const auto& grid = document_.project().grid;
    if (!grid)
        return document_.say(tr("There are no bars yet: detect the beats first"));
    const Ticks here = grid->nearest_tick(view_.playhead());
    const auto place = grid->position_of(here);
    const bool inside = place.beat > 1 || place.tick > 0;
    const auto bar = place.bar + by + (by < 0 && inside ? 1 : 0);
    set_playhead(grid->time_at(grid->ticks_of({bar, 1, 0})));
}

namespace {

/// The next pin that way from `now`; of all lanes, or of one kind.
const ResolvedPin* next_pin(const Document& document, Seconds now, int by, std::optional<LaneKind> kind) {
    const ResolvedPin* target = nullptr;
    constexpr Seconds same(1e-6);
    const auto rate = document.project().settings->frame_rate;
    const auto moment = [&](const ResolvedPin& pin) { return moment_of(pin, rate); };
    for (std::size_t i = 0; i < document.schedule().size(); ++i) {
        if (kind && document.project().lanes[i]->kind != *kind)
            continue;
        for (const auto& pin : document.schedule()[i].pins) {
            const bool ahead = by > 0 ? moment(pin) > now + same : moment(pin) < now - same;
            if (ahead &&
                (!target || (by > 0 ? moment(pin) < moment(*target) : moment(pin) > moment(*target))))
                target = &pin;
        }
    }
    return target;
}

} // namespace

void MainWindow::step_pins(int by) {
    if (const auto* target = next_pin(document_, view_.playhead(), by, std::nullopt)) {
        const PinId id = target->id;
        set_playhead(moment_of(*target, rate()));
        view_.select({id});
        return;
    }
    document_.say(by > 0 ? tr("There is no pin after this") : tr("There is no pin before this"));
}

void MainWindow::step_pins_of(LaneKind kind, int by) {
    if (const auto* target = next_pin(document_, view_.playhead(), by, kind))
        return set_playhead(moment_of(*target, rate()));
    const QString name = QString::fromUtf8(kind->singular.data());
    document_.say(by > 0 ? tr("There is no %1 after this").arg(name)
                         : tr("There is no %1 before this").arg(name));
}

void MainWindow::go_to_selected() {
    for (const auto& lane : document_.schedule())
        for (const auto& pin : lane.pins)
            if (view_.selection().contains(pin.id))
                return set_playhead(moment_of(pin, rate()));
    document_.say(tr("Select a pin first"));
}

void MainWindow::show_context_menu(QPoint at, std::optional<PinId> pin, Seconds time) {
    QMenu menu(this);
    if (pin) {
        const Pin* chosen = document_.project().pin(*pin);
        const bool loose = chosen && std::holds_alternative<TimeAnchor>(chosen->anchor);
        connect(menu.addAction(loose ? tr("Pin to the grid") : tr("Unpin")), &QAction::triggered, this,
                [this, id = *pin, loose] {
                    document_.apply(with_pinned(document_.project(), id, loose),
                                    loose ? tr("pin") : tr("unpin"));
                });
        if (chosen && std::holds_alternative<MarkerBody>(chosen->body)) {
            const bool tied = std::holds_alternative<MarkerAnchor>(chosen->anchor);
            connect(menu.addAction(tied ? tr("Let it go from its shot")
                                        : tr("Tie to the shot or sound under it")),
                    &QAction::triggered, this, [this, id = *pin, tied] {
                        const auto now =
                            anchored_time(document_.project().pin(id)->anchor, document_.project());
                        const auto host = tied || !now ? std::nullopt : clip_at(*now);
                        if (!tied && !host)
                            return document_.say(tr("There is no shot or sound under it"));
                        document_.apply(with_marker_on(document_.project(), id, host),
                                        tied ? tr("let marker go") : tr("tie marker"));
                    });
        }
        for (const char* name :
             {"copy pins", "repeat", "select its planting", "select colour", "lock", "mute", "delete"})
            menu.addAction(actions_.at(name));
        menu.addSeparator();
    }
    connect(menu.addAction(tr("Go here")), &QAction::triggered, this, [this, time] { set_playhead(time); });
    connect(menu.addAction(tr("Bar 1 here")), &QAction::triggered, this, [this, time] {
        set_playhead(time);
        grid_->name_bar_one_at_playhead();
    });
    menu.addAction(actions_.at("hold beat"));
    menu.addAction(actions_.at("add beat"));
    menu.addAction(actions_.at("add marker"));
    menu.addAction(actions_.at("add cut"));
    menu.addAction(actions_.at("add trigger"));
    menu.addAction(actions_.at("paste pins"));
    if (view_.range())
        connect(menu.addAction(tr("Forget the range")), &QAction::triggered, this,
                [this] { view_.set_range(std::nullopt); });
    if (view_.range())
        for (const char* name : {"exclude", "include"})
            menu.addAction(actions_.at(name));
    menu.exec(at);
}

// -- help

std::vector<MainWindow::ShortcutLine> MainWindow::shortcuts() const {
    std::vector<ShortcutLine> lines;
    for (const auto& [group, action] : action_groups_) {
        QStringList keys;
        if (action->shortcuts().isEmpty())
            continue;
        for (const auto& key : action->shortcuts())
            keys << key.toString(QKeySequence::NativeText);
        QString what = action->text();
        if (action->objectName() == "undo")
            what = tr("Undo");
        if (action->objectName() == "redo")
            what = tr("Redo");
        lines.push_back({group, what, keys.join(tr(" or "))});
    }
    return lines;
}

void MainWindow::show_shortcuts() {
    auto* sheet = new QDialog(this);
    sheet->setObjectName("shortcuts");
    sheet->setAttribute(Qt::WA_DeleteOnClose);
    sheet->setWindowTitle(tr("All shortcuts"));
    auto* grid = new QGridLayout(sheet);
    grid->setHorizontalSpacing(26);
    grid->setVerticalSpacing(3);
    QString group;
    int row = 0, column = -2;
    for (const auto& line : shortcuts()) {
        if (line.group != group) {
            group = line.group;
            if (column < 0 || row > 14) {
                column += 2;
                row = 0;
            }
            grid->addWidget(heading(group), row++, column, 1, 2);
        }
        grid->addWidget(new QLabel(line.what), row, column);
        grid->addWidget(quiet(line.keys), row++, column + 1);
    }
    sheet->show();
}

} // namespace pulsepin
