// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/exposures.h"

#include "schedule/piece_length.h"
#include "schedule/shots.h"

#include <algorithm>
#include <charconv>
#include <cstdlib>

namespace pulsepin {
namespace {

/// A run of numbers in the order in which they are drawn.
struct Run {
    int from, last;
    ExposureBody::Way way;
    [[nodiscard]] int turn() const {
        const int count = std::abs(last - from) + 1;
        return way == ExposureBody::Way::ToAndFro && count > 1 ? 2 * count - 2 : count; // no end twice
    }
    [[nodiscard]] int at(std::int64_t n) const {
        const int count = std::abs(last - from) + 1;
        int k = static_cast<int>(n % turn());
        if (k >= count)
            k = turn() - k;
        if (way == ExposureBody::Way::Backwards)
            k = count - 1 - k;
        return from + (last < from ? -k : k);
    }
};

} // namespace

std::optional<int> drawing_number(const std::string& drawing) {
    int number = 0;
    const char* end = drawing.data() + drawing.size();
    const auto read = std::from_chars(drawing.data(), end, number);
    return read.ec == std::errc() && read.ptr == end && number >= 0 ? std::optional(number) : std::nullopt;
}

int number_in_run(const ExposureBody& run, int from, std::int64_t place) {
    if (run.last == 0)
        return from + static_cast<int>(place);
    return Run{from, run.last, run.way}.at(place);
}

std::vector<Exposure> exposures_of(const Project& project, const Lane& lane, const ResolvedLane& resolved) {
    const Frames least = std::max(part_of<Exposing>(lane)->least, Frames(1));
    struct Begun {
        const ResolvedPin* pin;
        Frames from;
        bool later;
    };
    std::vector<Begun> begun;
    for (const auto& pin : resolved.pins) {
        if (lane.muted || lane.pins[pin.index].muted)
            continue;
        Frames from = pin.frame;
        if (!begun.empty())
            from = std::max(from, begun.back().from + least);
        begun.push_back({&pin, from, from != pin.frame});
    }
    std::vector<Exposure> exposures;
    for (std::size_t i = 0; i < begun.size(); ++i) {
        const ResolvedPin* pin = begun[i].pin;
        const Frames from = begun[i].from;
        const Frames until =
            i + 1 < begun.size() ? begun[i + 1].from : std::max(piece_length(project), from + least);
        const auto& body = body_of<ExposureBody>(lane.pins[pin->index].body);
        const auto number = drawing_number(body.drawing);
        const auto add = [&](Frames first, Frames end, const std::string& drawing, bool mended) {
            exposures.push_back({pin->id, pin->index, first, end - first, drawing, first == from, mended});
        };
        if (body.last == 0 || !number || body.last == *number) {
            add(from, until, body.drawing, begun[i].later);
            continue;
        }
        const Run run{*number, body.last, body.way};
        const Frames each = std::max(body.each, least);
        Frames at = from;
        for (std::int64_t n = 0; at < until; ++n) {
            const bool last = !body.again && n + 1 == run.turn();
            Frames end = last ? until : std::min(at + each, until);
            const bool short_rest = end < until && until - end < least;
            if (short_rest)
                end = until;
            add(at, end, std::to_string(run.at(n)),
                (n == 0 && begun[i].later) || short_rest || body.each < least);
            at = end;
        }
    }
    return exposures;
}

const Exposure* exposure_at(const std::vector<Exposure>& exposures, Frames frame) {
    auto after = std::upper_bound(exposures.begin(), exposures.end(), frame,
                                  [](Frames at, const Exposure& one) { return at < one.first; });
    return after == exposures.begin() ? nullptr : &*std::prev(after);
}

} // namespace pulsepin
