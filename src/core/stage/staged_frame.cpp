// SPDX-License-Identifier: GPL-3.0-or-later
#include "stage/staged_frame.h"

#include "base/unicode.h"
#include "lights/lit.h"
#include "model/stage_edits.h"
#include "schedule/triggers.h"
#include "stage/appearance_values.h"
#include "stage/layer_parameters.h"
#include "stage/staying_full.h"
#include "stage/trigger_acts.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

/// An appearance that a layer, or a group around it, has at a moment.
struct Appearing {
    const Lane* lane = nullptr;
    const AppearanceSpan* span = nullptr;
    [[nodiscard]] const AppearanceBody& body() const {
        return body_of<AppearanceBody>(lane->pins[span->index].body);
    }
    [[nodiscard]] double age_at(double frame) const { return frame - static_cast<double>(span->comes.value); }
};

struct LaneFeed {
    const Lane* lane;
    const Feed* feed;
};

/// Puts a frame together, which may lie between two.
class Staging {
public:
    Staging(const Curves& curves, double frame)
        : curves_(curves), project_(curves.project()), stage_(*project_.stage),
          rate_(project_.settings->frame_rate), frame_(frame) {
        for_feeds(project_, [&](const Lane& lane, const Feed& feed) {
            feeds_[feed.target.layer].push_back({&lane, &feed});
        });
        for (const auto& lane : project_.lanes)
            if (holds<AppearanceBody>(lane->kind) && part_of<Showing>(*lane)->layer.value != 0)
                shown_by_[part_of<Showing>(*lane)->layer].push_back(lane.get());
    }

    StagedFrame whole(bool with_echo) {
        const auto& settings = *project_.settings;
        StagedFrame staged;
        staged.width = settings.picture_width;
        staged.height = settings.picture_height;
        staged.seconds = seconds_at(frame_);
        staged.layers = in_group({}, {});
        const Layer& camera = stage_.layers.back();
        staged.camera = values_at(camera, frame_, {});
        if (stage_.motion_blur)
            staged.camera_path =
                path_of([&](double at) { return placement_of(values_at(camera, at, {}), seconds_at(at)); });
        if (with_echo)
            add_earlier(staged);
        return staged;
    }

    std::vector<StagedLayer> in_group(LayerId group, const std::optional<Appearing>& around) {
        std::vector<StagedLayer> staged;
        for (const auto& layer : stage_.layers) {
            const bool inside = stage_.layer(layer.group) ? layer.group == group : group.value == 0;
            if (!inside || layer.hidden || layer.kind == layers::camera)
                continue;
            add(staged, layer, around, true);
        }
        return staged;
    }

private:
    [[nodiscard]] double seconds_at(double frame) const { return frame / rate_.per_second(); }

    /// The layer once, or each of its appearances.
    void add(std::vector<StagedLayer>& staged, const Layer& layer, const std::optional<Appearing>& around,
             bool with_echo) {
        const auto lanes = shown_by_.find(layer.id);
        if (lanes == shown_by_.end()) {
            staged.push_back(one(layer, around, around, with_echo));
            return;
        }
        std::vector<Appearing> there;
        for (const Lane* lane : lanes->second)
            for (const auto& span : curves_.schedule.spans(lane->id).appearances) {
                if (static_cast<double>(span.comes.value) > frame_)
                    break; // they lie in order
                if (!span.muted && frame_ < static_cast<double>(span.end.value))
                    there.push_back({lane, &span});
            }
        std::stable_sort(there.begin(), there.end(), [](const Appearing& a, const Appearing& b) {
            return a.span->comes < b.span->comes;
        });
        for (const auto& appearing : there)
            staged.push_back(one(layer, appearing, appearing, with_echo));
    }

    StagedLayer one(const Layer& layer, const std::optional<Appearing>& appearing,
                    const std::optional<Appearing>& age_of, bool with_echo) {
        const bool own = appearing && part_of<Showing>(*appearing->lane)->layer == layer.id;
        StagedLayer staged{layer.kind, layer.id, layer.text, layer.shape, layer.colour, {}};
        staged.values = values_at(layer, frame_, age_of);
        staged.blend = layer.blend;
        staged.matte = layer.matte;
        staged.points = layer.points;
        staged.locked = layer.locked;
        staged.turning = own ? seconds_at(appearing->age_at(frame_)) : seconds_at(frame_);
        if (own)
            let_appear(staged, *appearing);
        if (layer.kind->drawn)
            staged.colour = staged.values.colour("colour");
        add_parents(staged, layer, age_of);
        add_content(staged, layer, age_of);
        if (const Layer* other =
                layer.matte.kind == Matte::Kind::LayerAlpha || layer.matte.kind == Matte::Kind::LayerLight
                    ? stage_.layer(layer.matte.layer)
                    : nullptr;
            other && other->id != layer.id && !masking_) {
            masking_ = true; // a matte of a matte is of no use, and might lead back
            add(staged.matte_of, *other, age_of, false);
            masking_ = false;
        }
        if (stage_.motion_blur || layer.motion_blur)
            staged.path = path_of([&](double at) { return placement_at(layer, at, age_of, own); });
        if (with_echo)
            add_echoes(staged, layer, appearing);
        return staged;
    }

    // -- values

    static CurveMoment moment_at(double frame, const std::optional<Appearing>& age_of) {
        return {frame, age_of ? std::optional(age_of->age_at(frame)) : std::nullopt};
    }

    LayerValues values_at(const Layer& layer, double frame, const std::optional<Appearing>& age_of) {
        LayerValues values(layer);
        const CurveMoment at = moment_at(frame, age_of);
        if (const auto feeds = feeds_.find(layer.id); feeds != feeds_.end()) {
            std::vector<std::pair<const std::string*, Meeting>> met;
            for (const auto& [lane, feed] : feeds->second) {
                const std::string& id = feed->target.parameter;
                const auto* spec = layer_parameter(id);
                if (!spec)
                    continue;
                if (spec->type == ParamType::Colour) {
                    if (const auto colour = fed_colour_at(curves_, *lane, *feed, at))
                        values.set_colour(id, *colour);
                    continue;
                }
                const auto value = fed_at(curves_, *lane, *feed, at);
                if (!value)
                    continue;
                auto there =
                    std::find_if(met.begin(), met.end(), [&](const auto& one) { return *one.first == id; });
                if (there == met.end())
                    there = met.insert(met.end(), {&id, Meeting(values.of(id))});
                there->second.take(*feed, *value);
            }
            for (const auto& [id, meeting] : met)
                values.set(*id, meeting.value());
        }
        count_turns(layer, frame, age_of, values);
        let_triggers_act(layer, frame, age_of, values);
        if (values.flag("stays-full"))
            stay_full(layer, frame, values);
        return values;
    }

    /// A lane of poses sends it where it is meant to go, turned as it is meant to be.
    void stay_full(const Layer& layer, double frame, LayerValues& values) {
        const auto feeds = feeds_.find(layer.id);
        const bool posed =
            feeds != feeds_.end() && std::ranges::any_of(feeds->second, [](const LaneFeed& one) {
                return holds<PoseBody>(one.lane->kind);
            });
        const auto& settings = *project_.settings;
        const double larger = enlarged_to_stay_full(LayerValues(layer), values, seconds_at(frame),
                                                    {.width = static_cast<double>(settings.picture_width),
                                                     .height = static_cast<double>(settings.picture_height),
                                                     .camera = layer.kind == layers::camera,
                                                     .turns = !posed});
        if (larger > 1)
            values.scale("scale", larger);
    }

    double driven_rate(const Layer& layer, const std::string& rate, double frame,
                       const std::optional<Appearing>& age_of) {
        const double own = LayerValues(layer).of(rate);
        const CurveMoment at = moment_at(frame, age_of);
        const auto* spec = layer_parameter(rate);
        return std::clamp(driven_value(curves_, {layer.id, rate}, at, own).value_or(own), spec->least,
                          spec->most);
    }

    /// How many turns pass over [from, until) of what turns at a rate: the rate summed over the frames where
    /// it is driven, so that it goes on smoothly when the rate changes. Before the piece, and before what
    /// appears, it is as at its start.
    double turns_between(const Layer& layer, const std::string& rate, double from, double until,
                         const std::optional<Appearing>& age_of) {
        bool by_piece = false, by_age = false;
        if (const auto feeds = feeds_.find(layer.id); feeds != feeds_.end())
            for (const auto& [lane, feed] : feeds->second)
                if (feed->target.parameter == rate)
                    (feed->by_age && age_of ? by_age : by_piece) = true;
        if (!by_piece && !by_age)
            return LayerValues(layer).of(rate) * (until - from) / rate_.per_second();
        if (by_piece && by_age) { // each appearance has sums of its own
            double turns = 0;
            for (double frame = from; frame < until; frame += 1)
                turns += driven_rate(layer, rate, frame, age_of) * std::min(1.0, until - frame) /
                         rate_.per_second();
            return turns;
        }
        const double start = by_age ? static_cast<double>(age_of->span->comes.value) : 0;
        const auto at = [&](Frames frame) {
            return driven_rate(layer, rate, start + static_cast<double>(frame.value), age_of);
        };
        // All that count by age alone share one sum.
        const Target summed{layer.id, by_age ? rate + " by age" : rate};
        return turns_since_start(summed, until - start, at) - turns_since_start(summed, from - start, at);
    }

    double turns_since_start(const Target& summed, double frame, const std::function<double(Frames)>& at) {
        if (frame <= 0)
            return at(Frames(0)) * frame / rate_.per_second();
        const Frames whole(static_cast<std::int64_t>(std::floor(frame)));
        const double rest = frame - static_cast<double>(whole.value);
        return curves_.sums->until(summed, whole, rate_.per_second(), at) +
               (rest > 0 ? rest * at(whole) / rate_.per_second() : 0);
    }

    void count_turns(const Layer& layer, double frame, const std::optional<Appearing>& age_of,
                     LayerValues& values) {
        const double from = age_of ? static_cast<double>(age_of->span->comes.value) : 0;
        for (const auto& [row, number] : acting_effects(values))
            if (!row->rate.empty()) {
                const std::string rate = parameter_id(row->rate, number);
                values.set_turns(rate, turns_between(layer, rate, from, frame, age_of));
            }
    }

    // -- triggers

    /// The layer's values with what triggers do. Light has the trigger's colour, and what turns counts from
    /// its start.
    void let_triggers_act(const Layer& layer, double frame, const std::optional<Appearing>& age_of,
                          LayerValues& values) {
        for (const auto& lane : project_.lanes) {
            if (!holds<TriggerBody>(lane->kind))
                continue;
            for (const auto& span : curves_.schedule.spans(lane->id).triggers) {
                if (static_cast<double>(span.start.value) > frame)
                    break; // they lie in order
                if (span.muted || span.hidden || frame >= static_cast<double>(span.end.value))
                    continue;
                const auto& trigger = body_of<TriggerBody>(lane->pins[span.index].body);
                if (meant(trigger, layer))
                    act(trigger, span, layer, frame, age_of, values);
            }
        }
    }

    static bool meant(const TriggerBody& trigger, const Layer& layer) {
        return trigger.on.empty()
                   ? layer.kind == layers::camera
                   : std::find(trigger.on.begin(), trigger.on.end(), layer.id) != trigger.on.end();
    }

    void act(const TriggerBody& trigger, const TriggerSpan& span, const Layer& layer, double frame,
             const std::optional<Appearing>& age_of, LayerValues& values) {
        const double start = static_cast<double>(span.start.value);
        const double passed = (frame - start) / static_cast<double>((span.end - span.start).value);
        const Frames whole(static_cast<std::int64_t>(std::floor(frame)));
        for (const auto& act : acts_of(trigger)) {
            const auto* spec = layer_parameter(act.parameter);
            if (!spec)
                continue;
            if (spec->type == ParamType::Colour) {
                const auto keyed = keyed_colour_at(act, passed);
                values.set_colour(act.parameter, keyed ? *keyed : colour_at(trigger, span, whole));
                continue;
            }
            const double moved =
                act.low - spec->initial + (act.high - act.low) * trigger.strength / 100 * way_at(act, passed);
            if (std::abs(moved) <= std::abs(values.of(act.parameter) - spec->initial))
                continue; // the stronger one is seen
            values.set(act.parameter, spec->initial + moved);
            const auto* effect = effect_of_parameter(act.parameter);
            if (!effect)
                continue;
            if (effect->coloured)
                values.set_light(std::string(effect->id), colour_at(trigger, span, whole));
            if (effect->rate.empty())
                continue;
            const std::string rate = parameter_id(effect->rate, number_of_parameter(act.parameter));
            values.set_turns(rate, trigger.strobe_beats > 0 && project_.grid
                                       ? beats_between(start, frame) / trigger.strobe_beats
                                       : turns_between(layer, rate, start, frame, age_of));
        }
    }

    [[nodiscard]] double beats_between(double from, double until) const {
        const auto& grid = *project_.grid;
        return (grid.beats_at(Seconds(seconds_at(until))) - grid.beats_at(Seconds(seconds_at(from)))).value;
    }

    // -- appearances

    AppearanceMoment moment_of(const Appearing& appearing, double frame) const {
        const Showing& showing = *part_of<Showing>(*appearing.lane); // loops are the lane's
        AppearanceMoment at;
        at.age = appearing.age_at(frame);
        at.left = static_cast<double>(appearing.span->end.value) - frame;
        at.coming = appearing.span->coming;
        at.going = appearing.span->going;
        at.width = project_.settings->picture_width;
        at.height = project_.settings->picture_height;
        if (showing.loop != "none" && project_.grid && showing.loop_beats > 0)
            at.loop_turns =
                beats_between(static_cast<double>(appearing.span->beat.value), frame) / showing.loop_beats;
        return at;
    }

    void let_appear(StagedLayer& staged, const Appearing& appearing) {
        const auto& body = appearing.body();
        staged.added = {.x = body.x, .y = body.y, .scale = body.scale / 100, .rotation = body.turn};
        const Showing showing = showing_of(*part_of<Showing>(*appearing.lane), body);
        staged.appearance = appearing.span->pin;
        if (!appearing.span->text.empty())
            staged.text = appearing.span->text;
        if (const auto lit = appearing.span->lit_at(frame_))
            staged.values.set("lit", *lit);
        if (body.coloured)
            staged.values.set_colour("colour", body.colour);
        if (!body.font.empty())
            staged.values.set_option("font", body.font);
        if (body.weight > 0)
            staged.values.set("font-weight", body.weight);
        act_over(*appearing.span, body.acts, frame_, staged.values);
        for (const char* seed : {"shake-seed", "grain-seed", "spark-seed"})
            staged.values.raise(seed, static_cast<double>(body.seed % 1000) - 1);
        const AppearanceMoment at = moment_of(appearing, frame_);
        if (staged.kind->lettered && showing.letter_delay != 0) {
            put(staged.values, body, {});
            const std::size_t letters = characters_in(staged.text);
            for (std::size_t i = 0; i < letters; ++i) {
                AppearanceMoment later = at;
                later.age -= static_cast<double>(i) * showing.letter_delay;
                later.left -= static_cast<double>(letters - 1 - i) * showing.letter_delay;
                staged.letters.push_back(moved_at(showing, later));
            }
            return;
        }
        const Moved moved = moved_at(showing, at);
        if (moved.behind > 0)
            staged.behind =
                behind_the_one_before(*appearing.lane, curves_.schedule.spans(appearing.lane->id).appearances,
                                      *appearing.span, moved.behind);
        staged.added.x += moved.x;
        staged.added.y += moved.y;
        staged.added.rotation += moved.rotation;
        staged.added.scale *= moved.scale;
        put(staged.values, body, moved);
        staged.values.scale("shown", moved.shown);
        if (moved.wiped < 1)
            staged.wipe = moved;
    }

    Placement placement_at(const Layer& layer, double frame, const std::optional<Appearing>& age_of,
                           bool own) {
        LayerValues values = values_at(layer, frame, age_of);
        if (own) {
            act_over(*age_of->span, age_of->body().acts, frame, values);
            put(values, age_of->body(),
                part_of<Showing>(*age_of->lane)->letter_delay != 0
                    ? Moved{}
                    : moved_at(showing_of(*part_of<Showing>(*age_of->lane), age_of->body()),
                               moment_of(*age_of, frame)));
        }
        return placement_of(values, seconds_at(frame));
    }

    // -- what else a layer is made of

    void add_parents(StagedLayer& staged, const Layer& layer, const std::optional<Appearing>& age_of) {
        const Layer* parent = stage_.layer(layer.parent);
        for (std::size_t deep = 0; parent && deep < stage_.layers.size(); ++deep) {
            staged.hung.push_back(placement_at(*parent, frame_, age_of, false));
            parent = stage_.layer(parent->parent);
        }
    }

    template <class At>
    std::vector<Placement> path_of(At at) {
        std::vector<Placement> path;
        const int samples = std::max(2, stage_.blur_samples);
        for (int i = 0; i < samples; ++i)
            path.push_back(at(frame_ + ((i + 0.5) / samples - 0.5) * stage_.shutter / 360));
        if (std::all_of(path.begin(), path.end(), [&](const Placement& one) { return one == path.front(); }))
            path.clear();
        return path;
    }

    void add_content(StagedLayer& staged, const Layer& layer, const std::optional<Appearing>& age_of) {
        if (layer.kind == layers::group)
            staged.inner = in_group(layer.id, age_of);
        if (layer.kind == layers::bars)
            staged.heights = heights_of(layer, age_of);
        if (layer.kind == layers::wave)
            add_wave(staged, layer, age_of);
        if (layer.kind == layers::sparks)
            staged.sparks = sparks_at(spark_source(layer, staged, age_of), frame_);
        if (layer.kind == layers::lamps)
            add_lamps(staged);
    }

    /// Where the plan has them, the plan laid over the picture.
    void add_lamps(StagedLayer& staged) {
        const Rig& rig = *project_.rig;
        if (lit_.empty())
            lit_ = lit_at(curves_, frame_);
        const std::string of = staged.values.option("lamps-of");
        const double spread = staged.values.of("lamps-spread") / 1e4;
        const double wide = project_.settings->picture_width * spread,
                     high = project_.settings->picture_height * spread;
        for (std::size_t i = 0; i < rig.fixtures.size(); ++i) {
            const auto& fixture = rig.fixtures[i];
            const auto* group = rig.group(fixture.group);
            if (of.empty() || (group && group->name == of))
                staged.lamps.push_back({(fixture.x - 50) * wide, (fixture.y - 50) * high, lit_[i]});
        }
    }

    std::vector<double> heights_of(const Layer& layer, const std::optional<Appearing>& age_of) {
        const CurveMoment at = moment_at(frame_, age_of);
        if (const auto feeds = feeds_.find(layer.id); feeds != feeds_.end())
            for (const auto& [lane, feed] : feeds->second)
                if (feed->target.parameter == "bars")
                    if (auto bands = fed_bands_at(curves_, *lane, *feed, at); bands.size() > 1)
                        return bands;
        const LayerValues values = values_at(layer, frame_, age_of);
        return std::vector<double>(static_cast<std::size_t>(values.of("bars-count")), values.of("bars"));
    }

    /// The curve around now, in as many points as are seen apart.
    void add_wave(StagedLayer& staged, const Layer& layer, const std::optional<Appearing>& age_of) {
        constexpr int points = 160;
        const double span = staged.values.of("wave-seconds") * rate_.per_second();
        const double own = LayerValues(layer).of("wave");
        // Points lie at fixed moments of the song, so that the line passes and does not flicker.
        const double step = span / points;
        const double first = std::floor((frame_ - span / 2) / step) * step;
        for (int i = 0; i <= points + 1; ++i) {
            const double frame = first + i * step;
            const CurveMoment at = moment_at(frame, age_of);
            staged.heights.push_back(driven_value(curves_, {layer.id, "wave"}, at, own).value_or(own));
        }
        staged.heights_begin = (frame_ - span / 2 - first) / step;
    }

    SparkSource spark_source(const Layer& layer, const StagedLayer& staged,
                             const std::optional<Appearing>& age_of) {
        SparkSource source;
        source.frames_per_second = rate_.per_second();
        source.begins = age_of ? static_cast<double>(age_of->span->comes.value) : -1e9;
        source.seed = static_cast<std::uint64_t>(staged.values.of("spark-seed"));
        source.longest = longest_life(layer);
        const double begins = age_of ? source.begins : 0;
        source.born_until = [=, this, &layer](std::int64_t frame) {
            return turns_between(layer, "rate", begins, static_cast<double>(frame), age_of);
        };
        source.values_change = feeds_.contains(layer.id) || staged.appearance.value != 0;
        source.values_at = [=, this, &layer, &staged](double frame) {
            if (frame == frame_)
                return staged.values;
            LayerValues values = values_at(layer, frame, age_of);
            if (staged.appearance.value != 0) {
                act_over(*age_of->span, age_of->body().acts, frame, values);
                put(values, age_of->body(),
                    moved_at(showing_of(*part_of<Showing>(*age_of->lane), age_of->body()),
                             moment_of(*age_of, frame)));
            }
            return values;
        };
        source.bursts = bursts_of(layer, age_of);
        return source;
    }

    [[nodiscard]] double longest_life(const Layer& layer) const {
        const LayerValues values(layer);
        double life = values.of("spark-life");
        const auto feeds = feeds_.find(layer.id);
        if (feeds != feeds_.end())
            for (const auto& [lane, feed] : feeds->second)
                if (feed->target.parameter.starts_with("spark-life"))
                    life = 30; // as long as any may live
        return std::min(60.0, life * (1 + values.of("spark-life-spread") / 100));
    }

    std::vector<SparkSource::Burst> bursts_of(const Layer& layer, const std::optional<Appearing>& age_of) {
        std::vector<SparkSource::Burst> bursts;
        const auto feeds = feeds_.find(layer.id);
        if (feeds == feeds_.end())
            return bursts;
        const LayerValues own(layer);
        const double rising = own.flag("spark-arrives") ? time_to_the_top(own).value : 0;
        for (const auto& [lane, driving] : feeds->second) {
            const auto* feed = &*driving; // what lambdas catch is no binding
            if (feed->target.parameter != "burst" || lane->muted)
                continue;
            const double ahead = (time_of(feed->lead, rate_).value + rising) * rate_.per_second();
            const double moved = feed->by_age && age_of ? static_cast<double>(age_of->span->comes.value) -
                                                              age_begins(curves_.schedule, *lane)
                                                        : 0;
            const auto add = [&](PinId pin, double frame, double share) {
                bursts.push_back({frame - ahead + moved,
                                  std::llround(std::clamp(fed(*feed, share), 0.0, 5000.0)), pin.value});
            };
            const auto& spans = curves_.schedule.spans(lane->id);
            for (const auto& pulse : spans.motion.pulses())
                add(pulse.pin, pulse.peak, pulse.strength);
            if (is_keyed(lane->kind))
                for (const auto& pin : curves_.schedule.pins(lane->id).pins)
                    add(pin.id, static_cast<double>(pin.frame.value),
                        share_of(part_of<Motion>(*lane)->own,
                                 body_of<KeyBody>(lane->pins[pin.index].body).value));
        }
        return bursts;
    }

    // -- frames that have been

    void add_echoes(StagedLayer& staged, const Layer& layer, const std::optional<Appearing>& appearing) {
        for (const auto& [row, number] : acting_effects(staged.values)) {
            if (!row->of_earlier_frames)
                continue;
            const EffectValues values(staged.values, number);
            for (int i = 1; i <= static_cast<int>(values.of("echo-count")); ++i) {
                const double then = frame_ - i * values.of("echo-step");
                if (appearing && then < static_cast<double>(appearing->span->comes.value))
                    break;
                Staging earlier(curves_, then);
                StagedLayer echo = earlier.one(layer, appearing, appearing, false);
                echo.values.scale("opacity", values.of("echo") / 100 *
                                                 std::pow(1 - values.of("echo-falls") / 100, i - 1));
                staged.echoes.push_back(std::move(echo));
            }
        }
    }

    void add_earlier(StagedFrame& staged) {
        for (const auto& [row, number] : acting_effects(staged.camera)) {
            if (!row->of_earlier_frames)
                continue;
            const EffectValues values(staged.camera, number);
            for (int i = 1; i <= static_cast<int>(values.of("echo-count")); ++i)
                staged.before.push_back(
                    Staging(curves_, std::max(0.0, frame_ - i * values.of("echo-step"))).whole(false));
        }
    }

    const Curves& curves_;
    const Project& project_;
    const Stage& stage_;
    FrameRate rate_;
    double frame_;
    bool masking_ = false;
    std::vector<Lit> lit_; ///< of the rig at this frame, once it is asked for
    std::map<LayerId, std::vector<LaneFeed>> feeds_;
    std::map<LayerId, std::vector<const Lane*>> shown_by_;
};

} // namespace

StagedFrame staged_at(const Curves& curves, Frames frame) {
    StagedFrame staged = Staging(curves, static_cast<double>(frame.value)).whole(true);
    staged.band = staged_band(curves.schedule, frame);
    return staged;
}

} // namespace pulsepin
