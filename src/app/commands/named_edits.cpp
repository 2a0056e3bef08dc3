// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/named_edits.h"

#include "pages/dialogs/param_dialog.h"
#include "session/core_words.h"

namespace pulsepin {

void NamedEdits::add_to(QMenu* menu) {
    // What has a way of its own in the window, by what is selected or at the playhead, is not here twice.
    static const std::set<std::string_view> here{
        "tempo-ratio", "metre",      "shift-grid",  "off-beats",    "tempo",        "steady-grid",
        "drive",       "hit",        "run-again",   "add-layer",    "remove-layer", "raise-layer",
        "name-layer",  "hide-layer", "write-title", "set-layer",    "add-effect",   "remove-effect",
        "take-look",   "event-key",  "frame-rate",  "picture-size", "name-piece"};
    for (const auto& row : hand_edits())
        if (here.contains(row.id)) {
            QString text = text_of(row.label);
            text[0] = text[0].toUpper();
            if (!row.parameters.empty())
                text += QChar(0x2026);
            add(menu, "edit " + QString::fromUtf8(row.id.data(), static_cast<qsizetype>(row.id.size())), text,
                {}, [this, &row] { ask_and_run(row); });
        }
}

void NamedEdits::ask_and_run(const HandEdit& row) {
    if (row.parameters.empty()) {
        edit(row.id);
        return;
    }
    QString title = text_of(row.label);
    title[0] = title[0].toUpper();
    auto* dialog = new ParamDialog("named edit", title, row.parameters, completed({}, row.parameters),
                                   tr("Do it"), window_);
    dialog->set_project(document_.project());
    ask(dialog, [this, id = row.id](const ParamValues& values) { edit(id, values); });
}

} // namespace pulsepin
