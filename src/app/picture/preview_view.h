// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/dragging.h"
#include "picture/picture_scale.h"
#include "render/frame_painter.h"
#include "render/play_ahead.h"
#include "render/shot_stream.h"
#include "session/document.h"
#include "session/player.h"
#include "session/view_state.h"

#include <QElapsedTimer>
#include <QWidget>
#include <map>
#include <optional>

namespace pulsepin {

/// What is drawn over the picture and takes the mouse there.
class PictureOverlay {
public:
    virtual ~PictureOverlay() = default;
    virtual void paint(QPainter& painter) = 0;
    /// Each says whether it took the event.
    virtual bool press(QMouseEvent& event) = 0;
    virtual bool move(QMouseEvent& event) = 0;
    virtual bool release(QMouseEvent& event) = 0;
    virtual bool double_click(QMouseEvent& event) = 0;
    virtual bool key(QKeyEvent& event) = 0;
    /// A key that means something here, even where the window has a command on it.
    [[nodiscard]] virtual bool wants(const QKeyEvent& event) const = 0;
};

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
    /// The picture is smaller than it should be, since there is no memory for that.
    [[nodiscard]] bool short_of_memory() const { return short_of_memory_; }
    /// While it plays: by how much its sides are less than that besides, so that no picture is dropped.
    [[nodiscard]] int coarser_while_playing() const { return ahead_.coarseness(); }

    void set_overlay(PictureOverlay* overlay) { overlay_ = overlay; }
    /// Values of a layer that are looked at before they are taken; none: as the project has them.
    void set_draft(std::optional<std::pair<LayerId, std::map<std::string, double>>> draft);
    /// How the shot of a cut lies in the picture, looked at before it is taken.
    void set_framing_draft(std::optional<std::pair<PinId, ShotFraming>> draft);
    /// Points of the widget for each pixel of the picture; none: as large as fits.
    void set_zoom(std::optional<double> points);
    [[nodiscard]] bool fits() const { return !zoom_; }
    /// Closer around a point of the widget.
    void zoom_by(double factor, QPointF around);
    void pan_by(QPointF points);
    [[nodiscard]] PictureScale scale() const;
    /// As it is composed now, with what is looked at.
    [[nodiscard]] StagedFrame staged() const;
    [[nodiscard]] Frames frame_now() const;
    /// The pictures that layers show, as far as they are there.
    [[nodiscard]] const LayerPictures& pictures() const { return layer_pictures_; }
    void set_safe_areas(bool shown);
    /// What no layer covers is chequered instead of black: there a film with a transparent background has
    /// holes.
    void set_holes(bool shown);
    /// A word that stands large over the picture while it plays; empty: none.
    void set_cue(const QString& word);
    [[nodiscard]] QString cue() const { return cue_; }
    /// How many different pictures were shown in the last second.
    [[nodiscard]] double pictures_a_second() const;
    /// "in sync 3 ms", "picture late 40 ms"; empty while nothing is played.
    [[nodiscard]] QString sync_text() const;
    struct Acting {
        QString text;
        QColor colour;
    };
    /// The triggers that act on the frame that is shown.
    [[nodiscard]] std::vector<Acting> acting() const;

    [[nodiscard]] QSize sizeHint() const override { return {374, 210}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {160, 90}; }

signals:
    void picture_shown();
    /// Something that is dragged in the window was let go there; in the picture's pixels from its middle.
    void item_dropped(const Dragged& item, QPointF pixel, Qt::KeyboardModifiers keys);
    void zoomed();

protected:
    bool event(QEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dragMoveEvent(QDragMoveEvent* event) override;
    void dragLeaveEvent(QDragLeaveEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;

private:
    void look_up();
    void show_shots(Frames frame);
    /// Whether that frame is composed, or its shots are shown as they are.
    [[nodiscard]] bool composes(Frames frame) const;
    void compose(const Schedule& schedule, Frames frame);
    /// Frames that come are composed before they are heard, and shown when they are.
    void play_on(Seconds now, Frames frame);
    void stop_playing_on();
    /// What is composed ahead is of another piece, or size.
    void look_anew();
    [[nodiscard]] StagedFrame staged_for(Frames frame) const;
    [[nodiscard]] FramePainter::Order order_of(const Schedule& schedule, Frames frame);
    void take_painted();
    void show_painted(FramePainter::Painted painted);
    [[nodiscard]] ShotStream& stream_of(const Layer& layer);
    void share_memory();
    [[nodiscard]] QSizeF wanted_size() const; ///< of the picture, in pixels of the screen
    [[nodiscard]] QSize picture_size() const; ///< that is composed
    /// That shots are decoded to fit: larger where one is seen only in part.
    [[nodiscard]] QSize shot_size() const;
    void draw_fitted(QPainter& painter, const QImage& image, const QRectF& area) const;
    void paint_around(QPainter& painter, const QRectF& area) const;
    void paint_ground(QPainter& painter, const QRectF& frame) const;
    void count_picture();
    [[nodiscard]] QSizeF frame_size() const;
    /// What of the picture and around it is in view; empty when it fits.
    [[nodiscard]] QRectF part_in_view() const;
    [[nodiscard]] QRectF picture_area() const;

    Document& document_;
    ViewState& view_;
    Player& player_;
    std::map<LayerId, std::unique_ptr<ShotStream>> streams_;
    std::unique_ptr<FramePainter> painter_;
    PlayAhead ahead_;
    bool playing_on_ = false;
    LayerPicture picture_;         ///< of the shots, or composed
    QRectF part_;                  ///< that it shows; empty: the frame
    LayerPictures layer_pictures_; ///< of the frame that was composed last
    PictureOverlay* overlay_ = nullptr;
    std::optional<std::pair<LayerId, std::map<std::string, double>>> draft_;
    std::optional<std::pair<PinId, ShotFraming>> framing_draft_;
    std::optional<double> zoom_;
    bool holes_ = false;
    QPointF pan_;                    ///< of the picture's middle from the widget's
    std::optional<QPointF> panning_; ///< where the mouse was
    bool safe_areas_ = false;
    Frames counted_ = Frames(-1);
    std::vector<qint64> shown_at_; ///< milliseconds, of the last second
    QElapsedTimer clock_;
    bool composed_ = false;
    bool all_there_ = false; ///< of the frame that is being composed
    Frames composing_;
    int coarseness_ = 1;
    bool short_of_memory_ = false;
    QString message_, cue_;
    QString drop_told_; ///< what would come of letting go what is dragged over it
    Shown shown_;
    PinId shown_cut_;
};

} // namespace pulsepin
