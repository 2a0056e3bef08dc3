// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/painted_items.h"

#include <QWidget>
#include <vector>

namespace pulsepin {

/// A pattern of steps as a row of cells: click or paint over them; arrow keys and Space do the same.
class StepCells : public QWidget, public PaintedItems {
    Q_OBJECT
public:
    explicit StepCells(QWidget* parent = nullptr);
    /// As many cells as the bars have steps; `a_bar` of them make a bar, `a_beat` a beat.
    void set_shape(int bars, int a_bar, int a_beat);
    void set_steps(std::vector<bool> on);
    [[nodiscard]] const std::vector<bool>& steps() const { return on_; }
    [[nodiscard]] QPoint middle_of(int step) const;

    [[nodiscard]] int item_count() const override { return static_cast<int>(on_.size()); }
    [[nodiscard]] QString item_name(int item) const override;
    [[nodiscard]] QRect item_rect(int item) const override { return cell(item).toAlignedRect(); }
    [[nodiscard]] bool item_chosen(int item) const override { return on_[static_cast<std::size_t>(item)]; }
    void choose_item(int item) override { put(item, !item_chosen(item)); }
    [[nodiscard]] QSize sizeHint() const override { return {200, 26}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {120, 24}; }

signals:
    void changed();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

private:
    [[nodiscard]] QRectF cell(int step) const;
    [[nodiscard]] int step_at(QPointF at) const; ///< -1 for none
    void put(int step, bool on);

    int a_bar_ = 4, a_beat_ = 1;
    std::vector<bool> on_ = std::vector<bool>(4, false);
    bool painting_ = true; ///< what the mouse puts while it is held
    int focused_ = 0;
};

} // namespace pulsepin
