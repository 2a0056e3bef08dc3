// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/forms.h"

#include "schedule/key_curve.h"

#include "model/lane_kinds.h"
#include "model/shot_edits.h"
#include "schedule/resolve.h"
#include "schedule/triggers.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace pulsepin {
namespace {

using Bodies = std::vector<std::optional<PinBody>>;

Frames frame_of(const Project& project, const Lane& lane, Ticks at) {
    const auto& settings = *project.settings;
    return round_to_frame(project.grid->time_at(at) - time_of(lane.lead, settings.frame_rate),
                          settings.frame_rate, settings.rounding)
        .frame;
}

// -- cuts

/// Chooses one shot after the other by a rule.
class ShotPicker {
public:
    ShotPicker(const Project& project, const ShotChoice& choice) : project_(project), choice_(choice) {
        if (choice.shots.empty())
            for (const Clip* shot : project.shots())
                pool_.push_back({shot->id, 1});
        for (const auto& share : choice.shots)
            if (const Clip* clip = project.clip(share.shot); clip && clip->has_picture)
                pool_.push_back(share);
        if (project.detection)
            for (const auto& section : project.detection->sections)
                if (std::find(section_names_.begin(), section_names_.end(), section.name) ==
                    section_names_.end())
                    section_names_.push_back(section.name);
    }
    [[nodiscard]] bool empty() const { return pool_.empty(); }

    /// The shot after `before` at that time; `number` counts the new cuts.
    [[nodiscard]] ClipId next(ClipId before, Seconds at, std::size_t number) {
        switch (choice_.order) {
        case ShotChoice::Order::OneShot:
            return pool_.front().shot;
        case ShotChoice::Order::AtRandom:
            return from_bag(before);
        case ShotChoice::Order::Weighted:
            return weighted(before, number);
        case ShotChoice::Order::BySection:
            return of_section(before, at);
        case ShotChoice::Order::InTurn:
            break;
        }
        return in_turn(before, pool_);
    }

private:
    using Pool = std::vector<ShotChoice::Share>;
    [[nodiscard]] static ClipId in_turn(ClipId before, const Pool& pool) {
        const auto found = std::find_if(pool.begin(), pool.end(),
                                        [before](const auto& share) { return share.shot == before; });
        const auto next = found == pool.end() ? 0 : static_cast<std::size_t>(found - pool.begin() + 1);
        return pool[next % pool.size()].shot;
    }
    [[nodiscard]] double chance() { return chance_of(drawn_++, choice_.seed + std::uint64_t{1}); }

    [[nodiscard]] ClipId from_bag(ClipId before) {
        if (bag_.empty()) {
            for (const auto& share : pool_)
                bag_.push_back(share.shot);
            for (std::size_t i = bag_.size(); i > 1; --i) // Fisher and Yates
                std::swap(bag_[i - 1], bag_[static_cast<std::size_t>(chance() * static_cast<double>(i))]);
        }
        if (bag_.back() == before && bag_.size() > 1)
            std::swap(bag_.back(), bag_.front());
        else if (bag_.back() == before && pool_.size() > 1) { // the last of a bag: the next bag begins early
            bag_.clear();
            return from_bag(before);
        }
        const ClipId shot = bag_.back();
        bag_.pop_back();
        return shot;
    }
    [[nodiscard]] ClipId weighted(ClipId before, std::size_t number) {
        const auto weight = [&](const ShotChoice::Share& share) {
            return share.shot == before && pool_.size() > 1 ? 0 : std::max(share.weight, 0.0);
        };
        double sum = 0;
        for (const auto& share : pool_)
            sum += weight(share);
        if (sum <= 0)
            return in_turn(before, pool_);
        double left = chance_of(number, choice_.seed + std::uint64_t{1}) * sum;
        for (const auto& share : pool_) {
            left -= weight(share);
            if (left < 0)
                return share.shot;
        }
        return pool_.back().shot;
    }
    /// The shots are dealt out to the kinds of section; within one they come in turn.
    [[nodiscard]] ClipId of_section(ClipId before, Seconds at) const {
        if (section_names_.empty())
            return in_turn(before, pool_);
        std::string name = section_names_.front();
        for (const auto& section : project_.detection->sections)
            if (section.start <= at + Seconds(0.05)) // a cut on its first beat belongs to it
                name = section.name;
        const auto kind = static_cast<std::size_t>(
            std::find(section_names_.begin(), section_names_.end(), name) - section_names_.begin());
        Pool own;
        for (std::size_t i = kind; i < pool_.size(); i += section_names_.size())
            own.push_back(pool_[i]);
        if (own.empty())
            own.push_back(pool_[kind % pool_.size()]);
        return in_turn(before, own);
    }

    const Project& project_;
    const ShotChoice& choice_;
    Pool pool_;
    std::vector<std::string> section_names_;
    std::vector<ClipId> bag_;
    std::uint64_t drawn_ = 0;
};

/// New and present cuts in one sequence, so that each new one knows what is seen before it.
struct Cut {
    Frames frame;
    bool is_new = false;
    std::size_t index = 0; ///< of the place, or of the pin
};

class CutMaker {
public:
    CutMaker(const Project& project, const Lane& lane, std::span<const Picked> places,
             const PlantingForm& form)
        : project_(project), lane_(lane), places_(places), form_(form), picker_(project, form.shots) {
        for (const auto& pin : resolve(project, lane).pins)
            cuts_.push_back({pin.frame, false, pin.index});
        for (std::size_t i = 0; i < places.size(); ++i)
            cuts_.push_back({frame_of(project, lane, places[i].at), true, i});
        std::stable_sort(cuts_.begin(), cuts_.end(),
                         [](const Cut& a, const Cut& b) { return a.frame < b.frame; });
    }

    Result<Bodies> make() {
        if (picker_.empty())
            return fail("There are no shots to cut to.", {}, "Add video files or pictures to the bin first.");
        drop_too_close();
        Bodies bodies(places_.size());
        std::size_t number = 0;
        for (std::size_t i = 0; i < cuts_.size(); ++i) {
            CutBody cut;
            if (cuts_[i].is_new) {
                cut = new_cut(cuts_[i], number++);
                bodies[cuts_[i].index] = cut;
            } else {
                cut = std::get<CutBody>(lane_.pins[cuts_[i].index].body);
            }
            before_ = cut.shot;
            if (i + 1 < cuts_.size())
                left_at_[cut.shot] = cut.in_point + project_.settings->frame_rate.start_of(
                                                        cuts_[i + 1].frame - cuts_[i].frame);
        }
        return bodies;
    }

private:
    void drop_too_close() {
        const Frames shortest = form_.shots.shortest;
        if (shortest <= Frames(0))
            return;
        std::vector<Cut> kept;
        for (std::size_t i = 0; i < cuts_.size(); ++i) {
            const auto next_present = std::find_if(cuts_.begin() + static_cast<std::ptrdiff_t>(i) + 1,
                                                   cuts_.end(), [](const Cut& cut) { return !cut.is_new; });
            const bool close =
                cuts_[i].is_new &&
                ((!kept.empty() && cuts_[i].frame - kept.back().frame < shortest) ||
                 (next_present != cuts_.end() && next_present->frame - cuts_[i].frame < shortest));
            if (!close)
                kept.push_back(cuts_[i]);
        }
        cuts_ = std::move(kept);
    }

    CutBody new_cut(const Cut& where, std::size_t number) {
        CutBody cut;
        if (const auto* form = std::get_if<CutBody>(&form_.body))
            cut = *form;
        cut.shot = picker_.next(before_, project_.grid->time_at(places_[where.index].at), number);
        const auto& choice = form_.shots;
        const Clip* clip = project_.clip(cut.shot);
        cut.in_point = choice.in_point;
        cut.same_moment = false;
        if (choice.start == ShotChoice::Start::SameMoment && clip && clip->begins_at) {
            cut.same_moment = true;
        } else if (choice.start == ShotChoice::Start::Continuing) {
            const auto left = left_at_.find(cut.shot);
            cut.in_point = left == left_at_.end() ? Seconds(0) : left->second;
            if (clip && clip->duration > Seconds(0) && cut.in_point >= clip->duration)
                cut.in_point = Seconds(0); // seen to its end: from the beginning again
        } else if (choice.start == ShotChoice::Start::AtMarker) {
            for (const auto& mark : marks_on(project_, cut.shot))
                if (mark.name == choice.marker && mark.at >= Seconds(0)) {
                    cut.in_point = mark.at;
                    break;
                }
        }
        if (clip && !clip->still && clip->duration > Seconds(0) && cut.in_point >= clip->duration)
            cut.in_point = Seconds(0);
        return cut;
    }

    const Project& project_;
    const Lane& lane_;
    std::span<const Picked> places_;
    const PlantingForm& form_;
    ShotPicker picker_;
    std::vector<Cut> cuts_;
    ClipId before_;
    std::map<ClipId, Seconds> left_at_; ///< the place in each clip up to which it was seen
};

// -- triggers

Colour colour_for(const Variation& variation, Colour same, Ticks at, std::size_t number, double way) {
    const auto& palette = variation.palette;
    if (palette.empty())
        return same;
    const double count = static_cast<double>(palette.size());
    switch (variation.colours) {
    case Variation::Colours::InTurn:
        return palette[number % palette.size()];
    case Variation::Colours::Random:
        return palette[static_cast<std::size_t>(
            chance_of(static_cast<std::uint64_t>(at.value), variation.seed + std::uint64_t{7}) * count)];
    case Variation::Colours::Ramp: {
        const double place = way * (count - 1);
        const auto left = std::min(static_cast<std::size_t>(place), palette.size() - 1);
        return mixed(palette[left], palette[std::min(left + 1, palette.size() - 1)],
                     place - static_cast<double>(left));
    }
    case Variation::Colours::Same:
        break;
    }
    return same;
}

double strength_for(const Variation& v, double same, const Picked& place, std::size_t number, double way) {
    const auto between = [&](double share) { return v.low + (v.high - v.low) * share; };
    switch (v.strength) {
    case Variation::Strength::Alternates:
        return number % 2 == 0 ? v.high : v.low;
    case Variation::Strength::Ramps:
        return between(way);
    case Variation::Strength::Onsets:
        return between(std::clamp(static_cast<double>(place.strength), 0.0, 1.0));
    case Variation::Strength::Random:
        return between(chance_of(static_cast<std::uint64_t>(place.at.value), v.seed + std::uint64_t{1}));
    case Variation::Strength::Same:
        break;
    }
    return same;
}

/// How far along the group a place lies in time, 0 to 1.
double way_of(const Project& project, std::span<const Picked> places, std::size_t i) {
    const auto time = [&](const Picked& place) { return project.grid->time_at(place.at).value; };
    const double length = time(places.back()) - time(places.front());
    return length > 0 ? (time(places[i]) - time(places.front())) / length : 0.0;
}

Bodies triggers_for(const Project& project, std::span<const Picked> places, const PlantingForm& form) {
    TriggerBody base;
    if (const auto* given = std::get_if<TriggerBody>(&form.body))
        base = *given;
    Bodies bodies;
    for (std::size_t i = 0; i < places.size(); ++i) {
        const double way = way_of(project, places, i);
        TriggerBody body = base;
        body.strength = strength_for(form.variation, base.strength, places[i], i, way);
        body.from = colour_for(form.variation, base.from, places[i].at, i, way);
        if (base.to == base.from) // one colour throughout stays one
            body.to = body.from;
        bodies.push_back(body);
    }
    return bodies;
}

/// Pulses differ in strength as triggers do.
Bodies pulses_for(const Project& project, std::span<const Picked> places, const PlantingForm& form) {
    PulseBody base;
    if (const auto* given = std::get_if<PulseBody>(&form.body))
        base = *given;
    Bodies bodies;
    for (std::size_t i = 0; i < places.size(); ++i) {
        PulseBody body = base;
        body.strength = strength_for(form.variation, base.strength, places[i], i, way_of(project, places, i));
        bodies.push_back(body);
    }
    return bodies;
}

/// Keys differ in how far they lie from the low end.
Bodies keys_for(const Project& project, const Lane& lane, std::span<const Picked> places,
                const PlantingForm& form) {
    KeyBody base{lane.motion.own.high, {}};
    if (const auto* given = std::get_if<KeyBody>(&form.body))
        base = *given;
    const double low = lane.kind == LaneKind::Follow ? 0 : lane.motion.own.low;
    Bodies bodies;
    for (std::size_t i = 0; i < places.size(); ++i) {
        KeyBody body = base;
        body.value = low + (base.value - low) *
                               strength_for(form.variation, 100, places[i], i, way_of(project, places, i)) /
                               100;
        bodies.push_back(body);
    }
    return bodies;
}

/// "#" in the name of markers becomes their number.
Bodies markers_for(std::span<const Picked> places, const PlantingForm& form) {
    MarkerBody base;
    if (const auto* given = std::get_if<MarkerBody>(&form.body))
        base = *given;
    Bodies bodies;
    for (std::size_t i = 0; i < places.size(); ++i) {
        MarkerBody body = base;
        if (const auto sign = body.name.find('#'); sign != std::string::npos)
            body.name.replace(sign, 1, std::to_string(i + 1));
        bodies.push_back(body);
    }
    return bodies;
}

} // namespace

Result<Bodies> bodies_for(const Project& project, const Lane& lane, std::span<const Picked> places,
                          const PlantingForm& form) {
    if (places.empty() && lane.kind != LaneKind::Cut)
        return Bodies{};
    switch (lane.kind) {
    case LaneKind::Cut:
        return CutMaker(project, lane, places, form).make();
    case LaneKind::Trigger:
        return triggers_for(project, places, form);
    case LaneKind::Marker:
        return markers_for(places, form);
    case LaneKind::Motion:
        return pulses_for(project, places, form);
    case LaneKind::Keys:
    case LaneKind::Follow:
        return keys_for(project, lane, places, form);
    case LaneKind::Sound:
        break;
    }
    return fail("Sounds are not placed on beats.", {}, "Add a sound, then drag it along the beats.");
}

Result<PinBody> body_at(const Project& project, const Lane& lane, Ticks at, PlantingId id) {
    PlantingForm form{lane_kind(lane.kind).empty_body(), {}, {}};
    if (const Planting* planting = project.planting(id)) {
        form = planting->form;
    } else if (lane.kind != LaneKind::Cut) {
        const Seconds time = project.grid->time_at(at);
        const auto there = resolve(project, lane).pins;
        if (!there.empty()) // before the first one: as that is
            form.body = lane.pins[there.front().index].body;
        for (const auto& pin : there)
            if (pin.time <= time)
                form.body = lane.pins[pin.index].body;
        if (auto* marker = std::get_if<MarkerBody>(&form.body)) {
            marker->note.clear(); // it was said of the other one
            marker->name = "marker " + std::to_string(lane.pins.size() + 1);
        }
        if (auto* key = std::get_if<KeyBody>(&form.body)) { // on the thread, so that it changes nothing yet
            const KeyCurve curve(lane, resolve(project, lane));
            const Seconds acts = time - time_of(lane.lead, project.settings->frame_rate);
            key->value =
                !curve.empty()
                    ? curve.value_at(static_cast<double>(project.settings->frame_rate.frame_at(acts).value))
                : lane.kind == LaneKind::Follow ? 0
                                                : lane.motion.own.low;
        }
    }
    form.shots.shortest = Frames(0); // whoever puts it there wants it there
    const Picked place[] = {{at, 1}};
    auto bodies = bodies_for(project, lane, place, form);
    if (!bodies)
        return tl::unexpected(bodies.error());
    return *std::move(bodies->front());
}

void take_strength_of_onsets(const Project& project, std::vector<Picked>& places) {
    if (!project.detection)
        return;
    constexpr Seconds reach(0.05);
    const auto& onsets = project.detection->onsets();
    for (auto& place : places) {
        const Seconds at = project.grid->time_at(place.at);
        place.strength = 0;
        for (auto onset = std::lower_bound(onsets.begin(), onsets.end(), at - reach,
                                           [](const FoundOnset&o, Seconds t) { return o.time < t; });
             onset != onsets.end() && onset->time <= at + reach; ++onset)
            place.strength = std::max(place.strength, onset->strength);
    }
}

} // namespace pulsepin
