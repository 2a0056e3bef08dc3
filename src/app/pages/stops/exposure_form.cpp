// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/finder.h"
#include "parts/form_fields.h"
#include "parts/widgets.h"

#include <QGridLayout>

namespace pulsepin {

ExposureForm::ExposureForm(QWidget* parent) : FormFields(parent) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(8);
    drawing_ = named(new QLineEdit("1"), "form drawing",
                     tr("The first drawing; a number goes on from each place to the next"));
    last_ = whole_field("form last drawing", tr("After this one they begin anew"), 0, 1'000'000, 0);
    last_->setSpecialValueText(tr("no end"));
    way_ = named(new ChoiceBox, "form way", tr("How they go on"));
    way_->addItems({tr("onwards"), tr("backwards"), tr("to and fro")});
    grid->addWidget(labelled(tr("drawings from"), drawing_), 0, 0);
    grid->addWidget(labelled(tr("to"), last_), 0, 1);
    grid->addWidget(labelled(tr("going"), way_), 1, 0);
    grid->setRowStretch(2, 1);
    connect(drawing_, &QLineEdit::textChanged, this, &FormFields::changed);
    connect(last_, &QSpinBox::valueChanged, this, &FormFields::changed);
    connect(way_, &QComboBox::currentIndexChanged, this, &FormFields::changed);
}

PlantingForm ExposureForm::form() const {
    ExposureBody body;
    body.drawing = drawing_->text().toStdString();
    body.last = last_->value();
    body.way = static_cast<ExposureBody::Way>(way_->currentIndex());
    return {body};
}

void ExposureForm::set_form(const PlantingForm& form) {
    const QSignalBlocker quietly(this);
    const auto& body = body_of<ExposureBody>(form.body);
    drawing_->setText(QString::fromStdString(body.drawing));
    last_->setValue(body.last);
    way_->setCurrentIndex(static_cast<int>(body.way));
}

QString ExposureForm::summary() const {
    return last_->value() == 0 ? tr("drawings from %1").arg(drawing_->text())
                               : tr("drawings %1 to %2").arg(drawing_->text()).arg(last_->value());
}

} // namespace pulsepin
