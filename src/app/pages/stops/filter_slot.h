// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/param_form.h"

#include <QComboBox>
#include <optional>

namespace pulsepin {

/// One filter of a picker: which one, and its values.
class FilterSlot : public QWidget {
    Q_OBJECT
public:
    FilterSlot(const QString& name, QWidget* parent = nullptr);
    /// None while nothing is chosen.
    [[nodiscard]] std::optional<FilterUse> use() const;
    /// Those that mean something in plain time, or all of them.
    void offer(bool by_clock);
    void set_use(const std::optional<FilterUse>& use);
    /// Lanes to choose from, and how many beats a bar has.
    void set_project(const Project& project) { form_->set_project(project); }

signals:
    void changed();

private:
    void name_nothing();
    QComboBox* choice_;
    ParamForm* form_ = nullptr;
};

} // namespace pulsepin
