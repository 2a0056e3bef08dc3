// SPDX-License-Identifier: GPL-3.0-or-later
#include "kinds/lane_fields.h"

#include "kinds/word_fields.h"

#include <array>

namespace pulsepin {
namespace {

// -- curves

void fields_of(Fields& f, Feed& feed) {
    f.text("property", feed.property);
    f.text("unit", feed.unit);
    f.number("rest", feed.low, limits::value);
    f.number("peak", feed.high, limits::value);
    bool aimed = feed.target.layer.value != 0;
    f.maybe("target", "target", aimed, [&](Fields& g) {
        g.id("layer", feed.target.layer.value);
        g.text("parameter", feed.target.parameter);
    });
    std::vector<double> ends;
    if (feed.limits)
        ends = {feed.limits->least, feed.limits->most};
    f.about("values beyond are cut to these").numbers("limits", ends, limits::value, 2, Fields::optional);
    if (f.reads() && ends.size() == 2)
        feed.limits = Feed::Limits{ends[0], ends[1]};
    kinds::lead_of(f, feed.lead);
    static constexpr std::array<std::string_view, 4> meetings{"usual", "instead", "added", "times"};
    f.about("how it combines with the value that is there already")
        .choice_of("meets", feed.meets, meetings, Fields::optional);
    f.about("counted from where each appearance of the layer begins")
        .flag("by_age", feed.by_age, Fields::optional);
    bool coloured = feed.low_colour != Feed().low_colour || feed.high_colour != Feed().high_colour ||
                    !feed.palette.empty();
    f.about("of a colour that is driven").maybe("colours", "feed-colours", coloured, [&](Fields& g) {
        g.colour("rest", feed.low_colour);
        g.colour("peak", feed.high_colour);
        g.colours("palette", feed.palette, limits::few);
    });
}

void drives_of(Fields& f, std::vector<ParamDrive>& drives) {
    f.about("numbers that other lanes' curves drive")
        .items<ParamDrive>(
            "drives", "param-drive", drives,
            [](Fields& g, ParamDrive& drive) {
                g.text("parameter", drive.parameter);
                g.id("lane", drive.lane.value, Fields::optional);
                g.number("low", drive.low, limits::value);
                g.number("high", drive.high, limits::value);
            },
            limits::few, Fields::optional);
}

void fields_of(Fields& f, Follower& follower) {
    f.text("source", follower.source);
    f.values("values", follower.values);
    f.items<FollowerStep>(
        "steps", "step", follower.steps,
        [](Fields& g, FollowerStep& step) {
            g.text("id", step.id);
            g.values("values", step.values);
            g.flag("off", step.off, Fields::optional);
            drives_of(g, step.drives);
        },
        limits::few);
    drives_of(f, follower.drives);
}

void fields_of(Fields& f, Passage& passage) {
    f.text("move", passage.move);
    f.length("length", passage.length);
    f.easing("easing", passage.easing);
}

} // namespace

namespace kinds {

void lead_of(Fields& f, Offset& lead) {
    std::size_t which = std::holds_alternative<Seconds>(lead) ? 0 : 1;
    f.one_of(which, {{"lead_seconds",
                      [&](Fields& g) { g.seconds("lead_seconds", as<Seconds>(lead), limits::seconds); }},
                     {"lead_frames", [&](Fields& g) {
                          g.frames("lead_frames", as<Frames>(lead), limits::frames, Fields::optional);
                      }}});
}

void fields_of_motion(Fields& f, Motion& motion) {
    fields_of(f, motion.own);
    f.pulse("pulse", motion.pulse);
    bool follows = motion.follower != Follower{};
    f.maybe("follower", "follower", follows, [&](Fields& g) { fields_of(g, motion.follower); });
    f.about("further properties that the same curve drives")
        .items<Feed>(
            "feeds", "feed", motion.feeds, [](Fields& g, Feed& feed) { fields_of(g, feed); }, limits::few,
            Fields::optional);
}

void fields_of_showing(Fields& f, Showing& showing) {
    static constexpr std::array<std::string_view, 4> words{"own", "word", "line", "lit-line"};
    f.about("the layer or group that appears").id("layer", showing.layer.value, Fields::optional);
    f.group("comes", "passage", [&](Fields& g) { fields_of(g, showing.comes); });
    f.about("frames before the beat from which on it comes")
        .frames("early_frames", showing.early, limits::frames);
    f.about("it is all there on the beat, and comes as much earlier as that takes")
        .flag("arrives", showing.arrives, Fields::optional);
    f.group("goes", "passage", [&](Fields& g) { fields_of(g, showing.goes); });
    f.about("what it does in between").text("loop", showing.loop);
    f.number("loop_beats", showing.loop_beats, limits::length_amount);
    f.number("loop_amount", showing.loop_amount, limits::value);
    f.about("frames from each letter of a title to the next")
        .number("letter_delay", showing.letter_delay, limits::value, Fields::optional);
    f.about("what it shows of the words that its appearances are tied to")
        .choice_of("words", showing.words, words, Fields::optional);
}

void fields_of_text(Fields& f, LaneText& text) {
    f.about("words that wait to be set, in the order of their text")
        .items<WordBody>("tray", "word", text.tray, fields_of_word);
    f.about("in which they are spoken").text("language", text.language);
    f.about("characters per second that can be read")
        .number("most_letters", text.most_letters, limits::letters);
    f.about("that a line stays at least").frames("least_frames", text.least, limits::least_frames);
    f.about("from each line to the next").frames("gap_frames", text.gap, limits::least_frames);
}

void fields_of_ink(Fields& f, Inked& inked) {
    f.colour("ink", inked.ink);
    f.about("whether it runs in the band over the picture").flag("in_band", inked.in_band);
    f.about("of the band, from above").whole_as("row", inked.row, limits::band_row, Fields::optional);
}

void fields_of_exposing(Fields& f, Exposing& exposing) {
    f.frames("least_frames", exposing.least, limits::least_frames);
    f.about("drawings that are pictures of their own")
        .items<Exposing::Named>(
            "pictures", "drawing", exposing.pictures,
            [](Fields& g, Exposing::Named& named) {
                g.text("drawing", named.drawing);
                g.id("picture", named.picture.value);
            },
            limits::few, Fields::optional);
    f.about("shapes of a mouth, and the sounds that have them; none: those that are usual")
        .items<MouthShape>(
            "mouth", "mouth-shape", exposing.mouth,
            [](Fields& g, MouthShape& shape) {
                g.text("name", shape.name);
                g.text("sounds", shape.sounds);
            },
            limits::few, Fields::optional);
    f.about("the lane of words whose sounds it shows").id("spoken", exposing.spoken.value, Fields::optional);
}

} // namespace kinds
} // namespace pulsepin
