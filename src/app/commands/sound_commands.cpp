// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/sound_commands.h"

#include "commands/file_commands.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"

namespace pulsepin {

void SoundCommands::hang_up(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "add sound", tr("Add sound…"), {K(tr("Ctrl+Shift+I"))},
        [this] { context_.files->sound_dialog(); });
    add(menu, "split", tr("Split the sound here"), {K(tr("X"))}, [this] { split_sound(); });
    add(menu, "sound of shot", tr("Lay the shot's own sound under it"), {}, [this] { lay_sound_of_shot(); });
    add(menu, "tie", tr("Tie selected pins to the sound under them"), {}, [this] { tie_to_sound(); });
    add(menu, "trim", tr("Keep only the range of the song"), {}, [this] { trim_song_to_range(); });
    menu->addSeparator();
}

void SoundCommands::split_sound() {
    const auto& project = document_.project();
    // The selected sound, or else whichever lies under the playhead.
    for (const bool only_selected : {true, false})
        for (const auto& part : heard_parts(document_.schedule())) {
            const bool here =
                view_.playhead() > part.start && view_.playhead() < part.start + part.body.length;
            if (!here || (only_selected && !view_.selection().contains(part.pin)))
                continue;
            document_.apply(with_sound_split(project, part.pin, view_.playhead()), tr("split sound"));
            return;
        }
    document_.say(tr("There is no sound under the playhead to split"));
}

void SoundCommands::trim_song_to_range() {
    const auto& range = view_.range();
    if (!range)
        return document_.say(tr("Drag a range along the ruler first: it is what will be kept"));
    const TimeRange kept = *range;
    if (document_.apply(with_song_trimmed(document_.project(), kept.from, kept.until),
                        tr("keep only the range"))) {
        view_.set_range(std::nullopt);
        view_.set_playhead(Seconds(0));
        if (const auto outside = outside_song(document_.schedule()))
            document_.say(
                tr("Kept. %n pins lie before or behind what was kept: they are still in their lanes, and "
                   "come back when this is undone.",
                   nullptr, static_cast<int>(outside)));
    }
}

void SoundCommands::lay_sound_of_shot() {
    const auto& project = document_.project();
    const auto rate = project.settings->frame_rate;
    const auto* shot = shot_at(document_.shown_shots(), rate.frame_at(view_.playhead()));
    const Clip* clip = shot ? project.clip(shot->shot) : nullptr;
    if (!clip)
        return document_.say(tr("There is no shot under the playhead"));
    if (!clip->has_sound)
        return document_.say(tr("“%1” has no sound of its own").arg(QString::fromStdString(clip->name)));
    Project next = project;
    if (!next.first_lane(&LaneKindRow::sounds))
        next = with_lane(next, kind_that(&LaneKindRow::sounds), tr("Sound").toStdString());
    SoundBody body;
    body.sound = clip->id;
    body.in_point = shot->in_point;
    body.length = std::min(rate.start_of(shot->length()), clip->duration - shot->in_point);
    // Tied to the cut: where the cut goes, its sound goes.
    const Seconds cut_at =
        anchored_time(project.pin(shot->cut)->anchor, project).value_or(rate.start_of(shot->start));
    const Pin pin{{}, MarkerAnchor{shot->cut, rate.start_of(shot->start) - cut_at}, body, {}};
    document_.apply(with_pins(next, next.first_lane(&LaneKindRow::sounds)->id, {pin}),
                    tr("lay sound of shot"));
}

void SoundCommands::tie_to_sound() {
    Project next = document_.project();
    int tied = 0;
    for (const PinId id : view_.selection()) {
        const Pin* pin = next.pin(id);
        const auto time = pin ? anchored_time(pin->anchor, next) : std::nullopt;
        if (!time || std::holds_alternative<SoundBody>(pin->body))
            continue;
        for (const auto& part : heard_parts(document_.schedule()))
            if (*time >= part.start && *time < part.start + part.body.length)
                if (auto changed = with_anchor(next, id, MarkerAnchor{part.pin, *time - part.start})) {
                    next = *std::move(changed);
                    ++tied;
                    break;
                }
    }
    if (tied == 0)
        return document_.say(tr("Select pins that lie over a sound first"));
    document_.apply(std::move(next), tr("tie to sound"));
    document_.say(tr("%n pins tied: they move with the sound", nullptr, tied));
}

} // namespace pulsepin
