// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/shot_commands.h"

namespace pulsepin {

void ShotCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    struct Edit {
        const char* command;
        QString text, key;
        const char *edit, *what;
        double by;
    };
    const Edit edits[] = {
        {"slip back", tr("Slip a frame back in its clip"), "Ctrl+Alt+Left", "slip", "frames", -1},
        {"slip on", tr("Slip a frame on in its clip"), "Ctrl+Alt+Right", "slip", "frames", 1},
        {"roll earlier", tr("Roll a beat earlier, pictures stay"), "Ctrl+Alt+,", "roll", "beats", -1},
        {"roll later", tr("Roll a beat later, pictures stay"), "Ctrl+Alt+.", "roll", "beats", 1},
        {"ripple earlier", tr("A beat earlier with all later cuts"), "Ctrl+Alt+Shift+Left", "ripple", "beats",
         -1},
        {"ripple later", tr("A beat later with all later cuts"), "Ctrl+Alt+Shift+Right", "ripple", "beats",
         1}};
    for (const auto& e : edits)
        add(menu, e.command, e.text, {K(e.key)}, [this, e] { edit(e.edit, {{e.what, e.by}}); });
    add(menu, "swap shots", tr("Swap with the next shot"), {K("Ctrl+Alt+S")},
        [this] { edit("swap-with-next"); });
    add(menu, "camera here", tr("The next camera at the playhead, same moment"), {K(tr("Shift+C"))},
        [this] { edit("cut-to-camera"); });
    add(menu, "fill slates", tr("Fill slates with the shots in turn"), {}, [this] { edit("fill-slates"); });
}

} // namespace pulsepin
