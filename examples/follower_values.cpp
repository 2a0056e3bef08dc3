// SPDX-License-Identifier: GPL-3.0-or-later
//
// What the lanes of motion of a piece drive, a line each frame of the first seconds: follower_values PROJECT
// SECONDS
#include "follow/feeds.h"
#include "interchange/exporters.h"
#include "interchange/project_file.h"

#include <cstdio>
#include <cstdlib>

using namespace pulsepin;

int main(int argc, char** argv) {
    if (argc != 3)
        return std::fputs("follower_values PROJECT SECONDS\n", stderr), 2;
    const auto curves =
        load_project(argv[1]).and_then([](const Project& project) { return curves_of_project(project); });
    if (!curves)
        return std::fprintf(stderr, "%s\n", curves.error().message().c_str()), 1;
    const FrameRate rate = curves->project().settings->frame_rate;
    const Frames end = rate.frame_at(Seconds(std::atof(argv[2])));
    for (Frames frame(0); frame < end; frame = frame + Frames(1)) {
        std::printf("%5lld", static_cast<long long>(frame.value));
        for (const auto& driven : driven_at(*curves, static_cast<double>(frame.value)))
            std::printf("  %s of %s %.2f", driven.target.parameter.c_str(),
                        curves->project().stage->layer(driven.target.layer)->name.c_str(), driven.value);
        std::printf("\n");
    }
}
