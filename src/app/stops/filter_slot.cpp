// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/filter_slot.h"

#include "fields.h"

#include <algorithm>
#include <cmath>

namespace pulsepin {
FilterSlot::FilterSlot(const QString& name, QWidget* parent) : QWidget(parent), name_(name) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    choice_ = new QComboBox;
    choice_->setObjectName(name);
    choice_->setAccessibleName(tr("Only those that are"));
    choice_->setToolTip(
        tr("Lets only some of the picked positions through; the filters work one after the other"));
    choice_->addItem(tr("and all of them"));
    for (const auto& filter : picker_filters())
        choice_->addItem(text_of(filter.label), text_of(filter.id));
    connect(choice_, &QComboBox::currentIndexChanged, this, [this] {
        rebuild();
        emit changed();
    });
    row->addWidget(choice_);
    numbers_ = new QHBoxLayout;
    numbers_->setSpacing(4);
    row->addLayout(numbers_, 1);
    rebuild();
}

void FilterSlot::rebuild() {
    while (auto* item = numbers_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    spins_.clear();
    lanes_ = nullptr;
    cells_ = nullptr;
    const auto* filter = picker_filter(choice_->currentData().toString().toStdString());
    if (!filter) {
        numbers_->addStretch(1);
        return;
    }
    for (const auto& parameter : filter->parameters) {
        if (parameter.unit == "lane") {
            lanes_ = new QComboBox;
            lanes_->setObjectName(name_ + " lane");
            lanes_->setAccessibleName(text_of(parameter.label));
            lanes_->setToolTip(tr("The lane that must not act there"));
            for (const auto& [lane, id] : lane_names_)
                lanes_->addItem(lane, static_cast<qulonglong>(id));
            connect(lanes_, &QComboBox::currentIndexChanged, this, &FilterSlot::changed);
            numbers_->addWidget(lanes_);
            spins_.push_back(nullptr);
            continue;
        }
        if (parameter.unit == "bits") {
            if (!cells_) {
                cells_ = new StepCells;
                numbers_->addWidget(cells_, 1);
                connect(cells_, &StepCells::changed, this, &FilterSlot::changed);
            }
            spins_.push_back(nullptr);
            continue;
        }
        auto* spin = new QDoubleSpinBox;
        spin->setObjectName(name_ + " " + text_of(parameter.id));
        spin->setAccessibleName(text_of(parameter.label));
        spin->setToolTip(text_of(parameter.label));
        spin->setRange(parameter.lowest, parameter.highest);
        const bool parts = parameter.lowest != std::floor(parameter.lowest);
        spin->setDecimals(parts ? 3 : 0);
        spin->setSingleStep(parts ? 0.25 : 1);
        const auto name_unit = [spin, unit = text_of(parameter.unit)](double value) {
            const bool one = value == 1 && unit.endsWith('s') && unit != "ms";
            if (!unit.isEmpty())
                spin->setSuffix(" " + (one ? unit.chopped(1) : unit));
        };
        spin->setValue(parameter.initial);
        name_unit(parameter.initial);
        connect(spin, &QDoubleSpinBox::valueChanged, this, [this, name_unit](double value) {
            name_unit(value);
            shape_steps();
            emit changed();
        });
        numbers_->addWidget(spin);
        spins_.push_back(spin);
    }
    shape_steps();
    if (cells_) {
        std::vector<bool> first(cells_->steps().size(), false);
        first[0] = true;
        cells_->set_steps(first);
    } else {
        numbers_->addStretch(1);
    }
}

void FilterSlot::shape_steps() {
    if (!cells_)
        return;
    const int bars = static_cast<int>(spins_[0]->value()), a_beat = static_cast<int>(spins_[1]->value());
    cells_->set_shape(bars, beats_in_bar_ * a_beat, a_beat);
}

std::optional<FilterUse> FilterSlot::use() const {
    const auto* filter = picker_filter(choice_->currentData().toString().toStdString());
    if (!filter)
        return std::nullopt;
    FilterUse use{std::string(filter->id), {}};
    if (cells_) {
        use.parameters = steps_as_parameters(static_cast<int>(spins_[0]->value()),
                                             static_cast<int>(spins_[1]->value()), cells_->steps());
        return use;
    }
    for (const auto* spin : spins_)
        use.parameters.push_back(spin     ? spin->value()
                                 : lanes_ ? static_cast<double>(lanes_->currentData().toULongLong())
                                          : 0);
    return use;
}

void FilterSlot::set_use(const std::optional<FilterUse>& use) {
    choice_->setCurrentIndex(use ? std::max(0, choice_->findData(QString::fromStdString(use->id))) : 0);
    if (!use)
        return;
    const auto& numbers = use->parameters;
    for (std::size_t i = 0; i < std::min(spins_.size(), numbers.size()); ++i)
        if (spins_[i])
            spins_[i]->setValue(numbers[i]);
        else if (lanes_)
            lanes_->setCurrentIndex(
                std::max(0, lanes_->findData(static_cast<qulonglong>(std::llround(numbers[i])))));
    if (cells_ && numbers.size() == 4)
        cells_->set_steps(steps_of_parameters(numbers, cells_->steps().size()));
}

void FilterSlot::set_project(const Project& project) {
    std::vector<std::pair<QString, std::uint64_t>> names;
    for (const auto& lane : project.lanes)
        names.emplace_back(QString::fromStdString(lane->name), lane->id.value);
    if (project.grid)
        beats_in_bar_ = project.grid->metre_at(Ticks(0)).beats_per_bar;
    shape_steps();
    if (names == lane_names_)
        return;
    lane_names_ = std::move(names);
    if (!lanes_)
        return;
    const QSignalBlocker quietly(lanes_);
    const auto chosen = lanes_->currentData();
    lanes_->clear();
    for (const auto& [lane, id] : lane_names_)
        lanes_->addItem(lane, static_cast<qulonglong>(id));
    lanes_->setCurrentIndex(std::max(0, lanes_->findData(chosen)));
}

} // namespace pulsepin
