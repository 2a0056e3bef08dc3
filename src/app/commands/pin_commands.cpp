// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/pin_commands.h"

#include "hand/event_keys.h"

#include "commands/file_commands.h"
#include "commands/play_commands.h"
#include "drawing/score/score_view.h"
#include "drawing/timeline/timeline_view.h"
#include "hand/copying.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/onset_edits.h"
#include "model/planting_edits.h"
#include "pages/dialogs/repeat_dialog.h"
#include "pages/dialogs/say_dialog.h"
#include "pages/stops/grid_panel.h"
#include "pages/stops/place_panel.h"
#include "parts/fields.h"
#include "parts/widgets.h"
#include "schedule/add_pin.h"
#include "session/core_words.h"
#include "stage/trigger_acts.h"
#include "time/clock_grid.h"
#include "time/musical_text.h"

#include <QDialogButtonBox>
#include <QInputDialog>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace pulsepin {

std::vector<PinId> PinCommands::selected_pins() const {
    return {view_.selection().begin(), view_.selection().end()};
}

void PinCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "add marker", tr("Add a marker here"), {K(tr("M"))},
        [this] { add_pin_of(kind_of(body_type<MarkerBody>)); });
    add(menu, "add marker on shot", tr("Add a marker on the shot or sound here"), {K(tr("Ctrl+Shift+M"))},
        [this] { edit("mark-clip"); });
    add(menu, "add cut", tr("Add a cut here"), {K(tr("C"))},
        [this] { add_pin_of(kind_of(body_type<CutBody>)); });
    add(menu, "add trigger", tr("Add a trigger here"), {K(tr("E"))},
        [this] { add_pin_of(kind_of(body_type<TriggerBody>)); });
    add(menu, "say", tr("Say it in a line…"), {K(tr("S"))}, [this] {
        if (SayDialog(document_, view_, window_).exec() == QDialog::Accepted)
            timeline_.reveal_lane(view_.lane());
    });
    menu->addSeparator();
    add(menu, "copy pins", tr("Copy"), {K::Copy}, [this] { copy_pins(); });
    add(menu, "cut pins", tr("Cut out"), {K::Cut}, [this] {
        copy_pins();
        edit("delete");
    });
    add(menu, "paste pins", tr("Paste at the playhead"), {K::Paste}, [this] { paste_pins(); });
    add(menu, "paste on chosen", tr("Paste on the next chosen beats"), {K(tr("Ctrl+Shift+V"))},
        [this] { paste_on_chosen(); });
    add(menu, "repeat", tr("Repeat bars…"), {K(tr("Ctrl+R"))}, [this] { ask_for_repetition(); });
    menu->addSeparator();
    struct Move {
        const char* command;
        QString text, key;
        const char *edit, *what;
        double by;
    };
    const Move moves[] = {{"frame earlier", tr("A frame earlier"), "Alt+,", "nudge", "frames", -1},
                          {"frame later", tr("A frame later"), "Alt+.", "nudge", "frames", 1},
                          {"earlier", tr("A beat earlier"), "Alt+Left", "move", "beats", -1},
                          {"later", tr("A beat later"), "Alt+Right", "move", "beats", 1},
                          {"bar earlier", tr("A bar earlier"), "Alt+Shift+Left", "move-bars", "bars", -1},
                          {"bar later", tr("A bar later"), "Alt+Shift+Right", "move-bars", "bars", 1},
                          {"row up", tr("A row up"), "Alt+Up", "move-rows", "rows", -1},
                          {"row down", tr("A row down"), "Alt+Down", "move-rows", "rows", 1}};
    for (const auto& move : moves)
        add(menu, move.command, move.text, {K(move.key)}, [this, move] {
            edit(move.edit, {{move.what, move.by}});
        });
    menu->addSeparator();
    add(menu, "adopt", tr("Tie loose pins to the grid…"), {}, [this] { ask_for_adoption(); });
    add(menu, "open event", tr("Open or close the course of an event"), {K(tr("Ctrl+Return"))}, [this] {
        const Pin* pin =
            view_.selection().empty() ? nullptr : document_.project().pin(*view_.selection().begin());
        if (!pin || !has_acts(pin->body))
            return document_.say(tr("Select a trigger, a light or something that appears, first"));
        view_.open_event(view_.opened_event() == pin->id ? PinId{} : pin->id);
    });
    add(menu, "lock", tr("Lock or unlock"), {K(tr("Ctrl+L"))}, [this] { edit("lock"); });
    add(menu, "mute", tr("Mute or unmute"), {K(tr("Ctrl+M"))}, [this] { edit("mute"); });
    add(menu, "delete", tr("Delete"), {K::Delete}, [this] {
        if (view_.event_key()) { // the innermost thing that is chosen
            const auto key = *view_.event_key();
            if (document_.apply(without_event_key(document_.project(), view_.opened_event(), key),
                                tr("delete key of event")))
                view_.choose_event_key(std::nullopt);
        } else if (view_.selection().empty() && view_.onset()) {
            if (document_.apply(
                    with_onset_deleted(document_.project(), view_.onset()->row, view_.onset()->time),
                    tr("delete onset")))
                view_.choose_onset(std::nullopt);
        } else if (view_.selection().empty() && view_.beat())
            grid_.delete_chosen_beat();
        else
            edit("delete");
    });
}

void PinCommands::add_selecting_to(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "select all", tr("All pins"), {K::SelectAll}, [this] { select_found({}); });
    add(menu, "deselect", tr("Nothing"), {K(tr("Esc"))}, [this] {
        if (view_.event_key()) // the innermost thing first
            return view_.choose_event_key(std::nullopt);
        if (view_.opened_event().value != 0)
            return view_.open_event({});
        view_.select({});
        view_.choose_beat(std::nullopt);
    });
    const auto like = [this](auto&& ask) {
        return [this, ask] {
            const Pin* pin =
                view_.selection().empty() ? nullptr : document_.project().pin(*view_.selection().begin());
            if (!pin)
                return document_.say(tr("Select one of them first"));
            PinQuery query;
            ask(query, *pin, *document_.project().lane_of(pin->id));
            select_found(query);
        };
    };
    add(menu, "select kind", tr("All in its lane, then all of its kind"), {K(tr("Ctrl+Shift+A"))},
        like([this](PinQuery& q, const Pin&, const Lane& lane) {
            PinQuery here;
            here.lane = lane.id;
            const auto in_lane = find_pins(document_.schedule(), here);
            if (view_.selection() == PinSet(in_lane.begin(), in_lane.end()))
                q.kind = lane.kind;
            else
                q.lane = lane.id;
        }));
    add(menu, "select lane", tr("All in its lane"), {K(tr("Ctrl+Alt+A"))},
        like([](PinQuery& q, const Pin&, const Lane& lane) { q.lane = lane.id; }));
    add(menu, "select colour", tr("All of its colour"), {},
        like([this](PinQuery& q, const Pin& pin, const Lane& lane) {
            q.kind = lane.kind;
            q.colour = colour_of(document_.project(), pin.id);
        }));
    add(menu, "select name", tr("All of its name"), {},
        like([this](PinQuery& q, const Pin& pin, const Lane& lane) {
            q.kind = lane.kind;
            q.name = name_of(document_.project(), pin.id);
        }));
    add(menu, "select its planting", tr("All placed together with it"), {K(tr("Ctrl+P"))},
        like([](PinQuery& q, const Pin& pin, const Lane&) { q.planting = pin.planting; }));
    add(menu, "select range", tr("All in the range"), {K(tr("Ctrl+Shift+R"))}, [this] {
        if (!view_.range())
            return document_.say(tr("Drag a range along the ruler first"));
        PinQuery query;
        query.range = TimeSpan{view_.range()->from, view_.range()->until};
        select_found(query);
    });
    add(menu, "select by name", tr("By name…"), {K(tr("Ctrl+F"))}, [this] {
        bool wanted = false;
        const QString name = QInputDialog::getText(window_, tr("Select by name"), tr("Part of the name"),
                                                   QLineEdit::Normal, {}, &wanted);
        if (!wanted || name.isEmpty())
            return;
        PinQuery query;
        query.name = name.toStdString();
        select_found(query);
    });
}

void PinCommands::select_found(const PinQuery& query) {
    const auto found = find_pins(document_.schedule(), query);
    view_.select({found.begin(), found.end()});
    document_.say(found.size() == 1 ? tr("One pin selected") : tr("%1 pins selected").arg(found.size()));
}

void PinCommands::copy_pins() {
    const auto pins = selected_pins();
    if (pins.empty())
        return document_.say(tr("Select pins first"));
    clipping_ = clipping_of(document_.project(), pins);
    document_.say(tr("%1 copied").arg(clipping_.items.size()));
}

void PinCommands::take_copies(const Result<Copied>& copied, const QString& what) {
    if (!copied)
        return document_.say(spoken(copied.error()));
    if (copied->count == 0)
        return document_.say(tr("All of these places are taken already"));
    document_.apply(copied->project, what);
    std::vector<PinId> pins;
    for (const PlantingId planting : copied->plantings)
        std::ranges::copy(pins_of(document_.project(), planting), std::back_inserter(pins));
    view_.select({pins.begin(), pins.end()});
    document_.say(copied->already_there == 0
                      ? tr("%1 placed and selected").arg(copied->count)
                      : tr("%1 placed and selected, %2 not").arg(copied->count).arg(copied->already_there));
}

void PinCommands::paste_pins() {
    const auto& grid = document_.project().grid;
    const Seconds here = snapped(view_.playhead());
    const Ticks at = grid ? grid->nearest_tick(here) : clock_ticks(here);
    take_copies(pasted(document_.project(), clipping_, at), tr("paste"));
}

/// The beats that the stop "Place" picks, from the playhead on.
void PinCommands::paste_on_chosen() {
    const auto picker = place_.picker();
    take_copies(picker ? pasted_on_picked(document_.project(), clipping_, *picker, view_.playhead())
                       : Result<Copied>(tl::unexpected(picker.error())),
                tr("paste on chosen beats"));
}

void PinCommands::ask_for_repetition() {
    const auto& project = document_.project();
    const auto range =
        view_.range() ? std::optional(TimeSpan{view_.range()->from, view_.range()->until}) : std::nullopt;
    const auto stretch = stretch_to_repeat(document_.schedule(), view_.selection(), range);
    if (!stretch)
        return document_.say(tr("Select what shall come again, along the beats"));
    const auto& grid = *project.grid;
    const auto pins = selected_pins();
    const auto from = grid.position_of(stretch->from), until = grid.position_of(stretch->until);
    RepeatDialog dialog(
        tr("From %1 until %2")
            .arg(QString::fromStdString(format_position(from)),
                 QString::fromStdString(format_position(until))),
        std::max<std::int64_t>(1, until.bar - from.bar),
        [&](const Repetition& repetition) {
            return repeated(project, pins, stretch->from, stretch->until, repetition);
        },
        window_);
    if (dialog.exec() == QDialog::Accepted)
        take_copies(repeated(project, pins, stretch->from, stretch->until, dialog.repetition()),
                    tr("repeat bars"));
}

/// What is selected, or all that is loose.
void PinCommands::ask_for_adoption() {
    QDialog dialog(window_);
    dialog.setObjectName("adopt pins");
    dialog.setWindowTitle(tr("Tie loose pins to the grid"));
    auto* column = new QVBoxLayout(&dialog);
    auto* parts =
        choice_box("adopt parts", tr("To which places of the grid"),
                   {tr("beats"), tr("halves of beats"), tr("thirds of beats"), tr("quarters of beats")});
    auto* within = whole_field("adopt within", tr("Pins further away than this stay loose"), 0, 10'000, 80);
    within->setSuffix(tr(" ms"));
    auto* told = quiet({});
    told->setObjectName("adopt told");
    column->addWidget(labelled(tr("to the nearest of"), parts));
    column->addWidget(labelled(tr("within"), within));
    column->addWidget(told);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    column->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    const auto values = [&] {
        return ParamValues{{"parts", static_cast<double>(parts->currentIndex() + 1)},
                           {"within", static_cast<double>(within->value())}};
    };
    const auto tell = [&] {
        const auto& row = *hand_edit("adopt");
        const auto tried =
            row.run({document_.schedule(), view_.selection(), {}, {}, {}, values_for(row, values())});
        told->setText(tried ? text_of(tried->told)
                                  .replace("%2", QString::number(tried->count))
                                  .replace("%1", QString::fromStdString(tried->name))
                            : spoken(tried.error()));
        buttons->button(QDialogButtonBox::Ok)->setEnabled(tried.has_value());
    };
    connect(parts, &QComboBox::currentIndexChanged, &dialog, tell);
    connect(within, &QSpinBox::valueChanged, &dialog, tell);
    tell();
    if (dialog.exec() == QDialog::Accepted)
        edit("adopt", values());
}

void PinCommands::add_pin_of(LaneKind kind) {
    Project project = document_.project();
    const Lane* lane = view_.lane_of_kind(project, kind);
    if (!lane && holds<TriggerBody>(kind)) {
        project = with_lane(project, kind, tr("Flash").toStdString());
        lane = project.first_lane(kind);
    }
    if (!lane)
        return;
    std::optional<TimeSpan> lasting;
    if (const auto& range = view_.range(); range && !player_.playing())
        lasting = TimeSpan{range->from, range->until};
    const Seconds meant = heard_now();
    add_pin_lasting(project, lane->id, meant, snapped(meant), lasting);
}

void PinCommands::add_pin(LaneId id, Seconds meant, Seconds place,
                          const std::function<PinBody(PinBody)>& begin) {
    std::optional<TimeSpan> lasting;
    if (const auto& range = view_.range(); range && meant >= range->from && meant < range->until)
        lasting = TimeSpan{range->from, range->until};
    add_pin_lasting(document_.project(), id, meant, place, lasting, begin);
}

void PinCommands::add_pin_lasting(const Project& project, LaneId id, Seconds meant, Seconds place,
                                  std::optional<TimeSpan> lasting,
                                  const std::function<PinBody(PinBody)>& begin) {
    const Lane* lane = project.lane(id);
    if (!lane)
        return;
    const LaneKind kind = lane->kind;
    if (holds<SoundBody>(kind))
        return files_.sound_dialog();
    if (holds<CutBody>(kind) && !project.song && project.shots().empty())
        return document_.say(tr("There is nothing to cut yet. Open a song or add shots first."));
    const QString singular = text_of(kind->singular);
    const auto add_at = [&](Seconds at) -> Result<AddedPin> {
        auto made = with_pin_added(project, id, at, lasting);
        if (!made || made->was_there || !begin)
            return made;
        auto begun = with_body(made->project, made->pin, begin(made->project.pin(made->pin)->body));
        if (!begun)
            return tl::unexpected(begun.error());
        made->project = *std::move(begun);
        return made;
    };
    const auto added = add_at(place);
    if (!added)
        return document_.say(spoken(added.error()));
    if (added->was_there) {
        document_.say(tr("There is a %1 here already: it is selected").arg(singular));
        return view_.select({added->pin});
    }
    // What was pulled by more than a frame can be taken back alone.
    const bool pulled = std::abs((place - meant).value) > rate().frame_length().value;
    const auto as_meant = pulled ? add_at(meant) : added;
    const bool two_steps = pulled && as_meant && !as_meant->was_there;
    if (two_steps)
        document_.apply(as_meant->project, tr("add %1").arg(singular));
    document_.apply(added->project, two_steps ? tr("pull %1").arg(singular) : tr("add %1").arg(singular));
    view_.select({added->pin});
    if (two_steps)
        view_.tell_pulled(ViewState::Pulled{added->pin, place - meant});
}

void PinCommands::show_context_menu(QPoint at, std::optional<PinId> pin, Seconds time) {
    QMenu menu(window_);
    if (pin) {
        const Pin* chosen = document_.project().pin(*pin);
        const bool loose = chosen && std::holds_alternative<TimeAnchor>(chosen->anchor);
        connect(menu.addAction(loose ? tr("Pin to the grid") : tr("Unpin")), &QAction::triggered, this,
                [this, id = *pin, loose] {
                    document_.apply(with_pinned(document_.project(), id, loose),
                                    loose ? tr("pin") : tr("unpin"));
                });
        if (chosen && is_body<MarkerBody>(chosen->body)) {
            const bool tied = std::holds_alternative<MarkerAnchor>(chosen->anchor);
            connect(menu.addAction(tied ? tr("Let it go from its shot")
                                        : tr("Tie to the shot or sound under it")),
                    &QAction::triggered, this,
                    [this, id = *pin, tied] { edit(tied ? "let-go" : "tie-to-clip", {}, PinSet{id}); });
        }
        for (const char* name :
             {"copy pins", "repeat", "select its planting", "select colour", "lock", "mute", "delete"})
            menu.addAction(commands_.action(name));
        menu.addSeparator();
    }
    connect(menu.addAction(tr("Go here")), &QAction::triggered, this,
            [this, time] { play_.set_playhead(time); });
    connect(menu.addAction(tr("Bar 1 here")), &QAction::triggered, this, [this, time] {
        play_.set_playhead(time);
        grid_.name_bar_one_at_playhead();
    });
    menu.addAction(commands_.action("hold beat"));
    menu.addAction(commands_.action("add beat"));
    menu.addAction(commands_.action("add marker"));
    menu.addAction(commands_.action("add cut"));
    menu.addAction(commands_.action("add trigger"));
    menu.addAction(commands_.action("paste pins"));
    if (view_.range())
        connect(menu.addAction(tr("Clear the range")), &QAction::triggered, this,
                [this] { view_.set_range(std::nullopt); });
    if (view_.range())
        for (const char* name : {"exclude", "include"})
            menu.addAction(commands_.action(name));
    menu.exec(at);
}

} // namespace pulsepin
