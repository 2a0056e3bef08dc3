// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/follow.h"
#include "kinds/keyed.h"
#include "kinds/kinds.h"
#include "kinds/lane_fields.h"

namespace pulsepin {
namespace {

std::optional<double> share_at(const ShareContext& c) {
    const auto curve = c.curves.find(c.lane.id);
    if (curve == c.curves.end() || !curve->second)
        return std::nullopt;
    const auto rate = c.project.settings->frame_rate;
    return curve->second->share_at(c.frame + time_of(c.lane.lead, rate).value * rate.per_second());
}

} // namespace

const LaneKindRow kinds::follower_row{
    .id = "follow",
    .plural = "Follower",
    .singular = "curve key",
    .counted = "curve keys",
    .from_the_start = false,
    .pin_body = body_type<KeyBody>,
    .empty_body = [] { return PinBody(KeyBody{}); },
    .name_of = [](const PinBody&, const Project&) { return std::string("key"); },
    .properties = keyed::follower_properties(),
    .may_set = keyed::may_set_of_follower,
    .parts = kinds::motion_parts,
    .follows = true,
    .spans = keyed::spans,
    .share_at = share_at,
    .bodies = keyed::bodies,
    .adapt = keyed::adapt_follower,
};

} // namespace pulsepin
