// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <unordered_map>

namespace pulsepin {

/// Finds pins by their ids without going through all of them each time. The project must outlive it.
class PinLookup {
public:
    explicit PinLookup(const Project& project) : project_(&project) {}
    [[nodiscard]] const Pin* find(PinId id) const;

private:
    const Project* project_;
    mutable std::unordered_map<std::uint64_t, const Pin*> pins_; ///< filled when first asked
};

/// The time of an anchor; nothing where it hangs on a grid or a pin that is not there, or on itself in a
/// ring.
[[nodiscard]] std::optional<Seconds> anchored_time(const Anchor& anchor, const Project& project);
[[nodiscard]] std::optional<Seconds> anchored_time(const Anchor& anchor, const Project& project,
                                                   const PinLookup& pins);

} // namespace pulsepin
