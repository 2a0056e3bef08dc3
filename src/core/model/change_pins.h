// SPDX-License-Identifier: GPL-3.0-or-later
//
// What edits of pins are made of; not for use outside of this layer.
#pragma once

#include "model/project.h"

#include <algorithm>
#include <memory>
#include <span>
#include <vector>

namespace pulsepin {

/// Replaces each lane that `change` alters; lanes without a change stay shared. A pin is offered to `change`
/// when `concerns` says so of it and its lane.
template <class Concerns, class Change>
Project with_each_pin(Project project, Concerns&& concerns, Change&& change) {
    for (auto& shared : project.lanes) {
        std::shared_ptr<Lane> altered;
        for (std::size_t i = 0; i < shared->pins.size(); ++i) {
            if (!concerns(*shared, shared->pins[i]))
                continue;
            Pin pin = shared->pins[i];
            change(pin);
            if (pin == shared->pins[i])
                continue;
            if (!altered)
                altered = std::make_shared<Lane>(*shared);
            altered->pins[i] = std::move(pin);
        }
        if (altered)
            shared = std::move(altered);
    }
    return project;
}

template <class Change>
Project with_each_pin(Project project, Change&& change) {
    return with_each_pin(
        std::move(project), [](const Lane&, const Pin&) { return true; }, std::forward<Change>(change));
}

/// One lane changed; fails when it is gone.
template <class Change>
Result<Project> with_changed_lane(const Project& project, LaneId lane, Change&& change) {
    Project next = project;
    for (auto& shared : next.lanes)
        if (shared->id == lane) {
            auto altered = std::make_shared<Lane>(*shared);
            change(*altered);
            shared = std::move(altered);
            return next;
        }
    return fail("That lane is no longer there.");
}

} // namespace pulsepin
