// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/level_lessons.h"

#include "base/text_file.h"

#include <algorithm>
#include <cmath>
#include <fmt/core.h>
#include <fmt/ranges.h>
#include <sstream>

namespace pulsepin {
namespace {

/// Places in the table of terms (grid_terms.cpp), and how much each differs from song to song.
struct Aspect {
    std::size_t term;
    double spread;
};
constexpr std::array<Aspect, rhythm_size> aspects{{{0, 0.45},
                                                   {8, 0.25},
                                                   {9, 0.22},
                                                   {10, 0.25},
                                                   {11, 0.20},
                                                   {12, 0.20},
                                                   {13, 0.28},
                                                   {14, 0.50},
                                                   {22, 0.25},
                                                   {30, 0.90},
                                                   {33, 0.90},
                                                   {45, 0.60},
                                                   {46, 0.60},
                                                   {48, 0.25},
                                                   {49, 0.22},
                                                   {50, 0.35}}};

constexpr double strongest = 3, most = 4; // log odds
constexpr double alike = 0.45;            // distance at which a lesson says much less
constexpr std::size_t most_lessons = 100;
constexpr std::string_view heading = "Pulse Pin levels of songs 1";

double weight(const LevelLesson& lesson, const RhythmKind& rhythm) {
    double square = 0;
    for (std::size_t i = 0; i < rhythm_size; ++i)
        square += std::pow(static_cast<double>(lesson.rhythm[i] - rhythm[i]), 2) / rhythm_size;
    return std::exp(-square / (2 * alike * alike));
}

} // namespace

RhythmKind rhythm_kind(const std::array<double, grid_term_count>& terms_at_faster) {
    RhythmKind rhythm{};
    for (std::size_t i = 0; i < rhythm_size; ++i)
        rhythm[i] = static_cast<float>(terms_at_faster[aspects[i].term] / aspects[i].spread);
    return rhythm;
}

double leaning(std::span<const LevelLesson> lessons, const RhythmKind& rhythm) {
    double sum = 0;
    for (const auto& lesson : lessons)
        sum += (lesson.faster ? strongest : -strongest) * weight(lesson, rhythm);
    constexpr double too_little = 0.2;
    return std::abs(sum) < too_little ? 0 : std::clamp(sum, -most, most);
}

const LevelLesson& nearest_lesson(std::span<const LevelLesson> lessons, const RhythmKind& rhythm) {
    return *std::max_element(lessons.begin(), lessons.end(), [&](const auto& a, const auto& b) {
        return weight(a, rhythm) < weight(b, rhythm);
    });
}

std::vector<LevelLesson> with_lesson(std::vector<LevelLesson> lessons, LevelLesson lesson) {
    std::erase_if(lessons, [&](const LevelLesson& other) { return other.song == lesson.song; });
    lessons.push_back(std::move(lesson));
    if (lessons.size() > most_lessons)
        lessons.erase(lessons.begin());
    return lessons;
}

Result<std::vector<LevelLesson>> load_lessons(const std::filesystem::path& path) {
    std::error_code none;
    if (!std::filesystem::exists(path, none))
        return std::vector<LevelLesson>();
    const auto text = read_text_file(path, 1u << 20);
    if (!text)
        return tl::unexpected(text.error());
    std::istringstream in(*text);
    std::string line;
    const auto not_one = [&] {
        return fail("This is no list of what was learned about songs.", path, "Delete it to begin anew.");
    };
    if (!std::getline(in, line) || line != heading)
        return not_one();
    std::vector<LevelLesson> lessons;
    while (std::getline(in, line)) {
        std::istringstream fields(line);
        std::string level;
        LevelLesson lesson;
        fields >> level;
        for (float& value : lesson.rhythm)
            if (!(fields >> value) || !std::isfinite(value))
                return not_one();
        if (level != "faster" && level != "slower")
            return not_one();
        lesson.faster = level == "faster";
        std::getline(fields >> std::ws, lesson.song);
        lessons = with_lesson(std::move(lessons), std::move(lesson));
    }
    return lessons;
}

Result<void> save_lessons(std::span<const LevelLesson> lessons, const std::filesystem::path& path) {
    std::string text = fmt::format("{}\n", heading);
    for (const auto& lesson : lessons) {
        std::string name = lesson.song;
        std::replace_if(
            name.begin(), name.end(), [](char c) { return c == '\n' || c == '\r'; }, ' ');
        text += fmt::format("{} {:.3f} {}\n", lesson.faster ? "faster" : "slower",
                            fmt::join(lesson.rhythm, " "), name);
    }
    return write_text_file(path, text, Access::OwnerOnly);
}

} // namespace pulsepin
