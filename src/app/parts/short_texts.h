// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QProxyStyle>

namespace pulsepin {

/// A line that has less room than it needs ends in dots, instead of losing both of its ends; the whole of it
/// is in the tooltip (see PlainTexts).
class ShortTexts : public QProxyStyle {
public:
    using QProxyStyle::QProxyStyle;
    void drawItemText(QPainter* painter, const QRect& rect, int flags, const QPalette& palette, bool enabled,
                      const QString& text, QPalette::ColorRole role) const override;
};

} // namespace pulsepin
