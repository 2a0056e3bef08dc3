// SPDX-License-Identifier: GPL-3.0-or-later
//
// What a person can do to the grid.
#include "hand/hangs_on_grid.h"
#include "pages/stops/grid_panel.h"
#include "parts/question.h"
#include "session/apply_hand_edit.h"

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
    const double typed = tempo_->value();
    if (!project.grid) {
        if (project.song && tempo_->hasFocus())
            edit("steady-grid", {{"bpm", typed}});
    } else if (std::abs(typed - project.grid->typical_tempo().value) >= 0.0006) { // focus did more than go by
        is_typed ? change_tempo(typed) : edit("tempo", {{"bpm", typed}});
    }
}

/// What hangs on the grid goes with its beats, or stays at its times: whoever types a tempo is asked.
void GridPanel::change_tempo(double typed) {
    if (asking_) // the field ends its edit once more while it is asked
        return;
    const auto hangs = hangs_on_grid(document_.project());
    if (hangs.pins == 0)
        return edit("tempo", {{"bpm", typed}});
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
        edit("tempo", {{"bpm", typed}});
    else if (answer == 1)
        edit("tempo", {{"bpm", typed}, {"keep", "times"}});
    else
        refresh(); // the field shows what is
}

/// What the core does under that name, at the playhead or at a time.
void GridPanel::edit(std::string_view id, ParamValues values, const QString& step,
                     std::optional<Seconds> at) {
    HandEditRequest request{document_.schedule()};
    request.at = at.value_or(view_.playhead());
    request.values = std::move(values);
    apply_hand_edit(document_, id, std::move(request), step);
}

void GridPanel::change_ratio(int beats, int of) {
    view_.choose_beat(std::nullopt);
    edit("tempo-ratio", {{"beats", static_cast<double>(beats)}, {"of", static_cast<double>(of)}},
         beats * 2 == of   ? tr("halve tempo")
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
    edit("metre",
         {{"beats", static_cast<double>(metre.beats_per_bar)},
          {"unit", static_cast<double>(metre.beat_unit)},
          {"from-here", 1.0}},
         tr("change metre from here"));
}

void GridPanel::shift_by(Seconds by) {
    edit("shift-grid", {{"ms", by.value * 1000}});
}

void GridPanel::move_to_off_beats() {
    edit("off-beats");
}

void GridPanel::name_bar_one_at_playhead() {
    document_.detection().leave_proposal(); // whoever says where bar 1 is need not be told
    edit("bar-one");
}

void GridPanel::hold_beat() {
    const auto& grid = document_.project().grid;
    if (!grid)
        return edit("hold-beat"); // which says why it cannot
    const auto beat = view_.beat().value_or(std::clamp(
        grid->nearest_beat(view_.playhead()).value / ticks_per_beat, grid->first_beat(), grid->last_beat()));
    const bool held =
        grid->beats()[static_cast<std::size_t>(beat - grid->first_beat())].origin == BeatOrigin::Held;
    edit("hold-beat", {{"held", held ? 0.0 : 1.0}}, held ? tr("let go of beat") : tr("hold beat"),
         grid->time_at(Ticks(beat * ticks_per_beat)));
}

void GridPanel::add_beat_at_playhead() {
    edit("add-beat");
}

void GridPanel::delete_chosen_beat() {
    const auto& grid = document_.project().grid;
    if (!grid || !view_.beat())
        return;
    const Seconds at = grid->time_at(Ticks(*view_.beat() * ticks_per_beat));
    view_.choose_beat(std::nullopt);
    edit("delete-beat", {}, {}, at);
}

void GridPanel::fit_between_held() {
    edit("fit-beats", {{"count", static_cast<double>(count_->value())}});
}

void GridPanel::take_as_found() {
    edit("as-found");
}

void GridPanel::exclude_range(bool excluded) {
    if (!view_.range())
        return document_.say(tr("Drag over the ruler first, to make a range"));
    edit("exclude",
         {{"from", view_.range()->from.value},
          {"until", view_.range()->until.value},
          {"excluded", excluded ? 1.0 : 0.0}},
         excluded ? tr("exclude range from finding beats") : tr("look for beats in range again"));
}

} // namespace pulsepin
