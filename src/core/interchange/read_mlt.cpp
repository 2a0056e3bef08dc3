// SPDX-License-Identifier: GPL-3.0-or-later
//
// Timelines as XML of MLT (its DTD, version 7): playlists of a tractor, with clips, blanks, dissolves over
// tractors of their own, speeds by timewarp and held pictures. Times are frames or clock times.
#include "interchange/list_readers.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstdio>
#include <cstring>
#include <filesystem>
#include <fmt/core.h>
#include <map>
#include <pugixml.hpp>
#include <vector>

namespace pulsepin {
namespace {

std::string_view property(pugi::xml_node of, const char* name) {
    for (const auto& one : of.children("property"))
        if (std::strcmp(one.attribute("name").value(), name) == 0)
            return one.child_value();
    return {};
}

std::optional<double> number(std::string_view text) {
    double value = 0;
    const auto [past, wrong] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (wrong != std::errc{} || past != text.data() + text.size() || !std::isfinite(value) ||
        std::abs(value) > 1e9)
        return std::nullopt;
    return value;
}

constexpr long long most_frames = 1'000'000'000;

class Reading {
public:
    Reading(std::string_view bytes, FrameRate rate) : bytes_(bytes), rate_(rate) {
        for (std::size_t i = 0; i < bytes.size(); ++i)
            if (bytes[i] == '\n')
                line_ends_.push_back(static_cast<std::ptrdiff_t>(i));
    }

    Result<BroughtIn> read() {
        // Entities of a file's own are never expanded by this library, so that none can grow without end.
        const auto parsed = document_.load_buffer(bytes_.data(), bytes_.size());
        if (!parsed)
            return fail(fmt::format("Line {}: this XML cannot be read: {}.", line_at(parsed.offset),
                                    parsed.description()),
                        {}, "Write it again with the program that made it.");
        const auto root = document_.child("mlt");
        if (!root)
            return fail("This is no timeline of MLT.", {}, "Choose a file that ends in .mlt.");
        list_.title = root.attribute("title").value();
        take_rate(root.child("profile"));
        pugi::xml_node whole;
        for (const auto& node : root.children()) {
            const std::string id = node.attribute("id").value();
            if (!id.empty())
                by_id_.emplace(id, node);
            if (std::strcmp(node.name(), "tractor") == 0)
                whole = node; // the last one plays the others
        }
        if (const auto named = by_id_.find(root.attribute("producer").value());
            named != by_id_.end() && std::strcmp(named->second.name(), "tractor") == 0)
            whole = named->second;
        if (!whole)
            return fail("This timeline has no tracks.", {}, "Choose one with cuts or sounds.");
        auto tracks = whole.child("multitrack");
        for (const auto& track : (tracks ? tracks : whole).children("track"))
            take_track(track);
        take_markers(whole);
        if (list_.items.empty())
            return fail("There is nothing on the tracks of this timeline.", {},
                        "Choose one with cuts or sounds.");
        return std::move(list_);
    }

private:
    [[nodiscard]] std::ptrdiff_t line_at(std::ptrdiff_t offset) const {
        return 1 + (std::ranges::lower_bound(line_ends_, offset) - line_ends_.begin());
    }
    void tell(pugi::xml_node node, const std::string& what) {
        constexpr std::size_t most = 1000;
        if (list_.not_understood.size() < most)
            list_.not_understood.push_back(fmt::format("Line {}: {}", line_at(node.offset_debug()), what));
    }

    void take_rate(pugi::xml_node profile) {
        const auto over = number(profile.attribute("frame_rate_num").value()),
                   under = number(profile.attribute("frame_rate_den").value());
        if (!over || !under)
            return;
        if (const auto rate = FrameRate::make(std::llround(*over), std::llround(*under)))
            rate_ = *rate;
        else
            tell(profile, "its frame rate cannot be used; that of the piece is.");
    }

    /// Frames, or "00:00:02.500".
    [[nodiscard]] std::optional<Frames> frames(std::string_view text) const {
        if (text.find(':') == std::string_view::npos) {
            const auto value = number(text);
            return value ? std::optional(Frames(std::llround(*value))) : std::nullopt;
        }
        double seconds = 0;
        for (std::size_t at = 0; at <= text.size();) {
            const auto end = std::min(text.find(':', at), text.size());
            const auto part = number(text.substr(at, end - at));
            if (!part)
                return std::nullopt;
            seconds = seconds * 60 + *part;
            at = end + 1;
        }
        return Frames(std::llround(seconds * rate_.per_second()));
    }

    void take_track(pugi::xml_node track) {
        const auto found = by_id_.find(track.attribute("producer").value());
        if (found == by_id_.end() || std::strcmp(found->second.name(), "playlist") != 0)
            return; // a ground, of one colour
        const std::string_view hides = track.attribute("hide").value();
        const bool sounds = hides == "video";
        const int number_of = sounds ? sounds_++ : cuts_++;
        Frames at(0);
        std::optional<Frames> fades_in; // of the next shot: so many frames
        Frames fade_began(0);
        for (const auto& node : found->second.children()) {
            const std::string_view what = node.name();
            if (what == "blank") {
                const auto length = frames(node.attribute("length").value());
                if (!length || *length < Frames(0))
                    return tell(node, "its length cannot be read; the rest of its track is left out.");
                if (!sounds)
                    add(BroughtItem::Kind::Gap, at, at + *length, number_of);
                at = at + *length;
                fades_in.reset();
            } else if (what == "entry") {
                const auto in = frames(node.attribute("in").value()),
                           out = frames(node.attribute("out").value());
                const auto producer = by_id_.find(node.attribute("producer").value());
                if (!in || !out || *out < *in || producer == by_id_.end())
                    return tell(node, "it cannot be read; the rest of its track is left out.");
                const Frames length = *out - *in + Frames(1);
                if (std::strcmp(producer->second.name(), "tractor") == 0) {
                    const auto told = number(property(producer->second, "pulsepin:fade"));
                    const Frames fade =
                        told ? std::clamp(Frames(std::llround(*told)), Frames(1), length) : length;
                    stretch_last(at + length - fade + Frames(fade.value / 2));
                    fades_in = fade;
                    fade_began = at + length - fade;
                } else {
                    take_entry(node, producer->second, sounds, at, *in, length, number_of, fades_in,
                               fade_began);
                    fades_in.reset();
                }
                at = at + length;
            }
        }
    }

    /// Ours: first and last frame and colour, then the name and the note.
    void take_markers(pugi::xml_node whole) {
        BroughtItem* marker = nullptr;
        for (const auto& one : whole.children("property")) {
            const std::string_view id = one.attribute("name").value();
            if (!id.starts_with("pulsepin:marker."))
                continue;
            const std::string text = one.child_value();
            if (id.ends_with(".name") || id.ends_with(".note")) {
                if (marker)
                    (id.ends_with(".name") ? marker->name : marker->note) = text;
                continue;
            }
            long long from = 0, until = 0;
            char colour[32] = {};
            marker = nullptr;
            if (std::sscanf(text.c_str(), "%18lld %18lld %31s", &from, &until, colour) < 3 || from < 0 ||
                until > most_frames) {
                tell(one, "this marker cannot be read.");
                continue;
            }
            add(BroughtItem::Kind::Marker, Frames(from), Frames(std::max(from, until)), 0);
            marker = &list_.items.back();
            marker->colour = colour;
        }
    }

    void add(BroughtItem::Kind kind, Frames from, Frames until, int track) {
        BroughtItem item;
        item.kind = kind;
        item.at = rate_.start_of(from);
        item.until = rate_.start_of(until);
        item.track = track;
        list_.items.push_back(std::move(item));
    }

    /// Half of a fade lies before the cut.
    void stretch_last(Frames until) {
        if (!list_.items.empty())
            list_.items.back().until = std::max(list_.items.back().at, rate_.start_of(until));
    }

    void take_entry(pugi::xml_node node, pugi::xml_node producer, bool sounds, Frames at, Frames in,
                    Frames length, int track, std::optional<Frames> fades_in, Frames fade_began) {
        const Frames begins = fades_in ? fade_began + Frames(fades_in->value / 2) : at;
        add(sounds ? BroughtItem::Kind::Sound : BroughtItem::Kind::Cut, begins, at + length, track);
        BroughtItem& item = list_.items.back();
        item.line = static_cast<int>(line_at(node.offset_debug()));
        std::string_view file = property(producer, "resource");
        const auto service = property(producer, "mlt_service");
        if (service == "timewarp") {
            item.speed = number(property(producer, "warp_speed")).value_or(1);
            file = property(producer, "warp_resource");
        } else if (service == "hold")
            item.speed = 0;
        const bool is_clip = service != "color" && service != "colour";
        item.file = is_clip ? std::string(file) : std::string();
        item.name = property(producer, "pulsepin:name");
        if (item.name.empty() && is_clip)
            item.name = std::filesystem::path(item.file).stem().string();
        if (fades_in)
            item.fade = rate_.start_of(*fades_in);
        // Where in its clip it is when its entry begins, and so where its cut lies.
        Seconds entered = Seconds(rate_.start_of(in).value * std::abs(item.speed));
        if (const auto told = number(property(producer, "pulsepin:in")))
            entered = Seconds(*told);
        else if (item.speed == 0)
            entered = rate_.start_of(Frames(std::llround(number(property(producer, "frame")).value_or(0))));
        else if (item.speed < 0)
            tell(node, "it runs backwards, and where its clip begins is not told.");
        item.in_point =
            std::max(Seconds(0), entered - Seconds(rate_.start_of(at - begins).value * item.speed));
        if (sounds)
            for (const auto& filter : producer.children("filter"))
                if (property(filter, "mlt_service") == "volume")
                    take_level(filter, item);
    }

    void take_level(pugi::xml_node filter, BroughtItem& item) {
        const auto level = property(filter, "level");
        const auto equals = level.find('=');
        const auto first = level.substr(equals == std::string_view::npos ? 0 : equals + 1);
        if (const auto gain = number(first.substr(0, first.find(';'))))
            item.gain_db = *gain;
        if (level.find(';') != std::string_view::npos)
            tell(filter, "its level changes; only its first value comes in.");
    }

    std::string_view bytes_;
    FrameRate rate_;
    std::vector<std::ptrdiff_t> line_ends_;
    pugi::xml_document document_;
    std::map<std::string, pugi::xml_node> by_id_;
    BroughtIn list_;
    int cuts_ = 0, sounds_ = 0;
};

Result<BroughtIn> read(std::string_view bytes, const ListReading& reading) {
    return Reading(bytes, reading.rate).read();
}

} // namespace

const ListReaderRow mlt_reader{"mlt", "Timeline (MLT XML)", "mlt", read};

} // namespace pulsepin
