// SPDX-License-Identifier: GPL-3.0-or-later
#include "time/musical_text.h"

#include <array>
#include <charconv>
#include <fmt/core.h>

namespace pulsepin {
namespace {

/// Splits into at most N whole numbers; returns how many there were, or 0 when the text is something else.
template <std::size_t N>
std::size_t read_numbers(std::string_view text, char separator, std::array<std::int64_t, N>& numbers) {
    std::string compact;
    for (const char c : text)
        if (c != ' ')
            compact += c;
    const char* at = compact.data();
    const char* end = at + compact.size();
    for (std::size_t count = 0; count < N; ++count) {
        const auto [next, code] = std::from_chars(at, end, numbers[count]);
        if (code != std::errc())
            return 0;
        if (next == end)
            return count + 1;
        if (*next != separator)
            return 0;
        at = next + 1;
    }
    return 0;
}

} // namespace

std::string format_position(MusicalPosition position) {
    if (position.tick == 0)
        return fmt::format("{}.{}", position.bar, position.beat);
    return fmt::format("{}.{}.{}", position.bar, position.beat, position.tick);
}

Result<MusicalPosition> parse_position(std::string_view text) {
    std::array<std::int64_t, 3> numbers{1, 1, 0};
    if (read_numbers(text, '.', numbers) == 0 || numbers[1] < 1 || numbers[1] > 1000 || numbers[2] < 0 ||
        numbers[2] >= ticks_per_beat || numbers[0] < -1'000'000 || numbers[0] > 1'000'000)
        return fail("\"" + std::string(text) + "\" is not a place in the music.", {},
                    "Write bar.beat, for instance 5.1.");
    return MusicalPosition{numbers[0], static_cast<int>(numbers[1]), static_cast<int>(numbers[2])};
}

std::string format_metre(Metre metre) {
    return fmt::format("{}/{}", metre.beats_per_bar, metre.beat_unit);
}

Result<Metre> parse_metre(std::string_view text) {
    std::array<std::int64_t, 2> numbers{4, 4};
    if (read_numbers(text, '/', numbers) == 0 || numbers[0] < 1 || numbers[0] > 32 || numbers[1] < 1 ||
        numbers[1] > 64)
        return fail("\"" + std::string(text) + "\" is not a metre.", {}, "Write it as 3/4 or as 3.");
    return Metre{static_cast<int>(numbers[0]), static_cast<int>(numbers[1])};
}

} // namespace pulsepin
