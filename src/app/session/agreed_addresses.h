// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/rig.h"

#include <QStringList>

namespace pulsepin {

/// Which addresses other than this computer's a person typed, or agreed to send to. A project may come from a
/// stranger and name any: it is asked about once.
namespace agreed_addresses {

/// Those of outputs that are not off, nobody agreed to yet, and lead beyond this computer.
[[nodiscard]] QStringList unknown(const Rig& rig);
void remember(const QStringList& addresses);

} // namespace agreed_addresses

} // namespace pulsepin
