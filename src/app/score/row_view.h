// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "score/paint_score.h"

namespace pulsepin {

/// One phrase as it is drawn: times and beats to places within its row.
struct RowView {
    const ScoreScene& scene;
    const ScoreLayout::Row& row;
    QRectF rect; ///< the time area
    [[nodiscard]] double x(Seconds time) const {
        return scene.layout.x(row, scene.project.grid->beats_at(time));
    }
    [[nodiscard]] Seconds start() const {
        return scene.project.grid->time_at(Ticks(row.first_beat * ticks_per_beat));
    }
    [[nodiscard]] Seconds end() const {
        return scene.project.grid->time_at(Ticks(row.end_beat * ticks_per_beat));
    }
    [[nodiscard]] double right() const {
        return scene.layout.x(row, Beats(static_cast<double>(row.end_beat)));
    }
};

[[nodiscard]] QFont sized(const QPainter& painter, int pixels, QFont::Weight weight);

} // namespace pulsepin
