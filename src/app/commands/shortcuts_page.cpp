// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/shortcuts_page.h"

#include "commands/command_dialogs.h"
#include "commands/command_list.h"
#include "commands/kept_shortcuts.h"
#include "parts/file_names.h"
#include "parts/question.h"
#include "parts/widgets.h"
#include "session/core_words.h"

#include <QFileDialog>
#include <QHeaderView>
#include <QKeySequenceEdit>
#include <QSaveFile>

namespace pulsepin {
namespace {

enum Column { Group, What, Keys };
constexpr int most_bytes = 1 << 20;

} // namespace

ShortcutsPage::ShortcutsPage(CommandList& commands, QWidget* parent) : QWidget(parent), commands_(commands) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    table_ = named(new QTableWidget(0, 3), "shortcut table", tr("Commands and their keys"));
    table_->setHorizontalHeaderLabels({tr("Menu"), tr("Command"), tr("Keys")});
    table_->verticalHeader()->hide();
    table_->horizontalHeader()->setSectionResizeMode(What, QHeaderView::Stretch);
    table_->setSelectionBehavior(QTableWidget::SelectRows);
    table_->setSelectionMode(QTableWidget::SingleSelection);
    table_->setEditTriggers(QTableWidget::NoEditTriggers);
    table_->setTabKeyNavigation(false);
    column->addWidget(table_, 1);

    auto* line = new QHBoxLayout;
    keys_ =
        named(new QKeySequenceEdit, "shortcut keys", tr("Press the keys that the chosen command shall have"));
    keys_->setAccessibleName(tr("New keys"));
    take_ = named(new QPushButton(tr("Use these keys")), "shortcut take",
                  tr("The chosen command is done by these keys; who had them before has them no longer"));
    none_ =
        named(new QPushButton(tr("No keys")), "shortcut none", tr("The chosen command has no keys any more"));
    back_ = named(new QPushButton(tr("Reset")), "shortcut back",
                  tr("The chosen command has the keys again that it began with"));
    line->addWidget(keys_, 1);
    for (auto* button : {take_, none_, back_}) {
        button->setAutoDefault(false);
        line->addWidget(button);
    }
    column->addLayout(line);
    told_ = quiet({});
    told_->setObjectName("shortcut told");
    told_->setWordWrap(true);
    column->addWidget(told_);

    auto* files = new QHBoxLayout;
    auto* write =
        named(new QPushButton(tr("Export…")), "shortcut write", tr("Write the keys that differ to a file"));
    auto* read = named(new QPushButton(tr("Import…")), "shortcut read", tr("Take keys from such a file"));
    auto* all = named(new QPushButton(tr("Reset all")), "shortcut all back",
                      tr("All commands have the keys again that they began with"));
    for (auto* button : {write, read, all}) {
        button->setAutoDefault(false);
        files->addWidget(button);
    }
    files->addStretch(1);
    column->addLayout(files);

    connect(table_, &QTableWidget::itemSelectionChanged, this, &ShortcutsPage::show_chosen);
    connect(table_, &QTableWidget::activated, this, [this] { keys_->setFocus(); });
    connect(keys_, &QKeySequenceEdit::keySequenceChanged, this, &ShortcutsPage::show_conflict);
    connect(take_, &QPushButton::clicked, this, &ShortcutsPage::take_keys);
    connect(none_, &QPushButton::clicked, this, [this] {
        if (auto* action = chosen())
            give(*action, {});
    });
    connect(back_, &QPushButton::clicked, this, &ShortcutsPage::put_back);
    connect(all, &QPushButton::clicked, this, &ShortcutsPage::put_all_back);
    connect(write, &QPushButton::clicked, this, &ShortcutsPage::write_file);
    connect(read, &QPushButton::clicked, this, &ShortcutsPage::read_file);
    fill();
}

void ShortcutsPage::find(const QString& words) {
    words_ = words;
    fill();
}

QAction* ShortcutsPage::chosen() const {
    const int row = table_->currentRow();
    return row < 0 ? nullptr : table_->item(row, What)->data(Qt::UserRole).value<QAction*>();
}

void ShortcutsPage::fill() {
    const QAction* before = chosen();
    const QStringList wanted = words_.simplified().split(' ', Qt::SkipEmptyParts);
    table_->setRowCount(0);
    for (const auto& row : commands_.rows()) {
        const QString keys = keys_of(*row.action), text = steady_text(*row.action);
        const QString all = row.group + ' ' + text + ' ' + keys;
        if (!std::ranges::all_of(
                wanted, [&](const QString& word) { return all.contains(word, Qt::CaseInsensitive); }))
            continue;
        const int at = table_->rowCount();
        table_->insertRow(at);
        table_->setItem(at, Group, new QTableWidgetItem(row.group));
        auto* item = new QTableWidgetItem(text);
        item->setData(Qt::UserRole, QVariant::fromValue(row.action));
        table_->setItem(at, What, item);
        auto* shown = new QTableWidgetItem(keys);
        if (!commands_.has_first_keys(*row.action)) { // what differs is told by more than a colour
            QFont bold = table_->font();
            bold.setBold(true);
            shown->setFont(bold);
            shown->setToolTip(tr("Changed"));
        }
        table_->setItem(at, Keys, shown);
        if (row.action == before)
            table_->selectRow(at);
    }
    table_->resizeColumnToContents(Group);
    table_->resizeColumnToContents(Keys);
    if (!chosen() && table_->rowCount() > 0)
        table_->selectRow(0);
    show_chosen();
}

void ShortcutsPage::show_chosen() {
    const auto* action = chosen();
    const QSignalBlocker quietly(keys_);
    keys_->setKeySequence(action ? action->shortcut() : QKeySequence());
    keys_->setEnabled(action);
    none_->setEnabled(action && !action->shortcuts().isEmpty());
    back_->setEnabled(action && !commands_.has_first_keys(*action));
    show_conflict();
}

void ShortcutsPage::show_conflict() {
    const auto* action = chosen();
    const auto keys = keys_->keySequence();
    take_->setEnabled(action && !keys.isEmpty() && action->shortcuts() != QList{keys});
    QStringList others;
    for (const auto* other : action ? users_of(commands_, keys, action) : std::vector<QAction*>())
        others << tr("“%1”").arg(steady_text(*other));
    told_->setText(others.isEmpty() ? QString()
                                    : tr("%1 is used by %2, which would have no keys any more.")
                                          .arg(keys.toString(QKeySequence::NativeText), others.join(", ")));
}

void ShortcutsPage::give(QAction& action, const QList<QKeySequence>& keys) {
    commands_.set_keys(action, keys);
    fill();
}

void ShortcutsPage::take_keys() {
    auto* action = chosen();
    const auto keys = keys_->keySequence();
    if (!action || keys.isEmpty())
        return;
    for (auto* other : users_of(commands_, keys, action)) {
        auto left = other->shortcuts();
        left.removeIf([&](const QKeySequence& one) {
            return one.matches(keys) != QKeySequence::NoMatch || keys.matches(one) != QKeySequence::NoMatch;
        });
        commands_.set_keys(*other, left);
    }
    give(*action, {keys});
}

void ShortcutsPage::put_back() {
    auto* action = chosen();
    if (!action)
        return;
    for (const auto& keys : commands_.first_keys(*action))
        if (const auto users = users_of(commands_, keys, action); !users.empty())
            return told_->setText(
                tr("%1 is used by “%2” now. Change that first.")
                    .arg(keys.toString(QKeySequence::NativeText), steady_text(*users.front())));
    commands_.reset_keys(*action);
    fill();
}

void ShortcutsPage::put_all_back() {
    for (const auto& row : commands_.rows())
        commands_.reset_keys(*row.action);
    fill();
    told_->setText(tr("All commands have the keys that they began with."));
}

void ShortcutsPage::write_file() {
    Shortcuts changed;
    for (const auto& row : commands_.rows())
        if (!commands_.has_first_keys(*row.action))
            changed[row.action->objectName()] = row.action->shortcuts();
    const auto path = ask_where_to_write(this, tr("Export shortcuts"), tr("shortcuts.txt"),
                                         tr("Lists of shortcuts (*.txt)"), "txt");
    if (!path)
        return;
    QSaveFile file(*path);
    const QByteArray text = text_of_shortcuts(changed).toUtf8();
    if (!file.open(QIODevice::WriteOnly) || file.write(text) != text.size() || !file.commit())
        return told_->setText(tr("%1: It could not be written: %2.").arg(*path, file.errorString()));
    told_->setText(tr("%n shortcut(s) written to %1.", nullptr, static_cast<int>(changed.size())).arg(*path));
}

void ShortcutsPage::read_file() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Import shortcuts"), {}, tr("Lists of shortcuts (*.txt)"));
    if (path.isEmpty())
        return;
    QFile file(path);
    if (!QFileInfo(path).isFile() || !file.open(QIODevice::ReadOnly))
        return told_->setText(tr("%1: It could not be read. Choose another file.").arg(path));
    const auto read = shortcuts_of_text(QString::fromUtf8(file.read(most_bytes)), commands_);
    if (!read)
        return told_->setText(path + ": " + spoken(read.error()));
    for (const auto& row : commands_.rows())
        commands_.reset_keys(*row.action);
    for (const auto& [id, keys] : *read) {
        auto* action = commands_.action(id);
        for (const auto& key : keys)
            for (auto* other : users_of(commands_, key, action))
                if (!read->contains(other->objectName()))
                    commands_.set_keys(*other, {});
        commands_.set_keys(*action, keys);
    }
    fill();
    told_->setText(tr("%n shortcut(s) taken from %1.", nullptr, static_cast<int>(read->size())).arg(path));
}

} // namespace pulsepin
