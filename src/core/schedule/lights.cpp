// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/lights.h"

#include "base/chance.h"
#include "model/rig.h"
#include "schedule/act_curve.h"
#include "schedule/lasting.h"
#include "schedule/piece_length.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace pulsepin {
namespace {

constexpr double same_place = 0.5; // percent of the plan
constexpr std::int64_t most_turns = 4096;

/// The turn of each lamp, counted from 0. Lamps that stand alike take theirs together.
std::vector<double> turns_by(std::vector<double> places) {
    std::vector<std::size_t> order(places.size());
    std::iota(order.begin(), order.end(), 0);
    std::ranges::stable_sort(order, [&](std::size_t a, std::size_t b) { return places[a] < places[b]; });
    std::vector<double> turns(places.size());
    double turn = 0;
    for (std::size_t i = 0; i < order.size(); ++i) {
        if (i > 0 && places[order[i]] - places[order[i - 1]] > same_place)
            ++turn;
        turns[order[i]] = turn;
    }
    return turns;
}

std::vector<double> turns_of(const LightBody& body, const Rig& rig, const std::vector<std::size_t>& lamps) {
    std::vector<double> places(lamps.size());
    const auto x = [&](std::size_t i) { return rig.fixtures[lamps[i]].x; };
    double middle = 0;
    if (!lamps.empty()) {
        double left = x(0), right = x(0);
        for (std::size_t i = 1; i < lamps.size(); ++i) {
            left = std::min(left, x(i));
            right = std::max(right, x(i));
        }
        middle = (left + right) / 2;
    }
    for (std::size_t i = 0; i < lamps.size(); ++i) {
        switch (body.pattern) {
        case LightBody::Pattern::Together:
            break;
        case LightBody::Pattern::ByTurns:
            places[i] = static_cast<double>(i % 2);
            break;
        case LightBody::Pattern::Across:
            places[i] = x(i);
            break;
        case LightBody::Pattern::FromMiddle:
            places[i] = std::abs(x(i) - middle);
            break;
        case LightBody::Pattern::AtRandom:
            places[i] = 1e6 * chance_of(rig.fixtures[lamps[i]].id.value, body.seed);
            break;
        case LightBody::Pattern::OneByOne:
            places[i] = static_cast<double>(i);
            break;
        }
    }
    auto turns = turns_by(std::move(places));
    if (body.backwards && !turns.empty()) {
        const double last = std::ranges::max(turns);
        for (double& turn : turns)
            turn = last - turn;
    }
    return turns;
}

/// Which lamps a light lights, and when each has its turn.
struct Order {
    std::vector<std::size_t> lamps;
    std::vector<double> turns;
};

Order order_of(const LightBody& body, const Rig& rig) {
    Order order{rig.members(body.on), {}};
    order.turns = turns_of(body, rig, order.lamps);
    return order;
}

bool in_same_order(const LightBody& a, const LightBody& b) {
    return a.pattern == b.pattern && a.seed == b.seed && a.backwards == b.backwards && a.on == b.on;
}

/// Moments in the music around a pin.
class Moments {
public:
    Moments(const Project& project, const Lane& lane, const ResolvedPin& pin)
        : project_(project), lead_(time_of(lane.lead, project.settings->frame_rate)), pin_(pin) {}
    [[nodiscard]] Seconds after(double beats) const {
        if (!project_.grid)
            return pin_.time + Seconds(beats / 2); // without beats: two a second
        return project_.grid->time_at(project_.grid->beats_at(pin_.time) + Beats(beats));
    }
    [[nodiscard]] Frames frame(Seconds at) const {
        const auto& settings = *project_.settings;
        return at == pin_.time ? pin_.frame
                               : round_to_frame(at - lead_, settings.frame_rate, settings.rounding).frame;
    }
    [[nodiscard]] Seconds end_of(const Length& length, Seconds from) const {
        const auto lasts = duration_of(length, from, project_);
        if (lasts)
            return from + *lasts;
        return length.unit == Length::Unit::InBeats ? from + Seconds(length.amount / 2) : piece_end(project_);
    }

private:
    const Project& project_;
    Seconds lead_;
    const ResolvedPin& pin_;
};

/// Whether there was room for all of it.
bool add_spans(std::vector<LightSpan>& spans, const Project& project, const Lane& lane,
               const ResolvedPin& pin, const Order& order) {
    const auto& body = body_of<LightBody>(lane.pins[pin.index].body);
    const auto& [lamps, turns] = order;
    const double count = turns.empty() ? 0 : std::ranges::max(turns) + 1;
    const Moments moments(project, lane, pin);
    const bool muted = lane.muted || lane.pins[pin.index].muted;
    const auto add = [&](std::size_t lamp, Seconds from, Seconds until) {
        const Frames start = moments.frame(from);
        spans.push_back({pin.id, pin.index, lamp, start, std::max(moments.frame(until), start + Frames(1)),
                         muted, false});
    };
    const Seconds whole = moments.end_of(body.length, pin.time);
    for (std::size_t i = 0; i < lamps.size(); ++i) {
        if (spans.size() >= most_light_spans)
            return false;
        switch (body.pattern) {
        case LightBody::Pattern::Together:
            add(lamps[i], pin.time, whole);
            break;
        case LightBody::Pattern::ByTurns: {
            const double each = std::max(body.each, 1.0 / 64);
            for (std::int64_t turn = std::llround(turns[i]); turn < most_turns; turn += 2) {
                const Seconds from = moments.after(each * static_cast<double>(turn));
                if (from >= whole - Seconds(1e-9))
                    break;
                add(lamps[i], from, std::min(whole, moments.after(each * static_cast<double>(turn + 1))));
            }
            break;
        }
        case LightBody::Pattern::Across:
        case LightBody::Pattern::FromMiddle:
        case LightBody::Pattern::AtRandom: {
            const Seconds from = moments.after(body.each * turns[i]);
            add(lamps[i], from, moments.end_of(body.length, from));
            break;
        }
        case LightBody::Pattern::OneByOne: {
            const Seconds length = whole - pin.time;
            add(lamps[i], pin.time + length * (turns[i] / count),
                pin.time + length * ((turns[i] + 1) / count));
            break;
        }
        }
    }
    return true;
}

/// Ends what lasts until the next, and tells conflicts: of each lamp by time.
void meet(std::vector<LightSpan>& spans, const Lane& lane, std::size_t fixtures) {
    std::vector<std::size_t> before(fixtures, spans.size());
    for (std::size_t i = 0; i < spans.size(); ++i) {
        auto& span = spans[i];
        if (span.muted)
            continue;
        auto& last = before[span.fixture];
        if (last < spans.size() && spans[last].pin != span.pin && spans[last].end > span.start) {
            const auto& body = body_of<LightBody>(lane.pins[spans[last].index].body);
            if (body.length.unit == Length::Unit::UntilNext && spans[last].start < span.start)
                spans[last].end = span.start;
            else
                spans[last].conflict = span.conflict = true;
        }
        if (last >= spans.size() || spans[last].end <= span.end)
            last = i;
    }
}

} // namespace

LightSpans lights_of(const Project& project, const Lane& lane, const ResolvedLane& resolved) {
    LightSpans spans;
    Order order; // of the light before: mostly the next one has it, too
    const LightBody* of = nullptr;
    for (const auto& pin : resolved.pins) {
        const auto* body = body_if<LightBody>(&lane.pins[pin.index].body);
        if (!body)
            continue;
        if (!of || !in_same_order(*of, *body))
            order = order_of(*body, *project.rig);
        of = body;
        if (!add_spans(spans.all, project, lane, pin, order)) {
            spans.unlit_from = pin.id;
            break;
        }
    }
    std::ranges::stable_sort(spans.all, [](const LightSpan& a, const LightSpan& b) {
        return a.start != b.start ? a.start < b.start : a.pin < b.pin;
    });
    meet(spans.all, lane, project.rig->fixtures.size());
    spans.latest_end.reserve(spans.all.size());
    for (const auto& one : spans.all)
        spans.latest_end.push_back(spans.latest_end.empty() ? one.end
                                                            : std::max(spans.latest_end.back(), one.end));
    if (const auto* part = part_of<Lighting>(lane))
        spans.latest_first = part->latest;
    return spans;
}

std::vector<TriggerAct::Point> course_of(const LightBody& body) {
    if (!body.course.empty())
        return body.course;
    std::vector<TriggerAct::Point> points;
    const double attack = std::clamp(body.attack, 0.0, 100.0),
                 fall = std::clamp(body.fall, 0.0, 100 - attack);
    if (attack > 0)
        points.push_back({0, 0});
    if (attack > 0 || fall > 0)
        points.push_back({attack, 100});
    if (fall > 0) {
        if (fall + attack < 100)
            points.push_back({100 - fall, 100});
        points.push_back({100, 0});
    }
    return points;
}

Lit lit_as(Colour colour, double share) {
    const auto part = [&](int shift) {
        return share * static_cast<double>((colour.rgb >> shift) & 0xff) / 255;
    };
    return {part(16), part(8), part(0)};
}

Lit lit_by(const LightBody& body, const LightSpan& span, double frame) {
    const double passed = std::clamp((frame - static_cast<double>(span.start.value)) /
                                         static_cast<double>((span.end - span.start).value),
                                     0.0, 1.0);
    const double share = std::clamp(body.strength / 100 * way_at(course_of(body), passed), 0.0, 1.0);
    const Lit from = lit_as(body.from, share * (1 - passed)), to = lit_as(body.to, share * passed);
    return {from.red + to.red, from.green + to.green, from.blue + to.blue};
}

Colour colour_of(const Lit& lit) {
    const auto part = [](double share) {
        return static_cast<std::uint32_t>(std::lround(std::clamp(share, 0.0, 1.0) * 255));
    };
    return {part(lit.red) << 16 | part(lit.green) << 8 | part(lit.blue)};
}

} // namespace pulsepin
