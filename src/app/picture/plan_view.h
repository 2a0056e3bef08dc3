// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/painted_items.h"
#include "schedule/lights.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QContextMenuEvent>
#include <QPainter>
#include <QWidget>
#include <functional>
#include <optional>
#include <set>

namespace pulsepin {

/// A lamp, as it stands in a plan: a dark ring, or its light with a glow around it.
void draw_lamp(QPainter& painter, QPointF at, double radius, const Lit& lit, const QColor& ring);

/// The lamps where they hang, on a picture of the place or on plain ground, lit as at the playhead. They are
/// chosen and moved by mouse and arrow keys; a brush lights or darkens those that it is dragged over.
class PlanView : public QWidget, public PaintedItems {
    Q_OBJECT
public:
    PlanView(Document& document, ViewState& view, QWidget* parent = nullptr);
    /// The mouse chooses and moves lamps, or lights them (left) and makes them dark (right).
    void set_painting(bool painting);
    [[nodiscard]] bool painting() const { return painting_; }
    /// Where a lamp stands in the widget.
    [[nodiscard]] QPointF position_of(std::size_t fixture) const;

    [[nodiscard]] int item_count() const override;
    [[nodiscard]] QString item_name(int item) const override;
    [[nodiscard]] QRect item_rect(int item) const override;
    [[nodiscard]] bool item_chosen(int item) const override;
    void choose_item(int item) override;
    /// How they are lit instead of at the playhead, as a receiver sees them; none: at the playhead.
    void show_lit(std::function<std::vector<Lit>()> lit);
    [[nodiscard]] QSize sizeHint() const override { return {340, 180}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {160, 100}; }

signals:
    /// Lamps that the brush was dragged over.
    void lamps_painted(const std::vector<LampId>& lamps, bool lit);
    void hint(const QString& text);
    void delete_wanted();
    /// A lamp more there, percent of the plan.
    void lamp_wanted(double x, double y);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override { event->accept(); }
    bool event(QEvent* event) override;

private:
    [[nodiscard]] QRectF ground() const; ///< the plan in the widget, in the picture's proportions
    [[nodiscard]] std::optional<std::size_t> lamp_at(QPointF at) const;
    [[nodiscard]] double radius() const;
    [[nodiscard]] std::vector<std::size_t> chosen() const;
    void draw_ground(QPainter& painter, const QRectF& ground) const;
    void draw_names(QPainter& painter) const;
    void take_stroke(QPointF from, QPointF to);
    void move_chosen(double x, double y, const QString& name);

    Document& document_;
    ViewState& view_;
    std::function<std::vector<Lit>()> lit_;
    bool painting_ = false;
    enum class Drag { None, Lamps, Frame, Light, Darken } drag_ = Drag::None;
    QPointF pressed_, at_;
    std::set<std::size_t> stroke_;
    bool moved_ = false;
};

} // namespace pulsepin
