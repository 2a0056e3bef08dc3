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
    add(menu, "split", tr("Split the sound here"), {K(tr("X"))}, [this] { edit("split-sound"); });
    add(menu, "sound of shot", tr("Lay the shot's own sound under it"), {},
        [this] { edit("lay-sound-of-shot"); });
    add(menu, "tie", tr("Tie selected pins to the sound under them"), {}, [this] { edit("tie-to-sound"); });
    add(menu, "trim", tr("Keep only the range of the song"), {}, [this] { trim_song_to_range(); });
    menu->addSeparator();
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

} // namespace pulsepin
