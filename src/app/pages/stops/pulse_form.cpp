// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/planting_properties.h"
#include "parts/finder.h"
#include "parts/form_fields.h"
#include "parts/number_field.h"
#include "parts/widgets.h"

#include <QGridLayout>

namespace pulsepin {

PulseForm::PulseForm(QWidget* parent) : FormFields(parent) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(8);
    strengths_ = choice_box("pulse strengths", spec_of("strength", variation_properties()));
    const auto percent = [](const QString& name, double value) {
        auto* spin = new NumberField;
        spin->setObjectName(name);
        spin->setRange(-400, 400);
        spin->setSingleStep(5);
        spin->setSuffix(tr(" %"));
        spin->setValue(value);
        return spin;
    };
    strength_ = percent("strongest pulse", 100);
    low_ = percent("weakest pulse", 40);
    seed_ = new QSpinBox;
    seed_->setObjectName("pulse seed");
    seed_->setRange(0, 9999);
    seed_->setValue(1);
    grid->addWidget(labelled(tr("strength"), strengths_), 0, 0);
    grid->addWidget(labelled(tr("strongest"), strength_), 0, 1);
    grid->addWidget(labelled(tr("weakest"), low_), 0, 2);
    grid->addWidget(labelled(tr("seed"), seed_), 0, 3);
    auto* where = quiet(tr("Which pulse, and what it drives, is set at the stop “Motion”."));
    grid->addWidget(where, 1, 0, 1, 4);
    grid->setRowStretch(2, 1);
    connect(strengths_, &QComboBox::currentIndexChanged, this, [this] {
        show_ways();
        emit changed();
    });
    for (auto* spin : {strength_, low_})
        connect(spin, &QDoubleSpinBox::valueChanged, this, &FormFields::changed);
    connect(seed_, &QSpinBox::valueChanged, this, &FormFields::changed);
    show_ways();
}

void PulseForm::show_ways() {
    const auto way = static_cast<Variation::Strength>(strengths_->currentIndex());
    low_->parentWidget()->setVisible(way != Variation::Strength::Same);
    seed_->parentWidget()->setVisible(way == Variation::Strength::Random);
}

PlantingForm PulseForm::form() const {
    Variation variation;
    variation.strength = static_cast<Variation::Strength>(strengths_->currentIndex());
    variation.low = low_->value();
    variation.high = strength_->value();
    variation.seed = static_cast<std::uint32_t>(seed_->value());
    return {PulseBody{strength_->value()}, variation};
}

void PulseForm::set_form(const PlantingForm& form) {
    const QSignalBlocker quietly(this);
    const Variation variation = form.variation();
    strengths_->setCurrentIndex(static_cast<int>(variation.strength));
    strength_->setValue(variation.strength == Variation::Strength::Same
                            ? body_of<PulseBody>(form.body).strength
                            : variation.high);
    low_->setValue(variation.low);
    seed_->setValue(static_cast<int>(variation.seed));
    show_ways();
}

QString PulseForm::summary() const {
    return tr("pulses, %1").arg(strengths_->currentText());
}

} // namespace pulsepin
