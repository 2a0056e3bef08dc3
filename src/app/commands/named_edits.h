// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/commands.h"

namespace pulsepin {

/// Edits of the core that no other command does, by their names: what they take is asked for. So the window's
/// search reaches what the command line does.
class NamedEdits : public Commands {
    Q_OBJECT
public:
    explicit NamedEdits(const Workplace& at) : Commands(at) {}
    void add_to(QMenu* menu);

private:
    void ask_and_run(const HandEdit& row);
};

} // namespace pulsepin
