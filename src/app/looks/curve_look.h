// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"

#include <QPainterPath>
#include <optional>
#include <string_view>

namespace pulsepin {
class Document;
class FormFields;
} // namespace pulsepin

/// What the kinds of lanes that drive properties share: a curve with a bead where each pulse or key is.
namespace pulsepin::curve_look {

inline constexpr double score_height = 38;
inline constexpr std::string_view eased[] = {"easing"}; ///< chosen where it is seen

[[nodiscard]] double bead_y(const LaneScene& s, const PinBody& body);
void paint_motion(QPainter& painter, const LaneScene& s);
[[nodiscard]] std::optional<Grip> key_grip(const LaneScene& s, QPointF at);
/// Dragged along the beats and, by its value, up and down.
[[nodiscard]] std::unique_ptr<Gesture> grab_key(const GestureContext& context, const Grip& grip, QPointF at,
                                                Qt::KeyboardModifiers keys);
/// Hollow, since a thread runs through it.
[[nodiscard]] QPainterPath bead(QPointF at);
/// With the value that lies there.
[[nodiscard]] PinBody key_at(const LaneScene& s, PinBody body, double y);

// The same for all lanes of single values.
[[nodiscard]] FormFields* make_key_form();

} // namespace pulsepin::curve_look
