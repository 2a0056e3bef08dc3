// SPDX-License-Identifier: GPL-3.0-or-later
#include "timeline/lane_views.h"

#include "model/lane_kinds.h"
#include "timeline/curve_lanes.h"
#include "timeline/pin_heads.h"
#include "timeline/sound_lane.h"

#include <QFontMetricsF>
#include <QImage>
#include <QPainterPath>
#include <algorithm>
#include <array>
#include <cmath>
#include <set>

namespace pulsepin {
namespace {

constexpr double reach = 8; // pixels around a head that still count as on it

/// Pins whose heads may be seen, and the next one on either side.
std::span<const ResolvedPin> visible_pins(const LaneScene& s) {
    const auto& pins = s.resolved.pins;
    const Seconds margin(reach / s.scene.scale.pixels_per_second);
    const auto before = [](const ResolvedPin& pin, Seconds t) { return pin.time < t; };
    auto first = std::lower_bound(pins.begin(), pins.end(), s.scene.scale.start - margin, before);
    auto last = std::lower_bound(first, pins.end(), s.scene.scale.end() + margin, before);
    return {first, last};
}

std::optional<PinId> head_under(const LaneScene& s, QPointF at) {
    std::optional<PinId> nearest;
    double distance = reach;
    for (const auto& pin : visible_pins(s)) {
        const double d = std::abs(s.scene.scale.x(pin.time) - at.x());
        if (d <= distance) {
            distance = d;
            nearest = pin.id;
        }
    }
    return nearest;
}

bool selected(const LaneScene& s, PinId id) {
    return s.scene.view.selection().contains(id);
}

HeadLook look_of(const LaneScene& s, const ResolvedPin& pin) {
    return pulsepin::look_of(s.lane.pins[pin.index], s.lane, selected(s, pin.id), pin.shares_frame);
}

/// Closer together than this, heads would only cover each other: each is a stroke then.
bool crowded(const LaneScene& s, std::span<const ResolvedPin> pins) {
    return static_cast<double>(pins.size()) * 6 > s.row.width();
}

void draw_stroke(QPainter& painter, const LaneScene& s, const ResolvedPin& pin, double y) {
    const auto look = look_of(s, pin);
    painter.fillRect(QRect(static_cast<int>(s.scene.scale.x(pin.time)) - 1, static_cast<int>(y) - 5, 2, 11),
                     look.selected ? s.scene.palette.selection : head_colour(look, s.scene.palette));
}

// -- markers

void paint_markers(QPainter& painter, const LaneScene& s) {
    const auto pins = visible_pins(s);
    const double y = s.row.center().y();
    QFont font = painter.font();
    font.setPixelSize(12);
    font.setWeight(QFont::Medium);
    painter.setFont(font);
    const QFontMetricsF metrics(font);
    const bool strokes = crowded(s, pins);
    for (std::size_t i = 0; i < pins.size(); ++i) {
        if (strokes) {
            draw_stroke(painter, s, pins[i], y);
            continue;
        }
        const double x = s.scene.scale.x(pins[i].time);
        const auto look = look_of(s, pins[i]);
        const auto& body = std::get<MarkerBody>(s.lane.pins[pins[i].index].body);
        const QColor colour = head_colour(look, s.scene.palette);
        if (const auto length = duration_of(body.length, pins[i].time, s.scene.project))
            painter.fillRect(QRectF(x, y - 1.5, s.scene.scale.x(pins[i].time + *length) - x, 3), colour);
        draw_head(painter, look, {x, y}, s.scene.palette);
        const double room =
            (i + 1 < pins.size() ? s.scene.scale.x(pins[i + 1].time) : s.row.right()) - x - 22;
        if (room < 12)
            continue;
        painter.setPen(colour);
        painter.drawText(QPointF(x + 10, y + metrics.capHeight() / 2),
                         metrics.elidedText(QString::fromStdString(body.name), Qt::ElideRight, room));
    }
}

std::optional<PinId> hit_markers(const LaneScene& s, QPointF at) {
    return head_under(s, at);
}

// -- cuts

QRectF shot_rect(const LaneScene& s, const ShotSpan& span) {
    const auto rate = s.scene.project.settings->frame_rate;
    const double from = s.scene.scale.x(rate.start_of(span.start)),
                 until = s.scene.scale.x(rate.start_of(span.end));
    return QRectF(from, s.row.top() + 10, until - from, s.row.height() - 16);
}

std::size_t bin_index(const Project& project, ClipId id) {
    const auto& bin = *project.bin;
    return static_cast<std::size_t>(
        std::find_if(bin.begin(), bin.end(), [id](const Clip& c) { return c.id == id; }) - bin.begin());
}

void paint_shot(QPainter& painter, const LaneScene& s, const ShotSpan& span) {
    const QRectF rect = shot_rect(s, span);
    const QRectF seen = rect & s.row;
    if (seen.width() <= 0)
        return;
    const auto& palette = s.scene.palette;
    const auto index = bin_index(s.scene.project, span.shot);
    const bool known = index < s.scene.project.bin->size();
    const bool narrow = seen.width() < 6; // no room for more than its colour; many such are drawn quickly
    const QColor ground = narrow && selected(s, span.cut) ? palette.selection
                          : known                         ? palette.shot[index % 6]
                                                          : palette.paper_line;
    painter.fillRect(QRectF(seen.left(), seen.top(), std::max(1.0, seen.width() - 1), seen.height()).toRect(),
                     ground);
    if (narrow)
        return;
    painter.setPen(Qt::NoPen);
    if (span.too_short) { // hatched where the clip's last picture stands still
        const Clip* clip = s.scene.project.clip(span.shot);
        const auto rate = s.scene.project.settings->frame_rate;
        const double still = s.scene.scale.x(rate.start_of(span.start) + (clip->duration - span.in_point));
        painter.setBrush(QBrush(palette.shot_text, Qt::BDiagPattern));
        painter.setOpacity(0.35);
        painter.drawRect(QRectF(std::max(still, seen.left()), seen.top(),
                                seen.right() - std::max(still, seen.left()) - 1, seen.height()));
        painter.setOpacity(1);
    }
    if (span.fade > Frames(0)) { // the incoming shot grows from the first frame of the cross-fade to its last
        const auto rate = s.scene.project.settings->frame_rate;
        const double left = s.scene.scale.x(rate.start_of(fade_start(span))),
                     right = s.scene.scale.x(rate.start_of(fade_start(span) + span.fade));
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(palette.shot_text, 1.2));
        painter.setBrush(known ? palette.shot[index % 6] : palette.paper_line);
        painter.drawPolygon(QPolygonF(
            {QPointF(left, seen.bottom()), QPointF(right, seen.top()), QPointF(right, seen.bottom())}));
        painter.setRenderHint(QPainter::Antialiasing, false);
    }
    if (selected(s, span.cut)) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(palette.selection, 2));
        painter.drawRect(seen.adjusted(1, 1, -2, -1));
    }
    if (seen.width() > 26) {
        QFont font = painter.font();
        font.setPixelSize(12);
        font.setWeight(QFont::Medium);
        painter.setFont(font);
        painter.setPen(palette.shot_text);
        const QString name =
            known ? QString::fromStdString((*s.scene.project.bin)[index].name) : QStringLiteral("no shot");
        const QRectF text = seen.adjusted(10, 3, -4, 0);
        painter.drawText(text, Qt::AlignVCenter | Qt::AlignLeft,
                         QFontMetricsF(font).elidedText(name, Qt::ElideRight, text.width()));
    }
}

std::span<const ShotSpan> visible_shots(const LaneScene& s) {
    const auto& shots = s.spans.shots;
    const auto rate = s.scene.project.settings->frame_rate;
    const Frames first = rate.frame_at(s.scene.scale.start), last = rate.frame_at(s.scene.scale.end());
    const auto from =
        std::partition_point(shots.begin(), shots.end(), [&](const ShotSpan& x) { return x.end < first; });
    const auto until =
        std::partition_point(from, shots.end(), [&](const ShotSpan& x) { return x.start <= last; });
    return {from, until};
}

void paint_cuts(QPainter& painter, const LaneScene& s) {
    for (const auto& span : visible_shots(s))
        paint_shot(painter, s, span);
    const auto pins = visible_pins(s);
    const bool strokes = crowded(s, pins);
    for (const auto& pin : pins)
        if (strokes)
            draw_stroke(painter, s, pin, s.row.top() + 6);
        else
            draw_head(painter, look_of(s, pin), {s.scene.scale.x(pin.time), s.row.top() + 5},
                      s.scene.palette);
}

std::optional<PinId> hit_cuts(const LaneScene& s, QPointF at) {
    if (const auto head = head_under(s, at))
        return head;
    for (const auto& span : visible_shots(s))
        if (shot_rect(s, span).contains(at))
            return span.cut;
    return std::nullopt;
}

// -- triggers

QRectF trigger_rect(const LaneScene& s, const TriggerSpan& span, int rows) {
    const auto rate = s.scene.project.settings->frame_rate;
    const double from = s.scene.scale.x(rate.start_of(span.start)),
                 until = s.scene.scale.x(rate.start_of(span.end));
    const QRectF row = trigger_row(s.row, span.row, rows);
    return {from, row.top(), until - from, row.height()};
}

std::span<const TriggerSpan> visible_triggers(const LaneScene& s) {
    const auto& spans = s.spans.triggers;
    const auto rate = s.scene.project.settings->frame_rate;
    const Frames last = rate.frame_at(s.scene.scale.end()) + Frames(1);
    const Frames first = rate.frame_at(s.scene.scale.start);
    auto from = std::partition_point(spans.begin(), spans.end(),
                                     [&](const TriggerSpan& x) { return x.start < first; });
    // Of those that began before, only the last of each row may still last.
    std::set<int> rows;
    for (int steps = 0; from != spans.begin() && steps < 1000; ++steps) {
        --from;
        rows.insert(from->row);
        if (std::ssize(rows) == s.spans.rows)
            break;
    }
    const auto until =
        std::partition_point(from, spans.end(), [&](const TriggerSpan& x) { return x.start <= last; });
    return {from, until};
}

QColor as_colour(Colour colour) {
    return QColor::fromRgb(static_cast<QRgb>(colour.rgb));
}

void paint_triggers(QPainter& painter, const LaneScene& s) {
    const auto& p = s.scene.palette;
    const int rows = s.spans.rows;
    for (const auto& span : visible_triggers(s)) {
        const QRectF whole = trigger_rect(s, span, rows);
        const QRectF seen = whole & s.row;
        if (seen.width() <= 0 || span.hidden)
            continue;
        const auto& body = std::get<TriggerBody>(s.lane.pins[span.index].body);
        // As high as it is strong.
        const double high = std::max(3.0, whole.height() * std::clamp(body.strength / 100, 0.1, 1.0));
        const QRectF bar(seen.left(), whole.bottom() - high, std::max(1.5, seen.width() - 1), high);
        const bool marked = selected(s, span.pin);
        if (bar.width() < 5) { // no room for more than its colour; many such are drawn quickly
            painter.fillRect(bar.toRect().adjusted(0, 0, 1, 0), marked ? p.selection : as_colour(body.from));
            continue;
        }
        painter.setOpacity(span.muted ? 0.2 : 0.8);
        if (body.from == body.to) {
            painter.fillRect(bar, as_colour(body.from));
        } else {
            QLinearGradient ramp(whole.left(), 0, whole.right(), 0);
            ramp.setColorAt(0, as_colour(body.from));
            ramp.setColorAt(1, as_colour(body.to));
            painter.fillRect(bar, ramp);
        }
        painter.setOpacity(1);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(p.trigger, 1));
        painter.drawRect(bar);
        if (span.cut_short) { // a step at the end: it would have lasted longer
            painter.fillRect(QRectF(bar.right() - 3, bar.top(), 3, bar.height()), p.trigger);
        }
        if (marked) {
            painter.setPen(QPen(p.selection, 2));
            painter.drawRect(bar.adjusted(1, 1, -1, -1));
        }
    }
    const auto pins = visible_pins(s);
    const bool strokes = crowded(s, pins);
    for (const auto& pin : pins) {
        const double y = trigger_row(s.row, row_of(s.lane.pins[pin.index].body), rows).center().y();
        if (strokes)
            draw_stroke(painter, s, pin, y);
        else
            draw_head(painter, look_of(s, pin), {s.scene.scale.x(pin.time), y}, p);
    }
}

std::optional<PinId> hit_triggers(const LaneScene& s, QPointF at) {
    const int rows = s.spans.rows;
    std::optional<PinId> nearest;
    double distance = reach + 2;
    for (const auto& pin : visible_pins(s)) {
        const QRectF row = trigger_row(s.row, row_of(s.lane.pins[pin.index].body), rows);
        if (at.y() < row.top() - 2 || at.y() > row.bottom() + 2)
            continue;
        const double d = std::abs(s.scene.scale.x(pin.time) + 4 - at.x()); // the middle of the triangle
        if (d <= distance) {
            distance = d;
            nearest = pin.id;
        }
    }
    if (nearest)
        return nearest;
    for (const auto& span : visible_triggers(s))
        if (trigger_rect(s, span, rows).contains(at))
            return span.pin;
    return std::nullopt;
}

// -- what drives properties

double key_y(const Lane& lane, const LaneSpans& spans, const PinBody& body, double height) {
    const auto* key = std::get_if<KeyBody>(&body);
    return key ? curve_scale(lane, spans, height).y(key->value) : 8.0;
}

/// How much earlier the lane acts: from the head to what it drives.
void paint_lead(QPainter& painter, const LaneScene& s, const ResolvedPin& pin, QPointF head) {
    const double x = s.scene.scale.x(pin.acts_at);
    if (std::abs(x - head.x()) < 9)
        return;
    const double towards = x < head.x() ? 1 : -1;
    painter.setPen(QPen(s.scene.palette.motion, 1));
    painter.drawLine(QPointF(head.x() - 6 * towards, head.y()), QPointF(x, head.y()));
    painter.drawLine(QPointF(x, head.y()), QPointF(x + 3 * towards, head.y() - 3));
    painter.drawLine(QPointF(x, head.y()), QPointF(x + 3 * towards, head.y() + 3));
}

/// The curve with a bead where each pulse or key is.
void paint_motion(QPainter& painter, const LaneScene& s) {
    paint_curve(painter, s);
    const auto pins = visible_pins(s);
    const bool strokes = crowded(s, pins);
    const bool leads = time_of(s.lane.lead, s.scene.project.settings->frame_rate) != Seconds(0);
    for (const auto& pin : pins) {
        const double y = s.row.top() + key_y(s.lane, s.spans, s.lane.pins[pin.index].body, s.row.height());
        const QPointF head(s.scene.scale.x(pin.time), y);
        if (strokes) {
            draw_stroke(painter, s, pin, y);
            continue;
        }
        if (leads)
            paint_lead(painter, s, pin, head);
        draw_head(painter, look_of(s, pin), head, s.scene.palette);
    }
}

std::optional<PinId> hit_keys(const LaneScene& s, QPointF at) {
    std::optional<PinId> nearest;
    double distance = reach;
    for (const auto& pin : visible_pins(s)) {
        const double y = s.row.top() + key_y(s.lane, s.spans, s.lane.pins[pin.index].body, s.row.height());
        const double d = std::max(std::abs(s.scene.scale.x(pin.time) - at.x()), std::abs(y - at.y()));
        if (d <= distance) {
            distance = d;
            nearest = pin.id;
        }
    }
    return nearest;
}

// -- sounds

void paint_sound_lane(QPainter& painter, const LaneScene& s) {
    paint_sounds(painter, s);
}

std::optional<PinId> hit_sounds(const LaneScene& s, QPointF at) {
    const auto under = sound_under(s, at);
    return under ? std::optional(under->pin) : std::nullopt;
}

constexpr double trigger_row_height = 17;

constexpr std::array<LaneView, 7> views{{
    {LaneKind::Marker, [](const LaneSpans&) { return 30.0; },
     [](const Lane&, const LaneSpans&, const PinBody&, double height) { return height / 2; }, paint_markers,
     hit_markers},
    {LaneKind::Cut, [](const LaneSpans&) { return 50.0; },
     [](const Lane&, const LaneSpans&, const PinBody&, double) { return 5.0; }, paint_cuts, hit_cuts},
    {LaneKind::Sound, [](const LaneSpans&) { return 52.0; },
     [](const Lane&, const LaneSpans&, const PinBody&, double) { return 26.0; }, paint_sound_lane,
     hit_sounds},
    {LaneKind::Trigger, [](const LaneSpans& spans) { return 16 + trigger_row_height * spans.rows; },
     [](const Lane&, const LaneSpans& spans, const PinBody& body, double height) {
         return trigger_row(QRectF(0, 0, 1, height), row_of(body), spans.rows).center().y();
     },
     paint_triggers, hit_triggers},
    {LaneKind::Motion, [](const LaneSpans&) { return 58.0; },
     [](const Lane&, const LaneSpans&, const PinBody&, double) { return 8.0; }, paint_motion, hit_markers},
    {LaneKind::Keys, [](const LaneSpans&) { return 58.0; }, key_y, paint_motion, hit_keys},
    {LaneKind::Follow, [](const LaneSpans&) { return 64.0; }, key_y, paint_motion, hit_keys},
}};

} // namespace

const LaneView& lane_view(LaneKind kind) {
    return *std::find_if(views.begin(), views.end(),
                         [kind](const LaneView& view) { return view.kind == kind; });
}

QRectF trigger_row(const QRectF& row, int number, int rows) {
    const double height = (row.height() - 8) / rows;
    return {row.left(), row.top() + 4 + height * number + 1, row.width(), height - 2};
}

std::optional<PinId> trigger_end_under(const LaneScene& s, QPointF at) {
    const int rows = s.spans.rows;
    for (const auto& span : visible_triggers(s)) {
        const QRectF rect = trigger_rect(s, span, rows);
        if (!span.hidden && at.y() >= rect.top() && at.y() <= rect.bottom() &&
            std::abs(at.x() - rect.right()) <= 4 && rect.width() > 14)
            return span.pin;
    }
    return std::nullopt;
}

std::optional<PinId> shot_under(const LaneScene& s, QPointF at) {
    for (const auto& span : visible_shots(s))
        if (shot_rect(s, span).contains(at))
            return span.cut;
    return std::nullopt;
}

QRectF bar_of_shot(const LaneScene& s, PinId cut) {
    for (const auto& span : visible_shots(s))
        if (span.cut == cut)
            return shot_rect(s, span);
    return {};
}

void paint_stems(QPainter& painter, const LaneScene& s, double top) {
    if (s.lane.kind == LaneKind::Sound || s.lane.kind == LaneKind::Follow)
        return; // a sound lies on its lane, it does not hang
    const QColor colour = head_colour(s.lane.kind, s.scene.palette);
    const auto& view = lane_view(s.lane.kind);
    const double bottom =
        s.row.top() + 1 + view.head_y(s.lane, s.spans, lane_kind(s.lane.kind).empty_body(), s.row.height());
    const auto pins = visible_pins(s);
    if (crowded(s, pins)) // a wash of lines would tell nothing and veil the song
        return;
    constexpr std::size_t many =
        48; // from here on one row of pixels pulled down is quicker than single lines
    QImage row;
    QPainter line;
    const double ratio = painter.device()->devicePixelRatioF();
    if (pins.size() >= many) {
        row = QImage(static_cast<int>(std::ceil(s.row.width() * ratio)), 1,
                     QImage::Format_ARGB32_Premultiplied);
        row.fill(Qt::transparent);
        line.begin(&row);
    }
    double last_x = -1e9;
    for (const auto& pin : pins) {
        const double x = std::round(s.scene.scale.x(pin.time)) + 0.5;
        if (x == last_x)
            continue;
        last_x = x;
        if (line.isActive() && pin.pinned)
            line.fillRect(
                QRectF(std::floor((x - s.row.left()) * ratio), 0, std::max(1.0, std::round(ratio)), 1),
                stem_colour(colour));
        else
            draw_stem(painter, x, top, bottom, colour, pin.pinned);
    }
    if (line.isActive()) {
        line.end();
        painter.drawImage(QRectF(s.row.left(), top, s.row.width(), bottom - top), row);
    }
}

void draw_left_out(QPainter& painter, QPointF at, const QColor& colour) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, 1.6));
    painter.drawLine(at + QPointF(-3.5, -3.5), at + QPointF(3.5, 3.5));
    painter.drawLine(at + QPointF(-3.5, 3.5), at + QPointF(3.5, -3.5));
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void paint_left_out(QPainter& painter, const LaneScene& s) {
    if (!s.scene.project.grid)
        return;
    for (const auto& planting : *s.scene.project.plantings) {
        if (planting.lane != s.lane.id)
            continue;
        const double y =
            s.row.top() + lane_view(s.lane.kind).head_y(s.lane, s.spans, planting.form.body, s.row.height());
        for (const Ticks home : planting.left_out) {
            const auto time = anchored_time(planting.place_of(home), s.scene.project);
            const double x = s.scene.scale.x(*time);
            if (x > s.row.left() - reach && x < s.row.right() + reach)
                draw_left_out(painter, {x, std::max(y, s.row.top() + 7)},
                              head_colour(s.lane.kind, s.scene.palette));
        }
    }
}

void paint_outlines(QPainter& painter, const LaneScene& s) {
    const auto& outlines = s.scene.view.outlines();
    if (!outlines || s.scene.view.outline_lane() != s.lane.id)
        return;
    QPen line(head_colour(s.lane.kind, s.scene.palette), 1);
    line.setDashPattern({2, 3});
    const auto& view = lane_view(s.lane.kind);
    const auto place = [&](const PlacePreview::Outline& outline) {
        return s.row.top() + view.head_y(s.lane, s.spans, outline.body, s.row.height());
    };
    for (const auto& outline : outlines->outlines) {
        const double x = s.scene.scale.x(outline.time);
        if (x < s.row.left() - reach || x > s.row.right() + reach)
            continue;
        const double y = std::min(place(outline), s.row.bottom() - 8);
        painter.setPen(line);
        painter.drawLine(QPointF(std::round(x) + 0.5, y + 10),
                         QPointF(std::round(x) + 0.5, s.row.bottom() - 6));
        draw_head(painter, s.lane.kind, {x, y}, s.scene.palette, HeadState::Outlined, false);
    }
}

} // namespace pulsepin
