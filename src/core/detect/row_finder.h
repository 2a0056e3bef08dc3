// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "analysis/analyze.h"
#include "analysis/similarity.h"
#include "model/project.h"

#include <map>
#include <memory>
#include <mutex>
#include <string>
#include <vector>

namespace pulsepin {

/// Finds rows of onsets in the features of one song again and again: what depends on the detection function
/// or on the sound that others are compared with is computed once, what sliders change is quick. May be
/// shared between threads.
class RowFinder {
public:
    explicit RowFinder(std::shared_ptr<const FeatureSet> features);

    /// The onsets that the row's settings find; those that it has are not looked at.
    [[nodiscard]] std::vector<FoundOnset> find(const OnsetRow& row);
    /// find() is quick: all but what sliders change was computed before.
    [[nodiscard]] bool knows(const OnsetRow& row);

private:
    [[nodiscard]] std::shared_ptr<const OnsetFinder> finder_of(const OnsetRow& row);
    [[nodiscard]] std::shared_ptr<const std::vector<Similarity>> similarities_to(const OnsetRow::Like& like);

    std::shared_ptr<const FeatureSet> features_;
    std::mutex mutex_;
    std::map<std::string, std::shared_ptr<const OnsetFinder>> finders_;
    std::map<std::string, std::shared_ptr<const std::vector<Similarity>>> similarities_;
};

} // namespace pulsepin
