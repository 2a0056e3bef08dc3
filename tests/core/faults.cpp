// SPDX-License-Identifier: GPL-3.0-or-later
//
// Faults that were met by people and by strangers' projects, each with the way in which it was met: what may
// not vanish, and what may not be read.
#include "base/csv_text.h"
#include "base/draft.h"
#include "base/draft_folder.h"
#include "base/kept_file.h"
#include "base/private_folder.h"
#include "base/text_file.h"
#include "interchange/files_outside.h"
#include "interchange/project_file.h"
#include "media/film_part.h"
#include "media/proxy.h"
#include "media/video_reader.h"
#include "media/write_wav.h"
#include "support/command_line.h"
#include "support/media.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTest>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

void write(const QString& path, const QByteArray& bytes) {
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly) && file.write(bytes) == bytes.size());
}

QByteArray bytes_of(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray("(gone)");
}

mode_t mode_of(const QString& path) {
    struct stat now {};
    return ::stat(path.toLocal8Bit(), &now) == 0 ? now.st_mode & 0777 : 0;
}

} // namespace

class Faults : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_->filePath(name); }
    [[nodiscard]] std::filesystem::path path(const char* name) const { return file(name).toStdString(); }

    QStringList render(const QString& out, const QStringList& more = {}) const {
        return QStringList{"render",   demo_file, "--format", "png", "--size", "64x36",
                           "--frames", "30-34",   "--quiet",  "-o",  out} +
               more;
    }

private slots:
    void init() { dir_ = std::make_unique<QTemporaryDir>(); }

    // -- nothing of anyone's may vanish

    void fault_pictures_took_the_place_of_a_folder() {
        QVERIFY(QDir().mkpath(file("letters")) && QDir().mkpath(file("letters.old")));
        write(file("letters/to-mother.txt"), "dear");
        write(file("letters.old/older.txt"), "dearest");
        const auto refused = cli(render(file("letters")));
        QVERIFY(refused.status != 0 && refused.err.contains("to-mother.txt") &&
                refused.err.contains("empty"));
        QCOMPARE(QDir(file("letters")).entryList(QDir::Files), QStringList{"to-mother.txt"});
        // Replaced is what has the very names that are written, and nothing else.
        write(file("letters/letters-000002.png"), "old");
        const auto forced = cli(render(file("letters"), {"--force"}));
        QVERIFY2(forced.status == 0, qPrintable(forced.err));
        QCOMPARE(bytes_of(file("letters/to-mother.txt")), QByteArray("dear"));
        QCOMPARE(bytes_of(file("letters.old/older.txt")), QByteArray("dearest"));
        QVERIFY(bytes_of(file("letters/letters-000002.png")).startsWith("\x89PNG"));
        QCOMPARE(QDir(file("letters")).entryList(QDir::Files | QDir::Hidden),
                 (QStringList{"letters-000001.png", "letters-000002.png", "letters-000003.png",
                              "letters-000004.png", "letters.wav", "to-mother.txt"}));
        QCOMPARE(QDir(dir_->path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot),
                 (QStringList{"letters", "letters.old"}));
    }

    void fault_pictures_took_the_place_of_the_projects_own_folder() {
        for (const char* name : {"kite-day.pulsepin", "over-the-levee.opus", "spool.webm"})
            QVERIFY(QFile::copy(QString(PULSEPIN_DEMO "/") + name, file(name)));
        QStringList arguments = render(dir_->path(), {"--force"});
        arguments[1] = file("kite-day.pulsepin");
        const auto run = cli(arguments);
        QVERIFY(run.status != 0 && run.err.contains("reads"));
        QCOMPARE(QDir(dir_->path()).entryList(QDir::Files | QDir::Hidden).size(), 3);
    }

    void fault_a_new_or_empty_folder_is_filled() {
        QVERIFY(QDir().mkpath(file("empty")));
        for (const QString& name : {file("empty"), file("new/")}) {
            const auto run = cli(render(name));
            QVERIFY2(run.status == 0, qPrintable(run.err));
            QCOMPARE(QDir(name).entryList(QDir::Files | QDir::Hidden).size(), 5);
        }
        QCOMPARE(mode_of(file("new")) & 0700u, 0700u);
        QCOMPARE(QDir(dir_->path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot).size(),
                 2);
    }

    void fault_a_killed_render_left_a_folder_behind() {
        QVERIFY(QDir().mkpath(file("mine")));
        write(file("mine/.pulsepin-draft"), "what a person wrote");
        write(file("mine/kept.png"), "kept");
        QVERIFY(QDir().rename(file("mine"), file(".pulsepin-draft-mine")));
        const pid_t child = ::fork();
        if (child == 0) {
            auto draft = DraftFolder::beside(path("film"));
            const auto name = draft ? draft->file("film-1.png") : std::nullopt;
            if (name) {
                std::ofstream(*name) << "half";
                std::ofstream(name->parent_path() / "put there by someone else") << "x";
            }
            ::kill(::getpid(), SIGKILL);
        }
        ::waitpid(child, nullptr, 0);
        const auto left = QDir(dir_->path()).entryList({".pulsepin-draft-*"}, QDir::Dirs | QDir::Hidden);
        QCOMPARE(left.size(), 2);
        remove_forgotten_draft_folders(dir_->path().toStdString());
        QCOMPARE(bytes_of(file(".pulsepin-draft-mine/kept.png")), QByteArray("kept"));
        for (const auto& folder : left) // of the other one what was not written by the render stays
            QVERIFY(!QFile::exists(file(folder + "/film-1.png")));
        QCOMPARE(QDir(dir_->path()).entryList({".pulsepin-draft-*"}, QDir::Dirs | QDir::Hidden).size(), 2);
    }

    /// A file of someone's, or a link to one, under a name that a draft had or could have.
    void fault_a_draft_took_what_had_its_name() {
        write(file("secret"), "precious");
        QStringList names;
        for (const char* name : {".pulsepin-film-film.mp4", ".pulsepin-part-a", ".pulsepin-draft-a",
                                 "sound.wav.part", "part-1.part", "proxy.mov.part", "kept.part"}) {
            names << file(name);
            QCOMPARE(::symlink(file("secret").toLocal8Bit(), file(name).toLocal8Bit()), 0);
            names << file(QString("x") + name);
            write(names.back(), "mine");
        }
        write(file(".pulsepin-draft-0123456789abcdef"), "mine");
        const auto sound = store_of(std::vector<float>(4800, 0.1f), {48000, 1});
        QVERIFY(write_wav(*sound, path("sound.wav")));
        QVERIFY(write_text_file(path("text"), "new"));
        QVERIFY(save_kept(1, "v", "k", path("kept"), [](auto& archive, auto& value) { archive(value); }));
        QVERIFY(make_proxy(PULSEPIN_DEMO "/spool.webm", path("proxy.mov")));
        const auto film = cli(
            {"render", demo_file, "--size", "64x36", "--frames", "30-34", "--quiet", "-o", file("film.mp4")});
        QVERIFY2(film.status == 0, qPrintable(film.err));
        const auto part = cli({"render", demo_file, "--size", "64x36", "--frames", "0-300", "--part", "1/1",
                               "--quiet", "-o", file("part-1")});
        QVERIFY2(part.status == 0, qPrintable(part.err));
        QCOMPARE(bytes_of(file("secret")), QByteArray("precious"));
        QCOMPARE(bytes_of(file(".pulsepin-draft-0123456789abcdef")), QByteArray("mine"));
        for (const auto& name : names)
            QCOMPARE(bytes_of(name),
                     QFileInfo(name).isSymLink() ? QByteArray("precious") : QByteArray("mine"));
    }

    void fault_a_file_that_came_meanwhile_was_replaced() {
        auto draft = Draft::beside(path("film.mp4"));
        QVERIFY(draft && ::write(draft->descriptor(), "film", 4) == 4);
        write(file("film.mp4"), "came meanwhile");
        QVERIFY(!draft->take_free_place());
        QCOMPARE(errno, EEXIST);
        QVERIFY(draft->show()); // and so with a draft that has a name
        QVERIFY(!draft->take_free_place());
        QCOMPARE(bytes_of(file("film.mp4")), QByteArray("came meanwhile"));
        draft.reset();
        QCOMPARE(QDir(dir_->path()).entryList(QDir::Files | QDir::Hidden), QStringList{"film.mp4"});
    }

    void fault_songs_of_one_stem_took_each_others_place() {
        QVERIFY(QDir().mkpath(file("songs")) && QDir().mkpath(file("found")));
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=440:duration=4", file("songs/S.wav")}));
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=660:duration=5", file("songs/S.flac")}));
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=880:duration=3", file("songs/T.wav")}));
        for (int part = 1; part <= 2; ++part) {
            const auto run = cli({"analyze", file("songs"), "--part", QString("%1/2").arg(part), "--json",
                                  file("found"), "--features", "tempo", "--without-network"});
            QVERIFY2(run.status == 0, qPrintable(run.err));
        }
        QCOMPARE(QDir(file("found")).entryList(QDir::Files),
                 (QStringList{"S.flac.json", "S.wav.json", "T.json"}));
        const auto again = cli({"analyze", file("songs"), "--part", "1/2", "--json", file("found")});
        QVERIFY2(again.status == 0, qPrintable(again.err));
    }

    // -- a stranger's project is only data

    void fault_devices_pipes_and_playlists_were_read() {
        QVERIFY(::mkfifo(file("pipe.mp4").toLocal8Bit(), 0600) == 0);
        QCOMPARE(::symlink("/dev/zero", file("zero.mp4").toLocal8Bit()), 0);
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "testsrc=size=64x36:rate=5:duration=1", "-pix_fmt", "yuv420p",
                        file("real.mp4")}));
        write(file("list.mp4"), "ffconcat version 1.0\nfile 'real.mp4'\n");
        write(file("list.m3u8"), "#EXTM3U\n#EXT-X-TARGETDURATION:2\n#EXTINF:1,\nreal.mp4\n#EXT-X-ENDLIST\n");
        write(file("list.sdp"),
              "v=0\no=- 0 0 IN IP4 127.0.0.1\ns=x\nc=IN IP4 127.0.0.1\nt=0 0\nm=video 5004 RTP/AVP "
              "96\na=rtpmap:96 H264/90000\n");
        QElapsedTimer time;
        time.start();
        for (const char* name : {"pipe.mp4", "zero.mp4", "list.mp4", "list.m3u8", "list.sdp"})
            QVERIFY2(!VideoReader::open({path(name)}), name);
        for (const char* name :
             {"http://127.0.0.1:9/x.mp4", "concat:real.mp4", "subfile,,start,0,end,0,,:real.mp4",
              "data:text/plain,hello", "/dev/zero", "pipe:0"})
            QVERIFY2(!VideoReader::open({name}), name);
        QVERIFY(VideoReader::open({path("real.mp4")}).has_value());
        QCOMPARE(::symlink(file("real.mp4").toLocal8Bit(), file("link.mp4").toLocal8Bit()), 0);
        QVERIFY(VideoReader::open({path("link.mp4")}).has_value());
        // A pipe among the pictures of a sequence ends it, and does not hold the program up.
        QVERIFY(ffmpeg({"-i", file("real.mp4"), file("s_%02d.png")}));
        QVERIFY(QFile::remove(file("s_03.png")) && ::mkfifo(file("s_03.png").toLocal8Bit(), 0600) == 0);
        auto sequence = VideoReader::open({path("s_%02d.png")});
        if (sequence)
            (void)sequence->picture_at(Seconds(1), 64, 64);
        QVERIFY2(time.elapsed() < 60'000, "something waited for what never comes");
    }

    void fault_files_elsewhere_were_read_unasked() {
        QVERIFY(QDir().mkpath(file("piece/clips")) && QDir().mkpath(file("elsewhere")));
        write(file("elsewhere/private.mp4"), "x");
        QCOMPARE(::symlink(file("elsewhere/private.mp4").toLocal8Bit(),
                           file("piece/clips/link.mp4").toLocal8Bit()),
                 0);
        Project project = steady_project();
        project.song =
            std::make_shared<const Song>(Song{path("piece/song.wav"), "song", 48000, Samples(48000), "f"});
        std::vector<Clip> clips{
            {ClipId{500}, "own", path("piece/clips/own.mp4"), Seconds(1), 64, 36},
            {ClipId{501}, "link", path("piece/clips/link.mp4"), Seconds(1), 64, 36},
            {ClipId{502}, "far", path("elsewhere/private.mp4"), Seconds(1), 64, 36},
            {ClipId{503}, "up", path("piece/../elsewhere/private.mp4"), Seconds(1), 64, 36}};
        project.bin = std::make_shared<const std::vector<Clip>>(clips);
        const auto outside = files_outside(project, path("piece/p.pulsepin"));
        QCOMPARE(outside.size(), std::size_t{3});
        QCOMPARE(outside[0].named, path("piece/clips/link.mp4"));
        QCOMPARE(outside[0].leads_to, std::filesystem::canonical(path("elsewhere/private.mp4")));
        // A folder whose name only begins alike is another one.
        QVERIFY(QDir().mkpath(file("piece-2")));
        clips = {{ClipId{500}, "near", path("piece-2/own.mp4"), Seconds(1), 64, 36}};
        project.bin = std::make_shared<const std::vector<Clip>>(clips);
        QCOMPARE(files_outside(project, path("piece/p.pulsepin")).size(), std::size_t{1});
    }

    void fault_work_could_be_read_by_others() {
        const mode_t before = ::umask(0);
        QVERIFY(write_text_file(path("copy"), "x", Access::OwnerOnly));
        QVERIFY(save_kept(1, "v", "k", path("kept"), [](auto& archive, auto& value) { archive(value); }));
        QVERIFY(make_proxy(PULSEPIN_DEMO "/spool.webm", path("proxy.mov")));
        QVERIFY(QDir().mkpath(file("folder")));
        make_private_folder(path("folder"));
        make_private_folder(path("a/b/private"));
        QVERIFY(save_recovery_copy(steady_project(), path("copy.pulsepin")));
        ::umask(before);
        for (const char* name : {"copy", "kept", "proxy.mov", "copy.pulsepin"})
            QVERIFY2(mode_of(file(name)) == 0600u, name);
        QCOMPARE(mode_of(file("folder")), 0700u);
        QCOMPARE(mode_of(file("a/b/private")), 0700u);
        // What is the owner's alone is so from its first byte on.
        QCOMPARE(::chmod(file("copy").toLocal8Bit(), 0600), 0);
        const auto draft = Draft::beside(path("copy"), 0600);
        struct stat now {};
        QVERIFY(draft && ::fstat(draft->descriptor(), &now) == 0);
        QCOMPARE(now.st_mode & 0777u, 0600u);
    }

    void fault_cells_ran_as_formulas_data() {
        QTest::addColumn<QString>("text"), QTest::addColumn<bool>("formula");
        for (const char* text : {"=1+1", "+1", "-1", "@SUM(A1)", "\n=1", " =1", "\t=1", "\u00A0=1", "\uFF1D1",
                                 "\r\n =1", "\uFF0B1", "\u3000=1", "\t", "\rx"})
            QTest::addRow("%s", QByteArray(text).toHex().constData()) << QString::fromUtf8(text) << true;
        for (const char* text : {"a=1", "1-1", "", " a", "\na", "\u00A0"})
            QTest::addRow("%s is text", QByteArray(text).toHex().constData())
                << QString::fromUtf8(text) << false;
    }
    void fault_cells_ran_as_formulas() {
        QFETCH(QString, text);
        QFETCH(bool, formula);
        const auto cell = quoted(text.toStdString());
        QCOMPARE(cell.starts_with("'") || cell.starts_with("\"'"), formula);
    }

    /// Every number of a file at its limit, with a gigabyte of address space.
    void fault_far_pins_took_all_memory() {
        const auto read = load_project(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
        QVERIFY(read.has_value());
        // The demo has no words, notes and drawings.
        Project rich = *read;
        const std::pair<LaneKind, PinBody> others[] = {{kind_of(body_type<WordBody>), WordBody{"word"}},
                                                       {kind_of(body_type<NoteBody>), NoteBody{"note"}},
                                                       {kind_of(body_type<ExposureBody>), ExposureBody{}}};
        for (const auto& [kind, body] : others) {
            rich = with_lane(rich, kind, "other");
            const LaneId lane = rich.lanes.back()->id;
            rich = *with_pins(
                rich, lane, {{{}, TimeAnchor{Seconds(2)}, body, {}}, {{}, TimeAnchor{Seconds(4)}, body, {}}});
        }
        std::set<LaneKind> seen;
        int runs = 0;
        for (const auto& lane : rich.lanes) {
            if (lane->pins.empty() || !seen.insert(lane->kind).second)
                continue;
            for (const double at : {1e6, -1e6}) {
                Project project = rich;
                Lane changed = *lane;
                changed.pins.back().anchor = TimeAnchor{Seconds(at)};
                for (auto& one : project.lanes)
                    if (one->id == lane->id)
                        one = std::make_shared<const Lane>(changed);
                QVERIFY(save_project(project, path("far.pulsepin")));
                for (const QStringList& command :
                     {QStringList{"picture", file("far.pulsepin"), "--frame", "100", "--size", "64x36", "-o",
                                  file("x.png"), "--force"},
                      QStringList{"export", file("far.pulsepin"), "--format", "frames-csv", "-o",
                                  file("x.csv"), "--force"},
                      QStringList{"export", file("far.pulsepin"), "--format", "words-vtt", "-o",
                                  file("x.vtt"), "--force"},
                      QStringList{"sound", file("far.pulsepin"), "--of", "sum", "-o", file("x.wav"),
                                  "--force"},
                      QStringList{"render", file("far.pulsepin"), "--frames", "100-103", "--size", "64x36",
                                  "--quiet", "-o", file("x.mp4"), "--force"}}) {
                    const auto run = cli(command, {"prlimit", "--as=1073741824"});
                    QVERIFY2(run.status == 0 || (run.status == 1 && !run.err.contains("bad_alloc")),
                             qPrintable(command.join(' ') + run.err));
                    ++runs;
                }
            }
        }
        QVERIFY(runs >= 50);
        QVERIFY(QFileInfo(file("x.wav")).size() < 100'000'000); // the sum ends where the piece ends
    }

    void fault_a_sound_far_off_filled_the_disk() {
        const auto read = load_project(demo_file.toStdString());
        QVERIFY(read.has_value());
        QVERIFY(ffmpeg({"-f", "lavfi", "-i", "sine=440:duration=1", file("far.wav")}));
        Project project = with_clips(*read, {{{}, "far", path("far.wav"), Seconds(1), 0, 0, false, true}});
        project = with_lane(project, kind_of(body_type<SoundBody>), "Sound");
        SoundBody body;
        body.sound = project.bin->back().id;
        body.length = Seconds(1);
        project = *with_pins(project, project.lanes.back()->id, {{{}, TimeAnchor{Seconds(1e6)}, body, {}}});
        QVERIFY(save_project(project, path("far.pulsepin")));
        for (const QStringList& command :
             {QStringList{"sound", file("far.pulsepin"), "--of", "sum", "-o", file("sum.wav")},
              QStringList{"check", file("far.pulsepin"), "--quiet"},
              QStringList{"picture", file("far.pulsepin"), "--frame", "100", "--size", "64x36", "-o",
                          file("p.png")}}) {
            const auto run = cli(command, {"prlimit", "--as=2147483648", "timeout", "60"});
            QVERIFY2(run.status == 0 ||
                         ((run.status == 1 || run.status == 2) && !run.err.contains("bad_alloc")),
                     qPrintable(command.join(' ') + run.err));
            if (command[0] == "sound")
                QVERIFY2(run.err.contains("278 hours"), qPrintable(run.err));
        }
        QVERIFY(!QFile::exists(file("sum.wav")));
    }

    // Parts come from other machines: what no writer of parts tells is refused by the reader, and nothing is
    // left.
    void fault_parts_that_no_writer_made() {
        const std::filesystem::path part = file("odd.part").toStdString(),
                                    film = file("odd.mkv").toStdString();
        const auto refused = [&](const std::function<void(PartHead&)>& head_as,
                                 const std::function<void(CodedPicture&, Frames&)>& picture_as) {
            PartHead head;
            head.made_of = "x";
            head.frames = 1;
            head.until = Frames(1);
            head.spec.format = film_format("ffv1");
            head.spec.width = head.spec.height = 32;
            head_as(head);
            CodedPicture picture{{1, 2, 3}, {}, 0, 0, true};
            Frames first(0);
            picture_as(picture, first);
            auto writer = PartWriter::create(part, head);
            if (!writer || !writer->add(picture, first) || !writer->finish())
                return false;
            const auto joined = join_parts({part}, film);
            return !joined && joined.error().file == part.string() && !std::filesystem::exists(film);
        };
        const auto as_it_is = [](auto&...) {};
        for (const char* format : {"wav", "png", "webp"}) // without pictures, or not made in parts
            QVERIFY2(refused([&](PartHead& head) { head.spec.format = film_format(format); }, as_it_is),
                     format);
        QVERIFY(refused([](PartHead& head) { head.frames = std::int64_t{1} << 62; }, as_it_is));
        QVERIFY(refused([](PartHead& head) { head.spec.sample_rate = 0; }, as_it_is));
        QVERIFY(refused(
            [](PartHead& head) {
                head.spec.chapters = {{Seconds(1e300), Seconds(2e300), "far"}};
            },
            as_it_is));
        QVERIFY(refused(
            [](PartHead& head) {
                head.spec.chapters = {{Seconds(2), Seconds(1), "back"}};
            },
            as_it_is));
        QVERIFY(refused(as_it_is, [](CodedPicture& picture, Frames&) { picture.bytes.clear(); }));
        QVERIFY(refused(as_it_is, [](CodedPicture&, Frames& first) { first = Frames(7); }));
        QVERIFY(refused(as_it_is, [](CodedPicture& picture, Frames&) { picture.shown = INT64_MAX; }));
        QVERIFY(refused(as_it_is, [](CodedPicture& picture, Frames&) { picture.decoded = INT64_MIN; }));
    }
};

PULSEPIN_TEST_CLASS(Faults, "faults")
#include "faults.moc"
