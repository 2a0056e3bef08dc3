// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/placement.h"
#include "drawing/canvas/score_layout.h"

namespace pulsepin {

/// The song wrapped into phrases, one under another; in each a row for each lane.
class PhrasePlacement : public CanvasPlacement {
public:
    struct Track {
        double top = 0, height = 0; ///< below the phrase's top
    };

    ScoreLayout layout;
    Shared<BeatGrid> grid;
    std::vector<Track> tracks; ///< in the order of the project's lanes
    double left = 0, top = 0;  ///< of the area of the phrases
    double scrolled = 0;       ///< pixels of it that lie above `top`
    Seconds song_end;

    [[nodiscard]] bool empty() const { return !grid || layout.rows().empty(); }
    [[nodiscard]] double phrase_top(std::size_t phrase) const;
    [[nodiscard]] std::size_t phrase_at(QPointF at) const;
    [[nodiscard]] TimeScale scale_of(std::size_t phrase) const;
    /// Of a moment, in the middle of its phrase.
    [[nodiscard]] QPointF position_of(Seconds time) const;

    [[nodiscard]] Seconds time_at(QPointF at) const override;
    /// Counted in beats, so that something may be dragged into another phrase.
    [[nodiscard]] Seconds carried(Seconds time, QPointF from, QPointF to) const override;
    [[nodiscard]] double distance(Seconds a, Seconds b) const override;
    [[nodiscard]] double drop(QPointF from, QPointF to) const override;
    [[nodiscard]] std::optional<LanePlace> lane_at(QPointF at) const override;
    [[nodiscard]] std::optional<LanePlace> lane_place(std::size_t lane, Seconds time) const override;
    [[nodiscard]] std::vector<LanePlace> lane_places(std::size_t lane) const override;

private:
    [[nodiscard]] LanePlace place_in(std::size_t phrase, std::size_t lane) const;
    [[nodiscard]] double inside(QPointF at) const; ///< below its phrase's top
};

} // namespace pulsepin
