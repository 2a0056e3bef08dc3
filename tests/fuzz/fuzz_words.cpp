// SPDX-License-Identifier: GPL-3.0-or-later
//
// Texts and captions whose words are set.
#include "hand/word_hand.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "use_grid.h"
#include "words/lyric_formats.h"

#include <cstdint>
#include <string_view>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace pulsepin;
    const auto lyric = read_lyric({reinterpret_cast<const char*>(data), size});
    if (!lyric) {
        fuzz::demand(!lyric.error().what.empty());
        return 0;
    }
    Project project = new_project();
    project.grid = std::make_shared<const BeatGrid>(*BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(60)));
    const auto words = with_lane_of_words(project);
    const auto taken = with_lyric(words.project, words.lane, *lyric);
    fuzz::demand(taken || !taken.error().what.empty());
    if (taken) {
        fuzz::demand(taken->project.lane(words.lane) != nullptr);
        (void)Schedule(taken->project);
    }
    return 0;
}
