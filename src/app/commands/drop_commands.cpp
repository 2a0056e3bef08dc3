// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/drop_commands.h"

#include "drawing/timeline/timeline_view.h"
#include "hand/driving.h"
#include "hand/hits.h"
#include "hand/poses.h"
#include "hand/seen_values.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "model/stage_edits.h"
#include "pages/stops/words_page.h"
#include "parts/targets.h"
#include "picture/picture_hands.h"
#include "schedule/place.h"
#include "schedule/shots.h"
#include "session/composition_shelf.h"
#include "session/core_words.h"
#include "stage/layer_values.h"
#include "time/musical_text.h"

#include <cmath>

namespace pulsepin {

/// The lane drives that too; as its own property where it drove nothing in the picture yet.
void DropCommands::feed_lane(LaneId id, const Target& target) {
    const Lane* lane = document_.project().lane(id);
    if (!lane->kind->drives())
        return document_.say(tr("Drop it on a lane that drives something."));
    Motion motion = *part_of<Motion>(*lane);
    if (holds<PoseBody>(lane->kind))
        motion = pose_motion(target.layer);
    else if (motion.own.target.layer.value == 0)
        motion.own = new_feed(document_.project(), target);
    else
        motion.feeds.push_back(new_feed(document_.project(), target));
    if (document_.apply(with_motion(document_.project(), id, std::move(motion)),
                        tr("drive %1").arg(target_text(document_.project(), target))))
        document_.say(tr("“%1” drives %2")
                          .arg(QString::fromStdString(document_.project().lane(id)->name),
                               target_text(document_.project(), target)));
}

std::optional<TimeSpan> DropCommands::range() const {
    return view_.range() ? std::optional(TimeSpan{view_.range()->from, view_.range()->until}) : std::nullopt;
}

void DropCommands::drop_on_row(const Target& target, std::size_t row) {
    hit_on(target, document_.project().detection->rows[row].name, {});
}

void DropCommands::hit_on(const Target& target, const std::string& name, Qt::KeyboardModifiers keys) {
    const int every = keys & Qt::ShiftModifier ? 2 : 1;
    const auto& project = document_.project();
    const auto hits = with_hits(project, target, name, range(), every);
    if (!hits)
        return document_.say(spoken(hits.error()));
    const QString what = target_text(project, target);
    const QString where =
        (every > 1 ? tr("every second %1") : tr("every %1")).arg(QString::fromStdString(name));
    if (!document_.apply(Result<Project>(hits->project), tr("%1 on %2").arg(what, where)))
        return;
    view_.choose_lane(hits->lane);
    timeline_.reveal_lane(hits->lane);
    document_.say(tr("%1 pulses: %2 on %3").arg(hits->count).arg(what, where));
}

/// One pin of the lane's kind on each of the row's onsets, as one planting.
void DropCommands::place_row(LaneId id, const std::string& row) {
    const Project& project = document_.project();
    auto placed = place(project, id, picker_of_row(project, row, range()));
    if (!placed)
        return document_.say(spoken(placed.error()));
    const QString lane = QString::fromStdString(project.lane(id)->name);
    if (document_.apply(Result<Project>(std::move(placed->project)),
                        tr("%1 on every %2").arg(lane, QString::fromStdString(row))))
        document_.say(tr("%1 placed on “%2”").arg(placed->count).arg(lane));
    view_.choose_lane(id);
}

void DropCommands::use_ready(const ReadyThing& thing, const CompositionPlace& place) {
    const auto composition = CompositionShelf().named(thing.name);
    if (!composition)
        return document_.say(tr("“%1” is there no more.").arg(QString::fromStdString(thing.name)));
    const auto& project = document_.project();
    const auto use = use_let_go(project, place, range());
    auto used =
        use.and_then([&](const CompositionUse& how) { return with_composition(project, *composition, how); });
    if (!used)
        return document_.say(spoken(used.error()));
    const QString from = QString::fromStdString(format_position(project.grid->position_of(use->from))),
                  until = QString::fromStdString(format_position(project.grid->position_of(use->until)));
    if (!document_.apply(Result<Project>(std::move(used->project)), tr("use composition")))
        return;
    if (used->layer.value != 0)
        view_.choose_layer(used->layer);
    if (!used->lanes.empty()) {
        view_.choose_lane(used->lanes.front());
        timeline_.reveal_lane(used->lanes.front());
    }
    document_.say(tr("“%1” from %2 to %3; each of its layers and lanes can be changed")
                      .arg(QString::fromStdString(thing.name), from, until));
}

void DropCommands::drop_on_lane(const Dragged& item, LaneId id, std::optional<PinId> pin, Seconds time) {
    if (const auto* row = std::get_if<RowOfOnsets>(&item))
        return place_row(id, row->name);
    if (const auto* ready = std::get_if<ReadyThing>(&item))
        return use_ready(*ready, {.at = time, .lane = id, .pin = pin});
    if (const auto* target = std::get_if<Target>(&item))
        return feed_lane(id, *target);
    if (const auto* layer = std::get_if<LayerId>(&item)) {
        const Lane* lane = document_.project().lane(id);
        const std::string own =
            part_of<Motion>(*lane) ? part_of<Motion>(*lane)->own.target.parameter : std::string();
        return feed_lane(id, {*layer, own.empty() ? "scale" : own});
    }
    const auto* word = std::get_if<WaitingWord>(&item);
    const DraggedItem dropped = word                                   ? DraggedItem(*word)
                                : std::holds_alternative<ClipId>(item) ? DraggedItem(std::get<ClipId>(item))
                                                                       : DraggedItem(std::get<Pulse>(item));
    if (word) // as taps are, not as what is dragged is
        time = pulled(document_.schedule(), time);
    auto edited = dropped_on_lane(document_.schedule(), dropped, id, pin, time);
    if (!edited)
        return document_.say(spoken(edited.error()));
    document_.apply(std::move(edited->project), word                                   ? tr("set word")
                                                : std::holds_alternative<ClipId>(item) ? tr("drop shot")
                                                                                       : tr("drop pulse"));
    if (!edited->selected.empty())
        view_.select(std::move(edited->selected));
}

void DropCommands::cut_to(ClipId clip, bool replacing) {
    const Lane* shots = view_.lane_of_kind(document_.project(), kind_of(body_type<CutBody>));
    if (!shots)
        return document_.say(tr("There is no lane of cuts yet: add one first."));
    const Seconds at = snapped(view_.playhead());
    const auto* seen =
        shot_at(document_.schedule().spans(shots->id).shots, rate().frame_at(view_.playhead()));
    const auto under = seen ? std::optional(seen->cut) : std::nullopt;
    drop_on_lane(clip, shots->id, cut_taken_over(document_.schedule(), *shots, under, at, replacing), at);
}

void DropCommands::add_picture(ClipId id, QPointF pixel) {
    const Clip* clip = document_.project().clip(id);
    if (!clip || !clip->has_picture)
        return document_.say(tr("It has no picture."));
    Layer layer{{}, layers::picture, clip->name};
    layer.picture = id;
    layer.values = {{"position-x", pixel.x()}, {"position-y", pixel.y()}, {"scale", 50}};
    auto next = with_layer(document_.project(), std::move(layer));
    if (!next)
        return document_.say(spoken(next.error()));
    const LayerId made = next->stage->layers[next->stage->layers.size() - 2].id;
    document_.apply(*std::move(next), tr("add picture"));
    view_.choose_layer(made);
}

void DropCommands::drop_on_picture(const Dragged& item, QPointF at, Qt::KeyboardModifiers keys) {
    const QPointF pixel(std::round(at.x()), std::round(at.y()));
    const auto& project = document_.project();
    if (const auto* ready = std::get_if<ReadyThing>(&item))
        return use_ready(*ready, {.at = view_.playhead()});
    if (const auto* id = std::get_if<ClipId>(&item))
        return keys & Qt::ShiftModifier ? add_picture(*id, pixel) : cut_to(*id, keys & Qt::ControlModifier);
    if (const auto* row =
            std::get_if<RowOfOnsets>(&item)) { // where nothing lies over them, all of the picture
        const auto under = hands_.layer_under(pixel);
        const Layer* layer = under ? project.stage->layer(*under) : nullptr;
        const bool own = layer && layer->kind != layers::shots;
        return hit_on({own ? layer->id : project.stage->layers.back().id, "scale"}, row->name, keys);
    }
    const Frames frame = project.settings->frame_rate.frame_at(view_.playhead());
    if (const auto* id = std::get_if<LayerId>(&item)) {
        document_.apply(with_seen_values(document_.curves(), *id,
                                         {{"position-x", pixel.x()}, {"position-y", pixel.y()}}, frame),
                        tr("place layer"));
        return view_.choose_layer(*id);
    }
    if (const auto* target = std::get_if<Target>(&item)) {
        const auto under = hands_.layer_under(pixel);
        const auto* row = layer_parameter(target->parameter);
        if (!under || !row)
            return document_.say(tr("Drop it on a layer in the picture."));
        const double value = row->usual_high != row->initial ? row->usual_high : row->usual_low;
        document_.apply(with_seen_values(document_.curves(), *under, {{target->parameter, value}}, frame),
                        tr("change layer"));
        return view_.choose_layer(*under);
    }
    document_.say(tr("Drop a pulse on a lane of pulses."));
}

} // namespace pulsepin
