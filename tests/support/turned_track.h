// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFile>

namespace pulsepin::test {

/// Turns the track clockwise by its display matrix (box tkhd, ISO/IEC 14496-12, 8.3.2).
inline bool turn_track(const QString& name) {
    QFile file(name);
    if (!file.open(QIODevice::ReadWrite))
        return false;
    const auto at = file.readAll().indexOf("tkhd");
    const char matrix[] = "\0\0\0\0\0\1\0\0\0\0\0\0\xff\xff\0\0\0\0\0\0\0\0\0\0\0\0\0\0\0\0\0\0\x40\0\0";
    return at > 0 && file.seek(at + 44) && file.write(matrix, 36) == 36;
}

} // namespace pulsepin::test
