// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/key_trace.h"
#include "picture/line_hands.h"
#include "picture/picture_gestures.h"
#include "picture/preview_view.h"
#include "widgets.h"

#include <QObject>

namespace pulsepin {

/// Layers and the camera in the picture under the mouse: chosen, dragged, scaled, turned, written into.
class PictureHands : public QObject, public PictureOverlay {
    Q_OBJECT
public:
    PictureHands(Document& document, ViewState& view, PreviewView& preview);

    void paint(QPainter& painter) override;
    bool press(QMouseEvent& event) override;
    bool move(QMouseEvent& event) override;
    bool release(QMouseEvent& event) override;
    bool double_click(QMouseEvent& event) override;
    bool key(QKeyEvent& event) override;
    [[nodiscard]] bool wants(const QKeyEvent& event) const override;

    void set_guides(bool pull) { guides_ = pull; }
    void set_trace(bool shown);
    /// The pivot of the chosen layer can be taken hold of.
    void set_pivots(bool shown);
    /// What is dragged of a layer of shots is the shot in the picture, not the layer.
    void set_framing(bool framing);
    /// Points of the chosen line are set, moved and taken away.
    void set_drawing(bool drawing);
    [[nodiscard]] const LineHands& line() const { return line_; }
    /// Where the chosen layer can be taken hold of, in the widget.
    [[nodiscard]] std::optional<QPointF> grip_position(PictureGrip grip) const;
    /// The highest layer at a point, in the picture's pixels from its middle.
    [[nodiscard]] std::optional<LayerId> layer_under(QPointF pixel) const;
    /// The camera shows just what is chosen.
    void frame_chosen();

signals:
    void hint(const QString& text);

private:
    struct Shown {
        QTransform place; ///< from its own pixels to the widget
        QRectF content;
    };
    [[nodiscard]] const Layer* chosen() const;
    [[nodiscard]] bool camera_chosen() const;
    /// The cut whose shot is framed: that of the chosen layer at this frame. None: a layer is placed.
    struct FramedShot {
        PinId cut;
        LayerPicture::Shot shot;
        QTransform seen; ///< from the layer's pixels to those that are seen
    };
    [[nodiscard]] std::optional<FramedShot> framed_shot(const StagedFrame& staged) const;
    void take_framing(const SeenValues& values);
    [[nodiscard]] std::optional<Shown> shown_of(const StagedFrame& staged, LayerId layer) const;
    [[nodiscard]] Shown shown_of(const StagedFrame& staged, const StagedPlace& place) const;
    [[nodiscard]] std::optional<Shown> shown_chosen(const StagedFrame& staged) const;
    [[nodiscard]] QPointF arm_end(const Shown& shown) const;
    [[nodiscard]] std::optional<PictureGrip> grip_at(const StagedFrame& staged, QPointF at) const;
    /// The topmost first.
    [[nodiscard]] std::vector<LayerId> layers_at(const StagedFrame& staged, QPointF at) const;
    void begin(PictureGrip grip, QPointF at);
    void give_up();
    void take(SeenValues values, const QString& what);
    void write_into(const Layer& layer);
    void paint_chosen(QPainter& painter, const StagedFrame& staged) const;
    [[nodiscard]] QPointF pivot_position(const StagedFrame& staged, const Shown& shown) const;
    void paint_guides(QPainter& painter) const;
    void paint_trace(QPainter& painter) const;
    void show_hint(QPointF at);

    Document& document_;
    ViewState& view_;
    PreviewView& preview_;
    std::unique_ptr<PictureGesture> gesture_;
    PictureGesture::Draft draft_;
    QPointF pressed_;
    bool dragged_ = false;
    bool was_chosen_ = false; ///< before this press
    bool guides_ = true, trace_ = true, pivots_ = false, framing_ = false;
    [[nodiscard]] bool draws() const;
    LineHands line_;
    bool drawing_ = false;
    LinesEdit* words_ = nullptr;
};

} // namespace pulsepin
