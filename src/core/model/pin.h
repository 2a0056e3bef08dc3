// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/lane_parts.h"
#include "model/motion.h"
#include "model/pin_body.h"
#include "model/pin_set.h"
#include "model/showing.h"
#include "model/words.h"
#include "params/easing.h"
#include "params/ids.h"
#include "time/anchor.h"

#include <cstdint>
#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace pulsepin {

struct MarkerBody {
    using pin_body = void;
    std::string name;
    std::string note = {};
    int colour = 0; ///< one of marker_colours()
    int symbol = 0; ///< one of marker_symbols()
    Length length = {};
    friend bool operator==(const MarkerBody&, const MarkerBody&) = default;
};

/// How a shot lies in the picture.
struct ShotFraming {
    enum class Base { Fit, Fill }; ///< all of the shot is seen, or all of the picture is filled
    Base base = Base::Fit;
    double scale = 100;  ///< percent of that
    double x = 0, y = 0; ///< in the picture's pixels
    friend bool operator==(const ShotFraming&, const ShotFraming&) = default;
};

/// From here on that shot is seen.
struct CutBody {
    using pin_body = void;
    ClipId shot;      ///< 0: a slate, until there is one
    Seconds in_point; ///< of its clip; not looked at with `same_moment`
    /// A camera of several: shows what its clip shows at this moment of the song (Clip::begins_at).
    bool same_moment = false;
    Frames fade = Frames(0); ///< cross-faded over as many frames, half of them before the cut
    ShotFraming framing = {};
    double speed = 100; ///< percent; below 0 backwards; 0: one picture is held
    /// How it takes the place of the shot before, over its fade.
    enum class Change { Fade, Rush, Wipe } change = Change::Fade;
    friend bool operator==(const CutBody&, const CutBody&) = default;
};

/// What a trigger does to one parameter while it lasts.
struct TriggerAct {
    /// A point of its curve: at so many percent of the trigger's length so many percent of the way from
    /// `low` to `high`.
    struct Point {
        double at = 0, way = 100;
        Easing easing = {};                ///< of the way to the next one
        std::optional<Colour> colour = {}; ///< of what has a colour and no value
        friend bool operator==(const Point&, const Point&) = default;
    };
    std::string parameter;
    double low = 0, high = 100;
    std::vector<Point> curve = {}; ///< rising; none: all the way
    friend bool operator==(const TriggerAct&, const TriggerAct&) = default;
};

/// An effect that lasts from its pin on.
struct TriggerBody {
    using pin_body = void;
    std::string effect = "flash"; ///< one of trigger_effects(), or a name of one's own
    Length length = {Length::Unit::UntilNext, 1};
    double strength = 100; ///< percent
    Colour from = {}, to = {};
    int row = 0; ///< of the lane: those of one row end where the next begins
    std::string name = {};
    std::vector<LayerId> on = {};      ///< the layers that it acts on; none: the camera
    std::vector<TriggerAct> acts = {}; ///< what it does; none: what is usual for its effect
    double strobe_beats = 0;           ///< a strobe's turn, in beats from its start; 0: by its rate
    Length& lasting() { return length; }
    friend bool operator==(const TriggerBody&, const TriggerBody&) = default;
};

enum class FadeCurve { Linear, EqualPower };

/// A point of a line of gain, by its place in the sound's own samples. Before the first and after the last
/// the line goes on level.
struct GainPoint {
    Seconds at;
    double db = 0;
    friend bool operator==(const GainPoint&, const GainPoint&) = default;
};

/// A stretch of a sound of the bin, heard from the pin on.
struct SoundBody {
    using pin_body = void;
    ClipId sound;
    Seconds in_point;
    Seconds length;
    double gain_db = 0;
    Seconds fade_in, fade_out;
    FadeCurve curve_in = FadeCurve::Linear, curve_out = FadeCurve::Linear;
    std::vector<GainPoint> gain_line = {}; ///< besides gain_db; rising
    friend bool operator==(const SoundBody&, const SoundBody&) = default;
};

/// A layer or group that is there from its pin on.
struct AppearanceBody {
    using pin_body = void;
    Length length = {Length::Unit::UntilNext, 1};
    double x = 0, y = 0; ///< from where the layer is, in the picture's pixels
    double turn = 0;     ///< degrees more
    double scale = 100;  ///< percent of the layer's
    bool coloured = false;
    Colour colour = {};                ///< instead of the layer's, where it is coloured
    Frames later = Frames(0);          ///< than its anchor
    std::uint32_t seed = 1;            ///< of what is at random in it
    std::string text = {};             ///< of a title: instead of the layer's
    std::string font = {};             ///< of a title: its family; empty: the layer's
    int weight = 0;                    ///< of a title: of its font; 0: the layer's
    std::string comes = {}, goes = {}; ///< moves of its own; empty: its lane's
    std::vector<TriggerAct> acts = {}; ///< what it does beside, over its length
    int row = 0;                       ///< of the lane
    Length& lasting() { return length; }
    /// At another place of the picture.
    [[nodiscard]] bool beside(const AppearanceBody& other) const { return x != other.x || y != other.y; }
    friend bool operator==(const AppearanceBody&, const AppearanceBody&) = default;
};

/// The row of its lane that something lies in; 0 where there is but one.
[[nodiscard]] inline int row_of(const PinBody& body) {
    const int* row = body.row();
    return row ? *row : 0;
}

/// An item on the timeline that has an anchor.
struct Pin {
    PinId id;
    Anchor anchor;
    PinBody body;
    PlantingId planting;
    std::optional<Ticks> home = {}; ///< the place its picker picked it for; none when it was added by hand
    bool moved = false;             ///< by hand, apart from its planting
    bool altered = false;           ///< its body was changed by hand, apart from its planting
    bool muted = false;             ///< there, but without effect
    bool locked = false;            ///< not changed until it is unlocked
    friend bool operator==(const Pin&, const Pin&) = default;
};

struct LaneKindRow; // model/lane_kind.h

/// Which kind of pins a lane has: a row that says all that the kind does.
class LaneKind {
public:
    constexpr LaneKind() = default; ///< none yet
    constexpr explicit LaneKind(const LaneKindRow& row) : row_(&row) {}
    const LaneKindRow* operator->() const { return row_; }
    const LaneKindRow& operator*() const { return *row_; }
    friend bool operator==(LaneKind, LaneKind) = default;
    friend bool operator<(LaneKind a, LaneKind b) { return std::less<>()(a.row_, b.row_); }

private:
    const LaneKindRow* row_ = nullptr;
};

/// One row under the song. All its pins have the body of its kind; their order is of no meaning.
struct Lane {
    LaneId id;
    LaneKind kind;
    std::string name;
    Offset lead = Frames(0); ///< how much earlier the lane acts than its anchors
    std::vector<Pin> pins;
    bool muted = false;
    bool solo = false;    ///< of lanes that sound, only those are heard
    bool locked = false;  ///< none of its pins is changed
    int click = 0;        ///< heard where its pins act: one of click_sounds(), from 1 on; 0: none
    LaneParts parts = {}; ///< what its kind has beside pins: LaneKindRow::parts
    friend bool operator==(const Lane&, const Lane&) = default;
};

/// What its kind has beside pins; null where lanes of its kind have no such part.
template <LanePartOfKind T>
[[nodiscard]] const T* part_of(const Lane& lane) {
    return lane.parts.get<T>();
}
template <LanePartOfKind T>
[[nodiscard]] T* part_of(Lane& lane) {
    return lane.parts.get<T>();
}

} // namespace pulsepin
