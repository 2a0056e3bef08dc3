// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/ids.h"
#include "params/length.h"
#include "time/frame_rate.h"

#include <string>
#include <vector>

namespace pulsepin {

/// A word of a text, from the moment at which it is sung or said.
struct WordBody {
    using pin_body = void;
    std::string text = {};
    std::string speaker = {};
    int line = 0;  ///< the group that it belongs to, from 1; 0: none
    int place = 0; ///< in its text, from 1; 0: it was added by hand
    Length length = {Length::Unit::UntilNext, 1};
    Length& lasting() { return length; }
    friend bool operator==(const WordBody&, const WordBody&) = default;
};

/// What a lane of words has besides those that are set.
struct LaneText {
    using lane_part = void;
    std::vector<WordBody> tray = {}; ///< that wait to be set, in the order of their text
    std::string language = "en-gb";  ///< in which they are spoken: a voice of the speech library
    double most_letters = 17;        ///< a second, that can be read (common practice for captions: 17 to 20)
    Frames least = Frames(20);       ///< that a line stays at least (common practice: 20 at 24 a second)
    Frames gap = Frames(2);          ///< from each line to the next (common practice)
    friend bool operator==(const LaneText&, const LaneText&) = default;
};

/// Something written under the sound: what is said, its translation, a remark.
struct NoteBody {
    using pin_body = void;
    std::string text = {};
    int sign = 0; ///< one of note_signs()
    Length length = {Length::Unit::InBeats, 2};
    Length& lasting() { return length; }
    friend bool operator==(const NoteBody&, const NoteBody&) = default;
};

/// How the texts of a lane are written, in the lane and in the running band.
struct Inked {
    using lane_part = void;
    Colour ink = {0x1f2742};
    bool in_band = true;
    int row = 0; ///< of the band, from above
    friend bool operator==(const Inked&, const Inked&) = default;
};

/// A drawing, or a run of numbered ones, held from its pin to the next.
struct ExposureBody {
    using pin_body = void;
    std::string drawing = "1"; ///< a number or a name
    int last = 0;              ///< of a run of numbers that begins with the drawing; 0: it is one
    Frames each = Frames(1);   ///< that each drawing of a run is held: on ones, twos, threes
    enum class Way { Onwards, Backwards, ToAndFro } way = Way::Onwards;
    bool again = true; ///< a run begins anew when it is over; else its last drawing is held
    friend bool operator==(const ExposureBody&, const ExposureBody&) = default;
};

/// A shape that a mouth takes.
struct MouthShape {
    std::string name;
    std::string sounds; ///< phonemes (IPA), by blanks
    friend bool operator==(const MouthShape&, const MouthShape&) = default;
};

/// What a lane of exposures has besides its drawings.
struct Exposing {
    using lane_part = void;
    Frames least = Frames(2); ///< that a drawing is held
    /// Drawings by their names, that are pictures of their own and none of a numbered sequence.
    struct Named {
        std::string drawing;
        ClipId picture;
        friend bool operator==(const Named&, const Named&) = default;
    };
    std::vector<Named> pictures = {};
    std::vector<MouthShape> mouth = {}; ///< none: those that are usual
    LaneId spoken = {};                 ///< the lane of words whose sounds it shows; 0: none
    friend bool operator==(const Exposing&, const Exposing&) = default;
};

/// The band of words and notes that runs with the picture.
struct RunningBand {
    bool shown = false;
    double speed = 640;    ///< the picture's pixels a second
    double line = 33;      ///< where what is heard now lies, in percent of the picture's width
    double height = 22;    ///< percent of the picture's height
    bool counts_in = true; ///< before each entry
    friend bool operator==(const RunningBand&, const RunningBand&) = default;
};

} // namespace pulsepin
