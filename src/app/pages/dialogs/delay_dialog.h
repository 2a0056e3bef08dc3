// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/player.h"

#include <QDialog>
#include <QLabel>
#include <QSpinBox>

namespace pulsepin {

/// How much later the sound reaches the ear than the device says; typed, or found by tapping to a click.
class DelayDialog : public QDialog {
    Q_OBJECT
public:
    explicit DelayDialog(Seconds now, QWidget* parent = nullptr);
    [[nodiscard]] Seconds delay() const { return Seconds(delay_->value() / 1000.0); }

protected:
    bool event(QEvent* event) override;

private:
    void start_clicks();
    void tap();
    QSpinBox* delay_;
    QLabel* told_;
    Player player_{Player::Device::System};
    std::vector<double> taps_; ///< seconds after the nearest click
};

/// The median; 0 for none.
[[nodiscard]] double median(std::vector<double> values);

} // namespace pulsepin
