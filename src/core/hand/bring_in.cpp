// SPDX-License-Identifier: GPL-3.0-or-later
#include "hand/bring_in.h"

#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/marker_looks.h"
#include "model/onset_edits.h"
#include "model/pin_edits.h"
#include "model/shot_edits.h"
#include "schedule/piece_length.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <map>
#include <set>

namespace pulsepin {
namespace {

constexpr ParamChoice ties[] = {{"frame", "on the grid, to the frame"},
                                {"beat", "on the nearest beat"},
                                {"onset", "on the nearest onset"},
                                {"loose", "loose"}};
constexpr ParamSpec params[] = {
    {.id = "tie",
     .label = "each lies",
     .type = ParamType::Choice,
     .explains = "on a beat or an onset only where one is near enough; else loose where it was",
     .choices = ties},
    {.id = "row", .label = "onsets of", .type = ParamType::OnsetRow},
    {.id = "within", .label = "near enough is", .unit = "ms", .least = 1, .most = 5000, .initial = 80}};

std::string lower(std::string text) {
    std::ranges::transform(text, text.begin(),
                           [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

/// Words of other programs for colours, to those of markers here.
int colour_of(const std::string& word) {
    static const std::map<std::string, const char*> near{
        {"yellow", "amber"}, {"orange", "amber"}, {"red", "brick"},   {"pink", "plum"},
        {"magenta", "plum"}, {"purple", "plum"},  {"green", "leaf"},  {"mint", "leaf"},
        {"blue", "lake"},    {"cyan", "lake"},    {"black", "slate"}, {"white", "slate"}};
    if (const int own = marker_look_by_id(marker_colours(), word); own >= 0)
        return own;
    if (const auto found = near.find(word); found != near.end())
        if (const int own = marker_look_by_id(marker_colours(), found->second); own >= 0)
            return own;
    return 0;
}

/// With the file, a file of that name, or the name.
std::optional<ClipId> clip_in_bin(const Project& project, const BroughtItem& item) {
    const std::filesystem::path path(item.file);
    const std::string file = lower(path.filename().string()), name = lower(item.name);
    for (const auto& clip : *project.bin)
        if (!item.file.empty() && clip.path == path)
            return clip.id;
    for (const auto& clip : *project.bin) {
        const std::string own = lower(clip.path.filename().string());
        if ((!file.empty() && own == file) || (!name.empty() && (lower(clip.name) == name || own == name ||
                                                                 lower(clip.path.stem().string()) == name)))
            return clip.id;
    }
    return std::nullopt;
}

/// What is told by its name alone lies in the list's folder.
std::filesystem::path path_of(const BroughtItem& item, const std::filesystem::path& folder) {
    const std::filesystem::path path(item.file.empty() ? item.name : item.file);
    return path.is_relative() && !folder.empty() ? folder / path.filename() : path;
}

class Bringing {
public:
    Bringing(const Project& project, const BroughtIn& list, const ParamValues& values,
             const std::filesystem::path& folder, std::span<const Clip> known)
        : list_(list), folder_(folder), known_(known), tie_(values.text("tie")),
          within_(values.number("within") / 1000) {
        made_.project = project;
        bin_ = *project.bin;
        if (tie_ == "onset" && project.detection)
            for (const auto& onset : onsets_of_rows(project.detection->rows, values.text("row"), Seconds(0)))
                onsets_.push_back(onset.time);
    }

    Result<WithBrought> run() {
        const Seconds end = made_.project.settings->frame_rate.start_of(piece_length(made_.project));
        Lanes pins;
        for (const auto& item : list_.items) {
            if (item.at < Seconds(-1e-9) || item.at >= end)
                continue; // beside the piece
            switch (item.kind) {
            case BroughtItem::Kind::Gap:
                if (item.at <= Seconds(0))
                    break; // nothing is seen before the first cut anyway
                [[fallthrough]];
            case BroughtItem::Kind::Cut:
                pins[{Cuts, item.track}].push_back(cut(item));
                break;
            case BroughtItem::Kind::Sound:
                if (!is_the_song(item))
                    pins[{Sounds, item.track}].push_back(sound(item));
                break;
            case BroughtItem::Kind::Marker:
                pins[{Markers, 0}].push_back(marker(item));
                break;
            }
        }
        if (pins.empty())
            return fail("Nothing of this list lies in the piece.", {},
                        "See where it begins, and at how many frames a second.");
        end_cuts(pins, end);
        for (auto& [place, of_lane] : pins)
            if (auto added = add_lane(lane_kind_of(place.first), place.second, std::move(of_lane)); !added)
                return tl::unexpected(added.error());
        return std::move(made_);
    }

private:
    [[nodiscard]] const Project& project() const { return made_.project; }

    /// In the order in which their lanes are made; each with the tracks that it has.
    enum Kind { Cuts, Sounds, Markers };
    using Lanes = std::map<std::pair<Kind, int>, std::vector<Pin>>;
    static LaneKind lane_kind_of(Kind kind) {
        return kind_of(kind == Cuts     ? body_type<CutBody>
                       : kind == Sounds ? body_type<SoundBody>
                                        : body_type<MarkerBody>);
    }
    /// It is heard already.
    [[nodiscard]] bool is_the_song(const BroughtItem& item) const {
        return project().song && !item.file.empty() &&
               (project().song->path == item.file || project().song->path.filename() == item.file);
    }

    /// Where the last event of a track ends before the piece does, nothing is seen from there on.
    void end_cuts(Lanes& pins, Seconds end) {
        std::map<int, Seconds> ends;
        for (const auto& item : list_.items)
            if (item.kind == BroughtItem::Kind::Cut || item.kind == BroughtItem::Kind::Gap)
                ends[item.track] = std::max(ends[item.track], item.until);
        const Seconds frame = project().settings->frame_rate.start_of(Frames(1));
        for (const auto& [track, until] : ends)
            if (const auto lane = pins.find({Cuts, track});
                lane != pins.end() && until > Seconds(0) && until < end - frame &&
                std::ranges::any_of(list_.items, [&](const auto& item) { return item.until > item.at; }))
                lane->second.push_back({{}, anchor(until), CutBody{}, {}});
    }

    /// Tied where that is wanted and something is near enough.
    Anchor anchor(Seconds at) {
        const auto& grid = project().grid;
        if (!grid || tie_ == "loose")
            return TimeAnchor{at};
        if (tie_ == "beat") {
            const Ticks beat = grid->nearest_beat(at);
            if (std::abs((grid->time_at(beat) - at).value) <= within_ + 1e-9) {
                ++made_.tied;
                return MusicalAnchor{beat, Seconds(0)};
            }
            return TimeAnchor{at};
        }
        if (tie_ == "onset") {
            const auto next = std::ranges::lower_bound(onsets_, at);
            std::optional<Seconds> nearest;
            for (const auto one : {next, next == onsets_.begin() ? next : std::prev(next)})
                if (one != onsets_.end() &&
                    (!nearest || std::abs((*one - at).value) < std::abs((*nearest - at).value)))
                    nearest = *one;
            if (nearest && std::abs((*nearest - at).value) <= within_ + 1e-9) {
                ++made_.tied;
                at = *nearest;
            } else
                return TimeAnchor{at};
        }
        const Ticks tick = grid->nearest_tick(at);
        return MusicalAnchor{tick, at - grid->time_at(tick)};
    }

    Pin cut(const BroughtItem& item) {
        CutBody body;
        if (item.kind == BroughtItem::Kind::Cut) {
            body.shot = clip_of(item, true);
            body.in_point = in_point_of(item, body.shot);
            body.speed = std::clamp(std::round(item.speed * 1e6) / 1e4, -10000.0, 10000.0);
            const auto rate = project().settings->frame_rate;
            body.fade = Frames(std::llround(item.fade.value * rate.per_second()));
            if (item.wiped)
                body.change = CutBody::Change::Wipe;
            ++made_.cuts;
        }
        return {{}, anchor(item.at), body, {}};
    }

    /// From the clip's first picture on.
    [[nodiscard]] Seconds in_point_of(const BroughtItem& item, ClipId id) const {
        const auto rate = project().settings->frame_rate;
        const auto clip = std::ranges::find(bin_, id, &Clip::id);
        const Seconds first =
            item.by_timecode && clip != bin_.end() ? rate.start_of(first_timecode(*clip, rate)) : Seconds(0);
        return std::max(Seconds(0),
                        item.in_point + Seconds(1e-9) < first ? item.in_point : item.in_point - first);
    }

    Pin sound(const BroughtItem& item) {
        SoundBody body;
        body.sound = clip_of(item, false);
        body.in_point = std::max(Seconds(0), item.in_point);
        body.length = item.until - item.at;
        body.gain_db = std::clamp(item.gain_db, -60.0, 24.0);
        ++made_.sounds;
        return {{}, anchor(item.at), body, {}};
    }

    Pin marker(const BroughtItem& item) {
        MarkerBody body;
        body.name = item.name;
        body.note = item.note;
        body.colour = colour_of(item.colour);
        if (item.until > item.at)
            body.length = {Length::Unit::InMilliseconds, (item.until - item.at).value * 1000};
        ++made_.markers;
        return {{}, anchor(item.at), body, {}};
    }

    /// That of the bin with the file, its name, or the name; else a new one, whose file may be missing.
    ClipId clip_of(const BroughtItem& item, bool picture) {
        if (const auto there = clip_in_bin(project(), item))
            return used(*there, item);
        if (item.file.empty() && item.name.empty())
            return {};
        Clip clip;
        clip.path = path_of(item, folder_);
        if (const auto known = std::ranges::find(known_, clip.path, &Clip::path); known != known_.end()) {
            clip = *known;
        } else {
            clip.name = item.name.empty() ? clip.path.filename().string() : item.name;
            clip.has_picture = picture;
            clip.has_sound = !picture;
            guessed_.insert(made_.project.next_id);
            ++made_.missing;
        }
        clip.id = ClipId{made_.project.next_id++};
        bin_.push_back(clip);
        made_.project.bin = std::make_shared<const std::vector<Clip>>(bin_);
        return used(clip.id, item);
    }
    /// What is not known is at least as long as what is used of it.
    ClipId used(ClipId id, const BroughtItem& item) {
        if (!guessed_.contains(id.value))
            return id;
        const Seconds needed = item.in_point + (item.until - item.at) * std::max(1.0, std::abs(item.speed));
        for (auto& clip : bin_)
            if (clip.id == id && clip.duration < needed) {
                clip.duration = needed;
                made_.project.bin = std::make_shared<const std::vector<Clip>>(bin_);
            }
        return id;
    }

    Result<void> add_lane(LaneKind kind, int track, std::vector<Pin> pins) {
        std::string name = list_.title.empty() ? "Brought in" : list_.title.substr(0, 100);
        if (track > 0)
            name += " " + std::to_string(track + 1);
        made_.project = with_lane(project(), kind, name + " " + std::string(kind->counted));
        const LaneId lane = project().lanes.back()->id;
        auto added = with_pins(project(), lane, std::move(pins));
        if (!added)
            return tl::unexpected(added.error());
        made_.project = *std::move(added);
        made_.lanes.push_back(lane);
        return {};
    }

    const BroughtIn& list_;
    std::filesystem::path folder_;
    std::span<const Clip> known_;
    std::string tie_;
    double within_;
    std::vector<Seconds> onsets_;
    std::vector<Clip> bin_;           ///< as it becomes
    std::set<std::uint64_t> guessed_; ///< clips of which nothing but a name is known
    WithBrought made_;
};

} // namespace

BroughtIn list_of_film(const std::filesystem::path& film, const std::vector<FoundCut>& cuts, Seconds length) {
    BroughtIn list;
    list.title = film.stem().string();
    const auto add = [&](Seconds at, Seconds fade) {
        if (!list.items.empty())
            list.items.back().until = at;
        list.items.push_back({.kind = BroughtItem::Kind::Cut,
                              .at = at,
                              .until = std::max(at, length),
                              .name = film.stem().string(),
                              .file = std::filesystem::absolute(film).string(),
                              .in_point = at,
                              .fade = fade});
    };
    add(Seconds(0), Seconds(0));
    for (const auto& cut : cuts)
        if (cut.at > Seconds(0))
            add(cut.at, Seconds(0)); // a dissolve is in the film's own pictures
    for (const auto& cut : cuts)
        if (cut.fade > Seconds(0))
            list.items.push_back({.kind = BroughtItem::Kind::Marker,
                                  .at = cut.at - cut.fade / 2,
                                  .until = cut.at + cut.fade / 2,
                                  .name = "dissolve"});
    return list;
}

ParamSpecs bringing_params() {
    return params;
}

Result<WithBrought> with_brought(const Project& project, const BroughtIn& list, const ParamValues& values,
                                 const std::filesystem::path& folder, std::span<const Clip> known) {
    const ParamValues all = completed(values, params);
    if (auto good = check_values(all, params); !good)
        return tl::unexpected(good.error());
    const std::string tie = all.text("tie");
    if (!project.grid && (tie == "beat" || tie == "onset"))
        return fail("There are no beats yet.", {}, "Find the beats first, or bring it in loose.");
    return Bringing(project, list, all, folder, known).run();
}

std::vector<std::filesystem::path> files_to_know(const Project& project, const BroughtIn& list,
                                                 const std::filesystem::path& folder) {
    std::set<std::filesystem::path> files;
    for (const auto& item : list.items)
        if ((item.kind == BroughtItem::Kind::Cut || item.kind == BroughtItem::Kind::Sound) &&
            !(item.file.empty() && item.name.empty()) && !clip_in_bin(project, item)) {
            std::error_code none;
            if (auto path = path_of(item, folder); std::filesystem::is_regular_file(path, none))
                files.insert(std::move(path));
        }
    return {files.begin(), files.end()};
}

std::string told_of(const WithBrought& brought) {
    std::string told;
    const auto say = [&](std::size_t count, const char* one, const char* several) {
        if (count > 0)
            told += (told.empty() ? "" : ", ") + std::to_string(count) + " " + (count == 1 ? one : several);
    };
    say(brought.cuts, "cut", "cuts");
    say(brought.sounds, "sound", "sounds");
    say(brought.markers, "marker", "markers");
    if (brought.tied > 0)
        told += "; " + std::to_string(brought.tied) + " moved onto beats or onsets";
    if (brought.missing > 0)
        told += "; " + std::to_string(brought.missing) +
                (brought.missing == 1 ? " clip is not in the bin yet" : " clips are not in the bin yet");
    return told;
}

} // namespace pulsepin
