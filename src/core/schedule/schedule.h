// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/lane_spans.h"
#include "schedule/resolve.h"

#include <memory>
#include <vector>

namespace pulsepin {

/// Everything that follows from a project: when its pins act, what they last as, in how many rows they lie. A
/// value; copies share their lanes. Whoever needs a place or a span reads it here and derives nothing itself.
class Schedule {
    struct DerivedLane {
        ResolvedLane pins;
        LaneSpans spans;
    };
    using Lanes = std::vector<std::shared_ptr<const DerivedLane>>;

public:
    Schedule() = default;
    /// Lanes on which nothing has an effect that was otherwise in `before` are shared with it.
    explicit Schedule(Project project, const Schedule& before = {});

    [[nodiscard]] const Project& project() const { return project_; }
    /// As many as the project has lanes, in their order.
    [[nodiscard]] std::size_t size() const { return lanes_.size(); }
    [[nodiscard]] const ResolvedLane& operator[](std::size_t lane) const { return lanes_[lane]->pins; }
    [[nodiscard]] const LaneSpans& spans(std::size_t lane) const { return lanes_[lane]->spans; }
    /// Empty for a lane that is not there.
    [[nodiscard]] const LaneSpans& spans(LaneId lane) const;
    [[nodiscard]] const ResolvedLane& pins(LaneId lane) const;

    class Iterator {
    public:
        using value_type = ResolvedLane;
        using difference_type = std::ptrdiff_t;
        Iterator() = default;
        explicit Iterator(Lanes::const_iterator at) : at_(at) {}
        const ResolvedLane& operator*() const { return (*at_)->pins; }
        Iterator& operator++() { return ++at_, *this; }
        Iterator operator++(int) { return Iterator(at_++); }
        friend bool operator==(const Iterator&, const Iterator&) = default;

    private:
        Lanes::const_iterator at_;
    };
    [[nodiscard]] Iterator begin() const { return Iterator(lanes_.begin()); }
    [[nodiscard]] Iterator end() const { return Iterator(lanes_.end()); }

private:
    [[nodiscard]] const DerivedLane& lane(LaneId id) const;
    Project project_;
    Lanes lanes_;
};

/// The pins that lie before the song's beginning, or at or behind its end.
[[nodiscard]] std::vector<PinId> pins_outside_song(const Schedule& schedule);

} // namespace pulsepin
