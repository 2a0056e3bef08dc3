// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/checks.h"

namespace pulsepin {

/// Looks at each file that the project names. Fails only when cancelled.
[[nodiscard]] Result<FileFacts> file_facts(const Project& project, const Progress& progress = {});

} // namespace pulsepin
