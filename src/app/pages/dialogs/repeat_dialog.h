// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/copies.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>
#include <functional>

namespace pulsepin {

/// How the selected pins of some bars come again; says what that would place.
class RepeatDialog : public QDialog {
    Q_OBJECT
public:
    /// `try_out` tells what a repetition would do.
    RepeatDialog(const QString& what, std::int64_t bars,
                 std::function<Result<Copied>(const Repetition&)> try_out, QWidget* parent = nullptr);
    [[nodiscard]] Repetition repetition() const;

private:
    void show_outcome();
    QSpinBox* every_;
    QSpinBox* times_;
    QComboBox* way_;
    QLabel* outcome_;
    QPushButton* take_;
    std::function<Result<Copied>(const Repetition&)> try_out_;
};

} // namespace pulsepin
