// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/mouth.h"

#include "base/whole.h"
#include "kinds/kinds.h"
#include "model/change_pins.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "schedule/texts.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

const std::vector<MouthShape>& usual_shapes() {
    // Which sounds look alike is common practice among animators; the parting into ten is our own.
    static const std::vector<MouthShape> shapes{
        {"rest", ""},
        {"lips", "m b p"},
        {"teeth", "f v"},
        {"tongue", "θ ð l n d t ɾ"},
        {"hiss", "s z ʃ ʒ tʃ dʒ j x ç"},
        {"back", "k ɡ g ŋ h ʔ"},
        {"small", "ə ɐ ɪ ᵻ ʌ ɜ ɚ ɝ r ɹ ɨ"},
        {"wide", "i e ɛ eɪ iə"},
        {"open", "a æ ɑ aɪ aʊ ɒ"},
        {"round", "o u ɔ ʊ w oʊ əʊ y ø œ ʏ"},
    };
    return shapes;
}

struct Held {
    std::string shape;
    double from;
    bool kept_first; ///< vowels and closed lips are what is seen most
};

/// Neighbours of one shape are one.
std::vector<Held> shapes_of(const std::vector<MouthShape>& mouth, const std::vector<MouthSound>& sounds) {
    std::vector<Held> held;
    for (const auto& sound : sounds) {
        const std::string shape = mouth_shape(mouth, sound.ipa);
        const bool lips = mouth.size() > 1 && shape == mouth[1].name;
        if (!held.empty() && held.back().shape == shape)
            held.back().kept_first = held.back().kept_first || sound.vowel;
        else
            held.push_back({shape, sound.from, sound.vowel || lips});
    }
    return held;
}

/// As many as have room, each for `least` frames, in their order.
void make_room(std::vector<Held>& held, std::int64_t frames, std::int64_t least) {
    const auto most = static_cast<std::size_t>(std::max<std::int64_t>(1, frames / least));
    for (const bool kept_first : {false, true})
        while (held.size() > most) {
            // The shortest of those that may go.
            std::size_t shortest = held.size();
            double length = 2;
            for (std::size_t i = 0; i < held.size(); ++i) {
                const double own = (i + 1 < held.size() ? held[i + 1].from : 1) - held[i].from;
                if (held[i].kept_first == kept_first && own < length) {
                    length = own;
                    shortest = i;
                }
            }
            if (shortest == held.size())
                break;
            held.erase(held.begin() + static_cast<std::ptrdiff_t>(shortest));
        }
    if (!held.empty())
        held.front().from = 0;
}

std::vector<std::int64_t> starts_of(const std::vector<Held>& held, std::int64_t frames, std::int64_t least) {
    std::vector<std::int64_t> starts;
    const auto count = static_cast<std::int64_t>(held.size());
    for (std::int64_t i = 0; i < count; ++i) {
        auto start = nearest_whole(held[static_cast<std::size_t>(i)].from * static_cast<double>(frames));
        if (i > 0)
            start = std::max(start, starts.back() + least);
        starts.push_back(std::max(i == 0 ? std::int64_t{0} : starts.back() + 1,
                                  std::min(start, frames - (count - i) * least)));
    }
    return starts;
}

} // namespace

std::span<const MouthShape> usual_mouth() {
    return usual_shapes();
}

std::vector<MouthShape> mouth_of(const Lane& exposures) {
    return part_of<Exposing>(exposures) && !part_of<Exposing>(exposures)->mouth.empty()
               ? part_of<Exposing>(exposures)->mouth
               : usual_shapes();
}

std::string mouth_shape(const std::vector<MouthShape>& mouth, const std::string& ipa) {
    std::string best;
    std::size_t longest = 0;
    for (const auto& shape : mouth) {
        std::size_t at = 0;
        while (at < shape.sounds.size()) {
            const auto end = std::min(shape.sounds.find(' ', at), shape.sounds.size());
            const std::string_view sound(shape.sounds.data() + at, end - at);
            if (!sound.empty() && sound.size() > longest && std::string_view(ipa).starts_with(sound)) {
                longest = sound.size();
                best = shape.name;
            }
            at = end + 1;
        }
    }
    return longest > 0 ? best : mouth.empty() ? std::string("rest") : mouth.front().name;
}

Result<MouthMade> with_mouth_shapes(const Schedule& schedule, LaneId words, const SoundsOf& sounds) {
    const Project& project = schedule.project();
    const Lane* spoken = project.lane(words);
    if (!spoken || !part_of<LaneText>(*spoken))
        return fail("That lane of words is no longer there.");
    const auto& spans = schedule.spans(words).texts;
    if (spans.empty())
        return fail("No word is set yet.", {}, "Set words first (stop Mark, Words).");
    MouthMade made{project, {}};
    for (const auto& lane : project.lanes)
        if (part_of<Exposing>(*lane) && part_of<Exposing>(*lane)->spoken == words)
            made.lane = lane->id;
    if (made.lane.value == 0) {
        made.project = with_lane(made.project, kind_of(body_type<ExposureBody>), "Mouth");
        made.lane = made.project.lanes.back()->id;
        auto tied = with_changed_lane(made.project, made.lane, [&](Lane& changed) {
            part_of<Exposing>(changed)->spoken = words;
            part_of<Exposing>(changed)->mouth = usual_shapes();
        });
        if (!tied)
            return tl::unexpected(tied.error());
        made.project = *std::move(tied);
    }
    const Lane& lane = *made.project.lane(made.lane);
    if (lane.locked)
        return fail("\"" + lane.name + "\" is locked.", {}, "Unlock the lane first.");
    const auto mouth = mouth_of(lane);
    const std::int64_t least = std::max<std::int64_t>(1, part_of<Exposing>(lane)->least.value);
    PinSet said;
    std::vector<Pin> pins;
    for (std::size_t i = 0; i < spans.size(); ++i) {
        const auto& span = spans[i];
        said.insert(span.pin);
        auto held = shapes_of(mouth, sounds(body_of<WordBody>(spoken->pins[span.index].body).text));
        if (held.empty())
            continue;
        const std::int64_t frames = (span.until - span.first).value;
        make_room(held, frames, least);
        const auto starts = starts_of(held, frames, least);
        for (std::size_t n = 0; n < held.size(); ++n)
            pins.push_back({{}, MarkerAnchor{span.pin, Frames(starts[n])}, ExposureBody{held[n].shape}, {}});
        ++made.words;
        // Between words that leave time for it the mouth rests.
        const bool rests = i + 1 == spans.size() || (spans[i + 1].first - span.until).value >= least;
        if (rests)
            pins.push_back(
                {{}, MarkerAnchor{span.pin, Frames(frames)}, ExposureBody{mouth.front().name}, {}});
    }
    if (pins.empty())
        return fail("None of the words is spoken.");
    std::vector<PinId> before;
    for (const auto& pin : lane.pins)
        if (const auto* tied = std::get_if<MarkerAnchor>(&pin.anchor); tied && said.contains(tied->marker))
            before.push_back(pin.id);
    made.project = without_pins(made.project, before);
    made.shapes = pins.size();
    auto with = with_pins(made.project, made.lane, std::move(pins));
    if (!with)
        return tl::unexpected(with.error());
    made.project = *std::move(with);
    return made;
}

} // namespace pulsepin
