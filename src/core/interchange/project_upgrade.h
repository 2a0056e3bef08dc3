// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <nlohmann/json.hpp>

namespace pulsepin {

/// A project file as it was read, brought to the present version, step by step. What cannot be understood is
/// left as it is; the reader says what is wrong with it.
void upgrade_project(nlohmann::json& project, std::int64_t version);

} // namespace pulsepin
