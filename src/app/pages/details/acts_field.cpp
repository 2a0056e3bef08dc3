// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/details/acts_field.h"

#include "drawing/canvas/event_panel.h"
#include "hand/stage_hand.h"
#include "model/stage_edits.h"
#include "parts/easing_field.h"
#include "parts/fields.h"
#include "parts/finder.h"
#include "parts/targets.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"
#include "schedule/pulses.h"
#include "session/apply_hand_edit.h"
#include "stage/layer_values.h"
#include "stage/trigger_acts.h"

#include <QDoubleSpinBox>
#include <QInputDialog>
#include <QLabel>
#include <QPainter>
#include <QScopedValueRollback>
#include <QVBoxLayout>
#include <algorithm>

namespace pulsepin {
namespace {

/// How an act goes over its length.
QIcon curve_picture(const TriggerAct& act, QSize size) {
    QPixmap picture(size * 2);
    picture.setDevicePixelRatio(2);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(desk_palette().desk_text, 1.5));
    QPolygonF line;
    for (int i = 0; i <= 24; ++i)
        line << QPointF(2 + (size.width() - 4) * i / 24.0,
                        size.height() - 3 -
                            (size.height() - 6) * std::clamp(way_at(act, i / 24.0), -0.2, 1.2));
    painter.drawPolyline(line);
    return picture;
}

} // namespace

ActsField::ActsField(PinsDetail& detail) : PinsDetailPart(detail) {
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
    connect(on_->menu(), &QMenu::aboutToShow, this, &ActsField::fill_targets);
    add_ = button("add act", tr("One more parameter that it drives while it lasts"));
    add_->setText(tr("Drives…"));
    find_on_click(*add_, "driven", [this](QMenu* menu) { fill_acts(menu); });
    open_ = button("open event",
                   tr("Opens its course in the lane, where keys are dragged (double click on its bar)"));
    open_->setText(tr("Course"));
    open_->setCheckable(true);
    connect(open_, &QPushButton::clicked, this, [this](bool opened) {
        detail_.view().open_event(opened && !detail_.pins().empty() ? detail_.pins().front() : PinId{});
    });
    alike_ =
        button("drive alike", tr("All selected triggers drive what this one drives, on the same course"));
    alike_->setText(tr("All alike"));
    connect(alike_, &QPushButton::clicked, this, [this] {
        const auto& pins = detail_.pins();
        apply_hand_edit(detail_.document(), "drive-alike",
                        {.schedule = detail_.document().schedule(),
                         .pins = {pins.begin(), pins.end()},
                         .values = {{"like", static_cast<double>(pins.front().value)}}});
    });
    top->addStretch(1);
    column->addLayout(top);
    make_key_row(column);
    rows_ = new QVBoxLayout;
    rows_->setSpacing(2);
    column->addLayout(rows_);
    connect(&detail_.view(), &ViewState::event_opened, this, &ActsField::show_key);
}

/// Of the key that is chosen in the opened course: where it lies, its value, how the next one is reached.
void ActsField::make_key_row(QVBoxLayout* column) {
    key_row_ = new QWidget;
    auto* row = tight_row(key_row_, 3);
    key_name_ = quiet({});
    row->addWidget(key_name_);
    const auto number = [&](const QString& name, const QString& tip, double least, double most) {
        auto* field = real_field(name, tip, least, most);
        field->setButtonSymbols(QAbstractSpinBox::NoButtons);
        field->setKeyboardTracking(false);
        field->setProperty("role", "small");
        row->addWidget(field);
        return field;
    };
    key_at_ = number("event key at", tr("Where the key lies, in percent of its length"), 0, 100);
    key_at_->setSuffix(" %");
    key_at_->setDecimals(1);
    key_beats_ = number("event key beats", tr("The same in beats from its beginning"), 0, 100'000);
    key_beats_->setDecimals(3);
    key_value_ = number("event key value", tr("The value there"), -1e6, 1e6);
    // Each changes its own, and leaves the other as exact as it is.
    const auto move = [this](const std::function<void(const TriggerAct&, TriggerAct::Point&)>& how) {
        const auto acts = acts_of(body_);
        change_key(tr("move key of event"), [&](PinId trigger, EventKey key) {
            auto point = keys_of(acts[key.act])[key.key];
            how(acts[key.act], point);
            return with_event_key_moved(detail_.document().project(), trigger, key, point.at, point.way);
        });
    };
    connect(key_at_, &QDoubleSpinBox::valueChanged, this, [move](double at) {
        move([at](const TriggerAct&, TriggerAct::Point& point) { point.at = at; });
    });
    connect(key_beats_, &QDoubleSpinBox::valueChanged, this, [this, move](double beats) {
        if (const auto span = span_in_beats()) {
            const Seconds lies = detail_.document().project().grid->time_at(Beats(span->begins + beats));
            const double at = 100 * ((lies - span->from) / (span->until - span->from));
            move([at](const TriggerAct&, TriggerAct::Point& point) { point.at = at; });
        }
    });
    connect(key_value_, &QDoubleSpinBox::valueChanged, this, [move](double value) {
        move([value](const TriggerAct& act, TriggerAct::Point& point) {
            point.way = way_of_value(act, value);
        });
    });
    key_easing_ = new EasingField("event key easing");
    connect(key_easing_, &EasingField::edited, this, [this] {
        change_key(tr("change easing"), [&](PinId trigger, EventKey key) {
            return with_event_key_eased(detail_.document().project(), trigger, key, key_easing_->easing());
        });
    });
    row->addWidget(key_easing_, 1);
    key_colour_ = new ColourField("event key colour");
    key_colour_->setToolTip(tr("The colour there"));
    connect(key_colour_, &ColourField::edited, this, [this] {
        change_key(tr("change colour"), [&](PinId trigger, EventKey key) {
            return with_event_key_coloured(detail_.document().project(), trigger, key, key_colour_->colour());
        });
    });
    row->addWidget(key_colour_);
    key_row_->hide();
    column->addWidget(key_row_);
}

void ActsField::change_key(const QString& what, const std::function<Result<Project>(PinId, EventKey)>& how) {
    const auto& view = detail_.view();
    if (!showing_ && view.event_key() && !detail_.pins().empty() &&
        view.opened_event() == detail_.pins().front())
        detail_.document().apply(how(view.opened_event(), *view.event_key()), what);
}

void ActsField::show_key() {
    const auto& view = detail_.view();
    const bool opened = !detail_.pins().empty() && view.opened_event() == detail_.pins().front();
    open_->setChecked(opened);
    const auto acts = acts_of(body_);
    const auto key = view.event_key();
    const bool there = opened && key && key->act < acts.size() && key->key < keys_of(acts[key->act]).size();
    key_row_->setVisible(there);
    if (!there)
        return;
    const auto keys = keys_of(acts[key->act]);
    const QScopedValueRollback showing(showing_, true);
    key_name_->setText(tr("key %1 of %2").arg(key->key + 1).arg(keys.size()));
    key_at_->setValue(keys[key->key].at);
    const auto span = span_in_beats();
    key_beats_->setVisible(span.has_value());
    if (span) {
        const Seconds lies = span->from + (span->until - span->from) * (keys[key->key].at / 100);
        key_beats_->setMaximum(span->beats);
        key_beats_->setValue(detail_.document().project().grid->beats_at(lies).value - span->begins);
    }
    const auto* spec = layer_parameter(acts[key->act].parameter);
    const bool coloured = spec && spec->type == ParamType::Colour;
    key_value_->setVisible(!coloured);
    key_colour_->setVisible(coloured);
    key_colour_->set_colour(keys[key->key].colour.value_or(Colour{}));
    key_value_->setValue(value_of_way(acts[key->act], keys[key->key].way));
    key_easing_->set_easing(keys[key->key].easing);
}

void ActsField::keep_curve(std::size_t index) {
    const auto acts = acts_of(body_);
    if (index >= acts.size())
        return;
    bool wanted = false;
    const QString name =
        QInputDialog::getText(this, tr("Keep a course"), tr("Its name"), QLineEdit::Normal, {}, &wanted);
    if (wanted)
        detail_.document().apply(with_curve_kept(detail_.document().project(),
                                                 {name.trimmed().toStdString(), keys_of(acts[index])}),
                                 tr("keep course"));
}

void ActsField::change(const QString& what, const std::function<void(TriggerBody&)>& how) {
    detail_.change(what, [&](PinBody& body) {
        if (auto* trigger = body_if<TriggerBody>(&body))
            how(*trigger);
    });
}

/// What it did so far goes on.
void ActsField::change_acts(const QString& what, const std::function<void(std::vector<TriggerAct>&)>& how) {
    detail_.change(what, [&](PinBody& body) {
        auto acts = acts_of(body);
        how(acts);
        set_acts(body, std::move(acts));
    });
}

void ActsField::change_one(std::size_t index, const QString& what,
                           const std::function<void(TriggerAct&)>& how) {
    change_acts(what, [&](std::vector<TriggerAct>& acts) {
        if (index < acts.size())
            how(acts[index]);
    });
}

std::optional<ActsField::BeatSpan> ActsField::span_in_beats() const {
    const auto& document = detail_.document();
    const auto& project = document.project();
    const Lane* lane = detail_.pins().empty() ? nullptr : project.lane_of(detail_.pins().front());
    const auto frames =
        lane ? event_frames(document.spans(lane->id), detail_.pins().front()) : std::optional<EventFrames>();
    if (!frames || !project.grid)
        return std::nullopt;
    const auto rate = project.settings->frame_rate;
    const Seconds from = rate.start_of(frames->first), until = rate.start_of(frames->end);
    const double begins = project.grid->beats_at(from).value;
    return BeatSpan{begins, project.grid->beats_at(until).value - begins, from, until};
}

const Layer* ActsField::acted_on() const {
    const auto& project = detail_.document().project();
    if (const auto* trigger = body_if<TriggerBody>(&body_))
        return trigger->on.empty() ? &project.stage->layers.back()
                                   : project.stage->layer(trigger->on.front());
    const Lane* lane = detail_.pins().empty() ? nullptr : project.lane_of(detail_.pins().front());
    return lane && part_of<Showing>(*lane) ? project.stage->layer(part_of<Showing>(*lane)->layer) : nullptr;
}

void ActsField::fill_targets() {
    auto* menu = on_->menu();
    menu->clear();
    const auto& layers = detail_.document().project().stage->layers;
    const auto* trigger = body_if<TriggerBody>(&std::as_const(body_));
    if (!trigger)
        return;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer) {
        const bool camera = layer->kind == layers::camera;
        const bool meant =
            camera ? trigger->on.empty() : std::ranges::find(trigger->on, layer->id) != trigger->on.end();
        auto* action = menu->addAction(camera ? tr("the camera: all of the picture")
                                              : QString::fromStdString(layer->name),
                                       this, [this, camera, id = layer->id, meant] {
                                           change(tr("choose what it acts on"), [&](TriggerBody& changed) {
                                               std::erase(changed.on, id);
                                               if (camera)
                                                   changed.on.clear();
                                               else if (!meant)
                                                   changed.on.push_back(id);
                                           });
                                       });
        action->setCheckable(true);
        action->setChecked(meant);
    }
}

/// Parameters of the first layer that it acts on.
void ActsField::fill_acts(QMenu* menu) {
    const Layer* layer = acted_on();
    if (!layer)
        return;
    for (const auto& [effect, parameters] : drivable_of(*layer)) {
        QMenu* into = effect.isEmpty() ? menu : menu->addMenu(effect);
        for (const auto& parameter : parameters)
            into->addAction(parameter_text(parameter), this, [this, parameter] {
                change_acts(
                    tr("drive %1").arg(parameter_text(parameter)), [&](std::vector<TriggerAct>& acts) {
                        const auto& spec = *parameter.spec;
                        const double low = spec.usual_low == spec.usual_high ? spec.initial : spec.usual_low;
                        acts.push_back({parameter.id, low, spec.usual_high, act_curves()[1].points});
                    });
            });
    }
}

QPushButton* ActsField::curve_button(std::size_t index, const TriggerAct& act) {
    const auto change_act = [this, index](const QString& what, const std::function<void(TriggerAct&)>& how) {
        change_one(index, what, how);
    };
    auto* curve =
        named(new QPushButton, QString("act %1 curve").arg(index), tr("How it goes over its length"));
    curve->setProperty("role", "small");
    curve->setIcon(curve_picture(act, {26, 16}));
    curve->setIconSize({26, 16});
    auto* curves = new QMenu(curve);
    for (const auto& preset : act_curves())
        curves->addAction(curve_picture({{}, 0, 1, preset.points}, {26, 16}), text_of(preset.label), this,
                          [change_act, points = preset.points] {
                              change_act(ActsField::tr("change curve"),
                                         [&](TriggerAct& changed) { changed.curve = points; });
                          });
    for (const auto& kept : detail_.document().project().stage->curves)
        curves->addAction(curve_picture({{}, 0, 1, kept.points}, {26, 16}), QString::fromStdString(kept.name),
                          this, [change_act, points = kept.points] {
                              change_act(ActsField::tr("change curve"),
                                         [&](TriggerAct& changed) { changed.curve = points; });
                          });
    curves->addAction(tr("Keep this one under a name…"), this, [this, index] { keep_curve(index); });
    curves->addSeparator();
    std::vector<Pulse> pulses(pulse_library().begin(), pulse_library().end());
    const auto& kept = *detail_.document().project().pulses;
    pulses.insert(pulses.end(), kept.begin(), kept.end());
    for (const auto& pulse : pulses) {
        const auto points = points_of_pulse(pulse);
        curves->addAction(curve_picture({{}, 0, 1, points}, {26, 16}),
                          tr("pulse: %1").arg(QString::fromStdString(pulse.name)), this,
                          [change_act, points] {
                              change_act(ActsField::tr("change curve"),
                                         [&](TriggerAct& changed) { changed.curve = points; });
                          });
    }
    curves->addSeparator();
    const auto arrange = [this, index](const QString& what,
                                       const std::function<void(std::vector<TriggerAct>&)>& how) {
        change_acts(what, [&](std::vector<TriggerAct>& acts) {
            if (index < acts.size())
                how(acts);
        });
    };
    curves->addAction(tr("Once more"), this, [arrange, index] {
        arrange(ActsField::tr("copy what it drives"), [index](std::vector<TriggerAct>& acts) {
            acts.insert(acts.begin() + static_cast<std::ptrdiff_t>(index) + 1, TriggerAct(acts[index]));
        });
    });
    auto* up = curves->addAction(tr("Further up"), this, [arrange, index] {
        arrange(ActsField::tr("order what it drives"),
                [index](std::vector<TriggerAct>& acts) { std::swap(acts[index], acts[index - 1]); });
    });
    up->setEnabled(index > 0);
    curve->setMenu(curves);
    return curve;
}

QWidget* ActsField::row_of(std::size_t index, const TriggerAct& act) {
    auto* box = new QWidget;
    auto* row = tight_row(box, 3);
    const auto* spec = layer_parameter(act.parameter);
    const QString label = parameter_text(act.parameter);
    row->addWidget(quiet(label), 1);
    const auto change_act = [this, index](const QString& what, const std::function<void(TriggerAct&)>& how) {
        change_one(index, what, how);
    };
    for (const auto& [which, member, value] : {std::tuple(QT_TR_NOOP("from"), &TriggerAct::low, act.low),
                                               std::tuple(QT_TR_NOOP("to"), &TriggerAct::high, act.high)}) {
        auto* field = real_field(QString("act %1 %2").arg(index).arg(which),
                                 tr("%1: %2").arg(label, tr(which)), -1e6, 1e6);
        field->setButtonSymbols(QAbstractSpinBox::NoButtons);
        field->setKeyboardTracking(false);
        field->setFixedWidth(52);
        field->setProperty("role", "small");
        field->setValue(value);
        field->setEnabled(spec && spec->type != ParamType::Colour);
        connect(field, &QDoubleSpinBox::valueChanged, this, [change_act, member = member](double now) {
            change_act(ActsField::tr("change range"), [&](TriggerAct& changed) { changed.*member = now; });
        });
        row->addWidget(field);
    }
    auto* curve = curve_button(index, act);
    row->addWidget(curve);
    auto* remove =
        named(new QPushButton("×"), QString("remove act %1").arg(index), tr("It no longer drives that"));
    remove->setProperty("role", "small");
    connect(remove, &QPushButton::clicked, this, [this, index] {
        change_acts(tr("drive less"), [&](std::vector<TriggerAct>& acts) {
            if (index < acts.size())
                acts.erase(acts.begin() + static_cast<std::ptrdiff_t>(index));
        });
    });
    row->addWidget(remove);
    return box;
}

void ActsField::show_body(const PinBody& body) {
    body_ = body;
    const auto& stage = *detail_.document().project().stage;
    QStringList names;
    const auto* trigger = body_if<TriggerBody>(&std::as_const(body_));
    on_->setVisible(trigger != nullptr);
    for (const LayerId id : trigger ? trigger->on : std::vector<LayerId>())
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
    alike_->setVisible(trigger && detail_.pins().size() > 1);
    show_key();
}

} // namespace pulsepin
