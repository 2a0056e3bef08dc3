// SPDX-License-Identifier: GPL-3.0-or-later
#include "ladder.h"

#include "model/pin_edits.h"

#include <QApplication>
#include <QFile>
#include <QPixmap>
#include <QTest>
#include <array>
#include <cmath>
#include <fstream>

namespace pulsepin::ladder {

using test::milliseconds;

// 16 bits, one channel (RIFF WAVE).
void write_clicks(const std::filesystem::path& file, int seconds) {
    constexpr int rate = 48000;
    std::ofstream out(file, std::ios::binary);
    const auto number = [&](std::uint32_t value, int bytes) {
        for (int i = 0; i < bytes; ++i)
            out.put(static_cast<char>(value >> (8 * i) & 255));
    };
    const auto bytes = static_cast<std::uint32_t>(seconds) * rate * 2;
    out << "RIFF";
    number(36 + bytes, 4);
    out << "WAVEfmt ";
    number(16, 4);
    number(1, 2);
    number(1, 2);
    number(rate, 4);
    number(rate * 2, 4);
    number(2, 2);
    number(16, 2);
    out << "data";
    number(bytes, 4);
    // A second of it: two beats, the second one softer, over a quiet hum.
    std::array<std::int16_t, rate> second{};
    for (int i = 0; i < rate; ++i) {
        const double t = static_cast<double>(i % (rate / 2)) / rate;
        const double click = (i < rate / 2 ? 20000 : 9000) * std::exp(-t / 0.012) * std::cos(9425 * t);
        second[static_cast<std::size_t>(i)] =
            static_cast<std::int16_t>(click + 900 * std::sin(2 * 3.14159265358979 * 110 * i / rate));
    }
    for (int i = 0; i < seconds; ++i)
        out.write(reinterpret_cast<const char*>(second.data()), sizeof(second));
}

double memory_mb(const char* line) {
    QFile status("/proc/self/status");
    if (!status.open(QIODevice::ReadOnly))
        return 0;
    for (const auto& one : QString(status.readAll()).split('\n'))
        if (one.startsWith(line))
            return one.simplified().split(' ')[1].toDouble() / 1024;
    return 0;
}

void forget_most_memory() {
    QFile references("/proc/self/clear_refs");
    if (references.open(QIODevice::WriteOnly))
        references.write("5");
}

double settle(MainWindow& window) {
    return milliseconds(1, [&] {
        for (int quiet = 0; quiet < 5;) { // what has ended may begin something else
            QTest::qWait(2);
            quiet = window.document().jobs().busy() ? 0 : quiet + 1;
        }
    });
}

void measure_painting(Measures& figures, MainWindow& window, double seconds, int runs) {
    auto& timeline = window.timeline();
    for (const auto& [size, name] :
         {std::pair(QSize(1280, 492), "1280x800"), std::pair(QSize(2560, 1130), "2560x1440")}) {
        timeline.resize(size);
        QPixmap target(size);
        const double middle = seconds / 2;
        for (const auto& [from, until, zoom] :
             {std::tuple(0.0, seconds, "all"), std::tuple(middle, middle + 12, "12 s")})
            figures[QString("paint %1, %2").arg(zoom, name)] = milliseconds(runs, [&, f = from, u = until] {
                timeline.show_range(Seconds(f), Seconds(u));
                timeline.render(&target);
            });
    }
}

void measure_editing(Measures& figures, MainWindow& window, PinId pin, int runs) {
    auto& document = window.document();
    window.view().select({pin});
    QApplication::processEvents();
    int by = ticks_per_beat;
    figures["edit one pin in the window"] = milliseconds(2 * runs, [&] {
        by = -by;
        document.apply(moved_by(document.project(), std::array{pin}, Ticks(by)), "move");
    });
    figures["undo in the window"] = milliseconds(runs, [&] { document.undo(); });
}

} // namespace pulsepin::ladder
