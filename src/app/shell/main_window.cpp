// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/main_window.h"

#include "commands/command_dialogs.h"
#include "commands/settings_dialog.h"
#include "devices/pulse_output.h"
#include "kinds/kinds.h"
#include "media/media_endings.h"
#include "parts/bench_edge.h"
#include "parts/file_names.h"
#include "parts/form_area.h"
#include "session/calm.h"
#include "session/event_clicks.h"
#include "session/settings.h"
#include "shell/keyboard.h"

#include <QApplication>
#include <QCloseEvent>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMimeData>
#include <QScreen>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

bool looks_like_shots(const QString& path) {
    const std::filesystem::path file = path.toStdString();
    return QFileInfo(path).isDir() || ends_as(file, film_endings()) || ends_as(file, picture_endings());
}

} // namespace

MainWindow::MainWindow(Player::Device device) : player_(device), commands_(this) {
    // The window has the sheet, not the program: what is not in it yet has no style to be made anew.
    use_desk_palette(setting_text("look/colours") == "contrast" ? contrast_palette() : day_palette());
    QApplication::setPalette(desk_colours(desk_palette()));
    setStyleSheet(style_sheet(desk_palette()));
    menu_.setStyleSheet(styleSheet());
    setObjectName("main window");
    resize(QSize(1280, 800).boundedTo(screen()->availableGeometry().size()));
    setAcceptDrops(true);

    auto* centre = new QWidget;
    setCentralWidget(centre);
    auto* column = new QVBoxLayout(centre);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    transport_ = new TransportBar(document_, view_, player_, &menu_);
    timeline_ = new TimelineView(document_, view_);
    score_ = new ScoreView(document_, view_);
    drawings_ = new QStackedWidget;
    drawings_->addWidget(timeline_);
    drawings_->addWidget(score_);
    status_ = new StatusStrip(document_);
    notice_ = new NoticeBar(document_);
    upper_ = new QSplitter(Qt::Horizontal);
    upper_->setObjectName("upper splitter");
    upper_->setHandleWidth(5);
    upper_->addWidget(drawings_);
    upper_->setCollapsible(0, false);
    edge_ = new BenchEdge(document_);
    edge_->addWidget(upper_);
    bench_ = new Bench(document_, view_);
    bench_area_ = new FormArea(bench_, FormArea::Scrolls::BothWays);
    bench_area_->setObjectName("bench area");
    bench_area_->attach();
    edge_->addWidget(bench_area_);
    column->addWidget(transport_);
    column->addWidget(notice_);
    column->addWidget(edge_, 1);
    column->addWidget(status_);
    bench_->fill();
    picture_ = new PictureDesk(document_, view_, player_);
    room_ = new PictureRoom(document_, *picture_, bench_->row(), *upper_, *this);
    connect(room_, &PictureRoom::placed, this, &MainWindow::give_room);
    give_room(PicturePlace::Bench);
    edge_->setStretchFactor(0, 1);
    edge_->setStretchFactor(1, 0);
    edge_->setCollapsible(0, false);
    edge_->setCollapsible(1, false);

    make_commands();
    make_menu();
    connect_parts();
    does_->play.load_settings();
    does_->look.load_settings();
    refresh();
    refresh_file();
    welcome_ = new Welcome(document_, drawings_);
    connect(welcome_, &Welcome::walk_wanted, this, &MainWindow::begin_walk);
    connect(welcome_, &Welcome::command_wanted, this, [this](const QString& id) { action(id)->trigger(); });
    connect(welcome_, &Welcome::project_wanted, this, &MainWindow::open_path);
    timeline_->setFocus();
    connect(&does_->look, &ViewCommands::desk_recoloured, this, &MainWindow::show_desk);
    new Keyboard(*this, [this] { return drawings_->currentWidget(); });
}

void MainWindow::make_commands() {
    does_ = std::make_unique<CommandGroups>(Workplace{*this, document_, view_, player_, commands_, *drawings_,
                                                      *timeline_, *score_, bench_->route()},
                                            CommandParts{*transport_, *bench_area_, *room_, picture_->hands(),
                                                         bench_->grid(), bench_->place(), bench_->taps(),
                                                         bench_->exporting()});
}

void MainWindow::make_menu() {
    using K = QKeySequence;
    auto* file = menu_.addMenu(tr("File"));
    does_->files.add_to(file);
    does_->packs.add_to(file);
    does_->files.add_quit_to(file);
    auto* edit = menu_.addMenu(tr("Edit"));
    commands_.add(
        edit, {{"undo", tr("Undo"), {K::Undo}, [this] { document_.undo(); }},
               {"redo", tr("Redo"), {K(tr("Ctrl+Shift+Z")), K(tr("Ctrl+Y"))}, [this] { document_.redo(); }}});
    commands_.action("undo")->setProperty("steady text", tr("Undo"));
    commands_.action("redo")->setProperty("steady text", tr("Redo"));
    edit->addSeparator();
    does_->sounds.add_to(edit);
    commands_.add(edit, {{"detect",
                          tr("Find the beats"),
                          {K(tr("Ctrl+D"))},
                          [this] {
                              go_to_stop(Stop::Grid);
                              bench_->grid().find_beats();
                          }},
                         {"bar 1", tr("Bar 1 at the playhead"), {K(tr("B"))}, [this] {
                              bench_->grid().name_bar_one_at_playhead();
                          }}});
    does_->named.add_to(edit->addMenu(tr("Change by name")));
    does_->pins.add_to(menu_.addMenu(tr("Pins")));
    does_->pins.add_selecting_to(menu_.addMenu(tr("Select")));
    auto* texts = menu_.addMenu(tr("Words"));
    does_->words.add_to(texts);
    does_->exposures.add_to(texts);
    auto* shots = menu_.addMenu(tr("Shots"));
    does_->shots.add_to(shots);
    does_->bin.add_to(shots);
    does_->lanes.add_to(menu_.addMenu(tr("Lanes")));
    does_->grids.add_to(menu_.addMenu(tr("Beats")));
    does_->play.add_to(menu_.addMenu(tr("Play")));
    does_->checks.add_to(menu_.addMenu(tr("Check")));
    does_->lights.add_to(menu_.addMenu(tr("Lights")));
    does_->films.add_to(menu_.addMenu(tr("Film")));
    does_->look.add_to(menu_.addMenu(tr("View")));
    menu_.addSeparator();
    menu_.setTitle(tr("Help"));
    commands_.add(
        &menu_,
        {{"find command",
          tr("Find a command…"),
          {K(tr("Ctrl+K"))},
          [this] {
              auto* search = new CommandSearch(commands_, this);
              search->setAttribute(Qt::WA_DeleteOnClose);
              search->open();
          }},
         {"walk", tr("Walk through the demo"), {}, [this] { begin_walk(); }},
         {"help", tr("What is this?"), {K(tr("F1"))}, [this] { help_->tell(); }},
         {"shortcuts", tr("All shortcuts"), {K(tr("Ctrl+F1"))}, [this] { show_shortcuts(commands_, this); }},
         {"settings", tr("Settings…"), {K(tr("Ctrl+,"))}, [this] { show_settings(); }}});
    help_ = new HelpKey(*this, [this] { return static_cast<int>(bench_->route().current()); });
}

void MainWindow::show_settings() {
    if (settings_)
        return settings_->raise();
    QStringList devices;
    for (const auto& name : pulse_outputs())
        devices << QString::fromStdString(name);
    settings_ = new SettingsDialog(commands_, devices, this);
    settings_->setAttribute(Qt::WA_DeleteOnClose);
    connect(settings_, &SettingsDialog::changed, this, &MainWindow::apply_settings);
    settings_->open();
}

void MainWindow::apply_settings() {
    document_.load_settings();
    look_again_whether_calm();
    does_->play.load_settings();
    does_->grids.load_settings();
    does_->look.show_colours();
    bench_->taps().refresh();
}

/// What was coloured by its own sheet when it was made is coloured so until the next start.
void MainWindow::show_desk() {
    menu_.setStyleSheet(styleSheet());
    for (auto* part : findChildren<QWidget*>())
        part->update();
}

void MainWindow::connect_parts() {
    connect_document();
    connect_transport();
    connect_drawings();
    connect_stops();
}

void MainWindow::connect_document() {
    connect(notice_, &NoticeBar::save_wanted, this, [this] { does_->files.save(); });
    connect(notice_, &NoticeBar::save_as_wanted, this, [this] { does_->files.save_as(); });
    connect(notice_, &NoticeBar::load_again_wanted, &does_->files, &FileCommands::load_again);
    connect(notice_, &NoticeBar::look_wanted, &does_->files, &FileCommands::show_file_beside);
    connect(&document_, &Document::changed, this, &MainWindow::refresh);
    connect(&document_, &Document::file_changed, this, &MainWindow::refresh_file);
    connect(&document_, &Document::opened, this, [this] {
        player_.stop();
        view_.leave_piece();
        does_->films.leave_piece();
    });
    connect(&document_, &Document::sound_changed, this, [this] {
        player_.set_sound(document_.sounds().plan());
        bench_->refresh_stops();
    });
    connect(&document_, &Document::plan_changed, this, [this] {
        if (document_.sound())
            player_.replace_sound(document_.sounds().plan());
    });
}

void MainWindow::connect_transport() {
    connect(transport_, &TransportBar::play_wanted, &does_->play, &PlayCommands::toggle_play);
    connect(transport_, &TransportBar::few_seconds_wanted, &does_->play, &PlayCommands::play_few_seconds);
    connect(transport_, &TransportBar::start_wanted, this,
            [this] { does_->play.go_to_place(does_->play.piece_start()); });
    connect(transport_, &TransportBar::speed_wanted, this, [this](double speed) {
        player_.set_speed(speed);
        transport_->show_position();
    });
    connect(transport_, &TransportBar::half_tempo_wanted, this,
            [this] { bench_->grid().change_ratio(1, 2); });
    connect(transport_, &TransportBar::double_tempo_wanted, this,
            [this] { bench_->grid().change_ratio(2, 1); });
    connect(transport_, &TransportBar::metre_wanted, &bench_->grid(), &GridPanel::set_metre);
    connect(transport_, &TransportBar::score_wanted, &does_->look, &ViewCommands::show_score);
    connect(&player_, &Player::moved, this, [this] {
        view_.set_playhead(player_.position());
        timeline_->reveal(view_.playhead());
        if (drawings_->currentWidget() == score_)
            score_->reveal(view_.playhead());
    });
    connect(&player_, &Player::started, this, [this] { view_.set_playing(true); });
    connect(&player_, &Player::stopped, this, [this] {
        view_.set_playing(false);
        timeline_->light_up();
    });
    connect(&player_, &Player::stopped, &does_->play, &PlayCommands::playing_stopped);
    new EventClicks(document_, view_, player_, this);
    connect(&player_, &Player::device_changed, status_, &StatusStrip::set_device_note);
}

void MainWindow::connect_drawings() {
    for (Canvas* drawing : std::initializer_list<Canvas*>{timeline_, score_}) {
        connect(drawing, &Canvas::playhead_set, &does_->play, &PlayCommands::set_playhead);
        connect(drawing, &Canvas::hint, status_, &StatusStrip::set_hint);
        connect(drawing, &Canvas::add_wanted, &does_->pins, &PinCommands::add_pin);
        connect(drawing, &Canvas::item_dropped, &does_->drops, &DropCommands::drop_on_lane);
        connect(drawing, &Canvas::target_dropped, &does_->drops, &DropCommands::drop_on_row);
        connect(drawing, &Canvas::ready_dropped, &does_->drops, &DropCommands::use_ready);
        connect(drawing, &Canvas::command_wanted, this, [this](const QString& id) { action(id)->trigger(); });
        connect(drawing, &Canvas::menu_wanted, &does_->pins, &PinCommands::show_context_menu);
    }
    connect(&picture_->picture(), &PreviewView::item_dropped, &does_->drops, &DropCommands::drop_on_picture);
    connect(picture_, &PictureDesk::pose_wanted, commands_.action("key pose"), &QAction::trigger);
    connect(&bench_->motion(), &MotionPanel::hit_wanted, &does_->drops, &DropCommands::hit_on);
    connect(&bench_->motion(), &MotionPanel::draw_wanted, picture_, &PictureDesk::begin_drawing);
    connect(&picture_->hands(), &PictureHands::hint, status_, &StatusStrip::set_hint);
    connect(timeline_, &TimelineView::lane_name_wanted, &does_->lanes, &LaneCommands::name_lane);
    connect(timeline_, &TimelineView::lane_menu_wanted, &does_->lanes, &LaneCommands::show_lane_menu);
    connect(&bench_->detail(), &DetailPanel::planting_wanted, this, [this](PlantingId planting) {
        go_to_stop(Stop::Place);
        bench_->place().show_planting(planting);
    });
    connect(score_, &ScoreView::painting_changed, this,
            [this] { commands_.action("paint cells")->setChecked(score_->painting()); });
    connect(&bench_->detail(), &DetailPanel::delete_wanted, commands_.action("delete"), &QAction::trigger);
}

void MainWindow::connect_stops() {
    connect(bench_, &Bench::stop_changed, this, [this] { give_room(room_->place()); });
    connect(&bench_->grid(), &GridPanel::doubtful_wanted, &does_->grids,
            qOverload<>(&GridCommands::go_to_doubtful));
    connect(&bench_->taps(), &TapPanel::tapped, this,
            [this](bool first_of_bar) { does_->grids.tap(first_of_bar); });
    connect(&bench_->song(), &SongPanel::open_song_wanted, &does_->files, &FileCommands::song_dialog);
    connect(&bench_->song(), &SongPanel::add_sound_wanted, &does_->files, &FileCommands::sound_dialog);
    connect(
        &bench_->motion(), &MotionPanel::write_followed_wanted, this, [this](const SoundBank::Alone& what) {
            does_->files.write_sound_dialog(document_.sounds().recipe(what.of, what.from_hz, what.until_hz),
                                            QString::fromStdString(name_of(what.of, document_.project())));
        });
    connect(&bench_->song(), &SongPanel::write_listened_wanted, &does_->files,
            &FileCommands::write_listened_dialog);
    connect(&bench_->song(), &SongPanel::add_shots_wanted, &does_->files, &FileCommands::shots_dialog);
    connect(&bench_->mark(), &MarkPanel::go_wanted, &does_->play, &PlayCommands::set_playhead);
    connect(&bench_->mark(), &MarkPanel::add_wanted, this,
            [this] { does_->pins.add_pin_of(kind_of(body_type<MarkerBody>)); });
    connect(&bench_->mark(), &MarkPanel::add_on_shot_wanted, commands_.action("add marker on shot"),
            &QAction::trigger);
    does_->words.show_page(&bench_->mark().words());
    does_->exposures.show_pages(&bench_->mark().notes(), &bench_->mark().exposures());
    const auto tell_cue = [this] {
        const bool shown = bench_->current_stop() == &bench_->mark() && bench_->mark().shows_words();
        picture_->picture().set_cue(shown ? bench_->mark().words().tray().next_word() : QString());
    };
    connect(&document_, &Document::changed, this, tell_cue);
    connect(&bench_->mark(), &MarkPanel::page_changed, this, tell_cue);
    connect(bench_, &Bench::stop_changed, this, tell_cue);
    connect(&bench_->motion(), &MotionPanel::lane_wanted, timeline_, &TimelineView::reveal_lane);
    does_->lights.show_page(&bench_->motion().lights());
    connect(&bench_->motion().lights(), &LightsPage::hint, status_, &StatusStrip::set_hint);
    connect(&does_->lights.sender(), &LightSender::changed, this, [this] {
        const auto& sender = does_->lights.sender();
        status_->set_sending(sender.told(), sender.in_trouble());
    });
    connect(&bench_->motion(), &MotionPanel::add_lane_wanted, &does_->lanes, &LaneCommands::add_lane);
    connect(&bench_->place(), &PlacePanel::shown_wanted, timeline_, &TimelineView::show_range);
    connect(&bench_->exporting(), &ExportPanel::file_wanted, &does_->files, &FileCommands::export_dialog);
    connect(&bench_->exporting(), &ExportPanel::sheets_wanted, &does_->packs,
            &PackCommands::write_sheets_dialog);
    connect(&bench_->exporting(), &ExportPanel::folder_wanted, &does_->files,
            &FileCommands::export_all_dialog);
    connect(&bench_->exporting(), &ExportPanel::options_wanted, this,
            [this](const ExporterRow& row) { does_->files.ask_options(row); });
    connect(&bench_->exporting(), &ExportPanel::copy_wanted, &does_->files, &FileCommands::copy_text);
    does_->bin.show_panel(&bench_->song());
    does_->checks.show_panel(&bench_->check());
    does_->films.show_page(&bench_->exporting().film());
}

void MainWindow::refresh() {
    bench_->taps().refresh();
    view_.tell_pulled(std::nullopt); // told once, until anything else is done
    view_.follow(document_.project());
    player_.set_grid(document_.project().grid.get());
    bench_->refresh();
}

/// The title, and what can be undone.
void MainWindow::refresh_file() {
    setWindowTitle(
        tr("%1%2 — Pulse Pin").arg(document_.title(), document_.unsaved() ? tr(" (not saved)") : QString()));
    commands_.action("undo")->setEnabled(document_.can_undo());
    commands_.action("undo")->setText(document_.can_undo() ? tr("Undo %1").arg(document_.undo_name())
                                                           : tr("Undo"));
    commands_.action("redo")->setEnabled(document_.can_redo());
    commands_.action("redo")->setText(document_.can_redo() ? tr("Redo %1").arg(document_.redo_name())
                                                           : tr("Redo"));
}

/// Opens the demo, unless it is open, and shows what to press in it.
void MainWindow::begin_walk() {
    const QString demo = Walk::demo();
    if (demo.isEmpty())
        return document_.say(tr("The demo is not installed with this program."));
    if (walk_)
        return;
    const std::filesystem::path path = demo.toStdString();
    if (document_.path() != path)
        does_->files.open_path(demo);
    if (document_.path() == path)
        walk_ = new Walk(*this);
}

void MainWindow::give_room(PicturePlace picture) {
    bench_->give_room(picture);
    bench_->narrow_look().dress(*picture_); // wherever it stands
    bench_area_->fit();
}

/// What is not seen yet becomes a part of the window once the window is, one form after another.
void MainWindow::showEvent(QShowEvent* event) {
    QMainWindow::showEvent(event);
    constexpr int between_ms = 10;
    for (auto* area : findChildren<QScrollArea*>())
        if (auto* forms = dynamic_cast<FormArea*>(area))
            waiting_.emplace_back(forms);
    auto* timer = new QTimer(this);
    timer->setInterval(between_ms);
    connect(timer, &QTimer::timeout, this, [this, timer] {
        while (!waiting_.empty()) {
            const auto area = std::exchange(waiting_.back(), nullptr);
            waiting_.pop_back();
            if (area && area->attach())
                return;
        }
        timer->deleteLater();
    });
    timer->start();
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    give_room(room_->place());
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!does_->films.may_close() || !does_->files.may_close())
        return event->ignore();
    player_.stop();
    Welcome::keep_picture(QString::fromStdString(document_.path().string()), preview().grab().toImage());
    event->accept();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    std::vector<std::filesystem::path> shots;
    QStringList sounds;
    for (const auto& url : event->mimeData()->urls()) {
        const QString path = url.toLocalFile();
        if (path.isEmpty())
            document_.say(tr("Only files on this computer can be dropped here"));
        else if (looks_like_shots(path))
            shots.emplace_back(path.toStdString());
        else if (document_.project().song && event->mimeData()->urls().size() > 1 && !is_project_name(path))
            sounds << path;
        else
            does_->files.open_path(path);
    }
    if (!sounds.isEmpty())
        does_->files.add_sounds(sounds);
    if (!shots.empty())
        document_.add_clips(shots);
    event->acceptProposedAction();
}

} // namespace pulsepin
