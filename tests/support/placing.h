// SPDX-License-Identifier: GPL-3.0-or-later
//
// Steps that journeys through placing share.
#pragma once

#include "model/edits.h"
#include "support/desk.h"

#include <QComboBox>
#include <QInputDialog>

namespace pulsepin::test {

inline const Lane& lane_named(Desk& desk, const char* name) {
    for (const auto& lane : desk.project().lanes)
        if (lane->name == name)
            return *lane;
    qFatal("no lane is called %s", name);
}

/// Where the pins of a lane lie, as bar.beat+tick.
inline QStringList places(Desk& desk, const Lane& lane) {
    QStringList out;
    const auto& grid = *desk.project().grid;
    for (const auto& pin : resolve(desk.project(), lane).pins) {
        const auto place = grid.position_of(grid.nearest_tick(pin.time));
        out << QString("%1.%2").arg(place.bar).arg(place.beat) +
                   (place.tick > 0 ? QString("+%1").arg(place.tick) : QString());
    }
    return out;
}

inline void add_lane(Desk& desk, const char* kind, const char* name) {
    answer_with(name);
    desk.window.action(QString("add lane of %1").arg(kind))->trigger();
}

inline void place_beats_on(Desk& desk, const char* lane, const char* every, const char* from,
                           const char* until) {
    desk.window.go_to_stop(Stop::Place);
    desk.click("page Where");
    choose(desk, "lane choice", lane);
    choose(desk, "source", "beats");
    choose(desk, "every", every);
    desk.type("from", from);
    desk.type("until", until);
    desk.click("place");
}

inline bool open(Desk& desk) {
    if (!desk.open_demo())
        return false;
    desk.window.document().apply(*without_lane(desk.project(), lane_named(desk, "Flash").id), "delete lane");
    return true;
}

inline QPoint head(Desk& desk, PinId pin) {
    return desk.window.timeline().head_position(pin).toPoint();
}

inline QPoint at_time(Desk& desk, Seconds time, int y) {
    return {static_cast<int>(std::lround(desk.window.timeline().scale().x(time))), y};
}

} // namespace pulsepin::test
