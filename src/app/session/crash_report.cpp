// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/crash_report.h"

#include "base/private_folder.h"

#include <QDateTime>
#include <QDir>
#include <QSettings>
#include <QStandardPaths>
#include <algorithm>
#include <array>
#include <csignal>
#include <cstring>
#include <execinfo.h>
#include <fcntl.h>
#include <unistd.h>

namespace pulsepin::crash_report {
namespace {

constexpr int kept_reports = 5;
constexpr int deepest_call = 64;
constexpr const char* told_setting = "crash/told until";

/// What the handler may use: it can neither allocate nor wait.
struct Prepared {
    std::array<char, 1024> file{}, about{};
    std::array<std::array<char, 40>, 12> commands{};
    std::size_t next = 0;
    std::array<char, 1 << 16> stack{}; ///< its own, also when the usual one is at its end
};

Prepared& prepared() {
    static Prepared one;
    return one;
}

void put(int file, const char* text) {
    const auto size = std::strlen(text);
    if (write(file, text, size) < 0)
        return; // there is nobody to tell
}

extern "C" void leave_report(int signal) {
    const auto& p = prepared();
    if (const int file = open(p.file.data(), O_CREAT | O_WRONLY | O_TRUNC | O_CLOEXEC, 0600); file >= 0) {
        put(file, p.about.data());
        const char number[] = {static_cast<char>('0' + signal / 10 % 10),
                               static_cast<char>('0' + signal % 10), 0};
        put(file, "\nsignal ");
        put(file, number);
        put(file, "\nlast commands:\n");
        for (std::size_t i = 0; i < p.commands.size(); ++i) {
            const auto& command = p.commands[(p.next + i) % p.commands.size()];
            if (command[0]) {
                put(file, "  ");
                put(file, command.data());
                put(file, "\n");
            }
        }
        put(file, "calls:\n");
        void* calls[deepest_call];
        backtrace_symbols_fd(calls, backtrace(calls, deepest_call), file);
        close(file);
    }
    std::signal(signal, SIG_DFL);
    raise(signal);
}

template <std::size_t size>
void keep(std::array<char, size>& into, const QByteArray& text) {
    const auto length = std::min(size - 1, static_cast<std::size_t>(text.size()));
    std::copy_n(text.constData(), length, into.begin());
    into[length] = 0;
}

QFileInfoList reports() {
    return QDir(folder()).entryInfoList({"crash-*.txt"}, QDir::Files, QDir::Time); // the newest first
}

} // namespace

QString folder() {
    const QString path = QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation) + "/crashes";
    make_private_folder(path.toStdString());
    return path;
}

void install(const QString& about) {
    auto& p = prepared();
    const QString name = QString("%1/crash-%2-%3.txt")
                             .arg(folder(), QDateTime::currentDateTimeUtc().toString("yyyyMMdd-HHmmss"))
                             .arg(getpid());
    keep(p.file, name.toUtf8());
    keep(p.about, about.toUtf8());
    void* calls[2];
    (void)backtrace(calls, 2); // the first call loads what it needs
    stack_t stack{};
    stack.ss_sp = p.stack.data();
    stack.ss_size = p.stack.size();
    sigaltstack(&stack, nullptr);
    struct sigaction action {};
    action.sa_handler = leave_report;
    action.sa_flags = SA_ONSTACK | SA_RESETHAND;
    for (const int signal : {SIGSEGV, SIGABRT, SIGBUS, SIGFPE, SIGILL})
        sigaction(signal, &action, nullptr);
}

void note(const QString& command) {
    auto& p = prepared();
    keep(p.commands[p.next], command.toUtf8());
    p.next = (p.next + 1) % p.commands.size();
}

QStringList take_new() {
    QStringList fresh;
    const auto all = reports();
    const qint64 told = QSettings().value(told_setting, 0).toLongLong();
    qint64 latest = told;
    for (int i = 0; i < all.size(); ++i) {
        const qint64 when = all[i].lastModified().toMSecsSinceEpoch();
        if (when > told)
            fresh << all[i].filePath();
        latest = std::max(latest, when);
        if (i >= kept_reports)
            QFile::remove(all[i].filePath());
    }
    if (latest != told)
        QSettings().setValue(told_setting, latest);
    return fresh;
}

} // namespace pulsepin::crash_report
