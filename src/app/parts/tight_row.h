// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QHBoxLayout>

namespace pulsepin {

/// A row without margins that fills its widget.
[[nodiscard]] inline QHBoxLayout* tight_row(QWidget* box, int spacing) {
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(spacing);
    return row;
}

} // namespace pulsepin
