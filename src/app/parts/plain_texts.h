// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QString>

class QWidget;
class QPoint;

namespace pulsepin {

/// What is chosen in a list that has less room than the words need: it is told whole. Else nothing.
[[nodiscard]] QString cut_choice(const QWidget& widget);
/// The same of buttons and of labels of one line.
[[nodiscard]] QString cut_words(const QWidget& widget);

/// A text as a tooltip that wraps its lines and shows each character as it is: what a person or a stranger's
/// project has written is never read as markup, which could load files.
[[nodiscard]] QString plain_tip(const QString& text);

/// Lets labels, dialogs and tooltips of the whole application show their texts as they are written. Toolkits
/// guess otherwise: a name that looks like markup would be taken for it. What really is markup says so itself
/// (QLabel::setTextFormat).
class PlainTexts : public QObject {
public:
    using QObject::QObject;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
};

} // namespace pulsepin
