// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "shell/main_window.h"

namespace pulsepin {

/// Does the main job of the demo through the window, with its own buttons: finds the beats, places cuts on
/// every second beat of the chorus, exports. Leaves the exported files and a picture of each main view in
/// `folder`, then quits the application; with status 1 when a step failed.
void start_tour(MainWindow& window, const QString& folder);

} // namespace pulsepin
