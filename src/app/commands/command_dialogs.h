// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "commands/command_list.h"

#include <QDialog>
#include <QLineEdit>
#include <QListWidget>

namespace pulsepin {

/// A few letters find what can be done, with its keys; Return does it.
class CommandSearch : public QDialog {
    Q_OBJECT
public:
    explicit CommandSearch(const CommandList& commands, QWidget* parent = nullptr);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void fill();
    void run();
    const CommandList& commands_;
    QLineEdit* words_;
    QListWidget* list_;
    std::vector<const CommandList::Row*> shown_;
};

/// "Ctrl+Z or Alt+Backspace".
[[nodiscard]] QString keys_of(const QAction& action);
/// "Undo add cut" is "Undo" in a list.
[[nodiscard]] QString steady_text(const QAction& action);

struct ShortcutLine {
    QString group, what, keys;
};
/// All that has keys, in the order of the menus.
[[nodiscard]] std::vector<ShortcutLine> shortcut_lines(const CommandList& commands);
/// As a sheet; it goes when it is closed.
void show_shortcuts(const CommandList& commands, QWidget* parent);

} // namespace pulsepin
