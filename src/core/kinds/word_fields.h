// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/fields.h"
#include "model/words.h"

namespace pulsepin {

/// Of a word, whether it is set or waits.
void fields_of_word(Fields& f, WordBody& word);

} // namespace pulsepin
