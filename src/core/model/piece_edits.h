// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

/// Another size of the picture. What has a place in it keeps it relative to the frame: layers, keys of
/// positions, the ranges that drive them. Fails for sizes that no picture may have.
[[nodiscard]] Result<Project> with_picture_size(const Project& project, int width, int height);

/// Title, author and remarks; other settings stay.
[[nodiscard]] Project with_piece_named(const Project& project, std::string title, std::string author,
                                       std::string remarks);

} // namespace pulsepin
