// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/play_commands.h"

#include "drawing/score/score_view.h"
#include "drawing/timeline/timeline_view.h"
#include "kinds/kinds.h"
#include "model/anchored_time.h"
#include "pages/dialogs/delay_dialog.h"
#include "pages/transport_bar.h"
#include "schedule/piece_length.h"
#include "schedule/place_text.h"
#include "schedule/shots.h"
#include "session/core_words.h"
#include "session/number_text.h"
#include "session/settings.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <QInputDialog>
#include <QLineEdit>
#include <QSettings>
#include <QStackedWidget>
#include <algorithm>
#include <cmath>

namespace pulsepin {

namespace {

constexpr double speeds[] = {0.25, 0.5, 0.75, 1.0, 1.25, 1.5, 2.0};

/// The next pin that way from `now`; of all lanes, or of one kind.
const ResolvedPin* next_pin(const Document& document, Seconds now, int by, std::optional<LaneKind> kind) {
    const ResolvedPin* target = nullptr;
    constexpr Seconds same(1e-6);
    const auto rate = document.project().settings->frame_rate;
    const auto moment = [&](const ResolvedPin& pin) { return moment_of(pin, rate); };
    for (std::size_t i = 0; i < document.schedule().size(); ++i) {
        if (kind && document.project().lanes[i]->kind != *kind)
            continue;
        for (const auto& pin : document.schedule()[i].pins) {
            const bool ahead = by > 0 ? moment(pin) > now + same : moment(pin) < now - same;
            if (ahead &&
                (!target || (by > 0 ? moment(pin) < moment(*target) : moment(pin) > moment(*target))))
                target = &pin;
        }
    }
    return target;
}

} // namespace

void PlayCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "play", tr("Play or stop"), {K(tr("Space"))}, [this] { toggle_play(); });
    add(menu, "few seconds", tr("Play a few bars"), {K(tr("Shift+Space"))}, [this] { play_few_seconds(); });
    add(menu, "loop", tr("Loop the range"), {K(tr("L"))}, [this] { view_.set_looping(!view_.looping()); });
    add(menu, "start", tr("To the start"), {K(tr("Home"))}, [this] { go_to_place(piece_start()); });
    add(menu, "end", tr("To the end"), {K(tr("End"))}, [this] {
        if (document_.project().song)
            set_playhead(piece_end(document_.project()));
    });
    add(menu, "frame back", tr("A frame back"), {K(tr("Left"))}, [this] { step_frames(-1); });
    add(menu, "frame on", tr("A frame on"), {K(tr("Right"))}, [this] { step_frames(1); });
    add(menu, "beat back", tr("A beat back"), {K(tr("Shift+Left"))}, [this] { step_beats(-1); });
    add(menu, "beat on", tr("A beat on"), {K(tr("Shift+Right"))}, [this] { step_beats(1); });
    add(menu, "bar back", tr("A bar back"), {K(tr("Ctrl+Left"))}, [this] { step_bars(-1); });
    add(menu, "bar on", tr("A bar on"), {K(tr("Ctrl+Right"))}, [this] { step_bars(1); });
    add(menu, "pin back", tr("To the pin before"), {K(tr("PgUp"))}, [this] { step_pins(-1); });
    add(menu, "pin on", tr("To the next pin"), {K(tr("PgDown"))}, [this] { step_pins(1); });

    const auto jump = [this, menu](const char* name, const QString& text, const char* keys, LaneKind kind,
                                   int by) {
        add(menu, name, text, {K(tr(keys))}, [this, kind, by] { step_pins_of(kind, by); });
    };
    jump("marker back", tr("To the marker before"), "Shift+PgUp", kind_of(body_type<MarkerBody>), -1);
    jump("marker on", tr("To the next marker"), "Shift+PgDown", kind_of(body_type<MarkerBody>), 1);
    jump("cut back", tr("To the cut before"), "Ctrl+PgUp", kind_of(body_type<CutBody>), -1);
    jump("cut on", tr("To the next cut"), "Ctrl+PgDown", kind_of(body_type<CutBody>), 1);
    add(menu, "selected", tr("To the selected pin"), {K(tr("G"))}, [this] { go_to_selected(); });
    menu->addSeparator();
    add(menu, "range in", tr("Range begins here"), {K(tr("I"))}, [this] { set_range_end(false); });
    add(menu, "range out", tr("Range ends here"), {K(tr("O"))}, [this] { set_range_end(true); });
    add(menu, "type range", tr("Type the range…"), {K(tr("R"))}, [this] { type_range(); });
    add(menu, "slower", tr("Slower"), {K(tr(","))}, [this] { change_speed(-1); });
    add(menu, "faster", tr("Faster"), {K(tr("."))}, [this] { change_speed(1); });
    commands_.add(menu, {{"mute music",
                          tr("Mute the music"),
                          {K(tr("Shift+M"))},
                          {},
                          [this](bool on) { player_.set_music_muted(on); }},
                         {"mute click", tr("Mute the click"), {K(tr("K"))}, {}, [this](bool on) {
                              player_.set_click_muted(on);
                          }}});
    menu->addSeparator();
    auto* lengths = menu->addMenu(tr("A few bars are"));
    for (const int bars : {1, 2, 4, 8})
        connect(lengths->addAction(bars == 1 ? tr("1 bar") : tr("%1 bars").arg(bars)), &QAction::triggered,
                this, [this, bars] { set_few_bars(bars); });
    commands_.add(menu, Command{"bar before", tr("A bar before the few bars"), {}, {}, [this](bool on) {
                                    bar_before_ = on;
                                    QSettings().setValue("play/bar before", on);
                                }});
    commands_.add(menu,
                  Command{"stop returns", tr("Stop returns to where it began"), {}, {}, [this](bool on) {
                              stop_returns_ = on;
                              QSettings().setValue("play/stop returns", on);
                          }});
    add(menu, "delay", tr("Audio-video offset…"), {}, [this] { ask_for_delay(); });
}

/// "13.1 - 15.1": two places, each as a pin's place is written.
void PlayCommands::type_range() {
    const auto& project = document_.project();
    const auto text_at = [&](Seconds time) {
        return project.grid ? QString::fromStdString(format_position(
                                  project.grid->position_of(project.grid->nearest_tick(time))))
                            : QString::fromStdString(format_clock(time));
    };
    const auto& range = view_.range();
    bool wanted = false;
    const QString text = QInputDialog::getText(
        window_, tr("Range"), tr("From - until: 13.1 - 15.1, 0:24.8 - 0:28.9, 595 f - 693 f"),
        QLineEdit::Normal, range ? text_at(range->from) + " - " + text_at(range->until) : QString(), &wanted);
    const auto ends = text.split(" - ");
    if (!wanted)
        return;
    if (ends.size() != 2)
        return document_.say(tr("Write two places with “ - ” between them: 13.1 - 15.1"));
    Seconds times[2];
    for (int i = 0; i < 2; ++i) {
        const auto place = place_of_text(project, ends[i].toStdString(), PlainNumber::AsBar);
        if (!place)
            return document_.say(spoken(place.error()));
        times[i] = *anchored_time(*place, project);
    }
    if (times[1] <= times[0])
        return document_.say(tr("The range must end after it begins"));
    view_.set_range(TimeRange{times[0], times[1]});
}

Seconds PlayCommands::piece_start() const {
    return document_.project().settings->begins.value_or(Seconds(0));
}

void PlayCommands::play_from(Seconds from) {
    Player::Range range{from, std::nullopt, std::nullopt};
    if (const auto& chosen = view_.range(); view_.looping() && chosen) {
        if (from < chosen->from || from >= chosen->until)
            range.from = chosen->from;
        range.until = chosen->until;
        range.loop_to = chosen->from;
    } else if (view_.looping()) {
        range.loop_to = piece_start();
    }
    // A piece that ends before what is heard; who plays from behind it hears the rest.
    if (const Seconds end = piece_end(document_.project());
        !range.until && document_.project().settings->ends && range.from < end)
        range.until = end;
    player_.play(range);
    view_.set_playhead(range.from);
}

void PlayCommands::toggle_play() {
    if (player_.playing()) {
        player_.stop();
        return;
    }
    if (!player_.has_sound())
        return document_.say(tr("There is no song to play yet"));
    const bool at_end = view_.playhead() >= piece_end(document_.project()) - Seconds(0.02);
    return_to_ = stop_returns_ ? std::optional(view_.playhead()) : std::nullopt;
    play_from(at_end ? piece_start() : view_.playhead());
}

void PlayCommands::play_few_seconds() {
    if (player_.playing())
        return player_.stop();
    if (!player_.has_sound())
        return document_.say(tr("There is no song to play yet"));
    return_to_ = view_.playhead();
    // Without bars, as long as two seconds each.
    const auto& grid = document_.project().grid;
    const auto bars_from = [&](Seconds time, int bars) {
        if (!grid)
            return std::max(Seconds(0), time + Seconds(2.0 * bars));
        const double beat = grid->beats_at(time).value;
        const int beats = grid->metre_at(grid->nearest_tick(time)).beats_per_bar;
        return std::max(Seconds(0), grid->time_at(Beats(beat + bars * beats)));
    };
    const Seconds until = bars_from(view_.playhead(), few_bars_);
    player_.play({bar_before_ ? bars_from(view_.playhead(), -1) : view_.playhead(), until, std::nullopt});
}

void PlayCommands::play_part(Seconds from, Seconds until, Seconds back) {
    return_to_ = back;
    player_.play({from, until, std::nullopt});
}

void PlayCommands::set_playhead(Seconds time) {
    const auto& song = document_.project().song;
    const Seconds end = song ? std::max(song->duration(), piece_end(document_.project())) : Seconds(0);
    time = std::clamp(time, Seconds(0), std::max(end, Seconds(0)));
    if (player_.playing()) {
        return_to_.reset();
        play_from(time);
    }
    const bool moved = time != view_.playhead();
    view_.set_playhead(time);
    timeline_.reveal(time);
    if (score_is_seen())
        score_.reveal(time);
    if (moved) // each frame is heard as the playhead comes over it
        player_.scrub(time, document_.project().settings->frame_rate.frame_length());
}

void PlayCommands::step_frames(int by) {
    const auto rate = document_.project().settings->frame_rate;
    set_playhead(rate.start_of(rate.frame_at(view_.playhead()) + Frames(by)));
}

void PlayCommands::go_to_place(Seconds place) {
    set_playhead(moment_of(place, *document_.project().settings));
}

void PlayCommands::step_beats(int by) {
    const auto& grid = document_.project().grid;
    if (!grid)
        return document_.say(tr("There are no beats yet: detect them first"));
    // From between two beats the first step goes to the nearer one in that direction.
    const double at = grid->beats_at(view_.playhead()).value;
    double target = by > 0 ? std::floor(at + 1e-4) + by : std::ceil(at - 1e-4) + by;
    while (by < 0 && stands_at(grid->time_at(Beats(target))))
        --target;
    go_to_place(grid->time_at(Beats(target)));
}

/// Or behind it, on the frame that uses it.
bool PlayCommands::stands_at(Seconds place) const {
    constexpr Seconds same(1e-6);
    return moment_of(place, *document_.project().settings) > view_.playhead() - same;
}

void PlayCommands::step_bars(int by) {
    const auto& grid = document_.project().grid;
    if (!grid)
        return document_.say(tr("There are no bars yet: find the beats, tap them or type a tempo"));
    const auto place = grid->position_of(grid->nearest_tick(view_.playhead()));
    const bool inside = place.beat > 1 || place.tick > 0;
    auto bar = place.bar + by + (by < 0 && inside ? 1 : 0);
    const auto start = [&] { return grid->time_at(grid->ticks_of({bar, 1, 0})); };
    while (by < 0 && stands_at(start()))
        --bar;
    go_to_place(start());
}

void PlayCommands::step_pins(int by) {
    if (const auto* target = next_pin(document_, view_.playhead(), by, std::nullopt)) {
        const PinId id = target->id;
        set_playhead(moment_of(*target, rate()));
        view_.select({id});
        return;
    }
    document_.say(by > 0 ? tr("There is no pin after this") : tr("There is no pin before this"));
}

void PlayCommands::step_pins_of(LaneKind kind, int by) {
    if (const auto* target = next_pin(document_, view_.playhead(), by, kind))
        return set_playhead(moment_of(*target, rate()));
    const QString name = text_of(kind->singular);
    document_.say(by > 0 ? tr("There is no %1 after this").arg(name)
                         : tr("There is no %1 before this").arg(name));
}

void PlayCommands::go_to_selected() {
    for (const auto& lane : document_.schedule())
        for (const auto& pin : lane.pins)
            if (view_.selection().contains(pin.id))
                return set_playhead(moment_of(pin, rate()));
    document_.say(tr("Select a pin first"));
}

void PlayCommands::load_settings() {
    const QSettings settings;
    few_bars_ = std::clamp(settings.value("play/few bars", 2).toInt(), 1, 64);
    transport_.set_few_bars(few_bars_);
    bar_before_ = settings.value("play/bar before", false).toBool();
    commands_.action("bar before")->setChecked(bar_before_);
    stop_returns_ = settings.value("play/stop returns", false).toBool();
    commands_.action("stop returns")->setChecked(stop_returns_);
    player_.set_extra_delay(Seconds(settings.value("play/extra delay", 0.0).toDouble()));
    player_.set_output(setting_text("sound/device").toStdString());
}

void PlayCommands::change_speed(int steps) {
    const auto* now = std::min_element(std::begin(speeds), std::end(speeds), [this](double a, double b) {
        return std::abs(a - player_.speed()) < std::abs(b - player_.speed());
    });
    const auto next = std::clamp<std::ptrdiff_t>(now - std::begin(speeds) + steps, 0, std::ssize(speeds) - 1);
    player_.set_speed(speeds[next]);
    transport_.show_position();
}

void PlayCommands::set_few_bars(int bars) {
    few_bars_ = bars;
    transport_.set_few_bars(bars);
    QSettings().setValue("play/few bars", bars);
}

void PlayCommands::set_range_end(bool end) {
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

void PlayCommands::ask_for_delay() {
    player_.stop();
    DelayDialog dialog(player_.extra_delay(), window_);
    if (dialog.exec() != QDialog::Accepted)
        return;
    player_.set_extra_delay(dialog.delay());
    QSettings().setValue("play/extra delay", dialog.delay().value);
    document_.say(
        tr("The picture now follows the sound by %1 ms").arg(number_text(dialog.delay().value * 1000, 0)));
}

/// Where it began, if that is wanted; else where it stopped.
void PlayCommands::playing_stopped() {
    view_.set_playhead(return_to_.value_or(player_.position()));
    return_to_.reset();
}

} // namespace pulsepin
