// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "check/checks.h"
#include "follow/feeds.h"
#include "hand/event_keys.h"
#include "model/lights.h"
#include "model/project.h"
#include "schedule/place.h"
#include "session/song_look.h"

#include <QObject>
#include <optional>
#include <vector>

namespace pulsepin {

struct TimeRange {
    Seconds from;
    Seconds until;
    friend bool operator==(const TimeRange&, const TimeRange&) = default;
};

/// Whether a dragged or added thing goes to the nearest beat.
enum class Snap { Off, Near, Always };

/// A course of the tempo that someone looks at before taking it: how far each beat lies from it.
struct CoursePreview {
    QString name;
    std::vector<Seconds> times, errors;
    Seconds residual;
};

/// The piece as it would be with something that is not chosen yet, at one of its frames: the picture shows
/// that.
struct Trial {
    std::shared_ptr<const Curves> curves;
    Frames frame;
};

/// What was found wrong with the piece, as it is shown in the drawings.
struct CheckMarks {
    struct Mark {
        LaneId lane; ///< 0: over all of the song
        Seconds at, until;
        QString text;
        bool grave = false, chosen = false;
        friend bool operator==(const Mark&, const Mark&) = default;
    };
    std::vector<Mark> marks;
    std::shared_ptr<const FlashReport> flashes; ///< null: not measured
    friend bool operator==(const CheckMarks&, const CheckMarks&) = default;
};

/// What is looked at and picked out: playhead, range, selection, outlines of what is not placed yet, zoom.
/// Part of the view, never of the project.
class ViewState : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;

    [[nodiscard]] Seconds playhead() const { return playhead_; }
    [[nodiscard]] const std::optional<TimeRange>& range() const { return range_; }
    [[nodiscard]] bool looping() const { return looping_; }
    [[nodiscard]] bool playing() const { return playing_; } ///< what is seen runs
    void set_playing(bool playing) { playing_ = playing; }
    [[nodiscard]] const PinSet& selection() const { return selection_; }
    [[nodiscard]] const std::optional<PlacePreview>& outlines() const { return outlines_; }
    [[nodiscard]] LaneId outline_lane() const { return outline_lane_; }

    [[nodiscard]] const SongLook& look() const { return look_; }

    [[nodiscard]] Snap snap() const { return snap_; }
    /// Beats, trust and tempo are shown as rows, and beats can be taken hold of.
    [[nodiscard]] bool grid_rows() const { return grid_rows_; }
    [[nodiscard]] std::optional<std::int64_t> beat() const { return beat_; } ///< the chosen one
    [[nodiscard]] const std::optional<CoursePreview>& course() const { return course_; }

    /// The lane whose curve is shaped; 0 while none is.
    [[nodiscard]] LaneId motion_lane() const { return motion_lane_; }
    /// Up to which of its follower's steps the curve is drawn over the song; all of them without one.
    [[nodiscard]] std::optional<std::size_t> follower_step() const { return follower_step_; }

    /// The layer of the picture that is worked on; 0: none.
    [[nodiscard]] LayerId layer() const { return layer_; }
    void choose_layer(LayerId layer);
    /// The current lane: what is added, pasted and placed goes there, as far as its kind fits; 0: none.
    [[nodiscard]] LaneId lane() const { return lane_; }
    void choose_lane(LaneId lane);
    /// The current lane where it is of the kind, else the first that is; null: there is none.
    [[nodiscard]] const Lane* lane_of_kind(const Project& project, LaneKind kind) const;
    [[nodiscard]] int names_width() const { return names_width_; }
    void set_names_width(int pixels);
    /// The outlined places are heard where they would be.
    [[nodiscard]] bool hears_outlines() const { return hears_outlines_; }
    void hear_outlines(bool heard);
    void set_motion_lane(LaneId lane);
    void set_follower_step(std::optional<std::size_t> step);
    /// One onset of a row, by its time: what is dragged, deleted or made stronger.
    struct ChosenOnset {
        std::size_t row = 0;
        Seconds time;
        friend bool operator==(const ChosenOnset&, const ChosenOnset&) = default;
    };
    [[nodiscard]] const std::optional<ChosenOnset>& onset() const { return onset_; }
    void choose_onset(std::optional<ChosenOnset> onset);
    /// What was just added and lies elsewhere than it was meant to: it is told beside it.
    struct Pulled {
        PinId pin;
        Seconds by; ///< later; earlier below 0
        friend bool operator==(const Pulled&, const Pulled&) = default;
    };
    [[nodiscard]] const std::optional<Pulled>& pulled() const { return pulled_; }
    void tell_pulled(std::optional<Pulled> pulled);
    /// The trigger whose course lies open in its lane; 0: none does.
    [[nodiscard]] PinId opened_event() const { return opened_event_; }
    void open_event(PinId trigger);
    [[nodiscard]] const std::optional<EventKey>& event_key() const { return event_key_; } ///< the chosen one
    void choose_event_key(std::optional<EventKey> key);
    void set_snap(Snap snap);
    void next_snap(); ///< always, near, off in turn
    /// Which of snap_kinds() pull: a bit each.
    [[nodiscard]] unsigned snaps_to() const { return snaps_to_; }
    void set_snaps_to(unsigned kinds);
    void set_grid_rows(bool shown);
    void choose_beat(std::optional<std::int64_t> beat);
    void set_course(std::optional<CoursePreview> course);
    /// The lamps and groups of the plan that are worked on.
    [[nodiscard]] const std::vector<LampId>& lamps() const { return lamps_; }
    void choose_lamps(std::vector<LampId> lamps);
    /// What is painted in lanes of lights: all but which lamps it lights.
    [[nodiscard]] const LightBody& light_brush() const { return light_brush_; }
    void set_light_brush(const LightBody& brush);
    /// None while nothing is tried.
    [[nodiscard]] const std::optional<Trial>& trial() const { return trial_; }
    void set_trial(std::optional<Trial> trial);
    /// Where something would act that is being said, before it is done; rising.
    [[nodiscard]] const std::vector<Seconds>& said_places() const { return said_places_; }
    void set_said_places(std::vector<Seconds> places);
    /// None while the piece is not being checked.
    [[nodiscard]] const std::optional<CheckMarks>& check_marks() const { return check_marks_; }
    void set_check_marks(std::optional<CheckMarks> marks);
    void set_look(const SongLook& look);
    void set_playhead(Seconds time);
    void set_range(std::optional<TimeRange> range);
    void set_looping(bool looping);
    void select(PinSet pins);
    /// As a press on a pin does: alone, unless it is selected already; `adding` adds it or takes it out.
    /// Whether it is selected then.
    bool press(PinId pin, bool adding);
    void set_outlines(LaneId lane, std::optional<PlacePreview> outlines);
    /// Another piece is opened: nothing of the one before is looked at or chosen any more.
    void leave_piece();
    /// Drops selected pins and a chosen beat that are no longer there. Where beats moved and kept their
    /// names, the range goes with them.
    void follow(const Project& project);

signals:
    void motion_lane_changed(); ///< or its step
    void layer_chosen();
    void snap_changed();
    void pulled_changed();
    void lane_chosen();
    void names_width_changed();
    void playhead_moved();
    void range_changed();
    void selection_changed();
    void outlines_changed();
    void look_changed();
    void onset_chosen();
    void event_opened(); ///< or closed, or another key of it chosen
    void check_marks_changed();
    void trial_changed();
    void lamps_chosen();
    void light_brush_changed();
    void grid_rows_changed(); ///< shown or not, the chosen beat, the course

private:
    template <class T>
    void change(T& member, T value, void (ViewState::*changed)()); ///< told only where it is another
    LayerId layer_;
    LaneId lane_;
    int names_width_ = 168;
    bool hears_outlines_ = false;
    LaneId motion_lane_;
    std::optional<std::size_t> follower_step_;
    std::optional<Pulled> pulled_;
    Snap snap_ = Snap::Near;
    unsigned snaps_to_ = 1; ///< beats
    bool grid_rows_ = false;
    std::optional<std::int64_t> beat_;
    std::optional<ChosenOnset> onset_;
    PinId opened_event_;
    std::optional<EventKey> event_key_;
    std::optional<CoursePreview> course_;
    std::optional<Trial> trial_;
    std::vector<LampId> lamps_;
    LightBody light_brush_;
    std::vector<Seconds> said_places_;
    std::optional<CheckMarks> check_marks_;
    Shared<BeatGrid> grid_; ///< as it was when last followed
    SongLook look_;
    Seconds playhead_;
    std::optional<TimeRange> range_;
    bool looping_ = false, playing_ = false;
    PinSet selection_;
    LaneId outline_lane_;
    std::optional<PlacePreview> outlines_;
};

} // namespace pulsepin
