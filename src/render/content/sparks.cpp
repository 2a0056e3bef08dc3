// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/content/content_painter.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

void draw_soft(QPainter& painter, const Spark& spark, const QColor& colour) {
    QRadialGradient glow(QPointF(spark.x, spark.y), spark.size);
    QColor edge = colour;
    edge.setAlpha(0);
    glow.setColorAt(0, colour);
    glow.setColorAt(1, edge);
    painter.setBrush(glow);
    painter.drawEllipse(QPointF(spark.x, spark.y), spark.size, spark.size);
}

void draw(QPainter& painter, const StagedLayer& layer, const ContentContext& context) {
    const std::string shape = layer.values.option("spark-shape");
    const auto picture = context.pictures.find(layer.id);
    const QImage image = picture != context.pictures.end() ? picture->second.shot.image : QImage();
    const QPainterPath path = shape == "disc" || shape == "soft" ? QPainterPath() : shape_path(shape, 1);
    painter.setPen(Qt::NoPen);
    for (const auto& spark : layer.sparks) {
        if (spark.size <= 0 || spark.opacity <= 0)
            continue;
        const QColor colour = shown(spark.colour, spark.opacity);
        const double half = spark.size / 2;
        if (shape == "disc") {
            painter.setBrush(colour);
            painter.drawEllipse(QPointF(spark.x, spark.y), half, half);
            continue;
        }
        if (shape == "soft") {
            draw_soft(painter, spark, colour);
            continue;
        }
        painter.save();
        painter.translate(spark.x, spark.y);
        painter.rotate(spark.turn);
        if (shape == "picture" && !image.isNull()) {
            painter.setOpacity(painter.opacity() * spark.opacity);
            const double high = spark.size * image.height() / std::max(1, image.width());
            painter.drawImage(QRectF(-half, -high / 2, spark.size, high), image);
        } else {
            painter.scale(half, half);
            painter.fillPath(path, colour);
        }
        painter.restore();
    }
}

QRectF box(const StagedLayer& layer, const ContentContext&) {
    QRectF all;
    for (const auto& spark : layer.sparks) {
        const double reach = spark.size * 1.5 + 1;
        all |= QRectF(spark.x - reach, spark.y - reach, 2 * reach, 2 * reach);
    }
    return all;
}

} // namespace

const ContentPainter sparks_content{draw, box, [](const StagedLayer&) { return false; }};

} // namespace pulsepin
