// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/follower_page.h"

#include "follow/sources.h"
#include "follow/steps.h"
#include "parts/finder.h"
#include "parts/tight_row.h"
#include "parts/widgets.h"
#include "render/qt_text.h"
#include "session/core_words.h"
#include "session/number_text.h"

#include <QHBoxLayout>
#include <QInputDialog>
#include <QMenu>
#include <QScrollArea>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

QPushButton* small(const QString& name, const QString& text, const QString& tip) {
    auto* button = new QPushButton(text);
    button->setObjectName(name);
    button->setAccessibleName(tip);
    button->setToolTip(tip);
    button->setProperty("role", "small");
    button->setFixedWidth(24);
    return button;
}

} // namespace

static constexpr int with_arrow = 30; // a small button that opens a menu

/// Below that, what a step does to the tops is left to its tooltip.
static constexpr int wide_enough = 560;

FollowerPage::FollowerPage(Document& document, ViewState& view, QWidget* parent)
    : MotionPage(document, parent), view_(view) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(5);
    column->addWidget(make_source());
    auto* area = new QScrollArea;
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget;
    steps_box_ = new QVBoxLayout(inside);
    steps_box_->setContentsMargins(0, 0, 6, 0);
    steps_box_->setSpacing(3);
    steps_box_->addStretch(1);
    area->setWidget(inside);
    column->addWidget(area, 1);
    connect(&view_, &ViewState::motion_lane_changed, this, &MotionPage::refresh);
}

QWidget* FollowerPage::make_source() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    make_choice_of_source();
    make_choice_of_band();
    make_choice_of_steps();
    auto* first = new QHBoxLayout;
    first->setSpacing(6);
    for (auto* combo : {source_, band_, add_}) {
        combo->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        combo->setMinimumContentsLength(7);
        first->addWidget(combo, 1);
    }
    alone_ = named(new QPushButton(tr("Solo")), "follower alone",
                   tr("Only what is followed is heard: its sound, part, side and band"));
    alone_->setCheckable(true);
    alone_->setProperty("role", "choice");
    connect(alone_, &QPushButton::clicked, this,
            [this](bool on) { document_.sounds().hear_alone(on ? followed() : std::nullopt); });
    write_ =
        named(new QPushButton(tr("WAV…")), "write followed", tr("Writes what is followed as a WAV file"));
    connect(write_, &QPushButton::clicked, this, [this] {
        if (const auto what = followed())
            emit write_wanted(*what);
    });
    source_driven_ = small("source driven", "~", tr("Its numbers driven by other curves"));
    auto* drives = new QMenu(source_driven_);
    source_driven_->setMenu(drives);
    source_driven_->setFixedWidth(with_arrow);
    connect(drives, &QMenu::aboutToShow, this, [this, drives] {
        drives->clear();
        const auto* row = lane() ? follower_source(part_of<Motion>(*lane())->follower.source) : nullptr;
        for (const auto& spec : row ? row->parameters : ParamSpecs())
            if (may_be_driven(*row, spec.id))
                offer_drives(
                    *drives, spec, part_of<Motion>(*lane())->follower.drives,
                    completed(part_of<Motion>(*lane())->follower.values, row->parameters).number(spec.id),
                    [this](const std::function<void(std::vector<ParamDrive>&)>& how) {
                        change_follower(tr("drive a number"),
                                        [&](Follower& changed) { how(changed.drives); });
                    });
    });
    first->addWidget(source_driven_);
    first->addWidget(alone_);
    first->addWidget(write_);
    connect(&document_, &Document::listened_changed, this, &MotionPage::refresh);
    column->addLayout(first);
    form_ = new ParamForm("follower",
                          {.live = false, .fills = true, .in_a_row = 3, .no_lane = tr("choose a lane")});
    connect(form_, &ParamForm::changed, this, [this](const QString& id) {
        const std::string name = id.toStdString();
        const ParamValues values = form_->values();
        change_follower(tr("change what is followed"),
                        [&](Follower& follower) { follower.values.set(name, *values.find(name)); });
    });
    column->addWidget(form_);
    return box;
}

void FollowerPage::make_choice_of_source() {
    source_ = new ChoiceBox;
    source_->setObjectName("follower source");
    source_->setAccessibleName(tr("What the curve follows"));
    source_->setToolTip(tr("What the curve follows"));
    for (const auto& row : follower_sources()) {
        source_->addItem(text_of(row.label), qt_text(row.id));
        source_->setItemData(source_->count() - 1, text_of(row.explains), Qt::ToolTipRole);
    }
    connect(source_, &QComboBox::activated, this, [this] {
        change_follower(tr("change what is followed"), [this](Follower& follower) {
            follower.source = source_->currentData().toString().toStdString();
            follower.values = {};
            // Levels are filled at first; what goes from 0 to 1 as it is, or is drawn, stays as it is.
            const FollowerStep fill{"fill", {}, false};
            const auto* row = follower_source(follower.source);
            const bool level = row && row->takes == FollowerTakes::Level;
            if (!level && follower.steps == std::vector{fill})
                follower.steps.clear();
            else if (level && follower.steps.empty())
                follower.steps = {fill};
        });
    });
}

void FollowerPage::make_choice_of_band() {
    band_ = new ChoiceBox;
    band_->setObjectName("follower band");
    band_->setAccessibleName(tr("Band"));
    band_->setToolTip(tr("Of which frequencies"));
    for (const auto& band : named_bands())
        band_->addItem(tr("band: %1").arg(text_of(band.label)), qt_text(band.id));
    band_->addItem(tr("own limits"));
    connect(band_, &QComboBox::activated, this, [this](int index) {
        if (index < static_cast<int>(named_bands().size()))
            change_follower(tr("change band"),
                            [band = named_bands()[static_cast<std::size_t>(index)]](Follower& follower) {
                                follower.values.set("from", band.from_hz);
                                follower.values.set("until", band.until_hz);
                            });
    });
}

void FollowerPage::make_choice_of_steps() {
    add_ = new ChoiceBox;
    add_->setObjectName("add step");
    add_->setAccessibleName(tr("Add a step"));
    add_->setToolTip(tr("Shapes the curve further; steps act one after the other"));
    add_->addItem(tr("Add a step…"));
    for (const auto& row : follower_steps()) {
        add_->addItem(text_of(row.label), qt_text(row.id));
        add_->setItemData(add_->count() - 1, text_of(row.explains), Qt::ToolTipRole);
    }
    connect(add_, &QComboBox::activated, this, [this](int index) {
        const auto* row = follower_step(add_->itemData(index).toString().toStdString());
        add_->setCurrentIndex(0);
        if (row)
            change_follower(tr("add step"),
                            [row](Follower& follower) { follower.steps.push_back(new_step(*row)); });
    });
}

void FollowerPage::change_follower(const QString& what, const std::function<void(Follower&)>& how) {
    change(what, [&](Motion& motion) { how(motion.follower); });
}

void FollowerPage::change_step(std::size_t index, const QString& what,
                               const std::function<void(FollowerStep&)>& how) {
    change_follower(what, [&](Follower& follower) {
        if (index < follower.steps.size())
            how(follower.steps[index]);
    });
}

QPushButton* FollowerPage::make_drives(std::size_t index) {
    auto* driven =
        small(QString("step %1 driven").arg(index + 1), "~", tr("Its numbers driven by other curves"));
    auto* drives = new QMenu(driven);
    driven->setMenu(drives);
    driven->setFixedWidth(with_arrow);
    connect(drives, &QMenu::aboutToShow, this, [this, drives, index] {
        drives->clear();
        if (!lane() || index >= part_of<Motion>(*lane())->follower.steps.size())
            return;
        const auto& now = part_of<Motion>(*lane())->follower.steps[index];
        const auto* of = follower_step(now.id);
        for (const auto& spec : of ? of->parameters : ParamSpecs())
            if (spec.type == ParamType::Number)
                offer_drives(*drives, spec, now.drives, completed(now.values, of->parameters).number(spec.id),
                             [this, index](const std::function<void(std::vector<ParamDrive>&)>& how) {
                                 change_step(index, tr("drive a number"),
                                             [&](FollowerStep& changed) { how(changed.drives); });
                             });
    });
    return driven;
}

FollowerPage::StepRow FollowerPage::make_step(std::size_t index, const FollowerStep& step) {
    const auto* row = follower_step(step.id);
    StepRow made{new QWidget, step.id, nullptr, nullptr, nullptr, nullptr};
    auto* line = tight_row(made.box, 4);
    const QString number_text = QString::number(index + 1);
    made.on = new QPushButton(row ? text_of(row->label) : QString::fromStdString(step.id));
    made.on->setObjectName("step " + number_text);
    made.on->setToolTip((row ? text_of(row->explains) + "\n" : QString()) +
                        tr("Click switches it off and on"));
    made.on->setCheckable(true);
    made.on->setProperty("role", "choice");
    made.on->setFixedWidth(108);
    connect(made.on, &QPushButton::clicked, this, [this, index](bool on) {
        change_step(index, tr("switch step"), [=](FollowerStep& changed) { changed.off = !on; });
        view_.set_follower_step(std::nullopt);
    });
    line->addWidget(made.on);
    made.form =
        new ParamForm("step " + number_text,
                      {.labels = true, .live = false, .least_width = 72, .no_lane = tr("choose a lane")});
    made.form->set_specs(row ? row->parameters : ParamSpecs());
    connect(made.form, &ParamForm::changed, this, [this, index, form = made.form](const QString& id) {
        const std::string name = id.toStdString();
        const ParamValues values = form->values();
        change_step(index, tr("change step"),
                    [&](FollowerStep& changed) { changed.values.set(name, *values.find(name)); });
    });
    line->addWidget(made.form, 1);
    made.effect = quiet({});
    made.effect->setObjectName(QString("step %1 effect").arg(number_text));
    line->addWidget(made.effect);
    auto* up = small(QString("step %1 up").arg(number_text), "↑", tr("Acts before the one above"));
    connect(up, &QPushButton::clicked, this, [this, index] {
        change_follower(tr("move step"), [=](Follower& follower) {
            if (index > 0 && index < follower.steps.size())
                std::swap(follower.steps[index], follower.steps[index - 1]);
        });
    });
    auto* look = small(QString("step %1 look").arg(number_text), "◉",
                       tr("Draws the curve up to this step over the song"));
    connect(look, &QPushButton::clicked, this, [this, index] {
        view_.set_follower_step(view_.follower_step() == index + 1 ? std::nullopt : std::optional(index + 1));
    });
    auto* away = small(QString("step %1 remove").arg(number_text), "×", tr("Removes the step"));
    connect(away, &QPushButton::clicked, this, [this, index] {
        change_follower(tr("remove step"), [=](Follower& follower) {
            if (index < follower.steps.size())
                follower.steps.erase(follower.steps.begin() + static_cast<std::ptrdiff_t>(index));
        });
    });
    made.driven = make_drives(index);
    line->addWidget(made.driven);
    line->addWidget(up);
    line->addWidget(look);
    line->addWidget(away);
    return made;
}

/// Lanes whose curve can drive a number, and none.
void FollowerPage::offer_drives(
    QMenu& menu, const ParamSpec& spec, const std::vector<ParamDrive>& now, double value,
    const std::function<void(const std::function<void(std::vector<ParamDrive>&)>&)>& change) {
    auto* of_number = menu.addMenu(text_of(spec.label));
    const std::string id(spec.id);
    const auto found =
        std::find_if(now.begin(), now.end(), [&](const ParamDrive& one) { return one.parameter == id; });
    auto* none = of_number->addAction(tr("as it is set"), this, [change, id] {
        change([&](std::vector<ParamDrive>& drives) {
            std::erase_if(drives, [&](const ParamDrive& one) { return one.parameter == id; });
        });
    });
    none->setCheckable(true);
    none->setChecked(found == now.end());
    for (const auto& other : document_.project().lanes) {
        if (!other->kind->drives() || holds<PoseBody>(other->kind) || other->id == lane()->id)
            continue;
        auto* action = of_number->addAction(
            tr("by %1…").arg(QString::fromStdString(other->name)), this,
            [this, change, id, value, spec, lane = other->id] {
                bool wanted = false;
                const double low = QInputDialog::getDouble(
                    this, tr("Driven"), tr("“%1” where that curve is 0").arg(text_of(spec.label)), value,
                    spec.least, spec.most, 3, &wanted);
                const double high =
                    !wanted
                        ? 0
                        : QInputDialog::getDouble(this, tr("Driven"),
                                                  tr("“%1” where that curve is 1").arg(text_of(spec.label)),
                                                  std::min(spec.most, value == 0 ? 1 : value * 2), spec.least,
                                                  spec.most, 3, &wanted);
                if (wanted)
                    change([&](std::vector<ParamDrive>& drives) {
                        std::erase_if(drives, [&](const ParamDrive& one) { return one.parameter == id; });
                        drives.push_back({id, lane, low, high});
                    });
            });
        action->setCheckable(true);
        action->setChecked(found != now.end() && found->lane == other->id);
    }
}

void FollowerPage::show_source(const Follower& follower) {
    const auto* row = follower_source(follower.source);
    const ParamSpecs specs = row ? row->parameters : ParamSpecs();
    source_->setCurrentIndex(source_->findData(QString::fromStdString(follower.source)));
    form_->set_specs(specs);
    const bool pins = row && row->takes == FollowerTakes::Pins;
    form_->set_project(document_.project(), [this, pins](const Lane& other) {
        return lane() && other.id != lane()->id &&
               (pins || (other.kind->drives() && !holds<PoseBody>(other.kind)));
    });
    form_->set_values(follower.values);
    form_->setVisible(!specs.empty());
    const ParamValues values = completed(follower.values, specs);
    int band = static_cast<int>(named_bands().size());
    for (std::size_t i = 0; i < named_bands().size(); ++i)
        if (named_bands()[i].from_hz == values.number("from") &&
            named_bands()[i].until_hz == values.number("until"))
            band = static_cast<int>(i);
    band_->setCurrentIndex(band);
    source_driven_->setVisible(std::any_of(
        specs.begin(), specs.end(), [row](const ParamSpec& spec) { return may_be_driven(*row, spec.id); }));
    band_->setVisible(row && row->takes == FollowerTakes::Level);
    for (auto* button : {alone_, write_})
        button->setVisible(band_->isVisibleTo(this));
    auto& sounds = document_.sounds();
    if (sounds.alone() && alone_->isChecked()) // what is heard goes with what is followed
        sounds.hear_alone(followed());
    alone_->setChecked(sounds.alone() && followed() == sounds.alone());
}

std::optional<SoundBank::Alone> FollowerPage::followed() const {
    const auto* row = lane() ? follower_source(part_of<Motion>(*lane())->follower.source) : nullptr;
    if (!row || row->takes != FollowerTakes::Level)
        return std::nullopt;
    const ParamValues values = completed(part_of<Motion>(*lane())->follower.values, row->parameters);
    return SoundBank::Alone{listened_of(values), values.number("from"), values.number("until")};
}

void FollowerPage::show_steps(const Follower& follower) {
    // Rows that stay what they are keep their fields, and with them the keyboard's place.
    std::size_t kept = 0;
    while (kept < steps_.size() && kept < follower.steps.size() && steps_[kept].id == follower.steps[kept].id)
        ++kept;
    while (steps_.size() > kept) {
        take_away(steps_.back().box);
        steps_.pop_back();
    }
    for (std::size_t i = kept; i < follower.steps.size(); ++i) {
        steps_.push_back(make_step(i, follower.steps[i]));
        steps_box_->insertWidget(static_cast<int>(i), steps_.back().box);
    }
    const auto found = document_.followers().find(lane() ? lane()->id : LaneId{});
    const FollowerCurve* curve = found == document_.followers().end() ? nullptr : found->second.get();
    for (std::size_t i = 0; i < steps_.size(); ++i) {
        const auto& step = follower.steps[i];
        steps_[i].form->set_project(document_.project(), [this](const Lane& other) {
            return lane() && other.id != lane()->id && other.kind->drives() && !holds<PoseBody>(other.kind);
        });
        steps_[i].form->set_values(step.values);
        steps_[i].on->setChecked(!step.off);
        QString text;
        if (curve && i < curve->effects.size() && !step.off &&
            (step.id == "smooth" || step.id == "attack-release" || step.id == "delay")) {
            const auto& effect = curve->effects[i];
            const auto changed = [](double value) {
                return (value < -0.5 ? QString("−") : QString("+")) +
                       QString::number(std::abs(value), 'f', 0);
            };
            text = tr("peaks %1 %, %2 ms").arg(changed(-effect.lower * 100), changed(effect.later_ms));
        }
        for (const auto& drive : step.drives)
            if (const Lane* by = document_.project().lane(drive.lane))
                text += (text.isEmpty() ? "" : " · ") + tr("by %1").arg(QString::fromStdString(by->name));
        const auto* row = follower_step(step.id);
        steps_[i].driven->setVisible(
            row && std::any_of(row->parameters.begin(), row->parameters.end(),
                               [](const ParamSpec& spec) { return spec.type == ParamType::Number; }));
        for (const auto& spec : row ? row->parameters : ParamSpecs())
            steps_[i].form->field(spec.id)->setEnabled(
                std::none_of(step.drives.begin(), step.drives.end(),
                             [&](const ParamDrive& drive) { return drive.parameter == spec.id; }));
        steps_[i].effect->setText(text);
        steps_[i].effect->setVisible(width() >= wide_enough);
        steps_[i].on->setToolTip(text);
        steps_[i].effect->setToolTip(tr("How much lower the peaks of the curve become, and how much later"));
    }
}

void FollowerPage::show_motion() {
    setEnabled(lane() && !lane()->locked);
    if (!lane())
        return;
    show_source(part_of<Motion>(*lane())->follower);
    show_steps(part_of<Motion>(*lane())->follower);
}

QString FollowerPage::told() const {
    if (!lane())
        return {};
    const auto found = document_.followers().find(lane()->id);
    if (found == document_.followers().end() || !found->second)
        return tr("The curve is being computed");
    const auto& curve = *found->second;
    if (!curve.trouble.empty())
        return tr("Flat: %1").arg(spoken(curve.trouble));
    const auto& values = curve.values();
    if (values.empty())
        return {};
    const auto [low, high] = std::minmax_element(values.begin(), values.end());
    return tr("from %1 to %2 · 1 becomes %3 %4")
        .arg(number_text(static_cast<double>(*low), 3))
        .arg(number_text(static_cast<double>(*high), 3))
        .arg(part_of<Motion>(*lane())->own.high)
        .arg(QString::fromStdString(part_of<Motion>(*lane())->own.unit));
}

void FollowerPage::resizeEvent(QResizeEvent* event) {
    MotionPage::resizeEvent(event);
    for (auto& step : steps_)
        step.effect->setVisible(width() >= wide_enough);
}

} // namespace pulsepin
