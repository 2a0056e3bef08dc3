// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/lottie.h"

#include "follow/freeze.h"
#include "kinds/layer_kinds.h"
#include "model/shape_outline.h"
#include "schedule/lasting.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "stage/effects.h"
#include "stage/staged_frame.h"
#include "stage/staying_full.h"
#include "stage/title.h"

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

namespace pulsepin {
namespace {

// Streaming readers want the type of an object before its parts: the order counts.
using json = nlohmann::ordered_json;

constexpr double tolerance = 0.05;
constexpr int camera_index = 1;

/// A value for each frame of the piece.
using Course = std::vector<double>;
/// Those of a layer, by parameter.
using Courses = std::map<std::string, Course>;

/// A layer, or one of its appearances, over the piece.
struct Staged {
    StagedLayer first; ///< as it is when it comes
    Frames comes, ends;
    Courses courses; ///< from the piece's start on; before it comes as when it does
    std::pair<LayerId, PinId> group = {};
};
using StagedLayers = std::map<std::pair<LayerId, PinId>, Staged>;

/// What is always there counts as appearing once.
std::pair<LayerId, PinId> name_of(const StagedLayer& layer) {
    return {layer.id, layer.appearance};
}

bool is_written(LayerKind kind) {
    return kind == layers::shape || kind == layers::title || kind == layers::group;
}

void take_frame(StagedLayers& all, const StagedFrame& staged, Frames frame) {
    for_staged(staged.layers, [&](const StagedLayer& layer, const std::vector<const StagedLayer*>& around) {
        if (!is_written(layer.kind))
            return;
        auto [found, fresh] = all.try_emplace(name_of(layer));
        Staged& one = found->second;
        if (fresh) {
            one.first = layer;
            one.comes = frame;
            if (!around.empty())
                one.group = name_of(*around.back());
        }
        one.ends = frame + Frames(1);
        for (const auto& parameter : place_parameters()) {
            const std::string id(parameter.id);
            auto& course = one.courses[id];
            const double value = layer.values.of(id);
            // Before it came, or in between, it is as it was.
            course.resize(static_cast<std::size_t>(frame.value), course.empty() ? value : course.back());
            course.push_back(value);
        }
    });
}

struct Piece {
    StagedLayers layers;
    Courses camera; ///< without what triggers do
};

/// The camera as large as it must be for no edge to be seen; by its place alone, as it is written.
LayerValues stays_full(const Project& project, const Layer& camera, LayerValues values) {
    if (!values.flag("stays-full"))
        return values;
    LayerValues own, driven;
    for (const auto& parameter : place_parameters()) {
        const std::string id(parameter.id);
        own.set(id, LayerValues(camera).of(id));
        driven.set(id, values.of(id));
    }
    const bool posed = std::ranges::any_of(project.lanes, [&](const auto& lane) {
        return holds<PoseBody>(lane->kind) && part_of<Motion>(*lane)->own.target.layer == camera.id;
    });
    const auto& settings = *project.settings;
    values.scale("scale", enlarged_to_stay_full(own, driven, 0,
                                                {.width = static_cast<double>(settings.picture_width),
                                                 .height = static_cast<double>(settings.picture_height),
                                                 .camera = true,
                                                 .turns = !posed}));
    return values;
}

Piece staged_piece(const Curves& curves, Frames length) {
    Piece piece;
    const Layer& camera = curves.project().stage->layers.back();
    for (Frames frame(0); frame < length; frame += Frames(1)) {
        take_frame(piece.layers, staged_at(curves, frame), frame);
        LayerValues values(camera);
        for (const auto& one : driven_at(curves, static_cast<double>(frame.value)))
            if (one.target.layer == camera.id)
                values.set(one.target.parameter, one.value);
        values = stays_full(curves.project(), camera, std::move(values));
        for (const auto& parameter : place_parameters())
            piece.camera[std::string(parameter.id)].push_back(values.of(parameter.id));
    }
    for (auto& [name, one] : piece.layers) // to the piece's end
        for (auto& [id, course] : one.courses)
            course.resize(static_cast<std::size_t>(length.value), course.back());
    return piece;
}

json point(std::initializer_list<double> values) {
    return json(std::vector<double>(values));
}

/// Straight from key to key.
json animated(const std::vector<Course>& parts, const std::function<json(const std::vector<double>&)>& at) {
    // All frames at which one of the parts has a key.
    std::vector<std::int64_t> frames;
    for (const auto& part : parts)
        for (const auto frame : simplified_frames(part, tolerance))
            frames.push_back(static_cast<std::int64_t>(frame));
    std::sort(frames.begin(), frames.end());
    frames.erase(std::unique(frames.begin(), frames.end()), frames.end());
    const auto values_at = [&](std::int64_t frame) {
        std::vector<double> values;
        for (const auto& part : parts)
            values.push_back(part[static_cast<std::size_t>(frame)]);
        return at(values);
    };
    const bool still = std::all_of(parts.begin(), parts.end(), [](const auto& part) {
        return std::all_of(part.begin(), part.end(),
                           [&](double value) { return std::abs(value - part.front()) <= tolerance; });
    });
    if (still || frames.size() < 2)
        return {{"a", 0},
                {"k", parts.size() == 1 && values_at(0).size() == 1 ? values_at(0)[0] : values_at(0)}};
    json keys = json::array();
    for (std::size_t i = 0; i < frames.size(); ++i) {
        json key{{"t", frames[i]}, {"s", values_at(frames[i])}};
        if (i + 1 < frames.size()) {
            key["o"] = {{"x", {0.0}}, {"y", {0.0}}};
            key["i"] = {{"x", {1.0}}, {"y", {1.0}}};
            key["e"] = values_at(frames[i + 1]); // readers of version 4 want where it ends
        }
        keys.push_back(std::move(key));
    }
    return {{"a", 1}, {"k", keys}};
}

json single(const Course& part, double factor) {
    return animated({part}, [factor](const std::vector<double>& v) { return point({v[0] * factor}); });
}

/// Where its pivot lies.
json place_of(const Courses& courses, double x, double y) {
    return animated(
        {courses.at("position-x"), courses.at("position-y"), courses.at("pivot-x"), courses.at("pivot-y")},
        [=](const std::vector<double>& v) {
            return point({x + v[0] + v[2], y + v[1] + v[3], 0});
        });
}
/// The pivot in the layer itself.
json pivot_of(const Courses& courses, double x, double y) {
    return animated({courses.at("pivot-x"), courses.at("pivot-y")}, [=](const std::vector<double>& v) {
        return point({x + v[0], y + v[1], 0});
    });
}

json scale_of(const Courses& courses) {
    return animated({courses.at("scale"), courses.at("scale-x"), courses.at("scale-y")},
                    [](const std::vector<double>& v) {
                        return point({v[0] * v[1] / 100, v[0] * v[2] / 100, 100});
                    });
}

json outline_json(const std::string& id, double radius) {
    const auto& outline = shape_outline(id);
    if (outline.round)
        return {{"ty", "el"},
                {"p", {{"a", 0}, {"k", {0, 0}}}},
                {"s", {{"a", 0}, {"k", {2 * radius, 2 * radius}}}}};
    json vertices = json::array(), straight = json::array();
    for (const auto& [x, y] : outline.points) {
        vertices.push_back({x * radius, y * radius});
        straight.push_back({0, 0});
    }
    return {{"ty", "sh"},
            {"ks", {{"a", 0}, {"k", {{"c", true}, {"v", vertices}, {"i", straight}, {"o", straight}}}}}};
}

json colour_json(Colour colour) {
    return {((colour.rgb >> 16) & 255) / 255.0, ((colour.rgb >> 8) & 255) / 255.0, (colour.rgb & 255) / 255.0,
            1};
}

json shape_json(const StagedLayer& layer, double radius) {
    const json still{{"ty", "tr"},
                     {"p", {{"a", 0}, {"k", {0, 0}}}},
                     {"a", {{"a", 0}, {"k", {0, 0}}}},
                     {"s", {{"a", 0}, {"k", {100, 100}}}},
                     {"r", {{"a", 0}, {"k", 0}}},
                     {"o", {{"a", 0}, {"k", 100}}}};
    json parts = json::array({outline_json(layer.shape, radius)});
    const double filled = layer.values.of("fill"), width = layer.values.of("line-width");
    if (width > 0)
        parts.push_back(
            {{"ty", "st"},
             {"c",
              {{"a", 0}, {"k", colour_json(filled > 0 ? layer.values.colour("line-colour") : layer.colour)}}},
             {"o", {{"a", 0}, {"k", 100}}},
             {"w", {{"a", 0}, {"k", width}}},
             {"lc", 2},
             {"lj", 2}});
    if (filled > 0)
        parts.push_back({{"ty", "fl"},
                         {"c", {{"a", 0}, {"k", colour_json(layer.colour)}}},
                         {"o", {{"a", 0}, {"k", filled}}},
                         {"r", 1}});
    parts.push_back(still);
    return json::array({{{"ty", "gr"}, {"nm", layer.shape}, {"it", parts}}});
}

json text_json(const StagedLayer& layer, double size) {
    std::string words = layer.text;
    std::replace(words.begin(), words.end(), '\n', '\r'); // how Lottie ends a line
    const double large = size * layer.values.of("font-size") / 100;
    json document{{"s", large}, {"f", "Inter-SemiBold"}, {"t", words}, {"j", 2},
                  {"tr", 0},    {"lh", large * 1.2},     {"ls", 0},    {"fc", colour_json(layer.colour)}};
    return {{"d", {{"k", json::array({{{"s", document}, {"t", 0}}})}}},
            {"p", json::object()},
            {"m", {{"g", 1}, {"a", {{"a", 0}, {"k", {0, 0}}}}}},
            {"a", json::array()}};
}

json layer_json(const std::string& name, int index, int type, Frames from, Frames until, json transform) {
    return {{"ddd", 0}, {"ind", index},     {"ty", type},        {"nm", name}, {"sr", 1}, {"ks", transform},
            {"ao", 0},  {"ip", from.value}, {"op", until.value}, {"st", 0},    {"bm", 0}};
}

/// What all others hang from: moved against them, so that they are seen through it.
json camera_json(const Layer& camera, const Courses& seen, const Settings& settings, Frames length) {
    return layer_json(camera.name, camera_index, 3, Frames(0), length,
                      {{"p", pivot_of(seen, settings.picture_width / 2.0, settings.picture_height / 2.0)},
                       {"a", place_of(seen, 0, 0)},
                       {"s", scale_of(seen)},
                       {"r", single(seen.at("rotation"), -1)},
                       {"o", {{"a", 0}, {"k", 0}}}});
}

json drawn_json(const std::string& name, const Staged& staged, int index, int parent,
                const Settings& settings) {
    const auto& own = staged.courses;
    const bool shape = staged.first.kind == layers::shape, title = staged.first.kind == layers::title;
    json one = layer_json(name, index,
                          shape   ? 4
                          : title ? 5
                                  : 3,
                          staged.comes, staged.ends,
                          {{"p", place_of(own, 0, 0)},
                           {"a", pivot_of(own, 0, title ? -title::baseline(settings.picture_height) : 0)},
                           {"s", scale_of(own)},
                           {"r", single(own.at("rotation"), 1)},
                           {"o", single(own.at("opacity"), 1)}});
    one["parent"] = parent;
    if (shape)
        one["shapes"] = shape_json(staged.first, shape_radius(settings.picture_height));
    else if (title)
        one["t"] = text_json(staged.first, title::size(settings.picture_height));
    return one;
}

json piece_json(const Settings& settings, Frames length, json layers) {
    json piece = {{"v", "5.7.0"},
                  {"nm", settings.title},
                  {"fr", settings.frame_rate.per_second()},
                  {"ip", 0},
                  {"op", length.value},
                  {"w", settings.picture_width},
                  {"h", settings.picture_height},
                  {"ddd", 0},
                  {"assets", json::array()},
                  {"fonts",
                   {{"list", json::array({{{"fName", "Inter-SemiBold"},
                                           {"fFamily", "Inter"},
                                           {"fStyle", title::style},
                                           {"ascent", 75}}})}}},
                  {"layers", std::move(layers)}};
    json about; // "meta": who made it, and what was said of it
    if (!settings.author.empty())
        about["a"] = settings.author;
    if (!settings.remarks.empty())
        about["d"] = settings.remarks;
    if (!about.is_null())
        piece["meta"] = std::move(about);
    return piece;
}

/// Named moments and stretches of the piece ("tm", "cm" and "dr" of the Lottie specification).
json markers_json(const Schedule& schedule, Frames length) {
    const Project& project = schedule.project();
    const auto rate = project.settings->frame_rate;
    json markers = json::array();
    for (std::size_t i = 0; i < schedule.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        if (!holds<MarkerBody>(lane.kind) || lane.muted)
            continue;
        for (const auto& pin : schedule[i].pins) {
            const auto& marker = body_of<MarkerBody>(lane.pins[pin.index].body);
            if (lane.pins[pin.index].muted || pin.frame < Frames(0) || pin.frame >= length)
                continue;
            const auto lasts = duration_of(marker.length, pin.time, project);
            const Frames end = lasts ? std::min(rate.frame_at(pin.time + *lasts), length) : pin.frame;
            markers.push_back(
                {{"tm", pin.frame.value}, {"cm", marker.name}, {"dr", (end - pin.frame).value}});
        }
    }
    return markers;
}

} // namespace

Result<std::string> write_lottie(const ExportMaterial& m) {
    const auto& settings = *m.project.settings;
    const auto& layers = m.project.stage->layers;
    const auto written = [](const Layer& layer) {
        return !layer.hidden && (layer.kind == layers::shape || layer.kind == layers::title);
    };
    if (std::none_of(layers.begin(), layers.end(), written))
        return fail("There is no shape and no title to write.", {},
                    "Add a layer at the stop \"Motion\" first.");
    const Frames length = piece_length(m.project);
    const Piece piece = staged_piece(m.curves, length);
    json list = json::array({camera_json(layers.back(), piece.camera, settings, length)});
    // Groups first get their numbers, since what is in them hangs from them; the highest is listed first.
    std::map<std::pair<LayerId, PinId>, int> indices;
    int index = camera_index;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer)
        for (auto one = piece.layers.rbegin(); one != piece.layers.rend(); ++one)
            if (one->first.first == layer->id)
                indices[one->first] = ++index;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer)
        for (auto one = piece.layers.rbegin(); one != piece.layers.rend(); ++one)
            if (one->first.first == layer->id) {
                const auto around = indices.find(one->second.group);
                list.push_back(drawn_json(layer->name, one->second, indices[one->first],
                                          around == indices.end() ? camera_index : around->second, settings));
            }
    json whole = piece_json(settings, length, std::move(list));
    if (json markers = markers_json(m.curves.schedule, length); !markers.empty())
        whole["markers"] = std::move(markers);
    return whole.dump(-1, ' ', false, json::error_handler_t::replace) + "\n";
}

} // namespace pulsepin
