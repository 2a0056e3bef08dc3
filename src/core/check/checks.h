// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/progress.h"
#include "check/flash_meter.h"
#include "check/grid_trust.h"
#include "check/sync_report.h"
#include "follow/feeds.h"

#include <functional>
#include <map>
#include <memory>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace pulsepin {

// What may be wrong with a piece, as a table: how each fault is found, why it is one, how grave it is, how it
// is mended. Whoever asks brings what cannot be computed here: files, sound, letters and composed frames.

/// What is known of the files that a project names.
struct FileFacts {
    struct Of {
        bool there = true;
        double frames_per_second = 0; ///< 0: it has none, or it is not known
        bool variable = false;        ///< its pictures last differently long
        bool high_dynamic_range = false, interlaced = false;
        bool turned = false, wide_pixels = false; ///< seen otherwise than it is stored
        std::string trouble = {};                 ///< why it cannot be shown
        friend bool operator==(const Of&, const Of&) = default;
    };
    bool song_there = true;
    std::map<ClipId, Of> clips;
    friend bool operator==(const FileFacts&, const FileFacts&) = default;
};

/// What is heard, measured (ITU-R BS.1770, EBU R 128).
struct SoundFacts {
    double true_peak = -200; ///< dBTP
    Seconds peak_at;
    double loudness = -200; ///< integrated, LUFS
    friend bool operator==(const SoundFacts&, const SoundFacts&) = default;
};

/// Where a text is seen, in shares of the picture from its middle to its edges: -1 to 1 is all of it.
struct TextBox {
    LayerId layer;
    LaneId lane;
    PinId appearance; ///< 0: it is there all the time
    Frames frame;
    double left = 0, top = 0, right = 0, bottom = 0;
    std::string text = {};
    /// Of a word that is sung: how much of it is in the picture when it has just come, 0 to 1; 1 for others.
    double seen = 1;
};

/// The composed frames, measured.
struct FlashReport {
    FlashRule rule;
    FrameRate rate;
    std::vector<FlashFrame> frames; ///< from the piece's first
    std::vector<FlashPlace> places;
};

/// All that checks look at. What is not there is not checked.
struct CheckMaterial {
    Curves curves;
    bool followers_known = true;
    std::shared_ptr<const std::vector<BarTrust>> trust = {};
    std::shared_ptr<const FileFacts> files = {};
    std::shared_ptr<const SoundFacts> sound = {};
    std::shared_ptr<const std::vector<TextBox>> texts = {};
    std::shared_ptr<const FlashReport> flashes = {};

    [[nodiscard]] const Project& project() const { return curves.project(); }
    [[nodiscard]] const Schedule& schedule() const { return curves.schedule; }
    /// The same about another version of the project.
    [[nodiscard]] CheckMaterial with(const Project& project) const;
};

/// What a piece is checked against: kept in the project (Checking::limits).
[[nodiscard]] ParamSpecs check_parameters();
/// As the project has them, the others as usual.
[[nodiscard]] ParamValues check_limits(const Project& project);
/// How far a cut may lie from its place; half a frame where nothing else is said.
[[nodiscard]] Seconds cut_limit(const Project& project);
[[nodiscard]] FlashRule flash_rule(const Project& project);

enum class Gravity {
    Grave, ///< it will be seen, heard or refused
    Look   ///< it may be meant
};

struct Finding {
    std::string_view check; ///< the id of its row
    Gravity gravity = Gravity::Look;
    LaneId lane = {};
    PinId pin = {};
    Seconds at, until;  ///< from where to where; the same for a moment
    bool placed = true; ///< it lies somewhere in time
    double amount = 0;  ///< in what its check counts in; positive is late where that means something
    std::string how_much = {}, why = {};
    std::string about = {};     ///< a clip, a parameter, a layer
    std::uint64_t subject = 0;  ///< its number: of the clip or layer
    std::string_view mend = {}; ///< the id of the first of its row's mends that can be done; empty: none
    std::optional<std::string> accepted = {}; ///< the note, where it is meant
};

struct Mended {
    Project project;
    std::string will; ///< what it does: "puts the cut on 15.3: 61 ms earlier, frame 717"
};

/// Measures the composed frames of a project again, from one to before another.
using MeasureFlashes = std::function<Result<FlashReport>(const Project&, Frames from, Frames until)>;

struct MendRequest {
    const CheckMaterial& material;
    const Finding& finding;
    MeasureFlashes measure = {}; ///< of mends that take measuring
    Progress progress = {};
    [[nodiscard]] const Project& project() const { return material.project(); }
};

struct Mend {
    std::string_view id;
    std::string_view label; ///< of a button: "Pin to the beat"
    Result<Mended> (*run)(const MendRequest&);
    bool measures = false; ///< it takes long
    bool asks = false;     ///< for a file: done by hand, in the window; run() tells that
};

struct CheckRow {
    std::string_view id;
    std::string_view label;    ///< "cut off the beat"
    std::string_view explains; ///< why it matters, and by which source
    Gravity gravity;
    double steady; ///< so much more or less an accepted finding may be and stay accepted
    void (*find)(const CheckMaterial&, std::vector<Finding>&);
    std::span<const Mend> mends = {};
    std::string_view unit = {}; ///< that an amount is counted in; "ms": how late
};

[[nodiscard]] std::span<const CheckRow> checks();
/// Null when there is none of that id.
[[nodiscard]] const CheckRow* check(std::string_view id);
/// Null when the check has none of that id.
[[nodiscard]] const Mend* mend_of(const CheckRow& row, std::string_view id);

/// All that is found, by time; what lies nowhere in time first. `only`: of these checks; empty: of all.
[[nodiscard]] std::vector<Finding> findings(const CheckMaterial& material,
                                            std::span<const std::string> only = {});

/// The mend that is named, or the finding's first. Fails, with why, where that cannot be done.
[[nodiscard]] Result<Mended> mended(const MendRequest& request, std::string_view mend = {});
/// The same of all findings of its check that are not accepted. Fails where none of them could be mended.
[[nodiscard]] Result<Mended> all_mended(const MendRequest& request, std::string_view mend = {});

/// The finding is meant as it is; or is not any more. It stays accepted while it lies within 50 ms of where
/// it was and is about as much.
[[nodiscard]] Project with_accepted(const Project& project, const Finding& finding, std::string note);
[[nodiscard]] Project without_accepted(const Project& project, const Finding& finding);
[[nodiscard]] Result<Project> with_check_limits(const Project& project, ParamValues limits);

/// "2 errors, 2 warnings", "nothing found"; without what is accepted.
[[nodiscard]] std::string findings_text(std::span<const Finding> found);

} // namespace pulsepin
