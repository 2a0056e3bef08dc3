// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/song_lessons.h"

#include <QDir>
#include <QStandardPaths>

namespace pulsepin::song_lessons {
namespace {

std::filesystem::path file() {
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
    QDir().mkpath(folder);
    return QDir(folder).filePath("levels of songs").toStdString();
}

} // namespace

std::vector<LevelLesson> all() {
    return load_lessons(file()).value_or(std::vector<LevelLesson>());
}

Result<std::size_t> remember(LevelLesson lesson) {
    auto lessons = load_lessons(file());
    if (!lessons)
        return tl::unexpected(lessons.error());
    *lessons = with_lesson(*std::move(lessons), std::move(lesson));
    if (auto saved = save_lessons(*lessons, file()); !saved)
        return tl::unexpected(saved.error());
    return lessons->size();
}

Result<std::size_t> forget_all() {
    const auto lessons = load_lessons(file());
    if (!lessons)
        return tl::unexpected(lessons.error());
    std::error_code error;
    std::filesystem::remove(file(), error);
    if (error)
        return fail("What was learned about songs could not be deleted.", file(), error.message());
    return lessons->size();
}

} // namespace pulsepin::song_lessons
