// SPDX-License-Identifier: GPL-3.0-or-later
#include "fields/found_fields.h"

#include "model/click_sounds.h"
#include "time/musical_text.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace pulsepin {
namespace {

/// What was found is a measurement: where it left its range by a rounding, or is not a number, it is mended
/// rather than that the person's work could not be saved.
double mended(double value, limits::Real range) {
    return std::isfinite(value) ? range.nearest(value) : range.nearest(0);
}

void share(Fields& f, const char* name, float& value) {
    double wide = mended(static_cast<double>(value), limits::share);
    f.number(name, wide, limits::share);
    if (f.reads())
        value = static_cast<float>(wide);
}

/// A grid as columns, one entry a beat.
struct GridColumns {
    std::int64_t first_beat = 0;
    std::vector<MetreChange> metres;
    std::vector<double> times, confidence;
    std::vector<int> origin;
};

GridColumns columns_of(const BeatGrid& grid) {
    GridColumns columns{grid.first_beat(), grid.metres(), {}, {}, {}};
    for (const auto& beat : grid.beats()) {
        columns.times.push_back(beat.time.value);
        columns.confidence.push_back(mended(static_cast<double>(beat.confidence), limits::share));
        columns.origin.push_back(static_cast<int>(beat.origin));
    }
    return columns;
}

void fields_of(Fields& f, MetreChange& change) {
    std::string metre = format_metre(change.metre);
    f.about("number of the beat from which on").whole("beat", change.beat, limits::metre_beat);
    f.formed_text("metre", metre, "^[0-9]+/[0-9]+$");
    if (!f.reads())
        return;
    const auto parsed = parse_metre(metre);
    f.require(parsed.has_value(), "a metre cannot be read");
    change.metre = *parsed;
}

void fields_of(Fields& f, GridColumns& grid) {
    static constexpr std::array<std::string_view, 3> origins{"found", "corrected", "held"};
    f.about("number of the first time, counted from bar 1, beat 1 (number 0)")
        .whole("first_beat", grid.first_beat, limits::metre_beat);
    f.items<MetreChange>("metres", "metre-change", grid.metres,
                         [](Fields& g, MetreChange& change) { fields_of(g, change); });
    f.about("seconds, rising, at least 10 ms apart").numbers("times", grid.times, limits::seconds);
    f.numbers("confidence", grid.confidence, limits::share);
    f.choices("origin", grid.origin, origins);
}

Result<BeatGrid> grid_of(const GridColumns& columns) {
    if (columns.times.size() != columns.confidence.size() || columns.times.size() != columns.origin.size())
        return fail("the lists of the grid differ in length");
    std::vector<GridBeat> beats;
    for (std::size_t i = 0; i < columns.times.size(); ++i)
        beats.push_back({Seconds(columns.times[i]), static_cast<float>(columns.confidence[i]),
                         static_cast<BeatOrigin>(columns.origin[i])});
    return BeatGrid::make(std::move(beats), columns.first_beat, columns.metres);
}

void fields_of(Fields& f, FoundTempo& tempo) {
    tempo.tempo.value = mended(tempo.tempo.value, limits::tempo);
    f.number("bpm", tempo.tempo.value, limits::tempo);
    share(f, "confidence", tempo.confidence);
}

void onsets_of(Fields& f, std::vector<FoundOnset>& onsets) {
    std::vector<double> times, strengths;
    for (const auto& onset : onsets) {
        times.push_back(onset.time.value);
        strengths.push_back(mended(static_cast<double>(onset.strength), limits::level));
    }
    f.numbers("times", times, limits::seconds);
    f.numbers("strengths", strengths, limits::level);
    if (!f.reads())
        return;
    f.require(times.size() == strengths.size(), "the lists of onsets differ in length");
    onsets.clear();
    for (std::size_t i = 0; i < times.size(); ++i)
        onsets.push_back({Seconds(times[i]), static_cast<float>(strengths[i])});
}

void names_of(Fields& f, const char* name, std::vector<std::string>& names) {
    f.items<std::string>(
        name, "row-name", names, [](Fields& g, std::string& one) { g.text("name", one); }, limits::few,
        Fields::optional);
}

std::vector<std::string_view> ids_of(std::span<const ParamChoice> choices) {
    std::vector<std::string_view> ids;
    for (const auto& choice : choices)
        ids.push_back(choice.id);
    return ids;
}

void text_choice(Fields& f, const char* name, std::string& value, std::span<const std::string_view> ids) {
    const auto found = std::find(ids.begin(), ids.end(), value);
    int at = found == ids.end() ? 0 : static_cast<int>(found - ids.begin());
    f.choice(name, at, ids, Fields::optional);
    if (f.reads())
        value = ids[static_cast<std::size_t>(at)];
}

/// Left out where it is the song, all of it.
void listened_field(Fields& f, const char* name, Listened& of) {
    static const auto parts = ids_of(listened_parts()), sides = ids_of(listened_sides());
    bool told = of != Listened{};
    f.maybe(name, "listened", told, [&](Fields& g) {
        g.about("\"song\", \"sum\" or \"lane\" and its number").text("sound", of.sound);
        text_choice(g, "part", of.part, parts);
        text_choice(g, "side", of.side, sides);
        g.require(is_sound_id(of.sound), "what a row was found in is no sound");
    });
}

void fields_of(Fields& f, OnsetRow& row) {
    f.text("name", row.name);
    listened_field(f, "of", row.of);
    f.text("function", row.function);
    f.number("sensitivity", row.sensitivity, limits::share);
    f.number("least_strength", row.least_strength, limits::share);
    f.seconds("smallest_gap", row.smallest_gap, limits::duration);
    f.flag("shown", row.shown);
    f.about("heard at its onsets").choice("click", row.click, click_ids(), Fields::optional);
    std::vector<double> band;
    if (row.band)
        band = {row.band->first, row.band->second};
    f.about("Hz, from and until").numbers("band", band, limits::hertz, 2, Fields::optional);
    if (f.reads() && band.size() == 2)
        row.band = {band[0], band[1]};
    f.maybe_part<OnsetRow::Like>("like", "like", row.like, [](Fields& g, OnsetRow::Like& like) {
        g.seconds("from", like.from, limits::seconds);
        g.seconds("until", like.until, limits::seconds);
        g.number("least", like.least, limits::share);
    });
    onsets_of(f, row.onsets);
    f.about("corrected by hand; kept when the row is found otherwise")
        .items<OnsetRow::Correction>(
            "by_hand", "onset-correction", row.by_hand,
            [](Fields& g, OnsetRow::Correction& one) {
                g.maybe_seconds("was", one.was, limits::seconds);
                g.maybe_seconds("now", one.now, limits::seconds);
                share(g, "strength", one.strength);
                share(g, "had", one.had);
                g.require(one.was || one.now,
                          "a correction of an onset says neither where it was nor where it is");
            },
            limits::many, Fields::optional);
    f.maybe_part<OnsetRow::Merged>("merged", "merged-row", row.merged,
                                   [](Fields& g, OnsetRow::Merged& merged) {
                                       names_of(g, "any", merged.any);
                                       names_of(g, "but_none", merged.but_none);
                                       g.seconds("within", merged.within, limits::duration);
                                       g.seconds("clear", merged.clear, limits::duration);
                                   });
    f.maybe_part<OnsetRow::Tops>("tops", "tops-row", row.tops, [](Fields& g, OnsetRow::Tops& tops) {
        g.id("lane", tops.lane.value);
        g.number("least", tops.least, limits::value);
        g.number("prominence", tops.prominence, limits::value);
        g.seconds("gap", tops.gap, limits::duration);
    });
    if (!f.reads())
        return;
    for (auto& onset : row.onsets)
        onset.by_hand = std::any_of(row.by_hand.begin(), row.by_hand.end(),
                                    [&](const OnsetRow::Correction& one) { return one.now == onset.time; });
}

void fields_of(Fields& f, FoundSection& section) {
    f.seconds("start", section.start, limits::seconds);
    f.seconds("end", section.end, limits::seconds);
    f.text("name", section.name);
    f.flag("drop", section.drop);
    share(f, "confidence", section.confidence);
}

/// Tenths of a decibel are written as such, not with the digits of a binary fraction.
std::vector<double> levels_of(const std::vector<float>& levels) {
    std::vector<double> written;
    written.reserve(levels.size());
    for (const float level : levels) {
        const double kept = mended(static_cast<double>(level), limits::level);
        const double tenths = std::round(kept * 10) / 10;
        written.push_back(static_cast<float>(tenths) == level ? tenths : kept);
    }
    return written;
}

} // namespace

void grid_field(Fields& f, const char* name, std::optional<BeatGrid>& grid) {
    std::optional<GridColumns> columns;
    if (grid)
        columns = columns_of(*grid);
    f.maybe_part<GridColumns>(
        name, "grid", columns, [](Fields& g, GridColumns& c) { fields_of(g, c); }, Fields::Absence::Null);
    if (!f.reads())
        return;
    grid.reset();
    if (!columns)
        return;
    auto made = grid_of(*columns);
    if (!made)
        return f.refuse("the grid is not valid: " + made.error().what);
    grid = *std::move(made);
}

void fields_of(Fields& f, Detection& found) {
    listened_field(f, "of", found.of);
    grid_field(f, "grid", found.grid);
    f.items<FoundTempo>(
        "tempi", "tempo", found.tempi, [](Fields& g, FoundTempo& t) { fields_of(g, t); }, limits::few);
    share(f, "pulse", found.pulse);
    std::optional<double> off_beat; // not there in files of before, nor where it is out of the question
    if (found.off_beat > 0)
        off_beat = mended(static_cast<double>(found.off_beat), limits::share);
    f.maybe_number("off_beat", off_beat, limits::share);
    if (f.reads())
        found.off_beat = static_cast<float>(off_beat.value_or(0));
    auto levels = levels_of(found.levels);
    f.about("loudness (LUFS) of each tenth of a second").numbers("levels", levels, limits::level);
    if (f.reads())
        found.levels.assign(levels.begin(), levels.end());
    if (found.swing)
        found.swing = mended(*found.swing, limits::swing);
    f.maybe_number("swing", found.swing, limits::swing);
    f.items<OnsetRow>(
        "rows", "onset-row", found.rows, [](Fields& g, OnsetRow& row) { fields_of(g, row); }, limits::few);
    f.items<FoundSection>("sections", "section", found.sections,
                          [](Fields& g, FoundSection& s) { fields_of(g, s); });
}

} // namespace pulsepin
