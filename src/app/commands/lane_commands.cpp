// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/lane_commands.h"

#include "commands/pin_commands.h"
#include "drawing/timeline/timeline_view.h"
#include "hand/acting.h"
#include "hand/stage_hand.h"
#include "kinds/kinds.h"
#include "model/duplicate_edits.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "pages/dialogs/add_lane_dialog.h"
#include "parts/fields.h"
#include "render/qt_text.h"

#include <QInputDialog>
#include <QLineEdit>
#include <cmath>

namespace pulsepin {

void LaneCommands::add_to(QMenu* menu) {
    for (const LaneKind kind : lane_kinds())
        if (!holds<SoundBody>(kind)) // comes with the first sound
            add(menu, "add lane of " + qt_text(kind->id), tr("Add a lane of %1…").arg(text_of(kind->id)), {},
                [this, kind] { add_lane(kind); });
}

void LaneCommands::add_lane(LaneKind kind) {
    AddLaneDialog dialog(document_.project(), kind, view_.layer(), window_);
    if (dialog.exec() != QDialog::Accepted)
        return;
    Project next = with_lane(document_.project(), kind, dialog.name().toStdString());
    if (kind->drives()) {
        Motion motion = dialog.motion();
        if (kind->follows) // it begins with 0 to 1 over what the song has
            motion.follower.steps = {{"fill", {}}};
        if (auto driven = with_motion(next, next.lanes.back()->id, motion))
            next = *std::move(driven);
    }
    if (holds<AppearanceBody>(kind) && dialog.shown_layer().value != 0) {
        auto shown = with_lane_of_appearances(document_.project(), dialog.shown_layer(), kind);
        if (auto called = shown ? with_lane_named(shown->project, shown->lane, dialog.name().toStdString())
                                : Result<Project>(tl::unexpected(shown.error())))
            next = *std::move(called);
    }
    document_.apply(std::move(next), tr("add lane"));
    view_.choose_lane(document_.project().lanes.back()->id);
    timeline_.reveal_lane(view_.lane());
}

void LaneCommands::name_lane(LaneId id) {
    const Lane* lane = document_.project().lane(id);
    if (!lane)
        return;
    bool wanted = false;
    const QString name =
        QInputDialog::getText(window_, tr("Name the lane"), tr("Name of the lane"), QLineEdit::Normal,
                              QString::fromStdString(lane->name), &wanted);
    if (wanted)
        document_.apply(with_lane_named(document_.project(), id, name.trimmed().toStdString()),
                        tr("name lane"));
}

void LaneCommands::show_lane_menu(QPoint at, LaneId id) {
    QMenu menu(window_);
    menu.setObjectName("lane menu");
    const Lane* lane = document_.project().lane(id);
    const auto entry = [&](const QString& text, std::function<void()> what) {
        connect(menu.addAction(text), &QAction::triggered, this, std::move(what));
    };
    if (lane) {
        entry(tr("Name…"), [this, id] { name_lane(id); });
        entry(tr("Select all in it"), [this, id] {
            PinQuery query;
            query.lane = id;
            pins_.select_found(query);
        });
        entry(tr("Lead…"), [this, id] { ask_for_lead(id); });
        entry(tr("Move up"),
              [this, id] { document_.apply(with_lane_moved(document_.project(), id, -1), tr("move lane")); });
        entry(tr("Move down"),
              [this, id] { document_.apply(with_lane_moved(document_.project(), id, 1), tr("move lane")); });
        entry(lane->locked ? tr("Unlock") : tr("Lock"), [this, id, locked = lane->locked] {
            document_.apply(with_lane_locked(document_.project(), id, !locked),
                            locked ? tr("unlock lane") : tr("lock lane"));
        });
        for (const auto& [text, pins] :
             {std::pair(tr("Duplicate"), 1.0), std::pair(tr("Duplicate without pins"), 0.0)})
            entry(text, [this, id, pins = pins] { edit("duplicate-lane", {{"lane", id}, {"pins", pins}}); });
        auto* shapes = menu.addMenu(tr("Take the shape of"));
        for (const auto& other : document_.project().lanes)
            if (other->id != id && other->kind == lane->kind &&
                (holds<PulseBody>(lane->kind) || lane->kind->follows))
                connect(shapes->addAction(QString::fromStdString(other->name)), &QAction::triggered, this,
                        [this, id, from = other->id] {
                            document_.apply(with_shape_of(document_.project(), id, from), tr("take shape"));
                        });
        shapes->menuAction()->setVisible(!shapes->isEmpty());
        if (lane->kind->follows)
            add_stretches(*menu.addMenu(tr("It acts only in")), id);
        entry(tr("Delete"),
              [this, id] { document_.apply(without_lane(document_.project(), id), tr("delete lane")); });
        menu.addSeparator();
    }
    for (const LaneKind kind : lane_kinds())
        if (!holds<SoundBody>(kind))
            menu.addAction(commands_.action("add lane of " + qt_text(kind->id)));
    menu.exec(at);
}

/// Outside of the stretches that were added the curve is 0.
void LaneCommands::add_stretches(QMenu& menu, LaneId id) {
    const auto& project = document_.project();
    const Seconds now = view_.playhead();
    const auto add = [&](const QString& text, const std::optional<TimeSpan>& span) {
        auto* action = menu.addAction(text, this, [this, id, span] {
            constexpr Seconds fade{0.1};
            document_.apply(with_acting(document_.project(), id, *span, fade), tr("acts in a stretch"));
        });
        action->setEnabled(span.has_value());
    };
    const auto& range = view_.range();
    add(tr("the range"), range ? std::optional(TimeSpan{range->from, range->until}) : std::nullopt);
    add(tr("the section at the playhead"), section_around(project, now));
    add(tr("the shot at the playhead"), shot_around(document_.schedule(), now));
}

void LaneCommands::ask_for_lead(LaneId id) {
    const Lane* lane = document_.project().lane(id);
    if (!lane)
        return;
    bool wanted = false;
    const int frames = QInputDialog::getInt(
        window_, tr("Lead"), tr("Frames that the lane acts before its anchors"),
        static_cast<int>(std::lround(length_of(lane->lead).amount)), -240, 240, 1, &wanted);
    if (wanted)
        document_.apply(with_lead(document_.project(), id, Frames(frames)), tr("change lead"));
}

} // namespace pulsepin
