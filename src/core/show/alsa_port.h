// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <cstdint>
#include <memory>
#include <string>
#include <vector>

namespace pulsepin {

/// A port of ALSA's sequencer from which others read; it is there from the beginning on, whether or not one
/// reads.
class AlsaPort {
public:
    /// `to`: "128:0", a client and a port that it is connected to; another text: nobody. Fails where there is
    /// no sequencer, or no such port.
    [[nodiscard]] static Result<AlsaPort> open(const std::string& name, const std::string& to);
    AlsaPort(AlsaPort&&) noexcept;
    AlsaPort& operator=(AlsaPort&&) noexcept;
    ~AlsaPort();
    Result<void> note(int channel, int pitch, int velocity); ///< velocity 0: off
    Result<void> quarter_frame(int data);
    Result<void> exclusive(const std::vector<std::uint8_t>& bytes);
    [[nodiscard]] int client() const; ///< its number

private:
    struct Sequencer;
    explicit AlsaPort(std::unique_ptr<Sequencer> sequencer);
    std::unique_ptr<Sequencer> sequencer_;
};

} // namespace pulsepin
