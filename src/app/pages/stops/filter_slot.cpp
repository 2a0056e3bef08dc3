// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/filter_slot.h"

#include "parts/fields.h"
#include "parts/finder.h"
#include "render/qt_text.h"
#include "schedule/picker_tables.h"

#include <QHBoxLayout>

namespace pulsepin {

FilterSlot::FilterSlot(const QString& name, QWidget* parent) : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    choice_ = new ChoiceBox;
    choice_->setObjectName(name);
    choice_->setAccessibleName(tr("Only those that are"));
    choice_->setToolTip(
        tr("Lets only some of the picked positions through; the filters work one after the other"));
    choice_->addItem(tr("Add a filter…"));
    offer(false);
    form_ = new ParamForm(name);
    connect(choice_, &QComboBox::currentIndexChanged, this, [this] {
        const auto* filter = picker_filter(choice_->currentData().toString().toStdString());
        form_->set_specs(filter ? filter->parameters : ParamSpecs());
        name_nothing();
        emit changed();
    });
    connect(form_, &ParamForm::changed, this, &FilterSlot::changed);
    row->addWidget(choice_);
    row->addWidget(form_, 1);
}

void FilterSlot::offer(bool by_clock) {
    const QSignalBlocker quietly(choice_);
    const QVariant chosen = choice_->currentData();
    while (choice_->count() > 1)
        choice_->removeItem(1);
    for (const auto& filter : picker_filters())
        if (!by_clock || !filter.needs_beats)
            choice_->addItem(text_of(filter.label), qt_text(filter.id));
    choice_->setCurrentIndex(std::max(0, chosen.isValid() ? choice_->findData(chosen) : 0));
    if (form_ && chosen.isValid() && choice_->currentIndex() == 0)
        form_->set_specs({});
}

std::optional<FilterUse> FilterSlot::use() const {
    const auto* filter = picker_filter(choice_->currentData().toString().toStdString());
    return filter ? std::optional(FilterUse{std::string(filter->id), form_->values()}) : std::nullopt;
}

/// What stands for no filter says what choosing it does.
void FilterSlot::name_nothing() {
    choice_->setItemText(0, choice_->currentIndex() > 0 ? tr("No filter") : tr("Add a filter…"));
}

void FilterSlot::set_use(const std::optional<FilterUse>& use) {
    choice_->setCurrentIndex(use ? std::max(0, choice_->findData(QString::fromStdString(use->id))) : 0);
    name_nothing();
    if (use)
        form_->set_values(use->values);
}

} // namespace pulsepin
