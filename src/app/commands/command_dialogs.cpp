// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/command_dialogs.h"

#include "parts/open_once.h"
#include "parts/widgets.h"

#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QScreen>
#include <QScrollArea>
#include <QStyle>
#include <QVBoxLayout>
#include <algorithm>
#include <map>

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
    QStringList groups;
    for (const auto& row : commands.rows())
        if (!row.action->shortcuts().isEmpty()) {
            lines.push_back({row.group, steady_text(*row.action), keys_of(*row.action)});
            if (!groups.contains(row.group))
                groups << row.group;
        }
    // What a menu has below a menu of its own belongs to it still.
    std::ranges::stable_sort(lines, {}, [&](const ShortcutLine& line) { return groups.indexOf(line.group); });
    return lines;
}

namespace {

/// Groups stay whole. The next column begins where most of a group would lie below the share of this one.
QWidget* in_columns(int columns, const std::vector<ShortcutLine>& lines) {
    auto* sheet = new QWidget;
    auto* grid = new QGridLayout(sheet);
    grid->setHorizontalSpacing(16);
    grid->setVerticalSpacing(1);
    std::map<QString, int> rows_of;
    for (const auto& line : lines)
        ++rows_of[line.group];
    const int share = static_cast<int>(lines.size() + rows_of.size()) / columns;
    QString group;
    int row = 0, column = 0;
    for (const auto& line : lines) {
        if (line.group != group) {
            group = line.group;
            if (row + rows_of[group] / 2 > share && column + 1 < columns) {
                ++column;
                row = 0;
            }
            grid->addWidget(heading(group), row++, 2 * column, 1, 2);
        }
        grid->addWidget(new QLabel(line.what), row, 2 * column);
        grid->addWidget(quiet(line.keys), row++, 2 * column + 1);
    }
    return sheet;
}

/// In as many columns as the screen has the room for, as large as they are.
void fill_to_screen(QDialog& dialog, QScrollArea& scroll, const std::vector<ShortcutLine>& lines) {
    constexpr double of_the_screen = 0.95; // its frame takes some
    const QSize room = dialog.screen()->availableSize() * of_the_screen;
    const int bar = scroll.style()->pixelMetric(QStyle::PM_ScrollBarExtent) + 2;
    for (int columns = 3; columns > 0; --columns) {
        scroll.setWidget(in_columns(columns, lines));
        scroll.widget()->ensurePolished();
        const QSize whole = scroll.widget()->sizeHint() + QSize(bar, 0);
        if (whole.width() <= room.width() || columns == 1)
            return dialog.resize(whole.boundedTo(room));
    }
}

} // namespace

void show_shortcuts(const CommandList& commands, QWidget* parent) {
    const QString name("shortcuts");
    if (brought_forward<QDialog>(parent, name))
        return;
    auto* sheet = new QDialog(parent);
    sheet->setObjectName(name);
    sheet->setAttribute(Qt::WA_DeleteOnClose);
    sheet->setWindowTitle(CommandSearch::tr("All shortcuts"));
    auto* scroll = new QScrollArea;
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    auto* whole = new QVBoxLayout(sheet);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->addWidget(scroll);
    fill_to_screen(*sheet, *scroll, shortcut_lines(commands));
    sheet->show();
}

} // namespace pulsepin
