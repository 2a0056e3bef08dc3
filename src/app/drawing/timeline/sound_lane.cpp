// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/sound_lane.h"

#include "media/mix_down.h"

#include <QFontMetricsF>
#include <QPolygonF>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double edge_reach = 5;
constexpr double handle_reach = 7;

const SoundBody& body_of(const LaneScene& s, const ResolvedPin& pin) {
    return body_of<SoundBody>(s.lane.pins[pin.index].body);
}

FadeShape shape_of(FadeCurve curve) {
    return curve == FadeCurve::Linear ? FadeShape::Linear : FadeShape::EqualPower;
}

double gain_at(const SoundBody& body, Seconds into) {
    double gain = std::pow(10.0, (body.gain_db + line_db_at(body.gain_line, body.in_point + into)) / 20);
    if (into < body.fade_in)
        gain *= static_cast<double>(fade_gain(shape_of(body.curve_in), into / body.fade_in));
    if (const Seconds left = body.length - into; left < body.fade_out)
        gain *= static_cast<double>(fade_gain(shape_of(body.curve_out), left / body.fade_out));
    return gain;
}

void paint_wave_in(QPainter& painter, const LaneScene& s, const ResolvedPin& pin, const SoundBody& body,
                   const QRectF& seen) {
    const auto* sound = s.scene.source ? s.scene.source(body.sound) : nullptr;
    if (!sound || !sound->outline)
        return;
    const double rate = static_cast<double>(sound->outline->sample_rate);
    const double middle = seen.center().y() + 4, half = seen.height() / 2 - 7;
    QVector<QLineF> lines;
    for (double x = std::ceil(seen.left()); x < seen.right(); ++x) {
        const Seconds into = s.scale.time(x) - pin.acts_at;
        const auto from = static_cast<std::int64_t>((body.in_point + into).value * rate);
        const auto until =
            from + std::max<std::int64_t>(1, static_cast<std::int64_t>(rate / s.scale.pixels_per_second));
        const Peak peak = sound->outline->mean.over(Samples(from), Samples(until));
        const double gain = std::min(gain_at(body, into), 4.0);
        lines.append(QLineF(x, middle - std::min(half, half * gain * static_cast<double>(peak.high)), x,
                            middle - std::max(-half, half * gain * static_cast<double>(peak.low))));
    }
    painter.setPen(QPen(s.scene.palette.wave_rms, 1));
    painter.drawLines(lines);
}

} // namespace

void paint_fade_lines(QPainter& painter, const SoundBody& body, const QRectF& box, double scale,
                      const Palette& palette) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(palette.paper_text, 1.2));
    painter.setBrush(Qt::NoBrush);
    const auto curve = [&](double from, double width, FadeCurve shape, bool rising) {
        if (width < 1)
            return;
        QPolygonF line;
        for (int i = 0; i <= 16; ++i) {
            const double share = i / 16.0;
            const double gain = static_cast<double>(fade_gain(shape_of(shape), rising ? share : 1 - share));
            line << QPointF(from + share * width, box.bottom() - gain * box.height());
        }
        painter.drawPolyline(line);
    };
    const double in = body.fade_in.value * scale, out = body.fade_out.value * scale;
    curve(box.left(), in, body.curve_in, true);
    curve(box.right() - out, out, body.curve_out, false);
    painter.setRenderHint(QPainter::Antialiasing, false);
}

namespace {

void paint_fades(QPainter& painter, const LaneScene& s, const SoundBody& body, const QRectF& box,
                 bool handles) {
    const double scale = s.scale.pixels_per_second;
    paint_fade_lines(painter, body, box, scale, s.scene.palette);
    if (handles) {
        const double in = body.fade_in.value * scale, out = body.fade_out.value * scale;
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setBrush(s.scene.palette.paper);
        for (const double x : {box.left() + in, box.right() - out})
            painter.drawRect(QRectF(x - 3.5, box.top() - 1, 7, 7));
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
}

} // namespace

QRectF sound_box(const LaneScene& s, const ResolvedPin& pin) {
    const double from = s.scale.x(pin.acts_at), until = s.scale.x(pin.acts_at + body_of(s, pin).length);
    const double above = s.condensed ? 2 : 4, below = s.condensed ? 3 : 4;
    return {from, s.row.top() + above, until - from, s.row.height() - above - below};
}

GainLineView gain_line_view(const LaneScene& s, const ResolvedPin& pin) {
    const auto& body = body_of(s, pin);
    return {sound_box(s, pin) & s.row, s.scale, pin.acts_at - body.in_point, body.gain_line};
}

void paint_sounds(QPainter& painter, const LaneScene& s) {
    const auto& palette = s.scene.palette;
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::Medium);
    for (const auto& pin : s.resolved.pins) {
        const auto& body = body_of(s, pin);
        const QRectF box = sound_box(s, pin);
        const QRectF seen = box & s.row;
        if (seen.width() <= 0)
            continue;
        const bool selected = s.scene.view.selection().contains(pin.id);
        painter.setPen(Qt::NoPen);
        QColor ground = palette.sections[3];
        painter.setBrush(ground);
        painter.drawRect(seen);
        paint_wave_in(painter, s, pin, body, seen);
        paint_fades(painter, s, body, box, selected);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(selected ? palette.selection : palette.paper_bar, selected ? 2 : 1));
        painter.drawRect(seen.adjusted(0.5, 0.5, -0.5, -0.5));
        if (!s.condensed && gain_line_shown(body.gain_line, s.scene.view))
            gain_line_view(s, pin).paint(painter, palette);
        if (s.lane.muted || s.lane.pins[pin.index].muted) { // struck through: told without colour
            painter.setPen(QPen(palette.paper_text, 1));
            painter.drawLine(seen.topLeft(), seen.bottomRight());
        }
        const Clip* clip = s.scene.project.clip(body.sound);
        const QString name = clip ? QString::fromStdString(clip->name) : QStringLiteral("no sound");
        painter.setFont(font);
        painter.setPen(palette.paper_text);
        painter.drawText(seen.adjusted(12, 2, -10, 0), Qt::AlignTop | Qt::AlignLeft,
                         QFontMetricsF(font).elidedText(name, Qt::ElideRight, seen.width() - 22));
    }
}

std::optional<Grip> sound_under(const LaneScene& s, QPointF at) {
    // The last drawn lies on top.
    for (auto pin = s.resolved.pins.rbegin(); pin != s.resolved.pins.rend(); ++pin) {
        const auto& body = body_of(s, *pin);
        const QRectF box = sound_box(s, *pin);
        if (!box.adjusted(-edge_reach, -2, edge_reach, 2).contains(at))
            continue;
        const auto near_handle = [&](double x) {
            return std::abs(at.x() - x) <= handle_reach &&
                   at.y() <= box.top() + std::min(10.0, box.height() / 2);
        };
        const bool wide = box.width() > 4 * edge_reach;
        if (wide && near_handle(s.scale.x(pin->acts_at + body.fade_in)))
            return Grip{pin->id, GripPart::FadeIn};
        if (wide && near_handle(s.scale.x(pin->acts_at + body.length - body.fade_out)))
            return Grip{pin->id, GripPart::FadeOut};
        if (wide && std::abs(at.x() - box.left()) <= edge_reach)
            return Grip{pin->id, GripPart::Start};
        if (std::abs(at.x() - box.right()) <= edge_reach)
            return Grip{pin->id, GripPart::End};
        if (!s.condensed && gain_line_shown(body.gain_line, s.scene.view) &&
            gain_line_view(s, *pin).is_on(at))
            return Grip{pin->id, GripPart::GainLine};
        return Grip{pin->id, GripPart::Body};
    }
    return std::nullopt;
}

} // namespace pulsepin
