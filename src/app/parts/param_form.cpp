// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/param_form.h"

#include "parts/choices.h"
#include "parts/easing_field.h"
#include "parts/fields.h"
#include "parts/finder.h"
#include "parts/listened_field.h"
#include "parts/number_field.h"
#include "parts/rows_field.h"
#include "parts/step_cells.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"
#include "render/qt_text.h"

#include <QButtonGroup>
#include <QCheckBox>
#include <QLineEdit>
#include <QStyle>
#include <algorithm>
#include <cmath>
#include <utility>

namespace pulsepin {
namespace {

double single_step(const ParamSpec& spec) {
    if (spec.type == ParamType::Whole || spec.unit == "%")
        return 1;
    if (spec.unit == "ms" || spec.unit == "Hz")
        return 10;
    if (spec.unit == "beats")
        return 0.25;
    return spec.initial >= 2 ? 1 : spec.most - spec.least <= 4 ? 0.05 : 0.02;
}

/// As wide as it needs to be, not as its longest entry.
QComboBox* narrow_box() {
    auto* box = new ChoiceBox;
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(7);
    return box;
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
    grid_ = tight_grid(this);
    grid_->setSpacing(4);
}

void ParamForm::remove_all() {
    while (auto* item = grid_->takeAt(0)) {
        if (item->widget())
            take_away(item->widget());
        delete item;
    }
    for (int column = 0; column < grid_->columnCount(); ++column)
        grid_->setColumnStretch(column, 0);
    fields_.clear();
}

void ParamForm::set_specs(ParamSpecs specs) {
    if (specs.data() == specs_.data() && specs.size() == specs_.size())
        return;
    remove_all();
    specs_ = specs;
    for (const auto& spec : specs_) {
        fields_.push_back(make(spec));
        auto* widget = fields_.back().widget;
        widget->setObjectName(name_ + " " + qt_text(spec.id));
        widget->setAccessibleName(text_of(spec.label));
        if (widget->toolTip().isEmpty())
            widget->setToolTip(text_of(spec.explains.empty() ? spec.label : spec.explains));
        if (auto* inside = widget->focusProxy()) {
            inside->setAccessibleName(widget->accessibleName());
            inside->setToolTip(widget->toolTip());
        }
        if (style_.least_width > 0)
            widget->setMinimumWidth(style_.least_width);
    }
    if (style_.layout == ParamFormLayout::Row)
        lay_out_row();
    else
        lay_out_lines();
    for (const auto& one : fields_)
        one.widget->show(); // at once, not only when the layout is looked at again
    fill_choices();
    set_values({});
}

void ParamForm::lay_out_row() {
    bool steps = false;
    int column = 0;
    for (const auto& one : fields_) {
        steps = steps || one.spec.type == ParamType::Steps;
        const bool wide = style_.labels || style_.fills || one.spec.type == ParamType::Steps;
        const int across = style_.in_a_row > 0 ? style_.in_a_row : static_cast<int>(fields_.size());
        grid_->addWidget(one.widget, column / across, column % across);
        grid_->setColumnStretch(column % across, wide ? 1 : 0);
        ++column;
    }
    if (!style_.labels && !style_.fills && !steps)
        grid_->setColumnStretch(column, 1);
}

void ParamForm::lay_out_lines() {
    const auto needs_a_line = [this](const ParamSpec& spec) {
        return style_.layout == ParamFormLayout::NamesBeside &&
               (style_.one_a_line || spec.type == ParamType::Text || spec.type == ParamType::Length ||
                spec.type == ParamType::Curve || spec.type == ParamType::Shot);
    };
    int line = 0;
    for (std::size_t i = 0; i < fields_.size(); ++i) {
        if (style_.choices_as_buttons && fields_[i].spec.type == ParamType::Choice) {
            // Buttons say themselves what they are: all that follow each other share a line.
            auto* box = new QWidget;
            auto* row = tight_row(box, 11);
            for (; i < fields_.size() && fields_[i].spec.type == ParamType::Choice; ++i)
                row->addWidget(fields_[i].widget);
            --i;
            row->addStretch(1);
            grid_->addWidget(box, line++, 0, 1, 3);
            continue;
        }
        if (fields_[i].spec.type != ParamType::Switch) // which bears its name itself
            grid_->addWidget(quiet(text_of(fields_[i].spec.label)), line, 0);
        const bool two =
            i + 1 < fields_.size() && !needs_a_line(fields_[i].spec) && !needs_a_line(fields_[i + 1].spec);
        grid_->addWidget(fields_[i].widget, line, 1, 1, two ? 1 : 2);
        if (two) {
            const auto& second = fields_[++i];
            if (auto* number = qobject_cast<QDoubleSpinBox*>(second.widget))
                number->setPrefix(text_of(second.spec.label) + " ");
            grid_->addWidget(second.widget, line, 2);
        }
        ++line;
    }
    grid_->setColumnStretch(1, 3);
    grid_->setColumnStretch(2, 2);
}

ParamForm::Field ParamForm::make(const ParamSpec& spec) {
    switch (spec.type) {
    case ParamType::Number:
    case ParamType::Whole:
        return number(spec);
    case ParamType::Switch:
        return toggle(spec);
    case ParamType::Choice:
        return style_.choices_as_buttons ? choice_buttons(spec) : choice(spec);
    case ParamType::Text:
        return text(spec);
    case ParamType::OnsetRow:
        return onset_row(spec);
    case ParamType::OnsetRows:
        return onset_rows(spec);
    case ParamType::Sound:
        return sound(spec);
    case ParamType::Lane:
        return lane(spec);
    case ParamType::Colour:
        return colour(spec);
    case ParamType::Steps:
        return steps(spec);
    case ParamType::Length:
        return length(spec);
    case ParamType::Curve:
        return curve(spec);
    case ParamType::Shot:
        return shot(spec);
    }
    Q_UNREACHABLE();
}

void ParamForm::tell(const ParamSpec& spec) {
    if (quiet_)
        return;
    shape_steps();
    emit changed(qt_text(spec.id));
}

ParamForm::Field ParamForm::number(const ParamSpec& spec) {
    auto* spin = new NumberField;
    if (spec.type == ParamType::Whole)
        spin->setDecimals(0);
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
    auto* box = narrow_box();
    for (const auto& one : spec.choices)
        box->addItem(style_.picture ? style_.picture(spec.id, box->count()) : QIcon(), text_of(one.label),
                     qt_text(one.id));
    connect(box, &QComboBox::currentIndexChanged, this, [this, spec] { tell(spec); });
    return {spec, box, [box] { return ParamValue(box->currentData().toString().toStdString()); },
            [box](const ParamValue& value) {
                box->setCurrentIndex(
                    std::max(0, box->findData(QString::fromStdString(std::get<std::string>(value)))));
            }};
}

/// What it means to leave a text empty, where its row says that.
QString ParamForm::told_of_nothing(const ParamSpec& spec) {
    const QString explains = text_of(spec.explains), empty = tr("empty: ");
    const auto at = explains.indexOf(empty);
    return at < 0 ? tr("all") : explains.mid(at + empty.size());
}

/// With proposals it is a list that can be written into.
ParamForm::Field ParamForm::text(const ParamSpec& spec) {
    QComboBox* box = nullptr;
    QLineEdit* line = nullptr;
    if (spec.choices.empty()) {
        line = spec.unit == "lines" ? new LinesEdit : new QLineEdit;
        if (style_.live)
            line->setPlaceholderText(told_of_nothing(spec));
    } else {
        box = new ChoiceBox;
        box->setEditable(true);
        box->setInsertPolicy(QComboBox::NoInsert);
        for (const auto& one : spec.choices)
            box->addItem(text_of(one.label), qt_text(one.id));
        connect(box, &QComboBox::activated, this, [this, spec] { tell(spec); });
        line = box->lineEdit();
    }
    if (style_.live)
        connect(line, &QLineEdit::textChanged, this, [this, spec] { tell(spec); });
    else
        connect(line, &QLineEdit::editingFinished, this, [this, spec, line, box] {
            const bool written = line->isModified() && !(box && line->text().isEmpty());
            line->setModified(false);
            if (written)
                tell(spec);
        });
    const auto value = [line, box] {
        if (const auto* lines = qobject_cast<LinesEdit*>(line))
            return ParamValue(lines->lines().toStdString());
        const int proposal = box ? box->findText(line->text()) : -1;
        const QString text = proposal >= 0 ? box->itemData(proposal).toString() : line->text();
        return ParamValue(text.toStdString());
    };
    const auto show = [line, box](const ParamValue& wanted) {
        const auto text = QString::fromStdString(std::get<std::string>(wanted));
        const int proposal = box ? box->findData(text) : -1;
        const QString seen = proposal >= 0 ? box->itemText(proposal) : text;
        if (auto* lines = qobject_cast<LinesEdit*>(line); lines && lines->lines() != seen)
            return lines->set_lines(seen);
        if (line->text() != seen && !qobject_cast<LinesEdit*>(line))
            line->setText(seen);
    };
    return {spec, box ? static_cast<QWidget*>(box) : line, value, show};
}

ParamForm::Field ParamForm::toggle(const ParamSpec& spec) {
    auto* box = new QCheckBox(text_of(spec.label));
    connect(box, &QCheckBox::toggled, this, [this, spec] { tell(spec); });
    return {spec, box, [box] { return ParamValue(box->isChecked() ? 1.0 : 0.0); },
            [box](const ParamValue& value) { box->setChecked(std::get<double>(value) != 0); }};
}

ParamForm::Field ParamForm::colour(const ParamSpec& spec) {
    auto* button = new ColourField(name_ + " " + qt_text(spec.id));
    connect(button, &ColourField::edited, this, [this, spec] { tell(spec); });
    return {spec, button, [button] { return ParamValue(button->colour()); },
            [button](const ParamValue& value) { button->set_colour(std::get<Colour>(value)); }};
}

ParamForm::Field ParamForm::onset_row(const ParamSpec& spec) {
    auto* box = narrow_box();
    connect(box, &QComboBox::currentIndexChanged, this, [this, spec] { tell(spec); });
    return {spec, box, [box] { return ParamValue(box->currentText().toStdString()); },
            [box](const ParamValue& value) {
                const auto& name = std::get<std::string>(value);
                if (!name.empty())
                    box->setCurrentIndex(box->findText(QString::fromStdString(name)));
            }};
}

ParamForm::Field ParamForm::onset_rows(const ParamSpec& spec) {
    auto* field = new RowsField;
    connect(field, &RowsField::edited, this, [this, spec] { tell(spec); });
    return {spec, field, [field] { return ParamValue(field->rows()); },
            [field](const ParamValue& value) { field->show_rows(std::get<std::string>(value)); }};
}

ParamForm::Field ParamForm::sound(const ParamSpec& spec) {
    auto* box = narrow_box();
    connect(box, &QComboBox::activated, this, [this, spec] { tell(spec); });
    return {spec, box, [box] { return ParamValue(box->currentData().toString().toStdString()); },
            [box](const ParamValue& value) {
                const auto id = QString::fromStdString(std::get<std::string>(value));
                if (box->findData(id) < 0) // a lane that is gone stays chosen until another one is
                    box->addItem(tr("a lane that is gone"), id);
                box->setCurrentIndex(box->findData(id));
            }};
}

ParamForm::Field ParamForm::lane(const ParamSpec& spec) {
    auto* box = narrow_box();
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

ParamForm::Field ParamForm::choice_buttons(const ParamSpec& spec) {
    auto* box = new QWidget;
    auto* row = tight_row(box, 3);
    auto* group = new QButtonGroup(box);
    for (const auto& one : spec.choices) {
        auto* button = new QPushButton(text_of(one.label));
        button->setObjectName(name_ + " " + qt_text(spec.id) + " " + qt_text(one.id));
        button->setToolTip(text_of(spec.explains));
        button->setCheckable(true);
        button->setProperty("role", "choice");
        group->addButton(button, static_cast<int>(group->buttons().size()));
        row->addWidget(button);
    }
    row->addStretch(1);
    connect(group, &QButtonGroup::idClicked, this, [this, spec] { tell(spec); });
    const auto value = [group, spec] {
        const auto index = static_cast<std::size_t>(std::max(0, group->checkedId()));
        return ParamValue(std::string(spec.choices[index].id));
    };
    const auto show = [group, spec](const ParamValue& wanted) {
        for (std::size_t i = 0; i < spec.choices.size(); ++i)
            if (spec.choices[i].id == std::get<std::string>(wanted))
                group->button(static_cast<int>(i))->setChecked(true);
    };
    return {spec, box, value, show};
}

ParamForm::Field ParamForm::length(const ParamSpec& spec) {
    auto* field = new LengthField(name_ + " " + qt_text(spec.id), {spec.units.begin(), spec.units.end()});
    connect(field, &LengthField::edited, this, [this, spec] { tell(spec); });
    return {spec, field, [field] { return ParamValue(field->length()); },
            [field](const ParamValue& value) { field->set_length(std::get<Length>(value)); }};
}

ParamForm::Field ParamForm::curve(const ParamSpec& spec) {
    auto* field = new EasingField(name_ + " " + qt_text(spec.id));
    if (style_.handles_in_a_picture)
        field->leave_handles_to_the_picture();
    connect(field, &EasingField::edited, this, [this, spec] { tell(spec); });
    return {spec, field, [field] { return ParamValue(field->easing()); },
            [field](const ParamValue& value) { field->set_easing(std::get<Easing>(value)); }};
}

ParamForm::Field ParamForm::shot(const ParamSpec& spec) {
    auto* box = narrow_box();
    connect(box, &QComboBox::activated, this, [this, spec] { tell(spec); });
    return {spec, box, [box] { return ParamValue(ClipId{box->currentData().toULongLong()}); },
            [box](const ParamValue& value) {
                box->setCurrentIndex(box->findData(static_cast<qulonglong>(std::get<ClipId>(value).value)));
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
        if (one.spec.type == ParamType::OnsetRows)
            qobject_cast<RowsField*>(one.widget)
                ->set_rows(project_.detection ? project_.detection->rows : std::vector<OnsetRow>());
        if (one.spec.type == ParamType::Sound) {
            const QVariant chosen = box->currentData();
            box->clear();
            for (const auto& [id, name] : sounds_of(project_))
                box->addItem(name, id);
            if (chosen.isValid())
                one.show(ParamValue(chosen.toString().toStdString()));
        }
        if (one.spec.type == ParamType::Shot) {
            box->clear();
            for (const Clip* clip : project_.shots())
                box->addItem(QString::fromStdString(clip->name), static_cast<qulonglong>(clip->id.value));
        }
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

void ParamForm::show_differs(std::string_view id, bool differs) {
    auto* widget = field(id);
    if (!widget || widget->property("differs").toBool() == differs)
        return;
    const auto* spec = find_param(specs_, id);
    const QString explains = text_of(spec->explains.empty() ? spec->label : spec->explains);
    widget->setProperty("differs", differs);
    widget->setToolTip(differs
                           ? tr("They differ: this is the first one's. A change sets all.\n%1").arg(explains)
                           : explains);
    const auto polish = [](QWidget* one) {
        one->style()->unpolish(one);
        one->style()->polish(one);
    };
    polish(widget);
    for (auto* part : widget->findChildren<QWidget*>()) {
        part->setProperty("differs", differs);
        polish(part);
    }
}

QWidget* ParamForm::field(std::string_view id) const {
    const auto found =
        std::find_if(fields_.begin(), fields_.end(), [id](const Field& one) { return one.spec.id == id; });
    return found == fields_.end() ? nullptr : found->widget;
}

} // namespace pulsepin
