// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/dialogs/repeat_dialog.h"

#include "parts/finder.h"
#include "parts/widgets.h"
#include "session/core_words.h"

#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace pulsepin {

RepeatDialog::RepeatDialog(const QString& what, std::int64_t bars,
                           std::function<Result<Copied>(const Repetition&)> try_out, QWidget* parent)
    : QDialog(parent), try_out_(std::move(try_out)) {
    setObjectName("repeat");
    setWindowTitle(tr("Repeat bars"));
    auto* column = new QVBoxLayout(this);
    column->setSpacing(10);
    column->addWidget(heading(what));
    every_ = new QSpinBox;
    every_->setObjectName("repeat every");
    every_->setRange(1, 256);
    every_->setValue(static_cast<int>(bars));
    every_->setSuffix(tr(" bars"));
    every_->setToolTip(tr("From the start of one to the start of the next"));
    times_ = new QSpinBox;
    times_->setObjectName("repeat times");
    times_->setRange(1, 256);
    times_->setValue(1);
    times_->setSuffix(tr(" times"));
    way_ = new ChoiceBox;
    way_->setObjectName("repeat way");
    way_->addItems({tr("as they are"), tr("backwards"), tr("backwards every other time")});
    auto* row = new QHBoxLayout;
    row->addWidget(labelled(tr("every"), every_));
    row->addWidget(labelled(tr("how often"), times_));
    row->addWidget(labelled(tr("how"), way_));
    column->addLayout(row);
    outcome_ = quiet({});
    outcome_->setObjectName("repeat outcome");
    column->addWidget(outcome_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    take_ = main_button(tr("Repeat"));
    take_->setObjectName("repeat now");
    buttons->addButton(take_, QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    for (auto* spin : {every_, times_})
        connect(spin, &QSpinBox::valueChanged, this, &RepeatDialog::show_outcome);
    connect(way_, &QComboBox::currentIndexChanged, this, &RepeatDialog::show_outcome);
    show_outcome();
    setMinimumWidth(380);
}

Repetition RepeatDialog::repetition() const {
    return {every_->value(), times_->value(), static_cast<Repetition::Way>(way_->currentIndex())};
}

void RepeatDialog::show_outcome() {
    const auto copied = try_out_(repetition());
    take_->setEnabled(copied && copied->count > 0);
    if (!copied)
        return outcome_->setText(spoken(copied.error()));
    QString text = tr("%1 would be placed").arg(copied->count);
    if (copied->already_there > 0)
        text += tr(" · %1 places are taken already").arg(copied->already_there);
    outcome_->setText(text);
}

} // namespace pulsepin
