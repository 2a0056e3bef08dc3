// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/tap_panel.h"

#include "model/edits.h"
#include "time/grid_edits.h"
#include "widgets.h"

#include <QGuiApplication>
#include <QHBoxLayout>
#include <QSettings>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr Seconds begins_anew{4}; // a longer pause begins another round of taps
constexpr std::size_t most_taps = 4000;

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
    column->addWidget(quiet(tr("use taps for")));
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    const auto use = [&](const char* name, const QString& text, const QString& tip,
                         void (TapPanel::*what)()) {
        auto* button = new QPushButton(text);
        button->setObjectName(QString("taps for %1").arg(name));
        button->setProperty("role", "choice");
        button->setToolTip(tip);
        connect(button, &QPushButton::clicked, this, what);
        uses_.push_back(button);
        row->addWidget(button, 1);
    };
    use("tempo", tr("tempo"),
        tr("The grid gets the tapped tempo about bar 1; without a grid a steady one begins"),
        &TapPanel::use_tempo);
    use("phase", tr("phase"), tr("The grid moves onto the taps; first taps begin bars"),
        &TapPanel::use_phase);
    use("beats", tr("beats"), tr("The taps become the beats where you tapped; stray ones are left out"),
        &TapPanel::use_beats);
    use("markers", tr("marks"), tr("A marker at each tap"), &TapPanel::use_markers);
    column->addLayout(row);
    auto* late = make_latency();
    column->addLayout(late);
    connect(&document_, &Document::opened, this, &TapPanel::forget);
    refresh();
}

QLayout* TapPanel::make_latency() {
    auto* late = new QHBoxLayout;
    late->setSpacing(4);
    late->addWidget(quiet(tr("late by")));
    latency_ = new QSpinBox;
    latency_->setObjectName("tap latency");
    latency_->setRange(-200, 500);
    latency_->setSuffix(tr(" ms"));
    latency_->setAccessibleName(tr("How late taps come"));
    latency_->setToolTip(tr("What hand, keyboard and sound take; it is taken off each tap"));
    latency_->setValue(QSettings().value("tap/latency", 0).toInt());
    connect(latency_, &QSpinBox::valueChanged, this, &TapPanel::set_latency);
    late->addWidget(latency_, 1);
    calibrate_ = new QPushButton(tr("measure"));
    calibrate_->setObjectName("measure latency");
    calibrate_->setToolTip(
        tr("Tap along with the click on a grid that is right, then press this: what the taps are "
           "late by is remembered"));
    connect(calibrate_, &QPushButton::clicked, this, &TapPanel::calibrate);
    late->addWidget(calibrate_);
    return late;
}

void TapPanel::set_latency(int ms) {
    QSettings().setValue("tap/latency", ms);
}

void TapPanel::tap_in_song(Seconds heard, double speed, bool first_of_bar) {
    add({heard - Seconds(latency_->value() / 1000.0) * speed, first_of_bar}, true);
}

void TapPanel::tap_in_silence(bool first_of_bar) {
    if (taps_.empty() || in_song_ || !clock_.isValid()) {
        clock_.start();
        clock_start_ = view_.playhead();
    }
    add({clock_start_ + Seconds(static_cast<double>(clock_.nsecsElapsed()) * 1e-9), first_of_bar}, false);
}

void TapPanel::add(Tap tap, bool in_song) {
    const bool anew = taps_.empty() || in_song != in_song_ || tap.time < taps_.back().time ||
                      tap.time - taps_.back().time > begins_anew || taps_.size() >= most_taps;
    if (anew)
        taps_.clear();
    in_song_ = in_song;
    taps_.push_back(tap);
    refresh();
}

void TapPanel::forget() {
    taps_.clear();
    refresh();
}

void TapPanel::refresh() {
    const auto fit = fit_taps(taps_);
    plot_->show_taps(fit);
    const auto& project = document_.project();
    if (fit) {
        const auto left_out = taps_.size() - fit->used();
        QString text = tr("%1 taps · %2 BPM").arg(taps_.size()).arg(fit->tempo().value, 0, 'f', 2);
        if (left_out > 0)
            text += left_out == 1 ? tr(" · one left out") : tr(" · %1 left out").arg(left_out);
        told_->setText(text);
    } else {
        told_->setText(taps_.empty() ? tr("no taps yet") : tr("%1 taps; it takes three").arg(taps_.size()));
    }
    const bool song = project.song != nullptr;
    uses_[0]->setEnabled(fit && song);
    uses_[1]->setEnabled(fit && in_song_ && project.grid);
    uses_[2]->setEnabled(fit && in_song_ && song);
    uses_[3]->setEnabled(!taps_.empty() && in_song_ && song);
    calibrate_->setEnabled(fit && in_song_ && project.grid);
}

void TapPanel::use_tempo() {
    const auto fit = fit_taps(taps_);
    const auto& project = document_.project();
    if (!fit || !project.song)
        return;
    if (project.grid) {
        const double ratio = fit->tempo() / project.grid->typical_tempo();
        auto grid = with_mean_tempo(*project.grid, Bpm(project.grid->mean_tempo().value * ratio));
        if (!grid)
            return document_.say(QString::fromStdString(grid.error().message()));
        document_.apply(retimed(project, *std::move(grid)), tr("take the tapped tempo"));
        return;
    }
    auto first = std::find_if(taps_.begin(), taps_.end(), [](const Tap& tap) { return tap.first_of_bar; });
    if (first == taps_.end())
        first = taps_.begin();
    const auto beat = fit->beat[static_cast<std::size_t>(first - taps_.begin())];
    const Seconds bar_one = fit->origin + fit->interval * static_cast<double>(beat);
    auto grid = BeatGrid::steady(fit->tempo(), bar_one, {}, project.song->duration());
    if (!grid)
        return document_.say(QString::fromStdString(grid.error().message()));
    document_.apply(relabelled(project, *std::move(grid)), tr("make a grid from taps"));
}

void TapPanel::use_phase() {
    const auto& project = document_.project();
    if (!project.grid)
        return;
    auto grid = with_tapped_phase(*project.grid, taps_);
    if (!grid)
        return document_.say(QString::fromStdString(grid.error().message()));
    document_.apply(retimed(project, *std::move(grid)), tr("move grid onto taps"));
}

void TapPanel::use_beats() {
    const auto& project = document_.project();
    auto grid = with_tapped_beats(project.grid.get(), taps_);
    if (!grid)
        return document_.say(QString::fromStdString(grid.error().message()));
    document_.apply(relabelled(project, *std::move(grid)), tr("take taps as beats"));
}

void TapPanel::use_markers() {
    const auto& project = document_.project();
    const Lane* lane = project.first_lane(&LaneKindRow::marks);
    if (!lane)
        return document_.say(tr("There is no lane of markers"));
    std::vector<Pin> pins;
    for (const auto& tap : taps_) {
        Anchor anchor = TimeAnchor{tap.time};
        if (project.grid) {
            const Ticks tick = project.grid->nearest_tick(tap.time);
            anchor = MusicalAnchor{tick, tap.time - project.grid->time_at(tick)};
        }
        pins.push_back({{}, anchor, MarkerBody{tr("tap %1").arg(pins.size() + 1).toStdString(), {}}, {}});
    }
    document_.apply(with_pins(project, lane->id, std::move(pins)), tr("add tapped markers"));
}

void TapPanel::calibrate() {
    const auto& grid = document_.project().grid;
    const auto late = grid ? tap_latency(*grid, taps_) : std::nullopt;
    if (!late)
        return;
    const int now = latency_->value() + static_cast<int>(std::lround(late->value * 1000));
    latency_->setValue(now);
    document_.say(tr("Taps come %1 ms late. That is taken off from now on.").arg(now));
    forget();
}

} // namespace pulsepin
