// SPDX-License-Identifier: GPL-3.0-or-later
#include "write_picture.h"

#include "base/text_file.h"
#include "interchange/exporters.h"
#include "project_arguments.h"
#include "render/awaited_frames.h"
#include "render/contact_sheet.h"
#include "render/fonts.h"
#include "schedule/piece_length.h"
#include "schedule/shots.h"
#include "screenless.h"

#include <QBuffer>
#include <fmt/core.h>
#include <iostream>

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

} // namespace

Result<void> write_picture(const WritePictureRequest& request) {
    const auto project = project_to_write_from(request.project, request.out, request.replace);
    if (!project)
        return tl::unexpected(project.error());
    auto size = size_of_text(request.size, *project->settings);
    if (!size)
        return tl::unexpected(size.error());
    if (request.thumbnail > 0)
        size =
            size->scaled(request.thumbnail, request.thumbnail, Qt::KeepAspectRatio).expandedTo(QSize(1, 1));
    const Frames frames = project->settings->frame_rate.frame_at(piece_end(*project));
    const Frames frame(request.thumbnail > 0 ? frames.value / 3 : request.frame);
    if (frame > frames)
        return fail(fmt::format("The piece has no frame {}.", request.frame), request.project,
                    fmt::format("Its last one is {}.", frames.value));
    const auto curves = curves_of_project(*project);
    if (!curves)
        return tl::unexpected(curves.error());
    const Screenless screenless;
    if (const QStringList missing = missing_fonts(*project->stage); !missing.isEmpty())
        std::cerr << "pulsepin-cli: these fonts are not installed, Inter is used: "
                  << missing.join(", ").toStdString() << "\n";
    const auto image = request.all_shots ? contact_sheet(*curves) : AwaitedFrames(*size).at(*curves, frame);
    if (!image)
        return tl::unexpected(image.error());
    QBuffer png;
    png.open(QIODevice::WriteOnly);
    if (!image->save(&png, "PNG"))
        return fail("The picture could not be made.", request.out, "Write a smaller one.");
    return write_text_file(request.out, png.data().toStdString());
}

} // namespace pulsepin
