// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/history.h"

namespace pulsepin {

void History::push(Project project, std::string name) {
    while (steps_.size() > at_ + 1)
        steps_.pop_back();
    steps_.push_back({std::move(project), std::move(name), ++last_number_});
    if (steps_.size() > longest)
        steps_.pop_front();
    at_ = steps_.size() - 1;
}

void History::undo() {
    if (can_undo())
        --at_;
}

void History::redo() {
    if (can_redo())
        ++at_;
}

} // namespace pulsepin
