// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/tops_dialog.h"

#include "follow/curve_peaks.h"
#include "parts/finder.h"
#include "parts/number_field.h"
#include "parts/widgets.h"

#include <QDialogButtonBox>
#include <QVBoxLayout>

namespace pulsepin {

TopsDialog::TopsDialog(const Document& document, QWidget* parent) : QDialog(parent), document_(document) {
    setObjectName("tops of a follower");
    setWindowTitle(tr("Onsets from envelope peaks"));
    lane_ = named(new ChoiceBox, "tops lane", tr("The follower whose peaks are taken"));
    for (const auto& one : document_.project().lanes)
        if (one->kind->follows)
            lane_->addItem(QString::fromStdString(one->name), static_cast<qulonglong>(one->id.value));
    const OnsetRow::Tops usual;
    const auto number = [this](const QString& name, const QString& tip, double value) {
        auto* box = named(new NumberField, name, tip);
        box->setRange(0, 100);
        box->setSingleStep(0.05);
        box->setValue(value);
        connect(box, &QDoubleSpinBox::valueChanged, this, &TopsDialog::tell);
        return box;
    };
    least_ = number("tops least", tr("How high a top is at least"), usual.least);
    prominence_ =
        number("tops prominence", tr("How far it rises above the dips beside it at least"), usual.prominence);
    gap_ = whole_field("tops gap", tr("From one top to the next at least"), 0, 10'000,
                       static_cast<int>(usual.gap.value * 1000 + 0.5));
    gap_->setSuffix(tr(" ms"));
    connect(gap_, &QSpinBox::valueChanged, this, &TopsDialog::tell);
    connect(lane_, &QComboBox::currentIndexChanged, this, &TopsDialog::tell);
    found_ = quiet({});
    found_->setObjectName("tops found");
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* column = new QVBoxLayout(this);
    column->addWidget(labelled(tr("follower"), lane_));
    column->addWidget(labelled(tr("height"), least_));
    column->addWidget(labelled(tr("prominence"), prominence_));
    column->addWidget(labelled(tr("apart"), gap_));
    column->addWidget(found_);
    column->addWidget(buttons);
    tell();
}

OnsetRow::Tops TopsDialog::asked() const {
    return {LaneId{lane_->currentData().toULongLong()}, least_->value(), prominence_->value(),
            Seconds(gap_->value() / 1000.0)};
}

std::vector<FoundOnset> TopsDialog::onsets() const {
    const auto curve = document_.followers().find(asked().lane);
    return curve == document_.followers().end() || !curve->second ? std::vector<FoundOnset>()
                                                                  : onsets_at_tops(*curve->second, asked());
}

void TopsDialog::tell() {
    const auto count = static_cast<int>(onsets().size());
    found_->setText(count == 1 ? tr("one peak") : tr("%1 peaks").arg(count));
}

OnsetRow TopsDialog::row() const {
    OnsetRow row;
    row.name = tr("peaks of %1").arg(lane_->currentText()).toStdString();
    row.tops = asked();
    row.onsets = onsets();
    return row;
}

} // namespace pulsepin
