// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/film.h"

#include <span>

namespace pulsepin {

/// What becomes of the piece's shape where a size of other proportions is asked for: the film is smaller, so
/// that it keeps its own (Fit); it is cut off (Fill); it has bars beside it (Bars).
enum class FilmShape { Fit, Fill, Bars };
struct FilmShapeRow {
    std::string_view id, label, explains;
};
[[nodiscard]] std::span<const FilmShapeRow> film_shapes(); ///< in the order of FilmShape

/// What can be chosen of a film.
struct FilmOptions {
    std::string format = "h264";
    int width = 0, height = 0; ///< 0: the project's
    int quality = -1;          ///< below 0: usual for the format
    int sound_kbit = 192;
    FilmShape shape = FilmShape::Fit;
    bool transparent = false;           ///< what no layer covers, where the format can; else it is black
    bool as_one = true;                 ///< see FilmSpec::as_one; parts are not
    std::optional<Frames> first, until; ///< of the piece; none: all of it
    BurnIn burn = {};
    friend bool operator==(const FilmOptions&, const FilmOptions&) = default;
};

/// A ready choice by purpose.
struct FilmTarget {
    std::string_view id;
    std::string_view label;
    std::string_view explains;
    std::string_view format;
    int width = 0, height = 0; ///< 0: the project's
    int quality = -1;
    FilmShape shape = FilmShape::Fit;
};
[[nodiscard]] std::span<const FilmTarget> film_targets();
[[nodiscard]] const FilmTarget* film_target(std::string_view id);
/// Its choices, range and what is drawn in kept.
[[nodiscard]] FilmOptions options_of(const FilmTarget& target, FilmOptions before = {});

/// The film that the options ask for; what is otherwise than they say is told (Film::told). `sound`: what is
/// heard of the piece; null without a song. Fails for formats, sizes and ranges that cannot be.
[[nodiscard]] Result<Film> planned_film(const Curves& curves, std::shared_ptr<const MixPlan> sound,
                                        const FilmOptions& options);

} // namespace pulsepin
