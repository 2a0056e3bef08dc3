// SPDX-License-Identifier: GPL-3.0-or-later
#include "sheets/bar_sheet.h"

#include "sheets/bar_line.h"
#include "sheets/counted_rows.h"
#include "sheets/paper.h"

#include <cmath>

namespace pulsepin {
namespace {

constexpr double names_wide = 72, number_size = 8, word_size = 9.5, word_line = 12, strip = 5, gap = 5;
constexpr double ruler_high = 32, counted_high = 11, picture_high = 30, least_picture = 14;

/// Texts beside each other, in as many rows as they need so that none touches another.
class TextRows {
public:
    struct Put {
        double x, width;
        std::size_t row;
    };
    [[nodiscard]] Put put(double wanted, double width, double right) {
        const double x = std::min(wanted, right - width);
        std::size_t row = 0;
        while (row < ends_.size() && ends_[row] + 4 > x)
            ++row;
        if (row == ends_.size())
            ends_.push_back(0);
        ends_[row] = x + width;
        return {x, width, row};
    }
    [[nodiscard]] std::size_t count() const { return ends_.size(); }

private:
    std::vector<double> ends_;
};

/// A lane's part of a line, laid out before its place on the paper is known.
struct LaneOnLine {
    struct Label {
        double x;
        std::size_t row;
        std::string text;
        Colour ink;
    };
    struct Span {
        double from, until;
        bool begins;
        Colour colour;
    };
    struct Shown {
        double x, width, height;
        ClipId clip;
        Seconds time;
    };
    const SheetLane* lane = nullptr;
    std::vector<std::string> name;
    std::vector<Label> labels;
    std::vector<Span> spans;
    std::vector<Shown> pictures;
    std::size_t text_rows = 1;
    double pictures_high = 0;

    [[nodiscard]] double height() const {
        const double drawn = pictures_high + static_cast<double>(text_rows) * word_line + strip;
        return std::max(drawn, static_cast<double>(name.size()) * 9.5) + gap;
    }
};

class BarSheet {
public:
    BarSheet(const SheetRequest& request, const ParamValues& values, const TextMeasure& measure,
             std::string_view name)
        : request_(request), values_(values), paper_(request, values, name, measure),
          settings_(*request.schedule.project().settings), lanes_(lanes_on_sheet(request, values)) {}

    Sheets laid_out() {
        const auto bars = bars_on_sheet();
        const auto full = static_cast<std::size_t>(values_.whole("bars-a-line"));
        for (std::size_t first = 0; first < bars.size(); first += full)
            add_line(bars, first, std::min(full, bars.size() - first), full);
        return paper_.finished();
    }

    Result<Sheets> on_one_line() {
        const auto bars = bars_on_sheet();
        const double wide =
            names_wide + values_.number("bar-width") * 72 / 25.4 * static_cast<double>(bars.size());
        constexpr double longest = 14'400; // points
        if (wide > longest - 100)
            return fail("This is longer than a page can be.", {},
                        "Choose a part of the piece, or narrower bars.");
        paper_.use_width(std::max(wide, 400.0));
        paper_.use_height_until(longest);
        add_line(bars, 0, bars.size(), bars.size());
        paper_.use_height_until(y_);
        return paper_.finished();
    }

private:
    [[nodiscard]] std::vector<BarOnSheet> bars_on_sheet() const {
        return bars_of(request_.schedule.project(), start_of(request_.frames->first),
                       start_of(request_.frames->second));
    }
    [[nodiscard]] Seconds start_of(Frames frame) const { return settings_.frame_rate.start_of(frame); }

    void begin_page(const std::string& first_bar) {
        paper_.new_page(
            request_.told(request_.schedule.project().grid ? "from bar " + first_bar : "from " + first_bar));
        y_ = paper_.top();
        empty_ = true;
    }

    void add_line(const std::vector<BarOnSheet>& bars, std::size_t first, std::size_t count,
                  std::size_t full) {
        const BarLine line(bars, first, count, full, paper_.left() + names_wide, paper_.right());
        std::vector<LaneOnLine> parts;
        double high = head_height();
        for (const auto& lane : lanes_)
            if (auto part = lane_on(line, lane)) {
                high += part->height();
                parts.push_back(*std::move(part));
            }
        if (paper_needed(high))
            begin_page(bars[first].number);
        draw_head(bars, first, count, line);
        for (const auto& part : parts) {
            // More lanes than a page has room for: the line's bars stand over the rest of them again.
            if (y_ + part.height() > paper_.bottom()) {
                begin_page(bars[first].number);
                draw_head(bars, first, count, line);
            }
            draw(part, line);
        }
        y_ += 12;
        empty_ = false;
    }

    [[nodiscard]] bool paper_needed(double high) const {
        return !begun_ ? true : !empty_ && y_ + high > paper_.bottom();
    }

    [[nodiscard]] double head_height() const {
        double high = ruler_high;
        for (const auto& row : counted_rows())
            high += values_.flag(row.id) ? counted_high : 0;
        return high + 4;
    }

    void draw_head(const std::vector<BarOnSheet>& bars, std::size_t first, std::size_t count,
                   const BarLine& line) {
        begun_ = true;
        const double ruler = y_ + 20;
        for (std::size_t i = first; i < first + count; ++i) {
            const auto& bar = bars[i];
            const double x = line.x_of(bar.beats.front());
            paper_.line(x, y_ + 4, x, ruler + 12, 1.4, sheet_ink::black);
            const bool narrow = x + 6 + paper_.measure(bar.number, 12, true) > line.x_of(bar.until);
            const double size = narrow ? 7 : 12;
            paper_.text(x + (narrow ? 1.5 : 3), y_ + 13, bar.number, {size, true});
            draw_section(bar, x + 7 + paper_.measure(bar.number, size, true), line);
            for (std::size_t beat = 0; beat < bar.beats.size(); ++beat) {
                const double at = line.x_of(bar.beats[beat]);
                if (beat > 0)
                    paper_.line(at, ruler - 5, at, ruler + 5, 0.7, sheet_ink::strong_rule);
                if (values_.flag("beats") && line.beat_wide() > 12)
                    paper_.text(at + 3, ruler + 10, std::to_string(beat + 1),
                                {number_size, beat == 0, sheet_ink::fine});
            }
        }
        paper_.line(line.end(), y_ + 4, line.end(), ruler + 12, 0.7, sheet_ink::black);
        paper_.line(line.left(), ruler, line.end(), ruler, 1, sheet_ink::black);
        paper_.text(paper_.left(), ruler + 10,
                    !values_.flag("beats")             ? std::string()
                    : request_.schedule.project().grid ? request_.told("bar, beat")
                                                       : request_.told("seconds"),
                    {number_size, false, sheet_ink::quiet});
        y_ += ruler_high;
        for (const auto& row : counted_rows())
            if (values_.flag(row.id)) {
                draw_counted(row, bars, first, count, line);
                y_ += counted_high;
            }
        y_ += 4;
    }

    /// A section's name, where one begins within the bar.
    void draw_section(const BarOnSheet& bar, double x, const BarLine& line) {
        const Project& project = request_.schedule.project();
        if (!project.detection)
            return;
        for (const auto& section : project.detection->sections)
            if (section.start >= bar.beats.front() - Seconds(0.05) &&
                section.start < bar.until - Seconds(0.05) &&
                x + paper_.measure(section.name, 9, true) < line.x_of(bar.until))
                paper_.text(x, y_ + 12, section.name, {9, true, sheet_ink::fine});
    }

    /// At each beat where there is room, else at each bar, or each second, fourth ... of them.
    void draw_counted(const CountedRow& row, const std::vector<BarOnSheet>& bars, std::size_t first,
                      std::size_t count, const BarLine& line) {
        paper_.text(paper_.left(), y_ + 8, request_.told(row.head), {number_size, false, sheet_ink::quiet});
        double widest = 0;
        std::vector<std::vector<std::string>> texts;
        for (std::size_t i = first; i < first + count; ++i) {
            texts.emplace_back();
            for (const Seconds beat : bars[i].beats) {
                const Frames frame = round_to_frame(beat, settings_.frame_rate, settings_.rounding).frame;
                texts.back().push_back(frame < Frames(0) ? std::string()
                                                         : row.text(frame, settings_)); // not of the piece
                widest = std::max(widest, paper_.measure(texts.back().back(), number_size));
            }
        }
        const bool each_beat = widest + 5 < line.beat_wide();
        const double bar_wide = line.beat_wide() * static_cast<double>(bars[first].beats.size());
        std::size_t every = 1;
        while (!each_beat && widest + 5 > bar_wide * static_cast<double>(every) && every < count)
            every *= 2;
        for (std::size_t i = 0; i < count; i += every)
            for (std::size_t beat = 0; beat < (each_beat ? texts[i].size() : 1); ++beat) {
                const double x = line.x_of(bars[first + i].beats[beat]);
                paper_.text(std::min(x + 3, paper_.right() - widest), y_ + 8, texts[i][beat],
                            {number_size, beat == 0});
            }
    }

    [[nodiscard]] std::optional<LaneOnLine> lane_on(const BarLine& line, const SheetLane& lane) {
        LaneOnLine part;
        part.lane = &lane;
        TextRows rows;
        double picture_end = 0;
        // An entry whose frame begins no later than a frame after the line's end belongs to the next line.
        const Seconds half = settings_.frame_rate.frame_length() / 2;
        for (std::size_t i = 0; i < lane.entries.size(); ++i) {
            const auto& entry = lane.entries[i];
            const Seconds from = start_of(entry.first), until = start_of(entry.until);
            if (from + half >= line.until() || until - half <= line.from() ||
                entry.first >= request_.frames->second || entry.until <= request_.frames->first)
                continue;
            const bool begins = from + half >= line.from();
            const double x = line.x_of(from), end = std::max(line.x_of(until), x + 1.5);
            part.spans.push_back({x, end, begins, entry.colour.value_or(sheet_ink::fine)});
            if (!entry.text.empty())
                add_label(part, rows, line, entry, x, begins);
            if (entry.clip.value != 0 && values_.flag("pictures") && begins && x >= picture_end + 2)
                add_picture(part, line, entry, x, end, picture_end);
        }
        if (part.spans.empty())
            return std::nullopt;
        part.text_rows = std::max<std::size_t>(1, rows.count());
        part.name = name_lines(lane.name);
        return part;
    }

    void add_label(LaneOnLine& part, TextRows& rows, const BarLine& line, const LaneEntry& entry, double x,
                   bool begins) {
        std::string text = begins ? entry.text : "(" + entry.text + ")";
        if (paper_.measure(text, word_size) > line.right() - line.left())
            text = paper_.told_later(place_on_paper(request_.schedule.project(), start_of(entry.first)),
                                     entry.text, line.right() - line.left() - 4, word_size);
        const auto put = rows.put(x + 2, paper_.measure(text, word_size), line.right());
        part.labels.push_back({put.x, put.row, text, begins ? sheet_ink::black : sheet_ink::quiet});
    }

    /// As high as the shot leaves room for; none where it would be too small to be seen.
    void add_picture(LaneOnLine& part, const BarLine& line, const LaneEntry& entry, double x, double end,
                     double& picture_end) const {
        const Clip* clip = request_.schedule.project().clip(entry.clip);
        if (!clip || clip->width <= 0 || clip->height <= 0)
            return;
        const double shape = static_cast<double>(clip->width) / clip->height;
        const double room = std::min(std::max(end - x, line.beat_wide()), line.right() - x);
        const double high = std::min(picture_high, (room - 3) / shape);
        if (high < least_picture)
            return;
        part.pictures.push_back({x + 1, high * shape, high, entry.clip, entry.clip_time});
        part.pictures_high = std::max(part.pictures_high, high + 3);
        picture_end = x + 1 + high * shape;
    }

    [[nodiscard]] std::vector<std::string> name_lines(const std::string& name) {
        for (const double size : {8.5, 7.5, 6.5})
            if (auto lines = paper_.lines_of(name, names_wide - 6, size, 3))
                return *lines;
        return {paper_.told_later(request_.told("lane"), name, names_wide - 6, 8.5)};
    }

    void draw(const LaneOnLine& part, const BarLine& line) {
        const double labels_top = y_ + part.pictures_high;
        const double base = labels_top + static_cast<double>(part.text_rows) * word_line;
        double widest = 0;
        for (const auto& one : part.name)
            widest = std::max(widest, paper_.measure(one, 8.5));
        const double name_size = widest > names_wide - 6 ? 8.5 * (names_wide - 6) / widest : 8.5;
        double name_y = y_ + 8;
        for (const auto& one : part.name) {
            paper_.text(paper_.left(), name_y, one, {name_size, false, sheet_ink::quiet});
            name_y += 9.5;
        }
        paper_.line(line.left(), base + strip, line.end(), base + strip, 0.4, sheet_ink::rule);
        for (const auto& one : part.pictures)
            paper_.picture(one.x, labels_top - 3 - one.height, one.width, one.height, one.clip, one.time);
        for (const auto& one : part.spans) {
            paper_.box(one.from, base + 1.5, std::max(0.8, one.until - one.from - 0.8), strip - 2.5,
                       mixed(one.colour, {0xffffff}, 0.35));
            if (one.begins)
                paper_.line(one.from, base - 2, one.from, base + strip, 1, sheet_ink::black);
        }
        for (const auto& one : part.labels) {
            // Of several rows the first is the lowest, next to what it names.
            const double baseline = base - 3 - static_cast<double>(one.row) * word_line;
            paper_.text(one.x, baseline, one.text, {word_size, false, one.ink});
        }
        y_ += part.height();
    }

    const SheetRequest& request_;
    const ParamValues& values_;
    Paper paper_;
    const Settings& settings_;
    std::vector<SheetLane> lanes_;
    double y_ = 0;
    bool begun_ = false, empty_ = true;
};

} // namespace

Result<Sheets> lay_out_bar_sheet(const SheetRequest& request, const ParamValues& values,
                                 const TextMeasure& measure) {
    return BarSheet(request, values, measure, "Bar sheet").laid_out();
}

Result<Sheets> lay_out_one_line(const SheetRequest& request, const ParamValues& values,
                                const TextMeasure& measure) {
    return BarSheet(request, values, measure, "One line").on_one_line();
}

} // namespace pulsepin
