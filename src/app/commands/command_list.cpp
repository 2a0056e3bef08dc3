// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/command_list.h"

#include "commands/kept_shortcuts.h"
#include "session/crash_report.h"

#include <algorithm>
#include <cassert>

namespace pulsepin {

CommandList::CommandList(QWidget* window) : QObject(window), window_(window) {}

void CommandList::add(QMenu* menu, const Command& command) {
    auto* action = new QAction(command.text, window_);
    action->setObjectName(command.id);
    action->setShortcuts(kept_keys(command.id).value_or(command.keys));
    action->setAutoRepeat(command.repeats);
    if (command.turn) {
        action->setCheckable(true);
        connect(action, &QAction::toggled, this, command.turn);
    } else {
        connect(action, &QAction::triggered, this, [run = command.run] { run(); });
    }
    connect(action, &QAction::triggered, this, [id = command.id] { crash_report::note(id); });
    window_->addAction(action);
    menu->addAction(action);
    actions_[command.id] = action;
    rows_.push_back({menu->title(), action, command.keys});
}

void CommandList::add(QMenu* menu, const std::vector<Command>& commands) {
    for (const auto& command : commands)
        add(menu, command);
}

const CommandList::Row& CommandList::row_of(const QAction& action) const {
    const auto row = std::ranges::find(rows_, &action, &Row::action);
    assert(row != rows_.end());
    return *row;
}

void CommandList::set_keys(QAction& action, const QList<QKeySequence>& keys) {
    action.setShortcuts(keys);
    if (has_first_keys(action))
        forget_keys(action.objectName());
    else
        keep_keys(action.objectName(), keys);
}

void CommandList::reset_keys(QAction& action) {
    set_keys(action, first_keys(action));
}

const QList<QKeySequence>& CommandList::first_keys(const QAction& action) const {
    return row_of(action).first_keys;
}

/// Standard ones stand for several, and may be the same keys twice.
bool CommandList::has_first_keys(const QAction& action) const {
    QAction began;
    began.setShortcuts(first_keys(action));
    return began.shortcuts() == action.shortcuts();
}

std::vector<const CommandList::Row*> CommandList::found(const QString& words) const {
    const QStringList wanted = words.simplified().split(' ', Qt::SkipEmptyParts);
    std::vector<const Row*> rows;
    for (const auto& row : rows_) {
        const QString text = row.group + ' ' + row.action->text();
        if (std::all_of(wanted.begin(), wanted.end(),
                        [&](const QString& word) { return text.contains(word, Qt::CaseInsensitive); }))
            rows.push_back(&row);
    }
    const auto begins = [&](const Row* row) {
        return !wanted.isEmpty() && row->action->text().startsWith(wanted.front(), Qt::CaseInsensitive);
    };
    std::stable_sort(rows.begin(), rows.end(),
                     [&](const Row* a, const Row* b) { return begins(a) && !begins(b); });
    return rows;
}

} // namespace pulsepin
