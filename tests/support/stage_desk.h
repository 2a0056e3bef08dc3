// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "drawing/timeline/timeline_view.h"
#include "support/motion_desk.h"
#include "support/picture_desk.h"

#include <vector>

/// What journeys of the stage do and look at in a real window.
namespace pulsepin::test {

/// Its entry in the menu of the layers' page; what was added is the chosen layer.
inline LayerId add_by_menu(Desk& desk, const QStringList& entry) {
    desk.window.go_to_stop(Stop::Motion);
    auto* side = desk.window.findChild<QPushButton*>("layers of the picture");
    if (!side->isChecked())
        QTest::mouseClick(side, Qt::LeftButton);
    choose_from_menu(desk.window.findChild<QPushButton*>("add layer"), entry);
    return desk.window.view().layer().value != 0
               ? desk.window.view().layer()
               : desk.project().stage->layers[desk.project().stage->layers.size() - 2].id;
}

inline QImage picture_at(Desk& desk, Frames frame, QSize size = {640, 360}) {
    return composed(staged_at(desk.window.document().curves(), frame), size,
                    desk.window.preview().pictures());
}

inline std::vector<StagedLayer> staged_of(Desk& desk, LayerId id, Frames frame) {
    std::vector<StagedLayer> found;
    const StagedFrame staged = staged_at(desk.window.document().curves(), frame);
    for_staged(staged.layers, [&](const StagedLayer& layer, const auto&) {
        if (layer.id == id)
            found.push_back(layer);
    });
    return found;
}

inline const LaneSpans& spans(Desk& desk, LaneId lane) {
    return desk.window.document().spans(lane);
}

inline Frames frame_at(Desk& desk, Seconds time) {
    return desk.project().settings->frame_rate.frame_at(time + Seconds(1e-6));
}

/// Where a colour is seen.
inline std::vector<QPoint> pixels_like(const QImage& image, QColor colour, int by = 40) {
    std::vector<QPoint> found;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) {
            const QColor at = image.pixelColor(x, y);
            if (std::abs(at.red() - colour.red()) <= by && std::abs(at.green() - colour.green()) <= by &&
                std::abs(at.blue() - colour.blue()) <= by)
                found.push_back({x, y});
        }
    return found;
}

/// Without the demo's shots, so that a pixel is the layer's.
inline void hide_shots(Desk& desk) {
    Layer shots = desk.project().stage->layers.front();
    shots.hidden = true;
    desk.window.document().apply(with_changed_layer(desk.project(), shots), "hide");
}

} // namespace pulsepin::test
