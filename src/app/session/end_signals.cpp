// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/end_signals.h"

#include <atomic>
#include <csignal>
#include <fcntl.h>
#include <unistd.h>

namespace pulsepin {
namespace {

// A handler of signals knows nothing but what is global.
std::atomic<int> pipe_of_handler = -1;

void note_signal(int) {
    const char mark = 1;
    const auto written = ::write(pipe_of_handler.load(), &mark, 1);
    (void)written; // a full pipe has told already
}

} // namespace

EndSignals::EndSignals(QObject* parent) : QObject(parent) {
    if (::pipe2(ends_, O_CLOEXEC | O_NONBLOCK) != 0)
        return;
    pipe_of_handler = ends_[1];
    notifier_ = new QSocketNotifier(ends_[0], QSocketNotifier::Read, this);
    connect(notifier_, &QSocketNotifier::activated, this, [this] {
        char marks[16];
        while (::read(ends_[0], marks, sizeof marks) > 0) {
        }
        emit asked_to_end();
    });
    struct sigaction action {};
    action.sa_handler = note_signal;
    action.sa_flags = SA_RESTART;
    for (const int signal : {SIGTERM, SIGHUP, SIGINT})
        ::sigaction(signal, &action, nullptr);
}

EndSignals::~EndSignals() {
    for (const int signal : {SIGTERM, SIGHUP, SIGINT})
        ::signal(signal, SIG_DFL);
    pipe_of_handler = -1;
    for (const int end : ends_)
        if (end >= 0)
            ::close(end);
}

} // namespace pulsepin
