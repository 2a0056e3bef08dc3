// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

inline constexpr int project_format_version = 2;

/// The project as JSON text (docs/project.schema.json). Paths under `folder` are written relative to it.
[[nodiscard]] std::string project_to_json(const Project& project, const std::filesystem::path& folder);

/// The reverse. Fails on text that is no JSON, no project, of a newer version, or inconsistent; the message
/// says what and where. `folder` completes relative paths.
[[nodiscard]] Result<Project> project_from_json(std::string_view text, const std::filesystem::path& folder);

} // namespace pulsepin
