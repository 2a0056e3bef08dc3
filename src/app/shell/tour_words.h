// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <QString>
#include <functional>

namespace pulsepin {

class MainWindow;

/// What a part of the tour is given by the whole.
struct TourSteps {
    std::function<bool(const std::function<bool()>& done)> wait;
    std::function<void(const QString& name)> picture;
    std::function<void(std::int64_t from, std::int64_t until)> show_bars;
    std::function<void(std::int64_t bar, int beat)> go_to;
};

/// Words that are set and proposed, as titles on a canvas, and in the running band. The project is as it was
/// afterwards. Whether all of it was done.
[[nodiscard]] bool tour_words(MainWindow& window, const TourSteps& steps);

/// With a few words and drawings, so that each way out has something to write.
[[nodiscard]] Project with_words_to_hand_on(const Project& project);

} // namespace pulsepin
