// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "document.h"
#include "player.h"
#include "render/shot_pictures.h"
#include "view_state.h"

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

    [[nodiscard]] QSize sizeHint() const override { return {374, 210}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {160, 90}; }

signals:
    void picture_shown();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void look_up();
    void look_up_fade(const std::vector<ShotSpan>& shots, const ShotSpan* span, Frames frame);
    [[nodiscard]] ShotPictures::Wanted wanted_of(const Clip& clip, const ShotSpan& span, Frames frame) const;
    void draw_fitted(QPainter& painter, const QImage& image, const QRectF& area) const;
    void paint_triggers(QPainter& painter, const QRectF& area) const;
    [[nodiscard]] QRectF picture_area() const;

    Document& document_;
    ViewState& view_;
    Player& player_;
    std::unique_ptr<ShotPictures> pictures_;
    std::unique_ptr<ShotPictures> fading_pictures_; ///< of the other shot in a cross-fade
    QImage image_;
    QImage fading_;
    double incoming_ = 1;       ///< share of the shot that comes in
    bool fading_comes_ = false; ///< the other shot is the one that comes in
    QString message_;
    Shown shown_;
    PinId shown_cut_;
};

} // namespace pulsepin
