// SPDX-License-Identifier: GPL-3.0-or-later
//
// The way from a song to what is handed on without the window: each command, what it says of wrong words, and
// with which status it ends.
#include "base/nearest_word.h"
#include "hand/hand_edits.h"
#include "interchange/project_file.h"
#include "media/write_wav.h"
#include "schedule/schedule.h"
#include "support/command_line.h"
#include "support/media.h"
#include "support/test_program.h"

#include <QDir>
#include <QFile>
#include <cstring>
#include <nlohmann/json.hpp>

using namespace pulsepin;
using namespace pulsepin::test;

class TestChain : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_.filePath(name); }

    /// A copy of the demo's project, beside its files.
    QString piece(const char* name = "p.pulsepin") {
        (void)QFile::remove(file(name));
        const auto project = load_project(PULSEPIN_DEMO "/kite-day.pulsepin");
        (void)save_project(*project, file(name).toStdString());
        return file(name);
    }
    void write(const QString& name, const QByteArray& bytes) {
        QFile out(file(name));
        QVERIFY(out.open(QIODevice::WriteOnly) && out.write(bytes) == bytes.size());
    }
    static Run in_place(QStringList arguments) { return cli(arguments << "--in-place"); }
    static Project loaded(const QString& path) { return *load_project(path.toStdString()); }

private slots:
    // Distances by the letters themselves: the worked examples of Damerau (1964) and of Levenshtein (1966),
    // as textbooks have them.
    void near_words() {
        QCOMPARE(letters_between("kitten", "sitting"), std::size_t{3});
        QCOMPARE(letters_between("saturday", "sunday"), std::size_t{3});
        QCOMPARE(letters_between("ca", "ac"), std::size_t{1});
        QCOMPARE(letters_between("", "abc"), std::size_t{3});
        QCOMPARE(letters_between("Place", "place"), std::size_t{0});
        const std::vector<std::string> words{"place", "pack", "picture", "export"};
        QCOMPARE(nearest_word("plaec", words), std::string("place"));
        QCOMPARE(nearest_word("EXPROT", words), std::string("export"));
        QCOMPARE(nearest_word("zebra", words), std::string());
        QCOMPARE(nearest_word("", words), std::string());
    }

    // Wrong use is 2 and names the word that was meant; what cannot be done is 1.
    void wrong_words_are_answered() {
        const QString p = piece();
        const std::tuple<QStringList, int, const char*> rows[] = {
            {{"plaec", p}, 2, "Did you mean \"place\""},
            {{"place", p, "--lnae", "cuts"}, 2, "Did you mean \"--lane\""},
            {{"place", p}, 2, "--lane"},
            {{}, 2, "subcommand"},
            {{"--format"}, 2, "subcommand"},
            {{"export", p, "--format", "edll", "-o", "-"}, 1, "Did you mean \"edl\""},
            {{"edit", p, "--do", "nugde", "--in-place"}, 1, "Did you mean \"nudge\""},
            {{"place", p, "--lane", "Cust", "--whole", "--dry-run"}, 1, "Did you mean \"Cuts\""},
            {{"place", p, "--lane", "cuts", "--of", "onests", "--whole", "--dry-run"},
             1,
             "Did you mean \"onsets\""},
            {{"render", p, "-o", file("x.mp4"), "--target", "wbe"}, 1, "Did you mean \"web\""},
            {{"check", p, "--only", "flahses"}, 2, "Did you mean \"flashes\""},
            {{"sheet", p, "--kind", "bras", "-o", file("x.pdf")}, 1, "Did you mean \"bars\""},
            {{"sheet", p, "--set", "papre=a3", "-o", file("x.pdf")}, 1, "Did you mean \"paper\""},
            {{"sheet", p, "-o", file("x.docx")}, 1, ".pdf, .svg or .png"},
            {{"metre", p, "--baets", "3", "--in-place"}, 2, "Did you mean \"--beats\""},
            {{"metre", p, "--beats", "3"}, 1, "Where to write to must be told once"},
        };
        QFile before(p);
        QVERIFY(before.open(QIODevice::ReadOnly));
        const QByteArray bytes = before.readAll();
        for (const auto& [arguments, status, said] : rows) {
            const auto run = cli(arguments);
            const QString told = arguments.join(' ') + ": " + QString::number(run.status) + "\n" + run.err;
            QVERIFY2(run.status == status && run.err.contains(said), qPrintable(told));
        }
        before.seek(0);
        QCOMPARE(before.readAll(), bytes);
        QVERIFY(cli({"--version"}).out.startsWith("pulsepin-cli 0."));
        const auto help = cli({"--help"});
        QVERIFY(help.status == 0 && help.out.contains("Exit status") && help.out.contains("  3  "));
        // Each command tells what it takes.
        for (const auto& row : hand_edits()) {
            const auto told = cli({QString::fromUtf8(row.id.data()), "--help"});
            QVERIFY2(told.status == 0 && told.out.contains("PROJECT"), row.id.data());
            for (const auto& spec : row.parameters)
                QVERIFY2(told.out.contains("--" + QString::fromUtf8(spec.id.data())), spec.id.data());
        }
    }

    // A piece is filled: shots, sounds, words, lanes and layers; where one cannot be, nothing is written.
    void things_are_added() {
        const QString p = piece();
        QVERIFY(write_wav(*click_track(100, 0, 3, 44100),
                          std::filesystem::path(file("rain & <wind>.wav").toStdString())));
        write("lyric.srt", "1\n00:00:02,000 --> 00:00:04,000\nUp it goes\n");
        const auto before = loaded(p);
        auto run = in_place({"add", p, "--shots", PULSEPIN_DEMO "/tail.webm", "--sounds",
                             file("rain & <wind>.wav"), "--words", file("lyric.srt"), "--lane",
                             "trigger=Bang $x", "--lane", "pulses", "--layer", "title=Name"});
        QVERIFY2(run.status == 1 && run.err.contains("There is no kind of lane"), qPrintable(run.err));
        QVERIFY(same_content(loaded(p), before));
        run =
            in_place({"add", p, "--shots", PULSEPIN_DEMO "/tail.webm", "--sounds", file("rain & <wind>.wav"),
                      "--words", file("lyric.srt"), "--lane", "triggers=Bang $x", "--layer", "title=Name"});
        QVERIFY2(run.status == 0 && run.out.contains("3 words set"), qPrintable(run.err + run.out));
        const auto after = loaded(p);
        QCOMPARE(after.bin->size(), before.bin->size() + 2);
        QCOMPARE(after.bin->back().name, std::string("rain & <wind>"));
        QVERIFY(std::ranges::any_of(after.lanes, [](const auto& lane) { return lane->name == "Bang $x"; }));
        QCOMPARE(after.first_lane(body_type<SoundBody>)->pins.size(), std::size_t{1});
        QCOMPARE(after.first_lane(body_type<WordBody>)->pins.size(), std::size_t{3});
        QVERIFY(std::ranges::any_of(after.stage->layers,
                                    [](const Layer& layer) { return layer.name == "Name"; }));
        QVERIFY(in_place({"add", p, "--shots", file("lyric.srt")}).status == 1);
    }

    // Beats from a file, and corrected in one go; bars that are meant are where they are said to be.
    void beats_are_opened_and_corrected() {
        const QString p = piece();
        write("beats.txt", "0.5\t1\n1.0\t2\n1.5\t3\n2.0\t4\n2.5\t1\n3.0\t2\n3.5\t3\n4.0\t4\n4.5\t1\n");
        auto run = in_place({"open-beats", p, file("beats.txt")});
        QVERIFY2(run.status == 0 && run.out.startsWith("9 beats"), qPrintable(run.err + run.out));
        QVERIFY(std::abs(loaded(p).grid->typical_tempo().value - 120) < 1e-6);
        run = in_place({"grid", p, "--metre", "3/4", "--shift", "20", "--bar-one", "0:01.02"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        const auto grid = *loaded(p).grid;
        QCOMPARE(grid.metre_at(Ticks(0)).beats_per_bar, 3);
        QVERIFY(std::abs(grid.time_at(Ticks(0)).value - 1.02) < 1e-6);
        run = in_place({"grid", p, "--ratio", "1/2"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QVERIFY(std::abs(loaded(p).grid->typical_tempo().value - 60) < 1e-6);
        for (const auto& wrong :
             {QStringList{"--ratio", "half"}, {"--metre", "three"}, {"--bar-one", "somewhere"}})
            QVERIFY(in_place(QStringList{"grid", p} + wrong).status == 1);
        QVERIFY(in_place({"grid", p, "--tempo", "5"}).status == 2);
    }

    // Markers by places; what lies beyond the song is refused, and nothing is written.
    void places_are_marked() {
        const QString p = piece();
        const auto markers = [&] {
            const Project project = loaded(p);
            return project.first_lane(body_type<MarkerBody>)->pins;
        };
        const auto before = markers().size();
        auto run = in_place({"mark", p, "--at", "3.2", "--at", "0:10.5", "--at", "500 f", "--name",
                             "Look <here>", "--note", "n"});
        QVERIFY2(run.status == 0 && run.out.startsWith("3 markers"), qPrintable(run.err + run.out));
        const auto pins = markers();
        QCOMPARE(pins.size(), before + 3);
        QCOMPARE(body_of<MarkerBody>(pins.back().body).name, std::string("Look <here>"));
        for (const char* beyond : {"99.1", "2:00", "100000 f", "-1 s"})
            QVERIFY2(in_place({"mark", p, "--at", beyond}).status == 1, beyond);
        QCOMPARE(markers().size(), before + 3);
    }

    // A lane follows the music and drives two values; its curve becomes keys, as many as frames, or few.
    void the_music_is_followed_and_frozen() {
        const QString p = piece();
        auto run = in_place({"follow", p, "--source", "level", "--steps",
                             "attack-release release=200, power by=2", "--name", "Loud", "--layer", "Camera",
                             "--parameter", "scale", "--rest", "100", "--peak", "112"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        run = in_place(
            {"feed", p, "--lane", "Loud", "--layer", "Shots", "--parameter", "opacity", "--meets", "times"});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        const auto project = loaded(p);
        const auto& motion = *part_of<Motion>(*project.lanes.back());
        QCOMPARE(motion.follower.steps.size(), std::size_t{2});
        QCOMPARE(motion.own.high, 112.0);
        QCOMPARE(motion.feeds.size(), std::size_t{1});
        QVERIFY(motion.feeds.front().meets == Meets::Times);
        run = cli({"freeze", p, "--lane", "Loud", "-o", file("each.pulsepin")});
        QVERIFY2(run.status == 0 && run.out.startsWith("1553 keys"), qPrintable(run.err + run.out));
        run = cli({"freeze", p, "--lane", "Loud", "--within", "0.2", "-o", file("few.pulsepin")});
        QVERIFY(run.status == 0);
        const auto each = loaded(file("each.pulsepin")), few = loaded(file("few.pulsepin"));
        QVERIFY(few.lanes.back()->pins.size() > 20 &&
                few.lanes.back()->pins.size() < each.lanes.back()->pins.size() / 2);
        for (const auto& [wrong, said] :
             {std::pair(QStringList{"follow", p, "--source", "levle"}, "There are: level"),
              std::pair(QStringList{"follow", p, "--steps", "smoth"}, "There is no step"),
              std::pair(QStringList{"follow", p, "--layer", "Nobody", "--parameter", "scale"},
                        "There is no layer"),
              std::pair(
                  QStringList{"follow", p, "--layer", "Camera", "--parameter", "scale", "--peak", "high"},
                  "is no number"),
              std::pair(QStringList{"feed", p, "--lane", "Cuts", "--layer", "Camera", "--parameter", "scale"},
                        "drives nothing")}) {
            const auto refused = in_place(wrong);
            QVERIFY2(refused.status == 1 && refused.err.contains(said), qPrintable(refused.err));
        }
        QVERIFY(same_content(loaded(p), project));
    }

    // Loose pins are snapped to the nearest quarter, those too far away stay.
    void pins_are_snapped() {
        const QString p = piece();
        QVERIFY(in_place({"mark", p, "--at", "10.03 s", "--at", "20.3 s"}).status == 0);
        const auto before = loaded(p);
        const auto grid = *before.grid;
        auto run = in_place({"snap", p, "--lane", "markers", "--to", "quarters", "--within", "5"});
        const auto run2 = in_place({"snap", p, "--lane", "markers", "--to", "beats", "--within", "250"});
        QVERIFY2(run2.status == 0, qPrintable(run2.err));
        const Schedule schedule(loaded(p));
        for (const auto& pin : schedule.pins(schedule.project().first_lane(body_type<MarkerBody>)->id).pins)
            QVERIFY(std::abs((grid.time_at(grid.nearest_beat(pin.time)) - pin.time).value) < 1e-6);
        QVERIFY(in_place({"snap", p, "--to", "moon"}).status == 1);
        (void)run;
    }

    // Several formats at once: 3 where one has nothing to write; formats in any case.
    void several_formats_and_pieces() {
        const QString p = piece(), out = file("formats");
        auto run = cli({"export", p, "--format", "EDL,Csv,midi", "--all", out});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        QCOMPARE(QDir(out).entryList(QDir::Files).size(), 3);
        run = cli({"export", p, "--format", "edl,srt", "--all", file("formats 2")});
        QVERIFY2(run.status == 3 && run.err.contains("srt: not written"), qPrintable(run.err));
        QCOMPARE(QDir(file("formats 2")).entryList(QDir::Files), QStringList{"p.edl"});
        QCOMPARE(cli({"export", p, "--format", "edl,srt", "-o", file("x.edl")}).status, 1);
        // A line of JSON each; one that cannot be read is told.
        run = cli({"info", p, PULSEPIN_DEMO "/kite-day-composed.pulsepin", "--json"});
        QCOMPARE(run.status, 0);
        const QStringList lines = run.out.trimmed().split('\n');
        QCOMPARE(lines.size(), 2);
        for (const auto& line : lines)
            QCOMPARE(nlohmann::json::parse(line.toStdString())["frames"].get<int>(), 1553);
        run = cli({"info", p, file("none.pulsepin"), "--json"});
        QVERIFY(run.status == 3 && run.err.contains("none.pulsepin"));
        QCOMPARE(cli({"info", file("none.pulsepin")}).status, 1);
        // The first frame of each shot as one picture.
        run = cli({"picture", p, "--all-shots", "-o", file("shots.png")});
        QVERIFY2(run.status == 0 && QFileInfo(file("shots.png")).size() > 10'000, qPrintable(run.err));
        QCOMPARE(cli({"picture", p, "-o", file("y.png")}).status, 2);
    }

    // A table of songs on a template: a piece a line, shots exchanged by the names of its columns; a line
    // that cannot be done is told, the others are. From the standard input as well.
    void a_table_makes_a_piece_a_line() {
        for (const auto& [name, bpm] : {std::pair("one & <two>.wav", 100.0), std::pair("three.wav", 126.0)})
            QVERIFY(write_wav(*click_track(bpm, 0.5, 30, 44100),
                              std::filesystem::path(file(name).toStdString())));
        QVERIFY(QFile::copy(PULSEPIN_DEMO "/crowd.webm", file("other.webm")));
        write("films.csv",
              "song,title,file,spool\none & <two>.wav,\"First, of all\",first,other.webm\nthree.wav,,,\n"
              "nothing.wav,,,\nthree.wav,Escape,../away,\n");
        QVERIFY(QDir().mkpath(file("made")));
        const auto run = cli({"new", "--table", file("films.csv"), "--template",
                              PULSEPIN_DEMO "/kite-day.pulsepin", "-o", file("made")});
        QVERIFY2(run.status == 3 && run.err.contains("line 4:") && run.err.contains("line 5:") &&
                     run.err.contains("nothing.wav"),
                 qPrintable(run.err));
        QCOMPARE(QDir(file("made")).entryList(QDir::Files),
                 (QStringList{"first.pulsepin", "three.pulsepin"}));
        QVERIFY(!QFile::exists(file("away.pulsepin")));
        const auto first = loaded(file("made/first.pulsepin"));
        QCOMPARE(first.settings->title, std::string("First, of all"));
        QVERIFY(std::ranges::any_of(*first.bin, [](const Clip& clip) {
            return clip.name == "spool" && clip.path.filename() == "other.webm";
        }));
        QVERIFY(std::abs(first.grid->typical_tempo().value - 100) < 0.5);
        QCOMPARE(loaded(file("made/three.pulsepin")).settings->title, std::string("three"));
        QCOMPARE(cli({"new", "-o", file("z.pulsepin")}).status, 2);
        write("no.csv", "a,b\n1,2\n");
        QCOMPARE(cli({"new", "--table", file("no.csv"), "-o", file("made")}).status, 1);
    }

    // Songs in a folder become pieces with their edit lists, each once; what is no song stays as it is.
    void a_folder_is_watched() {
        QVERIFY(QDir().mkpath(file("in")) && QDir().mkpath(file("out")));
        QVERIFY(write_wav(*click_track(110, 0.5, 30, 44100),
                          std::filesystem::path(file("in/new $song.wav").toStdString())));
        write("in/broken.wav", "no sound");
        write("in/letter.txt", "dear");
        const QStringList watch{"watch", file("in"),  "--template", PULSEPIN_DEMO "/kite-day.pulsepin",
                                "-o",    file("out"), "--format",   "edl",
                                "--once"};
        auto run = cli(watch);
        QVERIFY2(run.status == 3 && run.err.contains("broken.wav"), qPrintable(run.err));
        QCOMPARE(QDir(file("out")).entryList(QDir::Dirs | QDir::NoDotAndDotDot), QStringList{"new $song"});
        QCOMPARE(QDir(file("out/new $song")).entryList(QDir::Files),
                 (QStringList{"new $song.edl", "new $song.pulsepin"}));
        const auto written = QFileInfo(file("out/new $song/new $song.edl")).lastModified();
        run = cli(watch);
        QVERIFY(run.status == 3);
        QCOMPARE(QFileInfo(file("out/new $song/new $song.edl")).lastModified(), written);
        // It goes on until it is ended, and then ends well.
        QVERIFY(QFile::remove(file("in/broken.wav")));
        QProcess watching;
        watching.start(PULSEPIN_BINARIES "/pulsepin-cli", watch.first(watch.size() - 1));
        QVERIFY(watching.waitForStarted());
        QVERIFY(write_wav(*click_track(120, 0.5, 30, 44100),
                          std::filesystem::path(file("in/later.wav").toStdString())));
        QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(file("out/later/later.edl")), 60'000);
        watching.terminate();
        QVERIFY(watching.waitForFinished(30'000));
        QVERIFY(watching.exitStatus() == QProcess::NormalExit && watching.exitCode() == 0);
    }

    // The song as FLAC, decoded again by FFmpeg: the samples of the WAV in 24 bits; clicks as a sound begin
    // where the beats lie, the first of each bar another one.
    void sounds_are_written_as_flac_and_clicks_as_a_sound() {
        const QString p = piece();
        for (const char* name : {"song.wav", "song.flac"}) {
            const auto run = cli({"sound", p, "-o", file(name)});
            QVERIFY2(run.status == 0, qPrintable(run.err));
        }
        QProcess decode;
        const auto samples_of = [&](const QString& name) {
            decode.start("ffmpeg", {"-v", "error", "-i", file(name), "-f", "f32le", "-"});
            if (!decode.waitForFinished(60'000))
                return std::vector<float>();
            const QByteArray bytes = decode.readAllStandardOutput();
            std::vector<float> samples(static_cast<std::size_t>(bytes.size()) / 4);
            std::memcpy(samples.data(), bytes.constData(), samples.size() * 4);
            return samples;
        };
        const auto exact = samples_of("song.wav"), coded = samples_of("song.flac");
        QVERIFY(exact.size() > 1'000'000 && exact.size() == coded.size());
        float worst = 0;
        for (std::size_t i = 0; i < exact.size(); ++i)
            worst = std::max(worst, std::abs(std::clamp(exact[i], -1.0f, 1.0f) - coded[i]));
        QVERIFY2(worst <= 1.01f / 8388608.0f, qPrintable(QString::number(static_cast<double>(worst))));
        QVERIFY(QFileInfo(file("song.flac")).size() * 3 < QFileInfo(file("song.wav")).size() * 2);

        const auto run = cli({"sound", p, "--of", "click", "-o", file("click.flac")});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        const auto clicks = samples_of("click.flac");
        const Project project = loaded(p);
        const auto& grid = *project.grid;
        const double rate = static_cast<double>(project.song->sample_rate);
        std::size_t heard = 0;
        for (std::size_t beat = 1; beat + 1 < grid.beats().size(); ++beat) {
            const auto at = static_cast<std::size_t>(std::llround(grid.beats()[beat].time.value * rate));
            QVERIFY(std::abs(clicks[2 * at]) > 0.7f && std::abs(clicks[2 * at - 2]) < 0.05f);
            ++heard;
        }
        QVERIFY(heard > 100);
        QCOMPARE(cli({"sound", p, "-o", file("song.mp3")}).status, 1);
        QVERIFY(!QFile::exists(file("song.mp3")));
    }

    // Three films in one run: each the same to the byte as made alone; one that cannot be made does not stop
    // the others.
    void several_films_are_made_in_one_run() {
        const QString p = piece();
        const QStringList common{"--frames", "200-260", "--size", "320x180", "--quiet"};
        const auto render = [&](const QStringList& more) {
            return cli(QStringList{"render", p} + common + more);
        };
        auto run = render(
            {"-o", file("all.mp4"), "--also", "ffv1=" + file("all.mkv"), "png=" + file("all pictures")});
        QVERIFY2(run.status == 0, qPrintable(run.err));
        for (const auto& [name, format] : {std::pair("mp4", "h264"), std::pair("mkv", "ffv1")}) {
            const QString alone = file(QString("alone.%1").arg(name));
            QVERIFY(render({"-o", alone, "--format", format}).status == 0);
            QFile a(alone), b(file(QString("all.%1").arg(name)));
            QVERIFY(a.open(QIODevice::ReadOnly) && b.open(QIODevice::ReadOnly));
            QVERIFY2(a.readAll() == b.readAll(), name);
        }
        QCOMPARE(QDir(file("all pictures")).entryList({"*.png"}).size(), 60);
        // One that cannot be written: the other is made.
        run = render({"-o", file("again.mp4"), "--also", "ffv1=" + file("no such folder/x.mkv")});
        QVERIFY2(run.status == 3 && run.err.contains("x.mkv") && QFile::exists(file("again.mp4")),
                 qPrintable(run.err));
        for (const auto& wrong :
             {QString("wbe=") + file("x.mp4"), QString("web"), QString("web=") + file("third.mp4")})
            QVERIFY2(render({"-o", file("third.mp4"), "--also", wrong}).status == 1, qPrintable(wrong));
        QVERIFY(!QFile::exists(file("x.mp4")));
    }
};

PULSEPIN_TEST_CLASS(TestChain, "test_chain")
#include "test_chain.moc"
