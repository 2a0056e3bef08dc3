// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QRect>
#include <QString>

class QAccessibleInterface;
class QObject;

namespace pulsepin {

/// Of a widget that paints its items itself, so that those who do not see them are told of them and can
/// choose them.
class PaintedItems {
public:
    PaintedItems() = default;
    PaintedItems(const PaintedItems&) = delete;
    PaintedItems& operator=(const PaintedItems&) = delete;
    virtual ~PaintedItems() = default;

    [[nodiscard]] virtual int item_count() const = 0;
    [[nodiscard]] virtual QString item_name(int item) const = 0;
    [[nodiscard]] virtual QRect item_rect(int item) const = 0; ///< in the widget
    [[nodiscard]] virtual bool item_chosen(int item) const = 0;
    virtual void choose_item(int item) = 0; ///< as a click on it does
};

/// For QAccessible::installFactory(): null for what paints no items of its own.
[[nodiscard]] QAccessibleInterface* access_of_painted_items(const QString& key, QObject* object);

} // namespace pulsepin
