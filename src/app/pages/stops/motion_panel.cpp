// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/motion_panel.h"

#include "follow/sources.h"
#include "kinds/kinds.h"
#include "model/lane_edits.h"
#include "parts/choices.h"
#include "parts/finder.h"
#include "parts/number_field.h"
#include "parts/page_stack.h"
#include "parts/targets.h"
#include "parts/widgets.h"

#include <QHBoxLayout>
#include <QMenu>
#include <QVBoxLayout>

namespace pulsepin {

MotionPanel::MotionPanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    pages_ = new PageStack;
    pages_->addWidget(pulses_ = new PulsePage(document_, view_));
    pages_->addWidget(keys_ = new KeysPage(document_, view_));
    pages_->addWidget(follower_ = new FollowerPage(document_, view_));
    pages_->addWidget(showing_page_ = new ShowingPage(document_, view_));
    connect(follower_, &FollowerPage::write_wanted, this, &MotionPanel::write_followed_wanted);
    pages_->addWidget(layer_page_ = new LayersPage(document_, view_));
    connect(layer_page_, &LayersPage::draw_wanted, this, &MotionPanel::draw_wanted);
    connect(layer_page_, &LayersPage::hit_wanted, this, &MotionPanel::hit_wanted);
    pages_->addWidget(lights_page_ = new LightsPage(document_, view_));
    column->addWidget(make_top());
    column->addWidget(pages_, 1);
    column->addWidget(property_row_ = make_property());
    told_ = quiet({});
    told_->setObjectName("motion told");
    column->addWidget(told_);
    connect(&document_, &Document::followers_changed, this, &MotionPanel::show_lane);
    connect(&view_, &ViewState::selection_changed, this, &MotionPanel::show_lane);
    refresh();
}

QWidget* MotionPanel::make_top() {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    const auto side = [&](const QString& name, const QString& text, const QString& tip) {
        auto* button = new QPushButton(text);
        button->setObjectName(name);
        button->setToolTip(tip);
        button->setCheckable(true);
        button->setProperty("role", "choice");
        connect(button, &QPushButton::clicked, this, [this, button] {
            curves_->setChecked(button == curves_);
            layers_->setChecked(button == layers_);
            lights_->setChecked(button == lights_);
            fill_lanes();
            show_lane();
            if (lights_->isChecked() && lane())
                emit lane_wanted(lane()->id);
        });
        return button;
    };
    curves_ = side("curves", tr("Curves"), tr("What drives properties"));
    layers_ = side("layers of the picture", tr("Layers"), tr("What the picture is made of"));
    lights_ = side("lights", tr("Lights"), tr("The lamps, and what lights them"));
    curves_->setChecked(true);
    row->addWidget(curves_);
    row->addWidget(layers_);
    row->addWidget(lights_);
    lane_ = new ChoiceBox;
    lane_->setObjectName("motion lane");
    lane_->setAccessibleName(tr("Lane whose curve is shown"));
    lane_->setToolTip(tr("The lane whose curve is shown"));
    connect(lane_, &QComboBox::currentIndexChanged, this, &MotionPanel::show_lane);
    connect(lane_, &QComboBox::activated, this, [this] {
        if (const Lane* chosen = lane())
            view_.choose_lane(chosen->id);
    });
    connect(&view_, &ViewState::lane_chosen, this, [this] {
        if (entered_)
            choose_current();
    });
    row->addWidget(lane_, 1);
    auto* add = add_ = new QPushButton(tr("Add lane…"));
    add->setObjectName("add motion lane");
    add->setToolTip(tr("A lane that drives a property"));
    auto* menu = new QMenu(add);
    menu->setObjectName("add motion lane menu");
    menu->addAction(tr("Pulses: one shape on chosen beats"), this,
                    [this] { emit add_lane_wanted(kind_of(body_type<PulseBody>)); });
    menu->addAction(tr("Keys: single values"), this,
                    [this] { emit add_lane_wanted(kind_of(body_type<KeyBody>)); });
    menu->addAction(tr("Poses: all that places a layer"), this,
                    [this] { emit add_lane_wanted(kind_of(body_type<PoseBody>)); });
    menu->addAction(tr("Follower: a curve that follows the music"), this,
                    [this] { emit add_lane_wanted(kind_that_follows()); });
    menu->addAction(tr("Spectrum: twelve followers, one a band"), this, &MotionPanel::add_twelve_bands);
    menu->addSeparator();
    menu->addAction(tr("Appearances: a layer that comes and goes"), this,
                    [this] { emit add_lane_wanted(kind_of(body_type<AppearanceBody>)); });
    menu->addAction(tr("Lights: lamps that are lit"), this,
                    [this] { emit add_lane_wanted(kind_of(body_type<LightBody>)); });
    add->setMenu(menu);
    row->addWidget(add);
    add_lamps_ = named(new QPushButton(tr("Add lamps…")), "add lamps",
                       tr("Rows, arcs, rings and grids of lamps; a prop from a file is in the menu Lights"));
    connect(add_lamps_, &QPushButton::clicked, this, [this] { emit lights_page_->wanted("add lamps"); });
    row->addWidget(add_lamps_);
    return box;
}

void MotionPanel::add_twelve_bands() {
    Project next = document_.project();
    for (const auto& band : twelve_bands()) {
        const QString name = tr("%1 to %2 Hz").arg(band.from_hz).arg(band.until_hz);
        next = with_lane(next, kind_that_follows(), name.toStdString());
        Motion motion;
        motion.own = {name.toStdString(), "%", 0, 100};
        motion.follower.values.set("from", band.from_hz);
        motion.follower.values.set("until", band.until_hz);
        motion.follower.steps = {{"fill", {}}};
        if (auto made = with_motion(next, next.lanes.back()->id, motion))
            next = *std::move(made);
    }
    document_.apply(std::move(next), tr("add twelve bands"));
}

QWidget* MotionPanel::make_property() {
    auto* box = new QWidget;
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    const auto text = [&](const QString& name, std::string Feed::*member) {
        auto* field = new QLineEdit;
        field->setObjectName(name);
        connect(field, &QLineEdit::editingFinished, this, [this, field, member] {
            if (field->isModified())
                change(tr("change property"), [=](Motion& motion) {
                    motion.own.*member = field->text().toStdString();
                    if (member == &Feed::property)
                        take_usual_unit(motion.own);
                });
            field->setModified(false);
        });
        return field;
    };
    const auto number = [&](const QString& name, double Feed::*member, const QString& tip) {
        auto* field = new NumberField;
        field->setObjectName(name);
        field->setToolTip(tip);
        field->setRange(-1e6, 1e6);
        field->setKeyboardTracking(false);
        connect(field, &QDoubleSpinBox::valueChanged, this, [this, member](double value) {
            change(tr("change range"), [=](Motion& motion) { motion.own.*member = value; });
        });
        return field;
    };
    property_ = text("property", &Feed::property);
    property_->setToolTip(tr("What is driven: the name that it has where the keys go"));
    unit_ = text("unit", &Feed::unit);
    unit_->setMaximumWidth(50);
    rest_ = number("rest value", &Feed::low, tr("Its value between the pulses, or where the curve is 0"));
    peak_ = number("peak value", &Feed::high, tr("Peak value; lower than the base value, the pulse dips"));
    row->addWidget(labelled(tr("drives"), property_), 2);
    row->addWidget(labelled(tr("in"), unit_));
    row->addWidget(labelled(tr("base value"), rest_), 1);
    row->addWidget(labelled(tr("peak value"), peak_), 1);
    return box;
}

const Lane* MotionPanel::lane() const {
    return document_.project().lane(LaneId{lane_->currentData().toULongLong()});
}

void MotionPanel::choose_current() {
    const int index = lane_->findData(static_cast<qulonglong>(view_.lane().value));
    if (index >= 0)
        lane_->setCurrentIndex(index);
}

MotionPage* MotionPanel::page_of(LaneKind kind) const {
    if (holds<AppearanceBody>(kind))
        return showing_page_;
    if (kind->follows)
        return follower_;
    if (holds<PulseBody>(kind))
        return pulses_;
    return keys_;
}

void MotionPanel::change(const QString& what, const std::function<void(Motion&)>& how) {
    if (!showing_ && lane())
        change_motion(document_, lane()->id, what, how);
}

void MotionPanel::fill_lanes() {
    const int before = lane_->count();
    const auto curves = [](LaneKind kind) { return kind->drives() || holds<AppearanceBody>(kind); };
    const auto lights = [](LaneKind kind) { return holds<LightBody>(kind); };
    if (!(lights_->isChecked() ? fill_with_lanes(lane_, document_.project(), lights)
                               : fill_with_lanes(lane_, document_.project(), curves)))
        return;
    // A lane that was just added is the one that is meant.
    const QSignalBlocker quietly(lane_);
    if (before > 0 && lane_->count() > before)
        lane_->setCurrentIndex(lane_->count() - 1);
    else if (lane_->currentIndex() < 0)
        lane_->setCurrentIndex(0);
}

void MotionPanel::show_lane() {
    const Lane* target = lane();
    const bool shows_layers = layers_->isChecked(), shows_lights = lights_->isChecked();
    add_->setVisible(!shows_lights);
    add_lamps_->setVisible(shows_lights);
    told_->setVisible(!shows_lights);
    property_row_->setVisible(!shows_layers && !shows_lights && target && part_of<Motion>(*target) &&
                              !holds<PoseBody>(target->kind)); // poses drive what they drive
    property_row_->setEnabled(target && !target->locked);
    if (entered_)
        view_.set_motion_lane(target && !shows_layers && target->kind->drives() ? target->id : LaneId{});
    if (shows_layers) {
        pages_->setCurrentWidget(layer_page_);
        layer_page_->refresh();
        return told_->setText(layer_page_->told());
    }
    if (shows_lights) {
        pages_->setCurrentWidget(lights_page_);
        return lights_page_->refresh();
    }
    auto* page = page_of(target ? target->kind : kind_of(body_type<PulseBody>));
    pages_->setCurrentWidget(page);
    page->show_lane(target ? target->id : LaneId{});
    told_->setText(page->told());
    if (!target || !part_of<Motion>(*target))
        return;
    showing_ = true;
    const Feed& own = part_of<Motion>(*target)->own;
    property_->setText(QString::fromStdString(own.property));
    unit_->setText(QString::fromStdString(own.unit));
    rest_->setValue(own.low);
    peak_->setValue(own.high);
    showing_ = false;
}

QString MotionPanel::summary() const {
    std::size_t lanes = 0, pulses = 0;
    for (const auto& shared : document_.project().lanes)
        if (shared->kind->drives()) {
            ++lanes;
            pulses += holds<PulseBody>(shared->kind) ? shared->pins.size() : 0;
        }
    const auto lamps = document_.project().rig->fixtures.size();
    if (lanes == 0)
        return lamps > 0 ? tr("%1 lamps").arg(lamps) : tr("nothing moves yet");
    if (lamps > 0)
        return (lanes == 1 ? tr("1 lane, %1 lamps") : tr("%2 lanes, %1 lamps")).arg(lamps).arg(lanes);
    return tr("%1, %2 pulses").arg(lanes == 1 ? tr("1 lane") : tr("%1 lanes").arg(lanes)).arg(pulses);
}

bool MotionPanel::complete() const {
    const auto& lanes = document_.project().lanes;
    return std::any_of(lanes.begin(), lanes.end(), [](const auto& shared) {
        return shared->kind->follows ||
               ((shared->kind->drives() || holds<AppearanceBody>(shared->kind)) && !shared->pins.empty());
    });
}

void MotionPanel::refresh() {
    fill_lanes();
    show_lane();
}

void MotionPanel::show_lights() {
    lights_->click();
}

void MotionPanel::entered() {
    entered_ = true;
    choose_current();
    show_lane();
}

void MotionPanel::left() {
    entered_ = false;
    view_.set_motion_lane({});
}

} // namespace pulsepin
