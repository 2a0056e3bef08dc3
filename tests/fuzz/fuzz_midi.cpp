// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/midi_tempo_map.h"
#include "use_grid.h"

#include <cstdint>
#include <string_view>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace pulsepin;
    const auto grid = read_midi_tempo_map({reinterpret_cast<const char*>(data), size});
    if (grid)
        fuzz::use(*grid), fuzz::demand(of_usual_tempo(grid).has_value());
    else
        fuzz::demand(!grid.error().what.empty()); // the true reason, in words
    return 0;
}
