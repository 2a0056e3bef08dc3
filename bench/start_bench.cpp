// SPDX-License-Identifier: GPL-3.0-or-later
//
// From the start of the program to its first picture, beside a window of Qt's that has nothing in it: on the
// same machine in the same minute the ratio tells more than the milliseconds.
#include <QApplication>
#include <QElapsedTimer>
#include <QProcess>
#include <QTemporaryDir>
#include <QTimer>
#include <QWidget>
#include <algorithm>
#include <cstdio>
#include <vector>

namespace {

class BareWindow : public QWidget {
protected:
    void paintEvent(QPaintEvent*) override { QTimer::singleShot(0, qApp, &QCoreApplication::quit); }
};

struct Times {
    double median = -1, least = -1; ///< ms; below 0: it did not come up
};

Times times_of(const QString& program, const QStringList& arguments) {
    std::vector<double> times;
    constexpr int runs = 9;
    const QTemporaryDir own;
    auto environment = QProcessEnvironment::systemEnvironment();
    for (const char* kind : {"XDG_DATA_HOME", "XDG_CONFIG_HOME", "XDG_CACHE_HOME", "XDG_RUNTIME_DIR"})
        environment.insert(kind, own.path());
    for (int i = 0; i < runs; ++i) {
        QElapsedTimer clock;
        clock.start();
        QProcess process;
        process.setProcessEnvironment(environment); // nothing of anyone's is found there
        process.start(program, arguments);
        if (!process.waitForFinished(30'000) || process.exitCode() != 0)
            return {};
        times.push_back(static_cast<double>(clock.nsecsElapsed()) / 1e6);
    }
    std::sort(times.begin(), times.end());
    return {times[runs / 2], times.front()};
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    if (application.arguments().contains("--bare")) {
        BareWindow window;
        window.resize(1280, 800);
        window.show();
        return QApplication::exec();
    }
    const Times bare = times_of(QCoreApplication::applicationFilePath(), {"--bare"});
    const Times own = times_of(PULSEPIN_PROGRAM, {"--silent", "--quit-when-painted"});
    if (bare.median < 0 || own.median < 0) {
        std::fprintf(stderr, "A program did not come up.\n");
        return 1;
    }
    std::printf("| what | ms | times a bare window |\n| --- | --- | --- |\n"
                "| a bare window of Qt's, to its first paint and away | %.0f | 1.0 |\n"
                "| Pulse Pin, to its first paint and away | %.0f | %.1f |\n",
                bare.median, own.median, own.median / bare.median);
    // What else the machine does makes a start slower, never faster: the fastest tells. On a slow machine the
    // ratio counts.
    constexpr double most_ms = 300, most_times = 12;
    return own.least <= most_ms || own.least <= most_times * bare.least ? 0 : 1;
}
