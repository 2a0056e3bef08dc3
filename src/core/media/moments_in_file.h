// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/quantity.h"

#include <filesystem>
#include <string>
#include <vector>

namespace pulsepin {

/// A moment, or a stretch, that a file of sound or pictures names itself.
struct NamedMoment {
    Seconds at, until;
    std::string name = {}, note = {};
    friend bool operator==(const NamedMoment&, const NamedMoment&) = default;
};

/// The chapters of a file, or the cue points and regions of a WAV file, in their order; none where it has
/// none. Fails for what is no such file.
[[nodiscard]] Result<std::vector<NamedMoment>> moments_in_file(const std::filesystem::path& path);

} // namespace pulsepin
