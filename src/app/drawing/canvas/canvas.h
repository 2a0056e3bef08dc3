// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/canvas/gesture.h"
#include "hand/composition.h"
#include "parts/dragging.h"
#include "parts/palette.h"
#include "session/document.h"

#include <QImage>
#include <QWidget>
#include <functional>

namespace pulsepin {

/// A drawing of the song and its lanes with a hand in it: one image of what stands still, the playhead over
/// it, and the gesture that is under way. Drawings say where things lie and what begins where no pin is.
class Canvas : public QWidget {
    Q_OBJECT
public:
    /// Of the column of names; it is drawn wider at its edge.
    [[nodiscard]] int names_width() const { return view_.names_width(); }

    virtual void set_palette(const Palette& palette);
    /// Where something lands that is dragged or added there: on the beat as far as snapping says so.
    [[nodiscard]] Seconds snapped(Seconds time, bool off_grid) const;
    /// Where a pin's head is drawn; for tests and for the keyboard's context menu.
    [[nodiscard]] QPointF head_position(PinId pin) const;
    /// What the mouse does at a point.
    [[nodiscard]] QString hint_for(QPointF at) const { return hint_at(at); }

    // For those who read the drawing without seeing it.
    [[nodiscard]] Document& document() const { return document_; }
    [[nodiscard]] ViewState& view() const { return view_; }
    /// Around all rows of a lane; empty where it is not drawn.
    [[nodiscard]] QRectF lane_area(std::size_t lane) const;
    /// Where a moment is drawn.
    [[nodiscard]] QRectF place_of(Seconds time) const { return playhead_strip(time); }

    [[nodiscard]] QSize sizeHint() const override { return {1280, 490}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {400, 180}; }

signals:
    void playhead_set(Seconds time); ///< by the mouse
    void hint(const QString& text);  ///< what the mouse does here
    /// A double click. `begin`: what the pin begins with there; null: as any does.
    void add_wanted(LaneId lane, Seconds meant, Seconds place, const std::function<PinBody(PinBody)>& begin);
    /// Something that is dragged in the window was let go there.
    void item_dropped(const Dragged& item, LaneId lane, std::optional<PinId> pin, Seconds time);
    /// What can be driven, onto a row of onsets: of the project, by its place.
    void target_dropped(const Target& target, std::size_t row);
    /// A composition, anywhere under the song.
    void ready_dropped(const ReadyThing& thing, const CompositionPlace& place);
    /// Something is to be done to what is selected, by the id of its command.
    void command_wanted(const QString& id);
    void menu_wanted(QPoint global, std::optional<PinId> pin, Seconds time);

protected:
    Canvas(Document& document, ViewState& view, QWidget* parent);

    // -- of each drawing
    [[nodiscard]] virtual const CanvasPlacement& placement() const = 0;
    virtual void lay_out() = 0;
    virtual void draw(QImage& base) = 0; ///< all but the playhead and the gesture
    virtual void draw_playhead(QPainter& painter) const = 0;
    /// What is lit while something acts; over the image, as the playhead is.
    virtual void draw_lamps(QPainter&) const {}
    [[nodiscard]] virtual QRectF playhead_strip(Seconds time) const = 0; ///< in which it is painted
    [[nodiscard]] virtual QPointF playhead_point() const = 0;            ///< where its menu opens
    /// What a press begins. Left button, right of the names; elsewhere the drawing overrides the event.
    [[nodiscard]] virtual std::unique_ptr<Gesture> gesture_at(QPointF at, Qt::KeyboardModifiers keys) = 0;
    [[nodiscard]] virtual QString hint_at(QPointF at) const = 0;
    [[nodiscard]] virtual Qt::CursorShape cursor_at(QPointF at) const;

    // -- for them
    void invalidate();
    void begin(std::unique_ptr<Gesture> gesture, Qt::MouseButton button);
    void give_up();
    [[nodiscard]] bool on_names_edge(QPointF at) const;
    [[nodiscard]] bool under_way() const { return gesture_ != nullptr; }
    [[nodiscard]] GestureContext gestures() const;
    /// On a pin, in a lane, or elsewhere: taken hold of, lassoed, or the playhead moved.
    [[nodiscard]] std::unique_ptr<Gesture> gesture_on_lanes(QPointF at, Qt::KeyboardModifiers keys);
    [[nodiscard]] std::unique_ptr<Gesture> erasing_at(QPointF at);
    /// What the mouse would do to the pin there; empty where none is.
    [[nodiscard]] QString pin_hint(QPointF at) const;
    [[nodiscard]] std::optional<PinId> pin_at(QPointF at) const;
    [[nodiscard]] const Schedule& shown_schedule() const;
    [[nodiscard]] const Project& shown_project() const { return shown_schedule().project(); }
    [[nodiscard]] Scene scene(const TimeScale& scale) const; ///< as it is shown now
    [[nodiscard]] Seconds song_end() const;

    void paintEvent(QPaintEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dragMoveEvent(QDragMoveEvent* event) override;
    void dragLeaveEvent(QDragLeaveEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

    Document& document_;
    ViewState& view_;
    const Palette* palette_ = &day_palette();

private:
    void draw_pulled(QPainter& painter) const;
    void follow_gesture(int revision_before);
    void show_tooltip(QPoint at, QPoint global);

    QImage base_;
    bool base_valid_ = false;
    /// What would come of letting go what is dragged over it.
    struct DropSeen {
        QRectF place; ///< a row, a shot, or a line of no width
        QString told;
    };
    /// Where a composition would be used.
    [[nodiscard]] CompositionPlace composition_place(QPointF at) const;
    [[nodiscard]] DropSeen composition_seen(QPointF at) const;
    [[nodiscard]] std::optional<DropSeen> drop_seen(const Dragged& item, QPointF at,
                                                    Qt::KeyboardModifiers keys) const;
    /// The row of onsets there, and where it lies; none where there are none.
    [[nodiscard]] virtual std::optional<std::pair<std::size_t, QRectF>> row_of_onsets_at(QPointF) const {
        return std::nullopt;
    }
    void draw_drop(QPainter& painter) const;
    void draw_tag(QPainter& painter, QPointF beside, const QString& text) const;

    std::optional<DropSeen> drop_;
    QRect playhead_rect_; ///< in which it was painted last
    std::unique_ptr<Gesture> gesture_;
    Qt::MouseButton button_ = Qt::NoButton; ///< that began it
};

} // namespace pulsepin
