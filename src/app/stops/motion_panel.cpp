// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/motion_panel.h"

#include "model/edits.h"
#include "schedule/easing.h"
#include "schedule/triggers.h"
#include "stops/choices.h"
#include "widgets.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

QHBoxLayout* row_in(QWidget* parent, int spacing) {
    auto* row = new QHBoxLayout(parent);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(spacing);
    return row;
}

double frames_of(const Length& length, const Project& project) {
    if (length.unit == Length::Unit::InFrames)
        return length.amount;
    const auto lasts = duration_of(length, Seconds(0), project);
    return lasts ? lasts->value * project.settings->frame_rate.per_second() : 0.0;
}

} // namespace

MotionPanel::MotionPanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    column->addWidget(make_top());
    auto* middle = new QHBoxLayout;
    middle->setSpacing(10);
    curve_ = new PulseCurve;
    connect(curve_, &PulseCurve::lengths_dragged, this,
            [this](double up, double held, double down, bool done) {
                const Lane* target = lane();
                if (!target)
                    return;
                if (!done) // seen while it is dragged, taken over when it is let go
                    return curve_->show_pulse(target->motion.pulse, up, held, down);
                change(tr("change pulse"), [=, this](Motion& motion) {
                    const auto set = [&](Length& length, double frames) {
                        if (std::abs(frames_of(length, document_.project()) - frames) > 0.01)
                            length = {Length::Unit::InFrames, frames};
                    };
                    set(motion.pulse.up, up);
                    set(motion.pulse.held, held);
                    set(motion.pulse.down, down);
                });
            });
    connect(curve_, &PulseCurve::handles_dragged, this,
            [this](bool rising, std::array<double, 4> handles, bool done) {
                const Lane* target = lane();
                if (!target)
                    return;
                Pulse pulse = target->motion.pulse;
                (rising ? pulse.rising : pulse.falling).handles = handles;
                if (!done)
                    return show_lengths(pulse);
                change(tr("bend pulse"), [&](Motion& motion) { motion.pulse = pulse; });
            });
    middle->addWidget(curve_, 3);
    middle->addWidget(make_lengths(), 4);
    column->addLayout(middle, 1);
    column->addWidget(make_property());
    told_ = quiet({});
    told_->setObjectName("motion told");
    column->addWidget(told_);
    refresh();
}

QWidget* MotionPanel::make_top() {
    auto* box = new QWidget;
    auto* row = row_in(box, 6);
    lane_ = new QComboBox;
    lane_->setObjectName("motion lane");
    lane_->setAccessibleName(tr("Lane of motion"));
    lane_->setToolTip(tr("The lane whose pulse is shown"));
    connect(lane_, &QComboBox::currentIndexChanged, this, &MotionPanel::show_motion);
    row->addWidget(heading(tr("Pulse of")));
    row->addWidget(lane_, 1);
    auto* add = new QPushButton(tr("Add lane…"));
    add->setObjectName("add motion lane");
    add->setToolTip(tr("A lane that drives a property with a pulse"));
    connect(add, &QPushButton::clicked, this, &MotionPanel::add_lane_wanted);
    row->addWidget(add);
    row->addSpacing(8);
    for (const auto& pulse : pulse_library()) {
        auto* tile = new QPushButton;
        const QString name = QString::fromStdString(pulse.name);
        tile->setObjectName("pulse " + name);
        tile->setAccessibleName(tr("Pulse: %1").arg(name));
        tile->setToolTip(tr("The pulse “%1”, as a start").arg(name));
        tile->setIcon(pulse_picture(pulse, {28, 18}, false));
        tile->setIconSize({28, 18});
        tile->setCheckable(true);
        tile->setProperty("role", "small");
        connect(tile, &QPushButton::clicked, this,
                [this, pulse] { change(tr("choose pulse"), [&](Motion& motion) { motion.pulse = pulse; }); });
        tiles_.push_back(tile);
        need_lane_.push_back(tile);
        row->addWidget(tile);
    }
    return box;
}

QWidget* MotionPanel::make_lengths() {
    auto* box = new QWidget;
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(4);
    const std::vector<Length::Unit> units{Length::Unit::InFrames, Length::Unit::InMilliseconds,
                                          Length::Unit::InBeats};
    const auto length = [&](const QString& name, Length Pulse::*member) {
        auto* field = new LengthField(name, units);
        connect(field, &LengthField::edited, this, [this, field, member] {
            change(tr("change pulse"), [=](Motion& motion) { motion.pulse.*member = field->length(); });
        });
        need_lane_.push_back(field);
        return field;
    };
    up_ = length("pulse up", &Pulse::up);
    held_ = length("pulse held", &Pulse::held);
    down_ = length("pulse down", &Pulse::down);
    const auto easing = [&](const QString& name, Easing Pulse::*member) {
        auto* combo = new QComboBox;
        combo->setObjectName(name);
        combo->setAccessibleName(name);
        for (const auto& row : easings())
            combo->addItem(text_of(row.label), text_of(row.id));
        connect(combo, &QComboBox::activated, this, [this, combo, member] {
            change(tr("change easing"), [=](Motion& motion) {
                (motion.pulse.*member).id = combo->currentData().toString().toStdString();
                if ((motion.pulse.*member).id == "steps")
                    (motion.pulse.*member).amount = 4;
            });
        });
        need_lane_.push_back(combo);
        return combo;
    };
    rising_ = easing("rising", &Pulse::rising);
    falling_ = easing("falling", &Pulse::falling);
    grid->addWidget(quiet(tr("up")), 0, 0);
    grid->addWidget(up_, 0, 1);
    grid->addWidget(rising_, 0, 2);
    grid->addWidget(quiet(tr("held")), 1, 0);
    grid->addWidget(held_, 1, 1);
    overshoot_ = new QDoubleSpinBox;
    overshoot_->setObjectName("overshoot");
    overshoot_->setAccessibleName(tr("Overshoot, or number of steps"));
    overshoot_->setToolTip(tr("How far “back” overshoots (1.7 is a tenth), or how many steps"));
    overshoot_->setRange(0, 64);
    overshoot_->setDecimals(2);
    overshoot_->setSingleStep(0.1);
    overshoot_->setPrefix(tr("amount "));
    overshoot_->setKeyboardTracking(false);
    connect(overshoot_, &QDoubleSpinBox::valueChanged, this, [this](double amount) {
        change(tr("change overshoot"),
               [=](Motion& motion) { motion.pulse.rising.amount = motion.pulse.falling.amount = amount; });
    });
    need_lane_.push_back(overshoot_);
    grid->addWidget(overshoot_, 1, 2);
    grid->addWidget(quiet(tr("down")), 2, 0);
    grid->addWidget(down_, 2, 1);
    grid->addWidget(falling_, 2, 2);
    auto* ways = new QWidget;
    auto* row = row_in(ways, 3);
    const auto choice = [&](const QString& name, const QString& text, const QString& tip,
                            std::function<void(Pulse&)> set) {
        auto* button = new QPushButton(text);
        button->setObjectName(name);
        button->setToolTip(tip);
        button->setCheckable(true);
        button->setProperty("role", "choice");
        connect(button, &QPushButton::clicked, this, [this, set] {
            change(tr("change pulse"), [&](Motion& motion) { set(motion.pulse); });
            show_motion(); // a choice stays chosen when it is clicked again
        });
        need_lane_.push_back(button);
        row->addWidget(button);
        return button;
    };
    starts_ = choice("starts on", tr("starts on"), tr("The pulse begins on the beat"),
                     [](Pulse& pulse) { pulse.arrives = false; });
    arrives_ = choice("arrives on", tr("arrives on"), tr("The peak lies on the beat"),
                      [](Pulse& pulse) { pulse.arrives = true; });
    row->addSpacing(8);
    const std::tuple<Crowding, QString, QString> rules[] = {
        {Crowding::Shrink, tr("shrink"), tr("Too close together: each is shortened in proportion")},
        {Crowding::Join, tr("join"), tr("Too close together: from peak to peak, without a rest")},
        {Crowding::Highest, tr("highest"), tr("Too close together: the higher one at each moment")},
        {Crowding::Add, tr("add"), tr("Too close together: both added")}};
    for (const auto& [rule, text, tip] : rules)
        crowding_.push_back(
            choice("crowding " + text, text, tip, [rule = rule](Pulse& pulse) { pulse.crowding = rule; }));
    row->addStretch(1);
    grid->addWidget(ways, 3, 0, 1, 3);
    grid->setColumnStretch(1, 3);
    grid->setColumnStretch(2, 2);
    return box;
}

QWidget* MotionPanel::make_property() {
    auto* box = new QWidget;
    auto* row = row_in(box, 8);
    const auto text = [&](const QString& name, std::string Motion::*member, int width) {
        auto* field = new QLineEdit;
        field->setObjectName(name);
        field->setAccessibleName(name);
        if (width > 0)
            field->setMaximumWidth(width);
        connect(field, &QLineEdit::editingFinished, this, [this, field, member] {
            if (field->isModified())
                change(tr("change property"),
                       [=](Motion& motion) { motion.*member = field->text().toStdString(); });
            field->setModified(false);
        });
        need_lane_.push_back(field);
        return field;
    };
    const auto number = [&](const QString& name, double Motion::*member, const QString& tip) {
        auto* field = new QDoubleSpinBox;
        field->setObjectName(name);
        field->setAccessibleName(name);
        field->setToolTip(tip);
        field->setRange(-1e6, 1e6);
        field->setDecimals(2);
        field->setKeyboardTracking(false);
        connect(field, &QDoubleSpinBox::valueChanged, this, [this, member](double value) {
            change(tr("change range"), [=](Motion& motion) { motion.*member = value; });
        });
        need_lane_.push_back(field);
        return field;
    };
    property_ = text("property", &Motion::property, 0);
    property_->setToolTip(tr("What is driven: the name that it has where the keys go"));
    unit_ = text("unit", &Motion::unit, 50);
    rest_ = number("rest value", &Motion::rest, tr("Its value between the pulses"));
    peak_ = number("peak value", &Motion::peak, tr("Its value at the peak; lower than rest, the pulse dips"));
    least_ = new QSpinBox;
    least_->setObjectName("least frames");
    least_->setAccessibleName(tr("Shrunk no shorter than"));
    least_->setToolTip(tr("A pulse that is shrunk keeps at least as many frames, as long as they fit"));
    least_->setRange(1, 100);
    least_->setSuffix(tr(" frames"));
    connect(least_, &QSpinBox::valueChanged, this, [this](int frames) {
        change(tr("change pulse"), [=](Motion& motion) { motion.pulse.least_frames = frames; });
    });
    need_lane_.push_back(least_);
    row->addWidget(labelled(tr("drives"), property_), 2);
    row->addWidget(labelled(tr("in"), unit_));
    row->addWidget(labelled(tr("at rest"), rest_), 1);
    row->addWidget(labelled(tr("at the peak"), peak_), 1);
    row->addWidget(labelled(tr("shrunk at least"), least_), 1);
    return box;
}

const Lane* MotionPanel::lane() const {
    return document_.project().lane(LaneId{lane_->currentData().toULongLong()});
}

void MotionPanel::change(const QString& what, const std::function<void(Motion&)>& how) {
    const Lane* target = showing_ ? nullptr : lane();
    if (!target)
        return;
    Motion motion = target->motion;
    how(motion);
    document_.apply(with_motion(document_.project(), target->id, std::move(motion)), what);
}

void MotionPanel::fill_lanes() {
    const int before = lane_->count();
    if (!fill_with_lanes(lane_, document_.project(), [](LaneKind kind) { return kind == LaneKind::Motion; }))
        return;
    // A lane that was just added is the one that is meant.
    const QSignalBlocker quietly(lane_);
    if (lane_->count() > before)
        lane_->setCurrentIndex(lane_->count() - 1);
    else if (lane_->currentIndex() < 0)
        lane_->setCurrentIndex(0);
}

void MotionPanel::show_lengths(const Pulse& pulse) {
    const auto& project = document_.project();
    curve_->show_pulse(pulse, frames_of(pulse.up, project), frames_of(pulse.held, project),
                       frames_of(pulse.down, project));
}

void MotionPanel::show_motion() {
    const Lane* target = lane();
    for (auto* widget : need_lane_)
        widget->setEnabled(target != nullptr && !target->locked);
    curve_->setEnabled(target != nullptr);
    if (!target) {
        told_->setText(
            tr("No lane drives a property yet. Add one, then place pulses on it at the stop “Place”."));
        return;
    }
    showing_ = true;
    const Motion& motion = target->motion;
    const Pulse& pulse = motion.pulse;
    for (std::size_t i = 0; i < tiles_.size(); ++i)
        tiles_[i]->setChecked(pulse_library()[i].name == pulse.name);
    show_lengths(pulse);
    up_->set_length(pulse.up);
    held_->set_length(pulse.held);
    down_->set_length(pulse.down);
    rising_->setCurrentIndex(rising_->findData(QString::fromStdString(pulse.rising.id)));
    falling_->setCurrentIndex(falling_->findData(QString::fromStdString(pulse.falling.id)));
    overshoot_->setValue(pulse.rising.amount);
    const auto bends = [](const Easing& easing) {
        return easing.id.starts_with("back") || easing.id == "steps";
    };
    overshoot_->setVisible(bends(pulse.rising) || bends(pulse.falling));
    starts_->setChecked(!pulse.arrives);
    arrives_->setChecked(pulse.arrives);
    for (std::size_t i = 0; i < crowding_.size(); ++i)
        crowding_[i]->setChecked(static_cast<std::size_t>(pulse.crowding) == i);
    least_->setValue(pulse.least_frames);
    property_->setText(QString::fromStdString(motion.property));
    unit_->setText(QString::fromStdString(motion.unit));
    rest_->setValue(motion.rest);
    peak_->setValue(motion.peak);
    const auto& curve = document_.spans(target->id).motion;
    QString text = tr("%1 places").arg(curve.pulses().size());
    if (curve.shrunk() > 0)
        text += tr(" · %1 shrunk to fit").arg(curve.shrunk());
    if (pulse.crowding == Crowding::Shrink)
        text += tr(" · none overlaps");
    told_->setText(text);
    showing_ = false;
}

QString MotionPanel::summary() const {
    std::size_t lanes = 0, pulses = 0;
    for (const auto& shared : document_.project().lanes)
        if (shared->kind == LaneKind::Motion) {
            ++lanes;
            pulses += shared->pins.size();
        }
    if (lanes == 0)
        return tr("nothing moves yet");
    return tr("%1, %2 pulses").arg(lanes == 1 ? tr("1 lane") : tr("%1 lanes").arg(lanes)).arg(pulses);
}

bool MotionPanel::complete() const {
    const auto& lanes = document_.project().lanes;
    return std::any_of(lanes.begin(), lanes.end(), [](const auto& shared) {
        return shared->kind == LaneKind::Motion && !shared->pins.empty();
    });
}

void MotionPanel::refresh() {
    fill_lanes();
    show_motion();
}

} // namespace pulsepin
