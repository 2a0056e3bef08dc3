// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/sections.h"

#include "analysis/section_roles.h"
#include "analysis/section_starts.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

namespace pulsepin {
namespace {

constexpr int shortest_in_steps = 16; // without a grid: eight seconds
constexpr int kernel_reach = 32;
constexpr double alike = 0.72; // correlation of two sections' means from which on they share a letter

/// Where a section begins, and how much is new there.
struct Corner {
    std::size_t at;
    float height;
};

/// The highest ones that lie far enough from each other, in order of time.
std::vector<Corner> corners_of(const std::vector<Moment>& moments, const std::vector<float>& novelty) {
    const float mean =
        std::accumulate(novelty.begin(), novelty.end(), 0.0f) / static_cast<float>(novelty.size());
    const float least = std::max(0.05f, 1.3f * mean);
    std::vector<Corner> corners;
    for (std::size_t i = 1; i + 1 < novelty.size(); ++i)
        if (novelty[i] > least && novelty[i] >= novelty[i - 1] && novelty[i] > novelty[i + 1])
            corners.push_back({i, novelty[i]});
    std::stable_sort(corners.begin(), corners.end(),
                     [](const Corner& a, const Corner& b) { return a.height > b.height; });
    std::vector<Corner> kept;
    for (const auto& corner : corners) {
        const auto far = [&](const Corner& other) {
            return std::abs(static_cast<std::ptrdiff_t>(corner.at) - static_cast<std::ptrdiff_t>(other.at)) >=
                   shortest_in_steps / 2;
        };
        const bool inside =
            corner.at >= shortest_in_steps / 4 && corner.at + shortest_in_steps / 4 <= moments.size();
        if (inside && std::all_of(kept.begin(), kept.end(), far))
            kept.push_back(corner);
    }
    std::sort(kept.begin(), kept.end(), [](const Corner& a, const Corner& b) { return a.at < b.at; });
    return kept;
}

/// The ends of breaks are starts as well; what lies within a bar of them gives way.
std::vector<Corner> with_breaks(std::vector<Corner> corners, const std::vector<Moment>& moments) {
    constexpr float clear = 0.5f;
    for (const auto& found : short_breaks(moments))
        for (const std::size_t at : {found.from, found.until}) {
            const auto near = [&](const Corner& c) { return std::max(c.at, at) - std::min(c.at, at) <= 4; };
            std::erase_if(corners, [&](const Corner& c) {
                return near(c) && c.at != found.from && c.at != found.until;
            });
            if (std::none_of(corners.begin(), corners.end(), [&](const Corner& c) { return c.at == at; }))
                corners.push_back({at, clear / 2});
        }
    std::sort(corners.begin(), corners.end(), [](const Corner& a, const Corner& b) { return a.at < b.at; });
    return corners;
}

/// Sections that sound alike get the same letter.
void letter(std::vector<Section>& sections, const std::vector<Moment>& moments,
            const std::vector<std::size_t>& starts) {
    std::vector<std::array<float, Moment::dimensions>> means;
    int letters = 0;
    for (std::size_t s = 0; s < sections.size(); ++s) {
        const std::size_t end = s + 1 < starts.size() ? starts[s + 1] : moments.size();
        std::array<float, Moment::dimensions> sound{};
        for (std::size_t i = starts[s]; i < end; ++i)
            for (std::size_t d = 0; d < Moment::dimensions; ++d)
                sound[d] += moments[i].sound[d] / static_cast<float>(end - starts[s]);
        double closest = alike;
        int found = -1;
        for (std::size_t other = 0; other < means.size(); ++other)
            if (const double value = likeness(sound, means[other]); value > closest) {
                closest = value;
                found = sections[other].letter;
            }
        sections[s].letter = found >= 0 ? found : letters++;
        means.push_back(sound);
    }
}

/// Those that have no role are A, B and so on, in order.
void close_gaps(std::vector<Section>& sections) {
    std::map<int, int> names;
    for (auto& section : sections)
        if (section.role == SectionRole::None)
            section.letter = names.try_emplace(section.letter, static_cast<int>(names.size())).first->second;
}

} // namespace

std::string section_letter(int letter) {
    std::string text;
    for (int left = letter; left >= 0; left = left / 26 - 1)
        text.insert(text.begin(), static_cast<char>('A' + left % 26));
    return text;
}

std::string section_name(const Section& section) {
    switch (section.role) {
    case SectionRole::Intro:
        return "intro";
    case SectionRole::Break:
        return "break";
    case SectionRole::Ending:
        return "ending";
    case SectionRole::None:
        break;
    }
    return section_letter(section.letter);
}

std::vector<Section> find_sections(const Features& f, const BeatGrid* grid) {
    if (f.silent || f.duration.value < 1)
        return {};
    const auto moments = moments_of(f, grid);
    if (moments.empty())
        return {};
    std::vector<Corner> corners;
    if (grid) {
        for (const auto& start : likeliest_starts(possible_starts(moments), moments))
            corners.push_back({start.moment, static_cast<float>(0.5 / (1 + std::exp(-start.log_odds())))});
        corners = with_breaks(std::move(corners), moments);
    } else {
        corners = corners_of(moments, corner_novelty(moments, kernel_reach));
    }
    std::vector<std::size_t> starts{0};
    std::vector<Section> sections{{Seconds(0), f.duration, 0, SectionRole::None, false, 1.0f}};
    for (const auto& corner : corners) {
        sections.back().end = moments[corner.at].start;
        sections.push_back({moments[corner.at].start, f.duration, 0, SectionRole::None, false,
                            std::min(1.0f, 2 * corner.height)});
        starts.push_back(corner.at);
    }
    letter(sections, moments, starts);
    name_roles(sections, starts, moments);
    close_gaps(sections);
    return sections;
}

} // namespace pulsepin
