// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "support/media.h"

#include <QFile>
#include <algorithm>

namespace pulsepin::test {

/// Drum notes at known times, written as a Standard MIDI File (format 0, 1000 ticks a second) and rendered
/// with fluidsynth.
class DrumScore {
public:
    void hit(double seconds, int key, int velocity) {
        events_.push_back({static_cast<int>(seconds * 1000 + 0.5), 0x99, key, velocity});
        events_.push_back({static_cast<int>(seconds * 1000 + 60.5), 0x89, key, 0});
    }

    /// Kick and snare by turns, hats on eighths, the kick of the first beat of a bar harder.
    void rock_bar(double start, double beat, int beats = 4) {
        for (int i = 0; i < beats; ++i) {
            hit(start + i * beat, i % 2 == 0 || beats == 3 ? (i == 0 ? 36 : 42) : 38, 110);
            if (beats == 4 && i == 2)
                hit(start + i * beat, 36, 100);
            hit(start + i * beat, 42, 70);
            hit(start + (i + 0.5) * beat, 42, 55);
        }
        if (beats == 3)
            for (int i = 1; i < 3; ++i)
                hit(start + i * beat, 38, 60);
    }

    /// Writes a WAV file. False when fluidsynth or its instruments are missing.
    [[nodiscard]] bool play_to(const QString& wave) {
        QTemporaryDir dir;
        QFile midi(dir.filePath("a.mid"));
        if (!midi.open(QIODevice::WriteOnly))
            return false;
        midi.write(bytes());
        midi.close();
        QProcess synthesiser;
        synthesiser.start("fluidsynth", {"-ni", "-q", "-g", "0.6", "-r", "44100", "-R", "0", "-C", "0", "-F",
                                         wave, "/usr/share/sounds/sf2/TimGM6mb.sf2", dir.filePath("a.mid")});
        return synthesiser.waitForFinished(60'000) && synthesiser.exitCode() == 0;
    }

    /// Null when fluidsynth or its instruments are missing.
    [[nodiscard]] std::shared_ptr<const SampleStore> played() {
        QTemporaryDir dir;
        if (!play_to(dir.filePath("a.wav")))
            return nullptr;
        const auto sound = load_sound(dir.filePath("a.wav").toStdString());
        return sound ? sound->samples : nullptr;
    }

private:
    struct Event {
        int tick, status, key, velocity;
    };
    static void put_length(QByteArray& out, int value) {
        QByteArray reversed(1, static_cast<char>(value & 0x7f));
        while (value >>= 7)
            reversed.append(static_cast<char>((value & 0x7f) | 0x80));
        std::reverse(reversed.begin(), reversed.end());
        out += reversed;
    }
    static QByteArray big_endian(int value, int bytes) {
        QByteArray out;
        for (int i = bytes - 1; i >= 0; --i)
            out.append(static_cast<char>((value >> (8 * i)) & 0xff));
        return out;
    }
    QByteArray bytes() {
        std::stable_sort(events_.begin(), events_.end(),
                         [](const Event& a, const Event& b) { return a.tick < b.tick; });
        QByteArray track("\x00\xff\x51\x03\x07\xa1\x20", 7); // half a second a quarter note
        int now = 0;
        for (const auto& event : events_) {
            put_length(track, event.tick - now);
            now = event.tick;
            for (const int byte : {event.status, event.key, event.velocity})
                track.append(static_cast<char>(byte));
        }
        track += QByteArray("\x00\xff\x2f\x00", 4);
        return QByteArray("MThd") + big_endian(6, 4) + big_endian(0, 2) + big_endian(1, 2) +
               big_endian(500, 2) + QByteArray("MTrk") + big_endian(static_cast<int>(track.size()), 4) +
               track;
    }
    std::vector<Event> events_;
};

} // namespace pulsepin::test
