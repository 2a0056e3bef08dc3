// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/phrase_placement.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

double PhrasePlacement::phrase_top(std::size_t phrase) const {
    return top + layout.rows()[phrase].top - scrolled;
}

std::size_t PhrasePlacement::phrase_at(QPointF at) const {
    return layout.row_at(at.y() - top + scrolled);
}

TimeScale PhrasePlacement::scale_of(std::size_t phrase) const {
    const auto& row = layout.rows()[phrase];
    return TimeScale::of_phrase(*grid, row.first_beat, row.end_beat, left, layout.beat_width());
}

QPointF PhrasePlacement::position_of(Seconds time) const {
    if (empty())
        return {-100, -100};
    const Beats place = grid->beats_at(time);
    const auto phrase = layout.row_of(place);
    return {layout.x(layout.rows()[phrase], place), phrase_top(phrase) + layout.row_height() / 2};
}

double PhrasePlacement::inside(QPointF at) const {
    return at.y() - phrase_top(phrase_at(at));
}

Seconds PhrasePlacement::time_at(QPointF at) const {
    if (empty())
        return {};
    return std::clamp(grid->time_at(layout.place(std::max(at.x(), left), at.y() - top + scrolled)),
                      Seconds(0), song_end);
}

Seconds PhrasePlacement::carried(Seconds time, QPointF from, QPointF to) const {
    const Beats by = grid->beats_at(time_at(to)) - grid->beats_at(time_at(from));
    return grid->time_at(grid->beats_at(time) + by);
}

double PhrasePlacement::distance(Seconds a, Seconds b) const {
    return empty() ? 0 : std::abs((grid->beats_at(b) - grid->beats_at(a)).value) * layout.beat_width();
}

double PhrasePlacement::drop(QPointF from, QPointF to) const {
    return empty() ? 0 : inside(to) - inside(from);
}

LanePlace PhrasePlacement::place_in(std::size_t phrase, std::size_t lane) const {
    const TimeScale scale = scale_of(phrase);
    return {lane, QRectF(left, phrase_top(phrase) + tracks[lane].top, scale.width, tracks[lane].height),
            scale, true};
}

std::optional<LanePlace> PhrasePlacement::lane_at(QPointF at) const {
    if (empty() || at.y() < top || at.x() < left)
        return std::nullopt;
    const double y = inside(at);
    for (std::size_t i = 0; i < tracks.size(); ++i)
        if (y >= tracks[i].top && y < tracks[i].top + tracks[i].height)
            return place_in(phrase_at(at), i);
    return std::nullopt;
}

std::optional<LanePlace> PhrasePlacement::lane_place(std::size_t lane, Seconds time) const {
    if (empty() || lane >= tracks.size())
        return std::nullopt;
    const Beats place = grid->beats_at(time);
    std::optional<std::size_t> phrase;
    for (std::size_t i = 0; i < layout.rows().size(); ++i)
        if (ScoreLayout::holds(layout.rows()[i], place))
            phrase = i;
    return phrase ? std::optional(place_in(*phrase, lane)) : std::nullopt;
}

std::vector<LanePlace> PhrasePlacement::lane_places(std::size_t lane) const {
    std::vector<LanePlace> places;
    for (std::size_t i = 0; !empty() && lane < tracks.size() && i < layout.rows().size(); ++i)
        places.push_back(place_in(i, lane));
    return places;
}

} // namespace pulsepin
