// SPDX-License-Identifier: GPL-3.0-or-later
//
// Pieces without the window: begun with a song and shots, told, found again when they were moved, and used as
// templates on other songs.
#include "hand/files_found.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "media/write_wav.h"
#include "schedule/schedule.h"
#include "schedule/shots.h"
#include "support/command_line.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QDir>
#include <QFile>
#include <nlohmann/json.hpp>

using namespace pulsepin;
using namespace pulsepin::test;
using nlohmann::json;

class TestBeginPieces : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

    static json info(const QString& project) {
        const auto told = cli({"info", project, "--json"});
        return told.status == 0 ? json::parse(told.out.toStdString()) : json();
    }
    /// What is seen from frame to frame.
    static QStringList seen(const QString& path) {
        QStringList all;
        const auto project = load_project(path.toStdString());
        if (!project)
            return {QString::fromStdString(project.error().message())};
        const Schedule schedule(*project);
        for (const auto& lane : project->lanes)
            for (const auto& shot : schedule.spans(lane->id).shots)
                if (const Clip* clip = project->clip(shot.shot))
                    all << QString("%1 %2-%3")
                               .arg(QString::fromStdString(clip->name))
                               .arg(shot.start.value)
                               .arg(shot.end.value);
        return all;
    }

private slots:
    void a_piece_is_begun_with_a_song_and_a_folder_of_shots() {
        const QString shots = file("shots & $more");
        QVERIFY(QDir().mkpath(shots));
        for (const char* name : {"tail.webm", "crowd.webm"})
            QVERIFY(QFile::copy(QString(PULSEPIN_DEMO "/") + name, shots + "/" + name));
        QFile letter(shots + "/letter.txt"), broken(shots + "/broken.mp4");
        QVERIFY(letter.open(QIODevice::WriteOnly) && letter.write("no film") > 0);
        QVERIFY(broken.open(QIODevice::WriteOnly) && broken.write("no film either") > 0);
        letter.close();
        broken.close();
        const QStringList begin{"new",     PULSEPIN_DEMO "/over-the-levee.opus",
                                "-o",      file("p.pulsepin"),
                                "--shots", shots,
                                "--rate",  "25",
                                "--size",  "640x360",
                                "--title", "A <b>title</b>"};
        const auto run = cli(begin);
        QVERIFY2(run.status == 3, qPrintable(run.err)); // one was left out
        QVERIFY2(run.out.contains("118.00 BPM, 4/4") && run.out.contains("2 clips"), qPrintable(run.out));
        QVERIFY(run.err.contains("left out") && run.err.contains("broken.mp4") &&
                !run.err.contains("letter"));
        const auto told = info(file("p.pulsepin"));
        QCOMPARE(told["title"].get<std::string>(), std::string("A <b>title</b>"));
        QCOMPARE(told["frame_rate"].get<std::string>(), std::string("25/1"));
        QCOMPARE(told["picture"].dump(), std::string("[640,360]"));
        QCOMPARE(told["clips"].size(), std::size_t{2});
        QCOMPARE(told["clips"][0]["name"].get<std::string>(), std::string("crowd"));
        QVERIFY(told["missing"].empty());
        QVERIFY(told["grid"]["beats"].get<int>() > 100);
        // It is a piece like any other: cuts on its bars, as an edit list.
        const auto placed = cli({"place", file("p.pulsepin"), "--lane", "cuts", "--of", "downbeats", "--from",
                                 "2.1", "--until", "10.1", "--set", "shots.order=in-turn", "--in-place"});
        QVERIFY2(placed.status == 0 && placed.out.contains("8 cuts placed"),
                 qPrintable(placed.out + placed.err));
        QCOMPARE(cli({"export", file("p.pulsepin"), "--format", "edl", "-o", file("p.edl")}).status, 0);

        QVERIFY(cli(begin).status != 0); // it is there already
        for (const auto& [more, said] :
             {std::pair(QStringList{"--rate", "soon"}, "no frame rate"),
              std::pair(QStringList{"--size", "large"}, "cannot be read"),
              std::pair(QStringList{"--template", file("none.pulsepin")}, "none.pulsepin")}) {
            const auto refused = cli(
                QStringList{"new", PULSEPIN_DEMO "/over-the-levee.opus", "-o", file("q.pulsepin")} + more);
            QVERIFY2(refused.status != 0 && refused.err.contains(said), qPrintable(refused.err));
            QVERIFY(!QFile::exists(file("q.pulsepin")));
        }
        const auto over_song = cli({"new", file("s.opus"), "-o", file("s.opus"), "--force"});
        QVERIFY(over_song.status != 0);
    }

    // The script of the docs: a folder of songs and one of shots become edit lists, checks and short films.
    void the_script_makes_many_pieces() {
        const QString songs = file("songs"), shots = file("some shots"), out = file("out & more");
        QVERIFY(QDir().mkpath(songs) && QDir().mkpath(shots));
        const std::pair<const char*, double> all[] = {{"at 100", 100}, {"at $128", 128}, {"at 90 <b>", 90}};
        for (const auto& [name, bpm] : all)
            QVERIFY(write_wav(*click_track(bpm, 0.5, 30, 44100),
                              std::filesystem::path((songs + "/" + name + ".wav").toStdString())));
        for (const char* name :
             {"tail.webm", "crowd.webm", "spool.webm", "launch.webm", "loop.webm", "landing.webm"})
            QVERIFY(QFile::copy(QString(PULSEPIN_DEMO "/") + name, shots + "/" + name));
        QProcess script;
        auto environment = QProcessEnvironment::systemEnvironment();
        environment.insert("PULSEPIN_CLI", PULSEPIN_BINARIES "/pulsepin-cli");
        script.setProcessEnvironment(environment);
        script.setProcessChannelMode(QProcess::MergedChannels);
        script.start(PULSEPIN_DOCS "/many-pieces", {songs, shots, out});
        QVERIFY(script.waitForFinished(300'000));
        QVERIFY2(script.exitCode() == 0, script.readAll());
        for (const auto& [name, bpm] : all) {
            const QString piece = out + "/" + name;
            QVERIFY(QFile(piece + ".edl").size() > 500 && QFile(piece + ".json").size() > 100);
            QProcess probe;
            probe.start("ffprobe", {"-v", "error", "-count_packets", "-select_streams", "v", "-show_entries",
                                    "stream=nb_read_packets", "-of", "csv=p=0", piece + ".mp4"});
            QVERIFY(probe.waitForFinished(60'000));
            QCOMPARE(probe.readAll().trimmed().replace(",", ""), QByteArray("250"));
            const auto project = load_project((piece + ".pulsepin").toStdString());
            QVERIFY(project.has_value());
            const Schedule schedule(*project);
            const auto& cuts = schedule.pins(project->first_lane(body_type<CutBody>)->id).pins;
            QVERIFY(cuts.size() >= 4);
            // Plain clicks have no bars to be found: wherever the program heard them, cuts lie on their
            // firsts.
            for (const auto& cut : cuts) {
                const double beat = project->grid->beats_at(cut.time).value;
                QVERIFY2(std::abs(beat - std::round(beat)) < 0.1,
                         qPrintable(QString("%1: beat %2").arg(name).arg(beat)));
                QVERIFY(project->grid->is_downbeat(std::llround(beat)));
            }
            QVERIFY(std::abs(project->grid->typical_tempo().value - bpm) < 0.5);
        }
    }

    void what_would_be_placed_is_only_said() {
        const QString piece = file("dry.pulsepin");
        QVERIFY(QFile::copy(PULSEPIN_DEMO "/kite-day.pulsepin", piece));
        QFile before(piece);
        QVERIFY(before.open(QIODevice::ReadOnly));
        const QByteArray bytes = before.readAll();
        const auto said =
            cli({"place", piece, "--lane", "markers", "--of", "downbeats", "--whole", "--dry-run"});
        QVERIFY2(said.status == 0 && said.out.contains("would be placed") && said.out.contains("whole song"),
                 qPrintable(said.out + said.err));
        before.seek(0);
        QCOMPARE(before.readAll(), bytes);
        const auto nowhere = cli({"place", piece, "--lane", "markers", "--dry-run"});
        QVERIFY2(nowhere.status != 0 && nowhere.err.contains("--whole"), qPrintable(nowhere.err));
        QVERIFY(cli({"place", piece, "--lane", "markers", "--from", "1.1", "--in-place"}).status != 0);
    }

    // Moved, renamed, beside others of the same name: found by name, length and content, the same frames
    // after.
    void missing_files_are_found_again() {
        const QString first = file("first"), moved = file("moved & renamed"), deep = moved + "/deep/er";
        QVERIFY(QDir().mkpath(first));
        for (const char* name : {"spool.webm", "launch.webm", "tail.webm", "crowd.webm", "loop.webm",
                                 "landing.webm", "over-the-levee.opus", "kite-day.pulsepin"})
            QVERIFY(QFile::copy(QString(PULSEPIN_DEMO "/") + name, first + "/" + name));
        const auto before = seen(first + "/kite-day.pulsepin");
        QVERIFY(before.size() > 4);
        QVERIFY(QDir().mkpath(deep));
        const QString project = file("kite-day.pulsepin");
        // Away from its files: all are missing.
        QVERIFY(QFile::rename(first + "/kite-day.pulsepin", project));
        QCOMPARE(info(project)["missing"].size(), std::size_t{7});
        const auto nothing = cli({"relink", project, "--find", moved, "-o", file("n.pulsepin")});
        QVERIFY2(nothing.status != 0 && nothing.err.contains("None of the missing files"),
                 qPrintable(nothing.err));
        QVERIFY(!QFile::exists(file("n.pulsepin")));

        QVERIFY(QFile::rename(first + "/spool.webm", deep + "/spool.webm"));
        QVERIFY(QFile::rename(first + "/launch.webm", deep + "/another name.webm")); // by what is in it
        QVERIFY(QFile::rename(first + "/tail.webm", moved + "/tail.webm"));
        QVERIFY(QFile::rename(first + "/loop.webm", moved + "/loop.webm"));
        QVERIFY(QFile::rename(first + "/landing.webm", moved + "/landing.webm"));
        QVERIFY(QFile::rename(first + "/over-the-levee.opus", deep + "/song.opus"));
        // Another film of the same name, of another length; the right one lies deeper.
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc=d=1:s=640x360", moved + "/crowd.webm"}));
        QVERIFY(QFile::rename(first + "/crowd.webm", deep + "/crowd.webm"));
        const auto run = cli({"relink", project, "--find", moved, "-o", file("again.pulsepin")});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        const auto told = info(file("again.pulsepin"));
        QVERIFY2(told["missing"].empty(), told["missing"].dump().c_str());
        QCOMPARE(seen(file("again.pulsepin")), before);
        for (const auto& clip : told["clips"])
            if (clip["name"] == "crowd")
                QVERIFY2(clip["path"].get<std::string>().find("deep") != std::string::npos,
                         clip.dump().c_str());
        QVERIFY(cli({"relink", file("again.pulsepin"), "--find", moved, "-o", file("x.pulsepin")})
                    .out.contains("nothing is missing"));
        QVERIFY(cli({"relink", project, "--find", file("no such folder"), "-o", file("x.pulsepin")}).status !=
                0);
    }

    // All of a piece in one folder that can be moved: the same frames, and sums that another program proves.
    void a_pack_moves_with_all_that_it_needs() {
        const QString demo = PULSEPIN_DEMO "/kite-day-composed.pulsepin";
        const QString folder = file("a pack & more"), moved = file("elsewhere");
        const auto run = cli({"pack", demo, "-o", folder});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QVERIFY2(run.out.contains("7 files"), qPrintable(run.out));
        QProcess sums;
        sums.setWorkingDirectory(folder);
        sums.start("sha256sum", {"--check", "--strict", "contents.txt"});
        QVERIFY(sums.waitForFinished(60'000));
        QVERIFY2(sums.exitCode() == 0, sums.readAll());
        QVERIFY(QDir().rename(folder, moved));
        const QString piece = moved + "/kite-day-composed.pulsepin";
        QVERIFY(info(piece)["missing"].empty());
        for (const auto& clip : info(piece)["clips"])
            QVERIFY2(clip["path"].get<std::string>().find("elsewhere/media/") != std::string::npos,
                     clip.dump().c_str());
        QCOMPARE(seen(piece), seen(demo));
        for (const char* frame : {"0", "300", "650", "800", "1200"}) {
            QByteArray pictures[2];
            for (int i = 0; i < 2; ++i) {
                const QString png = file(QString("frame%1.png").arg(i));
                QVERIFY(
                    cli({"picture", i == 0 ? demo : piece, "--frame", frame, "-o", png, "--force"}).status ==
                    0);
                QFile read(png);
                QVERIFY(read.open(QIODevice::ReadOnly));
                pictures[i] = read.readAll();
            }
            QVERIFY2(pictures[0].size() > 1000 && pictures[0] == pictures[1], frame);
        }
        // What a folder holds is left alone, and what was begun goes again.
        const QString mine = file("mine");
        QVERIFY(QDir().mkpath(mine));
        QFile letter(mine + "/letter.txt");
        QVERIFY(letter.open(QIODevice::WriteOnly) && letter.write("a letter") == 8);
        letter.close();
        const auto refused = cli({"pack", demo, "-o", mine});
        QVERIFY2(refused.status != 0 && refused.err.contains("not empty"), qPrintable(refused.err));
        QCOMPARE(QDir(mine).entryList(QDir::NoDotAndDotDot | QDir::AllEntries), QStringList{"letter.txt"});
        QVERIFY(cli({"pack", demo, "-o", file("no/such/folder")}).status != 0);
        // A clip that is not there is told, and the rest is packed.
        QVERIFY(QFile::copy(demo, file("alone.pulsepin")));
        const auto alone = cli({"pack", file("alone.pulsepin"), "-o", file("alone pack")});
        QVERIFY2(alone.status == 0 && alone.err.count("missing: ") == 7, qPrintable(alone.out + alone.err));
    }

    // What lay on bars lies on the same bars of another song; what it has no room for is told.
    void a_piece_is_a_template_for_another_song() {
        const auto path = std::filesystem::path(file("other.wav").toStdString());
        QVERIFY(write_wav(*click_track(100, 0.6, 40, 44100), path));
        const auto run =
            cli({"new", file("other.wav"), "--template", PULSEPIN_DEMO "/kite-day-in-motion.pulsepin", "-o",
                 file("t.pulsepin"), "--shot", "tail=" PULSEPIN_DEMO "/crowd.webm"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QVERIFY2(run.err.contains("behind the end of the song"), qPrintable(run.err));
        const auto before = load_project(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin"),
                   after = load_project(file("t.pulsepin").toStdString());
        QVERIFY(before && after);
        QVERIFY(std::abs(after->grid->typical_tempo().value - 100) < 0.5);
        const Lane &was = *before->first_lane(body_type<CutBody>),
                   &is = *after->first_lane(body_type<CutBody>);
        const auto places = [](const Project& project, const Lane& lane) {
            QStringList all;
            for (const auto& pin : lane.pins)
                if (const auto* musical = std::get_if<MusicalAnchor>(&pin.anchor))
                    if (project.grid->time_at(musical->at) < Seconds(40))
                        all << QString::number(musical->at.value);
            return all;
        };
        QVERIFY(places(*after, is).size() > 3);
        for (const auto& place : places(*after, is))
            QVERIFY2(places(*before, was).contains(place), qPrintable(place));
        // Cuts that lay on bars lie on those of the new song: 2.4 s each, from its first beat on.
        const Schedule schedule(*after);
        for (const auto& pin : schedule.pins(is.id).pins) {
            QVERIFY(pin.time < after->song->duration());
            const double bars = (pin.time.value - after->grid->time_at(Ticks(0)).value) / 2.4;
            QVERIFY2(std::abs(bars - std::round(bars)) < 0.05, qPrintable(QString::number(bars)));
        }
        QCOMPARE(after->stage->layers.size(), before->stage->layers.size());
        const auto tail = std::ranges::find(*after->bin, std::string("tail"), &Clip::name);
        QVERIFY(tail != after->bin->end() && tail->path.filename() == "crowd.webm");
        QVERIFY(cli({"check", file("t.pulsepin")}).status <= 1);
        const auto nobody = cli({"new", file("other.wav"), "--template", PULSEPIN_DEMO "/kite-day.pulsepin",
                                 "-o", file("u.pulsepin"), "--shot", "nobody=x.webm"});
        QVERIFY(nobody.status != 0 && nobody.err.contains("no shot called"));
        QVERIFY(!QFile::exists(file("u.pulsepin")));
        const auto silent = file("silence.wav");
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "anullsrc=r=44100:d=8", "-t", "8", silent}));
        const auto beatless =
            cli({"new", silent, "--template", PULSEPIN_DEMO "/kite-day.pulsepin", "-o", file("v.pulsepin")});
        QVERIFY2(beatless.status != 0 && beatless.err.contains("No beats were found"),
                 qPrintable(beatless.err));
    }
};

PULSEPIN_TEST_CLASS(TestBeginPieces, "test_begin_pieces")
#include "test_begin_pieces.moc"
