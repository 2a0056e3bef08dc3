// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/details/sound_detail.h"

#include "model/edits.h"
#include "parts/finder.h"
#include "parts/number_field.h"
#include "parts/widgets.h"

#include <QGridLayout>
#include <algorithm>

namespace pulsepin {

SoundDetail::SoundDetail(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(4);
    const auto spin = [this](const QString& name, const QString& told, double lowest, double highest,
                             const QString& suffix) {
        auto* box = new NumberField;
        box->setObjectName(name);
        box->setAccessibleName(told);
        box->setRange(lowest, highest);
        box->setSuffix(suffix);
        box->setKeyboardTracking(false);
        connect(box, &QDoubleSpinBox::valueChanged, this, &SoundDetail::take_over);
        return box;
    };
    const auto curve = [this](const QString& name, const QString& told) {
        auto* box = new ChoiceBox;
        box->setObjectName(name);
        box->setAccessibleName(told);
        box->addItems({tr("linear"), tr("equal power")});
        box->setToolTip(tr("Equal power keeps the loudness where two sounds cross"));
        connect(box, &QComboBox::activated, this, &SoundDetail::take_over);
        return box;
    };
    gain_ = spin("gain", tr("gain"), -60, 24, tr(" dB"));
    gain_->setSingleStep(0.5);
    fade_in_ = spin("fade in", tr("fade in"), 0, 600, tr(" s"));
    fade_in_->setSingleStep(0.1);
    fade_out_ = spin("fade out", tr("fade out"), 0, 600, tr(" s"));
    fade_out_->setSingleStep(0.1);
    curve_in_ = curve("curve in", tr("How it comes in"));
    curve_out_ = curve("curve out", tr("How it goes out"));
    grid->addWidget(quiet(tr("gain")), 0, 0);
    grid->addWidget(gain_, 0, 1);
    grid->addWidget(quiet(tr("fade in")), 1, 0);
    grid->addWidget(fade_in_, 1, 1);
    grid->addWidget(curve_in_, 1, 2);
    grid->addWidget(quiet(tr("fade out")), 2, 0);
    grid->addWidget(fade_out_, 2, 1);
    grid->addWidget(curve_out_, 2, 2);
}

void SoundDetail::show_sound(PinId pin) {
    pin_ = pin;
    const Pin* found = document_.project().pin(pin);
    const auto* body = found ? body_if<SoundBody>(&found->body) : nullptr;
    if (!body)
        return;
    showing_ = true;
    gain_->setValue(body->gain_db);
    fade_in_->setValue(body->fade_in.value);
    fade_out_->setValue(body->fade_out.value);
    curve_in_->setCurrentIndex(body->curve_in == FadeCurve::Linear ? 0 : 1);
    curve_out_->setCurrentIndex(body->curve_out == FadeCurve::Linear ? 0 : 1);
    showing_ = false;
}

void SoundDetail::take_over() {
    const Pin* pin = document_.project().pin(pin_);
    if (showing_ || !pin || !is_body<SoundBody>(pin->body))
        return;
    auto body = body_of<SoundBody>(pin->body);
    const auto set = [](Seconds& value, const QDoubleSpinBox* box) {
        // What is shown is rounded; only what was changed is taken over.
        if (std::abs(value.value - box->value()) > 0.006)
            value = Seconds(box->value());
    };
    if (std::abs(body.gain_db - gain_->value()) > 0.06)
        body.gain_db = gain_->value();
    set(body.fade_in, fade_in_);
    set(body.fade_out, fade_out_);
    body.fade_in = std::min(body.fade_in, body.length);
    body.fade_out = std::min(body.fade_out, body.length - body.fade_in);
    body.curve_in = curve_in_->currentIndex() == 0 ? FadeCurve::Linear : FadeCurve::EqualPower;
    body.curve_out = curve_out_->currentIndex() == 0 ? FadeCurve::Linear : FadeCurve::EqualPower;
    document_.apply(with_body(document_.project(), pin_, body), tr("change sound"));
}

} // namespace pulsepin
