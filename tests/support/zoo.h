// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFileInfo>
#include <QProcess>
#include <QTemporaryDir>

namespace pulsepin::test {

/// Clips and pictures of all kinds (tests/data/make-zoo). A run of all tests makes them once, for whoever
/// reads them (PULSEPIN_ZOO); where there are none, they are made here. Nothing is to be written beside them.
class Zoo {
public:
    /// Says why they could not be made; empty where they are there.
    [[nodiscard]] QString make() {
        path_ = qEnvironmentVariable("PULSEPIN_ZOO");
        if (QFileInfo::exists(path_ + "/zoo.json"))
            return {};
        path_ = own_.path();
        QProcess making;
        making.start("/usr/bin/python3", {PULSEPIN_TESTS "/data/make-zoo", path_});
        if (!making.waitForFinished(170'000) || making.exitCode() != 0)
            return "The clips could not be made: " + QString(making.readAllStandardError());
        return {};
    }
    [[nodiscard]] QString filePath(const QString& name) const { return path_ + '/' + name; }

private:
    QTemporaryDir own_;
    QString path_;
};

} // namespace pulsepin::test
