// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "timeline/scene.h"

#include <QPainterPath>
#include <optional>

namespace pulsepin {
class Document;
class FormFields;
class PinsDetail;
} // namespace pulsepin

/// What the kinds of lanes that drive properties share: a curve with a bead where each pulse or key is.
namespace pulsepin::curve_look {

[[nodiscard]] double bead_y(const Lane& lane, const LaneSpans& spans, const PinBody& body, double height);
void paint_motion(QPainter& painter, const LaneScene& s);
[[nodiscard]] std::optional<PinId> hit_keys(const LaneScene& s, QPointF at);
/// Hollow, since a thread runs through it.
[[nodiscard]] QPainterPath bead(QPointF at);

// The same for all lanes of single values.
[[nodiscard]] FormFields* make_key_form();
[[nodiscard]] PinsDetail* make_key_detail(Document& document);

} // namespace pulsepin::curve_look
