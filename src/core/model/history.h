// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <deque>

namespace pulsepin {

/// The project now, and its earlier and undone values. Parts that did not change are shared between them. The
/// oldest are forgotten when there are a thousand, or when they hold more memory than they may; a few dozen
/// stay in any case.
class History {
public:
    static constexpr std::size_t most_steps = 1000, fewest_steps = 30;
    static constexpr std::size_t most_bytes = 100'000'000;

    explicit History(Project project, std::size_t bytes = most_bytes)
        : steps_{{std::move(project), {}, 1}}, may_hold_(bytes) {}

    [[nodiscard]] const Project& current() const { return steps_[at_].project; }

    /// One undo step, named as in "Undo move cut". What was undone before is dropped.
    void push(Project project, std::string name);

    /// What follows from the present value was derived anew: it is in its place, and no step of its own.
    void amend(Project project) { steps_[at_].project = std::move(project); }

    [[nodiscard]] bool can_undo() const { return at_ > 0; }
    [[nodiscard]] bool can_redo() const { return at_ + 1 < steps_.size(); }
    [[nodiscard]] const std::string& undo_name() const { return steps_[at_].name; }
    [[nodiscard]] const std::string& redo_name() const { return steps_[at_ + 1].name; }
    void undo();
    void redo();
    /// Whether undoing leads to the value that it began with.
    [[nodiscard]] bool remembers_start() const { return steps_.front().number == 1; }
    [[nodiscard]] std::size_t steps() const { return steps_.size(); }
    /// Roughly, of all values but the first.
    [[nodiscard]] std::size_t bytes() const { return holds_; }

    /// Names the present value, so that it can be told later which one was saved.
    [[nodiscard]] std::uint64_t number() const { return steps_[at_].number; }
    void mark_saved() { saved_ = number(); }
    void mark_saved(std::uint64_t number) { saved_ = number; }
    /// Lets the present value count as not saved, as after a recovery.
    void mark_unsaved() { saved_ = 0; }
    [[nodiscard]] bool is_saved() const { return saved_ == number(); }

private:
    struct Step {
        Project project;
        std::string name;
        std::uint64_t number = 0; ///< never given twice
        std::size_t bytes = 0;    ///< roughly, of what it does not share with the one before
    };
    std::deque<Step> steps_; ///< a deque, so that a reference to a value outlives the next push
    std::size_t at_ = 0;
    std::size_t may_hold_, holds_ = 0;
    std::uint64_t saved_ = 1, last_number_ = 1;
};

} // namespace pulsepin
