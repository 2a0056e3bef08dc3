// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/slow_move.h"
#include "picture/preview_view.h"

#include <optional>

namespace pulsepin {

/// Two boxes over a picture that is seen whole: from the one to the other the frame moves over it. Each is
/// dragged by its edge or its name, and made larger or smaller by its corners.
class BoxHands {
public:
    BoxHands(Document& document, ViewState& view, PreviewView& preview)
        : document_(document), view_(view), preview_(preview) {}

    /// The layer is seen whole, as it is by itself, while its boxes are.
    void show(LayerId layer);
    void leave();
    [[nodiscard]] LayerId layer() const { return layer_; }
    /// Whether one of them lies there.
    bool press(QPointF at);
    void move(QPointF at);
    /// One undo step for what the press began.
    void release();
    void give_up();
    [[nodiscard]] bool busy() const { return held_.has_value(); }
    void paint(QPainter& painter) const;
    [[nodiscard]] QString hint(QPointF at) const;
    /// In the widget.
    enum class Which { First, Last };
    [[nodiscard]] QRectF box_seen(Which which) const;

private:
    struct Boxes {
        MoveBox first, last;
        [[nodiscard]] const MoveBox& of(Which which) const { return which == Which::First ? first : last; }
        [[nodiscard]] MoveBox& of(Which which) { return which == Which::First ? first : last; }
    };
    struct Held {
        Which which;
        bool corner = false;
        QPointF from;
        MoveBox began;
    };
    [[nodiscard]] Boxes boxes() const;
    [[nodiscard]] QRectF content() const; ///< of the layer, in its pixels from its middle
    [[nodiscard]] QRectF seen(const MoveBox& box) const;
    [[nodiscard]] std::optional<Held> held_at(QPointF at) const;
    void look_whole();

    Document& document_;
    ViewState& view_;
    PreviewView& preview_;
    LayerId layer_;
    std::optional<Boxes> draft_; ///< while the mouse is down
    std::optional<Held> held_;
};

} // namespace pulsepin
