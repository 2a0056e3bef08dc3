// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "play/audio_output.h"

#include <memory>

namespace pulsepin {

/// Nothing to hear: the mixer is pulled at the pace of a steady clock, so that all else works as with a
/// device.
[[nodiscard]] std::unique_ptr<AudioOutput> make_steady_output(Mixer& mixer);

} // namespace pulsepin
