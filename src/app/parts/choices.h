// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <QComboBox>

namespace pulsepin {

// Lists to choose from that follow the project: filled again only when they changed, and quietly; what was
// chosen stays chosen where it is still there.

/// The rows of onsets; at first the one of that name, if there is one.
void fill_with_onset_rows(QComboBox* box, const Project& project, const QString& at_first = {});

/// All easings by their names, their ids as data.
void fill_with_easings(QComboBox* box);
/// With the usual numbers of its kind.
[[nodiscard]] Easing chosen_easing(const QComboBox* box);

/// The lanes whose kind is wanted, their ids as data. True when the list changed.
bool fill_with_lanes(QComboBox* box, const Project& project, bool (*wanted)(LaneKind));

} // namespace pulsepin
