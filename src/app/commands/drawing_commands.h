// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"

namespace pulsepin {

class PlayCommands;
class TapPanel;

class ExposuresPage;
class NotesPage;

/// Notes, and drawings that are held from beat to beat.
class DrawingCommands : public Commands {
    Q_OBJECT
public:
    DrawingCommands(const Workplace& at, TapPanel& taps, PlayCommands& play)
        : Commands(at), taps_(taps), play_(play) {}
    void add_to(QMenu* menu);
    void show_pages(NotesPage* notes, ExposuresPage* exposures);

    void add_note(const QString& text, int sign);

private:
    void new_lane(LaneKind kind);
    [[nodiscard]] const Lane* drawings() const;
    void lay_taps();
    void markers_of_drawings();
    void make_mouth_shapes();
    void ask_for_mouth();
    void switch_band();
    TapPanel& taps_;
    PlayCommands& play_;
};

} // namespace pulsepin
