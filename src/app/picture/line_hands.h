// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/preview_view.h"

#include <optional>

namespace pulsepin {

/// The points of a drawn line under the mouse: a press beside them sets another, a drag moves one, with Shift
/// its width; a double click takes it away.
class LineHands {
public:
    LineHands(Document& document, PreviewView& preview) : document_(document), preview_(preview) {}

    void press(LayerId line, QPointF at);
    void move(QPointF at, bool width);
    /// One undo step for what the press began.
    void release();
    void remove_at(LayerId line, QPointF at);
    void give_up() { points_.reset(); }
    [[nodiscard]] bool busy() const { return points_.has_value(); }
    void paint(QPainter& painter, LayerId line) const;
    /// Where a point is seen, in the widget.
    [[nodiscard]] std::vector<QPointF> seen_points(LayerId line) const;

private:
    [[nodiscard]] std::optional<QTransform> place(LayerId line) const; ///< from its own pixels to the widget
    [[nodiscard]] std::optional<std::size_t> point_at(LayerId line, QPointF at) const;
    Document& document_;
    PreviewView& preview_;
    LayerId line_;
    std::optional<std::vector<LinePoint>> points_; ///< while the mouse is down
    std::size_t held_ = 0;
    QPointF pressed_;
    double width_ = 1;
    bool added_ = false;
};

} // namespace pulsepin
