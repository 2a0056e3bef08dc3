// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/layer_kind.h"

namespace pulsepin::layers {

/// Rays of light around a middle: a kind of layer that is none of the program's.
extern const LayerKind rays;

} // namespace pulsepin::layers
