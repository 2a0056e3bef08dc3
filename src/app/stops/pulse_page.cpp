// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/pulse_page.h"

#include "model/lane_edits.h"
#include "schedule/pulses.h"
#include "schedule/triggers.h"
#include "stops/choices.h"
#include "stops/tight_row.h"
#include "widgets.h"

#include <QEvent>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QMenu>
#include <QTimer>
#include <QVBoxLayout>

namespace pulsepin {
namespace {

double frames_of(const Length& length, const Project& project) {
    if (length.unit == Length::Unit::InFrames)
        return length.amount;
    const auto lasts = duration_of(length, Seconds(0), project);
    return lasts ? lasts->value * project.settings->frame_rate.per_second() : 0.0;
}

} // namespace

PulsePage::PulsePage(Document& document, QWidget* parent) : MotionPage(document, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(5);
    column->addWidget(make_tiles());
    auto* middle = new QHBoxLayout;
    middle->setSpacing(10);
    curve_ = new PulseCurve;
    connect(curve_, &PulseCurve::lengths_dragged, this,
            [this](double up, double held, double down, bool done) {
                const Lane* target = lane();
                if (!target)
                    return;
                if (!done) // seen while it is dragged, taken over when it is let go
                    return curve_->show_pulse(target->motion->pulse, up, held, down);
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
                Pulse pulse = target->motion->pulse;
                (rising ? pulse.rising : pulse.falling).handles = handles;
                if (!done)
                    return show_lengths(pulse);
                change(tr("bend pulse"), [&](Motion& motion) { motion.pulse = pulse; });
            });
    middle->addWidget(curve_, 3);
    middle->addWidget(make_lengths(), 4);
    column->addLayout(middle, 1);
}

QWidget* PulsePage::make_tiles() {
    auto* box = new QWidget;
    tile_row_ = tight_row(box, 4);
    for (const auto& pulse : pulse_library())
        tile_row_->addWidget(make_tile(pulse));
    tile_row_->addStretch(1);
    keep_ = new QPushButton(tr("Keep…"));
    keep_->setObjectName("keep pulse");
    keep_->setProperty("role", "small");
    keep_->setToolTip(tr("Keeps this pulse under a name, for other lanes"));
    connect(keep_, &QPushButton::clicked, this, &PulsePage::keep);
    need_lane_.push_back(keep_);
    tile_row_->addWidget(keep_);
    copy_ = new QPushButton(tr("Copy to…"));
    copy_->setObjectName("copy pulse");
    copy_->setProperty("role", "small");
    copy_->setToolTip(tr("Gives this shape to another lane; its property and range stay"));
    auto* menu = new QMenu(copy_);
    copy_->setMenu(menu);
    connect(menu, &QMenu::aboutToShow, this, [this, menu] { fill_with_targets(menu); });
    need_lane_.push_back(copy_);
    tile_row_->addWidget(copy_);
    // The picture on a button under the mouse runs through the pulse.
    run_ = new QTimer(this);
    run_->setInterval(40);
    connect(run_, &QTimer::timeout, this, &PulsePage::run_pictures);
    return box;
}

QPushButton* PulsePage::make_tile(const Pulse& pulse) {
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
    tile->installEventFilter(this);
    tiles_.push_back({tile, pulse});
    return tile;
}

/// Own pulses stand behind those of the library; a right click forgets one.
void PulsePage::show_kept() {
    const auto& kept = document_.project().pulses;
    if (kept == shown_kept_)
        return;
    shown_kept_ = kept;
    const auto own = pulse_library().size();
    for (std::size_t i = own; i < tiles_.size(); ++i)
        take_away(tiles_[i].button);
    tiles_.resize(std::min(tiles_.size(), own));
    for (const auto& pulse : *kept) {
        auto* tile = make_tile(pulse);
        tile->setToolTip(
            tr("Your pulse “%1” · right click forgets it").arg(QString::fromStdString(pulse.name)));
        tile->setContextMenuPolicy(Qt::CustomContextMenu);
        connect(tile, &QWidget::customContextMenuRequested, this, [this, name = pulse.name] {
            document_.apply(without_pulse(document_.project(), name), tr("forget pulse"));
        });
        tile_row_->insertWidget(static_cast<int>(tiles_.size()) - 1, tile);
    }
}

void PulsePage::keep() {
    const Lane* target = lane();
    if (!target)
        return;
    bool wanted = false;
    const QString name = QInputDialog::getText(this, tr("Keep pulse"), tr("Name"), QLineEdit::Normal,
                                               QString::fromStdString(target->motion->pulse.name), &wanted);
    if (!wanted)
        return;
    Pulse pulse = target->motion->pulse;
    pulse.name = name.trimmed().toStdString();
    document_.apply(with_pulse_kept(document_.project(), std::move(pulse)), tr("keep pulse"));
}

void PulsePage::fill_with_targets(QMenu* menu) {
    menu->clear();
    const Lane* from = lane();
    for (const auto& other : document_.project().lanes)
        if (from && other->kind->pulses && other->id != from->id)
            menu->addAction(QString::fromStdString(other->name), this, [this, id = other->id] {
                const Lane* now = lane();
                const Lane* to = document_.project().lane(id);
                if (!now || !to)
                    return;
                Motion motion = *to->motion;
                motion.pulse = now->motion->pulse;
                document_.apply(with_motion(document_.project(), id, std::move(motion)), tr("copy pulse"));
            });
    if (menu->isEmpty())
        menu->addAction(tr("There is no other lane of pulses"))->setEnabled(false);
}

bool PulsePage::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Enter || event->type() == QEvent::Leave)
        for (auto& tile : tiles_)
            if (tile.button == watched) {
                const bool runs = event->type() == QEvent::Enter;
                running_ = runs ? tile.button : nullptr;
                run_share_ = 0;
                tile.button->setIcon(pulse_picture(tile.pulse, {28, 18}, false));
                runs ? run_->start() : run_->stop();
            }
    return MotionPage::eventFilter(watched, event);
}

void PulsePage::run_pictures() {
    run_share_ = run_share_ >= 1 ? 0 : run_share_ + 0.05;
    for (auto& tile : tiles_)
        if (tile.button == running_)
            tile.button->setIcon(pulse_picture(tile.pulse, {28, 18}, false, run_share_));
}

LengthField* PulsePage::length_of_pulse(const QString& name, Length Pulse::*member) {
    auto* field =
        new LengthField(name, {Length::Unit::InFrames, Length::Unit::InMilliseconds, Length::Unit::InBeats});
    connect(field, &LengthField::edited, this, [this, field, member] {
        change(tr("change pulse"), [=](Motion& motion) { motion.pulse.*member = field->length(); });
    });
    need_lane_.push_back(field);
    return field;
}

QComboBox* PulsePage::easing_of_pulse(const QString& name, Easing Pulse::*member) {
    auto* combo = choice_box(name, {});
    fill_with_easings(combo);
    connect(combo, &QComboBox::activated, this, [this, combo, member] {
        change(tr("change easing"), [=](Motion& motion) {
            (motion.pulse.*member).id = combo->currentData().toString().toStdString();
            if ((motion.pulse.*member).id == "steps")
                (motion.pulse.*member).amount = 4;
        });
    });
    need_lane_.push_back(combo);
    return combo;
}

QWidget* PulsePage::make_lengths() {
    auto* box = new QWidget;
    auto* grid = tight_grid(box);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(4);
    up_ = length_of_pulse("pulse up", &Pulse::up);
    held_ = length_of_pulse("pulse held", &Pulse::held);
    down_ = length_of_pulse("pulse down", &Pulse::down);
    rising_ = easing_of_pulse("rising", &Pulse::rising);
    falling_ = easing_of_pulse("falling", &Pulse::falling);
    overshoot_ = real_field("overshoot", tr("How far “back” overshoots (1.7 is a tenth), or how many steps"),
                            0, 64, 2);
    overshoot_->setAccessibleName(tr("Overshoot, or number of steps"));
    overshoot_->setSingleStep(0.1);
    overshoot_->setPrefix(tr("amount "));
    overshoot_->setKeyboardTracking(false);
    connect(overshoot_, &QDoubleSpinBox::valueChanged, this, [this](double amount) {
        change(tr("change overshoot"),
               [=](Motion& motion) { motion.pulse.rising.amount = motion.pulse.falling.amount = amount; });
    });
    need_lane_.push_back(overshoot_);
    const std::tuple<QString, QWidget*, QWidget*> rows[] = {
        {tr("up"), up_, rising_}, {tr("held"), held_, overshoot_}, {tr("down"), down_, falling_}};
    int row = 0;
    for (const auto& [name, length, shape] : rows) {
        grid->addWidget(quiet(name), row, 0);
        grid->addWidget(length, row, 1);
        grid->addWidget(shape, row++, 2);
    }
    grid->addWidget(make_ways(), row, 0, 1, 3);
    grid->setColumnStretch(1, 3);
    grid->setColumnStretch(2, 2);
    return box;
}

/// Where its peak lies, and what is done where pulses come too close together.
QWidget* PulsePage::make_ways() {
    auto* ways = new QWidget;
    auto* row = tight_row(ways, 3);
    const auto choice = [&](const QString& name, const QString& text, const QString& tip,
                            std::function<void(Pulse&)> set) {
        auto* button = new QPushButton(text);
        button->setObjectName(name);
        button->setToolTip(tip);
        button->setCheckable(true);
        button->setProperty("role", "choice");
        connect(button, &QPushButton::clicked, this, [this, set] {
            change(tr("change pulse"), [&](Motion& motion) { set(motion.pulse); });
            refresh(); // a choice stays chosen when it is clicked again
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
    return ways;
}

void PulsePage::show_lengths(const Pulse& pulse) {
    const auto& project = document_.project();
    curve_->show_pulse(pulse, frames_of(pulse.up, project), frames_of(pulse.held, project),
                       frames_of(pulse.down, project));
}

void PulsePage::show_motion() {
    show_kept();
    const Lane* target = lane();
    for (auto* widget : need_lane_)
        widget->setEnabled(target != nullptr && !target->locked);
    for (auto& tile : tiles_)
        tile.button->setEnabled(target != nullptr && !target->locked);
    curve_->setEnabled(target != nullptr);
    if (!target)
        return;
    const Motion& motion = *target->motion;
    const Pulse& pulse = motion.pulse;
    for (auto& tile : tiles_)
        tile.button->setChecked(tile.pulse.name == pulse.name);
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
}

QString PulsePage::told() const {
    const Lane* target = lane();
    if (!target)
        return tr("No lane drives a property yet. Add one, then place pulses on it at the stop “Place”.");
    const Pulse& pulse = target->motion->pulse;
    const auto& curve = document_.spans(target->id).motion;
    QString text = tr("%1 places").arg(curve.pulses().size());
    if (curve.shrunk() > 0)
        text += tr(" · %1 shrunk to fit").arg(curve.shrunk());
    if (pulse.crowding == Crowding::Shrink)
        text += tr(" · none overlaps");
    return text;
}

} // namespace pulsepin
