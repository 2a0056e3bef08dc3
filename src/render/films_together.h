// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "render/film.h"

namespace pulsepin {

struct FilmToWrite {
    Film film;
    std::filesystem::path path;
};

/// Several films of one piece at once. Those of the same size, range and looks share their frames, each of
/// which is composed once. What came of each, in their order: one that fails does not stop the others.
[[nodiscard]] std::vector<Result<void>> render_films(const std::vector<FilmToWrite>& films,
                                                     const Progress& progress = {});

} // namespace pulsepin
