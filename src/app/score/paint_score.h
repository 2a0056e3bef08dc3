// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "palette.h"
#include "score/score_layout.h"
#include "view_state.h"

#include <QPainter>

namespace pulsepin {

/// How a row of the score is divided.
struct ScoreTrack {
    std::size_t lane = 0;       ///< of the project
    int rows = 1;               ///< of triggers
    double top = 0, height = 0; ///< below the row's top
};
inline constexpr double score_wave_top = 3, score_wave_height = 30;
[[nodiscard]] std::vector<ScoreTrack> score_tracks(const Document& document);
/// Of a pin's head below the row's top.
[[nodiscard]] double score_head_y(const Lane& lane, const PinBody& body, const ScoreTrack& track);
[[nodiscard]] double score_row_height(const Document& document);

/// What is drawn in one row.
struct ScoreScene {
    const Document& document;
    const Project& project;
    const Schedule& schedule;
    const ViewState& view;
    const Palette& palette;
    const ScoreLayout& layout;
    double names_width = 118;
    /// Of each lane of the project, as seen.
    std::vector<const LaneSpans*> spans;
    int cells_a_beat = 0; ///< drawn while cells are painted; 0: not
};

/// Bars and beats over all rows.
void paint_score_head(QPainter& painter, const ScoreScene& scene, const QRectF& head);
/// One phrase: its name with section and grid error, waveform, lanes.
void paint_phrase(QPainter& painter, const ScoreScene& scene, const ScoreLayout::Row& row,
                  const QRectF& rect);

/// The median distance of what is heard from the beats of a phrase; none where nothing says so.
[[nodiscard]] std::optional<Seconds> phrase_error(const std::vector<BarTrust>& bars,
                                                  const ScoreLayout::Row& row);

} // namespace pulsepin
