// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/details/pins_detail.h"

#include "drawing/kind_look.h"
#include "model/edits.h"
#include "params/easings.h"
#include "parts/easing_field.h"
#include "parts/fields.h"
#include "picture/moving_sheet.h"
#include "render/qt_text.h"
#include "schedule/find_pins.h"

#include <QStyle>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace pulsepin {

namespace {

/// The names that a field lets choose from; null: it does not.
ChoiceBox* choices_of(QWidget* field) {
    auto* easing = qobject_cast<EasingField*>(field);
    return easing ? &easing->choices() : dynamic_cast<ChoiceBox*>(field);
}

} // namespace

PinsDetailPart::PinsDetailPart(PinsDetail& detail) : detail_(detail) {}

PinsDetail::PinsDetail(Document& document, ViewState& view, LaneKind kind, QWidget* parent)
    : QWidget(parent), document_(document), view_(view), kind_(kind), specs_(specs_of(kind->properties)) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    const KindLook& look = look_of_kind(kind);
    form_ = new ParamForm(qt_text(kind->singular),
                          {.live = false, .layout = ParamFormLayout::NamesBeside, .picture = look.picture});
    form_->set_specs(specs_);
    connect(form_, &ParamForm::changed, this, [this](const QString& id) { change_one(id.toStdString()); });
    column->addWidget(form_);
    for (const auto& property : kind->properties)
        if (std::ranges::find(look.seen_choices, property.spec.id) != look.seen_choices.end())
            if (auto* box = choices_of(form_->field(property.spec.id)))
                box->open_by([this, box, &property] { return open_sheet(*box, property); });
    if (look.make_part)
        column->addWidget(part_ = look.make_part(*this));
}

void PinsDetail::show_pins(std::vector<PinId> pins) {
    pins_ = std::move(pins);
    const Pin* first = pins_.empty() ? nullptr : document_.project().pin(pins_.front());
    if (!first)
        return;
    showing_ = true;
    form_->set_project(document_.project());
    form_->set_values(values_of<PinBody>(first->body, kind_->properties));
    for (const auto& spec : specs_)
        form_->field(spec.id)->setEnabled(!kind_->may_set ||
                                          kind_->may_set(spec.id, first->body, document_.project()));
    for (const auto& spec : specs_)
        if (auto* field = qobject_cast<LengthField*>(form_->field(spec.id)); field && spec.id == "length")
            field->keep_lasting([this, pin = first->id](Length::Unit unit) { return lasts(pin, unit); });
    if (part_)
        part_->show_body(first->body);
    show_differences();
    showing_ = false;
    setEnabled(locked_among(document_.project(), pins_) < pins_.size());
}

double PinsDetail::lasts(PinId pin, Length::Unit unit) const {
    const auto& project = document_.project();
    const auto span = whole_span_of(document_.schedule(), {pin}).value_or(TimeSpan{});
    const Seconds lasts = span.until - span.from;
    if (unit == Length::Unit::InBeats && project.grid)
        return (project.grid->beats_at(span.until) - project.grid->beats_at(span.from)).value;
    return unit == Length::Unit::InFrames
               ? std::round(lasts.value * project.settings->frame_rate.per_second())
               : lasts.value * 1000;
}

/// A field in which they differ says so: what it shows is the first one's.
void PinsDetail::show_differences() {
    std::vector<bool> differ(specs_.size(), false);
    if (pins_.size() > 1) {
        const PinBody* first = nullptr;
        for (const auto& lane : document_.project().lanes)
            for (const auto& pin : lane->pins)
                if (lane->kind == kind_ && std::binary_search(pins_.begin(), pins_.end(), pin.id)) {
                    first = first ? first : &pin.body;
                    for (std::size_t i = 0; i < specs_.size(); ++i)
                        if (!differ[i])
                            differ[i] =
                                kind_->properties[i].get(*first) != kind_->properties[i].get(pin.body);
                }
    }
    for (std::size_t i = 0; i < specs_.size(); ++i)
        form_->show_differs(specs_[i].id, differ[i]);
}

void PinsDetail::change(const QString& what, const std::function<void(PinBody&)>& how) {
    if (showing_ || pins_.empty())
        return;
    const auto locked = locked_among(document_.project(), pins_);
    document_.apply(with_bodies(document_.project(), pins_, how), what);
    if (locked > 0)
        document_.say(tr("%n locked, left alone", nullptr, static_cast<int>(locked)));
}

/// The picture around the first of them with each of the choices.
bool PinsDetail::open_sheet(ChoiceBox& box, const PinProperty& property) {
    const Project& project = document_.project();
    const Pin* first = pins_.empty() ? nullptr : project.pin(pins_.front());
    const Lane* lane = first ? project.lane_of(first->id) : nullptr;
    if (!lane)
        return false;
    const auto& placed = document_.schedule().pins(lane->id).pins;
    const auto place = std::ranges::find(placed, first->id, &ResolvedPin::id);
    if (place == placed.end())
        return false;
    TriedLoop loop = two_beats_at(project, place->time);
    loop.first = place->frame - Frames(loop.length.value / 3);
    const bool eased = property.spec.type == ParamType::Curve;
    if (eased && place != placed.begin()) { // the way that leads up to it
        const auto before = std::prev(place);
        loop = {before->frame, std::max(loop.length, place->frame - before->frame + Frames(6))};
    }
    // What takes no time is not seen: for this it takes a little.
    PinBody shown = first->body;
    for (const auto& other : kind_->properties)
        if (other.spec.id == "fade" && other.get(shown) == ParamValue(0.0))
            other.set(shown, 12.0);
    std::vector<MovingOffer> offers;
    for (int i = 0; i < box.count(); ++i) {
        const ParamValue chosen =
            eased ? ParamValue(usual_easing(box.itemData(i).toString().toStdString()))
                  : ParamValue(std::string(property.spec.choices[static_cast<std::size_t>(i)].id));
        offers.push_back({.name = box.itemText(i),
                          .choose = box.choosing(i),
                          .with =
                              [project, shown, pin = first->id, &property, chosen]() mutable {
                                  property.set(shown, chosen);
                                  return with_body(project, pin, shown);
                              },
                          .is_current = i == box.currentIndex()});
    }
    MovingSheet::open(box, {}, document_, view_, loop, std::move(offers));
    return true;
}

void PinsDetail::change_one(std::string_view id) {
    const auto values = form_->values();
    for (std::size_t i = 0; i < specs_.size(); ++i)
        if (specs_[i].id == id)
            change(tr("change %1").arg(text_of(specs_[i].label)),
                   [&](PinBody& body) { kind_->properties[i].set(body, *values.find(id)); });
}

} // namespace pulsepin
