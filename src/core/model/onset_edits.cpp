// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/onset_edits.h"

#include "model/edits.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr Seconds same_onset(0.025), exactly(1e-6);

using Onsets = std::vector<FoundOnset>;
using Corrections = std::vector<OnsetRow::Correction>;

bool earlier(const FoundOnset& a, const FoundOnset& b) {
    return a.time < b.time;
}

auto nearest(Onsets& onsets, Seconds time, Seconds within) {
    auto best = onsets.end();
    for (auto onset = onsets.begin(); onset != onsets.end(); ++onset) {
        const double away = std::abs((onset->time - time).value);
        if (away <= within.value && (best == onsets.end() || away < std::abs((best->time - time).value)))
            best = onset;
    }
    return best;
}

auto correction_at(Corrections& corrections, Seconds time) {
    return std::find_if(corrections.begin(), corrections.end(), [time](const OnsetRow::Correction& one) {
        const auto at = one.now ? one.now : one.was;
        return at && std::abs((*at - time).value) <= exactly.value;
    });
}

void put(Onsets& onsets, FoundOnset onset) {
    onsets.insert(std::upper_bound(onsets.begin(), onsets.end(), onset, earlier), onset);
}

Result<OnsetRow> row_to_correct(const Project& project, std::size_t index) {
    if (!project.detection || index >= project.detection->rows.size())
        return fail("There is no such row of onsets.", {}, "Let the song be listened to first.");
    const OnsetRow& row = project.detection->rows[index];
    if (row.merged)
        return fail("“" + row.name + "” is made of other rows.", {}, "Correct the onset in one of those.");
    return row;
}

/// One onset of the row becomes `now`, or goes; its correction is noted.
Result<Project> with_one_changed(const Project& project, std::size_t index, Seconds time,
                                 std::optional<FoundOnset> now) {
    auto row = row_to_correct(project, index);
    if (!row)
        return tl::unexpected(row.error());
    const auto onset = nearest(row->onsets, time, exactly);
    if (onset == row->onsets.end())
        return fail("There is no onset at that time.");
    OnsetRow::Correction made{onset->time, {}, 1, onset->strength};
    if (const auto known = correction_at(row->by_hand, onset->time); known != row->by_hand.end()) {
        made = *known; // corrected before: where it was found is still known
        row->by_hand.erase(known);
    }
    row->onsets.erase(onset);
    made.now = now ? std::optional(now->time) : std::nullopt;
    if (now) {
        made.strength = now->strength;
        now->by_hand = true;
        put(row->onsets, *now);
    }
    if (made.was || made.now) // what was added and is deleted again was never there
        row->by_hand.push_back(made);
    return with_onset_row(project, index, *std::move(row));
}

float strength_at(const Project& project, std::size_t index, Seconds time) {
    if (project.detection && index < project.detection->rows.size())
        for (const auto& onset : project.detection->rows[index].onsets)
            if (std::abs((onset.time - time).value) <= exactly.value)
                return onset.strength;
    return 1;
}

bool named_among(const std::vector<std::string>& names, const OnsetRow& row) {
    return !row.merged && std::any_of(names.begin(), names.end(), [&](const std::string& name) {
        return name == row.name || name == all_rows;
    });
}

/// Those that start together are one, as strong as the strongest of them.
Onsets together(Onsets all, Seconds within) {
    std::stable_sort(all.begin(), all.end(), earlier);
    Onsets out;
    std::optional<Seconds> began; // of those that are one
    for (const auto& onset : all) {
        if (began && onset.time - *began <= within) {
            if (onset.strength > out.back().strength)
                out.back() = onset;
            continue;
        }
        began = onset.time;
        out.push_back(onset);
    }
    return out;
}

} // namespace

std::vector<FoundOnset> corrected(std::vector<FoundOnset> found,
                                  std::span<const OnsetRow::Correction> by_hand) {
    for (const auto& one : by_hand)
        if (one.was)
            if (const auto there = nearest(found, *one.was, same_onset); there != found.end())
                found.erase(there);
    for (const auto& one : by_hand)
        if (one.now)
            put(found, {*one.now, one.strength, true});
    return found;
}

Result<Project> with_onset_added(const Project& project, std::size_t index, Seconds time, float strength) {
    auto row = row_to_correct(project, index);
    if (!row)
        return tl::unexpected(row.error());
    if (nearest(row->onsets, time, exactly) != row->onsets.end())
        return fail("There is an onset at that time already.");
    put(row->onsets, {time, strength, true});
    row->by_hand.push_back({{}, time, strength, 0});
    return with_onset_row(project, index, *std::move(row));
}

Result<Project> with_onset_moved(const Project& project, std::size_t index, Seconds from, Seconds to) {
    return with_one_changed(project, index, from, FoundOnset{to, strength_at(project, index, from)});
}

Result<Project> with_onset_strength(const Project& project, std::size_t index, Seconds time, float strength) {
    return with_one_changed(project, index, time, FoundOnset{time, std::clamp(strength, 0.0f, 1.0f)});
}

Result<Project> with_onset_deleted(const Project& project, std::size_t index, Seconds time) {
    return with_one_changed(project, index, time, std::nullopt);
}

Result<Project> with_correction_taken_back(const Project& project, std::size_t index, Seconds time) {
    auto row = row_to_correct(project, index);
    if (!row)
        return tl::unexpected(row.error());
    const auto known = correction_at(row->by_hand, time);
    if (known == row->by_hand.end())
        return fail("Nothing was corrected there.");
    if (known->now)
        if (const auto there = nearest(row->onsets, *known->now, exactly); there != row->onsets.end())
            row->onsets.erase(there);
    if (known->was)
        put(row->onsets, {*known->was, known->had});
    row->by_hand.erase(known);
    return with_onset_row(project, index, *std::move(row));
}

Project with_rows_begun(const Project& project) {
    if (project.detection && !project.detection->rows.empty())
        return project;
    Detection begun = project.detection ? *project.detection : Detection{};
    begun.rows.emplace_back();
    begun.rows.front().name = "onsets";
    Project next = project;
    next.detection = std::make_shared<const Detection>(std::move(begun));
    return next;
}

std::vector<FoundOnset> merged_onsets(const std::vector<OnsetRow>& rows, const OnsetRow::Merged& merged) {
    Onsets all, against;
    for (const auto& row : rows) {
        if (named_among(merged.any, row))
            all.insert(all.end(), row.onsets.begin(), row.onsets.end());
        if (named_among(merged.but_none, row))
            against.insert(against.end(), row.onsets.begin(), row.onsets.end());
    }
    std::sort(against.begin(), against.end(), earlier);
    Onsets out = together(std::move(all), merged.within);
    std::erase_if(out, [&](const FoundOnset& onset) {
        const auto next = std::lower_bound(against.begin(), against.end(), onset.time - merged.clear,
                                           [](const FoundOnset& a, Seconds t) { return a.time < t; });
        return next != against.end() && next->time <= onset.time + merged.clear;
    });
    return out;
}

std::vector<std::size_t> rows_named(const std::vector<OnsetRow>& rows, std::string_view text) {
    std::vector<std::size_t> chosen;
    const auto add = [&](std::string_view name) {
        for (std::size_t i = 0; i < rows.size(); ++i)
            if (rows[i].name == name)
                return chosen.push_back(i);
    };
    if (text.empty() && !rows.empty())
        return {0};
    if (text == all_rows) {
        for (std::size_t i = 0; i < rows.size(); ++i)
            if (!rows[i].merged) // it is made of the others
                chosen.push_back(i);
        return chosen;
    }
    add(text);
    for (std::string_view left = text; chosen.empty() || left != text;) {
        const auto end = left.find(between_rows);
        add(left.substr(0, end));
        if (end == std::string_view::npos)
            break;
        left.remove_prefix(end + between_rows.size());
    }
    std::sort(chosen.begin(), chosen.end());
    chosen.erase(std::unique(chosen.begin(), chosen.end()), chosen.end());
    return chosen;
}

std::vector<FoundOnset> onsets_of_rows(const std::vector<OnsetRow>& rows, std::string_view text,
                                       Seconds within) {
    const auto chosen = rows_named(rows, text);
    if (chosen.size() == 1) // as it is
        return rows[chosen.front()].onsets;
    Onsets all;
    for (const std::size_t row : chosen)
        all.insert(all.end(), rows[row].onsets.begin(), rows[row].onsets.end());
    return together(std::move(all), within);
}

void refresh_merged(std::vector<OnsetRow>& rows) {
    for (auto& row : rows)
        if (row.merged)
            row.onsets = merged_onsets(rows, *row.merged);
}

std::vector<OnsetRow> carried_over(const std::vector<OnsetRow>& before, std::vector<OnsetRow> found) {
    for (const auto& old : before) {
        const auto same = std::find_if(found.begin(), found.end(),
                                       [&](const OnsetRow& row) { return row.name == old.name; });
        if (same == found.end()) {
            // What is made of other things, or was all put there by hand, is no finding that is out of date.
            const bool by_hand_alone =
                !old.onsets.empty() && std::all_of(old.onsets.begin(), old.onsets.end(),
                                                   [](const FoundOnset& one) { return one.by_hand; });
            if (old.is_made() || by_hand_alone)
                found.push_back(old);
            continue;
        }
        same->click = old.click;
        if (!same->by_hand.empty()) // the row itself, corrections and all
            continue;
        same->by_hand = old.by_hand;
        same->onsets = corrected(std::move(same->onsets), same->by_hand);
    }
    refresh_merged(found);
    return found;
}

} // namespace pulsepin
