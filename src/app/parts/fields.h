// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/pin.h"
#include "session/core_words.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QPushButton>
#include <QWidget>
#include <functional>

namespace pulsepin {

/// How long something lasts: a number and its unit. Which units there are is said when it is made.
class LengthField : public QWidget {
    Q_OBJECT
public:
    LengthField(const QString& name, const std::vector<Length::Unit>& units, QWidget* parent = nullptr);
    void set_length(const Length& length); ///< says nothing
    [[nodiscard]] Length length() const;
    /// What it lasts now, in any unit: another unit that is counted begins with that.
    void keep_lasting(std::function<double(Length::Unit)> now) { now_ = std::move(now); }
    /// It tells how much earlier something is, not how long; less than nothing is later.
    void be_a_lead();

signals:
    void edited(); ///< by a person

private:
    void show_amount();
    QComboBox* unit_;
    QDoubleSpinBox* amount_;
    std::function<double(Length::Unit)> now_;
};

/// A lead as frames or milliseconds, and back.
[[nodiscard]] Length length_of(const Offset& lead);
[[nodiscard]] Offset offset_of(const Length& length);
/// "2 frames", "40 ms".
[[nodiscard]] QString lead_text(const Offset& lead);

/// A colour that is chosen from a few, or from all.
class ColourField : public QPushButton {
    Q_OBJECT
public:
    explicit ColourField(const QString& name, QWidget* parent = nullptr);
    void set_colour(Colour colour); ///< says nothing
    [[nodiscard]] Colour colour() const { return colour_; }

signals:
    void edited();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    void ask();
    Colour colour_;
};

/// "saffron", "dark teal": what a person calls it.
[[nodiscard]] QString colour_name(Colour colour);
/// The colours that are offered first.
[[nodiscard]] std::span<const Colour> offered_colours();

} // namespace pulsepin
