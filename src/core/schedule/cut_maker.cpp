// SPDX-License-Identifier: GPL-3.0-or-later
#include "schedule/cut_maker.h"

#include "base/chance.h"
#include "model/shot_edits.h"
#include "schedule/resolve.h"

#include <algorithm>
#include <map>

namespace pulsepin {
namespace {

Frames frame_of(const Project& project, const Lane& lane, Seconds at) {
    const auto& settings = *project.settings;
    return round_to_frame(at - time_of(lane.lead, settings.frame_rate), settings.frame_rate,
                          settings.rounding)
        .frame;
}

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
    /// The shot after `before` at that time; `number` counts the new cuts.
    [[nodiscard]] ClipId next(ClipId before, Seconds at, std::size_t number) {
        if (pool_.empty()) // a slate, until there are shots
            return {};
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
        : project_(project), lane_(lane), places_(places), form_(form), choice_(form.shots()),
          picker_(project, choice_) {
        for (const auto& pin : resolve(project, lane).pins)
            cuts_.push_back({pin.frame, false, pin.index});
        for (std::size_t i = 0; i < places.size(); ++i)
            cuts_.push_back({frame_of(project, lane, places[i].time), true, i});
        std::stable_sort(cuts_.begin(), cuts_.end(),
                         [](const Cut& a, const Cut& b) { return a.frame < b.frame; });
    }

    Result<PlacedBodies> make() {
        drop_too_close();
        PlacedBodies bodies(places_.size());
        std::size_t number = 0;
        for (std::size_t i = 0; i < cuts_.size(); ++i) {
            CutBody cut;
            if (cuts_[i].is_new) {
                cut = new_cut(cuts_[i], number++);
                bodies[cuts_[i].index] = cut;
            } else {
                cut = body_of<CutBody>(lane_.pins[cuts_[i].index].body);
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
        const Frames shortest = choice_.shortest;
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
        if (const auto* form = body_if<CutBody>(&form_.body))
            cut = *form;
        cut.shot = picker_.next(before_, places_[where.index].time, number);
        const Clip* clip = project_.clip(cut.shot);
        cut.in_point = choice_.in_point;
        cut.same_moment = false;
        if (choice_.start == ShotChoice::Start::SameMoment && clip && clip->begins_at) {
            cut.same_moment = true;
        } else if (choice_.start == ShotChoice::Start::Continuing) {
            const auto left = left_at_.find(cut.shot);
            cut.in_point = left == left_at_.end() ? Seconds(0) : left->second;
            if (clip && clip->duration > Seconds(0) && cut.in_point >= clip->duration)
                cut.in_point = Seconds(0); // seen to its end: from the beginning again
        } else if (choice_.start == ShotChoice::Start::AtMarker) {
            for (const auto& mark : marks_on(project_, cut.shot))
                if (mark.name == choice_.marker && mark.at >= Seconds(0)) {
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
    const ShotChoice choice_;
    ShotPicker picker_;
    std::vector<Cut> cuts_;
    ClipId before_;
    std::map<ClipId, Seconds> left_at_; ///< the place in each clip up to which it was seen
};

} // namespace

Result<PlacedBodies> make_cuts(const Project& project, const Lane& lane, std::span<const Picked> places,
                               const PlantingForm& form) {
    return CutMaker(project, lane, places, form).make();
}

} // namespace pulsepin
