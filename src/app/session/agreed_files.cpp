// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/agreed_files.h"

#include <QCryptographicHash>
#include <QSettings>
#include <QStringList>

namespace pulsepin::agreed_files {
namespace {

QString key_of(const std::filesystem::path& project_file) {
    std::error_code code;
    const auto full = std::filesystem::weakly_canonical(project_file, code);
    return "agreed/" +
           QString::fromLatin1(
               QCryptographicHash::hash(QByteArray::fromStdString((code ? project_file : full).string()),
                                        QCryptographicHash::Sha1)
                   .toHex());
}

QStringList places_of(const std::vector<FileOutside>& files) {
    QStringList places;
    for (const auto& file : files)
        places << QString::fromStdString(file.leads_to.string());
    return places;
}

} // namespace

bool includes(const std::filesystem::path& project_file, const std::vector<FileOutside>& files) {
    const QStringList agreed = QSettings().value(key_of(project_file)).toStringList();
    const QStringList places = places_of(files);
    return std::all_of(places.begin(), places.end(),
                       [&](const QString& place) { return agreed.contains(place); });
}

void remember(const std::filesystem::path& project_file, const std::vector<FileOutside>& files) {
    if (files.empty())
        QSettings().remove(key_of(project_file));
    else
        QSettings().setValue(key_of(project_file), places_of(files));
}

} // namespace pulsepin::agreed_files
