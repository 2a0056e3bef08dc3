// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/context.h"

#include "route_list.h"

namespace pulsepin {

void CommandContext::go_to_stop(Stop stop) const {
    route->set_current(static_cast<int>(stop));
}

} // namespace pulsepin
