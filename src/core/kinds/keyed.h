// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "model/lane_kind.h"
#include "model/project.h"

/// What the two kinds of lanes with single values share: keys, and curves that are drawn by hand.
namespace pulsepin::keyed {

/// The value where the lane's curve is 0: of a curve that is drawn, 0 itself.
[[nodiscard]] double low_end(const Lane& lane);
/// What a key is in either; what else one may be over a curve that is computed is in files of both.
[[nodiscard]] std::span<const PinProperty> properties();
void over_fields(Fields& f, PinBody& body);
/// Of the keys of a lane that follows: what lies over the curve as well.
[[nodiscard]] std::span<const PinProperty> follower_properties();
[[nodiscard]] bool may_set_of_follower(std::string_view id, const PinBody& body, const Project& project);
/// Keys differ in how far they lie from the low end.
[[nodiscard]] Result<PlacedBodies> bodies(const Project& project, const Lane& lane,
                                          std::span<const Picked> places, const PlantingForm& form);
/// On the thread, so that it changes nothing yet.
[[nodiscard]] Result<void> adapt(PinBody& body, const Project& project, const Lane& lane,
                                 std::optional<Ticks> at);
/// The same in a lane that follows: over a curve that is computed it lifts.
[[nodiscard]] Result<void> adapt_follower(PinBody& body, const Project& project, const Lane& lane,
                                          std::optional<Ticks> at);
void spans(const Project& project, const Lane& lane, const ResolvedLane& pins, LaneSpans& spans);

} // namespace pulsepin::keyed
