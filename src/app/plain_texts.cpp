// SPDX-License-Identifier: GPL-3.0-or-later
#include "plain_texts.h"

#include <QAbstractItemView>
#include <QHeaderView>
#include <QHelpEvent>
#include <QLabel>
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
    if (!widget->toolTip().isEmpty())
        return widget->toolTip();
    return std::nullopt;
}

} // namespace

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
