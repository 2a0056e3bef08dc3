// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pages/stops/word_tray.h"
#include "session/document.h"
#include "session/view_state.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <QWidget>

namespace pulsepin {

/// How fast a line must be read, beside what can be read.
class ReadingBar : public QWidget {
    Q_OBJECT
public:
    explicit ReadingBar(QWidget* parent = nullptr);
    void show_speed(double letters_a_second, double limit);
    [[nodiscard]] QSize sizeHint() const override { return {140, 16}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {60, 16}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    double is_ = 0, limit_ = 17;
};

/// The words of a text: how they are set, and whether they can be read.
class WordsPage : public QWidget {
    Q_OBJECT
public:
    WordsPage(Document& document, ViewState& view, QWidget* parent = nullptr);

    void refresh();
    void set_proposed(std::size_t count);
    /// The lane whose words are set: the current one, or the first; null where there is none.
    [[nodiscard]] const Lane* lane() const;
    [[nodiscard]] const WordTray& tray() const { return *tray_; }

signals:
    /// A command of that id is wanted.
    void wanted(const QString& command);
    void drag_wanted(int place, const QPixmap& picture);

private:
    [[nodiscard]] QPushButton* button(const char* command, const QString& text, const QString& tip);
    [[nodiscard]] QLayout* make_ways();
    [[nodiscard]] QLayout* make_reading();
    [[nodiscard]] QLayout* make_buttons();
    void show_reading();

    Document& document_;
    ViewState& view_;
    WordTray* tray_;
    QComboBox* pull_;
    QSpinBox* late_;
    QLabel* line_;
    ReadingBar* speed_;
    QLabel* told_;
    QPushButton *tap_, *back_, *take_, *leave_, *titles_, *mend_, *propose_;
    std::size_t proposed_ = 0;
};

/// Whether the page says what words are pulled to.
[[nodiscard]] bool words_are_pulled();
/// What taps and dragged words are pulled to, as the page says.
[[nodiscard]] Seconds pulled(const Schedule& schedule, Seconds time);

} // namespace pulsepin
