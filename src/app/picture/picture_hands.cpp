// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/picture_hands.h"

#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "palette.h"

#include <QPointer>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double grip_reach = 8, arm_length = 34, click_reach = 4, guide_reach = 7; // points

const QColor& hands_colour() {
    static const QColor colour(0x4f, 0xc4, 0xb4);
    return colour;
}

QPolygonF corners(const QTransform& place, const QRectF& content) {
    return place.map(
        QPolygonF({content.topLeft(), content.topRight(), content.bottomRight(), content.bottomLeft()}));
}

void paint_label(QPainter& painter, QPointF at, const QString& text) {
    const QRectF box(at.x(), at.y(), painter.fontMetrics().horizontalAdvance(text) + 12, 18);
    painter.setPen(Qt::NoPen);
    painter.setBrush(day_palette().desk);
    painter.drawRoundedRect(box, 3, 3);
    painter.setPen(day_palette().desk_text);
    painter.drawText(box, Qt::AlignCenter, text);
}

/// As the layer is seen; by itself where it is not.
LayerValues values_of(const StagedFrame& staged, const Layer& layer) {
    if (layer.kind == LayerKind::Camera)
        return staged.camera;
    const auto* seen = staged_place(staged, layer.id).layer;
    return seen ? seen->values : LayerValues(layer);
}

} // namespace

PictureHands::PictureHands(Document& document, ViewState& view, PreviewView& preview)
    : QObject(&preview), document_(document), view_(view), preview_(preview), line_(document, preview) {
    preview_.set_overlay(this);
    connect(&view_, &ViewState::layer_chosen, &preview_, qOverload<>(&QWidget::update));
    connect(&document_, &Document::changed, this, &PictureHands::give_up);
}

const Layer* PictureHands::chosen() const {
    return document_.project().stage->layer(view_.layer());
}

bool PictureHands::camera_chosen() const {
    const Layer* layer = chosen();
    return layer && layer->kind == LayerKind::Camera;
}

void PictureHands::set_trace(bool shown) {
    trace_ = shown;
    preview_.update();
}

void PictureHands::set_pivots(bool shown) {
    pivots_ = shown;
    preview_.update();
}

void PictureHands::set_framing(bool framing) {
    give_up();
    framing_ = framing;
    if (framing) // what it is about is chosen
        for (const auto& layer : document_.project().stage->layers)
            if (layer.kind == LayerKind::Shots && !layer.hidden &&
                (!chosen() || chosen()->kind != LayerKind::Shots))
                view_.choose_layer(layer.id);
    preview_.update();
}

void PictureHands::set_drawing(bool drawing) {
    give_up();
    drawing_ = drawing;
    const Layer* line = nullptr;
    for (const auto& layer : document_.project().stage->layers)
        if (layer.kind == LayerKind::Line && !layer.hidden)
            line = &layer;
    if (drawing && line && (!chosen() || chosen()->kind != LayerKind::Line))
        view_.choose_layer(line->id);
    if (drawing && !line)
        document_.say(tr("There is no line yet: add one (stop Motion, Layers, Add)"));
    preview_.update();
}

bool PictureHands::draws() const {
    return drawing_ && chosen() && chosen()->kind == LayerKind::Line && !chosen()->locked;
}

std::optional<PictureHands::FramedShot> PictureHands::framed_shot(const StagedFrame& staged) const {
    const Layer* layer = chosen();
    if (!framing_ || !layer || layer->kind != LayerKind::Shots)
        return std::nullopt;
    const auto& project = document_.project();
    const Lane* lane =
        layer->cuts.value != 0 ? project.lane(layer->cuts) : project.first_lane(&LaneKindRow::cuts);
    const auto* span = lane ? shot_at(document_.shots(lane->id), preview_.frame_now()) : nullptr;
    const auto picture = preview_.pictures().find(layer->id);
    if (!span || picture == preview_.pictures().end() || picture->second.shot.image.isNull())
        return std::nullopt;
    if (const auto place = staged_place(staged, layer->id); place.layer) {
        FramedShot framed{span->cut, picture->second.shot, seen_place(staged, *place.layer, place.around)};
        framed.shot.framing = span->framing;
        for (const auto& [id, value] : draft_.values)
            (id == "framing-x"   ? framed.shot.framing.x
             : id == "framing-y" ? framed.shot.framing.y
                                 : framed.shot.framing.scale) = value;
        return framed;
    }
    return std::nullopt;
}

std::optional<PictureHands::Shown> PictureHands::shown_of(const StagedFrame& staged, LayerId id) const {
    const auto place = staged_place(staged, id);
    return place.layer ? std::optional(shown_of(staged, place)) : std::nullopt;
}

PictureHands::Shown PictureHands::shown_of(const StagedFrame& staged, const StagedPlace& place) const {
    QRectF content = content_box(*place.layer, preview_.pictures(), {staged.width, staged.height});
    if (content.isEmpty()) // nothing to see: as large as a picture would be
        content = QRectF(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height);
    return {seen_place(staged, *place.layer, place.around) * preview_.scale().transform(), content};
}

std::optional<PictureHands::Shown> PictureHands::shown_chosen(const StagedFrame& staged) const {
    if (camera_chosen()) {
        QRectF frame(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height);
        // Its grips stand within the frame, where they can be reached.
        return Shown{preview_.scale().transform(),
                     frame.adjusted(staged.width * 0.03, staged.height * 0.03, -staged.width * 0.03,
                                    -staged.height * 0.03)};
    }
    if (const auto framed_one = framed_shot(staged))
        return Shown{framed_one->seen * preview_.scale().transform(),
                     framed(framed_one->shot, {staged.width, staged.height})};
    return shown_of(staged, view_.layer());
}

QPointF PictureHands::pivot_position(const StagedFrame& staged, const Shown& shown) const {
    if (const auto* one = staged_place(staged, view_.layer()).layer)
        return shown.place.map(QPointF(one->values.of("pivot-x"), one->values.of("pivot-y")));
    return shown.place.map(QPointF());
}

/// Above the upper edge; within it, where it would lie beyond the widget.
QPointF PictureHands::arm_end(const Shown& shown) const {
    const QPointF middle = shown.place.map(QPointF());
    const QPointF top = shown.place.map(QPointF(shown.content.center().x(), shown.content.top()));
    const QLineF up(middle, top);
    const double length = std::max(1.0, up.length());
    const QPointF outside = middle + (top - middle) * ((length + arm_length) / length);
    return preview_.rect().contains(outside.toPoint())
               ? outside
               : middle + (top - middle) * (std::max(length / 2, length - arm_length) / length);
}

std::optional<QPointF> PictureHands::grip_position(PictureGrip grip) const {
    const auto shown = shown_chosen(preview_.staged());
    if (!shown)
        return std::nullopt;
    switch (grip) {
    case PictureGrip::Corner:
        return shown->place.map(shown->content.bottomRight());
    case PictureGrip::Arm:
        return arm_end(*shown);
    case PictureGrip::Pivot:
        return pivot_position(preview_.staged(), *shown);
    case PictureGrip::Body:
        break;
    }
    return framed_shot(preview_.staged()) ? shown->place.map(shown->content.center())
                                          : shown->place.map(QPointF());
}

std::optional<PictureGrip> PictureHands::grip_at(const StagedFrame& staged, QPointF at) const {
    const auto shown = shown_chosen(staged);
    if (!shown)
        return std::nullopt;
    const bool framing = framed_shot(staged).has_value();
    if (pivots_ && !framing && !camera_chosen() &&
        QLineF(pivot_position(staged, *shown), at).length() <= grip_reach)
        return PictureGrip::Pivot;
    if (!framing && QLineF(arm_end(*shown), at).length() <= grip_reach)
        return PictureGrip::Arm;
    const auto box = corners(shown->place, shown->content);
    for (const auto& corner : box)
        if (QLineF(corner, at).length() <= grip_reach)
            return PictureGrip::Corner;
    return box.containsPoint(at, Qt::OddEvenFill) ? std::optional(PictureGrip::Body) : std::nullopt;
}

std::vector<LayerId> PictureHands::layers_at(const StagedFrame& staged, QPointF at) const {
    std::vector<LayerId> found;
    const auto places = staged_places(staged);
    for (auto place = places.rbegin(); place != places.rend(); ++place) {
        if (place->layer->locked)
            continue;
        const auto shown = shown_of(staged, *place);
        if (corners(shown.place, shown.content).containsPoint(at, Qt::OddEvenFill) &&
            std::find(found.begin(), found.end(), place->layer->id) == found.end())
            found.push_back(place->layer->id);
    }
    return found;
}

std::optional<LayerId> PictureHands::layer_under(QPointF pixel) const {
    const auto there = layers_at(preview_.staged(), preview_.scale().to_widget(pixel));
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
    const auto staged = preview_.staged();
    const auto grip = grip_at(staged, pressed_);
    const auto there = layers_at(staged, pressed_);
    was_chosen_ = grip.has_value();
    if (grip) {
        begin(*grip, pressed_);
        return true;
    }
    view_.choose_layer(there.empty() ? LayerId{} : there.front());
    // What fills the picture is chosen first and dragged then: a click besides does not move it.
    const Layer* layer = chosen();
    if (layer && layer->kind != LayerKind::Shots)
        begin(PictureGrip::Body, pressed_);
    return true;
}

void PictureHands::begin(PictureGrip grip, QPointF at) {
    const auto staged = preview_.staged();
    const auto shown = shown_chosen(staged);
    if (!shown)
        return;
    if (const auto framed_one = framed_shot(staged)) {
        gesture_ = framing_gesture(framed_one->seen, framed_one->shot, {staged.width, staged.height}, grip,
                                   preview_.scale().to_picture(at));
        return;
    }
    gesture_ = picture_gesture(staged, view_.layer(), camera_chosen(), shown->content, grip,
                               preview_.scale().to_picture(at),
                               guide_lines(staged, document_.project(), view_.layer()));
}

bool PictureHands::move(QMouseEvent& event) {
    const QPointF at = event.position();
    if (line_.busy()) {
        line_.move(at, event.modifiers() & Qt::ShiftModifier);
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
    if (const auto framed_one = framed_shot(preview_.staged()))
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
    const auto gesture = std::move(gesture_);
    gesture_ = nullptr;
    if (gesture && dragged_) {
        const auto values = std::exchange(draft_, {}).values;
        const QString what = values.contains("scale")      ? tr("scale layer")
                             : values.contains("rotation") ? tr("turn layer")
                             : values.contains("pivot-x")  ? tr("move pivot")
                                                           : tr("place layer");
        if (framing_ && (values.contains("framing-x") || values.contains("framing-scale")))
            take_framing(values);
        else
            take(values, what);
        preview_.set_draft(std::nullopt);
        preview_.set_framing_draft(std::nullopt);
    } else if (was_chosen_) {
        // A click on what is chosen goes one layer deeper, and round.
        const auto there = layers_at(preview_.staged(), event.position());
        const auto now = std::find(there.begin(), there.end(), view_.layer());
        if (!there.empty())
            view_.choose_layer(now == there.end() || now + 1 == there.end() ? there.front() : *(now + 1));
    }
    return true;
}

void PictureHands::give_up() {
    line_.give_up();
    if (!gesture_)
        return;
    gesture_ = nullptr;
    draft_ = {};
    preview_.set_draft(std::nullopt);
    preview_.set_framing_draft(std::nullopt);
}

/// Of the shot that is seen; of all selected cuts, if it is one of them.
void PictureHands::take_framing(const SeenValues& values) {
    const auto framed_one = framed_shot(preview_.staged());
    if (!framed_one)
        return;
    const auto& selection = view_.selection();
    const std::vector<PinId> cuts = selection.contains(framed_one->cut)
                                        ? std::vector<PinId>(selection.begin(), selection.end())
                                        : std::vector<PinId>{framed_one->cut};
    document_.apply(with_bodies(document_.project(), cuts,
                                [&](PinBody& body) {
                                    auto* cut = std::get_if<CutBody>(&body);
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
    if (values.empty() || !chosen())
        return;
    if (chosen()->locked)
        return document_.say(tr("“%1” is locked. Unlock the layer first (stop Motion, Layers).")
                                 .arg(QString::fromStdString(chosen()->name)));
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
    const Layer* layer = chosen();
    if (!layer || (event.modifiers() & ~(Qt::ShiftModifier | Qt::KeypadModifier)))
        return false;
    switch (event.key()) {
    case Qt::Key_Left:
    case Qt::Key_Right:
    case Qt::Key_Up:
    case Qt::Key_Down:
    case Qt::Key_Escape:
        return true;
    case Qt::Key_Return:
        return layer->kind == LayerKind::Title;
    default:
        return false;
    }
}

bool PictureHands::key(QKeyEvent& event) {
    if (!wants(event))
        return false;
    if (event.key() == Qt::Key_Escape) {
        if (gesture_ || line_.busy())
            give_up();
        else
            view_.choose_layer({});
        return true;
    }
    const Layer* layer = chosen();
    const double step = event.modifiers() & Qt::ShiftModifier ? 10 : 1;
    const QPointF by = event.key() == Qt::Key_Left    ? QPointF(-step, 0)
                       : event.key() == Qt::Key_Right ? QPointF(step, 0)
                       : event.key() == Qt::Key_Up    ? QPointF(0, -step)
                       : event.key() == Qt::Key_Down  ? QPointF(0, step)
                                                      : QPointF();
    if (by.isNull()) {
        write_into(*layer);
        return true;
    }
    const auto staged = preview_.staged();
    if (const auto framed_one = framed_shot(staged)) {
        take_framing({{"framing-x", framed_one->shot.framing.x + by.x()},
                      {"framing-y", framed_one->shot.framing.y + by.y()}});
        return true;
    }
    const LayerValues values = values_of(staged, *layer);
    take({{"position-x", values.of("position-x") + by.x()}, {"position-y", values.of("position-y") + by.y()}},
         tr("nudge layer"));
    return true;
}

bool PictureHands::double_click(QMouseEvent& event) {
    if (draws()) {
        line_.remove_at(view_.layer(), event.position());
        return true;
    }
    const auto there = layers_at(preview_.staged(), event.position());
    for (const LayerId id : there)
        if (const Layer* layer = document_.project().stage->layer(id); layer->kind == LayerKind::Title) {
            give_up();
            view_.choose_layer(id);
            write_into(*layer);
            return true;
        }
    return true;
}

/// The words of a title, written where they are seen. Escape leaves them as they were.
void PictureHands::write_into(const Layer& layer) {
    const auto shown = shown_of(preview_.staged(), layer.id);
    if (!shown || words_)
        return;
    const QRectF box = shown->place.mapRect(shown->content);
    words_ = new LinesEdit(&preview_);
    // What appears with words of its own has those written into.
    const StagedFrame staged = preview_.staged();
    const auto* seen = staged_place(staged, layer.id).layer;
    const Pin* pin = seen ? document_.project().pin(seen->appearance) : nullptr;
    const auto* own = pin ? std::get_if<AppearanceBody>(&pin->body) : nullptr;
    const PinId appearance = own && !own->text.empty() ? pin->id : PinId{};
    words_->set_lines(QString::fromStdString(appearance.value != 0 ? own->text : layer.text));
    words_->setObjectName("words in the picture");
    words_->setAccessibleName(tr("The words of the title; Shift+Enter begins another line"));
    const int width =
        std::clamp(static_cast<int>(box.width()) + 60, 160, std::max(160, preview_.width() - 8));
    words_->setGeometry(
        std::clamp(static_cast<int>(box.center().x()) - width / 2, 4,
                   std::max(4, preview_.width() - width - 4)),
        std::clamp(static_cast<int>(box.center().y()) - 14, 4, std::max(4, preview_.height() - 32)), width,
        28);
    words_->selectAll();
    words_->show();
    words_->setFocus();
    // The field loses the keyboard when the window goes, and the document may be gone before.
    const auto finish = [this, id = layer.id, appearance, there = QPointer<Document>(&document_)](bool keep) {
        auto* field = there ? std::exchange(words_, nullptr) : nullptr;
        if (!field)
            return;
        const Layer* now = document_.project().stage->layer(id);
        const std::string words = field->lines().toStdString();
        if (keep && field->isModified() && document_.project().pin(appearance)) {
            const PinId pins[] = {appearance};
            document_.apply(with_bodies(document_.project(), pins,
                                        [&](PinBody& body) { std::get<AppearanceBody>(body).text = words; }),
                            tr("change words"));
        } else if (keep && now && field->isModified()) {
            Layer changed = *now;
            changed.text = words;
            document_.apply(with_changed_layer(document_.project(), std::move(changed)), tr("change words"));
        }
        field->hide();
        field->deleteLater();
        preview_.setFocus();
    };
    connect(words_, &QLineEdit::editingFinished, this, [finish] { finish(true); });
    auto* escape = new QAction(words_);
    escape->setShortcut(Qt::Key_Escape);
    escape->setShortcutContext(Qt::WidgetShortcut);
    words_->addAction(escape);
    connect(escape, &QAction::triggered, this, [finish] { finish(false); });
}

void PictureHands::frame_chosen() {
    const Layer* layer = chosen();
    const auto staged = preview_.staged();
    const Layer* camera =
        document_.project().stage->layers.empty() ? nullptr : &document_.project().stage->layers.back();
    if (!layer || !camera || camera_chosen())
        return document_.say(tr("Choose a layer in the picture first."));
    const auto shown = shown_of(staged, layer->id);
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
    if (draws()) {
        preview_.setCursor(Qt::CrossCursor);
        return emit hint(
            tr("Click sets a point · drag moves one, with Shift its width · double click takes it away"));
    }
    const auto staged = preview_.staged();
    const auto grip = grip_at(staged, at);
    preview_.setCursor(grip == PictureGrip::Corner ? Qt::SizeFDiagCursor
                       : grip == PictureGrip::Arm  ? Qt::CrossCursor
                       : grip == PictureGrip::Body ? Qt::SizeAllCursor
                                                   : Qt::ArrowCursor);
    if (const Layer* layer = chosen(); layer && grip)
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
        paint_trace(painter);
    if (draws())
        return line_.paint(painter, view_.layer());
    paint_chosen(painter, staged);
    paint_guides(painter);
}

void PictureHands::paint_chosen(QPainter& painter, const StagedFrame& staged) const {
    const auto shown = shown_chosen(staged);
    const Layer* layer = chosen();
    if (!shown || !layer)
        return;
    const auto box = corners(shown->place, shown->content);
    const auto framed_one = framed_shot(staged);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(hands_colour(), 1.5));
    painter.drawPolygon(box);
    if (!framed_one) {
        const QPointF middle = pivot_position(staged, *shown);
        const QPointF arm = arm_end(*shown);
        painter.drawLine(shown->place.map(QPointF(shown->content.center().x(), shown->content.top())), arm);
        if (pivots_) // it can be taken hold of
            painter.setBrush(day_palette().desk_text);
        painter.drawEllipse(middle, 5, 5);
        painter.drawLine(middle - QPointF(8, 0), middle + QPointF(8, 0));
        painter.drawLine(middle - QPointF(0, 8), middle + QPointF(0, 8));
        painter.setBrush(day_palette().desk);
        painter.drawEllipse(arm, 5, 5);
    }
    painter.setBrush(day_palette().desk_text);
    for (const auto& corner : box)
        painter.drawRect(QRectF(corner - QPointF(4, 4), QSizeF(8, 8)));
    const LayerValues values = values_of(staged, *layer);
    const auto told = [&](const char* id) { return std::round(values.of(id) * 10) / 10; };
    const QString text = framed_one ? tr("shot: %1, %2 · %3 %")
                                          .arg(framed_one->shot.framing.x)
                                          .arg(framed_one->shot.framing.y)
                                          .arg(framed_one->shot.framing.scale)
                                    : tr("%1, %2 · %3 % · %4°")
                                          .arg(told("position-x"))
                                          .arg(told("position-y"))
                                          .arg(told("scale"))
                                          .arg(told("rotation"));
    const double width = painter.fontMetrics().horizontalAdvance(text) + 12;
    const QRectF around = box.boundingRect();
    paint_label(painter,
                {std::clamp(around.left(), 4.0, std::max(4.0, preview_.width() - width - 4)),
                 std::clamp(around.bottom() + 8, 4.0, std::max(4.0, preview_.height() - 24.0))},
                text);
}

void PictureHands::paint_guides(QPainter& painter) const {
    for (const auto& line : draft_.guides) {
        const bool upright = line.along == Qt::Vertical;
        const QPointF at = preview_.scale().to_widget(QPointF(line.at, line.at));
        painter.setPen(QPen(hands_colour(), 1, Qt::DashLine));
        if (upright)
            painter.drawLine(QPointF(at.x(), 0), QPointF(at.x(), preview_.height()));
        else
            painter.drawLine(QPointF(0, at.y()), QPointF(preview_.width(), at.y()));
        paint_label(painter, upright ? QPointF(at.x() + 4, 4) : QPointF(4, at.y() - 22), line.name);
    }
}

void PictureHands::paint_trace(QPainter& painter) const {
    const Layer* layer = chosen();
    if (!layer || layer->kind == LayerKind::Camera)
        return;
    const auto trace = key_trace(document_.curves(), layer->id, preview_.frame_now());
    if (trace.keys.empty())
        return;
    const QColor colour = hands_colour();
    QPolygonF way;
    for (const Frames frame : trace.between)
        if (const auto shown = shown_of(placed_at(document_.curves(), layer->id, frame), layer->id))
            way << shown->place.map(QPointF());
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(colour, 1, Qt::DotLine));
    painter.drawPolyline(way);
    painter.setPen(QPen(colour, 1, Qt::DashLine));
    for (std::size_t i = 0; i < trace.keys.size(); ++i)
        if (const auto shown = shown_of(placed_at(document_.curves(), layer->id, trace.keys[i]), layer->id)) {
            const auto box = corners(shown->place, shown->content);
            painter.drawPolygon(box);
            paint_label(painter, box.boundingRect().topLeft() - QPointF(0, 22), trace.places[i]);
            painter.setBrush(Qt::NoBrush);
            painter.setPen(QPen(colour, 1, Qt::DashLine));
        }
}

} // namespace pulsepin
