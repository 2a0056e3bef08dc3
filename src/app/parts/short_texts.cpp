// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/short_texts.h"

#include <QPainter>

namespace pulsepin {

void ShortTexts::drawItemText(QPainter* painter, const QRect& rect, int flags, const QPalette& palette,
                              bool enabled, const QString& text, QPalette::ColorRole role) const {
    const auto metrics = painter->fontMetrics();
    const bool one_line = !text.contains('\n') && !(flags & Qt::TextWordWrap);
    if (one_line && metrics.horizontalAdvance(text) > rect.width() + 1)
        QProxyStyle::drawItemText(painter, rect, (flags & ~Qt::AlignHorizontal_Mask) | Qt::AlignLeft, palette,
                                  enabled, metrics.elidedText(text, Qt::ElideRight, rect.width()), role);
    else
        QProxyStyle::drawItemText(painter, rect, flags, palette, enabled, text, role);
}

} // namespace pulsepin
