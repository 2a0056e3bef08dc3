// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/said.h"

#include "base/ordinal.h"
#include "hand/driving.h"
#include "hand/said_words.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "model/marker_looks.h"
#include "model/onset_edits.h"
#include "schedule/lasting.h"
#include "schedule/picker_tables.h"
#include "stage/layer_parameters.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace pulsepin {
namespace {

using said_words::Words;

// -- where

/// "kick", "kick + snare" as it is said: "kick or snare".
std::string spoken_rows(const std::string& rows) {
    std::string spoken = rows;
    for (auto at = spoken.find(between_rows); at != std::string::npos; at = spoken.find(between_rows))
        spoken.replace(at, between_rows.size(), " or ");
    return spoken;
}

std::vector<std::string> names_of_places(const Project& project) {
    std::vector<std::string> names;
    if (project.detection)
        for (const auto& row : project.detection->rows)
            names.push_back(row.name);
    for (const auto& source : picker_sources())
        if (source.parameters.empty() || source.id.ends_with("-beats"))
            if (source.id != "list")
                names.emplace_back(source.label);
    names.emplace_back("markers");
    return names;
}

/// "kick or snare", "beats", "marker": a source of a picker, with its values.
Result<void> take_source(const Project& project, const std::string& said, Picker& picker) {
    std::string rows;
    for (const auto& name : said_words::listed(said)) {
        const OnsetRow* found = nullptr;
        if (project.detection)
            for (const auto& row : project.detection->rows)
                if (said_words::is_called(name, row.name))
                    found = &row;
        if (!found) {
            rows.clear();
            break;
        }
        rows += (rows.empty() ? std::string() : std::string(between_rows)) + found->name;
    }
    if (!rows.empty()) {
        picker.source = "onsets";
        picker.values = {{"row", rows}};
        return {};
    }
    if (said_words::is_called(said, "markers")) {
        picker.source = "markers";
        return {};
    }
    for (const auto& source : picker_sources())
        if (said_words::is_called(said, source.label) || said_words::is_called(said, source.id)) {
            picker.source = source.id;
            return {};
        }
    return fail("There is no place called \"" + said + "\".", {},
                "There are: " + said_words::joined(names_of_places(project)) + ".");
}

/// "bars 9-24", "bar 9", "bars 9 to 24".
Result<void> take_bars(const Project& project, const std::string& said, Picker& picker) {
    const auto bars = said_words::two_numbers(said);
    if (!bars)
        return fail("\"" + said + "\" does not say which bars.", {}, "Say, for example, bars 9-24.");
    if (!project.grid)
        return fail("There are no bars yet.", {}, "Find the beats first, or leave the bars out.");
    const auto [first, last] = *bars;
    if (first != std::floor(first) || last != std::floor(last) || first > last || std::abs(first) > 1e6 ||
        std::abs(last) > 1e6)
        return fail("\"" + said + "\" does not say which bars.", {}, "Say the first bar, then the last.");
    picker.whole = false;
    picker.from = project.grid->ticks_of({static_cast<std::int64_t>(first), 1, 0});
    picker.until = project.grid->ticks_of({static_cast<std::int64_t>(last) + 1, 1, 0});
    return {};
}

Result<Picker> picker_of(const Project& project, std::string where) {
    Picker picker;
    picker.whole = true;
    picker.by_clock = !project.grid;
    if (const auto bars =
            said_words::cut_off(where, {", in bars", ", bars", ", bar", " in bars", " in bar"})) {
        if (auto taken = take_bars(project, *bars, picker); !taken)
            return tl::unexpected(taken.error());
    }
    Words words(where);
    if (words.take("every") || words.take("each"))
        if (const auto n = words.take_ordinal()) {
            if (*n < 1 || *n > 64)
                return fail("Every " + std::to_string(*n) + "th is not possible.", {},
                            "Say every 2nd up to every 64th.");
            if (*n > 1)
                picker.filters.push_back({"every-nth", {{"n", static_cast<double>(*n)}}});
        }
    const std::string source = words.rest();
    if (source.empty())
        return fail("Nothing is said of where.", {},
                    "End with, for example: on " + names_of_places(project).front() + ".");
    if (auto taken = take_source(project, source, picker); !taken)
        return tl::unexpected(taken.error());
    if (picker.by_clock)
        if (const auto* row = picker_source(picker.source); row && row->needs_beats)
            return fail("There are no beats yet.", {}, "Find the beats first.");
    return picker;
}

// -- what

/// All that can be driven, by the names under which it is said: "camera zoom".
struct Property {
    std::string name;
    Target target;
    const ParamSpec* spec;
};

std::vector<Property> properties_of(const Project& project) {
    std::vector<Property> all;
    const auto& stack = project.stage->layers;
    for (auto layer = stack.rbegin(); layer != stack.rend(); ++layer)
        for (const auto& parameter : parameters_of(*layer)) {
            const ParamSpec& spec = *parameter.spec;
            if ((spec.type != ParamType::Number && spec.type != ParamType::Whole) ||
                spec.usual_low == spec.usual_high)
                continue;
            std::string name = layer->name + " ";
            if (!parameter.group.empty() && parameter.group != layer->kind->label)
                name += std::string(parameter.group) + " ";
            name += label_of(*layer, spec);
            all.push_back({said_words::lower(name), {layer->id, parameter.id}, &spec});
        }
    return all;
}

/// The one that all words fit best: the fewest that are left over.
Result<Property> property_called(const Project& project, const std::string& said) {
    std::optional<Property> best;
    std::size_t left_over = 0;
    bool several = false;
    for (auto& property : properties_of(project)) {
        const auto over = said_words::words_left_over(property.name, said);
        if (!over || (best && *over > left_over))
            continue;
        several = best && *over == left_over && *over > 0;
        if (!best || *over < left_over)
            best = property;
        left_over = *over;
    }
    if (!best)
        return fail("Nothing in the picture is called \"" + said + "\".", {},
                    "Begin with a layer and its property, as in: camera zoom 100 -> 110 on beats.");
    if (several)
        return fail("\"" + said + "\" could be more than one property.", {}, "Say the layer as well.");
    return *best;
}

Result<Length> length_said(Words& words, const char* after) {
    const auto length = words.take_length();
    if (!length)
        return fail(std::string("How long is not understood after \"") + after + "\".", {},
                    "Say, for example, 2 frames, 120 ms or 1 beat.");
    return *length;
}

Result<SaidHit> hit_said(const Project& project, const std::string& said) {
    Words words(said);
    std::string name;
    while (!words.at_number() && !words.at_end())
        name += (name.empty() ? "" : " ") + words.take_word();
    if (name.ends_with(" from"))
        name.resize(name.size() - 5);
    auto property = property_called(project, name);
    if (!property)
        return tl::unexpected(property.error());
    const auto rest = words.take_number();
    const bool way = words.take("->") || words.take("to");
    const auto peak = rest && way ? words.take_number() : std::nullopt;
    if (!peak)
        return fail("From which value to which is not said.", {},
                    fmt::format("Say, for example: {} {:g} -> {:g} on beats.", property->name,
                                property->spec->usual_low, property->spec->usual_high));
    for (const double value : {*rest, *peak})
        if (value < property->spec->least || value > property->spec->most)
            return fail(
                fmt::format("{:g} is beyond what {} can be.", value, property->name), {},
                fmt::format("Say something from {:g} to {:g}.", property->spec->least, property->spec->most));
    const Length none{Length::Unit::InFrames, 0};
    SaidHit hit{property->target, *rest, *peak, none, none, none};
    while (!words.at_end())
        if (words.take("for") || words.take("held")) {
            auto held = length_said(words, "for");
            if (!held)
                return tl::unexpected(held.error());
            hit.held = *held;
        } else if (words.take("rising")) {
            auto up = length_said(words, "rising");
            if (!up)
                return tl::unexpected(up.error());
            hit.up = *up;
        } else if (words.take("falling") || words.take("over")) {
            auto down = length_said(words, "falling");
            if (!down)
                return tl::unexpected(down.error());
            hit.down = *down;
        } else if (!words.take("and")) {
            return fail("\"" + words.rest() + "\" is not understood.", {},
                        "After the values come: for, rising and falling, each with how long.");
        }
    if (hit.up.amount + hit.held.amount + hit.down.amount <= 0)
        hit.down = {Length::Unit::InFrames, 4}; // as a hit usually is
    return hit;
}

std::optional<TriggerBody> trigger_called(Words& words) {
    for (const auto& effect : trigger_effects())
        if (words.take_all(effect.label) || words.take_all(effect.id)) {
            TriggerBody body;
            body.effect = effect.id;
            body.length = effect.length;
            body.from = body.to = effect.colour;
            return body;
        }
    return std::nullopt;
}

Result<std::variant<SaidHit, SaidTrigger, SaidCut, SaidMarker>> what_said(const Project& project,
                                                                          const std::string& said) {
    using What = std::variant<SaidHit, SaidTrigger, SaidCut, SaidMarker>;
    Words words(said);
    if (words.take("cut") || words.take("cuts")) {
        if (words.at_end())
            return What(SaidCut{});
        return fail("\"" + words.rest() + "\" is not understood after \"cut\".");
    }
    if (words.take("marker") || words.take("markers"))
        return What(SaidMarker{words.at_end() ? "#" : words.rest()});
    if (auto trigger = trigger_called(words);
        trigger && (words.at_end() || words.at_number() || words.next_is("for"))) {
        if (const auto strength = words.take_number()) {
            if (*strength < 0 || *strength > 400)
                return fail("A strength lies from 0 to 400 %.");
            trigger->strength = *strength;
        }
        if (words.take("for")) {
            auto length = length_said(words, "for");
            if (!length)
                return tl::unexpected(length.error());
            trigger->length = *length;
        }
        if (!words.at_end())
            return fail("\"" + words.rest() + "\" is not understood.", {},
                        "After an effect come its strength and how long: flash 60 % for 2 frames.");
        return What(SaidTrigger{*std::move(trigger)});
    }
    return hit_said(project, said).map([](SaidHit hit) { return What(std::move(hit)); });
}

// -- how it was understood

std::string told_what(const Project& project, const Said& said) {
    if (const auto* hit = std::get_if<SaidHit>(&said.what)) {
        std::string told = fmt::format("{} from {:g} to {:g} and back", target_name(project, hit->target),
                                       hit->rest, hit->peak);
        const auto add = [&](const char* how, const Length& length) {
            if (length.amount > 0)
                told += fmt::format(", {} {}", how, length_text(length));
        };
        add("rising for", hit->up);
        add("held for", hit->held);
        add("falling for", hit->down);
        return told;
    }
    if (const auto* trigger = std::get_if<SaidTrigger>(&said.what))
        return fmt::format("{} {:g} %, {} long", trigger->body.effect, trigger->body.strength,
                           length_text(trigger->body.length));
    if (const auto* marker = std::get_if<SaidMarker>(&said.what))
        return marker->name == "#" ? std::string("markers 1, 2, 3 …") : "markers \"" + marker->name + "\"";
    return "cuts";
}

std::string told_where(const Project& project, const Picker& picker) {
    std::string told = " on ";
    if (!picker.filters.empty())
        told +=
            "every " + ordinal(static_cast<std::int64_t>(picker.filters.front().values.number("n"))) + " of ";
    told += picker.source == "onsets"    ? spoken_rows(picker.values.text("row"))
            : picker.source == "markers" ? std::string("markers")
                                         : std::string(picker_source(picker.source)->label);
    if (picker.whole)
        return told + ", in the whole song";
    const auto first = project.grid->position_of(picker.from).bar,
               last = project.grid->position_of(picker.until).bar - 1;
    return told + (first == last ? fmt::format(", in bar {}", first)
                                 : fmt::format(", in bars {} to {}", first, last));
}

LaneKind kind_of(const Said& said) {
    return kind_of(std::holds_alternative<SaidHit>(said.what)       ? body_type<PulseBody>
                   : std::holds_alternative<SaidTrigger>(said.what) ? body_type<TriggerBody>
                   : std::holds_alternative<SaidCut>(said.what)     ? body_type<CutBody>
                                                                    : body_type<MarkerBody>);
}

/// The project with the lane that it goes to: one of its own for a property, else the first of its kind that
/// is not locked.
std::pair<Project, LaneId> with_its_lane(const Project& project, const Said& said) {
    const LaneKind kind = kind_of(said);
    const auto* hit = std::get_if<SaidHit>(&said.what);
    if (!hit)
        for (const auto& lane : project.lanes)
            if (lane->kind == kind && !lane->locked)
                return {project, lane->id};
    std::string name(kind->plural);
    if (hit)
        name = target_name(project, hit->target) + told_where(project, said.picker);
    Project with = with_lane(project, kind, name.substr(0, name.find(", in ")));
    const LaneId id = with.lanes.back()->id;
    if (!hit)
        return {std::move(with), id};
    Motion motion = *part_of<Motion>(*with.lanes.back());
    motion.own = new_feed(with, hit->target);
    motion.own.low = hit->rest;
    motion.own.high = hit->peak;
    motion.pulse.up = hit->up;
    motion.pulse.held = hit->held;
    motion.pulse.down = hit->down;
    if (auto driving = with_motion(with, id, std::move(motion)))
        with = *std::move(driving);
    return {std::move(with), id};
}

PlantingForm form_of(const Said& said) {
    PlantingForm form;
    if (const auto* trigger = std::get_if<SaidTrigger>(&said.what))
        form.body = trigger->body;
    else if (const auto* marker = std::get_if<SaidMarker>(&said.what))
        form.body = MarkerBody{marker->name};
    else
        form.body = kind_of(said)->empty_body();
    return form;
}

} // namespace

Result<Said> understood(const Project& project, std::string_view line) {
    std::string what = said_words::tidy(line);
    const auto where = said_words::cut_off(what, {" on "});
    if (what.empty())
        return fail("Nothing is said yet.", {}, "Say, for example: camera zoom 100 -> 110 on kick.");
    if (!where)
        return fail("Where is not said.", {},
                    "End with, for example: on " + names_of_places(project).front() + ".");
    auto is = what_said(project, what);
    if (!is)
        return tl::unexpected(is.error());
    auto picker = picker_of(project, *where);
    if (!picker)
        return tl::unexpected(picker.error());
    Said said{*std::move(is), *std::move(picker), {}};
    said.told = told_what(project, said) + told_where(project, said.picker);
    return said;
}

Result<std::vector<Seconds>> places_of(const Project& project, const Said& said) {
    const auto [with, lane] = with_its_lane(project, said);
    const auto preview = preview_placing(with, lane, said.picker, form_of(said));
    if (!preview)
        return tl::unexpected(preview.error());
    std::vector<Seconds> places;
    for (const auto& outline : preview->outlines)
        places.push_back(outline.time);
    return places;
}

Result<Done> done_as_said(const Project& project, const Said& said) {
    const auto [with, lane] = with_its_lane(project, said);
    return place(with, lane, said.picker, form_of(said)).map([lane = lane](Placed placed) {
        return Done{std::move(placed.project), lane, placed.count};
    });
}

std::vector<std::string> lines_that_go_on(const Project& project, std::string_view line) {
    constexpr std::size_t most = 12;
    std::vector<std::string> lines;
    std::string what = said_words::tidy(line, said_words::Ends::Kept);
    const std::string before = what;
    const auto offer = [&](const std::string& begun, const std::string& typed,
                           const std::vector<std::string>& all) {
        for (const bool at_the_beginning : {true, false})
            for (const auto& one : all) {
                const auto found = said_words::lower(one).find(typed);
                if ((found == 0) == at_the_beginning && found != std::string::npos && one != typed &&
                    lines.size() < most)
                    lines.push_back(begun + one);
            }
    };
    if (const auto where = said_words::cut_off(what, {" on "})) {
        std::string typed = *where;
        const std::string start = before.substr(0, before.size() - where->size());
        std::string begun;
        for (const char* lead : {" or ", "nd ", "rd ", "th ", "every "})
            if (const auto at = typed.rfind(lead); at != std::string::npos) {
                const auto end = at + std::string_view(lead).size();
                begun += typed.substr(0, end);
                typed = typed.substr(end);
                break;
            }
        auto names = names_of_places(project);
        if (begun.empty())
            names.emplace_back("every 2nd ");
        offer(start + begun, typed, names);
        return lines;
    }
    std::vector<std::string> names;
    for (const auto& effect : trigger_effects())
        names.emplace_back(std::string(effect.label) + " on ");
    names.insert(names.end(), {"cut on ", "marker on "});
    for (const auto& property : properties_of(project))
        names.push_back(fmt::format("{} {:g} -> {:g} on ", property.name, property.spec->usual_low,
                                    property.spec->usual_high));
    offer({}, said_words::lower(what), names);
    return lines;
}

} // namespace pulsepin
