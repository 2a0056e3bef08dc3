// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/picture_gestures.h"

#include <QCoreApplication>
#include <QLineF>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace pulsepin {
namespace {

double rounded(double value, double step) {
    return std::round(value / step) * step;
}

double degrees_of(QPointF from, QPointF to) {
    return std::atan2(to.y() - from.y(), to.x() - from.x()) * 180 / std::numbers::pi;
}

/// A whole turn more or less is the same: the nearest way is taken.
double turned(double from, double to) {
    return std::remainder(to - from, 360);
}

QPointF without_shift(const QTransform& transform, QPointF vector) {
    return transform.map(vector) - transform.map(QPointF());
}

struct Start {
    StagedFrame staged;
    LayerValues values;
    QTransform place; ///< from the layer's own pixels to those that are seen
    QPointF pressed;
    QRectF content;
};

/// Of a layer that is dragged: its middle lies on lines, its sides on the frame's edges.
class MoveLayer : public PictureGesture {
public:
    MoveLayer(Start start, std::vector<GuideLine> lines)
        : start_(std::move(start)), lines_(std::move(lines)) {}

    [[nodiscard]] Draft at(QPointF pixel, bool steps, double reach) const override {
        QPointF by = pixel - start_.pressed;
        if (steps)
            (std::abs(by.x()) > std::abs(by.y()) ? by.ry() : by.rx()) = 0;
        Draft draft;
        const QPointF middle = start_.place.map(QPointF());
        const QRectF box = start_.place.mapRect(start_.content);
        for (const auto along : {Qt::Vertical, Qt::Horizontal}) {
            const bool upright = along == Qt::Vertical;
            double& moved = upright ? by.rx() : by.ry();
            if (reach <= 0 || (steps && moved == 0))
                continue;
            const double own[] = {upright ? middle.x() : middle.y(), upright ? box.left() : box.top(),
                                  upright ? box.right() : box.bottom()};
            const GuideLine* nearest = nullptr;
            double pull = reach;
            for (const auto& line : lines_) {
                const bool edge =
                    std::abs(line.at) * 2 >= (upright ? start_.staged.width : start_.staged.height);
                if (line.along == along)
                    for (std::size_t i = 0; i < (edge ? 3u : 1u); ++i)
                        if (const double apart = line.at - own[i] - moved; std::abs(apart) < std::abs(pull)) {
                            pull = apart;
                            nearest = &line;
                        }
            }
            if (!nearest)
                continue;
            moved += pull;
            draft.guides.push_back(*nearest);
        }
        const QPointF put = without_shift(camera_view(start_.staged).inverted(), by);
        draft.values["position-x"] = rounded(start_.values.of("position-x") + put.x(), 0.5);
        draft.values["position-y"] = rounded(start_.values.of("position-y") + put.y(), 0.5);
        return draft;
    }

private:
    Start start_;
    std::vector<GuideLine> lines_;
};

/// Around the middle of what is drawn: a layer grows as its corner goes out, the camera shows less.
class Scale : public PictureGesture {
public:
    Scale(Start start, bool camera) : start_(std::move(start)), camera_(camera) {}

    [[nodiscard]] Draft at(QPointF pixel, bool steps, double reach) const override {
        const QPointF middle = camera_ ? QPointF() : start_.place.map(QPointF());
        const double before = std::max(1.0, QLineF(middle, start_.pressed).length());
        const double factor = std::max(1e-3, QLineF(middle, pixel).length() / before);
        double scale = start_.values.of("scale") * (camera_ ? 1 / factor : factor);
        if (steps)
            scale = std::max(10.0, rounded(scale, 10));
        else if (reach > 0 && std::abs(scale - 100) < 1.5)
            scale = 100;
        return {{{"scale", std::clamp(rounded(scale, 0.1), 0.1, 2000.0)}}, {}};
    }

private:
    Start start_;
    bool camera_;
};

class Turn : public PictureGesture {
public:
    Turn(Start start, bool camera) : start_(std::move(start)), camera_(camera) {}

    [[nodiscard]] Draft at(QPointF pixel, bool steps, double reach) const override {
        const QPointF middle = camera_ ? QPointF() : start_.place.map(QPointF());
        double angle = start_.values.of("rotation") +
                       turned(degrees_of(middle, start_.pressed), degrees_of(middle, pixel));
        if (steps)
            angle = rounded(angle, 15);
        else if (const double upright = rounded(angle, 90); reach > 0 && std::abs(angle - upright) < 2)
            angle = upright;
        return {{{"rotation", rounded(angle, 0.1)}}, {}};
    }

private:
    Start start_;
    bool camera_;
};

/// The picture is taken along with the mouse: the camera goes the other way.
class MoveCamera : public PictureGesture {
public:
    explicit MoveCamera(Start start) : start_(std::move(start)) {}

    [[nodiscard]] Draft at(QPointF pixel, bool steps, double) const override {
        QPointF by = pixel - start_.pressed;
        if (steps)
            (std::abs(by.x()) > std::abs(by.y()) ? by.ry() : by.rx()) = 0;
        const QPointF put = without_shift(camera_view(start_.staged).inverted(), by);
        return {{{"position-x", rounded(start_.values.of("position-x") - put.x(), 0.5)},
                 {"position-y", rounded(start_.values.of("position-y") - put.y(), 0.5)}},
                {}};
    }

private:
    Start start_;
};

} // namespace

std::vector<GuideLine> guide_lines(const StagedFrame& staged, const Project& project, LayerId without) {
    std::vector<GuideLine> lines;
    for (const auto along : {Qt::Vertical, Qt::Horizontal}) {
        const double side = along == Qt::Vertical ? staged.width : staged.height;
        const auto add = [&](double share, const char* name) {
            lines.push_back(
                {along, side * share, QCoreApplication::translate("pulsepin::PictureHands", name)});
        };
        add(0, QT_TRANSLATE_NOOP("pulsepin::PictureHands", "middle"));
        add(-1.0 / 6, QT_TRANSLATE_NOOP("pulsepin::PictureHands", "third"));
        add(1.0 / 6, QT_TRANSLATE_NOOP("pulsepin::PictureHands", "third"));
        add(-0.5, QT_TRANSLATE_NOOP("pulsepin::PictureHands", "edge"));
        add(0.5, QT_TRANSLATE_NOOP("pulsepin::PictureHands", "edge"));
        for (const auto& layer : staged.layers) {
            const Layer* named = project.stage->layer(layer.id);
            const QPointF middle = seen_place(staged, layer).map(QPointF());
            const double at = along == Qt::Vertical ? middle.x() : middle.y();
            const bool known = std::any_of(lines.begin(), lines.end(), [&](const GuideLine& line) {
                return line.along == along && std::abs(line.at - at) < 0.5;
            });
            if (named && layer.id != without && !known)
                lines.push_back({along, at, QString::fromStdString(named->name)});
        }
    }
    return lines;
}

std::unique_ptr<PictureGesture> picture_gesture(const StagedFrame& staged, LayerId layer, bool camera,
                                                const QRectF& content, PictureGrip grip, QPointF pressed,
                                                std::vector<GuideLine> lines) {
    Start start{staged, staged.camera, {}, pressed, content};
    if (!camera) {
        const auto found = std::find_if(staged.layers.begin(), staged.layers.end(),
                                        [&](const StagedLayer& one) { return one.id == layer; });
        if (found == staged.layers.end())
            return nullptr;
        start.values = found->values;
        start.place = seen_place(staged, *found);
    }
    switch (grip) {
    case PictureGrip::Corner:
        return std::make_unique<Scale>(std::move(start), camera);
    case PictureGrip::Arm:
        return std::make_unique<Turn>(std::move(start), camera);
    case PictureGrip::Body:
        break;
    }
    if (camera)
        return std::make_unique<MoveCamera>(std::move(start));
    return std::make_unique<MoveLayer>(std::move(start), std::move(lines));
}

SeenValues camera_on(const QRectF& box, int width, int height) {
    const double scale = std::min(width / std::max(1.0, box.width()), height / std::max(1.0, box.height()));
    return {{"position-x", rounded(box.center().x(), 0.5)},
            {"position-y", rounded(box.center().y(), 0.5)},
            {"scale", std::clamp(rounded(scale * 100, 0.1), 0.1, 2000.0)},
            {"rotation", 0}};
}

} // namespace pulsepin
