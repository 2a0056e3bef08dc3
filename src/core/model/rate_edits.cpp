// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/rate_edits.h"

#include "base/whole.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// Counts frames of the old rate in those of the new one.
struct Recount {
    double ratio;

    [[nodiscard]] Frames operator()(Frames frames) const {
        return Frames(nearest_whole(static_cast<double>(frames.value) * ratio));
    }
    void operator()(Length& length) const {
        if (length.unit == Length::Unit::InFrames)
            length.amount *= ratio;
    }
    void operator()(Offset& offset) const {
        if (auto* frames = std::get_if<Frames>(&offset))
            *frames = (*this)(*frames);
    }
    void operator()(Pulse& pulse) const {
        for (Length* length : {&pulse.up, &pulse.held, &pulse.down})
            (*this)(*length);
        pulse.least_frames = (static_cast<int>(
            std::clamp<std::int64_t>(nearest_whole(pulse.least_frames * ratio), 1, 100'000)));
    }
    void operator()(PinBody& body) const {
        if (auto* marker = body_if<MarkerBody>(&body))
            (*this)(marker->length);
        if (auto* cut = body_if<CutBody>(&body))
            cut->fade = (*this)(cut->fade);
        if (Length* length = body.lasting())
            (*this)(*length);
        if (auto* appearance = body_if<AppearanceBody>(&body))
            appearance->later = (*this)(appearance->later);
        if (auto* pulse = body_if<PulseBody>(&body); pulse && pulse->shape) {
            Pulse shape = *pulse->shape;
            (*this)(shape);
            pulse->shape = std::make_shared<const Pulse>(std::move(shape));
        }
    }
    void operator()(Pin& pin) const {
        if (auto* musical = std::get_if<MusicalAnchor>(&pin.anchor))
            (*this)(musical->offset);
        if (auto* tied = std::get_if<MarkerAnchor>(&pin.anchor))
            (*this)(tied->offset);
        (*this)(pin.body);
    }
    void operator()(Lane& lane) const {
        (*this)(lane.lead);
        if (part_of<Showing>(lane)) {
            (*this)(part_of<Showing>(lane)->comes.length);
            (*this)(part_of<Showing>(lane)->goes.length);
            part_of<Showing>(lane)->early = (*this)(part_of<Showing>(lane)->early);
            part_of<Showing>(lane)->letter_delay *= ratio;
        }
        if (part_of<Motion>(lane)) {
            (*this)(part_of<Motion>(lane)->pulse);
            (*this)(part_of<Motion>(lane)->own.lead);
            for (auto& feed : part_of<Motion>(lane)->feeds)
                (*this)(feed.lead);
        }
        for (auto& pin : lane.pins)
            (*this)(pin);
    }
};

} // namespace

Project with_frame_rate(const Project& project, FrameRate rate) {
    Project next = project;
    Settings settings = *project.settings;
    const Recount recount{rate.per_second() / settings.frame_rate.per_second()};
    settings.frame_rate = rate;
    next.settings = std::make_shared<const Settings>(std::move(settings));
    for (auto& shared : next.lanes) {
        Lane lane = *shared;
        recount(lane);
        shared = std::make_shared<const Lane>(std::move(lane));
    }
    auto plantings = *project.plantings;
    for (auto& planting : plantings) {
        recount(planting.form.body);
        planting.nudge = recount(planting.nudge);
        if (auto* shots = std::get_if<ShotChoice>(&planting.form.choice))
            shots->shortest = recount(shots->shortest);
    }
    next.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
    auto pulses = *project.pulses;
    for (auto& pulse : pulses)
        recount(pulse);
    next.pulses = std::make_shared<const std::vector<Pulse>>(std::move(pulses));
    return next;
}

} // namespace pulsepin
