// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/box_hands.h"
#include "picture/line_hands.h"
#include "picture/page_hands.h"
#include "picture/picture_gestures.h"
#include "picture/seen_layers.h"
#include "picture/words_field.h"

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
    /// A slow move over the chosen layer of a picture, or of shots, is given by two boxes.
    void set_boxes(bool boxes);
    [[nodiscard]] const BoxHands& boxes() const { return boxes_; }
    /// Words are marked and moved one by one, all of a page's at once.
    void set_arranging(bool arranging);
    [[nodiscard]] const PageHands& page() const { return page_; }
    /// Where the chosen layer can be taken hold of, in the widget.
    [[nodiscard]] std::optional<QPointF> grip_position(PictureGrip grip) const;
    /// The highest layer at a point, in the picture's pixels from its middle.
    [[nodiscard]] std::optional<LayerId> layer_under(QPointF pixel) const;
    /// The camera shows just what is chosen.
    void frame_chosen();

signals:
    void hint(const QString& text);

private:
    void take_framing(const SeenValues& values);
    [[nodiscard]] bool draws() const;
    [[nodiscard]] bool arranges() const;
    void begin(PictureGrip grip, QPointF at);
    void give_up();
    void take(SeenValues values, const QString& what);
    void write_into(const Layer& layer);
    void show_hint(QPointF at);

    Document& document_;
    ViewState& view_;
    PreviewView& preview_;
    std::unique_ptr<PictureGesture> gesture_;
    PictureGesture::Draft draft_;
    QPointF pressed_;
    bool dragged_ = false;
    bool was_chosen_ = false; ///< before this press
    bool guides_ = true, trace_ = true, drawing_ = false, arranging_ = false;
    SeenLayers seen_;
    LineHands line_;
    PageHands page_;
    BoxHands boxes_;
    WordsField words_;
};

} // namespace pulsepin
