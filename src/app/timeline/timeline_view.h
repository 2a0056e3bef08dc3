// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "timeline/scene.h"
#include "timeline/song_tiles.h"
#include "timeline/sound_lane.h"

#include <QImage>
#include <QScrollBar>
#include <QWidget>
#include <optional>

namespace pulsepin {

/// The song as the head, the lanes hanging from it, on one line of time.
class TimelineView : public QWidget {
    Q_OBJECT
public:
    TimelineView(Document& document, ViewState& view, QWidget* parent = nullptr);

    static constexpr int names_width = 118;

    void set_palette(const Palette& palette);
    void zoom_by(double factor); ///< about the playhead if it is in view, else about the middle
    void show_all();
    void show_range(Seconds from, Seconds until);
    /// Where something lands that is dragged or added there: on the beat as far as snapping says so.
    [[nodiscard]] Seconds snapped(Seconds time, bool off_grid) const;
    void reveal(Seconds time); ///< scrolls only if it is out of view
    void set_wave_height(double factor);
    [[nodiscard]] const TimeScale& scale() const { return scale_; }

    /// Where a pin's head is drawn; for tests and for the keyboard's context menu.
    [[nodiscard]] QPointF head_position(PinId pin) const;
    [[nodiscard]] QRectF lane_row(LaneId lane) const; ///< the time area of it
    /// Of the switch with that letter beside the lane's name.
    [[nodiscard]] QPointF switch_position(LaneId lane, QChar letter) const;
    [[nodiscard]] QRectF ruler_row() const;
    [[nodiscard]] QRectF wave_row() const;
    [[nodiscard]] QRectF spectrum_row() const;
    [[nodiscard]] QRectF beats_row() const { return beats_; } ///< of the grid, while its rows are shown
    [[nodiscard]] QRectF tempo_row() const { return tempo_; }
    [[nodiscard]] const SongTiles& tiles() const { return tiles_; }

    [[nodiscard]] QSize sizeHint() const override { return {1280, 490}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {400, 180}; }

signals:
    void playhead_set(Seconds time);            ///< by the mouse
    void hint(const QString& text);             ///< what the mouse does here
    void add_wanted(LaneId lane, Seconds time); ///< double click
    void menu_wanted(QPoint global, std::optional<PinId> pin, Seconds time);
    void lane_name_wanted(LaneId lane); ///< to be given another
    void lane_menu_wanted(QPoint global, LaneId lane);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

private:
    enum class Zone { Names, Ruler, GridRow, Song, Lane, Below };
    struct LaneRow {
        LaneId lane;
        QRectF rect; ///< over the whole width
    };
    struct Drag {
        enum class Kind {
            None,
            Playhead,
            Range,
            Pins,
            Roll,
            Ripple,
            Slip,
            Shot,
            Stretch,
            Band,
            Sound,
            Beat,
            Pan
        } kind = Kind::None;
        SoundGrip grip = SoundGrip::Body;
        QPointF from;
        Seconds from_time;
        PinId pin;
        std::int64_t beat = 0;
        Ticks by;
        int rows = 0;
        double value = 0; ///< how much higher keys are dragged
        PinId target;     ///< the shot that another is dragged onto
        bool replacing = false;
        QPointF to;
        std::set<PinId> selected_before;
        Qt::KeyboardModifiers modifiers;
        bool moved = false;
        Seconds pan_start;
        Schedule shown; ///< of the project as it would be
    };

    void lay_out();
    void invalidate();
    void paint_base();
    struct Switch {
        enum What { Mute, Solo, Lock } what;
        QString letter;
        bool on;
        QRectF rect;
    };
    [[nodiscard]] std::vector<Switch> switches_of(const Lane& lane, const QRectF& row) const;
    void paint_switch(QPainter& painter, const Switch& to_paint) const;
    bool press_switch(QPointF at);
    void drag_sound_to(QPointF at, bool off_grid);
    [[nodiscard]] std::optional<GrippedSound> sound_at(QPointF at) const;
    void paint_names(QPainter& painter) const;
    void give_song_to_tiles();
    void paint_playhead(QPainter& painter) const;
    void view_changed();
    void playhead_moved();
    void reveal_selected();
    [[nodiscard]] std::optional<std::int64_t> beat_at(QPointF at) const;
    [[nodiscard]] Seconds near_onset(Seconds time, bool free) const;
    void drag_beat_to(QPointF at, Qt::KeyboardModifiers modifiers);
    void finish_beat_drag();
    void add_beat_at(QPointF at, bool free);
    void show_drag(Project project);
    void drag_pins_to(QPointF at, bool off_grid);
    [[nodiscard]] int rows_dragged(QPointF at) const;
    [[nodiscard]] double value_dragged(QPointF at) const;
    void slip_to(QPointF at);
    void drag_shot_to(QPointF at, bool replace);
    void stretch_to(QPointF at, bool in_frames);
    void band_to(QPointF at);
    void finish_lane_drag();
    void paint_drag(QPainter& painter) const;
    [[nodiscard]] Drag::Kind kind_of_press(PinId pin, QPointF at, Qt::KeyboardModifiers keys) const;
    [[nodiscard]] std::optional<std::size_t> lane_index_at(QPointF at) const;
    [[nodiscard]] std::optional<PinId> trigger_end_at(QPointF at) const;
    [[nodiscard]] std::optional<PinId> shot_at_point(QPointF at) const;
    [[nodiscard]] QString lane_hint(QPointF at) const;
    void cancel_drag();
    [[nodiscard]] Zone zone_at(QPointF at) const;
    [[nodiscard]] const LaneRow* lane_at(QPointF at) const;
    [[nodiscard]] std::optional<PinId> pin_at(QPointF at) const;
    [[nodiscard]] bool shows_drag() const {
        return drag_.moved && drag_.kind >= Drag::Kind::Pins && drag_.kind != Drag::Kind::Band &&
               drag_.kind != Drag::Kind::Pan;
    }
    [[nodiscard]] Scene scene() const;
    [[nodiscard]] const Project& shown_project() const { return shown_schedule().project(); }
    [[nodiscard]] const Schedule& shown_schedule() const;
    [[nodiscard]] LaneScene lane_scene(const Scene& scene, std::size_t lane) const;
    [[nodiscard]] Seconds song_end() const;
    [[nodiscard]] QString hint_for(QPointF at) const;

    Document& document_;
    ViewState& view_;
    const Palette* palette_ = &day_palette();
    TimeScale scale_;
    SongTiles tiles_;
    QImage base_; ///< all but the playhead
    bool base_valid_ = false;
    double playhead_x_ = 0;
    QRectF ruler_, beats_, sections_, wave_, spectrum_, onsets_, trust_, tempo_;
    std::vector<LaneRow> lanes_;
    QRectF lanes_area_; ///< in which the lanes are scrolled
    double lanes_bottom_ = 0;
    Drag drag_;
    QScrollBar* scroll_;
    QScrollBar* lane_scroll_;
    bool whole_song_pending_ = true;
};

} // namespace pulsepin
