// SPDX-License-Identifier: GPL-3.0-or-later
//
// Beats in and out: lists, tempo maps, JAMS.
#include "interchange/beat_list.h"
#include "interchange/exporters.h"
#include "interchange/grid_importers.h"
#include "interchange/jams.h"
#include "interchange/midi_tempo_map.h"
#include "kinds/kinds.h"
#include "support/projects.h"
#include "support/test_program.h"
#include "time/grid_bend.h"
#include "time/grid_edits.h"

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <nlohmann/json.hpp>
#include <random>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

/// Uneven beats, two in front of bar 1, three metres.
Project lively_project() {
    std::mt19937 random(4);
    std::vector<GridBeat> beats;
    double time = 0.7312;
    for (int i = 0; i < 90; ++i) {
        beats.push_back({Seconds(time), 0.8f, i % 11 == 0 ? BeatOrigin::Held : BeatOrigin::Found});
        time += 0.45 + static_cast<double>(random() % 1000) / 10'000;
    }
    Project project = steady_project();
    project =
        relabelled(project, *BeatGrid::make(std::move(beats), -2, {{0, {4, 4}}, {32, {3, 4}}, {62, {4, 4}}}));
    return *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                      {{{}, MusicalAnchor{Ticks(16 * 960 + 480)}, MarkerBody{"launch", ""}, {}}});
}

double worst_difference(const BeatGrid& a, const BeatGrid& b) {
    double worst = a.first_beat() == b.first_beat() && a.last_beat() == b.last_beat() ? 0 : 1e9;
    for (std::size_t i = 0; worst < 1e9 && i < a.beats().size(); ++i)
        worst = std::max(worst, std::abs((a.beats()[i].time - b.beats()[i].time).value));
    return worst;
}

} // namespace

class TestGridFiles : public QObject {
    Q_OBJECT
private slots:
    void lists_come_back() {
        const Project project = lively_project();
        for (auto* write : {write_beat_csv, write_beat_text}) {
            const auto text = write(project);
            QVERIFY(text);
            const auto grid = read_beat_list(*text);
            QVERIFY2(grid, grid ? "" : grid.error().message().c_str());
            QVERIFY(worst_difference(*project.grid, *grid) < 1e-6);
            for (auto beat = grid->first_beat(); beat <= grid->last_beat(); ++beat)
                QCOMPARE(grid->position_of(Ticks(beat * 960)).beat,
                         project.grid->position_of(Ticks(beat * 960)).beat);
        }
        QVERIFY(!write_beat_csv(new_project()));
    }

    void lists_as_people_write_them_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<int>("beats");
        QTest::newRow("times only") << QByteArray("0.5\n1.0\n1.5\n") << 3;
        QTest::newRow("blanks") << QByteArray("0.5 1\n1.0 2\n") << 2;
        QTest::newRow("semicolons, Windows lines")
            << QByteArray("time;beat\r\n0.5;1\r\n1.0;2\r\n1.6;3\r\n") << 3;
        QTest::newRow("comments") << QByteArray("# by hand\n\n0.5\t4\n1.0\t1\n# more\n1.5\t2\n") << 3;
        QTest::newRow("byte order mark") << QByteArray("\xef\xbb\xbf"
                                                       "0.5\n1.0\n")
                                         << 2;
        QTest::newRow("no beats") << QByteArray("hello\nthere\n") << 0;
        QTest::newRow("one beat") << QByteArray("1.0\n") << 0;
        QTest::newRow("not in order") << QByteArray("1.0\n0.5\n") << 0;
        QTest::newRow("text amid") << QByteArray("1.0\nfive\n2.0\n") << 0;
        QTest::newRow("empty") << QByteArray() << 0;
        QTest::newRow("not a number") << QByteArray("nan\ninf\n") << 0;
    }
    void lists_as_people_write_them() {
        QFETCH(QByteArray, text);
        QFETCH(int, beats);
        const auto grid = read_beat_list({text.constData(), static_cast<std::size_t>(text.size())});
        QCOMPARE(grid ? static_cast<int>(grid->beats().size()) : 0, beats);
        if (!grid)
            QVERIFY(!grid.error().message().empty());
    }

    void tempo_maps_come_back() {
        const Project project = lively_project();
        const auto bytes = write_midi_tempo_map(Schedule(project));
        QVERIFY(bytes);
        const auto grid = read_midi_tempo_map(*bytes);
        QVERIFY2(grid, grid ? "" : grid.error().message().c_str());
        // One beat leads in; the others lie where they were, to the microsecond, also at the end.
        QCOMPARE(grid->last_beat(), project.grid->last_beat());
        for (auto beat = project.grid->first_beat(); beat <= project.grid->last_beat(); ++beat) {
            const Ticks tick(beat * ticks_per_beat);
            QVERIFY(std::abs((grid->time_at(tick) - project.grid->time_at(tick)).value) < 2e-6);
            if (beat >= 0)
                QCOMPARE(grid->position_of(tick), project.grid->position_of(tick));
        }
        QVERIFY(std::abs(grid->beats().front().time.value) < 1e-9);
    }

    // As another program reads them: midicsv from Debian.
    void tempo_maps_are_read_by_others() {
        QTemporaryDir dir;
        const Project project = lively_project();
        const auto path = dir.filePath("map.mid");
        QVERIFY(export_project(project, *exporter("midi"), path.toStdString()));
        QProcess midicsv;
        midicsv.start("midicsv", {path});
        QVERIFY(midicsv.waitForFinished(10'000));
        QCOMPARE(midicsv.exitCode(), 0);
        double time = 0, tempo = 500'000;
        long before = 0;
        std::vector<double> tempo_times;
        bool marker = false;
        int metres = 0;
        for (const auto& line : midicsv.readAllStandardOutput().split('\n')) {
            const auto cells = line.split(',');
            if (cells.size() < 3)
                continue;
            const auto what = cells[2].trimmed();
            const long tick = cells[1].toLong();
            time += static_cast<double>(tick - before) / 960 * tempo * 1e-6;
            before = tick;
            if (what == "Tempo") {
                tempo = cells[3].toDouble();
                tempo_times.push_back(time);
            }
            metres += what == "Time_signature";
            marker = marker || (what == "Marker_t" && line.contains("launch") &&
                                std::abs(time - project.grid->time_at(Ticks(16 * 960 + 480)).value) < 0.001);
        }
        QVERIFY(marker);
        QCOMPARE(metres, 4 + 1); // the lead-in, the beats before bar 1, and three changes
        QCOMPARE(tempo_times.size(), project.grid->beats().size());
        for (std::size_t i = 1; i < tempo_times.size(); ++i)
            QVERIFY(std::abs(tempo_times[i] - project.grid->beats()[i - 1].time.value) < 2e-6);
    }

    // Worked by hand from the Standard MIDI Files specification: 96 ticks a quarter, 120 then 60 BPM, 6/8.
    void a_tempo_map_by_hand() {
        const QByteArray track = QByteArray::fromHex("00ff580406032408" // 6/8
                                                     "00ff510307a120"   // 500 000
                                                     "8140ff51030f4240" // at tick 192: 1 000 000
                                                     "00904040"         // a note,
                                                     "604000"           // in running status
                                                     "00ff2f00");
        QByteArray bytes = QByteArray::fromHex("4d546864000000060001000100604d54726b");
        for (int shift = 24; shift >= 0; shift -= 8)
            bytes.append(static_cast<char>((track.size() >> shift) & 0xff));
        bytes += track;
        const auto grid = read_midi_tempo_map({bytes.constData(), static_cast<std::size_t>(bytes.size())});
        QVERIFY2(grid, grid ? "" : grid.error().message().c_str());
        QCOMPARE(grid->metre_at(Ticks(0)), (Metre{6, 8}));
        const double expected[] = {0, 0.25, 0.5, 0.75, 1.0, 1.5, 2.0};
        QCOMPARE(grid->beats().size(), std::size(expected));
        for (std::size_t i = 0; i < std::size(expected); ++i)
            QVERIFY(std::abs(grid->beats()[i].time.value - expected[i]) < 1e-9);
    }

    void jams_comes_back() {
        Project project = lively_project();
        Detection detection;
        detection.grid = *project.grid;
        detection.rows.resize(1);
        detection.rows[0].name = "onsets";
        detection.rows[0].onsets = {{Seconds(1), 0.5f}};
        detection.sections = {{Seconds(0), Seconds(20), "A", false, 1}};
        project = with_detection(project, detection, false);
        const auto text = write_jams(project);
        QVERIFY(text);
        const auto j = nlohmann::json::parse(*text);
        // What the JAMS schema asks for: annotations with namespace, data and metadata; file_metadata with a
        // duration.
        QVERIFY(j.contains("file_metadata") && j["file_metadata"]["duration"].is_number() &&
                j.contains("sandbox"));
        for (const auto& annotation : j["annotations"]) {
            QVERIFY(annotation["namespace"].is_string() && annotation.contains("annotation_metadata"));
            for (const auto& item : annotation["data"])
                QVERIFY(item["time"].is_number() && item["duration"].is_number() && item.contains("value") &&
                        item.contains("confidence"));
        }
        QCOMPARE(j["annotations"].size(), std::size_t{5});
        const auto grid = read_jams(*text);
        QVERIFY(grid);
        QVERIFY(worst_difference(*project.grid, *grid) < 1e-9);
        QCOMPARE(grid->metres(), project.grid->metres());
    }

    void bad_files_change_nothing_and_say_so_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QByteArray>("content");
        QTest::newRow("no MIDI file") << "a.mid" << QByteArray("hello");
        QTest::newRow("cut MIDI file")
            << "a.mid" << QByteArray::fromHex("4d546864000000060000000100604d54726b000000ff00ff51");
        QTest::newRow("timecode") << "a.mid" << QByteArray::fromHex("4d54686400000006000000018028");
        QTest::newRow("no events") << "a.mid"
                                   << QByteArray::fromHex(
                                          "4d546864000000060000000100604d54726b0000000400ff2f00");
        QTest::newRow("no JSON") << "a.jams" << QByteArray("{");
        QTest::newRow("no beats in JAMS")
            << "a.jams" << QByteArray(R"({"annotations":[{"namespace":"onset","data":[]}]})");
        QTest::newRow("strange JAMS")
            << "a.jams" << QByteArray(R"({"annotations":[{"namespace":"beat","data":[{"x":1},{"y":2}]}]})");
        QTest::newRow("unknown kind") << "a.pdf" << QByteArray("1\n2\n");
        QTest::newRow("empty") << "a.txt" << QByteArray();
    }
    void bad_files_change_nothing_and_say_so() {
        QFETCH(QString, name);
        QFETCH(QByteArray, content);
        QTemporaryDir dir;
        QFile file(dir.filePath(name));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(content);
        file.close();
        const auto grid = import_grid(file.fileName().toStdString());
        QVERIFY(!grid);
        QVERIFY(QString::fromStdString(grid.error().message()).contains(name));
        QVERIFY(!grid.error().remedy.empty());
    }

    void random_bytes_never_hang() {
        std::mt19937 random(9);
        for (int turn = 0; turn < 2000; ++turn) {
            std::string bytes =
                turn % 2 == 0 ? *write_midi_tempo_map(Schedule(lively_project())) : std::string(200, 'x');
            for (int k = 0; k < 8; ++k)
                bytes[random() % bytes.size()] = static_cast<char>(random());
            // Each is read as a grid that can be used, or refused in words.
            const auto sound = [](const auto& read) {
                if (!read)
                    return !read.error().what.empty();
                const auto& beats = read->beats();
                return std::is_sorted(beats.begin(), beats.end(),
                                      [](const auto& a, const auto& b) { return a.time < b.time; }) &&
                       std::isfinite(read->time_at(Ticks(960)).value);
            };
            QVERIFY(sound(read_midi_tempo_map(bytes)));
            QVERIFY(sound(read_beat_list(bytes)));
            QVERIFY(sound(read_jams(bytes)));
        }
    }
};

PULSEPIN_TEST_CLASS(TestGridFiles, "test_grid_files")
#include "test_grid_files.moc"
