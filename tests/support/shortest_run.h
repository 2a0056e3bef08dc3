// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <string>
#include <vector>

namespace pulsepin::test {

/// A shorter list of actions that still fails, none of which can be left out alone: halves, quarters and so
/// on are left out while what remains fails (Zeller and Hildebrandt, Simplifying and Isolating
/// Failure-Inducing Input, IEEE TSE 28(2), 2002, with complements only). `fails` is asked at most `most`
/// times.
[[nodiscard]] std::vector<int> shortest_failing(std::vector<int> actions,
                                                const std::function<bool(const std::vector<int>&)>& fails,
                                                int most = 1000);

/// Numbers as 0-3,7,9-12 and back. What cannot be read is left out.
[[nodiscard]] std::string written_ranges(const std::vector<int>& numbers);
[[nodiscard]] std::vector<int> read_ranges(const std::string& text);

} // namespace pulsepin::test
