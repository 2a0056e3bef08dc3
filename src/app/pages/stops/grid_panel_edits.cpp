// SPDX-License-Identifier: GPL-3.0-or-later
//
// What a person can do to the grid.
#include "hand/hangs_on_grid.h"
#include "model/edits.h"
#include "pages/stops/grid_panel.h"
#include "parts/question.h"
#include "session/apply_hand_edit.h"
#include "time/grid_bend.h"
#include "time/grid_edits.h"

#include <QScopedValueRollback>
#include <algorithm>
#include <cmath>

namespace pulsepin {

bool GridPanel::corrected() const {
    const auto& project = document_.project();
    if (!project.grid)
        return false;
    const auto& beats = project.grid->beats();
    const bool held = std::any_of(beats.begin(), beats.end(),
                                  [](const GridBeat& beat) { return beat.origin == BeatOrigin::Held; });
    const bool as_found =
        project.detection && project.detection->grid && *project.grid == *project.detection->grid;
    return held || !as_found;
}

/// What was corrected holds when the beats are looked for again.
GridConditions GridPanel::conditions() const {
    GridConditions conditions;
    const auto& project = document_.project();
    if (project.grid && project.detection && project.detection->grid) {
        const int now = project.grid->metre_at(Ticks(0)).beats_per_bar;
        if (now != project.detection->grid->metre_at(Ticks(0)).beats_per_bar)
            conditions.beats_per_bar = now;
    }
    if (project.grid)
        for (const auto& beat : project.grid->beats())
            if (beat.origin == BeatOrigin::Held)
                conditions.held.push_back(beat.time);
    for (const auto& span : *project.excluded)
        conditions.excluded.emplace_back(span.from, span.until);
    if (const QPointF range = range_->currentData().toPointF(); !range.isNull())
        conditions.tempo_range = {Bpm(range.x()), Bpm(range.y())};
    return conditions;
}

void GridPanel::find_beats() {
    if (corrected())
        document_.detection().propose(conditions());
    else
        document_.detection().detect(conditions(), true);
}

void GridPanel::find_beats_anyway() {
    auto wanted = conditions();
    if (!wanted.tempo_range) // whoever names a tempo says that there are beats
        wanted.tempo_range = {Bpm(slowest_beat), Bpm(fastest_beat)};
    document_.detection().detect(wanted, true);
}

void GridPanel::take_tempo(std::size_t index) {
    const auto& detection = document_.project().detection;
    if (!detection || index >= detection->tempi.size())
        return;
    const Bpm tempo = detection->tempi[index].tempo;
    auto wanted = conditions();
    wanted.held.clear(); // another tempo is another grid
    wanted.tempo_range = {tempo * 0.96, tempo * 1.04};
    if (corrected())
        document_.detection().propose(wanted);
    else
        document_.detection().detect(wanted, true);
}

/// Typed, or dragged with all that hangs on the beats.
void GridPanel::use_tempo_field(bool is_typed) {
    const auto& project = document_.project();
    const Bpm typed(tempo_->value());
    if (project.grid) {
        if (std::abs(typed.value - project.grid->typical_tempo().value) < 0.0006)
            return; // focus went by; nothing was typed
        // The song's tempo is that of the usual interval: all beats stretch in that proportion.
        const double ratio = typed / project.grid->typical_tempo();
        auto grid = with_mean_tempo(*project.grid, Bpm(project.grid->mean_tempo().value * ratio));
        is_typed ? change_tempo(std::move(grid)) : retime(std::move(grid), tr("change tempo"));
    } else if (project.song && tempo_->hasFocus()) {
        auto grid = BeatGrid::steady(typed, view_.playhead(), {}, project.song->duration());
        if (grid)
            document_.apply(relabelled(project, *std::move(grid)), tr("make a steady grid"));
    }
}

/// What hangs on the grid goes with its beats, or stays at its times: whoever types a tempo is asked.
void GridPanel::change_tempo(Result<BeatGrid> grid) {
    if (asking_) // the field ends its edit once more while it is asked
        return;
    const auto hangs = hangs_on_grid(document_.project());
    if (!grid || hangs.pins == 0)
        return retime(std::move(grid), tr("change tempo"));
    const auto& trust = document_.trust();
    const auto doubtful = doubtful_places(trust).size();
    const bool times_meant = hangs.off_beat * 2 > hangs.pins || doubtful * 2 > trust.size();
    const QScopedValueRollback asking(asking_, true);
    const auto answer =
        chosen_of(this, {"keep beats or times",
                         tr("Another tempo"),
                         tr("%n pin(s) hang on the beats. Shall they go with their beats, or stay where they "
                            "are in the song?",
                            nullptr, static_cast<int>(hangs.pins))
                             .replace("pin(s) hang", hangs.pins == 1 ? "pin hangs" : "pins hang"),
                         {tr("Keep beats"), tr("Keep times")},
                         times_meant ? std::size_t{1} : std::size_t{0}});
    if (answer == 0)
        retime(std::move(grid), tr("change tempo"));
    else if (answer == 1)
        relabel(std::move(grid), tr("change tempo"));
    else
        refresh(); // the field shows what is
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

/// What the core does under that name, at the playhead.
void GridPanel::edit(std::string_view id, ParamValues values) {
    HandEditRequest request{document_.schedule()};
    request.at = view_.playhead();
    request.values = std::move(values);
    apply_hand_edit(document_, id, std::move(request));
}

void GridPanel::change_ratio(int beats, int of) {
    const auto& grid = document_.project().grid;
    if (!grid)
        return;
    view_.choose_beat(std::nullopt);
    relabel(with_tempo_ratio(*grid, beats, of), beats * 2 == of   ? tr("halve tempo")
                                                : beats == of * 2 ? tr("double tempo")
                                                                  : tr("%1 beats for %2").arg(beats).arg(of));
}

void GridPanel::set_metre(Metre metre) {
    if (!document_.project().grid)
        return;
    const bool as_found = document_.project().detection && !corrected();
    edit("metre", {{"beats", static_cast<double>(metre.beats_per_bar)},
                   {"unit", static_cast<double>(metre.beat_unit)}});
    if (as_found) // whoever tells the metre may be told where its bars begin
        document_.detection().propose_if_different(conditions());
}

void GridPanel::set_metre_from_here(Metre metre) {
    const auto& grid = document_.project().grid;
    if (!grid)
        return document_.say(tr("There are no beats yet: find them first"));
    relabel(with_metre_from(*grid, grid->nearest_beat(view_.playhead()).value / ticks_per_beat, metre),
            tr("change metre from here"));
}

void GridPanel::shift_by(Seconds by) {
    if (document_.project().grid)
        retime(shifted(*document_.project().grid, by), tr("move grid"));
}

void GridPanel::move_to_off_beats() {
    edit("off-beats");
}

void GridPanel::name_bar_one_at_playhead() {
    document_.detection().leave_proposal(); // whoever says where bar 1 is need not be told
    edit("bar-one");
}

std::optional<std::int64_t> GridPanel::beat_meant() const {
    const auto& grid = document_.project().grid;
    if (!grid) {
        document_.say(tr("There are no beats yet: find them first"));
        return std::nullopt;
    }
    return view_.beat().value_or(std::clamp(grid->nearest_beat(view_.playhead()).value / ticks_per_beat,
                                            grid->first_beat(), grid->last_beat()));
}

void GridPanel::hold_beat() {
    const auto beat = beat_meant();
    if (!beat)
        return;
    const auto& grid = *document_.project().grid;
    const bool held =
        grid.beats()[static_cast<std::size_t>(*beat - grid.first_beat())].origin == BeatOrigin::Held;
    retime(with_beat_held(grid, *beat, !held), held ? tr("let go of beat") : tr("hold beat"));
}

void GridPanel::add_beat_at_playhead() {
    edit("add-beat");
}

void GridPanel::delete_chosen_beat() {
    const auto& grid = document_.project().grid;
    if (!grid || !view_.beat())
        return;
    const auto beat = *view_.beat();
    view_.choose_beat(std::nullopt);
    relabel(without_beat(*grid, beat), tr("delete beat"));
}

void GridPanel::fit_between_held() {
    const auto& project = document_.project();
    if (!project.grid)
        return;
    const auto& grid = *project.grid;
    const auto here = static_cast<std::int64_t>(std::floor(grid.beats_at(view_.playhead()).value + 1e-6));
    const auto from = held_before(grid, here), to = held_after(grid, here);
    if (!from || !to)
        return document_.say(
            tr("Hold a beat before and one after the playhead first (H), then fit between them"));
    const auto old = *to - *from;
    std::int64_t count = count_->value();
    if (count == 0) {
        static const std::vector<FoundOnset> none;
        const Seconds usual(60 / grid.typical_tempo().value);
        count = beats_that_fit(grid.time_at(Ticks(*from * ticks_per_beat)),
                               grid.time_at(Ticks(*to * ticks_per_beat)), usual,
                               project.detection ? project.detection->onsets() : none);
    }
    auto fitted = with_beats_between(grid, *from, *to, count);
    if (count == old)
        retime(std::move(fitted), tr("fit beats"));
    else
        relabel(std::move(fitted), tr("fit beats"));
    document_.say(tr("%1 beats between the held ones").arg(count));
}

void GridPanel::exclude_range(bool excluded) {
    if (!view_.range())
        return document_.say(tr("Drag over the ruler first, to make a range"));
    document_.apply(with_excluded(document_.project(), {view_.range()->from, view_.range()->until}, excluded),
                    excluded ? tr("exclude range from finding beats") : tr("look for beats in range again"));
    document_.say(excluded
                      ? tr("What sounds there will say nothing about the beats. Find the beats again now.")
                      : tr("What sounds there counts again. Find the beats again now."));
}

} // namespace pulsepin
