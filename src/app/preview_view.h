// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "player.h"
#include "render/frame_painter.h"
#include "render/shot_stream.h"
#include "view_state.h"

#include <QElapsedTimer>
#include <QWidget>

namespace pulsepin {

/// The picture under the playhead. While playing it follows the sound and drops pictures rather than lag.
class PreviewView : public QWidget {
    Q_OBJECT
public:
    PreviewView(Document& document, ViewState& view, Player& player, QWidget* parent = nullptr);
    ~PreviewView() override;

    /// What was shown last: frame of the piece, and how far its picture is from the sound (positive: picture
    /// late).
    struct Shown {
        Frames frame;
        Frames wanted;
        Seconds sound;
        bool exact = false; ///< the very picture of that frame, not the last one that was there
    };
    [[nodiscard]] const Shown& shown() const { return shown_; }

    /// The picture is made at its size divided by this: 1, 2 or 4.
    void set_coarseness(int coarseness);
    [[nodiscard]] int coarseness() const { return coarseness_; }

    [[nodiscard]] QSize sizeHint() const override { return {374, 210}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {160, 90}; }

signals:
    void picture_shown();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

private:
    void look_up();
    void show_shots(Frames frame);
    void compose(Frames frame);
    void take_painted();
    [[nodiscard]] ShotStream& stream_of(const Layer& layer);
    [[nodiscard]] QSize picture_size() const;
    void draw_fitted(QPainter& painter, const QImage& image, const QRectF& area) const;
    void paint_triggers(QPainter& painter, const QRectF& area) const;
    [[nodiscard]] QRectF picture_area() const;

    Document& document_;
    ViewState& view_;
    Player& player_;
    std::map<LayerId, std::unique_ptr<ShotStream>> streams_;
    std::unique_ptr<FramePainter> painter_;
    LayerPicture picture_; ///< of the shots, or composed
    bool composed_ = false;
    bool all_there_ = false; ///< of the frame that is being composed
    Frames composing_;
    QElapsedTimer asked_; ///< for the frame that is being composed
    Seconds takes_;       ///< how long that takes, of late
    int coarseness_ = 1;
    QString message_;
    Shown shown_;
    PinId shown_cut_;
};

} // namespace pulsepin
