// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "palette.h"
#include "score/score_layout.h"
#include "view_state.h"

#include <QImage>
#include <QScrollBar>
#include <QWidget>
#include <optional>

namespace pulsepin {

/// The song and its lanes wrapped into phrases of 1 to 16 bars, one under another, beats aligned: what
/// repeats, what is missing and where the grid drifts is seen at a glance.
class ScoreView : public QWidget {
    Q_OBJECT
public:
    ScoreView(Document& document, ViewState& view, QWidget* parent = nullptr);

    static constexpr int names_width = 118, head_height = 26;
    static constexpr int phrase_lengths[] = {1, 2, 4, 8, 16};

    void set_palette(const Palette& palette);
    void set_bars_in_row(int bars);
    [[nodiscard]] int bars_in_row() const { return bars_in_row_; }
    void zoom_by(double factor); ///< in: fewer bars in a row
    /// A press on a cell of a lane switches that place on or off, a drag paints further ones alike.
    void set_painting(bool painting);
    [[nodiscard]] bool painting() const { return painting_; }
    void set_cells_a_beat(int cells);
    [[nodiscard]] int cells_a_beat() const { return cells_a_beat_; }
    /// As a click on that cell does.
    void switch_cell(LaneId lane, Ticks at);
    /// Of a cell, in this widget.
    [[nodiscard]] QPointF cell_position(LaneId lane, Ticks at) const;
    /// Where something lands that is dragged or added there: on the beat as far as snapping says so.
    [[nodiscard]] Seconds snapped(Seconds time, bool off_grid) const;
    void reveal(Seconds time); ///< scrolls only if its row is out of view

    /// Where things are drawn, in this widget; for tests and for the keyboard's context menu.
    [[nodiscard]] QPointF position_of(Seconds time) const; ///< middle of the row
    [[nodiscard]] QPointF head_position(PinId pin) const;
    [[nodiscard]] const ScoreLayout& layout_of_rows() const { return layout_; }

    [[nodiscard]] QSize sizeHint() const override { return {1280, 490}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {400, 180}; }

signals:
    void playhead_set(Seconds time);
    void hint(const QString& text);
    void add_wanted(LaneId lane, Seconds time);
    void menu_wanted(QPoint global, std::optional<PinId> pin, Seconds time);
    void bars_in_row_changed(int bars);
    void painting_changed();

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
    struct Drag {
        enum class Kind { None, Playhead, Pins, Cells, Band } kind = Kind::None;
        QPointF from;
        PinId pin;
        Ticks by;
        bool moved = false;
        std::size_t lane = 0; ///< whose cells are painted
        bool on = true;
        QPointF to;
        Schedule shown; ///< of the project as it would be
    };
    void lay_out();
    void invalidate();
    void paint_base();
    void paint_playhead(QPainter& painter) const;
    void cancel_drag();
    void show_drag(Project project);
    void drag_pins_to(QPointF at, bool off_grid);
    bool press_cell(QPointF at);
    void paint_cell_at(QPointF at);
    void band_to(QPointF at);
    [[nodiscard]] Ticks cell_at(QPointF at) const;
    [[nodiscard]] bool shows_drag() const { return drag_.moved && drag_.kind != Drag::Kind::Band; }
    [[nodiscard]] double scrolled() const { return static_cast<double>(scroll_->value()); }
    [[nodiscard]] Seconds time_at(QPointF at) const;
    [[nodiscard]] std::optional<std::size_t> lane_at(QPointF at) const;
    [[nodiscard]] std::optional<PinId> pin_at(QPointF at) const;
    [[nodiscard]] int trigger_row_at(QPointF at, std::size_t lane) const;
    [[nodiscard]] const Project& shown_project() const { return shown_schedule().project(); }
    [[nodiscard]] const Schedule& shown_schedule() const;
    [[nodiscard]] QRectF row_rect(std::size_t row) const; ///< in this widget

    Document& document_;
    ViewState& view_;
    const Palette* palette_ = &day_palette();
    int bars_in_row_ = 4;
    bool painting_ = false;
    int cells_a_beat_ = 1;
    ScoreLayout layout_;
    QImage base_;
    bool base_valid_ = false;
    QRect playhead_rect_;
    Drag drag_;
    QScrollBar* scroll_;
};

} // namespace pulsepin
