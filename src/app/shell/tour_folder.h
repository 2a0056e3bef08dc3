// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

namespace pulsepin {

/// Makes `folder` ready for a tour's results. It must be new, empty or an earlier tour's, which a note in it
/// tells: a tour writes files of fixed names, and nobody's own of these names may be lost to it.
/// \returns what is wrong with the folder and what to do; empty when the tour may begin.
[[nodiscard]] QString fault_of_tour_folder(const QString& folder);

} // namespace pulsepin
