// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "stage/staged_band.h"

#include <QPainter>

namespace pulsepin {

/// The running band over a picture of that size; the painter counts in the picture's pixels from its upper
/// left corner.
void paint_band(QPainter& painter, const StagedBand& band, QSizeF picture);

} // namespace pulsepin
