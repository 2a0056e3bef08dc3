// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/marker_picture.h"
#include "parts/finder.h"
#include "parts/form_fields.h"
#include "parts/widgets.h"

#include <QGridLayout>

namespace pulsepin {

MarkerForm::MarkerForm(QWidget* parent) : FormFields(parent) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(8);
    name_ = new QLineEdit("#");
    name_->setObjectName("form name");
    name_->setToolTip(tr("# becomes the number of each"));
    colour_ = new ChoiceBox;
    colour_->setObjectName("form colour");
    fill_with_colours(colour_);
    symbol_ = new ChoiceBox;
    symbol_->setObjectName("form symbol");
    fill_with_symbols(symbol_);
    length_ = new LengthField("form length", {Length::Unit::None, Length::Unit::InBeats,
                                              Length::Unit::InFrames, Length::Unit::InMilliseconds});
    grid->addWidget(labelled(tr("named, # is their number"), name_), 0, 0);
    grid->addWidget(labelled(tr("lasting"), length_), 0, 1);
    grid->addWidget(labelled(tr("colour"), colour_), 1, 0);
    grid->addWidget(labelled(tr("symbol"), symbol_), 1, 1);
    grid->setRowStretch(2, 1);
    connect(name_, &QLineEdit::textChanged, this, &FormFields::changed);
    connect(colour_, &QComboBox::currentIndexChanged, this, &FormFields::changed);
    connect(symbol_, &QComboBox::currentIndexChanged, this, &FormFields::changed);
    connect(length_, &LengthField::edited, this, &FormFields::changed);
}

PlantingForm MarkerForm::form() const {
    return {MarkerBody{name_->text().toStdString(),
                       {},
                       colour_->currentIndex(),
                       symbol_->currentIndex(),
                       length_->length()}};
}

void MarkerForm::set_form(const PlantingForm& form) {
    const QSignalBlocker quietly(this);
    const auto& marker = body_of<MarkerBody>(form.body);
    name_->setText(QString::fromStdString(marker.name));
    colour_->setCurrentIndex(marker.colour);
    symbol_->setCurrentIndex(marker.symbol);
    length_->set_length(marker.length);
}

QString MarkerForm::summary() const {
    return tr("“%1”, %2").arg(name_->text(), colour_->currentText().toLower());
}

} // namespace pulsepin
