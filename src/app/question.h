// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

class QWidget;

namespace pulsepin {

/// A question with two answers, one of which changes something.
struct Question {
    const char* name; ///< of the dialog, as an object
    QString title, text;
    QString agree; ///< what is done, as a verb
    QString leave; ///< the other answer, which Return and Escape give
};

/// Whether the person agreed. The text is shown as it is written, whatever it holds.
[[nodiscard]] bool agreed_to(QWidget* parent, const Question& question);

} // namespace pulsepin
