// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "show/wire.h"

#include <string>

namespace pulsepin {

/// Sends what a piece lights and tells, in step with where its song is heard, on a thread of its own. Nothing
/// is sent before begin(), nor anywhere but to the outputs of the piece.
class LightShow {
public:
    /// `source`: what receivers are told that it comes from.
    explicit LightShow(std::string source);
    ~LightShow(); ///< ends it
    LightShow(const LightShow&) = delete;
    LightShow& operator=(const LightShow&) = delete;

    /// From now on this is shown; outputs that it has otherwise are opened anew.
    void show(Curves piece);
    /// Where the song is heard at this moment.
    void hear(bool playing, Seconds at, double speed = 1);
    /// All lamps dark, until it is taken back.
    void set_blackout(bool dark);
    /// Each packet is told as it leaves, on the show's thread.
    void set_recorder(PacketRecorder recorder);

    void begin();
    void end(); ///< waits until it said so to whoever listens

    struct Output {
        std::string wire, to;
        std::uint64_t sent = 0;
        std::string problem; ///< empty: none
        friend bool operator==(const Output&, const Output&) = default;
    };
    struct State {
        bool sending = false;
        std::vector<Output> outputs; ///< those that are not off
        friend bool operator==(const State&, const State&) = default;
    };
    [[nodiscard]] State state() const;

private:
    struct Inside;
    std::unique_ptr<Inside> inside_;
};

/// "Pulse Pin on NAME": what this machine's packets say that they are from.
[[nodiscard]] std::string name_of_source();

} // namespace pulsepin
