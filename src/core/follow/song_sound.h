// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "media/load_sound.h"
#include "model/project.h"

namespace pulsepin {

/// The stretch of the song's file that the project uses, the same for all who listen to it.
[[nodiscard]] Result<LoadedSound> load_song(const Song& song, const Progress& progress = {},
                                            bool for_drawing = true,
                                            const std::optional<SoundShelf>& shelf = {});

} // namespace pulsepin
