// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/choices.h"
#include "parts/finder.h"
#include "parts/form_fields.h"
#include "parts/number_field.h"
#include "parts/widgets.h"

#include <QGridLayout>

namespace pulsepin {

KeyForm::KeyForm(QWidget* parent) : FormFields(parent) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(12);
    value_ = new NumberField;
    value_->setObjectName("form key value");
    value_->setAccessibleName(tr("Value of the keys"));
    value_->setToolTip(tr("The value that each key has"));
    value_->setRange(-1e6, 1e6);
    value_->setValue(1);
    easing_ = new ChoiceBox;
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
    const auto& body = body_of<KeyBody>(form.body);
    value_->setValue(body.value);
    easing_->setCurrentIndex(easing_->findData(QString::fromStdString(body.easing.id)));
}

QString KeyForm::summary() const {
    return tr("keys of %1").arg(value_->value());
}

CurveKeyForm::CurveKeyForm(QWidget* parent) : FormFields(parent) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(12);
    role_ = named(new ChoiceBox, "form curve role", tr("What each of them does to the curve"));
    role_->addItems({tr("keys of the drawn curve"), tr("lift the curve"), tr("replace the curve"),
                     tr("the curve acts there alone")});
    value_ = named(new NumberField, "form curve value", tr("How far it is lifted, or what it is"));
    value_->setRange(-1000, 1000);
    value_->setSingleStep(0.05);
    value_->setValue(0.2);
    length_ = new LengthField("form curve length",
                              {Length::Unit::InBeats, Length::Unit::InFrames, Length::Unit::InMilliseconds,
                               Length::Unit::UntilNext, Length::Unit::None});
    length_->set_length({Length::Unit::InBeats, 1});
    fade_ =
        named(new NumberField, "form curve fade", tr("Over how long it comes before that, and goes after"));
    fade_->setRange(0, 60);
    fade_->setSingleStep(0.05);
    fade_->setSuffix(tr(" s"));
    fade_->setValue(0.1);
    grid->addWidget(labelled(tr("what they do"), role_), 0, 0);
    grid->addWidget(labelled(tr("value"), value_), 0, 1);
    grid->addWidget(labelled(tr("last"), length_), 1, 0);
    grid->addWidget(labelled(tr("fade"), fade_), 1, 1);
    grid->setRowStretch(2, 1);
    role_->setCurrentIndex(static_cast<int>(KeyRole::Acts));
    connect(role_, &QComboBox::currentIndexChanged, this, [this] {
        show_what_counts();
        emit changed();
    });
    for (auto* box : {value_, fade_})
        connect(box, &QDoubleSpinBox::valueChanged, this, &FormFields::changed);
    connect(length_, &LengthField::edited, this, &FormFields::changed);
    show_what_counts();
}

void CurveKeyForm::show_what_counts() {
    const auto role = static_cast<KeyRole>(role_->currentIndex());
    value_->setEnabled(role != KeyRole::Acts);
    length_->setEnabled(role != KeyRole::Drawn);
    fade_->setEnabled(role != KeyRole::Drawn);
}

PlantingForm CurveKeyForm::form() const {
    KeyBody body;
    body.role = static_cast<KeyRole>(role_->currentIndex());
    body.value = body.role == KeyRole::Acts ? 1 : value_->value();
    if (body.role != KeyRole::Drawn) {
        body.length = length_->length();
        body.fade_in = body.fade_out = Seconds(fade_->value());
    }
    return {body};
}

void CurveKeyForm::set_form(const PlantingForm& form) {
    const QSignalBlocker quietly(this);
    const auto& body = body_of<KeyBody>(form.body);
    role_->setCurrentIndex(static_cast<int>(body.role));
    value_->setValue(body.value);
    length_->set_length(body.length);
    fade_->setValue(body.fade_in.value);
}

QString CurveKeyForm::summary() const {
    return role_->currentText();
}

} // namespace pulsepin
