// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <QStringList>

namespace pulsepin::crash_report {

// Should the program crash, it leaves a file that says what is needed to find the fault: version, signal,
// calls, and the last commands by their ids. No names, no contents of projects; nothing is sent anywhere.

/// From now on. `about`: a line with version and platform.
void install(const QString& about);
/// The id of a command that was given; the last dozen are told.
void note(const QString& command);
/// Where reports lie, readable by the user alone.
[[nodiscard]] QString folder();
/// Reports that were not told of before, the newest first; they count as told then.
[[nodiscard]] QStringList take_new();

} // namespace pulsepin::crash_report
