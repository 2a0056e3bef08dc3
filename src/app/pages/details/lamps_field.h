// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/details/pins_detail.h"

class QMenu;
class QPushButton;

namespace pulsepin {

/// Which lamps lights light, and shapes for their strength, taken from pulses.
class LampsField : public PinsDetailPart {
    Q_OBJECT
public:
    explicit LampsField(PinsDetail& detail);
    void show_body(const PinBody& body) override;

private:
    void fill_lamps(QMenu* menu);
    void fill_shapes(QMenu* menu);
    QPushButton* on_;
    QPushButton* shape_;
    LightBody body_;
};

} // namespace pulsepin
