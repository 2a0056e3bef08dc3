// SPDX-License-Identifier: GPL-3.0-or-later
#include "document.h"

#include "base/text_file.h"
#include "interchange/project_file.h"
#include "media/video_reader.h"
#include "model/edits.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>
#include <csignal>

namespace pulsepin {
namespace {

constexpr int recovery_interval_ms = 20'000;
constexpr int most_recent_files = 8;

std::filesystem::path recovery_folder() {
    const QString folder =
        QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation) + "/recovery";
    QDir().mkpath(folder);
    return folder.toStdString();
}

bool process_runs(qint64 pid) {
    return pid > 0 && (::kill(static_cast<pid_t>(pid), 0) == 0 || errno == EPERM);
}

QString display_name(const std::filesystem::path& path) {
    return QString::fromStdString(path.filename().string());
}

} // namespace

Detection as_detection(const Analysis& analysis) {
    Detection detection{analysis.grid, {}, {}};
    for (const auto& tempo : analysis.tempi)
        detection.tempi.push_back({tempo.tempo, tempo.confidence});
    for (const auto& onset : analysis.onsets)
        detection.onsets.push_back({onset.time, onset.strength});
    return detection;
}

Document::Document(QObject* parent) : QObject(parent), history_(new_project()) {
    derive();
    recovery_timer_.setInterval(recovery_interval_ms);
    connect(&recovery_timer_, &QTimer::timeout, this, [this] {
        if (recovery_due_)
            save_recovery_copy_now();
    });
    recovery_timer_.start();
}

Document::~Document() {
    remove_recovery_copy();
}

// -- changes

void Document::derive() {
    schedule_ = resolve(project());
    shots_.clear();
    for (std::size_t i = 0; i < schedule_.size(); ++i)
        if (const Lane& lane = *project().lanes[i]; lane.kind == LaneKind::Cut)
            shots_[lane.id] = shots_of(project(), lane, schedule_[i]);
}

const std::vector<ShotSpan>& Document::shots(LaneId lane) const {
    static const std::vector<ShotSpan> none;
    const auto found = shots_.find(lane);
    return found == shots_.end() ? none : found->second;
}

const std::vector<ShotSpan>& Document::shown_shots() const {
    const Lane* lane = project().first_lane(LaneKind::Cut);
    return shots(lane ? lane->id : LaneId{});
}

void Document::project_changed() {
    derive();
    recovery_due_ = unsaved();
    load_sound_of_project();
    emit changed();
    emit file_changed();
}

void Document::apply(Project next, const QString& name) {
    if (same_content(next, project()))
        return;
    history_.push(std::move(next), name.toStdString());
    project_changed();
}

bool Document::apply(Result<Project> next, const QString& name) {
    if (!next) {
        say(QString::fromStdString(next.error().message()));
        return false;
    }
    apply(*std::move(next), name);
    return true;
}

void Document::undo() {
    if (!can_undo())
        return;
    say(tr("Undone: %1").arg(undo_name()));
    history_.undo();
    project_changed();
}

void Document::redo() {
    if (!can_redo())
        return;
    say(tr("Done again: %1").arg(redo_name()));
    history_.redo();
    project_changed();
}

QString Document::undo_name() const {
    return can_undo() ? QString::fromStdString(history_.undo_name()) : QString();
}
QString Document::redo_name() const {
    return can_redo() ? QString::fromStdString(history_.redo_name()) : QString();
}

// -- song and clips

void Document::open_song(const std::filesystem::path& path) {
    const auto session = session_;
    const auto full = std::filesystem::absolute(path);
    jobs_.start<LoadedSound>(
        tr("Opening %1").arg(display_name(full)), [full](const Progress& p) { return load_sound(full, p); },
        [this, session](Result<LoadedSound> loaded) {
            if (session != session_)
                return;
            if (!loaded) {
                if (loaded.error().what != cancelled_text)
                    say(QString::fromStdString(loaded.error().message()));
                else
                    say(tr("Opening was cancelled"));
                return;
            }
            const int damaged = loaded->damaged_packets;
            Song song{loaded->path, loaded->path.stem().string(), loaded->samples->format().sample_rate,
                      loaded->samples->length(), loaded->fingerprint};
            take_sound(std::move(*loaded));
            apply(with_song(project(), std::move(song)), tr("open song"));
            if (damaged > 0)
                say(tr("Parts of the song are damaged and were left out"));
            detect(4, true);
        });
}

void Document::detect(int beats_per_bar, bool take_grid) {
    if (!sound_) {
        say(tr("There is no song to listen to yet. Open one first."));
        return;
    }
    const auto session = session_;
    jobs_.start<Analysis>(
        tr("Finding the beats"),
        [samples = sound_->samples, beats_per_bar](const Progress& p) {
            return analyze(*samples, {beats_per_bar, {}}, p);
        },
        [this, session, take_grid, path = sound_->path](Result<Analysis> found) {
            if (session != session_ || !project().song || project().song->path != path)
                return;
            if (!found) {
                say(tr("Detection was cancelled"));
                return;
            }
            const bool pulse = found->grid.has_value();
            apply(with_detection(project(), as_detection(*found), take_grid), tr("detect beats"));
            say(pulse
                    ? tr("%1 beats and %2 onsets found")
                          .arg(found->grid->beats().size())
                          .arg(found->onsets.size())
                    : tr("No pulse was found in this song. %1 onsets were found.").arg(found->onsets.size()));
        });
}

void Document::add_clips(const std::vector<std::filesystem::path>& paths) {
    const auto session = session_;
    struct Outcome {
        std::vector<Clip> clips;
        QStringList refused;
    };
    jobs_.start<Outcome>(
        tr("Opening shots"),
        [paths](const Progress& p) -> Result<Outcome> {
            Outcome outcome;
            for (std::size_t i = 0; i < paths.size(); ++i) {
                if (p.cancelled())
                    return fail(cancelled_text);
                p.report(static_cast<double>(i) / static_cast<double>(paths.size()));
                const auto full = std::filesystem::absolute(paths[i]);
                if (auto reader = VideoReader::open(full))
                    outcome.clips.push_back({{},
                                             full.stem().string(),
                                             full,
                                             reader->info().duration,
                                             reader->info().width,
                                             reader->info().height});
                else
                    outcome.refused << QString::fromStdString(reader.error().message());
            }
            return outcome;
        },
        [this, session](Result<Outcome> outcome) {
            if (session != session_ || !outcome)
                return;
            if (!outcome->clips.empty())
                apply(with_clips(project(), outcome->clips), tr("add shots"));
            if (!outcome->refused.isEmpty())
                say(outcome->refused.join("  "));
            else
                say(tr("%n shots added", nullptr, static_cast<int>(outcome->clips.size())));
        });
}

void Document::take_sound(std::optional<LoadedSound> sound) {
    if (!sound && !sound_)
        return;
    sound_ = std::move(sound);
    spectrum_ = nullptr;
    emit sound_changed();
    if (!sound_)
        return;
    jobs_.start<SpectrumMap>(
        tr("Drawing the spectrum"),
        [samples = sound_->samples](const Progress& p) { return make_spectrum_map(*samples, p); },
        [this, samples = sound_->samples](Result<SpectrumMap> map) {
            if (!map || !sound_ || sound_->samples != samples)
                return;
            spectrum_ = std::make_shared<const SpectrumMap>(*std::move(map));
            emit spectrum_changed();
        });
}

void Document::load_sound_of_project() {
    const auto wanted = project().song ? project().song->path : std::filesystem::path();
    if (wanted.empty()) {
        loading_.clear();
        take_sound(std::nullopt);
        return;
    }
    if ((sound_ && sound_->path == wanted) || loading_ == wanted)
        return;
    take_sound(std::nullopt);
    loading_ = wanted;
    const auto session = session_;
    jobs_.start<LoadedSound>(
        tr("Opening %1").arg(display_name(wanted)),
        [wanted](const Progress& p) { return load_sound(wanted, p); },
        [this, session, wanted](Result<LoadedSound> loaded) {
            if (session != session_ || loading_ != wanted)
                return;
            loading_.clear();
            if (!loaded) {
                if (loaded.error().what != cancelled_text)
                    say(tr("The song is not there. %1")
                            .arg(QString::fromStdString(loaded.error().message())));
                return;
            }
            const bool same = project().song && loaded->fingerprint == project().song->fingerprint;
            take_sound(std::move(*loaded));
            if (!same)
                say(tr(
                    "The song's file has changed since this project was saved: check the grid against it"));
        });
}

// -- files

QString Document::title() const {
    return path_.empty() ? tr("Untitled") : display_name(path_);
}

void Document::begin(Project next, std::filesystem::path path, bool saved) {
    remove_recovery_copy();
    jobs_.cancel();
    ++session_;
    history_ = History(std::move(next));
    if (!saved)
        history_.mark_unsaved();
    path_ = std::move(path);
    saved_at_.reset();
    loading_.clear();
    take_sound(std::nullopt);
    emit opened();
    project_changed();
}

void Document::start_new() {
    begin(new_project(), {}, true);
}

Result<void> Document::open(const std::filesystem::path& path) {
    auto loaded = load_project(path);
    if (!loaded)
        return tl::unexpected(loaded.error());
    begin(*std::move(loaded), std::filesystem::absolute(path), true);
    remember_recent(path_);
    return {};
}

Result<void> Document::save(const std::filesystem::path& path) {
    const auto full = std::filesystem::absolute(path);
    if (auto saved = save_project(project(), full); !saved)
        return saved;
    path_ = full;
    history_.mark_saved();
    saved_at_ = QDateTime::currentDateTime();
    remove_recovery_copy();
    remember_recent(full);
    emit file_changed();
    return {};
}

QStringList Document::recent_files() {
    return QSettings().value("recent").toStringList();
}

void Document::remember_recent(const std::filesystem::path& path) {
    QStringList files = recent_files();
    const QString name = QString::fromStdString(path.string());
    files.removeAll(name);
    files.prepend(name);
    while (files.size() > most_recent_files)
        files.removeLast();
    QSettings().setValue("recent", files);
}

// -- recovery

std::filesystem::path Document::recovery_path() const {
    return recovery_folder() / (std::to_string(QCoreApplication::applicationPid()) + ".pulsepin");
}

void Document::save_recovery_copy_now() {
    recovery_due_ = false;
    const auto copy = recovery_path();
    if (save_recovery_copy(project(), copy)) {
        auto original = copy;
        if (!write_text_file(original.replace_extension(".origin"), path_.string()))
            say(tr("The copy for recovery could not be written"));
    } else {
        say(tr("The copy for recovery could not be written: save your work"));
    }
}

void Document::remove_recovery_copy() {
    recovery_due_ = false;
    std::error_code ignored;
    auto copy = recovery_path();
    std::filesystem::remove(copy, ignored);
    std::filesystem::remove(copy.replace_extension(".origin"), ignored);
}

std::vector<Document::Recovery> Document::recoveries() {
    std::vector<Recovery> found;
    std::error_code code;
    for (const auto& entry : std::filesystem::directory_iterator(recovery_folder(), code)) {
        if (entry.path().extension() != ".pulsepin")
            continue;
        if (process_runs(QString::fromStdString(entry.path().stem().string()).toLongLong()))
            continue;
        auto origin = entry.path();
        const auto text = read_text_file(origin.replace_extension(".origin"));
        found.push_back({entry.path(), text ? QString::fromStdString(*text) : QString(),
                         QFileInfo(QString::fromStdString(entry.path().string())).lastModified()});
    }
    return found;
}

Result<void> Document::recover(const Recovery& recovery) {
    auto loaded = load_project(recovery.copy);
    if (!loaded)
        return tl::unexpected(loaded.error());
    begin(*std::move(loaded), recovery.original.toStdString(), false);
    save_recovery_copy_now();
    discard(recovery);
    return {};
}

void Document::discard(const Recovery& recovery) {
    std::error_code ignored;
    auto copy = recovery.copy;
    std::filesystem::remove(copy, ignored);
    std::filesystem::remove(copy.replace_extension(".origin"), ignored);
}

} // namespace pulsepin
