// SPDX-License-Identifier: GPL-3.0-or-later
#include "looks/cut_look.h"

#include "drawing/timeline/lane_paint.h"
#include "kinds/kinds.h"
#include "looks/kind_looks.h"
#include "looks/shot_gestures.h"

#include <QFontMetricsF>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr double shot_band = 15; ///< of its name, above its pictures

QRectF shot_rect(const LaneScene& s, const ShotSpan& span) {
    const auto rate = s.scene.project.settings->frame_rate;
    const double from = s.scale.x(rate.start_of(span.start)), until = s.scale.x(rate.start_of(span.end));
    const double above = s.condensed ? 5 : 10, below = s.condensed ? 3 : 6;
    return QRectF(from, s.row.top() + above, until - from, s.row.height() - above - below);
}

std::size_t bin_index(const Project& project, ClipId id) {
    const auto& bin = *project.bin;
    return static_cast<std::size_t>(
        std::find_if(bin.begin(), bin.end(), [id](const Clip& c) { return c.id == id; }) - bin.begin());
}

/// The shot's first picture, and more of it where there is room, under a band with its name. Whether there
/// is room for one.
bool paint_thumbnails(QPainter& painter, const LaneScene& s, const ShotSpan& span, const QRectF& rect,
                      const QRectF& seen) {
    constexpr double band = shot_band;
    const Clip* clip = s.scene.thumbnail ? s.scene.project.clip(span.shot) : nullptr;
    const QRectF strip(rect.left(), rect.top() + band, rect.width() - 1, rect.height() - band);
    if (!clip || s.condensed || strip.height() < 16 || rect.width() < 34)
        return false;
    const double wide = strip.height() * s.scene.project.settings->picture_width /
                        std::max(1, s.scene.project.settings->picture_height);
    painter.save();
    painter.setClipRect(strip & seen, Qt::IntersectClip);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const Seconds start = s.scene.project.settings->frame_rate.start_of(span.start);
    const auto first = static_cast<int>(std::max(0.0, std::floor((seen.left() - strip.left()) / wide)));
    for (int i = first; strip.left() + i * wide < seen.right(); ++i) {
        const double left = strip.left() + i * wide;
        if (i > 0 && clip->still)
            break;
        const Seconds into = s.scale.time(left) - start;
        const auto* image =
            s.scene.thumbnail(*clip, std::min(span.in_point + std::max(Seconds(0), into), clip->duration));
        if (!image)
            continue;
        QSizeF size = image->size();
        size.scale(QSizeF(wide, strip.height()), Qt::KeepAspectRatioByExpanding);
        painter.save();
        painter.setClipRect(QRectF(left, strip.top(), wide, strip.height()), Qt::IntersectClip);
        painter.drawImage(QRectF(QPointF(left + (wide - size.width()) / 2,
                                         strip.top() + (strip.height() - size.height()) / 2),
                                 size),
                          *image);
        painter.restore();
    }
    painter.restore();
    return true;
}

void paint_shot(QPainter& painter, Ink& ink, const LaneScene& s, const ShotSpan& span) {
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
    ink.fill(QRectF(seen.left(), seen.top(), std::max(1.0, seen.width() - 1), seen.height()).toRect(),
             ground);
    if (narrow)
        return;
    const bool pictures = paint_thumbnails(painter, s, span, rect, seen);
    painter.setPen(Qt::NoPen);
    constexpr double room_to_hatch = 12;
    if (span.too_short &&
        seen.width() >= room_to_hatch) { // hatched where the clip's last picture stands still
        const Clip* clip = s.scene.project.clip(span.shot);
        const auto rate = s.scene.project.settings->frame_rate;
        const double still = s.scale.x(rate.start_of(span.start) + (clip->duration - span.in_point));
        painter.setBrush(QBrush(palette.shot_text, Qt::BDiagPattern));
        painter.setOpacity(0.35);
        painter.drawRect(QRectF(std::max(still, seen.left()), seen.top(),
                                seen.right() - std::max(still, seen.left()) - 1, seen.height()));
        painter.setOpacity(1);
    }
    if (span.fade > Frames(0)) { // the incoming shot grows from the first frame of the cross-fade to its last
        const auto rate = s.scene.project.settings->frame_rate;
        const double left = s.scale.x(rate.start_of(fade_start(span))),
                     right = s.scale.x(rate.start_of(fade_start(span) + span.fade));
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
        font.setPixelSize(pictures ? 11 : 12);
        font.setWeight(QFont::Medium);
        painter.setFont(font);
        painter.setPen(palette.shot_text);
        const QString name = known ? QString::fromStdString((*s.scene.project.bin)[index].name)
                             : span.slate > 0
                                 ? QCoreApplication::translate("pulsepin::kinds", "slate %1").arg(span.slate)
                                 : QCoreApplication::translate("pulsepin::kinds", "no shot");
        const QString shown =
            span.slate > 0 && QFontMetricsF(font).horizontalAdvance(name) > seen.width() - 14
                ? QString::number(span.slate)
                : name;
        const QRectF text = pictures ? QRectF(seen.left() + 10, seen.top(), seen.width() - 14, shot_band)
                                     : seen.adjusted(10, 3, -4, 0);
        painter.drawText(text, Qt::AlignVCenter | Qt::AlignLeft,
                         QFontMetricsF(font).elidedText(shown, Qt::ElideRight, text.width()));
    }
}

std::span<const ShotSpan> visible_shots(const LaneScene& s) {
    const auto& shots = s.spans.shots;
    const auto rate = s.scene.project.settings->frame_rate;
    const Frames first = rate.frame_at(s.scale.start), last = rate.frame_at(s.scale.end());
    const auto from =
        std::partition_point(shots.begin(), shots.end(), [&](const ShotSpan& x) { return x.end < first; });
    const auto until =
        std::partition_point(from, shots.end(), [&](const ShotSpan& x) { return x.start <= last; });
    return {from, until};
}

void paint_cuts(QPainter& painter, const LaneScene& s) {
    Ink ink(painter);
    for (const auto& span : visible_shots(s))
        paint_shot(painter, ink, s, span);
    LaneHeads heads(painter, s);
    for (const auto& pin : heads.pins())
        heads.draw(pin, s.row.top() + (heads.strokes() ? 6 : 5));
}

std::optional<Grip> grip_of_cut(const LaneScene& s, QPointF at) {
    if (const auto head = head_under(s, at))
        return Grip{*head};
    const auto shot = shot_under(s, at);
    return shot ? std::optional(Grip{*shot, GripPart::Body}) : std::nullopt;
}

QPainterPath notched_tab(QPointF at) {
    QPainterPath path(at + QPointF(-6, 0));
    path.lineTo(at + QPointF(6, 0));
    path.lineTo(at + QPointF(6, 8));
    path.lineTo(at + QPointF(0, 12));
    path.lineTo(at + QPointF(-6, 8));
    path.closeSubpath();
    return path;
}

void paint_shots(QPainter& painter, const LaneScene& s) {
    const auto& p = s.scene.palette;
    QFont font = painter.font();
    font.setPixelSize(10);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    const QFontMetricsF metrics(font);
    for (const auto& shot : visible_shots(s)) {
        const QRectF rect = shot_rect(s, shot) & s.row;
        if (rect.width() <= 0)
            continue;
        const QRectF bar(rect.left(), rect.top(), std::max(1.0, rect.width() - 1), rect.height());
        const auto index = bin_index(s.scene.project, shot.shot);
        const bool known = index < s.scene.project.bin->size();
        painter.fillRect(bar, known ? p.shot[index % 6] : p.paper_line);
        if (known && bar.width() > 44) {
            painter.setPen(p.shot_text);
            painter.drawText(bar.adjusted(11, 0, -3, 0), Qt::AlignVCenter,
                             metrics.elidedText(QString::fromStdString((*s.scene.project.bin)[index].name),
                                                Qt::ElideRight, bar.width() - 14));
        }
    }
}

std::unique_ptr<Gesture> grab_cut(const GestureContext& context, const Grip& grip, QPointF at,
                                  Qt::KeyboardModifiers keys) {
    const bool alt = keys & Qt::AltModifier;
    if (grip.part == GripPart::Body && alt)
        return std::make_unique<SlipShot>(context, grip.pin, at);
    if (grip.part == GripPart::Body)
        return std::make_unique<DropShot>(context, grip.pin, at);
    if (!alt)
        return move_pins(context, grip, at, keys);
    if (keys & Qt::ControlModifier)
        return std::make_unique<RippleCut>(context, grip.pin, at);
    return std::make_unique<RollCut>(context, grip.pin, at);
}

QString hint_of_cut(GripPart part) {
    return part == GripPart::Head
               ? QCoreApplication::translate("pulsepin::Canvas",
                                             "Drag the cut along the beats · Alt: pictures stay in place · "
                                             "Alt+Ctrl: all later cuts too")
               : QCoreApplication::translate("pulsepin::Canvas",
                                             "Drag onto another shot to swap them, with Ctrl to replace it · "
                                             "Alt: another part of the shot");
}

constexpr std::string_view seen_choices[] = {"change", "framing"};

} // namespace

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

const KindLook kinds::cut_look{
    .kind = kinds::cut_row,
    .height = [](const LaneSpans&) { return 50.0; },
    .paint = paint_cuts,
    .head_y = [](const LaneScene& s, const PinBody&) { return s.row.top() + (s.condensed ? 0 : 5); },
    .grip = grip_of_cut,
    .grab = grab_cut,
    .hint = hint_of_cut,
    .head = notched_tab,
    .colour = [](const Palette& palette) { return palette.cut; },
    .hint_at = {13, -6},
    .score_height = 22,
    .paint_score = paint_shots,
    .cells_below = 2, // at their heads: the names of the shots stay free
    .make_form = []() -> FormFields* { return new CutForm; },
    .seen_choices = seen_choices,
    .selected = QT_TRANSLATE_NOOP("pulsepin::DetailPanel", "Selected: cut to “%1”"),
    .rounding_matters = true,
};

} // namespace pulsepin
