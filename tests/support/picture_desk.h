// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/stage_edits.h"
#include "support/desk.h"

#include <utility>

namespace pulsepin::test {

/// Below the camera, above all others.
inline LayerId add_layer(Desk& desk, Layer layer) {
    desk.window.document().apply(with_layer(desk.project(), std::move(layer)), "add layer");
    const auto& layers = desk.project().stage->layers;
    return layers[layers.size() - 2].id;
}

/// Waits until the picture is that of the playhead.
inline bool shown(Desk& desk) {
    return QTest::qWaitFor([&] { return desk.window.preview().shown().exact; }, 8000);
}

} // namespace pulsepin::test
