// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/plain_texts.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QComboBox>
#include <QHeaderView>
#include <QHelpEvent>
#include <QLabel>
#include <QStyle>
#include <QStyleOptionComboBox>
#include <QTabBar>
#include <QToolTip>
#include <optional>

namespace pulsepin {
namespace {

/// The tooltip that something of the toolkit would show there; none where it has a way of its own.
std::optional<QString> tip_at(QWidget* widget, QPoint at) {
    if (auto* view = qobject_cast<QAbstractItemView*>(widget->parentWidget());
        view && widget == view->viewport()) {
        QString tip;
        if (const auto* header = qobject_cast<QHeaderView*>(view)) {
            const int section = header->logicalIndexAt(at);
            if (section >= 0 && header->model())
                tip = header->model()->headerData(section, header->orientation(), Qt::ToolTipRole).toString();
        } else if (const auto index = view->indexAt(at); index.isValid())
            tip = index.data(Qt::ToolTipRole).toString();
        return tip.isEmpty() ? view->toolTip() : tip;
    }
    if (const auto* tabs = qobject_cast<QTabBar*>(widget))
        if (const int tab = tabs->tabAt(at); tab >= 0 && !tabs->tabToolTip(tab).isEmpty())
            return tabs->tabToolTip(tab);
    const QString cut = cut_words(*widget), own = widget->toolTip();
    if (cut.isEmpty() && own.isEmpty())
        return std::nullopt;
    return cut.isEmpty() || own.isEmpty() ? cut + own : cut + "\n" + own;
}

} // namespace

QString cut_choice(const QWidget& widget) {
    const auto* box = qobject_cast<const QComboBox*>(&widget);
    if (!box)
        return {};
    QStyleOptionComboBox option;
    option.initFrom(box);
    option.editable = box->isEditable();
    const QRect room =
        box->style()->subControlRect(QStyle::CC_ComboBox, &option, QStyle::SC_ComboBoxEditField, box);
    return box->fontMetrics().horizontalAdvance(box->currentText()) > room.width() + 1 ? box->currentText()
                                                                                       : QString();
}

QString cut_words(const QWidget& widget) {
    if (const auto* button = qobject_cast<const QAbstractButton*>(&widget))
        return button->minimumSizeHint().width() > button->width() ? button->text() : QString();
    if (const auto* label = qobject_cast<const QLabel*>(&widget); label && !label->wordWrap())
        return label->fontMetrics().horizontalAdvance(label->text()) > label->contentsRect().width() + 1
                   ? label->text()
                   : QString();
    return cut_choice(widget);
}

QString plain_tip(const QString& text) {
    return text.isEmpty()
               ? QString()
               : QStringLiteral("<p style=\"white-space:pre-wrap\">%1</p>").arg(text.toHtmlEscaped());
}

bool PlainTexts::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Polish) {
        if (auto* label = qobject_cast<QLabel*>(watched);
            label && label->textFormat() == Qt::AutoText && !label->inherits("QTipLabel"))
            label->setTextFormat(Qt::PlainText); // before it is measured for the first time
    } else if (event->type() == QEvent::ToolTip && watched->isWidgetType()) {
        auto* widget = static_cast<QWidget*>(watched);
        const auto* help = static_cast<QHelpEvent*>(event);
        if (const auto tip = tip_at(widget, help->pos())) {
            QToolTip::showText(help->globalPos(), plain_tip(*tip), widget);
            return true;
        }
    }
    return QObject::eventFilter(watched, event);
}

} // namespace pulsepin
