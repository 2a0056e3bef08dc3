// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "model/project.h"

#include <QPushButton>

namespace pulsepin {

/// One or several rows of onsets, told as "kick + snare"; its menu ticks them. See rows_named().
class RowsField : public QPushButton {
    Q_OBJECT
public:
    explicit RowsField(QWidget* parent = nullptr);
    void set_rows(const std::vector<OnsetRow>& rows);
    [[nodiscard]] const std::string& rows() const { return chosen_; }
    void show_rows(const std::string& rows);

signals:
    void edited();

private:
    void fill_menu();
    void tick(const std::string& name, bool on);
    void choose(std::string rows);
    std::vector<OnsetRow> rows_; ///< without their onsets
    std::string chosen_;
};

} // namespace pulsepin
