// SPDX-License-Identifier: GPL-3.0-or-later
#include "forms/param_form.h"

#include "fields.h"
#include "stops/choices.h"
#include "stops/step_cells.h"
#include "widgets.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <algorithm>
#include <cmath>
#include <utility>

namespace pulsepin {
namespace {

/// Shows no more decimals than a number has.
class ShortNumber : public QDoubleSpinBox {
public:
    using QDoubleSpinBox::QDoubleSpinBox;
    [[nodiscard]] QString textFromValue(double value) const override {
        return locale().toString(value, 'g', 12).remove(locale().groupSeparator());
    }
};

double single_step(const ParamSpec& spec) {
    if (spec.type == ParamType::Whole || spec.unit == "%")
        return 1;
    if (spec.unit == "ms" || spec.unit == "Hz")
        return 10;
    if (spec.unit == "beats")
        return 0.25;
    return spec.initial >= 2 ? 1 : spec.most - spec.least <= 4 ? 0.05 : 0.02;
}

/// "1 bar", "2 bars".
QString unit_for(const ParamSpec& spec, double value) {
    const QString unit = text_of(spec.unit);
    if (unit.isEmpty())
        return {};
    const bool one = value == 1 && unit.endsWith('s') && unit != "ms" && unit != "times";
    return " " + (one ? unit.chopped(1) : unit);
}

} // namespace

ParamForm::ParamForm(QString name, ParamFormStyle style, QWidget* parent)
    : QWidget(parent), name_(std::move(name)), style_(std::move(style)) {
    row_ = new QHBoxLayout(this);
    row_->setContentsMargins(0, 0, 0, 0);
    row_->setSpacing(4);
}

void ParamForm::set_specs(ParamSpecs specs) {
    if (specs.data() == specs_.data() && specs.size() == specs_.size())
        return;
    while (auto* item = row_->takeAt(0)) {
        if (item->widget())
            take_away(item->widget());
        delete item;
    }
    fields_.clear();
    specs_ = specs;
    for (const auto& spec : specs_) {
        fields_.push_back(make(spec));
        auto* widget = fields_.back().widget;
        widget->setObjectName(name_ + " " + text_of(spec.id));
        widget->setAccessibleName(text_of(spec.label));
        if (widget->toolTip().isEmpty())
            widget->setToolTip(text_of(spec.explains.empty() ? spec.label : spec.explains));
        if (style_.least_width > 0)
            widget->setMinimumWidth(style_.least_width);
        const bool wide = style_.labels || style_.fills || spec.type == ParamType::Steps;
        row_->addWidget(widget, wide ? 1 : 0);
        widget->show(); // at once, not only when the layout is looked at again
    }
    if (!style_.labels && !style_.fills &&
        std::none_of(specs_.begin(), specs_.end(),
                     [](const ParamSpec& spec) { return spec.type == ParamType::Steps; }))
        row_->addStretch(1);
    fill_choices();
    set_values({});
}

ParamForm::Field ParamForm::make(const ParamSpec& spec) {
    switch (spec.type) {
    case ParamType::Number:
    case ParamType::Whole:
        return number(spec);
    case ParamType::Switch:
        return toggle(spec);
    case ParamType::Choice:
        return choice(spec);
    case ParamType::Text:
        return text(spec);
    case ParamType::OnsetRow:
        return onset_row(spec);
    case ParamType::Lane:
        return lane(spec);
    case ParamType::Colour:
        return colour(spec);
    case ParamType::Steps:
        return steps(spec);
    }
    Q_UNREACHABLE();
}

void ParamForm::tell(const ParamSpec& spec) {
    if (quiet_)
        return;
    shape_steps();
    emit changed(text_of(spec.id));
}

ParamForm::Field ParamForm::number(const ParamSpec& spec) {
    auto* spin = new ShortNumber;
    spin->setDecimals(spec.type == ParamType::Whole ? 0 : 3);
    spin->setRange(spec.least, spec.most);
    spin->setSingleStep(single_step(spec));
    spin->setKeyboardTracking(style_.live);
    if (style_.labels)
        spin->setPrefix(text_of(spec.label) + " ");
    const auto name_unit = [spin, spec](double value) { spin->setSuffix(unit_for(spec, value)); };
    name_unit(spec.initial);
    connect(spin, &QDoubleSpinBox::valueChanged, this, [this, spec, name_unit](double value) {
        name_unit(value);
        tell(spec);
    });
    return {spec, spin, [spin] { return ParamValue(spin->value()); },
            [spin](const ParamValue& value) { spin->setValue(std::get<double>(value)); }};
}

ParamForm::Field ParamForm::choice(const ParamSpec& spec) {
    auto* box = new QComboBox;
    for (const auto& one : spec.choices)
        box->addItem(text_of(one.label), text_of(one.id));
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(7);
    connect(box, &QComboBox::currentIndexChanged, this, [this, spec] { tell(spec); });
    return {spec, box, [box] { return ParamValue(box->currentData().toString().toStdString()); },
            [box](const ParamValue& value) {
                box->setCurrentIndex(
                    std::max(0, box->findData(QString::fromStdString(std::get<std::string>(value)))));
            }};
}

ParamForm::Field ParamForm::text(const ParamSpec& spec) {
    auto* line = new QLineEdit;
    line->setPlaceholderText(tr("all"));
    if (style_.live)
        connect(line, &QLineEdit::textChanged, this, [this, spec] { tell(spec); });
    else
        connect(line, &QLineEdit::editingFinished, this, [this, spec] { tell(spec); });
    return {spec, line, [line] { return ParamValue(line->text().toStdString()); },
            [line](const ParamValue& value) {
                line->setText(QString::fromStdString(std::get<std::string>(value)));
            }};
}

ParamForm::Field ParamForm::toggle(const ParamSpec& spec) {
    auto* box = new QCheckBox(text_of(spec.label));
    connect(box, &QCheckBox::toggled, this, [this, spec] { tell(spec); });
    return {spec, box, [box] { return ParamValue(box->isChecked() ? 1.0 : 0.0); },
            [box](const ParamValue& value) { box->setChecked(std::get<double>(value) != 0); }};
}

ParamForm::Field ParamForm::colour(const ParamSpec& spec) {
    auto* button = new ColourField(name_ + " " + text_of(spec.id));
    connect(button, &ColourField::edited, this, [this, spec] { tell(spec); });
    return {spec, button, [button] { return ParamValue(button->colour()); },
            [button](const ParamValue& value) { button->set_colour(std::get<Colour>(value)); }};
}

ParamForm::Field ParamForm::onset_row(const ParamSpec& spec) {
    auto* box = new QComboBox;
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(7);
    connect(box, &QComboBox::currentIndexChanged, this, [this, spec] { tell(spec); });
    return {spec, box, [box] { return ParamValue(box->currentText().toStdString()); },
            [box](const ParamValue& value) {
                const auto& name = std::get<std::string>(value);
                if (!name.empty())
                    box->setCurrentIndex(box->findText(QString::fromStdString(name)));
            }};
}

ParamForm::Field ParamForm::lane(const ParamSpec& spec) {
    auto* box = new QComboBox;
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(7);
    connect(box, &QComboBox::currentIndexChanged, this, [this, spec] { tell(spec); });
    return {spec, box, [box] { return ParamValue(LaneId{box->currentData().toULongLong()}); },
            [box](const ParamValue& value) {
                const auto index = box->findData(static_cast<qulonglong>(std::get<LaneId>(value).value));
                box->setCurrentIndex(std::max(0, index));
            }};
}

ParamForm::Field ParamForm::steps(const ParamSpec& spec) {
    auto* cells = new StepCells;
    connect(cells, &StepCells::changed, this, [this, spec] { tell(spec); });
    return {spec, cells, [cells] { return ParamValue(cells->steps()); },
            [cells](const ParamValue& value) {
                auto on = std::get<std::vector<bool>>(value);
                on.resize(std::max(on.size(), cells->steps().size()), false);
                cells->set_steps(std::move(on));
            }};
}

/// A pattern has as many cells as the parameters "bars" and "steps" beside it say.
void ParamForm::shape_steps() {
    const int beats = project_.grid ? project_.grid->metre_at(Ticks(0)).beats_per_bar : 4;
    for (const auto& one : fields_)
        if (auto* cells = qobject_cast<StepCells*>(one.widget)) {
            const auto* bars = qobject_cast<QDoubleSpinBox*>(field("bars"));
            const auto* a_beat = qobject_cast<QDoubleSpinBox*>(field("steps"));
            if (bars && a_beat)
                cells->set_shape(static_cast<int>(bars->value()), beats * static_cast<int>(a_beat->value()),
                                 static_cast<int>(a_beat->value()));
        }
}

void ParamForm::set_values(const ParamValues& values) {
    quiet_ = true;
    const ParamValues all = completed(values, specs_);
    for (const auto& one : fields_) {
        if (one.spec.type == ParamType::Steps)
            shape_steps();
        if (const auto* value = all.find(one.spec.id))
            one.show(*value);
    }
    quiet_ = false;
}

ParamValues ParamForm::values() const {
    ParamValues values;
    for (const auto& one : fields_)
        values.set(one.spec.id, one.value());
    return values;
}

void ParamForm::fill_choices() {
    quiet_ = true;
    for (const auto& one : fields_) {
        auto* box = qobject_cast<QComboBox*>(one.widget);
        if (one.spec.type == ParamType::OnsetRow)
            fill_with_onset_rows(box, project_, text_of(one.spec.initial_text));
        if (one.spec.type != ParamType::Lane)
            continue;
        const QVariant chosen = box->currentData();
        box->clear();
        if (!style_.no_lane.isEmpty())
            box->addItem(style_.no_lane, 0);
        for (const auto& lane : project_.lanes)
            if (!wanted_ || wanted_(*lane))
                box->addItem(QString::fromStdString(lane->name), static_cast<qulonglong>(lane->id.value));
        box->setCurrentIndex(std::max(0, box->findData(chosen)));
    }
    shape_steps();
    quiet_ = false;
}

void ParamForm::set_project(const Project& project, const std::function<bool(const Lane&)>& wanted) {
    project_ = project;
    wanted_ = wanted;
    fill_choices();
}

QWidget* ParamForm::field(std::string_view id) const {
    const auto found =
        std::find_if(fields_.begin(), fields_.end(), [id](const Field& one) { return one.spec.id == id; });
    return found == fields_.end() ? nullptr : found->widget;
}

} // namespace pulsepin
