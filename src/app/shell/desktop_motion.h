// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

class QObject;

namespace pulsepin {

/// Whether there is one to be asked. Without, looking for it would start one.
[[nodiscard]] bool has_session_bus();

/// Asks the desktop whether it animates, over the portal for settings (org.freedesktop.portal.Settings,
/// version 1: org.gnome.desktop.interface enable-animations, which other desktops answer, too), and listens
/// for changes as long as `parent` lives. Without a portal it is taken to animate.
void follow_desktop_motion(QObject& parent);

} // namespace pulsepin
