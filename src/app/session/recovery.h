// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "base/file_lock.h"
#include "model/project.h"

#include <QDateTime>
#include <QString>
#include <memory>
#include <vector>

namespace pulsepin {

/// A folder of its own, with a random name, for the copy of one open project; locked as long as its process
/// lives. Whoever gets the lock of a folder with a copy in it has found what a crash left behind.
class RecoveryFolder {
public:
    /// A new one; null when none can be made.
    [[nodiscard]] static std::shared_ptr<RecoveryFolder> make();

    /// What crashes left behind, each locked, so that no other window offers it as well. The newest first.
    [[nodiscard]] static std::vector<std::shared_ptr<RecoveryFolder>> left_behind();

    /// Puts the copy there, as a whole or not at all: the one of before stays until then. `original` is the
    /// project's own file; empty if it has none. From any thread.
    [[nodiscard]] Result<void> keep(const Project& project, const std::filesystem::path& original) const;
    /// Removes folder and copy. From any thread; the folder is of no use afterwards.
    void remove() const;

    [[nodiscard]] std::filesystem::path copy() const { return folder_ / "copy.pulsepin"; }
    [[nodiscard]] std::filesystem::path original() const; ///< empty if it had none
    [[nodiscard]] QDateTime when() const;

private:
    RecoveryFolder(std::filesystem::path folder, FileLock lock)
        : folder_(std::move(folder)), lock_(std::move(lock)) {}

    std::filesystem::path folder_;
    FileLock lock_;
};

} // namespace pulsepin
