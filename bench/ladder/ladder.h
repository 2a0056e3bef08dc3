// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "measured.h"
#include "shell/main_window.h"
#include "support/projects.h"

#include <QString>
#include <filesystem>
#include <map>
#include <vector>

/// How what a person waits for grows with the piece: families of made projects, rung by rung.
namespace pulsepin::ladder {

using Measures = std::map<QString, double>; ///< by what was measured, in ms, MB or pictures a second

struct Rung {
    double size; ///< along the axis
    QString name;
    Measures figures = {};
};

struct Family {
    QString name;
    QString grows; ///< what does from rung to rung
    std::vector<Rung> rungs;
};

[[nodiscard]] Family family_of_pins();
/// Files are made in the folder, as they are by the following ones.
[[nodiscard]] Family family_of_songs(const std::filesystem::path& folder);
[[nodiscard]] Family family_of_shots(const std::filesystem::path& folder);
[[nodiscard]] Family family_of_layers();
[[nodiscard]] Family family_of_words();

/// The figures as a table; beside them the exponent of the growth over the last rung: 1 grows as the piece
/// does.
void print(const Family& family);
/// All of them side by side, both axes by tens.
void draw(const QString& file, const std::vector<Family>& families);

// -- what families measure alike

/// A click track of 120 beats a minute as a WAV file.
void write_clicks(const std::filesystem::path& file, int seconds);
[[nodiscard]] double memory_mb(const char* line = "VmRSS"); ///< or VmHWM, the most since forget_most_memory()
void forget_most_memory();
/// Until nothing is done in the background; ms.
double settle(MainWindow& window);
/// Whole and twelve seconds of it, at two sizes; the window's timeline gets their size.
void measure_painting(Measures& figures, MainWindow& window, double seconds, int runs);
/// Of a pin back and forth, with all that follows in the window, and its undoing.
void measure_editing(Measures& figures, MainWindow& window, PinId pin, int runs);

// -- for a profiler: one thing over and over

/// Of a rung of the pins.
int repeat_on_pins(const QByteArray& what, int rung, bool near);
int repeat_on_words(int count);

} // namespace pulsepin::ladder
