// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// What a film or picture is, as a clip that has no number yet. Fails, with what to do, where it cannot be
/// shown.
[[nodiscard]] Result<Clip> clip_of_file(const std::filesystem::path& path);

} // namespace pulsepin
