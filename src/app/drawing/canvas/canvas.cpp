// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/canvas/canvas.h"

#include "drawing/canvas/canvas_access.h"
#include "drawing/canvas/gestures/draw_lasting.h"
#include "drawing/kind_look.h"
#include "session/number_text.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <QApplication>
#include <QContextMenuEvent>
#include <QDropEvent>
#include <QHelpEvent>
#include <QPaintEvent>
#include <QResizeEvent>
#include <QToolTip>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// The column of names is drawn wider or narrower.
class WidenNames : public Gesture {
public:
    WidenNames(GestureContext context, QPointF from, ViewState& view)
        : Gesture(std::move(context), from), view_(view), width_(view.names_width()) {}
    std::optional<Edit> end(Qt::KeyboardModifiers) override { return std::nullopt; }
    [[nodiscard]] bool outlives_changes() const override { return true; }

protected:
    void drag_to(QPointF at, Qt::KeyboardModifiers) override {
        view_.set_names_width(width_ + static_cast<int>(at.x() - from().x()));
    }

private:
    ViewState& view_;
    int width_;
};

} // namespace

Canvas::Canvas(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    setMouseTracking(true);
    setAcceptDrops(true);
    setFocusPolicy(Qt::StrongFocus);
    setAttribute(Qt::WA_OpaquePaintEvent);
    connect(&document_, &Document::changed, this, [this] {
        if (gesture_ && !gesture_->outlives_changes())
            give_up();
        if (isVisible())
            lay_out(); // the mouse may be in a row that is gone, before it is painted
        invalidate();
    });
    connect(&document_, &Document::heard_changed, this, &Canvas::invalidate);
    connect(&document_.thumbnails(), &ThumbnailBank::arrived, this, &Canvas::invalidate);
    connect(&document_, &Document::sound_changed, this, &Canvas::invalidate);
    connect(&document_, &Document::followers_changed, this, &Canvas::invalidate);
    connect(&document_, &Document::trust_changed, this, &Canvas::invalidate);
    connect(&view_, &ViewState::look_changed, this, &Canvas::invalidate);
    connect(&view_, &ViewState::selection_changed, this, &Canvas::invalidate);
    connect(&view_, &ViewState::selection_changed, this, [this] { tell_chosen(*this); });
    connect(&view_, &ViewState::grid_rows_changed, this, [this] { tell_chosen(*this); });
    connect(&view_, &ViewState::range_changed, this, &Canvas::invalidate);
    connect(&view_, &ViewState::outlines_changed, this, &Canvas::invalidate);
    connect(&view_, &ViewState::grid_rows_changed, this, &Canvas::invalidate);
    connect(&view_, &ViewState::check_marks_changed, this, &Canvas::invalidate);
    connect(&view_, &ViewState::lamps_chosen, this, &Canvas::invalidate);
    connect(&view_, &ViewState::motion_lane_changed, this, &Canvas::invalidate);
    connect(&view_, &ViewState::lane_chosen, this, &Canvas::invalidate);
    connect(&view_, &ViewState::snap_changed, this, &Canvas::invalidate);
    connect(&view_, &ViewState::pulled_changed, this, qOverload<>(&QWidget::update));
    connect(&view_, &ViewState::onset_chosen, this, &Canvas::invalidate);
    connect(&view_, &ViewState::event_opened, this, &Canvas::invalidate);
    connect(&view_, &ViewState::names_width_changed, this, [this] {
        QResizeEvent event(size(), size()); // what is left for the music has another width
        QApplication::sendEvent(this, &event);
        invalidate();
    });
    connect(&view_, &ViewState::playhead_moved, this, [this] {
        // Only the old and the new place are painted again.
        update(playhead_rect_);
        update(playhead_strip(view_.playhead()).toAlignedRect());
    });
}

void Canvas::set_palette(const Palette& palette) {
    palette_ = &palette;
    invalidate();
}

// -- what is shown

const Schedule& Canvas::shown_schedule() const {
    return gesture_ && gesture_->draft() ? *gesture_->draft() : document_.schedule();
}

Scene Canvas::scene(const TimeScale& scale) const {
    // An onset that is dragged is a part of the draft.
    const bool drafted = shown_project().detection != document_.project().detection;
    return {
        shown_project(),
        drafted ? shown_project().detection : document_.detection().shown(),
        shown_schedule(),
        view_,
        *palette_,
        scale,
        [this](ClipId clip) { return document_.source(clip); },
        &document_.trust(),
        document_.detection().proposal(),
        &document_.followers(),
        view_.look().thumbnails
            ? [this](const Clip& clip, Seconds time) {
                  const auto file = clip.still ? clip.path : document_.proxies().file_of(clip);
                  return document_.thumbnails().near({file, clip.turned}, clip.still ? Seconds(0) : time);
              }
            : std::function<const QImage*(const Clip&, Seconds)>()};
}

QRectF Canvas::lane_area(std::size_t lane) const {
    QRectF area;
    for (const auto& place : placement().lane_places(lane))
        area |= place.row;
    return area;
}

Seconds Canvas::song_end() const {
    return gestures().song_end();
}

Seconds Canvas::snapped(Seconds time, bool off_grid) const {
    return gestures().snapped(time, off_grid);
}

QPointF Canvas::head_position(PinId pin) const {
    return pulsepin::head_position(placement(), gestures().scene(), pin);
}

std::optional<PinId> Canvas::pin_at(QPointF at) const {
    const auto grip = grip_under(gestures(), at);
    return grip ? std::optional(grip->pin) : std::nullopt;
}

void Canvas::invalidate() {
    base_valid_ = false;
    update();
}

void Canvas::paintEvent(QPaintEvent* event) {
    if (!base_valid_) {
        lay_out();
        const qreal ratio = devicePixelRatioF();
        if (base_.size() != size() * ratio) {
            base_ = QImage(size() * ratio, QImage::Format_RGB32);
            base_.setDevicePixelRatio(ratio);
        }
        draw(base_);
        if (gesture_) {
            QPainter painter(&base_);
            painter.setClipRect(QRectF(names_width(), 0, width() - names_width(), height()));
            gesture_->paint(painter, *palette_);
        }
        base_valid_ = true;
    }
    QPainter painter(this);
    const QRect dirty = event->rect();
    const qreal ratio = base_.devicePixelRatio();
    painter.drawImage(
        QRectF(dirty), base_,
        QRectF(dirty.x() * ratio, dirty.y() * ratio, dirty.width() * ratio, dirty.height() * ratio));
    draw_lamps(painter);
    draw_playhead(painter);
    playhead_rect_ = playhead_strip(view_.playhead()).toAlignedRect();
    draw_pulled(painter);
    draw_drop(painter);
}

// -- gestures

GestureContext Canvas::gestures() const {
    auto* self = const_cast<Canvas*>(this); // a gesture moves the playhead, which is no part of the drawing
    return {placement(),
            view_,
            [this]() -> const Schedule& { return document_.schedule(); },
            [this](ClipId clip) {
                const auto* source = document_.source(clip);
                return source ? std::optional(source->samples->duration()) : std::nullopt;
            },
            [self](Seconds time) { emit self->playhead_set(time); },
            {},
            [this](Seconds time) { return is_doubtful_at(document_.trust(), time); }};
}

void Canvas::begin(std::unique_ptr<Gesture> gesture, Qt::MouseButton button) {
    if (gesture_)
        give_up();
    gesture_ = std::move(gesture);
    button_ = button;
    if (gesture_)
        follow_gesture(0);
}

void Canvas::give_up() {
    gesture_.reset();
    setCursor(Qt::ArrowCursor);
    invalidate();
}

void Canvas::follow_gesture(int revision_before) {
    if (const auto why = gesture_->refused()) {
        document_.say(*why);
        return give_up();
    }
    if (!gesture_->hint().isEmpty())
        emit hint(gesture_->hint());
    if (gesture_->revision() != revision_before)
        invalidate();
}

namespace {

/// Shift and drag marks out what is selected, where a press would light cells; keys of a course that lies
/// open leave the beats by it.
bool lassoed(const Lane& lane, const ViewState& view) {
    return look_of_kind(lane.kind).erase &&
           std::ranges::find(lane.pins, view.opened_event(), &Pin::id) == lane.pins.end();
}

} // namespace

/// Of the right button; null where it asks for the menu.
std::unique_ptr<Gesture> Canvas::erasing_at(QPointF at) {
    const auto place = at.x() < names_width() ? std::nullopt : placement().lane_at(at);
    if (!place)
        return nullptr;
    const Scene drawn = scene(place->scale);
    const LaneScene lane = lane_scene(drawn, *place);
    const auto& look = look_of_kind(lane.lane.kind);
    return look.erase ? look.erase(gestures(), lane, at) : nullptr;
}

std::unique_ptr<Gesture> Canvas::gesture_on_lanes(QPointF at, Qt::KeyboardModifiers keys) {
    if (const auto grip = grip_under(gestures(), at))
        return grabbed(gestures(), *grip, at, keys);
    if (const auto place = placement().lane_at(at);
        place && !(keys & Qt::ControlModifier) &&
        !((keys & Qt::ShiftModifier) && lassoed(*document_.project().lanes[place->lane], view_))) {
        const Scene drawn = scene(place->scale);
        const LaneScene lane = lane_scene(drawn, *place);
        if (const auto& look = look_of_kind(lane.lane.kind); look.press)
            if (auto pressed = look.press(gestures(), lane, at))
                return pressed;
    }
    if (const auto place = placement().lane_at(at); place && keys == Qt::NoModifier) {
        const Lane& lane = *document_.project().lanes[place->lane];
        if (lane.pins.empty() && !lane.locked &&
            (holds<TriggerBody>(lane.kind) || holds<AppearanceBody>(lane.kind))) {
            view_.select({});
            return std::make_unique<DrawLasting>(gestures(), at, lane.id);
        }
    }
    if ((keys & Qt::ShiftModifier) && placement().lane_at(at))
        return std::make_unique<Lasso>(gestures(), at, keys);
    if (!(keys & Qt::ControlModifier))
        view_.select({});
    return std::make_unique<MovePlayhead>(gestures(), at);
}

QString Canvas::pin_hint(QPointF at) const {
    const auto grip = grip_under(gestures(), at);
    if (!grip) {
        const auto place = placement().lane_at(at);
        if (!place)
            return {};
        const Scene drawn = scene(place->scale);
        const LaneScene lane = lane_scene(drawn, *place);
        const auto& look = look_of_kind(lane.lane.kind);
        return look.press_hint ? look.press_hint(lane, at) : QString();
    }
    const auto& look = look_of_kind(document_.project().lane_of(grip->pin)->kind);
    return look.hint ? look.hint(grip->part)
                     : tr("Drag a pin to move it along the beats · hold Shift to leave the grid · Delete "
                          "removes it");
}

Qt::CursorShape Canvas::cursor_at(QPointF at) const {
    const auto grip = grip_under(gestures(), at);
    if (!grip)
        return Qt::ArrowCursor;
    return grip->part == GripPart::Start || grip->part == GripPart::End ? Qt::SplitHCursor
                                                                        : Qt::SizeHorCursor;
}

bool Canvas::on_names_edge(QPointF at) const {
    constexpr double grip = 6, ruler = 28; // beside the ruler only: below, pins lie on the edge
    return at.y() < ruler && at.x() < names_width() && at.x() >= names_width() - grip;
}

void Canvas::mousePressEvent(QMouseEvent* event) {
    if (gesture_) // another button: what was under way is not meant any more
        give_up();
    if (event->button() == Qt::LeftButton && on_names_edge(event->position()))
        begin(std::make_unique<WidenNames>(gestures(), event->position(), view_), event->button());
    else if (event->button() == Qt::LeftButton && event->position().x() >= names_width())
        begin(gesture_at(event->position(), event->modifiers()), event->button());
    else if (event->button() == Qt::RightButton)
        if (auto erasing = erasing_at(event->position()))
            begin(std::move(erasing), event->button());
}

void Canvas::mouseMoveEvent(QMouseEvent* event) {
    if (!gesture_) {
        const bool edge = on_names_edge(event->position());
        emit hint(edge ? tr("Drag to make the names wider or narrower") : hint_at(event->position()));
        setCursor(edge ? Qt::SplitHCursor : cursor_at(event->position()));
        return;
    }
    const int before = gesture_->revision();
    gesture_->move(event->position(), event->modifiers());
    follow_gesture(before);
}

void Canvas::mouseReleaseEvent(QMouseEvent* event) {
    if (!gesture_ || event->button() != button_)
        return;
    const auto ended = std::move(gesture_);
    auto edit = ended->end(event->modifiers());
    setCursor(Qt::ArrowCursor);
    if (edit)
        document_.apply(std::move(edit->project), edit->name);
    invalidate();
}

void Canvas::mouseDoubleClickEvent(QMouseEvent* event) {
    constexpr double reach = 8;
    const QPointF at = event->position();
    const auto place = placement().lane_at(at);
    if (event->button() != Qt::LeftButton || !place)
        return;
    const Scene drawn = scene(place->scale);
    const LaneScene lane = lane_scene(drawn, *place);
    if (const auto special = look_of_kind(lane.lane.kind).double_click)
        if (auto made = special(gestures(), lane, at)) {
            if (made->refused)
                document_.say(*made->refused);
            if (made->edit)
                document_.apply(std::move(made->edit->project), made->edit->name);
            return;
        }
    // A double click on a shot's bar adds a cut there; on a pin's head it adds nothing.
    const auto pin = pin_at(at);
    if (pin && std::abs(head_position(*pin).x() - at.x()) < reach)
        return;
    const Seconds meant = placement().time_at(at);
    std::function<PinBody(PinBody)> begin;
    if (const auto begun = look_of_kind(lane.lane.kind).begun_at)
        begin = [&](PinBody body) { return begun(lane, std::move(body), at.y()); };
    emit add_wanted(lane.lane.id, meant, snapped(meant, event->modifiers() & Qt::ShiftModifier), begin);
}

void Canvas::contextMenuEvent(QContextMenuEvent* event) {
    if (event->reason() == QContextMenuEvent::Mouse && erasing_at(event->pos()))
        return; // the right button makes cells dark there
    QPointF at = event->pos();
    std::optional<PinId> pin;
    if (event->reason() == QContextMenuEvent::Keyboard) {
        if (!view_.selection().empty())
            pin = *view_.selection().begin();
        at = pin ? head_position(*pin) : playhead_point();
    } else {
        pin = pin_at(at);
        if (pin && !view_.selection().contains(*pin))
            view_.select({*pin});
    }
    emit menu_wanted(mapToGlobal(at.toPoint()), pin,
                     std::clamp(placement().time_at(at), Seconds(0), song_end()));
}

void Canvas::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && gesture_)
        return give_up();
    QWidget::keyPressEvent(event);
}

bool Canvas::event(QEvent* event) {
    // While something is dragged, Escape gives the drag up and nothing else.
    if (event->type() == QEvent::ShortcutOverride && gesture_ &&
        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
        event->accept();
        return true;
    }
    if (event->type() == QEvent::Leave)
        emit hint({});
    if (event->type() != QEvent::ToolTip)
        return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    show_tooltip(help->pos(), help->globalPos());
    return true;
}

void Canvas::show_tooltip(QPoint at, QPoint global) {
    const auto id = pin_at(at);
    if (!id)
        return QToolTip::hideText();
    for (const auto& lane : document_.schedule())
        for (const auto& pin : lane.pins)
            if (pin.id == *id)
                QToolTip::showText(global,
                                   tr("%1 · frame %2 · %3 ms off")
                                       .arg(QString::fromStdString(format_clock(pin.time)))
                                       .arg(pin.frame.value)
                                       .arg(number_text(pin.rounding_error.value * 1000, 1)),
                                   this);
}

} // namespace pulsepin
