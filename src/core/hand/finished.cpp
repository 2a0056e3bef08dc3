// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/finished.h"

#include "hand/word_titles.h"

namespace pulsepin {

Project finished(const Project& before, Project after) {
    return with_titles_in_step(before, std::move(after));
}

} // namespace pulsepin
