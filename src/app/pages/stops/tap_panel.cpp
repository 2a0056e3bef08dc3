// SPDX-License-Identifier: GPL-3.0-or-later
#include "pages/stops/tap_panel.h"

#include "hand/tapped.h"
#include "model/edits.h"
#include "parts/finder.h"
#include "parts/widgets.h"
#include "session/core_words.h"
#include "session/number_text.h"
#include "time/grid_edits.h"

#include <QGuiApplication>
#include <QHBoxLayout>
#include <QSettings>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr Seconds begins_anew{4}; // a longer pause begins another round of taps
constexpr std::size_t most_taps = 4000, most_rounds = 50;

} // namespace

TapPanel::TapPanel(Document& document, ViewState& view, QWidget* parent)
    : QWidget(parent), document_(document), view_(view) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    auto* head = new QHBoxLayout;
    head->addWidget(heading(tr("Tap along")), 1);
    auto* tap = new QPushButton(tr("Tap"));
    tap->setObjectName("tap");
    tap->setToolTip(tr("On the beat, as T on the keyboard; with Shift the first beat of a bar"));
    tap->setFocusPolicy(Qt::TabFocus); // a click leaves the keys where they were
    connect(tap, &QPushButton::pressed, this,
            [this] { emit tapped(QGuiApplication::keyboardModifiers() & Qt::ShiftModifier); });
    head->addWidget(tap);
    column->addLayout(head);
    column->addWidget(quiet(tr("T taps the beat · Shift+T the first of a bar")));
    plot_ = new TapPlot;
    column->addWidget(plot_, 1);
    told_ = quiet({});
    told_->setObjectName("taps told");
    column->addWidget(told_);
    make_rounds(column);
    auto* row = new QGridLayout;
    row->setSpacing(4);
    const auto use = [&](const char* name, const QString& text, const QString& tip,
                         void (TapPanel::*what)()) {
        auto* button = new QPushButton(text);
        button->setObjectName(QString("taps for %1").arg(name));
        button->setProperty("role", "choice");
        button->setToolTip(tip);
        connect(button, &QPushButton::clicked, this, what);
        const auto count = static_cast<int>(uses_.size());
        uses_.push_back(button);
        row->addWidget(button, count / 3, count % 3);
    };
    use("tempo", tr("tempo"),
        tr("The grid gets the tapped tempo about bar 1; without a grid a steady one begins"),
        &TapPanel::use_tempo);
    use("phase", tr("phase"), tr("The grid moves onto the taps; first taps begin bars"),
        &TapPanel::use_phase);
    use("beats", tr("beats"), tr("The taps become the beats where you tapped; stray ones are left out"),
        &TapPanel::use_beats);
    use("markers", tr("marks"), tr("A marker at each tap"), &TapPanel::use_markers);
    use("row", tr("row"), tr("A row of onsets at the taps, each as strong as it was hit"),
        &TapPanel::use_row);
    use("rhythm", tr("place"),
        tr("The rhythm from the playhead on, on the lane that is chosen: a pin for each tap"),
        &TapPanel::use_rhythm);
    column->addLayout(row);
    auto* late = make_latency();
    column->addLayout(late);
    connect(&document_, &Document::opened, this, &TapPanel::forget);
    refresh();
}

QLayout* TapPanel::make_latency() {
    auto* late = new QHBoxLayout;
    late->setSpacing(4);
    late->addWidget(quiet(tr("tap latency")));
    latency_ = new QSpinBox;
    latency_->setObjectName("tap latency");
    latency_->setRange(-200, 500);
    latency_->setSuffix(tr(" ms"));
    latency_->setAccessibleName(tr("How late taps come"));
    latency_->setToolTip(tr("Tap latency: what hand, keyboard and sound take; it is taken off each tap"));
    latency_->setValue(QSettings().value("tap/latency", 0).toInt());
    connect(latency_, &QSpinBox::valueChanged, this, &TapPanel::set_latency);
    late->addWidget(latency_, 1);
    calibrate_ = new QPushButton(tr("measure"));
    calibrate_->setObjectName("measure latency");
    calibrate_->setToolTip(
        tr("Tap along with the click on a grid that is right, then press this: what the taps are "
           "tap latency is remembered"));
    connect(calibrate_, &QPushButton::clicked, this, &TapPanel::calibrate);
    late->addWidget(calibrate_);
    return late;
}

/// Rounds stay until another project is opened.
void TapPanel::make_rounds(QVBoxLayout* column) {
    auto* line = new QHBoxLayout;
    line->setSpacing(4);
    round_ = named(new ChoiceBox, "round of taps",
                   tr("Which taps are used: each round that was tapped stays here"));
    round_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    round_->setMinimumContentsLength(9);
    connect(round_, &QComboBox::activated, this, [this](int index) {
        chosen_ = static_cast<std::size_t>(index);
        refresh();
    });
    tempo_ =
        named(new QDoubleSpinBox, "tapped at",
              tr("Tapped without music: at this tempo, so that taps land on quarters of its beats when they "
                 "are laid; or freely"));
    tempo_->setRange(0, 400);
    tempo_->setDecimals(1);
    tempo_->setSuffix(tr(" BPM"));
    tempo_->setSpecialValueText(tr("freely"));
    line->addWidget(round_, 1);
    line->addWidget(tempo_);
    column->addLayout(line);
}

void TapPanel::show_rounds() {
    const QSignalBlocker quietly(round_);
    round_->clear();
    for (std::size_t i = 0; i < rounds_.size(); ++i) {
        const auto& round = rounds_[i];
        const auto count = static_cast<int>(round.taps.size());
        const auto fit = fit_taps(round.taps);
        round_->addItem(tr("%1 · %2").arg(i + 1).arg(count == 1 ? tr("one tap") : tr("%1 taps").arg(count)) +
                        (fit ? tr(" · %1 BPM").arg(number_text(fit->tempo().value, 1)) : QString()));
    }
    round_->setCurrentIndex(rounds_.empty() ? -1 : static_cast<int>(chosen_));
    round_->setEnabled(rounds_.size() > 1);
}

const std::vector<Tap>& TapPanel::taps() const {
    static const std::vector<Tap> none;
    return chosen_ < rounds_.size() ? rounds_[chosen_].taps : none;
}

bool TapPanel::in_song() const {
    return chosen_ < rounds_.size() && rounds_[chosen_].in_song;
}

void TapPanel::set_latency(int ms) {
    QSettings().setValue("tap/latency", ms);
}

void TapPanel::tap_in_song(Seconds heard, double speed, bool first_of_bar, float strength) {
    add({heard - Seconds(latency_->value() / 1000.0) * speed, first_of_bar, strength}, true);
}

void TapPanel::tap_in_silence(bool first_of_bar, float strength) {
    if (rounds_.empty() || rounds_.back().in_song || !clock_.isValid()) {
        clock_.start();
        clock_start_ = view_.playhead();
    }
    add({clock_start_ + Seconds(static_cast<double>(clock_.nsecsElapsed()) * 1e-9), first_of_bar, strength},
        false);
}

/// Goes on with the last round, or begins another one.
void TapPanel::add(Tap tap, bool in_song) {
    const bool goes_on = !rounds_.empty() && rounds_.back().in_song == in_song &&
                         tap.time >= rounds_.back().taps.back().time &&
                         tap.time - rounds_.back().taps.back().time <= begins_anew &&
                         rounds_.back().taps.size() < most_taps;
    if (!goes_on) {
        if (rounds_.size() == most_rounds)
            rounds_.erase(rounds_.begin());
        rounds_.push_back({{}, in_song});
    }
    rounds_.back().taps.push_back(tap);
    chosen_ = rounds_.size() - 1;
    refresh();
}

void TapPanel::forget() {
    rounds_.clear();
    chosen_ = 0;
    refresh();
}

void TapPanel::refresh() {
    const auto& taps = this->taps();
    const auto fit = fit_taps(taps);
    plot_->show_taps(fit);
    const auto& project = document_.project();
    if (fit) {
        const auto left_out = taps.size() - fit->used();
        QString text = tr("%1 taps · %2 BPM").arg(taps.size()).arg(number_text(fit->tempo().value, 2));
        if (left_out > 0)
            text += left_out == 1 ? tr(" · one left out") : tr(" · %1 left out").arg(left_out);
        told_->setText(text);
    } else {
        told_->setText(taps.empty() ? tr("no taps yet") : tr("%1 taps; it takes three").arg(taps.size()));
    }
    show_rounds();
    const bool song = project.song != nullptr;
    uses_[0]->setEnabled(fit && song);
    uses_[1]->setEnabled(fit && in_song() && project.grid);
    uses_[2]->setEnabled(fit && in_song() && song);
    for (std::size_t i = 3; i < uses_.size(); ++i)
        uses_[i]->setEnabled(!taps.empty());
    calibrate_->setEnabled(fit && in_song() && project.grid);
}

void TapPanel::use_tempo() {
    const auto fit = fit_taps(taps());
    const auto& project = document_.project();
    if (!fit || !project.song)
        return;
    if (project.grid) {
        const double ratio = fit->tempo() / project.grid->typical_tempo();
        auto grid = with_mean_tempo(*project.grid, Bpm(project.grid->mean_tempo().value * ratio));
        if (!grid)
            return document_.say(spoken(grid.error()));
        document_.apply(retimed(project, *std::move(grid)), tr("take the tapped tempo"));
        return;
    }
    auto first = std::find_if(taps().begin(), taps().end(), [](const Tap& tap) { return tap.first_of_bar; });
    if (first == taps().end())
        first = taps().begin();
    const auto beat = fit->beat[static_cast<std::size_t>(first - taps().begin())];
    const Seconds bar_one = fit->origin + fit->interval * static_cast<double>(beat);
    auto grid = BeatGrid::steady(fit->tempo(), bar_one, {}, project.song->duration());
    if (!grid)
        return document_.say(spoken(grid.error()));
    document_.apply(relabelled(project, *std::move(grid)), tr("make a grid from taps"));
}

void TapPanel::use_phase() {
    const auto& project = document_.project();
    if (!project.grid)
        return;
    auto grid = with_tapped_phase(*project.grid, taps());
    if (!grid)
        return document_.say(spoken(grid.error()));
    document_.apply(retimed(project, *std::move(grid)), tr("move grid onto taps"));
}

void TapPanel::use_beats() {
    const auto& project = document_.project();
    auto grid = with_tapped_beats(project.grid.get(), taps());
    if (!grid)
        return document_.say(spoken(grid.error()));
    document_.apply(relabelled(project, *std::move(grid)), tr("take taps as beats"));
}

void TapPanel::use_markers() {
    const auto& project = document_.project();
    const Lane* lane = project.first_lane(body_type<MarkerBody>);
    if (!lane)
        return document_.say(tr("There is no lane of markers"));
    std::vector<Pin> pins;
    const auto rate = project.settings->frame_rate;
    const auto is_marked = [&](Seconds time) {
        const auto& there = document_.schedule().pins(lane->id).pins;
        return std::any_of(there.begin(), there.end(), [&](const ResolvedPin& pin) {
            return std::abs((pin.time - time).value) < rate.frame_length().value / 2;
        });
    };
    for (const auto& tap : taps()) {
        if (is_marked(tap.time))
            continue;
        Anchor anchor = TimeAnchor{tap.time};
        if (project.grid) {
            const Ticks tick = project.grid->nearest_tick(tap.time);
            anchor = MusicalAnchor{tick, tap.time - project.grid->time_at(tick)};
        }
        pins.push_back({{}, anchor, MarkerBody{tr("tap %1").arg(pins.size() + 1).toStdString(), {}}, {}});
    }
    if (pins.empty())
        return document_.say(tr("There is a marker at each of these taps already"));
    const PinId first{project.next_id};
    const auto count = pins.size();
    document_.apply(with_pins(project, lane->id, std::move(pins)), tr("add tapped markers"));
    PinSet made;
    for (std::size_t i = 0; i < count; ++i)
        made.insert(PinId{first.value + i});
    select_made(std::move(made));
    document_.say(tr("%n marker(s) added and selected", nullptr, static_cast<int>(count))
                      .replace("(s)", count == 1 ? "" : "s"));
}

void TapPanel::use_row() {
    const auto name = tr("taps %1").arg(chosen_ + 1);
    if (document_.apply(with_taps_as_row(document_.project(), name.toStdString(), taps()),
                        tr("row from taps")))
        document_.say(tr("“%1” is a row of onsets now").arg(name));
}

/// On the lane that is chosen, or else on the first of markers.
void TapPanel::use_rhythm() {
    const auto& project = document_.project();
    const Lane* lane = project.lane(view_.lane());
    if (!lane || holds<SoundBody>(lane->kind))
        lane = project.first_lane(body_type<MarkerBody>);
    const std::optional<Bpm> tempo = tempo_->value() > 0 ? std::optional(Bpm(tempo_->value())) : std::nullopt;
    auto laid =
        with_rhythm_laid(document_.schedule(), lane ? lane->id : LaneId{}, {taps(), tempo}, view_.playhead());
    if (!laid)
        return document_.say(spoken(laid.error()));
    document_.apply(std::move(laid->project), tr("place tapped rhythm"));
    select_made(laid->selected);
}

/// The panel stays while nothing else is selected, so that more can be made of the same taps.
void TapPanel::select_made(PinSet pins) {
    made_ = pins;
    view_.select(std::move(pins));
}

void TapPanel::calibrate() {
    const auto& grid = document_.project().grid;
    const auto late = grid ? tap_latency(*grid, taps()) : std::nullopt;
    if (!late)
        return;
    const int now = latency_->value() + static_cast<int>(std::lround(late->value * 1000));
    latency_->setValue(now);
    document_.say(tr("Taps come %1 ms late. That is taken off from now on.").arg(now));
    forget();
}

} // namespace pulsepin
