// SPDX-License-Identifier: GPL-3.0-or-later
#include "commands/bin_commands.h"

#include "hand/clip_file.h"
#include "hand/files_found.h"
#include "interchange/outputs.h"
#include "media/media_endings.h"
#include "media/picture_times.h"
#include "media/readable_copy.h"
#include "model/edits.h"
#include "model/shot_edits.h"
#include "pages/stops/song_panel.h"
#include "parts/file_names.h"
#include "session/core_words.h"

#include <QDir>
#include <QFileDialog>
#include <QMenu>

namespace pulsepin {

void BinCommands::add_to(QMenu* menu) {
    menu->addSeparator();
    add(menu, "turn shot right", tr("Turn the shot right"), {}, [this] { turn(1); });
    add(menu, "turn shot left", tr("Turn the shot left"), {}, [this] { turn(-1); });
    add(menu, "replace file", tr("Another file for the shot…"), {},
        [this] { of_one_clip(&BinCommands::replace_dialog); });
    add(menu, "find files", tr("Find missing files…"), {}, [this] { find_files_dialog(); });
    add(menu, "copy file", tr("Copy of the shot that any program reads…"), {},
        [this] { of_one_clip(&BinCommands::copy_dialog); });
}

void BinCommands::show_panel(SongPanel* panel) {
    panel_ = panel;
    connect(panel, &SongPanel::bin_menu_wanted, this, [this](QPoint at) {
        QMenu menu(window_);
        for (const char* command :
             {"turn shot right", "turn shot left", "replace file", "find files", "copy file"})
            menu.addAction(commands_.action(command));
        menu.exec(at);
    });
}

std::vector<ClipId> BinCommands::clips() const {
    if (panel_ && panel_->isVisible())
        if (auto chosen = panel_->chosen_clips(); !chosen.empty())
            return chosen;
    std::vector<ClipId> all;
    for (const PinId id : view_.selection())
        if (const Pin* pin = document_.project().pin(id))
            if (const auto* cut = body_if<CutBody>(&pin->body);
                cut && std::find(all.begin(), all.end(), cut->shot) == all.end())
                all.push_back(cut->shot);
    return all;
}

void BinCommands::of_one_clip(void (BinCommands::*what)(ClipId)) {
    const auto chosen = clips();
    if (chosen.size() != 1)
        return document_.say(tr("Choose one shot in the bin, or select its cut"));
    (this->*what)(chosen.front());
}

void BinCommands::turn(int quarters) {
    const auto chosen = clips();
    if (chosen.empty())
        return document_.say(tr("Choose a shot in the bin, or select its cut"));
    Project next = document_.project();
    for (const ClipId clip : chosen) {
        auto turned = with_clip_turned(next, clip, quarters);
        if (!turned)
            return document_.say(spoken(turned.error()));
        next = *std::move(turned);
    }
    document_.apply(std::move(next), quarters > 0 ? tr("turn shot right") : tr("turn shot left"));
}

void BinCommands::replace_dialog(ClipId id) {
    const Clip* clip = document_.project().clip(id);
    const QString title =
        clip ? tr("Another file for “%1”").arg(QString::fromStdString(clip->name)) : tr("Where the song is");
    const auto path = QFileDialog::getOpenFileName(
        window_, title, usual_folder(document_),
        clip ? tr("Video and pictures (%1 %2);;All files (*)")
                   .arg(as_patterns(film_endings()), as_patterns(picture_endings()))
             : tr("All files (*)"));
    if (!path.isEmpty())
        replace_by(id, path.toStdString());
}

void BinCommands::replace_by(ClipId clip, const std::filesystem::path& path) {
    if (clip == ClipId{})
        return find_song(path);
    take_file(clip, path, tr("another file"), tr("“%1” is shown instead. Ctrl+Z takes it back"));
}

/// The same recording under another name: nothing that was made on it changes.
void BinCommands::find_song(const std::filesystem::path& path) {
    if (!document_.project().song)
        return;
    document_.jobs().start<std::string>(
        JobQueue::Decode, tr("Opening %1").arg(QString::fromStdString(path.filename().string())),
        [path](const Progress& p) {
            return load_sound(path, p).map([](const LoadedSound& s) { return s.fingerprint; });
        },
        [this, path](const Result<std::string>& fingerprint) {
            if (!fingerprint)
                return document_.say(spoken(fingerprint.error()));
            const auto& song = document_.project().song;
            if (!song || song->fingerprint != *fingerprint)
                return document_.say(
                    tr("“%1” is another recording than the song of this piece. Open it as a song instead")
                        .arg(QString::fromStdString(path.filename().string())));
            document_.apply(with_song_path(document_.project(), path), tr("where the song is"));
        });
}

void BinCommands::find_files_dialog() {
    if (missing_files(document_.project()).empty())
        return document_.say(tr("No file is missing"));
    const QString folder = QFileDialog::getExistingDirectory(
        window_, tr("In which folder are the missing files?"), usual_folder(document_));
    if (!folder.isEmpty())
        find_files(folder.toStdString());
}

/// By name and by what is in them; all of them are one step.
void BinCommands::find_files(const std::filesystem::path& folder) {
    document_.jobs().start<FilesFound>(
        JobQueue::Decode, tr("Find missing files in %1").arg(QString::fromStdString(folder.string())),
        [project = document_.project(), folder](const Progress& p) {
            return with_files_found(project, folder, p);
        },
        [this](const Result<FilesFound>& looked) {
            if (!looked)
                return document_.say(spoken(looked.error()));
            // What was done meanwhile stays: only where files are is taken over.
            Project next = document_.project();
            if (next.song && looked->project.song &&
                next.song->fingerprint == looked->project.song->fingerprint)
                next = with_song_path(next, looked->project.song->path);
            auto bin = *next.bin;
            for (auto& clip : bin)
                if (const Clip* found = looked->project.clip(clip.id))
                    clip.path = found->path;
            next.bin = std::make_shared<const std::vector<Clip>>(std::move(bin));
            QStringList missing;
            for (const auto& name : looked->missing)
                missing << QString::fromStdString(name);
            if (!looked->found.empty())
                document_.apply(std::move(next), tr("find missing files"));
            const QString found = tr("%n files found", nullptr, static_cast<int>(looked->found.size()));
            document_.say(missing.isEmpty() ? found : tr("%1; not found: %2").arg(found, missing.join(", ")));
        });
}

void BinCommands::take_file(ClipId clip, const std::filesystem::path& path, const QString& step,
                            const QString& told) {
    document_.jobs().start<Clip>(
        JobQueue::Decode, tr("Opening %1").arg(QString::fromStdString(path.filename().string())),
        [path](const Progress&) { return clip_of_file(path); },
        [this, clip, step, told](const Result<Clip>& file) {
            auto next = file ? with_clip_file(document_.project(), clip, *file)
                             : Result<Project>(tl::unexpected(file.error()));
            if (!next)
                return document_.say(spoken(next.error()));
            document_.apply(*std::move(next), step);
            document_.say(told.arg(QString::fromStdString(file->path.filename().string())));
        });
}

void BinCommands::copy_dialog(ClipId id) {
    const Clip* clip = document_.project().clip(id);
    if (!clip || !clip->has_picture || clip->still)
        return document_.say(tr("A copy is made of films; a picture is read by any program"));
    struct Plan {
        const FilmFormat* format;
        FrameRate rate;
    };
    const PictureFile from{clip->path, clip->turned};
    document_.jobs().start<Plan>(
        JobQueue::Decode, tr("Looking at %1").arg(QString::fromStdString(clip->name)),
        [from, usual = rate()](const Progress&) -> Result<Plan> {
            const auto format = format_of_copy(from);
            if (!format)
                return tl::unexpected(format.error());
            const auto times = picture_times(from.path);
            return Plan{*format, times ? rate_of_copy(times->per_second, usual) : usual};
        },
        [this, id, from](const Result<Plan>& plan) {
            if (!plan)
                return document_.say(spoken(plan.error()));
            const QString ending = QString::fromUtf8(plan->format->extension.data());
            const QString name = QString::fromStdString(from.path.stem().string()) + "-copy." + ending;
            const auto to =
                ask_where_to_write(window_, tr("Copy that any program reads"),
                                   QDir(usual_folder(document_)).filePath(name), "*." + ending, ending);
            if (to)
                write_copy(id, from, plan->rate, to->toStdString());
        });
}

void BinCommands::write_copy(ClipId clip, const PictureFile& from, FrameRate rate,
                             const std::filesystem::path& to) {
    if (auto allowed = may_write(to, inputs_of(document_.path(), document_.project()), true); !allowed)
        return document_.say(spoken(allowed.error()));
    document_.jobs().start<bool>(
        JobQueue::Write, tr("Writing %1").arg(QString::fromStdString(to.filename().string())),
        [from, rate, to](const Progress& p) -> Result<bool> {
            return make_readable_copy(from, to, rate, p).map([] { return true; });
        },
        [this, clip, to](const Result<bool>& written) {
            if (!written)
                return document_.say(written.error().cancelled() ? tr("The copy was not written")
                                                                 : spoken(written.error()));
            take_file(clip, to, tr("use a copy"),
                      tr("“%1” is written, and shown instead. Ctrl+Z takes that back"));
        });
}

} // namespace pulsepin
