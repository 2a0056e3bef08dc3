// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/place_parameters.h"

#include <algorithm>

namespace pulsepin {
namespace {

constexpr ParamSpec rows[] = {
    {"position-x", "position x", ParamType::Number, "px", -10000, 10000, 0, {}, {}, {}, 0, 100},
    {"position-y", "position y", ParamType::Number, "px", -10000, 10000, 0, {}, {}, {}, 0, -60},
    // Common practice: a hit goes from 100 % to 130 %.
    {"scale", "scale", ParamType::Number, "%", 0, 2000, 100, {}, {}, {}, 100, 130},
    {"rotation", "rotation", ParamType::Number, "°", -3600, 3600, 0, {}, {}, {}, 0, 10},
    {"opacity", "opacity", ParamType::Number, "%", 0, 100, 100, {}, {}, {}, 0, 100},
    {"pivot-x",
     "pivot x",
     ParamType::Number,
     "px",
     -10000,
     10000,
     0,
     "What it turns and grows about, from its own middle",
     {},
     {},
     0,
     100},
    {"pivot-y",
     "pivot y",
     ParamType::Number,
     "px",
     -10000,
     10000,
     0,
     "What it turns and grows about, from its own middle",
     {},
     {},
     0,
     100},
    {.id = "scale-x",
     .label = "width",
     .unit = "%",
     .least = 0,
     .most = 2000,
     .initial = 100,
     .explains = "Besides the scale",
     .usual_low = 100,
     .usual_high = 150},
    {.id = "scale-y",
     .label = "height",
     .unit = "%",
     .least = 0,
     .most = 2000,
     .initial = 100,
     .explains = "Besides the scale",
     .usual_low = 100,
     .usual_high = 150},
    {.id = "skew", .label = "skew", .unit = "°", .least = -80, .most = 80, .usual_high = 20},
};

} // namespace

ParamSpecs place_parameters() {
    return rows;
}

ParamSpecs pose_parameters() {
    return ParamSpecs(rows).first(pose_size);
}

std::size_t pose_index(std::string_view parameter) {
    const auto pose = pose_parameters();
    return static_cast<std::size_t>(
        std::find_if(pose.begin(), pose.end(), [&](const ParamSpec& row) { return row.id == parameter; }) -
        pose.begin());
}

std::size_t pose_index_labelled(std::string_view label) {
    const auto pose = pose_parameters();
    return static_cast<std::size_t>(
        std::find_if(pose.begin(), pose.end(), [&](const ParamSpec& row) { return row.label == label; }) -
        pose.begin());
}

std::array<double, pose_size> initial_pose() {
    std::array<double, pose_size> pose{};
    for (std::size_t i = 0; i < pose_size; ++i)
        pose[i] = rows[i].initial;
    return pose;
}

} // namespace pulsepin
