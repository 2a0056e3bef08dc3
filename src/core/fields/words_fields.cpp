// SPDX-License-Identifier: GPL-3.0-or-later
#include "fields/words_fields.h"

#include "kinds/word_fields.h"

namespace pulsepin {

void fields_of(Fields& f, LaneText& text) {
    f.about("words that wait to be set, in the order of their text")
        .items<WordBody>("tray", "word", text.tray, fields_of_word);
    f.about("in which they are spoken").text("language", text.language);
    f.about("letters a second that can be read").number("most_letters", text.most_letters, limits::letters);
    f.about("that a line stays at least").frames("least_frames", text.least, limits::least_frames);
    f.about("from each line to the next").frames("gap_frames", text.gap, limits::least_frames);
}

void fields_of(Fields& f, Inked& inked) {
    f.colour("ink", inked.ink);
    f.about("whether it runs in the band over the picture").flag("in_band", inked.in_band);
    f.about("of the band, from above").whole_as("row", inked.row, limits::band_row, Fields::optional);
}

void fields_of(Fields& f, Exposing& exposing) {
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

void fields_of(Fields& f, RunningBand& band) {
    f.flag("shown", band.shown);
    f.about("pixels of the picture a second").number("speed", band.speed, limits::band_speed);
    f.about("percent of the width at which is what is heard now").number("line", band.line, limits::percent);
    f.about("percent of the picture").number("height", band.height, limits::percent);
    f.about("before each entry").flag("counts_in", band.counts_in);
}

} // namespace pulsepin
