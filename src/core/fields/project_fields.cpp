// SPDX-License-Identifier: GPL-3.0-or-later
#include "fields/project_fields.h"

#include "fields/found_fields.h"
#include "fields/stage_fields.h"
#include "kinds/kinds.h"
#include "kinds/lane_fields.h"
#include "kinds/sound_fields.h"
#include "model/click_sounds.h"
#include "model/lane_edits.h"
#include "model/planting_properties.h"
#include "model/rig_properties.h"
#include "model/stage_edits.h"

#include <algorithm>
#include <array>
#include <set>

namespace pulsepin {
namespace {

std::vector<std::string_view> ids_of_kinds() {
    std::vector<std::string_view> ids;
    for (const LaneKind kind : lane_kinds())
        ids.push_back(kind->id);
    return ids;
}

int place_of(LaneKind kind) {
    const auto kinds = lane_kinds();
    return static_cast<int>(std::find(kinds.begin(), kinds.end(), kind) - kinds.begin());
}

// -- places

using kinds::as;

void offset_of(Fields& f, Offset& offset) {
    std::size_t which = std::holds_alternative<Frames>(offset) ? 0 : 1;
    f.one_of(which, {{"offset_frames",
                      [&](Fields& g) { g.frames("offset_frames", as<Frames>(offset), limits::frames); }},
                     {"offset_seconds", [&](Fields& g) {
                          g.seconds("offset_seconds", as<Seconds>(offset), limits::seconds, Fields::optional);
                      }}});
}

static_assert(std::is_same_v<std::variant_alternative_t<0, Anchor>, MusicalAnchor> &&
              std::is_same_v<std::variant_alternative_t<1, Anchor>, TimeAnchor>);

void tick_list(Fields& f, const char* name, std::vector<Ticks>& list) {
    std::vector<std::int64_t> numbers;
    for (const Ticks at : list)
        numbers.push_back(at.value);
    f.wholes(name, numbers, limits::ticks, 0, Fields::optional);
    if (!f.reads())
        return;
    list.clear();
    for (const auto number : numbers)
        list.emplace_back(number);
}

// -- what is placed, and how

void fields_of(Fields& f, ShotChoice& choice) {
    visit_properties(f, shot_choice_properties(), choice);
    f.items<ShotChoice::Share>("shots", "shot-share", choice.shots, [](Fields& g, ShotChoice::Share& share) {
        g.id("shot", share.shot.value);
        g.number("weight", share.weight, limits::weight);
    });
}

void fields_of(Fields& f, Variation& variation) {
    visit_properties(f, variation_properties(), variation);
    f.colours("palette", variation.palette, limits::few);
}

void fields_of(Fields& f, Spread& spread) {
    visit_properties(f, spread_properties(), spread);
    f.colours("palette", spread.palette, limits::few);
}

void fields_of(Fields& f, PlantingForm& form) {
    static const auto ids = ids_of_kinds();
    const auto kinds = lane_kinds();
    auto found = std::find_if(kinds.begin(), kinds.end(),
                              [&](LaneKind kind) { return kind->empty_body().same_kind_as(form.body); });
    int at = found == kinds.end() ? 0 : static_cast<int>(found - kinds.begin());
    f.depending("kind", at, ids, [&](Fields& g, int chosen) {
        const LaneKind kind = lane_kinds()[static_cast<std::size_t>(chosen)];
        if (!form.body.same_kind_as(kind->empty_body()))
            form.body = kind->empty_body();
        g.about("the fields of a pin of that kind").group("body", kind->id.data(), [&](Fields& b) {
            kind->fields(b, form.body);
        });
        ShotChoice shots = form.shots();
        Variation variation = form.variation();
        bool chosen_shots = std::holds_alternative<ShotChoice>(form.choice),
             varied = std::holds_alternative<Variation>(form.choice);
        g.maybe("shots", "shot-choice", chosen_shots, [&](Fields& p) { fields_of(p, shots); });
        g.maybe("variation", "variation", varied, [&](Fields& p) { fields_of(p, variation); });
        Spread spread = form.spread();
        bool spreads = std::holds_alternative<Spread>(form.choice);
        g.about("how appearances differ from each to the next")
            .maybe("spread", "spread", spreads, [&](Fields& p) { fields_of(p, spread); });
        if (g.reads() && spreads)
            form.choice = spread;
        else if (g.reads() && chosen_shots)
            form.choice = shots;
        else if (g.reads() && varied)
            form.choice = variation;
    });
}

// -- the rest

void fields_of(Fields& f, Song& song) {
    f.about("relative to the project's folder, or absolute").path("path", song.path);
    f.text("title", song.title);
    f.whole("sample_rate", song.sample_rate, limits::sample_rate);
    f.about("samples in each channel; a day at most").whole("length", song.length.value, limits::samples);
    f.about("first sample of the file that is used; below 0 so much silence comes before it")
        .whole("from", song.from.value, limits::first_sample, Fields::optional);
    f.about("64-bit FNV-1a of the decoded samples, in hexadecimal").text("fingerprint", song.fingerprint);
    f.require(song.duration().value <= limits::longest_song, "the song is longer than a day");
}

void fields_of(Fields& f, ScheduleText& text) {
    static constexpr std::array<std::string_view, 3> keys{"as-they-are", "straight", "each-frame"};
    f.text("pattern", text.pattern, limits::note);
    f.text("separator", text.separator);
    f.whole_as("decimals", text.decimals, limits::decimals);
    f.choice_of("keys", text.keys, keys);
}

} // namespace

void fields_of(Fields& f, Anchor& anchor) {
    std::size_t which = anchor.index();
    f.one_of(which, {{"ticks",
                      [&](Fields& g) {
                          auto& musical = as<MusicalAnchor>(anchor);
                          g.ticks("ticks", musical.at);
                          offset_of(g, musical.offset);
                      }},
                     {"seconds",
                      [&](Fields& g) { g.seconds("seconds", as<TimeAnchor>(anchor).at, limits::seconds); }},
                     {"marker", [&](Fields& g) {
                          auto& tied = as<MarkerAnchor>(anchor);
                          g.id("marker", tied.marker.value);
                          offset_of(g, tied.offset);
                      }}});
}

void fields_of(Fields& f, Pin& pin, LaneKind kind) {
    f.id("id", pin.id.value);
    f.group("anchor", "anchor", [&](Fields& g) { fields_of(g, pin.anchor); });
    f.id("planting", pin.planting.value, Fields::optional);
    auto home = pin.home ? std::optional(pin.home->value) : std::nullopt;
    f.about("the place its planting picked it for; missing when it was added by hand")
        .maybe_whole("home", home, limits::ticks);
    if (f.reads())
        pin.home = home ? std::optional(Ticks(*home)) : std::nullopt;
    f.about("by hand, apart from its planting").flag("moved", pin.moved, Fields::optional);
    f.about("by hand, apart from its planting").flag("altered", pin.altered, Fields::optional);
    f.flag("muted", pin.muted, Fields::optional);
    f.flag("locked", pin.locked, Fields::optional);
    if (!pin.body.same_kind_as(kind->empty_body()))
        pin.body = kind->empty_body();
    kind->fields(f, pin.body);
}

void fields_of(Fields& f, Lane& lane) {
    static const auto ids = ids_of_kinds();
    f.id("id", lane.id.value);
    f.text("name", lane.name);
    f.flag("muted", lane.muted, Fields::optional);
    f.flag("solo", lane.solo, Fields::optional);
    f.flag("locked", lane.locked, Fields::optional);
    f.about("heard where its pins act").choice("click", lane.click, click_ids(), Fields::optional);
    kinds::lead_of(f, lane.lead);
    int at = lane.kind == LaneKind() ? 0 : place_of(lane.kind);
    f.depending("kind", at, ids, [&](Fields& g, int chosen) {
        const auto kinds = lane_kinds();
        if (const auto i = static_cast<std::size_t>(chosen); i < kinds.size())
            begin_as(lane, kinds[i]);
        const LaneKind kind = lane.kind;
        for (const LanePartRow& part : kind->parts)
            g.group(part.name, part.shape, [&](Fields& m) { part.fields(m, lane.parts); });
        g.items<Pin>("pins", "pin-of-" + std::string(kind->id), lane.pins,
                     [kind](Fields& p, Pin& pin) { fields_of(p, pin, kind); });
    });
}

void fields_of(Fields& f, Picker& picker) {
    f.text("source", picker.source);
    f.about("ticks, 960 a beat").ticks("from", picker.from);
    f.about("not included").ticks("until", picker.until);
    f.items<FilterUse>(
        "filters", "filter", picker.filters,
        [](Fields& g, FilterUse& use) {
            g.text("id", use.id);
            g.values("values", use.values);
        },
        limits::few);
    f.values("values", picker.values, Fields::optional);
    tick_list(f, "list", picker.list);
    f.about("the whole song, whatever from and until say").flag("whole", picker.whole, Fields::optional);
    f.about("in plain time: from, until and list are counted in 9600ths of a second, not in ticks of beats")
        .flag("by_clock", picker.by_clock, Fields::optional);
}

void fields_of(Fields& f, Planting& planting) {
    f.id("id", planting.id.value);
    f.id("lane", planting.lane.value, Fields::optional);
    f.text("description", planting.description, limits::note);
    f.maybe_part<Picker>("picker", "picker", planting.picker, [](Fields& g, Picker& p) { fields_of(g, p); });
    bool again = planting.picker.has_value(); // without it the form says nothing
    f.maybe("form", "form", again, [&](Fields& g) { fields_of(g, planting.form); });
    f.require(again || !planting.picker, "\"form\" is missing");
    if (f.reads() && !planting.picker) // it cannot be run again: what it would place says nothing
        planting.form = {};
    f.about("ticks by which the whole group was moved").ticks("shift", planting.shift, Fields::optional);
    f.frames("nudge_frames", planting.nudge, limits::frames, Fields::optional);
    f.about("picked places that were emptied by hand, in ticks");
    tick_list(f, "left_out", planting.left_out);
}

void fields_of(Fields& f, Settings& settings) {
    static constexpr std::array<std::string_view, 2> roundings{"nearest", "never-late"};
    f.text("title", settings.title);
    f.text("author", settings.author, limits::name, Fields::optional);
    f.text("remarks", settings.remarks, limits::note, Fields::optional);
    std::string rate = std::to_string(settings.frame_rate.numerator()) + "/" +
                       std::to_string(settings.frame_rate.denominator());
    f.formed_text("frame_rate", rate, "^[0-9]+(/[0-9]+)?$");
    if (f.reads()) {
        const auto parsed = FrameRate::parse(rate);
        f.require(parsed.has_value(), "the frame rate cannot be read");
        settings.frame_rate = *parsed;
    }
    f.choice_of("rounding", settings.rounding, roundings);
    std::vector<std::int64_t> size{settings.picture_width, settings.picture_height};
    f.about("width, height").wholes("picture_size", size, limits::picture_side, 2);
    if (f.reads()) {
        settings.picture_width = static_cast<int>(size[0]);
        settings.picture_height = static_cast<int>(size[1]);
    }
    f.group("schedule_text", "schedule-text", [&](Fields& g) { fields_of(g, settings.schedule_text); });
    f.about("seconds of the song; missing where the piece begins with it")
        .maybe_seconds("begins", settings.begins, limits::seconds);
    f.about("seconds of the song; missing where the piece ends with what is heard longest")
        .maybe_seconds("ends", settings.ends, limits::seconds);
    f.require(!settings.begins || *settings.begins >= Seconds(0), "the piece begins before the song does");
    f.require(!settings.begins || !settings.ends || *settings.begins < *settings.ends,
              "the piece ends before it begins");
}

void fields_of(Fields& f, Clip& clip) {
    f.id("id", clip.id.value);
    f.text("name", clip.name);
    f.about("relative to the project's folder, or absolute").path("path", clip.path);
    f.seconds("duration", clip.duration, limits::duration);
    f.whole_as("width", clip.width, limits::clip_side);
    f.whole_as("height", clip.height, limits::clip_side);
    f.flag("has_picture", clip.has_picture);
    f.flag("has_sound", clip.has_sound);
    f.about("one picture, that never ends").flag("still", clip.still, Fields::optional);
    f.about("by hand: quarters clockwise, from how its file says that it lies")
        .whole_as("turned", clip.turned, limits::quarters, Fields::optional);
    f.about("its light is mapped to standard range")
        .flag("high_dynamic_range", clip.high_dynamic_range, Fields::optional);
    f.about("of its first picture, as its file says")
        .text("timecode", clip.timecode, limits::name, Fields::optional);
    f.about("the tape or card that it is from").text("reel", clip.reel, limits::name, Fields::optional);
    f.about("cameras: where in the song the first frame lies")
        .maybe_seconds("begins_at", clip.begins_at, limits::seconds);
}

namespace {

void fields_of(Fields& f, TimeSpan& span) {
    f.seconds("from", span.from, limits::seconds);
    f.seconds("until", span.until, limits::seconds);
}

void fields_of(Fields& f, NamedPicker& named) {
    f.text("name", named.name);
    f.group("picker", "picker", [&](Fields& g) { fields_of(g, named.picker); });
}

void fields_of(Fields& f, Acceptance& accepted) {
    f.text("check", accepted.check);
    f.about("that it is about").id("pin", accepted.pin.value, Fields::optional);
    f.id("lane", accepted.lane.value, Fields::optional);
    f.seconds("at", accepted.at, limits::seconds);
    f.number("amount", accepted.amount, limits::value);
    f.text("about", accepted.about, limits::name, Fields::optional);
    f.text("note", accepted.note, limits::note, Fields::optional);
}

/// A list that versions of the project share.
template <class T>
void shared_items(Fields& f, const char* name, const char* shape, Shared<std::vector<T>>& values) {
    std::vector<T> copy = *values;
    f.items<T>(name, shape, copy, [](Fields& g, T& value) { fields_of(g, value); });
    if (f.reads())
        values = std::make_shared<const std::vector<T>>(std::move(copy));
}

} // namespace

void fields_of(Fields& f, Checking& checking) {
    f.values("limits", checking.limits, Fields::optional);
    f.about("findings that are ignored on purpose");
    f.items<Acceptance>(
        "accepted", "accepted", checking.accepted, [](Fields& g, Acceptance& one) { fields_of(g, one); },
        limits::many, Fields::optional);
}

void fields_of(Fields& f, Project& project) {
    Settings settings = *project.settings;
    f.group("settings", "settings", [&](Fields& g) { fields_of(g, settings); });
    if (f.reads())
        project.settings = std::make_shared<const Settings>(std::move(settings));
    f.maybe_shared<Song>(
        "song", "song", project.song, [](Fields& g, Song& song) { fields_of(g, song); },
        Fields::Absence::Null);
    SongTrack track = *project.song_track;
    bool told = track != SongTrack{};
    f.about("how the song is heard").maybe("song_track", "song-track", told, [&](Fields& g) {
        g.flag("muted", track.muted, Fields::optional);
        g.flag("solo", track.solo, Fields::optional);
        heard_fields(g, track.body);
    });
    if (f.reads())
        project.song_track = std::make_shared<const SongTrack>(told ? std::move(track) : SongTrack{});
    f.maybe_shared<Detection>(
        "found", "found", project.detection, [](Fields& g, Detection& found) { fields_of(g, found); },
        Fields::Absence::Null);
    auto grid = project.grid ? std::optional(*project.grid) : std::nullopt;
    grid_field(f, "grid", grid);
    if (f.reads())
        project.grid = grid ? std::make_shared<const BeatGrid>(*std::move(grid)) : nullptr;
    f.about("greater than every id in the file").id("next_id", project.next_id);
    shared_items(f, "excluded", "span", project.excluded);
    shared_items(f, "bin", "clip", project.bin);
    shared_items(f, "plantings", "planting", project.plantings);
    f.about("kept by their names");
    shared_items(f, "pickers", "named-picker", project.pickers);
    std::vector<Pulse> pulses = *project.pulses;
    f.about("kept by their names").pulses("pulses", pulses);
    if (f.reads())
        project.pulses = std::make_shared<const std::vector<Pulse>>(std::move(pulses));
    Stage stage = *project.stage;
    fields_of(f, stage);
    if (f.reads())
        project.stage = std::make_shared<const Stage>(std::move(stage));
    Checking checking = *project.checking;
    bool checked = checking != Checking{};
    f.about("what the piece is checked against, and what is ignored on purpose")
        .maybe("checking", "checking", checked, [&](Fields& g) { fields_of(g, checking); });
    if (f.reads())
        project.checking = std::make_shared<const Checking>(checked ? std::move(checking) : Checking{});
    Rig rig = *project.rig;
    bool rigged = rig != Rig{};
    f.about("lamps, and where their levels go").maybe("rig", "rig", rigged, [&](Fields& g) {
        fields_of(g, rig);
        const auto conflict = patch_conflict(rig);
        g.require(!conflict, conflict.value_or(""));
    });
    if (f.reads())
        project.rig = std::make_shared<const Rig>(rigged ? std::move(rig) : Rig{});
    f.list("lanes", {"lane", project.lanes.size(), [&](std::size_t n) { project.lanes.resize(n); },
                     [&](Fields& g, std::size_t i) {
                         Lane lane = project.lanes[i] ? *project.lanes[i] : Lane{};
                         fields_of(g, lane);
                         if (g.reads())
                             project.lanes[i] = std::make_shared<const Lane>(std::move(lane));
                     },
                     limits::few});
}

std::string inner_conflict(const Project& project) {
    std::set<std::uint64_t> ids;
    std::string conflict;
    const auto claim = [&](std::uint64_t id) {
        if (conflict.empty() && !(id > 0 && id < project.next_id && ids.insert(id).second))
            conflict = "the number " + std::to_string(id) + " names two things or none";
    };
    for (const auto& clip : *project.bin)
        claim(clip.id.value);
    for (const auto& planting : *project.plantings)
        claim(planting.id.value);
    for (const auto& group : project.rig->groups)
        claim(group.id.value);
    for (const auto& fixture : project.rig->fixtures)
        claim(fixture.id.value);
    for (const auto& lane : project.lanes) {
        claim(lane->id.value);
        for (const auto& pin : lane->pins)
            claim(pin.id.value);
    }
    const auto& layers = project.stage->layers;
    std::set<std::uint64_t> layer_ids;
    for (const auto& layer : layers) {
        if (layer.id.value >= std::max<std::uint64_t>(project.next_id, 3))
            return "the layer \"" + layer.name + "\" has a number that is not given out yet";
        if (!layer_ids.insert(layer.id.value).second)
            return "two layers have one number";
    }
    const auto cameras = std::count_if(layers.begin(), layers.end(),
                                       [](const Layer& layer) { return layer.kind == layers::camera; });
    if (cameras != 1 || layers.back().kind != layers::camera)
        return "the picture needs one camera above its layers";
    for (const auto& layer : layers)
        if (leads_back(*project.stage, layer.id))
            return "the layer \"" + layer.name + "\" lies in itself";
    return conflict;
}

} // namespace pulsepin
