// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"
#include "schedule/place.h"
#include "timeline/song_look.h"

#include <QObject>
#include <optional>
#include <set>

namespace pulsepin {

struct TimeRange {
    Seconds from;
    Seconds until;
    friend bool operator==(const TimeRange&, const TimeRange&) = default;
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
    [[nodiscard]] const std::set<PinId>& selection() const { return selection_; }
    [[nodiscard]] const std::optional<PlacePreview>& outlines() const { return outlines_; }
    [[nodiscard]] LaneId outline_lane() const { return outline_lane_; }

    [[nodiscard]] const SongLook& look() const { return look_; }

    void set_look(const SongLook& look);
    void set_playhead(Seconds time);
    void set_range(std::optional<TimeRange> range);
    void set_looping(bool looping);
    void select(std::set<PinId> pins);
    void set_outlines(LaneId lane, std::optional<PlacePreview> outlines);
    /// Drops selected pins that are no longer there.
    void follow(const Project& project);

signals:
    void playhead_moved();
    void range_changed();
    void selection_changed();
    void outlines_changed();
    void look_changed();

private:
    SongLook look_;
    Seconds playhead_;
    std::optional<TimeRange> range_;
    bool looping_ = false;
    std::set<PinId> selection_;
    LaneId outline_lane_;
    std::optional<PlacePreview> outlines_;
};

} // namespace pulsepin
