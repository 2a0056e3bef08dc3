// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/box_hands.h"

#include "hand/composition.h"
#include "hand/seen_values.h"
#include "parts/palette.h"
#include "render/staged_places.h"
#include "session/core_words.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double reach = 7; // points
const BoxHands::Which both[] = {BoxHands::Which::First, BoxHands::Which::Last};

} // namespace

void BoxHands::show(LayerId layer) {
    layer_ = layer;
    give_up();
    look_whole();
}

void BoxHands::leave() {
    if (layer_.value == 0)
        return;
    layer_ = {};
    give_up();
    preview_.set_draft(std::nullopt);
}

void BoxHands::look_whole() {
    if (layer_.value != 0)
        preview_.set_draft(std::pair(
            layer_,
            SeenValues{
                {"position-x", 0}, {"position-y", 0}, {"scale", 100}, {"rotation", 0}, {"opacity", 100}}));
}

QRectF BoxHands::content() const {
    const auto staged = preview_.staged();
    const auto place = staged_place(staged, layer_);
    const QRectF whole(-staged.width / 2.0, -staged.height / 2.0, staged.width, staged.height);
    if (!place.layer)
        return whole;
    const QRectF box = content_box(*place.layer, preview_.pictures(), {staged.width, staged.height});
    return box.isEmpty() ? whole : box;
}

BoxHands::Boxes BoxHands::boxes() const {
    if (draft_)
        return *draft_;
    if (const auto move = slow_move_of(document_.schedule(), layer_))
        return {move->first, move->last};
    const auto& settings = *document_.project().settings;
    const QRectF all = content();
    const auto fitted = [&](MoveBox box) {
        return box_within(box, all.width(), all.height(), settings.picture_width, settings.picture_height);
    };
    return {fitted({0, 0, 1}), fitted({0, 0, 0.8})}; // slowly closer, until it is said otherwise
}

QRectF BoxHands::seen(const MoveBox& box) const {
    const auto& settings = *document_.project().settings;
    const QSizeF size(box.share * settings.picture_width, box.share * settings.picture_height);
    const QRectF there(box.x - size.width() / 2, box.y - size.height() / 2, size.width(), size.height());
    return preview_.scale().transform().mapRect(there);
}

QRectF BoxHands::box_seen(Which which) const {
    return seen(boxes().of(which));
}

std::optional<BoxHands::Held> BoxHands::held_at(QPointF at) const {
    const Boxes now = boxes();
    std::optional<Held> body;
    for (const Which which : both) {
        const QRectF box = seen(now.of(which));
        for (const QPointF corner : {box.topLeft(), box.topRight(), box.bottomLeft(), box.bottomRight()})
            if (QLineF(corner, at).length() <= reach)
                return Held{which, true, at, now.of(which)};
        if (box.contains(at) && (!body || seen(now.of(body->which)).width() > box.width()))
            body = Held{which, false, at, now.of(which)}; // of two that lie there the smaller one
    }
    return body;
}

bool BoxHands::press(QPointF at) {
    held_ = held_at(at);
    if (held_)
        draft_ = boxes();
    return held_.has_value();
}

void BoxHands::move(QPointF at) {
    if (!held_ || !draft_)
        return;
    const QTransform back = preview_.scale().transform().inverted();
    const QPointF by = back.map(at) - back.map(held_->from);
    MoveBox box = held_->began;
    const auto& settings = *document_.project().settings;
    if (held_->corner) {
        const QPointF middle(box.x, box.y);
        const double before = QLineF(middle, back.map(held_->from)).length(),
                     now = QLineF(middle, back.map(at)).length();
        box.share *= before > 1 ? now / before : 1;
    } else {
        box.x = std::round(box.x + by.x());
        box.y = std::round(box.y + by.y());
    }
    const QRectF all = content();
    draft_->of(held_->which) =
        box_within(box, all.width(), all.height(), settings.picture_width, settings.picture_height);
    preview_.update();
}

void BoxHands::release() {
    if (!held_)
        return;
    const Boxes wanted = *draft_;
    const bool changed = !(wanted.of(held_->which) == held_->began);
    give_up();
    if (!changed)
        return;
    const auto range =
        view_.range() ? std::optional(TimeSpan{view_.range()->from, view_.range()->until}) : std::nullopt;
    const auto meant = stretch_meant(document_.project(), range, view_.playhead());
    if (!meant)
        return document_.say(spoken(meant.error()));
    document_.apply(
        with_slow_move(document_.schedule(), layer_, wanted.first, wanted.last, meant->from, meant->until),
        PreviewView::tr("slow move"));
    look_whole();
}

void BoxHands::give_up() {
    held_.reset();
    draft_.reset();
    preview_.update();
}

QString BoxHands::hint(QPointF at) const {
    const auto held = held_at(at);
    if (!held)
        return PreviewView::tr(
            "The frame moves from the box “from” to the box “to”, over the range, the section or "
            "four bars");
    return held->corner ? PreviewView::tr("Drag a corner to make the box larger or smaller")
                        : PreviewView::tr("Drag the box to where the frame shall be");
}

void BoxHands::paint(QPainter& painter) const {
    const Boxes now = boxes();
    const auto& p = desk_palette();
    painter.setRenderHint(QPainter::Antialiasing);
    const QColor colours[] = {p.marker, p.selection};
    const QString names[] = {PreviewView::tr("from"), PreviewView::tr("to")};
    for (const Which which : both) {
        const auto i = static_cast<std::size_t>(which);
        const QRectF box = seen(now.of(which));
        painter.setPen(QPen(colours[i], 2, which == Which::First ? Qt::SolidLine : Qt::DashLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(box);
        painter.setBrush(colours[i]);
        painter.setPen(Qt::NoPen);
        for (const QPointF corner : {box.topLeft(), box.topRight(), box.bottomLeft(), box.bottomRight()})
            painter.drawRect(QRectF(corner - QPointF(3, 3), QSizeF(6, 6)));
        const QSizeF size = painter.fontMetrics().size(Qt::TextSingleLine, names[i]).toSizeF() + QSizeF(8, 2);
        const QRectF tag(box.topLeft() + QPointF(which == Which::First ? 6 : 10 + size.width() * 2, 4), size);
        painter.drawRect(tag);
        painter.setPen(p.paper);
        painter.drawText(tag, Qt::AlignCenter, names[i]);
    }
    painter.setPen(QPen(p.desk_text, 1, Qt::DotLine));
    painter.drawLine(seen(now.first).center(), seen(now.last).center());
}

} // namespace pulsepin
