// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/pulses.h"

#include "base/whole.h"

#include "params/easings.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

double frames_of(const Length& length, Seconds at, const Project& project) {
    if (length.unit == Length::Unit::InFrames)
        return std::clamp(length.amount, 0.0, 1e7);
    const auto duration = duration_of(length, at, project);
    return duration ? duration->value * project.settings->frame_rate.per_second() : 0.0;
}

/// Shortens what lies between two beats until both fit; never below what is allowed, but never over each
/// other.
void make_room(PulseSpan& left, PulseSpan& right, double left_anchor, double right_anchor, double least) {
    const double after = left.end - left_anchor, before = right_anchor - right.start;
    const double gap = right_anchor - left_anchor;
    if (after + before <= gap + 1e-9)
        return;
    const double whole_left = left.end - left.start, whole_right = right.end - right.start;
    double factor = std::max(0.0, gap / (after + before));
    // Down to the least length, as long as there is room for that.
    const double needed = std::max({factor, after > 0 ? std::min(1.0, least / whole_left) : 0.0,
                                    before > 0 ? std::min(1.0, least / whole_right) : 0.0});
    if (needed * (after + before) <= gap + 1e-9)
        factor = needed;
    const auto scale = [](double value, double anchor, double by) { return anchor + (value - anchor) * by; };
    if (after > 0) {
        for (double* edge : {&left.peak, &left.hold_end, &left.end})
            if (*edge > left_anchor)
                *edge = scale(*edge, left_anchor, factor);
        left.shrunk = true;
    }
    if (before > 0) {
        for (double* edge : {&right.start, &right.peak, &right.hold_end})
            if (*edge < right_anchor)
                *edge = scale(*edge, right_anchor, factor);
        right.shrunk = true;
    }
}

/// Rest, peak and rest lie on frames that are seen, so that no peak is missed between two of them. Rounding
/// keeps their order: what did not overlap does not.
void lay_on_frames(PulseSpan& pulse) {
    for (double* edge : {&pulse.start, &pulse.peak, &pulse.hold_end, &pulse.end})
        *edge = std::round(*edge);
    if (pulse.end <= pulse.hold_end && pulse.end <= pulse.start)
        pulse.end = pulse.hold_end + 1; // seen for a frame at least
}

} // namespace

MotionCurve::MotionCurve(const Project& project, const Lane& lane, const ResolvedLane& resolved)
    : motion_(*part_of<Motion>(lane)) {
    std::vector<double> anchors;
    for (const auto& pin : resolved.pins) {
        const auto* body = body_if<PulseBody>(&lane.pins[pin.index].body);
        if (!body || lane.muted || lane.pins[pin.index].muted)
            continue;
        const Pulse& shape = body->shape ? *body->shape : motion_.pulse;
        const double up = frames_of(shape.up, pin.time, project),
                     held = frames_of(shape.held, pin.time, project),
                     down = frames_of(shape.down, pin.time, project);
        const auto anchor = static_cast<double>(pin.frame.value);
        if (!anchors.empty() && anchors.back() == anchor) { // of two on one frame the last placed one acts
            anchors.pop_back();
            pulses_.pop_back();
        }
        const double start = shape.arrives ? anchor - up : anchor;
        pulses_.push_back({pin.id, pin.index, start, start + up, start + up + held, start + up + held + down,
                           body->strength / 100, false, body->shape});
        anchors.push_back(anchor);
    }
    if (motion_.pulse.crowding == Crowding::Shrink)
        for (std::size_t i = 0; i + 1 < pulses_.size(); ++i)
            make_room(pulses_[i], pulses_[i + 1], anchors[i], anchors[i + 1], motion_.pulse.least_frames);
    for (auto& pulse : pulses_)
        lay_on_frames(pulse);
    for (const auto& pulse : pulses_)
        longest_ = std::max(longest_, pulse.end - pulse.start);
}

std::size_t MotionCurve::shrunk() const {
    return static_cast<std::size_t>(
        std::count_if(pulses_.begin(), pulses_.end(), [](const PulseSpan& pulse) { return pulse.shrunk; }));
}

double MotionCurve::shape_at(const PulseSpan& pulse, double frame) const {
    if (frame < pulse.start || frame >= pulse.end)
        return frame == pulse.start && pulse.start == pulse.peak ? pulse.strength : 0;
    if (frame < pulse.peak)
        return pulse.strength *
               eased(shape_of(pulse).rising, (frame - pulse.start) / (pulse.peak - pulse.start));
    if (frame < pulse.hold_end || pulse.end == pulse.hold_end)
        return pulse.strength;
    return pulse.strength *
           (1 - eased(shape_of(pulse).falling, (frame - pulse.hold_end) / (pulse.end - pulse.hold_end)));
}

double MotionCurve::share_at(double frame) const {
    const auto after = std::upper_bound(pulses_.begin(), pulses_.end(), frame,
                                        [](double f, const PulseSpan& pulse) { return f < pulse.start; });
    if (motion_.pulse.crowding == Crowding::Join && after != pulses_.begin() && after != pulses_.end()) {
        // Begun before the one before is over: straight from peak to peak.
        const auto& left = *(after - 1);
        if (left.end > after->start && frame >= left.hold_end) {
            const double t = (frame - left.hold_end) / std::max(1e-9, after->peak - left.hold_end);
            return left.strength + (after->strength - left.strength) * eased(motion_.pulse.rising, t);
        }
    }
    if (motion_.pulse.crowding == Crowding::Join && after != pulses_.begin() &&
        after - 1 != pulses_.begin()) {
        const auto &right = *(after - 1), &left = *(after - 2);
        if (left.end > right.start && frame < right.peak) {
            const double t = (frame - left.hold_end) / std::max(1e-9, right.peak - left.hold_end);
            return left.strength + (right.strength - left.strength) * eased(motion_.pulse.rising, t);
        }
    }
    double highest = 0, sum = 0;
    for (auto pulse = after; pulse != pulses_.begin();) {
        --pulse;
        if (pulse->start < frame - longest_ - 1)
            break;
        const double share = shape_at(*pulse, frame);
        sum += share;
        if (std::abs(share) > std::abs(highest))
            highest = share;
    }
    return motion_.pulse.crowding == Crowding::Add ? sum : highest;
}

std::vector<CurveKey> MotionCurve::keys() const {
    std::vector<CurveKey> keys;
    const auto add = [&](double at, const Easing& easing) {
        const Frames frame(nearest_whole(at));
        if (frame < Frames(0))
            return;
        if (!keys.empty() && keys.back().frame >= frame) // shorter than a frame
            return;
        keys.push_back({frame, value_at(static_cast<double>(frame.value)), easing});
    };
    const Easing held = held_easing();
    for (std::size_t i = 0; i < pulses_.size(); ++i) {
        const auto& pulse = pulses_[i];
        const bool runs_on = i + 1 < pulses_.size() && pulse.end > pulses_[i + 1].start + 1e-9;
        const bool ran_in = i > 0 && pulses_[i - 1].end > pulse.start + 1e-9;
        if (runs_on || ran_in) { // what two make together has no easing of its own
            for (double frame = std::ceil(pulse.start); frame <= pulse.end; frame += 1)
                add(frame, Easing{});
            continue;
        }
        if (pulse.peak > pulse.start)
            add(pulse.start, held);
        add(pulse.peak, pulse.peak > pulse.start ? shape_of(pulse).rising : held);
        if (pulse.hold_end > pulse.peak && pulse.end > pulse.hold_end)
            add(pulse.hold_end, held);
        add(pulse.end, pulse.end > pulse.hold_end ? shape_of(pulse).falling : held);
    }
    return keys;
}

std::span<const Pulse> pulse_library() {
    using Unit = Length::Unit;
    const auto frames = [](double n) { return Length{Unit::InFrames, n}; };
    const auto ease = [](const char* id) {
        Easing easing;
        easing.id = id;
        return easing;
    };
    static const std::array<Pulse, 6> library{{
        // Common practice: rest on the beat's frame, peak one later, rest again about four after that.
        {"hit", frames(1), frames(0), frames(4), ease("linear"), ease("sine-out"), false, Crowding::Shrink,
         2},
        // Common practice: four frames before the beat up to the peak on it.
        {"arrival", frames(4), frames(0), frames(7), ease("sine-in-out"), ease("sine-in-out"), true,
         Crowding::Shrink, 2},
        {"gust", frames(4), frames(0), frames(7), ease("back-out"), ease("back-out"), true, Crowding::Shrink,
         2},
        // Common practice: another value for exactly one frame, then back.
        {"dip", frames(0), frames(1), frames(0), ease("linear"), ease("linear"), false, Crowding::Shrink, 1},
        {"swell",
         {Unit::InBeats, 0.5},
         frames(0),
         {Unit::InBeats, 0.5},
         ease("sine-in-out"),
         ease("sine-in-out"),
         true,
         Crowding::Join,
         2},
        {"bounce", frames(1), frames(0), frames(14), ease("linear"), ease("bounce-out"), false,
         Crowding::Shrink, 4},
    }};
    return library;
}

} // namespace pulsepin
