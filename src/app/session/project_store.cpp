// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/project_store.h"

#include "base/guarded.h"
#include "base/private_folder.h"
#include "base/text_file.h"
#include "interchange/files_outside.h"
#include "interchange/project_file.h"
#include "session/agreed_files.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>
#include <algorithm>

namespace pulsepin {
namespace {

constexpr int most_recent_files = 8;
constexpr int quiet_ms = 300; ///< other programs write in several steps; looked at when they are done

QString text_of(const std::filesystem::path& path) {
    return QString::fromStdString(path.string());
}

/// Where windows tell each other which projects they have open.
std::filesystem::path mark_of(const std::filesystem::path& project) {
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation) + "/open";
    make_private_folder(folder.toStdString());
    std::error_code code;
    auto full = std::filesystem::weakly_canonical(project, code);
    const auto name = QCryptographicHash::hash(QByteArray::fromStdString((code ? project : full).string()),
                                               QCryptographicHash::Sha1);
    return (folder + "/" + QString::fromLatin1(name.toHex()) + ".lock").toStdString();
}

Result<FileState> write_unless_changed(const Project& project, const std::filesystem::path& path,
                                       const FileState* known) {
    if (known && change_since(path, *known) == FileChange::Changed)
        return fail(
            "The file was changed by another program or window since it was opened here, and was left "
            "as it is.",
            path.string(), "Replace it, or save under another name.", ErrorKind::Changed);
    return save_project(project, path);
}

} // namespace

ProjectStore::ProjectStore(QObject* parent) : QObject(parent) {
    look_timer_.setSingleShot(true);
    look_timer_.setInterval(quiet_ms);
    connect(&look_timer_, &QTimer::timeout, this, &ProjectStore::look_at_disk);
    connect(&watcher_, &QFileSystemWatcher::fileChanged, &look_timer_, qOverload<>(&QTimer::start));
    connect(&watcher_, &QFileSystemWatcher::directoryChanged, &look_timer_, qOverload<>(&QTimer::start));
}

ProjectStore::~ProjectStore() {
    if (!copy_stays_)
        forget_copy();
}

ProjectStore::Place& ProjectStore::place_of(const std::filesystem::path& path) {
    const auto it = std::ranges::find(places_, path, [](const auto& place) { return place->path; });
    if (it != places_.end())
        return **it;
    return *places_.emplace_back(std::make_unique<Place>(path));
}

/// Of files that are not the project's any more and have nothing to do.
void ProjectStore::leave_places() {
    std::erase_if(places_, [this](const auto& place) { return place->path != path_ && !place->disk.busy(); });
}

void ProjectStore::begin(std::filesystem::path path, const FileState& file) {
    forget_copy();
    ++session_;
    path_ = std::move(path);
    leave_places();
    Place& place = place_of(path_);
    place.disk.post([&place, file] {
        place.known = file;
        return std::function<void()>();
    });
    saved_at_.reset();
    trouble_ = {};
    watch();
    mark_as_open();
    if (!path_.empty())
        remember_recent();
    emit changed();
}

void ProjectStore::begin_recovered(std::shared_ptr<RecoveryFolder> folder) {
    const auto original = folder->original();
    // A file that is older than the copy is what it was made from; a newer one was changed since: saving
    // asks.
    FileState known;
    const QFileInfo file(text_of(original));
    if (file.exists() && file.lastModified() <= folder->when())
        if (const auto bytes = read_text_file(original))
            known = file_state(original, *bytes);
    begin(original, known);
    folder_ = std::move(folder);
    look_at_disk();
}

void ProjectStore::finish() {
    copies_.finish();
    for (std::size_t i = 0; i < places_.size(); ++i) // telling an outcome may add one
        places_[i]->disk.finish();
    agreements_.finish();
}

bool ProjectStore::finish_within(std::chrono::milliseconds most) {
    using Clock = std::chrono::steady_clock;
    const auto end = Clock::now() + most;
    const auto left = [end] {
        return std::max(std::chrono::milliseconds(0),
                        std::chrono::duration_cast<std::chrono::milliseconds>(end - Clock::now()));
    };
    for (std::size_t i = places_.size(); i-- > 0;) // the latest first: an earlier one may not matter then
        if (i < places_.size() && (saving() || places_[i]->path == path_))
            places_[i]->disk.finish_within(left());
    agreements_.finish_within(left());
    return !saving();
}

bool ProjectStore::finish_copy() {
    copies_.finish();
    return !trouble_.not_kept;
}

// -- saving

void ProjectStore::save(Project project, const std::filesystem::path& path, Overwrite overwrite,
                        std::function<void(const SaveOutcome&)> done) {
    const auto number = ++asked_;
    under_way_.insert(number);
    Place& place = place_of(path);
    const bool check = overwrite == Overwrite::No && path == path_;
    place.disk.post([this, &place, project = std::move(project), check, number, session = session_,
                     done = std::move(done)] {
        auto file = guarded(
            [&] { return write_unless_changed(project, place.path, check ? &place.known : nullptr); });
        if (file)
            place.known = *file;
        const auto written = file ? Result<void>() : Result<void>(tl::unexpected(file.error()));
        return [this, written, project, path = place.path, number, session, done] {
            under_way_.erase(number);
            const bool stands = session == session_ && stands_after(number, path, written);
            if (written)
                agree_to_files_of(project, path);
            else
                emit changed();
            done({written, stands});
            emit changed();
            leave_places();
        };
    });
    emit changed();
}

/// What is saved here was chosen here. Where its files lie may take long to be found.
void ProjectStore::agree_to_files_of(const Project& project, const std::filesystem::path& path) {
    agreements_.post([project, path] {
        agreed_files::remember(path, files_outside(project, path));
        return std::function<void()>();
    });
}

/// What was asked for later, and is on the disk, stands: the project has moved there.
bool ProjectStore::stands_after(std::uint64_t number, const std::filesystem::path& path,
                                const Result<void>& written) {
    if (number < saved_) {
        look_at_disk(); // by another name it may be the very file
        return false;
    }
    if (!written) {
        trouble_.not_saved = written.error();
        return false;
    }
    saved_ = number;
    trouble_.not_saved.reset();
    saved_at_ = QDateTime::currentDateTime();
    const bool elsewhere = path != path_;
    path_ = path;
    trouble_.changed_on_disk = false;
    watch();
    if (elsewhere)
        mark_as_open();
    remember_recent();
    return true;
}

void ProjectStore::accept_change_on_disk() {
    Place& place = place_of(path_);
    place.disk.post([this, &place, session = session_] {
        // Whatever it holds; damaged, too.
        const auto bytes = read_text_file(place.path);
        place.known = bytes ? file_state(place.path, *bytes) : FileState{};
        return [this, session] {
            if (session != session_)
                return;
            trouble_.changed_on_disk = false;
            emit changed();
        };
    });
}

// -- the copy for recovery

void ProjectStore::keep_copy(Project project) {
    if (!folder_)
        folder_ = RecoveryFolder::make();
    copies_.post([this, project = std::move(project), folder = folder_, path = path_, session = session_] {
        const auto kept = guarded([&]() -> Result<void> {
            if (!folder)
                return fail("There is no room for a copy for recovery.", {},
                            "Save your work; free some space.");
            return folder->keep(project, path);
        });
        return [this, kept, session] {
            if (session != session_)
                return;
            const bool told = trouble_.not_kept.has_value();
            trouble_.not_kept = kept ? std::nullopt : std::optional(kept.error());
            if (!kept)
                emit copy_not_kept();
            if (told != trouble_.not_kept.has_value())
                emit changed();
        };
    });
}

void ProjectStore::forget_copy() {
    if (!folder_)
        return;
    // After what may just be written to it.
    copies_.post([folder = std::exchange(folder_, nullptr)] {
        folder->remove();
        return std::function<void()>();
    });
    trouble_.not_kept.reset();
}

// -- what others do to the file

void ProjectStore::watch() {
    const auto before = watcher_.files() + watcher_.directories();
    if (!before.isEmpty())
        watcher_.removePaths(before);
    if (path_.empty())
        return;
    // Programs that replace a file take the watched one away: its folder tells.
    watcher_.addPath(text_of(path_.parent_path()));
    watcher_.addPath(text_of(path_));
}

void ProjectStore::look_at_disk() {
    if (path_.empty())
        return;
    Place& place = place_of(path_);
    place.disk.post([this, &place, session = session_] {
        const bool by_others = change_since(place.path, place.known) == FileChange::Changed;
        return [this, by_others, session] {
            if (session != session_)
                return;
            if (!watcher_.files().contains(text_of(path_)))
                watcher_.addPath(text_of(path_));
            if (by_others == trouble_.changed_on_disk)
                return;
            trouble_.changed_on_disk = by_others;
            emit changed();
        };
    });
}

void ProjectStore::mark_as_open() {
    open_mark_.reset();
    trouble_.open_elsewhere = false;
    if (path_.empty())
        return;
    open_mark_ = FileLock::try_take(mark_of(path_));
    trouble_.open_elsewhere = !open_mark_;
}

// -- recent files

QStringList ProjectStore::recent_files() {
    return QSettings().value("recent").toStringList();
}

void ProjectStore::remember_recent() {
    QStringList files = recent_files();
    files.removeAll(text_of(path_));
    files.prepend(text_of(path_));
    while (files.size() > most_recent_files)
        files.removeLast();
    QSettings().setValue("recent", files);
}

} // namespace pulsepin
