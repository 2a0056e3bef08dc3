// SPDX-License-Identifier: GPL-3.0-or-later
//
// Packs: moved and opened again they show the same, frame by frame, whole or with what is used of films
// alone; as one file they are read by another program.
#include "interchange/pack.h"
#include "interchange/project_file.h"
#include "interchange/used_stretches.h"
#include "media/clip_part.h"
#include "media/video_reader.h"
#include "model/pin_edits.h"
#include "render/awaited_frames.h"
#include "schedule/piece_length.h"
#include "schedule/schedule.h"
#include "support/command_line.h"
#include "support/test_program.h"
#include "time/timecode.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QGuiApplication>

using namespace pulsepin;
using namespace pulsepin::test;

class TestPacks : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

    /// The demo in a folder of its own, with films of one key picture a second, which have more before and
    /// behind than is seen.
    QString piece() {
        const QString folder = file("piece");
        if (QFile::exists(folder + "/kite-day.pulsepin"))
            return folder + "/kite-day.pulsepin";
        (void)QDir().mkpath(folder);
        for (const auto& name : QDir(PULSEPIN_DEMO).entryList({"*.webm", "*.opus"}))
            (void)QFile::copy(QString(PULSEPIN_DEMO "/") + name, folder + "/" + name);
        (void)QFile::copy(PULSEPIN_DEMO "/kite-day.pulsepin", folder + "/kite-day.pulsepin");
        return folder + "/kite-day.pulsepin";
    }

    /// Fifty frames over the piece as they are composed, by their numbers.
    static QStringList composed(const QString& path) {
        const auto project = load_project(path.toStdString());
        if (!project)
            return {QString::fromStdString(project.error().message())};
        const Curves curves{Schedule(*project)};
        AwaitedFrames frames(QSize(160, 90));
        QStringList hashes;
        const auto length = piece_length(*project).value;
        for (int i = 0; i < 50; ++i) {
            const Frames frame(length * i / 50);
            const auto image = frames.at(curves, frame);
            if (!image)
                return {QString::fromStdString(image.error().message())};
            QCryptographicHash hash(QCryptographicHash::Sha256);
            for (int y = 0; y < image->height(); ++y)
                hash.addData(QByteArrayView(image->constScanLine(y), image->width() * 4));
            hashes << QString("%1 %2").arg(frame.value).arg(QString(hash.result().toHex()));
        }
        return hashes;
    }

private slots:
    void packed_and_moved_it_shows_the_same() {
        const QStringList before = composed(piece());
        QCOMPARE(before.size(), 50);
        QCOMPARE(QSet<QString>(before.begin(), before.end()).size(), 50);
        for (const auto& [name, options] :
             {std::pair("whole", QStringList()),
              std::pair("used with handles", QStringList{"--handles", "12", "--only-used"}),
              std::pair("used alone", QStringList{"--handles", "0"})}) {
            const QString into = file(name);
            const auto packed = cli(QStringList{"pack", piece(), "-o", into} + options);
            QVERIFY2(packed.status == 0, qPrintable(packed.err));
            const QString moved = file(QString("moved <b> %1").arg(name));
            QVERIFY(QDir().rename(into, moved));
            QVERIFY(QDir().rename(file("piece"), file("away"))); // nothing of the old place helps
            const QStringList after = composed(moved + "/kite-day.pulsepin");
            QVERIFY(QDir().rename(file("away"), file("piece")));
            QCOMPARE(after, before);
            QProcess sums;
            sums.setWorkingDirectory(moved);
            sums.start("sha256sum", {"--quiet", "-c", "contents.txt"});
            QVERIFY(sums.waitForFinished() && sums.exitCode() == 0);
            QFile about(moved + "/about.txt");
            QVERIFY(about.open(QIODevice::ReadOnly));
            const QByteArray told = about.readAll();
            QVERIFY2(told.contains("Over the Levee") && told.contains("media/spool.webm"), told.constData());
        }
    }

    // From the folder that the shell stands in.
    void a_name_without_folders_is_one_here() {
        QProcess run;
        run.setWorkingDirectory(dir_.path());
        run.start(PULSEPIN_BINARIES "/pulsepin-cli", {"pack", piece(), "-o", "beside"});
        QVERIFY(run.waitForFinished(60'000) && run.exitCode() == 0);
        QCOMPARE(composed(file("beside") + "/kite-day.pulsepin"), composed(piece()));
    }

    // A film of a minute of which two seconds are seen: only those and their handles go along; a film that
    // layers show as well, and one of which most is seen, go whole.
    void of_long_films_only_what_is_used_goes_along() {
        const QString folder = file("long");
        QVERIFY(QDir().mkpath(folder));
        QProcess make;
        for (const auto& [name, more] :
             {std::pair("a.mp4", QStringList{"-c:v", "libx264", "-g", "25", "-bf", "2"}),
              std::pair("b.mkv", QStringList{"-c:v", "libx264", "-g", "50"}),
              std::pair("c.webm", QStringList{"-c:v", "libvpx", "-g", "25"}),
              std::pair("d.mov", QStringList{"-c:v", "prores_ks"})}) {
            make.start("ffmpeg", QStringList{"-v", "error", "-f", "lavfi", "-i",
                                             "testsrc2=size=160x90:rate=25:duration=40", "-f", "lavfi", "-i",
                                             "sine=frequency=440:duration=40", "-pix_fmt",
                                             QString(name) == "d.mov" ? "yuv422p10le" : "yuv420p",
                                             "-timecode", "01:00:00:00"} +
                                     more + QStringList{"-y", folder + "/" + name});
            QVERIFY(make.waitForFinished(120'000));
            QVERIFY2(make.exitCode() == 0, make.readAllStandardError());
        }
        const QString path = folder + "/p.pulsepin";
        auto run = cli({"new", PULSEPIN_DEMO "/over-the-levee.opus", "-o", path, "--shots", folder + "/a.mp4",
                        folder + "/b.mkv", folder + "/c.webm", folder + "/d.mov", "--rate", "25"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        auto project = *load_project(path.toStdString());
        // Each film twice, from 17.3 and from 20.1 s on, once backwards and once at one and a half its speed.
        const Lane* lane = project.first_lane(body_type<CutBody>);
        std::vector<Pin> pins;
        for (int i = 0; i < 8; ++i)
            pins.push_back({{},
                            TimeAnchor{Seconds(i * 1.2)},
                            CutBody{.shot = (*project.bin)[static_cast<std::size_t>(i % 4)].id,
                                    .in_point = Seconds(i < 4 ? 17.3 : 20.1),
                                    .fade = Frames(i == 3 ? 8 : 0),
                                    .speed = i == 5   ? -100.0
                                             : i == 6 ? 150.0
                                                      : 100.0},
                            {}});
        pins.push_back({{}, TimeAnchor{Seconds(9.6)}, CutBody{}, {}}); // a slate till the end
        QVERIFY(save_project(*with_pins(project, lane->id, pins), path.toStdString()));
        const QStringList before = composed(path);
        QCOMPARE(before.size(), 50);
        run = cli({"pack", path, "-o", file("short"), "--handles", "10"});
        QVERIFY2(run.status == 0 && run.out.contains("of 4 films"), qPrintable(run.out + run.err));
        for (const char* name : {"a.mp4", "b.mkv", "c.webm", "d.mov"}) {
            const auto whole = QFileInfo(folder + "/" + name).size(),
                       part = QFileInfo(file("short") + "/media/" + name).size();
            QVERIFY2(part > 0 && part * 3 < whole, name);
        }
        QCOMPARE(composed(file("short") + "/p.pulsepin"), before);
        // The timecode goes on counting from where the copy begins.
        const auto packed = *load_project((file("short") + "/p.pulsepin").toStdString());
        const Clip& a = packed.bin->front();
        const auto in_point =
            body_of<CutBody>(packed.first_lane(body_type<CutBody>)->pins.front().body).in_point;
        const auto first = *parse_timecode(a.timecode, *FrameRate::make(25, 1));
        QCOMPARE(first.value + std::lround(in_point.value * 25), 3600 * 25 + std::lround(17.3 * 25));

        // What is used of it is told by the schedule, handles included.
        const auto used = used_stretches(Schedule(project = *load_project(path.toStdString())), Frames(10));
        QCOMPARE(used.size(), std::size_t{4});
        QVERIFY(std::abs(used.at(project.bin->front().id).from.value - (17.3 - 0.4)) < 1e-6);
    }

    // What cannot be copied by itself is refused, and leaves nothing.
    void a_part_that_is_none_is_refused() {
        const auto to = std::filesystem::path(file("part.webm").toStdString());
        QVERIFY(!copy_clip_part(PULSEPIN_DEMO "/over-the-levee.opus", to, Seconds(1), Seconds(2)));
        QVERIFY(!copy_clip_part(file("none.mp4").toStdString(), to, Seconds(1), Seconds(2)));
        QVERIFY(!copy_clip_part(PULSEPIN_DEMO "/spool.webm", file("part.unknown").toStdString(), Seconds(1),
                                Seconds(2)));
        QVERIFY(!QFile::exists(file("part.webm")) && !QFile::exists(file("part.unknown")));
    }

    // As one file, tried and listed by Python's zipfile; opened as it is, it says to unpack it; unpacked, it
    // shows the same. A file that is there stays as it is.
    void as_one_file_it_is_read_by_another_program() {
        const QString zip = file("all & <more>.zip");
        auto run = cli({"pack", piece(), "-o", zip, "--formats"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QVERIFY(!QFile::exists(zip + ".making"));
        QProcess python;
        python.start("python3",
                     {"-c",
                      "import sys,zipfile\nz=zipfile.ZipFile(sys.argv[1])\nassert z.testzip() is None\n"
                      "print('\\n'.join(sorted(z.namelist())))\nz.extractall(sys.argv[2])",
                      zip, file("unpacked")});
        QVERIFY(python.waitForFinished(60'000));
        QVERIFY2(python.exitCode() == 0, python.readAllStandardError());
        const QString names = python.readAllStandardOutput();
        for (const char* name : {"kite-day/kite-day.pulsepin", "kite-day/about.txt", "kite-day/contents.txt",
                                 "kite-day/media/spool.webm", "kite-day/formats/kite-day.edl"})
            QVERIFY2(names.contains(name), qPrintable(names));
        QCOMPARE(composed(file("unpacked") + "/kite-day/kite-day.pulsepin"), composed(piece()));
        const auto refused = load_project(zip.toStdString());
        QVERIFY(!refused && refused.error().message().find("Unpack it") != std::string::npos);
        const auto size = QFileInfo(zip).size();
        run = cli({"pack", piece(), "-o", zip});
        QVERIFY(run.status == 1 && run.err.contains("already"));
        QCOMPARE(QFileInfo(zip).size(), size);
        QCOMPARE(cli({"pack", piece(), "-o", file("x"), "--handles", "many"}).status, 1);
        QVERIFY(!QFile::exists(file("x")));
    }
};

PULSEPIN_TEST_CLASS(TestPacks, "test_packs")
#include "test_packs.moc"
