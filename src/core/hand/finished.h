// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// What must hold after any edit, whoever made it, is made to hold: titles of words have an appearance for
/// each word that was set. Window and command line end each edit by this. Nothing is changed where it holds
/// already.
[[nodiscard]] Project finished(const Project& before, Project after);

} // namespace pulsepin
