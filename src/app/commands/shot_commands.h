// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"

namespace pulsepin {

/// Shots: slipping, rolling, swapping, cameras.
class ShotCommands : public Commands {
    Q_OBJECT
public:
    explicit ShotCommands(const Workplace& at) : Commands(at) {}
    void add_to(QMenu* menu);
};

} // namespace pulsepin
