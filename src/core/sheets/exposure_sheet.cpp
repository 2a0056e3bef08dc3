// SPDX-License-Identifier: GPL-3.0-or-later
#include "sheets/exposure_sheet.h"

#include "sheets/counted_rows.h"
#include "sheets/paper.h"

#include <cmath>
#include <map>

namespace pulsepin {
namespace {

constexpr double least_line = 8.2, good_line = 12, head_high = 30, least_column = 62, most_column = 190;

struct BeatOnSheet {
    std::string name;
    bool bar = false;
};

/// By the frames that the piece uses for them; of two on one frame the one of more weight.
std::map<std::int64_t, BeatOnSheet> beats_by_frame(const Project& project,
                                                   const std::pair<Frames, Frames>& frames) {
    std::map<std::int64_t, BeatOnSheet> beats;
    if (!project.grid)
        return beats;
    const BeatGrid& grid = *project.grid;
    const auto& settings = *project.settings;
    const Seconds from = settings.frame_rate.start_of(frames.first),
                  until = settings.frame_rate.start_of(frames.second);
    for (auto beat = static_cast<std::int64_t>(std::floor(grid.beats_at(from).value)) - 1;; ++beat) {
        const Ticks ticks(beat * ticks_per_beat);
        const Seconds time = grid.time_at(ticks);
        if (time > until + Seconds(1))
            return beats;
        const Frames frame = round_to_frame(time, settings.frame_rate, settings.rounding).frame;
        const bool bar = grid.is_downbeat(beat);
        auto& there = beats[frame.value];
        if (there.name.empty() || bar)
            there = {place_on_paper(project, time), bar};
    }
}

class ExposureSheet {
public:
    ExposureSheet(const SheetRequest& request, const ParamValues& values, const TextMeasure& measure)
        : request_(request), values_(values), paper_(request, values, "Exposure sheet", measure),
          settings_(*request.schedule.project().settings), lanes_(lanes_on_sheet(request, values)),
          beats_(beats_by_frame(request.schedule.project(), *request.frames)) {
        for (const auto& row : counted_rows())
            if (values.flag(row.id))
                counted_.push_back(&row);
        const double room = paper_.bottom() - paper_.top() - head_high;
        const double wanted = values.number("seconds-a-page") * settings_.frame_rate.per_second();
        const double most = std::floor(room / least_line);
        lines_ = static_cast<std::int64_t>(
            std::clamp(wanted > 0 ? std::round(wanted) : whole_seconds(room / good_line), 4.0, most));
        line_high_ = std::min(18.0, room / static_cast<double>(lines_));
    }

    Sheets laid_out() {
        const double wide = paper_.right() - paper_.left() - fixed_width();
        const auto a_page = static_cast<std::size_t>(std::max(1.0, std::floor(wide / least_column)));
        const std::size_t groups = std::max<std::size_t>(1, (lanes_.size() + a_page - 1) / a_page);
        // As many on each of the pages that lie beside each other.
        const std::size_t together = (lanes_.size() + groups - 1) / groups;
        for (Frames first = request_.frames->first; first < request_.frames->second; first += Frames(lines_))
            for (std::size_t group = 0; group < groups; ++group) {
                const std::size_t from = group * together, until = std::min(lanes_.size(), from + together);
                add_page(first, std::min(request_.frames->second, first + Frames(lines_)), from, until, group,
                         groups);
            }
        return paper_.finished();
    }

private:
    /// So many lines that a page holds whole seconds, or halves of one.
    [[nodiscard]] double whole_seconds(double lines) const {
        const double half = settings_.frame_rate.per_second() / 2;
        return lines < half ? lines : std::round(std::floor(lines / half) * half);
    }
    [[nodiscard]] double beats_wide() const { return values_.flag("beats") && !beats_.empty() ? 44 : 0; }
    [[nodiscard]] double counted_wide(const CountedRow& row) const {
        return std::max(paper_.measure(row.widest, text_size()), paper_.measure(request_.told(row.head), 8)) +
               9;
    }
    [[nodiscard]] double fixed_width() const {
        double wide = beats_wide();
        for (const auto* row : counted_)
            wide += counted_wide(*row);
        return wide;
    }
    [[nodiscard]] double text_size() const { return std::min(9.5, line_high_ * 0.78); }
    [[nodiscard]] double line_top(Frames frame) const {
        return top_ + static_cast<double>((frame - first_).value) * line_high_;
    }
    [[nodiscard]] double baseline(Frames frame) const {
        return line_top(frame) + line_high_ / 2 + text_size() * 0.36;
    }

    void add_page(Frames first, Frames until, std::size_t from_lane, std::size_t until_lane,
                  std::size_t group, std::size_t groups) {
        first_ = first;
        until_ = until;
        top_ = paper_.top() + head_high;
        std::string told =
            request_.told("frames " + std::to_string(first.value) + " to " + std::to_string(until.value - 1));
        if (groups > 1)
            told += request_.told(", columns " + std::to_string(group + 1) + " of " + std::to_string(groups));
        paper_.new_page(told);
        const double wide = paper_.right() - paper_.left() - fixed_width();
        const std::size_t count = until_lane - from_lane;
        const double column = count > 0 ? std::min(most_column, wide / static_cast<double>(count)) : 0;
        right_ = paper_.left() + fixed_width() + column * static_cast<double>(count);
        draw_rules();
        double x = draw_counts();
        for (std::size_t i = from_lane; i < until_lane; ++i, x += column)
            draw_lane(lanes_[i], x, column);
        paper_.line(right_, paper_.top(), right_, line_top(until_), 0.8, sheet_ink::black);
    }

    void draw_rules() {
        for (Frames frame = first_; frame < until_; frame += Frames(1))
            if (const auto beat = beats_.find(frame.value); beat != beats_.end())
                paper_.box(paper_.left(), line_top(frame), right_ - paper_.left(), line_high_,
                           beat->second.bar ? sheet_ink::bar : sheet_ink::shade);
        for (Frames frame = first_; frame <= until_; frame += Frames(1)) {
            const auto beat = beats_.find(frame.value);
            const bool edge = frame == first_ || frame == until_;
            const bool strong = edge || (beat != beats_.end() && frame != until_);
            paper_.line(paper_.left(), line_top(frame), right_, line_top(frame),
                        edge || (strong && beat->second.bar) ? 1.2
                        : strong                             ? 0.8
                                                             : 0.3,
                        strong ? sheet_ink::black : sheet_ink::rule);
        }
        paper_.line(paper_.left(), paper_.top(), right_, paper_.top(), 1.2, sheet_ink::black);
        paper_.line(paper_.left(), paper_.top(), paper_.left(), line_top(until_), 0.8, sheet_ink::black);
    }

    /// Beats and numbers of frames; where the lanes begin.
    double draw_counts() {
        double x = paper_.left();
        const Style numbers{text_size(), false, sheet_ink::black, 1};
        if (beats_wide() > 0) {
            paper_.text(x + 5, top_ - 5, request_.told("beat"), {8, false, sheet_ink::quiet});
            for (Frames frame = first_; frame < until_; frame += Frames(1))
                if (const auto beat = beats_.find(frame.value); beat != beats_.end())
                    paper_.text(x + 5, baseline(frame), beat->second.name, {text_size(), beat->second.bar});
            x += beats_wide();
            paper_.line(x, paper_.top(), x, line_top(until_), 0.4, sheet_ink::strong_rule);
        }
        for (const auto* row : counted_) {
            const double wide = counted_wide(*row);
            paper_.text(x + wide - 4, top_ - 5, request_.told(row->head), {8, false, sheet_ink::quiet, 1});
            for (Frames frame = first_; frame < until_; frame += Frames(1)) {
                Style style = numbers;
                style.bold =
                    settings_.frame_rate.nominal() > 0 && frame.value % settings_.frame_rate.nominal() == 0;
                paper_.text(x + wide - 4, baseline(frame), row->text(frame, settings_), style);
            }
            x += wide;
            paper_.line(x, paper_.top(), x, line_top(until_), 0.4, sheet_ink::strong_rule);
        }
        return x;
    }

    void draw_lane(const SheetLane& lane, double x, double wide) {
        draw_name(lane.name, x, wide);
        // What stands on one line of the page; the last one of them has the picture.
        std::map<Frames, std::vector<const LaneEntry*>> by_line;
        for (const auto& entry : lane.entries)
            if (entry.until > first_ && entry.first < until_)
                by_line[std::max(entry.first, first_)].push_back(&entry);
        for (auto line = by_line.begin(); line != by_line.end(); ++line) {
            // Where the next text begins, or the page ends, there is no more room for this one's.
            const auto next = std::next(line);
            draw_entries(lane, line->first, line->second, next == by_line.end() ? until_ : next->first, x,
                         wide);
        }
        paper_.line(x + wide, paper_.top(), x + wide, line_top(until_), 0.4, sheet_ink::strong_rule);
    }

    void draw_entries(const SheetLane& lane, Frames from, const std::vector<const LaneEntry*>& entries,
                      Frames room_until, double x, double wide) {
        const double bar = x + 5, text_left = x + 10, from_y = line_top(from);
        std::string text;
        for (const auto* entry : entries) {
            const bool begins = entry->first >= first_;
            const Frames until = std::min(entry->until, until_);
            if (begins)
                paper_.line(x, from_y, x + wide, from_y, 1, sheet_ink::black);
            if (until - from > Frames(1) || !lane.draws)
                paper_.line(bar, begins ? from_y + 2 : from_y, bar,
                            line_top(until) - (entry->until <= until_ ? 2 : 0), 1.6,
                            mixed(entry->colour.value_or(sheet_ink::fine), {0xffffff}, 0.2));
            if (!entry->text.empty())
                text += (text.empty() ? "" : " · ") + (begins ? entry->text : "(" + entry->text + ")");
        }
        const LaneEntry& shown = *entries.back();
        const bool begins = shown.first >= first_;
        double top = from_y;
        if (shown.clip.value != 0 && values_.flag("pictures") && begins)
            top += draw_picture(shown, text_left, from_y, room_until, x + wide - 3);
        const auto lines_left = static_cast<std::size_t>(
            std::max(1.0, std::floor((line_top(room_until) - top) / line_high_ + 1e-6)));
        if (!text.empty())
            write(text, shown.first, text_left, top, x + wide - 3 - text_left, lines_left, begins);
    }

    void write(const std::string& text, Frames at, double x, double top, double wide, std::size_t lines_left,
               bool begins) {
        const Colour ink = begins ? sheet_ink::black : sheet_ink::quiet;
        double size = text_size();
        auto lines = paper_.lines_of(text, wide, size, lines_left);
        if (!lines && size > 6.5) {
            size = 6.5;
            lines = paper_.lines_of(text, wide, size, lines_left);
        }
        if (!lines) {
            size = text_size();
            lines = {paper_.told_later(
                place_on_paper(request_.schedule.project(), settings_.frame_rate.start_of(at)), text, wide,
                size)};
        }
        double y = top + line_high_ / 2 + size * 0.36;
        for (const auto& one : *lines) {
            paper_.text(x, y, one, {size, false, ink});
            y += line_high_;
        }
    }

    /// How much of the column it takes; 0 where the shot is too short for one.
    double draw_picture(const LaneEntry& entry, double x, double y, Frames until, double right) {
        const Clip* clip = request_.schedule.project().clip(entry.clip);
        const double room = line_top(until) - y - line_high_ - 3;
        if (!clip || clip->width <= 0 || clip->height <= 0)
            return 0;
        const double shape = static_cast<double>(clip->width) / clip->height;
        const double high = std::min({44.0, room, (right - x) / shape});
        if (high < 16)
            return 0;
        const double taken = std::ceil((high + 3) / line_high_) * line_high_; // what follows lies on a line
        paper_.picture(x, y + 2, high * shape, high, entry.clip, entry.clip_time);
        return taken;
    }

    void draw_name(const std::string& name, double x, double wide) {
        for (const double size : {9.0, 7.5, 6.5})
            if (const auto lines = paper_.lines_of(name, wide - 8, size, size < 7 ? 3 : 2, true)) {
                double y = top_ - 5 - (static_cast<double>(lines->size()) - 1) * (size + 1.5);
                for (const auto& one : *lines) {
                    paper_.text(x + 5, y, one, {size, true});
                    y += size + 1.5;
                }
                return;
            }
        paper_.text(x + 5, top_ - 5, paper_.told_later(request_.told("column"), name, wide - 8, 9, true),
                    {9, true});
    }

    using Style = Paper::Style;
    const SheetRequest& request_;
    const ParamValues& values_;
    Paper paper_;
    const Settings& settings_;
    std::vector<SheetLane> lanes_;
    std::map<std::int64_t, BeatOnSheet> beats_;
    std::vector<const CountedRow*> counted_;
    std::int64_t lines_ = 48;
    double line_high_ = 12;
    Frames first_, until_; ///< of the page
    double top_ = 0, right_ = 0;
};

} // namespace

Result<Sheets> lay_out_exposure_sheet(const SheetRequest& request, const ParamValues& values,
                                      const TextMeasure& measure) {
    return ExposureSheet(request, values, measure).laid_out();
}

} // namespace pulsepin
