// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/similarity.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr std::ptrdiff_t frames_before = 1, frames_after = 5; // of 10 ms
constexpr std::size_t frames_in_shape = frames_before + frames_after;
using Shape = std::array<float, frames_in_shape * Features::rise_bands>;

Shape shape_at(const Features& f, std::ptrdiff_t frame) {
    Shape shape{};
    for (std::size_t k = 0; k < frames_in_shape; ++k) {
        const std::ptrdiff_t t = frame - frames_before + static_cast<std::ptrdiff_t>(k);
        if (t < 0 || t >= static_cast<std::ptrdiff_t>(f.rises.frames()))
            continue;
        const auto values = f.rises.frame(static_cast<std::size_t>(t));
        for (std::size_t b = 0; b < Features::rise_bands; ++b)
            shape[k * Features::rise_bands + b] = static_cast<float>(values[b]);
    }
    return shape;
}

float length(const Shape& shape) {
    float sum = 1e-6f;
    for (const float v : shape)
        sum += v * v;
    return std::sqrt(sum);
}

float cosine(const Shape& a, const Shape& b) {
    float dot = 0;
    for (std::size_t i = 0; i < a.size(); ++i)
        dot += a[i] * b[i];
    return dot / (length(a) * length(b));
}

std::ptrdiff_t frame_of(Seconds time) {
    return static_cast<std::ptrdiff_t>(std::lround(Features::slow_index(time)));
}

} // namespace

std::vector<Similarity> similarity_to(const Features& f, Seconds from, Seconds until) {
    OnsetSettings settings;
    settings.sensitivity = 0.7; // softer sounds may be alike too
    const auto onsets = find_onsets(f, settings);
    if (onsets.empty())
        return {};
    Shape wanted{};
    std::size_t inside = 0;
    const auto take = [&](const Onset& onset) {
        const Shape shape = shape_at(f, frame_of(onset.time));
        const float size = length(shape);
        for (std::size_t i = 0; i < wanted.size(); ++i)
            wanted[i] += shape[i] / size;
        ++inside;
    };
    for (const auto& onset : onsets)
        if (onset.time >= from && onset.time <= until)
            take(onset);
    if (inside == 0)
        take(*std::min_element(onsets.begin(), onsets.end(), [&](const Onset& a, const Onset& b) {
            return std::abs((a.time - from).value) < std::abs((b.time - from).value);
        }));
    std::vector<Similarity> all;
    for (const auto& onset : onsets) {
        float best = 0;
        for (const std::ptrdiff_t shift : {-1, 0, 1}) // the clocks of the two may differ by half a frame
            best = std::max(best, cosine(wanted, shape_at(f, frame_of(onset.time) + shift)));
        all.push_back({onset.time, std::min(best, 1.0f), onset.strength});
    }
    return all;
}

std::vector<Onset> similar_onsets(const std::vector<Similarity>& all, float least_similarity) {
    std::vector<Onset> out;
    for (const auto& one : all)
        if (one.similarity >= least_similarity)
            out.push_back({one.time, one.strength});
    return out;
}

} // namespace pulsepin
