// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/motion_page.h"

#include "model/lane_edits.h"

namespace pulsepin {

void MotionPage::change(const QString& what, const std::function<void(Motion&)>& how) {
    const Lane* target = showing_ ? nullptr : lane();
    if (!target)
        return;
    Motion motion = target->motion;
    how(motion);
    document_.apply(with_motion(document_.project(), target->id, std::move(motion)), what);
}

} // namespace pulsepin
