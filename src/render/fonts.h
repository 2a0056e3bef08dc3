// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace pulsepin {

/// The program's own faces, known to the toolkit from here on, so that a title looks the same on each
/// machine. May be called often and from any thread, once there is an application.
void register_fonts();

} // namespace pulsepin
