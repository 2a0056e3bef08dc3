// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "follow/feeds.h"

#include <QImage>
#include <QSize>
#include <filesystem>
#include <functional>

namespace pulsepin {

/// One frame of a piece, at that size, as a film shows it.
[[nodiscard]] Result<QImage> still(const Curves& curves, Frames frame, QSize size,
                                   const std::function<std::filesystem::path(const Clip&)>& file_of = {},
                                   const Progress& progress = {});

/// The first frame of each shot of the first lane of cuts, with its time and bar. Fails where there are none.
[[nodiscard]] Result<QImage>
contact_sheet(const Curves& curves, const std::function<std::filesystem::path(const Clip&)>& file_of = {},
              const Progress& progress = {});

} // namespace pulsepin
