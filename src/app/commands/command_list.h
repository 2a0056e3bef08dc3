// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAction>
#include <QKeySequence>
#include <QMenu>
#include <functional>
#include <map>
#include <vector>

namespace pulsepin {

/// Something that a person can do, as it is written where it is defined.
struct Command {
    QString id;   ///< for tests, the tour and other commands
    QString text; ///< in menus, in the list of shortcuts and where commands are searched
    QList<QKeySequence> keys = {};
    std::function<void()> run = {};
    std::function<void(bool)> turn = {}; ///< of what is on or off: told the new state instead
    bool repeats = true;                 ///< while its key is held
};

/// All that can be done, in the order in which it was defined: menus, the list of shortcuts and the search
/// are made from it.
class CommandList : public QObject {
    Q_OBJECT
public:
    /// Keys work wherever the window is in front.
    explicit CommandList(QWidget* window);

    void add(QMenu* menu, const Command& command);
    void add(QMenu* menu, const std::vector<Command>& commands);
    /// Of a choice in a menu, which has no keys of its own.
    void keep(const QString& id, QAction* action) { actions_[id] = action; }
    [[nodiscard]] QAction* action(const QString& id) const { return actions_.at(id); }

    struct Row {
        QString group; ///< the title of its menu
        QAction* action;
        QList<QKeySequence> first_keys; ///< that it begins with, before a person gave it others
    };
    [[nodiscard]] const std::vector<Row>& rows() const { return rows_; }

    /// From now on, and at the next start.
    void set_keys(QAction& action, const QList<QKeySequence>& keys);
    void reset_keys(QAction& action);
    [[nodiscard]] const QList<QKeySequence>& first_keys(const QAction& action) const;
    [[nodiscard]] bool has_first_keys(const QAction& action) const;

    /// Those whose text or group has all of the words in it, in any order; the closest first.
    [[nodiscard]] std::vector<const Row*> found(const QString& words) const;

private:
    [[nodiscard]] const Row& row_of(const QAction& action) const;
    QWidget* window_;
    std::map<QString, QAction*> actions_;
    std::vector<Row> rows_;
};

} // namespace pulsepin
