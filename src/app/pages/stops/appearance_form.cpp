// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/appearance_form.h"

#include "kinds/kinds.h"
#include "model/planting_properties.h"
#include "parts/widgets.h"
#include "schedule/lasting.h"
#include "schedule/triggers.h"
#include "session/core_words.h"

#include <QHBoxLayout>
#include <QScrollArea>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

/// What all of a planting have in common; the rest is said of each.
std::vector<ParamSpec> common_specs() {
    std::vector<ParamSpec> specs;
    for (const auto& param : kind_of(body_type<AppearanceBody>)->properties)
        for (const char* id : {"length", "row", "x", "y", "turn", "scale"})
            if (param.spec.id == id)
                specs.push_back(param.spec);
    return specs;
}

} // namespace

AppearanceForm::AppearanceForm(QWidget* parent) : FormFields(parent) {
    static const std::vector<ParamSpec> common = common_specs();
    static const std::vector<ParamSpec> spread = specs_of(spread_properties());
    all_ = new ParamForm("appears", {.layout = ParamFormLayout::NamesBeside});
    all_->set_specs(common);
    steps_ = new ParamForm("spread", {.layout = ParamFormLayout::NamesBeside, .one_a_line = true});
    steps_->set_specs(spread);
    for (auto* form : {all_, steps_})
        connect(form, &ParamForm::changed, this, &FormFields::changed);
    auto* inside = new QWidget;
    auto* row = new QHBoxLayout(inside);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(14);
    auto* left = new QVBoxLayout;
    left->addWidget(all_);
    left->addWidget(make_colours());
    left->addStretch(1);
    auto* right = new QVBoxLayout;
    right->addWidget(quiet(tr("each differs from the one before")));
    right->addWidget(steps_);
    right->addStretch(1);
    row->addLayout(left, 1);
    row->addLayout(right, 1);
    auto* scroll = new QScrollArea;
    scroll->setObjectName("appearance fields");
    scroll->setAccessibleName(tr("What appears"));
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidget(inside);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(scroll);
}

QWidget* AppearanceForm::make_colours() {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    coloured_ = named(new QCheckBox(tr("colours in turn")), "appear in colours",
                      tr("Each in the next of these colours, instead of the layer's"));
    row->addWidget(coloured_);
    constexpr std::size_t first_offered[] = {2, 4, 6, 7};
    for (int i = 0; i < most_colours; ++i) {
        auto* field = new ColourField(QString("appearance colour %1").arg(i + 1));
        field->set_colour(offered_colours()[first_offered[i]]);
        field->setVisible(false);
        connect(field, &ColourField::edited, this, &FormFields::changed);
        row->addWidget(field);
        palette_.push_back(field);
    }
    row->addStretch(1);
    connect(coloured_, &QCheckBox::toggled, this, [this](bool on) {
        for (auto* field : palette_)
            field->setVisible(on);
        emit changed();
    });
    return box;
}

PlantingForm AppearanceForm::form() const {
    PinBody body = AppearanceBody{};
    set_values<PinBody>(body, kind_of(body_type<AppearanceBody>)->properties, all_->values());
    Spread spread;
    set_values<Spread>(spread, spread_properties(), steps_->values());
    if (coloured_->isChecked())
        for (const auto* field : palette_)
            spread.palette.push_back(field->colour());
    return {body, spread};
}

void AppearanceForm::set_form(const PlantingForm& form) {
    if (!is_body<AppearanceBody>(form.body))
        return;
    const QSignalBlocker quietly(this);
    all_->set_values(values_of<PinBody>(form.body, kind_of(body_type<AppearanceBody>)->properties));
    const Spread spread = form.spread();
    steps_->set_values(values_of<Spread>(spread, spread_properties()));
    coloured_->setChecked(!spread.palette.empty());
    for (std::size_t i = 0; i < std::min(palette_.size(), spread.palette.size()); ++i)
        palette_[i]->set_colour(spread.palette[i]);
}

void AppearanceForm::suit(const Lane& lane) {
    if (lane.id == suited_ || lane.pins.empty())
        return;
    suited_ = lane.id;
    auto body = body_of<AppearanceBody>(lane.pins.back().body);
    body.text.clear();
    set_form({body, form().spread()});
}

QString AppearanceForm::summary() const {
    return tr("each lasts %1").arg(spoken(length_text(all_->values().length("length"))));
}

} // namespace pulsepin
