// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/edits.h"
#include "support/desk.h"
#include "support/drum_score.h"

#include <QFile>

namespace pulsepin::test {

/// A song with the times of its beats and how many make a bar.
struct KnownSong {
    QTemporaryDir dir;
    QString path;
    std::vector<double> beats;
    int beats_per_bar = 4;

    /// `pause`: silence in front of that bar, in seconds.
    bool make(double bpm, int bars, int in_bar = 4, int pause_bar = -1, double pause = 0) {
        DrumScore score;
        beats_per_bar = in_bar;
        double at = 0.6;
        for (int bar = 0; bar < bars; ++bar) {
            if (bar == pause_bar)
                at += pause;
            score.rock_bar(at, 60 / bpm, in_bar);
            for (int i = 0; i < in_bar; ++i, at += 60 / bpm)
                beats.push_back(at);
        }
        path = dir.filePath("song.wav");
        return score.play_to(path);
    }
    /// How many of the song's beats the grid has within 40 ms, and how many of its beats are none of the
    /// song's.
    [[nodiscard]] std::pair<int, int> missed_and_wrong(const BeatGrid& grid) const {
        int missed = 0, wrong = 0;
        for (const double beat : beats)
            missed += std::abs((grid.time_at(grid.nearest_beat(Seconds(beat))) - Seconds(beat)).value) > 0.04;
        for (const auto& beat : grid.beats()) {
            if (beat.time.value < beats.front() - 0.2 || beat.time.value > beats.back() + 0.2)
                continue;
            double nearest = 1e9;
            for (const double true_beat : beats)
                nearest = std::min(nearest, std::abs(true_beat - beat.time.value));
            wrong += nearest > 0.04;
        }
        return {missed, wrong};
    }
    [[nodiscard]] bool right(const BeatGrid& grid) const { return missed_and_wrong(grid) == std::pair{0, 0}; }
    [[nodiscard]] bool bars_right(const BeatGrid& grid) const {
        for (std::size_t i = 0; i < beats.size(); ++i) {
            const auto beat = grid.nearest_beat(Seconds(beats[i])).value / ticks_per_beat;
            if (grid.is_downbeat(beat) != (i % static_cast<std::size_t>(beats_per_bar) == 0))
                return false;
        }
        return true;
    }
    /// A beat list as someone else might have written it.
    QString list(double later, int in_bar, int every = 1) {
        QFile file(dir.filePath("beats.txt"));
        if (file.open(QIODevice::WriteOnly))
            for (std::size_t i = 0; i < beats.size(); i += static_cast<std::size_t>(every))
                file.write(QString("%1\t%2\n")
                               .arg(beats[i] + later, 0, 'f', 6)
                               .arg(static_cast<int>(i) / every % in_bar + 1)
                               .toUtf8());
        return file.fileName();
    }
};

/// Takes hold of beats in the row of the grid.
struct GridHands {
    static bool open(Desk& desk, const KnownSong& song) {
        desk.window.open_path(song.path);
        if (!QTest::qWaitFor(
                [&] { return desk.window.document().sound() && !desk.window.document().jobs().busy(); },
                60'000))
            return false;
        desk.window.go_to_stop(Stop::Grid);
        return desk.project().grid != nullptr;
    }
    static QPoint at_beat(Desk& desk, Seconds time) {
        auto& timeline = desk.window.timeline();
        const QRectF row = timeline.beats_row();
        return {static_cast<int>(std::lround(timeline.scale().x(time))),
                static_cast<int>(row.bottom() - row.height() / 4)};
    }
    static void show(Desk& desk, double from, double until) {
        desk.window.timeline().show_range(Seconds(from), Seconds(until));
        desk.window.timeline().grab();
    }
    static void drag_beat(Desk& desk, Seconds from, Seconds to,
                          Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        desk.drag(at_beat(desk, from), at_beat(desk, to), modifiers);
    }
    static void place_cuts(Desk& desk) {
        desk.window.document().apply(
            with_pins(desk.project(), desk.markers().id,
                      {{{}, MusicalAnchor{Ticks(8 * 960)}, MarkerBody{"a", ""}, {}},
                       {{}, MusicalAnchor{Ticks(20 * 960)}, MarkerBody{"b", ""}, {}}}),
            "add markers");
    }
};

} // namespace pulsepin::test
