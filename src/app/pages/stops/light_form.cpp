// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/light_form.h"

#include "kinds/kinds.h"
#include "parts/finder.h"
#include "parts/widgets.h"
#include "schedule/lasting.h"
#include "session/core_words.h"

#include <QVBoxLayout>

namespace pulsepin {

void fill_with_lamps(QComboBox& box, const Rig& rig, bool all) {
    const QSignalBlocker quietly(&box);
    const QVariant before = box.currentData();
    box.clear();
    if (all)
        box.addItem(QCoreApplication::translate("pulsepin::LightForm", "all lamps"), qulonglong{0});
    for (const auto& group : rig.groups)
        box.addItem(QString::fromStdString(group.name), static_cast<qulonglong>(group.id.value));
    for (const auto& fixture : rig.fixtures)
        box.addItem(QString::fromStdString(fixture.name), static_cast<qulonglong>(fixture.id.value));
    box.setCurrentIndex(std::max(0, box.findData(before)));
}

LightForm::LightForm(QWidget* parent) : FormFields(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    on_ = named(new ChoiceBox, "form lamps", tr("The lamps that are lit"));
    on_->addItem(tr("all lamps"), qulonglong{0});
    column->addWidget(labelled(tr("lamps"), on_));
    const LaneKind kind = kind_of(body_type<LightBody>);
    specs_ = specs_of(kind->properties);
    params_ = new ParamForm("form light", {.layout = ParamFormLayout::NamesBeside});
    params_->set_specs(specs_);
    column->addWidget(params_);
    column->addStretch(1);
    connect(on_, &QComboBox::activated, this, &FormFields::changed);
    connect(params_, &ParamForm::changed, this, &FormFields::changed);
}

void LightForm::set_project(const Project& project) {
    fill_with_lamps(*on_, *project.rig, true);
}

PlantingForm LightForm::form() const {
    PinBody body = body_;
    const auto values = params_->values();
    for (const auto& property : kind_of(body_type<LightBody>)->properties)
        if (const auto* value = values.find(property.spec.id))
            property.set(body, *value);
    auto& light = body_of<LightBody>(body);
    // Set one after the other: "from" takes "to" along where both were one.
    light.to = values.colour("colour-to");
    light.on.clear();
    if (const LampId on{on_->currentData().toULongLong()}; on.value != 0)
        light.on = {on};
    return {body};
}

void LightForm::set_form(const PlantingForm& form) {
    const QSignalBlocker quietly(this);
    const auto* body = body_if<LightBody>(&form.body);
    if (!body)
        return;
    body_ = *body;
    ParamValues values;
    for (const auto& property : kind_of(body_type<LightBody>)->properties)
        values.set(property.spec.id, property.get(form.body));
    params_->set_values(values);
    on_->setCurrentIndex(
        std::max(0, on_->findData(static_cast<qulonglong>(body->on.empty() ? 0 : body->on.front().value))));
}

QString LightForm::summary() const {
    const auto form_now = form();
    const auto& light = body_of<LightBody>(form_now.body);
    return tr("%1 lit, %2").arg(on_->currentText(), spoken(length_text(light.length)));
}

} // namespace pulsepin
