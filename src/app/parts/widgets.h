// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/param.h"
#include "parts/palette.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QWidget>

namespace pulsepin {

/// Small parts that the panels are put together from.
[[nodiscard]] QLabel* heading(const QString& text);
[[nodiscard]] QLabel* quiet(const QString& text);
[[nodiscard]] QPushButton* main_button(const QString& text);

/// What screen readers call what has no text of its own, until a label beside it says more: the first words
/// of its tip.
void name_by_tip(QWidget& widget, const QString& tip);

/// What tests, screen readers and a mouse that rests find it by.
template <class Widget>
Widget* named(Widget* widget, const QString& name, const QString& tip) {
    widget->setObjectName(name);
    name_by_tip(*widget, tip.isEmpty() ? name : tip);
    widget->setToolTip(tip);
    return widget;
}
[[nodiscard]] QComboBox* choice_box(const QString& name, const QString& tip, const QStringList& items = {});
/// Of a property that is a choice: its choices, and what it does as its tip.
[[nodiscard]] QComboBox* choice_box(const QString& name, const ParamSpec& spec);
[[nodiscard]] QSpinBox* whole_field(const QString& name, const QString& tip, int least, int most, int first);
[[nodiscard]] QDoubleSpinBox* real_field(const QString& name, const QString& tip, double least, double most);
/// Another number, another chance.
[[nodiscard]] QSpinBox* seed_field(const QString& name);
/// Fields side by side and one under another, without a margin around them.
[[nodiscard]] QGridLayout* tight_grid(QWidget* box);

/// A field with its name above it.
[[nodiscard]] QWidget* labelled(const QString& label, QWidget* field);

/// A line that ends in dots where there is no room for all of it, which a mouse that rests is told.
class ShortLabel : public QLabel {
    Q_OBJECT
public:
    using QLabel::QLabel;
    void set_text(const QString& text) {
        setText(text);
        setToolTip(text);
    }
    void set_colour(const QColor& colour) {
        colour_ = colour;
        update();
    }
    [[nodiscard]] QSize minimumSizeHint() const override { return {40, QLabel::minimumSizeHint().height()}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QColor colour_; ///< invalid: as its role has it
};

/// Several lines of words in one field: Shift+Enter begins another, which is seen as a sign between them.
class LinesEdit : public QLineEdit {
    Q_OBJECT
public:
    explicit LinesEdit(QWidget* parent = nullptr);
    void set_lines(const QString& lines);
    [[nodiscard]] QString lines() const;

protected:
    void keyPressEvent(QKeyEvent* event) override;
};

/// Taken out of the window at once, and deleted when nobody is in the middle of its signals any more.
void take_away(QWidget* widget);

/// Figures that stand still while they run: every digit has the same width.
class Figures : public QWidget {
    Q_OBJECT
public:
    Figures(const QString& name, int pixel_size, QWidget* parent = nullptr);
    void set_name(const QString& name);
    [[nodiscard]] QString name() const { return name_; }
    void set_text(const QString& text);
    [[nodiscard]] QString text() const { return text_; }
    void set_widest(const QString& text); ///< room is kept for this
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    [[nodiscard]] double advance(QChar c) const;
    QString name_, text_, widest_;
    QFont font_;
};

/// Peak as a bar, short-term loudness as a number.
class LevelBar : public QWidget {
    Q_OBJECT
public:
    explicit LevelBar(QWidget* parent = nullptr);
    void show_level(double peak_db, double short_term_lufs);
    [[nodiscard]] double peak_db() const { return peak_db_; }
    [[nodiscard]] QSize sizeHint() const override { return {66, 38}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    double peak_db_ = -100, lufs_ = -100;
};

/// One lamp a beat of the bar; the one that sounds now is lit, the first in another shape of light.
class Lamps : public QWidget {
    Q_OBJECT
public:
    explicit Lamps(QWidget* parent = nullptr);
    void set_count(int beats);
    /// Which is lit, from 0, and how brightly; -1 for none.
    void light(int beat, double brightness);
    [[nodiscard]] int lit() const { return lit_; }
    [[nodiscard]] QSize sizeHint() const override { return {20 * count_, 20}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    int count_ = 4;
    int lit_ = -1;
    double brightness_ = 0;
};

} // namespace pulsepin
