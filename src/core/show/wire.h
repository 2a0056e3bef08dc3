// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"
#include "model/rig.h"

#include <chrono>
#include <functional>
#include <memory>
#include <optional>
#include <span>
#include <string>
#include <vector>

namespace pulsepin {

using ShowTime = std::chrono::steady_clock::time_point;
[[nodiscard]] inline ShowTime later(ShowTime at, double seconds) {
    return at + std::chrono::duration_cast<ShowTime::duration>(std::chrono::duration<double>(seconds));
}

/// Where the song is heard.
struct ShowMoment {
    ShowTime now;
    bool playing = false;
    double heard = 0;  ///< seconds of the song
    double speed = 1;  ///< seconds of song to a second
    bool dark = false; ///< whatever the lamps would be
};

/// A packet as it left, for whoever records it.
struct SentPacket {
    double heard = 0; ///< seconds of the song
    std::string to;
    std::uint16_t port = 0;
    std::span<const std::uint8_t> bytes;
};
using PacketRecorder = std::function<void(const SentPacket&)>;

/// One output while it sends. All of it is called by one thread.
class Wire {
public:
    Wire() = default;
    Wire(const Wire&) = delete;
    Wire& operator=(const Wire&) = delete;
    virtual ~Wire() = default;
    /// Another piece, or another version of it.
    virtual void take(std::shared_ptr<const Curves> piece) = 0;
    /// Sends what is due, and tells when it is to be asked again. Fails where the system refuses; it may be
    /// asked again all the same.
    virtual Result<ShowTime> run(const ShowMoment& moment) = 0;
    /// Says that nothing more comes.
    virtual void end() {}
    [[nodiscard]] std::uint64_t sent() const { return sent_; } ///< packets, messages

protected:
    std::uint64_t sent_ = 0;
};

/// A kind of wire: sACN, Art-Net ...
struct WireKind {
    std::string_view id;       ///< in files and on the command line
    std::string_view label;    ///< in forms
    std::string_view explains; ///< what goes over it
    int usual_port = 0;        ///< 0: it has no ports
    /// Fails for what is no address, or where the system has no such thing.
    Result<std::unique_ptr<Wire>> (*open)(const WireOutput&, const std::string& source,
                                          const PacketRecorder&) = nullptr;
};
[[nodiscard]] std::span<const WireKind> wire_kinds();
/// Null when there is none of that id.
[[nodiscard]] const WireKind* wire_kind(std::string_view id);

namespace wires {
// One each, in a file of its own.
extern const WireKind sacn_wire, artnet_wire, osc_wire, midi_wire, timecode_wire;
} // namespace wires

} // namespace pulsepin
