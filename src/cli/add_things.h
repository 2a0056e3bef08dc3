// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "project_arguments.h"

#include <vector>

namespace pulsepin {

struct AddRequest {
    ChangeRequest change;
    std::vector<std::string> shots;  ///< files, and folders of them
    std::vector<std::string> sounds; ///< files; each is laid under the song from its start on
    std::string words;               ///< a file of lyrics or captions; empty: none
    std::vector<std::string> lanes;  ///< "KIND" or "KIND=NAME"
    std::vector<std::string> layers; ///< the same
};
/// Adds shots to the bin, sounds, words, lanes and layers to a piece. Fails, and writes nothing, where one of
/// them cannot be.
[[nodiscard]] Result<void> add_things(const AddRequest& request);

struct OpenBeatsRequest {
    ChangeRequest change;
    std::string beats;
};
/// Takes the grid of a file of beats.
[[nodiscard]] Result<void> open_beats(const OpenBeatsRequest& request);

struct MarkRequest {
    ChangeRequest change;
    std::string lane = "markers", name, note;
    std::vector<std::string> places;
};
/// Puts a pin of a lane at each of those places.
[[nodiscard]] Result<void> mark(const MarkRequest& request);

struct FreezeRequest {
    ChangeRequest change;
    std::string lane;
    double tolerance = 0; ///< how far keys may be from the curve; 0: a key a frame
};
/// What a lane drives first becomes keys on a lane of their own.
[[nodiscard]] Result<void> freeze(const FreezeRequest& request);

} // namespace pulsepin
