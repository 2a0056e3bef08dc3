// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "play/audio_output.h"

#include <memory>
#include <string>
#include <vector>

namespace pulsepin {

/// Sound through the system's sound server (PulseAudio, or PipeWire's stand-in for it). The server's own
/// count of what it has played is the clock, its output delay included. `output`: one of pulse_outputs();
/// empty, or gone: the server's own.
[[nodiscard]] Result<std::unique_ptr<AudioOutput>> open_pulse_output(Mixer& mixer,
                                                                     const std::string& output = {});

/// Names of the server's outputs; none where no server answers.
[[nodiscard]] std::vector<std::string> pulse_outputs();

} // namespace pulsepin
