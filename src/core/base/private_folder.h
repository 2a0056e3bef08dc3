// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>

namespace pulsepin {

/// A folder that its owner alone may look into (0700), made where it is missing, with those above it; what an
/// earlier version made for everybody is closed. What is kept in it, copies and proxies of someone's work, is
/// nobody else's business. Not asked about failures: what is to be written there fails then.
void make_private_folder(const std::filesystem::path& folder);

} // namespace pulsepin
