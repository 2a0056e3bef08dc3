// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/details/pins_detail.h"

class QMenu;
class QPushButton;

namespace pulsepin {

/// A shape of its own for a place of a lane of pulses.
class PulseShapeField : public PinsDetailPart {
    Q_OBJECT
public:
    explicit PulseShapeField(PinsDetail& detail);
    void show_body(const PinBody& body) override;

private:
    void set_shape(const std::shared_ptr<const Pulse>& shape);
    void fill_with_shapes(QMenu* menu);
    QPushButton* own_;
    QPushButton* lanes_;
};

} // namespace pulsepin
