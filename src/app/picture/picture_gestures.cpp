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
    QTransform place;  ///< from the layer's own pixels to those that are seen
    QTransform ground; ///< from where its position is counted to those
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
        const QPointF put = without_shift(start_.ground.inverted(), by);
        draft.values["position-x"] = rounded(start_.values.of("position-x") + put.x(), 0.5);
        draft.values["position-y"] = rounded(start_.values.of("position-y") + put.y(), 0.5);
        return draft;
    }

private:
    Start start_;
    std::vector<GuideLine> lines_;
};

/// Where a layer's pivot is seen; the camera's is the middle of the picture.
QPointF pivot_of(const Start& start, bool camera) {
    return camera ? QPointF()
                  : start.place.map(QPointF(start.values.of("pivot-x"), start.values.of("pivot-y")));
}

/// Around the pivot of what is drawn: a layer grows as its corner goes out, the camera shows less.
class Scale : public PictureGesture {
public:
    Scale(Start start, bool camera) : start_(std::move(start)), camera_(camera) {}

    [[nodiscard]] Draft at(QPointF pixel, bool steps, double reach) const override {
        const QPointF middle = pivot_of(start_, camera_);
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
        const QPointF middle = pivot_of(start_, camera_);
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

/// What a layer turns and grows about lies elsewhere; nothing is seen to move.
class MovePivot : public PictureGesture {
public:
    explicit MovePivot(Start start) : start_(std::move(start)) {}

    [[nodiscard]] Draft at(QPointF pixel, bool, double reach) const override {
        QPointF pivot = start_.place.inverted().map(pixel);
        const QRectF& box = start_.content;
        const double pull = reach / std::max(1e-6, std::sqrt(std::abs(start_.place.determinant())));
        for (const double x : {box.left(), box.center().x(), box.right(), 0.0})
            if (std::abs(pivot.x() - x) < pull)
                pivot.setX(x);
        for (const double y : {box.top(), box.center().y(), box.bottom(), 0.0})
            if (std::abs(pivot.y() - y) < pull)
                pivot.setY(y);
        pivot = {rounded(pivot.x(), 0.5), rounded(pivot.y(), 0.5)};
        QTransform turned;
        turned.rotate(start_.values.of("rotation"));
        const double scale = start_.values.of("scale") / 100;
        turned.scale(scale, scale);
        const QPointF before(start_.values.of("pivot-x"), start_.values.of("pivot-y"));
        const QPointF moved = (before - turned.map(before)) - (pivot - turned.map(pivot));
        return {{{"pivot-x", pivot.x()},
                 {"pivot-y", pivot.y()},
                 {"position-x", start_.values.of("position-x") + moved.x()},
                 {"position-y", start_.values.of("position-y") + moved.y()}},
                {}};
    }

private:
    Start start_;
};

/// A shot within the picture that its layer shows.
class FrameShot : public PictureGesture {
public:
    FrameShot(const QTransform& seen, const LayerPicture::Shot& shot, QSize picture, PictureGrip grip,
              QPointF pressed)
        : to_layer_(seen.inverted()), shot_(shot), picture_(picture), grip_(grip), pressed_(pressed) {}

    [[nodiscard]] Draft at(QPointF pixel, bool steps, double reach) const override {
        return grip_ == PictureGrip::Corner ? scaled(pixel, steps) : moved(pixel, steps, reach);
    }

private:
    [[nodiscard]] Draft moved(QPointF pixel, bool steps, double reach) const {
        QPointF by = to_layer_.map(pixel) - to_layer_.map(pressed_);
        if (steps)
            (std::abs(by.x()) > std::abs(by.y()) ? by.ry() : by.rx()) = 0;
        const QRectF box = framed(shot_, picture_);
        const double pull = reach * std::sqrt(std::abs(to_layer_.determinant()));
        const auto pulled = [pull](double& moved, double low, double high, double half) {
            for (const double apart : {-half - low - moved, half - high - moved, -(low + high) / 2 - moved})
                if (std::abs(apart) < pull) {
                    moved += apart;
                    return;
                }
        };
        if (!steps || by.x() != 0)
            pulled(by.rx(), box.left(), box.right(), picture_.width() / 2.0);
        if (!steps || by.y() != 0)
            pulled(by.ry(), box.top(), box.bottom(), picture_.height() / 2.0);
        return {{{"framing-x", rounded(shot_.framing.x + by.x(), 0.5)},
                 {"framing-y", rounded(shot_.framing.y + by.y(), 0.5)}},
                {}};
    }
    [[nodiscard]] Draft scaled(QPointF pixel, bool steps) const {
        const QPointF middle(shot_.framing.x, shot_.framing.y);
        const double before = std::max(1.0, QLineF(middle, to_layer_.map(pressed_)).length());
        double scale = shot_.framing.scale * QLineF(middle, to_layer_.map(pixel)).length() / before;
        scale = steps ? std::max(10.0, rounded(scale, 10)) : rounded(scale, 0.1);
        return {{{"framing-scale", std::clamp(scale, 1.0, 2000.0)}}, {}};
    }

    QTransform to_layer_;
    LayerPicture::Shot shot_;
    QSize picture_;
    PictureGrip grip_;
    QPointF pressed_;
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
        for (const auto& [staged_layer, around] : staged_places(staged)) {
            const StagedLayer& layer = *staged_layer;
            const Layer* named = project.stage->layer(layer.id);
            const QPointF middle = seen_place(staged, layer, around).map(QPointF());
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
    Start start{staged, staged.camera, {}, {}, pressed, content};
    if (!camera) {
        const auto found = staged_place(staged, layer);
        if (!found.layer || found.layer->locked)
            return nullptr;
        start.values = found.layer->values;
        start.place = seen_place(staged, *found.layer, found.around);
        start.ground = seen_ground(staged, found);
    }
    switch (grip) {
    case PictureGrip::Corner:
        return std::make_unique<Scale>(std::move(start), camera);
    case PictureGrip::Arm:
        return std::make_unique<Turn>(std::move(start), camera);
    case PictureGrip::Pivot:
        return std::make_unique<MovePivot>(std::move(start));
    case PictureGrip::Body:
        break;
    }
    if (camera)
        return std::make_unique<MoveCamera>(std::move(start));
    return std::make_unique<MoveLayer>(std::move(start), std::move(lines));
}

std::unique_ptr<PictureGesture> framing_gesture(const QTransform& seen, const LayerPicture::Shot& shot,
                                                QSize picture, PictureGrip grip, QPointF pressed) {
    return std::make_unique<FrameShot>(seen, shot, picture, grip, pressed);
}

SeenValues camera_on(const QRectF& box, int width, int height) {
    const double scale = std::min(width / std::max(1.0, box.width()), height / std::max(1.0, box.height()));
    return {{"position-x", rounded(box.center().x(), 0.5)},
            {"position-y", rounded(box.center().y(), 0.5)},
            {"scale", std::clamp(rounded(scale * 100, 0.1), 0.1, 2000.0)},
            {"rotation", 0}};
}

} // namespace pulsepin
