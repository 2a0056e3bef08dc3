// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "parts/form_fields.h"
#include "parts/param_form.h"

#include <QCheckBox>

namespace pulsepin {

/// How long what appears stays, where, and how each differs from the one before.
class AppearanceForm : public FormFields {
    Q_OBJECT
public:
    explicit AppearanceForm(QWidget* parent = nullptr);
    [[nodiscard]] PlantingForm form() const override;
    void set_form(const PlantingForm& form) override;
    /// As the last one that is there.
    void suit(const Lane& lane) override;
    [[nodiscard]] QString summary() const override;

private:
    [[nodiscard]] QWidget* make_colours();
    ParamForm* all_;
    ParamForm* steps_;
    QCheckBox* coloured_;
    std::vector<ColourField*> palette_;
    LaneId suited_;
};

} // namespace pulsepin
