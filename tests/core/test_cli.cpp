// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/project_file.h"
#include "media/load_sound.h"
#include "support/command_line.h"
#include "support/test_program.h"

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <nlohmann/json.hpp>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

const QString song = PULSEPIN_DEMO "/over-the-levee.opus";
const QString project = PULSEPIN_DEMO "/kite-day.pulsepin";

} // namespace

class TestCli : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

private slots:
    void analyze_writes_what_was_found() {
        const auto run = cli({"analyze", song, "--json", file("a.json")});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QFile out(file("a.json"));
        QVERIFY(out.open(QIODevice::ReadOnly));
        const auto j = nlohmann::json::parse(out.readAll().toStdString());
        QVERIFY(std::abs(j["duration"].get<double>() - 64.6745) < 0.05);
        QVERIFY(std::abs(j["tempo"].get<double>() - 118) < 0.1);
        QCOMPARE(j["metre"].get<std::string>(), "4/4");
        for (const char* list : {"beats", "downbeats", "onsets", "kick", "snare", "hat", "sections"}) {
            const auto times = j[list].get<std::vector<double>>();
            QVERIFY2(times.size() > 2 && std::is_sorted(times.begin(), times.end()), list);
        }
        for (const auto& [list, beside] :
             {std::pair{"beats", "beats_confidence"}, std::pair{"downbeats", "downbeats_confidence"},
              std::pair{"onsets", "onsets_strength"}, std::pair{"hat", "hat_strength"},
              std::pair{"sections", "sections_label"},
              std::pair{"tempo_candidates", "tempo_candidates_confidence"},
              std::pair{"loudness_short_term", "loudness_short_term_times"}})
            QCOMPARE(j[list].size(), j[beside].size());
        QVERIFY(j["loudness"].get<double>() < -5 && j["loudness"].get<double>() > -40);
    }

    /// A folder of songs in parts, by several machines: each song once, and what is there is not done again.
    void analyze_in_parts() {
        QDir(dir_.path()).mkpath("songs");
        QDir(dir_.path()).mkpath("found");
        for (const char* name : {"a.opus", "b.opus", "c.opus"})
            QVERIFY(QFile::copy(song, file(QString("songs/%1").arg(name))));
        QVERIFY(QFile::copy(project, file("songs/no-song.txt")));
        const auto found = [&] { return QDir(file("found")).entryList(QDir::Files, QDir::Name); };
        auto run =
            cli({"analyze", file("songs"), "--part", "2/2", "--json", file("found"), "--features", "tempo"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QCOMPARE(found(), QStringList{"b.json"});
        const auto made = QFileInfo(file("found/b.json")).lastModified();
        QCOMPARE(
            cli({"analyze", file("songs"), "--part", "1/2", "--json", file("found"), "--features", "tempo"})
                .status,
            0);
        QCOMPARE(found(), (QStringList{"a.json", "b.json", "c.json"}));
        QCOMPARE(
            cli({"analyze", file("songs"), "--part", "2/2", "--json", file("found"), "--features", "tempo"})
                .status,
            0);
        QCOMPARE(QFileInfo(file("found/b.json")).lastModified(), made);
        QCOMPARE(cli({"analyze", file("songs"), "--part", "3/2", "--json", file("found")}).status, 1);
        QCOMPARE(cli({"analyze", file("found"), "--json", file("found")}).status, 1); // no songs in it
    }
    /// Films and their parts; what is wrong is told and leaves nothing behind.
    void render_and_join() {
        const QStringList small{"--size", "160x90", "--frames", "0-300", "--quiet"};
        auto run = cli(QStringList{"render", project, "--in-stretches", "-o", file("f.mp4")} + small);
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QVERIFY(QFile(file("f.mp4")).size() > 10'000);
        for (const char* part : {"1/2", "2/2"})
            QCOMPARE(cli(QStringList{"render", project, "--part", part, "-o",
                                     file(QString("part%1").arg(part[0]))} +
                         small)
                         .status,
                     0);
        const auto made = QFileInfo(file("part1")).lastModified();
        QCOMPARE(cli(QStringList{"render", project, "--part", "1/2", "-o", file("part1")} + small).status, 0);
        QCOMPARE(QFileInfo(file("part1")).lastModified(), made); // it was there
        QCOMPARE(cli({"join", file("part2"), file("part1"), "-o", file("j.mp4")}).status, 0);
        QCOMPARE(QFile(file("j.mp4")).size(), QFile(file("f.mp4")).size());
        QCOMPARE(cli(QStringList{"render", project, "-o", file("one.mp4")} + small).status, 0);
        QVERIFY(QFile(file("one.mp4")).size() < QFile(file("f.mp4")).size());
        QCOMPARE(cli({"join", file("part1"), "-o", file("k.mp4")}).status, 1);
        QCOMPARE(cli(QStringList{"render", project, "-o", file("f.mp4")} + small).status, 1); // it is there
        QCOMPARE(cli(QStringList{"render", project, "-o", song, "--force"} + small).status, 1);
        // A part may have any name, and is of the same film.
        QCOMPARE(cli(QStringList{"render", project, "--part", "1/2", "-o", file("part.mkv")} + small).status,
                 0);
        QCOMPARE(cli({"join", file("part.mkv"), file("part2"), "-o", file("m.mp4")}).status, 0);
        QCOMPARE(QFile(file("m.mp4")).size(), QFile(file("f.mp4")).size());
        // The name tells what kind of film it is; not against a target or a kind that was told.
        QCOMPARE(cli(QStringList{"render", project, "-o", file("name.WEBM")} + small).status, 0);
        QFile webm(file("name.WEBM"));
        QVERIFY(webm.open(QIODevice::ReadOnly) && webm.read(64).contains("webm")); // its DocType (RFC 9559)
        for (const QStringList& other : {QStringList{"--target", "web"}, QStringList{"--format", "h264"},
                                         QStringList{"--format", "ffv1"}})
            QCOMPARE(cli(QStringList{"render", project, "-o", file("n.webm")} + small + other).status, 1);
        for (const QStringList& wrong :
             {QStringList{"--target", "nothing"}, QStringList{"--format", "nothing"},
              QStringList{"--size", "161"}, QStringList{"--shape", "nothing"}, QStringList{"--frames", "9-3"},
              QStringList{"--part", "0/2"}, QStringList{"--draw-in", "nothing"}})
            QCOMPARE(cli(QStringList{"render", project, "-o", file("wrong.mp4")} + wrong).status, 1);
        QVERIFY(!QFile::exists(file("wrong.mp4")));
    }

    /// Status 0: nothing found, 1: findings, 2: could not be checked.
    void check_tells_by_its_status() {
        auto run = cli({"check", project, "--only", "off-beat,same-frame"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QVERIFY(run.out.contains("All 6 cuts within half a frame") && run.out.contains("nothing found"));
        run = cli({"check", project, "--only", "off-beat", "--limit", "cuts=10ms", "--json",
                   file("check.json"), "--csv", file("check.csv")});
        QVERIFY2(run.status == 1, qPrintable(run.err));
        QVERIFY(run.out.contains("within 10 ms"));
        QFile out(file("check.json"));
        QVERIFY(out.open(QIODevice::ReadOnly));
        const auto j = nlohmann::json::parse(out.readAll().toStdString());
        QCOMPARE(j["format"].get<std::string>(), "pulsepin-check");
        QCOMPARE(j["limits"]["cuts"].get<double>(), 10.0);
        for (const auto& finding : j["findings"]) {
            QCOMPARE(finding["check"].get<std::string>(), "off-beat");
            QVERIFY(std::abs(finding["amount"].get<double>()) > 10);
        }
        QVERIFY(j["sync"].size() > 10 && j["grid"]["trust"].size() == 31);
        QVERIFY(QFile::exists(file("check.csv")));
        // All of it, with a report to print, of a piece whose last shot is over before the song is.
        run = cli({"check", PULSEPIN_DEMO "/kite-day-with-findings.pulsepin", "--pdf", file("check.pdf")});
        QCOMPARE(run.status, 1);
        QVERIFY(run.out.contains("short-material") && QFile(file("check.pdf")).size() > 5000);
        // What cannot be done.
        QCOMPARE(cli({"check", file("nothing.pulsepin")}).status, 2);
        QCOMPARE(cli({"check", project, "--only", "nothing"}).status, 2);
        QCOMPARE(cli({"check", project, "--limit", "cuts=many"}).status, 2);
        QCOMPARE(cli({"check", project, "--wrong"}).status, 2);
        run = cli({"check", project, "--only", "off-beat", "--json", file("check.json")});
        QCOMPARE(run.status, 2); // it is there already
        QCOMPARE(cli({"check", project, "--only", "off-beat", "--json", project, "--force"}).status, 2);
        QVERIFY(QFile(project).size() > 1000);
        QCOMPARE(cli({"check", project, "--only", "off-beat", "--quiet"}).out, QString());
    }

    void analyze_tells_what_is_asked_for_only() {
        const auto run = cli({"analyze", song, "--features", "tempo,beats", "--tempo-range", "50-70"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        const auto j = nlohmann::json::parse(run.out.toStdString());
        QVERIFY(j.contains("beats") && !j.contains("onsets") && !j.contains("sections"));
        QVERIFY(std::abs(j["tempo"].get<double>() - 59) < 1); // half of 118, as asked for
    }

    void a_full_disk_is_told() {
        QProcess process;
        process.setStandardOutputFile("/dev/full"); // every write to it fails for want of room, see full(4)
        process.start(PULSEPIN_BINARIES "/pulsepin-cli", {"analyze", song, "--features", "tempo"});
        QVERIFY(process.waitForFinished(120'000));
        QVERIFY(process.exitCode() != 0);
        QVERIFY(process.readAllStandardError().contains("could not be written"));
    }

    void several_songs_at_once_each_get_a_file() {
        QDir().mkpath(file("many"));
        QStringList songs;
        for (int i = 0; i < 3; ++i) {
            songs << file(QString("copy %1.opus").arg(i));
            QVERIFY(QFile::copy(song, songs.back()));
        }
        songs << file("missing.opus");
        const auto run = cli(QStringList{"analyze"} + songs + QStringList{"--json", file("many")});
        QVERIFY(run.status != 0 && run.err.contains("missing.opus")); // told, and the others are there
        QByteArray first;
        for (int i = 0; i < 3; ++i) {
            QFile out(file(QString("many/copy %1.json").arg(i)));
            QVERIFY(out.open(QIODevice::ReadOnly));
            const auto text = out.readAll();
            QVERIFY(text.size() > 1000 && (first.isEmpty() || text == first));
            first = text;
        }
        QVERIFY(cli(QStringList{"analyze"} + songs.mid(0, 1) +
                    QStringList{"--threads", "1", "--json", file("one.json")})
                    .status == 0);
        QFile one(file("one.json"));
        QVERIFY(one.open(QIODevice::ReadOnly) && one.readAll() == first); // whatever the number of threads
    }

    void place_makes_another_project() {
        const auto run = cli({"place", project, "--lane", "cuts", "--every", "2", "--from", "13.1", "--until",
                              "21.1", "-o", file("p.pulsepin")});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QCOMPARE(run.out.trimmed(), "16 cuts placed: beats, every 2nd, 13.1 until 21.1");
        const auto before = load_project(project.toStdString()),
                   after = load_project(file("p.pulsepin").toStdString());
        QVERIFY(before && after);
        QCOMPARE(after->first_lane(body_type<CutBody>)->pins.size(),
                 before->first_lane(body_type<CutBody>)->pins.size() + 16);
        QCOMPARE(after->song->path, before->song->path);
    }

    void place_says_how_each_differs() {
        const QStringList flashes{"place", project, "--lane",           "Flash",  "--from", "1.1", "--until",
                                  "3.1",   "-o",    file("f.pulsepin"), "--force"};
        const auto strengths = [&] {
            std::vector<double> all;
            const auto after = load_project(file("f.pulsepin").toStdString());
            const auto before = load_project(project.toStdString());
            for (const auto& pin : after->first_lane(body_type<TriggerBody>)->pins)
                if (!before->pin(pin.id)) {
                    const auto& body = body_of<TriggerBody>(pin.body);
                    all.push_back(body.effect == "zoom" ? body.strength : -1);
                }
            return all;
        };
        const auto run = cli(
            flashes + QStringList{"--set", "pin.effect=zoom", "varies.strength=alternates", "varies.low=25"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QCOMPARE(strengths(), (std::vector<double>{100, 25, 100, 25, 100, 25, 100, 25}));
        const auto of_cuts = cli(flashes + QStringList{"--set", "shots.order=at-random"});
        QVERIFY(of_cuts.status != 0 && of_cuts.err.contains("shots. is of cuts"));
        const auto unknown = cli(flashes + QStringList{"--set", "varies.speed=3"});
        QVERIFY(unknown.status != 0 && unknown.err.contains("speed"));
    }

    void edit_does_what_is_done_by_hand() {
        const auto run = cli({"edit", project, "--do", "move", "--set", "beats=2", "--lane", "markers", "-o",
                              file("moved.pulsepin")});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        const auto before = load_project(project.toStdString()),
                   after = load_project(file("moved.pulsepin").toStdString());
        QVERIFY(before && after);
        const auto& old = before->first_lane(body_type<MarkerBody>)->pins;
        const auto& now = after->first_lane(body_type<MarkerBody>)->pins;
        QCOMPARE(now.size(), old.size());
        for (std::size_t i = 0; i < old.size(); ++i)
            if (const auto* musical = std::get_if<MusicalAnchor>(&old[i].anchor))
                QCOMPARE(std::get<MusicalAnchor>(now[i].anchor).at, musical->at + Ticks(2 * ticks_per_beat));
        QVERIFY(after->first_lane(body_type<CutBody>)->pins == before->first_lane(body_type<CutBody>)->pins);
        const auto marked =
            cli({"edit", project, "--do", "mark-clip", "--at", "14.2", "-o", file("marked.pulsepin")});
        QVERIFY2(marked.status == 0 && marked.out.contains("it travels with it"),
                 qPrintable(marked.out + marked.err));
        for (const QStringList& wrong :
             {QStringList{"--do", "dance"}, QStringList{"--do", "move", "--set", "bars=1"},
              QStringList{"--do", "roll", "--lane", "nowhere"}, QStringList{"--do", "swap-with-next"}}) {
            const auto refused = cli(QStringList{"edit", project, "-o", file("never.pulsepin")} + wrong);
            QVERIFY2(refused.status == 1 && !refused.err.isEmpty(), qPrintable(refused.out));
            QVERIFY(!QFile::exists(file("never.pulsepin")));
        }
    }

    /// Layers, lanes and the grid are begun and changed without a window.
    void a_piece_is_put_together_by_edits() {
        const QString made = file("made.pulsepin");
        const auto edit = [&](const QStringList& arguments) {
            const auto run = cli(QStringList{"edit", made, "--in-place", "--do"} + arguments);
            return run.status == 0 ? QString() : arguments.join(' ') + ": " + run.err;
        };
        QVERIFY(QFile::copy(project, made));
        for (const char* clip : {"spool", "launch", "tail", "crowd", "loop", "landing"})
            QFile::link(QString(PULSEPIN_DEMO "/%1.webm").arg(clip), file(QString("%1.webm").arg(clip)));
        QFile::link(PULSEPIN_DEMO "/over-the-levee.opus", file("over-the-levee.opus"));
        for (const QStringList& arguments :
             {QStringList{"add-layer", "--set", "kind=title", "--set", "name=Words", "--set",
                          "text=over the levee"},
              QStringList{"set-layer", "--set", "layer=Words", "--set", "parameter=scale", "--set",
                          "value=60"},
              QStringList{"add-effect", "--set", "layer=Words", "--set", "effect=glow"},
              QStringList{"hit", "--set", "row=kick", "--set", "layer=Words", "--set", "parameter=glow"},
              QStringList{"picture-size", "--set", "width=1080", "--set", "height=1920"},
              QStringList{"tempo-ratio"}})
            QCOMPARE(edit(arguments), QString());
        const auto piece = load_project(made.toStdString());
        QVERIFY(piece);
        QCOMPARE(piece->settings->picture_height, 1920);
        QVERIFY(std::abs(piece->grid->typical_tempo().value - 59) < 0.1);
        const Lane& pulses = *piece->lanes.back();
        QCOMPARE(part_of<Motion>(pulses)->own.target.parameter, std::string("glow"));
        QVERIFY(pulses.pins.size() > 40);
        QVERIFY(
            edit({"add-effect", "--set", "layer=Nobody", "--set", "effect=glow"}).contains("There are: "));
        QVERIFY(same_content(*load_project(made.toStdString()), *piece)); // what fails changes nothing
    }

    // All at once into a folder: each way out as it is by itself, nothing else touched, nothing replaced
    // unasked.
    void export_writes_all_formats_at_once() {
        QTemporaryDir folder;
        const QString out = folder.filePath("handed on"), letter = folder.filePath("letter.txt");
        QVERIFY(QFile::copy(PULSEPIN_DEMO "/README.md", letter));
        const auto run = cli({"export", PULSEPIN_DEMO "/kite-day-in-motion.pulsepin", "--all", out});
        QCOMPARE(run.status, 0);
        const auto names = QDir(out).entryList(QDir::Files);
        QVERIFY2(names.size() >= 14, qPrintable(names.join(' ')));
        QCOMPARE(run.out.count('\n'), names.size());
        for (const auto& line : run.out.split('\n', Qt::SkipEmptyParts))
            QVERIFY2(names.contains(line.section("  ", 0, 0)), qPrintable(line));
        QVERIFY2(run.err.contains("words-csv: not written."), qPrintable(run.err)); // there are no words
        // The same bytes as alone.
        for (const auto& [id, name] : {std::pair("edl", "kite-day-in-motion.edl"),
                                       std::pair("frames-csv", "kite-day-in-motion-frames-csv.csv"),
                                       std::pair("otio", "kite-day-in-motion.otio")}) {
            const auto alone =
                cli({"export", PULSEPIN_DEMO "/kite-day-in-motion.pulsepin", "--format", id, "-o", "-"});
            QFile file(QDir(out).filePath(name));
            QVERIFY2(file.open(QIODevice::ReadOnly), name);
            QCOMPARE(QString::fromUtf8(file.readAll()), alone.out);
        }
        // A second time it is refused by name, and nothing is written; with --force these files alone are.
        QFile kept(QDir(out).filePath("kite-day-in-motion.edl"));
        QVERIFY(kept.open(QIODevice::WriteOnly) && kept.write("mine") == 4);
        kept.close();
        const auto again = cli({"export", PULSEPIN_DEMO "/kite-day-in-motion.pulsepin", "--all", out});
        QVERIFY(again.status != 0 && again.err.contains("kite-day-in-motion.edl"));
        QCOMPARE(kept.size(), 4);
        QVERIFY(QFile::copy(letter, QDir(out).filePath("letter.txt")));
        QCOMPARE(
            cli({"export", PULSEPIN_DEMO "/kite-day-in-motion.pulsepin", "--all", out, "--force"}).status, 0);
        QVERIFY(kept.size() > 4);
        QCOMPARE(QDir(out).entryList(QDir::Files).size(), names.size() + 1);
        // What cannot be: one file beside it, a folder in no folder.
        QVERIFY(cli({"export", PULSEPIN_DEMO "/kite-day.pulsepin", "--all", out, "-o", "x.edl"}).status != 0);
        QVERIFY(cli({"export", PULSEPIN_DEMO "/kite-day.pulsepin", "--all", out + "/no/such"}).status != 0);
        QVERIFY(cli({"export", PULSEPIN_DEMO "/kite-day.pulsepin"}).status != 0);
    }

    void export_writes_each_format() {
        for (const QString format : {"edl", "csv", "vtt"}) {
            const auto run = cli({"export", project, "--format", format, "-o", file("x." + format)});
            QVERIFY2(run.status == 0, qPrintable(run.err));
            QVERIFY(QFileInfo(file("x." + format)).size() > 50);
        }
    }

    void a_part_of_the_song_is_written() {
        const auto run =
            cli({"sound", project, "--part", "percussive", "--side", "left", "-o", file("part.wav")});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        const auto part = load_sound(file("part.wav").toStdString());
        QVERIFY(part.has_value());
        QCOMPARE(part->samples->format().channels, 1);
        const auto whole = load_sound(song.toStdString());
        QCOMPARE(part->samples->length().value, whole->samples->length().value);
        for (const QStringList& wrong : {QStringList{"--part", "loud"}, QStringList{"--of", "nowhere"}}) {
            const auto refused = cli(QStringList{"sound", project, "-o", file("never.wav")} + wrong);
            QVERIFY2(refused.status == 1 && refused.err.contains(wrong[1]), qPrintable(refused.err));
            QVERIFY(!QFile::exists(file("never.wav")));
        }
        QCOMPARE(cli({"sound", project, "-o", song, "--force"}).status, 1); // an input is never written over
    }

    // A frame as the window composes it, its shot and its letters included.
    void a_frame_is_written_as_a_picture() {
        const QString moving = PULSEPIN_DEMO "/kite-day-in-motion.pulsepin";
        QVERIFY(QFileInfo::exists(moving));
        const auto run = cli({"picture", moving, "--frame", "672", "--size", "320x180", "-o", file("f.png")});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QFile made(file("f.png"));
        QVERIFY(made.open(QIODevice::ReadOnly));
        const QByteArray png =
            made.readAll(); // width and height stand after the first chunk's name (PNG, RFC 2083)
        QVERIFY(png.size() > 10'000 && png.mid(12, 4) == "IHDR");
        QCOMPARE(static_cast<unsigned char>(png[18]) * 256 + static_cast<unsigned char>(png[19]), 320);
        QCOMPARE(static_cast<unsigned char>(png[23]), 180);
        QCOMPARE(cli({"picture", moving, "--frame", "672", "--size", "320x180", "-o", file("g.png")}).status,
                 0);
        QFile again(file("g.png"));
        QVERIFY(again.open(QIODevice::ReadOnly) && again.readAll() == png);
        const auto refused =
            cli({"picture", moving, "--frame", "1", "--size", "large", "-o", file("never.png")});
        QVERIFY(refused.status == 1 && refused.err.contains("large") && !QFile::exists(file("never.png")));
        const auto beyond = cli({"picture", moving, "--frame", "99999", "-o", file("never.png")});
        QCOMPARE(beyond.status, 1);
        QVERIFY(beyond.err.contains("no frame 99999"));
        QVERIFY(!QFile::exists(file("never.png")));
        QCOMPARE(cli({"picture", moving, "--frame", "1", "-o", song, "--force"}).status, 1);
        QCOMPARE(cli({"picture", moving, "--frame", "1", "-o", file("f.png")}).status, 1);
    }

    void inputs_are_never_written_over() {
        QVERIFY(QFile::copy(song, file("mine.opus")) && QFile::copy(project, file("mine.pulsepin")));
        const QStringList in_demo{PULSEPIN_DEMO "/loop.webm", song};
        const auto bytes = [](const QString& path) {
            QFile in(path);
            return in.open(QIODevice::ReadOnly) ? in.readAll() : QByteArray();
        };
        const auto mine = bytes(file("mine.opus")), own = bytes(file("mine.pulsepin"));
        const QStringList place{"place", file("mine.pulsepin"), "--lane", "cuts", "--from", "13.1", "--until",
                                "15.1"};
        for (const QStringList& arguments :
             {QStringList{"analyze", file("mine.opus"), "--json", file("mine.opus")},
              QStringList{"export", file("mine.pulsepin"), "--format", "csv", "-o", file("mine.pulsepin")},
              QStringList{"export", project, "--format", "csv", "-o", song},
              place + QStringList{"-o", file("mine.pulsepin")}, place})
            for (const bool force : {false, true}) {
                const auto run = cli(force ? arguments + QStringList{"--force"} : arguments);
                QCOMPARE(run.status, 1);
                QVERIFY2(run.err.contains("written over") || run.err.contains("--in-place"),
                         qPrintable(run.err));
            }
        QVERIFY(bytes(file("mine.opus")) == mine && bytes(file("mine.pulsepin")) == own);
        QVERIFY(cli(place + QStringList{"--in-place"}).status == 0); // said on purpose
        QVERIFY(bytes(file("mine.pulsepin")) != own);
        // Another file is replaced only with --force.
        QCOMPARE(cli({"export", project, "--format", "csv", "-o", file("there.csv")}).status, 0);
        const auto again = cli({"export", project, "--format", "csv", "-o", file("there.csv")});
        QVERIFY(again.status == 1 && again.err.contains("--force"));
        QCOMPARE(cli({"export", project, "--format", "csv", "-o", file("there.csv"), "--force"}).status, 0);
    }

    void a_missing_song_is_told_unless_it_is_not_needed() {
        const QString moving = PULSEPIN_DEMO "/kite-day-in-motion.pulsepin";
        auto alone = load_project(moving.toStdString());
        QVERIFY(alone.has_value());
        Song gone = *alone->song;
        gone.path = file("gone.opus").toStdString();
        alone->song = std::make_shared<const Song>(gone);
        QVERIFY(save_project(*alone, file("alone.pulsepin").toStdString()).has_value());
        const auto curves =
            cli({"export", file("alone.pulsepin"), "--format", "frames-csv", "-o", file("f.csv")});
        QCOMPARE(curves.status, 1);
        QVERIFY2(curves.err.contains("gone.opus"), qPrintable(curves.err));
        QVERIFY(!QFile::exists(file("f.csv")));
        QCOMPARE(cli({"export", file("alone.pulsepin"), "--format", "edl", "-o", file("f.edl")}).status, 0);
    }

    void errors_are_plain_words_and_a_status() {
        QFile words(file("words.mp3"));
        QVERIFY(words.open(QIODevice::WriteOnly));
        words.write("not music at all");
        words.close();
        const std::pair<QStringList, const char*> cases[] = {
            {{"analyze", file("none.wav")}, "does not exist"},
            {{"analyze", file("words.mp3"), "--json", file("w.json")}, "not a sound or video file"},
            {{"analyze", song, "--features", "beats,dreams"}, "no feature called"},
            {{"analyze", song, "--tempo-range", "fast"}, "tempo range"},
            {{"analyze", song, "--tempo-range", "90-5000"}, "tempo range"},
            {{"analyze", song, song, "--json", file("no folder")}, "folder"},
            {{"place", project, "--lane", "dreams", "--from", "1.1", "--until", "2.1", "-o", file("n")},
             "no lane called"},
            {{"place", project, "--lane", "cuts", "--from", "soon", "--until", "2.1", "-o", file("n")},
             "not a place in the music"},
            {{"place", song, "--lane", "cuts", "--from", "1.1", "--until", "2.1", "-o", file("n")},
             "not a Pulse Pin project"},
            {{"export", project, "--format", "pdf", "-o", file("n")}, "no export format"},
            {{"export", project, "--format", "edl", "-o", file("no/such/n")}, "could not be saved"},
            {{}, "subcommand"},
            {{"analyze"}, "required"},
        };
        for (const auto& [arguments, words_said] : cases) {
            const auto run = cli(arguments);
            QVERIFY2(run.status != 0, qPrintable(arguments.join(' ')));
            QVERIFY2(run.err.contains(words_said), qPrintable(run.err));
        }
        QVERIFY(!QFile::exists(file("n")) && !QFile::exists(file("w.json")));
    }

    // Manual page and completion are made of the same rows as --help: every command is in them, and what
    // reads them finds nothing wrong.
    void it_describes_itself() {
        const QString help = cli({"--help"}).out;
        QStringList commands;
        bool listed = false;
        for (const auto& line : help.split('\n')) {
            listed = listed || line.startsWith("Subcommands:");
            if (listed && line.startsWith("  ") && line.size() > 2 && line[2].isLower())
                commands << line.trimmed().section(' ', 0, 0);
        }
        QVERIFY2(commands.size() > 20, qPrintable(help));
        const Run man = cli({"describe", "man"});
        QCOMPARE(man.status, 0);
        for (const auto& command : commands)
            QVERIFY2(man.out.contains("\n.SS " + QString(command).replace("-", "\\-") + "\n"),
                     qPrintable(command));
        QTemporaryDir dir;
        const auto write = [&](const char* name, const QString& text) {
            QFile file(dir.filePath(name));
            return file.open(QIODevice::WriteOnly) && file.write(text.toUtf8()) > 0;
        };
        QVERIFY(write("cli.1", man.out) && write("cli.bash", cli({"describe", "bash"}).out) &&
                write("_cli", cli({"describe", "zsh"}).out));
        QProcess groff;
        groff.start("groff", {"-k", "-man", "-ww", "-Wbreak", "-Tutf8", dir.filePath("cli.1")});
        if (groff.waitForFinished()) { // else it is not installed
            QCOMPARE(groff.readAllStandardError(), QByteArray());
            QVERIFY(groff.readAllStandardOutput().contains("light"));
        }
        const auto completed = [&](const QString& words, int at) {
            QProcess bash;
            bash.start("bash", {"-c", QString("source '%1'; COMP_WORDS=(%2); COMP_CWORD=%3; _pulsepin_cli; "
                                              "printf '%s ' \"${COMPREPLY[@]}\"")
                                          .arg(dir.filePath("cli.bash"), words)
                                          .arg(at)});
            bash.waitForFinished();
            return QString::fromUtf8(bash.readAllStandardOutput() + bash.readAllStandardError()).trimmed();
        };
        QCOMPARE(completed("pulsepin-cli exp", 1), QString("export"));
        QCOMPARE(completed("pulsepin-cli export --form", 2), QString("--format"));
        QCOMPARE(completed("pulsepin-cli light-play --rec", 2), QString("--record"));
        QProcess zsh;
        zsh.start("zsh", {"-n", dir.filePath("_cli")});
        if (zsh.waitForFinished()) // else it is not installed
            QCOMPARE(zsh.readAllStandardError(), QByteArray());
        QVERIFY(!help.contains("describe"));
    }
};

PULSEPIN_TEST_CLASS(TestCli, "test_cli")
#include "test_cli.moc"
