// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/checking.h"
#include "model/lane_kind.h"
#include "model/listened.h"
#include "model/pin.h"
#include "model/planting.h"
#include "model/rig.h"
#include "model/schedule_text.h"
#include "model/stage.h"
#include "time/anchor.h"
#include "time/beat_grid.h"
#include "time/frame_rate.h"

#include <filesystem>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace pulsepin {

/// A part of the project that many versions of it share.
template <class T>
using Shared = std::shared_ptr<const T>;

struct Settings {
    std::string title;
    FrameRate frame_rate;
    FrameRounding rounding = FrameRounding::Nearest;
    int picture_width = 1280;
    int picture_height = 720;
    std::string author = {}, remarks = {}; ///< of the piece; written into exported files
    ScheduleText schedule_text = {};       ///< how keys are written as text
    /// Where the piece begins and ends, without trimming the song. None: with the song, or with what is heard
    /// longest.
    std::optional<Seconds> begins = {}, ends = {};
    friend bool operator==(const Settings&, const Settings&) = default;
};

struct Song {
    std::filesystem::path path; ///< absolute while open; relative to the project in its file
    std::string title;
    std::int64_t sample_rate = 0;
    Samples length;
    std::string fingerprint; ///< of the decoded samples
    /// What lies before it in the file was trimmed off; below 0 the song begins with so much silence. The
    /// length counts from here.
    Samples from = Samples(0);
    [[nodiscard]] Seconds duration() const {
        return Seconds(sample_rate > 0 ? static_cast<double>(length.value) / static_cast<double>(sample_rate)
                                       : 0.0);
    }
    friend bool operator==(const Song&, const Song&) = default;
};

/// How the song is heard: as if it were a sound on a lane of its own.
struct SongTrack {
    /// From in_point on for its length, which is 0 as long as it is heard to its end.
    SoundBody body = {};
    bool muted = false, solo = false;
    friend bool operator==(const SongTrack&, const SongTrack&) = default;
};

struct TimeSpan {
    Seconds from, until;
    friend bool operator==(const TimeSpan&, const TimeSpan&) = default;
};

struct FoundOnset {
    Seconds time;
    float strength = 0;
    bool by_hand = false; ///< added or moved there by a person
    friend bool operator==(const FoundOnset&, const FoundOnset&) = default;
};

struct FoundTempo {
    Bpm tempo;
    float confidence = 0;
    friend bool operator==(const FoundTempo&, const FoundTempo&) = default;
};

/// A row of onsets with how it was found, so that it can be found again otherwise.
struct OnsetRow {
    std::string name;
    Listened of = {};              ///< the sound that it was found in
    std::string function = "full"; ///< one of the detection functions
    double sensitivity = 0.5;      ///< 0 to 1
    double least_strength = 0;     ///< weaker ones were left out
    Seconds smallest_gap{0.03};
    std::optional<std::pair<double, double>> band; ///< Hz; of a row that watches a band of its own
    /// Of a row of sounds like those between two times: how much alike they are at least, 0 to 1.
    struct Like {
        Seconds from, until;
        double least = 0.8;
        friend bool operator==(const Like&, const Like&) = default;
    };
    std::optional<Like> like;
    bool shown = true;
    std::vector<FoundOnset> onsets; ///< as they are used: with what was corrected by hand
    /// One onset corrected by hand. It is kept when the row is found otherwise.
    struct Correction {
        std::optional<Seconds> was = {}; ///< where it was found; none: it was added
        std::optional<Seconds> now = {}; ///< where it lies; none: it was deleted
        float strength = 1;              ///< that it has now
        float had = 0;                   ///< that it was found with
        friend bool operator==(const Correction&, const Correction&) = default;
    };
    std::vector<Correction> by_hand; ///< by the time that they lie or lay at
    /// Of a row that is made of others: what starts in any of them, as one where they start together, unless
    /// one of `but_none` starts there too.
    struct Merged {
        std::vector<std::string> any, but_none; ///< rows by their names
        Seconds within{0.03};                   ///< so near together they are one
        Seconds clear{0.05};                    ///< so far from any of `but_none`
        friend bool operator==(const Merged&, const Merged&) = default;
    };
    std::optional<Merged> merged;
    /// Of a row that is made of the tops of a follower.
    struct Tops {
        LaneId lane;
        double least = 0.2;      ///< height of a top
        double prominence = 0.1; ///< that it has at least over the dips beside it
        Seconds gap{0.15};       ///< from one to the next at least
        friend bool operator==(const Tops&, const Tops&) = default;
    };
    std::optional<Tops> tops;
    /// It is made of other things in the project, and made again whenever they change.
    [[nodiscard]] bool is_made() const { return merged || tops; }
    int click = 0; ///< heard at its onsets: one of click_sounds(), from 1 on; 0: none
    friend bool operator==(const OnsetRow&, const OnsetRow&) = default;
};

struct FoundSection {
    Seconds start, end;
    std::string name; ///< "A", "B" ...; those that sound alike share it
    bool drop = false;
    float confidence = 0;
    friend bool operator==(const FoundSection&, const FoundSection&) = default;
};

/// What was detected. It stays beside what was corrected, so that any correction can be compared and undone.
struct Detection {
    Listened of = {}; ///< the sound that beats and sections were found in
    std::optional<BeatGrid> grid;
    std::vector<FoundTempo> tempi;
    std::vector<OnsetRow> rows; ///< the first is of everything that starts
    std::vector<FoundSection> sections;
    /// Momentary loudness (LUFS) of each tenth of a second; empty where it was not measured.
    std::vector<float> levels;
    std::optional<double> swing; ///< first eighth of a beat against the second
    float pulse = 1;             ///< 0 to 1: how sure it is that there is a pulse
    float off_beat = 0;          ///< 0 to 1: how likely beats lie half a beat from where they were found

    /// Of everything that starts.
    [[nodiscard]] const std::vector<FoundOnset>& onsets() const;
    friend bool operator==(const Detection&, const Detection&) = default;
};

struct Clip {
    ClipId id;
    std::string name;
    std::filesystem::path path;
    Seconds duration;
    int width = 0;
    int height = 0;
    bool has_picture = true;
    bool has_sound = false;
    bool still = false; ///< one picture: it never ends
    /// Of a camera that ran while the song played: where in the song its first frame lies.
    std::optional<Seconds> begins_at = {};
    int turned = 0; ///< by hand: quarters clockwise, from how its file says that it lies
    bool high_dynamic_range = false;
    std::string timecode = {}; ///< of its first picture, as its file says it; empty: 00:00:00:00
    std::string reel = {};     ///< what its file says that it is from; empty: nothing
    friend bool operator==(const Clip&, const Clip&) = default;
};

/// What a newer version wrote into the project's file and this one does not know. It is written again where
/// it stood.
struct Foreign {
    /// By its place in the file ("/lanes/4/pins/12": things by their numbers): an object, as JSON.
    std::map<std::string, std::string> groups;
    std::size_t count = 0; ///< fields in them
    std::size_t lost = 0;  ///< fields besides that have no lasting place: they go when the project is saved
    int version = 0;       ///< of the file; 0: one that this version writes
    int read_from = 0;     ///< the least version that can read it
    friend bool operator==(const Foreign&, const Foreign&) = default;
};

/// A whole piece of work as a value. Edits make new ones; unchanged parts are shared, so comparing pointers
/// tells what changed.
struct Project {
    Shared<Settings> settings = std::make_shared<const Settings>();
    Shared<Song> song; ///< null before there is one
    Shared<SongTrack> song_track = std::make_shared<const SongTrack>();
    Shared<Detection> detection; ///< null before detection
    Shared<BeatGrid> grid;       ///< the ruler; null before there is one
    /// Where no beats are looked for, since what sounds there says nothing about them; in order, apart.
    Shared<std::vector<TimeSpan>> excluded = std::make_shared<const std::vector<TimeSpan>>();
    Shared<std::vector<Clip>> bin = std::make_shared<const std::vector<Clip>>();
    Shared<std::vector<Planting>> plantings = std::make_shared<const std::vector<Planting>>();
    Shared<std::vector<NamedPicker>> pickers = std::make_shared<const std::vector<NamedPicker>>();
    Shared<std::vector<Pulse>> pulses = std::make_shared<const std::vector<Pulse>>(); ///< own ones, by name
    Shared<Stage> stage = std::make_shared<const Stage>();
    Shared<Rig> rig = std::make_shared<const Rig>(); ///< lamps, and where their levels go
    Shared<Checking> checking = std::make_shared<const Checking>();
    std::vector<Shared<Lane>> lanes;
    std::uint64_t next_id = 1; ///< ids are never used again
    Shared<Foreign> foreign;   ///< null: nothing

    /// The clips that cuts can show, in the order of the bin.
    [[nodiscard]] std::vector<const Clip*> shots() const;
    [[nodiscard]] const Clip* clip(ClipId id) const;
    [[nodiscard]] const Lane* lane(LaneId id) const;
    [[nodiscard]] const Lane* lane_of(PinId id) const;
    [[nodiscard]] const Pin* pin(PinId id) const;
    [[nodiscard]] const Planting* planting(PlantingId id) const;
    /// The first lane whose pins are such: first_lane(body_type<CutBody>). Null when there is none.
    [[nodiscard]] const Lane* first_lane(BodyType body) const;
    [[nodiscard]] const Lane* first_lane(LaneKind kind) const;
};

/// The same content, whether or not parts are shared.
[[nodiscard]] bool same_content(const Project& a, const Project& b);

} // namespace pulsepin
