// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/pulse_page.h"

#include "model/lane_edits.h"
#include "model/pulse_params.h"
#include "params/easings.h"
#include "parts/choices.h"
#include "parts/dragging.h"
#include "parts/easing_field.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"
#include "picture/moving_sheet.h"
#include "schedule/lasting.h"
#include "schedule/pulses.h"
#include "schedule/triggers.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QMenu>
#include <QMouseEvent>
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

PulsePage::PulsePage(Document& document, ViewState& view, QWidget* parent)
    : MotionPage(document, parent), view_(view) {
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
                    return curve_->show_pulse(part_of<Motion>(*target)->pulse, up, held, down);
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
                Pulse pulse = part_of<Motion>(*target)->pulse;
                (rising ? pulse.rising : pulse.falling).handles = handles;
                if (!done)
                    return show_lengths(pulse);
                change(tr("bend pulse"), [&](Motion& motion) { motion.pulse = pulse; });
            });
    middle->addWidget(curve_, 3);
    form_ = new ParamForm("pulse", {.live = false,
                                    .layout = ParamFormLayout::Pairs,
                                    .choices_as_buttons = true,
                                    .handles_in_a_picture = true});
    form_->set_specs(pulse_param_specs());
    connect(form_, &ParamForm::changed, this, [this](const QString& id) {
        const ParamValues values = form_->values();
        change(tr("change pulse"), [&](Motion& motion) {
            set_values<Pulse>(motion.pulse, pulse_properties(),
                              {{id.toStdString(), *values.find(id.toStdString())}});
        });
    });
    for (const auto& [id, part] :
         {std::pair("rising", &Pulse::rising), std::pair("falling", &Pulse::falling)})
        if (auto* easing = qobject_cast<EasingField*>(form_->field(id)))
            easing->choices().open_by(
                [this, easing, part = part] { return choose_easing(easing->choices(), part); });
    need_lane_.push_back(form_);
    middle->addWidget(form_, 4);
    column->addLayout(middle, 1);
}

QWidget* PulsePage::make_tiles() {
    auto* box = new QWidget;
    tile_row_ = tight_row(box, 4);
    for (const auto& pulse : pulse_library())
        tile_row_->addWidget(make_tile(pulse));
    tile_row_->addStretch(1);
    see_ = new QPushButton(tr("See…"));
    see_->setObjectName("see pulses");
    see_->setProperty("role", "small");
    see_->setToolTip(tr("All pulses, each seen in this lane on two of its beats"));
    connect(see_, &QPushButton::clicked, this, &PulsePage::choose_pulse);
    need_lane_.push_back(see_);
    tile_row_->addWidget(see_);
    keep_ = new QPushButton(tr("Keep…"));
    keep_->setObjectName("keep pulse");
    keep_->setProperty("role", "small");
    keep_->setToolTip(tr("Keeps this pulse under a name, for other lanes"));
    connect(keep_, &QPushButton::clicked, this, &PulsePage::keep);
    need_lane_.push_back(keep_);
    tile_row_->addWidget(keep_);
    copy_ = new QPushButton(tr("Copy…"));
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

bool PulsePage::open_sheet(QWidget& under, const QString& memory, const QString& what,
                           std::vector<Offered> offered) {
    const Lane* target = lane();
    const auto& placed = target ? document_.schedule().pins(target->id).pins : std::vector<ResolvedPin>();
    if (placed.empty())
        return false; // nothing of it is to be seen: a list of names will do
    const auto next = std::ranges::lower_bound(placed, view_.playhead(), {}, &ResolvedPin::time);
    const auto& seen = next == placed.end() ? placed.back() : *next;
    std::vector<MovingOffer> offers;
    for (const auto& one : offered)
        offers.push_back({.name = one.name,
                          .choose = [this, what, how = one.how] { change(what, how); },
                          .with =
                              [project = document_.project(), id = target->id, how = one.how] {
                                  Motion motion = *part_of<Motion>(*project.lane(id));
                                  how(motion);
                                  return with_motion(project, id, std::move(motion));
                              },
                          .is_current = one.is_current});
    MovingSheet::open(under, memory, document_, view_,
                      two_beats_at(document_.project(), seen.time - Seconds(0.1)), std::move(offers));
    return true;
}

void PulsePage::choose_pulse() {
    if (!lane())
        return;
    std::vector<Offered> offered;
    for (const auto& tile : tiles_)
        offered.push_back({QString::fromStdString(tile.pulse.name),
                           [pulse = tile.pulse](Motion& motion) { motion.pulse = pulse; },
                           part_of<Motion>(*lane())->pulse == tile.pulse});
    if (!open_sheet(*see_, "pulse", tr("choose pulse"), std::move(offered)))
        document_.say(tr("Nothing lies on this lane yet: place pulses first"));
}

bool PulsePage::choose_easing(ChoiceBox& box, Easing Pulse::*easing) {
    std::vector<Offered> offered;
    for (int i = 0; i < box.count(); ++i)
        offered.push_back({box.itemText(i),
                           [easing, chosen = usual_easing(box.itemData(i).toString().toStdString())](
                               Motion& motion) { motion.pulse.*easing = chosen; },
                           i == box.currentIndex()});
    return open_sheet(box, {}, tr("change pulse"), std::move(offered));
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
            tr("Your pulse “%1” · right click deletes it").arg(QString::fromStdString(pulse.name)));
        tile->setContextMenuPolicy(Qt::CustomContextMenu);
        connect(tile, &QWidget::customContextMenuRequested, this, [this, name = pulse.name] {
            document_.apply(without_pulse(document_.project(), name), tr("delete pulse"));
        });
        tile_row_->insertWidget(static_cast<int>(tiles_.size()) - 1, tile);
    }
}

void PulsePage::keep() {
    const Lane* target = lane();
    if (!target)
        return;
    bool wanted = false;
    const QString name =
        QInputDialog::getText(this, tr("Keep pulse"), tr("Name"), QLineEdit::Normal,
                              QString::fromStdString(part_of<Motion>(*target)->pulse.name), &wanted);
    if (!wanted)
        return;
    Pulse pulse = part_of<Motion>(*target)->pulse;
    pulse.name = name.trimmed().toStdString();
    document_.apply(with_pulse_kept(document_.project(), std::move(pulse)), tr("keep pulse"));
}

void PulsePage::fill_with_targets(QMenu* menu) {
    menu->clear();
    const Lane* from = lane();
    for (const auto& other : document_.project().lanes)
        if (from && holds<PulseBody>(other->kind) && other->id != from->id)
            menu->addAction(QString::fromStdString(other->name), this, [this, id = other->id] {
                const Lane* now = lane();
                const Lane* to = document_.project().lane(id);
                if (!now || !to)
                    return;
                Motion motion = *part_of<Motion>(*to);
                motion.pulse = part_of<Motion>(*now)->pulse;
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
    if (event->type() == QEvent::MouseMove)
        drag_tile(watched, *static_cast<QMouseEvent*>(event));
    return MotionPage::eventFilter(watched, event);
}

/// Onto a lane, or a single pulse.
void PulsePage::drag_tile(QObject* watched, const QMouseEvent& event) {
    for (auto& tile : tiles_)
        if (tile.button == watched && (event.buttons() & Qt::LeftButton) &&
            !tile.button->rect().adjusted(-4, -4, 4, 4).contains(event.pos())) {
            tile.button->setDown(false);
            return drag(tile.button, tile.pulse, tile.button->icon().pixmap(28, 18));
        }
}

void PulsePage::run_pictures() {
    run_share_ = run_share_ >= 1 ? 0 : run_share_ + 0.05;
    for (auto& tile : tiles_)
        if (tile.button == running_)
            tile.button->setIcon(pulse_picture(tile.pulse, {28, 18}, false, run_share_));
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
    const Motion& motion = *part_of<Motion>(*target);
    const Pulse& pulse = motion.pulse;
    for (auto& tile : tiles_)
        tile.button->setChecked(tile.pulse == pulse);
    show_lengths(pulse);
    form_->set_values(values_of<Pulse>(pulse, pulse_properties()));
}

QString PulsePage::told() const {
    const Lane* target = lane();
    if (!target)
        return tr("No lane drives a property yet. Add one, then place pulses on it at the stop “Place”.");
    const Pulse& pulse = part_of<Motion>(*target)->pulse;
    const auto& curve = document_.spans(target->id).motion;
    QString text = tr("%1 places").arg(curve.pulses().size());
    if (curve.shrunk() > 0)
        text += tr(" · %1 shortened to fit").arg(curve.shrunk());
    if (pulse.crowding == Crowding::Shrink)
        text += tr(" · none overlaps");
    return text;
}

} // namespace pulsepin
