// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStackedWidget>

namespace pulsepin {

/// Pages of which one is seen, and which need no more room than that one. (By itself a stack is as large as
/// the largest of its pages, seen or not.)
class PageStack : public QStackedWidget {
public:
    explicit PageStack(QWidget* parent = nullptr) : QStackedWidget(parent) {
        connect(this, &QStackedWidget::currentChanged, this, [this] { updateGeometry(); });
    }

    [[nodiscard]] QSize sizeHint() const override {
        return currentWidget() ? currentWidget()->sizeHint() : QSize(0, 0);
    }
    [[nodiscard]] QSize minimumSizeHint() const override {
        return currentWidget() ? currentWidget()->minimumSizeHint().expandedTo(currentWidget()->minimumSize())
                               : QSize(0, 0);
    }
};

} // namespace pulsepin
