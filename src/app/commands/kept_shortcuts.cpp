// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/kept_shortcuts.h"

#include "commands/command_list.h"

#include <QSettings>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr const char* first_line = "# Pulse Pin shortcuts";

QString place_of(const QString& command) {
    return "shortcuts/" + command;
}

bool meet(const QKeySequence& a, const QKeySequence& b) {
    return !a.isEmpty() && !b.isEmpty() &&
           (a.matches(b) != QKeySequence::NoMatch || b.matches(a) != QKeySequence::NoMatch);
}

QStringList words_of(const QList<QKeySequence>& keys) {
    QStringList words;
    for (const auto& key : keys)
        words << key.toString(QKeySequence::PortableText);
    return words;
}

tl::unexpected<Error> fail_in_line(int line, const QString& what) {
    return fail(QObject::tr("Line %1: %2").arg(line).arg(what).toStdString(), {},
                QObject::tr("No shortcut was changed.").toStdString());
}

} // namespace

std::optional<QList<QKeySequence>> kept_keys(const QString& command) {
    const QVariant kept = QSettings().value(place_of(command));
    if (!kept.isValid())
        return std::nullopt;
    QList<QKeySequence> keys;
    for (const auto& word : kept.toStringList())
        if (const auto key = QKeySequence::fromString(word, QKeySequence::PortableText); !key.isEmpty())
            keys << key;
    return keys;
}

void keep_keys(const QString& command, const QList<QKeySequence>& keys) {
    QSettings().setValue(place_of(command), words_of(keys));
}

void forget_keys(const QString& command) {
    QSettings().remove(place_of(command));
}

std::vector<QAction*> users_of(const CommandList& commands, const QKeySequence& keys, const QAction* except) {
    std::vector<QAction*> users;
    for (const auto& row : commands.rows())
        if (row.action != except &&
            std::ranges::any_of(row.action->shortcuts(), [&](const auto& used) { return meet(used, keys); }))
            users.push_back(row.action);
    return users;
}

QString text_of_shortcuts(const Shortcuts& shortcuts) {
    QStringList lines{first_line};
    for (const auto& [command, keys] : shortcuts)
        lines << (QStringList{command} + words_of(keys)).join('\t');
    return lines.join('\n') + '\n';
}

Result<Shortcuts> shortcuts_of_text(const QString& text, const CommandList& commands) {
    QStringList lines = text.split('\n');
    if (lines.front().trimmed() != first_line)
        return fail(QObject::tr("That is no list of shortcuts.").toStdString(), {},
                    QObject::tr("Its first line is “%1”.").arg(first_line).toStdString());
    Shortcuts read;
    for (int i = 1; i < lines.size(); ++i) {
        if (lines[i].trimmed().isEmpty() || lines[i].startsWith('#'))
            continue;
        QStringList parts = lines[i].trimmed().split('\t');
        const QString command = parts.takeFirst();
        if (std::ranges::none_of(commands.rows(),
                                 [&](const auto& row) { return row.action->objectName() == command; }))
            return fail_in_line(i + 1, QObject::tr("there is no command “%1”.").arg(command));
        QList<QKeySequence> keys;
        for (const auto& part : parts) {
            const auto key = QKeySequence::fromString(part, QKeySequence::PortableText);
            if (key.isEmpty() || (key[0].key() == Qt::Key_unknown))
                return fail_in_line(i + 1, QObject::tr("there are no keys “%1”.").arg(part));
            for (const auto& [other, used] : read)
                if (std::ranges::any_of(used, [&](const auto& one) { return meet(one, key); }))
                    return fail_in_line(i + 1, QObject::tr("“%1” is for “%2” already.").arg(part, other));
            keys << key;
        }
        read[command] = keys;
    }
    return read;
}

} // namespace pulsepin
