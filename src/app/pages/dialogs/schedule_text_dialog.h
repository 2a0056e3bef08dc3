// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "follow/feeds.h"
#include "model/schedule_text.h"
#include "session/background.h"

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
    ScheduleTextDialog(Curves curves, Jobs& jobs, QWidget* parent = nullptr);
    [[nodiscard]] ScheduleText how() const;

private:
    void make_fields();
    void show_line();
    struct Wanted {
        LaneId lane;
        std::size_t feed = 0;
        ScheduleText how;
        friend bool operator==(const Wanted&, const Wanted&) = default;
    };
    Curves curves_;
    Background<Wanted, QString> text_;
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
