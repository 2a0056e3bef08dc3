// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/filled_places.h"

#include "kinds/layer_kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/stage_edits.h"

#include <algorithm>
#include <array>
#include <set>
#include <string>

namespace pulsepin {
namespace {

struct Places {
    std::vector<LayerId> layers; ///< it, and what lies in it
    std::vector<LayerId> titles, pictures;
    std::vector<Colour> colours;
};

bool lies_in(const Stage& stage, const Layer& layer, LayerId outer) {
    const Layer* at = &layer;
    for (std::size_t deep = 0; at && deep <= stage.layers.size(); ++deep) {
        if (at->id == outer)
            return true;
        at = stage.layer(at->group);
    }
    return false;
}

/// What is seen of a lane that moves one of them.
template <class See>
void for_feeds_of(Motion& motion, const std::vector<LayerId>& layers, See see) {
    const auto moves = [&](const Feed& feed) {
        return std::ranges::find(layers, feed.target.layer) != layers.end();
    };
    if (moves(motion.own))
        see(motion.own);
    for (auto& feed : motion.feeds)
        if (moves(feed))
            see(feed);
}

/// Each colour of a layer and of a feed, to be read or changed.
template <class See>
void for_colours(Layer& layer, See see) {
    if (layer.kind->drawn)
        see(layer.colour);
    for (auto& [id, colour] : layer.colours)
        see(colour);
}
template <class See>
void for_colours(Feed& feed, See see) {
    if (!feed.target.parameter.ends_with("colour"))
        return;
    see(feed.low_colour);
    see(feed.high_colour);
    for (auto& colour : feed.palette)
        see(colour);
}

bool appears_in(const Lane& lane, const std::vector<LayerId>& layers) {
    return part_of<Showing>(lane) && std::ranges::find(layers, part_of<Showing>(lane)->layer) != layers.end();
}

Places found(const Project& project, LayerId outer) {
    Places places;
    const auto keep = [&](Colour colour) {
        if (std::ranges::find(places.colours, colour) == places.colours.end())
            places.colours.push_back(colour);
    };
    for (Layer layer : project.stage->layers) {
        if (!lies_in(*project.stage, layer, outer))
            continue;
        places.layers.push_back(layer.id);
        if (layer.kind == layers::title)
            places.titles.push_back(layer.id);
        if (layer.kind->has_clip || (layer.kind->may_have_clip && layer.picture.value != 0))
            places.pictures.push_back(layer.id);
        for_colours(layer, keep);
    }
    for (const auto& lane : project.lanes) {
        if (part_of<Motion>(*lane)) {
            Motion motion = *part_of<Motion>(*lane);
            for_feeds_of(motion, places.layers, [&](Feed& feed) { for_colours(feed, keep); });
        }
        if (appears_in(*lane, places.layers))
            for (const auto& pin : lane->pins)
                if (const auto& body = body_of<AppearanceBody>(pin.body); body.coloured)
                    keep(body.colour);
    }
    return places;
}

std::string numbered(std::string_view id, std::size_t index) {
    return std::string(id) + "-" + std::to_string(index + 1);
}

Result<Project> with_colour(const Project& project, const Places& places, Colour before, Colour after) {
    const auto change = [&](Colour& colour) {
        if (colour == before)
            colour = after;
    };
    Project next = project;
    for (const LayerId id : places.layers) {
        Layer layer = *next.stage->layer(id);
        for_colours(layer, change);
        if (layer == *next.stage->layer(id))
            continue;
        auto changed = with_changed_layer(next, std::move(layer));
        if (!changed)
            return changed;
        next = *std::move(changed);
    }
    for (const auto& lane : project.lanes) {
        if (part_of<Motion>(*lane)) {
            Motion motion = *part_of<Motion>(*lane);
            for_feeds_of(motion, places.layers, [&](Feed& feed) { for_colours(feed, change); });
            if (!(motion == *part_of<Motion>(*lane))) {
                auto moved = with_motion(next, lane->id, std::move(motion));
                if (!moved)
                    return moved;
                next = *std::move(moved);
            }
        }
        if (!appears_in(*lane, places.layers))
            continue;
        std::vector<PinId> pins;
        for (const auto& pin : lane->pins)
            if (const auto& body = body_of<AppearanceBody>(pin.body); body.coloured && body.colour == before)
                pins.push_back(pin.id);
        next = with_bodies(next, pins, [&](PinBody& body) { change(body_of<AppearanceBody>(body).colour); });
    }
    return next;
}

} // namespace

ParamSpecs place_specs() {
    static const auto ids = [] {
        std::array<std::array<std::string, most_places>, 6> all; // ids and labels of each kind
        for (std::size_t i = 0; i < most_places; ++i) {
            const std::string number = std::to_string(i + 1);
            all[0][i] = "words-" + number;
            all[1][i] = "words " + number;
            all[2][i] = "picture-" + number;
            all[3][i] = "picture " + number;
            all[4][i] = "colour-" + number;
            all[5][i] = "colour " + number;
        }
        return all;
    }();
    static const auto specs = [] {
        std::vector<ParamSpec> all;
        for (std::size_t i = 0; i < most_places; ++i)
            all.push_back({.id = ids[0][i], .label = ids[1][i], .type = ParamType::Text, .unit = "lines"});
        for (std::size_t i = 0; i < most_places; ++i)
            all.push_back({.id = ids[2][i], .label = ids[3][i], .type = ParamType::Shot});
        for (std::size_t i = 0; i < most_places; ++i)
            all.push_back({.id = ids[4][i], .label = ids[5][i], .type = ParamType::Colour, .most = 0xffffff});
        return all;
    }();
    return specs;
}

ParamValues places_of(const Project& project, LayerId layer) {
    const Places places = found(project, layer);
    const auto& stage = *project.stage;
    ParamValues values;
    for (std::size_t i = 0; i < std::min(most_places, places.titles.size()); ++i)
        values.set(numbered("words", i), stage.layer(places.titles[i])->text);
    for (std::size_t i = 0; i < std::min(most_places, places.pictures.size()); ++i)
        values.set(numbered("picture", i),
                   static_cast<double>(stage.layer(places.pictures[i])->picture.value));
    for (std::size_t i = 0; i < std::min(most_places, places.colours.size()); ++i)
        values.set(numbered("colour", i), places.colours[i]);
    return values;
}

Result<Project> with_places_filled(const Project& project, LayerId layer, const ParamValues& values) {
    const Places places = found(project, layer);
    if (places.layers.empty())
        return fail("That layer is no longer there.");
    Project next = project;
    const auto change = [&](LayerId id, auto how) -> Result<void> {
        Layer changed = *next.stage->layer(id);
        how(changed);
        auto done = with_changed_layer(next, std::move(changed));
        if (!done)
            return tl::unexpected(done.error());
        next = *std::move(done);
        return {};
    };
    for (std::size_t i = 0; i < std::min(most_places, places.titles.size()); ++i)
        if (values.find(numbered("words", i)))
            if (auto done = change(places.titles[i],
                                   [&](Layer& one) { one.text = values.text(numbered("words", i)); });
                !done)
                return tl::unexpected(done.error());
    for (std::size_t i = 0; i < std::min(most_places, places.pictures.size()); ++i) {
        if (!values.find(numbered("picture", i)))
            continue;
        const ClipId clip{static_cast<std::uint64_t>(values.whole(numbered("picture", i)))};
        if (clip.value != 0 && !project.clip(clip))
            return fail("There is no picture of that number.", {}, "See the bin for those there are.");
        if (auto done = change(places.pictures[i], [&](Layer& one) { one.picture = clip; }); !done)
            return tl::unexpected(done.error());
    }
    // All at once, so that two colours can change places.
    std::vector<std::pair<Colour, Colour>> changes;
    for (std::size_t i = 0; i < std::min(most_places, places.colours.size()); ++i)
        if (values.find(numbered("colour", i)) && values.colour(numbered("colour", i)) != places.colours[i])
            changes.emplace_back(places.colours[i], values.colour(numbered("colour", i)));
    for (std::size_t i = 0; i < changes.size(); ++i) { // by way of colours that nothing has
        auto done =
            with_colour(next, places, changes[i].first, Colour{static_cast<std::uint32_t>(0xff000000u + i)});
        if (!done)
            return done;
        next = *std::move(done);
    }
    for (std::size_t i = 0; i < changes.size(); ++i) {
        auto done =
            with_colour(next, places, Colour{static_cast<std::uint32_t>(0xff000000u + i)}, changes[i].second);
        if (!done)
            return done;
        next = *std::move(done);
    }
    return next;
}

} // namespace pulsepin
