// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/picker.h"

#include <span>
#include <string_view>

namespace pulsepin {

struct PickContext {
    const Project& project;
    const BeatGrid& grid;
    const Picker& picker;
    ParamValues values; ///< of the source, completed
    Ticks from;
    Ticks until;
};

/// Where positions come from. `positions` gives those in [from, until), rising.
struct PickerSourceRow {
    std::string_view id;
    std::string_view label;
    ParamSpecs parameters;
    std::vector<Picked> (*positions)(const PickContext&);
    bool needs_beats = true; ///< else it picks in plain time as well
    /// Whether its values mean something; null: they always do.
    Result<void> (*checked)(const ParamValues& values) = nullptr;
};

/// What lets only some through.
struct PickerFilterRow {
    std::string_view id;
    std::string_view label;
    ParamSpecs parameters;
    std::vector<Picked> (*keep)(const PickContext&, std::vector<Picked>, const ParamValues& values);
    std::string (*describe)(const ParamValues& values);
    bool needs_beats = false; ///< it means nothing in plain time
};

[[nodiscard]] std::span<const PickerSourceRow> picker_sources();
[[nodiscard]] std::span<const PickerFilterRow> picker_filters();
[[nodiscard]] const PickerSourceRow* picker_source(std::string_view id);
[[nodiscard]] const PickerFilterRow* picker_filter(std::string_view id);

/// The values of the filter "steps": `on` has bars * beats a bar * steps a beat places.
[[nodiscard]] ParamValues step_values(int bars, int steps_a_beat, std::vector<bool> on);

} // namespace pulsepin
