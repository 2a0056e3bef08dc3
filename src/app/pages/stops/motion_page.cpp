// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/motion_page.h"

#include "parts/targets.h"

namespace pulsepin {

void MotionPage::show_lane(LaneId lane) {
    const Lane* shown = document_.project().lane(lane);
    lane_ = lane;
    kind_ = shown ? shown->kind : LaneKind();
    refresh();
}

const Lane* MotionPage::lane() const {
    const Lane* there = document_.project().lane(lane_);
    return there && there->kind == kind_ ? there : nullptr;
}

void MotionPage::change(const QString& what, const std::function<void(Motion&)>& how) {
    if (!showing_)
        change_motion(document_, lane_, what, how);
}

} // namespace pulsepin
