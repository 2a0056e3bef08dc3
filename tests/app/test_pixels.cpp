// SPDX-License-Identifier: GPL-3.0-or-later
//
// What is done to pixels by eights and in whole numbers against the same written out plainly in double
// precision.
#include "render/blending.h"
#include "render/draw_picture.h"
#include "render/effects/effect_painter.h"
#include "support/test_program.h"

#include <QTest>
#include <cmath>
#include <random>

using namespace pulsepin;

namespace {

/// Rectangles, a fine pattern and noise, premultiplied, partly transparent unless `opaque`.
QImage pattern(QSize size, bool opaque, unsigned seed = 1) {
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    std::mt19937 random(seed);
    for (int y = 0; y < size.height(); ++y)
        for (int x = 0; x < size.width(); ++x) {
            const bool fine = y > size.height() / 2;
            const int even = (x / 40 + y / 25) % 2 == 0 ? 30 : 220,
                      striped = (x / 3 + y / 3) % 2 == 0 ? 0 : 255;
            const int grey = fine ? striped : even, any = static_cast<int>(random() % 256);
            const int alpha = opaque ? 255 : (x / 9 + y / 7) % 3 == 0 ? 0 : any;
            const auto channel = [&](int by) {
                return std::min(255, grey + static_cast<int>(random() % 1000) % by) * alpha / 255;
            };
            image.setPixel(x, y, qRgba(0, 0, 0, 0));
            auto* pixel = image.scanLine(y) + 4 * x;
            pixel[0] = static_cast<uchar>(channel(3));
            pixel[1] = static_cast<uchar>(channel(30));
            pixel[2] = static_cast<uchar>(channel(90));
            pixel[3] = static_cast<uchar>(alpha);
        }
    return image;
}

cv::Mat pixels_of(QImage& image) {
    return {image.height(), image.width(), CV_8UC4, image.bits(),
            static_cast<std::size_t>(image.bytesPerLine())};
}

/// Along one axis, the outer values going on; `step` from one to the next.
void blur_line(double* values, int count, int step, double sigma) {
    const int reach = static_cast<int>(std::ceil(5 * sigma));
    std::vector<double> before(static_cast<std::size_t>(count));
    for (int i = 0; i < count; ++i)
        before[static_cast<std::size_t>(i)] = values[i * step];
    for (int i = 0; i < count; ++i) {
        double sum = 0, weights = 0;
        for (int k = -reach; k <= reach; ++k) {
            const double weight = std::exp(-0.5 * k * k / (sigma * sigma));
            sum += weight * before[static_cast<std::size_t>(std::clamp(i + k, 0, count - 1))];
            weights += weight;
        }
        values[i * step] = sum / weights;
    }
}

std::vector<double> blurred_plainly(const QImage& image, double sigma) {
    const int width = image.width(), height = image.height();
    std::vector<double> values;
    for (int y = 0; y < height; ++y)
        values.insert(values.end(), image.constScanLine(y), image.constScanLine(y) + 4 * width);
    for (int c = 0; c < 4; ++c) {
        for (int y = 0; y < height; ++y)
            blur_line(values.data() + 4 * y * width + c, width, 4, sigma);
        for (int x = 0; x < width; ++x)
            blur_line(values.data() + 4 * x + c, height, 4 * width, sigma);
    }
    return values;
}

double farthest(const QImage& image, const std::vector<double>& values, double* mean = nullptr) {
    double most = 0, sum = 0;
    std::size_t i = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < 4 * image.width(); ++x, ++i) {
            const double off = std::abs(image.constScanLine(y)[x] - values[i]);
            most = std::max(most, off);
            sum += off;
        }
    if (mean)
        *mean = sum / static_cast<double>(i);
    return most;
}

/// W3C, Compositing and Blending Level 1, of straight colours from 0 to 1; null: source over.
double blended(Blend blend, double below, double own) {
    switch (blend) {
    case Blend::Multiply:
        return below * own;
    case Blend::Screen:
        return below + own - below * own;
    case Blend::Overlay:
        return below <= 0.5 ? 2 * below * own : 1 - 2 * (1 - below) * (1 - own);
    case Blend::Lighten:
        return std::max(below, own);
    case Blend::Darken:
        return std::min(below, own);
    case Blend::Difference:
        return std::abs(below - own);
    default:
        return own;
    }
}

EffectContext context_of(const EffectValues& values, const QImage& image) {
    return {values,
            1,
            {image.width() / 2.0, image.height() / 2.0},
            cv::Size2d(image.width(), image.height()),
            0.4};
}

QImage painted(QImage image, const char* effect, const LayerValues& values) {
    cv::Mat pixels = pixels_of(image);
    painter_of(effect)->paint(pixels, context_of(EffectValues(values, 1), image));
    return image;
}

} // namespace

class TestPixels : public QObject {
    Q_OBJECT
private slots:
    /// Wide ones are worked out at a smaller size: no more than three levels off anywhere, and a fifth of one
    /// on the whole.
    void blurs_are_gaussian_data() {
        QTest::addColumn<QSize>("size");
        for (const QSize size : {QSize(200, 112), QSize(173, 97), QSize(101, 64)})
            QTest::addRow("%d by %d", size.width(), size.height()) << size;
    }
    void blurs_are_gaussian() {
        QFETCH(const QSize, size);
        for (const double sigma : {0.8, 2.0, 4.0, 4.1, 7.9, 8.1, 15.0}) {
            QImage image = pattern(size, sigma != 2.0);
            const auto expected = blurred_plainly(image, sigma);
            cv::Mat pixels = pixels_of(image);
            blur_in_place(pixels, sigma);
            QCOMPARE(static_cast<const uchar*>(pixels.data), image.constBits());
            double mean = 0;
            const double most = farthest(image, expected, &mean);
            QVERIFY2(most <= 3.2 && mean < 0.4,
                     qPrintable(QString("sigma %1: %2, %3").arg(sigma).arg(most).arg(mean)));
        }
    }

    /// Streaks and rushes of nothing but one colour are that colour: no pass makes it lighter or darker.
    void what_is_even_stays() {
        for (const int grey : {0, 1, 127, 128, 254, 255}) {
            QImage even(77, 40, QImage::Format_ARGB32_Premultiplied);
            even.fill(qRgba(grey, grey, grey, 255));
            for (const double angle : {0.0, 37.0, 90.0}) {
                LayerValues values;
                values.set("streak", 23.7);
                values.set("streak-angle", angle);
                QCOMPARE(painted(even, "streak", values), even);
            }
            LayerValues values;
            values.set("blur", 6);
            QCOMPARE(painted(even, "blur", values), even);
        }
    }

    /// A picture moved by parts of a pixel, against straight lines between its pixels.
    void moves_by_parts_of_a_pixel() {
        QImage image = pattern({61, 33}, true);
        for (const cv::Point2d by :
             {cv::Point2d(0, 0), cv::Point2d(3, -2), cv::Point2d(0.5, 0), cv::Point2d(-1.25, 7.75),
              cv::Point2d(-200, 0.3), cv::Point2d(90.5, -90.5)}) {
            cv::Mat moved = pixels_of(image);
            lay_moved_over(moved, by, 1);
            for (int y = 0; y < image.height(); ++y)
                for (int x = 0; x < image.width(); ++x)
                    for (int c = 0; c < 4; ++c) {
                        const double u = std::clamp(x - by.x, 0.0, image.width() - 1.0),
                                     v = std::clamp(y - by.y, 0.0, image.height() - 1.0);
                        const auto at = [&](double column, double row) {
                            return static_cast<double>(image.constScanLine(std::min(
                                static_cast<int>(row),
                                image.height() -
                                    1))[4 * std::min(static_cast<int>(column), image.width() - 1) + c]);
                        };
                        const double right = u - std::floor(u), down = v - std::floor(v);
                        const double expected =
                            (at(u, v) * (1 - right) + at(u + 1, v) * right) * (1 - down) +
                            (at(u, v + 1) * (1 - right) + at(u + 1, v + 1) * right) * down;
                        QVERIFY(std::abs(moved.at<cv::Vec4b>(y, x)[c] - expected) <= 2.1); // 128ths
                    }
        }
    }

    /// Upright and turned, larger and smaller: bilinear between the middles of pixels, to a level and a half.
    void pictures_are_sampled_bilinearly() {
        const QImage image = pattern({97, 55}, true).convertToFormat(QImage::Format_RGB32);
        for (const double turn : {0.0, 0.2, 14.0, 90.0, 201.0})
            for (const double scale : {0.7, 1.0, 1.37, 3.1}) {
                QImage canvas(160, 120, QImage::Format_ARGB32_Premultiplied);
                canvas.fill(Qt::black);
                QTransform seen;
                seen.translate(83.3, 58.7);
                seen.rotate(turn);
                seen.scale(scale, scale);
                const QRectF place(-48.5, -27.5, 97, 55);
                {
                    QPainter painter(&canvas);
                    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
                    painter.setTransform(seen);
                    draw_picture(painter, place, image);
                }
                const QTransform back = seen.inverted();
                int compared = 0;
                for (int y = 0; y < canvas.height(); ++y)
                    for (int x = 0; x < canvas.width(); ++x) {
                        const QPointF at =
                            back.map(QPointF(x + 0.5, y + 0.5)) - place.topLeft() - QPointF(0.5, 0.5);
                        const auto* pixel = canvas.constScanLine(y) + 4 * x;
                        const double beside = 1 / scale + 0.5;
                        if (at.x() < -beside || at.y() < -beside || at.x() > 96 + beside ||
                            at.y() > 54 + beside) {
                            QCOMPARE(canvas.pixel(x, y), qRgb(0, 0, 0));
                            continue;
                        }
                        if (at.x() < beside || at.y() < beside || at.x() > 96 - beside ||
                            at.y() > 54 - beside)
                            continue; // an edge
                        ++compared;
                        const int column = static_cast<int>(at.x()), row = static_cast<int>(at.y());
                        const double right = at.x() - column, down = at.y() - row;
                        for (int c = 0; c < 3; ++c) {
                            const auto of = [&](int i, int k) {
                                return static_cast<double>(image.constScanLine(k)[4 * i + c]);
                            };
                            const double expected =
                                (of(column, row) * (1 - right) + of(column + 1, row) * right) * (1 - down) +
                                (of(column, row + 1) * (1 - right) + of(column + 1, row + 1) * right) * down;
                            QVERIFY2(std::abs(pixel[c] - expected) <= 2.1,
                                     qPrintable(QString("%1 degrees, times %2, at %3 %4: %5 for %6")
                                                    .arg(turn)
                                                    .arg(scale)
                                                    .arg(x)
                                                    .arg(y)
                                                    .arg(pixel[c])
                                                    .arg(expected)));
                        }
                    }
                QVERIFY(compared > 800);
            }
    }

    void blends_are_those_of_the_standard_data() {
        QTest::addColumn<QString>("word");
        for (const char* word :
             {"normal", "add", "multiply", "screen", "overlay", "lighten", "darken", "difference"})
            QTest::newRow(word) << word;
    }
    void blends_are_those_of_the_standard() {
        QFETCH(const QString, word);
        const Blend blend = blend_of(word.toStdString());
        const QImage above = pattern({45, 30}, false, 3);
        for (const double opacity : {1.0, 0.4})
            for (const QPoint corner : {QPoint(0, 0), QPoint(-7, -3), QPoint(13, 9), QPoint(60, 60)}) {
                const QImage before = pattern({51, 37}, false, 9);
                QImage ground = before;
                lay_over(ground, corner, above, blend, opacity);
                for (int y = 0; y < ground.height(); ++y)
                    for (int x = 0; x < ground.width(); ++x) {
                        const auto* was = before.constScanLine(y) + 4 * x;
                        const auto* is = ground.constScanLine(y) + 4 * x;
                        if (!QRect(corner, above.size()).contains(x, y)) {
                            QCOMPARE(ground.pixel(x, y), before.pixel(x, y));
                            continue;
                        }
                        const auto* own = above.constScanLine(y - corner.y()) + 4 * (x - corner.x());
                        const double a = own[3] / 255.0, b = was[3] / 255.0;
                        for (int c = 0; c < 4; ++c) {
                            double met = blend == Blend::Add ? std::min(1.0, a + b) : a + b - a * b; // alpha
                            if (c < 3) {
                                const double s = own[c] / 255.0, d = was[c] / 255.0;
                                const double mixed =
                                    a > 0 && b > 0 ? a * b * blended(blend, d / b, s / a) : 0;
                                met = blend == Blend::Add ? std::min(1.0, s + d)
                                                          : s * (1 - b) + d * (1 - a) + mixed;
                            }
                            const double expected = was[c] + (met * 255 - was[c]) * opacity;
                            QVERIFY2(std::abs(is[c] - expected) <= 1.01,
                                     qPrintable(QString("%1 %2 for %3").arg(word).arg(is[c]).arg(expected)));
                        }
                    }
            }
    }

    /// Against Qt's own painting, on opaque ground.
    void blends_are_those_of_the_toolkit() {
        const QImage above = pattern({45, 30}, false, 3);
        for (const char* word :
             {"normal", "add", "multiply", "screen", "overlay", "lighten", "darken", "difference"}) {
            QImage ours = pattern({51, 37}, true, 9), theirs = ours;
            lay_over(ours, {2, 1}, above, blend_of(word), 1);
            {
                QPainter painter(&theirs);
                painter.setCompositionMode(composition_mode(blend_of(word)));
                painter.drawImage(2, 1, above);
            }
            for (int y = 0; y < ours.height(); ++y)
                for (int x = 0; x < 4 * ours.width(); ++x)
                    QVERIFY2(std::abs(ours.constScanLine(y)[x] - theirs.constScanLine(y)[x]) <= 2, word);
        }
    }

    /// Any width, and no pixel beside: each effect paints a part of an image as it paints that part alone
    /// where it looks at nothing else, and leaves what is around it.
    void no_effect_reaches_beyond_its_image() {
        for (const char* effect :
             {"key-out",  "soft-edge", "drop-shadow", "exposure", "contrast", "saturation", "hue",
              "levels",   "tint",      "posterise",   "blur",     "streak",   "rush",       "sharpen",
              "glow",     "shift",     "bulge",       "ripple",   "mirror",   "edges",      "grain",
              "vignette", "flare",     "leak",        "flash",    "strobe"})
            for (const int width : {1, 7, 8, 9, 23}) {
                QImage around = pattern({width + 5, 14}, false, 4);
                const QImage before = around;
                cv::Mat whole = pixels_of(around), part = whole(cv::Rect(2, 3, width, 8));
                LayerValues values;
                const auto& first = pulsepin::effect(effect)->parameters.front();
                values.set(std::string(first.id), first.usual_high);
                painter_of(effect)->paint(part, context_of(EffectValues(values, 1), around));
                for (int y = 0; y < around.height(); ++y)
                    for (int x = 0; x < around.width(); ++x)
                        if (!QRect(2, 3, width, 8).contains(x, y))
                            QVERIFY2(around.pixel(x, y) == before.pixel(x, y), effect);
                        else {
                            const auto* pixel = around.constScanLine(y) + 4 * x;
                            QVERIFY2(std::max({pixel[0], pixel[1], pixel[2]}) <= pixel[3], effect);
                        }
            }
    }

    /// A vignette has no side: it is its own mirror image, both ways.
    void vignettes_are_even() {
        QImage white(90, 50, QImage::Format_ARGB32_Premultiplied);
        white.fill(Qt::white);
        LayerValues values;
        values.set("vignette", 80);
        const QImage dark = painted(white, "vignette", values);
        QCOMPARE(dark, dark.mirrored(true, false));
        QCOMPARE(dark, dark.mirrored(false, true));
        QVERIFY(qRed(dark.pixel(0, 0)) < 120 && qRed(dark.pixel(45, 25)) == 255);
    }

    /// As they are defined, pixel by pixel.
    void flashes_lamps_and_contrast() {
        const QImage before = pattern({37, 21}, false, 6);
        const auto same = [&](const QImage& after,
                              const std::function<double(double colour, double alpha)>& expected) {
            for (int y = 0; y < before.height(); ++y)
                for (int x = 0; x < before.width(); ++x) {
                    const auto *was = before.constScanLine(y) + 4 * x, *is = after.constScanLine(y) + 4 * x;
                    if (is[3] != was[3])
                        return false;
                    for (int c = 0; c < 3; ++c)
                        if (std::abs(is[c] - std::clamp<double>(expected(was[c], was[3]), 0, was[3])) > 0.51)
                            return false;
                }
            return true;
        };
        LayerValues flash, contrast, saturation;
        flash.set("flash", 30);
        QVERIFY(same(painted(before, "flash", flash),
                     [](double colour, double alpha) { return colour * 0.7 + alpha * 0.3; }));
        contrast.set("contrast", 50);
        QVERIFY(same(painted(before, "contrast", contrast),
                     [](double colour, double alpha) { return 1.5 * colour - 0.25 * alpha; }));
        saturation.set("saturation", -100);
        const QImage grey = painted(before, "saturation", saturation);
        for (int y = 0; y < grey.height(); ++y)
            for (int x = 0; x < grey.width(); ++x)
                QVERIFY(qBlue(grey.pixel(x, y)) == qRed(grey.pixel(x, y)));
    }
};

PULSEPIN_TEST_CLASS(TestPixels, "test_pixels")
#include "test_pixels.moc"
