// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/light_tables.h"

#include "base/csv_text.h"
#include "interchange/colour_text.h"
#include "lights/lit.h"
#include "schedule/add_pin.h"
#include "schedule/piece_length.h"
#include "time/musical_text.h"

#include <fmt/core.h>

namespace pulsepin {

Result<std::string> write_light_cues(const ExportMaterial& material) {
    const Project& project = material.project;
    const auto rate = project.settings->frame_rate;
    std::string text =
        "cue,lane,lamp,universe,channel,bar.beat,seconds,first frame,end frame,from,to,strength "
        "%,attack %,fall %\r\n";
    int cue = 0;
    for (std::size_t i = 0; i < material.curves.schedule.size(); ++i) {
        const Lane& lane = *project.lanes[i];
        for (const auto& span : material.curves.schedule.spans(i).lights.all) {
            if (span.muted)
                continue;
            const auto& light = body_of<LightBody>(lane.pins[span.index].body);
            const auto& lamp = project.rig->fixtures[span.fixture];
            const Seconds start = rate.start_of(span.start);
            const Anchor anchor = anchor_on_frame(project, lane, span.start);
            const auto* musical = std::get_if<MusicalAnchor>(&anchor);
            const std::string place = musical && project.grid
                                          ? format_position(project.grid->position_of(musical->at))
                                          : std::string();
            text += fmt::format("{},{},{},{},{},{},{:.6f},{},{},{},{},{:g},{:g},{:g}\r\n", ++cue,
                                quoted(lane.name), quoted(lamp.name), lamp.universe, lamp.first_channel,
                                place, start.value, span.start.value, span.end.value, colour_text(light.from),
                                colour_text(light.to), light.strength, light.attack, light.fall);
        }
    }
    if (cue == 0)
        return fail("There are no lights to write.", {}, "Light lamps first.");
    return text;
}

Result<std::string> write_light_frames(const ExportMaterial& material) {
    const auto& lamps = material.project.rig->fixtures;
    if (lamps.empty())
        return fail("There are no lamps to write.", {}, "Add lamps first.");
    std::string text = "frame,seconds";
    for (const auto& lamp : lamps)
        text += "," + quoted(lamp.name);
    text += "\r\n";
    const auto rate = material.project.settings->frame_rate;
    const Frames end = piece_length(material.project);
    for (Frames frame(0); frame < end; frame += Frames(1)) {
        text += fmt::format("{},{:.6f}", frame.value, rate.start_of(frame).value);
        for (const auto& lit : lit_at(material.curves, static_cast<double>(frame.value)))
            text += "," + colour_text(colour_of(lit));
        text += "\r\n";
    }
    return text;
}

} // namespace pulsepin
