// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "hand/stage_hand.h"
#include "schedule/schedule.h"

#include <span>

namespace pulsepin {

// Words in the picture: titles that appear with them.

/// A title that appears with each word of the lane, or with each line; a line may light up as it is sung.
/// Each appearance is tied to its word (to the first of its line) and lasts as long. Fails where no word is
/// set.
[[nodiscard]] Result<WithLayer> with_titles_of_words(const Schedule& schedule, LaneId words,
                                                     Showing::Words how, std::string name);

/// After an edit: titles of words have an appearance for each word, or first word of a line, that was set in
/// it, and none more for what is no first word any more. What was done to others by hand stays.
[[nodiscard]] Project with_titles_in_step(const Project& before, Project after);

/// A title of words as it lies in the picture, by the moment at which it appears.
struct TitledWord {
    PinId pin; ///< the appearance
    PinId word;
    int line = 0;
    std::string text;
};
/// Of a lane whose appearances are tied to words; others are left out.
[[nodiscard]] std::vector<TitledWord> titled_words(const Schedule& schedule, LaneId titles);

/// How large a word is by itself, in the picture's pixels.
struct WordSize {
    double width = 0, height = 0;
};

enum class BlockShape {
    Filled, ///< the words of a line fill a rectangle
    Around, ///< they stand around a point
    Along   ///< they lie along a drawn line
};
struct BlockLayout {
    BlockShape shape = BlockShape::Filled;
    double width = 900, height = 420; ///< of a rectangle, in the picture's pixels
    double radius = 260;              ///< of a circle
    double gap = 35;                  ///< from word to word, percent of their height
    bool sizes_by_length = true;      ///< rows are as wide as the rectangle; else words keep their scale
    int columns = 0; ///< of lines beside each other on the canvas; 0: as many as make it square
    double step_x = 1280, step_y = 720; ///< from each line of words to the next
    double turn_each = 0;               ///< degrees, from each line of words to the next
    LayerId along = {};                 ///< the drawn line
};
/// The titles of each line of words laid out, one line beside another on a canvas as large as they need. They
/// stay until their line ends. `sizes` has one for each of titled_words(). Fails where there is none, where
/// sizes are missing because the layer is gone, and along a line that is not there.
[[nodiscard]] Result<Project> with_words_laid_out(const Schedule& schedule, LaneId titles,
                                                  const BlockLayout& layout, std::span<const WordSize> sizes);

struct GroupFraming {
    double margin = 20; ///< percent of the picture that stays free around a group
    Frames early = Frames(0);
    /// From each line to the next, which is reached with its first word; before that the line is held. As
    /// long as there is, where the first words of two lines are closer.
    Length travel = {Length::Unit::InFrames, 12};
    Easing easing = {.id = "sine-in-out"};
    bool turns = true; ///< the camera turns as the words do
    /// Else the words move, as a group, and what lies below them stands still.
    bool camera_moves = true;
};
struct GroupsPosed {
    Project project;
    LaneId lane;
    PinSet poses;
};
/// The camera frames each line of words when its first word begins, so many frames early (the lead of the
/// lane of poses), and holds it: all of these poses are made, or made again, in one go. Fails where no title
/// is tied to a word. Instead of the camera the titles may move, in a group that is made for them where they
/// lie in none.
[[nodiscard]] Result<GroupsPosed> with_camera_on_lines(const Schedule& schedule, LaneId titles,
                                                       std::span<const WordSize> sizes,
                                                       const GroupFraming& framing);

} // namespace pulsepin
