// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "fields.h"
#include "schedule/pulses.h"
#include "stops/pulse_curve.h"
#include "stops/stop_panel.h"

#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>

namespace pulsepin {

/// What each lane of motion drives, and the pulse that it does so with.
class MotionPanel : public StopPanel {
    Q_OBJECT
public:
    MotionPanel(Document& document, ViewState& view, QWidget* parent = nullptr);
    [[nodiscard]] QString title() const override { return tr("Motion"); }
    [[nodiscard]] QString summary() const override;
    [[nodiscard]] bool complete() const override;
    void refresh() override;

signals:
    void add_lane_wanted();

private:
    QWidget* make_top();
    QWidget* make_lengths();
    QWidget* make_property();
    void fill_lanes();
    void show_motion();
    [[nodiscard]] const Lane* lane() const;
    void change(const QString& what, const std::function<void(Motion&)>& how);
    void show_lengths(const Pulse& pulse);

    QComboBox* lane_;
    std::vector<QPushButton*> tiles_;
    PulseCurve* curve_;
    LengthField* up_;
    LengthField* held_;
    LengthField* down_;
    QComboBox* rising_;
    QComboBox* falling_;
    QDoubleSpinBox* overshoot_;
    QPushButton* starts_;
    QPushButton* arrives_;
    std::vector<QPushButton*> crowding_;
    QSpinBox* least_;
    QLineEdit* property_;
    QLineEdit* unit_;
    QDoubleSpinBox* rest_;
    QDoubleSpinBox* peak_;
    QLabel* told_;
    std::vector<QWidget*> need_lane_;
    bool showing_ = false;
};

} // namespace pulsepin
