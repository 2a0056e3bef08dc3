// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace pulsepin {

// Whether what only decorates the window may move and flash: as the person set it, or else as the desktop
// says.

[[nodiscard]] bool is_calm();
/// The desktop was asked, or says something else now.
void set_desktop_calm(bool calm);
/// The person's own word changed.
void look_again_whether_calm();

} // namespace pulsepin
