// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "support/desk.h"

#include <QAbstractItemView>
#include <random>

namespace pulsepin::test {

/// Hands that do anything in the window: commands, buttons, fields, keys, wheels, drags, menus of the right
/// button, at every stop, in dialogs, lists and the picture. What an action does follows from the seed and
/// its number alone, so that a run can be repeated with some of its actions left out.
class RandomHands {
public:
    RandomHands(Desk& desk, std::uint32_t seed);

    /// Does the action of that number, with whatever it opens, and says what it was.
    QString act(int number);
    /// What of the program was met, by name: stops, dialogs, commands.
    [[nodiscard]] const std::map<QString, int>& met() const { return met_; }

private:
    using Action = QString (RandomHands::*)();
    struct Row {
        int weight;
        Action act;
    };
    static const std::vector<Row>& rows();

    QString command();
    QString button();
    QString field();
    QString line();
    QString row();
    QString key();
    QString wheel();
    QString drag();
    QString double_click();
    QString menu();
    QString stop();
    QString size();

    void answer();
    void answer_menu(QMenu& menu);
    void answer_dialog(QDialog& dialog);
    QString press_some(QWidget& within);
    bool change_some(QWidget& within);

    int below(int n) { return n < 1 ? 0 : static_cast<int>(random_() % static_cast<std::uint32_t>(n)); }
    template <class T>
    T any_of(const QList<T>& all) {
        return all[below(static_cast<int>(all.size()))];
    }
    QPoint place(const QWidget& in) { return {below(in.width()), below(in.height())}; }
    /// The drawing or the picture, whichever hands reach for.
    QWidget& drawing();
    QString text();

    Desk& desk_;
    std::uint32_t seed_;
    std::mt19937 random_;
    QTimer answers_;
    std::map<const QObject*, int> touched_; ///< dialogs that are open, and how often
    std::map<QString, int> met_;
};

} // namespace pulsepin::test
