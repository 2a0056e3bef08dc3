// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

class QKeySequenceEdit;

namespace pulsepin {

class CommandList;

/// All commands with their keys: found, changed, put back, written to a file and read from one.
class ShortcutsPage : public QWidget {
    Q_OBJECT
public:
    explicit ShortcutsPage(CommandList& commands, QWidget* parent = nullptr);
    /// Shows the commands whose text or keys have all of the words in them.
    void find(const QString& words);

private:
    void fill();
    void show_chosen();
    void show_conflict();
    void take_keys();
    void put_back();
    void put_all_back();
    void write_file();
    void read_file();
    [[nodiscard]] QAction* chosen() const;
    void give(QAction& action, const QList<QKeySequence>& keys);

    CommandList& commands_;
    QTableWidget* table_;
    QKeySequenceEdit* keys_;
    QPushButton *take_, *none_, *back_;
    QLabel* told_;
    QString words_;
};

} // namespace pulsepin
