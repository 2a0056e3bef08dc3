// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/rig_properties.h"

#include <algorithm>
#include <map>

namespace pulsepin {
namespace {

template <class Items>
auto find_by_id(const Items& items, LampId id) -> decltype(items.data()) {
    const auto found = std::ranges::find_if(items, [id](const auto& item) { return item.id == id; });
    return found == items.end() ? nullptr : &*found;
}

std::span<const ParamChoice> kinds() {
    static constexpr ParamChoice all[] = {
        {"rgb", "red green blue"}, {"rgbw", "red green blue white"}, {"dimmer", "brightness"}};
    return all;
}

constexpr limits::Real place{-1000, 1000}; // percent: lamps may stand beside the plan
constexpr limits::Whole universe{0, 63'999}, channel{0, channels_of_universe}, port{0, 65'535},
    priority{0, 200};
constexpr limits::Real earlier{-10'000, 10'000};
constexpr std::size_t most_fixtures = 20'000;

} // namespace

const Fixture* Rig::fixture(LampId id) const {
    return find_by_id(fixtures, id);
}

const LampGroup* Rig::group(LampId id) const {
    return find_by_id(groups, id);
}

std::string Rig::name_of(LampId id) const {
    if (const auto* one = fixture(id))
        return one->name;
    const auto* lamps = group(id);
    return lamps ? lamps->name : std::string();
}

std::vector<std::size_t> Rig::members(std::span<const LampId> of) const {
    std::vector<std::size_t> found;
    const auto named = [of](LampId id) { return id.value != 0 && std::ranges::find(of, id) != of.end(); };
    for (std::size_t i = 0; i < fixtures.size(); ++i)
        if (of.empty() || named(fixtures[i].id) || named(fixtures[i].group))
            found.push_back(i);
    return found;
}

std::vector<RigRow> rows_of(const Rig& rig) {
    std::vector<RigRow> rows;
    const auto add = [&](LampId group, bool one_row) {
        for (std::size_t i = 0; i < rig.fixtures.size(); ++i) {
            if (rig.fixtures[i].group != group)
                continue;
            if (one_row && !rows.empty() && rows.back().of == group)
                rows.back().fixtures.push_back(i);
            else
                rows.push_back({one_row ? group : rig.fixtures[i].id, group, {i}});
        }
    };
    for (const auto& group : rig.groups)
        add(group.id, group.one_row);
    add({}, false);
    return rows;
}

int channels_of(const Fixture& fixture) {
    const int channels = fixture.kind == Fixture::Kind::Dimmer ? 1
                         : fixture.kind == Fixture::Kind::Rgb  ? 3
                                                               : 4;
    return fixture.fine ? 2 * channels : channels;
}

std::span<const Property<Fixture>> fixture_properties() {
    static const Property<Fixture> all[] = {
        property<Fixture, &Fixture::name>({.id = "name", .label = "name", .type = ParamType::Text},
                                          {.name = "name", .presence = Fields::required}),
        choice_property<Fixture, kinds, &Fixture::kind>({.id = "kind", .label = "each sends"},
                                                        {.name = "kind", .presence = Fields::required}),
        property<Fixture, &Fixture::fine>({.id = "fine",
                                           .label = "fine channels",
                                           .type = ParamType::Switch,
                                           .most = 1,
                                           .explains = "each channel is followed by one for its 256ths"},
                                          {.name = "fine"}),
        property<Fixture, &Fixture::x>({.id = "x",
                                        .label = "right",
                                        .unit = "%",
                                        .least = place.least,
                                        .most = place.most,
                                        .initial = 50,
                                        .explains = "of the plan's width"},
                                       {.name = "x", .presence = Fields::required, .range = place}),
        property<Fixture, &Fixture::y>({.id = "y",
                                        .label = "down",
                                        .unit = "%",
                                        .least = place.least,
                                        .most = place.most,
                                        .initial = 50,
                                        .explains = "of the plan's height"},
                                       {.name = "y", .presence = Fields::required, .range = place}),
        property<Fixture, &Fixture::universe>({.id = "universe",
                                               .label = "universe",
                                               .type = ParamType::Whole,
                                               .most = static_cast<double>(universe.most),
                                               .explains = "0: not patched"},
                                              {.name = "universe", .whole = universe}),
        property<Fixture, &Fixture::first_channel>({.id = "channel",
                                                    .label = "first channel",
                                                    .type = ParamType::Whole,
                                                    .most = channels_of_universe,
                                                    .explains = "0: not patched"},
                                                   {.name = "channel", .whole = channel}),
    };
    return all;
}

namespace {

std::span<const ParamChoice> shapes() {
    static constexpr ParamChoice all[] = {
        {"row", "a row"}, {"arc", "an arc"}, {"ring", "a ring"}, {"grid", "a grid"}};
    return all;
}

/// Percent of the plan.
template <double LampArrangement::*member>
Property<LampArrangement> percent(std::string_view id, std::string_view label, double initial,
                                  std::string_view explains) {
    return property<LampArrangement, member>({.id = id,
                                              .label = label,
                                              .unit = "%",
                                              .least = -100,
                                              .most = 200,
                                              .initial = initial,
                                              .explains = explains},
                                             {});
}

} // namespace

std::span<const Property<LampArrangement>> arrangement_properties() {
    using Set = LampArrangement;
    static const Property<Set> all[] = {
        property<Set, &Set::name>({.id = "name",
                                   .label = "name",
                                   .type = ParamType::Text,
                                   .explains = "of their group",
                                   .initial_text = "Lamps"},
                                  {}),
        property<Set, &Set::count>({.id = "count",
                                    .label = "lamps",
                                    .type = ParamType::Whole,
                                    .least = 1,
                                    .most = static_cast<double>(most_fixtures),
                                    .initial = 8},
                                   {}),
        choice_property<Set, shapes, &Set::shape>({.id = "shape", .label = "set in"}, {}),
        property<Set, &Set::columns>({.id = "columns",
                                      .label = "in a line",
                                      .type = ParamType::Whole,
                                      .least = 1,
                                      .most = 1000,
                                      .initial = 4,
                                      .explains = "of a grid"},
                                     {}),
        percent<&Set::x>("x", "across", 50, "of the plan's width"),
        percent<&Set::y>("y", "down", 50, "the middle, of the plan's height"),
        percent<&Set::width>("width", "width", 80, "of the plan's width"),
        percent<&Set::height>("height", "height", 0, "of the plan's height"),
        choice_property<Set, kinds, &Set::like, &Fixture::kind>({.id = "kind", .label = "each sends"}, {}),
        property<Set, &Set::like, &Fixture::fine>(
            {.id = "fine",
             .label = "fine channels",
             .type = ParamType::Switch,
             .most = 1,
             .explains = "each channel is followed by one for its 256ths"},
            {}),
    };
    return all;
}

std::span<const Property<WireOutput>> output_properties() {
    static const Property<WireOutput> all[] = {
        property<WireOutput, &WireOutput::wire>(
            {.id = "wire", .label = "sends", .type = ParamType::Text, .initial_text = "sacn"},
            {.name = "wire", .presence = Fields::required}),
        property<WireOutput, &WireOutput::to>(
            {.id = "to",
             .label = "to",
             .type = ParamType::Text,
             .explains = "an address in numbers; 127.0.0.1 is this computer, multicast whoever listens",
             .initial_text = "127.0.0.1"},
            {.name = "to", .presence = Fields::required}),
        property<WireOutput, &WireOutput::port>({.id = "port",
                                                 .label = "port",
                                                 .type = ParamType::Whole,
                                                 .most = static_cast<double>(port.most),
                                                 .explains = "0: the usual one"},
                                                {.name = "port", .whole = port}),
        property<WireOutput, &WireOutput::priority>(
            {.id = "priority",
             .label = "priority",
             .type = ParamType::Whole,
             .most = static_cast<double>(priority.most),
             .initial = 100,
             .explains = "of sACN: of several sources the highest is obeyed"},
            {.name = "priority", .presence = Fields::required, .whole = priority}),
        property<WireOutput, &WireOutput::synchronisation>(
            {.id = "synchronisation",
             .label = "in step by universe",
             .type = ParamType::Whole,
             .most = static_cast<double>(universe.most),
             .explains = "of sACN: levels of all universes are set at once by its packets; 0: each at once"},
            {.name = "synchronisation", .whole = universe}),
        property<WireOutput, &WireOutput::earlier>(
            {.id = "earlier",
             .label = "sent earlier",
             .unit = "ms",
             .least = earlier.least,
             .most = earlier.most,
             .explains = "than it is heard, for lamps that answer late"},
            {.name = "earlier_milliseconds", .range = earlier}),
        property<WireOutput, &WireOutput::off>(
            {.id = "off", .label = "off", .type = ParamType::Switch, .most = 1}, {.name = "off"}),
    };
    return all;
}

void fields_of(Fields& f, Rig& rig) {
    f.items<LampGroup>(
        "groups", "lamp-group", rig.groups,
        [](Fields& g, LampGroup& group) {
            g.id("id", group.id.value);
            g.text("name", group.name);
            g.about("in lanes, as for a prop of many lamps").flag("one_row", group.one_row, Fields::optional);
        },
        limits::few, Fields::optional);
    f.about("in the order of their rows")
        .items<Fixture>(
            "fixtures", "fixture", rig.fixtures,
            [](Fields& g, Fixture& fixture) {
                g.id("id", fixture.id.value);
                g.id("group", fixture.group.value, Fields::optional);
                visit_properties(g, fixture_properties(), fixture);
            },
            most_fixtures);
    f.about("a clip of the bin, below the plan").id("picture", rig.picture.value, Fields::optional);
    f.about("of all lamps, percent").number("dimmer", rig.dimmer, limits::percent);
    f.about("nothing is lit until playing begins").flag("dark_at_start", rig.dark_at_start);
    f.items<WireOutput>(
        "outputs", "wire-output", rig.outputs,
        [](Fields& g, WireOutput& output) { visit_properties(g, output_properties(), output); }, limits::few);
}

std::optional<std::string> patch_conflict(const Rig& rig) {
    std::map<std::pair<int, int>, const Fixture*> taken;
    for (const auto& fixture : rig.fixtures) {
        if (fixture.universe == 0 || fixture.first_channel == 0)
            continue;
        const int last = fixture.first_channel + channels_of(fixture) - 1;
        if (last > channels_of_universe)
            return "\"" + fixture.name + "\" needs channels up to " + std::to_string(last) + " of universe " +
                   std::to_string(fixture.universe) + ", which has 512.";
        for (int channel = fixture.first_channel; channel <= last; ++channel)
            if (const auto [there, is_free] = taken.try_emplace({fixture.universe, channel}, &fixture);
                !is_free)
                return "\"" + fixture.name + "\" and \"" + there->second->name + "\" would share channel " +
                       std::to_string(channel) + " of universe " + std::to_string(fixture.universe) + ".";
    }
    return std::nullopt;
}

} // namespace pulsepin
