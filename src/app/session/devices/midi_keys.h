// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <QObject>
#include <filesystem>
#include <memory>

namespace pulsepin {

/// Something with keys or pads that are struck: MIDI notes.
class MidiKeys : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    [[nodiscard]] virtual QString name() const = 0;

signals:
    void struck(int note, int velocity); ///< velocity 1 to 127
};

/// Reads notes out of a stream of MIDI bytes (MIDI 1.0: running status, real-time bytes between others, a
/// note of velocity 0 ends one).
class MidiBytes {
public:
    struct Note {
        int note = 0, velocity = 0;
        friend bool operator==(const Note&, const Note&) = default;
    };
    /// A note that begins with this byte, if one does.
    [[nodiscard]] std::optional<Note> take(std::uint8_t byte);

private:
    std::uint8_t status_ = 0;
    std::optional<std::uint8_t> first_;
};

/// A port of ALSA's sequencer to which keyboards and pads are joined ("Pulse Pin taps"); all that are there
/// when it is opened are joined at once. Fails where this machine has no sequencer.
[[nodiscard]] Result<std::unique_ptr<MidiKeys>> open_sequencer_keys();

/// MIDI bytes from a file, mostly a named pipe: a simulated pad, or what another program sends. Fails where
/// it cannot be read.
[[nodiscard]] Result<std::unique_ptr<MidiKeys>> open_simulated_pad(const std::filesystem::path& path);

} // namespace pulsepin
