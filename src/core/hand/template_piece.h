// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"
#include "model/project.h"

#include <string>
#include <vector>

namespace pulsepin {

struct FromTemplate {
    Project project;
    std::vector<std::string> told; ///< what found no place, a sentence each
};
/// A piece made of another one whose song is exchanged: what lies on beats lies on the same bars and beats of
/// the new song, plantings are run again on its beats and onsets (those of the whole song over all of it),
/// and what lay at a time stays there. What would lie behind the end of the song goes. Sounds that were heard
/// beside the old song stay in the bin and on their lanes. Fails where the new song has no beats.
[[nodiscard]] Result<FromTemplate> piece_of_template(const Project& pattern, Song song, Detection found);

} // namespace pulsepin
