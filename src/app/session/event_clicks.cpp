// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/event_clicks.h"

#include "hand/piece_clicks.h"

#include <algorithm>

namespace pulsepin {

std::vector<Player::Event> events_to_hear(const Schedule& schedule, const Detection* detection,
                                          const ViewState& view) {
    std::vector<Player::Event> events;
    for (const auto& click : clicks_of_events(schedule, detection))
        events.push_back({click.at, click.sound});
    if (view.hears_outlines() && view.outlines()) {
        const Lane* lane = schedule.project().lane(view.outline_lane());
        const int sound = lane && lane->click > 0 ? lane->click : 1;
        for (const auto& outline : view.outlines()->outlines)
            events.push_back({outline.time, sound});
    }
    std::stable_sort(events.begin(), events.end(),
                     [](const Player::Event& a, const Player::Event& b) { return a.at < b.at; });
    return events;
}

EventClicks::EventClicks(Document& document, ViewState& view, Player& player, QObject* parent)
    : QObject(parent), document_(document), view_(view), player_(player) {
    connect(&document_, &Document::changed, this, &EventClicks::give);
    connect(&document_, &Document::sound_changed, this, &EventClicks::give);
    connect(&document_.detection(), &DetectionController::shown_changed, this, &EventClicks::give);
    connect(&view_, &ViewState::outlines_changed, this, [this] {
        if (view_.hears_outlines() || heard_outlines_)
            give();
        heard_outlines_ = view_.hears_outlines();
    });
}

void EventClicks::give() {
    player_.set_events(events_to_hear(document_.schedule(), document_.detection().shown().get(), view_));
}

bool acts_now(const ResolvedLane& lane, const std::vector<Pin>& pins, Frames frame, Frames lit_for) {
    // By time, and so by frame.
    auto after = std::upper_bound(lane.pins.begin(), lane.pins.end(), frame,
                                  [](Frames f, const ResolvedPin& pin) { return f < pin.frame; });
    while (after != lane.pins.begin() && frame - (after - 1)->frame <= lit_for) {
        --after;
        if (!pins[after->index].muted)
            return true;
    }
    return false;
}

bool acts_now(const std::vector<FoundOnset>& onsets, Seconds now, Seconds lit_for) {
    const auto after = std::upper_bound(onsets.begin(), onsets.end(), now,
                                        [](Seconds t, const FoundOnset& onset) { return t < onset.time; });
    return after != onsets.begin() && now - (after - 1)->time <= lit_for;
}

} // namespace pulsepin
