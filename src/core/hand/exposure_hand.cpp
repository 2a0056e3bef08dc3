// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/exposure_hand.h"

#include "model/change_pins.h"
#include "model/stage_edits.h"
#include "schedule/exposures.h"

#include <algorithm>
#include <map>

namespace pulsepin {
namespace {

Result<const Lane*> lane_to_draw(const Project& project, LaneId id) {
    const Lane* lane = project.lane(id);
    if (!lane || !part_of<Exposing>(*lane))
        return fail("That lane of exposures is no longer there.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    return lane;
}

/// By their time; all of the lane where none is listed.
std::vector<PinId> in_order(const Project& project, const Lane& lane, std::span<const PinId> pins) {
    const PinSet listed(pins);
    std::vector<PinId> ordered;
    for (const auto& pin : resolve(project, lane).pins)
        if ((pins.empty() || listed.contains(pin.id)) && !lane.pins[pin.index].locked)
            ordered.push_back(pin.id);
    return ordered;
}

ExposureBody run_of(const Numbering& numbering) {
    ExposureBody run;
    run.drawing = std::to_string(numbering.first);
    run.last = numbering.last;
    run.way = static_cast<ExposureBody::Way>(numbering.way);
    return run;
}

} // namespace

Result<Project> with_drawings_numbered(const Project& project, LaneId id, std::span<const PinId> pins,
                                       const Numbering& numbering) {
    const auto lane = lane_to_draw(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    const auto ordered = in_order(project, **lane, pins);
    if (ordered.empty())
        return fail("There are no drawings to number.", {}, "Place some first, or tap a rhythm.");
    const ExposureBody run = run_of(numbering);
    const std::int64_t count = std::abs(numbering.last - numbering.first) + 1;
    const std::int64_t turn = numbering.way == Numbering::Way::ToAndFro && count > 1 ? 2 * count - 2 : count;
    std::map<PinId, int> numbers;
    for (std::size_t i = 0; i < ordered.size(); ++i) {
        auto place = static_cast<std::int64_t>(i);
        if (!numbering.again)
            place = std::min(place, turn - 1);
        numbers[ordered[i]] = number_in_run(run, numbering.first, place);
    }
    return with_each_pin(
        project, [&](const Lane& one, const Pin& pin) { return one.id == id && numbers.contains(pin.id); },
        [&](Pin& pin) {
            auto& body = body_of<ExposureBody>(pin.body);
            body.drawing = std::to_string(numbers[pin.id]);
            body.last = 0;
        });
}

Result<Project> with_drawings_held(const Project& project, LaneId id, std::span<const PinId> pins,
                                   const Numbering& run, Frames each) {
    const auto lane = lane_to_draw(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    const auto ordered = in_order(project, **lane, pins);
    if (ordered.empty())
        return fail("There are no drawings yet.", {}, "Place some first, or tap a rhythm.");
    const PinSet meant(ordered);
    return with_each_pin(
        project, [&](const Lane& one, const Pin& pin) { return one.id == id && meant.contains(pin.id); },
        [&](Pin& pin) {
            auto& body = body_of<ExposureBody>(pin.body);
            if (each == Frames(0)) {
                body.last = 0;
                return;
            }
            body = run_of(run);
            body.each = each;
            body.again = run.again;
        });
}

Result<WithLayer> with_layer_of_drawings(const Project& project, LaneId id, ClipId sequence) {
    const Lane* lane = project.lane(id);
    if (!lane || !part_of<Exposing>(*lane))
        return fail("That lane of exposures is no longer there.");
    const Clip* clip = project.clip(sequence);
    if (!clip || !clip->has_picture)
        return fail("It has no picture.", {}, "Add the numbered pictures first (stop Song, Add shots).");
    Layer layer{{}, layers::picture, lane->name};
    layer.picture = sequence;
    layer.drawings = id;
    auto added = with_layer(project, std::move(layer));
    if (!added)
        return tl::unexpected(added.error());
    const LayerId made = added->stage->layers[added->stage->layers.size() - 2].id;
    return WithLayer{*std::move(added), made, id};
}

Result<Project> with_drawing_picture(const Project& project, LaneId id, std::string drawing, ClipId picture) {
    const auto lane = lane_to_draw(project, id);
    if (!lane)
        return tl::unexpected(lane.error());
    return with_changed_lane(project, id, [&](Lane& changed) {
        auto& pictures = part_of<Exposing>(changed)->pictures;
        std::erase_if(pictures, [&](const Exposing::Named& named) { return named.drawing == drawing; });
        if (picture.value != 0)
            pictures.push_back({std::move(drawing), picture});
    });
}

} // namespace pulsepin
