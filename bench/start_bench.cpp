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
#include <optional>
#include <vector>

namespace {

class BareWindow : public QWidget {
protected:
    void paintEvent(QPaintEvent*) override { QTimer::singleShot(0, qApp, &QCoreApplication::quit); }
};

/// In milliseconds from its start to its end; nothing where it did not come up.
std::optional<double> one_run(const QString& program, const QStringList& arguments,
                              const QProcessEnvironment& environment) {
    QElapsedTimer clock;
    clock.start();
    QProcess process;
    process.setProcessEnvironment(environment);
    process.start(program, arguments);
    if (!process.waitForFinished(30'000) || process.exitCode() != 0)
        return std::nullopt;
    return static_cast<double>(clock.nsecsElapsed()) / 1e6;
}

double median(std::vector<double> values) {
    std::nth_element(values.begin(), values.begin() + std::ssize(values) / 2, values.end());
    return values[values.size() / 2];
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
    const QTemporaryDir own_homes;
    auto environment = QProcessEnvironment::systemEnvironment();
    for (const char* kind : {"XDG_DATA_HOME", "XDG_CONFIG_HOME", "XDG_CACHE_HOME", "XDG_RUNTIME_DIR"})
        environment.insert(kind, own_homes.path()); // nothing of anyone's is found there
    // By turns, so that what else the machine does meets both.
    std::vector<double> bare, own, times;
    constexpr int pairs = 11;
    for (int i = 0; i < pairs; ++i) {
        const auto of_bare = one_run(QCoreApplication::applicationFilePath(), {"--bare"}, environment);
        const auto of_own = one_run(PULSEPIN_PROGRAM, {"--silent", "--quit-when-painted"}, environment);
        if (!of_bare || !of_own) {
            std::fprintf(stderr, "A program did not come up.\n");
            return 1;
        }
        bare.push_back(*of_bare);
        own.push_back(*of_own);
        times.push_back(*of_own / *of_bare);
    }
    std::printf("| what | ms | least | times a bare window |\n| --- | --- | --- | --- |\n"
                "| a bare window of Qt's, to its first paint and away | %.0f | %.0f | 1.0 |\n"
                "| Pulse Pin, to its first paint and away | %.0f | %.0f | %.1f |\n",
                median(bare), std::ranges::min(bare), median(own), std::ranges::min(own), median(times));
    // What else the machine does makes a start slower, never faster: the fastest tells. On a slow machine the
    // ratio of what was started one after the other counts.
    constexpr double most_ms = 300, most_times = 12;
    return std::ranges::min(own) <= most_ms || median(times) <= most_times ? 0 : 1;
}
