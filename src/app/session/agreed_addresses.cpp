// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/agreed_addresses.h"

#include "show/wire.h"

#include <QSettings>

namespace pulsepin::agreed_addresses {
namespace {

const QString key = QStringLiteral("addresses that were agreed to");

} // namespace

QStringList unknown(const Rig& rig) {
    const QStringList agreed = QSettings().value(key).toStringList();
    QStringList found;
    for (const auto& output : rig.outputs) {
        const auto* kind = wire_kind(output.wire);
        const QString to = QString::fromStdString(output.to);
        const bool here =
            to.startsWith("127.") || !kind || kind->usual_port == 0; // MIDI stays on this computer
        if (!output.off && !here && !agreed.contains(to) && !found.contains(to))
            found << to;
    }
    return found;
}

void remember(const QStringList& addresses) {
    QSettings settings;
    QStringList agreed = settings.value(key).toStringList();
    for (const auto& address : addresses)
        if (!agreed.contains(address))
            agreed << address;
    settings.setValue(key, agreed);
}

} // namespace pulsepin::agreed_addresses
