// SPDX-License-Identifier: GPL-3.0-or-later
//
// Pins, spread evenly over lanes of three kinds and three hours.
#include "ladder.h"

#include "interchange/project_json.h"
#include "large_piece.h"
#include "model/pin_edits.h"
#include "schedule/find_pins.h"

#include <QApplication>
#include <QPixmap>
#include <array>

namespace pulsepin::ladder {
namespace {

using test::large_piece;
using test::milliseconds;
using test::seconds_of_large_piece;

struct PinRung {
    int pins, lanes;
};
constexpr PinRung rungs[] = {{100, 3}, {1000, 10}, {10'000, 30}, {100'000, 300}};

void select_all(MainWindow& window) {
    window.view().select({});
    PinSet all;
    for (const PinId one : find_pins(window.document().schedule(), {}))
        all.insert(one);
    window.view().select(std::move(all));
}

Measures measured(const Project& project, int runs) {
    Measures figures;
    std::string text;
    figures["write as text"] = milliseconds(runs, [&] { text = project_to_json(project, "/pieces"); });
    figures["read from text"] = milliseconds(runs, [&] { (void)project_from_json(text, "/pieces"); });
    figures["derive all"] = milliseconds(runs, [&] { (void)Schedule(project); });
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    window.document().apply(project, "begin");
    const Lane* lane = nullptr;
    for (const auto& one : window.document().project().lanes)
        if (one->pins.size() > 2)
            lane = &*one;
    measure_editing(figures, window, lane->pins[lane->pins.size() / 2].id, runs);
    measure_painting(figures, window, seconds_of_large_piece, 2 * runs);
    figures["select all"] = milliseconds(runs, [&] { select_all(window); });
    figures["memory, MB"] = memory_mb();
    return figures;
}

} // namespace

Family family_of_pins() {
    Family family{"pins", "pins", {}};
    for (const auto& rung : rungs)
        family.rungs.push_back({static_cast<double>(rung.pins),
                                QString("%1 in %2 lanes").arg(rung.pins).arg(rung.lanes),
                                measured(large_piece(rung.pins, rung.lanes), rung.pins > 10'000 ? 3 : 9)});
    return family;
}

int repeat_on_pins(const QByteArray& what, int rung, bool near) {
    const PinRung& asked = rungs[std::clamp(rung, 0, 3)];
    MainWindow window(Player::Device::None);
    window.show();
    window.document().apply(large_piece(asked.pins, asked.lanes), "begin");
    const PinId pin = window.document().project().lanes.back()->pins.front().id;
    window.view().select({pin});
    window.timeline().resize(2560, 1130);
    QPixmap target(window.timeline().size());
    int by = ticks_per_beat;
    std::printf("%.2f ms\n", milliseconds(300, [&] {
                    if (what == "--paints") {
                        window.timeline().show_range(Seconds(near ? 5000 : 0),
                                                     Seconds(near ? 5012 : seconds_of_large_piece));
                        window.timeline().render(&target);
                    } else if (what == "--selects") {
                        select_all(window);
                    } else {
                        by = -by;
                        window.document().apply(
                            moved_by(window.document().project(), std::array{pin}, Ticks(by)), "move");
                    }
                }));
    return 0;
}

} // namespace pulsepin::ladder
