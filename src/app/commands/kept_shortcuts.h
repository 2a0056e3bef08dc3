// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/error.h"

#include <QKeySequence>
#include <QString>
#include <map>
#include <optional>

class QAction;

namespace pulsepin {

class CommandList;

/// Keys that a person gave to commands, by the commands' ids; an empty list: it has none any more.
using Shortcuts = std::map<QString, QList<QKeySequence>>;

// Kept from one start of the program to the next, for what differs from what it began with.

/// What was kept of a command; nothing: as it began.
[[nodiscard]] std::optional<QList<QKeySequence>> kept_keys(const QString& command);
void keep_keys(const QString& command, const QList<QKeySequence>& keys);
void forget_keys(const QString& command);

/// The commands, but `except`, that are done by those keys, or whose keys begin with them, or they with
/// theirs.
[[nodiscard]] std::vector<QAction*> users_of(const CommandList& commands, const QKeySequence& keys,
                                             const QAction* except);

/// A text to keep or to give to others: a line a command, "id<TAB>keys<TAB>keys", in words that are the same
/// in every language; lines that begin with # are remarks.
[[nodiscard]] QString text_of_shortcuts(const Shortcuts& shortcuts);
/// Fails, with the line, for what is no such text, for a command that is not among them, for keys that do
/// not exist, and for keys that two commands would share.
[[nodiscard]] Result<Shortcuts> shortcuts_of_text(const QString& text, const CommandList& commands);

} // namespace pulsepin
