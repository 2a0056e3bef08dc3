// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/layer_kinds.h"
#include "render/content/content_painter.h"
#include "render/draw_picture.h"
#include "render/staged_places.h"

#include <cmath>

namespace pulsepin {
namespace {

/// A card that stands for a shot which is still to come: its number, and a cross from corner to corner.
void draw_slate(QPainter& painter, int number, QSize picture) {
    const QRectF card(-picture.width() / 2.0, -picture.height() / 2.0, picture.width(), picture.height());
    painter.fillRect(card, QColor(0x34, 0x36, 0x3a));
    const double unit = std::min(picture.width(), picture.height());
    painter.setPen(QPen(QColor(0x5a, 0x5d, 0x63), unit / 180));
    painter.drawLine(card.topLeft(), card.bottomRight());
    painter.drawLine(card.topRight(), card.bottomLeft());
    painter.setBrush(QColor(0x34, 0x36, 0x3a));
    painter.drawEllipse(QPointF(0, 0), unit * 0.27, unit * 0.27);
    const StagedLayer words{layers::title, {}, std::to_string(number), {}, {}, {}};
    const QPainterPath path = title_path(words, static_cast<int>(unit));
    const QRectF box = path.boundingRect();
    const double size = unit * 0.24 / std::max(1.0, box.height());
    painter.save();
    painter.scale(size, size);
    painter.translate(-box.center());
    painter.fillPath(path, QColor(0xe8, 0xe6, 0xe1));
    painter.restore();
}

void draw_shot(QPainter& painter, const LayerPicture::Shot& shot, QSize picture) {
    if (shot.slate > 0)
        return draw_slate(painter, shot.slate, picture);
    if (shot.image.isNull())
        return;
    const QRectF frame(-picture.width() / 2.0, -picture.height() / 2.0, picture.width(), picture.height());
    const QRectF place = framed(shot, picture);
    const bool beyond = !frame.adjusted(-1, -1, 1, 1).contains(place);
    if (beyond) { // what a shot shows ends where the picture ends
        painter.save();
        painter.setClipRect(frame, Qt::IntersectClip);
    }
    draw_picture(painter, place, shot.image);
    if (beyond)
        painter.restore();
}

/// Several pictures over each other, each a little larger: blurred towards the middle.
void draw_rushing(QPainter& painter, const LayerPicture::Shot& shot, QSize picture, double scale,
                  double blur) {
    constexpr int copies = 6;
    const double before = painter.opacity();
    for (int i = 0; i < copies; ++i) {
        painter.save();
        painter.setOpacity(before / (i + 1));
        const double larger = scale * (1 + blur * i / copies);
        painter.scale(larger, larger);
        draw_shot(painter, shot, picture);
        painter.restore();
    }
}

void draw_change(QPainter& painter, const LayerPicture& shown, QSize picture) {
    const double share = shown.share, before = painter.opacity();
    if (shown.change == CutBody::Change::Wipe) {
        draw_shot(painter, shown.shot, picture);
        painter.save();
        painter.setClipRect(QRectF(-picture.width() / 2.0, -picture.height() / 2.0, picture.width() * share,
                                   picture.height()),
                            Qt::IntersectClip);
        draw_shot(painter, shown.incoming, picture);
        painter.restore();
        return;
    }
    if (shown.change == CutBody::Change::Rush) { // out through the one, out of the depth of the other
        draw_rushing(painter, shown.shot, picture, 1 + share, 0.5 * share);
        painter.setOpacity(before * share);
        draw_rushing(painter, shown.incoming, picture, 1 + 0.5 * (1 - share), 0.5 * (1 - share));
        painter.setOpacity(before);
        return;
    }
    draw_shot(painter, shown.shot, picture);
    painter.setOpacity(before * share);
    draw_shot(painter, shown.incoming, picture);
    painter.setOpacity(before);
}

void draw(QPainter& painter, const StagedLayer& layer, const ContentContext& context) {
    const auto found = context.pictures.find(layer.id);
    if (found == context.pictures.end())
        return;
    if (found->second.incoming.there())
        draw_change(painter, found->second, context.picture);
    else
        draw_shot(painter, found->second.shot, context.picture);
}

QRectF box(const StagedLayer& layer, const ContentContext& context) {
    const auto found = context.pictures.find(layer.id);
    if (found == context.pictures.end() || !found->second.shot.there())
        return {};
    const QSize picture = context.picture;
    const QRectF frame(-picture.width() / 2.0, -picture.height() / 2.0, picture.width(), picture.height());
    const auto& shown = found->second;
    return shown.shot.slate > 0 || shown.incoming.there() ? frame
                                                          : framed(shown.shot, picture).intersected(frame);
}

} // namespace

const ContentPainter shots_content{draw, box, [](const StagedLayer&) { return false; }};

} // namespace pulsepin
