// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/drum_strokes.h"

#include "dsp/harmonic_percussive.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace pulsepin {
namespace {

constexpr float tiny = 1e-9f;
constexpr int rounds = 5, fewer_rounds = 3; // before and after what goes on is looked for again
constexpr std::size_t fewest_strokes = 2, most_compared = 48;

/// How long each drum sounds, in seconds; cymbals are heard longer than they matter.
constexpr std::array<double, drum_count> lengths{0.19, 0.23, 0.12, 0.30, 0.28, 0.70, 0.21};

std::size_t odd_count(double frames) {
    return 2 * static_cast<std::size_t>(std::max(0.0, std::round((frames - 1) / 2))) + 1;
}

/// Calls work(place in the shape, place in the stretch) for each frame of a stroke that lies in the stretch.
template <class Work>
void along(const DrumStretch& stretch, const DrumStretch::Stroke& stroke, std::size_t frames, Work work) {
    const auto count = static_cast<std::ptrdiff_t>(stretch.frames());
    for (std::size_t i = 0; i < frames; ++i) {
        const std::ptrdiff_t at = stroke.frame + static_cast<std::ptrdiff_t>(i);
        if (at >= 0 && at < count)
            work(i * stretch.bins, static_cast<std::size_t>(at) * stretch.bins);
    }
}

float sum_of(const float* values, std::size_t count) {
    return std::accumulate(values, values + count, 0.0f);
}

float dot(const float* a, const float* b, std::size_t count) {
    return std::inner_product(a, a + count, b, 0.0f);
}

/// What is heard over what was made up for it.
std::vector<float> ratios(const DrumStretch& stretch) {
    std::vector<float> out(stretch.magnitudes.size());
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = stretch.magnitudes[i] / (stretch.drums[i] + stretch.going_on[i] + tiny);
    return out;
}

} // namespace

DrumShapes::DrumShapes(double frames_per_second, std::size_t low_bins)
    : first_width_(odd_count(0.4 * frames_per_second)), width_(odd_count(0.29 * frames_per_second)),
      low_width_(odd_count(0.7 * frames_per_second)), low_bins_(low_bins) {
    for (std::size_t drum = 0; drum < drum_count; ++drum)
        shapes_[drum].frames =
            static_cast<std::size_t>(std::lround(lengths[drum] * frames_per_second) + lead);
}

bool DrumShapes::any() const {
    return std::any_of(shapes_.begin(), shapes_.end(),
                       [](const Shape& shape) { return !shape.values.empty(); });
}

std::size_t DrumShapes::reach() const {
    const auto longest = std::max_element(shapes_.begin(), shapes_.end(),
                                          [](const Shape& a, const Shape& b) { return a.frames < b.frames; });
    return std::max(longest->frames, low_width_ / 2);
}

void DrumShapes::learn(std::span<DrumStretch> stretches) {
    begin(stretches);
    for (auto& stretch : stretches)
        find_what_goes_on(stretch, first_width_);
    for (int turn = 0; turn < 2; ++turn) {
        for (int round = 0; round < rounds; ++round)
            improve(stretches);
        for (auto& stretch : stretches) {
            add_up(stretch);
            find_what_goes_on(stretch, width_);
        }
    }
}

void DrumShapes::explain(DrumStretch& stretch) const {
    for (auto& drum : stretch.strokes)
        for (auto& stroke : drum)
            stroke.gain = 1;
    stretch.drums.assign(stretch.magnitudes.size(), 0.0f);
    find_what_goes_on(stretch, first_width_);
    for (int turn = 0; turn < 2; ++turn) {
        for (int round = 0; round < fewer_rounds; ++round)
            improve_gains(stretch);
        add_up(stretch);
        find_what_goes_on(stretch, width_);
    }
}

/// A drum's first shape is the median of what is heard around its strokes, each as loud as another.
void DrumShapes::begin(std::span<DrumStretch> stretches) {
    for (std::size_t drum = 0; drum < drum_count; ++drum) {
        Shape& shape = shapes_[drum];
        shape.values.clear();
        struct Place {
            const DrumStretch* stretch;
            DrumStretch::Stroke* stroke;
        };
        std::vector<Place> whole;
        for (auto& stretch : stretches)
            for (auto& stroke : stretch.strokes[drum])
                if (stroke.frame >= 0 &&
                    static_cast<std::size_t>(stroke.frame) + shape.frames <= stretch.frames())
                    whole.push_back({&stretch, &stroke});
        if (whole.size() < fewest_strokes)
            continue;
        const std::size_t bins = whole.front().stretch->bins, cells = shape.frames * bins;
        const auto heard = [&](const Place& place) {
            return place.stretch->magnitudes.data() + static_cast<std::size_t>(place.stroke->frame) * bins;
        };
        float mean = 0;
        for (const auto& place : whole) {
            place.stroke->gain = sum_of(heard(place), cells) + tiny;
            mean += place.stroke->gain / static_cast<float>(whole.size());
        }
        for (const auto& place : whole)
            place.stroke->gain /= mean;
        std::vector<Place> compared;
        for (std::size_t i = 0, n = std::min(most_compared, whole.size()); i < n; ++i)
            compared.push_back(whole[i * whole.size() / n]);
        shape.values.resize(cells);
        std::vector<float> values(compared.size());
        const auto middle = values.begin() + static_cast<std::ptrdiff_t>((values.size() - 1) / 2);
        for (std::size_t cell = 0; cell < cells; ++cell) {
            for (std::size_t i = 0; i < compared.size(); ++i)
                values[i] = heard(compared[i])[cell] / compared[i].stroke->gain;
            std::nth_element(values.begin(), middle, values.end());
            shape.values[cell] = *middle + tiny;
        }
    }
    for (auto& stretch : stretches)
        stretch.drums.assign(stretch.magnitudes.size(), 0.0f);
}

void DrumShapes::add_up(DrumStretch& stretch) const {
    std::fill(stretch.drums.begin(), stretch.drums.end(), 0.0f);
    for (std::size_t drum = 0; drum < drum_count; ++drum)
        if (const Shape& shape = shapes_[drum]; !shape.values.empty())
            for (const auto& stroke : stretch.strokes[drum])
                along(stretch, stroke, shape.frames, [&](std::size_t from, std::size_t to) {
                    for (std::size_t b = 0; b < stretch.bins; ++b)
                        stretch.drums[to + b] += stroke.gain * shape.values[from + b];
                });
}

void DrumShapes::find_what_goes_on(DrumStretch& stretch, std::size_t width) const {
    const std::size_t bins = stretch.bins, frames = stretch.frames(), low = std::min(low_bins_, bins);
    std::vector<float> left(stretch.magnitudes.size());
    for (std::size_t i = 0; i < left.size(); ++i)
        left[i] = std::max(0.0f, stretch.magnitudes[i] - stretch.drums[i]);
    stretch.going_on = medians_in_time(left, bins, width);
    std::vector<float> lowest(frames * low);
    for (std::size_t f = 0; f < frames; ++f)
        std::copy_n(left.data() + f * bins, low, lowest.data() + f * low);
    lowest = medians_in_time(lowest, low, low_width_);
    for (std::size_t f = 0; f < frames; ++f)
        std::copy_n(lowest.data() + f * low, low, stretch.going_on.data() + f * bins);
    for (std::size_t i = 0; i < left.size(); ++i)
        stretch.going_on[i] = std::min(stretch.going_on[i], stretch.magnitudes[i]);
}

void DrumShapes::improve(std::span<DrumStretch> stretches) {
    std::vector<std::vector<float>> all;
    for (auto& stretch : stretches) {
        add_up(stretch);
        all.push_back(ratios(stretch));
    }
    for (std::size_t drum = 0; drum < drum_count; ++drum) {
        Shape& shape = shapes_[drum];
        if (shape.values.empty())
            continue;
        std::vector<float> wanted(shape.values.size(), 0.0f);
        float weight = 0, mean = 0, count = 0;
        for (std::size_t s = 0; s < stretches.size(); ++s)
            for (auto& stroke : stretches[s].strokes[drum]) {
                float better = 0, whole = tiny;
                along(stretches[s], stroke, shape.frames, [&](std::size_t from, std::size_t to) {
                    const float* ratio = all[s].data() + to;
                    for (std::size_t b = 0; b < stretches[s].bins; ++b)
                        wanted[from + b] += stroke.gain * ratio[b];
                    better += dot(shape.values.data() + from, ratio, stretches[s].bins);
                    whole += sum_of(shape.values.data() + from, stretches[s].bins);
                });
                weight += stroke.gain;
                stroke.gain *= better / whole;
                mean += stroke.gain;
                count += 1;
            }
        mean = std::max(mean / count, tiny);
        for (std::size_t i = 0; i < wanted.size(); ++i)
            shape.values[i] *= wanted[i] / std::max(weight, tiny) * mean;
        for (auto& stretch : stretches)
            for (auto& stroke : stretch.strokes[drum])
                stroke.gain /= mean;
    }
}

void DrumShapes::improve_gains(DrumStretch& stretch) const {
    add_up(stretch);
    const std::vector<float> ratio = ratios(stretch);
    for (std::size_t drum = 0; drum < drum_count; ++drum) {
        const Shape& shape = shapes_[drum];
        if (shape.values.empty())
            continue;
        for (auto& stroke : stretch.strokes[drum]) {
            float better = 0, whole = tiny;
            along(stretch, stroke, shape.frames, [&](std::size_t from, std::size_t to) {
                better += dot(shape.values.data() + from, ratio.data() + to, stretch.bins);
                whole += sum_of(shape.values.data() + from, stretch.bins);
            });
            stroke.gain *= better / whole;
        }
    }
}

} // namespace pulsepin
