// SPDX-License-Identifier: GPL-3.0-or-later
#include "interchange/exporters.h"
#include "kinds/kinds.h"
#include "schedule/place.h"
#include "support/projects.h"
#include "support/test_program.h"
#include "time/timecode.h"

#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>

using namespace pulsepin;
using namespace pulsepin::test;

namespace {

Project with_cuts(Project project, int every_nth, MusicalPosition from, MusicalPosition until) {
    const Picker picker{"beats",
                        project.grid->ticks_of(from),
                        project.grid->ticks_of(until),
                        {{"every-nth", {{"n", static_cast<double>(every_nth)}, {"offset", 0.0}}}}};
    return place(project, lane_of_kind(project, kind_of(body_type<CutBody>)), picker)->project;
}

struct Event {
    int number;
    QString reel, source_in, source_out, record_in, record_out;
    QStringList comments;
};

/// A strict reader of the CMX 3600 style, written from its description: title, frame code mode, then events
/// of fixed columns, each followed by its comments. Anything else is an error.
std::vector<Event> read_edl(const QString& text, bool& drop, QString& error) {
    static const QRegularExpression line_of_event(
        R"(^(\d{3,4})  ([A-Z0-9]{1,8}) +(?:V |A\d*) {2,5}C        (\d\d:\d\d:\d\d[:;]\d\d) (\d\d:\d\d:\d\d[:;]\d\d) (\d\d:\d\d:\d\d[:;]\d\d) (\d\d:\d\d:\d\d[:;]\d\d)$)");
    std::vector<Event> events;
    bool sounds = false;
    const auto lines = text.split('\n');
    if (!lines.value(0).startsWith("TITLE: ") || !lines.value(1).startsWith("FCM: ") || lines.last() != "") {
        error = "the heading or the last line is wrong";
        return events;
    }
    drop = lines[1] == "FCM: DROP FRAME";
    if (!drop && lines[1] != "FCM: NON-DROP FRAME")
        error = "the frame code mode is wrong";
    for (qsizetype i = 2; i + 1 < lines.size(); ++i) {
        const auto match = line_of_event.match(lines[i]);
        const bool sound = lines[i].mid(14, 1) == "A";
        if (match.hasMatch() && sound)
            sounds = true; // those of sound come last
        else if (match.hasMatch())
            events.push_back({match.captured(1).toInt(),
                              match.captured(2),
                              match.captured(3),
                              match.captured(4),
                              match.captured(5),
                              match.captured(6),
                              {}});
        else if (lines[i].startsWith("* ") && !events.empty() && !sounds)
            events.back().comments << lines[i];
        else if (lines[i].startsWith("* ") && sounds)
            continue;
        else
            error = "cannot read: " + lines[i];
    }
    return events;
}

} // namespace

class TestExports : public QObject {
    Q_OBJECT
private slots:
    // Worked by hand. 120 beats a minute at 24 frames: 12 frames a beat (film click tables: "12-0 is 120").
    // Every 2nd beat from 2.1 (2 s): cuts at frames 48, 72, 96, 120, so record times 2:00, 3:00, 4:00, 5:00.
    void edl_at_24_frames() {
        const auto project = with_cuts(steady_project(120, 0, 10), 2, {2, 1, 0}, {4, 1, 0});
        const auto text = write_edl(project);
        QVERIFY(text.has_value());
        bool drop = true;
        QString error;
        const auto events = read_edl(QString::fromStdString(*text), drop, error);
        QVERIFY2(error.isEmpty(), qPrintable(error));
        QVERIFY(!drop);
        QCOMPARE(events.size(), std::size_t{5});
        QCOMPARE(events[0].reel, "BL"); // nothing is seen before the first cut
        QCOMPARE(events[0].record_out, "00:00:02:00");
        QCOMPARE(events[1].reel, "SPOOL");
        QCOMPARE(events[1].record_in, "00:00:02:00");
        QCOMPARE(events[1].record_out, "00:00:03:00");
        QCOMPARE(events[1].source_in, "00:00:00:00");
        QCOMPARE(events[1].source_out, "00:00:01:00");
        QCOMPARE(events[1].comments.first(), "* FROM CLIP NAME: spool");
        QCOMPARE(events[4].record_in, "00:00:05:00");
        QCOMPARE(events[4].record_out, "00:00:10:00");
        for (std::size_t i = 0; i < events.size(); ++i)
            QCOMPARE(events[i].number, static_cast<int>(i) + 1);
    }

    // Worked by hand with SMPTE ST 12-1: at 30000/1001 frames a second the cut at 60 s falls on frame
    // 60 * 29.97003 = 1798.2, so 1798 = 00:00:59;28. The cut at 120 s: 3596.4, so 3596. The first minute
    // holds 1800 numbers and the next 1798; 3596 is number 1796 from 00:01:00;02, which is 00:01:59;28.
    void edl_with_drop_frame() {
        auto project = steady_project(60, 0, 200, "29.97");
        const auto lane = lane_of_kind(project, kind_of(body_type<CutBody>));
        for (const double at : {60.0, 120.0})
            project =
                *with_pins(project, lane,
                           {{{}, TimeAnchor{Seconds(at)}, CutBody{(*project.bin)[0].id, Seconds(1)}, {}}});
        bool drop = false;
        QString error;
        const auto events = read_edl(QString::fromStdString(*write_edl(project)), drop, error);
        QVERIFY2(error.isEmpty(), qPrintable(error));
        QVERIFY(drop);
        QCOMPARE(events[1].record_in, "00:00:59;28");
        QCOMPARE(events[2].record_in, "00:01:59;28");
        QCOMPARE(events[1].source_in, "00:00:00;29"); // which is seen a second after the clip's beginning
        // Lengths agree on both sides of each event.
        const auto rate = project.settings->frame_rate;
        for (const auto& e : events) {
            const auto frames = [&](const QString& t) {
                return parse_timecode(t.toStdString(), rate)->value;
            };
            QCOMPARE(frames(e.source_out) - frames(e.source_in), frames(e.record_out) - frames(e.record_in));
        }
    }

    void edl_names_cannot_break_it() {
        auto project = steady_project(120, 0, 20);
        Settings settings = *project.settings;
        settings.title = "two\nlines";
        project = with_settings(project, settings);
        project.bin = std::make_shared<const std::vector<Clip>>();
        project = with_clips(project, {{{}, "über\n001  AX", "/x/a.mov", Seconds(5), 1, 1},
                                       {{}, "über 001 AX", "/x/b.mov", Seconds(5), 1, 1},
                                       {{}, "日本", "/x/c.mov", Seconds(5), 1, 1}});
        project = with_cuts(project, 4, {1, 1, 0}, {4, 1, 0});
        bool drop = false;
        QString error;
        const auto events = read_edl(QString::fromStdString(*write_edl(project)), drop, error);
        QVERIFY2(error.isEmpty(), qPrintable(error));
        QCOMPARE(events.size(), std::size_t{3});
        QVERIFY(events[0].reel != events[1].reel && events[1].reel != events[2].reel);
    }

    void markers_as_a_table() {
        auto project = steady_project(118, 0.4, 60);
        project = *with_pins(project, lane_of_kind(project, kind_of(body_type<MarkerBody>)),
                             {{{},
                               MusicalAnchor{project.grid->ticks_of({2, 1, 0})},
                               MarkerBody{"drop, \"all\" in", "a\nb"},
                               {}}});
        const auto text = QString::fromStdString(*write_marker_csv(project));
        // Bar 2 lies at 0.4 + 4 * 60/118 = 2.433898 s: frame 58.41, so 58 = 2:10, and 17.2 ms early.
        QCOMPARE(text,
                 "name,note,bar.beat,seconds,frame,timecode,rounding error ms,colour,symbol,lasts\r\n"
                 "\"drop, \"\"all\"\" in\",\"a\nb\",2.1,2.433898,58,00:00:02:10,-17.232,plum,plain,\r\n");
    }

    void triggers_as_a_table() {
        auto project = with_lane(steady_project(120, 0, 60), kind_of(body_type<TriggerBody>), "Flash, big");
        TriggerBody body{"flash", {Length::Unit::InBeats, 1}, 80, {0xff8000}, {0x000010}, 1};
        TriggerBody muted = body;
        Pin quiet{{}, MusicalAnchor{Ticks(9600)}, muted, {}};
        quiet.muted = true;
        project = *with_pins(project, project.lanes.back()->id,
                             {{{}, MusicalAnchor{project.grid->ticks_of({2, 1, 0})}, body, {}}, quiet});
        QCOMPARE(
            QString::fromStdString(*exporter("triggers-csv")->write(project)),
            QString(
                "lane,effect,row,bar.beat,seconds,first frame,end frame,strength %,colour from,"
                "colour to,name,place,on,acts\r\n"
                "\"Flash, big\",flash,2,2.1,2.000000,48,60,80,#ff8000,#000010,,2.1,camera,flash 0..80\r\n"));
    }

    // All kinds of lanes together, in the order in which they act, each with what it has.
    void a_cue_sheet_in_a_pattern_of_ones_own() {
        auto project = with_lane(steady_project(120, 0, 60), kind_of(body_type<TriggerBody>), "Flash");
        project = *with_pins(project, project.lanes.back()->id,
                             {{{},
                               MusicalAnchor{project.grid->ticks_of({2, 1, 0})},
                               TriggerBody{"flash", {Length::Unit::InBeats, 1}, 80},
                               {}}});
        const auto markers = lane_of_kind(project, kind_of(body_type<MarkerBody>));
        project = *with_pins(
            project, markers,
            {{{}, MusicalAnchor{project.grid->ticks_of({3, 1, 0})}, MarkerBody{"=1+1", "a\nb"}, {}},
             {{}, MusicalAnchor{project.grid->ticks_of({1, 3, 0})}, MarkerBody{"in", ""}, {}}});
        const auto written = [&](ParamValues values) {
            return exporter("cues")->write(ExportMaterial(Curves{Schedule(project)}, std::move(values)));
        };
        const auto text = written({{"pattern", "{frame} {end} {bar} {what} {name}: {strength}{note}"}});
        QVERIFY2(text.has_value(), text ? "" : text.error().message().c_str());
        QCOMPARE(QString::fromStdString(*text), QString("24  1.3 marker in: \n"
                                                        "48 60 2.1 trigger flash: 80\n"
                                                        "96  3.1 marker =1+1: a / b\n"));
        // In cells nothing runs; kinds are chosen; a tab is typed as it is read.
        QCOMPARE(*written({{"pattern", "{timecode}\\t{name}"}, {"kinds", "markers"}}),
                 std::string("00:00:01:00\tin\n00:00:04:00\t'=1+1\n"));
        const auto unknown = written({{"pattern", "{no-such}"}});
        QVERIFY(!unknown && unknown.error().message().find("{timecode}") != std::string::npos);
        QVERIFY(!written({{"pattern", "{frame"}}));
        QVERIFY(!written({{"kinds", "no such kind"}}));
        QVERIFY(!written({{"kinds", "words"}})); // there are none
        QVERIFY(written({}).has_value());        // as it is by itself
    }

    // Read back by ffprobe, which knows nothing of us.
    void chapters_are_read_by_ffprobe() {
        const auto project = with_cuts(steady_project(120, 0, 10), 4, {1, 1, 0}, {6, 1, 0});
        QTemporaryDir dir;
        const QString file = dir.filePath("c.vtt");
        QVERIFY(export_project(project, *exporter("vtt"), file.toStdString()).has_value());
        QProcess probe;
        probe.start("ffprobe", {"-v", "error", "-f", "webvtt", "-show_entries",
                                "packet=pts_time,duration_time", "-of", "csv=p=0", file});
        QVERIFY(probe.waitForFinished() && probe.exitCode() == 0);
        auto cues = QString(probe.readAllStandardOutput()).split('\n').filter(QRegularExpression("^[0-9]"));
        for (auto& cue : cues)
            cue.remove(QRegularExpression(",$"));
        QCOMPARE(cues, (QStringList{"0.000000,2.000000", "2.000000,2.000000", "4.000000,2.000000",
                                    "6.000000,2.000000", "8.000000,2.000000"}));
        QProcess convert;
        convert.start("ffmpeg", {"-v", "error", "-i", file, "-f", "srt", "-"});
        QVERIFY(convert.waitForFinished() && convert.exitCode() == 0);
        QVERIFY(convert.readAllStandardOutput().contains("landing") == false && project.bin->size() == 6);
    }

    void chapter_names_are_escaped() {
        auto project = steady_project(120, 0, 10);
        project.bin = std::make_shared<const std::vector<Clip>>();
        project = with_clips(project, {{{}, "a --> <b> & c", "/x/a.mov", Seconds(20), 1, 1}});
        project = with_cuts(project, 4, {1, 1, 0}, {2, 1, 0});
        const auto text = QString::fromStdString(*write_chapters_vtt(project));
        QVERIFY(text.startsWith("WEBVTT\n"));
        QVERIFY(text.contains("a --&gt; &lt;b&gt; &amp; c"));
        QCOMPARE(text.count("-->"), 1);
    }

    void nothing_to_write_says_so_and_writes_nothing() {
        QTemporaryDir dir;
        for (const auto& row : exporters()) {
            const QString file = dir.filePath("x." + QString::fromStdString(std::string(row.extension)));
            // A song without beats, markers or cuts.
            Project nothing = steady_project();
            nothing.grid = nullptr;
            if (row.id == "otio" || row.id == "mlt") // a song by itself is a timeline
                nothing.song = nullptr;
            const auto done = export_project(nothing, row, file.toStdString());
            QVERIFY(!done && !done.error().message().empty());
            QVERIFY(!QFile::exists(file));
        }
        QVERIFY(!exporter("pdf"));
    }

private:
    static Result<std::string> write_edl(const Project& p) { return exporter("edl")->write(p); }
    static Result<std::string> write_marker_csv(const Project& p) { return exporter("csv")->write(p); }
    static Result<std::string> write_chapters_vtt(const Project& p) { return exporter("vtt")->write(p); }
};

PULSEPIN_TEST_CLASS(TestExports, "test_exports")
#include "test_exports.moc"
