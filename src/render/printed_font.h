// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFont>
#include <QString>
#include <algorithm>

namespace pulsepin {

/// Inter as it is set on paper. Points are units of a painter that was scaled so, on a device of that many
/// logical dots an inch.
///
/// Inter draws signs between figures in forms of their own, which have no letter that a reader of the file
/// could tell them by: where nothing needs joining, letters are taken as they are.
[[nodiscard]] inline QFont printed_font(double points, bool bold, const QString& what, int logical_dpi) {
    QFont font(QStringLiteral("Inter"));
    const bool simple = std::all_of(what.begin(), what.end(), [](QChar c) {
        return c.unicode() < 0x0300 || (c.unicode() >= 0x2000 && c.unicode() < 0x2070);
    });
    if (simple)
        font.setStyleStrategy(QFont::PreferNoShaping);
    font.setHintingPreference(QFont::PreferNoHinting);
    font.setPointSizeF(points * 72.0 / logical_dpi);
    font.setWeight(bold ? QFont::DemiBold : QFont::Normal);
    return font;
}

} // namespace pulsepin
