// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/layer_kind.h"

#include "model/stage.h"

namespace pulsepin::layers {
namespace {

constexpr ParamSpec filling[] = {
    {.id = "stays-full",
     .label = "stays full",
     .type = ParamType::Switch,
     .most = 1,
     .explains = "while it shakes, turns or is punched it is enlarged by just what hides its edges"},
};
constexpr LayerKindRow shots_row{.id = "shots",
                                 .label = "Shots",
                                 .parameters = filling,
                                 .begin = [](Layer& layer) { layer.values["stays-full"] = 1; }};
constexpr LayerKindRow picture_row{.id = "picture", .label = "Picture", .has_clip = true};
constexpr LayerKindRow camera_row{.id = "camera", .label = "Camera", .parameters = filling};
constexpr LayerKindRow group_row{.id = "group", .label = "Group"};

} // namespace

constinit const LayerKind shots{shots_row}, picture{picture_row}, camera{camera_row}, group{group_row};

} // namespace pulsepin::layers
