// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/context.h"

namespace pulsepin {

/// Shots: slipping, rolling, swapping, cameras.
class ShotCommands : public Commands {
    Q_OBJECT
public:
    explicit ShotCommands(CommandContext& context) : Commands(context) {}
    void hang_up(QMenu* menu);
};

} // namespace pulsepin
