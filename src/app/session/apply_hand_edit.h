// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/hand_edits.h"

namespace pulsepin {

class Document;

/// Does what hand_edits() has under that id and takes it over as a step for undo; what it decided beside the
/// project is returned. Says why where nothing was done, and returns nothing then.
std::optional<HandEdited> apply_hand_edit(Document& document, std::string_view id, HandEditRequest request);

} // namespace pulsepin
