// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <QTextBrowser>

namespace pulsepin {

/// What the manual says about a control, with its keys; the whole page is one press away.
class HelpWindow : public QDialog {
    Q_OBJECT
public:
    static constexpr auto own_name = "help";
    explicit HelpWindow(QWidget* parent);
    /// `page`: of the manual, where the control lies.
    void tell_about(const QWidget& control, const QString& page);
    [[nodiscard]] QString told() const { return text_->toPlainText(); }

private:
    void show_page();
    QLabel* title_;
    QLabel* tip_;
    QTextBrowser* text_;
    QPushButton* whole_;
    QString page_;
};

/// The page of the manual that is about the part of the window in which the control lies; `stop` counts from
/// 0.
[[nodiscard]] QString page_about(const QWidget& control, int stop);
/// What the control is called, the nearest first: its own text, what screen readers call it, its label.
[[nodiscard]] QStringList names_of_control(const QWidget& control);

/// F1 tells about what has the keys, in the window and in its dialogs; where a drawing has them, about what
/// lies under the mouse.
class HelpKey : public QObject {
    Q_OBJECT
public:
    HelpKey(QWidget& window, std::function<int()> stop);
    void tell();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget& window_;
    std::function<int()> stop_;
};

} // namespace pulsepin
