// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/effects/effect.h"

#include <algorithm>
#include <array>
#include <opencv2/imgproc.hpp>
#include <vector>

namespace pulsepin {
namespace {

constexpr std::array<Parameter, 5> place_parameters{{
    {"position-x", "position x", "px", 0, -10000, 10000, 0, 100},
    {"position-y", "position y", "px", 0, -10000, 10000, 0, -60},
    // Common practice: a hit goes from 100 % to 130 %.
    {"scale", "scale", "%", 100, 0, 2000, 100, 130},
    {"rotation", "rotation", "°", 0, -3600, 3600, 0, 10},
    {"opacity", "opacity", "%", 100, 0, 100, 0, 100},
}};

// In the order in which they act on a layer.
const std::array<const EffectRow*, 7> table{&exposure_effect, &tint_effect,  &blur_effect,  &glow_effect,
                                            &shake_effect,    &flash_effect, &strobe_effect};

std::vector<EffectRow> in_order() {
    std::vector<EffectRow> rows;
    for (const auto* row : table)
        rows.push_back(*row);
    return rows;
}

std::vector<Parameter> all_parameters() {
    std::vector<Parameter> all(place_parameters.begin(), place_parameters.end());
    for (const auto* row : table)
        all.insert(all.end(), row->parameters.begin(), row->parameters.end());
    return all;
}

} // namespace

std::span<const EffectRow> effects() {
    static const std::vector<EffectRow> rows = in_order();
    return rows;
}

std::span<const Parameter> parameters() {
    static const std::vector<Parameter> all = all_parameters();
    return all;
}

const Parameter* parameter(std::string_view id) {
    const auto all = parameters();
    const auto found =
        std::find_if(all.begin(), all.end(), [id](const Parameter& one) { return one.id == id; });
    return found == all.end() ? nullptr : &*found;
}

double ParameterValues::of(std::string_view id) const {
    const auto* row = parameter(id);
    if (!row)
        return 0;
    const auto given = given_.find(id);
    return given == given_.end() ? row->neutral : std::clamp(given->second, row->least, row->most);
}

std::optional<Colour> ParameterValues::light(std::string_view effect) const {
    const auto given = lights_.find(effect);
    return given == lights_.end() ? std::nullopt : std::optional(given->second);
}

double ParameterValues::turns(std::string_view rate, double seconds) const {
    const auto given = turns_.find(rate);
    return given == turns_.end() ? seconds * of(rate) : given->second;
}

cv::Scalar channels_of(Colour colour) {
    const auto channel = [&](int shift) { return static_cast<double>(colour.rgb >> shift & 0xffu) / 255; };
    return {channel(0), channel(8), channel(16), 1};
}

const EffectRow* effect_of_parameter(std::string_view id) {
    for (const auto& row : effects())
        for (const auto& one : row.parameters)
            if (one.id == id)
                return &row;
    return nullptr;
}

bool acts(const EffectRow& effect, const ParameterValues& values) {
    const auto& first = effect.parameters.front();
    return values.of(first.id) != first.neutral;
}

cv::Mat alpha_everywhere(const cv::Mat& image) {
    cv::Mat alpha(image.size(), image.type());
    constexpr int from_to[] = {3, 0, 3, 1, 3, 2, 3, 3};
    cv::mixChannels(&image, 1, &alpha, 1, from_to, 4);
    return alpha;
}

void blur_in_place(cv::Mat& image, double sigma) {
    if (sigma < 0.1)
        return;
    int shrink = 1;
    while (sigma / shrink > 6 && image.cols / shrink > 8 && image.rows / shrink > 8)
        shrink *= 2;
    cv::Mat small = image;
    if (shrink > 1)
        cv::resize(image, small, {(image.cols + shrink - 1) / shrink, (image.rows + shrink - 1) / shrink}, 0,
                   0, cv::INTER_AREA);
    cv::Mat blurred;
    cv::GaussianBlur(small, blurred, {}, sigma / shrink, 0, cv::BORDER_REPLICATE);
    if (shrink > 1)
        cv::resize(blurred, image, image.size(), 0, 0, cv::INTER_LINEAR);
    else
        blurred.copyTo(image);
}

} // namespace pulsepin
