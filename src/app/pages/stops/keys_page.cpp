// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/keys_page.h"

#include "model/key_edits.h"
#include "model/pin_edits.h"
#include "parts/choices.h"
#include "parts/finder.h"
#include "parts/number_field.h"
#include "parts/widgets.h"

#include <QGridLayout>
#include <algorithm>

namespace pulsepin {

namespace {

QDoubleSpinBox* number(const QString& name, double low, double high, double value, const QString& prefix) {
    auto* field = new NumberField;
    field->setObjectName(name);
    name_by_tip(*field, KeysPage::tr("Value")); // until a label says which
    field->setRange(low, high);
    field->setValue(value);
    field->setPrefix(prefix);
    return field;
}

bool is_key(const PinBody& body) {
    return is_body<KeyBody>(body) || is_body<PoseBody>(body);
}

QSpinBox* frames(const QString& name, int value) {
    auto* field = new QSpinBox;
    field->setObjectName(name);
    name_by_tip(*field, KeysPage::tr("Value")); // until a label says which
    field->setRange(-1000, 1000);
    field->setValue(value);
    field->setSuffix(KeysPage::tr(" frames"));
    return field;
}

} // namespace

KeysPage::KeysPage(Document& document, ViewState& view, QWidget* parent)
    : MotionPage(document, parent), view_(view) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(6);
    int line = 0;
    const auto row = [&](const QString& name, const QString& text, const QString& tip, QWidget* first,
                         QWidget* second, std::function<Project(const std::vector<PinId>&)> edit) {
        auto* button = new QPushButton(text);
        button->setObjectName(name);
        button->setToolTip(tip);
        connect(button, &QPushButton::clicked, this,
                [this, edit, text] { apply(edit(concerned()), text.toLower()); });
        grid->addWidget(button, line, 0);
        if (first)
            grid->addWidget(first, line, 1);
        if (second)
            grid->addWidget(second, line, 2);
        ++line;
    };
    earlier_ = frames("earlier by", 2);
    row("keys earlier", tr("Earlier"),
        tr("All of them act so many frames earlier; usual for eased moves: 2 or 3"), earlier_, nullptr,
        [this](const auto& pins) {
            return nudged_by(document_.project(), pins, Frames(-earlier_->value()));
        });
    factor_ = number("scale by", -100, 100, 0.5, tr("by "));
    about_ = number("scale about", -1e6, 1e6, 100, tr("about "));
    row("scale keys", tr("Scale"), tr("Draws the values out from one value, or nearer to it"), factor_,
        about_, [this](const auto& pins) {
            return keys_scaled(document_.project(), pins, about_->value(), factor_->value());
        });
    stagger_ = frames("stagger by", 2);
    row("stagger keys", tr("Stagger"),
        tr("Keys of the second lane so much later, of the third twice as much"), stagger_, nullptr,
        [this](const auto& pins) { return staggered(document_.project(), pins, Frames(stagger_->value())); });
    easing_ = new ChoiceBox;
    easing_->setObjectName("keys easing");
    easing_->setAccessibleName(tr("Easing"));
    fill_with_easings(easing_);
    row("ease keys", tr("Ease"), tr("How each of them is reached from the key before"), easing_, nullptr,
        [this](const auto& pins) {
            return with_bodies(document_.project(), pins, [easing = chosen_easing(easing_)](PinBody& body) {
                if (auto* key = body_if<KeyBody>(&body))
                    key->easing = easing;
                else if (auto* pose = body_if<PoseBody>(&body))
                    pose->easing = easing;
            });
        });
    row("reverse keys", tr("Reverse"), tr("Runs them backwards; eases in become eases out"), nullptr, nullptr,
        [this](const auto& pins) { return keys_reversed(document_.project(), pins); });
    grid->addWidget(quiet(tr("The same keys at other places: select them, then “Repeat…” in the menu.")),
                    line - 1, 1, 1, 2);
    grid->setRowStretch(line, 1);
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(2, 1);
}

std::vector<PinId> KeysPage::concerned() const {
    std::vector<PinId> pins;
    for (const PinId id : view_.selection())
        if (const Pin* pin = document_.project().pin(id); pin && is_key(pin->body))
            pins.push_back(id);
    if (pins.empty() && lane())
        for (const auto& pin : lane()->pins)
            pins.push_back(pin.id);
    std::sort(pins.begin(), pins.end());
    return pins;
}

void KeysPage::apply(Project next, const QString& what) {
    document_.apply(std::move(next), what);
}

void KeysPage::show_motion() {
    setEnabled(lane() && !lane()->locked);
    const bool single = !lane() || !holds<PoseBody>(lane()->kind); // a pose has no one value
    for (const char* name : {"scale keys", "reverse keys"})
        findChild<QPushButton*>(name)->setEnabled(single);
    for (auto* field : {factor_, about_})
        field->setEnabled(single);
    if (lane() && !about_->hasFocus())
        about_->setValue(part_of<Motion>(*lane())->own.low);
}

QString KeysPage::told() const {
    const auto selected = std::count_if(view_.selection().begin(), view_.selection().end(), [&](PinId id) {
        const Pin* pin = document_.project().pin(id);
        return pin && is_key(pin->body);
    });
    if (!lane())
        return {};
    if (selected > 0)
        return selected == 1 ? tr("applies to the selected key")
                             : tr("applies to %1 selected keys").arg(selected);
    if (holds<PoseBody>(lane()->kind) && lane()->pins.empty())
        return tr("No poses yet: choose the layer, place it in the picture, then Shift+K");
    return lane()->pins.empty()
               ? tr("No keys yet: double click into the lane, or place them at the stop “Place”")
               : tr("applies to all %1 keys of the lane").arg(lane()->pins.size());
}

} // namespace pulsepin
