// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/dragging.h"

#include <QListWidget>

namespace pulsepin {

/// A list whose rows are dragged up and down, and out of it to where they are used.
class OrderedList : public QListWidget {
    Q_OBJECT
public:
    /// item: what a row stands for.
    explicit OrderedList(std::function<Dragged(const QListWidgetItem&)> item, QWidget* parent = nullptr);

signals:
    /// The selected rows were dropped before that one; the number of rows: at the end.
    void moved(int to);

protected:
    QMimeData* mimeData(const QList<QListWidgetItem*>& items) const override;
    QStringList mimeTypes() const override;
    void dragMoveEvent(QDragMoveEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    std::function<Dragged(const QListWidgetItem&)> item_;
};

} // namespace pulsepin
