// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

namespace pulsepin {

// The course of what a trigger drives, or of what an appearance does beside, as keys at shares of its length:
// stretched with it, they stretch.

/// One of the keys of one of the things that a trigger drives, in their order.
struct EventKey {
    std::size_t act = 0, key = 0;
    friend bool operator==(const EventKey&, const EventKey&) = default;
};

/// The keys of an act; of one that goes all the way throughout, those at both its ends.
[[nodiscard]] std::vector<TriggerAct::Point> keys_of(const TriggerAct& act);

struct WithEventKey {
    Project project;
    EventKey key;
};
/// A further key at that percentage of the length; what is nearer than half a percent to another takes its
/// place. Fails for pins that are no triggers, or drive no such thing.
[[nodiscard]] Result<WithEventKey> with_event_key(const Project& project, PinId trigger, std::size_t act,
                                                  TriggerAct::Point point);
/// Moved between its neighbours, which it does not pass.
[[nodiscard]] Result<Project> with_event_key_moved(const Project& project, PinId trigger, EventKey key,
                                                   double at, double way);
/// How the next one is reached from it.
[[nodiscard]] Result<Project> with_event_key_eased(const Project& project, PinId trigger, EventKey key,
                                                   const Easing& easing);
/// Of what has a colour and no value.
[[nodiscard]] Result<Project> with_event_key_coloured(const Project& project, PinId trigger, EventKey key,
                                                      Colour colour);
/// Fails for the last one.
[[nodiscard]] Result<Project> without_event_key(const Project& project, PinId trigger, EventKey key);

/// The value of an act at a key, and the way to a value.
[[nodiscard]] double value_of_way(const TriggerAct& act, double way);
[[nodiscard]] double way_of_value(const TriggerAct& act, double value);

} // namespace pulsepin
