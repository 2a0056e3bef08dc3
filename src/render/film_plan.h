// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/film.h"

#include <span>

namespace pulsepin {

/// What can be chosen of a film.
struct FilmOptions {
    std::string format = "h264";
    int width = 0, height = 0; ///< 0: the project's
    int quality = -1;          ///< below 0: usual for the format
    int sound_kbit = 192;
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
};
[[nodiscard]] std::span<const FilmTarget> film_targets();
[[nodiscard]] const FilmTarget* film_target(std::string_view id);
/// Its choices, range and what is drawn in kept.
[[nodiscard]] FilmOptions options_of(const FilmTarget& target, FilmOptions before = {});

/// The film that the options ask for. `sound`: what is heard of the piece; null without a song. Fails for
/// formats, sizes and ranges that cannot be.
[[nodiscard]] Result<Film> planned_film(const Curves& curves, std::shared_ptr<const MixPlan> sound,
                                        const FilmOptions& options);

} // namespace pulsepin
