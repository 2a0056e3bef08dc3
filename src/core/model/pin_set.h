// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "time/anchor.h"

#include <algorithm>
#include <initializer_list>
#include <span>
#include <vector>

namespace pulsepin {

/// Pins, each once, by their numbers, one behind the other in memory: a hundred thousand are selected, looked
/// for and compared as a list is. One that lies behind all others is added at once, another one moves what
/// lies behind it: whoever has many that are in no order makes the set of all of them.
class PinSet {
public:
    using value_type = PinId;
    using const_iterator = std::vector<PinId>::const_iterator;
    using iterator = const_iterator;

    PinSet() = default;
    PinSet(std::initializer_list<PinId> pins) : PinSet(pins.begin(), pins.end()) {}
    template <class Iterator>
    PinSet(Iterator first, Iterator last) : pins_(first, last) {
        if (!std::ranges::is_sorted(pins_))
            std::ranges::sort(pins_);
        pins_.erase(std::unique(pins_.begin(), pins_.end()), pins_.end());
    }

    explicit PinSet(std::span<const PinId> pins) : PinSet(pins.begin(), pins.end()) {}

    [[nodiscard]] const_iterator begin() const { return pins_.begin(); }
    [[nodiscard]] const_iterator end() const { return pins_.end(); }
    [[nodiscard]] std::size_t size() const { return pins_.size(); }
    [[nodiscard]] bool empty() const { return pins_.empty(); }
    [[nodiscard]] bool contains(PinId pin) const { return std::binary_search(begin(), end(), pin); }
    void insert(PinId pin) {
        const auto at =
            pins_.empty() || pins_.back() < pin ? pins_.end() : std::ranges::lower_bound(pins_, pin);
        if (at == pins_.end() || *at != pin)
            pins_.insert(at, pin);
    }
    template <class Iterator>
    void insert(Iterator first, Iterator last) {
        std::vector<PinId> all(pins_);
        all.insert(all.end(), first, last);
        *this = PinSet(all.begin(), all.end());
    }
    /// How many were taken out: 1, or 0 where it was not there.
    std::size_t erase(PinId pin) {
        const auto [first, last] = std::equal_range(pins_.begin(), pins_.end(), pin);
        const auto count = static_cast<std::size_t>(last - first);
        pins_.erase(first, last);
        return count;
    }
    friend bool operator==(const PinSet&, const PinSet&) = default;

private:
    std::vector<PinId> pins_;
};

} // namespace pulsepin
