// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/layer_kind.h"

namespace pulsepin::layers {
namespace {

constexpr LayerKindRow shots_row{.id = "shots", .label = "Shots"};
constexpr LayerKindRow picture_row{.id = "picture", .label = "Picture", .has_clip = true};
constexpr LayerKindRow camera_row{.id = "camera", .label = "Camera"};
constexpr LayerKindRow group_row{.id = "group", .label = "Group"};

} // namespace

constinit const LayerKind shots{shots_row}, picture{picture_row}, camera{camera_row}, group{group_row};

} // namespace pulsepin::layers
