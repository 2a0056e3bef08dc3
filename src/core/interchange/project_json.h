// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

inline constexpr int project_format_version = 7;

/// The project as JSON text (docs/project.schema.json). Paths under `folder` are written relative to it.
[[nodiscard]] std::string project_to_json(const Project& project, const std::filesystem::path& folder);

/// The reverse. Fails on text that is no JSON, no project, of a newer version, or inconsistent; the message
/// says what and where. `folder` completes relative paths.
[[nodiscard]] Result<Project> project_from_json(std::string_view text, const std::filesystem::path& folder);

/// What to say of a project that was read: of fields, blend modes and shapes which this version does not
/// know; empty when there are none.
[[nodiscard]] std::string told_on_opening(const Project& project);

/// The schema of these files (JSON Schema, draft 2020-12), as it is published in docs/project.schema.json.
[[nodiscard]] std::string project_schema_text();

} // namespace pulsepin
