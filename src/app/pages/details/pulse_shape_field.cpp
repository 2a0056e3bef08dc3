// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/details/pulse_shape_field.h"

#include "pages/stops/pulse_curve.h"
#include "parts/tight_row.h"
#include "schedule/pulses.h"

#include <QMenu>
#include <QPushButton>

namespace pulsepin {

PulseShapeField::PulseShapeField(PinsDetail& detail) : PinsDetailPart(detail) {
    auto* row = tight_row(this, 4);
    own_ = new QPushButton(tr("own shape"));
    own_->setObjectName("own shape");
    own_->setToolTip(tr("This place gets a shape of its own, chosen from the library and your saved pulses"));
    own_->setProperty("role", "small");
    auto* menu = new QMenu(own_);
    own_->setMenu(menu);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] { fill_with_shapes(menu); });
    lanes_ = new QPushButton(tr("as the lane"));
    lanes_->setObjectName("lane's shape");
    lanes_->setToolTip(tr("The lane's pulse again"));
    lanes_->setProperty("role", "small");
    connect(lanes_, &QPushButton::clicked, this, [this] { set_shape(nullptr); });
    row->addWidget(own_);
    row->addWidget(lanes_);
    row->addStretch(1);
}

void PulseShapeField::set_shape(const std::shared_ptr<const Pulse>& shape) {
    detail_.change(tr("change shape"), [&](PinBody& body) { body_of<PulseBody>(body).shape = shape; });
}

void PulseShapeField::fill_with_shapes(QMenu* menu) {
    menu->clear();
    std::vector<Pulse> all(pulse_library().begin(), pulse_library().end());
    const auto& kept = *detail_.document().project().pulses;
    all.insert(all.end(), kept.begin(), kept.end());
    for (const auto& pulse : all)
        menu->addAction(QIcon(pulse_picture(pulse, {28, 18}, false)), QString::fromStdString(pulse.name),
                        this, [this, pulse] { set_shape(std::make_shared<const Pulse>(pulse)); });
}

void PulseShapeField::show_body(const PinBody& body) {
    const auto& pulse = body_of<PulseBody>(body);
    lanes_->setEnabled(pulse.shape != nullptr);
    own_->setText(pulse.shape ? tr("shape: %1").arg(QString::fromStdString(pulse.shape->name))
                              : tr("own shape"));
}

} // namespace pulsepin
