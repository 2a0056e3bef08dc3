// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is drawn straight into pixels is what the toolkit's painter draws, to the pixel.
#include "drawing/timeline/ink.h"
#include "support/test_program.h"

#include <QPainterPath>
#include <QTest>
#include <random>

using namespace pulsepin;

namespace {

/// Something to draw on that is nowhere the same.
QImage ground(QImage::Format format) {
    QImage image(97, 61, QImage::Format_ARGB32_Premultiplied);
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            image.setPixel(x, y, qPremultiply(qRgba(x * 2, y * 4, (x * y) % 256, 255 - (x + y) % 90)));
    return image.convertToFormat(format);
}

QImage blot() {
    QImage image(13, 13, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(QColor(20, 90, 200, 180), 2));
    painter.setBrush(QColor(240, 180, 40));
    painter.drawEllipse(QPointF(6.5, 6.5), 5, 5);
    return image;
}

struct Difference {
    int largest = 0; ///< that a channel has
    int pixels = 0;  ///< with more than rounding
};

Difference difference_of(const QImage& one, const QImage& other) {
    Difference found;
    for (int y = 0; y < one.height(); ++y)
        for (int x = 0; x < one.width(); ++x) {
            const QRgb a = one.pixel(x, y), b = other.pixel(x, y);
            const int far = std::max({std::abs(qRed(a) - qRed(b)), std::abs(qGreen(a) - qGreen(b)),
                                      std::abs(qBlue(a) - qBlue(b)), std::abs(qAlpha(a) - qAlpha(b))});
            found.largest = std::max(found.largest, far);
            found.pixels += far > 1;
        }
    return found;
}

/// A few hundred rectangles, many of them partly or wholly beside the image.
std::vector<QRectF> rectangles() {
    std::mt19937 random(20);
    std::uniform_real_distribution<double> place(-25, 105), size(0.6, 40);
    std::vector<QRectF> all;
    for (int i = 0; i < 300; ++i)
        all.emplace_back(place(random), place(random), size(random), size(random));
    return all;
}

struct Setting {
    QImage::Format format;
    QRectF clip;
    bool moved;
};
const Setting settings[] = {{QImage::Format_RGB32, {}, false},
                            {QImage::Format_ARGB32_Premultiplied, {}, false},
                            {QImage::Format_RGB32, {9.4, 7.6, 60.2, 30.5}, false},
                            {QImage::Format_ARGB32_Premultiplied, {30, 20, 31, 17}, true}};

/// Drawn both ways.
template <class ByInk, class ByPainter>
Difference difference(const Setting& setting, const ByInk& by_ink, const ByPainter& by_painter) {
    QImage own = ground(setting.format), expected = ground(setting.format);
    for (QImage* image : {&own, &expected}) {
        QPainter painter(image);
        if (!setting.clip.isEmpty())
            painter.setClipRect(setting.clip);
        if (setting.moved)
            painter.translate(5, -3);
        if (image == &own) {
            Ink ink(painter);
            by_ink(ink);
        } else
            by_painter(painter);
    }
    return difference_of(own, expected);
}

} // namespace

class TestInk : public QObject {
    Q_OBJECT
private slots:
    void rectangles_are_filled_as_the_painter_fills_them() {
        for (const auto& setting : settings)
            for (const auto& area : rectangles()) {
                const QColor opaque(200, 40, 90), faint(30, 160, 220, 77);
                for (const auto& colour : {opaque, faint}) {
                    const auto far = difference(
                        setting, [&](Ink& ink) { ink.fill(area, colour); },
                        [&](QPainter& painter) { painter.fillRect(area, colour); });
                    QVERIFY2(far.largest <= 1, qPrintable(QString::number(far.largest)));
                }
            }
    }

    void frames_are_drawn_as_the_painter_draws_them() {
        const QColor colour(200, 40, 90);
        int missing = 0;
        for (const auto& setting : settings)
            for (const auto& area : rectangles()) {
                if (area.width() < 2 || area.height() < 2)
                    continue;
                const auto far = difference(
                    setting, [&](Ink& ink) { ink.frame(area, colour); },
                    [&](QPainter& painter) {
                        painter.setPen(QPen(colour, 1));
                        painter.setBrush(Qt::NoBrush);
                        painter.drawRect(area);
                    });
                // Where one reaches beyond the clip the painter leaves out a pixel at a corner.
                QVERIFY2(far.pixels <= 1, qPrintable(QString::number(far.pixels)));
                missing += far.pixels;
            }
        QVERIFY2(missing < 100, qPrintable(QString::number(missing)));
    }

    void images_are_stamped_as_the_painter_stamps_them() {
        const QImage image = blot();
        for (const auto& setting : settings)
            for (const auto& area : rectangles()) {
                const QPointF corner = area.topLeft();
                const auto far = difference(
                    setting, [&](Ink& ink) { ink.stamp(image, corner); },
                    [&](QPainter& painter) {
                        painter.drawImage(QPointF(std::round(corner.x()), std::round(corner.y())), image);
                    });
                QVERIFY2(far.largest <= 1, qPrintable(QString::number(far.largest)));
            }
    }

    void a_row_is_pulled_down_as_the_painter_pulls_it() {
        const QImage image = blot();
        const QImage clear = image.copy(0, 6, 13, 1);
        for (const auto& row : {clear, clear.convertToFormat(QImage::Format_RGB32)})
            for (const auto& setting : settings)
                for (const auto& area : rectangles()) {
                    const QRectF whole(std::round(area.left()), std::round(area.top()), row.width(),
                                       std::round(area.height()));
                    const auto far = difference(
                        setting, [&](Ink& ink) { ink.hang(row, whole); },
                        [&](QPainter& painter) { painter.drawImage(whole, row); });
                    QVERIFY2(far.largest <= 1, qPrintable(QString::number(far.largest)));
                }
    }

    void a_dense_screen_has_all_its_pixels() {
        QImage image(200, 100, QImage::Format_RGB32);
        image.setDevicePixelRatio(2);
        image.fill(Qt::white);
        QPainter painter(&image);
        Ink ink(painter);
        ink.fill({10, 10, 5, 5}, Qt::black);
        painter.end();
        int black = 0;
        for (int y = 0; y < image.height(); ++y)
            for (int x = 0; x < image.width(); ++x)
                black += qRed(image.pixel(x, y)) == 0;
        QCOMPARE(black, 100);
        QCOMPARE(image.pixel(20, 20), qRgb(0, 0, 0));
        QCOMPARE(image.pixel(19, 20), qRgb(255, 255, 255));
    }

    void what_is_turned_goes_through_the_painter() {
        QImage own = ground(QImage::Format_RGB32), expected = own;
        for (QImage* image : {&own, &expected}) {
            QPainter painter(image);
            painter.rotate(20);
            const QRectF area(30, 10, 20, 12);
            if (image == &own)
                Ink(painter).fill(area, Qt::red);
            else
                painter.fillRect(area, Qt::red);
        }
        QCOMPARE(own, expected);
        QVERIFY(own != ground(QImage::Format_RGB32));
    }
};

PULSEPIN_TEST_CLASS(TestInk, "test_ink")
#include "test_ink.moc"
