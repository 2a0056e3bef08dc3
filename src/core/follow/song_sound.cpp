// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/song_sound.h"

namespace pulsepin {

Result<LoadedSound> load_song(const Song& song, const Progress& progress, bool for_drawing,
                              const std::optional<SoundShelf>& shelf) {
    LoadOptions options;
    options.from = song.from;
    if (song.length > Samples(0)) // not known of a song that was named but never opened
        options.length = song.length;
    options.for_drawing = for_drawing;
    options.shelf = shelf;
    return load_sound(song.path, progress, options);
}

} // namespace pulsepin
