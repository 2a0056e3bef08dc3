// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"

#include <chrono>
#include <memory>

namespace pulsepin {

/// A project that a thread of its own reads. Its folder may lie on a machine that does not answer: nobody
/// waits for it longer than they like, and a thread that never comes back is left behind.
class ProjectReading {
public:
    [[nodiscard]] static ProjectReading begun(std::filesystem::path path);
    /// Whether it is there.
    [[nodiscard]] bool wait(std::chrono::milliseconds at_most) const;
    /// The same; no longer than `asleep` where the thread waits for the disk, up to `at_work` where it has
    /// much to read or other programs are in its way.
    [[nodiscard]] bool wait(std::chrono::milliseconds asleep, std::chrono::milliseconds at_work) const;
    /// Once it is there.
    [[nodiscard]] Result<Document::ReadProject> outcome() const;

private:
    struct State;
    explicit ProjectReading(std::shared_ptr<State> state) : state_(std::move(state)) {}
    std::shared_ptr<State> state_;
};

} // namespace pulsepin
