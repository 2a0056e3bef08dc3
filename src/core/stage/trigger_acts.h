// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string_view>

namespace pulsepin {

/// How strong a trigger is over its length.
enum class TriggerEnvelope {
    Lasts, ///< all of it, up to its end
    Falls  ///< from all of it at its start to nothing at its end
};
/// `passed`: the share of its length, 0 to 1.
[[nodiscard]] double envelope_at(TriggerEnvelope envelope, double passed);

/// What a trigger drives on the camera: a parameter, from where it changes nothing to `full` at 100 %.
struct TriggerAct {
    std::string_view parameter;
    double full = 0;
    TriggerEnvelope envelope = TriggerEnvelope::Lasts;
};

/// By the trigger's effect: each effect of a layer drives its first parameter. Nothing for names of one's
/// own.
[[nodiscard]] std::optional<TriggerAct> trigger_act(std::string_view effect);

} // namespace pulsepin
