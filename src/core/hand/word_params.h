// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/word_titles.h"
#include "params/param.h"

namespace pulsepin {

// What can be told of an edit of words, for forms and the command line.

[[nodiscard]] ParamSpecs block_params();
[[nodiscard]] BlockLayout block_layout(const ParamValues& values);
[[nodiscard]] ParamSpecs framing_params();
[[nodiscard]] GroupFraming group_framing(const ParamValues& values);
[[nodiscard]] ParamSpecs pause_params();
/// What of a line must be readable.
[[nodiscard]] ParamSpecs reading_params();
[[nodiscard]] ParamValues reading_values(const LaneText& text);
void set_reading(LaneText& text, const ParamValues& values);

} // namespace pulsepin
