// SPDX-License-Identifier: GPL-3.0-or-later
#include "stops/grid_panel.h"

#include "model/edits.h"
#include "time/grid_edits.h"
#include "time/musical_text.h"
#include "widgets.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QMessageBox>
#include <QVBoxLayout>
#include <algorithm>
#include <tuple>

namespace pulsepin {

GridPanel::GridPanel(Document& document, ViewState& view, QWidget* parent)
    : StopPanel(document, view, parent) {
    auto* outside = new QVBoxLayout(this);
    outside->setContentsMargins(0, 0, 0, 0);
    outside->setSpacing(7);
    auto* head = new QHBoxLayout;
    head->setSpacing(4);
    heading_ = heading({});
    head->addWidget(heading_, 1);
    pages_ = new QStackedWidget;
    auto* which = new QButtonGroup(this);
    for (const auto& [page, text, tip] :
         {std::tuple{0, tr("Beats"), tr("Tempo, bars and phase of the grid")},
          std::tuple{1, tr("Onsets"), tr("The rows of onsets, and how they are found")}}) {
        auto* button = new QPushButton(text);
        button->setObjectName(QString("page %1").arg(text));
        button->setToolTip(tip);
        button->setCheckable(true);
        button->setProperty("role", "choice");
        button->setChecked(page == 0);
        which->addButton(button, page);
        head->addWidget(button);
    }
    connect(which, &QButtonGroup::idClicked, this, &GridPanel::show_page);
    outside->addLayout(head);
    outside->addWidget(pages_, 1);
    auto* beats_page = new QWidget;
    rows_ = new OnsetRows(document, view);
    pages_->addWidget(beats_page);
    pages_->addWidget(rows_);
    auto* column = new QVBoxLayout(beats_page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(7);
    found_ = quiet({});
    column->addWidget(found_);
    auto* tempi = new QHBoxLayout;
    tempi->setSpacing(4);
    for (int i = 0; i < 4; ++i) {
        auto* button = new QPushButton;
        button->setObjectName(QString("tempo candidate %1").arg(i + 1));
        button->setCheckable(true);
        button->setProperty("role", "choice");
        button->setToolTip(tr("Finds the beats again at about this tempo; items keep their time"));
        connect(button, &QPushButton::clicked, this, [this, i] { take_tempo(static_cast<std::size_t>(i)); });
        candidates_.push_back(button);
        tempi->addWidget(button);
    }
    tempi->addStretch(1);
    column->addLayout(tempi);

    tempo_ = new QDoubleSpinBox;
    tempo_->setObjectName("tempo");
    tempo_->setRange(10, 1000);
    tempo_->setDecimals(3);
    tempo_->setKeyboardTracking(false);
    tempo_->setToolTip(
        tr("Type a tempo to stretch the grid about bar 1; without a grid it makes a steady one"));
    connect(tempo_, &QDoubleSpinBox::editingFinished, this, &GridPanel::use_typed_tempo);
    metre_ = new QComboBox;
    metre_->setObjectName("metre choice");
    for (int beats = 2; beats <= 7; ++beats)
        metre_->addItem(QString("%1/4").arg(beats), beats);
    connect(metre_, &QComboBox::activated, this,
            [this](int index) { set_metre(metre_->itemData(index).toInt()); });
    const auto make = [this](const QString& text, const QString& tip, auto action) {
        auto* button = new QPushButton(text);
        button->setToolTip(tip);
        connect(button, &QPushButton::clicked, this, action);
        need_grid_.push_back(button);
        return button;
    };
    auto* here = make(tr("here"), QString(), [this] { name_bar_one_at_playhead(); });
    here->setObjectName("bar 1 here");
    here->setToolTip(tr("The beat nearest to the playhead becomes bar 1, beat 1; items keep their time"));
    auto* first = new QHBoxLayout;
    first->setSpacing(12);
    first->addWidget(labelled(tr("tempo"), tempo_), 2);
    first->addWidget(make(tr("½"), tr("Half as fast; items keep their time"), [this] { halve(); }), 0,
                     Qt::AlignBottom);
    first->addWidget(make(tr("×2"), tr("Twice as fast; items keep their time"), [this] { double_up(); }), 0,
                     Qt::AlignBottom);
    first->addWidget(labelled(tr("metre"), metre_), 1);
    first->addWidget(labelled(tr("bar 1"), here), 1);
    column->addLayout(first);

    auto* nudges = new QHBoxLayout;
    nudges->setSpacing(4);
    for (const int ms : {-10, -1, 1, 10}) {
        auto* button = make(QString("%1%2").arg(ms > 0 ? "+" : "−").arg(std::abs(ms)),
                            tr("All beats %1 ms %2; items follow")
                                .arg(std::abs(ms))
                                .arg(ms > 0 ? tr("later") : tr("earlier")),
                            [this, ms] { shift_by(Seconds(ms / 1000.0)); });
        button->setObjectName(QString("shift %1").arg(ms));
        button->setMinimumWidth(44);
        nudges->addWidget(button);
    }
    auto* nudge_box = new QWidget;
    nudge_box->setLayout(nudges);
    nudges->setContentsMargins(0, 0, 0, 0);
    auto* second = new QHBoxLayout;
    second->setSpacing(12);
    second->addWidget(quiet(tr("move all by ms")));
    second->addWidget(nudge_box);
    auto* steady =
        make(tr("Make steady"), tr("One tempo through all beats, by the best-fitting line; items follow"),
             [this] { retime(made_steady(*document_.project().grid), tr("make grid steady")); });
    second->addWidget(steady);
    second->addStretch(1);
    column->addLayout(second);
    column->addStretch(1);

    auto* last = new QHBoxLayout;
    auto* detect_button = main_button(tr("Find the beats"));
    detect_button->setObjectName("detect");
    detect_button->setToolTip(tr("Listens to the song for tempo, beats, bars and onsets (Ctrl+D)"));
    connect(detect_button, &QPushButton::clicked, this, &GridPanel::detect);
    back_to_found_ = new QPushButton(tr("Back to what was found"));
    back_to_found_->setToolTip(
        tr("Takes the grid as it was detected; corrections can be had back with Undo"));
    connect(back_to_found_, &QPushButton::clicked, this, [this] {
        if (document_.project().detection && document_.project().detection->grid)
            document_.apply(relabelled(document_.project(), *document_.project().detection->grid),
                            tr("take the found grid"));
    });
    range_ = new QComboBox;
    range_->setObjectName("tempo range");
    range_->setAccessibleName(tr("Tempo range"));
    range_->setToolTip(tr("How fast the beats may come, when you know it"));
    range_->addItem(tr("at any tempo"));
    for (const auto& [low, high] : {std::pair{40, 80}, {60, 120}, {80, 160}, {120, 240}})
        range_->addItem(tr("at %1 to %2 BPM").arg(low).arg(high), QPointF(low, high));
    last->addWidget(detect_button);
    last->addWidget(range_);
    last->addWidget(back_to_found_);
    last->addStretch(1);
    column->addLayout(last);
    show_page(0);
    refresh();
}

void GridPanel::show_page(int page) {
    pages_->setCurrentIndex(page);
    heading_->setText(page == 0 ? tr("Put the grid on the beat") : tr("What starts when"));
}

/// A metre that was corrected holds when the beats are looked for again.
GridConditions GridPanel::conditions() const {
    GridConditions conditions;
    const auto& project = document_.project();
    if (project.grid && project.detection && project.detection->grid) {
        const int now = project.grid->metre_at(Ticks(0)).beats_per_bar;
        if (now != project.detection->grid->metre_at(Ticks(0)).beats_per_bar)
            conditions.beats_per_bar = now;
    }
    if (const QPointF range = range_->currentData().toPointF(); !range.isNull())
        conditions.tempo_range = {Bpm(range.x()), Bpm(range.y())};
    return conditions;
}

void GridPanel::take_tempo(std::size_t index) {
    const auto& detection = document_.project().detection;
    if (!detection || index >= detection->tempi.size())
        return;
    const Bpm tempo = detection->tempi[index].tempo;
    auto wanted = conditions();
    wanted.tempo_range = {tempo * 0.96, tempo * 1.04};
    document_.detect(wanted, true);
}

void GridPanel::detect() {
    const auto& project = document_.project();
    bool take = true;
    const bool corrected = project.grid && project.detection && project.detection->grid &&
                           !(*project.grid == *project.detection->grid);
    if (corrected) {
        QMessageBox ask(QMessageBox::Question, tr("Find the beats again"),
                        tr("The grid was corrected. Shall what is found now replace it?"),
                        QMessageBox::NoButton, this);
        auto* replace = ask.addButton(tr("Replace the grid"), QMessageBox::AcceptRole);
        auto* keep = ask.addButton(tr("Keep my grid"), QMessageBox::RejectRole);
        ask.setDefaultButton(qobject_cast<QPushButton*>(keep));
        ask.exec();
        take = ask.clickedButton() == replace;
    }
    document_.detect(conditions(), take);
}

void GridPanel::use_typed_tempo() {
    const auto& project = document_.project();
    const Bpm typed(tempo_->value());
    if (project.grid) {
        if (std::abs(typed.value - project.grid->typical_tempo().value) < 0.0006)
            return; // focus went by; nothing was typed
        // The song's tempo is that of the usual interval: all beats stretch in that proportion.
        const double ratio = typed / project.grid->typical_tempo();
        retime(with_mean_tempo(*project.grid, Bpm(project.grid->mean_tempo().value * ratio)),
               tr("change tempo"));
    } else if (project.song && tempo_->hasFocus()) {
        auto grid = BeatGrid::steady(typed, view_.playhead(), {metre_->currentData().toInt(), 4},
                                     project.song->duration());
        if (grid)
            document_.apply(relabelled(project, *std::move(grid)), tr("make a steady grid"));
    }
}

void GridPanel::relabel(Result<BeatGrid> grid, const QString& name) {
    if (!grid)
        return document_.say(QString::fromStdString(grid.error().message()));
    document_.apply(relabelled(document_.project(), *std::move(grid)), name);
}

void GridPanel::retime(Result<BeatGrid> grid, const QString& name) {
    if (!grid)
        return document_.say(QString::fromStdString(grid.error().message()));
    document_.apply(retimed(document_.project(), *std::move(grid)), name);
}

void GridPanel::halve() {
    if (document_.project().grid)
        relabel(with_half_tempo(*document_.project().grid), tr("halve tempo"));
}

void GridPanel::double_up() {
    if (document_.project().grid)
        relabel(with_double_tempo(*document_.project().grid), tr("double tempo"));
}

void GridPanel::set_metre(int beats_per_bar) {
    if (document_.project().grid)
        relabel(with_metre(*document_.project().grid, {beats_per_bar, 4}), tr("change metre"));
}

void GridPanel::shift_by(Seconds by) {
    if (document_.project().grid)
        retime(shifted(*document_.project().grid, by), tr("move grid"));
}

void GridPanel::name_bar_one_at_playhead() {
    const auto& grid = document_.project().grid;
    if (grid)
        relabel(with_bar_one_at(*grid, grid->nearest_beat(view_.playhead()).value / ticks_per_beat),
                tr("name bar 1"));
}

QString GridPanel::summary() const {
    const auto& grid = document_.project().grid;
    if (!grid)
        return document_.project().song ? tr("no beats yet") : tr("needs a song");
    return tr("%1 BPM · %2")
        .arg(grid->typical_tempo().value, 0, 'f', 2)
        .arg(QString::fromStdString(format_metre(grid->metre_at(Ticks(0)))));
}

void GridPanel::refresh() {
    const auto& project = document_.project();
    for (auto* button : need_grid_)
        button->setEnabled(project.grid != nullptr);
    back_to_found_->setEnabled(project.grid && project.detection && project.detection->grid &&
                               !(*project.grid == *project.detection->grid));
    if (!project.detection) {
        found_->setText(project.song ? tr("Nothing was detected yet.") : tr("Open a song first."));
    } else if (!project.detection->grid) {
        found_->setText(tr("No pulse was found. Type a tempo to make a steady grid at the playhead."));
    } else {
        const auto& found = *project.detection;
        QString text = tr("Found %1 beats").arg(found.grid->beats().size());
        if (found.swing)
            text += *found.swing < 1.12 ? tr(", eighths straight")
                                        : tr(", eighths swing %1 : 1").arg(*found.swing, 0, 'f', 1);
        found_->setText(text + tr(". It may be:"));
    }
    for (std::size_t i = 0; i < candidates_.size(); ++i) {
        auto* button = candidates_[i];
        const bool there = project.detection && i < project.detection->tempi.size();
        button->setVisible(there);
        if (!there)
            continue;
        const auto& tempo = project.detection->tempi[i];
        const auto share = std::lround(100 * static_cast<double>(tempo.confidence));
        button->setText(share > 0 ? tr("%1 BPM · %2 %").arg(tempo.tempo.value, 0, 'f', 1).arg(share)
                                  : tr("%1 BPM").arg(tempo.tempo.value, 0, 'f', 1));
        button->setChecked(project.grid && std::abs(project.grid->typical_tempo() / tempo.tempo - 1) < 0.03);
    }
    rows_->refresh();
    if (!tempo_->hasFocus() || project.grid)
        tempo_->setValue(project.grid ? project.grid->typical_tempo().value : 120.0);
    tempo_->setEnabled(project.song != nullptr);
    const int beats = project.grid ? project.grid->metre_at(Ticks(0)).beats_per_bar : 4;
    metre_->setCurrentIndex(metre_->findData(beats));
}

} // namespace pulsepin
