// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "media/sample_store.h"

namespace pulsepin {

/// How one recording lies against another that holds the same music.
struct Alignment {
    Samples later;      ///< what happens at n in the first one happens at n + later in the second
    double clarity = 0; ///< height of the correlation there, against its mean height elsewhere
    /// Unrelated sounds stay below 6: the highest of some millions of random values.
    [[nodiscard]] bool is_clear() const { return clarity > 9; }
};

/// By cross-correlation of the louder half minute of the second with the first, to the sample; both at one
/// rate. The spectrum is evened out in part, so that a bass note does not hide a click (generalised
/// cross-correlation, Knapp and Carter 1976). Where several
/// delays fit, as with loops, all of both recordings decide. Delays of a minute at most either way are looked
/// for. Fails when cancelled, or when the rates differ.
[[nodiscard]] Result<Alignment> align(const SampleStore& first, const SampleStore& second,
                                      const Progress& progress = {});

} // namespace pulsepin
