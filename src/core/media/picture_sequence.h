// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <vector>

namespace pulsepin {

/// Pictures of a numbered sequence are one clip, by the pattern of their names: "kite_%04d.png".
[[nodiscard]] bool is_sequence(const std::filesystem::path& path);
/// Whether that file is one of the pictures of the sequence.
[[nodiscard]] bool is_of_sequence(const std::filesystem::path& file, const std::filesystem::path& pattern);
/// The lowest number of a sequence that is there; none: there are no pictures of that name.
[[nodiscard]] std::optional<int> first_of_sequence(const std::filesystem::path& pattern);
/// The same files, but pictures whose names differ in the number before their ending only, at least three of
/// them without a gap, as one pattern where the first of them was.
[[nodiscard]] std::vector<std::filesystem::path>
with_sequences(const std::vector<std::filesystem::path>& files);

/// How many pictures of a sequence are seen in a second; a cut may run it faster or slower.
inline constexpr int sequence_rate = 24;

} // namespace pulsepin
