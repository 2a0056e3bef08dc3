// SPDX-License-Identifier: GPL-3.0-or-later
#include "timeline/lane_views.h"

#include "timeline/pin_heads.h"
#include "timeline/sound_lane.h"

#include <QFontMetricsF>
#include <QImage>
#include <algorithm>
#include <array>
#include <cmath>

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

// -- markers

void paint_markers(QPainter& painter, const LaneScene& s, const std::vector<ShotSpan>&) {
    const auto pins = visible_pins(s);
    const double y = s.row.center().y();
    QFont font = painter.font();
    font.setPixelSize(12);
    font.setWeight(QFont::Medium);
    painter.setFont(font);
    const QFontMetricsF metrics(font);
    for (std::size_t i = 0; i < pins.size(); ++i) {
        const double x = s.scene.scale.x(pins[i].time);
        draw_head(painter, LaneKind::Marker, {x, y}, s.scene.palette, HeadState::Placed,
                  selected(s, pins[i].id));
        const double room =
            (i + 1 < pins.size() ? s.scene.scale.x(pins[i + 1].time) : s.row.right()) - x - 22;
        if (room < 12)
            continue;
        const auto& body = std::get<MarkerBody>(s.lane.pins[pins[i].index].body);
        painter.setPen(s.scene.palette.marker);
        painter.drawText(QPointF(x + 10, y + metrics.capHeight() / 2),
                         metrics.elidedText(QString::fromStdString(body.name), Qt::ElideRight, room));
    }
}

std::optional<PinId> hit_markers(const LaneScene& s, const std::vector<ShotSpan>&, QPointF at) {
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
    painter.setPen(Qt::NoPen);
    painter.setBrush(known ? palette.shot[index % 6] : palette.paper_line);
    painter.drawRect(QRectF(seen.left(), seen.top(), std::max(1.0, seen.width() - 1), seen.height()));
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

std::span<const ShotSpan> visible_shots(const LaneScene& s, const std::vector<ShotSpan>& shots) {
    const auto rate = s.scene.project.settings->frame_rate;
    const Frames first = rate.frame_at(s.scene.scale.start), last = rate.frame_at(s.scene.scale.end());
    const auto from =
        std::partition_point(shots.begin(), shots.end(), [&](const ShotSpan& x) { return x.end < first; });
    const auto until =
        std::partition_point(from, shots.end(), [&](const ShotSpan& x) { return x.start <= last; });
    return {from, until};
}

void paint_cuts(QPainter& painter, const LaneScene& s, const std::vector<ShotSpan>& shots) {
    for (const auto& span : visible_shots(s, shots))
        paint_shot(painter, s, span);
    for (const auto& pin : visible_pins(s))
        draw_head(painter, LaneKind::Cut, {s.scene.scale.x(pin.time), s.row.top() + 5}, s.scene.palette,
                  HeadState::Placed, selected(s, pin.id));
}

std::optional<PinId> hit_cuts(const LaneScene& s, const std::vector<ShotSpan>& shots, QPointF at) {
    if (const auto head = head_under(s, at))
        return head;
    for (const auto& span : visible_shots(s, shots))
        if (shot_rect(s, span).contains(at))
            return span.cut;
    return std::nullopt;
}

// -- sounds

void paint_sound_lane(QPainter& painter, const LaneScene& s, const std::vector<ShotSpan>&) {
    paint_sounds(painter, s);
}

std::optional<PinId> hit_sounds(const LaneScene& s, const std::vector<ShotSpan>&, QPointF at) {
    const auto under = sound_under(s, at);
    return under ? std::optional(under->pin) : std::nullopt;
}

constexpr std::array<LaneView, 3> views{{
    {LaneKind::Marker, 30, 15, paint_markers, hit_markers},
    {LaneKind::Cut, 50, 5, paint_cuts, hit_cuts},
    {LaneKind::Sound, 52, 26, paint_sound_lane, hit_sounds},
}};

} // namespace

const LaneView& lane_view(LaneKind kind) {
    return *std::find_if(views.begin(), views.end(),
                         [kind](const LaneView& view) { return view.kind == kind; });
}

void paint_stems(QPainter& painter, const LaneScene& s, double top) {
    if (s.lane.kind == LaneKind::Sound)
        return; // a sound lies on its lane, it does not hang
    const QColor colour = head_colour(s.lane.kind, s.scene.palette);
    const double bottom = s.lane.kind == LaneKind::Marker ? s.row.center().y() : s.row.top() + 6;
    const auto pins = visible_pins(s);
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

void paint_outlines(QPainter& painter, const LaneScene& s) {
    const auto& outlines = s.scene.view.outlines();
    if (!outlines || s.scene.view.outline_lane() != s.lane.id)
        return;
    const double y = s.lane.kind == LaneKind::Marker ? s.row.center().y() : s.row.top() + 5;
    QPen line(head_colour(s.lane.kind, s.scene.palette), 1);
    line.setDashPattern({2, 3});
    for (const auto& outline : outlines->outlines) {
        const double x = s.scene.scale.x(outline.time);
        if (x < s.row.left() - reach || x > s.row.right() + reach)
            continue;
        painter.setPen(line);
        painter.drawLine(QPointF(std::round(x) + 0.5, y + 10),
                         QPointF(std::round(x) + 0.5, s.row.bottom() - 6));
        draw_head(painter, s.lane.kind, {x, y}, s.scene.palette, HeadState::Outlined, false);
    }
}

} // namespace pulsepin
