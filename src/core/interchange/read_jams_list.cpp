// SPDX-License-Identifier: GPL-3.0-or-later
//
// Annotations of music as JAMS (Humphrey et al., "JAMS: A JSON Annotated Music Specification", ISMIR 2014) as
// markers: whichever namespace is asked for.
#include "interchange/list_readers.h"

#include <array>
#include <cmath>
#include <fmt/core.h>
#include <nlohmann/json.hpp>
#include <utility>

namespace pulsepin {
namespace {

using nlohmann::json;

constexpr ParamChoice whats[] = {{"segments", "sections"},
                                 {"onsets", "onsets"},
                                 {"beats", "beats"},
                                 {"chords", "chords"},
                                 {"all", "all of it"}};
constexpr ParamSpec own[] = {
    {.id = "what", .label = "what comes in", .type = ParamType::Choice, .choices = whats}};

bool is_wanted(std::string_view of, std::string_view wanted) {
    if (wanted == "segments")
        return of.starts_with("segment") || of.starts_with("multi_segment");
    if (wanted == "onsets")
        return of == "onset";
    if (wanted == "beats")
        return of.starts_with("beat");
    if (wanted == "chords")
        return of.starts_with("chord");
    return of != "tempo"; // which is of no moment
}

/// What an observation says, in a few words.
std::string text_of(const json& value) {
    if (value.is_string())
        return value.get<std::string>();
    if (value.is_number())
        return fmt::format("{:g}", value.get<double>());
    if (value.is_object())
        for (const char* name : {"label", "chord", "value"})
            if (const auto found = value.find(name); found != value.end())
                return text_of(*found);
    return {};
}

std::optional<double> number(const json& of, const char* name) {
    const auto found = of.is_object() ? of.find(name) : of.end();
    if (!of.is_object() || found == of.end() || !found->is_number())
        return std::nullopt;
    const double value = found->get<double>();
    return std::isfinite(value) && std::abs(value) < 1e6 ? std::optional(value) : std::nullopt;
}

class Reading {
public:
    explicit Reading(BroughtIn& list) : list_(list) {}

    void add(const json& observation) {
        ++count_;
        const auto time = number(observation, "time");
        if (!time)
            return tell();
        BroughtItem item;
        item.at = Seconds(*time);
        item.until = Seconds(*time + std::max(0.0, number(observation, "duration").value_or(0)));
        item.name = observation.contains("value") ? text_of(observation["value"]) : std::string();
        list_.items.push_back(std::move(item));
    }
    /// Older files have a column for each instead of a list of observations.
    void add_columns(const json& data) {
        const auto column = [&](const char* name) {
            const auto found = data.find(name);
            return found != data.end() && found->is_array() ? *found : json::array();
        };
        const json times = column("time"), lasts = column("duration"), values = column("value");
        for (std::size_t i = 0; i < times.size(); ++i)
            add({{"time", times[i]},
                 {"duration", i < lasts.size() ? lasts[i] : json(0)},
                 {"value", i < values.size() ? values[i] : json()}});
    }

private:
    void tell() {
        constexpr std::size_t most = 1000;
        if (list_.not_understood.size() < most)
            list_.not_understood.push_back(fmt::format("Observation {}: it has no time.", count_));
    }
    BroughtIn& list_;
    int count_ = 0;
};

Result<BroughtIn> read(std::string_view bytes, const ListReading& reading) {
    const json file = json::parse(bytes, nullptr, false);
    const auto annotations = file.is_object() ? file.find("annotations") : file.end();
    if (!file.is_object() || annotations == file.end() || !annotations->is_array())
        return fail("This is no JAMS file.", {}, "Choose a file of annotations that ends in .jams.");
    BroughtIn list;
    Reading reads(list);
    std::string first;
    for (const auto& annotation : *annotations) {
        if (!annotation.is_object())
            continue;
        const std::string of = annotation.contains("namespace") ? text_of(annotation["namespace"]) : "";
        if (!is_wanted(of, reading.values.text("what")))
            continue;
        // Beats may stand there twice, as times and with their places in the bar.
        if (reading.values.text("what") == "beats" &&
            !std::exchange(first, first.empty() ? of : first).empty() && of != first)
            continue;
        const auto data = annotation.find("data");
        if (data == annotation.end())
            continue;
        if (data->is_array())
            for (const auto& observation : *data)
                reads.add(observation);
        else if (data->is_object())
            reads.add_columns(*data);
    }
    if (list.items.empty())
        return fail("There are none of those in this file.", {}, "Choose another kind of annotation.");
    std::ranges::stable_sort(list.items, {}, &BroughtItem::at);
    return list;
}

} // namespace

const ListReaderRow jams_list_reader{"jams", "Annotated music (JAMS)", "jams", read, own};

} // namespace pulsepin
