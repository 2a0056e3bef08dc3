// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/motion_page.h"
#include "session/view_state.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QSpinBox>

namespace pulsepin {

/// What is done to keys as a group: those that are selected, or else all of the lane.
class KeysPage : public MotionPage {
    Q_OBJECT
public:
    KeysPage(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString told() const override;

protected:
    void show_motion() override;

private:
    [[nodiscard]] std::vector<PinId> concerned() const;
    void apply(Project next, const QString& what);

    ViewState& view_;
    QDoubleSpinBox* factor_;
    QDoubleSpinBox* about_;
    QSpinBox* stagger_;
    QSpinBox* earlier_;
    QComboBox* easing_;
};

} // namespace pulsepin
