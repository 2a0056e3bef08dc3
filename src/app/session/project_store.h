// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/file_lock.h"
#include "base/file_state.h"
#include "model/project.h"
#include "session/disk_thread.h"
#include "session/recovery.h"

#include <QDateTime>
#include <QFileSystemWatcher>
#include <QObject>
#include <QStringList>
#include <QTimer>
#include <functional>
#include <memory>
#include <optional>
#include <set>
#include <vector>

namespace pulsepin {

/// What stands between the person and a file that is safe.
struct FileTrouble {
    std::optional<Error> not_saved; ///< the last save failed; until one succeeds
    std::optional<Error> not_kept;  ///< the copy for recovery could not be written
    bool changed_on_disk = false;   ///< by someone else, since it was opened or saved here
    bool open_elsewhere = false;    ///< another window has it open
};

/// How a save ended.
struct SaveOutcome {
    Result<void> written;
    bool stands = false; ///< the project is what was written; nothing asked for later was there before it
};

/// The file of the open project and its copy for recovery. Each file is written on a thread of its own, so
/// that a folder that does not answer holds up no other; "saved" is told only when it is on the disk.
class ProjectStore : public QObject {
    Q_OBJECT
public:
    explicit ProjectStore(QObject* parent = nullptr);
    ~ProjectStore() override;

    [[nodiscard]] const std::filesystem::path& path() const { return path_; }
    [[nodiscard]] std::optional<QDateTime> saved_at() const { return saved_at_; }
    /// What is asked for is not on the disk yet, nor is anything later, under whatever name.
    [[nodiscard]] bool saving() const { return !under_way_.empty() && *under_way_.rbegin() > saved_; }
    [[nodiscard]] const FileTrouble& trouble() const { return trouble_; }

    /// Another project is open now: from this file, or from none.
    void begin(std::filesystem::path path, const FileState& file);
    /// Another project that was recovered: its copy stays until it is saved or given up.
    void begin_recovered(std::shared_ptr<RecoveryFolder> folder);

    enum class Overwrite {
        No, ///< a file that someone else changed is left alone: the error has the kind Changed
        Yes
    };
    /// Writes the project in the background. `done` is always called; after a success that stands the path is
    /// the project's. An earlier save to the same file that is still under way is done first; one to another
    /// file that ends later changes nothing here.
    void save(Project project, const std::filesystem::path& path, Overwrite overwrite,
              std::function<void(const SaveOutcome&)> done);
    /// Waits until nothing is left to be written.
    void finish();
    /// Waits for saves, but not for longer than that. Whether nothing that matters is under way.
    bool finish_within(std::chrono::milliseconds most);
    /// Waits for the copy for recovery, which lies on this computer. Whether it is there.
    bool finish_copy();

    /// What is on the disk counts as known: saving here will replace it without asking.
    void accept_change_on_disk();

    /// Writes the copy for recovery in the background. Without a success it is tried again when it is due the
    /// next time.
    void keep_copy(Project project);
    /// Nothing is left to recover: it was saved, or given up on purpose.
    void forget_copy();
    /// When the program ends the copy stays, and is offered the next time.
    void leave_copy() { copy_stays_ = true; }

    [[nodiscard]] static QStringList recent_files();

signals:
    void changed();       ///< path, saved, trouble
    void copy_not_kept(); ///< try again later

private:
    /// A file of the project, and the thread that reads and writes it.
    struct Place {
        explicit Place(std::filesystem::path file) : path(std::move(file)) {}
        const std::filesystem::path path;
        FileState known; ///< as it was when it was read or written here; touched on its thread only
        DiskThread disk; ///< the last: it ends before what it uses
    };
    Place& place_of(const std::filesystem::path& path);
    void leave_places();
    [[nodiscard]] bool stands_after(std::uint64_t number, const std::filesystem::path& path,
                                    const Result<void>& written);
    void agree_to_files_of(const Project& project, const std::filesystem::path& path);
    void watch();
    void look_at_disk();
    void mark_as_open();
    void remember_recent();

    std::filesystem::path path_;
    std::optional<QDateTime> saved_at_;
    FileTrouble trouble_;
    std::uint64_t asked_ = 0, saved_ = 0; ///< saves in their order; the latest that is on the disk
    std::set<std::uint64_t> under_way_;
    std::uint64_t session_ = 0; ///< rises with each project
    std::shared_ptr<RecoveryFolder> folder_;
    bool copy_stays_ = false;
    std::optional<FileLock> open_mark_;
    QFileSystemWatcher watcher_;
    QTimer look_timer_;
    DiskThread copies_;     ///< a folder that does not answer holds up no copy for recovery
    DiskThread agreements_; ///< looks where files lie, which may be in yet other folders
    std::vector<std::unique_ptr<Place>> places_;
};

} // namespace pulsepin
