// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "check/checks.h"

#include <QSize>
#include <filesystem>
#include <functional>

namespace pulsepin {

/// The frames of a piece composed at a quarter of their size, and measured (check/flash_meter.h).
struct FlashRun {
    Curves curves;
    std::function<std::filesystem::path(const Clip&)> file_of = {}; ///< empty: each clip's own
    /// What was measured before, and of what: where the same is seen, its result is taken over.
    std::shared_ptr<const FlashReport> before = {};
    std::optional<Curves> before_of = {};

    /// Of the whole piece. Fails when cancelled, or where a clip cannot be shown.
    [[nodiscard]] Result<FlashReport> measure(const Progress& progress = {}) const;
    /// Of the frames from one to before another alone; the report counts from the piece's first all the same,
    /// with nothing measured outside.
    [[nodiscard]] Result<FlashReport> measure(Frames from, Frames until, const Progress& progress = {}) const;
};

/// A quarter of the picture in width and height; of small pictures more, since details count.
[[nodiscard]] QSize measured_size(const Settings& settings);

/// Whether a frame of two versions of a piece is the same to see.
[[nodiscard]] bool seen_alike(const Curves& a, const Curves& b, Frames frame);

} // namespace pulsepin
