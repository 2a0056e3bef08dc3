// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/sheet_files.h"

#include "base/file_ending.h"
#include "base/text_file.h"
#include "render/fonts.h"
#include "render/printed_font.h"
#include "render/qt_text.h"
#include "sheets/sheet_svg.h"

#include <QBuffer>
#include <QFontMetricsF>
#include <QPainter>
#include <QPdfWriter>
#include <array>
#include <cmath>

namespace pulsepin {
namespace {

QColor colour_of(Colour colour) {
    return QColor::fromRgb(static_cast<QRgb>(colour.rgb));
}

/// Letters are set large and scaled, since fonts come in whole pixels only.
constexpr int set_at = 200;

QFont font_on_sheet(bool bold, const QString& what) {
    QFont font = printed_font(10, bold, what, 72);
    font.setPixelSize(set_at);
    return font;
}

/// In a painter whose units are points.
struct PaintedItem {
    QPainter& painter;
    SheetPictures& pictures;
    bool black_and_white;

    void operator()(const SheetText& one) const {
        const QString what = qt_text(one.text);
        painter.save();
        painter.translate(one.x, one.baseline);
        painter.scale(one.size / set_at, one.size / set_at);
        painter.setFont(font_on_sheet(one.bold, what));
        painter.setPen(colour_of(one.ink));
        painter.drawText(QPointF(0, 0), what);
        painter.restore();
    }
    void operator()(const SheetLine& one) const {
        painter.setPen(QPen(colour_of(one.ink), one.thickness, Qt::SolidLine, Qt::FlatCap));
        painter.drawLine(QPointF(one.x1, one.y1), QPointF(one.x2, one.y2));
    }
    void operator()(const SheetBox& one) const {
        painter.fillRect(QRectF(one.x, one.y, one.width, one.height), colour_of(one.fill));
    }
    void operator()(const SheetPicture& one) const {
        const QRectF box(one.x, one.y, one.width, one.height);
        QImage image = pictures.picture(one);
        if (image.isNull())
            return painter.fillRect(box, QColor(0xd8, 0xd8, 0xd8)); // it is missing
        if (black_and_white)
            image = image.convertToFormat(QImage::Format_Grayscale8);
        painter.drawImage(box, image);
    }
};

void paint(QPainter& painter, const Sheets& sheets, std::size_t page, SheetPictures& pictures) {
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    const PaintedItem painted{painter, pictures, sheets.black_and_white};
    for (const auto& item : sheets.pages[page].items)
        std::visit(painted, item);
}

/// Widths of Latin letters as shares of the size; they are set without joining, so that a text is as wide as
/// its letters together.
struct LetterWidths {
    static constexpr int first = 32, last = 126;
    std::array<double, last - first + 1> widths{};
    explicit LetterWidths(bool bold) {
        const QFontMetricsF metrics(font_on_sheet(bold, QStringLiteral("x")));
        for (int letter = first; letter <= last; ++letter)
            widths[static_cast<std::size_t>(letter - first)] =
                metrics.horizontalAdvance(QString(QChar(letter))) / set_at;
    }
};

} // namespace

TextMeasure sheet_measure() {
    register_fonts();
    const auto normal = std::make_shared<const LetterWidths>(false),
               heavy = std::make_shared<const LetterWidths>(true);
    return [normal, heavy](std::string_view text, double size, bool bold) {
        double sum = 0;
        for (const char c : text) {
            const int letter = static_cast<unsigned char>(c);
            if (letter < LetterWidths::first || letter > LetterWidths::last) {
                const QString what = qt_text(text);
                return QFontMetricsF(font_on_sheet(bold, what)).horizontalAdvance(what) / set_at * size;
            }
            sum += (bold ? *heavy : *normal).widths[static_cast<std::size_t>(letter - LetterWidths::first)];
        }
        return sum * size;
    };
}

QImage image_of_sheet(const Sheets& sheets, std::size_t page, int width, SheetPictures& pictures) {
    register_fonts();
    const double scale = width / sheets.width;
    QImage image(width, static_cast<int>(std::ceil(sheets.height * scale)), QImage::Format_RGB32);
    if (image.isNull())
        return image;
    image.fill(Qt::white);
    QPainter painter(&image);
    painter.scale(scale, scale);
    paint(painter, sheets, page, pictures);
    return image;
}

Result<std::string> pdf_of_sheets(const Sheets& sheets, SheetPictures& pictures, const Progress& progress) {
    register_fonts();
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    {
        QPdfWriter writer(&buffer);
        writer.setPageSize(
            QPageSize(QSizeF(sheets.width, sheets.height), QPageSize::Point, {}, QPageSize::ExactMatch));
        writer.setPageMargins(QMarginsF(0, 0, 0, 0));
        writer.setTitle(qt_text(sheets.title));
        writer.setCreator(QStringLiteral("Pulse Pin"));
        QPainter painter(&writer);
        if (!painter.isActive())
            return fail("The pages could not be made.", {}, "Close other programs and try it again.");
        painter.scale(writer.resolution() / 72.0, writer.resolution() / 72.0);
        for (std::size_t page = 0; page < sheets.pages.size(); ++page) {
            if (progress.cancelled())
                return fail_cancelled();
            if (page > 0)
                writer.newPage();
            paint(painter, sheets, page, pictures);
            progress.report(static_cast<double>(page + 1) / static_cast<double>(sheets.pages.size()));
        }
    }
    return buffer.data().toStdString();
}

namespace {

/// At 150 dots an inch, as printers ask for at least; empty where that is larger than a picture can be.
std::string png_of_page(const Sheets& sheets, std::size_t page, SheetPictures& pictures) {
    const QImage image =
        image_of_sheet(sheets, page, static_cast<int>(std::ceil(sheets.width * 150 / 72)), pictures);
    QBuffer png;
    png.open(QIODevice::WriteOnly);
    return !image.isNull() && image.save(&png, "PNG") ? png.data().toStdString() : std::string();
}

} // namespace

bool is_sheet_file(const std::filesystem::path& file) {
    const std::string ending = file_ending(file);
    return ending == ".pdf" || ending == ".svg" || ending == ".png";
}

std::vector<std::filesystem::path> files_of_sheets(const std::filesystem::path& file, std::size_t pages) {
    if (file_ending(file) == ".pdf" || pages <= 1)
        return {file};
    std::vector<std::filesystem::path> files;
    const std::size_t digits = std::to_string(pages).size();
    for (std::size_t i = 1; i <= pages; ++i) {
        std::string number = std::to_string(i);
        number.insert(0, digits - number.size(), '0');
        files.push_back(file.parent_path() /
                        (file.stem().string() + "-" + number + file.extension().string()));
    }
    return files;
}

Result<void> write_sheets(const Sheets& sheets, const std::filesystem::path& file, SheetPictures& pictures,
                          const Progress& progress) {
    if (!is_sheet_file(file))
        return fail("Sheets are written as PDF or SVG.", file.string(),
                    "End the file's name in .pdf or .svg.");
    if (file_ending(file) == ".pdf") {
        const auto pdf = pdf_of_sheets(sheets, pictures, progress);
        return pdf ? write_text_file(file, *pdf) : tl::unexpected(pdf.error());
    }
    const auto files = files_of_sheets(file, sheets.pages.size());
    const auto png_of = [&](const SheetPicture& one) { return pictures.png(one, sheets.black_and_white); };
    for (std::size_t page = 0; page < files.size(); ++page) {
        if (progress.cancelled())
            return fail_cancelled();
        const auto made = file_ending(file) == ".svg" ? svg_of_page(sheets, page, png_of)
                                                      : png_of_page(sheets, page, pictures);
        if (made.empty())
            return fail("The picture could not be made.", files[page].string(),
                        "Choose a part of the piece.");
        if (auto written = write_text_file(files[page], made); !written)
            return written;
        progress.report(static_cast<double>(page + 1) / static_cast<double>(files.size()));
    }
    return {};
}

} // namespace pulsepin
