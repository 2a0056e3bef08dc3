// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/lights_page.h"

#include "kinds/kinds.h"
#include "model/rig_edits.h"
#include "parts/finder.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr std::string_view brushed[] = {"colour-from", "colour-to", "length", "strength", "pattern", "each"};

} // namespace

LightsPage::LightsPage(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* row = tight_row(this, 10);
    row->addWidget(make_plan(), 1);
    row->addWidget(make_choices());
    connect(&view_, &ViewState::light_brush_changed, this, &LightsPage::show_brush);
    connect(&view_, &ViewState::lamps_chosen, this, &LightsPage::refresh);
    show_brush();
    refresh();
}

QPushButton* LightsPage::button(const QString& name, const QString& text, const QString& tip,
                                const QString& command) {
    auto* made = named(new QPushButton(text), name, tip);
    if (!command.isEmpty())
        connect(made, &QPushButton::clicked, this, [this, command] { emit wanted(command); });
    return made;
}

QWidget* LightsPage::make_plan() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    plan_ = new PlanView(document_, view_);
    plan_->setObjectName("plan");
    connect(plan_, &PlanView::lamps_painted, this, &LightsPage::lamps_painted);
    connect(plan_, &PlanView::hint, this, &LightsPage::hint);
    connect(plan_, &PlanView::lamp_wanted, this, &LightsPage::lamp_wanted);
    connect(plan_, &PlanView::delete_wanted, this, [this] { emit wanted("delete lamps"); });
    column->addWidget(make_choosing());
    column->addWidget(plan_, 1);
    auto* below = new QWidget;
    auto* row = tight_row(below, 4);
    on_beats_ = button("light on beats", {},
                       tr("Lights the chosen lamps on each beat of the range, or of the bar "
                          "at the playhead, as it is painted with"),
                       "light on beats");
    on_beats_->setProperty("role", "main");
    on_beats_->setMinimumWidth(96);
    row->addWidget(on_beats_, 1);
    row->addWidget(button("repeat lights", tr("Copy…"),
                          tr("The lights of the range, or of those that are "
                             "selected, again in other bars"),
                          "repeat"));
    column->addWidget(below);
    return box;
}

void LightsPage::make_brush(QHBoxLayout* row) {
    const auto ends = [&](const QString& name, const QString& text, const QString& tip, bool fades) {
        auto* made = button(name, text, tip, {});
        made->setCheckable(true);
        made->setProperty("role", "choice");
        connect(made, &QPushButton::clicked, this, [this, fades] {
            LightBody brush = view_.light_brush();
            brush.to = fades ? Colour{0} : brush.from;
            view_.set_light_brush(brush);
            show_brush();
        });
        row->addWidget(made);
        return made;
    };
    held_ = ends("held", tr("held"), tr("One colour until it ends"), false);
    fade_ = ends("fade", tr("fade"), tr("Goes over into dark"), true);
}

/// Which lamps are worked on.
QWidget* LightsPage::make_choosing() {
    auto* choose = new QWidget;
    auto* row = tight_row(choose, 4);
    const auto small = [&](const QString& name, const QString& text, const QString& tip, auto then) {
        auto* made = button(name, text, tip, {});
        made->setProperty("role", "small");
        connect(made, &QPushButton::clicked, this, then);
        row->addWidget(made);
    };
    small("choose all lamps", tr("all"), tr("Chooses all lamps"), [this] {
        std::vector<LampId> all;
        for (const auto& lamp : document_.project().rig->fixtures)
            all.push_back(lamp.id);
        view_.choose_lamps(std::move(all));
    });
    small("choose odd lamps", tr("odd"), tr("Chooses the first, the third ... of each group"),
          [this] { choose_every_second(0); });
    small("choose even lamps", tr("even"), tr("Chooses the second, the fourth ... of each group"),
          [this] { choose_every_second(1); });
    groups_ = named(new ChoiceBox, "choose group", tr("Chooses the lamps of a group"));
    connect(groups_, &QComboBox::activated, this, [this] {
        if (const LampId group{groups_->currentData().toULongLong()}; group.value != 0)
            view_.choose_lamps({group});
    });
    row->addWidget(groups_, 1);
    brush_ = button("paint on plan", tr("Paint"),
                    tr("The mouse lights lamps of the plan over the range or the bar; the right button makes "
                       "them dark"),
                    {});
    brush_->setCheckable(true);
    brush_->setProperty("role", "choice");
    connect(brush_, &QPushButton::toggled, plan_, &PlanView::set_painting);
    row->addWidget(brush_);
    return choose;
}

QWidget* LightsPage::make_choices() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    for (const auto& property : kind_of(body_type<LightBody>)->properties)
        if (std::ranges::count(brushed, property.spec.id))
            specs_.push_back(property.spec);
    form_ = new ParamForm("brush", {.layout = ParamFormLayout::NamesBeside});
    form_->set_specs(specs_);
    connect(form_, &ParamForm::changed, this, &LightsPage::take_brush);
    column->addWidget(form_);
    auto* ways = new QWidget;
    auto* way = tight_row(ways, 4);
    make_brush(way);
    way->addWidget(button("recolour", tr("Recolour"),
                          tr("The chosen lamps' lights, or those that are selected, "
                             "get the colour that is painted with"),
                          "recolour lights"));
    column->addWidget(ways);
    column->addStretch(1);

    auto* show = new QWidget;
    auto* shown = tight_row(show, 4);
    dark_at_start_ = named(new QCheckBox(tr("dark at the start")), "dark at the start",
                           tr("Nothing is lit until playing begins"));
    connect(dark_at_start_, &QCheckBox::clicked, this, [this](bool on) {
        change_rig(tr("dark at the start"), [on](Rig& rig) { rig.dark_at_start = on; });
    });
    shown->addWidget(dark_at_start_, 1);
    dimmer_ = real_field("dimmer", tr("How bright all lamps are at most"), 0, 100);
    dimmer_->setSuffix(tr(" %"));
    dimmer_->setPrefix(tr("dimmer "));
    dimmer_->setKeyboardTracking(false);
    connect(dimmer_, &QDoubleSpinBox::valueChanged, this, [this](double value) {
        change_rig(tr("change dimmer"), [value](Rig& rig) { rig.dimmer = value; });
    });
    shown->addWidget(dimmer_, 1);
    column->addWidget(show);
    auto* wire = new QWidget;
    auto* wires = tight_row(wire, 4);
    send_ = button("send lights", tr("Send"),
                   tr("Sends levels to the outputs, this computer unless others are "
                      "told"),
                   "send lights");
    dark_ = button("blackout", tr("Dark"), tr("All lamps dark, until it is pressed again"), "blackout");
    for (auto* toggle : {send_, dark_}) {
        toggle->setCheckable(true);
        toggle->setProperty("role", "choice");
        wires->addWidget(toggle);
    }
    wires->addWidget(
        button("patch", tr("Patch…"), tr("Channels of the lamps, and where levels go"), "patch"));
    wires->addWidget(
        button("receiver", tr("Receiver"), tr("Shows what really arrives on this computer"), "receiver"));
    column->addWidget(wire);
    return box;
}

void LightsPage::choose_every_second(std::size_t from) {
    std::vector<LampId> chosen;
    std::map<LampId, std::size_t> counted;
    for (const auto& lamp : document_.project().rig->fixtures)
        if (counted[lamp.group]++ % 2 == from)
            chosen.push_back(lamp.id);
    view_.choose_lamps(std::move(chosen));
}

void LightsPage::change_rig(const QString& what, const std::function<void(Rig&)>& how) {
    if (!showing_)
        document_.apply(with_rig(document_.project(), how), what);
}

void LightsPage::take_brush() {
    PinBody body = view_.light_brush();
    const auto values = form_->values();
    for (const auto& property : kind_of(body_type<LightBody>)->properties)
        if (const auto* value = values.find(property.spec.id))
            property.set(body, *value);
    auto brush = body_of<LightBody>(body);
    // Held, a colour stays one; else each end is as its field has it.
    if (brush.from == view_.light_brush().from)
        brush.to = values.colour("colour-to");
    view_.set_light_brush(brush);
}

void LightsPage::show_brush() {
    const PinBody body = view_.light_brush();
    ParamValues values;
    for (const auto& property : kind_of(body_type<LightBody>)->properties)
        if (std::ranges::count(brushed, property.spec.id))
            values.set(property.spec.id, property.get(body));
    form_->set_values(values);
    const auto& brush = view_.light_brush();
    held_->setChecked(brush.from == brush.to);
    fade_->setChecked(brush.to.rgb == 0 && brush.from.rgb != 0);
    const bool turns =
        brush.pattern != LightBody::Pattern::Together && brush.pattern != LightBody::Pattern::OneByOne;
    if (auto* each = form_->field("each"))
        each->setEnabled(turns);
}

void LightsPage::fill_groups() {
    groups_->clear();
    groups_->addItem(tr("group"), qulonglong{0});
    for (const auto& group : document_.project().rig->groups)
        groups_->addItem(QString::fromStdString(group.name), static_cast<qulonglong>(group.id.value));
}

void LightsPage::refresh() {
    const auto& project = document_.project();
    showing_ = true;
    if (shown_ != project.rig) {
        shown_ = project.rig;
        fill_groups();
        dark_at_start_->setChecked(project.rig->dark_at_start);
        dimmer_->setValue(project.rig->dimmer);
    }
    const auto count = static_cast<int>(view_.lamps().empty() ? project.rig->fixtures.size()
                                                              : project.rig->members(view_.lamps()).size());
    on_beats_->setText(tr("Light %1 on beats").arg(count));
    on_beats_->setEnabled(count > 0);
    showing_ = false;
}

void LightsPage::show_sending(bool sending, bool dark) {
    send_->setChecked(sending);
    send_->setText(sending ? tr("Sending") : tr("Send"));
    dark_->setChecked(dark);
}

} // namespace pulsepin
