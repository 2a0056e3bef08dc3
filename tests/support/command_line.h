// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QProcess>

namespace pulsepin::test {

inline const QString demo_file = PULSEPIN_DEMO "/kite-day.pulsepin";

struct Run {
    int status; ///< -1: it did not end by itself
    QString out, err;
};

/// The program of the command line, run to its end; `before`: what runs it, as in {"prlimit",
/// "--as=1073741824"}.
inline Run cli(const QStringList& arguments, const QStringList& before = {}) {
    QProcess process;
    QStringList all = before + QStringList{PULSEPIN_BINARIES "/pulsepin-cli"} + arguments;
    const QString program = all.takeFirst();
    process.start(program, all);
    process.waitForFinished(120'000);
    return {process.exitStatus() == QProcess::NormalExit ? process.exitCode() : -1,
            QString(process.readAllStandardOutput()), QString(process.readAllStandardError())};
}

} // namespace pulsepin::test
