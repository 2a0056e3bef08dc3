// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"
#include "model/schedule_text.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSpinBox>

namespace pulsepin {

/// How keys are written as text; shows the line as it will be, and copies it.
class ScheduleTextDialog : public QDialog {
    Q_OBJECT
public:
    explicit ScheduleTextDialog(Curves curves, QWidget* parent = nullptr);
    [[nodiscard]] ScheduleText how() const;

private:
    void show_line();
    Curves curves_;
    QComboBox* property_;
    QLineEdit* pattern_;
    QLineEdit* separator_;
    QSpinBox* decimals_;
    QComboBox* keys_;
    QPlainTextEdit* line_;
    QLabel* told_;
    QPushButton* copy_;
    QPushButton* write_;
};

} // namespace pulsepin
