// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/plain_texts.h"

#include <QAbstractSpinBox>
#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStringList>
#include <QToolButton>
#include <vector>

namespace pulsepin::test {

/// A text that has less room than it needs, and is told nowhere else: what it is, for a message; empty where
/// all is well.
inline QString cut_text(QWidget& widget) {
    const auto metrics = widget.fontMetrics();
    const auto complain = [&](const QString& text, int needs, int has) {
        return QString("“%1” (%2 “%3”) needs %4, has %5")
            .arg(text.simplified(), widget.metaObject()->className(), widget.objectName())
            .arg(needs)
            .arg(has);
    };
    const auto widest_line = [&](const QString& text) {
        int widest = 0;
        for (const auto& line : text.split('\n'))
            widest = std::max(widest, metrics.horizontalAdvance(line));
        return widest;
    };
    const auto is_told = [&](QString text) {
        text.remove(QChar(0x2026));
        return widget.toolTip().contains(text.simplified());
    };
    if (auto* box = qobject_cast<QComboBox*>(&widget)) {
        // A choice of a project's names is told whole by a tooltip; what we offer ourselves has its room.
        const QString cut = cut_choice(*box);
        const bool ours = box->objectName().endsWith(" unit") || box->objectName().startsWith("function ") ||
                          box->objectName() == "rounding" || box->objectName() == "cut framing";
        return ours && !cut.isEmpty() ? complain(cut, metrics.horizontalAdvance(cut), box->width())
                                      : QString();
    }
    if (auto* line = qobject_cast<QLineEdit*>(&widget)) {
        if (!qobject_cast<QAbstractSpinBox*>(line->parent()))
            return {}; // what a person types may be of any length
        const auto margins = line->textMargins();
        const int needs = metrics.horizontalAdvance(line->text()),
                  has = line->width() - margins.left() - margins.right();
        return needs > has ? complain(line->text(), needs, has) : QString();
    }
    if (auto* label = qobject_cast<QLabel*>(&widget)) {
        if (label->text().isEmpty() || label->textFormat() == Qt::RichText)
            return {};
        const QRect room = label->contentsRect();
        const int needs =
                      label->wordWrap() ? label->heightForWidth(label->width()) : widest_line(label->text()),
                  has = label->wordWrap() ? label->height() : room.width();
        return needs > has + 1 && !is_told(label->text()) ? complain(label->text(), needs, has) : QString();
    }
    if (auto* button = qobject_cast<QAbstractButton*>(&widget)) {
        if (button->text().isEmpty())
            return {};
        constexpr int frame = 6;
        const bool pushed =
            qobject_cast<QPushButton*>(button) != nullptr; // with the room that its style asks for
        const int needs = pushed ? button->minimumSizeHint().width() - 1 : widest_line(button->text()),
                  has = pushed ? button->width() : button->width() - frame;
        return needs > has && !is_told(button->text()) ? complain(button->text(), needs, has) : QString();
    }
    return {};
}

/// Of all that is seen in a window.
inline QStringList cut_texts(const QWidget& window) {
    QCoreApplication::sendPostedEvents(); // what was said just now is laid out
    QStringList found;
    // In a language that takes more room than ours do, what is cut off is told whole by a mouse that rests on
    // it.
    const bool may_be_told = qEnvironmentVariableIsSet("PULSEPIN_LONG_TEXTS");
    for (auto* widget : window.findChildren<QWidget*>())
        if (widget->isVisible() && widget->window() == &window && !widget->visibleRegion().isEmpty())
            if (const QString complaint = cut_text(*widget);
                !complaint.isEmpty() &&
                !(may_be_told && (!cut_words(*widget).isEmpty() || !widget->toolTip().isEmpty() ||
                                  !widget->parentWidget()->toolTip().isEmpty())))
                found << complaint;
    return found;
}

/// Two fields, buttons or labels that cover each other; empty where none do.
inline QString lying_on_each_other(const QWidget& window) {
    struct Seen {
        const QWidget* widget;
        QRect place;
    };
    std::vector<Seen> seen;
    for (const auto* field : window.findChildren<QWidget*>())
        if (field->isVisible() &&
            (qobject_cast<const QComboBox*>(field) || qobject_cast<const QAbstractButton*>(field) ||
             qobject_cast<const QAbstractSpinBox*>(field) || qobject_cast<const QLabel*>(field)))
            seen.push_back(
                {field, field->visibleRegion().boundingRect().translated(field->mapTo(&window, QPoint()))});
    for (const auto& one : seen)
        for (const auto& other : seen)
            if (one.widget < other.widget && !one.widget->isAncestorOf(other.widget) &&
                !other.widget->isAncestorOf(one.widget) && one.place.intersects(other.place))
                return one.widget->objectName() + " and " + other.widget->objectName();
    return {};
}

} // namespace pulsepin::test
