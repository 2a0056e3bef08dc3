// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QPointer>
#include <QString>
#include <QTimer>
#include <functional>

class QKeyEvent;
class QWidget;

namespace pulsepin {

/// Whose the keys are in the main window, wherever its focus is; dialogs keep the toolkit's ways.
///
/// - A click on a button, a tab, a list of choices or a slider leaves the keys with the drawing; Tab reaches
///   them. Reached so, buttons are pressed and choices opened by Return.
/// - Space plays and stops everywhere but where text is typed.
/// - Letters are never commands while a form is filled: in fields, and in what Tab led to.
/// - Return and Escape in a field give the keys back to the drawing, and so does a click elsewhere; Escape
/// leaves
///   what was there before.
/// - A form that is made anew by an edit keeps the focus in the field of the same name; where what had the
///   focus is gone, the drawing has it, never nothing.
class Keyboard : public QObject {
    Q_OBJECT
public:
    /// `drawing`: the timeline or the score, whichever is seen.
    Keyboard(QWidget& window, std::function<QWidget*()> drawing);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    [[nodiscard]] bool is_in_window(const QObject* watched) const;
    [[nodiscard]] bool has_keys(const QObject* watched) const;
    /// Whether it is taken care of.
    [[nodiscard]] bool override_shortcut(QWidget& widget, QKeyEvent& key) const;
    [[nodiscard]] bool press_key(QWidget& widget, const QKeyEvent& key);
    void finish_field(const QWidget& clicked);
    void give_back();
    void focus_moved(QWidget* from, QWidget* to);
    /// What was lost, made anew under the same name; else the drawing.
    void find_focus_again();

    QWidget& window_;
    std::function<QWidget*()> drawing_;
    QTimer seeking_;
    QString sought_;          ///< the name of what lost the focus
    QString name_;            ///< of what has the focus
    bool by_tab_ = false;     ///< Tab led to what has the focus
    QPointer<QWidget> field_; ///< being filled, as far as it is a field of text
    QString text_before_;     ///< what was in it
};

} // namespace pulsepin
