// SPDX-License-Identifier: GPL-3.0-or-later
//
// Everyday material from the file dialog to the film: pictures, colours, shapes and holes, looked at in the
// written file.
#include "check/file_facts.h"
#include "interchange/project_file.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/stage_edits.h"
#include "pages/stops/export_panel.h"
#include "pages/stops/film_page.h"
#include "render/film_plan.h"
#include "schedule/place.h"
#include "support/answers.h"
#include "support/desk.h"
#include "support/film_desk.h"
#include "support/media.h"
#include "support/test_program.h"
#include "support/zoo.h"

#include <QListWidget>
#include <QProcess>
#include <nlohmann/json.hpp>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

bool ended(Desk& desk) {
    const int number = film_page(desk).queue().entries().back().number;
    const bool done = QTest::qWaitFor(
        [&] {
            for (const auto& one : film_page(desk).queue().entries())
                if (one.number == number)
                    return one.state == FilmQueue::State::Done || one.state == FilmQueue::State::Failed;
            return false;
        },
        120'000);
    if (done && film_page(desk).queue().entries().back().state == FilmQueue::State::Failed)
        qWarning("%s", qPrintable(film_page(desk).queue().entries().back().outcome));
    return done && film_page(desk).queue().entries().back().state == FilmQueue::State::Done;
}

/// The frames of a film as the program ffmpeg reads them, with 4 bytes a pixel: red, green, blue, alpha.
QByteArray frames_of(const QString& film, const QStringList& decoder = {}) {
    QProcess process;
    process.start("ffmpeg", QStringList{"-nostdin", "-v", "error"} + decoder +
                                QStringList{"-i", film, "-fps_mode", "passthrough", "-f", "rawvideo",
                                            "-pix_fmt", "rgba", "-"});
    process.waitForFinished(60'000);
    return process.readAllStandardOutput();
}

struct Pixel {
    int r, g, b, a;
};

Pixel pixel_of(const QByteArray& frames, int frame, QSize size, double x, double y) {
    const auto at =
        ((static_cast<qsizetype>(frame) * size.height() + static_cast<qsizetype>(y * size.height())) *
             size.width() +
         static_cast<qsizetype>(x * size.width())) *
        4;
    const auto byte = [&](int c) {
        return at + c < frames.size() ? static_cast<unsigned char>(frames[at + c]) : -999;
    };
    return {byte(0), byte(1), byte(2), byte(3)};
}

} // namespace

class JourneysMaterial : public QObject {
    Q_OBJECT
    Zoo zoo_;

    /// A piece of that size whose picture is one clip, from its first frame on.
    static Project piece_of(const QString& clip, const char* rate, QSize picture, double seconds) {
        Project project = new_project();
        Settings settings = *project.settings;
        settings.frame_rate = *FrameRate::parse(rate);
        settings.picture_width = picture.width();
        settings.picture_height = picture.height();
        project = with_settings(project, settings);
        project =
            with_song(project, {"/no/song.wav", "silence", 48000,
                                Samples(static_cast<std::int64_t>(std::ceil(seconds * 48000))), "none"});
        project = with_clips(
            project,
            {{{}, "clip", clip.toStdString(), Seconds(seconds), 96, 64, true, false, clip.endsWith(".png")}});
        CutBody cut{(*project.bin)[0].id, Seconds(0)};
        return *with_pins(project, project.first_lane(body_type<CutBody>)->id,
                          {{{}, TimeAnchor{Seconds(0)}, cut, {}}});
    }
    static QString film_name(const QString& format) {
        return "film." + QString::fromUtf8(film_format(format.toStdString())->extension.data());
    }
    static bool render(const Project& project, const FilmOptions& options, const QString& file) {
        auto film = planned_film(Curves{Schedule(project)}, nullptr, options);
        if (!film) {
            qWarning("%s", film.error().message().c_str());
            return false;
        }
        const auto made = render_film(*film, file.toStdString());
        if (!made)
            qWarning("%s", made.error().message().c_str());
        return made.has_value();
    }

private slots:
    void initTestCase() {
        const QString wrong = zoo_.make();
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong));
    }

    /// Ten kinds are added by the file dialog, cut on the beats of a song, and each is seen in the film.
    void journey_ten_kinds_of_clips_cut_on_beats() {
        Desk desk;
        const QTemporaryDir folder;
        QVERIFY(QFile::copy(PULSEPIN_DEMO "/over-the-levee.opus", folder.filePath("song.opus")));
        desk.window.open_path(folder.filePath("song.opus"));
        QVERIFY(QTest::qWaitFor(
            [&] { return desk.window.document().sound() && !desk.window.document().jobs().busy(); }, 60'000));
        const QStringList kinds{"rate-24.webm", "rate-30.mp4",    "mpeg2.ts", "turned-90.mp4",  "exif-6.jpg",
                                "prores.mov",   "holes-ffv1.mkv", "a.png",    "aspect-4-3.mkv", "hevc.mp4"};
        QStringList names;
        for (const auto& kind : kinds) {
            QVERIFY(QFile::copy(zoo_.filePath(kind), folder.filePath(kind)));
            names << "\"" + folder.filePath(kind) + "\"";
        }
        Answers answers;
        answers.type_name(names.join(' '));
        desk.key(Qt::Key_I, Qt::ControlModifier);
        QTRY_VERIFY_WITH_TIMEOUT(desk.project().bin->size() == 10, 20'000);
        QVERIFY(desk.settle());
        // Sizes are those that are seen.
        const auto clip_named = [&](const char* name) -> const Clip& {
            return *std::find_if(desk.project().bin->begin(), desk.project().bin->end(),
                                 [&](const Clip& clip) { return clip.name == name; });
        };
        QCOMPARE(clip_named("turned-90").width, 64);
        QCOMPARE(clip_named("exif-6").height, 96);
        QCOMPARE(clip_named("aspect-4-3").width, 128);
        QVERIFY(clip_named("a").still && clip_named("exif-6").still);
        // Cut on every second beat from the first bar on, in the order of the bin.
        const LaneId cuts = desk.cuts().id;
        Picker picker{"beats", Ticks(0), Ticks(960 * 20), {{"every-nth", {{"n", 2.0}}}}};
        const auto placed = place(desk.project(), cuts, picker, PlantingForm{CutBody{}, {}});
        QVERIFY(placed.has_value());
        desk.window.document().apply(placed->project, "cuts");
        const auto shots = desk.window.document().shown_shots();
        QVERIFY(shots.size() >= 10);
        desk.window.document().apply(with_piece_size(desk.project()), "size");
        desk.window.go_to_stop(Stop::Export);
        desk.click("page of film");
        auto* formats = desk.window.findChild<QComboBox*>("film format");
        formats->setCurrentIndex(formats->findData("ffv1"));
        desk.window.view().set_range(
            TimeRange{Seconds(0), desk.project().settings->frame_rate.start_of(shots[9].end)});
        choose(desk, "film range", "drawn range");
        desk.window.film_commands().render_to(folder.filePath("film.mkv"));
        QVERIFY2(!film_page(desk).queue().entries().empty(), qPrintable(desk.message()));
        QVERIFY(ended(desk));
        const QSize size(192, 128);
        const auto frames = frames_of(folder.filePath("film.mkv"));
        QVERIFY(frames.size() % (size.width() * size.height() * 4) == 0);
        for (std::size_t i = 0; i < 10; ++i) {
            const Clip& clip = *desk.project().clip(shots[i].shot);
            // What is seen a frame after the cut: the clip's first patch, red, wherever its corner is.
            const bool lies = clip.name == "turned-90" || clip.name == "exif-6";
            const double wide = std::min(1.0, 128.0 * clip.width / clip.height / 192),
                         high = std::min(1.0, 192.0 * clip.height / clip.width / 128);
            // Turned clockwise by a quarter, what was left is above.
            const double x = lies ? 0.5 + wide * 0.25 : 0.5 - wide * (0.5 - 1.0 / 12);
            const double y = lies ? 0.5 - high * (0.5 - 1.0 / 12) : 0.5 - high * 0.25;
            const auto seen = pixel_of(frames, static_cast<int>(shots[i].start.value) + 1, size, x, y);
            QVERIFY2(std::abs(seen.r - 200) <= 8 && std::abs(seen.g - 50) <= 8 && std::abs(seen.b - 50) <= 8,
                     qPrintable(
                         QString("%1: %2 %3 %4").arg(clip.name.c_str()).arg(seen.r).arg(seen.g).arg(seen.b)));
        }
    }

    /// A clip at the piece's own rate: each of its pictures in one frame of the film, in every container.
    void journey_every_picture_of_a_clip_is_in_the_film_data() {
        QTest::addColumn<QString>("name"), QTest::addColumn<QString>("rate");
        for (const auto& [told, rate] : {std::pair("23.976", "24000/1001"),
                                         {"24", "24"},
                                         {"25", "25"},
                                         {"29.97", "30000/1001"},
                                         {"30", "30"},
                                         {"60", "60"}})
            for (const char* ending : {"mp4", "mov", "mkv", "webm", "avi", "ts"})
                QTest::addRow("%s %s", told, ending)
                    << QString("rate-%1.%2").arg(told, ending) << QString(rate);
    }
    void journey_every_picture_of_a_clip_is_in_the_film() {
        QFETCH(QString, name);
        QFETCH(QString, rate);
        const QTemporaryDir folder;
        const auto project = piece_of(zoo_.filePath(name), rate.toLatin1().constData(), QSize(96, 64),
                                      16 / FrameRate::parse(rate.toStdString())->per_second() + 1e-4);
        FilmOptions options;
        options.format = "ffv1";
        options.until = Frames(16);
        QVERIFY(render(project, options, folder.filePath("film.mkv")));
        const auto frames = frames_of(folder.filePath("film.mkv"));
        QCOMPARE(frames.size(), 96 * 64 * 4 * 16);
        for (int frame = 0; frame < 16; ++frame) {
            int number = 0;
            for (int bit = 0; bit < 8; ++bit)
                number =
                    number * 2 + (pixel_of(frames, frame, {96, 64}, (bit + 0.5) / 8, 0.75).g > 125 ? 1 : 0);
            QCOMPARE(number, frame);
        }
    }

    /// The demo's own shots: each frame of its first seconds shows another picture.
    void journey_no_picture_of_the_demo_is_lost() {
        const QTemporaryDir folder;
        const auto project = load_project((PULSEPIN_DEMO "/kite-day.pulsepin"));
        QVERIFY(project.has_value());
        const Schedule schedule(*project);
        const auto& shot = schedule.spans(project->first_lane(body_type<CutBody>)->id).shots.front();
        FilmOptions options;
        options.format = "ffv1";
        options.width = 320;
        options.height = 180;
        options.first = shot.start;
        options.until = shot.start + Frames(40);
        QVERIFY(render(*project, options, folder.filePath("film.mkv")));
        const auto frames = frames_of(folder.filePath("film.mkv"));
        const qsizetype size = 320 * 180 * 4;
        QCOMPARE(frames.size(), size * 40);
        int twice = 0;
        for (int frame = 1; frame < 40; ++frame)
            twice += frames.mid(frame * size, size) == frames.mid((frame - 1) * size, size) ? 1 : 0;
        QCOMPARE(twice, 0);
    }

    /// A flat colour of each kind of clip, through still and film, within what its own coding loses and two
    /// levels.
    void journey_colours_stay_in_the_film_data() {
        QTest::addColumn<QString>("name"), QTest::addColumn<QString>("format"), QTest::addColumn<int>("near");
        for (const char* name : {"matrix-bt709-studio.mkv", "matrix-bt709-full.mkv",
                                 "matrix-smpte170m-studio.mkv", "matrix-bt470bg-full.mkv",
                                 "matrix-bt2020-studio.mkv", "untold-small.mkv", "rgb-ffv1.mkv", "a.png"}) {
            QTest::addRow("%s to ffv1", name) << QString(name) << QString("ffv1") << 3;
            QTest::addRow("%s to prores", name) << QString(name) << QString("prores") << 4;
            QTest::addRow("%s to h264", name) << QString(name) << QString("h264") << 4;
        }
    }
    void journey_colours_stay_in_the_film() {
        QFETCH(QString, name);
        QFETCH(QString, format);
        QFETCH(int, near);
        const QTemporaryDir folder;
        Project project = piece_of(zoo_.filePath(name), "25", QSize(96, 64), 0.12);
        FilmOptions options;
        options.format = format.toStdString();
        options.quality = format == "h264" ? 2 : -1;
        const QString file = folder.filePath(film_name(format));
        QVERIFY(render(project, options, file));
        const auto frames = frames_of(file);
        const int patches[][3] = {{200, 50, 50},   {50, 180, 60},   {40, 70, 200},
                                  {235, 235, 235}, {128, 128, 128}, {220, 200, 40}};
        for (int i = 0; i < 6; ++i) {
            const auto seen = pixel_of(frames, 1, {96, 64}, (i + 0.5) / 6, 0.25);
            const int off = std::max({std::abs(seen.r - patches[i][0]), std::abs(seen.g - patches[i][1]),
                                      std::abs(seen.b - patches[i][2])});
            QVERIFY2(off <= near,
                     qPrintable(QString("patch %1: %2 %3 %4").arg(i).arg(seen.r).arg(seen.g).arg(seen.b)));
        }
    }

    /// Holes of a clip are holes of a film that can have some, and show black in one that cannot; what was
    /// hidden in them is never seen.
    void journey_holes_stay_holes_data() {
        QTest::addColumn<QString>("name"), QTest::addColumn<QString>("format"),
            QTest::addColumn<bool>("kept");
        for (const char* name :
             {"holes-ffv1.mkv", "holes-prores.mov", "holes-rle.mov", "holes-vp9.webm", "holes.png"})
            for (const auto& [format, kept] : {std::pair("ffv1", true),
                                               {"prores-4444", true},
                                               {"vp9", true},
                                               {"h264", false},
                                               {"prores", false}})
                QTest::addRow("%s to %s", name, format) << QString(name) << QString(format) << kept;
    }
    void journey_holes_stay_holes() {
        QFETCH(QString, name);
        QFETCH(QString, format);
        QFETCH(bool, kept);
        const QTemporaryDir folder;
        Project project = piece_of(zoo_.filePath(name), "25", QSize(96, 64), 0.2);
        FilmOptions options;
        options.format = format.toStdString();
        options.transparent = kept;
        options.quality = format == "vp9" || format == "h264" ? 4 : -1;
        const QString file = folder.filePath(film_name(format));
        QVERIFY(render(project, options, file));
        const auto frames =
            frames_of(file, format == "vp9" && kept ? QStringList{"-c:v", "libvpx-vp9"} : QStringList());
        const auto hole = pixel_of(frames, 1, {96, 64}, 1.5 / 6, 0.25);
        const auto half = pixel_of(frames, 1, {96, 64}, 2.5 / 6, 0.25);
        const auto whole = pixel_of(frames, 1, {96, 64}, 0.5 / 6, 0.25);
        const QString told = QString("hole %1 %2 %3 %4, half %5 %6 %7 %8")
                                 .arg(hole.r)
                                 .arg(hole.g)
                                 .arg(hole.b)
                                 .arg(hole.a)
                                 .arg(half.r)
                                 .arg(half.g)
                                 .arg(half.b)
                                 .arg(half.a);
        QVERIFY2(std::abs(whole.r - 200) <= 14 && whole.a >= 250, qPrintable(QString::number(whole.r)));
        if (kept) {
            QVERIFY2(hole.a <= 6, qPrintable(told));
            QVERIFY2(std::abs(half.a - 128) <= 8 && std::abs(half.b - 200) <= 24, qPrintable(told));
        } else {
            QVERIFY2(std::max({hole.r, hole.g, hole.b}) <= 14, qPrintable(told)); // the ground, and no green
            QVERIFY2(std::abs(half.b - 100) <= 16, qPrintable(told));
        }
    }

    /// An upright piece and a target that is not: nothing is lost unsaid.
    void journey_shapes_of_films() {
        const Project project = piece_of(zoo_.filePath("rgb-ffv1.mkv"), "25", QSize(360, 640), 0.2);
        const Curves curves{Schedule(project)};
        QCOMPARE(std::string(film_targets().front().id), std::string("piece"));
        auto options = options_of(*film_target("piece"));
        auto film = planned_film(curves, nullptr, options);
        QVERIFY(film && film->spec.width == 360 && film->spec.height == 640 && film->told.empty());
        options = options_of(*film_target("web"));
        film = planned_film(curves, nullptr, options);
        QVERIFY(film && film->spec.height == 1080 && film->spec.width == 608 && film->told.empty());
        options.shape = FilmShape::Fill;
        film = planned_film(curves, nullptr, options);
        QVERIFY(film && film->spec.width == 1920 && film->told.size() == 1);
        QVERIFY2(film->told[0].find("68 % of the picture's height") != std::string::npos,
                 film->told[0].c_str());
        const QTemporaryDir folder;
        options.shape = FilmShape::Bars;
        options.width = 320;
        options.height = 160;
        options.format = "ffv1";
        QVERIFY(render(project, options, folder.filePath("bars.mkv")));
        const auto frames = frames_of(folder.filePath("bars.mkv"));
        for (const double x :
             {0.02, 0.3, 0.7, 0.98}) { // bars are black and opaque beside the picture of 90 x 160
            const auto bar = pixel_of(frames, 0, {320, 160}, x, 0.5);
            QVERIFY2(bar.r + bar.g + bar.b == 0, qPrintable(QString::number(x)));
        }
        const auto inside = pixel_of(frames, 0, {320, 160}, 0.5 - 90.0 / 320 * (0.5 - 1.0 / 12), 0.46);
        QVERIFY(std::abs(inside.r - 200) < 6);
        // The name's ending and the kind agree.
        QVERIFY(!render(project, options, folder.filePath("z.avi")));
        QVERIFY(!QFile::exists(folder.filePath("z.avi")));
    }

    /// What cannot be read is refused by name when it is added, and found when it went bad later.
    void journey_a_clip_that_cannot_be_read() {
        Desk desk;
        const QTemporaryDir folder;
        for (const char* name : {"words.mp4", "cut-rate-25.mp4", "rate-25.mp4"})
            QVERIFY(QFile::copy(zoo_.filePath(name), folder.filePath(name)));
        desk.window.document().add_clips({folder.filePath("words.mp4").toStdString(),
                                          folder.filePath("cut-rate-25.mp4").toStdString(),
                                          folder.filePath("rate-25.mp4").toStdString()});
        QVERIFY(desk.settle());
        QCOMPARE(desk.project().bin->size(), std::size_t{1});
        QVERIFY2(says(desk.message(), "words.mp4") && says(desk.message(), "cut-rate-25.mp4"),
                 qPrintable(desk.message()));
        QVERIFY(QFile::remove(folder.filePath("rate-25.mp4")));
        QVERIFY(QFile::copy(zoo_.filePath("words.mp4"), folder.filePath("rate-25.mp4")));
        const auto facts = file_facts(desk.project());
        QVERIFY(facts.has_value());
        CheckMaterial material;
        material.curves = Curves{Schedule(desk.project())};
        material.files = std::make_shared<const FileFacts>(*facts);
        const auto found = findings(material);
        QVERIFY(std::any_of(found.begin(), found.end(),
                            [](const Finding& one) { return one.check == "unreadable"; }));
    }

private:
    static Project with_piece_size(const Project& project) {
        Settings settings = *project.settings;
        settings.picture_width = 192;
        settings.picture_height = 128;
        return with_settings(project, settings);
    }
};

PULSEPIN_TEST_CLASS(JourneysMaterial, "journeys_material")
#include "journeys_material.moc"
