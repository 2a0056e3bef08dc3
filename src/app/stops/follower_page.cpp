// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/follower_page.h"

#include "follow/sources.h"
#include "follow/steps.h"
#include "stops/choices.h"
#include "stops/tight_row.h"
#include "widgets.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QScrollArea>
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
    connect(&document_, &Document::followers_changed, this, &MotionPage::refresh);
    connect(&view_, &ViewState::motion_lane_changed, this, &MotionPage::refresh);
}

QComboBox* FollowerPage::choice(const QString& name, const QString& tip, std::string Follower::*member,
                                const std::vector<std::pair<QString, std::string>>& entries) {
    auto* box = new QComboBox;
    box->setObjectName(name);
    box->setAccessibleName(tip);
    box->setToolTip(tip);
    for (const auto& [text, id] : entries)
        box->addItem(text, QString::fromStdString(id));
    connect(box, &QComboBox::activated, this, [this, box, member] {
        change_follower(tr("change what is followed"), [=](Follower& follower) {
            follower.*member = box->currentData().toString().toStdString();
        });
    });
    return box;
}

QDoubleSpinBox* FollowerPage::number(const QString& name, const QString& tip, double Follower::*member,
                                     double low, double high, const QString& suffix) {
    auto* field = new QDoubleSpinBox;
    field->setObjectName(name);
    field->setAccessibleName(tip);
    field->setToolTip(tip);
    field->setRange(low, high);
    field->setDecimals(suffix == tr(" Hz") ? 0 : 2);
    field->setSuffix(suffix);
    field->setKeyboardTracking(false);
    connect(field, &QDoubleSpinBox::valueChanged, this, [this, member](double value) {
        change_follower(tr("change what is followed"), [=](Follower& follower) { follower.*member = value; });
    });
    return field;
}

QWidget* FollowerPage::make_source() {
    auto* box = new QWidget;
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(6);
    grid->setVerticalSpacing(4);
    std::vector<std::pair<QString, std::string>> sources;
    for (const auto& row : follower_sources())
        sources.emplace_back(text_of(row.label), std::string(row.id));
    source_ = choice("follower source", tr("What the curve follows"), &Follower::source, sources);
    for (int i = 0; i < source_->count(); ++i)
        source_->setItemData(i, text_of(follower_sources()[static_cast<std::size_t>(i)].explains),
                             Qt::ToolTipRole);
    measure_ = choice("follower measure", tr("How the level is measured"), &Follower::measure,
                      {{tr("mean (RMS)"), "rms"}, {tr("peak"), "peak"}, {tr("loudness"), "loudness"}});
    part_ = choice("follower part", tr("Of which part of the sound"), &Follower::part,
                   {{tr("everything"), "whole"},
                    {tr("percussive part"), "percussive"},
                    {tr("harmonic part"), "harmonic"}});
    channel_ = choice("follower channel", tr("Of which side"), &Follower::channel,
                      {{tr("both sides"), "both"}, {tr("left"), "left"}, {tr("right"), "right"}});
    band_ = new QComboBox;
    band_->setObjectName("follower band");
    band_->setAccessibleName(tr("Band"));
    band_->setToolTip(tr("Of which frequencies"));
    for (const auto& band : named_bands())
        band_->addItem(tr("band: %1").arg(text_of(band.label)), text_of(band.id));
    band_->addItem(tr("own limits"));
    connect(band_, &QComboBox::activated, this, [this](int index) {
        if (index < static_cast<int>(named_bands().size()))
            change_follower(tr("change band"),
                            [band = named_bands()[static_cast<std::size_t>(index)]](Follower& f) {
                                f.from_hz = band.from_hz;
                                f.until_hz = band.until_hz;
                            });
    });
    from_ = number("follower from", tr("Lowest frequency; 0 is no limit"), &Follower::from_hz, 0, 20000,
                   tr(" Hz"));
    until_ = number("follower until", tr("Highest frequency; 0 is no limit"), &Follower::until_hz, 0, 24000,
                    tr(" Hz"));
    row_ = new QComboBox;
    row_->setObjectName("follower row");
    row_->setAccessibleName(tr("Row of onsets"));
    row_->setToolTip(tr("Which row of onsets"));
    connect(row_, &QComboBox::activated, this, [this] {
        change_follower(tr("change what is followed"),
                        [this](Follower& follower) { follower.row = row_->currentText().toStdString(); });
    });
    fall_ = number("follower fall", tr("How long it takes to fall to nothing"), &Follower::fall_ms, 1, 60000,
                   tr(" ms"));
    wave_ = choice(
        "follower wave", tr("The shape of the wave"), &Follower::wave,
        {{tr("sine"), "sine"}, {tr("triangle"), "triangle"}, {tr("saw"), "saw"}, {tr("square"), "square"}});
    period_ = number("follower period", tr("How long one swing is"), &Follower::period, 0.01, 1000, {});
    counted_ = new QComboBox;
    counted_->setObjectName("follower counted");
    counted_->setAccessibleName(tr("Period counted in"));
    counted_->setToolTip(tr("What the period is counted in"));
    counted_->addItems({tr("bars"), tr("beats")});
    connect(counted_, &QComboBox::activated, this, [this](int index) {
        change_follower(tr("change wave"), [=](Follower& follower) { follower.in_bars = index == 0; });
    });
    phase_ = number("follower phase", tr("How far the wave is moved, in percent of a swing"),
                    &Follower::phase, -100, 100, tr(" %"));
    lane_of_ = new QComboBox;
    lane_of_->setObjectName("follower lane");
    lane_of_->setAccessibleName(tr("Lane that is followed"));
    lane_of_->setToolTip(tr("The lane that is followed"));
    connect(lane_of_, &QComboBox::activated, this, [this] {
        change_follower(tr("change what is followed"), [this](Follower& follower) {
            follower.lane = LaneId{lane_of_->currentData().toULongLong()};
        });
    });
    for (auto* combo : {source_, measure_, part_, channel_, band_, row_, wave_, counted_, lane_of_}) {
        combo->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        combo->setMinimumContentsLength(7);
    }
    grid->addWidget(source_, 0, 0);
    const std::initializer_list<QWidget*> first{measure_, part_, channel_};
    int place = 1;
    for (QWidget* widget : first)
        grid->addWidget(widget, 0, place++);
    place = 1;
    for (QWidget* widget :
         {static_cast<QWidget*>(band_), static_cast<QWidget*>(from_), static_cast<QWidget*>(until_)})
        grid->addWidget(widget, 1, place++);
    add_ = new QComboBox;
    add_->setObjectName("add step");
    add_->setAccessibleName(tr("Add a step"));
    add_->setToolTip(tr("Shapes the curve further; steps act one after the other"));
    add_->addItem(tr("Add a step…"));
    for (const auto& row : follower_steps()) {
        add_->addItem(text_of(row.label), text_of(row.id));
        add_->setItemData(add_->count() - 1, text_of(row.explains), Qt::ToolTipRole);
    }
    connect(add_, &QComboBox::activated, this, [this](int index) {
        const auto* row = follower_step(add_->itemData(index).toString().toStdString());
        add_->setCurrentIndex(0);
        if (row)
            change_follower(tr("add step"),
                            [row](Follower& follower) { follower.steps.push_back(new_step(*row)); });
    });
    add_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    add_->setMinimumContentsLength(7);
    grid->addWidget(add_, 1, 0);
    // Never more than one group of these is seen.
    auto* others = new QWidget;
    auto* row = tight_row(others, 4);
    for (QWidget* widget :
         {static_cast<QWidget*>(row_), static_cast<QWidget*>(fall_), static_cast<QWidget*>(wave_),
          static_cast<QWidget*>(period_), static_cast<QWidget*>(counted_), static_cast<QWidget*>(phase_),
          static_cast<QWidget*>(lane_of_)})
        row->addWidget(widget, 1);
    grid->addWidget(others, 2, 0, 1, 4);
    return box;
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

void FollowerPage::fill_with_other_lanes(QComboBox* box, LaneId chosen) const {
    const auto* takes = follower_source(lane() ? lane()->motion.follower.source : "");
    const bool any_pins = box == lane_of_ && takes && takes->takes == FollowerTakes::Pins;
    const QSignalBlocker quietly(box);
    box->clear();
    box->addItem(tr("choose a lane"), 0);
    for (const auto& other : document_.project().lanes)
        if (lane() && other->id != lane()->id && (any_pins || drives(other->kind)))
            box->addItem(QString::fromStdString(other->name), static_cast<qulonglong>(other->id.value));
    box->setCurrentIndex(std::max(0, box->findData(static_cast<qulonglong>(chosen.value))));
}

FollowerPage::StepRow FollowerPage::make_step(std::size_t index, const FollowerStep& step) {
    const auto* row = follower_step(step.id);
    StepRow made{new QWidget, step.id, {}, nullptr, nullptr, nullptr};
    auto* line = tight_row(made.box, 4);
    const QString number_text = QString::number(index + 1);
    made.on = new QPushButton(row ? text_of(row->label) : QString::fromStdString(step.id));
    made.on->setObjectName("step " + number_text);
    made.on->setToolTip((row ? text_of(row->explains) + "\n" : QString()) +
                        tr("Click switches it off and on"));
    made.on->setCheckable(true);
    made.on->setProperty("role", "choice");
    made.on->setFixedWidth(98);
    connect(made.on, &QPushButton::clicked, this, [this, index](bool on) {
        change_step(index, tr("switch step"), [=](FollowerStep& changed) { changed.off = !on; });
        view_.set_follower_step(std::nullopt);
    });
    line->addWidget(made.on);
    for (std::size_t i = 0; row && i < row->parameters.size(); ++i) {
        const auto& parameter = row->parameters[i];
        auto* field = new QDoubleSpinBox;
        field->setObjectName(QString("step %1 %2").arg(number_text, text_of(parameter.id)));
        field->setAccessibleName(text_of(parameter.label));
        field->setRange(parameter.lowest, parameter.highest);
        field->setDecimals(parameter.unit == "ms" ? 0 : 3);
        field->setSingleStep(parameter.unit == "ms" ? 10 : parameter.initial >= 2 ? 1 : 0.02);
        field->setPrefix(text_of(parameter.label) + " ");
        field->setSuffix(parameter.unit.empty() ? QString() : " " + text_of(parameter.unit));
        field->setKeyboardTracking(false);
        field->setMinimumWidth(72);
        connect(field, &QDoubleSpinBox::valueChanged, this, [this, index, i](double value) {
            change_step(index, tr("change step"), [=](FollowerStep& changed) { changed.values[i] = value; });
        });
        line->addWidget(field, 1);
        made.values.push_back(field);
    }
    if (row && row->takes_other) {
        made.other = new QComboBox;
        made.other->setObjectName(QString("step %1 other").arg(number_text));
        made.other->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        made.other->setMinimumContentsLength(7);
        made.other->setAccessibleName(tr("Second curve"));
        made.other->setToolTip(tr("The lane whose curve is taken as the second one"));
        connect(made.other, &QComboBox::activated, this, [this, index, box = made.other] {
            change_step(index, tr("change step"), [=](FollowerStep& changed) {
                changed.other = LaneId{box->currentData().toULongLong()};
            });
        });
        line->addWidget(made.other, 1);
    }
    if (!row || (row->parameters.empty() && !row->takes_other))
        line->addStretch(1);
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
    line->addWidget(up);
    line->addWidget(look);
    line->addWidget(away);
    return made;
}

void FollowerPage::show_source(const Follower& follower) {
    const auto* row = follower_source(follower.source);
    const auto takes = row ? row->takes : FollowerTakes::Nothing;
    const auto choose = [](QComboBox* box, const std::string& id) {
        box->setCurrentIndex(box->findData(QString::fromStdString(id)));
    };
    choose(source_, follower.source);
    choose(measure_, follower.measure);
    choose(part_, follower.part);
    choose(channel_, follower.channel);
    choose(wave_, follower.wave);
    from_->setValue(follower.from_hz);
    until_->setValue(follower.until_hz);
    fall_->setValue(follower.fall_ms);
    period_->setValue(follower.period);
    counted_->setCurrentIndex(follower.in_bars ? 0 : 1);
    phase_->setValue(follower.phase);
    int band = static_cast<int>(named_bands().size());
    for (std::size_t i = 0; i < named_bands().size(); ++i)
        if (named_bands()[i].from_hz == follower.from_hz && named_bands()[i].until_hz == follower.until_hz)
            band = static_cast<int>(i);
    band_->setCurrentIndex(band);
    fill_with_onset_rows(row_, document_.project());
    row_->setCurrentIndex(row_->findText(QString::fromStdString(follower.row)));
    fill_with_other_lanes(lane_of_, follower.lane);
    const std::pair<QWidget*, FollowerTakes> groups[] = {
        {measure_, FollowerTakes::Level}, {part_, FollowerTakes::Level},   {channel_, FollowerTakes::Level},
        {band_, FollowerTakes::Level},    {from_, FollowerTakes::Level},   {until_, FollowerTakes::Level},
        {row_, FollowerTakes::Row},       {fall_, FollowerTakes::Row},     {wave_, FollowerTakes::Wave},
        {period_, FollowerTakes::Wave},   {counted_, FollowerTakes::Wave}, {phase_, FollowerTakes::Wave}};
    for (const auto& [widget, group] : groups)
        widget->setVisible(group == takes);
    lane_of_->setVisible(takes == FollowerTakes::Curve || takes == FollowerTakes::Pins);
    measure_->setEnabled(follower.part == "whole");
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
        for (std::size_t v = 0; v < steps_[i].values.size(); ++v)
            steps_[i].values[v]->setValue(step.values[v]);
        if (steps_[i].other)
            fill_with_other_lanes(steps_[i].other, step.other);
        steps_[i].on->setChecked(!step.off);
        QString text;
        if (curve && i < curve->effects.size() && !step.off &&
            (step.id == "smooth" || step.id == "attack-release" || step.id == "delay")) {
            const auto& effect = curve->effects[i];
            const auto changed = [](double value) {
                return (value < -0.5 ? QString("−") : QString("+")) +
                       QString::number(std::abs(value), 'f', 0);
            };
            text = tr("tops %1 %, %2 ms").arg(changed(-effect.lower * 100), changed(effect.later_ms));
        }
        steps_[i].effect->setText(text);
        steps_[i].effect->setToolTip(tr("How much lower the tops of the curve become, and how much later"));
    }
}

void FollowerPage::show_motion() {
    setEnabled(lane() && !lane()->locked);
    if (!lane())
        return;
    show_source(lane()->motion.follower);
    show_steps(lane()->motion.follower);
}

QString FollowerPage::told() const {
    if (!lane())
        return {};
    const auto found = document_.followers().find(lane()->id);
    if (found == document_.followers().end() || !found->second)
        return tr("The curve is being computed");
    const auto& curve = *found->second;
    if (!curve.trouble.empty())
        return tr("Flat: %1").arg(QString::fromStdString(curve.trouble));
    const auto& values = curve.values();
    if (values.empty())
        return {};
    const auto [low, high] = std::minmax_element(values.begin(), values.end());
    return tr("from %1 to %2 · 1 becomes %3 %4")
        .arg(static_cast<double>(*low), 0, 'f', 3)
        .arg(static_cast<double>(*high), 0, 'f', 3)
        .arg(lane()->motion.own.high)
        .arg(QString::fromStdString(lane()->motion.own.unit));
}

} // namespace pulsepin
