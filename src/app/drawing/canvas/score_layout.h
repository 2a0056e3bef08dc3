// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <QRectF>
#include <optional>

namespace pulsepin {

/// Which beats of the song lie under which pixels when it is wrapped into phrases of as many bars, one under
/// another, beats aligned.
class ScoreLayout {
public:
    struct Row {
        std::int64_t first_bar = 1, last_bar = 1;
        std::int64_t first_beat = 0, end_beat = 0; ///< the last one is not part of it
        double top = 0;                            ///< in the whole score, above which nothing is scrolled
    };

    ScoreLayout() = default;
    /// All bars from the first beat of the grid to the last.
    ScoreLayout(const BeatGrid& grid, int bars_in_row, double left, double width, double row_height);

    [[nodiscard]] const std::vector<Row>& rows() const { return rows_; }
    [[nodiscard]] double row_height() const { return row_height_; }
    [[nodiscard]] double height() const { return row_height_ * static_cast<double>(rows_.size()); }
    [[nodiscard]] double beat_width() const { return beat_width_; }
    /// The row that holds a place; the first or the last for what lies outside.
    [[nodiscard]] std::size_t row_of(Beats place) const;
    /// A pin a little before the first beat of a row, as after a correction of the grid, belongs to that row.
    [[nodiscard]] static bool holds(const Row& row, Beats place);
    [[nodiscard]] double x(const Row& row, Beats place) const;
    /// Which place lies there, in the coordinates of the whole score.
    [[nodiscard]] Beats place(double x, double y) const;
    [[nodiscard]] std::size_t row_at(double y) const;

private:
    std::vector<Row> rows_;
    double left_ = 0, beat_width_ = 1, row_height_ = 1;
};

} // namespace pulsepin
