// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/stage.h"

#include <QStringList>

namespace pulsepin {

/// Makes the faces that ship with the program known to Qt, once, whoever asks first: the window, the command
/// line or a test.
void register_fonts();
/// Whether a family is there, shipped or installed.
[[nodiscard]] bool has_font(const QString& family);
/// The families that titles ask for and that are not there, each once: they are set in Inter.
[[nodiscard]] QStringList missing_fonts(const Stage& stage);

} // namespace pulsepin
