// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "details/detail_panel.h"
#include "session/document.h"
#include "model/copies.h"
#include "notice_bar.h"
#include "player.h"
#include "preview_view.h"
#include "route_list.h"
#include "schedule/find_pins.h"
#include "score/score_view.h"
#include "status_strip.h"
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
#include <map>

class QSessionManager;

namespace pulsepin {

class BenchArea;

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    enum Stop { SongStop, GridStop, MarkStop, PlaceStop, MotionStop, ExportStop };
    explicit MainWindow(Player::Device device);

    /// A project, or else a song; asks before unsaved work is lost.
    void open_path(const QString& path);
    /// Work that was not saved is copied for the next time, and the program ends without a question.
    void end_now();
    /// The desktop's session ends: asks where it may, and holds it up when the person wants that.
    void desktop_ends(QSessionManager& manager);
    /// Asks about unsaved work; waits until it is saved.
    [[nodiscard]] bool may_end_session();
    /// A grid from a file; items keep their time.
    void open_beats(const QString& path);
    enum class Recovered { No, Yes };
    /// Offers what crashes left behind, one after the other, until one is taken.
    Recovered offer_recovery();
    void go_to_stop(Stop stop) { route_->set_current(stop); }

    [[nodiscard]] Document& document() { return document_; }
    [[nodiscard]] ViewState& view() { return view_; }
    [[nodiscard]] Player& player() { return player_; }
    [[nodiscard]] TimelineView& timeline() { return *timeline_; }
    [[nodiscard]] ScoreView& score() { return *score_; }
    [[nodiscard]] TapPanel& taps() { return *taps_; }
    void show_score(bool score);
    [[nodiscard]] PreviewView& preview() { return *preview_; }
    [[nodiscard]] StatusStrip& status() { return *status_; }
    [[nodiscard]] ExportPanel& export_panel() { return *export_; }
    [[nodiscard]] TransportBar& transport() { return *transport_; }
    [[nodiscard]] QAction* action(const QString& name) const { return actions_.at(name); }

    struct ShortcutLine {
        QString group, what, keys;
    };
    [[nodiscard]] std::vector<ShortcutLine> shortcuts() const;

protected:
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* make_bench();
    void fit_bench();
    void make_actions();
    void make_look_actions(QMenu* menu);
    void make_grid_actions(QMenu* menu);
    void make_snap_actions(QMenu* menu);
    void go_to_doubtful();
    void tap(bool first_of_bar);
    void show_detail();
    void zoom_by(double factor);
    void connect_parts();
    QAction* add(QMenu* menu, const QString& name, const QString& text, const QList<QKeySequence>& keys,
                 std::function<void()> what);
    void fill_recent_menu();
    void refresh();
    void refresh_file();

    void leave(std::function<void()> then);
    void save(std::function<void()> then = {});
    void save_as(std::function<void()> then = {});
    void save_to(const std::filesystem::path& path, ProjectStore::Overwrite overwrite,
                 std::function<void()> then);
    void ask_about_changed_file(const std::filesystem::path& path, std::function<void()> then);
    void show_file_beside();
    void load_again();
    void tell_of_damaged_copy(const RecoveryFolder& left, const Error& error);
    void open_dialog();
    void song_dialog();
    void beats_dialog();
    void shots_dialog();
    void shot_folder_dialog();
    void sound_dialog();
    void make_sound_actions(QMenu* menu);
    void split_sound();
    void trim_song_to_range();
    void lay_sound_of_shot();
    void tie_to_sound();
    void export_dialog(const ExporterRow& row);

    void toggle_play();
    void make_play_actions(QMenu* menu);
    void load_settings();
    void change_speed(int steps);
    void set_few_seconds(int seconds);
    void set_range_end(bool end);
    void step_pins_of(LaneKind kind, int by);
    void go_to_selected();
    void ask_for_delay();
    void play_few_seconds();
    void play_from(Seconds from);
    [[nodiscard]] FrameRate rate() const { return document_.project().settings->frame_rate; }
    void set_playhead(Seconds time);
    void step_frames(int by);
    void step_beats(int by);
    void step_bars(int by);
    void step_pins(int by);
    void make_pin_actions(QMenu* menu);
    void make_shot_actions(QMenu* menu);
    void make_select_actions(QMenu* menu);
    void make_lane_actions(QMenu* menu);
    [[nodiscard]] std::vector<PinId> selected_pins() const;
    void select_found(const PinQuery& query);
    void change_selection(const std::function<Project(std::span<const PinId>)>& how, const QString& what);
    void lock_selection();
    void mute_selection();
    void delete_selection();
    void copy_pins();
    void paste_pins();
    void paste_on_chosen();
    void take_copies(const Result<Copied>& copied, const QString& what);
    void ask_for_repetition();
    [[nodiscard]] Seconds heard_now() const;
    [[nodiscard]] std::optional<PinId> clip_at(Seconds time) const;
    void add_marker_on_shot();
    [[nodiscard]] PinId chosen_cut() const;
    void swap_with_next();
    void add_camera_cut();
    void add_lane(LaneKind kind);
    void name_lane(LaneId lane);
    void show_lane_menu(QPoint at, LaneId lane);
    void ask_for_lead(LaneId lane);
    void add_pin(LaneId lane, Seconds time);
    void add_pin_lasting(LaneId lane, Seconds time, std::optional<TimeSpan> lasting);
    [[nodiscard]] Seconds snapped(Seconds time) const;
    void add_pin_of(LaneKind kind);
    void show_context_menu(QPoint at, std::optional<PinId> pin, Seconds time);
    void show_shortcuts();
    void set_night(bool night);

    Document document_;
    ViewState view_;
    Player player_;
    QMenu menu_;
    QMenu* recent_menu_ = nullptr;
    QMenu* edit_menu_ = nullptr;
    std::map<QString, QAction*> actions_;
    std::vector<std::pair<QString, QAction*>> action_groups_;
    TransportBar* transport_ = nullptr;
    TimelineView* timeline_ = nullptr;
    ScoreView* score_ = nullptr;
    QStackedWidget* drawings_ = nullptr;
    QStackedWidget* details_ = nullptr;
    TapPanel* taps_ = nullptr;
    QSplitter* splitter_ = nullptr;
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
    ExportPanel* export_ = nullptr;
    DetailPanel* detail_ = nullptr;
    NoticeBar* notice_ = nullptr;
    PreviewView* preview_ = nullptr;
    StatusStrip* status_ = nullptr;
    std::optional<Seconds> return_to_; ///< where the playhead goes back to when playing stops
    Clipping clipping_;                ///< what was copied last
    int few_seconds_ = 8;
    bool stop_returns_ = false; ///< else it stays where it stopped
    bool may_close_ = false;    ///< unsaved work was asked about
};

} // namespace pulsepin
