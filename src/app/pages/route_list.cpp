// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/route_list.h"

#include "parts/palette.h"
#include "parts/plain_texts.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr int most_height = 44, least_height = 32;

} // namespace

RouteList::RouteList(std::vector<StopPanel*> stops, QWidget* parent)
    : QWidget(parent), stops_(std::move(stops)) {
    setObjectName("route");
    setAccessibleName(tr("Route"));
    setAccessibleDescription(tr("The stops of the work; up and down arrows go from one to the next"));
    setFocusPolicy(Qt::StrongFocus);
    setFixedWidth(152);
}

void RouteList::set_narrow(bool narrow) {
    narrow_ = narrow;
    setFixedWidth(narrow ? 96 : 152);
    update();
}

/// As high as there is room for.
int RouteList::stop_height() const {
    return std::clamp(height() / std::max(1, static_cast<int>(stops_.size())), least_height, most_height);
}

QRect RouteList::stop_rect(int index) const {
    return {0, index * stop_height(), width(), stop_height() - (stop_height() > 40 ? 4 : 1)};
}

QString RouteList::item_name(int item) const {
    const auto* stop = stops_[static_cast<std::size_t>(item)];
    return tr("%1: %2").arg(stop->title(), stop->summary());
}

void RouteList::set_current(int index) {
    index = std::clamp(index, 0, static_cast<int>(stops_.size()) - 1);
    if (index == current_)
        return;
    current_ = index;
    update();
    emit chosen(index);
}

void RouteList::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto& p = desk_palette();
    QFont name = font();
    name.setPixelSize(13);
    name.setWeight(QFont::DemiBold);
    QFont small = font();
    small.setPixelSize(11);
    for (int i = 0; i < static_cast<int>(stops_.size()); ++i) {
        const auto* stop = stops_[static_cast<std::size_t>(i)];
        const QRect rect = stop_rect(i);
        const bool here = i == current_;
        if (here) {
            painter.fillRect(rect, p.desk_raised);
            painter.fillRect(QRect(0, rect.top(), 4, rect.height()), p.playing);
        }
        if (here && hasFocus()) {
            painter.setPen(QPen(p.playing, 1));
            painter.setBrush(Qt::NoBrush);
            painter.drawRect(rect.adjusted(0, 0, -1, -1));
        }
        const QPointF centre(22, rect.center().y());
        painter.setPen(Qt::NoPen);
        painter.setBrush(here ? p.playing : stop->complete() ? p.done : p.desk_well);
        painter.drawEllipse(centre, 9.5, 9.5);
        painter.setFont(small);
        painter.setPen(here || stop->complete() ? p.playing_text : p.desk_quiet);
        painter.drawText(QRectF(centre.x() - 10, centre.y() - 10, 20, 20), Qt::AlignCenter,
                         QString::number(i + 1));
        painter.setFont(name);
        painter.setPen(p.desk_text);
        const int left = narrow_ ? 38 : 40, room = width() - left;
        painter.drawText(QRectF(left, rect.center().y() - (narrow_ ? 9 : 16), room, 18), Qt::AlignVCenter,
                         QFontMetricsF(name).elidedText(stop->title(), Qt::ElideRight, room));
        if (narrow_)
            continue;
        painter.setFont(small);
        painter.setPen(p.desk_quiet);
        painter.drawText(QRectF(40, rect.center().y() + 1, width() - 44, 16), Qt::AlignVCenter,
                         QFontMetricsF(small).elidedText(stop->summary(), Qt::ElideRight, width() - 44));
    }
}

std::optional<int> RouteList::stop_at(QPointF at) const {
    const int index = static_cast<int>(at.y()) / stop_height();
    return index < static_cast<int>(stops_.size()) ? std::optional(index) : std::nullopt;
}

/// What is there of a stop may be longer than the room for it, or have none.
bool RouteList::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip)
        return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    if (const auto index = stop_at(help->pos()))
        QToolTip::showText(help->globalPos(), plain_tip(stops_[static_cast<std::size_t>(*index)]->summary()),
                           this, stop_rect(*index));
    return true;
}

void RouteList::mousePressEvent(QMouseEvent* event) {
    if (const auto index = stop_at(event->position()))
        set_current(*index);
}

void RouteList::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Down)
        set_current(current_ + 1);
    else if (event->key() == Qt::Key_Up)
        set_current(current_ - 1);
    else
        QWidget::keyPressEvent(event);
}

} // namespace pulsepin
