// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/score/score_view.h"
#include "drawing/timeline/timeline_view.h"
#include "pages/transport_bar.h"
#include "parts/notice_bar.h"
#include "picture/picture_room.h"
#include "session/player.h"
#include "session/view_state.h"
#include "shell/bench.h"
#include "shell/command_groups.h"
#include "shell/help_window.h"
#include "shell/status_strip.h"
#include "shell/walk.h"
#include "shell/welcome.h"

#include <QMainWindow>
#include <QMenu>
#include <QPointer>
#include <QSplitter>
#include <QStackedWidget>

namespace pulsepin {

class BenchEdge;
class FormArea;
class SettingsDialog;

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    explicit MainWindow(Player::Device device);

    void begin_walk();
    void show_settings();
    void open_path(const QString& path) { does_->files.open_path(path); }
    void open_beats(const QString& path) { does_->grids.open_beats(path); }
    void go_to_stop(Stop stop) { bench_->route().set_current(static_cast<int>(stop)); }
    void show_score(bool score) { does_->look.show_score(score); }

    [[nodiscard]] PlayCommands& plays() { return does_->play; }
    [[nodiscard]] FileCommands& files() { return does_->files; }
    [[nodiscard]] GridCommands& grids() { return does_->grids; }
    [[nodiscard]] WordCommands& words() { return does_->words; }
    [[nodiscard]] const CommandList& commands() const { return commands_; }
    [[nodiscard]] QAction* action(const QString& id) const { return commands_.action(id); }
    [[nodiscard]] Document& document() { return document_; }
    [[nodiscard]] ViewState& view() { return view_; }
    [[nodiscard]] Player& player() { return player_; }
    [[nodiscard]] TimelineView& timeline() { return *timeline_; }
    [[nodiscard]] ScoreView& score() { return *score_; }
    [[nodiscard]] TapPanel& taps() { return bench_->taps(); }
    [[nodiscard]] PreviewView& preview() { return picture_->picture(); }
    [[nodiscard]] PictureDesk& picture() { return *picture_; }
    [[nodiscard]] PictureRoom& picture_room() { return *room_; }
    [[nodiscard]] StatusStrip& status() { return *status_; }
    [[nodiscard]] ExportPanel& export_panel() { return bench_->exporting(); }
    [[nodiscard]] CheckPanel& check_panel() { return bench_->check(); }
    [[nodiscard]] CheckCommands& check_commands() { return does_->checks; }
    [[nodiscard]] FilmCommands& film_commands() { return does_->films; }
    [[nodiscard]] LightCommands& lights() { return does_->lights; }
    [[nodiscard]] TransportBar& transport() { return *transport_; }

protected:
    void closeEvent(QCloseEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void make_commands();
    void give_room(PicturePlace picture);
    void make_menu();
    void connect_parts();
    void connect_document();
    void connect_transport();
    void connect_drawings();
    void connect_stops();
    void refresh();
    void refresh_file();
    void apply_settings();
    void show_desk();

    Document document_;
    ViewState view_;
    Player player_;
    QMenu menu_;
    CommandList commands_;
    TransportBar* transport_ = nullptr;
    TimelineView* timeline_ = nullptr;
    ScoreView* score_ = nullptr;
    QStackedWidget* drawings_ = nullptr;
    std::vector<QPointer<FormArea>> waiting_; ///< forms that are no part of the window yet
    BenchEdge* edge_ = nullptr;
    QSplitter* upper_ = nullptr; ///< the drawings, and the picture beside them
    Bench* bench_ = nullptr;
    FormArea* bench_area_ = nullptr;
    NoticeBar* notice_ = nullptr;
    PictureDesk* picture_ = nullptr;
    PictureRoom* room_ = nullptr;
    StatusStrip* status_ = nullptr;
    Welcome* welcome_ = nullptr;
    QPointer<Walk> walk_;
    HelpKey* help_ = nullptr;
    QPointer<SettingsDialog> settings_;
    std::unique_ptr<CommandGroups> does_; ///< of the parts above
};

} // namespace pulsepin
