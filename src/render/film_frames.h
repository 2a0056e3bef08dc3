// SPDX-License-Identifier: GPL-3.0-or-later
//
// Not for use outside of this layer.
#pragma once

#include "render/film.h"

namespace pulsepin {

/// Gives the frames of a film, one after the other.
using FrameSource = std::function<Result<QImage>(const Progress&)>;

/// As render_film(), of frames that come from elsewhere.
[[nodiscard]] Result<void> render_film_of(const Film& film, const std::filesystem::path& path,
                                          const FrameSource& next, const Progress& progress,
                                          const FilmWatch& watch);
/// What its frames are made of: films of equal ones can share them.
[[nodiscard]] FramePipeline::Order order_of_film(const Film& film);

} // namespace pulsepin
