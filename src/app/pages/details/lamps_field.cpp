// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/details/lamps_field.h"

#include "model/lights.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"
#include "schedule/pulses.h"
#include "stage/trigger_acts.h"

#include <QMenu>
#include <algorithm>

namespace pulsepin {

LampsField::LampsField(PinsDetail& detail) : PinsDetailPart(detail) {
    auto* row = tight_row(this, 4);
    const auto button = [&](const QString& name, const QString& text, const QString& tip,
                            void (LampsField::*fill)(QMenu*)) {
        auto* made = named(new QPushButton(text), name, tip);
        made->setProperty("role", "small");
        auto* menu = new QMenu(made);
        menu->setObjectName(name + " menu");
        made->setMenu(menu);
        connect(menu, &QMenu::aboutToShow, this, [this, menu, fill] { (this->*fill)(menu); });
        row->addWidget(made, 1);
        return made;
    };
    on_ =
        button("lit lamps", tr("lamps"), tr("The lamps and groups that it lights"), &LampsField::fill_lamps);
    shape_ = button("light shape", tr("shape"), tr("How its strength goes: held, or as one of the pulses"),
                    &LampsField::fill_shapes);
}

void LampsField::show_body(const PinBody& body) {
    body_ = body_of<LightBody>(body);
    const Rig& rig = *detail_.document().project().rig;
    QString text = tr("all lamps");
    if (!body_.on.empty())
        text = QString::fromStdString(rig.name_of(body_.on.front()));
    if (body_.on.size() > 1)
        text += tr(" + %1").arg(body_.on.size() - 1);
    on_->setText(text);
    shape_->setText(!body_.course.empty()                ? tr("own course")
                    : body_.attack > 0 || body_.fall > 0 ? tr("shaped")
                                                         : tr("held"));
}

void LampsField::fill_lamps(QMenu* menu) {
    menu->clear();
    const Rig& rig = *detail_.document().project().rig;
    const auto add = [&](const QString& name, LampId id) {
        auto* action = menu->addAction(name);
        action->setCheckable(true);
        action->setChecked(id.value == 0 ? body_.on.empty() : std::ranges::count(body_.on, id) > 0);
        connect(action, &QAction::triggered, this, [this, id] {
            auto on = body_.on;
            if (id.value == 0)
                on.clear();
            else if (std::erase(on, id) == 0)
                on.push_back(id);
            detail_.change(tr("choose lamps"), [&on](PinBody& body) { body_of<LightBody>(body).on = on; });
        });
    };
    add(tr("all lamps"), {});
    for (const auto& group : rig.groups)
        add(QString::fromStdString(group.name), group.id);
    menu->addSeparator();
    constexpr std::size_t most = 40; // a prop's lamps are painted in the plan
    for (std::size_t i = 0; i < std::min(most, rig.fixtures.size()); ++i)
        add(QString::fromStdString(rig.fixtures[i].name), rig.fixtures[i].id);
}

void LampsField::fill_shapes(QMenu* menu) {
    menu->clear();
    const auto add = [&](const QString& name, std::vector<TriggerAct::Point> points) {
        connect(menu->addAction(name), &QAction::triggered, this, [this, points = std::move(points)] {
            detail_.change(tr("change shape"), [&](PinBody& body) {
                auto& light = body_of<LightBody>(body);
                light.course = points;
                light.attack = light.fall = 0;
            });
        });
    };
    add(tr("held"), {});
    for (const auto& pulse : pulse_library())
        add(QString::fromStdString(pulse.name), points_of_pulse(pulse));
    for (const auto& pulse : *detail_.document().project().pulses)
        add(QString::fromStdString(pulse.name), points_of_pulse(pulse));
}

} // namespace pulsepin
