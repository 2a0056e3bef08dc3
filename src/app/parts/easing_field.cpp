// SPDX-License-Identifier: GPL-3.0-or-later
#include "parts/easing_field.h"

#include "params/easings.h"
#include "parts/choices.h"
#include "parts/fields.h"
#include "parts/widgets.h"
#include "render/qt_text.h"

namespace pulsepin {

EasingField::EasingField(const QString& name, QWidget* parent) : QWidget(parent), name_(name) {
    grid_ = tight_grid(this);
    grid_->setSpacing(3);
    box_ = new ChoiceBox;
    box_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box_->setMinimumContentsLength(8);
    fill_with_easings(box_);
    grid_->addWidget(box_, 0, 0, 1, 4);
    setFocusProxy(box_);
    connect(box_, &QComboBox::activated, this, [this] {
        easing_ = usual_easing(box_->currentData().toString().toStdString());
        make_numbers();
        emit edited();
    });
    box_->setObjectName(name_);
    make_numbers();
}

/// Few enough to stand beside each other: one stands beside its name, four below it.
void EasingField::make_numbers() {
    const auto* row = easing_row(easing_.id);
    const bool none = !row || (handles_elsewhere_ && easing_.id == "bezier");
    const auto params = none ? std::span<const BoundParam<Easing>>() : row->params;
    if (shown_ != easing_.id) {
        shown_ = easing_.id;
        for (auto* number : numbers_)
            take_away(number);
        numbers_.clear();
        const int below = params.size() > 1 ? 1 : 0;
        grid_->removeWidget(box_);
        grid_->addWidget(box_, 0, 0, 1, params.size() == 1 ? 3 : 4);
        for (std::size_t i = 0; i < params.size(); ++i) {
            const auto& spec = params[i].spec;
            auto* number = real_field(name_ + " " + qt_text(spec.id),
                                      text_of(spec.explains.empty() ? spec.label : spec.explains), spec.least,
                                      spec.most);
            number->setSingleStep(spec.type == ParamType::Whole ? 1 : 0.1);
            number->setKeyboardTracking(false);
            number->setMinimumWidth(56);
            grid_->addWidget(number, below, below ? static_cast<int>(i) : 3);
            number->setValue(std::get<double>(params[i].get(easing_)));
            connect(number, &QDoubleSpinBox::valueChanged, this, [this, param = &params[i]](double value) {
                param->set(easing_, value);
                emit edited();
            });
            number->show();
            numbers_.push_back(number);
        }
    }
    for (std::size_t i = 0; i < numbers_.size(); ++i) {
        const QSignalBlocker quietly(numbers_[i]);
        numbers_[i]->setValue(std::get<double>(params[i].get(easing_)));
    }
}

void EasingField::set_easing(const Easing& easing) {
    easing_ = easing;
    box_->setCurrentIndex(box_->findData(QString::fromStdString(easing.id)));
    make_numbers();
}

Easing EasingField::easing() const {
    return easing_;
}

} // namespace pulsepin
