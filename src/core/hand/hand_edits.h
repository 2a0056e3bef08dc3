// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"
#include "schedule/schedule.h"

#include <span>
#include <string>
#include <string_view>

namespace pulsepin {

// What is done by hand to what is selected, or at a moment: what a command of the window and of the command
// line decides, as one table. Where and on what is told; the edit says what comes of it.

struct HandEditRequest {
    const Schedule& schedule;
    PinSet pins = {};        ///< selected
    Seconds at = {};         ///< the playhead, or what is heard at this moment
    Seconds landing = {};    ///< where something lands that is put there: on the beat, as snapping says
    LaneId shots = {};       ///< the lane of cuts that is seen; 0: the first
    ParamValues values = {}; ///< completed, where the edit does not take them as they are given
    [[nodiscard]] const Project& project() const { return schedule.project(); }
};

/// What an edit says beside what it did; words for it are found by whoever asked (%1, %2: `name`, `count`).
struct HandEdited {
    Project project;
    PinSet selected = {}; ///< to be selected then; empty: as before
    std::string told = {};
    std::string name = {};
    std::size_t count = 0;
};

struct HandEdit {
    std::string_view id;
    std::string_view label; ///< for undo: "split sound"
    Result<HandEdited> (*run)(const HandEditRequest&);
    ParamSpecs parameters = {};
    bool as_given = false; ///< what is not told stays as it is, and has no initial value
    /// Of edits whose parameters are those of what is selected.
    ParamSpecs (*parameters_of)(const Project&, const PinSet&) = nullptr;
};

/// Each fails, with what to do, where there is nothing to do it to.
[[nodiscard]] std::span<const HandEdit> hand_edits();
/// What can be told of an edit of these pins.
[[nodiscard]] ParamSpecs parameters_of(const HandEdit& edit, const Project& project, const PinSet& pins);
/// What was told, with initial values where the edit wants them.
[[nodiscard]] ParamValues values_for(const HandEdit& edit, const ParamValues& told);
/// Null when there is none of that id.
[[nodiscard]] const HandEdit* hand_edit(std::string_view id);

/// Frames from the start of the piece to the lane's first shot: they stay black.
[[nodiscard]] Frames black_frames_before(const Schedule& schedule, LaneId cuts);

/// The cut or sound that is seen or heard at a moment; sounds first, since they lie over the shots.
[[nodiscard]] std::optional<PinId> clip_at(const Schedule& schedule, Seconds time, LaneId shots = {});

} // namespace pulsepin
