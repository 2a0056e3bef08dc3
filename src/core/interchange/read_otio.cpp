// SPDX-License-Identifier: GPL-3.0-or-later
//
// OpenTimelineIO's JSON: a timeline of tracks with clips, gaps, transitions, time effects and markers, in the
// schemas of its library 0.18 (Timeline.1, Stack.1, Track.1, Clip.1 and .2, Gap.1, Transition.1, Marker.1 and
// .2, LinearTimeWarp.1, FreezeFrame.1).
#include "interchange/list_readers.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <fmt/core.h>
#include <nlohmann/json.hpp>

namespace pulsepin {
namespace {

using nlohmann::json;

constexpr int deepest = 8; // nested stacks and tracks

std::string text_at(const json& object, const char* name) {
    const auto found = object.is_object() ? object.find(name) : object.end();
    return found != object.end() && found->is_string() ? found->get<std::string>() : std::string();
}
const json& at(const json& object, const char* name) {
    static const json none;
    if (!object.is_object())
        return none;
    const auto found = object.find(name);
    return found == object.end() ? none : *found;
}
double number_at(const json& object, const char* name, double otherwise = 0) {
    const json& value = at(object, name);
    const double number = value.is_number() ? value.get<double>() : otherwise;
    return std::isfinite(number) ? number : otherwise;
}
bool is(const json& object, const char* schema) {
    return text_at(object, "OTIO_SCHEMA").starts_with(std::string(schema) + ".");
}

std::optional<Seconds> time_of(const json& time) {
    const double rate = number_at(time, "rate");
    if (!time.is_object() || rate <= 0)
        return std::nullopt;
    const double seconds = number_at(time, "value") / rate;
    return std::abs(seconds) <= 1e6 ? std::optional(Seconds(seconds)) : std::nullopt;
}

struct Range {
    Seconds start, duration;
};
std::optional<Range> range_of(const json& range) {
    const auto start = time_of(at(range, "start_time")), duration = time_of(at(range, "duration"));
    if (!start || !duration || *duration < Seconds(0))
        return std::nullopt;
    return Range{*start, *duration};
}

/// "file:///a%20b.mp4" as a path; what is none as it stands.
std::string path_of_url(const std::string& url) {
    std::string path = url;
    for (const char* head : {"file://localhost", "file://"})
        if (path.starts_with(head)) {
            path = path.substr(std::string(head).size());
            break;
        }
    std::string plain;
    for (std::size_t i = 0; i < path.size(); ++i) {
        const auto hex = [&](std::size_t k) {
            return k < path.size() && std::isxdigit(static_cast<unsigned char>(path[k]));
        };
        if (path[i] == '%' && hex(i + 1) && hex(i + 2)) {
            plain += static_cast<char>(std::stoi(path.substr(i + 1, 2), nullptr, 16));
            i += 2;
        } else
            plain += path[i];
    }
    return plain;
}

class Timeline {
public:
    Result<BroughtIn> read(const json& whole) {
        if (!is(whole, "Timeline"))
            return fail("This is no timeline of OpenTimelineIO.", {},
                        "Choose a file that was written as one.");
        list_.title = text_at(whole, "name");
        const json& tracks = at(whole, "tracks");
        take_markers(tracks, Seconds(0));
        for (const json& track : children_of(tracks))
            take_track(track);
        if (list_.items.empty())
            return fail("There is nothing in this timeline.", {}, "Choose one with clips or markers.");
        return std::move(list_);
    }

private:
    void tell(const std::string& what) {
        constexpr std::size_t most = 1000;
        if (list_.not_understood.size() < most)
            list_.not_understood.push_back(what);
    }

    static const json& children_of(const json& parent) {
        static const json none = json::array();
        const json& children = at(parent, "children");
        return children.is_array() ? children : none;
    }

    void take_track(const json& track) {
        if (!is(track, "Track"))
            return tell("\"" + text_at(track, "name") + "\" is no track.");
        if (at(track, "enabled") == json(false))
            return;
        const bool sounds = text_at(track, "kind") == "Audio";
        take_markers(track, Seconds(0));
        Seconds reached(0);
        const json* fading = nullptr; ///< the transition in front of the next clip
        for (const json& child : children_of(track)) {
            if (is(child, "Transition")) {
                fading = &child;
                continue;
            }
            const Seconds lasts = length_of(child, 0);
            const Seconds until = reached + lasts;
            if (is(child, "Gap")) {
                if (!sounds && lasts > Seconds(0))
                    list_.items.push_back(
                        {.kind = BroughtItem::Kind::Gap, .at = reached, .until = until, .track = video_});
                take_markers(child, reached);
            } else {
                take_clip(child, sounds, reached, until);
                if (fading && !sounds && !list_.items.empty())
                    fade(*fading, list_.items.back());
            }
            fading = nullptr;
            reached = until;
        }
        (sounds ? audio_ : video_) += 1;
    }

    void fade(const json& transition, BroughtItem& into) {
        const auto before = time_of(at(transition, "in_offset")),
                   after = time_of(at(transition, "out_offset"));
        into.fade = before.value_or(Seconds(0)) + after.value_or(Seconds(0));
        const std::string name = text_at(transition, "name");
        into.wiped = name.find("wipe") != std::string::npos || name.find("Wipe") != std::string::npos;
    }

    /// As long as it says, or as what it holds.
    Seconds length_of(const json& item, int deep) {
        if (const auto range = range_of(at(item, "source_range")))
            return range->duration;
        if (is(item, "Clip"))
            if (const auto range = range_of(at(reference_of(item), "available_range")))
                return range->duration;
        Seconds all(0);
        if (deep > deepest)
            return all;
        const bool beside = is(item, "Stack");
        for (const json& child : children_of(item)) {
            if (is(child, "Transition"))
                continue;
            const Seconds one = length_of(child, deep + 1);
            all = beside ? std::max(all, one) : all + one;
        }
        return all;
    }

    /// Of its active one, where there are several (Clip.2).
    static const json& reference_of(const json& clip) {
        const json& several = at(clip, "media_references");
        if (several.is_object()) {
            const std::string key = text_at(clip, "active_media_reference_key");
            return at(several, key.empty() ? "DEFAULT_MEDIA" : key.c_str());
        }
        return at(clip, "media_reference");
    }

    void take_clip(const json& clip, bool sounds, Seconds from, Seconds until) {
        BroughtItem item;
        item.kind = sounds ? BroughtItem::Kind::Sound : BroughtItem::Kind::Cut;
        item.at = from;
        item.until = until;
        item.name = text_at(clip, "name");
        item.track = sounds ? audio_ : video_;
        if (!is(clip, "Clip")) {
            tell("\"" + item.name + "\" holds clips of its own: it comes as one shot that is still to come.");
        } else {
            const json& reference = reference_of(clip);
            item.file = path_of_url(text_at(reference, "target_url"));
            const auto range = range_of(at(clip, "source_range"));
            const auto available = range_of(at(reference, "available_range"));
            // Times of a clip whose timecode does not begin at 0 count from what is available.
            if (range)
                item.in_point =
                    std::max(Seconds(0), range->start - (available ? available->start : Seconds(0)));
            if (at(clip, "enabled") == json(false))
                item.kind = BroughtItem::Kind::Gap;
        }
        for (const json& effect : at(clip, "effects").is_array() ? at(clip, "effects") : json::array()) {
            if (is(effect, "FreezeFrame"))
                item.speed = 0;
            else if (is(effect, "LinearTimeWarp"))
                item.speed = number_at(effect, "time_scalar", 1);
            else
                tell("The effect \"" + text_at(effect, "effect_name") + "\" of \"" + item.name +
                     "\" is left out.");
        }
        const json& ours = at(at(clip, "metadata"), "pulsepin");
        item.gain_db = number_at(ours, "gain_db");
        const bool there = item.kind != BroughtItem::Kind::Gap || !sounds;
        if (there && until > from)
            list_.items.push_back(std::move(item));
        take_markers(clip, from - range_of(at(clip, "source_range")).value_or(Range{}).start);
    }

    void take_markers(const json& item, Seconds ahead) {
        const json& markers = at(item, "markers");
        if (!markers.is_array())
            return;
        for (const json& marker : markers) {
            const auto range = range_of(at(marker, "marked_range"));
            if (!range) {
                tell("The marker \"" + text_at(marker, "name") + "\" has no time.");
                continue;
            }
            BroughtItem made;
            made.kind = BroughtItem::Kind::Marker;
            made.at = ahead + range->start;
            made.until = made.at + range->duration;
            made.name = text_at(marker, "name");
            made.note = text_at(marker, "comment");
            made.colour = text_at(marker, "color");
            std::ranges::transform(made.colour, made.colour.begin(),
                                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
            list_.items.push_back(std::move(made));
        }
    }

    BroughtIn list_;
    int video_ = 0, audio_ = 0;
};

/// How deep braces and brackets of a text nest, strings left aside.
int depth_of(std::string_view text) {
    int depth = 0, most = 0;
    bool quoted = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (quoted) {
            if (text[i] == '\\')
                ++i;
            else if (text[i] == '"')
                quoted = false;
        } else if (text[i] == '"')
            quoted = true;
        else if (text[i] == '{' || text[i] == '[')
            most = std::max(most, ++depth);
        else if (text[i] == '}' || text[i] == ']')
            --depth;
    }
    return most;
}

Result<BroughtIn> read(std::string_view bytes, const ListReading&) {
    constexpr int most = 200;
    if (depth_of(bytes) > most)
        return fail("This file nests too deeply.", {}, "Choose a timeline of OpenTimelineIO.");
    const json whole = json::parse(bytes, nullptr, false);
    if (whole.is_discarded())
        return fail("This is no JSON, or only part of it.", {}, "Choose a timeline of OpenTimelineIO.");
    return Timeline().read(whole);
}

} // namespace

const ListReaderRow otio_reader{"otio", "Timeline (OpenTimelineIO)", "otio", read};

} // namespace pulsepin
