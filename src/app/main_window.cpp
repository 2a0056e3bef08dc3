// SPDX-License-Identifier: GPL-3.0-or-later
#include "main_window.h"

#include "bench_area.h"
#include "commands/command_dialogs.h"
#include "event_clicks.h"
#include "file_names.h"
#include "keyboard.h"
#include "kinds/kinds.h"
#include "media/media_endings.h"

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

/// While a window is put together its parts have no style sheet: each time that a part is given to another,
/// all that is in it would be matched against the rules again. They are matched once, when it is complete.
/// Where windows are seen already they keep theirs.
class StyledAtOnce {
public:
    StyledAtOnce() : sheet_(qApp->styleSheet()) {
        const auto windows = QApplication::topLevelWidgets();
        waits_ =
            std::none_of(windows.begin(), windows.end(), [](const QWidget* one) { return one->isVisible(); });
        if (waits_)
            qApp->setStyleSheet({});
    }
    StyledAtOnce(const StyledAtOnce&) = delete;
    StyledAtOnce& operator=(const StyledAtOnce&) = delete;
    ~StyledAtOnce() {
        if (waits_)
            qApp->setStyleSheet(sheet_);
    }

private:
    QString sheet_;
    bool waits_ = false;
};

/// In a narrow window words come before the room around them.
const char* const narrow_bench =
    "QPushButton, QComboBox, QSpinBox, QDoubleSpinBox, QLineEdit { padding: 4px 4px; }"
    "QPushButton[role=\"main\"] { padding: 6px 6px; }";

QFrame* upright_line() {
    auto* line = new QFrame;
    line->setFixedWidth(1);
    line->setStyleSheet(QString("background: %1").arg(day_palette().desk_line.name()));
    return line;
}

} // namespace

MainWindow::MainWindow(Player::Device device)
    : player_(device), commands_(this), context_{this, document_, view_, player_, commands_},
      files_(context_), pins_(context_), shots_(context_), bin_(context_), lanes_(context_),
      sounds_(context_), grids_(context_), play_(context_), look_(context_), drops_(context_),
      words_(context_), exposures_(context_), checks_(context_), films_(context_) {
    const StyledAtOnce styled;
    context_.bin = &bin_;
    context_.files = &files_;
    context_.grids = &grids_;
    context_.lanes = &lanes_;
    context_.pins = &pins_;
    context_.play = &play_;
    context_.shots = &shots_;
    setObjectName("main window");
    resize(QSize(1280, 800).boundedTo(screen()->availableGeometry().size()));
    setAcceptDrops(true);
    make_menu();

    auto* centre = new QWidget;
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
    bench_ = make_bench();
    splitter_ = new QSplitter(Qt::Vertical);
    splitter_->setHandleWidth(2);
    splitter_->addWidget(upper_);
    splitter_->addWidget(bench_area_);
    splitter_->setStretchFactor(0, 1);
    splitter_->setStretchFactor(1, 0);
    splitter_->setCollapsible(0, false);
    splitter_->setSizes({462, 261});
    column->addWidget(transport_);
    column->addWidget(notice_);
    column->addWidget(splitter_, 1);
    column->addWidget(status_);
    setCentralWidget(centre);

    give_parts();
    connect_parts();
    play_.load_settings();
    look_.load_settings();
    qApp->installEventFilter(this);
    refresh();
    refresh_file();
    timeline_->setFocus();
    new Keyboard(*this, [this] { return drawings_->currentWidget(); });
}

/// From here on commands find them.
void MainWindow::give_parts() {
    context_.drawings = drawings_;
    context_.timeline = timeline_;
    context_.score = score_;
    context_.transport = transport_;
    context_.bench = bench_area_;
    context_.picture = room_;
    context_.hands = &picture_->hands();
    context_.route = route_;
    context_.grid = grid_;
    context_.place = place_;
    context_.taps = taps_;
    context_.checking = check_;
    context_.exporting = export_;
}

void MainWindow::make_menu() {
    using K = QKeySequence;
    files_.hang_up(menu_.addMenu(tr("File")));
    auto* edit = menu_.addMenu(tr("Edit"));
    commands_.add(
        edit, {{"undo", tr("Undo"), {K::Undo}, [this] { document_.undo(); }},
               {"redo", tr("Redo"), {K(tr("Ctrl+Shift+Z")), K(tr("Ctrl+Y"))}, [this] { document_.redo(); }}});
    commands_.action("undo")->setProperty("steady text", tr("Undo"));
    commands_.action("redo")->setProperty("steady text", tr("Redo"));
    edit->addSeparator();
    sounds_.hang_up(edit);
    commands_.add(edit, {{"detect",
                          tr("Find the beats"),
                          {K(tr("Ctrl+D"))},
                          [this] {
                              go_to_stop(Stop::Grid);
                              grid_->findChild<QPushButton*>("detect")->click();
                          }},
                         {"bar 1", tr("Bar 1 at the playhead"), {K(tr("B"))}, [this] {
                              grid_->name_bar_one_at_playhead();
                          }}});
    pins_.hang_up(menu_.addMenu(tr("Pins")));
    pins_.hang_up_selecting(menu_.addMenu(tr("Select")));
    auto* texts = menu_.addMenu(tr("Words"));
    words_.hang_up(texts);
    exposures_.hang_up(texts);
    auto* shots = menu_.addMenu(tr("Shots"));
    shots_.hang_up(shots);
    bin_.hang_up(shots);
    lanes_.hang_up(menu_.addMenu(tr("Lanes")));
    grids_.hang_up(menu_.addMenu(tr("Beats")));
    play_.hang_up(menu_.addMenu(tr("Play")));
    checks_.hang_up(menu_.addMenu(tr("Check")));
    films_.hang_up(menu_.addMenu(tr("Film")));
    look_.hang_up(menu_.addMenu(tr("View")));
    menu_.addSeparator();
    menu_.setTitle(tr("Help"));
    commands_.add(&menu_, {{"find command",
                            tr("Find a command…"),
                            {K(tr("Ctrl+K"))},
                            [this] {
                                auto* search = new CommandSearch(commands_, this);
                                search->setAttribute(Qt::WA_DeleteOnClose);
                                search->open();
                            }},
                           {"shortcuts", tr("All shortcuts"), {K(tr("F1"))}, [this] {
                                show_shortcuts(commands_, this);
                            }}});
}

QWidget* MainWindow::make_bench() {
    auto* bench = bench_ = new QWidget;
    bench->setObjectName("desk");
    bench->setAttribute(Qt::WA_StyledBackground);
    bench->setMinimumHeight(244);
    auto* row = new QHBoxLayout(bench);
    row->setContentsMargins(0, 10, 14, 8);
    row->setSpacing(14);
    song_ = new SongPanel(document_, view_);
    grid_ = new GridPanel(document_, view_);
    mark_ = new MarkPanel(document_, view_);
    place_ = new PlacePanel(document_, view_);
    motion_ = new MotionPanel(document_, view_);
    check_ = new CheckPanel(document_, view_);
    export_ = new ExportPanel(document_, view_);
    stops_ = {song_, grid_, mark_, place_, motion_, check_, export_};
    route_ = new RouteList(stops_);
    stack_ = new QStackedWidget;
    for (auto* stop : stops_)
        stack_->addWidget(stop);
    fit_stops();
    // All panels are as wide, so that the preview does not jump from stop to stop.
    stack_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Expanding);
    stack_->setMinimumWidth(530);
    detail_ = new DetailPanel(document_, view_);
    taps_ = new TapPanel(document_, view_);
    details_ = new QStackedWidget;
    details_->addWidget(detail_);
    details_->addWidget(taps_);
    picture_ = new PictureDesk(document_, view_, player_);
    row->addWidget(route_);
    row->addWidget(stack_, 5);
    row->addWidget(upright_line());
    row->addWidget(details_, 3);
    room_ = new PictureRoom(document_, *picture_, *row, *upper_, *this);
    connect(room_, &PictureRoom::placed, this, &MainWindow::give_room);
    give_room(PicturePlace::Bench);
    // On a small screen the bench is scrolled rather than cut off.
    bench_area_ = new BenchArea(bench);
    bench_area_->setObjectName("bench area");
    return bench;
}

void MainWindow::connect_parts() {
    connect_document();
    connect_transport();
    connect_drawings();
    connect_stops();
}

void MainWindow::connect_document() {
    connect(notice_, &NoticeBar::save_wanted, this, [this] { files_.save(); });
    connect(notice_, &NoticeBar::save_as_wanted, this, [this] { files_.save_as(); });
    connect(notice_, &NoticeBar::load_again_wanted, &files_, &FileCommands::load_again);
    connect(notice_, &NoticeBar::look_wanted, &files_, &FileCommands::show_file_beside);
    connect(&document_, &Document::changed, this, &MainWindow::refresh);
    connect(&document_, &Document::file_changed, this, &MainWindow::refresh_file);
    connect(&document_, &Document::trust_changed, route_, [this] { route_->update(); });
    connect(&document_, &Document::opened, this, [this] {
        player_.stop();
        view_.select({});
        view_.set_range(std::nullopt);
        view_.set_playhead(Seconds(0));
    });
    connect(&document_, &Document::sound_changed, this, [this] {
        player_.set_sound(document_.sounds().plan());
        for (auto* stop : stops_)
            stop->refresh();
    });
    connect(&document_, &Document::plan_changed, this, [this] {
        if (document_.sound())
            player_.replace_sound(document_.sounds().plan());
    });
}

void MainWindow::connect_transport() {
    connect(transport_, &TransportBar::play_wanted, &play_, &PlayCommands::toggle_play);
    connect(transport_, &TransportBar::few_seconds_wanted, &play_, &PlayCommands::play_few_seconds);
    connect(transport_, &TransportBar::start_wanted, this,
            [this] { play_.set_playhead(play_.piece_start()); });
    connect(transport_, &TransportBar::speed_wanted, this, [this](double speed) {
        player_.set_speed(speed);
        transport_->show_position();
    });
    connect(transport_, &TransportBar::half_tempo_wanted, this, [this] { grid_->change_ratio(1, 2); });
    connect(transport_, &TransportBar::double_tempo_wanted, this, [this] { grid_->change_ratio(2, 1); });
    connect(transport_, &TransportBar::metre_wanted, grid_, &GridPanel::set_metre);
    connect(transport_, &TransportBar::score_wanted, &look_, &ViewCommands::show_score);
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
    connect(&player_, &Player::stopped, &play_, &PlayCommands::playing_stopped);
    new EventClicks(document_, view_, player_, this);
    connect(&player_, &Player::device_changed, status_, &StatusStrip::set_device_note);
}

void MainWindow::connect_drawings() {
    for (Canvas* drawing : std::initializer_list<Canvas*>{timeline_, score_}) {
        connect(drawing, &Canvas::playhead_set, &play_, &PlayCommands::set_playhead);
        connect(drawing, &Canvas::hint, status_, &StatusStrip::set_hint);
        connect(drawing, &Canvas::add_wanted, &pins_, &PinCommands::add_pin);
        connect(drawing, &Canvas::item_dropped, &drops_, &DropCommands::drop_on_lane);
        connect(drawing, &Canvas::menu_wanted, &pins_, &PinCommands::show_context_menu);
    }
    connect(&picture_->picture(), &PreviewView::item_dropped, &drops_, &DropCommands::drop_on_picture);
    connect(picture_, &PictureDesk::pose_wanted, commands_.action("key pose"), &QAction::trigger);
    connect(motion_, &MotionPanel::draw_wanted, picture_, &PictureDesk::begin_drawing);
    connect(&picture_->hands(), &PictureHands::hint, status_, &StatusStrip::set_hint);
    connect(&view_, &ViewState::selection_changed, this, &MainWindow::show_detail);
    connect(timeline_, &TimelineView::lane_name_wanted, &lanes_, &LaneCommands::name_lane);
    connect(timeline_, &TimelineView::lane_menu_wanted, &lanes_, &LaneCommands::show_lane_menu);
    connect(detail_, &DetailPanel::planting_wanted, this, [this](PlantingId planting) {
        go_to_stop(Stop::Place);
        place_->show_planting(planting);
    });
    connect(score_, &ScoreView::painting_changed, this,
            [this] { commands_.action("paint cells")->setChecked(score_->painting()); });
    connect(detail_, &DetailPanel::delete_wanted, commands_.action("delete"), &QAction::trigger);
}

void MainWindow::connect_stops() {
    connect(route_, &RouteList::chosen, this, [this](int index) {
        static_cast<StopPanel*>(stack_->currentWidget())->left();
        keep_split();
        stack_->setCurrentIndex(index);
        fit_stops();
        give_room(room_->place());
        give_split();
        stops_[static_cast<std::size_t>(index)]->entered();
        show_detail();
    });
    connect(grid_, &GridPanel::doubtful_wanted, &grids_, qOverload<>(&GridCommands::go_to_doubtful));
    connect(taps_, &TapPanel::tapped, this, [this](bool first_of_bar) { grids_.tap(first_of_bar); });
    connect(song_, &SongPanel::open_song_wanted, &files_, &FileCommands::song_dialog);
    connect(song_, &SongPanel::add_sound_wanted, &files_, &FileCommands::sound_dialog);
    connect(motion_, &MotionPanel::write_followed_wanted, this, [this](const SoundBank::Alone& what) {
        files_.write_sound_dialog(document_.sounds().recipe(what.of, what.from_hz, what.until_hz),
                                  QString::fromStdString(name_of(what.of, document_.project())));
    });
    connect(song_, &SongPanel::write_listened_wanted, &files_, &FileCommands::write_listened_dialog);
    connect(song_, &SongPanel::add_shots_wanted, &files_, &FileCommands::shots_dialog);
    connect(mark_, &MarkPanel::go_wanted, &play_, &PlayCommands::set_playhead);
    connect(mark_, &MarkPanel::add_wanted, this,
            [this] { pins_.add_pin_of(kind_that(&LaneKindRow::marks)); });
    connect(mark_, &MarkPanel::add_on_shot_wanted, commands_.action("add marker on shot"), &QAction::trigger);
    words_.show_page(&mark_->words());
    exposures_.show_pages(&mark_->notes(), &mark_->exposures());
    const auto tell_cue = [this] {
        const bool shown = stack_->currentWidget() == mark_ && mark_->shows_words();
        picture_->picture().set_cue(shown ? mark_->words().tray().next_word() : QString());
    };
    connect(&document_, &Document::changed, this, tell_cue);
    connect(mark_, &MarkPanel::page_changed, this, tell_cue);
    connect(stack_, &QStackedWidget::currentChanged, this, tell_cue);
    connect(motion_, &MotionPanel::add_lane_wanted, &lanes_, &LaneCommands::add_lane);
    connect(place_, &PlacePanel::shown_wanted, timeline_, &TimelineView::show_range);
    connect(export_, &ExportPanel::file_wanted, &files_, &FileCommands::export_dialog);
    bin_.show_panel(song_);
    checks_.show_panel(check_);
    films_.show_page(&export_->film());
    connect(&check_->bank(), &CheckBank::changed, route_, [this] { route_->update(); });
    connect(export_, &ExportPanel::written, route_, [this] { route_->update(); });
}

/// Taps, while the grid is worked on and no pin is selected; else what is selected.
void MainWindow::show_detail() {
    const bool tapping = stack_->currentWidget() == grid_ && view_.selection().empty();
    details_->setCurrentWidget(tapping ? static_cast<QWidget*>(taps_) : detail_);
}

void MainWindow::refresh() {
    taps_->refresh();
    view_.follow(document_.project());
    player_.set_grid(document_.project().grid.get());
    for (auto* stop : stops_)
        stop->refresh();
    route_->update();
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

/// Where the picture is elsewhere, what is selected has its room; in a narrow window all draw together, so
/// that nothing lies out of sight.
void MainWindow::give_room(PicturePlace picture) {
    const bool shared = picture == PicturePlace::Bench, narrow = width() < 1200;
    route_->set_narrow(narrow);
    // What was found, and films, have the room of what is selected.
    const bool wide = stack_->currentWidget() == check_ || stack_->currentWidget() == export_;
    details_->setVisible(!wide);
    stack_->setMinimumWidth((narrow ? 450 : 530) + (wide && shared ? (narrow ? 200 : 260) : 0));
    const int details = narrow ? 232 : 254;
    details_->setMinimumWidth(details);
    details_->setMaximumWidth(shared ? details : QWIDGETSIZE_MAX);
    // Set apart, since it is matched against all that lies in the bench.
    if (const QString sheet = narrow ? narrow_bench : QString(); bench_->styleSheet() != sheet)
        bench_->setStyleSheet(sheet);
    bench_->layout()->setSpacing(narrow ? 8 : 14);
    bench_->layout()->setContentsMargins(0, 10, narrow ? 8 : 14, 8);
    if (bench_area_)
        fit_bench();
}

/// Only the stop that is seen says how high the bench must be.
void MainWindow::fit_stops() {
    for (int i = 0; i < stack_->count(); ++i) {
        auto policy = stack_->widget(i)->sizePolicy();
        policy.setVerticalPolicy(i == stack_->currentIndex() ? QSizePolicy::Preferred : QSizePolicy::Ignored);
        stack_->widget(i)->setSizePolicy(policy);
    }
}

/// The bench keeps the height that nothing is cut off with, as long as the song keeps some, too.
void MainWindow::fit_bench() {
    constexpr int least_bench = 150, least_song = 230;
    const int room = height() - transport_->height() - status_->height() - least_song;
    bench_area_->setMinimumHeight(
        std::clamp(room, least_bench, std::max(least_bench, bench_area_->whole_height(width()))));
    bench_area_->fit();
}

/// Each stop has a split of its own: what a person made of it comes back.
void MainWindow::keep_split() {
    if (splits_.size() < stops_.size())
        splits_.resize(stops_.size());
    const int height = splitter_->sizes().value(1);
    if (height > 0 && split_given_ > 0 && height != split_given_)
        splits_[static_cast<std::size_t>(stack_->currentIndex())] = height;
}

/// As much as a stop's rows need, and the song keeps the more of a high window.
void MainWindow::give_split() {
    const int whole = splitter_->height();
    if (!isVisible() || whole < 500 || !bench_area_->isVisible())
        return;
    const auto stop = static_cast<std::size_t>(stack_->currentIndex());
    const bool many_rows = stops_[stop] == motion_;
    const int usual =
        std::max(bench_area_->minimumHeight(), static_cast<int>(whole * (many_rows ? 0.47 : 0.36)));
    const int kept = stop < splits_.size() ? splits_[stop] : 0;
    const int height = kept > 0 ? kept : usual;
    splitter_->setSizes({whole - height, height});
    split_given_ = splitter_->sizes().value(1);
}

void MainWindow::showEvent(QShowEvent* event) {
    QMainWindow::showEvent(event);
    QTimer::singleShot(0, this, &MainWindow::give_split);
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    give_room(room_->place());
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!films_.may_close() || !files_.may_close())
        return event->ignore();
    player_.stop();
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
            files_.open_path(path);
    }
    if (!sounds.isEmpty())
        files_.add_sounds(sounds);
    if (!shots.empty())
        document_.add_clips(shots);
    event->acceptProposedAction();
}

bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    if (watched == bench_ && event->type() == QEvent::LayoutRequest)
        QTimer::singleShot(0, this, &MainWindow::fit_bench); // what it shows needs more room, or less
    return QMainWindow::eventFilter(watched, event);
}

} // namespace pulsepin
