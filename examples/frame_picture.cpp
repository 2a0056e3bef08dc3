// SPDX-License-Identifier: GPL-3.0-or-later
//
// A frame of a piece as a PNG file: frame_picture PROJECT FRAME PNG
#include "interchange/exporters.h"
#include "interchange/project_file.h"
#include "render/awaited_frames.h"

#include <QGuiApplication>
#include <QImage>
#include <cstdio>

using namespace pulsepin;

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    const QGuiApplication letters_need_it(argc, argv);
    if (argc != 4)
        return std::fputs("frame_picture PROJECT FRAME PNG\n", stderr), 2;
    const auto curves =
        load_project(argv[1]).and_then([](const Project& project) { return curves_of_project(project); });
    if (!curves)
        return std::fprintf(stderr, "%s\n", curves.error().message().c_str()), 1;
    const auto& settings = *curves->project().settings;
    const auto image = AwaitedFrames({settings.picture_width, settings.picture_height})
                           .at(*curves, Frames(QByteArray(argv[2]).toLongLong()));
    if (!image)
        return std::fprintf(stderr, "%s\n", image.error().message().c_str()), 1;
    return image->save(argv[3], "PNG") ? 0 : 1;
}
