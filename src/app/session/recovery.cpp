// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/recovery.h"

#include "base/private_folder.h"
#include "base/text_file.h"
#include "interchange/project_file.h"

#include <QFileInfo>
#include <QStandardPaths>
#include <QUuid>
#include <algorithm>

namespace pulsepin {
namespace {

namespace fs = std::filesystem;

constexpr const char* lock_name = "lock";
constexpr const char* original_name = "original";

fs::path recovery_root() {
    const fs::path root =
        (QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation) + "/recovery").toStdString();
    make_private_folder(root);
    return root;
}

fs::path new_folder() {
    const auto folder = recovery_root() / QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
    make_private_folder(folder);
    return folder;
}

/// Earlier versions named a copy by the number of its process. Such a copy gets a folder, unless that process
/// still is one of ours.
void adopt_copies_of_earlier_versions() {
    std::error_code code;
    std::vector<fs::path> copies;
    for (fs::directory_iterator entry(recovery_root(), code), end; !code && entry != end;
         entry.increment(code))
        if (entry->path().extension() == ".pulsepin")
            copies.push_back(entry->path());
    for (const auto& copy : copies) {
        std::error_code no_process;
        const auto runs = fs::read_symlink("/proc/" + copy.stem().string() + "/exe", no_process);
        if (!no_process && runs.filename().string().starts_with("pulsepin"))
            continue;
        const auto folder = new_folder();
        auto origin = copy;
        std::error_code moved;
        fs::rename(origin.replace_extension(".origin"), folder / original_name, moved);
        fs::rename(copy, folder / "copy.pulsepin", moved);
        if (moved)
            fs::remove_all(folder, code);
    }
}

} // namespace

std::shared_ptr<RecoveryFolder> RecoveryFolder::make() {
    // Another window that starts just now may take the folder for an empty one before it is locked.
    for (int attempt = 0; attempt < 3; ++attempt) {
        auto folder = new_folder();
        if (auto lock = FileLock::try_take(folder / lock_name))
            return std::shared_ptr<RecoveryFolder>(new RecoveryFolder(std::move(folder), *std::move(lock)));
    }
    return nullptr;
}

std::vector<std::shared_ptr<RecoveryFolder>> RecoveryFolder::left_behind() {
    adopt_copies_of_earlier_versions();
    std::vector<std::shared_ptr<RecoveryFolder>> found;
    std::error_code code;
    std::vector<fs::path> folders;
    for (fs::directory_iterator entry(recovery_root(), code), end; !code && entry != end;
         entry.increment(code))
        if (fs::is_directory(entry->path(), code))
            folders.push_back(entry->path());
    for (const auto& path : folders) {
        auto lock = FileLock::try_take(path / lock_name);
        if (!lock)
            continue; // of a window that is open, or that just asks about it
        std::shared_ptr<RecoveryFolder> folder(new RecoveryFolder(path, *std::move(lock)));
        if (fs::exists(folder->copy(), code))
            found.push_back(std::move(folder));
        else
            folder->remove(); // nothing was left unsaved
    }
    std::sort(found.begin(), found.end(), [](const auto& a, const auto& b) { return a->when() > b->when(); });
    return found;
}

Result<void> RecoveryFolder::keep(const Project& project, const fs::path& original) const {
    if (auto named = write_text_file(folder_ / original_name, original.string(), Access::OwnerOnly); !named)
        return named;
    return save_recovery_copy(project, copy());
}

void RecoveryFolder::remove() const {
    std::error_code ignored;
    fs::remove_all(folder_, ignored);
}

fs::path RecoveryFolder::original() const {
    return read_text_file(folder_ / original_name).value_or(std::string());
}

QDateTime RecoveryFolder::when() const {
    return QFileInfo(QString::fromStdString(copy().string())).lastModified();
}

} // namespace pulsepin
