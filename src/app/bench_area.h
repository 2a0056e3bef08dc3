// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QEvent>
#include <QScrollArea>
#include <QScrollBar>

namespace pulsepin {

/// Shows its widget as large as there is room, and scrolls it where that is less than it needs at least. (A
/// scroll area by itself gives text that can wrap the height that it would like, not the one that it needs.)
class BenchArea : public QScrollArea {
public:
    explicit BenchArea(QWidget* bench) {
        setFrameShape(QFrame::NoFrame);
        setFocusPolicy(Qt::NoFocus);
        setWidget(bench);
    }

    /// Of the bench, with the bar that scrolls it sideways where it needs one.
    [[nodiscard]] int whole_height(int width) const {
        const QSize least = widget()->minimumSizeHint();
        return least.height() + (least.width() > width ? horizontalScrollBar()->sizeHint().height() : 0);
    }

    void fit() { widget()->resize(widget()->minimumSizeHint().expandedTo(viewport()->size())); }

protected:
    void resizeEvent(QResizeEvent* event) override {
        QScrollArea::resizeEvent(event);
        fit();
    }
};

} // namespace pulsepin
