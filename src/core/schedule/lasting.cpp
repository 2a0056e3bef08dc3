// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/lasting.h"

#include "base/whole.h"
#include "schedule/piece_length.h"

#include <algorithm>
#include <fmt/core.h>

namespace pulsepin {

std::optional<Seconds> duration_of(const Length& length, Seconds from, const Project& project) {
    const double amount = std::clamp(length.amount, 0.0, 1e7); // a file may say anything
    static const std::vector<FoundSection> none;
    switch (length.unit) {
    case Length::Unit::InBeats:
        if (!project.grid)
            return std::nullopt;
        return project.grid->time_at(project.grid->beats_at(from) + Beats(amount)) - from;
    case Length::Unit::InFrames:
        return project.settings->frame_rate.start_of(Frames(nearest_whole(amount)));
    case Length::Unit::InMilliseconds:
        return Seconds(amount / 1000);
    case Length::Unit::ToSectionEnd:
        for (const auto& section : project.detection ? project.detection->sections : none)
            if (section.end > from + Seconds(1e-3) && section.start <= from + Seconds(0.1))
                return section.end - from;
        return std::max(Seconds(0), piece_end(project) - from);
    case Length::Unit::ToEnd:
        return std::max(Seconds(0), piece_end(project) - from);
    case Length::Unit::None:
    case Length::Unit::UntilNext:
    case Length::Unit::WithWord: // they depend on others: schedule/texts.h
    case Length::Unit::ToLineEnd:
        break;
    }
    return std::nullopt;
}

std::string length_text(const Length& length) {
    const auto counted = [&](const char* unit) {
        return fmt::format("{:.6g} {}{}", length.amount, unit, length.amount == 1 ? "" : "s");
    };
    switch (length.unit) {
    case Length::Unit::UntilNext:
        return "until the next";
    case Length::Unit::InBeats:
        return counted("beat");
    case Length::Unit::InFrames:
        return counted("frame");
    case Length::Unit::InMilliseconds:
        return fmt::format("{:.6g} ms", length.amount);
    case Length::Unit::ToSectionEnd:
        return "until the section ends";
    case Length::Unit::ToEnd:
        return "to the end";
    case Length::Unit::WithWord:
        return "as long as its word";
    case Length::Unit::ToLineEnd:
        return "until its line ends";
    case Length::Unit::None:
        break;
    }
    return {};
}

} // namespace pulsepin
