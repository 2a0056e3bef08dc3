// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/text_boxes.h"

#include "render/staged_places.h"
#include "schedule/piece_length.h"
#include "stage/staged_frame.h"

#include <algorithm>

namespace pulsepin {
namespace {

bool is_title(const Project& project, LayerId id) {
    const Layer* layer = project.stage->layer(id);
    return layer && layer->kind == LayerKind::Title && !layer->hidden;
}

/// The box of each title that is seen at a frame and belongs to that appearance, or to none.
void add_boxes(const Curves& curves, Frames frame, const Lane* lane, PinId appearance,
               std::vector<TextBox>& boxes) {
    const auto staged = staged_at(curves, frame);
    const QSizeF half(staged.width / 2.0, staged.height / 2.0);
    for (const auto& place : staged_places(staged)) {
        if (place.layer->kind != LayerKind::Title || place.layer->appearance != appearance ||
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

} // namespace

std::vector<TextBox> text_boxes(const Curves& curves) {
    std::vector<TextBox> boxes;
    const Project& project = curves.project();
    for (const auto& lane : project.lanes) {
        if (!lane->showing || lane->muted || !is_title(project, lane->showing->layer))
            continue;
        for (const auto& span : curves.schedule.spans(lane->id).appearances)
            if (!span.muted)
                add_boxes(curves, Frames((span.comes + span.end).value / 2), lane.get(), span.pin, boxes);
    }
    add_boxes(curves, Frames(piece_length(project).value / 2), nullptr, {}, boxes);
    return boxes;
}

} // namespace pulsepin
