// SPDX-License-Identifier: GPL-3.0-or-later
#include "sheets/paper.h"

#include "time/musical_text.h"
#include "time/timecode.h"

#include <array>
#include <cmath>
#include <fmt/core.h>

namespace pulsepin {
namespace {

struct PaperSize {
    std::string_view id, label;
    double width, height; ///< mm, upright: ISO 216, ANSI/ASME Y14.1
};
constexpr std::array papers{
    PaperSize{"a4", "A4", 210, 297},
    PaperSize{"a3", "A3", 297, 420},
    PaperSize{"letter", "Letter", 215.9, 279.4},
    PaperSize{"legal", "Legal", 215.9, 355.6},
    PaperSize{"tabloid", "Tabloid", 279.4, 431.8},
};

bool has_any(const std::vector<LaneEntry>& entries, const std::pair<Frames, Frames>& frames) {
    return std::ranges::any_of(
        entries, [&](const LaneEntry& one) { return one.first < frames.second && one.until > frames.first; });
}

/// As many bytes from the front as the letter there has.
std::size_t letter_length(std::string_view text) {
    std::size_t length = 1;
    while (length < text.size() && (static_cast<unsigned char>(text[length]) & 0xc0) == 0x80)
        ++length;
    return length;
}

} // namespace

std::span<const ParamChoice> paper_choices() {
    static const auto all = [] {
        std::vector<ParamChoice> choices;
        for (const auto& one : papers)
            choices.push_back({one.id, one.label});
        return choices;
    }();
    return all;
}

std::vector<SheetLane> lanes_on_sheet(const SheetRequest& request, const ParamValues& values) {
    std::vector<SheetLane> lanes;
    for (const auto& lane : request.schedule.project().lanes) {
        if (values.flag("dialogue"))
            if (auto lines = spoken_lines(request.schedule, *lane); has_any(lines, *request.frames))
                lanes.push_back({lane->name + request.told(", lines"), false, std::move(lines)});
        if (!values.flag(lanes_switch(lane->kind)))
            continue;
        if (auto entries = entries_of_lane(request, *lane); has_any(entries, *request.frames))
            lanes.push_back({lane->name, holds<ExposureBody>(lane->kind), std::move(entries)});
    }
    return lanes;
}

std::string place_on_paper(const Project& project, Seconds time) {
    return project.grid ? format_position(project.grid->position_of(project.grid->nearest_tick(time)))
                        : format_clock(time);
}

Paper::Paper(const SheetRequest& request, const ParamValues& values, std::string_view what,
             TextMeasure measure)
    : request_(request), what_(request.told(what)), measure_(std::move(measure)) {
    const auto paper = std::ranges::find(papers, values.text("paper"), &PaperSize::id);
    constexpr double points_a_mm = 72 / 25.4;
    sheets_.width = (paper == papers.end() ? papers[0] : *paper).width * points_a_mm;
    sheets_.height = (paper == papers.end() ? papers[0] : *paper).height * points_a_mm;
    if (values.flag("landscape"))
        std::swap(sheets_.width, sheets_.height);
    sheets_.black_and_white = values.flag("black-and-white");
    const auto& title = request.schedule.project().settings->title;
    sheets_.title = title.empty() ? request.told("Untitled") : title;
}

Colour Paper::printed(Colour ink) const {
    if (!sheets_.black_and_white)
        return ink;
    const auto part = [&](int shift) { return static_cast<double>(ink.rgb >> shift & 255); };
    const double light = 0.2126 * part(16) + 0.7152 * part(8) + 0.0722 * part(0);
    const auto grey = static_cast<std::uint32_t>(light < 110 ? 0 : std::lround(light));
    return {grey << 16 | grey << 8 | grey};
}

void Paper::new_page(std::string told_of_page) {
    sheets_.pages.emplace_back();
    told_.push_back(std::move(told_of_page));
}

void Paper::text(double x, double baseline, std::string_view what, Style style) {
    if (what.empty())
        return;
    const double width = measure_(what, style.size, style.bold);
    sheets_.pages.back().items.emplace_back(SheetText{x - width * style.align, baseline, width, style.size,
                                                      printed(style.ink), style.bold, std::string(what)});
}

void Paper::line(double x1, double y1, double x2, double y2, double thickness, Colour ink) {
    sheets_.pages.back().items.emplace_back(SheetLine{x1, y1, x2, y2, thickness, printed(ink)});
}

void Paper::box(double x, double y, double width, double height, Colour fill) {
    sheets_.pages.back().items.emplace_back(SheetBox{x, y, width, height, printed(fill)});
}

void Paper::picture(double x, double y, double width, double height, ClipId clip, Seconds time) {
    sheets_.pages.back().items.emplace_back(SheetPicture{x, y, width, height, clip, time});
}

std::optional<std::vector<std::string>> Paper::lines_of(std::string_view what, double width, double size,
                                                        std::size_t most, bool bold) const {
    std::vector<std::string> lines;
    std::string_view rest = what;
    while (!rest.empty() || lines.empty()) {
        if (lines.size() == most)
            return std::nullopt;
        // As many letters as there is room for, ended at a blank where one is among them.
        std::size_t end = 0, blank = 0;
        while (end < rest.size()) {
            const std::size_t next = end + letter_length(rest.substr(end));
            if (measure_(rest.substr(0, next), size, bold) > width)
                break;
            if (rest[end] == ' ')
                blank = end;
            end = next;
        }
        if (end == 0 && !rest.empty())
            return std::nullopt; // not even a letter
        if (end < rest.size() && blank > 0 && rest[end] != ' ')
            end = blank;
        lines.emplace_back(rest.substr(0, end));
        rest.remove_prefix(end);
        while (rest.starts_with(' '))
            rest.remove_prefix(1);
    }
    return lines;
}

std::string Paper::told_later(const std::string& where, const std::string& what, double width, double size,
                              bool bold) {
    const auto found = std::ranges::find(later_, std::pair(where, what));
    const auto number = found - later_.begin() + 1;
    if (found == later_.end())
        later_.emplace_back(where, what);
    const std::string sign = "*" + std::to_string(number);
    std::size_t end = 0;
    while (end < what.size()) {
        const std::size_t next = end + letter_length(std::string_view(what).substr(end));
        if (measure_(what.substr(0, next) + "… " + sign, size, bold) > width)
            break;
        end = next;
    }
    return end == 0 ? sign : what.substr(0, end) + "… " + sign;
}

void Paper::write_heads() {
    const Project& project = request_.schedule.project();
    const auto& settings = *project.settings;
    std::string facts;
    const auto add = [&](const std::string& fact) { facts += (facts.empty() ? "" : "  ·  ") + fact; };
    if (project.song) {
        const auto name =
            project.song->title.empty() ? project.song->path.filename().string() : project.song->title;
        if (name != sheets_.title)
            add(name);
        add(format_clock(project.song->duration()));
    }
    if (project.grid)
        add(fmt::format("{:.2f} BPM, {}", project.grid->typical_tempo().value,
                        format_metre(project.grid->metre_at(Ticks(0)))));
    add(request_.told(settings.frame_rate.text() + " frames/s"));
    if (!request_.date.empty())
        add(request_.date);
    auto pages = std::move(sheets_.pages);
    sheets_.pages.clear();
    for (std::size_t i = 0; i < pages.size(); ++i) {
        sheets_.pages.push_back(std::move(pages[i]));
        const double wide = right() - left();
        const double room = wide - measure_(what_, 11, true) - 16;
        const auto title = lines_of(sheets_.title, room, 17, 1, true)  ? std::pair(sheets_.title, 17.0)
                           : lines_of(sheets_.title, room, 9, 1, true) ? std::pair(sheets_.title, 9.0)
                                                                       : std::pair(std::string(), 9.0);
        text(left(), margin + 15, title.first, {title.second, true});
        text(right(), margin + 15, what_, {11, true, sheet_ink::fine, 1});
        // A title or name that is longer than a line goes on in the next.
        const std::string below = title.first.empty() ? sheets_.title + "  ·  " + facts : facts;
        const auto lines = lines_of(below, wide, 8.5, 2);
        double y = margin + (lines && lines->size() > 1 ? 25 : 29);
        for (const auto& one :
             lines.value_or(lines_of(below, wide, 4, 4).value_or(std::vector<std::string>{}))) {
            text(left(), y, one, {lines ? 8.5 : 4, false, sheet_ink::quiet});
            y += lines ? 10 : 5;
        }
        text(right(), sheets_.height - margin, request_.told(fmt::format("{} of {}", i + 1, pages.size())),
             {9, true, sheet_ink::black, 1});
        text(left(), sheets_.height - margin, told_[i], {8.5, false, sheet_ink::quiet});
    }
}

Sheets Paper::finished() {
    double y = bottom() + 1;
    for (std::size_t i = 0; i < later_.size(); ++i) {
        const auto& [where, what] = later_[i];
        const double indent = left() + 90;
        const auto lines =
            lines_of(what, right() - indent, 9.5, 4000).value_or(std::vector<std::string>{what});
        bool first = true;
        for (const auto& one : lines) {
            if (y > bottom()) {
                new_page(request_.told("Texts that are longer than their places"));
                y = top() + 12;
            }
            if (first)
                text(left(), y, "*" + std::to_string(i + 1) + "  " + where, {9.5, true});
            text(indent, y, one, {9.5});
            first = false;
            y += 13;
        }
        y += 4;
    }
    write_heads();
    return std::move(sheets_);
}

} // namespace pulsepin
