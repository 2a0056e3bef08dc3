// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/random_hands.h"

#include <QAbstractSpinBox>
#include <QCheckBox>
#include <QContextMenuEvent>
#include <QDialog>
#include <QFileDialog>
#include <QPlainTextEdit>
#include <QSlider>
#include <QWheelEvent>
#include <numeric>

namespace pulsepin::test {
namespace {

/// What leaves the piece or the program, sends for a day, or writes whole films.
bool is_left_alone(const QString& name) {
    static const QStringList names{"quit", "new", "save", "recent project"};
    static const QStringList beginnings{"export",    "notice",     "open recent",
                                        "make film", "film start", "welcome"};
    return names.contains(name) || std::ranges::any_of(beginnings, [&](const QString& beginning) {
               return name.startsWith(beginning);
           });
}

template <class Widget>
QList<Widget*> usable(const QWidget& within) {
    QList<Widget*> all;
    for (auto* widget : within.findChildren<Widget*>())
        if (widget->isVisible() && widget->isEnabled() && !is_left_alone(widget->objectName()))
            all << widget;
    return all;
}

void move_mouse(QWidget& over, QPoint at, Qt::KeyboardModifiers with) {
    QMouseEvent move(QEvent::MouseMove, at, over.mapToGlobal(at), Qt::NoButton, Qt::LeftButton, with);
    QApplication::sendEvent(&over, &move);
}

} // namespace

RandomHands::RandomHands(Desk& desk, std::uint32_t seed) : desk_(desk), seed_(seed) {
    // Anew each time: what is answered may itself wait for an answer.
    answers_.setInterval(15);
    answers_.setSingleShot(true);
    QObject::connect(&answers_, &QTimer::timeout, &answers_, [this] {
        answers_.start();
        answer();
    });
    answers_.start();
}

const std::vector<RandomHands::Row>& RandomHands::rows() {
    static const std::vector<Row> all{
        {6, &RandomHands::command}, {4, &RandomHands::button}, {3, &RandomHands::field},
        {1, &RandomHands::line},    {2, &RandomHands::row},    {3, &RandomHands::key},
        {2, &RandomHands::wheel},   {4, &RandomHands::drag},   {1, &RandomHands::double_click},
        {2, &RandomHands::menu},    {2, &RandomHands::stop},   {1, &RandomHands::size}};
    return all;
}

QString RandomHands::act(int number) {
    std::seed_seq from{seed_, static_cast<std::uint32_t>(number)};
    random_.seed(from);
    int at = below(std::accumulate(rows().begin(), rows().end(), 0,
                                   [](int sum, const Row& row) { return sum + row.weight; }));
    for (const auto& row : rows())
        if ((at -= row.weight) < 0) {
            const QString what = (this->*row.act)();
            QApplication::processEvents();
            return what;
        }
    return {};
}

QString RandomHands::command() {
    const auto actions = desk_.window.actions();
    auto* action = any_of(actions);
    if (is_left_alone(action->objectName()) || !action->isEnabled())
        return "nothing";
    ++met_["command " + action->objectName()];
    action->trigger();
    return "command " + action->objectName();
}

QString RandomHands::press_some(QWidget& within) {
    const auto seen = usable<QAbstractButton>(within);
    if (seen.isEmpty())
        return {};
    auto* button = any_of(seen);
    const QString name = button->objectName();
    ++met_["button " + name];
    QTest::mouseClick(button, Qt::LeftButton);
    return name;
}

QString RandomHands::button() {
    const QPointer<QWidget> within = below(4) == 0 && QApplication::activeWindow()
                                         ? QApplication::activeWindow()
                                         : static_cast<QWidget*>(&desk_.window);
    return "button " + press_some(*within);
}

bool RandomHands::change_some(QWidget& within) {
    QList<QWidget*> seen;
    for (auto* choice : usable<QComboBox>(within))
        seen << choice;
    for (auto* number : usable<QAbstractSpinBox>(within))
        seen << number;
    for (auto* slider : usable<QSlider>(within))
        seen << slider;
    if (seen.isEmpty())
        return false;
    auto* field = any_of(seen);
    if (auto* choice = qobject_cast<QComboBox*>(field); choice && choice->count() > 0) {
        const int index = below(choice->count());
        choice->setCurrentIndex(index);
        emit choice->activated(index);
    } else if (auto* number = qobject_cast<QAbstractSpinBox*>(field)) {
        below(2) ? number->stepUp() : number->stepDown();
    } else if (auto* slider = qobject_cast<QSlider*>(field)) {
        QTest::keyClick(slider, below(2) ? Qt::Key_PageUp : Qt::Key_PageDown);
    }
    return true;
}

QString RandomHands::field() {
    return change_some(desk_.window) ? "field" : "nothing";
}

QString RandomHands::text() {
    static const QStringList texts{
        "",       "0",     "-1",    "1e9",         "12.5",           "3:20",    "120",
        "<b>x",   "$(id)", "æøå",   "%1 %n",       "a b, c",         "\"'`;&|", "1/4",
        "日本語", "NaN",   "9|1|0", "00:00:01:00", QString(400, 'w')};
    return any_of(texts);
}

QString RandomHands::line() {
    const auto seen = usable<QLineEdit>(desk_.window);
    if (seen.isEmpty())
        return "nothing";
    const QPointer<QLineEdit> line = any_of(seen);
    if (line->isReadOnly())
        return "nothing";
    line->setFocus();
    line->selectAll();
    QTest::keyClick(line, Qt::Key_Delete);
    if (line)
        line->insert(text());
    if (line)
        QTest::keyClick(line, below(3) == 0 ? Qt::Key_Escape : Qt::Key_Return);
    return "line";
}

QString RandomHands::row() {
    const auto seen = usable<QAbstractItemView>(desk_.window);
    if (seen.isEmpty())
        return "nothing";
    const QPointer<QAbstractItemView> list = any_of(seen);
    const auto* rows = list->model();
    if (!rows || rows->rowCount(list->rootIndex()) == 0)
        return "nothing";
    const auto index =
        rows->index(below(rows->rowCount(list->rootIndex())),
                    below(std::max(1, rows->columnCount(list->rootIndex()))), list->rootIndex());
    list->scrollTo(index);
    const QPoint at = list->visualRect(index).center();
    QTest::mouseClick(list->viewport(), Qt::LeftButton, below(4) == 0 ? Qt::ControlModifier : Qt::NoModifier,
                      at);
    if (list && below(4) == 0)
        QTest::keyClick(list, below(2) ? Qt::Key_Delete : Qt::Key_Space);
    if (list && below(6) == 0)
        QTest::mouseDClick(list->viewport(), Qt::LeftButton, {}, at);
    return "row of " + (list ? list->objectName() : QString());
}

QString RandomHands::key() {
    const Qt::Key keys[] = {Qt::Key_Left, Qt::Key_Right,  Qt::Key_Up,       Qt::Key_Down,  Qt::Key_M,
                            Qt::Key_C,    Qt::Key_E,      Qt::Key_Delete,   Qt::Key_Home,  Qt::Key_End,
                            Qt::Key_Tab,  Qt::Key_Escape, Qt::Key_PageDown, Qt::Key_Space, Qt::Key_Return};
    const auto key = keys[below(static_cast<int>(std::size(keys)))];
    desk_.key(key, below(4) == 0 ? Qt::ShiftModifier : Qt::NoModifier);
    return QString("key %1").arg(key);
}

QWidget& RandomHands::drawing() {
    auto& window = desk_.window;
    if (window.preview().isVisible() && below(3) == 0)
        return window.preview();
    return window.score().isVisible() ? static_cast<QWidget&>(window.score()) : window.timeline();
}

QString RandomHands::wheel() {
    auto& over = drawing();
    const QPoint at = place(over);
    QWheelEvent turn(at, over.mapToGlobal(at), {}, {0, below(2) ? 120 : -120}, Qt::NoButton,
                     below(3) == 0 ? Qt::ShiftModifier : Qt::NoModifier, Qt::NoScrollPhase, false);
    QApplication::sendEvent(&over, &turn);
    return "wheel";
}

QString RandomHands::drag() {
    auto& over = drawing();
    const QPoint from = place(over), to = place(over);
    const auto with = below(4) == 0 ? Qt::ShiftModifier : Qt::NoModifier;
    QTest::mousePress(&over, Qt::LeftButton, with, from);
    const int other_hand = below(24); // on the keys while the mouse is held
    for (int i = 1; i <= 3; ++i) {
        if (i == 1 + other_hand)
            desk_.window.action(below(3) > 0 ? "undo" : below(2) == 0 ? "redo" : "delete")->trigger();
        move_mouse(over, from + (to - from) * i / 3, with);
    }
    if (below(8) == 0) // thought better of it
        QTest::keyClick(&over, Qt::Key_Escape);
    QTest::mouseRelease(&over, Qt::LeftButton, with, to);
    return "drag";
}

QString RandomHands::double_click() {
    auto& on = drawing();
    QTest::mouseDClick(&on, Qt::LeftButton, {}, place(on));
    return "double click";
}

QString RandomHands::menu() {
    auto& on = drawing();
    const QPoint at = place(on);
    QTest::mouseClick(&on, Qt::RightButton, {}, at);
    QContextMenuEvent asked(QContextMenuEvent::Mouse, at, on.mapToGlobal(at));
    QApplication::sendEvent(&on, &asked);
    return "menu of the right button";
}

QString RandomHands::stop() {
    const int stop = below(static_cast<int>(Stop::Export) + 1);
    ++met_[QString("stop %1").arg(stop)];
    desk_.window.go_to_stop(static_cast<Stop>(stop));
    return QString("stop %1").arg(stop);
}

QString RandomHands::size() {
    static const QList<QSize> sizes{{1024, 700}, {1280, 800}, {1600, 1000}};
    desk_.window.resize(any_of(sizes));
    return "size";
}

/// Whatever opens gets its answer: menus and lists a row, dialogs some touches and then one of their buttons.
void RandomHands::answer() {
    if (auto* popup = QApplication::activePopupWidget()) {
        if (auto* menu = qobject_cast<QMenu*>(popup))
            return answer_menu(*menu);
        if (auto* words = popup->findChild<QLineEdit*>(); words && below(2)) {
            QTest::keyClicks(words, QString(QChar('a' + below(26))));
            return QTest::keyClick(words, Qt::Key_Return);
        }
        popup->close();
        return;
    }
    if (auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget()))
        answer_dialog(*dialog);
}

void RandomHands::answer_menu(QMenu& menu) {
    QList<QAction*> enabled;
    for (auto* action : menu.actions())
        if (action->isEnabled() && !action->isSeparator() && !is_left_alone(action->objectName()))
            enabled << action;
    if (enabled.isEmpty() || below(4) == 0) {
        menu.close();
        return;
    }
    auto* action = any_of(enabled);
    ++met_["menu row"];
    menu.setActiveAction(action);
    if (action->menu() && action->menu()->isVisible())
        return; // its rows come next
    QTest::keyClick(&menu, Qt::Key_Return);
}

void RandomHands::answer_dialog(QDialog& dialog) {
    int& touched = touched_[&dialog];
    if (touched == 0) {
        ++met_["dialog " + (dialog.objectName().isEmpty() ? QString(dialog.metaObject()->className())
                                                          : dialog.objectName())];
        QObject::connect(&dialog, &QObject::destroyed, &answers_,
                         [this, at = &dialog] { touched_.erase(at); });
        QObject::connect(&dialog, &QDialog::finished, &answers_,
                         [this, at = &dialog] { touched_.erase(at); });
    }
    const bool is_for_files = qobject_cast<QFileDialog*>(&dialog) != nullptr;
    if (is_for_files || touched > 40)
        return dialog.reject();
    ++touched;
    if (below(3) == 0)
        return below(2) ? dialog.reject() : dialog.accept();
    if (const auto lines = usable<QLineEdit>(dialog); !lines.isEmpty() && below(3) == 0)
        return any_of(lines)->setText(text());
    if (below(2) == 0 && change_some(dialog))
        return;
    press_some(dialog);
}

} // namespace pulsepin::test
