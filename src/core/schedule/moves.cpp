// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/moves.h"

#include "params/easings.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

constexpr double from_the_depth = 0.05, from_before = 4; ///< scales: a choice of ours

/// Fast where it is large: scales are perceived by their ratio.
double scaled(double away, double far) {
    return std::pow(far, away);
}

constexpr MoveRow move_table[] = {
    {"none", "at once", [](Moved&, double, int, int) {}},
    {"fade", "fade", [](Moved& m, double away, int, int) { m.opacity *= 1 - away; }},
    {"grow", "grow", [](Moved& m, double away, int, int) { m.scale *= std::max(0.0, 1 - away); }},
    {"left", "fly in from the left", [](Moved& m, double away, int w, int) { m.x -= away * w; }},
    {"right", "fly in from the right", [](Moved& m, double away, int w, int) { m.x += away * w; }},
    {"top", "fly in from above", [](Moved& m, double away, int, int h) { m.y -= away * h; }},
    {"bottom", "fly in from below", [](Moved& m, double away, int, int h) { m.y += away * h; }},
    {"rise", "rise a little",
     [](Moved& m, double away, int, int h) {
         m.y += away * h / 12;
         m.opacity *= 1 - away;
     }},
    {"depth", "fly in from the depth",
     [](Moved& m, double away, int, int) {
         m.scale *= scaled(away, from_the_depth);
         m.opacity *= std::min(1.0, 2 - 2 * away);
     }},
    {"before", "fly in from before the picture",
     [](Moved& m, double away, int, int) {
         m.scale *= scaled(away, from_before);
         m.opacity *= std::min(1.0, 2 - 2 * away);
     }},
    {"spin", "turn in",
     [](Moved& m, double away, int, int) {
         m.rotation -= 180 * away;
         m.scale *= std::max(0.0, 1 - away);
     }},
    {"type", "type on", [](Moved& m, double away, int, int) { m.shown *= 1 - away; }},
    {"wipe", "wipe from the left", [](Moved& m, double away, int, int) { m.wiped *= 1 - away; }},
    {"wipe-down", "wipe from above",
     [](Moved& m, double away, int, int) {
         m.wiped *= 1 - away;
         m.wipe_angle = 90;
     }},
    {"behind", "out from behind the word before", [](Moved& m, double away, int, int) { m.behind += away; }},
};

double swing(double turn) {
    return std::sin(2 * std::numbers::pi * turn);
}

constexpr LoopRow loop_table[] = {
    {"none", "stays", [](Moved&, double, double, int, int) {}},
    {"sway", "sways",
     [](Moved& m, double turn, double amount, int, int) { m.rotation += 6 * amount * swing(turn); }},
    {"float", "floats up and down",
     [](Moved& m, double turn, double amount, int, int h) { m.y += h / 40.0 * amount * swing(turn); }},
    {"breathe", "breathes",
     [](Moved& m, double turn, double amount, int, int) { m.scale *= 1 + 0.06 * amount * swing(turn); }},
    {"blink", "blinks",
     [](Moved& m, double turn, double amount, int, int) {
         if (turn - std::floor(turn) >= 0.5)
             m.opacity *= std::max(0.0, 1 - amount);
     }},
    {"turn", "turns",
     [](Moved& m, double turn, double amount, int, int) { m.rotation += 360 * amount * turn; }},
};

} // namespace

std::span<const MoveRow> moves() {
    return move_table;
}

std::span<const LoopRow> loops() {
    return loop_table;
}

const MoveRow* move_row(std::string_view id) {
    const auto found = std::find_if(std::begin(move_table), std::end(move_table),
                                    [id](const MoveRow& row) { return row.id == id; });
    return found == std::end(move_table) ? nullptr : found;
}

const LoopRow* loop_row(std::string_view id) {
    const auto found = std::find_if(std::begin(loop_table), std::end(loop_table),
                                    [id](const LoopRow& row) { return row.id == id; });
    return found == std::end(loop_table) ? nullptr : found;
}

Moved moved_at(const Showing& showing, const AppearanceMoment& at) {
    Moved moved;
    const auto* comes = move_row(showing.comes.move);
    const auto* goes = move_row(showing.goes.move);
    if (comes && at.age < at.coming)
        comes->move(moved, 1 - eased(showing.comes.easing, std::max(0.0, at.age) / at.coming), at.width,
                    at.height);
    if (goes && at.left < at.going)
        goes->move(moved, eased(showing.goes.easing, 1 - std::max(0.0, at.left) / at.going), at.width,
                   at.height);
    if (const auto* loop = loop_row(showing.loop); loop && at.loop_turns)
        loop->move(moved, *at.loop_turns, showing.loop_amount / 100, at.width, at.height);
    moved.opacity = std::clamp(moved.opacity, 0.0, 1.0);
    return moved;
}

} // namespace pulsepin
