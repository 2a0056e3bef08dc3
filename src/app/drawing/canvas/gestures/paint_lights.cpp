// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/paint_lights.h"

#include "hand/light_hand.h"
#include "model/pin_edits.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {

Ticks light_cell_at(const BeatGrid& grid, Seconds time, const Length& brush) {
    // As long as what is painted, and no longer than a beat.
    double cell = brush.unit == Length::Unit::InBeats ? std::clamp(brush.amount, 1.0 / 16, 1.0) : 1.0;
    cell = 1 / std::round(1 / cell); // beats are divided evenly
    const double beats = grid.beats_at(time).value;
    return Ticks(std::llround(std::floor(beats / cell + 1e-9) * cell * ticks_per_beat));
}

PaintLights::PaintLights(GestureContext context, LaneId lane, Way way, QPointF from)
    : Gesture(std::move(context), from), lane_(lane), way_(way), last_(from) {
    paint_at(from);
}

void PaintLights::paint_at(QPointF at) {
    const auto place = placement().lane_at(at);
    const Project& now = draft() ? draft()->project() : project();
    if (!place || now.lanes[place->lane]->id != lane_)
        return;
    const auto rows = light_rows(*now.rig, place->row, place->condensed);
    const auto row = light_row_at(rows, at.y());
    const Seconds time = placement().time_at(at);
    if (!row || time < Seconds(0))
        return;
    const auto& lamps = rows[*row].row.fixtures;
    const Schedule& schedule = draft() ? *draft() : context().schedule();
    const auto rate = now.settings->frame_rate;
    if (way_ == Way::Erase) {
        const double frame = time.value * rate.per_second();
        if (lights_on(schedule, lane_, lamps, frame).empty())
            return;
        if (show(without_lights_at(schedule, lane_, lamps, frame)))
            tell(tr("%n cells made dark", nullptr, ++count_));
        return;
    }
    const LightBody& brush = view().light_brush();
    const Ticks cell = now.grid ? light_cell_at(*now.grid, time, brush.length) : Ticks(0);
    const Anchor anchor = now.grid ? Anchor(MusicalAnchor{cell, Frames(0)}) : Anchor(TimeAnchor{time});
    const Seconds begins = now.grid ? now.grid->time_at(cell) : time;
    const double frame =
        static_cast<double>(round_to_frame(begins, rate, now.settings->rounding).frame.value);
    if (!lights_on(schedule, lane_, lamps, frame).empty())
        return;
    if (show(with_light(now, lane_, {rows[*row].row.of}, anchor, brush)))
        tell(tr("%n cells lit", nullptr, ++count_));
}

void PaintLights::paint_between(QPointF a, QPointF b) {
    constexpr double step = 3; // pixels: narrower is no cell that can be aimed at
    const int steps = std::clamp(
        static_cast<int>(std::max(std::abs(b.x() - a.x()), std::abs(b.y() - a.y())) / step), 1, 2000);
    for (int i = 1; i <= steps; ++i)
        paint_at(a + (b - a) * i / steps);
}

void PaintLights::drag_to(QPointF at, Qt::KeyboardModifiers) {
    paint_between(last_, at);
    last_ = at;
}

std::optional<Gesture::Edit> PaintLights::end(Qt::KeyboardModifiers) {
    return draft() ? std::optional(Edit{draft()->project(),
                                        way_ == Way::Light ? tr("light lamps") : tr("make lamps dark")})
                   : std::nullopt;
}

ShadeLights::ShadeLights(GestureContext context, PinId light, QPointF from)
    : Gesture(std::move(context), from) {
    if (const Pin* pin = project().pin(light))
        if (const auto* body = body_if<LightBody>(&pin->body))
            strength_ = body->strength;
}

void ShadeLights::drag_to(QPointF at, Qt::KeyboardModifiers) {
    const double strength = std::clamp(std::round(strength_ + from().y() - at.y()), 0.0, 100.0);
    show(with_bodies(project(), selected(), [strength](PinBody& body) {
        if (auto* light = body_if<LightBody>(&body))
            light->strength = strength;
    }));
    tell(tr("Strength %1 %").arg(strength));
}

std::optional<Gesture::Edit> ShadeLights::end(Qt::KeyboardModifiers) {
    return edit(tr("change strength"));
}

} // namespace pulsepin
