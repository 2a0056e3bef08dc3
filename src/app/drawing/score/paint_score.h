// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/phrase_placement.h"
#include "media/sound_outline.h"

#include <QPainter>

namespace pulsepin {

inline constexpr double score_wave_top = 3, score_wave_height = 30;
/// How a phrase is divided, a track for each lane.
[[nodiscard]] std::vector<PhrasePlacement::Track> score_tracks(const Schedule& schedule);
[[nodiscard]] double score_row_height(const std::vector<PhrasePlacement::Track>& tracks);

/// What is drawn, and where.
struct ScoreScene {
    const Scene& scene;
    const PhrasePlacement& placement;
    std::shared_ptr<const SoundOutline> outline; ///< null until the song is there
    int cells_a_beat = 0;                        ///< drawn while cells are painted; 0: not
};

/// Bars and beats over all rows.
void paint_score_head(QPainter& painter, const ScoreScene& scene, const QRectF& head);
/// One phrase: its name with section and grid error, waveform, lanes. rect: with the names.
void paint_phrase(QPainter& painter, const ScoreScene& scene, std::size_t phrase, const QRectF& rect);

/// The median distance of what is heard from the beats of a phrase; none where nothing says so.
[[nodiscard]] std::optional<Seconds> phrase_error(const std::vector<BarTrust>& bars,
                                                  const ScoreLayout::Row& row);

} // namespace pulsepin
