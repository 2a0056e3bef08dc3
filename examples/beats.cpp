// SPDX-License-Identifier: GPL-3.0-or-later
//
// Beats and bars of a song: beats SONG
#include "analysis/analyze.h"
#include "media/load_sound.h"
#include "time/musical_text.h"

#include <cstdio>

using namespace pulsepin;

int main(int argc, char** argv) {
    if (argc != 2)
        return std::fputs("beats SONG\n", stderr), 2;
    LoadOptions quickly;
    quickly.for_drawing = false;
    const auto sound = load_sound(argv[1], {}, quickly);
    AnalysisSettings rhythm_alone;
    rhythm_alone.with_drums = rhythm_alone.with_sections = rhythm_alone.with_loudness = false;
    const auto found =
        sound.and_then([&](const LoadedSound& song) { return analyze(*song.samples, rhythm_alone); });
    if (!found)
        return std::fprintf(stderr, "%s\n", found.error().message().c_str()), 1;
    if (!found->grid)
        return std::puts("no beats found"), 0;
    const BeatGrid& grid = *found->grid;
    std::printf("%.2f BPM\n", grid.typical_tempo().value);
    for (std::size_t i = 0; i < grid.beats().size(); ++i) {
        const Ticks at((grid.first_beat() + static_cast<std::int64_t>(i)) * ticks_per_beat);
        std::printf("%9.3f s  %s\n", grid.time_at(at).value, format_position(grid.position_of(at)).c_str());
    }
}
