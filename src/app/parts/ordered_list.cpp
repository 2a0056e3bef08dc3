// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/ordered_list.h"

#include <QDropEvent>

namespace pulsepin {

OrderedList::OrderedList(std::function<Dragged(const QListWidgetItem&)> item, QWidget* parent)
    : QListWidget(parent), item_(std::move(item)) {
    setDragEnabled(true);
    setAcceptDrops(true);
    setDropIndicatorShown(true);
    setDragDropMode(QAbstractItemView::DragDrop);
    setDefaultDropAction(Qt::CopyAction); // the list itself takes no row out: the project says what it holds
}

QMimeData* OrderedList::mimeData(const QList<QListWidgetItem*>& items) const {
    return items.isEmpty() ? nullptr : mime_of(item_(*items.front()));
}

QStringList OrderedList::mimeTypes() const {
    return {"application/x-pulsepin-item"};
}

void OrderedList::dragMoveEvent(QDragMoveEvent* event) {
    if (event->source() != this)
        return event->ignore();
    QListWidget::dragMoveEvent(event);
    event->accept();
}

void OrderedList::dropEvent(QDropEvent* event) {
    if (event->source() != this)
        return event->ignore();
    const QModelIndex under = indexAt(event->position().toPoint());
    int to = under.isValid() ? under.row() : count();
    if (under.isValid() && event->position().y() > visualRect(under).center().y())
        ++to;
    event->setDropAction(Qt::CopyAction);
    event->accept();
    emit moved(to);
}

} // namespace pulsepin
