// SPDX-License-Identifier: GPL-3.0-or-later
//
// Pictures of clips beyond their kinds: turned by hand, in colours of their own, interlaced, and copied so
// that any program reads them.
#include "media/picture_times.h"
#include "media/readable_copy.h"
#include "support/media.h"
#include "support/test_program.h"
#include "support/turned_track.h"

#include <QFile>
#include <QProcess>
#include <cmath>
#include <lcms2.h>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

struct Rgb {
    int r, g, b;
};

Rgb middle_of(const Picture& picture, double x = 0.5, double y = 0.5) {
    const auto* at = picture.pixels.row(static_cast<int>(y * picture.pixels.height)) +
                     static_cast<std::ptrdiff_t>(x * picture.pixels.width) * 4;
    return {at[2], at[1], at[0]};
}

/// A profile with the primaries, white (D65) and gamma (2.19921875) that Adobe RGB (1998), version 2005-05,
/// section 4.3, publishes; under no name of anyone's.
std::vector<char> wide_profile() {
    const cmsCIExyY white{0.3127, 0.3290, 1};
    const cmsCIExyYTRIPLE primaries{{0.64, 0.33, 1}, {0.21, 0.71, 1}, {0.15, 0.06, 1}};
    cmsToneCurve* gamma = cmsBuildGamma(nullptr, 2.19921875);
    cmsToneCurve* curves[] = {gamma, gamma, gamma};
    cmsHPROFILE profile = cmsCreateRGBProfile(&white, &primaries, curves);
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(profile, nullptr, &size);
    std::vector<char> bytes(size);
    cmsSaveProfileToMem(profile, bytes.data(), &size);
    cmsCloseProfile(profile);
    cmsFreeToneCurve(gamma);
    return bytes;
}

/// By the matrices of the same publication (to XYZ under D65) and of IEC 61966-2-1 (from there), worked out
/// here.
Rgb srgb_of_wide(Rgb wide) {
    const auto linear = [](int value) { return std::pow(value / 255.0, 2.19921875); };
    const double r = linear(wide.r), g = linear(wide.g), b = linear(wide.b);
    const double x = 0.57667 * r + 0.18556 * g + 0.18823 * b, y = 0.29734 * r + 0.62736 * g + 0.07529 * b,
                 z = 0.02703 * r + 0.07069 * g + 0.99134 * b;
    const auto coded = [](double light) {
        const double inside = std::clamp(light, 0.0, 1.0);
        const double value = inside <= 0.0031308 ? 12.92 * inside : 1.055 * std::pow(inside, 1 / 2.4) - 0.055;
        return static_cast<int>(std::lround(value * 255));
    };
    return {coded(3.2406 * x - 1.5372 * y - 0.4986 * z), coded(-0.9689 * x + 1.8758 * y + 0.0415 * z),
            coded(0.0557 * x - 0.2040 * y + 1.0570 * z)};
}

bool run(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.start(program, arguments);
    return process.waitForFinished(60'000) && process.exitCode() == 0;
}

QByteArray output_of(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.start(program, arguments);
    process.waitForFinished(60'000);
    return process.readAllStandardOutput();
}

} // namespace

class TestClipPictures : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }
    [[nodiscard]] std::filesystem::path path(const char* name) const { return file(name).toStdString(); }

private slots:
    void initTestCase() {
        // Left red, right blue; above bright, below dark.
        QVERIFY(ffmpeg(
            {"-f", "lavfi", "-i",
             "color=red:s=48x64:r=25:d=1,format=rgb24[l];color=blue:s=48x64:r=25:d=1,format=rgb24[r];"
             "[l][r]hstack",
             "-f", "lavfi", "-i", "sine=440:d=1", "-c:v", "ffv1", "-c:a", "pcm_s16le", file("sides.mkv")}));
    }

    void turned_by_hand() {
        const auto left_and_right = [&](int turned) {
            auto reader = VideoReader::open({path("sides.mkv"), turned});
            const auto picture = reader->picture_at(Seconds(0.2), 400, 400);
            return std::tuple(reader->info().width, reader->info().height, middle_of(*picture, 0.25, 0.25),
                              middle_of(*picture, 0.75, 0.75));
        };
        const auto is_red = [](Rgb one) { return one.r > 240 && one.b < 16; };
        for (const int turned : {0, 1, 2, 3}) {
            const auto [width, height, first, last] = left_and_right(turned);
            QCOMPARE(QSize(width, height), turned % 2 == 0 ? QSize(96, 64) : QSize(64, 96));
            // Turned right, what was left is above.
            QCOMPARE(is_red(first), turned < 2);
            QCOMPARE(is_red(last), turned >= 2);
        }
        // On top of what the file says itself.
        QVERIFY(ffmpeg({"-i", file("sides.mkv"), "-c:v", "libx264", "-qp", "4", file("told.mp4")}));
        QVERIFY(turn_track(file("told.mp4")));
        auto told = VideoReader::open({path("told.mp4")}), back = VideoReader::open({path("told.mp4"), 1});
        QVERIFY(told && back);
        QVERIFY(told->info().turned);
        QCOMPARE(told->info().width, 64);
        QCOMPARE(back->info().width, 96);
    }

    /// Against the arithmetic of the publications, and against the program convert (ImageMagick).
    void colours_of_a_profile_become_srgb() {
        QFile profile(file("wide.icc"));
        QVERIFY(profile.open(QIODevice::WriteOnly));
        const auto bytes = wide_profile();
        profile.write(bytes.data(), static_cast<qint64>(bytes.size()));
        profile.close();
        for (const Rgb colour : {Rgb{200, 50, 50}, {60, 180, 90}, {40, 70, 200}, {128, 128, 128}}) {
            const QString plain = QString("xc:rgb(%1,%2,%3)").arg(colour.r).arg(colour.g).arg(colour.b);
            const Rgb wanted = srgb_of_wide(colour);
            for (const auto& [name, near] :
                 {std::pair("p.png", 1), {"p.jpg", 3}, {"p.tif", 1}, {"p.webp", 3}, {"holes.png", 1}}) {
                QStringList arguments{"-size", "40x30", plain};
                if (QString(name) == "holes.png") // a hole in one corner: the rest keeps its colour
                    arguments << "-alpha"
                              << "set"
                              << "-region"
                              << "8x8+0+0"
                              << "-alpha"
                              << "transparent"
                              << "+region";
                QVERIFY(run("convert", arguments << "-type"
                                                 << "TrueColorAlpha"
                                                 << "-depth"
                                                 << "8"
                                                 << "-quality"
                                                 << "100"
                                                 << "-profile" << file("wide.icc") << file(name)));
                auto reader = VideoReader::open({path(name)});
                QVERIFY2(reader, name);
                const auto seen = middle_of(*reader->picture_at(Seconds(0), 40, 30));
                const int off = std::max(
                    {std::abs(seen.r - wanted.r), std::abs(seen.g - wanted.g), std::abs(seen.b - wanted.b)});
                QVERIFY2(off <= near, qPrintable(QString("%1: %2 %3 %4 instead of %5 %6 %7")
                                                     .arg(name)
                                                     .arg(seen.r)
                                                     .arg(seen.g)
                                                     .arg(seen.b)
                                                     .arg(wanted.r)
                                                     .arg(wanted.g)
                                                     .arg(wanted.b)));
            }
        }
        // A profile that is damaged is not followed, and the picture is seen.
        QFile broken(file("broken.icc"));
        QVERIFY(broken.open(QIODevice::WriteOnly));
        broken.write(QByteArray(bytes.data(), 140) + QByteArray(200, 'x'));
        broken.close();
        (void)run("convert",
                  {"-size", "40x30", "xc:rgb(200,50,50)", "-profile", file("broken.icc"), file("b.png")});
        if (QFile::exists(file("b.png"))) {
            auto reader = VideoReader::open({path("b.png")});
            QVERIFY(reader.has_value());
            QVERIFY(std::abs(middle_of(*reader->picture_at(Seconds(0), 40, 30)).r - 200) <= 2);
        }
    }

    /// Uneven, turned, of wide pixels and with late sound: even, upright and square, and the sound where it
    /// was.
    void copies_are_read_by_any_program() {
        QVERIFY(ffmpeg({"-f",
                        "lavfi",
                        "-i",
                        "testsrc=s=90x64:r=30:d=2",
                        "-itsoffset",
                        "0.4",
                        "-f",
                        "lavfi",
                        "-i",
                        "sine=880:d=1.5",
                        "-vf",
                        "select='not(eq(mod(n,7),3))',setsar=4/3",
                        "-fps_mode",
                        "vfr",
                        "-c:v",
                        "libx264",
                        "-c:a",
                        "aac",
                        "-metadata:s:v",
                        "rotate=90",
                        file("phone.mp4")}));
        QVERIFY(turn_track(file("phone.mp4")));
        QVERIFY(picture_times(path("phone.mp4"))->variable);
        const PictureFile from{path("phone.mp4"), 0};
        const auto format = format_of_copy(from);
        QVERIFY(format && std::string((*format)->id) == "h264");
        const auto rate = rate_of_copy(picture_times(path("phone.mp4"))->per_second, FrameRate());
        QCOMPARE(rate.text(), std::string("30"));
        QVERIFY(make_readable_copy(from, path("copy.mp4"), rate).has_value());
        const auto times = picture_times(path("copy.mp4"));
        QVERIFY(times && !times->variable && std::abs(times->per_second - 30) < 1e-6);
        auto before = VideoReader::open(from), after = VideoReader::open({path("copy.mp4")});
        QVERIFY(after && !after->info().turned && !after->info().wide_pixels);
        QCOMPARE(after->info().width, before->info().width / 2 * 2);
        QCOMPARE(after->info().height, before->info().height / 2 * 2);
        for (const double at : {0.0, 0.5, 1.1, 1.9}) {
            const auto a = middle_of(*before->picture_at(Seconds(at), 400, 400), 0.3, 0.4),
                       b = middle_of(*after->picture_at(Seconds(at), 400, 400), 0.3, 0.4);
            QVERIFY2(std::max({std::abs(a.r - b.r), std::abs(a.g - b.g), std::abs(a.b - b.b)}) <= 12,
                     qPrintable(QString::number(at)));
        }
        const auto told = output_of("ffprobe", {"-v", "error", "-count_packets", "-show_entries",
                                                "stream=nb_read_packets,avg_frame_rate,sample_aspect_ratio",
                                                "-of", "csv=p=0", "-select_streams", "v", file("copy.mp4")})
                              .trimmed();
        QVERIFY2(told.startsWith("1:1,30/1,60") || told.startsWith("1:1,30/1,59"), told.constData());
        // The sound begins at 0.4 s, by ffmpeg's own decoding.
        const auto heard = output_of("ffmpeg", {"-v", "error", "-i", file("copy.mp4"), "-f", "f32le", "-ac",
                                                "1", "-ar", "48000", "-"});
        const auto* samples = reinterpret_cast<const float*>(heard.constData());
        int first = 0;
        while (first < static_cast<int>(heard.size() / 4) && std::abs(samples[first]) < 0.02F)
            ++first;
        QVERIFY2(std::abs(first - 0.4 * 48'000) < 2'400, qPrintable(QString::number(first)));
        // Turned by hand, the copy is turned.
        QVERIFY(make_readable_copy({from.path, 1}, path("turned-copy.mp4"), rate).has_value());
        auto turned = VideoReader::open({path("turned-copy.mp4")});
        QVERIFY(turned->info().width == after->info().height && turned->info().height == after->info().width);
        // Cancelled, nothing is there.
        std::stop_source stop;
        stop.request_stop();
        QVERIFY(!make_readable_copy(from, path("never.mp4"), rate, {[](double) {}, stop.get_token()}));
        QVERIFY(!QFile::exists(file("never.mp4")));
    }

    void copies_keep_holes() {
        QVERIFY(run("convert", {"-size", "64x48", "xc:rgba(200,50,50,0.5)", file("half.png")}));
        QVERIFY(ffmpeg({"-loop", "1", "-t", "0.4", "-i", file("half.png"), "-c:v", "qtrle", "-pix_fmt",
                        "argb", file("half.mov")}));
        const PictureFile from{path("half.mov")};
        const auto format = format_of_copy(from);
        QVERIFY(format && (*format)->alpha);
        QVERIFY(make_readable_copy(from, path("half-copy.mov"), FrameRate()).has_value());
        auto copy = VideoReader::open({path("half-copy.mov")});
        const auto picture = copy->picture_at(Seconds(0.1), 64, 48);
        QVERIFY(picture && picture->transparent);
        const auto* pixel = picture->pixels.row(20) + 80;
        QVERIFY(std::abs(pixel[3] - 128) <= 2 && std::abs(pixel[2] - 100) <= 3 &&
                std::abs(pixel[0] - 25) <= 3);
    }

    /// Interlaced from twice as many pictures: nearer to the picture of the first moment than one field made
    /// larger, what stands still keeps every line, and not far from what ffmpeg's own filter bwdif makes,
    /// which looks at the pictures before and after.
    void interlaced_pictures_are_of_one_moment() {
        // Above what moves all over, below what stands still.
        const QString moving =
            "testsrc2=s=320x120:r=50:d=1[a];mandelbrot=s=320x120:r=50:end_scale=0.3,trim=end_frame="
            "1,loop=loop=49:size=1,setpts=N/50/TB[b];[a][b]vstack,format=yuv420p";
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", moving, "-c:v", "ffv1", file("moments.mkv")}));
        for (const auto& [first, name] : {std::pair("interleave_top", "tff"), {"interleave_bottom", "bff"}}) {
            const QString fields = file(QString("fields-%1.mkv").arg(name));
            QVERIFY(ffmpeg({"-i", file("moments.mkv"), "-vf",
                            QString("tinterlace=%1,fieldorder=%2").arg(first, name), "-c:v", "ffv1", "-flags",
                            "+ildct+ilme", fields}));
            QVERIFY(ffmpeg({"-i", fields, "-vf", "bwdif=mode=send_frame:parity=" + QString(name), "-c:v",
                            "ffv1", file("bwdif.mkv")}));
            QVERIFY(ffmpeg({"-i", fields, "-vf",
                            QString("field=%1,scale=320:240,setsar=1,setfield=prog")
                                .arg(QString(name) == "tff" ? "top" : "bottom"),
                            "-c:v", "ffv1", file("field.mkv")}));
            const auto off = [&](const QString& name_of, int frame) {
                auto clip = VideoReader::open({name_of.toStdString()}),
                     whole = VideoReader::open({path("moments.mkv")});
                const auto is = clip->picture_at(Seconds(frame / 25.0), 320, 240),
                           was = whole->picture_at(Seconds(frame / 25.0), 320, 240);
                if (is->pixels.width != 320 || is->pixels.height != 240)
                    return 0.0;
                double sum = 0;
                for (int y = 0; y < 240; ++y)
                    for (int x = 0; x < 320; ++x) {
                        const int apart = is->pixels.row(y)[x * 4 + 1] - was->pixels.row(y)[x * 4 + 1];
                        sum += apart * apart;
                    }
                return 10 * std::log10(255.0 * 255 * 320 * 240 / std::max(sum, 1.0)); // dB (PSNR)
            };
            QVERIFY(VideoReader::open({fields.toStdString()})->info().interlaced);
            for (const int frame : {3, 8, 14}) {
                const double own = off(fields, frame), field = off(file("field.mkv"), frame),
                             filtered = off(file("bwdif.mkv"), frame);
                qInfo("%s %d: own %.1f dB, one field %.1f dB, bwdif %.1f dB", name, frame, own, field,
                      filtered);
                QVERIFY(own > field + 1);
                QVERIFY(own > filtered - 3);
            }
        }
        // Of what stands still no line is lost, thin ones neither.
        QVERIFY(ffmpeg({"-f", "lavfi", "-i",
                        "color=gray:s=160x120:r=25:d=0.2,format=yuv420p,drawgrid=w=7:h=9:t=1:c=white", "-vf",
                        "setfield=tff", "-c:v", "ffv1", "-flags", "+ildct+ilme", file("still.mkv")}));
        QVERIFY(ffmpeg({"-i", file("still.mkv"), "-vf", "setfield=prog", "-c:v", "ffv1", file("plain.mkv")}));
        auto still = VideoReader::open({path("still.mkv")}), plain = VideoReader::open({path("plain.mkv")});
        QVERIFY(still->info().interlaced && !plain->info().interlaced);
        QVERIFY(still->picture_at(Seconds(0.1), 160, 120)->pixels ==
                plain->picture_at(Seconds(0.1), 160, 120)->pixels);
    }

    void rates_of_copies() {
        QVERIFY(rate_of_copy(24'000 / 1001.0, FrameRate()) == *FrameRate::make(24'000, 1001));
        QCOMPARE(rate_of_copy(25, FrameRate()).text(), std::string("25"));
        QVERIFY(rate_of_copy(28.4, FrameRate()).per_second() > 28.4); // none is left out
        QCOMPARE(rate_of_copy(17, FrameRate()).text(), FrameRate().text());
    }
};

PULSEPIN_TEST_CLASS(TestClipPictures, "test_clip_pictures")
#include "test_clip_pictures.moc"
