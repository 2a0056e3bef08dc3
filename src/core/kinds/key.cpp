// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/follow.h"
#include "kinds/keyed.h"
#include "kinds/kinds.h"
#include "kinds/lane_fields.h"

namespace pulsepin {
namespace {

std::optional<double> share_at(const ShareContext& c) {
    if (c.spans.keys.empty())
        return std::nullopt;
    return share_of(part_of<Motion>(c.lane)->own, c.spans.keys.value_at(c.frame));
}

} // namespace

const LaneKindRow kinds::key_row{
    .id = "keys",
    .plural = "Keys",
    .singular = "key",
    .counted = "keys",
    .from_the_start = false,
    .pin_body = body_type<KeyBody>,
    .empty_body = [] { return PinBody(KeyBody{}); },
    .name_of = [](const PinBody&, const Project&) { return std::string("key"); },
    .properties = keyed::properties(),
    .more_fields = keyed::over_fields,
    .parts = kinds::motion_parts,
    .spans = keyed::spans,
    .share_at = share_at,
    .bodies = keyed::bodies,
    .adapt = keyed::adapt,
};

} // namespace pulsepin
