// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/place_text.h"

#include "time/musical_text.h"
#include "time/timecode.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <optional>

namespace pulsepin {
namespace {

tl::unexpected<Error> not_a_place(std::string_view text) {
    return fail("“" + std::string(text) + "” is no place.", {},
                "Write 13.3 (bar and beat), 0:26.96, 26.96 s, 647 f or 00:00:26:23.");
}

std::string_view trimmed(std::string_view text) {
    while (!text.empty() && text.front() == ' ')
        text.remove_prefix(1);
    while (!text.empty() && text.back() == ' ')
        text.remove_suffix(1);
    return text;
}

/// A number that is all of the text.
std::optional<double> number_of(std::string_view text) {
    text = trimmed(text);
    double number = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), number);
    const bool whole = error == std::errc() && end == text.data() + text.size();
    return whole && std::isfinite(number) && std::abs(number) <= 1e9 ? std::optional(number) : std::nullopt;
}

/// "1:02:03.5", "0:26.96": hours, minutes, seconds.
std::optional<double> clock_of(std::string_view text) {
    double seconds = 0;
    const bool before = text.starts_with('-');
    if (before)
        text.remove_prefix(1);
    while (true) {
        const auto colon = text.find(':');
        const auto part = number_of(text.substr(0, colon));
        if (!part || *part < 0)
            return std::nullopt;
        seconds = seconds * 60 + *part;
        if (colon == std::string_view::npos)
            return before ? -seconds : seconds;
        text.remove_prefix(colon + 1);
    }
}

Anchor frame_at(const Project& project, double frame) {
    return TimeAnchor{project.settings->frame_rate.start_of(Frames(std::llround(frame)))};
}

Result<Anchor> bar_at(const Project& project, const MusicalPosition& position) {
    if (!project.grid)
        return fail("There are no bars yet.", {}, "Find the beats, tap them or type a tempo (stop Grid).");
    return Anchor(MusicalAnchor{project.grid->ticks_of(position)});
}

} // namespace

Result<Anchor> place_of_text(const Project& project, std::string_view whole, PlainNumber plain) {
    const std::string_view text = trimmed(whole);
    const auto colons = std::count(text.begin(), text.end(), ':');
    if ((colons == 3 && text.size() == 11) || text.find(';') != std::string_view::npos) {
        const auto frame = parse_timecode(text, project.settings->frame_rate);
        if (!frame)
            return tl::unexpected(frame.error());
        return frame_at(project, static_cast<double>(frame->value));
    }
    if (colons > 2)
        return not_a_place(text);
    if (colons > 0) {
        const auto seconds = clock_of(text);
        return seconds ? Result<Anchor>(TimeAnchor{Seconds(*seconds)}) : not_a_place(text);
    }
    if (text.ends_with('s') || text.ends_with('f')) {
        const auto number = number_of(text.substr(0, text.size() - 1));
        if (!number)
            return not_a_place(text);
        return text.ends_with('f') ? frame_at(project, *number) : Anchor(TimeAnchor{Seconds(*number)});
    }
    if (const auto number = number_of(text)) {
        if (plain == PlainNumber::AsFrame && *number == std::floor(*number))
            return frame_at(project, *number);
        if (plain == PlainNumber::AsSeconds)
            return Anchor(TimeAnchor{Seconds(*number)});
        if (*number == std::floor(*number) && text.find('.') == std::string_view::npos)
            return bar_at(project, {static_cast<std::int64_t>(*number), 1, 0});
    }
    const auto position = parse_position(text);
    return position ? bar_at(project, *position) : not_a_place(text);
}

} // namespace pulsepin
