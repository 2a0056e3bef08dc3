// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/motion_page.h"

#include "parts/targets.h"

namespace pulsepin {

void MotionPage::change(const QString& what, const std::function<void(Motion&)>& how) {
    if (!showing_)
        change_motion(document_, lane_, what, how);
}

} // namespace pulsepin
