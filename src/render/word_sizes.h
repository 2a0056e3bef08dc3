// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/stage.h"

#include <QSizeF>
#include <string>

namespace pulsepin {

/// How large the words of a title are as the layer sets them, at a scale of 100 %, in the picture's pixels;
/// as high as its letters can be, whatever letters a word has.
[[nodiscard]] QSizeF title_size(const Layer& layer, const std::string& text, int picture_height);

} // namespace pulsepin
