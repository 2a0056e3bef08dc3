// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/gestures/shape_follower.h"

#include "model/anchored_time.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"
#include "session/core_words.h"
#include "session/number_text.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr Seconds lift_fade{0.08}; // of one hit: it reaches neither neighbour at 180 beats a minute

/// To about three figures.
double rounded(double value, double per_pixel) {
    const double step = std::pow(10.0, std::floor(std::log10(std::max(per_pixel, 1e-9))));
    return std::round(value / step) * step;
}

double pixels_per_value(const LaneScene& lane) {
    return curve_scale(lane.lane, lane.spans, lane.row.height()).per_pixel();
}

} // namespace

DragLevel::DragLevel(GestureContext context, const LaneScene& lane, LevelLine line, QPointF from)
    : Gesture(std::move(context), from), lane_(lane.lane.id), line_(std::move(line)),
      per_pixel_(pixels_per_value(lane) * line_.highest) {}

void DragLevel::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const Lane* lane = project().lane(lane_);
    if (!lane || line_.step >= part_of<Motion>(*lane)->follower.steps.size())
        return;
    const double finer = keys & Qt::ShiftModifier ? 0.2 : 1;
    const double value =
        std::max(0.0, rounded(line_.value + (from().y() - at.y()) * per_pixel_ * finer, per_pixel_ * finer));
    Motion motion = *part_of<Motion>(*lane);
    motion.follower.steps[line_.step].values.set(line_.param, value);
    if (show(with_motion(project(), lane_, motion)))
        tell(QString("%1 %2").arg(line_.name).arg(short_number_text(value, 3)));
}

std::optional<Gesture::Edit> DragLevel::end(Qt::KeyboardModifiers) {
    return edit(tr("move level"));
}

LiftTop::LiftTop(GestureContext context, const LaneScene& lane, CurveTop top, QPointF from)
    : Gesture(std::move(context), from), top_(top), per_pixel_(pixels_per_value(lane)) {}

void LiftTop::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const double finer = keys & Qt::ShiftModifier ? 0.2 : 1;
    const double by = rounded((from().y() - at.y()) * per_pixel_ * finer, per_pixel_);
    const Lane* lane = project().lane(top_.lane);
    if (!lane || by == 0)
        return;
    // One that lies there already is changed.
    constexpr Seconds same{0.02};
    for (const auto& pin : lane->pins)
        if (const auto& key = body_of<KeyBody>(pin.body); key.role == KeyRole::Lift)
            if (const auto time = anchored_time(pin.anchor, project());
                time && std::abs((*time - top_.at).value) < same.value) {
                KeyBody body = key;
                body.value += by;
                if (show(with_body(project(), pin.id, body)))
                    tell(tr("lifted by %1").arg(short_number_text(body.value, 3)));
                return;
            }
    KeyBody body;
    body.role = KeyRole::Lift;
    body.value = by;
    body.fade_in = body.fade_out = lift_fade;
    if (show(with_pins(project(), top_.lane, {Pin{{}, TimeAnchor{top_.at}, body, {}}})))
        tell(by > 0 ? tr("lifted by %1").arg(short_number_text(by, 3))
                    : tr("lowered by %1").arg(short_number_text(-by, 3)));
}

std::optional<Gesture::Edit> LiftTop::end(Qt::KeyboardModifiers) {
    if (!moved())
        context().go_to(std::clamp(pressed_time(), Seconds(0), context().song_end()));
    return edit(tr("lift top"));
}

void StretchOver::drag_to(QPointF at, Qt::KeyboardModifiers keys) {
    const Pin* pin = project().pin(key_);
    const auto* key = pin ? body_if<KeyBody>(&pin->body) : nullptr;
    const auto start = key ? anchored_time(pin->anchor, project()) : std::nullopt;
    if (!start)
        return;
    KeyBody body = *key;
    const Seconds by = placement().carried(pressed_time(), from(), at) - pressed_time();
    if (part_ == GripPart::FadeIn) {
        body.fade_in = std::max(body.fade_in - by, Seconds(0));
        tell(tr("comes in over %1 s").arg(number_text(body.fade_in.value, 2)));
    } else if (part_ == GripPart::FadeOut) {
        body.fade_out = std::max(body.fade_out + by, Seconds(0));
        tell(tr("goes out over %1 s").arg(number_text(body.fade_out.value, 2)));
    } else {
        const bool in_frames = keys & Qt::ShiftModifier;
        const Seconds end = std::max(context().snapped(placement().time_at(at), in_frames),
                                     *start + project().settings->frame_rate.frame_length());
        body.length = dragged_length(project(), view(), *start, end, in_frames);
        tell(tr("Lasts %1").arg(spoken(length_text(body.length))));
    }
    show(with_bodies(project(), selected(), [&](PinBody& one) {
        if (auto* other = body_if<KeyBody>(&one); other && other->role != KeyRole::Drawn) {
            other->length = body.length;
            other->fade_in = body.fade_in;
            other->fade_out = body.fade_out;
        }
    }));
}

std::optional<Gesture::Edit> StretchOver::end(Qt::KeyboardModifiers) {
    return edit(part_ == GripPart::End ? tr("stretch key") : tr("fade key"));
}

Length dragged_length(const Project& project, const ViewState& view, Seconds start, Seconds end,
                      bool in_frames) {
    if (!in_frames && project.grid && view.snap() != Snap::Off) {
        constexpr auto ticks = static_cast<double>(ticks_per_beat);
        const Beats beats = project.grid->beats_at(end) - project.grid->beats_at(start);
        return {Length::Unit::InBeats, std::round(beats.value * ticks) / ticks};
    }
    const auto rate = project.settings->frame_rate;
    return {Length::Unit::InFrames, std::max(1.0, std::round((end - start).value * rate.per_second()))};
}

} // namespace pulsepin
