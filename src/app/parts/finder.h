// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QComboBox>
#include <QFrame>
#include <QIcon>
#include <functional>
#include <vector>

class QAbstractButton;
class QLineEdit;
class QListWidget;
class QListWidgetItem;
class QMenu;

namespace pulsepin {

/// One thing of many that can be chosen.
struct Offer {
    QString group; ///< its heading; those of one group follow each other
    QString name;
    std::function<void()> choose;
    bool is_current = false;
    QIcon icon = {};
};

/// A list with a field to type in, under a widget, that closes with what is chosen: grouped, what was chosen
/// last above all, reached by the arrows and by words of its name or its group.
class Finder : public QFrame {
    Q_OBJECT
public:
    /// `memory`: the name under which what was chosen last is kept; empty: it is not.
    static void open(QWidget& under, const QString& memory, std::vector<Offer> offers);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    Finder(QWidget& under, QString memory, std::vector<Offer> offers);
    void fill();
    void add_heading(const QString& text);
    void add_row(const Offer& offer);
    void choose_row();
    void move_to(int row, int step); ///< to the next that can be chosen from there
    void place(const QWidget& under);

    QString memory_;
    std::vector<Offer> offers_;
    QLineEdit* words_;
    QListWidget* list_;
};

/// What a menu and its submenus would offer, as such a list under the button whenever that is pressed. `fill`
/// fills the menu that it is given; its submenus are the groups.
void find_on_click(QAbstractButton& button, const QString& memory, std::function<void(QMenu*)> fill);

/// A choice of one: its list is one to type in where it is long. Items are grouped by their data for
/// `group_role`.
class ChoiceBox : public QComboBox {
public:
    using QComboBox::QComboBox;
    void showPopup() override;
    /// What is opened instead of its list; whether it could be. Those that are listed in it choose by
    /// choosing().
    void open_by(std::function<bool()> opens) { opens_ = std::move(opens); }
    /// Chooses a row as a person does, if it is still that one.
    [[nodiscard]] std::function<void()> choosing(int row);

private:
    std::function<bool()> opens_;
};

inline constexpr int group_role = Qt::UserRole + 100;
/// From so many on a list is a long one.
inline constexpr int long_list = 13;

} // namespace pulsepin
