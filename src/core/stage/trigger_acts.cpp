// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/trigger_acts.h"

#include "stage/effects.h"

#include <algorithm>
#include <array>

namespace pulsepin {
namespace {

struct OwnAct {
    std::string_view trigger;
    TriggerAct act;
};

/// Those that are not simply an effect of that name, as strong as usual and as long as they last.
constexpr std::array<OwnAct, 2> own_acts{{
    {"punch-in", {"scale", 115, TriggerEnvelope::Lasts}}, // fifteen percent nearer: a choice of ours
    {"flash", {"flash", 80, TriggerEnvelope::Falls}},
}};

} // namespace

double envelope_at(TriggerEnvelope envelope, double passed) {
    return envelope == TriggerEnvelope::Falls ? 1 - passed : 1;
}

std::optional<TriggerAct> trigger_act(std::string_view id) {
    const auto own =
        std::find_if(own_acts.begin(), own_acts.end(), [id](const OwnAct& one) { return one.trigger == id; });
    if (own != own_acts.end())
        return own->act;
    if (const auto* row = effect(id))
        return TriggerAct{row->parameters.front().id, row->parameters.front().usual_high};
    return std::nullopt;
}

} // namespace pulsepin
