// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/text_boxes.h"

#include "kinds/layer_kinds.h"
#include "render/staged_places.h"
#include "schedule/piece_length.h"
#include "stage/staged_frame.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

bool is_title(const Project& project, LayerId id) {
    const Layer* layer = project.stage->layer(id);
    return layer && layer->kind == layers::title && !layer->hidden;
}

/// The box of each title that is seen at a frame and belongs to that appearance, or to none.
void add_boxes(const Curves& curves, Frames frame, const Lane* lane, PinId appearance,
               std::vector<TextBox>& boxes) {
    const auto staged = staged_at(curves, frame);
    const QSizeF half(staged.width / 2.0, staged.height / 2.0);
    for (const auto& place : staged_places(staged)) {
        if (place.layer->kind != layers::title || place.layer->appearance != appearance ||
            place.layer->text.empty())
            continue;
        const QRectF content = content_box(*place.layer, {}, QSize(staged.width, staged.height));
        if (content.isEmpty())
            continue;
        const QRectF box = seen_place(staged, *place.layer, place.around).mapRect(content);
        boxes.push_back({place.layer->id, lane ? lane->id : LaneId{}, appearance, frame,
                         box.left() / half.width(), box.top() / half.height(), box.right() / half.width(),
                         box.bottom() / half.height(), place.layer->text});
    }
}

/// How much of what appears is in the picture, where it first is as it will be.
double seen_when_it_came(const Curves& curves, const Lane& lane, const AppearanceSpan& span) {
    if (!std::holds_alternative<MarkerAnchor>(lane.pins[span.index].anchor))
        return 1;
    const Frames came = span.comes + Frames(static_cast<std::int64_t>(std::ceil(span.coming)));
    const Frames frame = std::clamp(came, span.comes, std::max(span.comes, span.end - Frames(1)));
    std::vector<TextBox> boxes;
    add_boxes(curves, frame, &lane, span.pin, boxes);
    if (boxes.empty())
        return 1;
    const auto& box = boxes.back();
    const auto inside = [](double low, double high) {
        return high > low ? std::max(0.0, std::min(high, 1.0) - std::max(low, -1.0)) / (high - low) : 1.0;
    };
    return inside(box.left, box.right) * inside(box.top, box.bottom);
}

} // namespace

std::vector<TextBox> text_boxes(const Curves& curves) {
    std::vector<TextBox> boxes;
    const Project& project = curves.project();
    for (const auto& lane : project.lanes) {
        if (!part_of<Showing>(*lane) || lane->muted || !is_title(project, part_of<Showing>(*lane)->layer))
            continue;
        for (const auto& span : curves.schedule.spans(lane->id).appearances) {
            if (span.muted)
                continue;
            const std::size_t before = boxes.size();
            add_boxes(curves, Frames((span.comes + span.end).value / 2), lane.get(), span.pin, boxes);
            const double seen = boxes.size() > before ? seen_when_it_came(curves, *lane, span) : 1;
            for (std::size_t i = before; i < boxes.size(); ++i)
                boxes[i].seen = seen;
        }
    }
    add_boxes(curves, Frames(piece_length(project).value / 2), nullptr, {}, boxes);
    return boxes;
}

} // namespace pulsepin
