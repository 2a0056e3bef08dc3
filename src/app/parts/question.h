// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <optional>
#include <vector>

class QWidget;

namespace pulsepin {

/// A question with two answers, one of which changes something.
struct Question {
    const char* name; ///< of the dialog, as an object
    QString title, text;
    QString agree; ///< what is done, as a verb
    QString leave; ///< the other answer, which Return and Escape give
};

/// A question with several answers, any of which may be given up by Escape.
struct Choice {
    const char* name; ///< of the dialog, as an object
    QString title, text;
    std::vector<QString> answers; ///< as verbs
    std::size_t preset = 0;       ///< the one that Return gives
};

/// The answer that was given; none where all of it was given up.
[[nodiscard]] std::optional<std::size_t> chosen_of(QWidget* parent, const Choice& choice);

/// Whether the person agreed. The text is shown as it is written, whatever it holds.
[[nodiscard]] bool agreed_to(QWidget* parent, const Question& question);

} // namespace pulsepin
