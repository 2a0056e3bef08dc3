// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/choices.h"
#include "stops/form_fields.h"
#include "widgets.h"

#include <QGridLayout>

namespace pulsepin {

KeyForm::KeyForm(QWidget* parent) : FormFields(parent) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(12);
    value_ = new QDoubleSpinBox;
    value_->setObjectName("form key value");
    value_->setAccessibleName(tr("Value of the keys"));
    value_->setToolTip(tr("The value that each key has"));
    value_->setRange(-1e6, 1e6);
    value_->setDecimals(3);
    value_->setValue(1);
    easing_ = new QComboBox;
    easing_->setObjectName("form key easing");
    easing_->setAccessibleName(tr("Easing of the keys"));
    easing_->setToolTip(tr("How the value gets there from the key before"));
    fill_with_easings(easing_);
    grid->addWidget(labelled(tr("value"), value_), 0, 0);
    grid->addWidget(labelled(tr("reached by"), easing_), 0, 1);
    grid->addWidget(quiet(tr("Single keys are added by a double click and dragged up and down.")), 1, 0, 1,
                    2);
    grid->setRowStretch(2, 1);
    connect(value_, &QDoubleSpinBox::valueChanged, this, &FormFields::changed);
    connect(easing_, &QComboBox::currentIndexChanged, this, &FormFields::changed);
}

PlantingForm KeyForm::form() const {
    KeyBody body;
    body.value = value_->value();
    body.easing = chosen_easing(easing_);
    return {body};
}

void KeyForm::set_form(const PlantingForm& form) {
    const QSignalBlocker quietly(this);
    const auto& body = std::get<KeyBody>(form.body);
    value_->setValue(body.value);
    easing_->setCurrentIndex(easing_->findData(QString::fromStdString(body.easing.id)));
}

QString KeyForm::summary() const {
    return tr("keys of %1").arg(value_->value());
}

} // namespace pulsepin
