// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "media/sample_store.h"

#include <filesystem>
#include <string>

namespace pulsepin {

/// Writes the samples as they are: a WAVE file of 32-bit floating point samples (format tag 3 with a fact
/// chunk, as Microsoft's "New multimedia data types" of 1994 asks), or an RF64 file (EBU Tech 3306) where it
/// is larger than 4 GB. The file appears under its name when it is whole. Fails where the disk is full or the
/// place cannot be written, and when cancelled; then nothing is left behind.
/// `chunks`: what stands before the samples besides (wav_cues.h), whole chunks.
[[nodiscard]] Result<void> write_wav(const SampleStore& sound, const std::filesystem::path& path,
                                     const Progress& progress = {}, const std::string& chunks = {});

} // namespace pulsepin
