// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/lane_kind.h"
#include "score/row_view.h"
#include "stops/form_fields.h"
#include "timeline/scene.h"

#include <QPainterPath>
#include <optional>
#include <span>

namespace pulsepin {

class Document;
class PinsDetail;

/// How a kind of lane is drawn, pointed at and edited: one row, defined in the kind's own file.
struct KindLook {
    const LaneKindRow& kind;

    // -- in the timeline
    double (*height)(const LaneSpans&); ///< pixels, at least
    /// Of a pin's head below the row's top, in a row of that height.
    double (*head_y)(const Lane&, const LaneSpans&, const PinBody&, double row_height);
    void (*paint)(QPainter&, const LaneScene&);
    std::optional<PinId> (*hit)(const LaneScene&, QPointF at); ///< the pin under the mouse
    bool stems = true;                                         ///< its pins hang from the beat ruler

    // -- a pin's head, in both drawings
    QPainterPath (*head)(QPointF at);
    QColor (*colour)(const Palette&);
    QPointF hint_at = {13, 0}; ///< of a head that stands in a hint, from its left edge and middle

    // -- in the score
    double score_height = 18;                                                    ///< of each of its rows
    double (*score_head_y)(const PinBody&, const ScoreTrack&) = nullptr;         ///< null: the middle
    void (*paint_score)(QPainter&, const RowView&, const ScoreTrack&) = nullptr; ///< below the heads
    double cells_below = -1; ///< of places that can be painted, below the row's top; less than 0: the middle
    bool names_beside_heads = false;

    // -- by hand
    FormFields* (*make_form)() = nullptr;            ///< what is placed; null: it is not placed
    PinsDetail* (*make_detail)(Document&) = nullptr; ///< what is selected
    const char* selected = nullptr;                  ///< "Selected: cut to “%1”"
    bool rounding_matters = false;                   ///< lead and nearest onset are told of a pin
};

/// In the order of lane_kinds().
[[nodiscard]] std::span<const KindLook* const> kind_looks();
[[nodiscard]] const KindLook& look_of_kind(LaneKind kind);

namespace kinds {
extern const KindLook marker_look, cut_look, sound_look, trigger_look, pulse_look, key_look, follower_look;
}

} // namespace pulsepin
