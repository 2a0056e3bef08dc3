// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "session/view_state.h"

#include <QWidget>

namespace pulsepin {

/// In the order of the route.
enum class Stop { Song, Grid, Mark, Place, Motion, Check, Export };

/// The panel of one stop of the route. Says in a few words what is there and what is missing.
class StopPanel : public QWidget {
    Q_OBJECT
public:
    StopPanel(Document& document, ViewState& view, QWidget* parent = nullptr)
        : QWidget(parent), document_(document), view_(view) {}

    [[nodiscard]] virtual QString title() const = 0;
    [[nodiscard]] virtual QString summary() const = 0;
    [[nodiscard]] virtual bool complete() const = 0; ///< what this stop is for is there
    virtual void refresh() = 0;                      ///< the project changed
    virtual void entered() {}
    virtual void left() {}

protected:
    Document& document_;
    ViewState& view_;
};

} // namespace pulsepin
