// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/pin.h"

#include "params/param.h"

#include <span>
#include <string_view>

namespace pulsepin {

/// A colour or a symbol that a marker can have.
struct MarkerLookRow {
    std::string_view id;    ///< in files
    std::string_view label; ///< "Plum"
};

[[nodiscard]] std::span<const MarkerLookRow> marker_colours();
/// The same, to choose from.
[[nodiscard]] std::span<const ParamChoice> marker_colour_choices();
[[nodiscard]] std::span<const MarkerLookRow> marker_symbols();
[[nodiscard]] std::span<const ParamChoice> marker_symbol_choices();
/// -1 when there is none of that id.
[[nodiscard]] int marker_look_by_id(std::span<const MarkerLookRow> rows, std::string_view id);

/// An effect that triggers start, with what is usual for it.
struct TriggerEffectRow {
    std::string_view id;
    std::string_view label;
    Length length; ///< common practice, a starting point
    Colour colour;
};

[[nodiscard]] std::span<const TriggerEffectRow> trigger_effects();
[[nodiscard]] std::span<const ParamChoice> trigger_effect_choices();
/// Null when it is a name of one's own.
[[nodiscard]] const TriggerEffectRow* trigger_effect(std::string_view id);

} // namespace pulsepin
