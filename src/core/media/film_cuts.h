// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "base/progress.h"
#include "base/quantity.h"

#include <array>
#include <cstdint>
#include <filesystem>
#include <vector>

namespace pulsepin {

/// What is remembered of one picture of a film: the mean colour of each of its cells, and how often colours
/// of each kind are in it.
struct PictureTrace {
    static constexpr int across = 16, down = 9, kinds = 64;
    std::array<std::uint8_t, static_cast<std::size_t>(across* down * 3)> cells{};
    std::array<std::uint8_t, kinds> colours{}; ///< shares of all pixels, in 255ths
    Seconds from;                              ///< it is seen from then on
};

/// Where one shot follows another.
struct FoundCut {
    Seconds at;        ///< the first picture of the shot that follows; the middle of a dissolve
    Seconds fade = {}; ///< over which it dissolves; 0: it is a hard cut
    friend bool operator==(const FoundCut&, const FoundCut&) = default;
};

/// Hard cuts are pictures that differ from the one before by far more than their neighbours do, and stay
/// different: what comes back within a few pictures was a flash. Dissolves are stretches through which
/// pictures are, cell by cell, mixtures of what they begin and end with (the twin comparison of Zhang,
/// Kankanhalli and Smoliar 1993, with mixtures instead of sums of differences).
[[nodiscard]] std::vector<FoundCut> cuts_in(const std::vector<PictureTrace>& film);

/// Up to where the last picture is seen, as long as the one before it.
[[nodiscard]] Seconds length_of(const std::vector<PictureTrace>& film);

/// Reads all of a film's pictures. Fails where it cannot be read, is a still, or is stopped.
[[nodiscard]] Result<std::vector<PictureTrace>> traces_of_film(const std::filesystem::path& film,
                                                               const Progress& progress = {});

} // namespace pulsepin
