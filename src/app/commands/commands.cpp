// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/commands.h"

#include "drawing/score/score_view.h"
#include "drawing/timeline/timeline_view.h"
#include "kinds/kinds.h"
#include "pages/route_list.h"
#include "parts/fields.h"
#include "schedule/snapping.h"
#include "session/apply_hand_edit.h"

#include <QSettings>
#include <QStackedWidget>
#include <algorithm>
#include <cmath>

namespace pulsepin {

Commands::Commands(const Workplace& at)
    : QObject(&at.window), window_(&at.window), document_(at.document), view_(at.view), player_(at.player),
      commands_(at.commands), drawings_(at.drawings), timeline_(at.timeline), score_(at.score),
      route_(at.route) {}

void Commands::go_to_stop(Stop stop) const {
    route_.set_current(static_cast<int>(stop));
}

bool Commands::score_is_seen() const {
    return drawings_.currentWidget() == &score_;
}

Seconds Commands::heard_now() const {
    if (!player_.playing())
        return view_.playhead();
    // The hand comes after what it marks (measured where taps are, and kept).
    const Seconds delay(QSettings().value("tap/latency", 0).toInt() / 1000.0);
    return std::max(Seconds(0), player_.position() - delay * player_.speed());
}

Seconds Commands::snapped(Seconds time) const {
    // What is marked by ear lies where it was heard; only what is next to a beat is meant to lie on it.
    constexpr Seconds by_ear(0.02);
    if (player_.playing()) {
        const auto place = view_.snap() == Snap::Off
                               ? std::nullopt
                               : nearest_place(document_.schedule(), std::nullopt, view_.snaps_to(), time);
        return place && std::abs((*place - time).value) <= by_ear.value ? *place : time;
    }
    // What is there already is meant first, then what snapping says.
    if (const auto pin = pin_on_frame_at(document_.schedule(), time); pin && view_.snap() != Snap::Off)
        return *pin;
    const Seconds place = score_is_seen() ? score_.snapped(time, false) : timeline_.snapped(time, false);
    // At the very start the nearest beat may lie before the song: what was meant is the first in it.
    const auto& grid = document_.project().grid;
    return grid && place < Seconds(0) && time >= Seconds(0)
               ? grid->time_at(grid->nearest_beat(place) + Ticks(ticks_per_beat))
               : place;
}

bool Commands::edit(std::string_view id, ParamValues values, std::optional<PinSet> pins) {
    const Seconds now = heard_now();
    const Lane* shots = view_.lane_of_kind(document_.project(), kind_of(body_type<CutBody>));
    auto edited = apply_hand_edit(document_, id,
                                  {document_.schedule(), pins.value_or(view_.selection()), now, snapped(now),
                                   shots ? shots->id : LaneId{}, std::move(values)});
    if (!edited)
        return false;
    if (!edited->selected.empty())
        view_.select(std::move(edited->selected));
    return true;
}

} // namespace pulsepin
