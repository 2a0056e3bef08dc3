// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/seen_layers.h"

class QPainter;

namespace pulsepin {

/// What is drawn over the picture while layers are placed by hand.

/// Around what is chosen: its corners, arm and pivot, and where it lies in words.
void paint_grips(QPainter& painter, const StagedFrame& staged, const SeenLayers& seen, QSize widget);
/// The lines on which a dragged layer lies now.
void paint_guides(QPainter& painter, const std::vector<GuideLine>& guides, const PreviewView& preview);
/// The way of the chosen layer from the key before a frame to the one after it.
void paint_trace(QPainter& painter, const Curves& curves, Frames now, const SeenLayers& seen);

} // namespace pulsepin
