// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/canvas.h"
#include "drawing/canvas/phrase_placement.h"

#include <QScrollBar>

namespace pulsepin {

/// The song and its lanes wrapped into phrases of 1 to 16 bars, one under another, beats aligned: what
/// repeats, what is missing and where the grid drifts is seen at a glance.
class ScoreView : public Canvas {
    Q_OBJECT
public:
    ScoreView(Document& document, ViewState& view, QWidget* parent = nullptr);

    static constexpr int head_height = 26;
    static constexpr int phrase_lengths[] = {1, 2, 4, 8, 16};

    void set_palette(const Palette& palette) override;
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
    void reveal(Seconds time); ///< scrolls only if its row is out of view

    /// Where a moment is drawn, in the middle of its row; for tests.
    [[nodiscard]] QPointF position_of(Seconds time) const { return placement_.position_of(time); }
    [[nodiscard]] const ScoreLayout& layout_of_rows() const { return placement_.layout; }
    [[nodiscard]] const PhrasePlacement& phrases() const { return placement_; }

signals:
    void painting_changed();

protected:
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;

    const CanvasPlacement& placement() const override { return placement_; }
    void lay_out() override;
    void draw(QImage& base) override;
    void draw_playhead(QPainter& painter) const override;
    QRectF playhead_strip(Seconds time) const override;
    QPointF playhead_point() const override { return position_of(view_.playhead()); }
    std::unique_ptr<Gesture> gesture_at(QPointF at, Qt::KeyboardModifiers keys) override;
    QString hint_at(QPointF at) const override;
    Qt::CursorShape cursor_at(QPointF at) const override;

private:
    /// The lane whose cell is painted by a press there.
    [[nodiscard]] const Lane* lane_to_paint(QPointF at) const;
    [[nodiscard]] bool on_wave(QPointF at) const;
    /// The beat that is bent by a press there.
    [[nodiscard]] std::optional<std::int64_t> beat_to_bend(QPointF at) const;

    int bars_in_row_ = 4;
    bool painting_ = false;
    int cells_a_beat_ = 1;
    PhrasePlacement placement_;
    QScrollBar* scroll_;
};

} // namespace pulsepin
