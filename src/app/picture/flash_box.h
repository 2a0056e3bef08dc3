// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/checks.h"
#include "parts/palette.h"

#include <QPainter>
#include <QRectF>

namespace pulsepin {

/// What flashed too often in the second before a frame: hatched, with the share of the view that did. `area`:
/// of the whole picture.
void paint_flash_box(QPainter& painter, const FlashReport& flashes, Frames frame, const QRectF& area,
                     const Palette& palette);

} // namespace pulsepin
