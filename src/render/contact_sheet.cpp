// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/contact_sheet.h"

#include "render/fonts.h"
#include "render/frame_pipeline.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <QPainter>
#include <cmath>

namespace pulsepin {

Result<QImage> still(const Curves& curves, Frames frame, QSize size,
                     const std::function<std::filesystem::path(const Clip&)>& file_of,
                     const Progress& progress) {
    AwaitedFrames source(size);
    if (file_of)
        source.use_files(file_of);
    const auto pictures = source.pictures(curves.schedule, frame, progress);
    if (!pictures)
        return tl::unexpected(pictures.error());
    return film_frame(curves, frame, size, *pictures, {});
}

Result<QImage> contact_sheet(const Curves& curves,
                             const std::function<std::filesystem::path(const Clip&)>& file_of,
                             const Progress& progress) {
    const Project& project = curves.project();
    const Lane* lane = project.first_lane(body_type<CutBody>);
    if (!lane || curves.schedule.spans(lane->id).shots.empty())
        return fail("There are no cuts to show.", {}, "Place some first.");
    const auto& shots = curves.schedule.spans(lane->id).shots;
    const auto& settings = *project.settings;
    const int count = static_cast<int>(shots.size()),
              columns = std::clamp(static_cast<int>(std::ceil(std::sqrt(count))), 1, 8);
    constexpr int wide = 320, gap = 12, text_height = 40, head = 64;
    const int high = std::max(1, wide * settings.picture_height / std::max(1, settings.picture_width));
    const int rows = (count + columns - 1) / columns;
    QImage sheet(columns * (wide + gap) + gap, head + rows * (high + text_height + gap) + gap,
                 QImage::Format_RGB32);
    sheet.fill(QColor(0xf6, 0xf1, 0xe4));
    register_fonts();
    QPainter painter(&sheet);
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(24);
    font.setWeight(QFont::Bold);
    painter.setFont(font);
    painter.setPen(QColor(0x1f, 0x27, 0x42));
    painter.drawText(
        QRect(gap, 0, sheet.width() - 2 * gap, head), Qt::AlignVCenter,
        QString::fromStdString(settings.title.empty() ? std::string("Untitled") : settings.title));
    font.setPixelSize(13);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    AwaitedFrames source(QSize(wide, high));
    if (file_of)
        source.use_files(file_of);
    for (int i = 0; i < count; ++i) {
        const auto& shot = shots[static_cast<std::size_t>(i)];
        const auto pictures = source.pictures(curves.schedule, shot.start, progress);
        if (!pictures)
            return tl::unexpected(pictures.error());
        const QPoint at(gap + i % columns * (wide + gap), head + i / columns * (high + text_height + gap));
        painter.drawImage(at, film_frame(curves, shot.start, QSize(wide, high), *pictures, {}));
        const Seconds time = settings.frame_rate.start_of(shot.start);
        const Pin* pin = project.pin(shot.cut);
        const Clip* clip = project.clip(shot.shot);
        const Seconds anchor = pin ? anchored_time(pin->anchor, project).value_or(time) : time;
        const std::string place =
            project.grid
                ? format_position(project.grid->position_of(project.grid->nearest_tick(anchor))) + "   "
                : std::string();
        painter.setPen(QColor(0x1f, 0x27, 0x42));
        painter.drawText(
            QRect(at.x(), at.y() + high + 3, wide, 18), Qt::AlignVCenter,
            QString::fromStdString(place + format_clock(time) + "   " + std::to_string(shot.start.value)));
        painter.setPen(QColor(0x6b, 0x6f, 0x80));
        painter.drawText(QRect(at.x(), at.y() + high + 20, wide, 18), Qt::AlignVCenter,
                         QString::fromStdString(clip ? clip->name : std::string()));
        progress.report(static_cast<double>(i + 1) / count);
    }
    return sheet;
}

} // namespace pulsepin
