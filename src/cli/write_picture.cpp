// SPDX-License-Identifier: GPL-3.0-or-later
#include "write_picture.h"

#include "base/text_file.h"
#include "interchange/exporters.h"
#include "project_arguments.h"
#include "render/composed.h"
#include "render/fonts.h"
#include "render/shot_stream.h"
#include "schedule/shots.h"

#include <QBuffer>
#include <QGuiApplication>
#include <condition_variable>
#include <fmt/core.h>
#include <iostream>
#include <mutex>

namespace pulsepin {
namespace {

/// "640x360".
Result<QSize> size_of_text(const std::string& text, const Settings& settings) {
    if (text.empty())
        return QSize(settings.picture_width, settings.picture_height);
    const auto sides = QString::fromStdString(text).split('x');
    const QSize size = sides.size() == 2 ? QSize(sides[0].toInt(), sides[1].toInt()) : QSize();
    if (size.width() < 1 || size.height() < 1 || size.width() > 16384 || size.height() > 16384)
        return fail("The size \"" + text + "\" cannot be read.", {}, "Write it as in 1920x1080.");
    return size;
}

/// The pictures of all layers at a frame, waited for.
Result<LayerPictures> pictures_at(const Schedule& schedule, Frames frame, QSize size) {
    std::mutex mutex;
    std::condition_variable changed;
    int arrivals = 0;
    LayerPictures pictures;
    const auto& stage = *schedule.project().stage;
    for (const auto& layer : stage.layers) {
        if (!shows_pictures(stage, layer))
            continue;
        ShotStream stream([&] {
            const std::lock_guard lock(mutex);
            ++arrivals;
            changed.notify_all();
        });
        stream.set_size(size);
        for (int before = 0;;) {
            const auto seen = stream.of_layer(schedule, layer, frame);
            if (!seen.trouble.empty())
                return fail(seen.trouble);
            if (seen.exact) {
                pictures[layer.id] = seen.picture;
                break;
            }
            std::unique_lock lock(mutex);
            changed.wait(lock, [&] { return arrivals > before; });
            before = arrivals;
        }
    }
    return pictures;
}

} // namespace

Result<void> write_picture(const WritePictureRequest& request) {
    const auto project = project_to_write_from(request.project, request.out, request.replace);
    if (!project)
        return tl::unexpected(project.error());
    const auto size = size_of_text(request.size, *project->settings);
    if (!size)
        return tl::unexpected(size.error());
    const Frames frame(request.frame), frames = project->settings->frame_rate.frame_at(piece_end(*project));
    if (frame > frames)
        return fail(fmt::format("The piece has no frame {}.", request.frame), request.project,
                    fmt::format("Its last one is {}.", frames.value));
    const auto curves = curves_of_project(*project);
    if (!curves)
        return tl::unexpected(curves.error());
    // Pictures and letters are drawn without a screen.
    if (!qEnvironmentVariableIsSet("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    int count = 1;
    char name[] = "pulsepin-cli";
    char* arguments[] = {name, nullptr};
    const QGuiApplication application(count, arguments);
    if (const QStringList missing = missing_fonts(*project->stage); !missing.isEmpty())
        std::cerr << "pulsepin-cli: these fonts are not installed, Inter is used: "
                  << missing.join(", ").toStdString() << "\n";
    const auto pictures = pictures_at(curves->schedule, frame, *size);
    if (!pictures)
        return tl::unexpected(pictures.error());
    const QImage image = composed(staged_at(*curves, frame), *size, *pictures);
    QBuffer png;
    png.open(QIODevice::WriteOnly);
    if (!image.save(&png, "PNG"))
        return fail("The picture could not be made.", request.out, "Write a smaller one.");
    return write_text_file(request.out, png.data().toStdString());
}

} // namespace pulsepin
