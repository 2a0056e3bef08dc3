// SPDX-License-Identifier: GPL-3.0-or-later
#include "detect/row_finder.h"

#include "detect/detection_of.h"

namespace pulsepin {

RowFinder::RowFinder(std::shared_ptr<const FeatureSet> features) : features_(std::move(features)) {}

std::vector<FoundOnset> RowFinder::find(const OnsetRow& row) {
    if (row.like)
        return onsets_of(similar_onsets(*similarities_to(*row.like), static_cast<float>(row.like->least)));
    OnsetSettings settings;
    settings.function = row.function;
    settings.own_band = row.band;
    settings.sensitivity = row.sensitivity;
    settings.least_strength = row.least_strength;
    settings.smallest_gap = row.smallest_gap;
    return onsets_of(finder_of(row)->find(settings));
}

namespace {

std::string key_of(const OnsetRow& row) {
    return row.band ? std::to_string(row.band->first) + " " + std::to_string(row.band->second) : row.function;
}

std::string key_of(const OnsetRow::Like& like) {
    return std::to_string(like.from.value) + " " + std::to_string(like.until.value);
}

} // namespace

bool RowFinder::knows(const OnsetRow& row) {
    const std::unique_lock lock(mutex_, std::try_to_lock);
    if (!lock) // something is being computed
        return false;
    return row.like ? similarities_.contains(key_of(*row.like)) : finders_.contains(key_of(row));
}

std::shared_ptr<const OnsetFinder> RowFinder::finder_of(const OnsetRow& row) {
    const std::lock_guard lock(mutex_); // held while it is made: whoever wants the same waits for it
    auto& finder = finders_[key_of(row)];
    if (!finder)
        finder = std::make_shared<const OnsetFinder>(features_->features, row.function, row.band);
    return finder;
}

std::shared_ptr<const std::vector<Similarity>> RowFinder::similarities_to(const OnsetRow::Like& like) {
    const std::lock_guard lock(mutex_);
    auto& all = similarities_[key_of(like)];
    if (!all)
        all = std::make_shared<const std::vector<Similarity>>(
            similarity_to(features_->features, like.from, like.until));
    return all;
}

} // namespace pulsepin
