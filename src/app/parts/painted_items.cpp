// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/painted_items.h"

#include <QAccessibleWidget>
#include <map>

namespace pulsepin {
namespace {

class ItemAccess : public QAccessibleInterface, public QAccessibleActionInterface {
public:
    ItemAccess(QWidget& widget, PaintedItems& items, int item)
        : widget_(widget), items_(items), item_(item) {}

    [[nodiscard]] int item() const { return item_; }
    [[nodiscard]] bool isValid() const override { return item_ < items_.item_count(); }
    [[nodiscard]] QObject* object() const override { return nullptr; }
    [[nodiscard]] QAccessibleInterface* parent() const override {
        return QAccessible::queryAccessibleInterface(&widget_);
    }
    [[nodiscard]] QAccessibleInterface* child(int) const override { return nullptr; }
    [[nodiscard]] QAccessibleInterface* childAt(int, int) const override { return nullptr; }
    [[nodiscard]] int childCount() const override { return 0; }
    [[nodiscard]] int indexOfChild(const QAccessibleInterface*) const override { return -1; }
    [[nodiscard]] QAccessible::Role role() const override { return QAccessible::ListItem; }
    [[nodiscard]] QString text(QAccessible::Text which) const override {
        return which == QAccessible::Name && isValid() ? items_.item_name(item_) : QString();
    }
    void setText(QAccessible::Text, const QString&) override {}
    [[nodiscard]] QAccessible::State state() const override {
        QAccessible::State state;
        state.selectable = state.focusable = true;
        state.selected = isValid() && items_.item_chosen(item_);
        state.focused = state.selected && widget_.hasFocus();
        state.invisible = !widget_.isVisible();
        return state;
    }
    [[nodiscard]] QRect rect() const override {
        const QRect local = isValid() ? items_.item_rect(item_) : QRect();
        return {widget_.mapToGlobal(local.topLeft()), local.size()};
    }
    void* interface_cast(QAccessible::InterfaceType type) override {
        return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this)
                                                    : nullptr;
    }
    [[nodiscard]] QStringList actionNames() const override { return {pressAction()}; }
    void doAction(const QString& name) override {
        if (name == pressAction() && isValid())
            items_.choose_item(item_);
    }
    [[nodiscard]] QStringList keyBindingsForAction(const QString&) const override { return {}; }

private:
    QWidget& widget_;
    PaintedItems& items_;
    int item_;
};

class ItemsAccess : public QAccessibleWidget {
public:
    ItemsAccess(QWidget& widget, PaintedItems& items)
        : QAccessibleWidget(&widget, QAccessible::List), widget_(widget), items_(items) {}
    ~ItemsAccess() override {
        for (const auto& [item, id] : known_)
            QAccessible::deleteAccessibleInterface(id);
    }
    ItemsAccess(const ItemsAccess&) = delete;
    ItemsAccess& operator=(const ItemsAccess&) = delete;

    [[nodiscard]] int childCount() const override { return items_.item_count(); }
    [[nodiscard]] QAccessibleInterface* child(int item) const override {
        if (item < 0 || item >= items_.item_count())
            return nullptr;
        if (const auto known = known_.find(item); known != known_.end())
            return QAccessible::accessibleInterface(known->second);
        auto* made = new ItemAccess(widget_, items_, item); // the toolkit's register owns it
        known_[item] = QAccessible::registerAccessibleInterface(made);
        return made;
    }
    [[nodiscard]] int indexOfChild(const QAccessibleInterface* child) const override {
        const auto* one = dynamic_cast<const ItemAccess*>(child);
        return one ? one->item() : -1;
    }

private:
    QWidget& widget_;
    PaintedItems& items_;
    mutable std::map<int, QAccessible::Id> known_;
};

} // namespace

QAccessibleInterface* access_of_painted_items(const QString&, QObject* object) {
    auto* widget = qobject_cast<QWidget*>(object);
    auto* items = dynamic_cast<PaintedItems*>(object);
    return widget && items ? new ItemsAccess(*widget, *items) : nullptr;
}

} // namespace pulsepin
