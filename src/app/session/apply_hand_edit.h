// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/hand_edits.h"

#include <QString>

namespace pulsepin {

class Document;

/// Does what hand_edits() has under that id and takes it over as a step for undo; what it decided beside the
/// project is returned. Says what it tells, or why nothing was done, and returns nothing then. The step bears
/// the edit's own name where no `step` is told.
std::optional<HandEdited> apply_hand_edit(Document& document, std::string_view id, HandEditRequest request,
                                          const QString& step = {});

} // namespace pulsepin
