// SPDX-License-Identifier: GPL-3.0-or-later
//
// Settings of playing: speed, lengths, mutes, delay.
#include "kinds/kinds.h"
#include "main_window.h"

#include "delay_dialog.h"

#include <QSettings>
#include <algorithm>
#include <cmath>

namespace pulsepin {
namespace {

constexpr double speeds[] = {0.25, 0.5, 0.75, 1.0, 1.25, 1.5, 2.0};

} // namespace

void MainWindow::load_settings() {
    const QSettings settings;
    few_seconds_ = std::clamp(settings.value("play/few seconds", 8).toInt(), 1, 120);
    transport_->set_few_seconds(few_seconds_);
    stop_returns_ = settings.value("play/stop returns", false).toBool();
    actions_.at("stop returns")->setChecked(stop_returns_);
    player_.set_extra_delay(Seconds(settings.value("play/extra delay", 0.0).toDouble()));
}

void MainWindow::make_play_actions(QMenu* menu) {
    using K = QKeySequence;
    const auto jump = [this, menu](const char* name, const QString& text, const char* keys, LaneKind kind,
                                   int by) {
        add(menu, name, text, {K(tr(keys))}, [this, kind, by] { step_pins_of(kind, by); });
    };
    jump("marker back", tr("To the marker before"), "Shift+PgUp", kind_that(&LaneKindRow::marks), -1);
    jump("marker on", tr("To the next marker"), "Shift+PgDown", kind_that(&LaneKindRow::marks), 1);
    jump("cut back", tr("To the cut before"), "Ctrl+PgUp", kind_that(&LaneKindRow::cuts), -1);
    jump("cut on", tr("To the next cut"), "Ctrl+PgDown", kind_that(&LaneKindRow::cuts), 1);
    add(menu, "selected", tr("To the selected pin"), {K(tr("G"))}, [this] { go_to_selected(); });
    menu->addSeparator();
    add(menu, "range in", tr("Range begins here"), {K(tr("I"))}, [this] { set_range_end(false); });
    add(menu, "range out", tr("Range ends here"), {K(tr("O"))}, [this] { set_range_end(true); });
    add(menu, "slower", tr("Slower"), {K(tr(","))}, [this] { change_speed(-1); });
    add(menu, "faster", tr("Faster"), {K(tr("."))}, [this] { change_speed(1); });
    auto* mute_music = add(menu, "mute music", tr("Mute the music"), {K(tr("Shift+M"))}, [] {});
    mute_music->setCheckable(true);
    connect(mute_music, &QAction::toggled, &player_, &Player::set_music_muted);
    auto* mute_click = add(menu, "mute click", tr("Mute the click"), {K(tr("K"))}, [] {});
    mute_click->setCheckable(true);
    connect(mute_click, &QAction::toggled, &player_, &Player::set_click_muted);
    menu->addSeparator();
    auto* lengths = menu->addMenu(tr("A few seconds are"));
    for (const int seconds : {2, 4, 8, 15, 30})
        connect(lengths->addAction(tr("%1 s").arg(seconds)), &QAction::triggered, this,
                [this, seconds] { set_few_seconds(seconds); });
    auto* returns = add(menu, "stop returns", tr("Stop returns to where it began"), {}, [] {});
    returns->setCheckable(true);
    connect(returns, &QAction::toggled, this, [this](bool on) {
        stop_returns_ = on;
        QSettings().setValue("play/stop returns", on);
    });
    add(menu, "delay", tr("Sound arrives late or early…"), {}, [this] { ask_for_delay(); });
}

void MainWindow::change_speed(int steps) {
    const auto* now = std::min_element(std::begin(speeds), std::end(speeds), [this](double a, double b) {
        return std::abs(a - player_.speed()) < std::abs(b - player_.speed());
    });
    const auto next = std::clamp<std::ptrdiff_t>(now - std::begin(speeds) + steps, 0, std::ssize(speeds) - 1);
    player_.set_speed(speeds[next]);
    transport_->show_position();
}

void MainWindow::set_few_seconds(int seconds) {
    few_seconds_ = seconds;
    transport_->set_few_seconds(seconds);
    QSettings().setValue("play/few seconds", seconds);
}

void MainWindow::set_range_end(bool end) {
    const auto& project = document_.project();
    if (!project.song)
        return document_.say(tr("There is no song yet"));
    Seconds now = view_.playhead();
    // A playhead that went to a frame may stand a little behind the beat that is meant.
    if (const auto& grid = project.grid) {
        const Seconds beat = grid->time_at(grid->nearest_beat(now));
        if (std::abs((beat - now).value) <= rate().frame_length().value / 2)
            now = beat;
    }
    TimeRange range = view_.range().value_or(TimeRange{Seconds(0), project.song->duration()});
    (end ? range.until : range.from) = now;
    if (range.until <= range.from) // the other end gives way
        range = end ? TimeRange{Seconds(0), now} : TimeRange{now, project.song->duration()};
    if (range.from < range.until)
        view_.set_range(range);
}

void MainWindow::ask_for_delay() {
    player_.stop();
    DelayDialog dialog(player_.extra_delay(), this);
    if (dialog.exec() != QDialog::Accepted)
        return;
    player_.set_extra_delay(dialog.delay());
    QSettings().setValue("play/extra delay", dialog.delay().value);
    document_.say(
        tr("The picture now follows the sound by %1 ms").arg(dialog.delay().value * 1000, 0, 'f', 0));
}

} // namespace pulsepin
