// SPDX-License-Identifier: GPL-3.0-or-later
#include "fields/within_limits.h"

#include "fields/project_fields.h"

#include <algorithm>
#include <fmt/core.h>

namespace pulsepin {
namespace {

/// "in_point" is "in point" to a person.
std::string spoken(std::string name) {
    std::replace(name.begin(), name.end(), '_', ' ');
    std::replace(name.begin(), name.end(), '-', ' ');
    return name;
}

/// Visits what is there and remembers the first thing that lies beyond.
class Check : public Fields {
public:
    std::optional<Error> found;

    void text(const char* name, std::string& value, std::size_t most, Presence) override {
        if (!found && value.size() > most)
            found =
                Error{fmt::format("{} of {} bytes is too long and was not taken.", told(name), value.size()),
                      {},
                      fmt::format("It may have {} bytes.", most)};
    }
    void formed_text(const char*, std::string&, const char*) override {}
    void number(const char* name, double& value, limits::Real range, Presence) override {
        if (!range.holds(value))
            too_far(name);
    }
    void maybe_number(const char* name, std::optional<double>& value, limits::Real range) override {
        if (value && !range.holds(*value))
            too_far(name);
    }
    void whole(const char* name, std::int64_t& value, limits::Whole range, Presence) override {
        if (!range.holds(value))
            too_far(name);
    }
    void maybe_whole(const char* name, std::optional<std::int64_t>& value, limits::Whole range) override {
        if (value && !range.holds(*value))
            too_far(name);
    }
    void flag(const char*, bool&, Presence) override {}
    void choice(const char*, int&, std::span<const std::string_view>, Presence) override {}
    void id(const char*, std::uint64_t&, Presence) override {}
    void colour(const char*, Colour&, Presence) override {}
    void path(const char*, std::filesystem::path&) override {}
    void values(const char*, ParamValues&, Presence) override {}
    void numbers_by_name(const char* name, std::map<std::string, double>& values,
                         limits::Real range) override {
        for (const auto& [id, value] : values)
            if (!range.holds(value))
                too_far(name);
    }
    void numbers(const char* name, std::vector<double>& values, limits::Real range, std::size_t,
                 Presence) override {
        for (const double value : values)
            if (!range.holds(value))
                too_far(name);
    }
    void wholes(const char* name, std::vector<std::int64_t>& values, limits::Whole range, std::size_t,
                Presence) override {
        for (const auto value : values)
            if (!range.holds(value))
                too_far(name);
    }
    void choices(const char*, std::vector<int>&, std::span<const std::string_view>) override {}
    void colours(const char* name, std::vector<Colour>& values, std::size_t most) override {
        if (values.size() > most)
            too_many(name, most);
    }
    void group(const char*, const char* shape, const Inner& fields) override { visit(shape, fields); }
    void maybe(const char*, const char* shape, bool& there, const Inner& fields, Absence) override {
        if (there)
            visit(shape, fields);
    }
    void list(const char* name, const List& list) override {
        if (list.size > list.most)
            too_many(name, list.most);
        visit(list.shape, [&](Fields& f) {
            for (std::size_t i = 0; i < list.size && !found; ++i)
                list.item(f, i);
        });
    }
    void one_of(std::size_t& which, std::initializer_list<Alternative> alternatives) override {
        (alternatives.begin() + which)->fields(*this);
    }
    void depending(const char*, int& value, std::span<const std::string_view>,
                   const std::function<void(Fields&, int)>& fields) override {
        fields(*this, value);
    }

    /// Its fields, as those of a thing of that shape.
    void visit(const std::string& shape, const Inner& fields) {
        const std::string around = std::exchange(shape_, shape);
        fields(*this);
        shape_ = around;
    }

private:
    [[nodiscard]] std::string told(const char* name) const {
        return shape_.empty() ? fmt::format("The value “{}”", spoken(name))
                              : fmt::format("The value “{}” ({})", spoken(name), spoken(shape_));
    }
    void too_far(const char* name) {
        if (!found)
            found = Error{
                fmt::format("{} would lie beyond what a project can hold, and was not taken.", told(name)),
                {},
                {}};
    }
    void too_many(const char* name, std::size_t most) {
        if (!found)
            found = Error{fmt::format("There can be {} {}.", most, spoken(name)), {}, {}};
    }
    std::string shape_;
};

/// A part, copied, since a list of fields may fill what it visits.
template <class T>
void check_part(Check& check, const char* shape, const T& part) {
    check.visit(shape, [copy = part](Fields& f) mutable { fields_of(f, copy); });
}

/// Only what is otherwise than in `before` (null: all), and without copying all of its pins at once: a
/// person may drag ten thousand of them.
void check_lane(Check& check, const Lane& lane, const Lane* before) {
    Lane head{lane.id,    lane.kind, lane.name,   lane.lead,  {},
              lane.muted, lane.solo, lane.locked, lane.click, lane.parts};
    check.visit("lane", [&](Fields& f) { fields_of(f, head); });
    const std::string shape(lane.kind->singular);
    for (std::size_t i = 0; i < lane.pins.size() && !check.found; ++i) {
        const Pin& pin = lane.pins[i];
        const Pin* was =
            before && i < before->pins.size() && before->pins[i].id == pin.id ? &before->pins[i] : nullptr;
        if (was && was->body == pin.body && was->home == pin.home) { // moved at most
            Anchor anchor = pin.anchor;
            if (was->anchor != anchor)
                check.visit(shape, [&](Fields& f) { fields_of(f, anchor); });
            continue;
        }
        Pin copy = pin;
        check.visit(shape, [&](Fields& f) { fields_of(f, copy, lane.kind); });
    }
}

} // namespace

std::optional<Error> beyond_limits(const Project& next, const Project& before) {
    Check check;
    if (next.lanes.size() > limits::few || next.stage->layers.size() > limits::few)
        return Error{fmt::format("There can be {} lanes and as many layers.", limits::few), {}, {}};
    if (next.settings != before.settings)
        check_part(check, "settings", *next.settings);
    if (next.stage != before.stage) {
        for (const auto& layer : next.stage->layers)
            check_part(check, "layer", layer);
        check.visit("picture", [stage = *next.stage](Fields& f) mutable { fields_of(f, stage); });
    }
    if (next.song != before.song && next.song && next.song->duration().value > limits::longest_song)
        return Error{"The song is longer than a day.", next.song->path.string(), "Cut it into parts first."};
    if (next.bin != before.bin)
        for (const auto& clip : *next.bin) // a file may say anything of itself
            check_part(check, "clip", clip);
    if (next.plantings != before.plantings)
        for (const auto& planting : *next.plantings)
            check_part(check, "planting", planting);
    if (next.pickers != before.pickers)
        for (const auto& named : *next.pickers) {
            check_part(check, "picker", named.picker);
            std::string name = named.name;
            check.text("name", name, limits::name, Fields::required);
        }
    if (next.checking != before.checking)
        check_part(check, "checking", *next.checking);
    if (next.pulses != before.pulses) {
        auto pulses = *next.pulses;
        check.pulses("pulses", pulses);
    }
    for (const auto& lane : next.lanes)
        if (std::find(before.lanes.begin(), before.lanes.end(), lane) == before.lanes.end())
            check_lane(check, *lane, before.lane(lane->id));
    return check.found;
}

} // namespace pulsepin
