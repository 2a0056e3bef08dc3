// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/key_csv.h"

#include "interchange/csv_text.h"
#include "schedule/pulses.h"

#include <fmt/core.h>

namespace pulsepin {
namespace {

std::string easing_text(const Easing& easing) {
    if (easing.id == "steps")
        return easing.amount <= 1 ? "hold" : fmt::format("steps({:g})", easing.amount);
    if (easing.id == "bezier")
        return fmt::format("cubic-bezier({:g} {:g} {:g} {:g})", easing.handles[0], easing.handles[1],
                           easing.handles[2], easing.handles[3]);
    if (easing.id.starts_with("back"))
        return fmt::format("{}({:g})", easing.id, easing.amount);
    return easing.id;
}

} // namespace

Result<std::string> write_key_csv(const Project& project) {
    const auto rate = project.settings->frame_rate;
    std::string text = "lane,property,unit,frame,seconds,value,easing\r\n";
    bool any = false;
    for (const auto& lane : project.lanes) {
        if (lane->kind != LaneKind::Motion)
            continue;
        for (const auto& key : MotionCurve(project, *lane, resolve(project, *lane)).keys()) {
            text +=
                fmt::format("{},{},{},{},{:.6f},{:.6g},{}\r\n", quoted(lane->name),
                            quoted(lane->motion.own.property), quoted(lane->motion.own.unit), key.frame.value,
                            rate.start_of(key.frame).value, key.value, quoted(easing_text(key.easing)));
            any = true;
        }
    }
    if (!any)
        return fail("There are no keys to write.", {}, "Place pulses on a lane of motion first.");
    return text;
}

} // namespace pulsepin
