// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/marker_looks.h"
#include "model/pin_edits.h"
#include "model/planting_properties.h"
#include "parts/form_fields.h"
#include "parts/widgets.h"
#include "render/qt_text.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"
#include "session/core_words.h"

#include <QHBoxLayout>

namespace pulsepin {
namespace {

QDoubleSpinBox* percent(const QString& name, double value) {
    auto* spin = real_field(name, {}, 0, 400);
    spin->setSingleStep(5);
    spin->setSuffix(TriggerForm::tr(" %"));
    spin->setValue(value);
    return spin;
}

} // namespace

TriggerForm::TriggerForm(QWidget* parent) : FormFields(parent) {
    effect_ = choice_box("form effect", tr("What each starts: one of these, or a name of your own"));
    effect_->setEditable(true);
    effect_->setInsertPolicy(QComboBox::NoInsert);
    for (const auto& row : trigger_effects())
        effect_->addItem(text_of(row.label));
    length_ = new LengthField("form trigger length", {Length::Unit::UntilNext, Length::Unit::InBeats,
                                                      Length::Unit::InFrames, Length::Unit::InMilliseconds,
                                                      Length::Unit::ToSectionEnd, Length::Unit::ToEnd});
    length_->set_length({Length::Unit::UntilNext, 1});
    row_ = whole_field("form row", tr("Those of one row end where the next begins; rows lie over each other"),
                       1, most_trigger_rows, 1);
    const auto told = variation_properties();
    strengths_ = choice_box("strengths", spec_of("strength", told));
    strength_ = percent("form strength", 100);
    low_ = percent("form weakest", 40);
    colours_ = choice_box("form colours", spec_of("colours", told));
    seed_ = seed_field("form seed");
    on_ = choice_box("form acts on", tr("The layer that each acts on"), {tr("camera")});
    auto* grid = tight_grid(this);
    grid->addWidget(labelled(tr("effect"), effect_), 0, 0);
    grid->addWidget(labelled(tr("lasts"), length_), 0, 1);
    auto* place = new QWidget;
    auto* places = new QHBoxLayout(place);
    places->setContentsMargins(0, 0, 0, 0);
    places->setSpacing(4);
    places->addWidget(labelled(tr("acts on"), on_), 2);
    places->addWidget(labelled(tr("row"), row_), 1);
    grid->addWidget(place, 0, 2);
    grid->addWidget(labelled(tr("strength"), strengths_), 1, 0);
    grid->addWidget(labelled(tr("strongest"), strength_), 1, 1);
    grid->addWidget(labelled(tr("weakest"), low_), 1, 2);
    grid->addWidget(labelled(tr("colour"), colours_), 2, 0);
    grid->addWidget(labelled(tr("colours"), make_swatches()), 2, 1);
    grid->addWidget(labelled(tr("chance"), seed_), 2, 2);
    grid->setColumnStretch(0, 3);
    grid->setColumnStretch(1, 3);
    grid->setColumnStretch(2, 2);
    grid->setRowStretch(3, 1);
    connect_fields();
    show_ways();
}

QWidget* TriggerForm::make_swatches() {
    auto* swatches = new QWidget;
    auto* row = new QHBoxLayout(swatches);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    const auto swatch = [&](const QString& name, Colour colour) {
        auto* field = new ColourField(name);
        field->set_colour(colour);
        connect(field, &ColourField::edited, this, &FormFields::changed);
        row->addWidget(field);
        return field;
    };
    from_ = swatch("form colour from", trigger_effects().front().colour);
    to_ = swatch("form colour to", trigger_effects().front().colour);
    constexpr std::size_t first_offered[] = {2, 4, 6, 7};
    for (int i = 0; i < most_colours; ++i)
        palette_.push_back(swatch(QString("colour %1").arg(i + 1), offered_colours()[first_offered[i]]));
    row->addStretch(1);
    return swatches;
}

void TriggerForm::connect_fields() {
    connect(effect_, &QComboBox::activated, this, [this](int index) {
        // What is usual for it, as a start.
        const auto& row = trigger_effects()[static_cast<std::size_t>(index)];
        length_->set_length(row.length);
        from_->set_colour(row.colour);
        to_->set_colour(row.colour);
        emit changed();
    });
    connect(effect_, &QComboBox::editTextChanged, this, &FormFields::changed);
    connect(length_, &LengthField::edited, this, &FormFields::changed);
    for (auto* spin : {row_, seed_})
        connect(spin, &QSpinBox::valueChanged, this, &FormFields::changed);
    for (auto* spin : {strength_, low_})
        connect(spin, &QDoubleSpinBox::valueChanged, this, &FormFields::changed);
    connect(on_, &QComboBox::activated, this, &FormFields::changed);
    for (auto* box : {strengths_, colours_})
        connect(box, &QComboBox::currentIndexChanged, this, [this] {
            show_ways();
            emit changed();
        });
}

void TriggerForm::set_project(const Project& project) {
    const QSignalBlocker quietly(on_);
    const QVariant before = on_->currentData();
    on_->clear();
    on_->addItem(tr("camera"), qulonglong{0});
    const auto& layers = project.stage->layers;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer)
        if (layer->kind != layers::camera)
            on_->addItem(QString::fromStdString(layer->name), static_cast<qulonglong>(layer->id.value));
    on_->setCurrentIndex(std::max(0, on_->findData(before)));
}

void TriggerForm::show_ways() {
    const auto way = static_cast<Variation::Strength>(strengths_->currentIndex());
    const auto colours = static_cast<Variation::Colours>(colours_->currentIndex());
    low_->parentWidget()->setVisible(way != Variation::Strength::Same);
    const bool one = colours == Variation::Colours::Same;
    from_->setVisible(one);
    to_->setVisible(one);
    for (auto* field : palette_)
        field->setVisible(!one);
    seed_->parentWidget()->setVisible(way == Variation::Strength::Random ||
                                      colours == Variation::Colours::Random);
}

/// By its id where one is meant that is known, whether its name or its id was written; else as it is written.
QString TriggerForm::written_effect() const {
    const QString text = effect_->currentText().trimmed();
    for (const auto& row : trigger_effects())
        if (text.compare(text_of(row.label), Qt::CaseInsensitive) == 0 ||
            text.compare(qt_text(row.id), Qt::CaseInsensitive) == 0)
            return qt_text(row.id);
    return text;
}

PlantingForm TriggerForm::form() const {
    TriggerBody body;
    body.effect = written_effect().toStdString();
    body.length = length_->length();
    body.strength = strength_->value();
    body.from = from_->colour();
    body.to = to_->colour();
    body.row = row_->value() - 1;
    if (const LayerId on{on_->currentData().toULongLong()}; on.value != 0)
        body.on = {on};
    body.acts = acts_;
    body.strobe_beats = strobe_beats_;
    Variation variation;
    variation.strength = static_cast<Variation::Strength>(strengths_->currentIndex());
    variation.low = low_->value();
    variation.high = strength_->value();
    variation.colours = static_cast<Variation::Colours>(colours_->currentIndex());
    variation.seed = static_cast<std::uint32_t>(seed_->value());
    if (variation.colours != Variation::Colours::Same)
        for (const auto* field : palette_)
            variation.palette.push_back(field->colour());
    return {body, variation};
}

void TriggerForm::set_form(const PlantingForm& form) {
    const QSignalBlocker quietly(this);
    const auto* body = body_if<TriggerBody>(&form.body);
    if (!body)
        return;
    const Variation variation = form.variation();
    const auto* known = trigger_effect(body->effect);
    effect_->setCurrentText(known ? text_of(known->label) : QString::fromStdString(body->effect));
    length_->set_length(body->length);
    row_->setValue(body->row + 1);
    acts_ = body->acts;
    strobe_beats_ = body->strobe_beats;
    on_->setCurrentIndex(
        std::max(0, on_->findData(static_cast<qulonglong>(body->on.empty() ? 0 : body->on.front().value))));
    strengths_->setCurrentIndex(static_cast<int>(variation.strength));
    strength_->setValue(variation.strength == Variation::Strength::Same ? body->strength : variation.high);
    low_->setValue(variation.low);
    colours_->setCurrentIndex(static_cast<int>(variation.colours));
    from_->set_colour(body->from);
    to_->set_colour(body->to);
    for (std::size_t i = 0; i < std::min(palette_.size(), variation.palette.size()); ++i)
        palette_[i]->set_colour(variation.palette[i]);
    seed_->setValue(static_cast<int>(variation.seed));
    show_ways();
}

QString TriggerForm::summary() const {
    const bool known = trigger_effect(written_effect().toStdString()) != nullptr;
    return (known ? tr("%1, %2") : tr("“%1” changes nothing in the picture, it is only exported; %2"))
        .arg(effect_->currentText(), spoken(length_text(length_->length())));
}

} // namespace pulsepin
