// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/details/trigger_acts_field.h"

#include "hand/stage_hand.h"
#include "model/stage_edits.h"
#include "parts/fields.h"
#include "parts/finder.h"
#include "parts/targets.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"
#include "schedule/pulses.h"
#include "stage/layer_values.h"
#include "stage/trigger_acts.h"

#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {
namespace {

/// How an act goes over the trigger's length.
QIcon curve_picture(const TriggerAct& act, QSize size) {
    QPixmap picture(size * 2);
    picture.setDevicePixelRatio(2);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(day_palette().desk_text, 1.5));
    QPolygonF line;
    for (int i = 0; i <= 24; ++i)
        line << QPointF(2 + (size.width() - 4) * i / 24.0,
                        size.height() - 3 -
                            (size.height() - 6) * std::clamp(way_at(act, i / 24.0), -0.2, 1.2));
    painter.drawPolyline(line);
    return picture;
}

} // namespace

TriggerActsField::TriggerActsField(PinsDetail& detail) : PinsDetailPart(detail) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    auto* top = new QHBoxLayout;
    top->setSpacing(4);
    const auto button = [&](const QString& name, const QString& tip) {
        auto* made = named(new QPushButton, name, tip);
        made->setProperty("role", "small");
        top->addWidget(made);
        return made;
    };
    on_ = button("acts on", tr("The layers that it acts on"));
    on_->setMenu(new QMenu(on_));
    connect(on_->menu(), &QMenu::aboutToShow, this, &TriggerActsField::fill_targets);
    add_ = button("add act", tr("One more parameter that it drives while it lasts"));
    add_->setText(tr("Drives…"));
    find_on_click(*add_, "driven", [this](QMenu* menu) { fill_acts(menu); });
    top->addStretch(1);
    column->addLayout(top);
    rows_ = new QVBoxLayout;
    rows_->setSpacing(2);
    column->addLayout(rows_);
}

void TriggerActsField::change(const QString& what, const std::function<void(TriggerBody&)>& how) {
    detail_.change(what, [&](PinBody& body) {
        if (auto* trigger = body_if<TriggerBody>(&body))
            how(*trigger);
    });
}

void TriggerActsField::change_one(std::size_t index, const QString& what,
                                  const std::function<void(TriggerAct&)>& how) {
    change(what, [&](TriggerBody& trigger) {
        if (trigger.acts.empty()) // what it did so far goes on
            trigger.acts = acts_of(trigger);
        if (index < trigger.acts.size())
            how(trigger.acts[index]);
    });
}

void TriggerActsField::fill_targets() {
    auto* menu = on_->menu();
    menu->clear();
    const auto& layers = detail_.document().project().stage->layers;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer) {
        const bool camera = layer->kind == LayerKind::Camera;
        const bool meant = camera ? body_.on.empty()
                                  : std::find(body_.on.begin(), body_.on.end(), layer->id) != body_.on.end();
        auto* action = menu->addAction(camera ? tr("the camera: all of the picture")
                                              : QString::fromStdString(layer->name),
                                       this, [this, camera, id = layer->id, meant] {
                                           change(tr("choose what it acts on"), [&](TriggerBody& trigger) {
                                               std::erase(trigger.on, id);
                                               if (camera)
                                                   trigger.on.clear();
                                               else if (!meant)
                                                   trigger.on.push_back(id);
                                           });
                                       });
        action->setCheckable(true);
        action->setChecked(meant);
    }
}

/// Parameters of the first layer that it acts on.
void TriggerActsField::fill_acts(QMenu* menu) {
    const auto& stage = *detail_.document().project().stage;
    const Layer* layer = body_.on.empty() ? &stage.layers.back() : stage.layer(body_.on.front());
    if (!layer)
        return;
    for (const auto& [effect, parameters] : drivable_of(*layer)) {
        QMenu* into = effect.isEmpty() ? menu : menu->addMenu(effect);
        for (const auto& parameter : parameters)
            into->addAction(parameter_text(parameter), this, [this, parameter] {
                change(tr("drive %1").arg(parameter_text(parameter)), [&](TriggerBody& trigger) {
                    if (trigger.acts.empty()) // what it did so far goes on
                        trigger.acts = acts_of(trigger);
                    const auto& spec = *parameter.spec;
                    const double low = spec.usual_low == spec.usual_high ? spec.initial : spec.usual_low;
                    trigger.acts.push_back({parameter.id, low, spec.usual_high, act_curves()[1].points});
                });
            });
    }
}

QPushButton* TriggerActsField::curve_button(std::size_t index, const TriggerAct& act) {
    const auto change_act = [this, index](const QString& what, const std::function<void(TriggerAct&)>& how) {
        change_one(index, what, how);
    };
    auto* curve = named(new QPushButton, QString("act %1 curve").arg(index),
                        tr("How it goes over the trigger's length"));
    curve->setProperty("role", "small");
    curve->setIcon(curve_picture(act, {26, 16}));
    curve->setIconSize({26, 16});
    auto* curves = new QMenu(curve);
    for (const auto& preset : act_curves())
        curves->addAction(curve_picture({{}, 0, 1, preset.points}, {26, 16}), text_of(preset.label), this,
                          [change_act, points = preset.points] {
                              change_act(TriggerActsField::tr("change curve"),
                                         [&](TriggerAct& changed) { changed.curve = points; });
                          });
    curves->addSeparator();
    std::vector<Pulse> pulses(pulse_library().begin(), pulse_library().end());
    const auto& kept = *detail_.document().project().pulses;
    pulses.insert(pulses.end(), kept.begin(), kept.end());
    for (const auto& pulse : pulses) {
        const auto points = points_of_pulse(pulse);
        curves->addAction(curve_picture({{}, 0, 1, points}, {26, 16}),
                          tr("pulse: %1").arg(QString::fromStdString(pulse.name)), this,
                          [change_act, points] {
                              change_act(TriggerActsField::tr("change curve"),
                                         [&](TriggerAct& changed) { changed.curve = points; });
                          });
    }
    curves->addSeparator();
    const auto arrange = [this, index](const QString& what,
                                       const std::function<void(std::vector<TriggerAct>&)>& how) {
        change(what, [&](TriggerBody& trigger) {
            if (trigger.acts.empty())
                trigger.acts = acts_of(trigger);
            if (index < trigger.acts.size())
                how(trigger.acts);
        });
    };
    curves->addAction(tr("Once more"), this, [arrange, index] {
        arrange(TriggerActsField::tr("copy what it drives"), [index](std::vector<TriggerAct>& acts) {
            acts.insert(acts.begin() + static_cast<std::ptrdiff_t>(index) + 1, TriggerAct(acts[index]));
        });
    });
    auto* up = curves->addAction(tr("Further up"), this, [arrange, index] {
        arrange(TriggerActsField::tr("order what it drives"),
                [index](std::vector<TriggerAct>& acts) { std::swap(acts[index], acts[index - 1]); });
    });
    up->setEnabled(index > 0);
    curve->setMenu(curves);
    return curve;
}

QWidget* TriggerActsField::row_of(std::size_t index, const TriggerAct& act) {
    auto* box = new QWidget;
    auto* row = tight_row(box, 3);
    const auto* spec = layer_parameter(act.parameter);
    const QString label = spec ? text_of(spec->label) : QString::fromStdString(act.parameter);
    auto* name = quiet(number_of_parameter(act.parameter) == 1
                           ? label
                           : QString("%1 %2").arg(label).arg(number_of_parameter(act.parameter)));
    row->addWidget(name, 1);
    const auto change_act = [this, index](const QString& what, const std::function<void(TriggerAct&)>& how) {
        change_one(index, what, how);
    };
    for (const auto& [which, member, value] : {std::tuple(tr("from"), &TriggerAct::low, act.low),
                                               std::tuple(tr("to"), &TriggerAct::high, act.high)}) {
        auto* field =
            real_field(QString("act %1 %2").arg(index).arg(which), tr("%1: %2").arg(label, which), -1e6, 1e6);
        field->setButtonSymbols(QAbstractSpinBox::NoButtons);
        field->setKeyboardTracking(false);
        field->setFixedWidth(52);
        field->setProperty("role", "small");
        field->setValue(value);
        field->setEnabled(spec && spec->type != ParamType::Colour);
        connect(field, &QDoubleSpinBox::valueChanged, this, [change_act, member = member](double now) {
            change_act(TriggerActsField::tr("change range"),
                       [&](TriggerAct& changed) { changed.*member = now; });
        });
        row->addWidget(field);
    }
    auto* curve = curve_button(index, act);
    row->addWidget(curve);
    auto* remove =
        named(new QPushButton("×"), QString("remove act %1").arg(index), tr("It no longer drives that"));
    remove->setProperty("role", "small");
    connect(remove, &QPushButton::clicked, this, [this, index] {
        change(tr("drive less"), [&](TriggerBody& trigger) {
            if (trigger.acts.empty())
                trigger.acts = acts_of(trigger);
            if (index < trigger.acts.size())
                trigger.acts.erase(trigger.acts.begin() + static_cast<std::ptrdiff_t>(index));
        });
    });
    row->addWidget(remove);
    return box;
}

void TriggerActsField::show_body(const PinBody& body) {
    body_ = body_of<TriggerBody>(body);
    const auto& stage = *detail_.document().project().stage;
    QStringList names;
    for (const LayerId id : body_.on)
        if (const Layer* layer = stage.layer(id))
            names << QString::fromStdString(layer->name);
    on_->setText(names.isEmpty() ? tr("on: camera") : tr("on: %1").arg(names.join(", ")));
    for (QWidget* row : shown_)
        take_away(row);
    shown_.clear();
    const auto acts = acts_of(body_);
    for (std::size_t i = 0; i < acts.size(); ++i) {
        shown_.push_back(row_of(i, acts[i]));
        rows_->addWidget(shown_.back());
    }
}

} // namespace pulsepin
