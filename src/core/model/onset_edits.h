// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <span>
#include <string_view>

namespace pulsepin {

/// What was found, with what a person corrected: an onset found within 25 ms of where a corrected one was
/// found is that one. Rising.
[[nodiscard]] std::vector<FoundOnset> corrected(std::vector<FoundOnset> found,
                                                std::span<const OnsetRow::Correction> by_hand);

// One onset of a row, by its time. Each fails where the row, or an onset at that time, is not there; rows
// that are made of others have none of their own to correct.
[[nodiscard]] Result<Project> with_onset_added(const Project& project, std::size_t row, Seconds time,
                                               float strength = 1);
[[nodiscard]] Result<Project> with_onset_moved(const Project& project, std::size_t row, Seconds from,
                                               Seconds to);
[[nodiscard]] Result<Project> with_onset_strength(const Project& project, std::size_t row, Seconds time,
                                                  float strength);
[[nodiscard]] Result<Project> with_onset_deleted(const Project& project, std::size_t row, Seconds time);
/// The correction of the onset that lies there, or lay there and was deleted, is taken back.
[[nodiscard]] Result<Project> with_correction_taken_back(const Project& project, std::size_t row,
                                                         Seconds time);

/// The same project, with an empty row of everything that starts where nothing was listened to yet: rows of a
/// person's own come after it.
[[nodiscard]] Project with_rows_begun(const Project& project);

/// A row made of others, "kick or snare"; each onset as strong as the strongest that it is made of. Rows that
/// are made of others themselves are not looked at.
[[nodiscard]] std::vector<FoundOnset> merged_onsets(const std::vector<OnsetRow>& rows,
                                                    const OnsetRow::Merged& merged);
/// Several rows in one text: their names with this between them, or this for all of them.
inline constexpr std::string_view between_rows = " + ", all_rows = "*";
/// The places of the rows that a text names: "kick", "kick + snare", "*"; nothing names the first. Those that
/// are not there are left out.
[[nodiscard]] std::vector<std::size_t> rows_named(const std::vector<OnsetRow>& rows, std::string_view text);
/// What starts in any of them; those that start within so much are one, as strong as the strongest.
[[nodiscard]] std::vector<FoundOnset> onsets_of_rows(const std::vector<OnsetRow>& rows, std::string_view text,
                                                     Seconds within);

/// Rows that are made of others made again of these.
void refresh_merged(std::vector<OnsetRow>& rows);
/// What a person did to rows goes over to rows of the same names that were found anew: corrections, clicks,
/// rows of their own that are made of others.
[[nodiscard]] std::vector<OnsetRow> carried_over(const std::vector<OnsetRow>& before,
                                                 std::vector<OnsetRow> found);

} // namespace pulsepin
