// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/command_list.h"

#include <algorithm>

namespace pulsepin {

CommandList::CommandList(QWidget* window) : QObject(window), window_(window) {}

void CommandList::add(QMenu* menu, const Command& command) {
    auto* action = new QAction(command.text, window_);
    action->setObjectName(command.id);
    action->setShortcuts(command.keys);
    action->setAutoRepeat(command.repeats);
    if (command.turn) {
        action->setCheckable(true);
        connect(action, &QAction::toggled, this, command.turn);
    } else {
        connect(action, &QAction::triggered, this, [run = command.run] { run(); });
    }
    window_->addAction(action);
    menu->addAction(action);
    actions_[command.id] = action;
    rows_.push_back({menu->title(), action});
}

void CommandList::add(QMenu* menu, const std::vector<Command>& commands) {
    for (const auto& command : commands)
        add(menu, command);
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
