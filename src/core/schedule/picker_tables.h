// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/picker.h"

#include <span>
#include <string_view>

namespace pulsepin {

struct ParameterRow {
    std::string_view id;
    std::string_view label;
    std::string_view unit; ///< "%", "ms"; "lane": the number of a lane
    double lowest;
    double highest;
    double initial;
};

struct PickContext {
    const Project& project;
    const BeatGrid& grid;
    const Picker& picker;
    Ticks from;
    Ticks until;
};

/// What a source needs to know beside the range.
enum class SourceTakes { Nothing, OnsetRow, MarkerName, MarkerColour, Swing };

/// Where positions come from. `positions` gives those in [from, until), rising.
struct PickerSourceRow {
    std::string_view id;
    std::string_view label;
    SourceTakes takes;
    std::vector<Picked> (*positions)(const PickContext&);
};

/// What lets only some through.
struct PickerFilterRow {
    std::string_view id;
    std::string_view label;
    std::span<const ParameterRow> parameters;
    std::vector<Picked> (*keep)(const PickContext&, std::vector<Picked>, std::span<const double> parameters);
    std::string (*describe)(std::span<const double> parameters);
};

[[nodiscard]] std::span<const PickerSourceRow> picker_sources();
[[nodiscard]] std::span<const PickerFilterRow> picker_filters();
[[nodiscard]] const PickerSourceRow* picker_source(std::string_view id);
[[nodiscard]] const PickerFilterRow* picker_filter(std::string_view id);

/// The pattern of the filter "steps" as its four numbers, and back: `on` has bars * beats a bar * steps a
/// beat places.
[[nodiscard]] std::vector<double> steps_as_parameters(int bars, int steps_a_beat,
                                                      const std::vector<bool>& on);

[[nodiscard]] std::vector<bool> steps_of_parameters(std::span<const double> parameters, std::size_t count);

} // namespace pulsepin
