// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "picture/preview_view.h"

#include <QObject>

namespace pulsepin {

class LinesEdit;

/// The words of a title, written where they are seen: those of an appearance that has its own into it, else
/// the layer's. Escape leaves them as they were.
class WordsField : public QObject {
    Q_OBJECT
public:
    WordsField(Document& document, PreviewView& preview)
        : QObject(&preview), document_(document), preview_(preview) {}

    /// `box`: where the words are seen, in the widget.
    void open(const Layer& layer, const QRectF& box);

private:
    Document& document_;
    PreviewView& preview_;
    LinesEdit* words_ = nullptr; ///< while it is open
};

} // namespace pulsepin
