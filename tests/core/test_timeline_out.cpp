// SPDX-License-Identifier: GPL-3.0-or-later
//
// Timelines for editing programs, read with the format's own library (opentimelineio 0.18.1, from Python's
// index), which knows nothing of us.
#include "interchange/export_all.h"
#include "interchange/exporters.h"
#include "interchange/otio.h"
#include "kinds/kinds.h"
#include "model/edits.h"
#include "model/lane_edits.h"
#include "model/pin_edits.h"
#include "support/projects.h"
#include "support/test_program.h"

#include <QProcess>
#include <QTemporaryDir>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Pin pin_at(double seconds, const PinBody& body) {
    return {{}, TimeAnchor{Seconds(seconds)}, body, {}};
}

/// What the library found, a line each; none: it is not to be had here.
std::optional<QStringList> read_by_library(const std::string& text,
                                           const char* reader_of_ours = "read_timeline.py",
                                           const char* ending = "otio", const QStringList& more = {}) {
    QTemporaryDir dir;
    const QString file = dir.filePath(QString("t.") + ending);
    QFile out(file);
    if (!out.open(QIODevice::WriteOnly))
        return QStringList{"cannot write"};
    out.write(text.data(), static_cast<qint64>(text.size()));
    out.close();
    QProcess reader;
    reader.setProcessChannelMode(QProcess::MergedChannels);
    reader.start(PULSEPIN_TESTS "/support/with-readers",
                 QStringList{PULSEPIN_BINARIES "/readers",
                             QString(PULSEPIN_TESTS "/support/") + reader_of_ours, file} +
                     more);
    reader.waitForFinished(300'000);
    if (reader.exitCode() == 77)
        return std::nullopt;
    return QString::fromUtf8(reader.readAll()).split('\n', Qt::SkipEmptyParts);
}

#define READ(lines, text)                                                                                    \
    const auto lines##_read = read_by_library(text);                                                         \
    if (!lines##_read)                                                                                       \
        QSKIP("skipped: Python's package index is not reached, or python3-venv is missing");                 \
    const QStringList& lines = *lines##_read

} // namespace

class TestTimelineOut : public QObject {
    Q_OBJECT
private slots:
    void cuts_fades_speeds_and_slates() {
        Project project = steady_project(120, 0, 20); // at 24 frames a second
        const auto& bin = *project.bin;
        CutBody first{bin[0].id, Seconds(1)}, second{bin[1].id, Seconds(2)}, still{bin[2].id, Seconds(3)},
            slate{};
        second.fade = Frames(5);
        second.speed = -50;
        still.speed = 0;
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                             {pin_at(2, first), pin_at(5, second), pin_at(8, still), pin_at(10, slate)});
        const auto text = exporter("otio")->write(project);
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        READ(lines, *text);
        const auto url = [&](std::size_t i) { return QString::fromStdString(file_url(bin[i].path)); };
        const auto all_of = [&](std::size_t i) { return QString::number(bin[i].duration.value * 24); };
        const auto name = [&](std::size_t i) { return QString::fromStdString(bin[i].name); };
        const qsizetype at = lines.indexOf(QRegularExpression("^track .* Video .*"));
        QVERIFY2(at >= 0, qPrintable(lines.join('\n')));
        QCOMPARE(
            lines.mid(at + 1, 6),
            (QStringList{
                "gap  0 0 48", "clip " + name(0) + " 48 24 72 ExternalReference " + url(0) + " " + all_of(0),
                "transition SMPTE_Dissolve 2 3",
                "clip " + name(1) + " 120 48 72 LinearTimeWarp -0.5 ExternalReference " + url(1) + " " +
                    all_of(1),
                "clip " + name(2) + " 192 72 48 FreezeFrame 0 ExternalReference " + url(2) + " " + all_of(2),
                "clip slate 4 240 0 240 MissingReference "}));
        QVERIFY(lines.first().endsWith(" 24.0"));
    }

    // Edit lists are read by pycmx 1.5.1 and by OpenTimelineIO's own adapter for them (otio-cmx3600-adapter
    // 1.0.0): reels, times on both sides, dissolves, speeds, names.
    void edit_lists_are_read_by_two_libraries() {
        Project project = steady_project(120, 0, 20);
        const auto& bin = *project.bin;
        CutBody first{bin[0].id, Seconds(1)}, fading{bin[1].id, Seconds(2)}, slow{bin[2].id, Seconds(3)};
        fading.fade = Frames(8);
        slow.speed = 50;
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                             {pin_at(2, first), pin_at(5, fading), pin_at(8, slow), pin_at(12, first)});
        const auto text = exporter("edl")->write(
            ExportMaterial(Curves{Schedule(project)}, {{"start", std::string("01:00:00:00")}}));
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        const auto read = read_by_library(*text, "read_edit_list.py", "edl", {"24"});
        if (!read)
            QSKIP("skipped: Python's package index is not reached, or python3-venv is missing");
        const auto is_there = [&](const QString& line) {
            return std::ranges::any_of(*read, [&](const QString& one) { return one.simplified() == line; });
        };
        for (const QString line :
             {"edit 2 V C 00:00:01:00 00:00:03:20 01:00:02:00 01:00:04:20 spool",
              "edit 3 V D 008 00:00:01:20 00:00:05:00 01:00:04:20 01:00:08:00 launch",
              "edit 4 V C 00:00:03:00 00:00:05:00 01:00:08:00 01:00:12:00 tail", "transition 8",
              "clip Video spool 24 68", "clip Video tail 72 96 0.5", "clip Audio song 0 480"})
            QVERIFY2(is_there(line), qPrintable(line + " is not in\n" + read->join('\n')));
    }

    // What does not fit into one list goes on in the next, and each lane of cuts has lists of its own.
    void lists_of_999_events() {
        Project project = steady_project(120, 0, 1500);
        const LaneId lane = lane_of_kind(project, kind_of(body_type<CutBody>));
        std::vector<Pin> cuts;
        for (int i = 0; i < 1200; ++i)
            cuts.push_back(pin_at(i, CutBody{project.bin->front().id, Seconds(0)}));
        project = *with_pins(project, lane, cuts);
        project = with_lane(project, kind_of(body_type<CutBody>), "Other");
        project =
            *with_pins(project, project.lanes.back()->id, {pin_at(1, CutBody{project.bin->front().id, {}})});
        const ExportMaterial material(project);
        const auto parts = exporter("edl")->parts(material);
        QStringList ends;
        for (const auto& part : parts)
            ends << QString::fromStdString(part.name_ends);
        QCOMPARE(ends, (QStringList{"", "-part-2", "-lane-2"}));
        const auto first = exporter("edl")->write(material),
                   second = exporter("edl")->write(ExportMaterial(material.curves, parts[1].values));
        QVERIFY(first && second);
        const auto numbers = [](const std::string& text) {
            QStringList all;
            for (const auto& line : QString::fromStdString(text).split('\n'))
                if (!line.isEmpty() && line[0].isDigit())
                    all << line.left(3);
            return all;
        };
        QCOMPARE(numbers(*first).size(), 999);
        QCOMPARE(numbers(*first).last(), QString("999"));
        QCOMPARE(numbers(*second).first(), QString("001"));
        QCOMPARE(numbers(*second).size(), 1200 + 1 - 999); // and the song
        QVERIFY(!exporter("edl")->write(ExportMaterial(material.curves, {{"file", 3.0}})));
        QVERIFY(told_of_losses(material, *exporter("edl")).find("a list holds 999") != std::string::npos);
    }

    // Drop-frame or not, from where it is told; clips without handles are named.
    void edit_lists_begin_where_they_are_told() {
        Project project = steady_project(120, 0, 20, "29.97");
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                             {pin_at(0, CutBody{project.bin->front().id, Seconds(0)})});
        const auto with = [&](ParamValues values) {
            const auto text =
                exporter("edl")->write(ExportMaterial(Curves{Schedule(project)}, std::move(values)));
            return text ? QString::fromStdString(*text) : QString::fromStdString(text.error().message());
        };
        QVERIFY(with({}).contains("FCM: DROP FRAME") && with({}).contains(" 00:00:00;00 00:00:19;29"));
        const auto late = with({{"start", std::string("01:00:00:00")}, {"count", std::string("non-drop")}});
        QVERIFY2(late.contains("FCM: NON-DROP FRAME") && late.contains(" 01:00:00:00 01:00:19:29"),
                 qPrintable(late));
        QVERIFY(with({{"start", std::string("soon")}}).contains("is no timecode"));
        QVERIFY(with({{"handles", 12.0}}).contains("HAS NO 12 FRAMES"));
        project = steady_project(120, 0, 20, "25");
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                             {pin_at(0, CutBody{project.bin->front().id, Seconds(0)})});
        QVERIFY(with({{"count", std::string("drop")}}).contains("does not exist at this frame rate"));
    }

    // At rates that are no whole numbers values stay whole and the rate is the exact fraction.
    void rates_are_exact() {
        for (const auto& [rate, told] :
             {std::pair("23.976", 24000.0 / 1001), std::pair("29.97", 30000.0 / 1001), std::pair("25", 25.0),
              std::pair("60", 60.0)}) {
            Project project = steady_project(120, 0, 30, rate);
            const CutBody cut{project.bin->front().id, Seconds(0)};
            project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                                 {pin_at(0, cut), pin_at(10, cut), pin_at(20.02, cut)});
            READ(lines, *exporter("otio")->write(project));
            const double found = lines.first().split(' ').last().toDouble();
            QVERIFY2(std::abs(found - told) < 1e-9, qPrintable(lines.first()));
            for (const auto& line : lines.filter(QRegularExpression("^clip .*ExternalReference.*webm")))
                QVERIFY2(!line.section(' ', 2, 2).contains('.'), qPrintable(line));
        }
    }

    void song_sounds_and_markers() {
        Project project = steady_project(120, 0, 20);
        auto song = *project.song;
        song.path = "/music/a song & <more>.opus";
        song.title = "A song";
        project.song = std::make_shared<const Song>(song);
        project = with_lane(project, kind_of(body_type<SoundBody>), "Noises");
        SoundBody sound;
        sound.sound = project.bin->front().id;
        sound.length = Seconds(4);
        sound.in_point = Seconds(0.5);
        SoundBody quiet = sound;
        quiet.gain_db = -6;
        quiet.fade_in = Seconds(0.5);
        project =
            *with_pins(project, lane_of_kind(project, kind_of(body_type<SoundBody>)),
                       {pin_at(2, sound), pin_at(4, quiet), pin_at(8, sound)}); // the second over the first
        MarkerBody drop{"the <drop>", "all \"in\"", 3, 0, {Length::Unit::InBeats, 2}};
        project =
            *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)), {pin_at(6, drop)});
        const auto text = exporter("otio")->write(project);
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        QVERIFY(text->find("\"gain_db\": -6.0") != std::string::npos);
        READ(lines, *text);
        QVERIFY2(lines.contains("marker the <drop> GREEN 144 24 all \"in\""), qPrintable(lines.join('\n')));
        QVERIFY(lines.contains("track A song Audio 480"));
        QVERIFY2(lines.contains(
                     "clip A song 0 0 480 ExternalReference file:///music/a%20song%20%26%20%3Cmore%3E.opus "
                     "480"),
                 qPrintable(lines.join('\n')));
        QCOMPARE(lines.filter(QRegularExpression("^track Noises Audio")).size(), 2);
        const auto starts = lines.filter(QRegularExpression(
            "^clip " + QRegularExpression::escape(QString::fromStdString(project.bin->front().name)) + " "));
        QCOMPARE(starts.size(), 3);
        QVERIFY2(starts[0].contains(" 48 12 96 "), qPrintable(starts[0]));
        QVERIFY2(starts[1].contains(" 192 12 96 "), qPrintable(starts[1])); // free again on the first track
        QVERIFY2(starts[2].contains(" 96 12 96 "), qPrintable(starts[2]));
    }

    void what_is_lost_is_counted() {
        Project project = steady_project(120, 0, 20);
        CutBody cut{project.bin->front().id, Seconds(0)}, wipe = cut;
        cut.framing.scale = 150;
        wipe.fade = Frames(6);
        wipe.change = CutBody::Change::Wipe;
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<CutBody>)),
                             {pin_at(0, cut), pin_at(4, wipe), pin_at(8, cut)});
        const auto losses = otio_losses(project);
        const auto says = [&](const char* what) {
            return std::ranges::any_of(losses, [&](const auto& one) { return one.find(what) == 0; });
        };
        QVERIFY(says("how 2 shots lie"));
        QVERIFY(says("one wipe or rush"));
        QVERIFY(!says("gain"));
    }

    void urls_of_files() {
        QCOMPARE(file_url("/a/b c/ä%.webm"), std::string("file:///a/b%20c/%C3%A4%25.webm"));
        QCOMPARE(file_url("/$(x)/'\"`;#?.mov"), std::string("file:///%24%28x%29/%27%22%60%3B%23%3F.mov"));
    }

    void all_formats_given_up_leave_nothing() {
        QTemporaryDir dir;
        const std::filesystem::path folder = dir.filePath("out").toStdString();
        std::stop_source given;
        Progress progress;
        progress.stop = given.get_token();
        progress.report = [&](double share) {
            if (share > 0.8) // in the midst of them
                given.request_stop();
        };
        const auto given_up = export_all(Curves{Schedule(steady_project(120, 0, 20))}, false, {}, folder,
                                         "piece", false, progress);
        QVERIFY(!given_up && given_up.error().cancelled());
        QVERIFY(given.stop_requested() && !std::filesystem::exists(folder));
        // Let go on, it is there; a folder in no folder is refused by name.
        QVERIFY(export_all(Curves{Schedule(steady_project(120, 0, 20))}, false, {}, folder, "piece", false));
        QVERIFY(std::filesystem::exists(folder / "piece.otio"));
        const auto lost = export_all(Curves{Schedule(steady_project(120, 0, 20))}, false, {},
                                     folder / "no/such", "piece", false);
        QVERIFY(!lost && lost.error().message().find("no/such") != std::string::npos);
    }

    void nothing_to_write_says_so() {
        Project project = steady_project(120, 0, 20);
        project.song = nullptr;
        const auto text = exporter("otio")->write(project);
        QVERIFY(!text && text.error().message().find("nothing to write") != std::string::npos);
    }
};

PULSEPIN_TEST_CLASS(TestTimelineOut, "test_timeline_out")
#include "test_timeline_out.moc"
