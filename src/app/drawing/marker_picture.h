// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QComboBox>
#include <QPixmap>

namespace pulsepin {

/// A picture of a marker's colour or symbol.
[[nodiscard]] QPixmap marker_picture(int colour, int symbol);
void fill_with_colours(QComboBox* box);
void fill_with_symbols(QComboBox* box);

} // namespace pulsepin
