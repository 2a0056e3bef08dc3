// SPDX-License-Identifier: GPL-3.0-or-later
//
// Where the titles of words lie on the canvas, and how the camera frames them.
#include "hand/word_titles.h"

#include "base/unicode.h"
#include "hand/poses.h"
#include "kinds/kinds.h"
#include "model/change_pins.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/place_parameters.h"
#include "model/stage_edits.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <numbers>
#include <tuple>

namespace pulsepin {
namespace {

/// Where a word lies from the middle of its group.
struct Laid {
    double x = 0, y = 0, scale = 100, turn = 0;
};

using Group = std::vector<std::size_t>; ///< into titled_words()

/// Words of one line that follow each other.
std::vector<Group> groups_of(const std::vector<TitledWord>& words) {
    std::vector<Group> groups;
    for (std::size_t i = 0; i < words.size(); ++i) {
        if (groups.empty() || words[i].line == 0 || words[groups.back().back()].line != words[i].line)
            groups.emplace_back();
        groups.back().push_back(i);
    }
    return groups;
}

double radians(double degrees) {
    return degrees * std::numbers::pi / 180;
}

constexpr std::size_t most_to_fill = 80; ///< words of one line; more are set in rows as they are

/// Rows that are each as wide as the rectangle, parted so that together they are as high as it, as nearly as
/// may be; what is left over is shared out between the rows, or all is made smaller.
std::vector<Laid> filled(std::span<const WordSize> sizes, const BlockLayout& layout) {
    const std::size_t n = sizes.size();
    const double gap = layout.gap / 100, between_rows = gap * 0.6;
    const auto row_height = [&](std::size_t from, std::size_t until) { // at a scale of 1
        double high = 0;
        for (std::size_t i = from; i < until; ++i)
            high = std::max(high, sizes[i].height);
        return high;
    };
    const auto row_scale = [&](std::size_t from, std::size_t until) {
        double wide = gap * row_height(from, until) * static_cast<double>(until - from - 1);
        for (std::size_t i = from; i < until; ++i)
            wide += sizes[i].width;
        return layout.width / std::max(1.0, wide);
    };
    const auto scaled_height = [&](std::size_t from, std::size_t until) {
        return row_height(from, until) * row_scale(from, until);
    };
    /// Of all rows, with what lies between them.
    const auto whole_height = [&](const std::vector<std::size_t>& breaks) {
        double high = 0;
        for (std::size_t r = 0; r + 1 < breaks.size(); ++r)
            high += scaled_height(breaks[r], breaks[r + 1]) * (r + 2 < breaks.size() ? 1 + between_rows : 1);
        return high;
    };
    // For each number of rows the parting whose rows are the least uneven; the number that fills the height.
    std::vector<std::size_t> best_breaks;
    double best_miss = std::numeric_limits<double>::infinity();
    double before_miss = best_miss;
    for (std::size_t rows = 1; rows <= n; ++rows) {
        constexpr double never = 1e18;
        std::vector<std::vector<double>> cost(rows + 1, std::vector<double>(n + 1, never));
        std::vector<std::vector<std::size_t>> from(rows + 1, std::vector<std::size_t>(n + 1, 0));
        cost[0][0] = 0;
        for (std::size_t r = 1; r <= rows; ++r)
            for (std::size_t end = r; end <= n; ++end)
                for (std::size_t begin = r - 1; begin < end; ++begin) {
                    const double high = scaled_height(begin, end), sum = cost[r - 1][begin] + high * high;
                    if (sum < cost[r][end]) {
                        cost[r][end] = sum;
                        from[r][end] = begin;
                    }
                }
        std::vector<std::size_t> breaks{n};
        for (std::size_t r = rows, end = n; r > 0; --r)
            breaks.push_back(end = from[r][end]);
        std::reverse(breaks.begin(), breaks.end());
        const double miss = std::abs(std::log(std::max(1.0, whole_height(breaks)) / layout.height));
        if (miss < best_miss) {
            best_miss = miss;
            best_breaks = breaks;
        } else if (miss > before_miss) {
            break; // more rows are smaller ones: it gets worse from here
        }
        before_miss = miss;
    }
    const double high = whole_height(best_breaks);
    const double fit = std::min(1.0, layout.height / std::max(1.0, high));
    const double extra = best_breaks.size() > 2 ? std::max(0.0, layout.height - high * fit) /
                                                      static_cast<double>(best_breaks.size() - 2)
                                                : 0;
    std::vector<Laid> laid(n);
    const double whole = high * fit + extra * static_cast<double>(best_breaks.size() - 2);
    double y = -whole / 2;
    for (std::size_t r = 0; r + 1 < best_breaks.size(); ++r) {
        const auto begin = best_breaks[r], end = best_breaks[r + 1];
        const double scale = row_scale(begin, end) * fit, row = scaled_height(begin, end) * fit;
        double x = -layout.width * fit / 2;
        for (std::size_t i = begin; i < end; ++i) {
            const double wide = sizes[i].width * scale;
            laid[i] = {x + wide / 2, y + row / 2, scale * 100, 0};
            x += wide + gap * row;
        }
        y += row * (1 + between_rows) + extra;
    }
    return laid;
}

/// Words in their own sizes, in rows that are not wider than the rectangle.
std::vector<Laid> in_rows(std::span<const WordSize> sizes, std::span<const double> scales,
                          const BlockLayout& layout) {
    std::vector<Laid> laid(sizes.size());
    struct Row {
        std::size_t from, until;
        double wide, high;
    };
    std::vector<Row> rows;
    for (std::size_t i = 0; i < sizes.size(); ++i) {
        const double wide = sizes[i].width * scales[i], high = sizes[i].height * scales[i];
        const double gap = layout.gap / 100 * high;
        if (rows.empty() || rows.back().wide + gap + wide > layout.width)
            rows.push_back({i, i, -gap, 0});
        auto& row = rows.back();
        row.until = i + 1;
        row.wide += wide + gap;
        row.high = std::max(row.high, high);
    }
    double whole = 0;
    for (const auto& row : rows)
        whole += row.high * (&row == &rows.back() ? 1 : 1 + layout.gap / 100 * 0.6);
    double y = -whole / 2;
    for (const auto& row : rows) {
        double x = -row.wide / 2;
        for (std::size_t i = row.from; i < row.until; ++i) {
            const double wide = sizes[i].width * scales[i];
            laid[i] = {x + wide / 2, y + row.high / 2, scales[i] * 100, 0};
            x += wide + layout.gap / 100 * sizes[i].height * scales[i];
        }
        y += row.high * (1 + layout.gap / 100 * 0.6);
    }
    return laid;
}

/// Upright on a circle, clockwise from the top of its left half; smaller where it has no room for them.
std::vector<Laid> around(std::span<const WordSize> sizes, std::span<const double> scales,
                         const BlockLayout& layout) {
    double length = 0;
    for (std::size_t i = 0; i < sizes.size(); ++i)
        length += (sizes[i].width + layout.gap / 100 * sizes[i].height) * scales[i];
    const double round = 2 * std::numbers::pi * layout.radius;
    const double fit = std::min(1.0, round / std::max(1.0, length));
    std::vector<Laid> laid(sizes.size());
    double at = -length * fit / 2; // its middle is on top
    for (std::size_t i = 0; i < sizes.size(); ++i) {
        const double wide = sizes[i].width * scales[i] * fit;
        at += wide / 2;
        const double angle = at / layout.radius;
        laid[i] = {layout.radius * std::sin(angle), -layout.radius * std::cos(angle), scales[i] * fit * 100,
                   angle * 180 / std::numbers::pi};
        at += wide / 2 + layout.gap / 100 * sizes[i].height * scales[i] * fit;
    }
    return laid;
}

/// Along the line's points, from its beginning; smaller where it is too short for them.
std::vector<Laid> along(std::span<const WordSize> sizes, std::span<const double> scales,
                        const BlockLayout& layout, const std::vector<LinePoint>& points) {
    std::vector<double> lengths{0};
    for (std::size_t i = 1; i < points.size(); ++i)
        lengths.push_back(lengths.back() +
                          std::hypot(points[i].x - points[i - 1].x, points[i].y - points[i - 1].y));
    double wanted = 0;
    for (std::size_t i = 0; i < sizes.size(); ++i)
        wanted += (sizes[i].width + (i > 0 ? layout.gap / 100 * sizes[i].height : 0)) * scales[i];
    const double fit = std::min(1.0, lengths.back() / std::max(1.0, wanted));
    std::vector<Laid> laid(sizes.size());
    double at = 0;
    for (std::size_t i = 0; i < sizes.size(); ++i) {
        const double wide = sizes[i].width * scales[i] * fit;
        at += wide / 2;
        auto next = std::upper_bound(lengths.begin() + 1, lengths.end() - 1, at);
        const auto n = static_cast<std::size_t>(next - lengths.begin());
        const auto &a = points[n - 1], &b = points[n];
        const double piece = std::max(1e-6, lengths[n] - lengths[n - 1]),
                     share = (at - lengths[n - 1]) / piece;
        laid[i] = {a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share, scales[i] * fit * 100,
                   std::atan2(b.y - a.y, b.x - a.x) * 180 / std::numbers::pi};
        at += wide / 2 + layout.gap / 100 * sizes[i].height * scales[i] * fit;
    }
    return laid;
}

/// How far the titles' layer itself is put: values that nothing drives.
double own(const Layer& layer, const char* parameter, double initial) {
    const auto found = layer.values.find(parameter);
    return found == layer.values.end() ? initial : found->second;
}

/// Nobody can tell how large its words are.
tl::unexpected<Error> layer_is_gone() {
    return fail("The layer of the titles is no longer there.");
}

} // namespace

Result<Project> with_words_laid_out(const Schedule& schedule, LaneId titles, const BlockLayout& layout,
                                    std::span<const WordSize> sizes) {
    const Project& project = schedule.project();
    const auto words = titled_words(schedule, titles);
    if (words.empty())
        return fail("No title is tied to a word there.", {}, "Make titles of words first.");
    if (sizes.size() != words.size())
        return layer_is_gone();
    if (project.lane(titles)->locked)
        return fail("\"" + project.lane(titles)->name + "\" is locked.", {}, "Unlock the lane first.");
    const Layer* line = project.stage->layer(layout.along);
    if (layout.shape == BlockShape::Along && (!line || line->points.size() < 2))
        return fail("There is no line to lay the words along.", {}, "Draw a line in the picture first.");
    std::map<PinId, Laid> places;
    const auto groups = groups_of(words);
    const int square = static_cast<int>(std::ceil(std::sqrt(static_cast<double>(groups.size()))));
    const int columns =
        std::clamp(layout.columns > 0 ? layout.columns : square, 1, static_cast<int>(groups.size()));
    for (std::size_t g = 0; g < groups.size(); ++g) {
        std::vector<WordSize> own_sizes;
        std::vector<double> scales;
        for (const std::size_t i : groups[g]) {
            own_sizes.push_back(sizes[i]);
            scales.push_back(layout.sizes_by_length
                                 ? 1
                                 : body_of<AppearanceBody>(project.pin(words[i].pin)->body).scale / 100);
        }
        const auto laid = layout.shape == BlockShape::Around  ? around(own_sizes, scales, layout)
                          : layout.shape == BlockShape::Along ? along(own_sizes, scales, layout, line->points)
                          : layout.sizes_by_length && own_sizes.size() <= most_to_fill
                              ? filled(own_sizes, layout)
                              : in_rows(own_sizes, scales, layout);
        // Rows are read from the side that the script begins on.
        const bool from_the_right = runs_right_to_left(words[groups[g].front()].text);
        const double turn = layout.turn_each * static_cast<double>(g);
        const auto column = static_cast<double>(static_cast<int>(g) % columns),
                   row = static_cast<double>(static_cast<int>(g) / columns);
        const bool one_place = layout.shape == BlockShape::Along;
        const double middle_x = one_place ? 0 : column * layout.step_x,
                     middle_y = one_place ? 0 : row * layout.step_y;
        for (std::size_t i = 0; i < groups[g].size(); ++i) {
            Laid at = laid[i];
            if (from_the_right && layout.shape != BlockShape::Along) {
                at.x = -at.x;
                at.turn = -at.turn;
            }
            const double c = std::cos(radians(turn)), s = std::sin(radians(turn));
            places[words[groups[g][i]].pin] = {middle_x + at.x * c - at.y * s, middle_y + at.x * s + at.y * c,
                                               at.scale, at.turn + turn};
        }
    }
    std::vector<PinId> pins;
    for (const auto& [pin, place] : places)
        pins.push_back(pin);
    return with_each_pin(
        project,
        [&](const Lane& lane, const Pin& pin) { return lane.id == titles && places.contains(pin.id); },
        [&](Pin& pin) {
            auto& body = body_of<AppearanceBody>(pin.body);
            const Laid& at = places[pin.id];
            body.x = at.x;
            body.y = at.y;
            body.scale = at.scale;
            body.turn = at.turn;
            if (body.length.unit == Length::Unit::WithWord)
                body.length.unit = Length::Unit::ToLineEnd;
        });
}

namespace {

/// The poses that are tied to words: where one is reached, and where the one before it is left.
std::map<std::pair<PinId, bool>, PinId> poses_tied_to_words(const Lane& lane) {
    std::map<std::pair<PinId, bool>, PinId> tied;
    for (const auto& pin : lane.pins)
        if (const auto* word = std::get_if<MarkerAnchor>(&pin.anchor)) {
            const auto* before = std::get_if<Seconds>(&word->offset);
            tied[{word->marker, before && *before < Seconds(0)}] = pin.id;
        }
    return tied;
}

std::map<PinId, Seconds> beginnings(const Schedule& schedule, const std::vector<TitledWord>& words) {
    std::map<PinId, Seconds> begins;
    const auto& lanes = schedule.project().lanes;
    for (std::size_t lane = 0; lane < lanes.size(); ++lane)
        if (holds<WordBody>(lanes[lane]->kind))
            for (const auto& pin : schedule[lane].pins)
                begins[pin.id] = pin.time;
    for (const auto& word : words)
        begins.try_emplace(word.word); // its word is of another kind: at the beginning
    return begins;
}

/// How long a length is that ends at a moment.
Seconds lasting_before(const Project& project, const Length& length, Seconds end) {
    if (length.unit == Length::Unit::InBeats && project.grid) {
        const auto& grid = *project.grid;
        return end - grid.time_at(Beats(grid.beats_at(end).value - length.amount));
    }
    if (length.unit == Length::Unit::InMilliseconds)
        return Seconds(length.amount / 1000);
    return Seconds(length.amount / project.settings->frame_rate.per_second());
}

} // namespace

Result<GroupsPosed> with_camera_on_lines(const Schedule& schedule, LaneId titles,
                                         std::span<const WordSize> sizes, const GroupFraming& framing) {
    const Project& project = schedule.project();
    const auto words = titled_words(schedule, titles);
    if (words.empty())
        return fail("No title is tied to a word there.", {}, "Make titles of words first.");
    if (sizes.size() != words.size())
        return layer_is_gone();
    const Layer* title = project.stage->layer(part_of<Showing>(*project.lane(titles))->layer);
    GroupsPosed posed{project, {}, {}};
    LayerId moved = project.stage->layers.back().id; // the camera
    if (!framing.camera_moves) {
        if (!title)
            return layer_is_gone();
        if (title->group.value == 0) {
            auto grouped = with_group_of(project, std::span(&title->id, 1), title->name + " together");
            if (!grouped)
                return tl::unexpected(grouped.error());
            posed.project = *std::move(grouped);
        }
        moved = posed.project.stage->layer(title->id)->group;
    }
    const Lane* lane = pose_lane_of(posed.project, moved);
    if (lane && lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    if (!lane) {
        posed.project = with_lane(posed.project, kind_of(body_type<PoseBody>),
                                  posed.project.stage->layer(moved)->name + " poses");
        auto driven = with_motion(posed.project, posed.project.lanes.back()->id, pose_motion(moved));
        if (!driven)
            return tl::unexpected(driven.error());
        posed.project = *std::move(driven);
        lane = posed.project.lanes.back().get();
    }
    posed.lane = lane->id;
    const auto there = poses_tied_to_words(*lane);
    const auto begins = beginnings(schedule, words);
    const double wide = project.settings->picture_width, high = project.settings->picture_height;
    std::vector<Pin> made;
    std::map<PinId, std::pair<Anchor, PinBody>> again;
    const auto groups = groups_of(words);
    for (const auto& group : groups) {
        // The box around the group, as it lies for a camera that is turned as its first word is.
        const auto& first = body_of<AppearanceBody>(project.pin(words[group.front()].pin)->body);
        const double turn = framing.turns && group.size() > 0 ? first.turn : 0;
        const double c = std::cos(radians(-turn)), s = std::sin(radians(-turn));
        double left = 1e18, right = -1e18, top = 1e18, bottom = -1e18;
        const double layer_scale = title ? own(*title, "scale", 100) / 100 : 1;
        for (const std::size_t i : group) {
            const auto& body = body_of<AppearanceBody>(project.pin(words[i].pin)->body);
            const double x = body.x + (title ? own(*title, "position-x", 0) : 0),
                         y = body.y + (title ? own(*title, "position-y", 0) : 0);
            const double scale = body.scale / 100 * layer_scale, tilt = radians(body.turn - turn);
            const double half_w = (std::abs(std::cos(tilt)) * sizes[i].width +
                                   std::abs(std::sin(tilt)) * sizes[i].height) *
                                  scale / 2,
                         half_h = (std::abs(std::sin(tilt)) * sizes[i].width +
                                   std::abs(std::cos(tilt)) * sizes[i].height) *
                                  scale / 2;
            const double u = x * c - y * s, v = x * s + y * c;
            left = std::min(left, u - half_w);
            right = std::max(right, u + half_w);
            top = std::min(top, v - half_h);
            bottom = std::max(bottom, v + half_h);
        }
        const double u = (left + right) / 2, v = (top + bottom) / 2;
        const double room = 1 - framing.margin / 100;
        const double zoom =
            std::min(wide * room / std::max(1.0, right - left), high * room / std::max(1.0, bottom - top));
        PoseBody pose;
        pose.easing = framing.easing;
        const auto set = [&](std::string_view parameter, double value) {
            const auto rows = pose_parameters();
            for (std::size_t i = 0; i < rows.size(); ++i)
                if (rows[i].id == parameter)
                    pose.values[i] = value;
        };
        const double scale = std::clamp(zoom, 0.01, 10.0);
        if (framing.camera_moves) {
            set("position-x", u * c + v * s);
            set("position-y", -u * s + v * c);
            set("rotation", turn);
        } else { // what the camera would do, the other way round
            set("position-x", -u * scale);
            set("position-y", -v * scale);
            set("rotation", -turn);
        }
        set("scale", scale * 100);
        // Reached with the first word, and left just in time for the next line.
        const auto put = [&](PinId word, bool leaving, const Offset& offset) {
            if (const auto pin = there.find({word, leaving}); pin != there.end())
                again[pin->second] = {MarkerAnchor{word, offset}, pose};
            else
                made.push_back({{}, MarkerAnchor{word, offset}, pose, {}});
        };
        const PinId first_word = words[group.front()].word;
        put(first_word, false, Frames(0));
        if (&group == &groups.back())
            continue;
        const PinId next_word = words[(&group)[1].front()].word;
        const Seconds travel = lasting_before(project, framing.travel, begins.at(next_word));
        if (begins.at(next_word) - travel > begins.at(first_word))
            put(next_word, true, Seconds(-travel.value));
    }
    posed.project = with_each_pin(
        posed.project,
        [&](const Lane& one, const Pin& pin) { return one.id == posed.lane && again.contains(pin.id); },
        [&](Pin& pin) { std::tie(pin.anchor, pin.body) = again.at(pin.id); });
    for (const auto& [pin, pose] : again)
        posed.poses.insert(pin);
    for (std::size_t i = 0; i < made.size(); ++i)
        posed.poses.insert(PinId{posed.project.next_id + i});
    if (!made.empty()) {
        auto with = with_pins(posed.project, posed.lane, std::move(made));
        if (!with)
            return tl::unexpected(with.error());
        posed.project = *std::move(with);
    }
    auto led = with_lead(posed.project, posed.lane, framing.early);
    if (!led)
        return tl::unexpected(led.error());
    posed.project = *std::move(led);
    return posed;
}

} // namespace pulsepin
