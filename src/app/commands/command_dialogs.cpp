// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/command_dialogs.h"

#include "parts/open_once.h"
#include "parts/widgets.h"

#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QVBoxLayout>

namespace pulsepin {

QString keys_of(const QAction& action) {
    QStringList keys;
    for (const auto& key : action.shortcuts())
        keys << key.toString(QKeySequence::NativeText);
    return keys.join(CommandSearch::tr(" or "));
}

QString steady_text(const QAction& action) {
    const QString steady = action.property("steady text").toString();
    return steady.isEmpty() ? action.text() : steady;
}

CommandSearch::CommandSearch(const CommandList& commands, QWidget* parent)
    : QDialog(parent), commands_(commands) {
    setObjectName("command search");
    setWindowTitle(tr("Find a command"));
    auto* column = new QVBoxLayout(this);
    words_ = new QLineEdit;
    words_->setObjectName("command words");
    words_->setPlaceholderText(tr("a few letters of what you want to do"));
    words_->setAccessibleName(tr("What you want to do"));
    words_->installEventFilter(this);
    list_ = new QListWidget;
    list_->setObjectName("commands found");
    list_->setAccessibleName(tr("Commands that were found"));
    list_->setFocusPolicy(Qt::NoFocus);
    column->addWidget(words_);
    column->addWidget(list_);
    connect(words_, &QLineEdit::textChanged, this, &CommandSearch::fill);
    connect(words_, &QLineEdit::returnPressed, this, &CommandSearch::run);
    connect(list_, &QListWidget::itemClicked, this, &CommandSearch::run);
    resize(460, 360);
    fill();
}

void CommandSearch::fill() {
    shown_ = commands_.found(words_->text());
    list_->clear();
    for (const auto* row : shown_) {
        const QString keys = keys_of(*row->action);
        auto* item = new QListWidgetItem(tr("%1 · %2").arg(row->group, row->action->text()) +
                                         (keys.isEmpty() ? QString() : "    " + keys));
        if (!row->action->isEnabled())
            item->setFlags(item->flags() & ~Qt::ItemIsEnabled);
        list_->addItem(item);
    }
    list_->setCurrentRow(0);
}

void CommandSearch::run() {
    const int row = list_->currentRow();
    if (row < 0 || row >= static_cast<int>(shown_.size()))
        return;
    QAction* action = shown_[static_cast<std::size_t>(row)]->action;
    if (!action->isEnabled())
        return;
    accept(); // first: what is run may ask something itself
    action->trigger();
}

bool CommandSearch::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Down || key == Qt::Key_Up) {
            const int by = key == Qt::Key_Down ? 1 : -1;
            list_->setCurrentRow(std::clamp(list_->currentRow() + by, 0, std::max(0, list_->count() - 1)));
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

std::vector<ShortcutLine> shortcut_lines(const CommandList& commands) {
    std::vector<ShortcutLine> lines;
    for (const auto& row : commands.rows())
        if (!row.action->shortcuts().isEmpty())
            lines.push_back({row.group, steady_text(*row.action), keys_of(*row.action)});
    return lines;
}

void show_shortcuts(const CommandList& commands, QWidget* parent) {
    const QString name("shortcuts");
    if (brought_forward<QDialog>(parent, name))
        return;
    auto* sheet = new QDialog(parent);
    sheet->setObjectName(name);
    sheet->setAttribute(Qt::WA_DeleteOnClose);
    sheet->setWindowTitle(CommandSearch::tr("All shortcuts"));
    auto* grid = new QGridLayout(sheet);
    grid->setHorizontalSpacing(26);
    grid->setVerticalSpacing(3);
    QString group;
    int row = 0, column = -2;
    for (const auto& line : shortcut_lines(commands)) {
        if (line.group != group) {
            group = line.group;
            if (column < 0 || row > 22) { // four columns fit on a small screen
                column += 2;
                row = 0;
            }
            grid->addWidget(heading(group), row++, column, 1, 2);
        }
        grid->addWidget(new QLabel(line.what), row, column);
        grid->addWidget(quiet(line.keys), row++, column + 1);
    }
    sheet->show();
}

} // namespace pulsepin
