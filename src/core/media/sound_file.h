// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/progress.h"
#include "media/sample_store.h"

#include <filesystem>
#include <string>

namespace pulsepin {

/// Whether sounds are written as files of that ending: .wav or .flac.
[[nodiscard]] bool is_sound_file(const std::filesystem::path& path);

/// Writes a sound as its name ends: .wav as write_wav() does, with `chunks`; .flac in 24 bits (RFC 9639),
/// where what is louder than full scale is cut off. The file appears under its name when it is whole. Fails
/// for another ending, for more than eight channels in FLAC, and as write_wav() does.
[[nodiscard]] Result<void> write_sound_file(const SampleStore& sound, const std::filesystem::path& path,
                                            const Progress& progress = {}, const std::string& chunks = {});

} // namespace pulsepin
