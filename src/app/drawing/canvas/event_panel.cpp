// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/event_panel.h"

#include "parts/targets.h"
#include "stage/layer_values.h"
#include "stage/trigger_acts.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double handle = 4, reach = 8; // pixels

/// Where one of them goes along; steps are as fine as are seen.
QPolygonF line_of(const EventPanel& panel, const TriggerAct& act) {
    QPolygonF line;
    const int steps = std::clamp(static_cast<int>(panel.curves.width() / 2), 16, 400);
    for (int i = 0; i <= steps; ++i) {
        const double share = static_cast<double>(i) / steps;
        line << panel.place_of({share * 100, way_at(act, share) * 100});
    }
    return line;
}

QColor as_colour(Colour colour) {
    return QColor::fromRgb(static_cast<QRgb>(colour.rgb));
}

bool is_colour(const TriggerAct& act) {
    const auto* spec = layer_parameter(act.parameter);
    return spec && spec->type == ParamType::Colour;
}

/// What has a colour and no value has it along its length.
QBrush stroke_of(const EventPanel& panel, const TriggerAct& act, const QColor& otherwise) {
    if (!keyed_colour_at(act, 0))
        return otherwise;
    QLinearGradient ramp(panel.curves.left(), 0, panel.curves.right(), 0);
    constexpr int steps = 16;
    for (int i = 0; i <= steps; ++i)
        ramp.setColorAt(1.0 * i / steps, as_colour(*keyed_colour_at(act, 1.0 * i / steps)));
    return ramp;
}

} // namespace

std::optional<EventFrames> event_frames(const LaneSpans& spans, PinId event) {
    const auto trigger = std::ranges::find(spans.triggers, event, &TriggerSpan::pin);
    if (trigger != spans.triggers.end())
        return EventFrames{trigger->start, trigger->end};
    const auto appearance = std::ranges::find(spans.appearances, event, &AppearanceSpan::pin);
    if (appearance != spans.appearances.end())
        return EventFrames{appearance->comes, appearance->end};
    const auto light = std::ranges::find(spans.lights.all, event, &LightSpan::pin);
    if (light != spans.lights.all.end())
        return EventFrames{light->start, light->end};
    return std::nullopt;
}

std::optional<EventPanel> EventPanel::in(const LaneScene& lane) {
    const PinId opened = lane.scene.view.opened_event();
    if (opened.value == 0 || lane.condensed)
        return std::nullopt;
    const auto frames = event_frames(lane.spans, opened);
    const Pin* pin = frames ? lane.scene.project.pin(opened) : nullptr;
    if (!pin)
        return std::nullopt;
    const auto rate = lane.scene.project.settings->frame_rate;
    EventPanel panel;
    panel.trigger = opened;
    panel.acts = acts_of(pin->body);
    panel.from = rate.start_of(frames->first);
    panel.until = rate.start_of(frames->end);
    const double left = lane.scale.x(panel.from), right = lane.scale.x(panel.until);
    panel.area = QRectF(left, lane.row.top() + 1, right - left, lane.row.height() - 3);
    panel.curves = panel.area.adjusted(0, 24, 0, -10);
    return panel;
}

QPointF EventPanel::place_of(const TriggerAct::Point& key) const {
    return {curves.left() + curves.width() * key.at / 100, curves.bottom() - curves.height() * key.way / 100};
}

Seconds EventPanel::time_at(double x) const {
    return from + (until - from) * ((x - curves.left()) / std::max(1.0, curves.width()));
}

double EventPanel::share_at(Seconds time) const {
    return std::clamp((time - from) / (until - from), 0.0, 1.0);
}

double EventPanel::way_at(double y) const {
    return 100 * (curves.bottom() - y) / std::max(1.0, curves.height());
}

std::optional<EventKey> EventPanel::key_under(QPointF at) const {
    std::optional<EventKey> nearest;
    double distance = reach;
    for (std::size_t act = 0; act < acts.size(); ++act) {
        const auto keys = keys_of(acts[act]);
        for (std::size_t key = 0; key < keys.size(); ++key) {
            const QPointF off = place_of(keys[key]) - at;
            if (const double d = std::hypot(off.x(), off.y()); d < distance) {
                distance = d;
                nearest = EventKey{act, key};
            }
        }
    }
    return nearest;
}

bool EventPanel::holds(QPointF at) const {
    return key_under(at) || (area.contains(at) && at.y() >= curves.top() - reach);
}

std::size_t EventPanel::act_near(QPointF at) const {
    const double share = share_at(time_at(at.x()));
    std::size_t nearest = 0;
    double distance = 1e9;
    for (std::size_t act = 0; act < acts.size(); ++act)
        if (const double d = std::abs(place_of({0, pulsepin::way_at(acts[act], share) * 100}).y() - at.y());
            d < distance) {
            distance = d;
            nearest = act;
        }
    return nearest;
}

void EventPanel::paint(QPainter& painter, const LaneScene& lane) const {
    const auto& p = lane.scene.palette;
    const QColor lines[] = {p.trigger, p.motion, p.appearance, p.cut, p.word, p.marker};
    painter.save();
    painter.setClipRect(area.adjusted(-handle - 1, 0, handle + 1, 0) & lane.row, Qt::IntersectClip);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(area, p.paper);
    painter.setPen(QPen(p.paper_line, 1));
    for (const double way : {0.0, 50.0, 100.0})
        painter.drawLine(place_of({0, way}), place_of({100, way}));
    if (const auto& grid = lane.scene.project.grid) {
        const auto& beats = grid->beats();
        const auto first = std::ranges::lower_bound(beats, from, {}, &GridBeat::time);
        for (auto beat = first; beat != beats.end() && beat->time <= until; ++beat)
            painter.drawLine(QPointF(lane.scale.x(beat->time), curves.top()),
                             QPointF(lane.scale.x(beat->time), curves.bottom()));
    }
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(p.selection, 1.5));
    painter.drawRect(area.adjusted(0.5, 0.5, -0.5, -0.5));

    double name_at = std::max(area.left(), lane.row.left()) + 6;
    for (std::size_t act = 0; act < acts.size(); ++act) {
        const QColor colour = lines[act % std::size(lines)];
        painter.setBrush(Qt::NoBrush);
        const auto keys = keys_of(acts[act]);
        painter.setPen(QPen(stroke_of(*this, acts[act], colour), 2));
        painter.drawPolyline(line_of(*this, acts[act]));
        for (std::size_t key = 0; key < keys.size(); ++key) {
            const bool chosen = lane.scene.view.event_key() == EventKey{act, key};
            painter.setBrush(keys[key].colour ? as_colour(*keys[key].colour)
                             : chosen         ? p.selection
                                              : p.paper);
            painter.setPen(QPen(chosen ? p.selection : colour, 1.5));
            painter.drawEllipse(place_of(keys[key]), handle, handle);
        }
        const QString name = is_colour(acts[act]) ? parameter_text(acts[act].parameter)
                                                  : QString("%1 %2 – %3")
                                                        .arg(parameter_text(acts[act].parameter))
                                                        .arg(acts[act].low)
                                                        .arg(acts[act].high);
        painter.setBrush(colour);
        painter.setPen(Qt::NoPen);
        painter.drawRect(QRectF(name_at, area.top() + 8, 8, 8));
        painter.setPen(p.paper_text);
        painter.drawText(QPointF(name_at + 12, area.top() + 16), name);
        name_at += 24 + painter.fontMetrics().horizontalAdvance(name);
    }
    painter.restore();
}

} // namespace pulsepin
