// SPDX-License-Identifier: GPL-3.0-or-later
#include "follow/follow.h"

#include "base/guarded.h"
#include "follow/corrections.h"
#include "follow/sources.h"
#include "follow/steps.h"
#include "schedule/piece_length.h"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <functional>
#include <mutex>
#include <thread>

namespace pulsepin {
namespace {

/// At least so many values a second, so that a hit is not seen late by a part of a frame.
constexpr double least_per_second = 200;

class Follow {
public:
    Follow(const Project& project, const ProjectSounds& sounds, Listening& listening,
           const Progress& progress)
        : project_(project), schedule_(project), sounds_(sounds), listening_(listening), progress_(progress),
          lookup_(project), rate_(project.settings->frame_rate),
          per_frame_(std::max(1, static_cast<int>(std::ceil(least_per_second / rate_.per_second())))),
          count_(static_cast<std::size_t>(
              std::max<std::int64_t>(piece_length(project).value, 1) * per_frame_ + 1)) {}

    Result<FollowerCurves> all() {
        measure_levels();
        for (const auto& lane : project_.lanes)
            if (lane->kind->follows && !curve_of(*lane))
                return failed_ ? Result<FollowerCurves>(tl::unexpected(*failed_)) : fail_cancelled();
        return std::move(done_);
    }

private:
    /// All levels that are needed, a few at a time: they take longest.
    void measure_levels() {
        struct Needed {
            SoundRecipe recipe;
            LevelSpec spec;
        };
        std::vector<Needed> needed;
        for (const auto& lane : project_.lanes) {
            if (!lane->kind->follows)
                continue;
            const auto& follower = part_of<Motion>(*lane)->follower;
            const auto* row = follower_source(follower.source);
            if (!row || row->takes != FollowerTakes::Level)
                continue;
            const ParamValues values = completed(follower.values, row->parameters);
            auto recipe = recipe_for({listened_of(values).sound}, schedule_, sounds_);
            const LevelSpec spec = level_spec(values);
            if (recipe && std::none_of(needed.begin(), needed.end(), [&](const Needed& other) {
                    return other.recipe == *recipe && other.spec == spec;
                }))
                needed.push_back({*std::move(recipe), spec});
        }
        if (needed.size() < 2)
            return; // it is measured when it is asked for
        std::atomic<std::size_t> next = 0, done = 0;
        const auto work = [&] {
            Progress quiet;
            quiet.stop = progress_.stop;
            for (std::size_t i = next++; i < needed.size() && !progress_.cancelled(); i = next++) {
                (void)listening_.level(needed[i].recipe, needed[i].spec, quiet); // told when it is asked for
                progress_.report(static_cast<double>(++done) / static_cast<double>(needed.size()));
            }
        };
        FirstFault fault;
        {
            std::vector<std::jthread> threads;
            const std::size_t at_once =
                std::min<std::size_t>(needed.size(), std::clamp(std::thread::hardware_concurrency(), 1u, 8u));
            for (std::size_t i = 1; i < at_once; ++i)
                threads.emplace_back([&] { fault.watch(work); });
            work();
        }
        fault.throw_again();
    }

    /// Null when cancelled.
    const FollowerCurve* curve_of(const Lane& lane) {
        if (const auto there = done_.find(lane.id); there != done_.end())
            return there->second.get();
        auto curve = std::make_shared<FollowerCurve>();
        curve->per_frame = per_frame_;
        curve->rate = rate_;
        done_[lane.id] = curve; // what leads back here finds it empty; edits do not allow that
        auto source = source_of(lane, *curve);
        if (progress_.cancelled() || failed_)
            return nullptr;
        curve->stages.push_back(std::make_shared<const CurveValues>(std::move(source)));
        for (const auto& step : part_of<Motion>(lane)->follower.steps)
            add_step(step, *curve);
        for (auto& band : bands_of_source_) {
            for (const auto& step : part_of<Motion>(lane)->follower.steps)
                if (const auto apply = step_of(step))
                    band = apply(band, curve->per_second());
            curve->bands.push_back(std::make_shared<const CurveValues>(std::move(band)));
        }
        bands_of_source_.clear();
        const auto over = over_spans(project_, lane, resolve(project_, still(lane), lookup_));
        if (!over.empty())
            curve->stages.push_back(std::make_shared<const CurveValues>(
                with_corrections(*curve->stages.back(), lane, over, curve->per_second())));
        for (const auto& stage : curve->stages)
            curve->highest.push_back(stage->empty() ? 0 : *std::max_element(stage->begin(), stage->end()));
        return curve.get();
    }

    CurveValues source_of(const Lane& lane, FollowerCurve& curve) {
        const auto& follower = part_of<Motion>(lane)->follower;
        const auto flat = [&](std::string why) {
            curve.trouble = std::move(why);
            return CurveValues(count_, 0.0f);
        };
        const auto* row = follower_source(follower.source);
        if (!row)
            return flat("the source \"" + follower.source + "\" is unknown");
        const ParamValues values = completed(follower.values, row->parameters);
        std::shared_ptr<const LevelTrack> level;
        if (row->takes == FollowerTakes::Level) {
            const auto recipe = recipe_for({listened_of(values).sound}, schedule_, sounds_);
            if (!recipe)
                return flat(recipe.error().what);
            auto measured = listening_.level(*recipe, level_spec(values), progress_);
            if (!measured) {
                failed_ = measured.error();
                return {};
            }
            level = *std::move(measured);
        }
        if (row->takes == FollowerTakes::Bands) {
            auto trouble = measure_bands(values);
            if (!trouble.empty())
                return flat(std::move(trouble));
            if (failed_ || progress_.cancelled())
                return {};
        }
        if (row->takes == FollowerTakes::Grid && !project_.grid)
            return flat("there are no beats yet");
        std::optional<CurveValues> other;
        std::vector<Seconds> moments;
        if (row->takes == FollowerTakes::Curve || row->takes == FollowerTakes::Pins) {
            const Lane* of = project_.lane(values.lane("lane"));
            if (!of)
                return flat("choose a lane to follow");
            if (row->takes == FollowerTakes::Curve)
                other = values_of(*of);
            else
                for (const auto& pin : resolve(project_, *of, lookup_).pins)
                    if (!of->pins[pin.index].muted)
                        moments.push_back(pin.acts_at);
        }
        if (row->takes == FollowerTakes::Onsets) {
            const OnsetRow* onsets = nullptr;
            if (project_.detection)
                for (const auto& r : project_.detection->rows)
                    if (r.name == values.text("row"))
                        onsets = &r;
            if (!onsets)
                return flat("there is no row of onsets called \"" + values.text("row") + "\"");
            if (onsets->tops) // it comes of a curve itself
                return flat("\"" + onsets->name + "\" is made of another lane's tops: follow that lane");
        }
        const Lane keys = still(lane);
        const KeyCurve drawn(keys, resolve(project_, keys, lookup_));
        const DrivenNumbers numbers = driven(follower.drives);
        return row->values({project_, values, level.get(), other ? &*other : nullptr, moments,
                            bands_of_source_, drawn, rate_, per_frame_, count_, numbers});
    }

    /// The level of each band, evened out. Why they cannot be measured, if they cannot.
    std::string measure_bands(const ParamValues& values) {
        const auto recipe = recipe_for({listened_of(values).sound}, schedule_, sounds_);
        if (!recipe)
            return recipe.error().what;
        const double lowest = values.number("from"), highest = std::max(lowest + 10, values.number("until"));
        const double even = values.number("even") / 100;
        const auto bands = even_bands(static_cast<int>(values.whole("bands")), lowest, highest);
        bands_of_source_.assign(bands.size(), CurveValues(count_, 0.0f));
        std::atomic<std::size_t> next = 0, done = 0;
        std::mutex failing;
        const auto work = [&] {
            for (std::size_t b = next++; b < bands.size() && !progress_.cancelled(); b = next++) {
                Progress quiet;
                quiet.stop = progress_.stop;
                LevelSpec spec;
                spec.part = values.text("part");
                spec.from_hz = bands[b].from_hz;
                spec.until_hz = bands[b].until_hz;
                const auto measured = listening_.level(*recipe, spec, quiet);
                if (!measured) {
                    const std::lock_guard lock(failing);
                    failed_ = measured.error();
                    return;
                }
                auto& band = bands_of_source_[b];
                for (std::size_t i = 0; i < count_; ++i)
                    band[i] = (*measured)->at(static_cast<double>(i) / (rate_.per_second() * per_frame_));
                progress_.report(static_cast<double>(++done) / static_cast<double>(bands.size()));
            }
        };
        FirstFault fault;
        {
            std::jthread beside([&] { fault.watch(work); });
            work();
        }
        fault.throw_again();
        even_out(even);
        return {};
    }

    /// Each band as high as all of them together are, by so large a share. High is what nineteen of twenty
    /// values lie below, so that a single hit says little.
    void even_out(double share) {
        std::vector<float> highs;
        for (const auto& band : bands_of_source_) {
            CurveValues sorted = band;
            const auto at = sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() * 19 / 20);
            std::nth_element(sorted.begin(), at, sorted.end());
            highs.push_back(std::max(1e-5f, *at));
        }
        if (highs.empty())
            return;
        const double highest = static_cast<double>(*std::max_element(highs.begin(), highs.end()));
        for (std::size_t b = 0; b < highs.size(); ++b) {
            const double own = static_cast<double>(highs[b]);
            const auto gain = static_cast<float>(0.8 / (highest * std::pow(own / highest, share)));
            for (float& value : bands_of_source_[b])
                value = std::min(1.0f, value * gain);
        }
    }

    /// What a step does to a curve that hangs on no other; nothing where it is off or does.
    std::function<CurveValues(const CurveValues&, double)> step_of(const FollowerStep& step) {
        const auto* row = follower_step(step.id);
        if (!row || step.off || find_param(row->parameters, "other"))
            return nullptr;
        return
            [row, values = completed(step.values, row->parameters)](const CurveValues& before, double rate) {
                return row->apply(before, {rate, values, nullptr});
            };
    }

    /// Keys are moved by the lead when the curve is used, not twice.
    static Lane still(Lane lane) {
        lane.lead = Frames(0);
        return lane;
    }

    void add_step(const FollowerStep& step, FollowerCurve& curve) {
        const auto before = curve.stages.back();
        const auto* row = follower_step(step.id);
        curve.stages.push_back(before);
        curve.effects.push_back({});
        if (!row || step.off)
            return;
        const ParamValues values = completed(step.values, row->parameters);
        std::optional<CurveValues> other;
        if (find_param(row->parameters, "other")) {
            const Lane* lane = project_.lane(values.lane("other"));
            if (!lane)
                return;
            other = values_of(*lane);
        }
        auto after = std::make_shared<CurveValues>(shaped(*row, *before, values, other ? &*other : nullptr,
                                                          driven(step.drives), curve.per_second()));
        curve.effects.back() = effect_of(*before, *after, curve.per_second());
        curve.stages.back() = std::move(after);
    }

    /// What drives numbers, by their ids: their values over the piece.
    using DrivenNumbers = std::map<std::string, CurveValues>;
    DrivenNumbers driven(const std::vector<ParamDrive>& drives) {
        DrivenNumbers numbers;
        for (const auto& drive : drives) {
            const Lane* lane = project_.lane(drive.lane);
            if (!lane || !lane->kind->drives() || holds<PoseBody>(lane->kind))
                continue;
            CurveValues values = values_of(*lane);
            for (float& value : values)
                value = static_cast<float>(drive.low + (drive.high - drive.low) * static_cast<double>(value));
            numbers[drive.parameter] = std::move(values);
        }
        return numbers;
    }

    /// A step whose numbers change meanwhile: it is taken with several values of each, and between those what
    /// comes of it is mixed.
    CurveValues shaped(const FollowerStepRow& row, const CurveValues& before, const ParamValues& values,
                       const CurveValues* other, DrivenNumbers numbers, double per_second) {
        if (numbers.empty())
            return row.apply(before, {per_second, values, other});
        const auto [id, course] = *numbers.begin();
        numbers.erase(numbers.begin());
        const auto* spec = find_param(row.parameters, id);
        if (!spec)
            return shaped(row, before, values, other, std::move(numbers), per_second);
        const auto [low, high] = std::minmax_element(course.begin(), course.end());
        const double from = std::clamp(static_cast<double>(*low), spec->least, spec->most),
                     to = std::clamp(static_cast<double>(*high), spec->least, spec->most);
        constexpr int parts = 24;
        std::vector<CurveValues> levels;
        for (int i = 0; i <= parts; ++i) {
            ParamValues level = values;
            level.set(id, from + (to - from) * i / parts);
            levels.push_back(shaped(row, before, level, other, numbers, per_second));
            if (to <= from)
                return levels.front();
        }
        CurveValues mixed(before.size());
        for (std::size_t i = 0; i < mixed.size(); ++i) {
            const double at = std::clamp(
                (static_cast<double>(course[std::min(i, course.size() - 1)]) - from) / (to - from) * parts,
                0.0, static_cast<double>(parts));
            const auto below = std::min(static_cast<std::size_t>(at), static_cast<std::size_t>(parts - 1));
            const auto share = static_cast<float>(at - static_cast<double>(below));
            mixed[i] = levels[below][i] + (levels[below + 1][i] - levels[below][i]) * share;
        }
        return mixed;
    }

    /// Another lane's curve, at as many values a frame.
    CurveValues values_of(const Lane& lane) {
        CurveValues values(count_, 0.0f);
        if (lane.kind->follows && !curve_of(lane))
            return values;
        const auto spans = spans_of(project_, lane, resolve(project_, lane, lookup_));
        for (std::size_t i = 0; i < count_; ++i)
            values[i] =
                static_cast<float>(lane_share(project_, lane, spans, done_,
                                              static_cast<double>(i) / per_frame_, part_of<Motion>(lane)->own)
                                       .value_or(0));
        return values;
    }

    const Project& project_;
    Schedule schedule_;
    const ProjectSounds& sounds_;
    Listening& listening_;
    const Progress& progress_;
    std::optional<Error> failed_;
    PinLookup lookup_;
    FrameRate rate_;
    int per_frame_;
    std::size_t count_;
    FollowerCurves done_;
    std::vector<CurveValues> bands_of_source_; ///< of the lane that is being computed
};

} // namespace

Result<FollowerCurves> follow(const Project& project, const ProjectSounds& sounds, Listening& listening,
                              const Progress& progress) {
    return Follow(project, sounds, listening, progress).all();
}

Listened listened_of(const ParamValues& source_values) {
    Listened listened;
    if (const auto& sound = source_values.text("sound"); is_sound_id(sound))
        listened.sound = sound;
    listened.part = source_values.text("part");
    listened.side = source_values.text("channel");
    return listened;
}

bool has_followers(const Project& project) {
    return std::any_of(project.lanes.begin(), project.lanes.end(),
                       [](const auto& lane) { return lane->kind->follows; });
}

namespace {

/// Of each lane that follows a level: its follower's values, completed.
template <class Wanted>
bool any_level(const Project& project, Wanted wanted) {
    return std::any_of(project.lanes.begin(), project.lanes.end(), [&](const auto& lane) {
        if (!lane->kind->follows)
            return false;
        const auto& follower = part_of<Motion>(*lane)->follower;
        const auto* source = follower_source(follower.source);
        return source && (source->takes == FollowerTakes::Level || source->takes == FollowerTakes::Bands) &&
               wanted(listened_of(completed(follower.values, source->parameters)));
    });
}

} // namespace

bool needs_sound(const Project& project) {
    return any_level(project, [](const Listened&) { return true; });
}

bool needs_lanes(const Project& project) {
    return any_level(project, [](const Listened& listened) { return listened.sound != "song"; });
}

std::optional<double> lane_share(const Project& project, const Lane& lane, const LaneSpans& spans,
                                 const FollowerCurves& curves, double frame, const Feed& feed) {
    if (lane.muted)
        return std::nullopt;
    return lane.kind->share_at ? lane.kind->share_at({project, lane, spans, curves, frame, feed})
                               : std::nullopt;
}

namespace {

/// The lanes whose pins or curves some follower looks at; all of them where one hangs on pins of others.
std::vector<Shared<Lane>> looked_at(const Project& project) {
    std::vector<LaneId> ids;
    for (const auto& lane : project.lanes)
        if (lane->kind->follows) {
            ids.push_back(lane->id);
            for (const LaneId id : lanes_named_in(part_of<Motion>(*lane)->follower))
                ids.push_back(id);
        }
    std::vector<Shared<Lane>> lanes;
    for (const auto& lane : project.lanes)
        if (std::find(ids.begin(), ids.end(), lane->id) != ids.end())
            lanes.push_back(lane);
    const bool hangs = std::any_of(lanes.begin(), lanes.end(), [](const auto& lane) {
        return std::any_of(lane->pins.begin(), lane->pins.end(),
                           [](const Pin& pin) { return std::holds_alternative<MarkerAnchor>(pin.anchor); });
    });
    return hangs ? project.lanes : lanes;
}

bool hears_the_sum(const Project& project) {
    return any_level(project, [](const Listened& listened) { return listened.sound == "sum"; });
}

} // namespace

bool follows_the_same(const Project& a, const Project& b) {
    if (a.settings != b.settings || a.song != b.song || a.grid != b.grid || a.detection != b.detection)
        return false;
    if (hears_the_sum(a) || hears_the_sum(b))
        return a.song_track == b.song_track && a.lanes == b.lanes;
    return a.lanes == b.lanes || looked_at(a) == looked_at(b);
}

} // namespace pulsepin
