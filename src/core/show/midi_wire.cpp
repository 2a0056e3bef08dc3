// SPDX-License-Identifier: GPL-3.0-or-later
#include "show/alsa_port.h"
#include "show/event_wire.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// A note for each pin: the pitch of its lane, as in files of MIDI notes: 36 for the first, one more for
/// each.
class MidiWire final : public EventWire {
public:
    MidiWire(const WireOutput& output, AlsaPort port) : EventWire(output), port_(std::move(port)) {}

private:
    Result<void> tell(const ShowEvent& event) override {
        const int pitch = 36 + static_cast<int>(std::min<std::size_t>(event.lane, 91));
        const int velocity = std::clamp(static_cast<int>(std::lround(event.strength)), 1, 127);
        return port_.note(0, pitch, event.begins ? velocity : 0);
    }
    AlsaPort port_;
};

Result<std::unique_ptr<Wire>> open(const WireOutput& output, const std::string& source,
                                   const PacketRecorder&) {
    auto port = AlsaPort::open(source, output.to);
    if (!port)
        return tl::unexpected(port.error());
    return std::make_unique<MidiWire>(output, *std::move(port));
}

} // namespace

const WireKind wires::midi_wire{"midi-notes", "MIDI notes",
                                "a note for each pin, from a port of ALSA's sequencer", 0, open};

} // namespace pulsepin
