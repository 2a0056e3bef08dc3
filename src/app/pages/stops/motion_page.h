// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"

#include <QWidget>
#include <functional>

namespace pulsepin {

/// What shapes the curve of one kind of lane.
class MotionPage : public QWidget {
    Q_OBJECT
public:
    explicit MotionPage(Document& document, QWidget* parent = nullptr)
        : QWidget(parent), document_(document) {}

    void show_lane(LaneId lane);
    void refresh() {
        showing_ = true;
        show_motion();
        showing_ = false;
    }
    /// One line below the fields.
    [[nodiscard]] virtual QString told() const = 0;

protected:
    virtual void show_motion() = 0;
    /// Null when there is none. A page that is not seen keeps its lane: once that was undone, another kind
    /// may have its number.
    [[nodiscard]] const Lane* lane() const;
    /// One undo step; nothing while the fields are filled.
    void change(const QString& what, const std::function<void(Motion&)>& how);
    [[nodiscard]] bool showing() const { return showing_; }

    Document& document_;

private:
    LaneId lane_;
    LaneKind kind_;
    bool showing_ = false;
};

} // namespace pulsepin
