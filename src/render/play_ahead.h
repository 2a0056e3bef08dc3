// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/frame_rate.h"

#include <optional>

namespace pulsepin {

/// Which frames of a piece are composed before they are heard while it plays, and how small, so that as many
/// as can be are there at their time. Knows neither pictures nor threads.
class PlayAhead {
public:
    /// Playing begins, or goes on elsewhere, or what is composed is another piece.
    void begin();

    /// `now` is heard; `free_threads` have nothing to do, or wait for so many where it is less than 0.
    /// `speed`: of the piece, 1 as usual. Nothing while enough is on its way.
    [[nodiscard]] std::optional<Frames> next(Seconds now, FrameRate rate, double speed, int free_threads);
    /// That frame is being composed now, or need not be.
    void ordered(Frames frame) { ordered_ = frame; }

    /// Whether it goes on elsewhere: back to the start of a loop, say.
    [[nodiscard]] bool jumped(Frames now);

    /// A picture was composed, in so long, by one of so many threads.
    void composed(Seconds took, int threads, FrameRate rate, double speed);
    /// By what the sides of the picture are divided, so that none is dropped: 1, 2 or 4.
    [[nodiscard]] int coarseness() const { return coarseness_; }
    /// It stands still: there is time for all pixels.
    void rest();

private:
    std::optional<Frames> ordered_, heard_;
    Frames reach_;  ///< from what was heard to what was to be composed last: further where that takes long
    Seconds takes_; ///< to compose one, of late
    int coarseness_ = 1;
    int too_slow_ = 0, quick_ = 0; ///< pictures in a row
};

} // namespace pulsepin
