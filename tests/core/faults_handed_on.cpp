// SPDX-License-Identifier: GPL-3.0-or-later
//
// Faults that were met in what the program says and hands on, each with the way in which it was met.
#include "base/text_file.h"
#include "check/sync_report.h"
#include "hand/finished.h"
#include "hand/word_titles.h"
#include "interchange/edl.h"
#include "interchange/exporters.h"
#include "interchange/jams.h"
#include "interchange/project_file.h"
#include "interchange/project_json.h"
#include "interchange/trigger_csv.h"
#include "kinds/layer_kinds.h"
#include "model/duplicate_edits.h"
#include "schedule/place.h"
#include "support/command_line.h"
#include "support/projects.h"
#include "support/test_program.h"
#include "words/lyric_formats.h"

#include <QDir>
#include <QTemporaryDir>
#include <QTest>
#include <nlohmann/json.hpp>
#include <sys/stat.h>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {} // namespace

class FaultsHandedOn : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> dir_;
    [[nodiscard]] QString file(const QString& name) const { return dir_->filePath(name); }
    [[nodiscard]] std::filesystem::path path(const char* name) const { return file(name).toStdString(); }

private slots:
    void init() { dir_ = std::make_unique<QTemporaryDir>(); }

    void fault_the_command_line_left_titles_without_their_words() {
        Project project = with_lane(steady_project(), kind_of(body_type<WordBody>), "Words");
        const LaneId words = project.lanes.back()->id;
        Pin pin{{}, MusicalAnchor{Ticks(0)}, WordBody{.text = "one"}, {}};
        project = *with_pins(project, words, {pin});
        const auto titled = with_titles_of_words(Schedule(project), words, Showing::Words::Word, "Titles");
        QVERIFY(titled.has_value());
        Project more = titled->project;
        pin.anchor = MusicalAnchor{Ticks(1920)};
        body_of<WordBody>(pin.body).text = "two";
        more = *with_pins(more, words, {pin});
        const auto count = [](const Project& of) {
            const Lane* lane = of.first_lane(body_type<AppearanceBody>);
            return lane ? lane->pins.size() : std::size_t{0};
        };
        QCOMPARE(count(titled->project), std::size_t{1});
        QCOMPARE(count(finished(titled->project, more)), std::size_t{2});
        // By the command line: a word that begins a line of its own gets a title of its own.
        const auto by_line = with_titles_of_words(Schedule(more), words, Showing::Words::Line, "Lines");
        QVERIFY(by_line.has_value());
        Project lines = by_line->project;
        const auto count_lines = [&](const Project& of) { return of.lane(by_line->lane)->pins.size(); };
        QCOMPARE(count_lines(lines), std::size_t{2}); // no line: each word is one
        QVERIFY(save_project(lines, path("p.pulsepin")));
        const auto together = cli(
            {"edit", file("p.pulsepin"), "--do", "set", "--lane", "Words", "--set", "line=1", "--in-place"});
        QVERIFY2(together.status == 0, qPrintable(together.err));
        QCOMPARE(count_lines(*load_project(path("p.pulsepin"))), std::size_t{1});
        const auto apart = cli({"edit", file("p.pulsepin"), "--do", "set", "--lane", "Words", "--named",
                                "two", "--set", "line=2", "--in-place"});
        QVERIFY2(apart.status == 0, qPrintable(apart.err));
        QCOMPARE(count_lines(*load_project(path("p.pulsepin"))), std::size_t{2});
    }

    void fault_unknown_looks_were_silently_others() {
        Project project = steady_project();
        Stage stage = *project.stage;
        Layer layer{LayerId{900}, layers::shape, "Sun"};
        layer.shape = "square";
        layer.blend = "dodge-and-burn";
        stage.layers.insert(stage.layers.begin(), layer);
        project.next_id = 901;
        project.stage = std::make_shared<const Stage>(stage);
        auto told = told_on_opening(project);
        QVERIFY(told.find("dodge-and-burn") != std::string::npos && told.find("Sun") != std::string::npos);
        stage.layers.front().blend = "normal";
        stage.layers.front().shape = "Quadrat"; // a word of another language
        project.stage = std::make_shared<const Stage>(stage);
        told = told_on_opening(project);
        QVERIFY(told.find("Quadrat") != std::string::npos);
        stage.layers.front().shape = "square";
        project.stage = std::make_shared<const Stage>(stage);
        QCOMPARE(told_on_opening(project), std::string());
    }

    void fault_edit_lists_lost_speed_and_framing() {
        Project project = steady_project(120, 0, 60, "25");
        const LaneId cuts = lane_of_kind(project, kind_of(body_type<CutBody>));
        const auto shot = [&](std::size_t n) { return (*project.bin)[n].id; };
        CutBody half{shot(0), Seconds(1)}, back{shot(1), Seconds(8)}, held{shot(2), Seconds(2)},
            wiped{shot(3), Seconds(1)}, rushed{shot(4), Seconds(1)};
        half.speed = 50;
        back.speed = -200;
        held.speed = 0;
        wiped.fade = rushed.fade = Frames(10);
        wiped.change = CutBody::Change::Wipe;
        rushed.change = CutBody::Change::Rush;
        rushed.framing.scale = 140;
        std::vector<Pin> pins;
        int beat = 0;
        for (const auto& body : {half, back, held, wiped, rushed})
            pins.push_back({{}, MusicalAnchor{Ticks(960 * 4 * beat++)}, body, {}}); // two seconds each
        project = *with_pins(project, cuts, pins);
        Settings settings = *project.settings;
        settings.author = "A. Person";
        project = with_settings(project, settings);
        const auto edl = write_edl(project);
        QVERIFY(edl.has_value());
        const QString text = QString::fromStdString(*edl);
        // Half the speed takes one of its clip's seconds for two; twice backwards four, from the eighth down.
        QVERIFY2(
            text.contains("001  SPOOL    V     C        00:00:01:00 00:00:02:00 00:00:00:00 00:00:02:00"),
            qPrintable(text));
        QVERIFY(text.contains("M2   SPOOL          012.5                00:00:01:00"));
        QVERIFY(
            text.contains("002  LAUNCH   V     C        00:00:04:01 00:00:08:01 00:00:02:00 00:00:04:00"));
        QVERIFY(text.contains("M2   LAUNCH         -050.0                00:00:08:00"));
        QVERIFY(text.contains("M2   TAIL           000.0"));
        QVERIFY(text.contains("W001 010") && text.contains("D    010"));
        QVERIFY(text.contains("* FRAMING: FIT 140 %"));
        QVERIFY(text.contains("* NOT IN THIS LIST: how one shot lies in the picture"));
        QVERIFY(text.contains("* NOT IN THIS LIST: one rush"));
        QVERIFY(text.indexOf("* AUTHOR: A. Person") > text.indexOf("005 "));
        QVERIFY(!text.section('\n', 2, 2).startsWith('*')); // the first line behind the head is an event
        QVERIFY(!told_of_losses(ExportMaterial(project), *exporter("edl")).empty());
    }

    void fault_words_were_taken_for_marks() {
        Lyric lyric;
        LyricLine line;
        for (const char* word : {"<i>not", "slanted</i>", "{\\an8}", "<00:01>", "[00:02.00]", "1<2", "a<b>c"})
            line.words.push_back({word, Seconds(1 + static_cast<double>(line.words.size())), {}});
        line.words.back().end = Seconds(20);
        line.start = Seconds(1);
        line.end = Seconds(20);
        lyric.lines = {line};
        for (const auto& row : lyric_formats()) {
            if (row.id != "subrip" && row.id != "lrc" && row.id != "webvtt")
                continue;
            const auto lines = QString::fromStdString(row.write(lyric)).split('\n');
            std::vector<std::string> texts;
            for (const auto& one : lines)
                texts.push_back(one.toStdString());
            const auto read = row.read(texts);
            QVERIFY(read && !read->lines.empty());
            std::string was, is;
            for (const auto& word : line.words)
                was += word.text + " ";
            for (const auto& word : read->lines.front().words)
                is += word.text + " ";
            QVERIFY2(was == is, (std::string(row.id) + ": " + is).c_str());
        }
    }

    void fault_annotated_onsets_had_no_strength() {
        const auto project = load_project(demo_file.toStdString());
        QVERIFY(project && project->detection);
        const auto j = nlohmann::json::parse(*write_jams(*project));
        int onsets = 0;
        for (const auto& annotation : j["annotations"])
            if (annotation["namespace"] == "onset")
                for (const auto& onset : annotation["data"]) {
                    QVERIFY(onset["confidence"].is_number());
                    ++onsets;
                }
        QVERIFY(onsets > 50);
    }

    void fault_a_piece_began_before_its_song() {
        Settings settings = *steady_project().settings;
        settings.begins = Seconds(-1);
        const auto text = project_to_json(with_settings(steady_project(), settings), "/");
        const auto read = project_from_json(text, "/");
        QVERIFY(!read && read.error().what.find("before the song") != std::string::npos);
    }

    void fault_pins_behind_the_song_counted_as_placed() {
        const Project project = steady_project(120, 0, 10);
        const LaneId cuts = lane_of_kind(project, kind_of(body_type<CutBody>));
        Picker picker{"beats", Ticks(960 * 100), Ticks(960 * 104), {}};
        const auto beyond = place(project, cuts, picker);
        QVERIFY(!beyond && beyond.error().what.find("behind the end") != std::string::npos);
        picker.from = Ticks(960 * 16); // ten seconds are twenty beats
        picker.until = Ticks(960 * 24);
        const auto placed = place(project, cuts, picker);
        QVERIFY(placed.has_value());
        QCOMPARE(placed->count, std::size_t{4});
    }

    void fault_a_dash_was_a_files_name() {
        QProcess process;
        process.setWorkingDirectory(dir_->path());
        process.start(PULSEPIN_BINARIES "/pulsepin-cli", {"export", demo_file, "--format", "edl", "-o", "-"});
        QVERIFY(process.waitForFinished(30'000) && process.exitCode() == 0);
        QVERIFY(process.readAllStandardOutput().startsWith("TITLE:"));
        process.start(PULSEPIN_BINARIES "/pulsepin-cli", {"picture", demo_file, "--frame", "9", "-o", "-"});
        QVERIFY(process.waitForFinished(30'000) && process.exitCode() != 0);
        QVERIFY(process.readAllStandardError().contains("name a file"));
        QVERIFY(QDir(dir_->path()).isEmpty());
    }

    void fault_devices_were_replaced_by_files() {
        const auto run = cli({"export", demo_file, "--format", "edl", "-o", "/dev/null", "--force"});
        QVERIFY(run.status != 0 && run.err.contains("no plain file"));
        struct stat now {};
        QVERIFY(::stat("/dev/null", &now) == 0 && S_ISCHR(now.st_mode));
    }

    void fault_help_asked_for_a_display() {
        for (const char* option : {"--help", "--version"}) {
            QProcess process;
            auto environment = QProcessEnvironment::systemEnvironment();
            for (const char* name : {"DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM"})
                environment.remove(name);
            process.setProcessEnvironment(environment);
            process.start(PULSEPIN_BINARIES "/pulsepin", {option});
            QVERIFY(process.waitForFinished(30'000));
            QVERIFY(process.exitStatus() == QProcess::NormalExit && process.exitCode() == 0);
            QVERIFY(process.readAllStandardOutput().toLower().contains("pulsepin"));
        }
    }

    void fault_a_tour_wrote_over_files_of_its_names() {
        const QString results = dir_->filePath("results");
        QDir().mkpath(results);
        QVERIFY(write_text_file((results + "/song.png").toStdString(), "somebody's own").has_value());
        QProcess process;
        auto environment = QProcessEnvironment::systemEnvironment();
        environment.insert("QT_QPA_PLATFORM", "offscreen");
        process.setProcessEnvironment(environment);
        process.start(PULSEPIN_BINARIES "/pulsepin", {"--silent", "--tour", results});
        QVERIFY(process.waitForFinished(30'000));
        QCOMPARE(process.exitCode(), 1);
        QVERIFY(process.readAllStandardError().contains("not of an earlier tour"));
        QCOMPARE(QDir(results).entryList(QDir::Files), QStringList{"song.png"});
        QFile own(results + "/song.png");
        QVERIFY(own.open(QIODevice::ReadOnly));
        QCOMPARE(own.readAll(), QByteArray("somebody's own"));
    }

    void fault_copies_of_lanes_had_the_same_property() {
        Project project = with_lane(steady_project(), kind_of(body_type<PulseBody>), "Kick");
        Lane lane = *project.lanes.back();
        Motion motion;
        motion.own.property = "Kick";
        lane.parts.put(motion);
        project.lanes.back() = std::make_shared<const Lane>(lane);
        const auto copied = with_lane_duplicated(project, lane.id, true, Frames(0));
        QVERIFY(copied.has_value());
        QCOMPARE(copied->lanes.back()->name, std::string("Kick 2"));
        QCOMPARE(part_of<Motion>(*copied->lanes.back())->own.property, std::string("Kick 2"));
    }

    void fault_the_table_of_triggers_lost_places_and_values() {
        Project project = with_lane(steady_project(), kind_of(body_type<TriggerBody>), "Flash");
        const LaneId lane = project.lanes.back()->id;
        TriggerBody body;
        body.name = "lightning";
        body.acts = {{"glow", 5, 80}};
        Pin pin{{}, MusicalAnchor{Ticks(960 * 5 + 480), Seconds(0.010)}, body, {}};
        project = *with_pins(project, lane, {pin});
        const auto table = write_trigger_csv(Schedule(project));
        QVERIFY(table.has_value());
        QVERIFY2(table->find("lightning,2.2.480 + 10 ms,camera,glow 5..80") != std::string::npos,
                 table->c_str());
    }

    void fault_words_alone_counted_as_nothing() {
        Project project = with_lane(steady_project(), kind_of(body_type<WordBody>), "Words");
        const LaneId words = project.lanes.back()->id;
        std::vector<Pin> pins;
        for (int beat = 0; beat < 13; ++beat)
            pins.push_back({{}, MusicalAnchor{Ticks(960 * beat)}, WordBody{.text = "la"}, {}});
        project = *with_pins(project, words, pins);
        const Schedule schedule(project);
        const auto text = verdict_text(sync_report(schedule), project, usual_error(*project.settings));
        QVERIFY2(text.find("13 pins") != std::string::npos, text.c_str());
    }

    void fault_the_demo_failed_its_own_check() {
        for (const char* name : {"kite-day.pulsepin", "kite-day-in-motion.pulsepin"}) {
            const auto run = cli({"check", QString(PULSEPIN_DEMO "/") + name});
            QVERIFY2(run.status == 0, qPrintable(run.out));
        }
        const auto shows = cli({"check", PULSEPIN_DEMO "/kite-day-with-findings.pulsepin"});
        QCOMPARE(shows.status, 1);
    }
};

PULSEPIN_TEST_CLASS(FaultsHandedOn, "faults_handed_on")
#include "faults_handed_on.moc"
