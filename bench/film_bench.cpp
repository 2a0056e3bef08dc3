// SPDX-License-Identifier: GPL-3.0-or-later
//
// What making a film costs against coding alone: the same ready frames with the same settings by the program
// ffmpeg, in one run.
#include "interchange/exporters.h"
#include "interchange/project_file.h"
#include "measured.h"
#include "render/film_plan.h"
#include "shell/application.h"

#include <QApplication>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

namespace {

using namespace pulsepin;
using namespace pulsepin::test;

double seconds_of(const std::function<void()>& work) {
    return milliseconds(1, work) / 1000;
}

void bench_film(const char* what, const char* name, std::int64_t first, std::int64_t until,
                const QTemporaryDir& folder) {
    const auto project = load_project(std::string(PULSEPIN_DEMO "/") + name + ".pulsepin");
    const auto curves =
        project ? curves_of_project(*project) : Result<Curves>(tl::unexpected(project.error()));
    if (!curves)
        return;
    FilmOptions options;
    options.width = 1280;
    options.height = 720;
    options.quality = 18;
    options.first = Frames(first);
    options.until = Frames(until);
    const auto film = planned_film(*curves, nullptr, options);
    if (!film)
        return;
    // The frames as they are handed to the coder, ready on the disk.
    const QString raw = folder.filePath("frames.yuv");
    {
        Film archive = *film;
        archive.spec.format = film_format("ffv1");
        if (!render_film(archive, folder.filePath("frames.mkv").toStdString()))
            return;
        QProcess::execute("ffmpeg", {"-v", "error", "-y", "-i", folder.filePath("frames.mkv"), "-vf",
                                     "scale=out_color_matrix=bt709:out_range=tv,format=yuv420p", raw});
    }
    // As films that one machine makes are coded (media/picture_coder.cpp).
    const QStringList same{"-c:v", "libx264", "-preset", "medium", "-crf", "18", "-g", "120"};
    const QStringList alone_with =
        QStringList{"-v", "error",    "-y", "-f", "rawvideo", "-pix_fmt", "yuv420p",
                    "-s", "1280x720", "-r", "24", "-i",       raw} +
        same + QStringList{folder.filePath("alone.mp4")};
    // By turns, since the machine is quicker now and slower then; the shorter of three each.
    double ours = 1e9, alone = 1e9;
    for (int turn = 0; turn < 3; ++turn) {
        ours = std::min(
            ours, seconds_of([&] { (void)render_film(*film, folder.filePath("ours.mp4").toStdString()); }));
        alone = std::min(alone, seconds_of([&] { QProcess::execute("ffmpeg", alone_with); }));
    }
    FramePipeline mill({film->curves, QSize(1280, 720), film->first, film->until, {}, false, 0, {}});
    const double composing = seconds_of([&] {
        while (mill.next())
            ;
    });
    const auto frames = static_cast<double>(film->frames());
    std::printf("| %s | %.1f | %.1f | %.1f | %.2f |\n", what, 1000 * ours / frames, 1000 * alone / frames,
                1000 * composing / frames, ours / alone);
}

void bench_parts(const QTemporaryDir& folder) {
    const auto project = load_project(PULSEPIN_DEMO "/kite-day.pulsepin");
    if (!project)
        return;
    FilmOptions options;
    options.width = 640;
    options.height = 360;
    const auto film = planned_film(Curves{Schedule(*project)}, nullptr, options);
    if (!film)
        return;
    std::printf("\n| parts of %lld frames, one after the other | s | joining s | against one go |\n| --- | "
                "--- | --- | --- |\n",
                static_cast<long long>(film->frames()));
    const double once =
        seconds_of([&] { (void)render_film(*film, folder.filePath("once.mp4").toStdString()); });
    for (const int n : {1, 2, 4}) {
        std::vector<std::filesystem::path> parts;
        const double made = seconds_of([&] {
            for (int k = 1; k <= n; ++k) {
                parts.emplace_back(folder.filePath(QString("part%1").arg(k)).toStdString());
                (void)render_part(*film, k, n, parts.back());
            }
        });
        const double joined =
            seconds_of([&] { (void)join_parts(parts, folder.filePath("joined.mp4").toStdString()); });
        std::printf("| %d | %.2f | %.3f | %.2f |\n", n, made, joined, (made + joined) / once);
    }
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    prepare_application(application);
    const QTemporaryDir folder;
    std::printf("| film at 1280x720 | ms a frame | ffmpeg alone | composing alone | ratio |\n| --- | --- | "
                "--- | --- | --- |\n");
    bench_film("cuts and flashes", "kite-day", 200, 440, folder);
    bench_film("in motion", "kite-day-in-motion", 595, 795, folder);
    bench_parts(folder);
    return 0;
}
