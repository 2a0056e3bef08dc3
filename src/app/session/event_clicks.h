// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "session/document.h"
#include "session/player.h"
#include "session/view_state.h"

#include <set>

namespace pulsepin {

/// What is heard beside the beats: the pins of lanes and the onsets of rows that have a click, each where it
/// acts, and outlined places while they are listened to.
[[nodiscard]] std::vector<Player::Event> events_to_hear(const Schedule& schedule, const Detection* detection,
                                                        const ViewState& view);

/// Keeps the player's clicks as the project has them.
class EventClicks : public QObject {
    Q_OBJECT
public:
    EventClicks(Document& document, ViewState& view, Player& player, QObject* parent = nullptr);

private:
    void give();
    Document& document_;
    ViewState& view_;
    Player& player_;
    bool heard_outlines_ = false;
};

/// Where a lane or row acts at the frame, or acted within the few frames before: its lamp is lit.
[[nodiscard]] bool acts_now(const ResolvedLane& lane, const std::vector<Pin>& pins, Frames frame,
                            Frames lit_for);
[[nodiscard]] bool acts_now(const std::vector<FoundOnset>& onsets, Seconds now, Seconds lit_for);

} // namespace pulsepin
