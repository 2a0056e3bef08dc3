// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QEvent>
#include <QScrollArea>
#include <QScrollBar>
#include <algorithm>
#include <memory>

namespace pulsepin {

/// Shows its form as large as there is room, and scrolls it where that is less than the form needs at least.
/// (A scroll area by itself gives text that can wrap the height that it would like, not the one that it
/// needs.) However long the form becomes, what lies around it stays where it is.
class FormArea : public QScrollArea {
public:
    enum class Scrolls { BothWays, UpAndDown };

    /// Where it scrolls up and down alone, its form has its width. A form becomes a part of the window, with
    /// all that its style costs, when it is first seen, or by attach().
    explicit FormArea(QWidget* form, Scrolls scrolls = Scrolls::UpAndDown) : form_(form), scrolls_(scrolls) {
        setFrameShape(QFrame::NoFrame);
        setFocusPolicy(Qt::NoFocus);
        if (scrolls == Scrolls::UpAndDown)
            setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    }

    /// Whether it was not yet.
    bool attach() {
        if (widget())
            return false;
        form_->installEventFilter(this);
        setWidget(form_.release());
        fit();
        return true;
    }

    [[nodiscard]] QSize minimumSizeHint() const override { return {40, 60}; }
    [[nodiscard]] QSize sizeHint() const override { return widget() ? widget()->sizeHint() : QSize(40, 60); }

    void fit() {
        if (!widget() || !isVisible())
            return;
        const QSize least = widget()->minimumSizeHint();
        QSize room = maximumViewportSize();
        if (least.height() > room.height())
            room.rwidth() -= verticalScrollBar()->sizeHint().width();
        if (scrolls_ == Scrolls::BothWays)
            room.setWidth(std::max(room.width(), least.width()));
        widget()->resize(room.width(), std::max(least.height(), room.height()));
    }

protected:
    void showEvent(QShowEvent* event) override {
        attach();
        QScrollArea::showEvent(event);
        fit();
    }
    void resizeEvent(QResizeEvent* event) override {
        QScrollArea::resizeEvent(event);
        fit();
    }
    bool eventFilter(QObject* watched, QEvent* event) override {
        const bool handled = QScrollArea::eventFilter(watched, event);
        if (watched == widget() && event->type() == QEvent::LayoutRequest)
            fit();
        return handled;
    }

private:
    std::unique_ptr<QWidget> form_; ///< until it is hung up
    Scrolls scrolls_;
};

} // namespace pulsepin
