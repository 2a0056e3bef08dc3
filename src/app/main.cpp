// SPDX-License-Identifier: GPL-3.0-or-later
#include "application.h"
#include "main_window.h"
#include "tour.h"

#include <QApplication>
#include <QCommandLineParser>
#include <malloc.h>

int main(int argc, char** argv) {
    // Curves of hours of sound go back to the system as soon as they are done with.
    mallopt(M_MMAP_THRESHOLD, 1 << 20);
    using namespace pulsepin;
    QApplication application(argc, argv);
    prepare_application(application);

    QCommandLineParser parser;
    parser.setApplicationDescription("Puts pictures to music: beats, markers and cuts on one grid.");
    parser.addHelpOption();
    parser.addPositionalArgument("FILE", "a .pulsepin project, or a song to begin with");
    parser.addOption({"silent", "use no sound device"});
    parser.addOption({"tour", "do the demo's main job, leave its results in DIR, and quit", "DIR"});
    parser.process(application);

    MainWindow window(parser.isSet("silent") ? Player::Device::None : Player::Device::System);
    window.show();
    if (!parser.isSet("tour"))
        window.offer_recovery();
    if (!parser.positionalArguments().isEmpty())
        window.open_path(parser.positionalArguments().first());
    if (parser.isSet("tour"))
        start_tour(window, parser.value("tour"));
    return QApplication::exec();
}
