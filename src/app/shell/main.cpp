// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/heap.h"
#include "model/anchored_time.h"
#include "schedule/place_text.h"
#include "schedule/resolve.h"
#include "session/core_words.h"
#include "session/crash_report.h"
#include "session/end_signals.h"
#include "session/settings.h"
#include "shell/application.h"
#include "shell/desktop_motion.h"
#include "shell/end_in_time.h"
#include "shell/main_window.h"
#include "shell/media_keys.h"
#include "shell/one_window.h"
#include "shell/tour.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QScreen>
#include <QTimer>
#include <algorithm>
#include <optional>
#include <string_view>

namespace {

/// Ends the program once that was painted: how long it takes is measured from outside
/// (bench/start_bench.cpp).
class QuitWhenPainted : public QObject {
public:
    explicit QuitWhenPainted(QWidget& watched) : QObject(&watched) { watched.installEventFilter(this); }

protected:
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() == QEvent::Paint)
            QTimer::singleShot(0, qApp, &QCoreApplication::quit);
        return false;
    }
};

/// By a simulated pad, or by whatever keys the machine has.
void tap_by_keys(const QCommandLineParser& parser, pulsepin::MainWindow& window) {
    if (parser.isSet("pad")) {
        if (auto pad = pulsepin::open_simulated_pad(parser.value("pad").toStdString()))
            window.grids().tap_by_keys(*std::move(pad));
        else
            window.document().say(spoken(pad.error()));
    } else if (!parser.isSet("silent")) {
        QTimer::singleShot(0, &window, [&window] {           // the window is seen first
            if (auto keys = pulsepin::open_sequencer_keys()) // else the keyboard taps
                window.grids().tap_by_keys(*std::move(keys));
        });
    }
}

void describe(QCommandLineParser& parser) {
    QCoreApplication::setApplicationName("pulsepin");
    QCoreApplication::setApplicationVersion(PULSEPIN_VERSION);
    parser.setApplicationDescription("Puts pictures to music: beats, markers and cuts on one grid.");
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument("FILE", "a .pulsepin project, or a song to begin with");
    parser.addOption({"at", "begin at PLACE: 13.1, 0:24.8 or 595 f", "PLACE"});
    parser.addOption({"silent", "use no sound device"});
    parser.addOption({"pad", "tap by MIDI bytes from FILE, mostly a named pipe: a simulated pad", "FILE"});
    parser.addOption({"tour", "do the demo's main job, leave its results in DIR, and quit", "DIR"});
    QCommandLineOption quit_when_painted("quit-when-painted", "end once the window was painted");
    quit_when_painted.setFlags(QCommandLineOption::HiddenFromHelp);
    parser.addOption(quit_when_painted);
}

} // namespace

int main(int argc, char** argv) {
    pulsepin::keep_blocks_of_pictures();
    using namespace pulsepin;
    // What is asked about the program itself needs no display.
    const bool only_told = std::any_of(argv + 1, argv + argc, [](const char* argument) {
        const std::string_view word = argument;
        return word == "--help" || word == "-h" || word == "--help-all" || word == "--version" ||
               word == "-v";
    });
    if (only_told) {
        QCoreApplication told(argc, argv);
        QCommandLineParser parser;
        describe(parser);
        parser.process(told); // ends the program
    }
    prepare_start();
    QApplication application(argc, argv);
    prepare_application(application);

    QCommandLineParser parser;
    describe(parser);
    const QCommandLineOption quit_when_painted("quit-when-painted");
    parser.process(application);

    if (setting_flag("files/one window") && OneWindow::handed_to_running(parser.positionalArguments()))
        return 0;
    EndInTime end;
    MainWindow window(parser.isSet("silent") ? Player::Device::None : Player::Device::System);
    tap_by_keys(parser, window);
    if (parser.isSet(quit_when_painted))
        new QuitWhenPainted(window.timeline());
    crash_report::install(QString("Pulse Pin %1, Qt %2, %3, %4")
                              .arg(PULSEPIN_VERSION, qVersion(), QSysInfo::prettyProductName(),
                                   QGuiApplication::platformName()));
    OneWindow others;
    if (setting_flag("files/one window")) {
        others.listen();
        QObject::connect(&others, &OneWindow::file_wanted, &window, [&window](const QString& path) {
            window.open_path(path);
            window.raise();
            window.activateWindow();
        });
    }
    if (has_session_bus())
        QTimer::singleShot(0, &window, [&window] { // the window is seen first
            follow_desktop_motion(window);
            if (setting_flag("desktop/media keys"))
                new MediaKeys(window, window.document(), window.view(), window.player(), window.plays());
        });
    EndSignals ending;
    QObject::connect(&ending, &EndSignals::asked_to_end, &window.files(), &FileCommands::end_now);
    QObject::connect(&application, &QGuiApplication::commitDataRequest, &window.files(),
                     &FileCommands::desktop_ends, Qt::DirectConnection);
    // Where the frame of the window would not find room, it fills the screen.
    if (application.primaryScreen()->availableGeometry().height() < window.height() + 32)
        window.showMaximized();
    else
        window.show();
    const bool recovered =
        !parser.isSet("tour") && window.files().offer_recovery() == FileCommands::Recovered::Yes;
    if (const auto files = parser.positionalArguments(); !files.isEmpty()) {
        // Work that was just recovered is not put away again for a file that was named before it was known.
        if (recovered)
            window.document().say(
                QObject::tr("“%1” was not opened, since work was recovered. Save that first.")
                    .arg(files.first()));
        else
            window.open_path(files.first());
    }
    if (const auto reports = crash_report::take_new(); !reports.isEmpty())
        window.document().say(
            QObject::tr(
                "Pulse Pin crashed. What is needed to find the fault is in %1; nothing was sent anywhere.")
                .arg(reports.front()));
    if (parser.isSet("at"))
        QObject::connect(
            &window.document(), &Document::sound_changed, &window,
            [&window, place = parser.value("at").toStdString()] {
                const auto& project = window.document().project();
                const auto anchor = place_of_text(project, place, PlainNumber::AsBar);
                if (const auto time = anchor ? anchored_time(*anchor, project) : std::nullopt)
                    window.view().set_playhead(moment_of(*time, *project.settings));
                else
                    window.document().say(anchor ? QString() : spoken(anchor.error()));
            },
            Qt::SingleShotConnection);
    if (parser.isSet("tour"))
        start_tour(window, parser.value("tour"));
    const int outcome = QApplication::exec();
    constexpr std::chrono::seconds for_what_is_under_way(10);
    end.begin(for_what_is_under_way, outcome);
    return outcome;
}
