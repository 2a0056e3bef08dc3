// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/fitted.h"
#include "base/error.h"

#include <array>
#include <filesystem>
#include <span>
#include <string>
#include <vector>

namespace pulsepin {

/// What kind of rhythm a song has, as it looks at the faster of two levels: where kicks, snares and hats lie,
/// how fast they come, whether they swing. Each of about one, so that distances mean something.
inline constexpr std::size_t rhythm_size = 16;
using RhythmKind = std::array<float, rhythm_size>;
[[nodiscard]] RhythmKind rhythm_kind(const std::array<double, grid_term_count>& terms_at_faster);

/// What a person said of one song: that its beats are the faster of two levels, or the slower.
struct LevelLesson {
    std::string song;
    RhythmKind rhythm{};
    bool faster = false;
    friend bool operator==(const LevelLesson&, const LevelLesson&) = default;
};

/// How far what was said of songs with a like rhythm leans another: log odds for the faster level, at most a
/// little more than one lesson says. Songs of another kind are not leaned at all.
[[nodiscard]] double leaning(std::span<const LevelLesson> lessons, const RhythmKind& rhythm);
/// The lesson that says most; lessons must not be empty.
[[nodiscard]] const LevelLesson& nearest_lesson(std::span<const LevelLesson> lessons,
                                                const RhythmKind& rhythm);

/// Lessons are kept as lines: faster or slower, the numbers, the song's name. A file that is not there has
/// none; fails where it cannot be read or is something else.
[[nodiscard]] Result<std::vector<LevelLesson>> load_lessons(const std::filesystem::path& path);
/// A song has one lesson, the last; beyond a hundred the oldest is dropped.
[[nodiscard]] std::vector<LevelLesson> with_lesson(std::vector<LevelLesson> lessons, LevelLesson lesson);
[[nodiscard]] Result<void> save_lessons(std::span<const LevelLesson> lessons,
                                        const std::filesystem::path& path);

} // namespace pulsepin
