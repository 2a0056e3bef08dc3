// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/word_params.h"

namespace pulsepin {
namespace {

constexpr ParamChoice shapes[] = {
    {"filled", "a filled block"}, {"around", "around a point"}, {"along", "along a drawn line"}};

constexpr ParamSpec block_rows[] = {
    {.id = "shape", .label = "each line as", .type = ParamType::Choice, .choices = shapes},
    {.id = "width", .label = "width", .unit = "px", .least = 50, .most = 16000, .initial = 900},
    {.id = "height", .label = "height", .unit = "px", .least = 20, .most = 16000, .initial = 420},
    {.id = "radius", .label = "radius", .unit = "px", .least = 20, .most = 16000, .initial = 260},
    {.id = "gap",
     .label = "gap",
     .unit = "%",
     .least = 0,
     .most = 1000,
     .initial = 35,
     .explains = "from word to word, of their height"},
    {.id = "by-length",
     .label = "sizes by length",
     .type = ParamType::Switch,
     .most = 1,
     .initial = 1,
     .explains = "rows fill the width; else words keep the scale that they were given"},
    {.id = "columns",
     .label = "columns",
     .type = ParamType::Whole,
     .most = 1000,
     .initial = 0,
     .explains = "of lines beside each other on the canvas; 0: square"},
    {.id = "step-x",
     .label = "from line to line",
     .unit = "px right",
     .least = 0,
     .most = 16000,
     .initial = 1280},
    {.id = "step-y", .label = "and down", .unit = "px down", .least = 0, .most = 16000, .initial = 720},
    {.id = "turn",
     .label = "turned",
     .unit = "°",
     .least = -360,
     .most = 360,
     .explains = "from each line to the next"},
};

constexpr ParamChoice movers[] = {{"camera", "the camera"}, {"words", "the words, over the picture"}};

constexpr Length::Unit travel_units[] = {Length::Unit::InFrames, Length::Unit::InBeats,
                                         Length::Unit::InMilliseconds};

constexpr ParamSpec framing_rows[] = {
    {.id = "moves", .label = "what moves", .type = ParamType::Choice, .choices = movers},
    {.id = "margin",
     .label = "free around",
     .unit = "%",
     .least = 0,
     .most = 90,
     .initial = 20,
     .explains = "of the picture"},
    {.id = "early",
     .label = "early by",
     .type = ParamType::Whole,
     .unit = "frames",
     .least = 0,
     .most = 1000,
     .initial = 0,
     .explains = "than the first word: the lead of the lane of poses"},
    {.id = "travel",
     .label = "travels for",
     .type = ParamType::Length,
     .most = 100'000,
     .initial = 12,
     .explains = "from each line to the next; before that the line is held",
     .units = travel_units},
    {.id = "easing", .label = "eased", .type = ParamType::Curve, .initial_text = "sine-in-out"},
    {.id = "turns",
     .label = "turns",
     .type = ParamType::Switch,
     .most = 1,
     .initial = 1,
     .explains = "as the words do"},
};

constexpr ParamSpec pause_rows[] = {
    {.id = "pause",
     .label = "a pause is",
     .unit = "s",
     .least = 0.1,
     .most = 60,
     .initial = 0.8,
     .explains = "from the start of a word to that of the next, at least"},
};

constexpr ParamSpec reading_rows[] = {
    {.id = "most",
     .label = "characters per second",
     .least = 1,
     .most = 1000,
     .initial = 17,
     .explains = "that can be read: 17 to 20 for adults (common practice)"},
    {.id = "least",
     .label = "on screen",
     .type = ParamType::Whole,
     .unit = "frames",
     .least = 1,
     .most = 1000,
     .initial = 20,
     .explains = "a line at least: 20 at 24 a second (common practice)"},
    {.id = "gap",
     .label = "gap",
     .type = ParamType::Whole,
     .unit = "frames",
     .least = 0,
     .most = 1000,
     .initial = 2,
     .explains = "from each line to the next (common practice)"},
};

} // namespace

ParamSpecs block_params() {
    return block_rows;
}

BlockLayout block_layout(const ParamValues& values) {
    BlockLayout layout;
    const std::string shape = values.text("shape");
    layout.shape = shape == "around"  ? BlockShape::Around
                   : shape == "along" ? BlockShape::Along
                                      : BlockShape::Filled;
    layout.width = values.number("width");
    layout.height = values.number("height");
    layout.radius = values.number("radius");
    layout.gap = values.number("gap");
    layout.sizes_by_length = values.number("by-length") != 0;
    layout.columns = static_cast<int>(values.whole("columns"));
    layout.step_x = values.number("step-x");
    layout.step_y = values.number("step-y");
    layout.turn_each = values.number("turn");
    return layout;
}

ParamSpecs framing_params() {
    return framing_rows;
}

GroupFraming group_framing(const ParamValues& values) {
    GroupFraming framing;
    framing.margin = values.number("margin");
    framing.early = Frames(values.whole("early"));
    if (values.find("travel"))
        framing.travel = values.length("travel");
    if (const auto* easing = values.find("easing"))
        if (const auto* held = std::get_if<Easing>(easing))
            framing.easing = *held;
    framing.turns = values.flag("turns");
    framing.camera_moves = values.text("moves") != "words";
    return framing;
}

ParamSpecs pause_params() {
    return pause_rows;
}

ParamSpecs reading_params() {
    return reading_rows;
}

ParamValues reading_values(const LaneText& text) {
    ParamValues values;
    values.set("most", text.most_letters);
    values.set("least", static_cast<double>(text.least.value));
    values.set("gap", static_cast<double>(text.gap.value));
    return values;
}

void set_reading(LaneText& text, const ParamValues& values) {
    text.most_letters = values.number("most");
    text.least = Frames(values.whole("least"));
    text.gap = Frames(values.whole("gap"));
}

} // namespace pulsepin
