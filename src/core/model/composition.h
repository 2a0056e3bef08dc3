// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <string>

namespace pulsepin {

/// A ready thing that moves: layers with the lanes that move them, over a stretch of beats of its own. It is
/// a small piece by itself; the piece's camera and its first layer of shots stand for those of whoever uses
/// it.
struct Composition {
    std::string name;
    std::string told; ///< what it is, in a line
    Ticks length;     ///< that it is made for
    Project piece;
};

} // namespace pulsepin
