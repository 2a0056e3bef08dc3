// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"

namespace pulsepin {

/// What exporters write: the project with all that follows from it. The curves of its followers are flat where
/// they were not computed.
struct ExportMaterial {
    // Most exporters need the project alone, and most callers have nothing else.
    ExportMaterial(const Project& of) // NOLINT(google-explicit-constructor)
        : ExportMaterial(Curves{Schedule(of)}) {}
    explicit ExportMaterial(Curves of) : curves(std::move(of)), project(curves.project()) {}
    ExportMaterial(const ExportMaterial&) = delete;
    ExportMaterial& operator=(const ExportMaterial&) = delete;

    const Curves curves;
    const Project& project; ///< that of the curves
};

} // namespace pulsepin
