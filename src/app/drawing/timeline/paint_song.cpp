// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/paint_song.h"

#include "time/timecode.h"

#include <QFontMetricsF>
#include <QImage>
#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>
#include <span>

namespace pulsepin {
namespace {

constexpr double narrowest_beat = 7;         // pixels between beat lines
constexpr double narrowest_beat_number = 22; // pixels for a beat's number
constexpr double narrowest_bar_number = 34;
constexpr double ruler_height = 32; // beat lines begin below it

struct VisibleBeats {
    std::int64_t first;
    std::int64_t last;
    double beat_width; ///< pixels, typical
};

VisibleBeats visible_beats(const Scene& scene) {
    const auto& grid = *scene.project.grid;
    const auto first = static_cast<std::int64_t>(std::floor(grid.beats_at(scene.scale.start).value));
    const auto last = static_cast<std::int64_t>(std::ceil(grid.beats_at(scene.scale.end()).value));
    return {first, last, scene.scale.width / std::max<double>(1, static_cast<double>(last - first))};
}

double beat_x(const Scene& scene, std::int64_t beat) {
    return scene.scale.x(scene.project.grid->time_at(Ticks(beat * ticks_per_beat)));
}

struct Bar {
    std::int64_t number;
    std::int64_t beat;
    std::int64_t next_beat;
};

/// 1, 2, 4, 8 … bars between what is drawn, so that it keeps that distance.
std::int64_t bar_step(double bar_width, double narrowest) {
    std::int64_t step = 1;
    while (bar_width * static_cast<double>(step) < narrowest && step < (1 << 20))
        step *= 2;
    return step;
}

std::int64_t modulo(std::int64_t a, std::int64_t b) {
    return ((a % b) + b) % b;
}

/// Every so manieth bar in view, counted from bar 1; the first may begin before. A long song zoomed out costs
/// no more than what is seen of it.
template <class Visit>
void for_each_bar(const Scene& scene, const VisibleBeats& visible, std::int64_t step, Visit visit) {
    const auto& grid = *scene.project.grid;
    const auto beat_of = [&](std::int64_t bar) { return grid.ticks_of({bar, 1, 0}).value / ticks_per_beat; };
    std::int64_t number = grid.position_of(Ticks(visible.first * ticks_per_beat)).bar;
    number -= modulo(number - 1, step);
    for (auto beat = beat_of(number); beat <= visible.last;) {
        const auto next = beat_of(number + step);
        visit(Bar{number, beat, next});
        number += step;
        beat = next;
    }
}

double typical_bar_width(const Scene& scene, const VisibleBeats& visible) {
    return visible.beat_width *
           scene.project.grid->metre_at(Ticks(visible.first * ticks_per_beat)).beats_per_bar;
}

/// The first step of at least that many pixels.
double ruler_step(std::span<const double> steps, double pixels_per_unit, double narrowest) {
    for (const double step : steps)
        if (step * pixels_per_unit >= narrowest)
            return step;
    return steps.back();
}

QString seconds_text(double t, double step) {
    const auto minutes = static_cast<int>((t + 1e-9) / 60);
    return QString("%1:%2").arg(minutes).arg(t - 60 * minutes, step < 1 ? 6 : 2, 'f', step < 1 ? 3 : 0,
                                             QChar('0'));
}

void paint_seconds(QPainter& painter, const Scene& scene, const QRectF& row) {
    constexpr double steps[] = {0.001, 0.01, 0.1, 0.5, 1, 5, 10, 30, 60, 300, 600, 3600};
    const double step = ruler_step(steps, scene.scale.pixels_per_second, 62);
    for (double t = std::ceil(scene.scale.start.value / step) * step; t <= scene.scale.end().value;
         t += step) {
        const double x = scene.scale.x(Seconds(t));
        painter.drawLine(QPointF(x, row.bottom() - 4), QPointF(x, row.bottom()));
        painter.drawText(QPointF(x + 3, row.bottom() - 3), seconds_text(t, step));
    }
}

void paint_frames(QPainter& painter, const Scene& scene, const QRectF& row, bool timecode) {
    const auto rate = scene.project.settings->frame_rate;
    const double nominal = static_cast<double>(rate.nominal());
    const double steps[] = {1,
                            2,
                            5,
                            10,
                            nominal,
                            nominal * 5,
                            nominal * 10,
                            nominal * 30,
                            nominal * 60,
                            nominal * 300,
                            nominal * 600,
                            nominal * 3600};
    const auto step = static_cast<std::int64_t>(
        ruler_step(steps, scene.scale.pixels_per_second / rate.per_second(), timecode ? 78 : 52));
    const auto count = drop_frame_exists(rate) ? TimecodeCount::Drop : TimecodeCount::NonDrop;
    const auto last = rate.frame_at(scene.scale.end()).value;
    for (auto f = std::max<std::int64_t>(0, rate.frame_at(scene.scale.start).value / step * step); f <= last;
         f += step) {
        const double x = scene.scale.x(rate.start_of(Frames(f)));
        painter.drawLine(QPointF(x, row.bottom() - 4), QPointF(x, row.bottom()));
        painter.drawText(QPointF(x + 3, row.bottom() - 3),
                         timecode ? QString::fromStdString(format_timecode(Frames(f), rate, count))
                                  : QString::number(f));
    }
}

/// Dots of a few sizes, drawn once and stamped: smooth circles are slow by the hundred.
class DotSprites {
public:
    DotSprites(const QColor& colour, double ratio) : ratio_(ratio) {
        for (std::size_t i = 0; i < sprites_.size(); ++i) {
            const int side = static_cast<int>(std::ceil(14 * ratio));
            QImage image(side, side, QImage::Format_ARGB32_Premultiplied);
            image.fill(Qt::transparent);
            QPainter painter(&image);
            painter.setRenderHint(QPainter::Antialiasing);
            painter.setPen(Qt::NoPen);
            painter.setBrush(colour);
            const double radius = smallest + step * static_cast<double>(i);
            painter.drawEllipse(QPointF(side / 2.0, side / 2.0), radius * ratio, radius * ratio);
            painter.end();
            image.setDevicePixelRatio(ratio);
            sprites_[i] = std::move(image);
        }
    }
    void draw(QPainter& painter, QPointF centre, double radius) const {
        const auto i = static_cast<std::size_t>(std::clamp(std::lround((radius - smallest) / step), 0l, 7l));
        const double half = sprites_[i].width() / ratio_ / 2;
        const auto whole = [this](double v) { return std::round(v * ratio_) / ratio_; };
        painter.drawImage(QPointF(whole(centre.x() - half), whole(centre.y() - half)), sprites_[i]);
    }

private:
    static constexpr double smallest = 1.2, step = 3.6 / 7;
    double ratio_;
    std::array<QImage, 8> sprites_;
};

} // namespace

Paper paper_of(const Scene& scene, double left, int width, double ratio) {
    const auto& p = scene.palette;
    QImage row(std::max(1, width), 1, QImage::Format_RGB32);
    row.fill(p.paper);
    if (!scene.project.grid)
        return {row, row};
    QPainter line(&row);
    const auto pixel = [&](double x) { return std::round((x - left) * ratio); };
    const auto stroke = [&](double x, const QColor& colour) {
        line.fillRect(QRectF(pixel(x), 0, std::max(1.0, std::round(ratio)), 1), colour);
    };
    const auto visible = visible_beats(scene);
    const auto step = bar_step(typical_bar_width(scene, visible), 14);
    for_each_bar(scene, visible, step, [&](const Bar& bar) {
        const double from = pixel(beat_x(scene, bar.beat));
        if (modulo(bar.number - 1, 2 * step) >= step)
            line.fillRect(QRectF(from, 0, pixel(beat_x(scene, bar.next_beat)) - from, 1), p.paper_shade);
    });
    const auto bar_lines = [&] {
        for_each_bar(scene, visible, step,
                     [&](const Bar& bar) { stroke(beat_x(scene, bar.beat), p.paper_bar); });
    };
    const QImage shading = row.copy();
    bar_lines();
    const QImage ruler = row.copy();
    line.drawImage(QPointF(0, 0), shading);
    if (visible.beat_width >= narrowest_beat)
        for (auto beat = visible.first; beat <= visible.last; ++beat)
            stroke(beat_x(scene, beat), p.paper_beat);
    bar_lines();
    line.end();
    return {ruler, row};
}

void paint_ruler(QPainter& painter, const Scene& scene, const QRectF& row) {
    const auto& p = scene.palette;
    if (const auto& range = scene.view.range()) {
        const double from = scene.scale.x(range->from), until = scene.scale.x(range->until);
        painter.fillRect(QRectF(from, row.top(), until - from, 4) & row, p.selection);
        QColor veil = p.selection;
        veil.setAlphaF(0.10f);
        painter.fillRect(QRectF(from, row.top(), until - from, row.height()) & row, veil);
    }
    QFont bold = painter.font();
    bold.setPixelSize(14);
    bold.setWeight(QFont::DemiBold);
    QFont small = painter.font();
    small.setPixelSize(10);
    painter.setFont(small);
    painter.setPen(p.paper_quiet);
    const auto under = scene.view.look().under;
    if (under == SongLook::Under::InSeconds || (!scene.project.grid && under == SongLook::Under::OnlyBars))
        paint_seconds(painter, scene, row);
    else if (under != SongLook::Under::OnlyBars)
        paint_frames(painter, scene, row, under == SongLook::Under::InTimecode);
    if (!scene.project.grid)
        return;
    const auto visible = visible_beats(scene);
    if (visible.beat_width >= narrowest_beat_number) {
        painter.setPen(p.paper_quiet);
        for (auto beat = visible.first; beat <= visible.last; ++beat) {
            const int number = scene.project.grid->position_of(Ticks(beat * ticks_per_beat)).beat;
            const double x = beat_x(scene, beat);
            if (number > 1 && x >= row.left())
                painter.drawText(QRectF(x - 10, row.top() + 17, 20, 14), Qt::AlignCenter,
                                 QString::number(number));
        }
    }
    const auto last_bar = scene.project.grid->position_of(Ticks(visible.last * ticks_per_beat)).bar;
    constexpr double between_numbers = 10;
    const double widest = QFontMetricsF(bold).horizontalAdvance(QString::number(last_bar));
    const auto step =
        bar_step(typical_bar_width(scene, visible), std::max(narrowest_bar_number, widest + between_numbers));
    painter.setFont(bold);
    painter.setPen(p.paper_text);
    for_each_bar(scene, visible, step, [&](const Bar& bar) {
        const double x = beat_x(scene, bar.beat);
        if (x >= row.left() - 30)
            painter.drawText(QPointF(x + 4, row.top() + 18), QString::number(bar.number));
    });
}

void paint_confidence(QPainter& painter, const Scene& scene, const QRectF& row) {
    if (!scene.project.grid)
        return;
    const auto& beats = scene.project.grid->beats();
    auto beat = std::lower_bound(beats.begin(), beats.end(), scene.scale.start,
                                 [](const GridBeat& b, Seconds t) { return b.time < t; });
    if (beat != beats.begin())
        --beat;
    double last_x = -1e9;
    for (; beat != beats.end() && beat + 1 != beats.end() && beat->time <= scene.scale.end(); ++beat) {
        const double left = std::max(scene.scale.x(beat->time), row.left()),
                     right = scene.scale.x((beat + 1)->time);
        if (right - last_x < 1)
            continue; // narrower than a pixel
        last_x = right;
        const double sure = static_cast<double>(std::clamp(beat->confidence, 0.0f, 1.0f));
        QColor colour = scene.palette.paper_bar;
        colour.setAlphaF(static_cast<float>(0.25 + 0.75 * sure));
        const double height = 1 + 3 * sure;
        painter.fillRect(QRectF(left, row.bottom() - height, right - left, height), colour);
    }
}

std::vector<ShownOnsetRow> shown_onset_rows(const Detection* detection, const QRectF& area) {
    std::vector<ShownOnsetRow> rows;
    if (!detection)
        return rows;
    for (const auto& row : detection->rows)
        if (row.shown)
            rows.push_back({&row, {}});
    const double height = area.height() / std::max(1.0, static_cast<double>(rows.size()));
    for (std::size_t i = 0; i < rows.size(); ++i)
        rows[i].place =
            QRectF(area.left(), area.top() + static_cast<double>(i) * height, area.width(), height);
    return rows;
}

namespace {

void paint_onset_row(QPainter& painter, const Scene& scene, const std::vector<FoundOnset>& onsets,
                     const QRectF& row) {
    const Seconds margin(8 / scene.scale.pixels_per_second);
    auto onset = std::lower_bound(onsets.begin(), onsets.end(), scene.scale.start - margin,
                                  [](const FoundOnset& o, Seconds t) { return o.time < t; });
    const DotSprites dots(scene.palette.onset, painter.device()->devicePixelRatioF());
    const double largest = std::min(4.8, row.height() / 2 - 1);
    // From afar the strongest of each few pixels stands for them, no larger than leaves some paper between:
    // how dense they are is seen, and never a black band.
    constexpr double together = 3;
    std::vector<std::pair<double, float>> shown;
    for (; onset != onsets.end() && onset->time <= scene.scale.end() + margin; ++onset) {
        const double x = scene.scale.x(onset->time);
        if (shown.empty() || x - shown.back().first >= together)
            shown.emplace_back(x, onset->strength);
        else
            shown.back().second = std::max(shown.back().second, onset->strength);
    }
    for (std::size_t i = 0; i < shown.size(); ++i) {
        const auto [x, strength] = shown[i];
        double room = 2 * largest / 0.42;
        if (i > 0)
            room = std::min(room, x - shown[i - 1].first);
        if (i + 1 < shown.size())
            room = std::min(room, shown[i + 1].first - x);
        const double radius = 1.0 + (largest - 1.0) * std::sqrt(static_cast<double>(strength));
        dots.draw(painter, {x, row.center().y()}, std::min(radius, std::max(0.9, room * 0.42)));
    }
}

/// One that is there, or that lay there and was deleted.
bool has_onset_at(const OnsetRow& row, Seconds time) {
    return std::any_of(row.onsets.begin(), row.onsets.end(),
                       [&](const FoundOnset& one) { return one.time == time; }) ||
           std::any_of(row.by_hand.begin(), row.by_hand.end(),
                       [&](const OnsetRow::Correction& one) { return !one.now && one.was == time; });
}

/// What was corrected by hand stands apart: a ring around what was added or moved, a cross where one was
/// deleted, and a larger ring around the one that is chosen.
void paint_corrections(QPainter& painter, const Scene& scene, const OnsetRow& row, std::size_t index,
                       const QRectF& place) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    const double y = place.center().y(), radius = std::min(5.5, place.height() / 2);
    const auto in_view = [&](Seconds time) {
        const double x = scene.scale.x(time);
        return x > place.left() - 8 && x < place.right() + 8 ? std::optional(x) : std::nullopt;
    };
    for (const auto& one : row.by_hand) {
        const auto x = in_view(one.now ? *one.now : *one.was);
        if (!x)
            continue;
        painter.setPen(QPen(scene.palette.selection, 1.5));
        if (one.now) {
            painter.drawEllipse(QPointF(*x, y), radius, radius);
        } else {
            painter.drawLine(QPointF(*x - 3, y - 3), QPointF(*x + 3, y + 3));
            painter.drawLine(QPointF(*x - 3, y + 3), QPointF(*x + 3, y - 3));
        }
    }
    const auto& chosen = scene.view.onset();
    const bool there =
        chosen && chosen->row == index && has_onset_at(row, chosen->time); // undo takes it away
    if (const auto x = there ? in_view(chosen->time) : std::nullopt) {
        painter.setPen(QPen(scene.palette.playing, 2));
        painter.drawEllipse(QPointF(*x, y), radius + 1.5, radius + 1.5);
    }
    painter.setRenderHint(QPainter::Antialiasing, false);
}

} // namespace

void paint_onsets(QPainter& painter, const Scene& scene, const QRectF& area) {
    painter.save();
    painter.setClipRect(area);
    for (const auto& row : shown_onset_rows(scene.detection.get(), area))
        paint_onset_row(painter, scene, row.row->onsets, row.place);
    for (const auto& row : shown_onset_rows(scene.detection.get(), area))
        paint_corrections(painter, scene, *row.row,
                          static_cast<std::size_t>(row.row - scene.detection->rows.data()), row.place);
    painter.restore();
}

void paint_sections(QPainter& painter, const Scene& scene, const QRectF& row) {
    if (!scene.detection || row.height() < 4)
        return;
    const auto& p = scene.palette;
    painter.save();
    painter.setClipRect(row);
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    for (const auto& section : scene.detection->sections) {
        const double left = scene.scale.x(section.start), right = scene.scale.x(section.end);
        if (right < row.left() || left > row.right())
            continue;
        const QRectF band(left + 0.5, row.top() + 1, right - left - 1, row.height() - 2);
        // Sections that sound alike share a shade, by turns of five.
        const int shade = section.name.empty() ? 0 : std::abs(section.name.back() - 'A') % 5;
        painter.setPen(QPen(p.paper_bar, section.drop ? 2 : 1));
        painter.setBrush(p.sections[shade]);
        painter.drawRect(band);
        const QString name =
            QString::fromStdString(section.name) + (section.drop ? QObject::tr(" · drop") : QString());
        const QRectF text(std::max(left, row.left()) + 5, row.top(), right - std::max(left, row.left()) - 6,
                          row.height());
        painter.setPen(p.paper_text);
        if (text.width() > 8)
            painter.drawText(text, Qt::AlignVCenter | Qt::AlignLeft,
                             QFontMetricsF(font).elidedText(name, Qt::ElideRight, text.width()));
    }
    painter.restore();
}

} // namespace pulsepin
