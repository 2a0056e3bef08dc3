// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"
#include "model/lane_kind.h"
#include "parts/form_fields.h"

#include <QIcon>
#include <QPainterPath>
#include <optional>
#include <span>

namespace pulsepin {

class Document;
class PinsDetail;
class PinsDetailPart;

/// The pins are dragged along the beats.
[[nodiscard]] std::unique_ptr<Gesture> move_pins(const GestureContext& context, const Grip& grip, QPointF at,
                                                 Qt::KeyboardModifiers keys);
/// Their heads are all there is to take hold of.
[[nodiscard]] std::optional<Grip> head_grip(const LaneScene& lane, QPointF at);

/// What a double click made: a step for undo, or something of the view alone.
struct DoubleClicked {
    std::optional<Gesture::Edit> edit = {};
    std::optional<QString> refused = {};
};

/// How a kind of lane is drawn, pointed at and edited: one row, defined in the kind's own file.
struct KindLook {
    const LaneKindRow& kind;

    // -- in the timeline
    double (*height)(const LaneSpans&); ///< pixels, at least
    /// The same, of a kind whose rows are those of the project; null: as above.
    double (*height_of)(const Project&) = nullptr;
    void (*paint)(QPainter&, const LaneScene&);
    bool stems = true; ///< its pins hang from the beat ruler
    bool heads = true; ///< its pins have heads, besides what they last as

    // -- in both drawings
    double (*head_y)(const LaneScene&, const PinBody&);        ///< of a pin's head
    std::optional<Grip> (*grip)(const LaneScene&, QPointF at); ///< what of a pin is under the mouse
    /// What a press there begins.
    std::unique_ptr<Gesture> (*grab)(const GestureContext&, const Grip&, QPointF at,
                                     Qt::KeyboardModifiers) = move_pins;
    /// What a press beside its pins begins; null: as beside any.
    std::unique_ptr<Gesture> (*press)(const GestureContext&, const LaneScene&, QPointF at) = nullptr;
    /// What a press of the right button in its rows begins; null: it asks for the menu, as anywhere.
    std::unique_ptr<Gesture> (*erase)(const GestureContext&, const LaneScene&, QPointF at) = nullptr;
    /// What the mouse does there; empty: as beside any.
    QString (*press_hint)(const LaneScene&, QPointF at) = nullptr;
    /// What a double click there does instead of adding a pin; nullopt: it adds one.
    std::optional<DoubleClicked> (*double_click)(const GestureContext&, const LaneScene&,
                                                 QPointF at) = nullptr;
    QString (*hint)(GripPart) = nullptr; ///< what the mouse does there; null: as with any pin
    QPainterPath (*head)(QPointF at);
    QColor (*colour)(const Palette&);
    /// The names of its rows, beside them; null: the lane's name alone.
    void (*paint_names)(QPainter&, const LaneScene&, const QRectF& names) = nullptr;
    QPointF hint_at = {13, 0}; ///< of a head that stands in a hint, from its left edge and middle

    // -- in the score
    double score_height = 18;                                   ///< of each of its rows
    void (*paint_score)(QPainter&, const LaneScene&) = nullptr; ///< below the heads
    double cells_below = -1; ///< of places that can be painted, below the row's top; less than 0: the middle
    bool names_beside_heads = false;

    // -- by hand
    FormFields* (*make_form)() = nullptr; ///< what is placed; null: it is not placed
    /// Pictures of what one of its parameters can be chosen to be.
    QIcon (*picture)(std::string_view param, int choice) = nullptr;
    /// Choices that are made where they are seen: on sheets of moving pictures.
    std::span<const std::string_view> seen_choices = {};
    /// What is told of the selected ones beside their parameters; null: nothing.
    PinsDetailPart* (*make_part)(PinsDetail&) = nullptr;
    const char* selected = nullptr; ///< "Selected: cut to “%1”"
    bool rounding_matters = false;  ///< lead and nearest onset are told of a pin
    /// What a pin begins with that a double click made so low; null: as any does.
    PinBody (*begun_at)(const LaneScene&, PinBody, double y) = nullptr;
};

/// In the order of lane_kinds().
[[nodiscard]] std::span<const KindLook* const> kind_looks();
[[nodiscard]] const KindLook& look_of_kind(LaneKind kind);

} // namespace pulsepin
