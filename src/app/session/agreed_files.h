// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "interchange/files_outside.h"

namespace pulsepin {

/// Which files outside of a project's folder the person agreed to read when it is opened. A project may come
/// from a stranger and name any file of the machine: it is asked about once, and again when it names others.
/// What was saved here was chosen here.
namespace agreed_files {

[[nodiscard]] bool includes(const std::filesystem::path& project_file, const std::vector<FileOutside>& files);
void remember(const std::filesystem::path& project_file, const std::vector<FileOutside>& files);

} // namespace agreed_files

} // namespace pulsepin
