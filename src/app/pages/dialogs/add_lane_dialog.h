// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <QDialog>

class QLineEdit;
class QComboBox;
class QDoubleSpinBox;
class QPushButton;

namespace pulsepin {

/// A new lane: its name, and of a lane that drives something what that is, from which value to which.
class AddLaneDialog : public QDialog {
    Q_OBJECT
public:
    AddLaneDialog(const Project& project, LaneKind kind, LayerId layer, QWidget* parent);

    [[nodiscard]] QString name() const;
    /// Of a lane that drives something.
    [[nodiscard]] Motion motion() const;
    /// Of a lane of appearances; 0 where there is nothing that can appear.
    [[nodiscard]] LayerId shown_layer() const;

private:
    QWidget* make_drives(LayerId layer);
    QWidget* make_shown(LayerId layer);
    void fill_parameters();
    void take_target();
    void name_it();
    [[nodiscard]] Target target() const;

    const Project& project_;
    LaneKind kind_;
    QLineEdit* name_ = nullptr;
    QComboBox* layer_ = nullptr;
    QComboBox* parameter_ = nullptr;
    QDoubleSpinBox* rest_ = nullptr;
    QDoubleSpinBox* peak_ = nullptr;
};

} // namespace pulsepin
