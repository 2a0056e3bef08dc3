// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/song_track.h"

#include "drawing/timeline/sound_lane.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "schedule/sound_parts.h"

#include <cmath>

namespace pulsepin {
namespace {

constexpr double reach = 6, grip = 7; // pixels

} // namespace

double SongTrackView::x_of(SoundEdge edge) const {
    const SoundBody body = heard_song(scene.project);
    switch (edge) {
    case SoundEdge::Start:
        return scene.scale.x(body.in_point);
    case SoundEdge::End:
        return scene.scale.x(body.in_point + body.length);
    case SoundEdge::FadeIn:
        return scene.scale.x(body.in_point + body.fade_in);
    case SoundEdge::FadeOut:
        break;
    }
    return scene.scale.x(body.in_point + body.length - body.fade_out);
}

QRectF SongTrackView::heard() const {
    return QRectF(QPointF(x_of(SoundEdge::Start), row.top()), QPointF(x_of(SoundEdge::End), row.bottom())) &
           row;
}

GainLineView SongTrackView::gain() const {
    return {heard(), scene.scale, Seconds(0), scene.project.song_track->body.gain_line};
}

std::optional<SoundEdge> SongTrackView::edge_under(QPointF at) const {
    if (!scene.project.song || at.y() < row.top() || at.y() > row.bottom())
        return std::nullopt;
    if (at.y() <= row.top() + 2 * grip)
        for (const SoundEdge fade : {SoundEdge::FadeIn, SoundEdge::FadeOut})
            if (std::abs(at.x() - x_of(fade)) <= reach)
                return fade;
    if (at.y() <= row.bottom() - 2 * grip)
        return std::nullopt;
    for (const SoundEdge edge : {SoundEdge::Start, SoundEdge::End})
        if (std::abs(at.x() - x_of(edge)) <= reach)
            return edge;
    return std::nullopt;
}

void SongTrackView::paint(QPainter& painter) const {
    if (!scene.project.song || row.height() < 20)
        return;
    painter.save();
    painter.setClipRect(row, Qt::IntersectClip);
    const QRectF sounding = heard();
    QColor quiet = scene.palette.paper_names;
    quiet.setAlphaF(0.75f);
    const bool silent = !song_is_heard(scene.project);
    for (const QRectF& part : {QRectF(row.topLeft(), QPointF(sounding.left(), row.bottom())),
                               QRectF(QPointF(sounding.right(), row.top()), row.bottomRight())})
        if (part.width() > 0)
            painter.fillRect(part, quiet);
    if (silent)
        painter.fillRect(sounding, quiet);
    const QRectF whole(QPointF(x_of(SoundEdge::Start), row.top()),
                       QPointF(x_of(SoundEdge::End), row.bottom()));
    paint_fade_lines(painter, heard_song(scene.project), whole, scene.scale.pixels_per_second, scene.palette);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(scene.palette.paper_text, 1.2));
    painter.setBrush(scene.palette.paper);
    for (const SoundEdge fade : {SoundEdge::FadeIn, SoundEdge::FadeOut})
        painter.drawRect(QRectF(x_of(fade) - grip / 2, row.top() + 1, grip, grip));
    painter.setBrush(scene.palette.paper_text);
    for (const SoundEdge edge : {SoundEdge::Start, SoundEdge::End}) {
        const double in = edge == SoundEdge::Start ? grip : -grip, x = x_of(edge);
        painter.drawPolygon(QPolygonF{QPointF(x, row.bottom() - grip), QPointF(x + in, row.bottom()),
                                      QPointF(x, row.bottom())});
    }
    painter.restore();
    if (gain_line_shown(scene.project.song_track->body.gain_line, scene.view))
        gain().paint(painter, scene.palette);
}

double PieceView::x_of(End end) const {
    return scene.scale.x(end == End::Begin ? scene.project.settings->begins.value_or(Seconds(0))
                                           : piece_end(scene.project));
}

std::optional<PieceView::End> PieceView::under(QPointF at) const {
    if (!scene.project.song || at.y() < ruler.bottom() - 12 || at.y() > ruler.bottom())
        return std::nullopt;
    for (const End end : {End::Begin, End::End})
        if (std::abs(at.x() - x_of(end)) <= reach)
            return end;
    return std::nullopt;
}

void PieceView::paint(QPainter& painter) const {
    if (!scene.project.song)
        return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    for (const End end : {End::Begin, End::End}) {
        const bool set = end == End::Begin ? scene.project.settings->begins.has_value()
                                           : scene.project.settings->ends.has_value();
        const double x = x_of(end), in = end == End::Begin ? 6 : -6;
        painter.setPen(QPen(set ? scene.palette.paper_text : scene.palette.paper_quiet, 2));
        painter.drawPolyline(QPolygonF{QPointF(x + in, ruler.bottom() - 10), QPointF(x, ruler.bottom() - 10),
                                       QPointF(x, ruler.bottom() - 1), QPointF(x + in, ruler.bottom() - 1)});
    }
    painter.restore();
}

void PieceView::cover_outside(QPainter& painter, double bottom) const {
    const auto& settings = *scene.project.settings;
    if (!scene.project.song || (!settings.begins && !settings.ends))
        return;
    QColor cover = scene.palette.paper_names;
    cover.setAlphaF(0.6f);
    const QRectF all(ruler.left(), ruler.bottom(), ruler.width(), bottom - ruler.bottom());
    if (settings.begins)
        painter.fillRect(QRectF(all.topLeft(), QPointF(x_of(End::Begin), bottom)) & all, cover);
    if (settings.ends)
        painter.fillRect(QRectF(QPointF(x_of(End::End), all.top()), all.bottomRight()) & all, cover);
}

} // namespace pulsepin
