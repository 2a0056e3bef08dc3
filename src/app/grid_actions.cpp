// SPDX-License-Identifier: GPL-3.0-or-later
//
// Keys and menu of the beat grid: holding, tapping, doubtful places, snapping, the score.
#include "main_window.h"

#include "interchange/grid_importers.h"
#include "model/edits.h"
#include "time/musical_text.h"

#include <QActionGroup>
#include <QFileDialog>
#include <QFileInfo>
#include <algorithm>

namespace pulsepin {

void MainWindow::make_grid_actions(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "hold beat", tr("Hold the beat, or let it go"), {K(tr("H"))}, [this] { grid_->hold_beat(); });
    add(menu, "add beat", tr("Add a beat here"), {K(tr("Shift+B"))},
        [this] { grid_->add_beat_at_playhead(); });
    add(menu, "delete beat", tr("Delete the chosen beat"), {}, [this] { grid_->delete_chosen_beat(); });
    add(menu, "fit beats", tr("Fit beats between the held ones"), {K(tr("F"))},
        [this] { grid_->fit_between_held(); });
    add(menu, "doubtful", tr("Next doubtful place"), {K(tr("D"))}, [this] { go_to_doubtful(); });
    add(menu, "off-beats", tr("All beats half a beat later"), {K(tr("Shift+H"))},
        [this] { grid_->move_to_off_beats(); });
    auto* tap = add(menu, "tap", tr("Tap the beat"), {K(tr("T"))}, [this] { this->tap(false); });
    auto* tap_first = add(menu, "tap first", tr("Tap the first beat of a bar"), {K(tr("Shift+T"))},
                          [this] { this->tap(true); });
    tap->setAutoRepeat(false);
    tap_first->setAutoRepeat(false);
    auto* metres = menu->addMenu(tr("Metre from this bar on"));
    for (const auto& metre : common_metres())
        connect(metres->addAction(QString::fromStdString(format_metre(metre))), &QAction::triggered, this,
                [this, metre] { grid_->set_metre_from_here(metre); });
    add(menu, "exclude", tr("Look for no beats in the range"), {}, [this] { grid_->exclude_range(true); });
    add(menu, "include", tr("Look for beats in the range again"), {},
        [this] { grid_->exclude_range(false); });
}

void MainWindow::beats_dialog() {
    QStringList endings;
    for (const auto& row : grid_importers())
        for (const auto& ending :
             QString::fromUtf8(row.extensions.data(), static_cast<qsizetype>(row.extensions.size()))
                 .split(' '))
            endings << "*." + ending;
    const QString path = QFileDialog::getOpenFileName(this, tr("Open beats"), {},
                                                      tr("Beats (%1);;All files (*)").arg(endings.join(' ')));
    if (!path.isEmpty())
        open_beats(path);
}

void MainWindow::open_beats(const QString& path) {
    auto grid = import_grid(path.toStdString());
    if (!grid)
        return document_.say(QString::fromStdString(grid.error().message()));
    const auto count = grid->beats().size();
    document_.apply(relabelled(document_.project(), *std::move(grid)), tr("open beats"));
    document_.say(tr("%1 beats from %2").arg(count).arg(QFileInfo(path).fileName()));
}

void MainWindow::make_snap_actions(QMenu* menu) {
    auto* sub = menu->addMenu(tr("Snap to beats"));
    auto* group = new QActionGroup(sub);
    for (const auto& [snap, name, text] :
         {std::tuple{Snap::Off, "snap off", tr("Off")}, std::tuple{Snap::Near, "snap near", tr("When near")},
          std::tuple{Snap::Always, "snap always", tr("Always")}}) {
        auto* action = sub->addAction(text);
        action->setObjectName(name);
        action->setCheckable(true);
        action->setChecked(view_.snap() == snap);
        group->addAction(action);
        actions_[name] = action;
        connect(action, &QAction::triggered, this, [this, snap = snap] { view_.set_snap(snap); });
    }
}

/// Loops it, so that it is heard with the click what is wrong.
void MainWindow::go_to_doubtful() {
    const auto places = doubtful_places(document_.trust());
    if (places.empty())
        return document_.say(document_.project().grid ? tr("Every bar agrees with what is heard")
                                                      : tr("There are no beats yet: find them first"));
    const Seconds now = view_.range() ? view_.range()->from : view_.playhead();
    auto next = std::find_if(places.begin(), places.end(),
                             [&](const DoubtfulPlace& place) { return place.from > now + Seconds(1e-6); });
    if (next == places.end())
        next = places.begin();
    go_to_stop(GridStop);
    view_.set_range(TimeRange{std::max(next->from, Seconds(0)), next->until});
    view_.set_looping(true);
    timeline_->show_range(next->from - Seconds(2),
                          std::max(next->until, next->from + Seconds(4)) + Seconds(2));
    if (player_.has_sound())
        play_from(view_.range()->from);
    document_.say(tr("Doubtful place %1 of %2").arg(next - places.begin() + 1).arg(places.size()));
}

void MainWindow::tap(bool first_of_bar) {
    if (player_.playing())
        taps_->tap_in_song(player_.position(), player_.speed(), first_of_bar);
    else
        taps_->tap_in_silence(first_of_bar);
}

void MainWindow::show_score(bool score) {
    drawings_->setCurrentWidget(score ? static_cast<QWidget*>(score_) : timeline_);
    actions_.at("score")->setChecked(score);
    transport_->show_drawing(score);
    if (score)
        score_->reveal(view_.playhead());
    drawings_->currentWidget()->setFocus();
}

} // namespace pulsepin
