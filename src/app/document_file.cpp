// SPDX-License-Identifier: GPL-3.0-or-later
//
// The project's file, and what is kept for the case of a crash.
#include "base/text_file.h"
#include "document.h"
#include "interchange/project_file.h"
#include "model/edits.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QSettings>
#include <QStandardPaths>
#include <csignal>

namespace pulsepin {
namespace {

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

} // namespace

QString Document::title() const {
    return path_.empty() ? tr("Untitled") : QString::fromStdString(path_.filename().string());
}

void Document::begin(Project next, std::filesystem::path path, bool saved) {
    remove_recovery_copy();
    jobs_.cancel();
    ++session_;
    history_ = History(std::move(next));
    derive(); // whoever looks while the sound goes finds this project as a whole
    if (!saved)
        history_.mark_unsaved();
    path_ = std::move(path);
    saved_at_.reset();
    loading_.reset();
    followers_.clear(); // those of other lanes
    followed_.reset();
    tracks_.clear();
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
