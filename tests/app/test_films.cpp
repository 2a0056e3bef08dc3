// SPDX-License-Identifier: GPL-3.0-or-later
//
// Films: a flash and a click on 32 beats are written in every format, read back by the program ffmpeg, and
// lie where the schedule says; parts make the same film as one go; pictures are those of the window.
#include "kinds/layer_kinds.h"
#include "media/sound_builder.h"
#include "render/film_plan.h"
#include "support/media.h"
#include "support/scene.h"
#include "support/test_program.h"

#include <QApplication>
#include <QFile>
#include <QImageReader>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// 17 seconds at 120 BPM: on beats 1 to 32 the picture is white for two frames, and a click of a sample's
/// rise is heard.
struct Clicks : test::Scene {
    std::vector<Frames> flashes;
    std::vector<Seconds> clicks;
    std::shared_ptr<const MixPlan> sound;

    explicit Clicks(std::int64_t rate = 48000) {
        project = steady_project(120, 0.137, 17);
        Layer black{{}, layers::shape, "Ground"};
        black.shape = "rectangle";
        black.colour = {0x101010};
        black.values = {{"scale", 2000.0}};
        add(black);
        project = with_lane(project, kind_of(body_type<TriggerBody>), "Flash");
        const LaneId lane = project.lanes.back()->id;
        TriggerBody flash;
        flash.length = {Length::Unit::InFrames, 2};
        flash.from = flash.to = {0xffffff};
        flash.acts = {{"flash", 0, 100}};
        for (int beat = 1; beat <= 32; ++beat)
            pin(lane, beat, flash);
        const Schedule schedule(project);
        for (const auto& one : schedule.spans(lane).triggers)
            flashes.push_back(one.start);
        std::vector<float> samples(static_cast<std::size_t>(2 * rate * 17), 0.0f);
        for (int beat = 1; beat <= 32; ++beat) {
            const Seconds at = project.grid->time_at(Beats(beat));
            clicks.push_back(at);
            const auto first = static_cast<std::size_t>(std::llround(at.value * static_cast<double>(rate)));
            for (std::size_t i = 0; i < static_cast<std::size_t>(rate) / 200; ++i)
                for (std::size_t c = 0; c < 2; ++c) // a burst that fades: its beginning is its loudest
                    samples[2 * (first + i) + c] =
                        0.9f * std::exp(-static_cast<float>(i) / (static_cast<float>(rate) / 1000)) *
                        (i / 12 % 2 ? -1.0f : 1.0f);
        }
        sound = std::make_shared<const MixPlan>(plan_of(store_of(samples, {static_cast<int>(rate), 2})));
    }
    Film film(const char* format, std::optional<Frames> first = {}, std::optional<Frames> until = {}) const {
        FilmOptions options;
        options.format = format;
        options.width = 160;
        options.height = 90;
        options.first = first;
        options.until = until;
        auto film = planned_film(Curves{Schedule(project)}, sound, options);
        if (!film)
            qFatal("%s", film.error().message().c_str());
        film->piece = "clicks";
        return *std::move(film);
    }
};

QByteArray ffmpeg_out(const QStringList& arguments) {
    QProcess process;
    process.start("ffmpeg", QStringList{"-nostdin", "-v", "error"} + arguments);
    process.waitForFinished(120'000);
    if (process.exitCode() != 0)
        qWarning("%s", process.readAllStandardError().constData());
    return process.readAllStandardOutput();
}

/// The mean grey of each picture.
std::vector<int> greys_of(const QString& film) {
    const auto bytes = ffmpeg_out({"-i", film, "-map", "0:v:0", "-fps_mode", "passthrough", "-vf",
                                   "scale=16:8,format=gray", "-f", "rawvideo", "-"});
    std::vector<int> greys;
    for (qsizetype at = 0; at + 128 <= bytes.size(); at += 128) {
        int sum = 0;
        for (qsizetype i = 0; i < 128; ++i)
            sum += static_cast<unsigned char>(bytes[at + i]);
        greys.push_back(sum / 128);
    }
    return greys;
}

std::vector<float> sound_of(const QString& film, int rate) {
    const auto bytes = ffmpeg_out(
        {"-i", film, "-map", "0:a:0", "-ac", "1", "-ar", QString::number(rate), "-f", "f32le", "-"});
    std::vector<float> samples(static_cast<std::size_t>(bytes.size() / 4));
    std::memcpy(samples.data(), bytes.constData(), samples.size() * 4);
    return samples;
}

/// Where each click rises first to a third of its height.
std::vector<double> rises(const std::vector<float>& samples, int rate) {
    std::vector<double> times;
    for (std::size_t i = 0; i < samples.size(); ++i)
        if (std::abs(samples[i]) > 0.3f) {
            times.push_back(static_cast<double>(i) / rate);
            i += static_cast<std::size_t>(rate) / 5;
        }
    return times;
}

} // namespace

class TestFilms : public QObject {
    Q_OBJECT
private slots:
    void in_sync_in_every_format_data() {
        QTest::addColumn<QString>("format");
        QTest::addColumn<int>("rate");
        for (const auto& format : film_formats())
            if (format.id != "webp") // what it writes, ffmpeg 5 does not read: see below
                QTest::addRow("%s", format.id.data()) << QString(format.id.data()) << 48000;
        QTest::addRow("h264 of 44.1 kHz") << QString("h264") << 44100;
        QTest::addRow("vp9 of 44.1 kHz") << QString("vp9") << 44100;
    }
    void in_sync_in_every_format() {
        QFETCH(QString, format);
        QFETCH(int, rate);
        const Clicks scene(rate);
        const auto* told = film_format(format.toStdString());
        if (!can_write(*told))
            QSKIP("the encoder is not installed");
        const QTemporaryDir folder;
        const QString name = folder.filePath("film" + QString(told->numbered ? "" : ".") +
                                             (told->numbered ? "" : told->extension.data()));
        const auto film = scene.film(told->id.data());
        const auto done = render_film(film, name.toStdString());
        QVERIFY2(done, done ? "" : done.error().message().c_str());
        QCOMPARE(QDir(folder.path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot).size(),
                 1); // no draft is left
        if (!told->picture.empty()) {
            const auto greys =
                greys_of(told->numbered ? name + "/film-%06d." + told->extension.data() : name);
            QCOMPARE(static_cast<std::int64_t>(greys.size()), film.frames());
            for (std::size_t i = 0; i < greys.size(); ++i) {
                const bool lit = std::any_of(scene.flashes.begin(), scene.flashes.end(), [&](Frames f) {
                    return static_cast<std::int64_t>(i) == f.value ||
                           static_cast<std::int64_t>(i) == f.value + 1;
                });
                QVERIFY2((greys[i] > 128) == lit, qPrintable(QString("frame %1: %2").arg(i).arg(greys[i])));
            }
        }
        if (told->sound.empty())
            return;
        const auto heard = rises(sound_of(told->numbered ? name + "/film.wav" : name, 48000), 48000);
        QCOMPARE(heard.size(), scene.clicks.size());
        for (std::size_t i = 0; i < heard.size(); ++i)
            QVERIFY2(
                std::abs(heard[i] - scene.clicks[i].value) < 0.001,
                qPrintable(QString("click %1: %2 ms").arg(i).arg((heard[i] - scene.clicks[i].value) * 1000)));
    }
    /// A range begins with its first frame, and the sound with that frame's moment.
    void in_sync_as_webp() {
        if (!QImageReader::supportedImageFormats().contains("webp") || !can_write(*film_format("webp")))
            QSKIP("WebP is not read or written here");
        const Clicks scene;
        const QTemporaryDir folder;
        const QString name = folder.filePath("film.webp");
        const auto film = scene.film("webp");
        QVERIFY(render_film(film, name.toStdString()));
        // Pictures that are alike are kept as one that lasts longer.
        std::vector<bool> lit;
        QImageReader reader(name);
        double seconds = 0;
        while (reader.canRead()) {
            const QImage image = reader.read();
            QVERIFY2(!image.isNull(), qPrintable(reader.errorString()));
            seconds += reader.nextImageDelay() / 1000.0;
            while (static_cast<double>(lit.size()) + 0.5 < seconds * film.spec.rate.per_second())
                lit.push_back(qGray(image.pixel(80, 45)) > 128);
        }
        QCOMPARE(static_cast<std::int64_t>(lit.size()), film.frames());
        for (std::size_t i = 0; i < lit.size(); ++i)
            QVERIFY2(lit[i] == std::any_of(scene.flashes.begin(), scene.flashes.end(),
                                           [&](Frames f) {
                                               const auto after = static_cast<std::int64_t>(i) - f.value;
                                               return after == 0 || after == 1;
                                           }),
                     qPrintable(QString("frame %1").arg(i)));
    }
    void a_range() {
        const Clicks scene;
        const QTemporaryDir folder;
        const QString name = folder.filePath("range.mp4");
        const auto film = scene.film("h264", Frames(100), Frames(300));
        QVERIFY(render_film(film, name.toStdString()));
        QCOMPARE(greys_of(name).size(), std::size_t(200));
        const auto heard = rises(sound_of(name, 48000), 48000);
        std::vector<double> expected;
        for (const Seconds at : scene.clicks)
            if (at.value >= 100 / 24.0 && at.value < 300 / 24.0)
                expected.push_back(at.value - 100 / 24.0);
        QCOMPARE(heard.size(), expected.size());
        for (std::size_t i = 0; i < heard.size(); ++i)
            QVERIFY(std::abs(heard[i] - expected[i]) < 0.001);
    }

    void parts_make_the_same_film_data() {
        QTest::addColumn<QString>("format");
        for (const auto& format : film_formats())
            if (!format.numbered && !format.picture.empty() && !format.in_one)
                QTest::addRow("%s", format.id.data()) << QString(format.id.data());
    }
    void parts_make_the_same_film() {
        QFETCH(QString, format);
        const Clicks scene;
        const auto* told = film_format(format.toStdString());
        if (!can_write(*told))
            QSKIP("the encoder is not installed");
        const QTemporaryDir folder;
        auto film = scene.film(told->id.data(), Frames(0), Frames(stretch_frames + 20));
        film.threads = 1;
        const auto path = [&](const QString& name) {
            return std::filesystem::path(folder.filePath(name).toStdString());
        };
        const QString ending = "." + QString::fromUtf8(told->extension.data()), whole = "whole" + ending,
                      joined_name = "joined" + ending;
        film.spec.as_one = false;
        QVERIFY(render_film(film, path(whole)));
        film.spec.as_one = true; // which parts are not
        film.threads = 3;
        for (int k = 1; k <= 2; ++k)
            QVERIFY(render_part(film, k, 2, path(QString("part%1").arg(k))));
        QVERIFY(is_part(film, 2, 2, path("part2")) && !is_part(film, 1, 2, path("part2")));
        const auto joined = join_parts({path("part2"), path("part1")}, path(joined_name));
        QVERIFY2(joined, joined ? "" : joined.error().message().c_str());
        const auto hashes = [&](const QString& name, const QStringList& how) {
            return ffmpeg_out(QStringList{"-i", folder.filePath(name), "-map", "0:v", "-map", "0:a?"} + how +
                              QStringList{"-f", "framehash", "-"});
        };
        QCOMPARE(hashes(whole, {"-c", "copy"}), hashes(joined_name, {"-c", "copy"})); // each packet
        QCOMPARE(hashes(whole, {}), hashes(joined_name, {})); // and each decoded frame
        QVERIFY(!hashes(whole, {}).isEmpty());
    }
    /// Where two stretches meet the pictures are as near to what was composed as their neighbours: by PSNR
    /// against the lossless film, no farther below the second before than three decibels.
    void no_seam_is_seen() {
        Clicks scene;
        Layer disc{{}, layers::shape, "Disc"};
        disc.colour = {0x3070c0};
        const LayerId id = scene.add(disc);
        const LaneId lane = scene.drive(kind_of(body_type<KeyBody>), feed_of(id, "position-x", 0, 1));
        for (int beat = 0; beat < 34; beat += 2)
            scene.pin(lane, beat, KeyBody{beat % 4 ? 500.0 : -500.0});
        const QTemporaryDir folder;
        const auto path = [&](const char* name) {
            return std::filesystem::path(folder.filePath(name).toStdString());
        };
        auto film = scene.film("h264", Frames(0), Frames(360)),
             archive = scene.film("ffv1", Frames(0), Frames(360));
        QVERIFY(render_film(film, path("film.mp4")) && render_film(archive, path("film.mkv")));
        (void)ffmpeg_out({"-i", folder.filePath("film.mp4"), "-i", folder.filePath("film.mkv"), "-lavfi",
                          "[0:v]format=yuv420p[a];[1:v]scale=out_color_matrix=bt709:out_range=tv,format="
                          "yuv420p[b];[a][b]psnr=f=" +
                              folder.filePath("psnr"),
                          "-f", "null", "-"});
        QFile log(folder.filePath("psnr"));
        QVERIFY(log.open(QIODevice::ReadOnly));
        std::vector<double> levels;
        for (const auto& line : QString::fromUtf8(log.readAll()).split('\n', Qt::SkipEmptyParts))
            if (const auto at = line.indexOf("psnr_y:"); at >= 0) {
                const QString value = line.mid(at + 7).section(' ', 0, 0);
                levels.push_back(value == "inf" ? 100 : value.toDouble());
            }
        QCOMPARE(levels.size(), std::size_t(360));
        const double before = *std::min_element(levels.begin() + 212, levels.begin() + 236);
        for (std::size_t i = 236; i < 246; ++i)
            QVERIFY2(levels[i] > before - 3,
                     qPrintable(QString("frame %1: %2 dB, before %3").arg(i).arg(levels[i]).arg(before)));
    }
    void wrong_parts_are_refused() {
        const Clicks scene;
        const QTemporaryDir folder;
        const auto film = scene.film("h264", Frames(0), Frames(360));
        const auto path = [&](const char* name) {
            return std::filesystem::path(folder.filePath(name).toStdString());
        };
        QVERIFY(render_part(film, 1, 2, path("1")) && render_part(film, 2, 2, path("2")));
        const auto refused = [&](std::vector<std::filesystem::path> parts, const char* part_of_message) {
            const auto joined = join_parts(parts, path("film.mp4"));
            return !joined && QString::fromStdString(joined.error().message()).contains(part_of_message) &&
                   !std::filesystem::exists(path("film.mp4"));
        };
        QVERIFY(refused({path("1")}, "missing"));
        QVERIFY(refused({path("2")}, "missing"));
        QVERIFY(refused({path("1"), path("1"), path("2")}, "twice"));
        QVERIFY(refused({path("1"), path("nothing")}, "no such part"));
        auto other = film;
        other.spec.quality = 30;
        QVERIFY(render_part(other, 2, 2, path("other")));
        QVERIFY(refused({path("1"), path("other")}, "other settings"));
        // Cut off, and with a bit turned.
        QFile whole(folder.filePath("2"));
        QVERIFY(whole.open(QIODevice::ReadOnly));
        QByteArray bytes = whole.readAll();
        const auto write = [&](const char* name, const QByteArray& what) {
            QFile file(folder.filePath(name));
            return file.open(QIODevice::WriteOnly) && file.write(what) == what.size();
        };
        QVERIFY(write("cut", bytes.left(bytes.size() / 2)));
        QVERIFY(refused({path("1"), path("cut")}, "no whole part"));
        bytes[bytes.size() / 2] = static_cast<char>(bytes[bytes.size() / 2] ^ 4);
        QVERIFY(write("turned", bytes));
        QVERIFY(refused({path("1"), path("turned")}, "no whole part"));
        QVERIFY(!render_part(film, 1, 3, path("3"))); // two stretches make no three parts
    }

    /// What is coded is what the window composes, whatever the number of threads.
    void pictures_are_those_of_the_window() {
        const Clicks scene;
        const auto film = scene.film("ffv1", Frames(0), Frames(40));
        for (const int threads : {1, 2, 5}) {
            FramePipeline pipeline(
                {film.curves, QSize(640, 360), Frames(0), Frames(40), {}, {}, threads, {}});
            for (int i = 0; i < 40; ++i) {
                const auto image = pipeline.next();
                QVERIFY(image);
                const QImage seen = composed(staged_at(film.curves, Frames(i)), QSize(640, 360))
                                        .convertToFormat(QImage::Format_ARGB32);
                QCOMPARE(*image, seen);
            }
            QVERIFY(!pipeline.next());
        }
    }
    /// Lossless: the decoded pictures are the composed ones.
    void an_archive_is_lossless() {
        const Clicks scene;
        const QTemporaryDir folder;
        const auto film = scene.film("ffv1", Frames(10), Frames(30));
        QVERIFY(render_film(film, folder.filePath("a.mkv").toStdString()));
        const auto bytes = ffmpeg_out(
            {"-i", folder.filePath("a.mkv"), "-map", "0:v", "-f", "rawvideo", "-pix_fmt", "bgra", "-"});
        QCOMPARE(bytes.size(), 20 * 160 * 90 * 4);
        for (int i = 0; i < 20; ++i) {
            const QImage image = film_frame(film.curves, Frames(10 + i), QSize(160, 90), {}, {});
            QVERIFY(std::memcmp(bytes.constData() + i * 160 * 90 * 4, image.constBits(), 160 * 90 * 4) == 0);
        }
    }
    void cancelled_and_refused_leave_what_was_there() {
        const Clicks scene;
        const QTemporaryDir folder;
        const QString name = folder.filePath("film.mp4");
        QFile old(name);
        QVERIFY(old.open(QIODevice::WriteOnly) && old.write("precious") == 8);
        old.close();
        std::stop_source stop;
        const auto film = scene.film("h264");
        const auto done = render_film(film, name.toStdString(),
                                      {[&](double share) {
                                           if (share > 0.3)
                                               stop.request_stop();
                                       },
                                       stop.get_token()});
        QVERIFY(!done && done.error().cancelled());
        QVERIFY(old.open(QIODevice::ReadOnly));
        QCOMPARE(old.readAll(), QByteArray("precious"));
        QCOMPARE(QDir(folder.path()).entryList(QDir::Files | QDir::Hidden).size(), 1);
        QVERIFY(!render_film(film, "/proc/nowhere/film.mp4"));
        FilmOptions odd;
        odd.width = 161;
        odd.height = 90;
        const auto even = planned_film(Curves{Schedule(scene.project)}, nullptr, odd);
        QVERIFY(even && even->spec.width == 160 && even->spec.height == 90 && even->told.size() == 1);
        odd.width = 0;
        odd.first = Frames(500);
        odd.until = Frames(400);
        QVERIFY(!planned_film(Curves{Schedule(scene.project)}, nullptr, odd));
    }
    /// A film in work has no name yet; two of one name are both whole, and the second one does not take the
    /// place of the first unasked.
    void films_in_work_meet_nobody() {
        const Clicks scene;
        const QTemporaryDir folder;
        const auto film = scene.film("h264", Frames(0), Frames(24));
        auto first = FilmFile::create(folder.filePath("a.mp4").toStdString(), film.spec, false);
        QVERIFY(first);
        QCOMPARE(QDir(folder.path()).entryList(QDir::Files | QDir::Hidden).size(), 0);
        auto second = FilmFile::create(folder.filePath("a.mp4").toStdString(), film.spec, false);
        QVERIFY(second && first->finish());
        QFile made(folder.filePath("a.mp4"));
        QVERIFY(made.open(QIODevice::ReadOnly));
        const auto bytes = made.readAll();
        const auto late = second->finish();
        QVERIFY(!late && late.error().remedy.find("a-2.mp4") != std::string::npos);
        made.seek(0);
        QCOMPARE(made.readAll(), bytes);
        QCOMPARE(QDir(folder.path()).entryList(QDir::Files | QDir::Hidden),
                 (QStringList{"a-2.mp4", "a.mp4"}));
    }
    void chapters_title_and_timecode() {
        Clicks scene;
        const LaneId marks = lane_of_kind(scene.project, kind_of(body_type<MarkerBody>));
        scene.pin(marks, 4, MarkerBody{"verse"});
        scene.pin(marks, 12, MarkerBody{"chorus; loud"});
        const QTemporaryDir folder;
        const QString name = folder.filePath("film.mp4");
        QVERIFY(render_film(scene.film("h264", Frames(24), Frames(240)), name.toStdString()));
        QProcess probe;
        probe.start("ffprobe",
                    {"-v", "error", "-show_chapters", "-show_entries",
                     "format_tags=title:stream_tags=timecode:stream=color_space,color_range,color_primaries",
                     "-of", "flat", name});
        QVERIFY(probe.waitForFinished(10'000));
        const QString told = QString::fromUtf8(probe.readAllStandardOutput());
        for (const char* part : {"Test piece", "verse", "chorus; loud", "00:00:01:00", "bt709", "\"tv\""})
            QVERIFY2(told.contains(part), qPrintable(QString(part) + " in " + told));
    }
};

PULSEPIN_TEST_CLASS(TestFilms, "test_films")
#include "test_films.moc"
