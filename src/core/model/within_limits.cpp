// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/within_limits.h"

#include "model/fields.h"
#include "model/lane_kind.h"
#include "model/limits.h"

#include <algorithm>
#include <fmt/core.h>

namespace pulsepin {
namespace {

Error too_long(const char* what, const std::string& text, std::size_t most) {
    return {fmt::format("{} of {} bytes is too long and was not taken.", what, text.size()),
            {},
            fmt::format("It may have {} bytes.", most)};
}

Error too_far(const char* what) {
    return {fmt::format("{} would lie beyond what a project can hold, and was not taken.", what), {}, {}};
}

class Check;

/// The fields of a body, whatever its kind.
class CheckFields : public Fields {
public:
    explicit CheckFields(Check& check) : check_(check) {}
    void text(const char* name, std::string& value, std::size_t most, Presence presence) override;
    void number(const char* name, double& value, limits::Real range, Presence presence) override;
    void whole(const char* name, std::int64_t& value, limits::Whole range, Presence presence) override;
    void flag(const char*, bool&, Presence) override {}
    void choice(const char*, int&, std::span<const std::string_view>, Presence) override {}
    void id(const char*, std::uint64_t&, Presence) override {}
    void colour(const char*, Colour&) override {}
    void length(const char* name, Length& value) override;
    void easing(const char*, Easing&) override {}
    void pulse(const char*, std::shared_ptr<const Pulse>&) override {}
    void object(const char*, const std::function<void(Fields&)>& fields) override { fields(*this); }

private:
    Check& check_;
};

class Check {
public:
    std::optional<Error> found;

    void text(const char* what, const std::string& text, std::size_t most = limits::name) {
        if (!found && text.size() > most)
            found = too_long(what, text, most);
    }
    void number(const char* what, double value, limits::Real range) {
        if (!found && !range.holds(value))
            found = too_far(what);
    }
    void whole(const char* what, std::int64_t value, limits::Whole range) {
        if (!found && !range.holds(value))
            found = too_far(what);
    }
    void operator()(const Offset& offset) {
        if (const auto* frames = std::get_if<Frames>(&offset))
            whole("An offset", frames->value, limits::frames);
        else
            number("An offset", std::get<Seconds>(offset).value, limits::seconds);
    }
    void operator()(const Length& length) { number("A length", length.amount, limits::length_amount); }

    void operator()(const Anchor& anchor) {
        if (const auto* loose = std::get_if<TimeAnchor>(&anchor))
            return number("A pin", loose->at.value, limits::seconds);
        if (const auto* musical = std::get_if<MusicalAnchor>(&anchor)) {
            whole("A pin", musical->at.value, limits::ticks);
            return (*this)(musical->offset);
        }
        (*this)(std::get<MarkerAnchor>(anchor).offset);
    }
    void operator()(const Feed& feed) {
        text("The name of a property", feed.property);
        text("A unit", feed.unit);
        number("A value", feed.low, limits::value);
        number("A value", feed.high, limits::value);
        (*this)(feed.lead);
    }
    void operator()(const Lane& lane) {
        text("The name of a lane", lane.name);
        (*this)(lane.lead);
        (*this)(lane.motion.own);
        for (const auto& feed : lane.motion.feeds)
            (*this)(feed);
        for (const auto& pin : lane.pins) {
            (*this)(pin.anchor);
            (*this)(lane.kind, pin.body);
        }
    }
    void operator()(LaneKind kind, PinBody body) { // a copy, since a list of fields may change them
        CheckFields fields(*this);
        kind->fields(fields, body);
    }
    void operator()(const Stage& stage) {
        for (const auto& layer : stage.layers) {
            text("The name of a layer", layer.name);
            text("A title", layer.text, limits::note);
            for (const auto& [id, value] : layer.values)
                number("A value", value, limits::value);
        }
    }
    void operator()(const Settings& settings) {
        text("A title", settings.title);
        text("A pattern", settings.schedule_text.pattern, limits::note);
        text("A separator", settings.schedule_text.separator);
    }
};

/// "in_point" is "in point" to a person.
std::string spoken(const char* name) {
    std::string text(name);
    std::replace(text.begin(), text.end(), '_', ' ');
    return "The value \"" + text + "\"";
}

void CheckFields::text(const char* name, std::string& value, std::size_t most, Presence) {
    check_.text(spoken(name).c_str(), value, most);
}
void CheckFields::number(const char* name, double& value, limits::Real range, Presence) {
    check_.number(spoken(name).c_str(), value, range);
}
void CheckFields::whole(const char* name, std::int64_t& value, limits::Whole range, Presence) {
    check_.whole(spoken(name).c_str(), value, range);
}
void CheckFields::length(const char* name, Length& value) {
    check_.number(spoken(name).c_str(), value.amount, limits::length_amount);
}

} // namespace

std::optional<Error> beyond_limits(const Project& next, const Project& before) {
    Check check;
    if (next.lanes.size() > limits::few || next.stage->layers.size() > limits::few)
        return Error{fmt::format("There can be {} lanes and as many layers.", limits::few), {}, {}};
    if (next.settings != before.settings)
        check(*next.settings);
    if (next.stage != before.stage)
        check(*next.stage);
    if (next.song != before.song && next.song && next.song->duration().value > limits::longest_song)
        return Error{"The song is longer than a day.", next.song->path.string(), "Cut it into parts first."};
    if (next.bin != before.bin)
        for (const auto& clip : *next.bin) { // a file may say anything of itself
            check.text("The name of a clip", clip.name);
            check.number("The length of a clip", clip.duration.value, limits::duration);
            check.whole("The width of a clip", clip.width, limits::clip_side);
            check.whole("The height of a clip", clip.height, limits::clip_side);
        }
    if (next.pickers != before.pickers)
        for (const auto& picker : *next.pickers)
            check.text("The name of a picker", picker.name);
    if (next.pulses != before.pulses)
        for (const auto& pulse : *next.pulses)
            check.text("The name of a pulse", pulse.name);
    for (const auto& lane : next.lanes)
        if (std::find(before.lanes.begin(), before.lanes.end(), lane) == before.lanes.end())
            check(*lane);
    return check.found;
}

} // namespace pulsepin
