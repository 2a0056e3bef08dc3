// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/sound_commands.h"

#include "commands/file_commands.h"
#include "hand/piece_clicks.h"
#include "interchange/outputs.h"
#include "kinds/kinds.h"
#include "media/sound_file.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/song_edits.h"
#include "parts/file_names.h"
#include "play/click_sound.h"
#include "schedule/piece_length.h"
#include "session/core_words.h"
#include "show/timecode_sound.h"

#include <QDir>
#include <QFileInfo>
#include <QInputDialog>
#include <QMessageBox>

namespace pulsepin {

void SoundCommands::add_to(QMenu* menu) {
    using K = QKeySequence;
    add(menu, "add sound", tr("Add sound…"), {K(tr("Ctrl+Shift+I"))}, [this] { files_.sound_dialog(); });
    add(menu, "split", tr("Split the sound here"), {K(tr("X"))}, [this] { edit("split-sound"); });
    add(menu, "sound of shot", tr("Place the shot's own sound under it"), {},
        [this] { edit("lay-sound-of-shot"); });
    add(menu, "tie", tr("Tie selected pins to the sound under them"), {}, [this] { edit("tie-to-sound"); });
    add(menu, "trim", tr("Keep only the range of the song"), {}, [this] { trim_song_to_range(); });
    add(menu, "song starts", tr("When the song begins…"), {}, [this] { ask_when_the_song_begins(); });
    add(menu, "piece", tr("The range is the piece"), {}, [this] { make_range_the_piece(); });
    add(menu, "write listened", tr("Write what is listened to…"), {},
        [this] { files_.write_listened_dialog(); });
    add(menu, "write clicks", tr("Write the clicks…"), {}, [this] { write_clicks_dialog(); });
    add(menu, "write timecode", tr("Write linear timecode…"), {}, [this] { write_timecode_dialog(); });
    add(menu, "hear alone", tr("Hear what is listened to alone"), {K(tr("Shift+A"))}, [this] {
        auto& sounds = document_.sounds();
        sounds.hear_alone(sounds.alone() ? std::nullopt
                                         : std::optional(SoundBank::Alone{sounds.listened(), 0, 0}));
    });
    menu->addSeparator();
}

/// Beats, and the lanes and rows that click, as a sound of their own.
void SoundCommands::write_clicks_dialog() {
    const Project& project = document_.project();
    const auto clicks = clicks_of_piece(document_.schedule());
    if (clicks.empty() || piece_end(project) <= Seconds(0))
        return document_.say(tr("There is nothing that clicks: find the beats first"));
    const std::int64_t rate = project.song ? project.song->sample_rate : 48'000;
    const auto samples = [rate](Seconds time) {
        return Samples(std::llround(time.value * static_cast<double>(rate)));
    };
    std::vector<Click> heard;
    for (const auto& click : clicks)
        if (click.at >= Seconds(0))
            heard.push_back({samples(click.at), click.accent, click.sound});
    write_made_dialog(tr("Write the clicks"), "clicks.wav",
                      [heard, length = samples(piece_end(project)), rate](const Progress&) {
                          return click_sound(heard, length, rate);
                      });
}

/// For machines that follow timecode in a track of sound.
void SoundCommands::write_timecode_dialog() {
    if (piece_end(document_.project()) <= Seconds(0))
        return document_.say(tr("There is no song to count along: open one first"));
    write_made_dialog(tr("Write linear timecode"), "timecode.wav",
                      [project = document_.project()](const Progress& progress) {
                          return timecode_sound(project, progress);
                      });
}

void SoundCommands::write_made_dialog(
    const QString& title, const QString& suggested,
    std::function<Result<std::shared_ptr<const SampleStore>>(const Progress&)> make) {
    const auto path = ask_where_to_write(window_, title, QDir(usual_folder(document_)).filePath(suggested),
                                         tr("WAV or FLAC (*.wav *.flac)"), "wav flac");
    if (!path)
        return;
    const std::filesystem::path wanted = path->toStdString();
    if (auto allowed = may_write(wanted, inputs_of(document_.path(), document_.project()), true); !allowed)
        return document_.say(spoken(allowed.error()));
    const QString name = QFileInfo(*path).fileName();
    document_.jobs().start<bool>(
        JobQueue::Write, tr("Writing %1").arg(name),
        [make = std::move(make), wanted](const Progress& progress) -> Result<bool> {
            const auto sound = make(progress);
            if (!sound)
                return tl::unexpected(sound.error());
            return write_sound_file(**sound, wanted, progress).map([] { return true; });
        },
        [this, name](const Result<bool>& written) {
            document_.say(written                       ? tr("Written: %1").arg(name)
                          : written.error().cancelled() ? tr("%1 was not written").arg(name)
                                                        : spoken(written.error()));
        });
}

void SoundCommands::trim_song_to_range() {
    const auto& range = view_.range();
    if (!range)
        return document_.say(tr("Drag a range along the ruler first: it is what will be kept"));
    auto trimmed = with_only_range(document_.project(), range->from, range->until);
    if (!trimmed) {
        document_.apply(trimmed, {}); // it is told why
        return;
    }
    const auto outside = pins_outside_song(Schedule(*trimmed));
    if (!outside.empty()) {
        switch (ask_what_becomes_of(outside.size())) {
        case Outside::Kept:
            break;
        case Outside::Removed:
            trimmed = without_pins(*trimmed, outside);
            break;
        case Outside::NothingIsDone:
            return;
        }
    }
    if (document_.apply(trimmed, tr("keep only the range"))) {
        view_.set_range(std::nullopt);
        view_.set_playhead(Seconds(0));
    }
}

SoundCommands::Outside SoundCommands::ask_what_becomes_of(std::size_t pins) {
    QMessageBox box(window_);
    box.setObjectName("outside");
    box.setIcon(QMessageBox::Question);
    box.setText(
        tr("%n pins lie before or behind what is kept of the song.", nullptr, static_cast<int>(pins)));
    box.setInformativeText(
        tr("Kept, they stay in their lanes, where nothing sounds. Either can be taken back with undo."));
    auto* keep = box.addButton(tr("Keep them"), QMessageBox::AcceptRole);
    auto* remove = box.addButton(tr("Remove them"), QMessageBox::DestructiveRole);
    box.addButton(QMessageBox::Cancel);
    box.setDefaultButton(keep);
    box.exec();
    return box.clickedButton() == keep     ? Outside::Kept
           : box.clickedButton() == remove ? Outside::Removed
                                           : Outside::NothingIsDone;
}

/// Later, with silence before it, or earlier: all that is tied to its music goes with it.
void SoundCommands::ask_when_the_song_begins() {
    const auto& song = document_.project().song;
    if (!song)
        return document_.say(tr("There is no song yet"));
    const double now = -static_cast<double>(song->from.value) / static_cast<double>(song->sample_rate);
    bool wanted = false;
    const double begins = QInputDialog::getDouble(
        window_, tr("When the song begins"),
        tr("Seconds of silence before it; below 0 so much of its beginning is left out"), now, -36'000, 5'000,
        3, &wanted);
    if (wanted && begins != now)
        document_.apply(with_song_moved(document_.project(), Seconds(begins - now)), tr("move song"));
}

/// The piece is the range, and the song stays as it is.
void SoundCommands::make_range_the_piece() {
    const auto& range = view_.range();
    if (document_.apply(range ? with_piece(document_.project(), range->from, range->until)
                              : with_piece(document_.project(), std::nullopt, std::nullopt),
                        range ? tr("piece from the range") : tr("piece as long as the song")))
        document_.say(range
                          ? tr("The piece is the range: it is played, shown and exported from there to there")
                          : tr("The piece is as long as what is heard"));
}

} // namespace pulsepin
