// SPDX-License-Identifier: GPL-3.0-or-later
//
// A kind of lane, all of it: what its pins are and what can be told of them, the curve that they make, how it
// looks, and a line in both tables. A lane of levels goes, from each of its pins on, to a level and stays
// there.
#include "thirteenth/level_kind.h"

#include "drawing/timeline/lane_paint.h"
#include "follow/follow.h"
#include "kinds/kinds.h"
#include "kinds/lane_fields.h"
#include "looks/kind_looks.h"
#include "schedule/lane_spans.h"
#include "schedule/picker.h"

#include <QPainter>
#include <algorithm>

namespace pulsepin {
namespace {

using test::LevelBody;
using test::LevelCeiling;

// -- what it is

const PinProperty level_properties[] = {
    property<PinBody, &LevelBody::level>(
        {.id = "level", .label = "level", .unit = "%", .least = 0, .most = 100, .initial = 50},
        {.name = "level", .presence = Fields::required, .range = limits::percent}),
    property<PinBody, &LevelBody::over>(
        {.id = "over",
         .label = "over",
         .type = ParamType::Whole,
         .unit = "frames",
         .most = 1000,
         .initial = 12},
        {.name = "over_frames", .whole = limits::least_frames, .about = "from the level before"}),
    property<PinBody, &LevelBody::remark>({.id = "remark", .label = "remark", .type = ParamType::Text},
                                          {.name = "remark", .most = 40}),
};

void ceiling_fields(Fields& f, LevelCeiling& ceiling) {
    f.about("no level is higher").number("most", ceiling.most, limits::percent);
}

constexpr LanePartRow level_parts[] = {kinds::motion_part,
                                       lane_part<LevelCeiling, ceiling_fields>("ceiling", "level-ceiling")};

void level_spans(const Project&, const Lane& lane, const ResolvedLane& resolved, LaneSpans& spans) {
    std::vector<CurveKey> keys;
    double before = 0;
    for (const auto& pin : resolved.pins) {
        const auto& level = body_of<LevelBody>(lane.pins[pin.index].body);
        keys.push_back({pin.frame, before, held_easing()});
        const double reached = std::min(level.level, part_of<LevelCeiling>(lane)->most);
        keys.push_back({pin.frame + level.over, reached, {}});
        before = reached;
    }
    spans.keys = KeyCurve(std::move(keys));
}

const LaneKindRow level_row{
    .id = "levels",
    .plural = "Levels",
    .singular = "level",
    .counted = "levels",
    .from_the_start = false,
    .pin_body = body_type<LevelBody>,
    .empty_body = [] { return PinBody(LevelBody{}); },
    .name_of = [](const PinBody& body, const Project&) { return body_of<LevelBody>(body).remark; },
    .properties = level_properties,
    .parts = level_parts,
    .spans = level_spans,
    .share_at = [](const ShareContext& c) { return std::optional(c.spans.keys.value_at(c.frame) / 100); },
    .bodies =
        [](const Project&, const Lane&, std::span<const Picked> places, const PlantingForm& form) {
            return Result<PlacedBodies>(PlacedBodies(places.size(), form.body));
        },
};

// -- how it looks

double y_of(const LaneScene& s, double level) {
    return s.row.bottom() - 4 - (s.row.height() - 8) * level / 100;
}

void paint(QPainter& painter, const LaneScene& s) {
    QPolygonF line;
    for (double x = s.row.left(); x <= s.row.right(); x += 2) {
        const auto rate = s.scene.project.settings->frame_rate;
        const auto frame = static_cast<double>(rate.frame_at(s.scale.time(x)).value);
        line << QPointF(x, y_of(s, s.spans.keys.value_at(frame)));
    }
    painter.setPen(QPen(s.scene.palette.motion, 2));
    painter.drawPolyline(line);
}

const KindLook level_look{
    .kind = level_row,
    .height = [](const LaneSpans&) { return 40.0; },
    .paint = paint,
    .head_y = [](const LaneScene& s, const PinBody& body) { return y_of(s, body_of<LevelBody>(body).level); },
    .grip = head_grip,
    .head =
        [](QPointF at) {
            QPainterPath path;
            path.addEllipse(at, 5, 5);
            return path;
        },
    .colour = [](const Palette& palette) { return palette.motion; },
    .paint_score = paint,
    .selected = QT_TRANSLATE_NOOP("pulsepin::DetailPanel", "Selected: level “%1”"),
};

} // namespace

LaneKind test::level_kind() {
    return LaneKind(level_row);
}

// -- the tables, with one line more

std::span<const LaneKind> lane_kinds() {
    static const std::array table{
        LaneKind(kinds::marker_row),     LaneKind(kinds::word_row),    LaneKind(kinds::note_row),
        LaneKind(kinds::exposure_row),   LaneKind(kinds::cut_row),     LaneKind(kinds::sound_row),
        LaneKind(kinds::appearance_row), LaneKind(kinds::trigger_row), LaneKind(kinds::pulse_row),
        LaneKind(kinds::key_row),        LaneKind(kinds::pose_row),    LaneKind(kinds::follower_row),
        LaneKind(kinds::light_row),      LaneKind(level_row)};
    return table;
}

std::span<const KindLook* const> kind_looks() {
    static const std::array<const KindLook*, 14> table{
        &kinds::marker_look, &kinds::word_look,  &kinds::note_look,       &kinds::exposure_look,
        &kinds::cut_look,    &kinds::sound_look, &kinds::appearance_look, &kinds::trigger_look,
        &kinds::pulse_look,  &kinds::key_look,   &kinds::pose_look,       &kinds::follower_look,
        &kinds::light_look,  &level_look};
    return table;
}

} // namespace pulsepin
