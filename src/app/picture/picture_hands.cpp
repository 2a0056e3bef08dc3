// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/picture_hands.h"

#include "kinds/layer_kinds.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "picture/hands_marks.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double click_reach = 4, guide_reach = 7; // points

} // namespace

PictureHands::PictureHands(Document& document, ViewState& view, PreviewView& preview)
    : QObject(&preview), document_(document), view_(view), preview_(preview), seen_(document, view, preview),
      line_(document, preview), page_(document, view, preview), boxes_(document, view, preview),
      words_(document, preview) {
    preview_.set_overlay(this);
    connect(&view_, &ViewState::layer_chosen, &preview_, qOverload<>(&QWidget::update));
    connect(&view_, &ViewState::selection_changed, &preview_, [this] {
        if (arranging_)
            preview_.update();
    });
    connect(&document_, &Document::changed, this, [this] {
        page_.forget();
        give_up();
    });
}

void PictureHands::set_trace(bool shown) {
    trace_ = shown;
    preview_.update();
}

void PictureHands::set_pivots(bool shown) {
    seen_.pivots = shown;
    preview_.update();
}

void PictureHands::set_framing(bool framing) {
    give_up();
    seen_.framing = framing;
    if (framing) // what it is about is chosen
        for (const auto& layer : document_.project().stage->layers)
            if (layer.kind == layers::shots && !layer.hidden &&
                (!seen_.chosen() || seen_.chosen()->kind != layers::shots))
                view_.choose_layer(layer.id);
    preview_.update();
}

void PictureHands::set_drawing(bool drawing) {
    give_up();
    drawing_ = drawing;
    const Layer* line = nullptr;
    for (const auto& layer : document_.project().stage->layers)
        if (layer.kind == layers::line && !layer.hidden)
            line = &layer;
    if (drawing && line && (!seen_.chosen() || seen_.chosen()->kind != layers::line))
        view_.choose_layer(line->id);
    if (drawing && !line)
        document_.say(tr("There is no line yet: add one (stop Motion, Layers, Add)"));
    preview_.update();
}

void PictureHands::set_boxes(bool boxes) {
    give_up();
    boxes_.leave();
    if (!boxes)
        return;
    const Layer* layer = seen_.chosen();
    if (!layer || (layer->kind != layers::picture && layer->kind != layers::shots))
        for (const auto& one : document_.project().stage->layers)
            if ((one.kind == layers::picture || one.kind == layers::shots) && !one.hidden)
                layer = &one;
    if (!layer || (layer->kind != layers::picture && layer->kind != layers::shots))
        return document_.say(tr("There is no picture to move over yet."));
    view_.choose_layer(layer->id);
    boxes_.show(layer->id);
}

void PictureHands::set_arranging(bool arranging) {
    give_up();
    arranging_ = arranging;
    if (arranging && page_.titles().value == 0)
        document_.say(tr("There are no titles of words yet: make them first (menu Words)"));
    preview_.update();
}

bool PictureHands::arranges() const {
    return arranging_ && page_.titles().value != 0;
}

bool PictureHands::draws() const {
    return drawing_ && seen_.chosen() && seen_.chosen()->kind == layers::line && !seen_.chosen()->locked;
}

std::optional<QPointF> PictureHands::grip_position(PictureGrip grip) const {
    return seen_.grip_position(grip);
}

std::optional<LayerId> PictureHands::layer_under(QPointF pixel) const {
    const auto there = seen_.layers_at(preview_.staged(), preview_.scale().to_widget(pixel));
    return there.empty() ? std::nullopt : std::optional(there.front());
}

bool PictureHands::press(QMouseEvent& event) {
    if (event.button() != Qt::LeftButton)
        return false;
    pressed_ = event.position();
    dragged_ = false;
    if (draws()) {
        line_.press(view_.layer(), pressed_);
        preview_.update();
        return true;
    }
    if (boxes_.layer().value != 0) {
        boxes_.press(pressed_);
        return true;
    }
    if (arranges()) { // nothing else is moved meanwhile
        if (!page_.press(pressed_))
            view_.select({});
        return true;
    }
    const auto staged = preview_.staged();
    const auto grip = seen_.grip_at(staged, pressed_);
    const auto there = seen_.layers_at(staged, pressed_);
    was_chosen_ = grip.has_value();
    if (grip) {
        begin(*grip, pressed_);
        return true;
    }
    view_.choose_layer(there.empty() ? LayerId{} : there.front());
    // What fills the picture is chosen first and dragged then: a click besides does not move it.
    const Layer* layer = seen_.chosen();
    if (layer && layer->kind != layers::shots)
        begin(PictureGrip::Body, pressed_);
    return true;
}

void PictureHands::begin(PictureGrip grip, QPointF at) {
    const auto staged = preview_.staged();
    const auto shown = seen_.shown_chosen(staged);
    if (!shown)
        return;
    if (const auto framed_one = seen_.framed_shot(staged)) {
        gesture_ = framing_gesture(framed_one->seen, framed_one->shot, {staged.width, staged.height}, grip,
                                   preview_.scale().to_picture(at));
        return;
    }
    gesture_ = picture_gesture(staged, view_.layer(), seen_.camera_chosen(), shown->content, grip,
                               preview_.scale().to_picture(at),
                               guide_lines(staged, document_.project(), view_.layer()));
}

bool PictureHands::move(QMouseEvent& event) {
    const QPointF at = event.position();
    if (line_.busy()) {
        line_.move(at, event.modifiers() & Qt::ShiftModifier);
        return true;
    }
    if (page_.busy()) {
        page_.move(at, event.modifiers());
        return true;
    }
    if (boxes_.busy()) {
        boxes_.move(at);
        return true;
    }
    if (!(event.buttons() & Qt::LeftButton)) {
        show_hint(at);
        return true;
    }
    if (!gesture_ || (!dragged_ && QLineF(pressed_, at).length() < click_reach))
        return true;
    dragged_ = true;
    const auto keys = event.modifiers();
    const double reach = guides_ && !(keys & Qt::ControlModifier) ? guide_reach / preview_.scale().points : 0;
    draft_ = gesture_->at(preview_.scale().to_picture(at), keys & Qt::ShiftModifier, reach);
    seen_.draft = draft_.values;
    if (const auto framed_one = seen_.framed_shot(preview_.staged()))
        preview_.set_framing_draft(std::pair(framed_one->cut, framed_one->shot.framing));
    else
        preview_.set_draft(std::pair(view_.layer(), draft_.values));
    return true;
}

bool PictureHands::release(QMouseEvent& event) {
    if (event.button() != Qt::LeftButton)
        return false;
    if (line_.busy()) {
        line_.release();
        return true;
    }
    if (page_.busy()) {
        page_.release();
        return true;
    }
    if (boxes_.busy()) {
        boxes_.release();
        return true;
    }
    if (boxes_.layer().value != 0)
        return true;
    const auto gesture = std::move(gesture_);
    gesture_ = nullptr;
    if (gesture && dragged_) {
        const auto values = std::exchange(draft_, {}).values;
        seen_.draft = {};
        const QString what = values.contains("scale")      ? tr("scale layer")
                             : values.contains("rotation") ? tr("turn layer")
                             : values.contains("pivot-x")  ? tr("move pivot")
                                                           : tr("place layer");
        if (seen_.framing && (values.contains("framing-x") || values.contains("framing-scale")))
            take_framing(values);
        else
            take(values, what);
        preview_.set_draft(std::nullopt);
        preview_.set_framing_draft(std::nullopt);
    } else if (was_chosen_) {
        // A click on what is chosen goes one layer deeper, and round.
        const auto there = seen_.layers_at(preview_.staged(), event.position());
        const auto now = std::find(there.begin(), there.end(), view_.layer());
        if (!there.empty())
            view_.choose_layer(now == there.end() || now + 1 == there.end() ? there.front() : *(now + 1));
    }
    return true;
}

void PictureHands::give_up() {
    line_.give_up();
    page_.give_up();
    boxes_.give_up();
    if (!gesture_)
        return;
    gesture_ = nullptr;
    draft_ = {};
    seen_.draft = {};
    preview_.set_draft(std::nullopt);
    preview_.set_framing_draft(std::nullopt);
}

/// Of the shot that is seen; of all selected cuts, if it is one of them.
void PictureHands::take_framing(const SeenValues& values) {
    const auto framed_one = seen_.framed_shot(preview_.staged());
    if (!framed_one)
        return;
    const auto& selection = view_.selection();
    const std::vector<PinId> cuts = selection.contains(framed_one->cut)
                                        ? std::vector<PinId>(selection.begin(), selection.end())
                                        : std::vector<PinId>{framed_one->cut};
    document_.apply(with_bodies(document_.project(), cuts,
                                [&](PinBody& body) {
                                    auto* cut = body_if<CutBody>(&body);
                                    if (!cut)
                                        return;
                                    for (const auto& [id, value] : values)
                                        (id == "framing-x"   ? cut->framing.x
                                         : id == "framing-y" ? cut->framing.y
                                                             : cut->framing.scale) = value;
                                }),
                    tr("frame shot"));
}

void PictureHands::take(SeenValues values, const QString& what) {
    if (values.empty() || !seen_.chosen())
        return;
    if (seen_.chosen()->locked)
        return document_.say(tr("“%1” is locked. Unlock the layer first (stop Motion, Layers).")
                                 .arg(QString::fromStdString(seen_.chosen()->name)));
    // What an appearance adds is its own; the rest is the layer's.
    const StagedFrame staged = preview_.staged();
    if (const auto* one = staged_place(staged, view_.layer()).layer)
        for (auto& [id, value] : values) {
            const Moved& added = one->added;
            if (id == "position-x")
                value -= added.x;
            else if (id == "position-y")
                value -= added.y;
            else if (id == "rotation")
                value -= added.rotation;
            else if (id == "scale" && added.scale > 1e-6)
                value /= added.scale;
        }
    // A key on a beat may act on the frame after the one that is seen there: it is gone to, and changed.
    const Frames seen = preview_.frame_now(), frame = keyed_frame(document_.curves(), view_.layer(), seen);
    if (frame != seen)
        view_.set_playhead(document_.project().settings->frame_rate.start_of(frame));
    document_.apply(with_seen_values(document_.curves(), view_.layer(), values, frame), what);
}

bool PictureHands::wants(const QKeyEvent& event) const {
    const Layer* layer = seen_.chosen();
    const bool words = arranges() && !view_.selection().empty();
    if ((!layer && !words) || (event.modifiers() & ~(Qt::ShiftModifier | Qt::KeypadModifier)))
        return false;
    switch (event.key()) {
    case Qt::Key_Left:
    case Qt::Key_Right:
    case Qt::Key_Up:
    case Qt::Key_Down:
    case Qt::Key_Escape:
        return true;
    case Qt::Key_Return:
        return !words && layer->kind == layers::title;
    default:
        return false;
    }
}

bool PictureHands::key(QKeyEvent& event) {
    if (!wants(event))
        return false;
    if (event.key() == Qt::Key_Escape) {
        if (gesture_ || line_.busy() || page_.busy() || boxes_.busy())
            give_up();
        else if (arranges() && !view_.selection().empty())
            view_.select({});
        else
            view_.choose_layer({});
        return true;
    }
    const Layer* layer = seen_.chosen();
    const double step = event.modifiers() & Qt::ShiftModifier ? 10 : 1;
    const QPointF by = event.key() == Qt::Key_Left    ? QPointF(-step, 0)
                       : event.key() == Qt::Key_Right ? QPointF(step, 0)
                       : event.key() == Qt::Key_Up    ? QPointF(0, -step)
                       : event.key() == Qt::Key_Down  ? QPointF(0, step)
                                                      : QPointF();
    if (arranges() && !by.isNull() && page_.nudge(by))
        return true;
    if (!layer)
        return false;
    if (by.isNull()) {
        write_into(*layer);
        return true;
    }
    const auto staged = preview_.staged();
    if (const auto framed_one = seen_.framed_shot(staged)) {
        take_framing({{"framing-x", framed_one->shot.framing.x + by.x()},
                      {"framing-y", framed_one->shot.framing.y + by.y()}});
        return true;
    }
    const LayerValues values = values_seen(staged, *layer);
    take({{"position-x", values.of("position-x") + by.x()}, {"position-y", values.of("position-y") + by.y()}},
         tr("nudge layer"));
    return true;
}

bool PictureHands::double_click(QMouseEvent& event) {
    if (draws()) {
        line_.remove_at(view_.layer(), event.position());
        return true;
    }
    const auto there = seen_.layers_at(preview_.staged(), event.position());
    for (const LayerId id : there)
        if (const Layer* layer = document_.project().stage->layer(id); layer->kind == layers::title) {
            give_up();
            view_.choose_layer(id);
            write_into(*layer);
            return true;
        }
    return true;
}

void PictureHands::write_into(const Layer& layer) {
    if (const auto shown = seen_.shown_of(preview_.staged(), layer.id))
        words_.open(layer, shown->place.mapRect(shown->content));
}

void PictureHands::frame_chosen() {
    const Layer* layer = seen_.chosen();
    const auto staged = preview_.staged();
    const Layer* camera =
        document_.project().stage->layers.empty() ? nullptr : &document_.project().stage->layers.back();
    if (!layer || !camera || seen_.camera_chosen())
        return document_.say(tr("Choose a layer in the picture first."));
    const auto shown = seen_.shown_of(staged, layer->id);
    if (!shown)
        return;
    // Where it is put, without the camera, with a little room around.
    const QTransform put = shown->place * (camera_view(staged) * preview_.scale().transform()).inverted();
    QRectF box = put.mapRect(shown->content);
    box.adjust(-box.width() * 0.05, -box.height() * 0.05, box.width() * 0.05, box.height() * 0.05);
    document_.apply(with_seen_values(document_.curves(), camera->id,
                                     camera_on(box, staged.width, staged.height), preview_.frame_now()),
                    tr("frame layer"));
}

void PictureHands::show_hint(QPointF at) {
    if (boxes_.layer().value != 0) {
        preview_.setCursor(Qt::ArrowCursor);
        return emit hint(boxes_.hint(at));
    }
    if (arranges()) {
        preview_.setCursor(Qt::ArrowCursor);
        return emit hint(page_.hint(at));
    }
    if (draws()) {
        preview_.setCursor(Qt::CrossCursor);
        return emit hint(
            tr("Click sets a point · drag moves one, with Shift its width · double click takes it away"));
    }
    const auto staged = preview_.staged();
    const auto grip = seen_.grip_at(staged, at);
    preview_.setCursor(grip == PictureGrip::Corner ? Qt::SizeFDiagCursor
                       : grip == PictureGrip::Arm  ? Qt::CrossCursor
                       : grip == PictureGrip::Body ? Qt::SizeAllCursor
                                                   : Qt::ArrowCursor);
    if (const Layer* layer = seen_.chosen(); layer && grip)
        emit hint(tr("Drag “%1” to place it · corners scale, the arm turns · arrow keys nudge by 1 and 10 · "
                     "Ctrl: without guides")
                      .arg(QString::fromStdString(layer->name)));
    else
        emit hint(
            tr("Click a layer to choose it, again for the one below · wheel: zoom · middle button: pan"));
}

void PictureHands::paint(QPainter& painter) {
    const auto staged = preview_.staged();
    if (trace_ && !gesture_)
        paint_trace(painter, document_.curves(), preview_.frame_now(), seen_);
    if (draws())
        return line_.paint(painter, view_.layer());
    if (boxes_.layer().value != 0)
        return boxes_.paint(painter);
    if (arranges())
        return page_.paint(painter);
    paint_grips(painter, staged, seen_, preview_.size());
    paint_guides(painter, draft_.guides, preview_);
}

} // namespace pulsepin
