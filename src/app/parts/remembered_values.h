// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"

#include <QString>

namespace pulsepin {

// What was chosen of some parameters, from one start of the program to the next; lanes belong to a piece and
// are not kept.

/// With initial values for what was never chosen, or cannot be chosen any more.
[[nodiscard]] ParamValues remembered_values(const QString& key, ParamSpecs specs);
void remember_values(const QString& key, ParamSpecs specs, const ParamValues& values);

} // namespace pulsepin
