// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawing/timeline/song_tiles.h"

#include <QPolygonF>
#include <algorithm>
#include <array>
#include <cmath>

namespace pulsepin {
namespace {

// -- colours that the eye finds evenly spaced

struct OkLab {
    double l, a, b;
};

/// Oklab (Bjoern Ottosson 2020), a colour space in which equal steps look equal.
OkLab to_oklab(const QColor& c) {
    const auto linear = [](double v) {
        return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    const double r = linear(c.redF()), g = linear(c.greenF()), b = linear(c.blueF());
    const double l = std::cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
    const double m = std::cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
    const double s = std::cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
    return {0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
            1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
            0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s};
}

QRgb to_rgb(const OkLab& c) {
    const auto cube = [](double v) { return v * v * v; };
    const double l = cube(c.l + 0.3963377774 * c.a + 0.2158037573 * c.b);
    const double m = cube(c.l - 0.1055613458 * c.a - 0.0638541728 * c.b);
    const double s = cube(c.l - 0.0894841775 * c.a - 1.2914855480 * c.b);
    const auto channel = [](double v) {
        v = std::clamp(v, 0.0, 1.0);
        return static_cast<int>(
            std::lround(255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * std::pow(v, 1 / 2.4) - 0.055)));
    };
    return qRgb(channel(4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s),
                channel(-1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s),
                channel(-0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s));
}

/// From the paper over teal to ink, in even steps; clear at the low end, so that the bars show through.
std::array<QRgb, 256> spectrum_colours(const Palette& palette) {
    const std::array<OkLab, 3> stops{to_oklab(palette.paper), to_oklab(palette.spectrum_middle),
                                     to_oklab(palette.spectrum_high)};
    std::array<QRgb, 256> colours{};
    for (std::size_t i = 0; i < colours.size(); ++i) {
        const double at = static_cast<double>(i) / 255 * 2;
        const auto k = std::min<std::size_t>(static_cast<std::size_t>(at), 1);
        const double share = at - static_cast<double>(k);
        const auto mix = [share](double x, double y) { return x + (y - x) * share; };
        const QRgb rgb = to_rgb({mix(stops[k].l, stops[k + 1].l), mix(stops[k].a, stops[k + 1].a),
                                 mix(stops[k].b, stops[k + 1].b)});
        const double alpha = std::min(1.0, static_cast<double>(i) / 48);
        colours[i] = qPremultiply(qRgba(qRed(rgb), qGreen(rgb), qBlue(rgb), static_cast<int>(255 * alpha)));
    }
    return colours;
}

// -- waveform

float sample_of(const SampleStore& store, std::int64_t at, int channel) {
    if (channel < 0)
        return store.mono_at(Samples(at));
    if (at < 0 || at >= store.length().value)
        return 0;
    const auto channels = static_cast<std::size_t>(store.format().channels);
    return store.interleaved()[static_cast<std::size_t>(at) * channels + static_cast<std::size_t>(channel)];
}

/// Without samples, as long as a song is being decoded, the peaks have to do.
Peak peak_between(const SampleStore* samples, const Peaks& peaks, int channel, std::int64_t from,
                  std::int64_t until) {
    if (!samples || until - from >= 2 * Peaks::finest)
        return peaks.over(Samples(from), Samples(until));
    const SampleStore& store = *samples;
    Peak peak;
    double squares = 0;
    std::int64_t count = 0;
    for (auto i = std::max<std::int64_t>(from, 0); i < std::min(until, store.length().value); ++i, ++count) {
        const float s = sample_of(store, i, channel);
        peak.low = count == 0 ? s : std::min(peak.low, s);
        peak.high = count == 0 ? s : std::max(peak.high, s);
        squares += static_cast<double>(s) * static_cast<double>(s);
    }
    peak.rms = count == 0 ? 0.0f : static_cast<float>(std::sqrt(squares / static_cast<double>(count)));
    return peak;
}

void fill_column(QImage& image, int x, double from, double until, QRgb colour) {
    const int top = std::max(0, static_cast<int>(std::floor(std::min(from, until))));
    const int bottom = std::min(image.height() - 1, static_cast<int>(std::ceil(std::max(from, until))) - 1);
    for (int y = top; y <= std::max(bottom, top) && y < image.height(); ++y)
        reinterpret_cast<QRgb*>(image.scanLine(y))[x] = colour;
}

struct Strip {
    double middle, half;
};

void paint_columns(QImage& image, const SampleStore* store, const Peaks& peaks, int channel, Strip strip,
                   const Palette& palette, double start, double samples_per_pixel) {
    const QRgb light = palette.wave_peak.rgb(), dark = palette.wave_rms.rgb();
    for (int x = 0; x < image.width(); ++x) {
        const auto from = static_cast<std::int64_t>(std::floor(start + x * samples_per_pixel));
        const auto until = static_cast<std::int64_t>(std::floor(start + (x + 1) * samples_per_pixel));
        if (until <= 0 || from >= peaks.length().value)
            continue;
        const Peak peak = peak_between(store, peaks, channel, from, std::max(until, from + 1));
        fill_column(image, x, strip.middle - std::max(strip.half * static_cast<double>(peak.high), 0.5),
                    strip.middle - std::min(strip.half * static_cast<double>(peak.low), -0.5), light);
        const double rms = strip.half * static_cast<double>(peak.rms);
        fill_column(image, x, strip.middle - rms, strip.middle + rms, dark);
    }
}

void paint_samples(QImage& image, const SampleStore& store, int channel, Strip strip, const Palette& palette,
                   double start, double samples_per_pixel) {
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    QPolygonF line;
    const auto first = std::max<std::int64_t>(0, static_cast<std::int64_t>(start) - 2);
    const auto last = std::min(store.length().value - 1,
                               static_cast<std::int64_t>(start + image.width() * samples_per_pixel) + 2);
    for (auto i = first; i <= last; ++i)
        line << QPointF((static_cast<double>(i) - start) / samples_per_pixel,
                        strip.middle - strip.half * static_cast<double>(sample_of(store, i, channel)));
    painter.setPen(QPen(palette.wave_rms, 1.4));
    painter.drawPolyline(line);
    if (samples_per_pixel < 1.0 / 6) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(palette.wave_rms);
        for (const QPointF& p : line)
            painter.drawEllipse(p, 2.2, 2.2);
    }
}

void paint_wave(QImage& image, const SongPicture& song, const SongLook& look, const Palette& palette,
                Seconds start, double pixels_per_second) {
    const SampleStore* store = song.samples.get();
    const auto& outline = *song.outline;
    const double rate = static_cast<double>(outline.sample_rate);
    const double samples_per_pixel = rate / pixels_per_second;
    const double first = start.value * rate;
    const bool apart = look.channels == SongLook::Channels::LeftAndRight && outline.channels.size() == 2;
    const int strips = apart ? 2 : 1;
    const double height = static_cast<double>(image.height()) / strips;
    for (int i = 0; i < strips; ++i) {
        const Strip strip{height * (i + 0.5), height / 2 * look.wave_height};
        const int channel = apart ? i : -1;
        QImage part = image;
        if (apart) // a loud channel is cut off at its own strip
            part = QImage(image.size(), image.format()), part.fill(Qt::transparent);
        if (store && samples_per_pixel < 2)
            paint_samples(part, *store, channel, strip, palette, first, samples_per_pixel);
        else
            paint_columns(part, store, apart ? outline.channels[static_cast<std::size_t>(i)] : outline.mean,
                          channel, strip, palette, first, samples_per_pixel);
        if (apart) {
            QPainter painter(&image);
            const QRectF rows(0, height * i, image.width(), height - 1);
            painter.drawImage(rows, part, rows);
        } else {
            image = part;
        }
    }
}

// -- spectrum

void paint_spectrum(QImage& image, const SongPicture& song, const SongLook& look, const Palette& palette,
                    Seconds start, double pixels_per_second) {
    if (!song.spectrum)
        return;
    const auto colours = spectrum_colours(palette);
    const std::size_t groups = look.spectrum == SongLook::Spectrum::TwelveBands ? 12 : SpectrumMap::bands;
    const std::size_t each = SpectrumMap::bands / groups;
    std::vector<QRgb> column(groups);
    for (int x = 0; x < image.width(); ++x) {
        const auto at = [&](int k) { return start + Seconds(k / pixels_per_second); };
        const auto values = song.spectrum->between(at(x), at(x + 1));
        for (std::size_t g = 0; g < groups; ++g) {
            int sum = 0, most = 0;
            for (std::size_t b = g * each; b < (g + 1) * each; ++b) {
                sum += values[b];
                most = std::max<int>(most, values[b]);
            }
            // A single tone in a wide band shall be seen, and noise all over it as well.
            const double level = (static_cast<double>(sum) / static_cast<double>(each) + most) / 510;
            // What lies 40 dB under the loudest is as light as the paper; brightness moves that.
            const double shown =
                std::clamp((level - 1 + 0.62 * look.brightness) / (0.62 * look.brightness), 0.0, 1.0);
            column[g] = colours[static_cast<std::size_t>(255 * std::pow(shown, 1.6))];
        }
        for (int y = 0; y < image.height(); ++y) {
            const auto g = groups - 1 -
                           std::min(groups - 1, static_cast<std::size_t>(y) * groups /
                                                    static_cast<std::size_t>(image.height()));
            reinterpret_cast<QRgb*>(image.scanLine(y))[x] = column[g];
        }
    }
}

} // namespace

QImage paint_tile(SongRow row, const SongPicture& song, const SongLook& look, const Palette& palette,
                  Seconds start, double pixels_per_second, QSize size) {
    QImage image(size, QImage::Format_ARGB32_Premultiplied);
    if (image.isNull())
        throw std::bad_alloc();
    image.fill(Qt::transparent);
    if (row == SongRow::Wave)
        paint_wave(image, song, look, palette, start, pixels_per_second);
    else
        paint_spectrum(image, song, look, palette, start, pixels_per_second);
    return image;
}

} // namespace pulsepin
