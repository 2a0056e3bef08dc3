// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QCryptographicHash>
#include <QString>
#include <filesystem>

namespace pulsepin {

/// Under which name a setting of the window is kept for the project of that path (empty: not saved yet).
[[nodiscard]] inline QString kept_for_project(const QString& setting, const std::filesystem::path& path) {
    if (path.empty())
        return setting + "/new";
    const auto bytes = QByteArray::fromStdString(path.string());
    return setting + "/" +
           QString::fromLatin1(QCryptographicHash::hash(bytes, QCryptographicHash::Sha1).toHex());
}

} // namespace pulsepin
