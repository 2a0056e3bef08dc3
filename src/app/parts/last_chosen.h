// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStringList>

namespace pulsepin {

// What was chosen last of many things is offered first; kept under a name, from one start of the program to
// the next.

/// What a thing is kept by.
[[nodiscard]] QString chosen_key(const QString& group, const QString& name);
/// The latest first, four at most; none without a name.
[[nodiscard]] QStringList last_chosen(const QString& memory);
void keep_chosen(const QString& memory, const QString& key);

/// Whether a text has each of the words somewhere.
[[nodiscard]] bool has_words(const QString& text, const QStringList& words);

} // namespace pulsepin
