// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/form_fields.h"
#include "parts/param_form.h"

namespace pulsepin {

/// What is lit on each picked place: which lamps, and how.
class LightForm : public FormFields {
    Q_OBJECT
public:
    explicit LightForm(QWidget* parent = nullptr);
    [[nodiscard]] PlantingForm form() const override;
    void set_form(const PlantingForm& form) override;
    void set_project(const Project& project) override;
    [[nodiscard]] QString summary() const override;

private:
    QComboBox* on_;
    ParamForm* params_;
    std::vector<ParamSpec> specs_;
    LightBody body_; ///< what has no field here
};

/// All lamps, each group, each lamp, in a box whose items bear their numbers.
void fill_with_lamps(QComboBox& box, const Rig& rig, bool all);

} // namespace pulsepin
