// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/tour_folder.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>

namespace pulsepin {
namespace {

constexpr const char* note_name = "read-me.txt";
constexpr const char* note = "The results of the demo's tour of Pulse Pin. The next tour replaces them.\n";

bool is_of_a_tour(const QDir& folder) {
    QFile file(folder.filePath(note_name));
    return file.open(QIODevice::ReadOnly) && file.readAll() == note;
}

bool leave_note(const QDir& folder) {
    QFile file(folder.filePath(note_name));
    return file.open(QIODevice::WriteOnly | QIODevice::NewOnly) && file.write(note) > 0 && file.flush();
}

QString tr(const char* text) {
    return QCoreApplication::translate("Tour", text);
}

} // namespace

QString fault_of_tour_folder(const QString& folder) {
    if (!QDir().mkpath(folder))
        return tr("“%1” cannot be made. Choose another folder for the tour.").arg(folder);
    const QDir results(folder);
    if (is_of_a_tour(results))
        return {};
    if (!results.isEmpty(QDir::AllEntries | QDir::Hidden | QDir::System | QDir::NoDotAndDotDot))
        return tr("“%1” holds files that are not of an earlier tour, and nothing is written there. Choose a "
                  "folder that is new or empty.")
            .arg(folder);
    if (!leave_note(results))
        return tr("“%1” cannot be written into. Choose another folder for the tour.").arg(folder);
    return {};
}

} // namespace pulsepin
