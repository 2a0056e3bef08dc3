// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/context.h"

namespace pulsepin {

/// How the song, the score and the window look.
class ViewCommands : public Commands {
    Q_OBJECT
public:
    explicit ViewCommands(CommandContext& context) : Commands(context) {}
    void hang_up(QMenu* menu);
    void load_settings();
    void show_score(bool score);

private:
    void hang_up_looks(QMenu* menu);
    void zoom_by(double factor);
    void zoom_to();
    void set_night(bool night);
};

} // namespace pulsepin
