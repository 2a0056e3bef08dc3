// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/light_commands.h"

#include "drawing/canvas/gestures/paint_lights.h"
#include "drawing/timeline/timeline_view.h"
#include "hand/light_hand.h"
#include "kinds/kinds.h"
#include "lights/lamp_points.h"
#include "model/edits.h"
#include "model/rig_edits.h"
#include "model/rig_properties.h"
#include "pages/dialogs/param_dialog.h"
#include "pages/dialogs/patch_dialog.h"
#include "pages/dialogs/receiver_window.h"
#include "pages/stops/lights_page.h"
#include "parts/file_names.h"
#include "parts/question.h"
#include "schedule/add_pin.h"
#include "session/agreed_addresses.h"
#include "session/core_words.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>

namespace pulsepin {
namespace {

LampArrangement arrangement_of(const ParamValues& values) {
    LampArrangement arrangement;
    for (const auto& property : arrangement_properties())
        if (const auto* value = values.find(property.spec.id))
            property.set(arrangement, *value);
    return arrangement;
}

double picture_aspect(const Project& project) {
    return static_cast<double>(project.settings->picture_width) / project.settings->picture_height;
}

} // namespace

LightCommands::LightCommands(const Workplace& at) : Commands(at), sender_(at.document, at.player) {
    connect(&sender_, &LightSender::changed, this, &LightCommands::show_sending);
    connect(&view_, &ViewState::lamps_chosen, this, &LightCommands::remember_group);
    connect(&view_, &ViewState::playhead_moved, this, [this] { sender_.stand_at(view_.playhead()); });
}

void LightCommands::remember_group() {
    const Rig& rig = *document_.project().rig;
    for (const LampId lamp : view_.lamps())
        last_group_ = rig.fixture(lamp) ? rig.fixture(lamp)->group : lamp;
}

void LightCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "add lamps", tr("Add lamps…"), {}, [this] { add_lamps_dialog(); });
    add(menu, "add prop", tr("Add a prop from a file…"), {}, [this] { load_prop_dialog(); });
    add(menu, "name lamps", tr("Name the chosen lamp or group…"), {}, [this] { name_lamps(); });
    add(menu, "one row", tr("Group in one row, or a row a lamp"), {}, [this] { switch_one_row(); });
    add(menu, "delete lamps", tr("Delete the chosen lamps"), {}, [this] { delete_lamps(); });
    add(menu, "plan ground", tr("Picture below the plan…"), {}, [this] { choose_ground(); });
    menu->addSeparator();
    add(menu, "light here", tr("Light the chosen lamps here"), {K(tr("J"))}, [this] { light_here(true); });
    add(menu, "dark here", tr("Make the chosen lamps dark here"), {K(tr("Shift+J"))},
        [this] { light_here(false); });
    add(menu, "light on beats", tr("Light the chosen lamps on each beat"), {K(tr("Ctrl+J"))},
        [this] { light_on_beats(); });
    add(menu, "next lamp", tr("Choose the next lamp"), {K(tr("U"))}, [this] { choose_next(1); });
    add(menu, "previous lamp", tr("Choose the lamp before"), {K(tr("Shift+U"))}, [this] { choose_next(-1); });
    menu->addSeparator();
    add(menu, "recolour lights", tr("Recolour lights"), {}, [this] { recolour(); });
    add(menu, "swap lamps", tr("Swap the rows of two chosen lamps"), {}, [this] { swap_rows(); });
    add(menu, "drive lamps", tr("Drive the chosen lamps by a curve…"), {}, [this] { drive_dialog(); });
    add(menu, "latest light", tr("Latest light on a lamp wins, or the highest"), {},
        [this] { switch_latest(); });
    menu->addSeparator();
    add(menu, "patch", tr("Patch and outputs…"), {}, [this] {
        auto* dialog = new PatchDialog(document_, view_, sender_, window_);
        dialog->open();
    });
    commands_.add(
        menu,
        {{"send lights", tr("Send to the lamps"), {K(tr("Ctrl+Shift+J"))}, {}, [this](bool on) { send(on); }},
         {"blackout", tr("Blackout: all lamps dark"), {K(tr("Q"))}, {}, [this](bool on) {
              sender_.set_dark(on);
              document_.say(on ? tr("All lamps are dark until Q is pressed again")
                               : tr("Lamps are lit again"));
          }}});
    add(menu, "receiver", tr("Receiver"), {}, [this] { open_receiver(); });
}

void LightCommands::show_page(LightsPage* page) {
    page_ = page;
    connect(page, &LightsPage::wanted, this,
            [this](const QString& command) { commands_.action(command)->trigger(); });
    connect(page, &LightsPage::lamps_painted, this, &LightCommands::paint_lamps);
    connect(page, &LightsPage::lamp_wanted, this, &LightCommands::add_lamp_at);
}

/// On the page and in the menu, as it is.
void LightCommands::show_sending() {
    if (page_)
        page_->show_sending(sender_.sending(), sender_.dark());
    for (const auto& [id, on] : {std::pair("send lights", sender_.sending()), {"blackout", sender_.dark()}})
        commands_.action(id)->setChecked(on);
}

/// Only where a person said: an address that came with the project is asked about first.
void LightCommands::send(bool on) {
    if (on) {
        const QStringList unknown = agreed_addresses::unknown(*document_.project().rig);
        if (!unknown.isEmpty() &&
            !agreed_to(
                window_,
                {"send there", tr("Send to the lamps"),
                 tr("This project sends to %1. Nobody has typed that here yet.").arg(unknown.join(", ")),
                 tr("Send there"), tr("Send nothing")}))
            return show_sending();
        agreed_addresses::remember(unknown);
    }
    sender_.set_sending(on);
    if (on)
        document_.say(sender_.told());
}

ReceiverWindow* LightCommands::receiver() const {
    return receiver_;
}

LaneId LightCommands::lane() {
    const LaneKind kind = kind_of(body_type<LightBody>);
    if (const Lane* there = view_.lane_of_kind(document_.project(), kind))
        return there->id;
    Project next = with_lane(document_.project(), kind, tr("Lights").toStdString());
    const LaneId made = next.lanes.back()->id;
    document_.apply(std::move(next), tr("add lane"));
    view_.choose_lane(made);
    timeline_.reveal_lane(made);
    return made;
}

void LightCommands::add_lamps_dialog() {
    const auto specs = specs_of(arrangement_properties());
    ParamValues first;
    // Further down than those that are there.
    const auto groups = document_.project().rig->groups.size();
    first.set("name", groups == 0 ? std::string("Lamps") : "Lamps " + std::to_string(groups + 1));
    first.set("y", std::min(90.0, 30.0 + 20 * static_cast<double>(groups)));
    auto* dialog = new ParamDialog("lamps", tr("Add lamps"), specs, completed(first, specs), tr("Add"),
                                   window_, [this](const ParamValues& values) {
                                       const auto added =
                                           with_lamps(document_.project(), arrangement_of(values));
                                       if (!added)
                                           return spoken(added.error());
                                       const auto& last = added->rig->fixtures.back();
                                       return tr("%1 lamps, up to channel %2 of universe %3")
                                           .arg(values.whole("count"))
                                           .arg(last.first_channel + channels_of(last) - 1)
                                           .arg(last.universe);
                                   });
    ask(dialog, [this](const ParamValues& values) {
        auto next = with_lamps(document_.project(), arrangement_of(values));
        if (!next)
            return document_.say(spoken(next.error()));
        const LampId made = next->rig->groups.back().id;
        const LaneKind kind = kind_of(body_type<LightBody>);
        if (!next->first_lane(kind)) // where they are lit
            next = with_lane(*next, kind, tr("Lights").toStdString());
        const LaneId lights = next->first_lane(kind)->id;
        document_.apply(std::move(next), tr("add lamps"));
        view_.choose_lamps({made});
        timeline_.reveal_lane(lights);
    });
}

void LightCommands::load_prop_dialog() {
    const QString file = QFileDialog::getOpenFileName(window_, tr("A prop: where its lamps lie"),
                                                      usual_folder(document_), tr("Lamps (*.csv *.svg)"));
    if (file.isEmpty())
        return;
    const auto points = lamp_points(file.toStdString());
    if (!points)
        return document_.say(spoken(points.error()));
    std::vector<std::pair<double, double>> places;
    for (const auto& point : fitted(*points, 70, picture_aspect(document_.project())))
        places.emplace_back(point.x, point.y);
    const std::string name = QFileInfo(file).completeBaseName().toStdString();
    auto next = with_prop(document_.project(), name, places, {});
    if (next && !next->first_lane(kind_of(body_type<LightBody>)))
        next = with_lane(*next, kind_of(body_type<LightBody>), tr("Lights").toStdString());
    if (!next)
        return document_.say(spoken(next.error()));
    const LampId made = next->rig->groups.back().id;
    document_.apply(std::move(next), tr("add prop"));
    view_.choose_lamps({made});
    document_.say(tr("%1 lamps of “%2”").arg(places.size()).arg(QString::fromStdString(name)));
}

void LightCommands::delete_lamps() {
    if (view_.lamps().empty())
        return document_.say(tr("No lamp is chosen: click one in the plan"));
    document_.apply(without_lamps(document_.project(), view_.lamps()), tr("delete lamps"));
}

/// To the group of the lamp that was chosen last; else to the last one.
void LightCommands::add_lamp_at(double x, double y) {
    const Rig& rig = *document_.project().rig;
    const LampId group = rig.groups.empty() ? LampId{} : rig.groups.back().id;
    document_.apply(with_lamp_at(document_.project(),
                                 last_group_.value && rig.group(last_group_) ? last_group_ : group, x, y),
                    tr("add lamp"));
}

void LightCommands::name_lamps() {
    if (view_.lamps().size() != 1)
        return document_.say(tr("Choose one lamp, or one group, to name it"));
    const LampId lamp = view_.lamps().front();
    bool wanted = false;
    const QString name =
        QInputDialog::getText(window_, tr("Name"), tr("Name of the lamp or group"), QLineEdit::Normal,
                              QString::fromStdString(document_.project().rig->name_of(lamp)), &wanted);
    if (wanted)
        document_.apply(with_lamps_renamed(document_.project(), lamp, name.trimmed().toStdString()),
                        tr("rename lamps"));
}

void LightCommands::switch_one_row() {
    const Rig& rig = *document_.project().rig;
    for (const LampId lamp : view_.lamps()) {
        const auto* fixture = rig.fixture(lamp);
        if (const auto* group = rig.group(fixture ? fixture->group : lamp)) {
            document_.apply(with_one_row(document_.project(), group->id, !group->one_row),
                            group->one_row ? tr("a row a lamp") : tr("group in one row"));
            return;
        }
    }
    document_.say(tr("Choose a lamp of a group first"));
}

void LightCommands::choose_ground() {
    QStringList names{tr("plain ground")};
    std::vector<ClipId> clips{{}};
    int now = 0;
    for (const auto* clip : document_.project().shots()) {
        if (clip->id == document_.project().rig->picture)
            now = static_cast<int>(clips.size());
        names << QString::fromStdString(clip->name);
        clips.push_back(clip->id);
    }
    bool wanted = false;
    const QString name =
        QInputDialog::getItem(window_, tr("Picture below the plan"), tr("A film or picture of the bin"),
                              names, now, false, &wanted);
    if (!wanted)
        return;
    const ClipId chosen = clips[static_cast<std::size_t>(names.indexOf(name))];
    document_.apply(with_rig(document_.project(), [chosen](Rig& rig) { rig.picture = chosen; }),
                    tr("change plan"));
}

std::optional<std::pair<Ticks, Ticks>> LightCommands::stretch() const {
    const auto& grid = document_.project().grid;
    if (!grid)
        return std::nullopt;
    if (const auto& range = view_.range())
        return std::pair(grid->nearest_tick(range->from), grid->nearest_tick(range->until));
    const auto bar = grid->position_of(light_cell_at(*grid, heard_now(), {Length::Unit::InBeats, 1})).bar;
    return std::pair(grid->ticks_of({bar, 1}), grid->ticks_of({bar + 1, 1}));
}

void LightCommands::light_on_beats() {
    const auto where = stretch();
    if (!where)
        return document_.say(tr("There are no beats yet: find them at the stop “Grid”"));
    if (document_.project().rig->fixtures.empty())
        return document_.say(tr("There are no lamps yet: add some first"));
    const auto& brush = view_.light_brush();
    const double every =
        brush.length.unit == Length::Unit::InBeats ? std::clamp(brush.length.amount, 0.25, 1.0) : 1;
    const auto lit = lit_on_beats(document_.project(), lane(), view_.lamps(), where->first, where->second,
                                  Ticks(std::llround(every * ticks_per_beat)), brush);
    if (!lit)
        return document_.say(spoken(lit.error()));
    if (lit->count == 0)
        return document_.say(tr("They are lit there already"));
    document_.apply(lit->project, tr("light lamps"));
    document_.say(tr("%n lights", nullptr, static_cast<int>(lit->count)));
}

void LightCommands::light_here(bool lit) {
    const auto& grid = document_.project().grid;
    const Rig& rig = *document_.project().rig;
    if (!grid || rig.fixtures.empty())
        return document_.say(grid ? tr("There are no lamps yet: add some first")
                                  : tr("There are no beats yet: find them at the stop “Grid”"));
    const auto& brush = view_.light_brush();
    const Ticks cell = light_cell_at(*grid, heard_now() + Seconds(1e-4), brush.length);
    const LaneId lights = lane();
    const double frame = static_cast<double>(
        round_to_frame(grid->time_at(cell), rate(), document_.project().settings->rounding).frame.value);
    const auto lamps = document_.project().rig->members(view_.lamps());
    const bool there = !lights_on(document_.schedule(), lights, lamps, frame).empty();
    if (lit && !there)
        document_.apply(
            with_light(document_.project(), lights, view_.lamps(), MusicalAnchor{cell, Frames(0)}, brush),
            tr("light lamps"));
    else if (!lit && there)
        document_.apply(without_lights_at(document_.schedule(), lights, lamps, frame), tr("make lamps dark"));
    if (player_.playing())
        return;
    const double step =
        brush.length.unit == Length::Unit::InBeats ? std::clamp(brush.length.amount, 1.0 / 16, 1.0) : 1;
    view_.set_playhead(grid->time_at(cell + Ticks(std::llround(step * ticks_per_beat))));
}

void LightCommands::paint_lamps(const std::vector<LampId>& lamps, bool lit) {
    const auto where = stretch();
    if (!where)
        return document_.say(tr("There are no beats yet: find them at the stop “Grid”"));
    const auto& grid = *document_.project().grid;
    const LaneId lights = lane();
    if (lit) {
        LightBody brush = view_.light_brush();
        brush.length = {Length::Unit::InBeats,
                        static_cast<double>((where->second - where->first).value) / ticks_per_beat};
        document_.apply(
            with_light(document_.project(), lights, lamps, MusicalAnchor{where->first, Frames(0)}, brush),
            tr("paint lamps"));
        return;
    }
    const auto members = document_.project().rig->members(lamps);
    Schedule now = document_.schedule();
    bool changed = false;
    // All that lights one of them in the stretch goes dark there.
    for (Ticks at = where->first; at < where->second; at += Ticks(ticks_per_beat / 4)) {
        const double frame = std::floor(grid.time_at(at).value * rate().per_second() + 0.5);
        if (lights_on(now, lights, members, frame).empty())
            continue;
        auto next = without_lights_at(now, lights, members, frame);
        if (!next)
            return document_.say(spoken(next.error()));
        now = Schedule(*std::move(next), now);
        changed = true;
    }
    if (changed)
        document_.apply(now.project(), tr("make lamps dark"));
}

void LightCommands::choose_next(int by) {
    const auto rows = rows_of(*document_.project().rig);
    if (rows.empty())
        return document_.say(tr("There are no lamps yet: add some first"));
    const auto count = static_cast<int>(rows.size());
    int at = by > 0 ? -1 : count;
    if (!view_.lamps().empty())
        for (int i = 0; i < count; ++i)
            if (rows[static_cast<std::size_t>(i)].of == view_.lamps().front())
                at = i;
    const auto& next = rows[static_cast<std::size_t>(((at + by) % count + count) % count)];
    view_.choose_lamps({next.of});
    document_.say(QString::fromStdString(document_.project().rig->name_of(next.of)));
}

void LightCommands::recolour() {
    std::vector<PinId> lights;
    for (const PinId pin : view_.selection())
        if (const Pin* is = document_.project().pin(pin); is && is_body<LightBody>(is->body))
            lights.push_back(pin);
    if (lights.empty())
        for (const LampId lamp : view_.lamps())
            for (const PinId pin : lights_of_group(document_.project(), lane(), lamp))
                lights.push_back(pin);
    if (lights.empty())
        return document_.say(tr("Select lights, or choose lamps in the plan, to recolour them"));
    document_.apply(recoloured(document_.project(), lights, view_.light_brush().from), tr("recolour lights"));
    document_.say(tr("%n lights recoloured", nullptr, static_cast<int>(lights.size())));
}

void LightCommands::swap_rows() {
    if (view_.lamps().size() != 2)
        return document_.say(tr("Choose two lamps, or two groups, to swap their rows"));
    document_.apply(with_rows_swapped(document_.project(), view_.lamps()[0], view_.lamps()[1]),
                    tr("swap rows"));
}

void LightCommands::switch_latest() {
    const LaneId lights = lane();
    Lane changed = *document_.project().lane(lights);
    auto& latest = part_of<Lighting>(changed)->latest;
    latest = !latest;
    Project next = document_.project();
    for (auto& shared : next.lanes)
        if (shared->id == lights)
            shared = std::make_shared<const Lane>(changed);
    document_.apply(std::move(next), latest ? tr("latest light wins") : tr("highest light wins"));
    document_.say(latest ? tr("Of several lights on a lamp the latest is seen")
                         : tr("Of several lights on a lamp the highest is seen"));
}

void LightCommands::drive_dialog() {
    QStringList names{tr("nothing: as it is painted")};
    std::vector<LaneId> lanes{{}};
    for (const auto& shared : document_.project().lanes)
        if (shared->kind->drives()) {
            names << QString::fromStdString(shared->name);
            lanes.push_back(shared->id);
        }
    if (lanes.size() == 1)
        return document_.say(
            tr("There is no lane with a curve yet: add pulses, keys or a follower at Motion"));
    bool wanted = false;
    const QString name =
        QInputDialog::getItem(window_, tr("Drive lamps"), tr("The strength of the chosen lamps is driven by"),
                              names, 0, false, &wanted);
    if (!wanted)
        return;
    const LaneId by = lanes[static_cast<std::size_t>(names.indexOf(name))];
    const LaneId lights = lane();
    Project next = document_.project();
    for (const LampId lamp : view_.lamps().empty() ? std::vector{LampId{}} : view_.lamps()) {
        auto driven = with_drive(next, lights, lamp, by);
        if (!driven)
            return document_.say(spoken(driven.error()));
        next = *std::move(driven);
    }
    document_.apply(std::move(next), tr("drive lamps"));
}

void LightCommands::open_receiver() {
    if (!receiver_)
        receiver_ = new ReceiverWindow(document_, view_, window_);
    receiver_->show();
    receiver_->raise();
}

} // namespace pulsepin
