// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/bin_commands.h"
#include "commands/check_commands.h"
#include "commands/drawing_commands.h"
#include "commands/drop_commands.h"
#include "commands/file_commands.h"
#include "commands/film_commands.h"
#include "commands/grid_commands.h"
#include "commands/lane_commands.h"
#include "commands/pin_commands.h"
#include "commands/play_commands.h"
#include "commands/shot_commands.h"
#include "commands/sound_commands.h"
#include "commands/view_commands.h"
#include "commands/word_commands.h"
#include "details/detail_panel.h"
#include "notice_bar.h"
#include "picture/picture_room.h"
#include "player.h"
#include "route_list.h"
#include "score/score_view.h"
#include "status_strip.h"
#include "stops/check_panel.h"
#include "stops/export_panel.h"
#include "stops/grid_panel.h"
#include "stops/mark_panel.h"
#include "stops/motion_panel.h"
#include "stops/place_panel.h"
#include "stops/song_panel.h"
#include "stops/tap_panel.h"
#include "timeline/timeline_view.h"
#include "transport_bar.h"
#include "view_state.h"

#include <QMainWindow>
#include <QMenu>
#include <QSplitter>
#include <QStackedWidget>

namespace pulsepin {

class BenchArea;

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    explicit MainWindow(Player::Device device);

    void open_path(const QString& path) { files_.open_path(path); }
    void open_beats(const QString& path) { grids_.open_beats(path); }
    void go_to_stop(Stop stop) { context_.go_to_stop(stop); }
    void show_score(bool score) { look_.show_score(score); }

    [[nodiscard]] FileCommands& files() { return files_; }
    [[nodiscard]] GridCommands& grids() { return grids_; }
    [[nodiscard]] WordCommands& words() { return words_; }
    [[nodiscard]] const CommandList& commands() const { return commands_; }
    [[nodiscard]] QAction* action(const QString& id) const { return commands_.action(id); }
    [[nodiscard]] Document& document() { return document_; }
    [[nodiscard]] ViewState& view() { return view_; }
    [[nodiscard]] Player& player() { return player_; }
    [[nodiscard]] TimelineView& timeline() { return *timeline_; }
    [[nodiscard]] ScoreView& score() { return *score_; }
    [[nodiscard]] TapPanel& taps() { return *taps_; }
    [[nodiscard]] PreviewView& preview() { return picture_->picture(); }
    [[nodiscard]] PictureDesk& picture() { return *picture_; }
    [[nodiscard]] PictureRoom& picture_room() { return *room_; }
    [[nodiscard]] StatusStrip& status() { return *status_; }
    [[nodiscard]] ExportPanel& export_panel() { return *export_; }
    [[nodiscard]] CheckPanel& check_panel() { return *check_; }
    [[nodiscard]] CheckCommands& check_commands() { return checks_; }
    [[nodiscard]] FilmCommands& film_commands() { return films_; }
    [[nodiscard]] TransportBar& transport() { return *transport_; }

protected:
    void closeEvent(QCloseEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void give_parts();
    QWidget* make_bench();
    void keep_split();
    void give_split();
    void fit_bench();
    void fit_stops();
    void give_room(PicturePlace picture);
    void make_menu();
    void connect_parts();
    void connect_document();
    void connect_transport();
    void connect_drawings();
    void connect_stops();
    void show_detail();
    void refresh();
    void refresh_file();

    Document document_;
    ViewState view_;
    Player player_;
    QMenu menu_;
    CommandList commands_;
    CommandContext context_;
    FileCommands files_;
    PinCommands pins_;
    ShotCommands shots_;
    BinCommands bin_;
    LaneCommands lanes_;
    SoundCommands sounds_;
    GridCommands grids_;
    PlayCommands play_;
    ViewCommands look_;
    DropCommands drops_;
    WordCommands words_;
    DrawingCommands exposures_;
    CheckCommands checks_;
    FilmCommands films_;
    TransportBar* transport_ = nullptr;
    TimelineView* timeline_ = nullptr;
    ScoreView* score_ = nullptr;
    QStackedWidget* drawings_ = nullptr;
    QStackedWidget* details_ = nullptr;
    TapPanel* taps_ = nullptr;
    QSplitter* splitter_ = nullptr;
    QSplitter* upper_ = nullptr; ///< the drawings, and the picture beside them
    QWidget* bench_ = nullptr;
    BenchArea* bench_area_ = nullptr;
    RouteList* route_ = nullptr;
    QStackedWidget* stack_ = nullptr;
    std::vector<StopPanel*> stops_;
    SongPanel* song_ = nullptr;
    GridPanel* grid_ = nullptr;
    MarkPanel* mark_ = nullptr;
    PlacePanel* place_ = nullptr;
    MotionPanel* motion_ = nullptr;
    CheckPanel* check_ = nullptr;
    ExportPanel* export_ = nullptr;
    DetailPanel* detail_ = nullptr;
    NoticeBar* notice_ = nullptr;
    PictureDesk* picture_ = nullptr;
    PictureRoom* room_ = nullptr;
    StatusStrip* status_ = nullptr;
    std::vector<int> splits_; ///< heights of the bench that a person gave it, by stop; 0: none
    int split_given_ = 0;     ///< by the stop itself
};

} // namespace pulsepin
