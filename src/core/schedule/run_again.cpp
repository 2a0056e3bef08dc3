// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/edits.h"
#include "model/lane_kind.h"
#include "model/planting_edits.h"
#include "schedule/forms.h"
#include "schedule/place.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <map>
#include <set>

namespace pulsepin {
namespace {

constexpr Ticks follows_within(ticks_per_beat / 4); // an onset found a little elsewhere is still the same

/// Which of the new places takes the place of each old one: itself where it is still picked, else the nearest
/// that no other took.
std::map<Ticks, Ticks> successors(const std::vector<Ticks>& old_places, const std::vector<Ticks>& places) {
    std::map<Ticks, Ticks> successor;
    const std::set<Ticks> picked(places.begin(), places.end());
    std::set<Ticks> free = picked;
    for (const Ticks home : old_places)
        if (picked.contains(home)) {
            successor[home] = home;
            free.erase(home);
        }
    for (const Ticks home : old_places) {
        if (successor.contains(home))
            continue;
        auto nearest = free.lower_bound(home);
        if (nearest == free.end() ||
            (nearest != free.begin() && home - *std::prev(nearest) < *nearest - home))
            nearest = nearest == free.begin() ? nearest : std::prev(nearest);
        if (nearest == free.end() || std::abs((*nearest - home).value) > follows_within.value)
            continue;
        successor[home] = *nearest;
        free.erase(nearest);
    }
    return successor;
}

class Run {
public:
    Run(const Project& project, const Planting& planting, const Lane& lane, const Picker& picker,
        const PlantingForm& form)
        : project_(project), planting_(planting), lane_(lane), new_form_(form != planting.form) {
        planting_.picker = picker;
        planting_.form = form;
        planting_.description = describe(picker, project);
    }

    Result<Replanted> over(const std::vector<Picked>& picked) {
        find_successors(picked);
        for (const Pin& pin : lane_.pins)
            sort(pin);
        auto failed = form_bodies(picked);
        if (!failed)
            return tl::unexpected(failed.error());
        put_together();
        outline();
        return std::move(result_);
    }

private:
    [[nodiscard]] FrameRate rate() const { return project_.settings->frame_rate; }

    void find_successors(const std::vector<Picked>& picked) {
        std::vector<Ticks> places, old_places = planting_.left_out;
        for (const auto& pin : lane_.pins)
            if (pin.planting == planting_.id && pin.home)
                old_places.push_back(*pin.home);
        std::sort(old_places.begin(), old_places.end());
        for (const auto& place : picked)
            places.push_back(place.at);
        successor_ = successors(old_places, places);
        for (auto& out : planting_.left_out)
            if (const auto now = successor_.find(out); now != successor_.end()) {
                out = now->second;
                occupied_.insert(out);
            }
        std::sort(planting_.left_out.begin(), planting_.left_out.end());
    }

    /// Into what is not touched (of others, corrected, locked) and what is the planting's own to place.
    void sort(Pin pin) {
        if (pin.planting != planting_.id) {
            if (const auto at = tick_of_anchor(*planting_.picker, pin.anchor);
                at && lies_over(pin.body, planting_.form.body))
                taken_.insert(*at);
            untouched_.push_back(std::move(pin));
            return;
        }
        const auto now = pin.home ? successor_.find(*pin.home) : successor_.end();
        const bool stays = is_exception(pin) || pin.locked;
        if (now == successor_.end() && !stays) {
            ++result_.removed;
            return;
        }
        if (now == successor_.end()) {
            pin.home.reset(); // what it was placed for is no more
        } else {
            pin.home = now->second;
            occupied_.insert(*pin.home);
        }
        if (stays) {
            ++result_.kept;
            untouched_.push_back(std::move(pin));
            return;
        }
        if (const Anchor place = planting_.place_of(*pin.home, rate()); pin.anchor != place) {
            ++result_.moved;
            pin.anchor = place;
        }
        own_homes_.insert(*pin.home);
        own_.push_back(std::move(pin));
    }

    /// With another form for all that is not corrected, else for what is new. Triggers differ by their place
    /// in the whole group, cuts by what is seen before them.
    Result<void> form_bodies(const std::vector<Picked>& picked) {
        const bool all = new_form_ || !holds<CutBody>(lane_.kind);
        std::vector<Picked> places;
        for (const auto& place : picked) {
            const bool is_new = !occupied_.contains(place.at);
            if (is_new && taken_.contains(place.at + planting_.shift)) {
                ++result_.preview.already_there;
            } else if (is_new || (all && own_homes_.contains(place.at))) {
                index_of_[place.at] = places.size();
                const Ticks at = place.at + planting_.shift;
                places.push_back({at, place.strength, time_of_tick(*planting_.picker, project_, at)});
            }
        }
        Lane among = lane_;
        among.pins = untouched_;
        if (!all)
            among.pins.insert(among.pins.end(), own_.begin(), own_.end());
        auto bodies = bodies_for(project_, among, places, planting_.form);
        if (!bodies)
            return tl::unexpected(bodies.error());
        bodies_ = *std::move(bodies);
        return {};
    }

    void put_together() {
        next_lane_ = lane_;
        next_lane_.pins = std::move(untouched_);
        for (auto& pin : own_) {
            if (const auto found = index_of_.find(*pin.home); new_form_ && found != index_of_.end()) {
                const auto& body = bodies_[found->second];
                if (!body) { // a shot would become too short
                    ++result_.removed;
                    continue;
                }
                result_.moved += *body != pin.body;
                pin.body = *body;
            }
            next_lane_.pins.push_back(std::move(pin));
        }
        Project next = project_;
        for (const auto& [home, index] : index_of_) {
            if (own_homes_.contains(home))
                continue;
            if (!bodies_[index]) {
                ++result_.preview.too_close;
                continue;
            }
            next_lane_.pins.push_back({PinId{next.next_id++}, planting_.place_of(home, rate()),
                                       *bodies_[index], planting_.id, home});
            ++result_.added;
        }
        for (auto& shared : next.lanes)
            if (shared->id == lane_.id)
                shared = std::make_shared<const Lane>(next_lane_);
        auto plantings = *project_.plantings;
        for (auto& planting : plantings)
            if (planting.id == planting_.id)
                planting = planting_;
        next.plantings = std::make_shared<const std::vector<Planting>>(std::move(plantings));
        result_.project = std::move(next);
    }

    /// What is new or lies elsewhere now.
    void outline() {
        std::map<PinId, const Pin*> before;
        for (const auto& pin : lane_.pins)
            before[pin.id] = &pin;
        auto& preview = result_.preview;
        for (const auto& resolved : resolve(result_.project, next_lane_).pins) {
            const Pin& pin = next_lane_.pins[resolved.index];
            const auto was = before.find(pin.id);
            if (pin.planting != planting_.id || (was != before.end() && was->second->anchor == pin.anchor))
                continue;
            preview.outlines.push_back({tick_at(*planting_.picker, project_, resolved.time), resolved.time,
                                        resolved.frame, resolved.rounding_error, pin.body});
            preview.worst_rounding_error =
                std::max(preview.worst_rounding_error, Seconds(std::abs(resolved.rounding_error.value)));
        }
    }

    const Project& project_;
    Planting planting_;
    const Lane& lane_;
    bool new_form_;
    Replanted result_;
    std::map<Ticks, Ticks> successor_; ///< by old place
    std::set<Ticks> occupied_;         ///< picked places that have a pin, or are left out
    std::set<Ticks> taken_;            ///< by what does not belong to the planting
    std::vector<Pin> untouched_, own_;
    std::set<Ticks> own_homes_;
    std::map<Ticks, std::size_t> index_of_; ///< of a picked place into bodies_
    std::vector<std::optional<PinBody>> bodies_;
    Lane next_lane_;
};

} // namespace

Result<Replanted> run_again(const Project& project, PlantingId id) {
    const Planting* planting = project.planting(id);
    if (!planting)
        return fail("That planting is no longer there.");
    if (!planting->picker)
        return fail("This planting does not know its picker.", {}, "Place it anew.");
    return run_again(project, id, *planting->picker, planting->form);
}

Result<Replanted> run_again(const Project& project, PlantingId id, const Picker& picker,
                            const PlantingForm& form) {
    const Planting* planting = project.planting(id);
    const Lane* lane = planting ? project.lane(planting->lane) : nullptr;
    if (!lane)
        return fail("That planting is no longer there.");
    if (lane->locked)
        return fail("\"" + lane->name + "\" is locked.", {}, "Unlock the lane first.");
    if (!lane->kind->empty_body().same_kind_as(form.body))
        return fail("A planting keeps its kind.");
    auto picked = pick(picker, project);
    if (!picked)
        return tl::unexpected(picked.error());
    if (form.variation().strength == Variation::Strength::Onsets && picker.source != "onsets")
        take_strength_of_onsets(project, *picked);
    return Run(project, *planting, *lane, picker, form).over(*picked);
}

} // namespace pulsepin
