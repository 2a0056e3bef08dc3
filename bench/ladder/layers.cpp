// SPDX-License-Identifier: GPL-3.0-or-later
//
// Layers: shapes and titles by turns, every fifth with an effect, spread over the picture, half of them seen
// through.
#include "ladder.h"

#include "hand/stage_hand.h"
#include "model/stage_edits.h"
#include "render/composed.h"

#include <QApplication>

namespace pulsepin::ladder {
namespace {

using test::milliseconds;

/// The camera is above it.
const Layer& last_layer(const Project& project) {
    const auto& all = project.stage->layers;
    return all[all.size() - 2];
}

Project with_layers(int count) {
    Project project = test::steady_project(120, 0, 60);
    for (int i = 0; i < count; ++i) {
        Layer layer;
        layer.kind = i % 2 == 0 ? layers::shape : layers::title;
        layer.name = "layer " + std::to_string(i);
        layer.text = "levee";
        layer.values = {{"x", (i * 37 % 100) - 50.0},
                        {"y", (i * 53 % 100) - 50.0},
                        {"scale", 20.0 + i % 5 * 10},
                        {"opacity", i % 4 < 2 ? 100.0 : 60.0}};
        project = *with_layer(project, layer);
        if (i % 5 == 4)
            project = *with_effect(project, last_layer(project).id, "blur");
    }
    return project;
}

Measures measured(int count, int runs) {
    Measures figures;
    const Project project = with_layers(count);
    const Curves curves{Schedule(project)};
    for (const auto& [size, name] :
         {std::pair(QSize(640, 360), "640x360"), std::pair(QSize(1920, 1080), "1080p")})
        figures[QString("a frame at %1").arg(name)] =
            milliseconds(runs, [&, of = size] { (void)composed(staged_at(curves, Frames(100)), of); });
    figures["stage of a frame"] = milliseconds(runs, [&] { (void)staged_at(curves, Frames(100)); });
    MainWindow window(Player::Device::None);
    window.resize(1280, 800);
    window.show();
    window.document().apply(project, "begin");
    window.go_to_stop(Stop::Motion);
    QApplication::processEvents();
    Layer layer = last_layer(window.document().project());
    figures["edit a layer in the window"] = milliseconds(2 * runs, [&] {
        layer.values["x"] = -layer.values["x"];
        window.document().apply(*with_changed_layer(window.document().project(), layer), "change");
        QApplication::processEvents();
    });
    figures["undo in the window"] = milliseconds(runs, [&] { window.document().undo(); });
    figures["memory, MB"] = memory_mb();
    return figures;
}

} // namespace

Family family_of_layers() {
    Family family{"layers", "layers", {}};
    for (const int count : {5, 20, 60, 200})
        family.rungs.push_back(
            {static_cast<double>(count), QString("%1 layers").arg(count), measured(count, 9)});
    return family;
}

} // namespace pulsepin::ladder
