// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "schedule/picker_tables.h"
#include "stops/step_cells.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QWidget>
#include <optional>

namespace pulsepin {

/// One filter of a picker: which one, and its numbers, made from the table's row.
class FilterSlot : public QWidget {
    Q_OBJECT
public:
    FilterSlot(const QString& name, QWidget* parent = nullptr);
    /// None while nothing is chosen.
    [[nodiscard]] std::optional<FilterUse> use() const;
    void set_use(const std::optional<FilterUse>& use);
    /// Lanes to choose from, and how many beats a bar has.
    void set_project(const Project& project);

signals:
    void changed();

private:
    void rebuild();
    void shape_steps();

    QString name_;
    QComboBox* choice_;
    QHBoxLayout* numbers_;
    std::vector<QDoubleSpinBox*> spins_; ///< null where another field stands for the parameter
    QComboBox* lanes_ = nullptr;
    StepCells* cells_ = nullptr;
    std::vector<std::pair<QString, std::uint64_t>> lane_names_;
    int beats_in_bar_ = 4;
};

} // namespace pulsepin
