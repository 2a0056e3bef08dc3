// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QWidget>

namespace pulsepin {

/// Gain and fades of the selected sound.
class SoundDetail : public QWidget {
    Q_OBJECT
public:
    explicit SoundDetail(Document& document, QWidget* parent = nullptr);
    void show_sound(PinId pin);

private:
    void take_over();
    Document& document_;
    PinId pin_;
    QDoubleSpinBox* gain_;
    QDoubleSpinBox* fade_in_;
    QDoubleSpinBox* fade_out_;
    QComboBox* curve_in_;
    QComboBox* curve_out_;
    bool showing_ = false;
};

} // namespace pulsepin
