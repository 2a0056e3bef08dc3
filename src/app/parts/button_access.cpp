// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/button_access.h"

#include <QAccessibleWidget>
#include <QPushButton>
#include <QToolButton>

namespace pulsepin {
namespace {

/// It is asked for before it is known whether the button stays down.
class ButtonAccess : public QAccessibleWidget {
public:
    explicit ButtonAccess(QAbstractButton& button) : QAccessibleWidget(&button), button_(button) {}

    [[nodiscard]] QAccessible::Role role() const override {
        return has_menu()              ? QAccessible::ButtonMenu
               : button_.isCheckable() ? QAccessible::CheckBox
                                       : QAccessible::PushButton;
    }
    [[nodiscard]] QString text(QAccessible::Text which) const override {
        if (which == QAccessible::Name && button_.accessibleName().isEmpty())
            return button_.text().remove('&');
        return QAccessibleWidget::text(which);
    }
    [[nodiscard]] QAccessible::State state() const override {
        QAccessible::State state = QAccessibleWidget::state();
        state.checkable = button_.isCheckable();
        state.checked = button_.isChecked();
        state.pressed = button_.isDown();
        state.hasPopup = has_menu();
        return state;
    }
    [[nodiscard]] QStringList actionNames() const override {
        QStringList names = QAccessibleWidget::actionNames();
        if (button_.isEnabled())
            names.prepend(action());
        return names;
    }
    void doAction(const QString& name) override {
        if (name == action() && button_.isEnabled())
            button_.animateClick();
        else
            QAccessibleWidget::doAction(name);
    }

private:
    [[nodiscard]] bool has_menu() const {
        if (const auto* push = qobject_cast<const QPushButton*>(&button_))
            return push->menu();
        const auto* tool = qobject_cast<const QToolButton*>(&button_);
        return tool && tool->menu();
    }
    [[nodiscard]] const QString& action() const {
        return has_menu() ? showMenuAction() : button_.isCheckable() ? toggleAction() : pressAction();
    }

    QAbstractButton& button_;
};

} // namespace

QAccessibleInterface* access_of_buttons(const QString&, QObject* object) {
    auto* button = qobject_cast<QAbstractButton*>(object);
    return button ? new ButtonAccess(*button) : nullptr;
}

} // namespace pulsepin
