// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/stop_panel.h"
#include "parts/painted_items.h"

#include <QWidget>
#include <optional>
#include <vector>

namespace pulsepin {

/// The stops of the work in their order, each with what is there or missing.
class RouteList : public QWidget, public PaintedItems {
    Q_OBJECT
public:
    explicit RouteList(std::vector<StopPanel*> stops, QWidget* parent = nullptr);
    [[nodiscard]] int current() const { return current_; }
    void set_current(int index);
    /// Without summaries, where there is little room.
    void set_narrow(bool narrow);
    [[nodiscard]] QSize sizeHint() const override { return {152, 210}; }
    [[nodiscard]] QRect stop_rect(int index) const;

    [[nodiscard]] int item_count() const override { return static_cast<int>(stops_.size()); }
    [[nodiscard]] QString item_name(int item) const override;
    [[nodiscard]] QRect item_rect(int item) const override { return stop_rect(item); }
    [[nodiscard]] bool item_chosen(int item) const override { return item == current_; }
    void choose_item(int item) override { set_current(item); }

signals:
    void chosen(int index);

protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    [[nodiscard]] int stop_height() const;
    [[nodiscard]] std::optional<int> stop_at(QPointF at) const;
    std::vector<StopPanel*> stops_;
    bool narrow_ = false;
    int current_ = 0;
};

} // namespace pulsepin
