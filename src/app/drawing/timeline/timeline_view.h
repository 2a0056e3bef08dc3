// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/canvas.h"
#include "drawing/canvas/line_placement.h"
#include "drawing/timeline/song_tiles.h"

#include <QScrollBar>
#include <filesystem>

namespace pulsepin {

/// The song as the head, the lanes hanging from it, on one line of time.
class TimelineView : public Canvas {
    Q_OBJECT
public:
    TimelineView(Document& document, ViewState& view, QWidget* parent = nullptr);

    void set_palette(const Palette& palette) override;
    void zoom_by(double factor); ///< about the playhead if it is in view, else about the middle
    void show_all();
    void show_range(Seconds from, Seconds until);
    void reveal_lane(LaneId lane);
    /// As show_range(); the view before it is kept for show_before().
    void zoom_to(Seconds from, Seconds until);
    void show_before();
    void reveal(Seconds time); ///< scrolls only if it is out of view
    void set_wave_height(double factor);
    [[nodiscard]] const TimeScale& scale() const { return placement_.scale; }

    // Where things are drawn, the time area only.
    /// Of a level of a follower's step; none where it is not drawn.
    [[nodiscard]] std::optional<double> level_line_y(LaneId lane, std::string_view param) const;
    [[nodiscard]] QRectF lane_row(LaneId lane) const;
    /// Of the switch with that letter beside the lane's name.
    [[nodiscard]] QPointF switch_position(LaneId lane, QChar letter) const;
    [[nodiscard]] QPointF song_switch_position(QChar letter) const;
    /// Of the click of a row of onsets; (-1, -1) where it is not shown.
    [[nodiscard]] QPointF row_click_position(std::size_t row) const;
    /// Lamps of what acts at the playhead are lit, others go out.
    void light_up();
    /// Whether the lamp of a lane is lit.
    [[nodiscard]] bool lit(LaneId lane) const;
    [[nodiscard]] QRectF ruler_row() const { return ruler_; }
    [[nodiscard]] QRectF wave_row() const { return wave_; }
    /// Where a row of onsets is drawn, by its place among the rows of the detection; empty where it is not.
    [[nodiscard]] QRectF onset_row(std::size_t row) const;
    [[nodiscard]] QRectF spectrum_row() const { return spectrum_; }
    [[nodiscard]] QRectF beats_row() const { return beats_; }   ///< of the grid, while its rows are shown
    [[nodiscard]] QRectF danger_row() const { return danger_; } ///< of flashes, while the piece is checked
    [[nodiscard]] const SongTiles& tiles() const { return tiles_; }

signals:
    void lane_name_wanted(LaneId lane); ///< to be given another
    void lane_menu_wanted(QPoint global, LaneId lane);

protected:
    bool event(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

    const CanvasPlacement& placement() const override { return placement_; }
    void lay_out() override;
    void draw(QImage& base) override;
    void draw_playhead(QPainter& painter) const override;
    void draw_lamps(QPainter& painter) const override;
    QRectF playhead_strip(Seconds time) const override;
    QPointF playhead_point() const override;
    std::unique_ptr<Gesture> gesture_at(QPointF at, Qt::KeyboardModifiers keys) override;
    QString hint_at(QPointF at) const override;
    Qt::CursorShape cursor_at(QPointF at) const override;

private:
    enum class Zone { Names, Ruler, GridRow, Song, Lane, Below };
    struct Switch {
        enum What { Mute, Solo, Click, Lock } what;
        QString letter;
        bool on;
        QRectF rect;
    };

    [[nodiscard]] double lay_out_song(bool grid_rows, double below);
    void lay_out_lanes(double top, double bottom, double stretch);
    [[nodiscard]] double height_of(std::size_t lane) const;
    PinId event_;                   ///< that lies open and has its room
    bool nearer_for_event_ = false; ///< the view before is shown again when it closes
    void draw_lanes(QPainter& painter, const Scene& scene, const QImage& paper) const;
    void give_song_to_tiles();
    void show_new_song();
    [[nodiscard]] bool shows_up_to(Seconds end) const; ///< from the beginning
    void view_changed();
    void reveal_selected();
    void make_room_for_event();
    void leave_event_that_is_gone();
    [[nodiscard]] std::optional<std::pair<LaneId, Seconds>> selected_in_sight() const;
    [[nodiscard]] QRectF snap_chip() const;
    [[nodiscard]] Zone zone_at(QPointF at) const;
    void add_beat_at(QPointF at, bool free);
    [[nodiscard]] bool gain_line_on_song(const Scene& scene, QPointF at) const;
    bool remove_gain_point_at(QPointF at);
    [[nodiscard]] QString song_hint(QPointF at) const;

    // -- rows of onsets
    /// The row of onsets there, by its place among the rows of the detection.
    [[nodiscard]] std::optional<std::size_t> onset_row_at(QPointF at) const;
    /// Of onsets, where its name is.
    [[nodiscard]] std::optional<std::string> row_named_at(QPointF at) const;
    std::optional<QPointF> named_row_pressed_;
    [[nodiscard]] std::optional<std::pair<std::size_t, QRectF>> row_of_onsets_at(QPointF at) const override;
    [[nodiscard]] std::optional<ViewState::ChosenOnset> onset_under(QPointF at) const;
    void add_onset_at(QPointF at);
    void show_onset_menu(QPoint global, QPointF at);

    // -- the column of names
    void paint_names(QPainter& painter) const;
    void paint_song_names(QPainter& painter) const;
    void paint_grid_names(QPainter& painter) const;
    void paint_danger_names(QPainter& painter) const;
    void paint_lane_names(QPainter& painter) const;
    void put(QPainter& painter, const QFont& font, const QColor& colour, QRectF rect,
             const QString& text) const;
    void put_in_lines(QPainter& painter, const QFont& f, const QColor& colour, QRectF rect,
                      const QString& text) const;
    [[nodiscard]] QFont names_font(int pixels, QFont::Weight weight) const;
    [[nodiscard]] const Lane* lane_named_at(QPointF at) const;
    [[nodiscard]] QRectF name_place(const Lane& lane, const QRectF& row) const;
    [[nodiscard]] std::vector<Switch> switches_of(const Lane& lane, const QRectF& row) const;
    void paint_switch(QPainter& painter, const Switch& to_paint) const;
    void paint_sign(QPainter& painter, LaneKind kind, double y) const;
    bool press_switch(QPointF at, bool another);
    bool press_row_switch(QPointF at, bool another);
    void press_lane_switch(const Lane& lane, const Switch& pressed, bool another);
    /// Of a row of onsets: its click, and its place among the rows of the detection.
    struct RowSwitch {
        std::size_t row;
        Switch click;
    };
    [[nodiscard]] std::vector<RowSwitch> row_switches() const;
    [[nodiscard]] std::vector<Switch> song_switches() const;
    bool press_song_switch(QPointF at, bool another);
    [[nodiscard]] QString switch_tip(QPointF at) const;
    /// The switches of what acts at the playhead.
    /// Lit while a lane or a row acts.
    struct Lamp {
        LaneId lane; ///< 0: of a row of onsets
        QRectF place;
        friend bool operator==(const Lamp&, const Lamp&) = default;
    };
    [[nodiscard]] std::vector<Lamp> lit_lamps() const;

    SongTiles tiles_;
    QRectF ruler_, beats_, sections_, wave_, spectrum_, onsets_, trust_, tempo_, danger_;
    LinePlacement placement_;
    QScrollBar* scroll_;
    QScrollBar* lane_scroll_;
    bool whole_song_pending_ = true;
    std::filesystem::path shown_song_;
    Seconds whole_shown_;                             ///< the end that was shown when all of it was
    std::vector<Lamp> lit_;                           ///< when it was painted last
    std::vector<std::pair<Seconds, Seconds>> before_; ///< what was in view, the last one at the end
};

} // namespace pulsepin
