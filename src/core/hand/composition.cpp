// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/composition.h"

#include "hand/driving.h"
#include "hand/hits.h"
#include "kinds/kinds.h"
#include "kinds/layer_kinds.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "model/stage_edits.h"
#include "schedule/place.h"
#include "schedule/resolve.h"
#include "stage/effects.h"

#include <algorithm>
#include <map>
#include <set>

namespace pulsepin {
namespace {

const Layer& camera_of(const Stage& stage) {
    return stage.layers.back();
}

const Layer* first_shots(const Stage& stage) {
    for (const auto& layer : stage.layers)
        if (layer.kind == layers::shots)
            return &layer;
    return nullptr;
}

bool moves(const Lane& lane, const std::set<LayerId>& moved) {
    if (part_of<Showing>(lane))
        return moved.contains(part_of<Showing>(lane)->layer);
    return part_of<Motion>(lane) && (moved.contains(part_of<Motion>(lane)->own.target.layer) ||
                                     std::ranges::any_of(part_of<Motion>(lane)->feeds, [&](const Feed& feed) {
                                         return moved.contains(feed.target.layer);
                                     }));
}

bool has_name(const Project& project, const std::string& name) {
    return std::ranges::any_of(project.lanes, [&](const auto& lane) { return lane->name == name; });
}

std::string free_name(const Project& project, const std::string& name) {
    std::string free = name;
    for (int number = 2; has_name(project, free); ++number)
        free = name + " " + std::to_string(number);
    return free;
}

/// What lies in groups, and in groups of those.
std::set<LayerId> with_inner(const Stage& stage, std::span<const LayerId> outer) {
    std::set<LayerId> all(outer.begin(), outer.end());
    for (bool more = true; more;) {
        more = false;
        for (const auto& layer : stage.layers)
            more = (all.contains(layer.group) && all.insert(layer.id).second) || more;
    }
    return all;
}

// -- keeping

/// Only what aims at one of the layers.
void keep_feeds_of(Motion& motion, const std::set<LayerId>& aims) {
    std::erase_if(motion.feeds, [&](const Feed& feed) { return !aims.contains(feed.target.layer); });
    if (aims.contains(motion.own.target.layer) || motion.feeds.empty())
        return;
    motion.own = motion.feeds.front();
    motion.feeds.erase(motion.feeds.begin());
}

Lane kept_lane(const Project& project, const Lane& lane, const std::set<LayerId>& aims, Ticks from) {
    Lane kept = lane;
    kept.locked = kept.muted = kept.solo = false;
    if (part_of<Motion>(kept)) {
        keep_feeds_of(*part_of<Motion>(kept), aims);
        part_of<Motion>(kept)->follower.drives.clear(); // by lanes that are not kept
        for (auto& step : part_of<Motion>(kept)->follower.steps)
            step.drives.clear();
    }
    for (const auto& place : resolve(project, lane).pins) {
        Pin& pin = kept.pins[place.index];
        pin.locked = false;
        const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor);
        pin.anchor = musical ? MusicalAnchor{musical->at - from, musical->offset}
                             : MusicalAnchor{project.grid->nearest_tick(place.time) - from, Seconds(0)};
        if (pin.home)
            *pin.home -= from;
    }
    return kept;
}

// -- using

/// Copies a composition's parts into a project, each under an id of its own.
class Use {
public:
    Use(const Project& project, const Composition& composition, const CompositionUse& use)
        : next_(project), composition_(composition), use_(use) {}

    Result<CompositionUsed> run() {
        take_over_what_stands_for_others();
        for (const auto& layer : stage().layers)
            if (!stands_for_another(layer.id))
                if (auto added = add_layer(layer); !added)
                    return tl::unexpected(added.error());
        tie_layers();
        for (const auto& lane : composition_.piece.lanes)
            if (part_of<Motion>(*lane) || part_of<Showing>(*lane))
                if (auto added = add_lane(*lane); !added)
                    return tl::unexpected(added.error());
        if (auto grouped = group(); !grouped)
            return tl::unexpected(grouped.error());
        return CompositionUsed{std::move(next_), made_, lanes_};
    }

private:
    [[nodiscard]] const Stage& stage() const { return *composition_.piece.stage; }
    [[nodiscard]] bool stands_for_another(LayerId layer) const {
        const Layer* shots = first_shots(stage());
        return layer == camera_of(stage()).id || (shots && layer == shots->id);
    }

    /// Effects of the camera and the shots come behind those that are there, under free numbers.
    void take_over_what_stands_for_others() {
        const Layer* shots =
            use_.shots.value != 0 ? next_.stage->layer(use_.shots) : first_shots(*next_.stage);
        if (const Layer* own = first_shots(stage()); own && shots)
            take_over(*own, shots->id);
        take_over(camera_of(stage()), camera_of(*next_.stage).id);
    }
    void take_over(const Layer& from, LayerId to) {
        layers_[from.id] = to;
        Layer layer = *next_.stage->layer(to);
        for (const auto& effect_use : from.effects) {
            const int number = free_effect_number(layer, effect_use.effect);
            layer.effects.push_back({effect_use.effect, number, effect_use.off});
            const auto* row = effect(effect_use.effect);
            for (const auto& spec : row ? row->parameters : ParamSpecs()) {
                const std::string before = parameter_id(spec.id, effect_use.number),
                                  after = parameter_id(spec.id, number);
                parameters_[{from.id, before}] = after;
                copy_value(from.values, layer.values, before, after);
                copy_value(from.colours, layer.colours, before, after);
                copy_value(from.options, layer.options, before, after);
            }
        }
        if (auto changed = with_changed_layer(next_, std::move(layer)))
            next_ = *std::move(changed);
    }
    template <class Values>
    static void copy_value(const Values& from, Values& to, const std::string& before,
                           const std::string& after) {
        if (const auto found = from.find(before); found != from.end())
            to[after] = found->second;
    }

    Result<void> add_layer(Layer layer) {
        const LayerId before = layer.id;
        layer.group = layer.parent = {};
        if (layer.kind == layers::picture)
            layer.picture = picture_for(layer.picture);
        if (layer.kind == layers::title && !use_.text.empty() && !titled_) {
            layer.text = use_.text;
            titled_ = true;
        }
        layer.cuts = {};
        layer.drawings = {};
        auto added = with_layer(next_, std::move(layer));
        if (!added)
            return tl::unexpected(added.error());
        next_ = *std::move(added);
        layers_[before] = next_.stage->layers[next_.stage->layers.size() - 2].id;
        if (stage().layer(before)->group.value == 0)
            outer_.push_back(layers_[before]);
        return {};
    }
    /// The one that is wanted; else its own, which comes into the bin where that has it not; else the first
    /// picture.
    [[nodiscard]] ClipId picture_for(ClipId shown) {
        if (use_.picture.value != 0)
            return use_.picture;
        const Clip* own = composition_.piece.clip(shown);
        for (const auto& clip : *next_.bin)
            if (own ? clip.path == own->path : clip.has_picture)
                return clip.id;
        if (!own)
            return {};
        std::vector<Clip> bin = *next_.bin;
        bin.push_back(*own);
        bin.back().id = ClipId{next_.next_id++};
        next_.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
        return next_.bin->back().id;
    }
    /// Groups, parents and mattes, now that all layers are there.
    void tie_layers() {
        for (const auto& layer : stage().layers) {
            if (stands_for_another(layer.id))
                continue;
            Layer tied = *next_.stage->layer(layers_[layer.id]);
            tied.group = of(layer.group);
            tied.parent = of(layer.parent);
            tied.matte.layer = of(layer.matte.layer);
            if (auto changed = with_changed_layer(next_, std::move(tied)))
                next_ = *std::move(changed);
        }
    }
    [[nodiscard]] LayerId of(LayerId before) const {
        const auto found = layers_.find(before);
        return found == layers_.end() ? LayerId{} : found->second;
    }

    void aim(Feed& feed) const {
        const auto renamed = parameters_.find({feed.target.layer, feed.target.parameter});
        feed.target.layer = of(feed.target.layer);
        if (renamed != parameters_.end())
            feed.target.parameter = renamed->second;
        if (feed.target.layer.value == 0)
            feed.target = {};
        else
            feed.property = target_name(next_, feed.target);
    }

    Result<void> add_lane(const Lane& lane) {
        Lane copy = lane;
        copy.id = LaneId{next_.next_id++};
        copy.name = free_name(next_, lane.name);
        copy.pins.clear();
        if (part_of<Motion>(copy)) {
            aim(part_of<Motion>(copy)->own);
            for (auto& feed : part_of<Motion>(copy)->feeds)
                aim(feed);
        }
        if (part_of<Showing>(copy))
            part_of<Showing>(copy)->layer = of(part_of<Showing>(copy)->layer);
        const LaneId id = copy.id;
        next_.lanes.push_back(std::make_shared<const Lane>(std::move(copy)));
        lanes_.push_back(id);
        std::vector<Pin> loose;
        std::set<PlantingId> rules;
        for (const auto& pin : lane.pins)
            if (const Planting* rule = rule_of(pin.planting))
                rules.insert(rule->id);
            else if (auto there = moved(pin))
                loose.push_back(*std::move(there));
        if (!loose.empty()) {
            auto added = with_pins(next_, id, std::move(loose));
            if (!added)
                return tl::unexpected(added.error());
            next_ = *std::move(added);
        }
        for (const auto& rule : *composition_.piece.plantings)
            if (rules.contains(rule.id))
                place_again(rule, id);
        return {};
    }
    [[nodiscard]] const Planting* rule_of(PlantingId id) const {
        for (const auto& rule : *composition_.piece.plantings)
            if (id.value != 0 && rule.id == id && rule.picker && !rule.picker->by_clock)
                return &rule;
        return nullptr;
    }
    void place_again(const Planting& rule, LaneId lane) {
        Picker picker = *rule.picker;
        picker.whole = false;
        picker.from = use_.from;
        picker.until = use_.until;
        picker.list.clear();
        if (!use_.row.empty() && (picker.source == "onsets" || picker.source.ends_with("beats"))) {
            const Picker of_row = picker_of_row(next_, use_.row, std::nullopt);
            picker.source = of_row.source;
            picker.values = of_row.values;
        }
        if (auto placed = place(next_, lane, picker, rule.form)) {
            next_ = std::move(placed->project);
            return;
        }
        // What is not heard in this song is on its beats.
        picker.source = "beats";
        picker.values = {};
        if (auto placed = place(next_, lane, picker, rule.form))
            next_ = std::move(placed->project);
    }
    /// None where it does not lie on the grid, as everything in a composition does.
    [[nodiscard]] std::optional<Pin> moved(const Pin& pin) const {
        const auto* lies = std::get_if<MusicalAnchor>(&pin.anchor);
        if (!lies)
            return std::nullopt;
        Pin copy = pin;
        copy.id = {};
        copy.planting = {};
        copy.home = {};
        copy.moved = copy.altered = false;
        MusicalAnchor anchor = *lies;
        anchor.at = anchor.at * 2 < composition_.length ? use_.from + anchor.at
                                                        : use_.until - (composition_.length - anchor.at);
        copy.anchor = anchor;
        const double whole = beats(composition_.length);
        if (Length* length = copy.body.lasting())
            if (length->unit == Length::Unit::InBeats && length->amount >= whole)
                length->amount = beats(use_.until - use_.from);
        return copy;
    }
    [[nodiscard]] static double beats(Ticks ticks) {
        return static_cast<double>(ticks.value) / ticks_per_beat;
    }

    Result<void> group() {
        if (outer_.size() < 2) {
            made_ = outer_.empty() ? LayerId{} : outer_.front();
            return {};
        }
        auto grouped = with_group_of(next_, outer_, composition_.name);
        if (!grouped)
            return tl::unexpected(grouped.error());
        next_ = *std::move(grouped);
        made_ = next_.stage->layer(outer_.front())->group;
        return {};
    }

    Project next_;
    const Composition& composition_;
    const CompositionUse& use_;
    std::map<LayerId, LayerId> layers_;
    std::map<std::pair<LayerId, std::string>, std::string> parameters_;
    std::vector<LayerId> outer_;
    std::vector<LaneId> lanes_;
    LayerId made_;
    bool titled_ = false;
};

Result<void> checked(const Project& project, Ticks from, Ticks until) {
    if (!project.grid)
        return fail("There are no beats yet.", {}, "Find the beats first, or tap them.");
    if (until <= from)
        return fail("The stretch is empty.", {}, "Draw a range on the ruler.");
    return {};
}

} // namespace

Result<Composition> composition_of(const Project& project, std::span<const LayerId> chosen, std::string name,
                                   Ticks from, Ticks until) {
    if (auto possible = checked(project, from, until); !possible)
        return tl::unexpected(possible.error());
    if (name.empty())
        return fail("A composition needs a name.");
    const auto kept_layers = with_inner(*project.stage, chosen);
    if (std::ranges::none_of(project.stage->layers,
                             [&](const Layer& one) { return kept_layers.contains(one.id); }))
        return fail("No layer is chosen.", {}, "Choose the layers that it is made of.");
    Composition made{std::move(name), {}, until - from, project};
    Stage stage;
    const Layer* shots = first_shots(*project.stage);
    stage.layers.clear();
    if (shots && !kept_layers.contains(shots->id))
        stage.layers.push_back({shots->id, layers::shots, shots->name});
    for (const auto& layer : project.stage->layers)
        if (kept_layers.contains(layer.id) && layer.kind != layers::camera)
            stage.layers.push_back(layer);
    const Layer& camera = camera_of(*project.stage);
    stage.layers.push_back(kept_layers.contains(camera.id) ? camera
                                                           : Layer{camera.id, layers::camera, camera.name});
    for (auto& layer : stage.layers) {
        if (!kept_layers.contains(layer.group))
            layer.group = {};
        if (!kept_layers.contains(layer.parent))
            layer.parent = {};
        if (!kept_layers.contains(layer.matte.layer))
            layer.matte = {};
    }
    made.piece.stage = std::make_shared<const Stage>(std::move(stage));
    made.piece.lanes.clear();
    std::set<LaneId> lanes;
    for (const auto& lane : project.lanes) {
        if (!moves(*lane, kept_layers))
            continue;
        Lane kept = kept_lane(project, *lane, kept_layers, from);
        if (part_of<Motion>(kept) && !lanes_named_in(part_of<Motion>(kept)->follower).empty())
            continue; // its curve is made of another lane's
        lanes.insert(kept.id);
        made.piece.lanes.push_back(std::make_shared<const Lane>(std::move(kept)));
    }
    std::vector<Planting> rules;
    for (Planting rule : *project.plantings)
        if (lanes.contains(rule.lane) && rule.picker) {
            rule.picker->from -= from;
            rule.picker->until -= from;
            for (auto& at : rule.left_out)
                at -= from;
            rules.push_back(std::move(rule));
        }
    made.piece.plantings = std::make_shared<const std::vector<Planting>>(std::move(rules));
    std::vector<Clip> bin;
    for (const auto& clip : *project.bin)
        if (std::ranges::any_of(made.piece.stage->layers,
                                [&](const Layer& layer) { return layer.picture == clip.id; }))
            bin.push_back(clip);
    made.piece.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
    made.piece.song = nullptr;
    made.piece.detection = nullptr;
    const auto grid = BeatGrid::steady(Bpm(120), Seconds(0), {}, Seconds(60));
    if (grid)
        made.piece.grid = std::make_shared<const BeatGrid>(*grid);
    return made;
}

Result<CompositionUsed> with_composition(const Project& project, const Composition& composition,
                                         const CompositionUse& use) {
    if (auto possible = checked(project, use.from, use.until); !possible)
        return tl::unexpected(possible.error());
    return Use(project, composition, use).run();
}

Result<Meant> stretch_meant(const Project& project, const std::optional<TimeSpan>& range, Seconds at) {
    if (!project.grid)
        return fail("There are no beats yet.", {}, "Find the beats first, or tap them.");
    const auto& grid = *project.grid;
    if (range && range->until > range->from)
        return Meant{grid.nearest_beat(range->from),
                     std::max(grid.nearest_beat(range->until),
                              grid.nearest_beat(range->from) + Ticks(ticks_per_beat))};
    if (project.detection)
        for (const auto& section : project.detection->sections)
            if (at >= section.start && at < section.end)
                return Meant{grid.nearest_beat(section.start), grid.nearest_beat(section.end)};
    const auto bar = grid.position_of(grid.nearest_tick(at)).bar;
    return Meant{grid.ticks_of({bar, 1, 0}), grid.ticks_of({bar + 4, 1, 0})};
}

namespace {

/// From the last of a lane's pins at or before a moment to the one after it; those of one tick are one.
std::optional<Meant> between_pins(const Project& project, const Lane& lane, Seconds at) {
    const auto resolved = resolve(project, lane);
    const auto next = std::ranges::find_if(resolved.pins, [&](const auto& pin) { return pin.time > at; });
    if (next == resolved.pins.begin())
        return std::nullopt;
    const Ticks from = project.grid->nearest_tick((next - 1)->time);
    for (auto end = next; end != resolved.pins.end(); ++end)
        if (const Ticks until = project.grid->nearest_tick(end->time); until > from)
            return Meant{from, until};
    return Meant{from, from};
}

} // namespace

Result<CompositionUse> use_let_go(const Project& project, const CompositionPlace& place,
                                  const std::optional<TimeSpan>& range) {
    const bool in_range = range && place.at >= range->from && place.at < range->until;
    auto meant = stretch_meant(project, in_range ? range : std::nullopt, place.at);
    if (!meant)
        return tl::unexpected(meant.error());
    CompositionUse use{.from = meant->from, .until = meant->until, .row = place.row};
    const Lane* lane = project.lane(place.lane);
    if (!lane || !(holds<CutBody>(lane->kind) || holds<MarkerBody>(lane->kind)))
        return use;
    Seconds at = place.at;
    if (const Pin* pin = place.pin ? project.pin(*place.pin) : nullptr)
        for (const auto& one : resolve(project, *lane).pins)
            if (one.id == pin->id)
                at = one.time;
    if (const auto between = between_pins(project, *lane, at)) {
        const auto bar = project.grid->position_of(between->from);
        use.from = between->from;
        use.until = between->until > between->from
                        ? between->until // the last one has four bars
                        : between->from + (project.grid->ticks_of({bar.bar + 4, 1, 0}) -
                                           project.grid->ticks_of({bar.bar, 1, 0}));
    }
    if (holds<CutBody>(lane->kind))
        for (const auto& layer : project.stage->layers)
            if (layer.kind == layers::shots && layer.cuts == lane->id)
                use.shots = layer.id;
    return use;
}

} // namespace pulsepin
