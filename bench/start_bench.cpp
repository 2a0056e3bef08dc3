// SPDX-License-Identifier: GPL-3.0-or-later
//
// From the start of the program to its first picture, beside a window of Qt's that has nothing in it: on the
// same machine in the same minute the ratio tells more than the milliseconds.
#include <QApplication>
#include <QElapsedTimer>
#include <QProcess>
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

double median_ms(const QString& program, const QStringList& arguments) {
    std::vector<double> times;
    constexpr int runs = 9;
    for (int i = 0; i < runs; ++i) {
        QElapsedTimer clock;
        clock.start();
        QProcess process;
        process.start(program, arguments);
        if (!process.waitForFinished(30'000) || process.exitCode() != 0)
            return -1;
        times.push_back(static_cast<double>(clock.nsecsElapsed()) / 1e6);
    }
    std::nth_element(times.begin(), times.begin() + runs / 2, times.end());
    return times[runs / 2];
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
    const double bare = median_ms(QCoreApplication::applicationFilePath(), {"--bare"});
    const double own = median_ms(PULSEPIN_PROGRAM, {"--silent", "--quit-when-painted"});
    if (bare < 0 || own < 0) {
        std::fprintf(stderr, "A program did not come up.\n");
        return 1;
    }
    std::printf("| what | ms | times a bare window |\n| --- | --- | --- |\n"
                "| a bare window of Qt's, to its first paint and away | %.0f | 1.0 |\n"
                "| Pulse Pin, to its first paint and away | %.0f | %.1f |\n",
                bare, own, own / bare);
    constexpr double most_ms = 700;
    return own < most_ms ? 0 : 1;
}
