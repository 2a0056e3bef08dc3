// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "play/mixer.h"

#include <string>

namespace pulsepin {

/// A device that pulls samples from a mixer and knows how many of them were heard: the one clock of playback.
class AudioOutput {
public:
    virtual ~AudioOutput() = default;

    /// Lets the device run, or rest while nothing is to be heard. It rests at first.
    virtual void run(bool running) = 0;

    /// Stereo samples heard so far; rises steadily while running.
    [[nodiscard]] virtual Samples heard() const = 0;

    /// False once the device is gone; heard() then keeps its last value.
    [[nodiscard]] virtual bool alive() const = 0;

    /// Whether there is anything to hear at all.
    [[nodiscard]] virtual bool audible() const = 0;
};

} // namespace pulsepin
