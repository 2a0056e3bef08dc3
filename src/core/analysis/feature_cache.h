// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/analyze.h"

#include <filesystem>

namespace pulsepin {

/// Keeps what was heard of a sound, so that it need not be listened to again. `fingerprint` is that of the
/// samples; a file of other samples, of another version or a damaged one is refused when read. The format is
/// private to a version of the program: such files may be deleted at any time.
[[nodiscard]] Result<void> save_features(const FeatureSet& feature_set, std::string_view fingerprint,
                                         const std::filesystem::path& path);
[[nodiscard]] Result<FeatureSet> load_features(std::string_view fingerprint,
                                               const std::filesystem::path& path);

} // namespace pulsepin
