// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/grid_commands.h"

#include "commands/play_commands.h"
#include "drawing/timeline/timeline_view.h"
#include "interchange/grid_importers.h"
#include "model/edits.h"
#include "pages/stops/grid_panel.h"
#include "pages/stops/tap_panel.h"
#include "parts/fields.h"
#include "render/qt_text.h"
#include "schedule/resolve.h"
#include "schedule/snapping.h"
#include "session/core_words.h"
#include "session/number_text.h"
#include "session/settings.h"
#include "time/grid_bend.h"
#include "time/musical_text.h"

#include <QActionGroup>
#include <QFileDialog>
#include <QFileInfo>
#include <QSettings>
#include <algorithm>
#include <cmath>

namespace pulsepin {

void GridCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "hold beat", tr("Hold the beat, or let it go"), {K(tr("H"))}, [this] { grid_.hold_beat(); });
    add(menu, "add beat", tr("Add a beat here"), {K(tr("Shift+B"))},
        [this] { grid_.add_beat_at_playhead(); });
    add(menu, "delete beat", tr("Delete the chosen beat"), {}, [this] { grid_.delete_chosen_beat(); });
    add(menu, "beat before", tr("Choose the beat before"), {K(tr("Alt+PgUp"))},
        [this] { choose_next_beat(-1); });
    add(menu, "next beat", tr("Choose the next beat"), {K(tr("Alt+PgDown"))},
        [this] { choose_next_beat(1); });
    add(menu, "fit beats", tr("Fit beats between the held ones"), {K(tr("F"))},
        [this] { grid_.fit_between_held(); });
    add(menu, "doubtful", tr("Next uncertain place"), {K(tr("D"))}, [this] { go_to_doubtful(); });
    add(menu, "off-beats", tr("All beats half a beat later"), {K(tr("Shift+H"))},
        [this] { grid_.move_to_off_beats(); });
    add(menu, "listen closely", tr("Listen closely to the beat, or back"), {K(tr("Y"))},
        [this] { listen_closely(); });
    const auto frame = [this] { return rate().frame_length(); };
    add(menu, "beat ms earlier", tr("The chosen beat a millisecond earlier"), {K(tr("["))},
        [this] { move_chosen_beat(Seconds(-0.001)); });
    add(menu, "beat ms later", tr("The chosen beat a millisecond later"), {K(tr("]"))},
        [this] { move_chosen_beat(Seconds(0.001)); });
    add(menu, "beat frame earlier", tr("The chosen beat a frame earlier"), {K(tr("{"))},
        [this, frame] { move_chosen_beat(Seconds(-frame().value)); });
    add(menu, "beat frame later", tr("The chosen beat a frame later"), {K(tr("}"))},
        [this, frame] { move_chosen_beat(frame()); });
    add(menu, "beat to onset", tr("The chosen beat to the nearest onset"), {K(tr("\\"))},
        [this] { move_chosen_beat_to_onset(); });
    commands_.add(menu, {{"tap", tr("Tap the beat"), {K(tr("T"))}, [this] { tap(false); }, {}, false},
                         {"tap first",
                          tr("Tap the first beat of a bar"),
                          {K(tr("Shift+T"))},
                          [this] { tap(true); },
                          {},
                          false}});
    auto* metres = menu->addMenu(tr("Metre from this bar on"));
    for (const auto& metre : common_metres())
        connect(metres->addAction(QString::fromStdString(format_metre(metre))), &QAction::triggered, this,
                [this, metre] { grid_.set_metre_from_here(metre); });
    add(menu, "exclude", tr("Look for no beats in the range"), {}, [this] { grid_.exclude_range(true); });
    add(menu, "include", tr("Look for beats in the range again"), {}, [this] { grid_.exclude_range(false); });
    menu->addSeparator();
    add(menu, "remember level", tr("Remember this tempo for songs like this"), {},
        [this] { document_.detection().remember_level(); });
    add(menu, "forget levels", tr("Forget remembered tempi"), {},
        [this] { document_.detection().forget_levels(); });
}

void GridCommands::beats_dialog() {
    QStringList endings;
    for (const auto& row : grid_importers())
        for (const auto& ending :
             QString::fromUtf8(row.extensions.data(), static_cast<qsizetype>(row.extensions.size()))
                 .split(' '))
            endings << "*." + ending;
    const QString path = QFileDialog::getOpenFileName(window_, tr("Open beats"), {},
                                                      tr("Beats (%1);;All files (*)").arg(endings.join(' ')));
    if (!path.isEmpty())
        open_beats(path);
}

void GridCommands::open_beats(const QString& path) {
    auto grid = import_grid(path.toStdString());
    if (!grid)
        return document_.say(spoken(grid.error()));
    const auto count = grid->beats().size();
    document_.apply(relabelled(document_.project(), *std::move(grid)), tr("open beats"));
    document_.say(tr("%1 beats from %2").arg(count).arg(QFileInfo(path).fileName()));
}

void GridCommands::add_snapping_to(QMenu* menu) {
    auto* sub = menu->addMenu(tr("Snapping"));
    auto* group = new QActionGroup(sub);
    load_settings();
    for (const auto& [snap, name, text] :
         {std::tuple{Snap::Off, "snap off", tr("Off")}, std::tuple{Snap::Near, "snap near", tr("When near")},
          std::tuple{Snap::Always, "snap always", tr("Always")}}) {
        auto* action = sub->addAction(text);
        action->setObjectName(name);
        action->setCheckable(true);
        action->setChecked(view_.snap() == snap);
        group->addAction(action);
        commands_.keep(name, action);
        connect(action, &QAction::triggered, this, [this, snap = snap] { view_.set_snap(snap); });
    }
    add(sub, "next snap", tr("Always, near, off in turn"), {QKeySequence(tr("N"))}, [this] {
        view_.next_snap();
        document_.say(view_.snap() == Snap::Always ? tr("Snapping: always")
                      : view_.snap() == Snap::Near ? tr("Snapping: when near")
                                                   : tr("Snapping: off"));
    });
    sub->addSeparator();
    const auto kinds = snap_kinds();
    for (std::size_t i = 0; i < kinds.size(); ++i) {
        auto* action = sub->addAction(text_of(kinds[i].label));
        const QString name = "snap to " + qt_text(kinds[i].id);
        action->setObjectName(name);
        action->setCheckable(true);
        action->setChecked(view_.snaps_to() & (1u << i));
        commands_.keep(name, action);
        connect(action, &QAction::triggered, this, [this, bit = 1u << i](bool on) {
            view_.set_snaps_to(on ? view_.snaps_to() | bit : view_.snaps_to() & ~bit);
        });
    }
    connect(&view_, &ViewState::snap_changed, this, [this] {
        for (const auto& [snap, name] : {std::pair{Snap::Off, "snap off"}, std::pair{Snap::Near, "snap near"},
                                         std::pair{Snap::Always, "snap always"}})
            if (view_.snap() == snap)
                commands_.action(name)->setChecked(true);
        QSettings().setValue("snap/mode", static_cast<int>(view_.snap()));
        QSettings().setValue("snap/to", view_.snaps_to());
    });
}

/// The one at the playhead comes first.
void GridCommands::choose_next_beat(int by) {
    const auto& grid = document_.project().grid;
    if (!grid)
        return document_.say(tr("There are no beats yet: find them first"));
    const auto nearest = static_cast<std::int64_t>(std::llround(grid->beats_at(view_.playhead()).value));
    const auto beat =
        std::clamp(view_.beat() ? *view_.beat() + by : nearest, grid->first_beat(), grid->last_beat());
    view_.select({});
    view_.choose_beat(beat);
    play_.set_playhead(moment_of(grid->time_at(Ticks(beat * ticks_per_beat)), *document_.project().settings));
}

void GridCommands::load_settings() {
    const QString snap = setting_text("snap/mode");
    view_.set_snap(snap == "off" ? Snap::Off : snap == "always" ? Snap::Always : Snap::Near);
    view_.set_snaps_to(QSettings().value("snap/to", view_.snaps_to()).toUInt());
}

/// Loops it, so that it is heard with the click what is wrong.
void GridCommands::go_to_doubtful() {
    document_.with_trust(
        [this](const std::vector<BarTrust>& trust) { go_to_doubtful(doubtful_places(trust)); });
}

void GridCommands::go_to_doubtful(const std::vector<DoubtfulPlace>& places) {
    if (places.empty())
        return document_.say(document_.project().grid ? tr("Every bar agrees with what is heard")
                                                      : tr("There are no beats yet: find them first"));
    const Seconds now = view_.range() ? view_.range()->from : view_.playhead();
    auto next = std::find_if(places.begin(), places.end(),
                             [&](const DoubtfulPlace& place) { return place.from > now + Seconds(1e-6); });
    if (next == places.end())
        next = places.begin();
    go_to_stop(Stop::Grid);
    view_.set_range(TimeRange{std::max(next->from, Seconds(0)), next->until});
    view_.set_looping(true);
    timeline_.show_range(next->from - Seconds(2),
                         std::max(next->until, next->from + Seconds(4)) + Seconds(2));
    if (player_.has_sound())
        play_.play_from(view_.range()->from);
    document_.say(tr("Uncertain place %1 of %2").arg(next - places.begin() + 1).arg(places.size()));
}

void GridCommands::listen_closely() {
    const auto& grid = document_.project().grid;
    if (before_)
        return leave_closely();
    if (!grid || !player_.has_sound())
        return document_.say(tr("There are no beats yet: find them first"));
    const auto beat = view_.beat().value_or(std::clamp(
        grid->nearest_beat(view_.playhead()).value / ticks_per_beat, grid->first_beat(), grid->last_beat()));
    before_ = Before{view_.range(), view_.looping(), player_.speed(), view_.look()};
    go_to_stop(Stop::Grid);
    view_.choose_beat(beat);
    // Both neighbours and their clicks, with a little of the song before and after them.
    constexpr double reach = 1.25;
    const Seconds from = std::max(grid->time_at(Beats(static_cast<double>(beat) - reach)), Seconds(0)),
                  until = grid->time_at(Beats(static_cast<double>(beat) + reach));
    SongLook look = view_.look();
    look.wave_folded = false;
    look.spectrum = SongLook::Spectrum::Logarithmic;
    view_.set_look(look);
    view_.set_range(TimeRange{from, until});
    view_.set_looping(true);
    timeline_.zoom_to(from, until);
    player_.set_speed(0.5);
    play_.play_from(from);
    document_.say(
        tr("Beat %1 closely: [ and ] move it by a millisecond, { and } by a frame, \\ to the nearest onset · "
           "Y "
           "goes back")
            .arg(QString::fromStdString(format_position(grid->position_of(Ticks(beat * ticks_per_beat))))));
}

void GridCommands::leave_closely() {
    const Before before = *std::exchange(before_, std::nullopt);
    player_.stop();
    player_.set_speed(before.speed);
    view_.set_look(before.look);
    view_.set_looping(before.looping);
    view_.set_range(before.range);
    timeline_.show_before();
}

void GridCommands::move_chosen_beat(Seconds by) {
    const auto& grid = document_.project().grid;
    if (!grid || !view_.beat())
        return document_.say(tr("Choose a beat in the row “grid” first"));
    const Ticks at(*view_.beat() * ticks_per_beat);
    auto moved = with_beat_moved(*grid, *view_.beat(), grid->time_at(at) + by, BendReach::Bar);
    if (!moved)
        return document_.say(spoken(moved.error()));
    document_.apply(retimed(document_.project(), *std::move(moved)), tr("move beat"));
    document_.say(tr("Beat %1 moved by %2 ms")
                      .arg(QString::fromStdString(format_position(document_.project().grid->position_of(at))))
                      .arg(number_text(by.value * 1000, 1)));
}

void GridCommands::move_chosen_beat_to_onset() {
    const auto& project = document_.project();
    if (!project.grid || !view_.beat() || !project.detection)
        return document_.say(tr("Choose a beat in the row “grid” first"));
    const Seconds at = project.grid->time_at(Ticks(*view_.beat() * ticks_per_beat));
    constexpr Seconds reach(0.15);
    std::optional<Seconds> nearest;
    for (const auto& onset : project.detection->onsets())
        if (const double away = std::abs((onset.time - at).value);
            away <= reach.value && (!nearest || away < std::abs((*nearest - at).value)))
            nearest = onset.time;
    if (!nearest)
        return document_.say(tr("There is no onset within %1 ms").arg(reach.value * 1000));
    move_chosen_beat(*nearest - at);
}

void GridCommands::tap(bool first_of_bar, float strength) {
    if (player_.playing())
        taps_.tap_in_song(player_.position(), player_.speed(), first_of_bar, strength);
    else
        taps_.tap_in_silence(first_of_bar, strength);
}

void GridCommands::tap_by_keys(std::unique_ptr<MidiKeys> keys) {
    constexpr float hardest = 127; // of MIDI velocities
    connect(keys.get(), &MidiKeys::struck, this,
            [this](int, int velocity) { tap(false, static_cast<float>(velocity) / hardest); });
    keys_.push_back(std::move(keys));
}

} // namespace pulsepin
