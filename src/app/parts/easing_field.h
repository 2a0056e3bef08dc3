// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "params/easing.h"
#include "parts/finder.h"

#include <QWidget>
#include <vector>

class QDoubleSpinBox;
class QGridLayout;

namespace pulsepin {

/// A way from one value to another, and fields for what it can be bent by.
class EasingField : public QWidget {
    Q_OBJECT
public:
    explicit EasingField(const QString& name, QWidget* parent = nullptr);
    void set_easing(const Easing& easing); ///< says nothing
    [[nodiscard]] Easing easing() const;
    /// All easings by their names, their ids as data.
    [[nodiscard]] ChoiceBox& choices() const { return *box_; }
    /// The handles of a curve are dragged in a picture beside it.
    void leave_handles_to_the_picture() { handles_elsewhere_ = true; }

signals:
    void edited(); ///< by a person

private:
    void make_numbers();
    QString name_;
    ChoiceBox* box_;
    QGridLayout* grid_;
    std::vector<QDoubleSpinBox*> numbers_; ///< of the parameters of the chosen one, in their order
    std::string shown_ = "?";              ///< whose numbers there are
    Easing easing_;
    bool handles_elsewhere_ = false;
};

} // namespace pulsepin
