// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/report_pages.h"

#include "check/error_histogram.h"
#include "render/fonts.h"
#include "render/printed_font.h"
#include "render/qt_text.h"
#include "time/musical_text.h"
#include "time/timecode.h"

#include <QBuffer>
#include <QFontMetricsF>
#include <QPainter>
#include <QPdfWriter>
#include <fmt/core.h>

namespace pulsepin {
namespace {

const QColor ink(0x1f, 0x27, 0x42), quiet(0x6b, 0x6f, 0x80), line(0xd8, 0xd0, 0xbd), grave(0xad, 0x39, 0x27),
    fine(0x0f, 0x76, 0x6e);

/// Pages that are filled from above; in points.
class Pages {
public:
    explicit Pages(QPdfWriter& writer) : writer_(writer), painter_(&writer) {
        const double scale = writer.resolution() / 72.0;
        painter_.scale(scale, scale);
        width_ = writer.width() / scale;
        height_ = writer.height() / scale;
        register_fonts();
    }
    [[nodiscard]] bool good() const { return painter_.isActive(); }
    [[nodiscard]] double width() const { return width_; }
    [[nodiscard]] double y() const { return y_; }
    QPainter& painter() { return painter_; }

    void room_for(double points) {
        if (y_ + points <= height_ - foot)
            return;
        end_page();
        writer_.newPage();
        ++page_;
        y_ = 0;
    }
    void down(double points) { y_ += points; }
    void end_page() {
        put({0, height_ - 12, width_, 12}, 7.5, quiet, Qt::AlignRight, QString::number(page_));
        put({0, height_ - 12, width_ - 40, 12}, 7.5, quiet, Qt::AlignLeft, foot_text);
    }
    void put(QRectF rect, double size, const QColor& colour, int flags, const QString& what,
             bool bold = false) {
        painter_.setFont(font(size, bold, what));
        painter_.setPen(colour);
        painter_.drawText(rect, flags | Qt::AlignVCenter | Qt::TextSingleLine,
                          QFontMetricsF(painter_.font()).elidedText(what, Qt::ElideRight, rect.width()));
    }
    void say(double size, const QColor& colour, const QString& what, bool bold = false) {
        painter_.setFont(font(size, bold, what));
        const QRectF wanted =
            QFontMetricsF(painter_.font()).boundingRect({0, 0, width_, 1e4}, Qt::TextWordWrap, what);
        room_for(wanted.height() + 2);
        painter_.setPen(colour);
        painter_.drawText(QRectF(0, y_, width_, wanted.height() + 2), Qt::TextWordWrap, what);
        y_ += wanted.height() + 2;
    }
    void heading(const QString& what) {
        room_for(60);
        y_ += 12;
        say(11, ink, what, true);
        y_ += 2;
    }
    struct Column {
        QString name;
        double share; ///< of the page's width
        int align = Qt::AlignLeft;
    };
    void head_of(const std::vector<Column>& columns) {
        room_for(26);
        cells(columns, 7.5, quiet, [&](std::size_t i) { return columns[i].name; });
        painter_.setPen(QPen(line, 0.6));
        painter_.drawLine(QPointF(0, y_), QPointF(width_, y_));
        y_ += 2;
    }
    void row(const std::vector<Column>& columns, const QStringList& values, const QColor& colour) {
        const double before = y_;
        room_for(12);
        if (y_ < before)
            head_of(columns);
        cells(columns, 8, colour, [&](std::size_t i) { return values.value(static_cast<qsizetype>(i)); });
    }

private:
    static constexpr double foot = 24;
    const QString foot_text = QStringLiteral(
        "Flashes are measured after WCAG 2.2, 2.3.1, or ITU-R BT.1702: a measure, no medical promise.");

    [[nodiscard]] QFont font(double size, bool bold, const QString& what) const {
        return printed_font(size, bold, what, writer_.logicalDpiY());
    }
    template <class Of>
    void cells(const std::vector<Column>& columns, double size, const QColor& colour, Of of) {
        double x = 0;
        for (std::size_t i = 0; i < columns.size(); ++i) {
            const double wide = columns[i].share * width_;
            put({x, y_, wide - 6, 12}, size, colour, columns[i].align, of(i));
            x += wide;
        }
        y_ += 12;
    }
    QPdfWriter& writer_;
    QPainter painter_;
    double width_ = 0, height_ = 0, y_ = 0;
    int page_ = 1;
};

void write_head(Pages& pages, const CheckMaterial& material, const QDateTime& when) {
    const Project& project = material.project();
    const auto& settings = *project.settings;
    pages.say(8, quiet, QStringLiteral("Sync report"));
    pages.say(18, ink, qt_text(settings.title.empty() ? std::string("Untitled") : settings.title), true);
    const auto fact = [&](const char* name, const std::string& value) {
        if (value.empty())
            return;
        pages.put({0, pages.y(), 90, 13}, 8.5, quiet, Qt::AlignLeft, name);
        pages.put({90, pages.y(), pages.width() - 90, 13}, 8.5, ink, Qt::AlignLeft, qt_text(value));
        pages.down(13);
    };
    fact("Date", when.toString(QStringLiteral("yyyy-MM-dd hh:mm")).toStdString());
    fact("Author", settings.author);
    if (project.song)
        fact("Song", fmt::format("{}, {}",
                                 project.song->title.empty() ? project.song->path.filename().string()
                                                             : project.song->title,
                                 format_clock(project.song->duration())));
    if (project.grid)
        fact("Grid",
             fmt::format("{:.2f} BPM, {}, {} beats", project.grid->typical_tempo().value,
                         format_metre(project.grid->metre_at(Ticks(0))), project.grid->beats().size()));
    fact("Frame rate",
         fmt::format("{} fps, {} x {}, {}", settings.frame_rate.text(), settings.picture_width,
                     settings.picture_height,
                     settings.rounding == FrameRounding::Nearest ? "nearest frame" : "never late"));
    if (material.sound)
        fact("Sound",
             fmt::format("{:+.1f} dBTP, {:.1f} LUFS", material.sound->true_peak, material.sound->loudness));
}

void draw_histogram(Pages& pages, const std::vector<SyncRow>& rows, Seconds limit) {
    const auto histogram = error_histogram(rows, limit, 21);
    if (histogram.count == 0)
        return;
    pages.room_for(84);
    constexpr double wide = 180, high = 52, left = 60;
    QPainter& painter = pages.painter();
    const double top = pages.y() + 4, bar = wide / static_cast<double>(histogram.bars.size());
    for (std::size_t i = 0; i < histogram.bars.size(); ++i) {
        const double height = high * histogram.bars[i] / std::max(1, histogram.most);
        painter.fillRect(
            QRectF(left + bar * static_cast<double>(i) + 0.5, top + high - height, bar - 1, height), fine);
    }
    double farthest = limit.value;
    for (const Seconds error : histogram.beyond)
        farthest = std::max(farthest, std::abs(error.value));
    for (const Seconds error : histogram.beyond) {
        const double way = (std::abs(error.value) - limit.value) / std::max(1e-9, farthest - limit.value);
        const double x = error > Seconds(0) ? left + wide + 12 + way * 120 : left - 6 - way * 50;
        painter.fillRect(QRectF(x, top + high - 8, 3, 8), grave);
    }
    painter.setPen(QPen(ink, 0.5, Qt::DashLine));
    painter.drawLine(QPointF(left, top), QPointF(left, top + high));
    painter.drawLine(QPointF(left + wide, top), QPointF(left + wide, top + high));
    painter.setPen(QPen(line, 0.6));
    painter.drawLine(QPointF(0, top + high), QPointF(left + wide + 140, top + high));
    const auto mark = [&](double x, const QString& what) {
        pages.put({x - 40, top + high + 1, 80, 11}, 7, quiet, Qt::AlignHCenter, what);
    };
    mark(left, QString::number(-limit.value * 1000, 'f', 1));
    mark(left + wide / 2, QStringLiteral("0"));
    mark(left + wide, QString::number(limit.value * 1000, 'f', 1));
    pages.down(high + 16);
    pages.say(7.5, quiet, QStringLiteral("ms from the beat, of %1 pins").arg(histogram.count));
}

void write_findings(Pages& pages, const CheckMaterial& material, const std::vector<Finding>& found) {
    pages.heading(QStringLiteral("Findings: %1").arg(qt_text(findings_text(found))));
    if (found.empty())
        return;
    const std::vector<Pages::Column> columns{
        {"what", 0.20}, {"where", 0.12}, {"how much", 0.18}, {"why", 0.36}, {"state", 0.14}};
    pages.head_of(columns);
    for (const auto& one : found) {
        const auto* row = check(one.check);
        const QString state = one.accepted                    ? QStringLiteral("ignored")
                              : one.gravity == Gravity::Grave ? QStringLiteral("error")
                                                              : QStringLiteral("to look at");
        pages.row(columns,
                  {qt_text(row->label),
                   one.placed ? qt_text(place_name(material.project(), one.at)) : QString(),
                   qt_text(one.how_much), qt_text(one.why), state},
                  one.accepted                    ? quiet
                  : one.gravity == Gravity::Grave ? grave
                                                  : ink);
        if (one.accepted && !one.accepted->empty()) // as long as it is
            pages.say(8, quiet, QStringLiteral("      ignored on purpose: ") + qt_text(*one.accepted));
    }
}

void write_grid(Pages& pages, const CheckMaterial& material) {
    const Project& project = material.project();
    if (!material.trust || material.trust->empty())
        return;
    pages.heading(QStringLiteral("The grid as a whole"));
    const auto& bars = *material.trust;
    pages.room_for(60);
    const double top = pages.y(), wide = pages.width() / static_cast<double>(bars.size());
    constexpr double high = 36;
    for (std::size_t i = 0; i < bars.size(); ++i) {
        const double height = high * std::clamp(bars[i].trust, 0.02, 1.0);
        pages.painter().fillRect(
            QRectF(wide * static_cast<double>(i), top + high - height, std::max(0.4, wide - 0.4), height),
            bars[i].trust < 0.5 ? grave : fine);
    }
    pages.down(high + 4);
    double sum = 0;
    for (const auto& bar : bars)
        sum += bar.trust;
    pages.say(8.5, ink,
              QStringLiteral("Confidence by bar: %1 % in the mean of %2 bars")
                  .arg(100 * sum / static_cast<double>(bars.size()), 0, 'f', 0)
                  .arg(bars.size()));
    if (project.grid && project.detection && project.detection->grid)
        pages.say(8.5, ink, qt_text(grid_difference_text(*project.detection->grid, *project.grid)));
}

void write_pins(Pages& pages, const CheckMaterial& material, const std::vector<SyncRow>& rows) {
    if (rows.empty())
        return;
    const Project& project = material.project();
    pages.heading(QStringLiteral("Every pin"));
    const int right = Qt::AlignRight;
    const std::vector<Pages::Column> columns{
        {"lane", 0.16},         {"what", 0.16},         {"place", 0.10},
        {"time", 0.11, right},  {"frame", 0.08, right}, {"rounding", 0.10, right},
        {"error", 0.10, right}, {"seen", 0.08, right},  {"from onset", 0.11, right}};
    pages.head_of(columns);
    const double limit = cut_limit(project).value + 1e-6;
    const auto ms = [](Seconds time) { return QString::number(time.value * 1000, 'f', 1); };
    for (const auto& row : rows) {
        const Lane& lane = *project.lane(row.lane);
        pages.row(columns,
                  {qt_text(lane.name), qt_text(lane.kind->name_of(lane.pins[row.index].body, project)),
                   qt_text(place_name(project, row.anchor)), qt_text(format_clock(row.anchor)),
                   QString::number(row.frame.value), ms(row.rounding),
                   row.meant ? ms(row.error()) : QStringLiteral("-"), QString::number(row.seen.value),
                   row.from_onset ? ms(*row.from_onset) : QStringLiteral("-")},
                  row.meant && std::abs(row.error().value) > limit ? grave : ink);
    }
}

} // namespace

Result<std::string> report_pages(const CheckMaterial& material, const std::vector<SyncRow>& rows,
                                 const std::vector<Finding>& found, const QDateTime& when) {
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setPageSize(QPageSize(QPageSize::A4));
        writer.setPageMargins(QMarginsF(18, 16, 18, 14), QPageLayout::Millimeter);
        writer.setTitle(QStringLiteral("Sync report: ") + qt_text(material.project().settings->title));
        writer.setCreator(QStringLiteral("Pulse Pin"));
        Pages pages(writer);
        if (!pages.good())
            return fail("The pages could not be made.", {}, "Close other programs and try it again.");
        write_head(pages, material, when);
        const Seconds limit = cut_limit(material.project());
        pages.heading(qt_text(verdict_text(rows, material.project(), limit)));
        draw_histogram(pages, rows, limit);
        write_findings(pages, material, found);
        write_grid(pages, material);
        write_pins(pages, material, rows);
        pages.end_page();
    }
    return buffer.data().toStdString();
}

} // namespace pulsepin
